"""Detail that rides on a growth, and wisps drawn out of a finished cloud along its flow.

What the cells of a flow are too coarse for is added as a turbulence without sources, octave by octave by Kolmogorov's law, as by
Kim, Thuerey, James and Gross (2008, Wavelet turbulence for fluid simulation, SIGGRAPH), and the cloud is followed back through
it, so that its edge rolls up rather than being pushed in and out. The turbulence is carried by the flow in two sets of texture
coordinates that are begun anew in turn (Max and Becker 1995, Flow visualization using moving textures, ICASE/LaRC Symposium).
"""

from functools import lru_cache

import numpy as np
import scipy

from ..kernels import side_by_side
from ..machine import free_memory
from ..noise.flow import came_through
from ..problems import DoesNotFit, Problem
from ..recipe import Noise
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, grid_of
from ..volume.sample import sample
from .kept import FAINT

STEPS = 6
"""Steps back through the flow."""
CHUNK = 64
LARGEST = 6.0
"""Cells of the largest whirls that are added: those that the flow itself has lost."""
FINEST = 2.5
"""Voxels of the smallest."""
ROLLS = 0.45
"""How far a whirl carries what it turns, in its own size, at a detail of 1."""
TURNS = 3
"""Steps round each whirl."""
BLUR, EDGE = 0.7, (0.25, 0.6)
"""Cells over which a frame is smoothed, and what its edge then rises from and to: so it has no steps."""
LEAST = 0.01
"""Of a cloud, below which a cell is not looked at."""
LEAST_VOXEL = 0.005
"""Metres."""
BRICK_SECONDS = 6e-4
"""That a brick takes, about."""
_LANE = np.arange(LANES)
_WITHIN = np.stack([_LANE >> 6, (_LANE >> 3) & 7, _LANE & 7], axis=-1)


def came_from(points, grown, seconds):
    """Where what is at some places was a while ago, in a flow that stays what it is.

    Parameters
    ----------
    points : ndarray of float, shape (n, 3)
        Metres.
    grown : Grown
        Its flow; beyond its box the flow is that of the border.
    seconds : float

    Returns
    -------
    ndarray of float64, shape (n, 3)
        By the midpoint rule, in `STEPS` steps.
    """
    def flow(at):
        coordinates = ((at - grown.origin) / grown.cell).T
        return np.stack([scipy.ndimage.map_coordinates(grown.flow[..., n], coordinates, order=1, mode="nearest")
                         for n in range(3)], axis=-1)

    at, step = np.array(points, float), seconds / STEPS
    for _ in range(STEPS):
        at = at - step * flow(at - 0.5 * step * flow(at))
    return at


@lru_cache(maxsize=2)
def _smoothed(grown):
    """A frame's cloud without steps, and as a spline's coefficients."""
    blurred = scipy.ndimage.gaussian_filter(grown.cloud, BLUR)
    return blurred, scipy.ndimage.spline_filter(blurred, order=3, output=np.float32)


def _reach(detail):
    """Cells that detail carries what is at an edge, about: float; all whirls one way would be twice that, and never are."""
    return ROLLS * detail * LARGEST


def _bricks_of(grown, voxel, detail):
    """Bricks of a finer grid, and which of them detail can alter.

    Returns
    -------
    coords : ndarray of int64, shape (n, 3)
        Those that a frame's cloud may reach.
    edge : ndarray of bool, shape (n,)
        Those that are not deep within it.
    """
    blurred, reach = _smoothed(grown)[0], int(np.ceil(_reach(detail))) + 1
    room = reach + int(np.ceil(SIDE * voxel / grown.cell)) + 1
    wide = np.pad(blurred, room)
    # Of each brick the most and the least of the cells that it may look at.
    span = 2 * reach + 1 + int(np.ceil(SIDE * voxel / grown.cell))
    most, least = scipy.ndimage.maximum_filter(wide, span), scipy.ndimage.minimum_filter(wide, span)
    low = np.floor((grown.origin - grown.cell * room) / (voxel * SIDE)).astype(np.int64) + 1
    high = np.floor((grown.origin + grown.cell * (np.array(grown.cloud.shape) + room - 1)) / (voxel * SIDE)).astype(np.int64) - 1
    coords = np.stack(np.meshgrid(*(np.arange(a, b + 1) for a, b in zip(low, high)), indexing="ij"), -1).reshape(-1, 3)
    middle = ((coords + 0.5) * SIDE - 0.5) * voxel
    at = np.clip(np.rint((middle - grown.origin) / grown.cell).astype(int) + room, 0, np.array(wide.shape) - 1)
    there = most[tuple(at.T)] > LEAST
    return coords[there], least[tuple(at[there].T)] < EDGE[1]


def foretold_freeze(grown, finer=2, detail=0.7):
    """What freezing a frame will take.

    Parameters
    ----------
    grown, finer, detail
        As for `refined`.

    Returns
    -------
    dict
        `voxel` in metres, `bricks` that are looked at, `memory_bytes`, `seconds` about.

    Raises
    ------
    Problem
        When the frame holds no cloud.
    DoesNotFit
        When it takes more memory than there is, or voxels smaller than there may be.
    """
    voxel, memory = _fitting(grown, finer, detail)
    edge = _bricks_of(grown, voxel, detail)[1]
    return {"voxel": voxel, "bricks": len(edge), "memory_bytes": int(memory),
            "seconds": round(np.count_nonzero(edge) * BRICK_SECONDS, 1)}


