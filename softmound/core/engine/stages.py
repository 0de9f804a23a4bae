"""The stages from recipe to picture, each served from the cache when its key is known."""

import time
import weakref
from dataclasses import replace

import numpy as np

from ..budget import MOST_BYTES, Cache
from ..compiled import STAMP
from ..light.lattices.coarse import QUICK, RESTING, SHARP, TINY, coarse_in, coarse_of, placed_coarse
from ..light.lattices.glow import glows, with_glow
from ..light.lattices.lattice import lit, with_lamps
from ..light.lattices.near import near_of
from ..light.lattices.nested import nested
from ..light.marching.march import BLUE, GREEN, GROUND, HORIZON, LAYERS, OPACITY, RED, ZENITH, march
from ..light.paths.gathering import coloured_field, kinds_of_light, needs_colours, together
from ..light.paths.multilevel import Levels, looks_against
from ..light.paths.settling import correction, enough, settled, settling_camera
from ..light.paths.tracer import Tracer
from ..light.picture.radiance import behind_of, composed, traced_light
from ..light.picture.stand_ins import behind_clouds, stand_ins_seen
from ..light.scene import pool
from ..light.scene.camera import camera_of
from ..light.scene.floor import NO_SHADOW, shadow_of
from ..light.scene.groups import FIXED, GLOW, alone_in, glowing, groups_of
from ..light.scene.layered import layered_of, with_refined
from ..light.scene.ramps import hues_of
from ..light.scene.scene import PlacedCloud, Scene, grids_of, mixture_of, origin_of, unit_of
from ..light.solids.arriving import light_on
from ..light.solids.between import Between, around_of, sent_back
from ..light.solids.returned import returned
from ..recipe import Light, Sky
from ..standins.tree import solids_of
from ..volume.cut_facts import whole_histograms
from .calibration import PeakMemory
from .density import Memories, density_grid
from .forecast import forecast, memory_at_most, memory_limit, refuse_unless_fits
from .graph import SHAPED, key_at
from .keys import key_of
from .refining import refined_levels

PASSES = 4
"""Rays for each pixel of a picture at rest: with twice as many it differs by 0.004 stops on the mean, by 0.011 at edges."""
_OPEN = Light(sky=Sky(kind="plain"))
"""Clay is as open to all sides whatever lights the cloud."""


