"""Pictures for the desk, off its thread: coarse while the hand moves, fine when it rests."""

import logging
import threading
import time
from dataclasses import dataclass, field, replace

import numpy as np

from ..light.lattices.coarse import QUICK, RESTING, SHARP
from ..light.picture.carrying import away_of
from ..light.picture.cut import cut_layer, with_cut
from ..light.picture.looks import looked, metered_as
from ..light.picture.radiance import clay_of, radiance_of, standing_in
from ..light.picture.tone import screen
from ..light.scene.camera import camera_of
from ..light.scene.floor import NO_SHADOW
from ..light.scene.groups import groups_of
from ..mass.sampling import fields_known
from ..problems import Problem
from ..recipe.grains import MOVED, live
from ..sentences import Sentence
from ..ticket import Stopped, Ticket
from ..volume.bricks import LANES, SIDE, grid_of
from ..volume.cut_facts import facts_of_cut
from .apart import whole_scene
from .density import bounds_of, draft_voxel
from .emptiness import emptied
from .fineness import sharper_voxels
from .forecast import memory_limit
from .graph import reaches
from .miniatures import miniatures
from .overlay import tint_amount, tinted
from .stages import PASSES, Stages, empty_layers, layers_of, paths_of, settled_draft
from .stills import refuse_too_many_pixels
from .tracing import Tracing, tracing_key

LOGGER = logging.getLogger(__name__)
MOVING_VOXEL = 2.0
"""Times the draft voxel while the hand moves something that has to be converted."""
DRAFT_GRIDS = 4
"""Grids a draft keeps: distance, noise, and density before and after it is moved about."""
MOVING_SECONDS = 0.12
"""What a picture may take while the hand moves: the stride follows."""
SHARP_SECONDS = 90.0
"""That a sharper picture may take: beyond that the hand builds the final grid."""
STEADY = 0.06
"""Stops by which an exposure by the picture may be off before it changes: a picture must not flicker under the hand."""
LEAST_MARCH = 0.03
"""What of it marching has in any case, however long the stages before take."""
HASTE = 0.8
"""Seconds of reading files before something of a sky is shown."""


@dataclass(frozen=True, eq=False)
class Request:
    """All that one picture depends on, frozen.

    Attributes
    ----------
    number : int
        Rises with every request.
    mound : Mound
    width, height : int
        Pixels.
    way : str
        "draft", "true", "clay", "both" (clay in the left half, lit in the right), or "slice".
    moving : bool
        The hand is on something: one coarse picture, at once.
    grid, key : BrickGrid and str, optional
        Show this density (a finished build) instead of the draft of the mound.
    cut : Cut, optional
        The slice to show; needed for that way of looking only.
    masks : tuple of Mask, optional
        Tint the picture where these let a grain act.
    noise : float, optional
        True light: when it is enough, see `Tracer.noise`.
    alone : bool, optional
        True light: by whole paths alone, rather than gathered ones put right by them.
    denoise : bool, optional
        True light: take what noise is left out of it, once there are paths enough: see `core.light.picture.denoise`.
    placed : callable, optional
        Given the camera and a ticket, the clouds to show instead of the mound, tuple of PlacedCloud, and whether the air between
        is seen. The light and the view are the mound's.
    """

    number: int
    mound: object
    width: int
    height: int
    way: str = "draft"
    moving: bool = False
    grid: object = None
    key: str = ""
    cut: object = None
    masks: tuple = ()
    noise: float = 0.05
    alone: bool = False
    denoise: bool = False
    placed: object = None


