"""What moves in the window: playing a time line from memory, and a growth that is let run, looked at and frozen."""

import shutil
import time

import platformdirs
from PyQt6.QtCore import QObject, QTimer, pyqtSignal

from ...core.engine.density import draft_voxel
from ...core.engine.films import TAKES, film_of_line
from ...core.engine.keys import key_of
from ...core.engine.stages import Stages, layers_of
from ...core.exchange.sequences import mound_at
from ...core.growth.films import at_hand, clouds_of_frame, film_of_growth, finer_for
from ...core.growth.frames import growth_written
from ...core.growth.growing import foretold_growth, grown, same_growth
from ...core.growth.kept import KeptGrowth, key_of_growth
from ...core.growth.published import growth_published
from ...core.growth.riding import frozen_mound, refined
from ...core.growth.source import growth_for
from ...core.light.lattices.coarse import QUICK
from ...core.light.picture.looks import looked, metered_as
from ...core.light.picture.radiance import radiance_of
from ...core.light.scene.camera import camera_of
from ...core.problems import Problem
from ...core.recipe.camera_path import seen_from, view_at
from ...core.recipe.time import TimeLine
from ...core.recipe.timing import turn_of_line
from ...core.ticket import one_by_one
from ..dialogs.asking import asking
from ..dialogs.picture_dialog import PictureDialog
from ..fields.lengths import length
from ..words import tr
from ..work.relay import Relay
from .flying import Recording

RATE = 24.0
"""Frames a second of a growth whose mound has no time line."""
BETWEEN = 2.5
"""Seconds from one picture of a growth that runs to the next."""
KEPT_GROWTHS = 3
"""Folders of frames that stay on this machine."""
MADE = "Frames to be played"
"""What is made in the queue."""
MOST_PLAYED = 1_000_000_000
"""Bytes of pictures that are kept to be played."""
PLAYED, RESTING = 1, 3
"""Voxels along a cell of a growth that moves, and at the most of one that is looked at."""
COARSER = 2
"""Pixels of the screen along one of a frame that is played."""