class Stages:
    """Runs stages for one thread at a time.

    Parameters
    ----------
    cache : Cache, optional
        May be shared between threads.
    kept : KeptGrids, optional
        Where finished grids are kept on disk; default nowhere.
    past : PastBuilds, optional
        What past builds took, for the forecast; default nothing is known or learned.
    """

    def __init__(self, cache=None, kept=None, past=None):
        self.cache = Cache(MOST_BYTES) if cache is None else cache
        self.kept = kept
        self.past = past
        self.seconds = {}
        self._memories = Memories()
        weakref.finalize(self, self.cache.hold, id(self._memories), 0)
        self._near = "", ()
        weakref.finalize(self, self.cache.hold, (id(self._memories), "near"), 0)

    def density_key(self, mound, voxel):
        """Key of the density of a mound at a voxel.

        Parameters
        ----------
        mound : Mound
        voxel : float
            Metres.

        Returns
        -------
        str
        """
        return key_at(SHAPED, mound, float(voxel))

    def density(self, mound, voxel, ticket=None, remember=True):
        """Density grid of a mound: see `density_grid`.

        Parameters
        ----------
        mound : Mound
        voxel : float
            Metres.
        ticket : Ticket, optional
        remember : bool, optional
            Keep what makes the next edit quick, at three times the memory.

        Returns
        -------
        BrickGrid
        """
        memories = self._memories if remember else None
        key = self.density_key(mound, voxel)

        def made():
            grid = self.finished(mound, voxel) if not remember else None
            if grid is None:
                grid = self._built(mound, voxel, ticket, memories)
                if self.kept is not None and not remember:
                    self.kept.put(_disk_key(key), grid)
            return grid

        return self._timed("density", key, made, lambda grid: grid.nbytes)

    def _built(self, mound, voxel, ticket, memories):
        if memories is not None:
            grid = density_grid(mound, voxel, ticket, memories)
            self.cache.hold(id(memories), memories.nbytes)
            return grid
        if self.past is None:
            return density_grid(mound, voxel, ticket)
        ahead = self.forecast(mound, ticket)
        begun = time.perf_counter()
        with PeakMemory() as peak:
            grid = density_grid(mound, voxel, ticket)
        self.past.learn(ahead, voxel, peak.bytes, time.perf_counter() - begun)
        return grid

    def finished(self, mound, voxel):
        """A finished grid of an earlier session, if it was kept.

        Parameters
        ----------
        mound : Mound
        voxel : float
            Metres.

        Returns
        -------
        BrickGrid or None
        """
        return self.kept.get(_disk_key(self.density_key(mound, voxel))) if self.kept is not None else None

    def scene(self, mound, grid, key, refined=None):
        """A mound as a scene of one cloud, or of none where nothing is left of it.

        Parameters
        ----------
        mound : Mound
            Light and view.
        grid : BrickGrid
            Its density.
        key : str
            Key of the grid.
        refined : Refined, optional
            Finer bricks of it.

        Returns
        -------
        Scene
        """
        clouds = () if grid.brick_bounds() is None else (
            PlacedCloud(grid, mound.light.medium, key=key, name=mound.name, refined=refined),)
        return self.scene_of(mound.light, mound.view, clouds, stand_ins=mound.stand_ins)

    def refined(self, mound, scene, camera, ticket=None):
        """Finer bricks of a mound's cloud for a picture, level by level: see `refined_levels`.

        Parameters
        ----------
        mound : Mound
        scene : Scene
            From `scene`, not refined.
        camera : Camera
        ticket : Ticket, optional

        Yields
        ------
        Refined
            Each with one level more. What the picture before was refined by is not made again.
        """
        if len(scene.clouds) != 1:
            return
        cloud = scene.clouds[0]
        key, levels = cloud.key, ()
        known = self._near[1] if self._near[0] == key else ()

        def scene_with(refined):
            return self.scene_of(scene.light, scene.seen_from, (replace(cloud, refined=refined),), stand_ins=scene.stand_ins)

        try:
            for refined in refined_levels(mound, scene, camera, scene_with, known, ticket):
                levels = refined.levels
                yield refined
        finally:  # a hand that moves the view ends it anywhere
            levels = (*levels, *known[len(levels):])
            self._near = key, levels
            self.cache.hold((id(self._memories), "near"), sum(level.nbytes for level in levels))

    def near_scene(self, mound, grid, key, camera, ticket=None):
        """A mound as a scene of one cloud, refined wherever a picture would show a voxel.

        Parameters
        ----------
        mound, grid, key
            As of `scene`.
        camera : Camera
        ticket : Ticket, optional

        Returns
        -------
        Scene
        """
        scene = self.scene(mound, grid, key)
        *_, refined = None, *self.refined(mound, scene, camera, ticket)
        return scene if refined is None else self.scene(mound, grid, key, refined)

    def scene_of(self, light, view, clouds, air=False, stand_ins=()):
        """A scene of any number of placed clouds.

        Parameters
        ----------
        light : Light
        view : View
        clouds : sequence of PlacedCloud
            Each with the key of its grid.
        air : bool, optional
            See `Scene`.
        stand_ins : sequence of StandIn, optional

        Returns
        -------
        Scene
        """
        clouds = glowing(clouds, light)
        keys = {id(cloud.grid): cloud.key for cloud in clouds}
        grids = tuple(self._timed("layered", key_of("layered", keys[id(grid)]), lambda grid=grid: layered_of(grid),
                                   lambda layered: layered.nbytes) for grid in grids_of(clouds))
        refined = clouds[0].refined if len(clouds) == 1 else None
        if refined is not None:
            grids = (self._timed("refined", key_of("refined", keys[id(clouds[0].grid)], refined.key),
                                 lambda: with_refined(grids[0], clouds[0].grid, refined), lambda layered: layered.nbytes),)
        # Of one grid the pool is the shell itself.
        bricks = pool.pooled(grids) if len(grids) < 2 else self._timed(
            "bricks", key_of("bricks", tuple(keys.values())), lambda: pool.pooled(grids), pool.nbytes)
        shown = tuple(stand_in for stand_in in stand_ins if stand_in.shown != "hidden")
        place = origin_of(clouds), unit_of(clouds)
        solids = self._timed("stand-ins", key_of("stand-ins", shown, *place[0].tolist(), place[1]),
                             lambda: solids_of(shown, *place), lambda made: made[0].nbytes)
        return Scene(light, view, tuple(clouds), grids, bricks, air, shown, *solids)

    def lattice_key(self, scene, fine=RESTING):
        """Key of the light in a scene.

        Parameters
        ----------
        scene : Scene
        fine : Fineness, optional
            Of its lattices.

        Returns
        -------
        str
        """
        return key_at("light", scene, fine)

    def lattice(self, scene, fine=RESTING, ticket=None, frame=0):
        """Light in a scene.

        Parameters
        ----------
        scene : Scene
            With at least one cloud.
        fine : Fineness, optional
            Of its lattices.
        ticket : Ticket, optional
        frame : int, optional
            For the flicker of lamps.

        Returns
        -------
        Lattice
        """
        def light():
            made, mixture = self._coarse_in(scene, fine)
            zones = key_at("zones", scene, fine)
            between, around = self._between(scene), self._around(scene, fine)
            lattice = lit(made, scene.light, self.cache.get(zones), ticket, mixture, between, around)
            # With the sun they cost no more than alone; a sun that moves on finds them here.
            self.cache.get_or_make(zones, lambda: lattice.zones, lambda made: made.nbytes)
            inner = key_of("nested", zones)
            lattice = nested(scene, lattice, made, mixture, fine, self.cache.get(inner), ticket, around)
            if lattice.nest is not None:
                self.cache.get_or_make(inner, lambda: lattice.nest.lattice.zones, lambda made: made.nbytes)
            return lattice

        def lamps():
            made, mixture = self._coarse_in(scene, fine)
            between, around, back = self._between(scene), self._around(scene, fine), None
            if around is not None and float(around.open.min()) < 1.0:
                back = sent_back(between, around, self._returned(scene, got, fine, frame, ticket).sent)
            return with_lamps(got, made, scene.light, frame, mixture, between, back)

        key = self.lattice_key(scene, fine)
        got = self._timed("light", key, light, lambda made: made.nbytes)
        if not scene.light.lamps and self._between(scene) is None:
            return got
        return self._timed("lamps", key_at("lamps", scene, fine, frame), lamps, lambda made: made.sky.nbytes)

    def _between(self, scene):
        """Stand-ins that light meets, or None."""
        there = any(stand_in.for_light for stand_in in scene.stand_ins)
        return Between(scene.solids, scene.origin, scene.unit) if there else None

    def _around(self, scene, fine):
        """What stand-ins are to the clouds, or None."""
        between = self._between(scene)
        return None if between is None else self._timed(
            "around", key_of("around", key_at("zones", scene), fine),
            lambda: around_of(between, self._coarse_in(scene, fine)[0]), lambda made: made.triangles.nbytes + made.at.nbytes)

    def _returned(self, scene, bare, fine, frame=0, ticket=None):
        """Light at the points of stand-ins, by the lattice of all that they do not send themselves."""
        light = self._light_on(scene, bare, fine, frame)
        return returned(scene.solids, scene.held, light, fine in (QUICK, TINY), ticket)

    def _light_on(self, scene, lattice, fine, frame):
        return light_on(scene, frame=frame) if lattice is None else light_on(scene, lattice, *self._coarse_in(scene, fine), frame)

    def back(self, scene, fine, ticket=None, frame=0, apart=False):
        """What stand-ins send back, for gathered paths.

        Parameters
        ----------
        scene, fine, ticket, frame, apart
            As of `field`.

        Returns
        -------
        (ndarray of float32, shape (V, K, 3), ndarray of int64, shape (K,)) or None
            See `Rest`; None without stand-ins.
        """
        if self._between(scene) is None:
            return None
        light = scene.light

        def made():
            if not apart:
                lattice = self.lattice(scene, fine, ticket, frame)
                return self._returned(scene, lattice, fine, frame, ticket).sent[:, None], np.zeros(1, np.int64)
            # Light adds up: each group by itself, through clouds that lamps do not light.
            bare, groups = self.lattice(scene.under(light.edited(lamps=())), fine, ticket), groups_of(light)
            there = [n for n, name in enumerate(groups) if n != GLOW]
            sent = [self._returned(alone_in(scene, groups[n]), bare, fine, frame, ticket).sent for n in there]
            return np.ascontiguousarray(np.stack(sent, axis=1)), np.array(there)

        shone = scene.media, light.sun, light.sky, light.floor, light.lamps, light.mix, frame, apart
        return self._timed("back", key_of("back", scene.stand_ins, self.lattice_key(scene, fine), *shone), made,
                           lambda found: found[0].nbytes)

    def on_stand_ins(self, scene, fine=RESTING, ticket=None, frame=0):
        """What lights the stand-ins of a scene.

        Parameters
        ----------
        scene : Scene
        fine : Fineness, optional
            Of the lattices of light.
        ticket : Ticket, optional
        frame : int, optional
            For the flicker of lamps.

        Returns
        -------
        light : Light
        round : ndarray of float32, shape (V, 3)
            See `Returned`.
        """
        shone = scene.light.sun, scene.light.sky, scene.light.floor, scene.light.lamps, scene.light.mix, frame
        standing = scene.media, self.lattice_key(scene, fine) if scene.clouds else "no cloud"

        def made():
            # What stand-ins send to clouds comes back to them too.
            lattice = self.lattice(scene, fine, ticket, frame) if scene.clouds else None
            light = self._light_on(scene, lattice, fine, frame)
            return light, returned(scene.solids, scene.held, light, fine in (QUICK, TINY), ticket).round

        return self._timed("on stand-ins", key_of("on stand-ins", scene.stand_ins, *standing, fine, *shone), made,
                           lambda found: found[0].sent.nbytes + found[1].nbytes)

    def marched_lattice(self, scene, fine=RESTING, ticket=None, frame=0):
        """Light in a scene as a march reads it: with what becomes of a glow, which paths find by themselves.

        Parameters
        ----------
        scene, fine, ticket, frame
            As of `lattice`.

        Returns
        -------
        Lattice
        """
        got = self.lattice(scene, fine, ticket, frame)
        if len(scene.clouds) == 1 and scene.clouds[0].refined is not None:
            # Kept by itself: lamps and glow change without it.
            near = self._timed("near", key_of("near", self.lattice_key(scene, fine), scene.clouds[0].refined.key),
                               lambda: near_of(scene, got, *self._coarse_in(scene, fine)),
                               lambda made: 0 if made is None else made.sun.nbytes)
            return replace(self._with_glow(scene, got, fine, frame), near=near)
        return self._with_glow(scene, got, fine, frame)

    def _with_glow(self, scene, got, fine, frame):
        """A lattice with what becomes of a glow."""
        if not glows(scene):
            return got

        def glowing():
            return with_glow(got, self._coarse_in(scene, fine)[0], scene.clouds[0].shown, self._changing(scene))

        return self._timed("glow", key_of("glow", key_at("lamps", scene, fine, frame)), glowing, lambda made: made.sky.nbytes)

    def _coarse_in(self, scene, fine):
        """Density of a scene on the cells of its light, and what light that is scattered often sees of its media."""
        if scene.plain:
            cloud = scene.clouds[0]
            return placed_coarse(self._coarse(cloud, fine), cloud.placing), mixture_of(cloud.shown)
        # What clouds are gathered to on cells of the world depends on their extinction too.
        return self._timed("coarse", key_of("gathered", key_at("zones", scene), fine), lambda: coarse_in(scene, fine),
                           lambda made: made[0].nbytes)

    def _changing(self, scene):
        """Colours that change within the one cloud of a scene, or None."""
        hues = self.hues(scene)[1]
        return hues[0] if hues else None

    def field(self, scene, fine, ticket=None, frame=0, apart=False):
        """Light of each colour that the cells of a lattice send on, for gathered paths.

        Parameters
        ----------
        scene : Scene
        fine : Fineness
            Of its lattices.
        ticket : Ticket, optional
        frame : int, optional
            For the flicker of lamps.
        apart : bool, optional
            Each light group for itself.

        Returns
        -------
        Coloured or None
            None where the lattice itself is enough: see `needs_colours`.
        """
        light, coloured = scene.light, needs_colours(scene)
        groups = groups_of(light)
        if not coloured and not (apart and len(groups) > len(FIXED)):
            return None

        def of_one(bare, coarse, mixture, named=None):
            one = scene if named is None else alone_in(scene, named)
            if not coloured:
                return with_lamps(bare, coarse, one.light, frame, mixture).sky[..., 4:, :]
            if named == FIXED[GLOW] and one.clouds[0].shown.glow_strength == 0.0:
                return None
            return coloured_field(coarse, bare, one, self._changing(scene), frame, ticket)

        def made():
            # The lattice's lamps are those of their own solution, and not read.
            bare = self.lattice(scene.under(light.edited(lamps=())), fine, ticket)
            given = bare, *self._coarse_in(scene, fine)
            if not apart:
                return of_one(*given)
            if coloured:
                return together([of_one(*given, name) for name in groups])
            return kinds_of_light(bare, scene, [of_one(*given, name) for name in groups[len(FIXED):]])

        # All but how it is looked at.
        shone = light.sun, light.sky, light.floor, light.lamps, light.mix, frame if light.lamps else 0
        key = key_of("field", self.lattice_key(scene, fine), key_at("hues", scene), scene.media, apart, *shone)
        return self._timed("field", key, made, lambda field: field.nbytes)

    def shadow(self, scene, fine=RESTING, ticket=None):
        """Shadow of a scene's clouds on the sea or land below them.

        Parameters
        ----------
        scene : Scene
        fine : Fineness, optional
            Of the lattices of light.
        ticket : Ticket, optional

        Returns
        -------
        Shadow
            None at all where there is nothing below, or no cloud.
        """
        if scene.light.floor.kind == "none" or not (scene.clouds or self._between(scene)):
            return NO_SHADOW
        if not scene.clouds:
            return shadow_of(scene, None)
        # The sun's lattice is all that counts: no lamps are worked out for it.
        bare = scene.under(scene.light.edited(lamps=()))
        return self._timed("shadow", key_of("shadow", self.lattice_key(scene, fine), scene.light.floor.level),
                           lambda: shadow_of(bare, self.lattice(bare, fine, ticket)), lambda made: made.share.nbytes)

    def hues(self, scene):
        """Colours that differ from place to place: see `hues_of`.

        Parameters
        ----------
        scene : Scene

        Returns
        -------
        (list of Colours or None, list of Colours or None)
            As a march gathers them, and as paths read them; None where one colour holds everywhere.
        """
        if not scene.hued:
            return None, None

        return self._timed("hues", key_at("hues", scene), lambda: hues_of(scene, lambda cloud: self._coarse(cloud, RESTING)),
                           lambda made: sum(hue.nbytes for hue in made[0]))

    def _coarse(self, cloud, fine):
        return self._timed("coarse", key_of("coarse", cloud.key, fine), lambda: coarse_of(cloud.grid, fine),
                           lambda made: made.nbytes)

    def histograms(self, grid, key, extinction, axis):
        """Histograms of a whole grid: see `whole_histograms`.

        Parameters
        ----------
        grid : BrickGrid
            Not empty.
        key : str
            Key of the grid.
        extinction : float
            1/m at density 1.
        axis : int

        Returns
        -------
        Whole
        """
        return self._timed("histograms", key_of("histograms", key, extinction, axis),
                           lambda: whole_histograms(grid, extinction, axis), lambda whole: 4 * whole.density.nbytes)

    def forecast(self, mound, ticket=None):
        """What builds of a mound will need: see `forecast`.

        Parameters
        ----------
        mound : Mound
        ticket : Ticket, optional

        Returns
        -------
        Forecast
        """
        corrections = (1.0, 1.0) if self.past is None else self.past.corrections()
        key = key_of("forecast", key_at(SHAPED, mound), mound.voxels.final, corrections)
        return self._timed("forecast", key, lambda: forecast(mound, ticket, corrections),
                           lambda ahead: ahead.distances.nbytes)

    def refuse_unless_fits(self, mound, voxel, ticket=None, limit=None):
        """Raise unless a build of a mound stays within a memory limit.

        Parameters
        ----------
        mound : Mound
        voxel : float
            Metres.
        ticket : Ticket, optional
        limit : float, optional
            Bytes; default `memory_limit()`.

        Raises
        ------
        DoesNotFit
            Names the smallest voxel that fits.
        """
        limit = memory_limit() if limit is None else limit
        if memory_at_most(mound, voxel) > limit:
            refuse_unless_fits(self.forecast(mound, ticket), voxel, limit)

    def _timed(self, stage, key, make, size):
        begun = time.perf_counter()
        result = self.cache.get_or_make(key, make, size)
        self.seconds[stage] = time.perf_counter() - begun
        return result


