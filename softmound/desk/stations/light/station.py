"""Light: sun, sky, what is below, lamps, medium and exposure; kept views and snapshots."""

import numpy as np
from PyQt6.QtWidgets import QInputDialog

from ....core.engine.density import bounds_of, span_of
from ....core.exchange.foreign import read_sky
from ....core.light.scene.situations import in_situation, with_floor
from ....core.recipe import Arrays, KeptView, Lamp
from ....core.recipe.places import changed, put, without
from ....core.standins.beside import cloud_box
from ....core.starts.looks_as import looking_as_large_as
from ...fields.figures import seconds
from ...shell.command import Command
from ...words import in_words, tr
from ..stand_ins import StandIns
from ..station import Station
from .mixer import MixerPage
from .settings import LightSettings
from .situation_tray import SituationTray
from .snapshots import Snapshots
from .tray import LightTray


class LightStation(Station):
    """The station.

    Attributes
    ----------
    lamp : int or None
        The chosen lamp.
    snapshots : Snapshots
    stand_ins : StandIns
        What hands do with those of the mound.
    """

    name, order = "Light", 40
    page = "stations/04_light"
    miniature = "light"
    dome = True
    commands = (Command("snapshot", "Keep a snapshot", "K", lambda s: s.keep_snapshot(), opens=True),)
    gestures = (("Drag on the dome", "Move the sun"), ("Drag a stand-in", "Move it over the ground; with Alt up and down"))

    def __init__(self, services):
        super().__init__(services)
        self.lamp, self._exposure = None, 0.0
        self.snapshots = Snapshots(self)
        self.stand_ins = StandIns(self, lambda: cloud_box(self.document.mound))
        self.hand = self.stand_ins.hand

    def make_tray(self):
        return LightTray(self, SituationTray(self), MixerPage(self))

    def make_settings(self):
        return LightSettings(self)

    def join(self):
        self.services.looking.shown.connect(self._shown)

    def follow(self, mound):
        if self.lamp is not None and self.lamp >= len(mound.light.lamps):
            self.lamp = None
        self.stand_ins.follow()
        self.snapshots.follow(mound)

    def end(self):
        job = self.snapshots.stop()
        if job is not None:
            job.wait()

    def show_mound(self, mound):
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def show_view(self, mound):
        self.show_mound(mound)

    def show_stand_ins(self):
        """Show which stand-in is chosen."""
        if self.laid_out:
            self.show_mound(self.document.keyed)
        self.services.picture.update()

    def _shown(self, answer):
        """Follow the light of the picture: the histogram, and how far True light has come."""
        if answer.radiance is not None:
            self._exposure = answer.exposure
            if self.is_open and not answer.request.moving:
                self.settings.histogram.show_scene(answer.radiance, answer.exposure)
        if np.isinf(answer.noise):
            self.services.tell(tr("True light: the first paths, eased with Draft light as a guide"))
        elif answer.noise > 0.0:
            left = f", about {seconds(answer.left)} left" if 0.5 < answer.left < np.inf else ", done" if answer.left == 0.0 else ""
            stated = answer.left == 0.0 and not answer.request.alone and answer.bias < np.inf
            bias = f", bias {100 * answer.bias:.1f} %" if stated else ""
            self.services.tell(tr("True light: {} paths a pixel, noise {:.1f} %{}{}")
                               .format(answer.passes, 100 * answer.noise, bias, left))

    def trace_alone(self, on):
        """Make True light of whole paths alone, or of gathered ones put right by them.

        Parameters
        ----------
        on : bool
        """
        self.services.looking.alone = on
        self.services.looking.ask(False)

    def denoise(self, on):
        """Take the noise that is left out of True light, or leave it.

        Parameters
        ----------
        on : bool
        """
        self.services.looking.denoise = on
        self.services.looking.ask(False)

    def meter(self, on):
        """Let the picture decide its exposure, or keep the one it has.

        Parameters
        ----------
        on : bool
        """
        self.edit_part("", tr("exposure by the picture"), metered=on, exposure=0.0 if on else round(self._exposure, 2))

    def lay_below(self, kind):
        """Lay sea, land or nothing below the cloud.

        Parameters
        ----------
        kind : str
        """
        self.document.apply(tr("sea or land below"), lambda mound: with_floor(mound, kind, bounds_of(mound)))

    def look_as_large_as(self, size, moving=False):
        """Give the cloud the optical depth of a natural one of some size.

        Parameters
        ----------
        size : float
            Metres.
        moving : bool, optional
        """
        span = span_of(self.document.mound)
        if span:
            self.document.apply(tr("looks as large as"), lambda mound: looking_as_large_as(mound, size, span), moving)

    def remove(self):
        """Remove the chosen stand-in or lamp."""
        if not self.stand_ins.remove() and self.lamp is not None:
            self.remove_lamp(self.lamp)

    def let_go(self):
        if self.snapshots.compared is not None:
            self.snapshots.end()
        elif self.stand_ins.chosen is not None:
            self.stand_ins.choose(None)
        elif self.lamp is not None:
            self.choose_lamp(self.lamp)

    # -- lamps ----------------------------------------------------------------------------------

    def choose_lamp(self, number):
        """Choose a lamp, or let go of the one that is chosen.

        Parameters
        ----------
        number : int
        """
        self.lamp = None if self.lamp == number else number
        self.show_mound(self.document.mound)

    def _add_lamp(self, lamp, undo_label):
        """Add a lamp that `lamp()` makes, and choose it."""
        number = len(self.document.mound.light.lamps)
        if self.document.apply(undo_label, lambda mound: put(mound, ("light", "lamps"), lambda lamps: (*lamps, lamp()))):
            self.lamp = number
            self.show_mound(self.document.mound)

    def add_lamp(self):
        """Add a lamp in the middle of the cloud."""
        mound = self.document.mound
        bounds = bounds_of(mound)
        place, span = ((0.0, 20.0, 0.0), 40.0) if bounds is None else (
            tuple(float(f"{c:.4g}") for c in (bounds[0] + bounds[1]) / 2), float((bounds[1] - bounds[0]).max()))
        number = len(mound.light.lamps)
        # Enough to be seen from inside by day.
        power = float(f"{2e4 * 4.0 * np.pi * (span / 4.0) ** 2:.2g}")
        self._add_lamp(lambda: Lamp(name=f"Lamp {number + 1}", place=place, radius=max(0.001, float(f"{span / 60:.2g}")),
                                    power=power), tr("add a lamp"))

    def edit_lamp(self, number, undo_label, moving=False, **changes):
        """Change a lamp.

        Parameters
        ----------
        number : int
        undo_label : str
        moving : bool, optional
        **changes
            Fields of the lamp.
        """
        self.document.apply(tr("lamp {}").format(in_words(undo_label)),
                            lambda mound: changed(mound, ("light", "lamps", number), **changes), moving)

    def duplicate_lamp(self, number):
        """Add a lamp like another beside it."""
        lamp = self.document.mound.light.lamps[number]
        x, y, z = lamp.place
        self._add_lamp(lambda: lamp.edited(name=f"{lamp.name[:74]} copy", place=(x + 4.0 * lamp.radius, y, z)),
                       tr("duplicate a lamp"))

    def group_lamp(self, number):
        """Ask for the light group that a lamp is mixed with."""
        lamp = self.document.mound.light.lamps[number]
        name, given = QInputDialog.getText(
            self.tray, tr("Light group"), tr("Lamps of one light group have one fader; without a name a lamp has its own."),
            text=lamp.group)
        if given:
            self.edit_lamp(number, "light group", group=name.strip()[:80])

    def remove_lamp(self, number):
        """Remove a lamp."""
        self.lamp = None
        self.document.apply(tr("remove a lamp"), lambda mound: without(mound, ("light", "lamps"), number))

    # -- views and snapshots --------------------------------------------------------------------

    def keep_view(self):
        """Keep the present view under a name."""
        mound = self.document.mound
        taken = {kept.name for kept in mound.views}
        name = next(tr("View {}").format(n) for n in range(1, 99) if f"View {n}" not in taken)
        self.document.apply(tr("keep a view"), lambda mound: mound.edited(
            views=(*mound.views, KeptView(name=name, view=mound.view))))

    def replace_view(self, number):
        """Keep the present view in place of another."""
        self.document.apply(tr("keep a view anew"), lambda mound: changed(mound, ("views", number), view=mound.view))

    def rename(self, what, number):
        """Ask for another name of a kept view or a snapshot.

        Parameters
        ----------
        what : str
            "views" or "snapshots".
        number : int
        """
        before = getattr(self.document.mound, what)[number].name
        name, given = QInputDialog.getText(self.tray, tr("Rename"), tr("Name"), text=before)
        if given:
            self.document.apply(tr("rename"), lambda mound: changed(mound, (what, number), name=name.strip()))

    def forget(self, what, number):
        """Remove a kept view or a snapshot.

        Parameters
        ----------
        what : str
            "views" or "snapshots".
        number : int
        """
        if what == "snapshots":
            self.snapshots.end()
        self.document.apply(tr("remove"), lambda mound: without(mound, (what,), number))

    def keep_snapshot(self):
        """Keep the picture that is shown, and its recipe."""
        if self.snapshots.keep():
            self.tray.open("snapshots")

    def take_snapshot_over(self, number):
        """Go on with the recipe of a snapshot; all snapshots stay."""
        self.document.apply(tr("go back to a snapshot"), lambda mound: mound.snapshots[number].recipe.edited(
            snapshots=mound.snapshots))

    # -- the sky --------------------------------------------------------------------------------

    def take_sky_picture(self, path):
        """Light the cloud by a picture of all directions.

        Parameters
        ----------
        path : path-like
        """
        def work(ticket):
            ticket.step(0.0, 1.0, "reading the sky")
            return read_sky(path, ticket=ticket)

        self.services.jobs.begin(work, lambda pixels: self.edit_part(
            "sky", tr("sky picture"), kind="image", picture=Arrays(pixels=pixels)))

    def note(self, mound):
        return "" if mound.mass.forms else tr("There is nothing to light yet: add a blob in Mass.")

    def edit_part(self, part, undo_label, moving=False, **changes):
        """Change a part of the light.

        Parameters
        ----------
        part : str
            "sun", "sky", "floor" or "medium"; empty for the light itself.
        undo_label : str
        moving : bool, optional
        **changes
            Fields of the part.
        """
        place = ("light", part) if part else ("light",)
        self.document.apply(undo_label, lambda mound: changed(mound, place, **changes), moving)

    def take_situation(self, name):
        """Light the cloud as in a ready situation.

        Parameters
        ----------
        name : str
        """
        self.document.apply(tr("light: {}").format(tr(name).lower()), lambda mound: mound.edited(
            light=in_situation(mound.light, mound.view, name)))
