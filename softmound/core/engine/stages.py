"""The stages from recipe to picture, each served from the cache when its key is known."""

import time

import numpy as np

from ..light.camera import camera_of
from ..light.lattice import SUN_CELLS, lit
from ..light.march import march
from ..light.shell import shell_of
from ..light.tone import composed
from .cache import Cache
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
    """

    def __init__(self, cache=None):
        self.cache = Cache(CACHE_BYTES) if cache is None else cache
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
        return key_of("density", mound.mass, mound.grains, mound.skin, float(voxel))

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
        return self._timed(
            "density", self.density_key(mound, voxel),
            lambda: density_grid(mound, voxel, ticket, memories), lambda grid: grid.nbytes,
        )

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
        sun = light.sun
        return key_of("light", key, light.medium.extinction, sun.azimuth, sun.elevation, cells)

    def lattice(self, grid, key, light, cells=SUN_CELLS, ticket=None):
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

        Returns
        -------
        Lattice
        """
        return self._timed(
            "light", self.lattice_key(key, light, cells),
            lambda: lit(grid, light, cells, ticket), lambda got: got.sun.nbytes + got.sky.nbytes,
        )

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
        return self._timed(
            "forecast", key_of("forecast", mound.mass, mound.grains, mound.skin),
            lambda: forecast(mound, ticket), lambda ahead: ahead.distances.nbytes,
        )

    def _timed(self, stage, key, make, size):
        begun = time.perf_counter()
        result = self.cache.made(key, make, size)
        self.seconds[stage] = time.perf_counter() - begun
        return result


def picture(stages, mound, grid, key, width, height, *, passes=1, clay=False, ticket=None):
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
        layers = layers_of(stages, mound, grid, key, camera, turn=turn, clay=clay, ticket=ticket)
        total = layers if total is None else total + layers
    return composed(total / passes, mound.light, camera, clay=clay)


def layers_of(stages, mound, grid, key, camera, *, turn=0, stride=1, cells=SUN_CELLS, clay=False,
              ticket=None):
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

    Returns
    -------
    ndarray of float32, shape (rows, columns, 5)
    """
    if grid.brick_bounds() is None:
        return empty_layers(camera, stride)
    shell = stages.shell(grid, key)
    lattice = stages.lattice(grid, key, mound.light, cells, ticket)
    return march(shell, lattice, mound.light, camera, stride=stride, shift=pixel_shift(turn),
                 turn=turn, clay=clay, ticket=ticket)


def empty_layers(camera, stride=1):
    """Layers of a picture without a cloud.

    Parameters
    ----------
    camera : Camera
    stride : int, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, 5)
    """
    return np.zeros((-(-camera.height // stride), -(-camera.width // stride), 5), np.float32)


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
