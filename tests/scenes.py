"""Small mounds and grids that several tests use."""

import contextlib
import io

import numpy as np

from softmound.core.grain.actions.push import Push
from softmound.core.light.scene.camera import camera_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.recipe import Arrays, BaseLevel, Light, Mass, Medium, Mound, Skin, Sun, Voxels, eased
from softmound.core.volume import LANES, SIDE, grid_of

NO_BASE = BaseLevel(on=False)


def said(command, arguments):
    """Run a command in this process.

    Parameters
    ----------
    command : callable
        Given the arguments, returns an exit code.
    arguments : sequence

    Returns
    -------
    (int, str, str)
        Exit code, what it printed, and what it said on stderr.
    """
    out, err = io.StringIO(), io.StringIO()
    with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
        try:
            code = command([str(a) for a in arguments])
        except SystemExit as ended:
            code = ended.code
    return code, out.getvalue(), err.getvalue()


def ball_mound(radius=10.0, thickness=2.0, **changes):
    """One ball around (0, 20, 0), no base level, no grain.

    Parameters
    ----------
    radius, thickness : float
        Metres.
    **changes
        Fields of `Mound`.

    Returns
    -------
    Mound
    """
    blob = Blob(centre=(0.0, 20.0, 0.0), radii=(radius,) * 3)
    mound = Mound(
        name="Test Bun", mass=Mass(forms=(blob,), melt=0.0, base=NO_BASE),
        voxels=Voxels(final=1.0), skin=Skin(thickness=thickness, curve=eased(0.0)),
    )
    return mound.edited(**changes) if changes else mound


def lumpy_mound():
    """Three blobs, one turned, with two grains and a ragged base level.

    Returns
    -------
    Mound
    """
    blobs = (
        Blob(name="Left", centre=(-9.0, 14.0, 2.0), radii=(11.0, 9.0, 10.0)),
        Blob(name="Right", centre=(8.0, 16.0, -3.0), radii=(9.0, 12.0, 7.0), rotation=(20.0, 35.0, -15.0)),
        Blob(name="Top", centre=(1.0, 24.0, 0.0), radii=(6.0, 6.0, 6.0)),
    )
    return Mound(
        name="Lumpy", mass=Mass(forms=blobs, melt=2.5, base=BaseLevel(
            altitude=8.0, softness=2.0, raggedness=1.0, ragged_size=6.0, seed=3)),
        voxels=Voxels(final=0.8),
        grains=(Push(feature=8.0, strength=2.0, octaves=3, summed="folded", seed=5),
                Push(feature=3.0, strength=0.6, octaves=2, seed=9, weaker_below=0.5)),
        skin=Skin(thickness=1.5),
        light=Light(sun=Sun(azimuth=70.0, elevation=40.0), medium=Medium(extinction=0.6)),
    )


def missing(kinds, there):
    """One of every kind of a registry that is not among those that are there: no list by hand has to know all kinds.

    Parameters
    ----------
    kinds : Kinds
    there : sequence of Value

    Returns
    -------
    tuple of Value
    """
    return tuple(kind() for kind in kinds.values() if not any(isinstance(one, kind) for one in there))


def tetrahedron():
    """A small closed surface, as a mesh has it: Arrays."""
    return Arrays(vertices=np.array([[0, 0, 0], [9, 0, 0], [0, 9, 0], [0, 0, 9]], np.float32),
                  faces=np.array([[0, 2, 1], [0, 1, 3], [0, 3, 2], [1, 2, 3]], np.int32))


def box_grid(low, high, value=1.0, voxel=1.0, offset=(0.0, 0.0, 0.0)):
    """A box of constant value.

    Parameters
    ----------
    low, high : sequence of int, length 3
        Inclusive voxel coordinates.
    value, voxel : float
    offset : tuple of float
        Metres.

    Returns
    -------
    BrickGrid
    """
    low, high = np.asarray(low), np.asarray(high)
    axes = [np.arange(lo // SIDE, hi // SIDE + 1) for lo, hi in zip(low, high)]
    coords = np.stack(np.meshgrid(*axes, indexing="ij"), -1).reshape(-1, 3)
    at = voxels_of(coords)
    inside = np.all((at >= low) & (at <= high), axis=-1)
    return grid_of(voxel, coords, np.where(inside, np.float32(value), np.float32(0)), offset=offset)


def horizon_of(view, width, height):
    """Where the horizon lies on the picture of a view: where a level ray goes.

    Parameters
    ----------
    view : View
    width, height : int
        Pixels.

    Returns
    -------
    float
        Pixels from above.
    """
    camera = camera_of(view, width, height)
    level = camera.forward * [1.0, 0.0, 1.0]
    return camera.pixel(camera.eye + 1e6 * level / np.linalg.norm(level))[1]


def voxels_of(coords):
    """Voxel coordinates of all lanes of some bricks.

    Parameters
    ----------
    coords : ndarray of int, shape (n, 3)

    Returns
    -------
    ndarray of int64, shape (n, 512, 3)
    """
    lane = np.arange(LANES)
    within = np.stack([lane >> 6, (lane >> 3) & 7, lane & 7], axis=-1)
    return np.asarray(coords, np.int64)[:, None, :] * SIDE + within[None]


def random_grid(seed, voxel=0.5, offset=(1.0, -2.0, 3.0)):
    """Scattered bricks of random values, some tiles among them, across several nodes.

    Parameters
    ----------
    seed : int
    voxel : float
    offset : tuple of float

    Returns
    -------
    BrickGrid
    """
    dice = np.random.default_rng(seed)
    places = np.unique(dice.integers((-20, -6, -6), (25, 7, 7), (90, 3)), axis=0)
    dice.shuffle(places)
    coords, tiles = places[:60], places[60:75]
    values = dice.random((len(coords), LANES)).astype(np.float32)
    values[dice.random(values.shape) < 0.3] = 0.0
    return grid_of(voxel, coords, values, tiles, dice.random(len(tiles)).astype(np.float32) + 0.5,
                   0.0, offset)


def dense_of(grid):
    """A grid as a dense array over all its bricks, made without the code under test.

    Parameters
    ----------
    grid : BrickGrid

    Returns
    -------
    dense : ndarray of float32
    low : ndarray of int64, shape (3,)
        Voxel coordinate of its first element.
    """
    everything = np.concatenate([grid.coords, grid.tile_coords])
    low = everything.min(axis=0).astype(np.int64) * SIDE
    shape = everything.max(axis=0).astype(np.int64) * SIDE + SIDE - low
    dense = np.full(shape, grid.background, np.float32)
    for coord, values in zip(grid.coords, grid.values):
        x, y, z = coord.astype(np.int64) * SIDE - low
        dense[x:x + SIDE, y:y + SIDE, z:z + SIDE] = values.reshape(SIDE, SIDE, SIDE)
    for coord, value in zip(grid.tile_coords, grid.tile_values):
        x, y, z = coord.astype(np.int64) * SIDE - low
        dense[x:x + SIDE, y:y + SIDE, z:z + SIDE] = value
    return dense, low