@dataclass(frozen=True, eq=False)
class Answer:
    """A picture, and the request it belongs to.

    Attributes
    ----------
    request : Request
    pixels : ndarray of uint8, shape (rows, columns, 4), or None
    stride : int
        Pixels of the screen that one of `pixels` covers in either direction.
    passes : int
        Rays for each pixel so far; 0 for a coarse picture.
    grid : BrickGrid or None
    seconds : float
        From taking up the request to this picture.
    problem : str
        What went wrong, or nothing.
    stages : dict
        Seconds of each stage.
    ahead : Forecast or None
        Once the hand rests: what a build will need.
    miniatures : dict
        Last of all: small pictures by step, ndarray of uint8, shape (height, width, 4).
    cut : CutFacts or None
        Of a slice: what it amounts to.
    radiance : ndarray of float32, shape (rows, columns, 4), or None
        The light the pixels show, where they show light.
    exposure : float
        With which the pixels show it, stops.
    noise, left : float
        True light: noise so far, and seconds until it is as low as asked for; 0 when it is, or of other pictures, infinite where
        it is too early to tell.
    away : ndarray of float32, shape (rows, columns), or None
        How far what is seen is, see `core.light.picture.carrying`; of pictures of light and of clay.
    layers : ndarray of float32, shape (rows, columns, LAYERS or more), or None
        Of Draft light that True light begins with.
    members : int
        Of many clouds: how many there are.
    emptied : Emptied or None
        Last of all, of a mound that has no cloud: what took it away.
    bias : float
        True light that is done: what more paths would not put right, see `Levels.bias`; infinite where it is not known.
    near : float
        Finest voxel of bricks that were refined, metres; 0 where none were.
    """

    request: Request
    pixels: object
    stride: int
    passes: int
    grid: object
    seconds: float
    problem: str = ""
    stages: dict = field(default_factory=dict)
    ahead: object = None
    miniatures: dict = field(default_factory=dict)
    cut: object = None
    radiance: object = None
    exposure: float = 0.0
    noise: float = 0.0
    bias: float = 0.0
    away: object = None
    layers: object = None
    members: int = 0
    left: float = 0.0
    emptied: object = None
    near: float = 0.0


