"""The stages from recipe to picture, each served from the cache when its key is known."""

import time

import numpy as np

from ..kernels import STAMP
from ..light.camera import camera_of
from ..light.lattice import SUN_CELLS, coarse_of, lit, with_lamps, zones_of
from ..light.march import LAYERS, march
from ..light.phase import lobes_of
from ..light.ramps import as_light, colours_of
from ..light.scene import composed
from ..light.shell import shell_of
from ..volume.cut_facts import whole_histograms
from .cache import Cache
from .calibration import PeakMemory
from .density import Memories, density_grid
from .forecast import forecast
from .keys import key_of

CACHE_BYTES = 1_500_000_000


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
        self.cache = Cache(CACHE_BYTES) if cache is None else cache
        self.kept = kept
        self.past = past
        self.seconds = {}
        self._memories = Memories()

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
        return key_of("density", *_shaping(mound), float(voxel))

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
        if memories is not None or self.past is None:
            return density_grid(mound, voxel, ticket, memories)
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

    def shell(self, grid, key):
        """The grid as rays read it.

        Parameters
        ----------
        grid : BrickGrid
        key : str
            Key of the grid.

        Returns
        -------
        Shell
        """
        return self._timed("shell", key_of("shell", key), lambda: shell_of(grid),
                           lambda shell: shell.nbytes)

    def lattice_key(self, key, light, cells=SUN_CELLS):
        """Key of the light in a grid.

        Parameters
        ----------
        key : str
            Key of the grid.
        light : Light
        cells : int, optional
            Fineness of the sun's lattice.

        Returns
        -------
        str
        """
        sun, medium = light.sun, light.medium
        return key_of("light", key, medium.extinction, lobes_of(medium), sun.azimuth, sun.elevation, cells)

    def lattice(self, grid, key, light, cells=SUN_CELLS, ticket=None, frame=0):
        """Light in the grid.

        Parameters
        ----------
        grid : BrickGrid
        key : str
            Key of the grid.
        light : Light
        cells : int, optional
            Fineness of the sun's lattice.
        ticket : Ticket, optional
        frame : int, optional
            For the flicker of lamps.

        Returns
        -------
        Lattice
        """
        def coarse():
            return self._coarse(grid, key, cells)

        def zones():
            medium = light.medium
            return self._timed("sky", key_of("sky", key, cells, medium.extinction, lobes_of(medium)),
                               lambda: zones_of(coarse(), medium), lambda made: made.nbytes)

        lit_key = self.lattice_key(key, light, cells)
        got = self._timed("light", lit_key, lambda: lit(coarse(), light, zones(), ticket),
                          lambda made: made.sun.nbytes + made.sky.nbytes)
        if not light.lamps:
            return got
        return self._timed("lamps", key_of("lamps", lit_key, light.lamps, frame),
                           lambda: with_lamps(got, coarse(), light, frame), lambda made: made.sky.nbytes)

    def colours(self, grid, key, medium):
        """Colours within the grid: see `colours_of`.

        Parameters
        ----------
        grid : BrickGrid
        key : str
            Key of the grid.
        medium : Medium

        Returns
        -------
        Colours or None
            None where one colour holds everywhere.
        """
        if medium.tint_by is None and medium.glow_by is None:
            return None
        return self._timed("colours", key_of("colours", key, medium.tint_by, medium.glow_by, lobes_of(medium)),
                           lambda: colours_of(self._coarse(grid, key, SUN_CELLS), medium), lambda made: made.nbytes)

    def colours_as_light(self, grid, key, medium):
        """The same in the place of light: see `as_light`.

        Parameters
        ----------
        grid, key, medium
            As of `colours`.

        Returns
        -------
        Lattice or None
        """
        colours = self.colours(grid, key, medium)
        if colours is None:
            return None
        return self._timed("colours as light", key_of("as light", key, medium.tint_by, medium.glow_by, lobes_of(medium)),
                           lambda: as_light(colours), lambda made: made.sun.nbytes + made.sky.nbytes)

    def _coarse(self, grid, key, cells):
        return self._timed("coarse", key_of("coarse", key, cells), lambda: coarse_of(grid, cells), lambda made: made.nbytes)

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
        key = key_of("forecast", *_shaping(mound), mound.voxels.final, corrections)
        return self._timed("forecast", key, lambda: forecast(mound, ticket, corrections),
                           lambda ahead: ahead.distances.nbytes)

    def _timed(self, stage, key, make, size):
        begun = time.perf_counter()
        result = self.cache.made(key, make, size)
        self.seconds[stage] = time.perf_counter() - begun
        return result