def _disk_key(key):
    """What is on disk was made by certain kernels: others may differ in the last digit."""
    return key_of("kept", STAMP, key)


def picture(stages, scene, width, height, *, passes=1, fine=RESTING, clay=False, ticket=None):
    """A finished picture of a scene.

    Parameters
    ----------
    stages : Stages
    scene : Scene
    width, height : int
        Pixels.
    passes : int, optional
        Rays for each pixel.
    fine : Fineness, optional
        Of the lattices of light.
    clay : bool, optional
    ticket : Ticket, optional

    Returns
    -------
    ndarray of uint8, shape (height, width, 4)
        RGBA.
    """
    camera = camera_of(scene.seen_from, width, height)
    total = None
    for nth in range(passes):
        layers = layers_of(stages, scene, camera, nth=nth, fine=fine, clay=clay, ticket=ticket)
        total = layers if total is None else total + layers
    return composed(total / passes, scene, camera, clay=clay, shadow=NO_SHADOW if clay else stages.shadow(scene, fine))


def layers_of(stages, scene, camera, *, nth=0, stride=1, fine=RESTING, clay=False, sparing=False, ticket=None, frame=0):
    """Layers of one pass: see `march`.

    Parameters
    ----------
    stages : Stages
    scene : Scene
    camera : Camera
    nth, stride : int, optional
    fine : Fineness, optional
        Of the lattices of light.
    clay : bool, optional
    sparing : bool, optional
        Under a hand: fewer rays of light, see `march`.
    ticket : Ticket, optional
    frame : int, optional
        For the flicker of lamps.

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS or LAYERS + 6)
        Where colours differ from place to place, those seen, times the opacity, come after the others; those of stand-ins last.
    """
    passing = {"stride": stride, "shift": pixel_shift(nth)}
    seen, ends = None, None
    if scene.stand_ins:
        light, round_ = (light_on(scene), np.zeros((1, 3), np.float32)) if clay else stages.on_stand_ins(scene, fine, ticket, frame)
        seen, ends = stand_ins_seen(scene, light, round_, camera, clay=clay, sparing=sparing, **passing)
    layers = _of_clouds(stages, scene, camera, nth, fine, clay, sparing, ends, frame, passing, ticket)
    return layers if seen is None else np.concatenate([layers, behind_clouds(seen, layers[..., OPACITY])], axis=-1)