class Painter:
    """One thread that always works on the newest request.

    A picture for a moving hand is finished even when a newer request waits, so that something is
    always seen; work on a resting picture is dropped at once.

    Parameters
    ----------
    deliver : callable, optional
        Called from the painter's thread with each `Answer`.
    stages : Stages, optional

    Attributes
    ----------
    sharpens : bool
        Go on to finer voxels while the hand rests.
    settles : bool
        Put Draft light right by paths once the hand rests.
    reduces : bool
        Make the miniatures of the stations once the hand rests.
    resting : Fineness
        Of the lattices that the light of a picture at rest is read from.
    passes : int
        Rays for each pixel at rest.
    """

    def __init__(self, deliver=None, stages=None):
        self.sharpens = self.settles = self.reduces = True
        self.resting, self.passes = RESTING, PASSES
        self.stages = Stages() if stages is None else stages
        self._small = Stages(self.stages.cache)
        self.deliver = (lambda _answer: None) if deliver is None else deliver
        self._wake = threading.Condition()
        self._waiting = None
        self._ticket = None
        self._working = None
        self._closed = False
        self._stride, self._tracing = 2, None
        self._exposure = 0.0
        self._thread = threading.Thread(target=self._run, name="painter", daemon=True)
        self._thread.start()

    def prepare(self, mound):
        """Make what the first picture of a mound needs, before anybody can see one.

        Parameters
        ----------
        mound : Mound
        """
        self.ask(Request(0, mound, 1, 1, moving=True))

    def ask(self, request):
        """Take a request; an older one that still waits is forgotten.

        Parameters
        ----------
        request : Request
        """
        with self._wake:
            self._waiting = request
            if self._ticket is not None and not (self._working.moving and request.moving):
                self._ticket.stop()
            self._wake.notify()

    def stop(self):
        """Drop the picture being worked on and the one waiting."""
        with self._wake:
            self._waiting = None
            if self._ticket is not None:
                self._ticket.stop()

    @property
    def idle(self):
        """True when nothing is worked on and nothing waits."""
        with self._wake:
            return self._waiting is None and self._working is None

    def close(self):
        """End the thread, and wait for it."""
        with self._wake:
            self._closed = True
            self._waiting = None
            if self._ticket is not None:
                self._ticket.stop()
            self._wake.notify()
        self._thread.join()

    def _run(self):
        while True:
            with self._wake:
                self._working = self._ticket = None
                while self._waiting is None and not self._closed:
                    self._wake.wait()
                if self._closed:
                    return
                self._working, self._waiting = self._waiting, None
                self._ticket = ticket = Ticket()
                request = self._working
            begun = time.perf_counter()
            try:
                for answer in self._pictures(request, ticket, begun):
                    self.deliver(answer)
            except Stopped:
                pass
            except Problem as problem:
                self._refuse(request, begun, problem.sentence)
            except Exception:  # a fault of ours must not leave the desk without pictures
                LOGGER.exception("the picture could not be made")
                self._refuse(request, begun, Sentence("The picture could not be made; the mound is as it was."))

    def _refuse(self, request, begun, sentence):
        self.deliver(Answer(request, None, 1, 0, None, time.perf_counter() - begun, sentence))

    def _pictures(self, request, ticket, begun):
        mound = request.mound
        camera = camera_of(mound.view, request.width, request.height)
        again = self._mixed_anew(request, camera, ticket)
        if again is not None:
            yield from again
            return
        # Paths of another picture take memory, and are of no use any more.
        self._tracing = None if not request.moving else self._tracing
        if request.placed is not None:
            yield from self._of_placed(request, camera, ticket, begun)
            return
        if request.grid is None:
            voxel = draft_voxel(mound)
            if request.moving and self._slow(mound, voxel):
                # A form is converted, or density moved about, anew at every step of the hand: coarsely, until it rests.
                voxel *= MOVING_VOXEL
            key = self.stages.density_key(mound, voxel)
            if key not in self.stages.cache:
                self._refuse_too_fine(mound, voxel, ticket)
            grid = self.stages.density(mound, voxel, ticket)
        else:
            grid, key = request.grid, request.key

        finer = replace(request, grid=grid, key=key)
        made = None
        for made in self._rested(finer, camera, ticket, begun):
            made = replace(made, request=request)
            yield made
        if request.moving:
            return
        if made.grid.brick_bounds() is None:
            if request.grid is None:
                yield replace(made, emptied=emptied(mound, ticket))
            return
        small = miniatures(self._small, mound, ticket) if self.reduces else {}
        yield replace(made, ahead=self.stages.forecast(mound, ticket), miniatures=small)
        sharpens = self.sharpens and request.grid is None
        if request.way == "true":
            for made in self._sharpened(request, camera, ticket, voxel, last=True) if sharpens else ():
                yield made
                grid, key = made.grid, self.stages.density_key(mound, made.grid.voxel)
            scene = self._small.near_scene(mound, grid, key, camera, ticket) if sharpens else self.stages.scene(mound, grid, key)
            yield from self._traced(request, scene, tracing_key(request), camera, ticket, made)
        elif sharpens and request.way != "slice":
            for made in self._sharpened(request, camera, ticket, voxel):
                yield made
            yield from self._refined(request, camera, ticket, made.grid)

    def _of_placed(self, request, camera, ticket, begun):
        """Pictures of many clouds: the same as of one, but for what only one mound has."""
        mound, (clouds, air, whole) = request.mound, request.placed(camera, ticket.quiet(), HASTE)
        if not whole:
            # Something to be seen at once: what was read within a moment, coarsely.
            if clouds and request.way != "slice":
                hasty = replace(request, grid=clouds[0].grid, moving=True)
                scene = self.stages.scene_of(mound.light, mound.view, clouds, air, mound.stand_ins)
                for made in self._rested(hasty, camera, ticket, begun, scene=scene):
                    yield replace(made, request=request, members=sum(not cloud.layer for cloud in clouds))
            clouds, air, _ = request.placed(camera, ticket.quiet(), None)
        grid = clouds[0].grid if clouds else grid_of(1.0, np.zeros((0, 3), np.int32), np.zeros((0, LANES), np.float32))
        scene = self.stages.scene_of(mound.light, mound.view, clouds, air, mound.stand_ins)
        made, key = None, clouds[0].key if clouds else ""
        for made in self._rested(replace(request, grid=grid, key=key), camera, ticket, begun, scene=scene):
            made = replace(made, request=request, members=sum(not cloud.layer for cloud in clouds))
            yield made
        if request.moving or not clouds:
            return
        if request.way == "true":
            yield from self._traced(request, scene, tracing_key(request, clouds), camera, ticket, made)
        elif self.sharpens and request.way != "slice":
            # Its light is blunt beside what the eye sees of a wide sky: finer, now that nothing else is asked for.
            *_, last = self._rested(replace(request, grid=grid), camera, ticket, begun, SHARP, scene)
            yield replace(last, request=request, members=made.members)

    def _rested(self, request, camera, ticket, begun, fine=None, scene=None):
        """The picture of a request's grid: a coarse one while the hand moves, else ever smoother ones."""
        mound, grid, key = request.mound, request.grid, request.key
        clays = {"clay": (True,), "slice": (True,), "both": (True, False)}.get(request.way, (False,))
        scene = self.stages.scene(mound, grid, key) if scene is None else scene
        cut = self._cut_facts(request, grid, key) if request.way == "slice" else None
        fine = self._moving_light(scene) if request.moving else fine or self.resting
        shadow = NO_SHADOW if clays[-1] else self.stages.shadow(scene, fine, ticket)
        over = None  # made with the first picture, and put over each that refines it

        def answer(layers, stride, passes, settle=False):
            nonlocal over
            radiance = None if clays[-1] else radiance_of(layers[-1], scene, camera, stride=stride, shadow=shadow)
            if settle:
                radiance = settled_draft(self.stages, scene, camera, radiance, shadow=shadow, fine=fine, ticket=ticket,
                                         standing=standing_in(layers[-1], scene, camera))
            light = None if radiance is None else self._exposed(mound.light, radiance)
            pixels = screen(clay_of(layers[-1], camera)) if radiance is None else looked(radiance, light)
            if len(clays) > 1:
                left = screen(clay_of(layers[0], camera))
                middle = pixels.shape[1] // 2
                pixels[:, :middle] = left[:, :middle]
            if request.way == "slice":
                over = cut_layer(grid, camera, request.cut, *pixels.shape[:2], stride) if over is None else over
                pixels = with_cut(pixels, over)
            elif request.masks:
                if over is None:
                    over = tint_amount(scene, mound, request.masks, camera, stride)
                pixels = tinted(pixels, over)
            away = None if request.way == "slice" else away_of(layers[-1], mound.view.distance if clays[-1] else None)
            return Answer(request, pixels, stride, passes, grid, time.perf_counter() - begun, "",
                          dict(self.stages.seconds), cut=cut, away=away, radiance=radiance,
                          exposure=0.0 if light is None else light.exposure,
                          layers=layers[-1] if request.way == "true" else None, near=_near(scene))

        if not scene.clouds and not scene.stand_ins:
            yield answer([empty_layers(camera)] * len(clays), 1, self.passes)
            return
        if request.moving:
            stride = self._stride
            marching = time.perf_counter()
            layers = [layers_of(self.stages, scene, camera, stride=stride, fine=fine, clay=clay, sparing=True, ticket=ticket)
                      for clay in clays]
            now = time.perf_counter()
            if request.number:  # what is only prepared says nothing of the pace
                self._adapt(now - marching, marching - begun)
            yield answer(layers, stride, 0)
            return
        total = [0.0] * len(clays)
        for nth in range(self.passes):
            for n, clay in enumerate(clays):
                total[n] = total[n] + layers_of(self.stages, scene, camera, nth=nth, fine=fine, clay=clay, ticket=ticket)
            if nth + 1 in (1, 2, self.passes):
                yield answer([layers / np.float32(nth + 1) for layers in total], 1, nth + 1)
        if self.settles and scene.clouds and not clays[-1] and request.way != "true":  # which begins with paths of its own
            yield answer([layers / np.float32(self.passes) for layers in total], 1, self.passes, settle=True)

    def _sharpened(self, request, camera, ticket, draft, last=False):
        """Pictures of the mound at ever finer voxels, down to its final one or to what a pixel can show; or the last of them."""
        mound = request.mound
        voxels = sharper_voxels(mound, camera, self.stages.forecast(mound, ticket), draft, SHARP_SECONDS)
        for voxel in voxels[-1:] if last else voxels:
            begun = time.perf_counter()
            # Not with what the draft remembers: the next edit would begin at nothing, and three such grids would be held.
            grid = self._small.density(mound, voxel, ticket, remember=False)
            finer = replace(request, grid=grid, key=self.stages.density_key(mound, voxel))
            *_, made = self._rested(finer, camera, ticket, begun, SHARP)
            yield replace(made, request=request)

    def _refined(self, request, camera, ticket, grid):
        """Pictures of a grid of the mound refined where it is seen near: at each level, and at last smooth."""
        finer = replace(request, grid=grid, key=self.stages.density_key(request.mound, grid.voxel))
        bare, begun, scene = self.stages.scene(request.mound, grid, finer.key), time.perf_counter(), None
        for refined in self._small.refined(request.mound, bare, camera, ticket):
            scene = self.stages.scene(request.mound, grid, finer.key, refined)
            yield replace(next(self._rested(finer, camera, ticket, begun, SHARP, scene)), request=request)
        if scene is not None:
            for made in self._rested(finer, camera, ticket, begun, SHARP, scene):
                yield replace(made, request=request)

    def _traced(self, request, scene, key, camera, ticket, made):
        """Pictures of True light, from its first path."""
        refuse_too_many_pixels(request.width, request.height, len(groups_of(request.mound.light)))
        plain = whole_scene(self.stages, scene)
        tracer = paths_of(self.stages, plain, camera, alone=request.alone, apart=True, ticket=ticket)
        shadow = self.stages.shadow(scene, self.resting, ticket)  # as in the picture that it takes the place of
        self._tracing = Tracing(key, tracer, plain, made, shadow)
        yield from self._traced_on(request, scene, ticket)

    def _traced_on(self, request, scene, ticket):
        """Pictures of True light, each when it is visibly better than the last, until the noise is as low as asked for.

        Until then they are eased; the last one is what the paths alone say.
        """
        tracing = self._tracing
        if tracing.enough(request):
            yield self._seen(request, scene, True)
            return
        for enough in tracing.traced_on(request, ticket):
            yield self._seen(request, scene, enough)

    def _seen(self, request, scene, enough):
        """The picture of the paths that there are."""
        tracing, light = self._tracing, request.mound.light
        tracer, radiance = tracing.tracer, tracing.radiance(request, scene, enough)
        exposed = self._exposed(light, radiance)
        bias = tracer.bias()[0] if enough and not request.alone else 0.0
        return replace(tracing.made, request=request, pixels=looked(radiance, exposed), radiance=radiance,
                       exposure=exposed.exposure, noise=tracing.noise, bias=bias,
                       left=0.0 if enough else tracing.tracer.left(request.noise), passes=tracer.turns,
                       seconds=tracing.seconds, ahead=None, miniatures={}, layers=None, near=_near(scene))

    def _mixed_anew(self, request, camera, ticket):
        """Pictures of paths that there are already, mixed otherwise; None where they do not serve the request."""
        tracing = self._tracing
        if request.way != "true" or tracing is None or tracing.tracer.turns == 0:
            return None
        clouds = air = None
        if request.placed is not None:
            clouds, air, whole = request.placed(camera, ticket.quiet(), HASTE)
            if not whole:
                return None
        if tracing.key != tracing_key(request, clouds):
            return None
        mound = request.mound
        scene = self.stages.scene_of(mound.light, mound.view, tracing.scene.clouds, tracing.scene.air, mound.stand_ins)
        return self._mixing(request, scene, ticket)

    def _mixing(self, request, scene, ticket):
        yield self._seen(request, scene, self._tracing.enough(request))
        if request.moving:
            return
        if self.reduces and request.placed is None:
            yield replace(self._seen(request, scene, self._tracing.enough(request)),
                          ahead=self.stages.forecast(request.mound, ticket),
                          miniatures=miniatures(self._small, request.mound, ticket))
        if not self._tracing.enough(request):
            yield from self._traced_on(request, scene, ticket)

    def _exposed(self, light, radiance):
        """A light with the exposure of a picture, which stays what it was where it would hardly change."""
        exposed = metered_as(light, radiance)
        if light.metered:
            if abs(exposed.exposure - self._exposure) < STEADY:
                exposed = exposed.edited(exposure=self._exposure)
            self._exposure = exposed.exposure
        return exposed

    def _cut_facts(self, request, grid, key):
        if grid.brick_bounds() is None:
            return None
        extinction, axis = request.mound.light.medium.extinction, request.cut.axis
        whole = self.stages.histograms(grid, key, extinction, axis)
        return facts_of_cut(grid, extinction, axis, request.cut.at, whole)

    def _slow(self, mound, voxel):
        """Whether the draft cannot follow a hand; a view that moves over a grid that is there can always."""
        if self.stages.density_key(mound, voxel) in self.stages.cache:
            return False
        return bool(live(mound.grains, MOVED)) or not fields_known(mound.mass, voxel, max(reaches(mound, voxel)))

    def _refuse_too_fine(self, mound, voxel, ticket):
        """A draft keeps three grids. Only one that could be large at all is looked at closely."""
        bounds = bounds_of(mound)
        if bounds is None:
            return
        limit = memory_limit()
        most = float(np.prod((bounds[1] - bounds[0]) / voxel + 2 * SIDE)) * 4 * DRAFT_GRIDS
        if most > limit and self.stages.forecast(mound, ticket).memory(voxel) * DRAFT_GRIDS > limit:
            raise Problem(
                "A draft voxel of {:g} m needs more memory than there is; choose a larger one, or let it follow the span.", voxel
            )

    def _moving_light(self, scene):
        """Light of the last resting picture serves when only the view moves."""
        known = (fine for fine in (SHARP, self.resting) if self.stages.lattice_key(scene, fine) in self.stages.cache)
        return next(known, QUICK)

    def _adapt(self, march, before):
        """Choose the stride of the next picture by how long this one took."""
        room = max(MOVING_SECONDS - before, LEAST_MARCH)
        if march > 1.15 * room and self._stride < 6:
            self._stride += 1
        elif self._stride > 1 and march * (self._stride / (self._stride - 1)) ** 2 < 0.9 * room:
            self._stride -= 1


def _near(scene):
    """Finest voxel of a scene that is refined, metres, else 0."""
    refined = scene.clouds[0].refined if scene.clouds else None
    return 0.0 if refined is None else refined.voxel