def _shaping(mound):
    """The parts of a recipe that its density reads; the sun only where a mask asks for it."""
    masks = [mask for part in (*mound.grains, *mound.patches) for mask in part.where]
    sun = any(mask.by == "facing" and mask.toward == "sun" for mask in masks)
    return (mound.mass, mound.steps, mound.grains, mound.patches, mound.skin,
            (mound.light.sun.azimuth, mound.light.sun.elevation) if sun else ())


def _disk_key(key):
    """What is on disk was made by certain kernels: others may differ in the last digit."""
    return key_of("kept", STAMP, key)


def picture(stages, mound, grid, key, width, height, *, passes=1, cells=SUN_CELLS, clay=False, ticket=None):
    """A finished picture of a grid.

    Parameters
    ----------
    stages : Stages
    mound : Mound
        Light and view.
    grid : BrickGrid
        Density.
    key : str
        Its key.
    width, height : int
        Pixels.
    passes : int, optional
        Rays for each pixel.
    cells : int, optional
        Fineness of the sun's lattice.
    clay : bool, optional
    ticket : Ticket, optional

    Returns
    -------
    ndarray of uint8, shape (height, width, 4)
        RGBA.
    """
    camera = camera_of(mound.view, width, height)
    total = None
    for turn in range(passes):
        layers = layers_of(stages, mound, grid, key, camera, turn=turn, cells=cells, clay=clay, ticket=ticket)
        total = layers if total is None else total + layers
    return composed(total / passes, mound.light, camera, clay=clay)


def layers_of(stages, mound, grid, key, camera, *, turn=0, stride=1, cells=SUN_CELLS, clay=False,
              ticket=None, frame=0):
    """Layers of one pass: see `march`.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    grid : BrickGrid
    key : str
        Key of the grid.
    camera : Camera
    turn, stride : int, optional
    cells : int, optional
        Fineness of the sun's lattice.
    clay : bool, optional
    ticket : Ticket, optional
    frame : int, optional
        For the flicker of lamps.

    Returns
    -------
    ndarray of float32, shape (rows, columns, LAYERS or LAYERS + 6)
        Where colours change within the cloud, those seen, times the opacity, come after the others.
    """
    if grid.brick_bounds() is None:
        return empty_layers(camera, stride)
    shell = stages.shell(grid, key)
    lattice = stages.lattice(grid, key, mound.light, cells, ticket, frame)
    shift = pixel_shift(turn)
    layers = march(shell, lattice, mound.light, camera, stride=stride, shift=shift, turn=turn, clay=clay, ticket=ticket)
    colours = None if clay else stages.colours_as_light(grid, key, mound.light.medium)
    if colours is None:
        return layers
    seen = march(shell, colours, mound.light.edited(once=True), camera, stride=stride, shift=shift, turn=turn,
                 ticket=ticket)
    return np.concatenate([layers, seen[..., [1, 2, 3, 5, 6, 7]]], axis=-1)


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


def pixel_shift(turn):
    """Where in a pixel the ray of a pass goes: the middle first, then spread evenly.

    The additive sequence on the plastic number (Roberts 2018).

    Parameters
    ----------
    turn : int

    Returns
    -------
    (float, float)
        From 0 to 1.
    """
    return (0.5 + 0.7548776662 * turn) % 1.0, (0.5 + 0.5698402910 * turn) % 1.0