def _of_clouds(stages, scene, camera, nth, fine, clay, sparing, ends, frame, passing, ticket):
    """Layers of the clouds alone."""
    if not scene.clouds:
        return empty_layers(camera, passing["stride"])
    if clay:
        scene = scene.bare.under(_OPEN)
    lattice = (stages.lattice if clay else stages.marched_lattice)(scene, fine, ticket, frame)
    passing = {**passing, "nth": nth, "ends": ends, "ticket": ticket}
    layers = march(scene, lattice, camera, clay=clay, sparing=sparing and not clay, **passing)
    hues = None if clay else stages.hues(scene)[0]
    if hues is None:
        return layers
    seen = march(scene, lattice, camera, hues=hues, **passing)
    return np.concatenate([layers, seen[..., [ZENITH, HORIZON, GROUND, RED, GREEN, BLUE]]], axis=-1)


def paths_of(stages, scene, camera, *, alone=False, seed=0, frame=0, apart=False, ticket=None):
    """What traces True light of a scene.

    Parameters
    ----------
    stages : Stages
    scene : Scene
        With at least one cloud.
    camera : Camera
    alone : bool, optional
        Whole paths alone, rather than gathered ones put right by them.
    seed, frame, apart
        As of `Tracer`.
    ticket : Ticket, optional

    Returns
    -------
    Levels or Tracer
        Without a path yet.
    """
    given = {"seed": seed, "frame": frame, "apart": apart, "hues": stages.hues(scene)[1]}
    lattice = stages.lattice(scene, SHARP, ticket, frame)
    if alone:
        return Tracer(scene, lattice, camera, **given)
    return Levels(scene, lattice, camera, field=stages.field(scene, SHARP, ticket, frame, apart),
                  back=stages.back(scene, SHARP, ticket, frame, apart), **given)