def _fitting(grown, finer, detail):
    """Voxel of a refined frame in metres, and bytes it takes; refused as of `foretold_freeze`."""
    cells = grown.cloud > LEAST
    if not cells.any():
        raise Problem("Frame {} holds no cloud; choose a later one.", grown.number)
    voxel = grown.cell / finer
    # Cells within reach, before bricks are listed one by one: of too fine ones there would be too many for that.
    wide = np.count_nonzero(scipy.ndimage.maximum_filter(np.pad(cells, 8), 2 * int(_reach(detail)) + 3))
    memory = wide * finer**3 * 4.0 * 2.5 + grown.cloud.size * 4.0 * 12.0
    if voxel < LEAST_VOXEL or memory > free_memory():
        raise DoesNotFit("Frame {}: {} voxels along a cell would be voxels of {:.3g} m and take {:,.1f} GB; {:.1f} GB are free, "
                         "and voxels are {} m at the least. Choose fewer.", grown.number, finer, voxel, memory / 1e9,
                         free_memory() / 1e9, LEAST_VOXEL)
    return voxel, memory


def _whirls(grown, voxel, seed):
    """Sizes of the whirls that are added, the smallest first, and their noises: of each set of texture coordinates its own."""
    sizes, size = [], LARGEST * grown.cell
    while size > FINEST * voxel:
        sizes.append(size)
        size *= 0.5
    return [(size, [[Noise(feature=size, octaves=1, seed=(seed + 7919 * n + 104_729 * epoch + half) % 2**31) for half in (0, 101)]
                    for epoch in grown.epochs]) for n, size in reversed(list(enumerate(sizes)))]


def refined(grown, finer=2, detail=0.7, seed=1, ticket=None):
    """A frame as a finer grid, with whirls that ride on its flow.

    Parameters
    ----------
    grown : Grown
    finer : int, optional
        So many voxels along a cell.
    detail : float, optional
        How far its edge is rolled up, 0 to 1.
    seed : int, optional
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        Density of 0 to 1.

    Raises
    ------
    Problem
        When the frame holds no cloud, or it does not fit: see `foretold_freeze`.
    """
    voxel, _ = _fitting(grown, finer, detail)
    smooth = _smoothed(grown)[1]
    coords, edge = _bricks_of(grown, voxel, detail)
    whirls = _whirls(grown, voxel, seed) if detail > 0.0 else []
    weights = [(n, weight / np.linalg.norm(grown.weights)) for n, weight in enumerate(grown.weights) if weight > 0.0]
    values = np.ones((len(coords), LANES), np.float32)
    rim = np.flatnonzero(edge)

    def some_values(some):
        points = ((coords[rim[some], None, :] * SIDE + _WITHIN) * voxel).reshape(-1, 3).astype(np.float32)
        rode = grown.rode_at(points) if whirls else ()
        for size, noises in whirls:
            carried = np.zeros_like(points)
            for n, weight in weights:
                material = points + rode[n]
                carried += np.float32(weight) * (came_through(material, noises[n], ROLLS * detail * size, TURNS) - material)
            points = points + carried
        at = ((points - grown.origin) / grown.cell).T
        cloud = scipy.ndimage.map_coordinates(smooth, at, order=3, prefilter=False, mode="constant")
        return np.clip((cloud - EDGE[0]) / (EDGE[1] - EDGE[0]), 0.0, 1.0).reshape(-1, LANES)

    # The pieces are handed out one by one, so that a stop is heard before each.
    for some, found in side_by_side(lambda some: (some, some_values(some)), chunks(len(rim), CHUNK, ticket)):
        values[rim[some]] = found
    held = values.any(axis=1)
    return grid_of(voxel, coords[held].astype(np.int32), values[held])


def streamed(grid, grown, seconds, ticket=None):
    """A finished cloud after a while in the frozen flow of a growth: wisps without a simulation.

    Parameters
    ----------
    grid : BrickGrid
        Density.
    grown : Grown
    seconds : float
        Of the film; what would go out of the grid's surroundings within them is kept.
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        Of the same voxel.
    """
    fastest = float(np.abs(grown.flow).max()) if grown.flow.size else 0.0
    far = int(np.ceil(seconds * fastest / (grid.voxel * SIDE)))
    around = np.unique(np.concatenate([grid.coords, grid.tile_coords]).astype(np.int64), axis=0)
    for axis in range(3):
        step = np.eye(3, dtype=np.int64)[axis]
        around = np.unique(np.concatenate([around + n * step for n in range(-min(far, 6), min(far, 6) + 1)]), axis=0)
    values = np.empty((len(around), LANES), np.float32)
    for some in chunks(len(around), CHUNK, ticket):
        points = ((around[some, None, :] * SIDE + _WITHIN) * grid.voxel + grid.offset).reshape(-1, 3)
        found = sample(grid, came_from(points, grown, seconds))
        values[some] = np.where(found > FAINT, found, 0.0).reshape(-1, LANES)
    held = values.any(axis=1)
    return grid_of(grid.voxel, around[held].astype(np.int32), values[held], offset=grid.offset)


def frozen_mound(mound, grown, grid):
    """A mound whose form is a frozen frame.

    Parameters
    ----------
    mound : Mound
        Its light and view are kept.
    grown : Grown
    grid : BrickGrid
        From `refined`.

    Returns
    -------
    Mound
        Without grains and growth; the form is joined as density.
    """
    from ..exchange.forms import volume_form

    form = volume_form(grid, f"{mound.name[:60]} {grown.number}", False).edited(joins="density")
    voxels = mound.voxels.edited(draft=grid.voxel, final=grid.voxel)
    return mound.edited(mass=mound.mass.edited(forms=(form,)), grains=(), steps=(), patches=(), growth=None, keyed=(), time=None,
                        snapshots=(), voxels=voxels)