class Moving(QObject):
    """Plays the time line, and looks after the growth.

    Parameters
    ----------
    services : Services

    Attributes
    ----------
    grown : KeptGrowth or None
        The growth that is looked at.
    shown : int
        Its frame that is seen.
    begins : (pathlib.Path, int) or None
        The growth, and its frame, from which the next one goes on.
    recording : Recording
        Makes a camera path of a flight.

    Signals
    -------
    changed()
        Another frame is kept or shown, playing began or ended.
    """

    changed = pyqtSignal()

    def __init__(self, services):
        super().__init__(services)
        self._services, self._relay, self._stages = services, Relay(), Stages()
        self.grown, self.shown, self._numbers, self.begins = None, 0, [], None
        self._pictures, self._key, self._exposed = {}, None, None
        self._timer = QTimer(self)
        self._timer.timeout.connect(self._next)
        self._making, self.recording, self._told_last, self._asked = None, Recording(services), 0, 0.0
        services.document.changed.connect(self._edited)

    def _edited(self, moving):
        """The mound is another: what was played is old, and perhaps the growth as well."""
        if self.playing:
            self._timer.stop()
        mound = self._services.document.mound
        if mound.growth is None:
            self.begins = None
        if self.grown is not None and not moving and (mound.growth is None or self.folder() != self.grown.folder):
            self.let_go()

    # -- the line -------------------------------------------------------------------------------

    @property
    def playing(self):
        """Whether frames go by: bool."""
        return self._timer.isActive()

    @property
    def line(self):
        """The time line, or one of the growth that is looked at: TimeLine or None."""
        if self.grown is not None and self._numbers:
            return TimeLine(first=self._numbers[0], last=max(self._numbers[-1], self._numbers[0]), rate=self.grown.rate, loop=True)
        return self._services.document.mound.time

    @property
    def frame(self):
        """Frame that is seen: int."""
        return self.shown if self.grown is not None else self._services.document.frame

    @property
    def kept(self):
        """Frames that can be played at once: set of int."""
        return set(self._pictures) if self._key == self._key_now() else set()

    @property
    def growth_frames(self):
        """Frames of the growth that is looked at: list of int."""
        return list(self._numbers)

    def _key_now(self):
        services = self._services
        mound, size = services.document.mound, services.picture.pixel_size()
        which = str(self.grown.folder) if self.grown is not None else key_of(
            "moving", mound.mass, mound.grains, mound.steps, mound.patches, mound.skin, mound.voxels, mound.time, mound.keyed)
        seen = mound.path if mound.path and services.document.follows else mound.view
        return which, key_of("seen", mound.light, seen), size

    def go_to(self, frame, moving=False):
        """Show a frame.

        Parameters
        ----------
        frame : int
            Held within the line.
        moving : bool, optional
            The hand has not let go yet.
        """
        line = self.line
        if line is None:
            return
        frame = min(max(frame, line.first), line.last)
        if self.grown is None:
            self._services.document.go_to(frame, moving)
        elif frame != self.shown or not moving:
            self.shown = max((n for n in self._numbers if n <= frame), default=self._numbers[0])
            self._follow_path()
            self._services.looking.ask(moving)
        self.changed.emit()

    def _follow_path(self):
        """Look from where the camera path is at the frame of the growth that is seen."""
        document = self._services.document
        if document.mound.path and document.follows:
            document.look(view_at(document.mound.path, self.shown), True)

    def owns_the_view(self):
        """Whether what is looked at is the mound; else it is told that a camera path is of no use there.

        Returns
        -------
        bool
        """
        owns = self._services.station is None or self._services.station.document is self._services.document
        if not owns:
            self._services.tell(tr("A camera path is a mound's; of a flock keep views, and film from one to the next."))
        return owns

    def key_view(self):
        """Give the camera path a key at the frame that is seen: the view as it is."""
        if not self.owns_the_view():
            return
        if self.line is None:
            self._services.tell(tr("A key needs a frame: give the mound a time line (Ctrl+L), or let it grow."))
        else:
            self._services.document.key_view(self.frame)

    def step(self, by):
        """Go on or back by some frames.

        Parameters
        ----------
        by : int
        """
        if self.line is not None:
            self.stop()
            self.go_to(turn_of_line(self.line, self.frame + by))

    def play(self):
        """Play from memory; frames that are not there yet are made first, once. Again: stop."""
        if self.playing or self._making is not None:
            self.stop()
            return
        line = self.line
        if line is None:
            self._services.tell(tr("There is nothing to play: give the mound a time line (Ctrl+L), or let it grow."))
            return
        if self._key != self._key_now():
            self._pictures, self._key, self._exposed = {}, self._key_now(), None
        wanted = [n for n in (self._numbers if self.grown is not None else range(line.first, line.last + 1))
                  if n not in self._pictures]
        width, height = self._services.picture.pixel_size()
        most = MOST_PLAYED // (4 * -(-width // COARSER) * -(-height // COARSER))
        if len(wanted) > most:
            self._services.tell(tr("{:,} frames are more than can be kept to be played; shorten the line to {:,}.")
                                .format(len(wanted), most))
            return
        if wanted:
            self._make(wanted)
        else:
            self._timer.start(int(1000.0 / line.rate))
        self.changed.emit()

    def stop(self):
        """Stop playing, and making frames to be played."""
        jobs = self._services.jobs
        if self._making is not None:
            self._making = None
            if jobs.present is not None and jobs.present.name == MADE:
                jobs.stop()
            for piece in jobs.queue:  # it may wait behind other work, which is not ours to stop
                if piece.name == MADE:
                    jobs.take_out(piece)
        if self.playing:
            self._timer.stop()
            if self.grown is None:
                self._services.document.framed.emit(False)
            else:
                self._services.looking.ask(False)
        self.changed.emit()

    def _make(self, wanted):
        """Let frames be made in the background, and played once all are there."""
        services, token = self._services, object()
        self._making, keep = token, self._relay.to(self._keep)
        mound, size = services.document.mound, services.picture.pixel_size()
        grown_, stages = self.grown, self._stages
        if not services.document.follows:
            mound = mound.edited(path=())
        folder = services.document.folder
        first = mound if mound.time is None else mound_at(mound, mound.time.first, folder)
        voxel, light = draft_voxel(first), self._exposed

        def work(ticket):
            nonlocal light
            for number in one_by_one(wanted, lambda _, n: f"frame {n}", ticket):
                moved = seen_from(mound, number)
                if grown_ is None:
                    still = mound_at(moved, number, folder)
                    key = stages.density_key(still, voxel)
                    scene = stages.scene(still, stages.density(still, voxel, ticket.quiet(), remember=False), key)
                else:
                    scene = stages.scene_of(mound.light, moved.view, clouds_of_frame(grown_, number, mound.light.medium, PLAYED),
                                            stand_ins=mound.stand_ins)
                camera = camera_of(moved.view, *size)
                layers = layers_of(stages, scene, camera, stride=COARSER, fine=QUICK, ticket=ticket.quiet())
                seen = radiance_of(layers, scene, camera, stride=COARSER)
                # Exposed like the first, or it would flicker.
                light = metered_as(scene.light, seen) if light is None else light
                own = scene.light if not scene.light.metered else scene.light.edited(metered=False, exposure=light.exposure)
                keep(token, number, looked(seen, own), light)
                ticket.tick(1.0)

        services.jobs.begin(work, lambda _: None, MADE, lambda: self._over(token, wanted), passing=True)

    def _keep(self, token, number, pixels, light):
        if token is self._making:
            self._pictures[number], self._exposed = pixels, light
            self._services.picture.show_pixels(pixels, COARSER)
            self.changed.emit()

    def _over(self, token, wanted):
        """The frames are made, or will not be."""
        if token is self._making:
            self._making = None
            if self._pictures.keys() >= set(wanted):
                self.play()
            self.changed.emit()

    def _next(self):
        line = self.line
        if line is None or not self._pictures:
            self.stop()
            return
        there = sorted(self._pictures)
        after = [n for n in there if n > self.frame]
        number = after[0] if after else there[0]
        if self.grown is not None:
            self.shown = number
        else:
            self._services.document.go_to(number, unseen=True)
        self._services.picture.show_pixels(self._pictures[number], COARSER)
        self.changed.emit()

    # -- growth ---------------------------------------------------------------------------------

    def placed(self, moving):
        """What the picture shows instead of the mound: a frame of the growth; None where that is not looked at.

        Parameters
        ----------
        moving : bool
            The hand has not let go yet: then as many voxels as can be had at once.
        """
        if self.grown is None or not self._numbers:
            return None
        grown_, number, mound = self.grown, self.shown, self._services.document.mound
        detail = mound.growth.detail if mound.growth is not None else None

        def placed(camera, ticket, seconds=None):
            fine = PLAYED if moving else finer_for(grown_, camera, RESTING)
            whole = moving or seconds is None or at_hand(grown_, number, fine, detail)
            return clouds_of_frame(grown_, number, mound.light.medium, fine if whole else PLAYED, detail, ticket), False, whole

        return placed

    def bounds(self):
        """Box of the growth that is looked at, where its last frame holds any cloud: two ndarray of float64 in metres, or None."""
        if self.grown is None or not self._numbers:
            return None
        frame = self.grown.frame(self._numbers[-1])
        return frame.box if frame.cloud.any() else None

    def folder(self):
        """Where the growth of the present mound is kept: pathlib.Path."""
        mound = self._services.document.mound
        key = key_of_growth(mound, self.rate)
        if self.begins is not None:
            key = key_of("goes on", key, str(self.begins[0]), self.begins[1])
        return platformdirs.user_cache_path("softmound") / "growths" / key[:24]

    @property
    def rate(self):
        """Frames a second of a growth: float."""
        line = self._services.document.mound.time
        return line.rate if line is not None else RATE

    def foretold(self):
        """What the growth would take, in words; why it cannot, where it cannot: str."""
        mound = self._services.document.mound
        if mound.growth is None:
            return ""
        try:
            said = foretold_growth(mound, self.rate)
        except Problem as problem:
            return tr(problem.sentence)
        wide, high, deep = said["shape"]
        return tr("About {} × {} × {} cells of {} in the end, {} frames; {:.0f} s, {:.1f} GB of memory, {:.1f} GB on disk").format(
            wide, high, deep, length(said["cell"]), said["frames"], said["seconds"], said["memory_bytes"] / 1e9,
            said["disk_bytes"] / 1e9)

    def grow(self):
        """Let the mound grow, or go on where it was stopped; the newest frame is seen."""
        services = self._services
        if services.document.mound.growth is None:
            services.document.apply(tr("growth"), lambda mound: mound.edited(growth=growth_for(mound)))
        mound, folder, rate, begins = services.document.mound, self.folder(), self.rate, self.begins
        beside = services.document.folder
        told = self._relay.to(self._grew)

        def work(ticket):
            _sweep(folder, begins)
            if begins is None or (folder / "growth.json").exists():  # or go on where it was stopped
                same = same_growth(folder, mound, rate) is not None
                return grown(mound, folder, rate, going_on=same, ticket=ticket, told=told, beside=beside)
            return grown(mound, folder, rate, ticket=ticket, told=told, since=begins[1], of=begins[0],
                         beside=beside)

        services.jobs.begin(work, lambda kept: self._grew(kept.numbers()[-1], kept, True), "Growth")

    def _grew(self, number, kept, whole=False):
        # More frames may lie on the disk by now than have been told of.
        followed = (self._told_last, self._numbers[-1] if self._numbers else 0)
        newest = self.grown is None or self.shown in followed or self.grown.folder != kept.folder
        self.grown, self._numbers, self._told_last = kept, kept.numbers(), number
        if newest:
            self.shown = number
            # While it runs the next one comes before this could be refined, and pictures take time from it.
            if whole or time.monotonic() - self._asked > BETWEEN:
                self._asked = time.monotonic()
                self._services.looking.ask(not whole)
        self.changed.emit()

    def go_on_from_here(self):
        """Let the next growth go on from the frame that is seen, by whatever numbers it has then; again: from the start."""
        if self.begins is not None:
            self.begins = None
        elif self.grown is None or not self._numbers:
            self._services.tell(tr("Let it grow, and go to the frame from which it is to go on."))
            return
        else:
            self.begins = self.grown.folder, self.shown
            self._services.tell(
                tr("The next growth goes on from frame {}: change its numbers, then let it grow.").format(self.shown))
        self.let_go()
        self.changed.emit()

    def another_seed(self):
        """Let it grow with another seed; the growth before stays on this machine for a while."""
        document = self._services.document
        if document.mound.growth is not None:
            document.apply(tr("growth seed"), lambda mound: mound.edited(growth=mound.growth.edited(
                seed=(mound.growth.seed + 1) % 2**31)))
            self.grow()

    def look_at_growth(self):
        """Show the growth of the present mound that is kept, if there is one."""
        try:
            kept = KeptGrowth(self.folder())
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        self.grown, self._numbers = kept, kept.numbers()
        self.go_to(self._numbers[-1] if self._numbers else 0)

    def let_go(self):
        """Look at the mound itself again."""
        if self.grown is not None:
            self.stop()
            self.grown, self._numbers = None, []
            self._services.looking.ask(False)
            self.changed.emit()

    def freeze(self, finer=3):
        """Make the frame of the growth that is seen the form of the mound.

        Parameters
        ----------
        finer : int, optional
            Voxels along a cell.
        """
        if self.grown is None or not self._numbers:
            self._services.tell(tr("There is no frame to freeze: let the mound grow first."))
            return
        kept, number, mound = self.grown, self.shown, self._services.document.mound
        detail = (mound.growth or kept.mound.growth).detail

        def work(ticket):
            frame = kept.frame(number)
            return frozen_mound(mound, frame, refined(frame, finer, detail, ticket=ticket))

        def done(made):
            self.let_go()
            # What was changed meanwhile of its light and what is beside it stays; the shape is the frozen one.
            self._services.document.apply(tr("freeze"), lambda now: made.edited(
                name=now.name, light=now.light, view=now.view, views=now.views, references=now.references, snapshots=now.snapshots))

        self._services.jobs.begin(work, done, tr("Freeze frame {}").format(number))

    def take_film(self):
        """Ask how, and take a film of the line, or of the growth that is looked at, beside the work."""
        services, line = self._services, self.line
        if line is None:
            services.tell(tr("There is nothing to film: give the mound a time line (Ctrl+L), or let it grow."))
            return
        mound, kept, folder = services.document.mound, self.grown, services.document.folder
        if not services.document.follows:
            mound = mound.edited(path=())
        with asking(PictureDialog(mound, str(services.files.folder), False, services.over, TAKES, built=kept is None)) as dialog:
            if dialog.exec() != PictureDialog.DialogCode.Accepted:
                return
            path, taking, quick = dialog.path, dialog.taking(), dialog.grid == "draft"

        def work(ticket):
            if kept is not None:
                return film_of_growth(path, kept, mound.light, mound.view, taking, ticket=ticket, along=mound.path,
                                      stand_ins=mound.stand_ins)
            voxel = draft_voxel(mound_at(mound, line.first, folder)) if quick else None
            return film_of_line(path, mound, range(line.first, line.last + 1), taking, voxel, folder, ticket=ticket)

        services.jobs.begin(work, services.tell, tr("Film {}").format(path.name))

    def write(self, folder):
        """Write the frames of the growth as numbered OpenVDB files with velocity.

        Parameters
        ----------
        folder : path-like
        """
        kept = self.grown
        self._services.jobs.begin(
            lambda ticket: growth_written(kept, folder, True, ticket=ticket),
            lambda files: self._services.tell(tr("Written: {} frames in {}.").format(len(files), folder)),
            tr("Growth as OpenVDB"),
        )

    def publish(self):
        """Take the growth that is looked at into the library as a sequence, beside the work."""
        services, kept = self._services, self.grown
        if kept is None:
            services.tell(tr("There is no growth to publish: let the mound grow first."))
            return
        library = services.delivering.library
        services.jobs.begin(lambda ticket: growth_published(kept, library, ticket=ticket),
                            lambda folder: services.tell(tr("In the library: {}.").format(folder)), tr("Growth as an asset"))

    def end(self):
        """The window closes."""
        self._timer.stop()
        self._making = None
        self._relay.close()


def _sweep(folder, begins=None):
    """Remove the frames of growths not looked at for longest, but for the newest, this, and that from which it goes on."""
    stay = (folder, begins[0]) if begins is not None else (folder,)
    if folder.parent.is_dir():
        others = sorted((p for p in folder.parent.iterdir() if p.is_dir() and p not in stay),
                        key=lambda p: p.stat().st_mtime, reverse=True)
        for old in others[KEPT_GROWTHS - 1:]:
            shutil.rmtree(old, ignore_errors=True)