def settling_paths(stages, scene, camera, *, fine=RESTING, frame=0, apart=False, ticket=None):
    """The few gathered paths that Draft light is put right by: see `core.light.paths.settling`.

    Parameters
    ----------
    stages, scene, camera, fine, frame, ticket
        As of `settled_draft`.
    apart : bool, optional
        Keep the light groups apart.

    Returns
    -------
    Tracer
        Traced.
    """
    tracer = Tracer(scene, stages.lattice(scene, fine, ticket, frame), settling_camera(camera), frame=frame,
                    hues=stages.hues(scene)[1], gathering=True, followed=int(looks_against(scene.light.sun, camera)),
                    field=stages.field(scene, fine, ticket, frame, apart), back=stages.back(scene, fine, ticket, frame, apart),
                    apart=apart)
    while not enough(tracer):
        tracer.add(1, ticket)
    return tracer


def settled_draft(stages, scene, camera, radiance, *, shadow=NO_SHADOW, standing=None, fine=RESTING, frame=0, ticket=None):
    """A picture in Draft light, put right by a few gathered paths: see `core.light.paths.settling`.

    Parameters
    ----------
    stages : Stages
    scene : Scene
    camera : Camera
    radiance : ndarray of float32, shape (height, width, 4)
        Of Draft light.
    shadow : Shadow, optional
    standing : ndarray of float32, shape (height, width, WIDTH), optional
        In that picture: see `behind_of`.
    fine : Fineness, optional
        Of the lattices of light.
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (height, width, 4)
        As it is where there are several clouds: paths through many take longer than they are worth; and of what is scattered
        once, which is exact by itself.
    """
    if not scene.plain or scene.light.once:
        return radiance
    tracer = settling_paths(stages, scene, camera, fine=fine, frame=frame, ticket=ticket)
    behind = behind_of(radiance, scene.light, camera, shadow=shadow, standing=standing)
    return settled(radiance, behind, correction(traced_light(tracer)[0], radiance[..., :3] - behind, tracer.noise()))


def empty_layers(camera, stride=1):
    """Layers of a picture without a cloud.

    Parameters
    ----------
    camera : Camera
    stride : int, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS)
    """
    return np.zeros((-(-camera.height // stride), -(-camera.width // stride), LAYERS), np.float32)


def pixel_shift(nth):
    """Where in a pixel the ray of a pass goes: the middle first, then spread evenly.

    The additive sequence on the plastic number (Roberts 2018).

    Parameters
    ----------
    nth : int

    Returns
    -------
    (float, float)
        From 0 to 1.
    """
    return (0.5 + 0.7548776662 * nth) % 1.0, (0.5 + 0.5698402910 * nth) % 1.0
