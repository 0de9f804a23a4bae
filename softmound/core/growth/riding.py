"""Places carried through a frozen flow: detail that rides on a growth, and wisps drawn out of a finished cloud.

Everything is looked up where the flow brought it from, after Ebert and Parent (1990, Rendering and animation of gaseous
phenomena, SIGGRAPH) for textures that move with a fluid.
"""

import numpy as np
import scipy

from ..machine import free_memory
from ..noise.sums import mean_of, noise_points
from ..problems import DoesNotFit, Problem
from ..recipe import Noise
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, grid_of
from ..volume.sample import sample
from .kept import FAINT

STEPS = 6
"""Steps back through the flow."""
CHUNK = 256
CRISP = 0.22
"""Share of a cloud's density over which a frozen edge rises."""
BLUR = 1.5
"""Cells over which the way out of a cloud is smoothed."""
DOMES = 0.75
"""How far detail is pushed out, in its features, at a detail of 1."""
RINGS = 0.04
LEAST = 0.01
"""Of a cloud, below which a cell is not looked at."""
LEAST_VOXEL = 0.005
"""Metres."""
BRICK_SECONDS = 4e-4
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


def _bricks_of(grown, voxel, far):
    """Bricks of a finer grid that a frame's cloud may reach: ndarray of int64, shape (n, 3)."""
    cells = np.argwhere(grown.cloud > LEAST)
    low = np.floor((grown.origin + grown.cell * (cells - 1.5) - far) / (voxel * SIDE)).astype(np.int64)
    high = np.floor((grown.origin + grown.cell * (cells + 1.5) + far) / (voxel * SIDE)).astype(np.int64)
    found, most = [], (high - low).max(axis=0) + 1
    for i in range(most[0]):
        for j in range(most[1]):
            for k in range(most[2]):
                at = low + (i, j, k)
                found.append(np.unique(at[(at <= high).all(axis=1)], axis=0))
    return np.unique(np.concatenate(found), axis=0)


def foretold_freeze(grown, finer=2, detail=0.5, feature=None):
    """What freezing a frame will take.

    Parameters
    ----------
    grown, finer, detail, feature
        As for `frozen`.

    Returns
    -------
    dict
        `voxel` in metres, `bricks` looked at, `memory_bytes`, `seconds` about.

    Raises
    ------
    Problem
        When the frame holds no cloud.
    DoesNotFit
        When it takes more memory than there is, or voxels smaller than there may be.
    """
    cells = grown.cloud > LEAST
    if not cells.any():
        raise Problem("Frame {} holds no cloud; choose a later one.", grown.number)
    far = DOMES * detail * (5.0 * grown.cell if feature is None else feature) / grown.cell
    # Cells within reach, as `_bricks_of` goes, and the bricks that they lie in; of bricks smaller than a cell, those in each.
    reach = int(np.ceil(far + 1.5))
    wide = np.argwhere(scipy.ndimage.maximum_filter(np.pad(cells, reach), 2 * reach + 1)) - reach
    if finer <= SIDE:
        ends = [np.floor((grown.origin / grown.cell + wide + end) * finer / SIDE) for end in (-0.5, 0.5)]
        bricks = len(np.unique(np.concatenate(ends), axis=0))
    else:
        bricks = len(wide) * (finer / SIDE) ** 3
    memory, voxel = bricks * LANES * 4.0 * 2.5 + grown.cloud.size * 4.0 * 12.0, grown.cell / finer
    if voxel < LEAST_VOXEL or memory > free_memory():
        raise DoesNotFit("Frame {}: {} voxels along a cell would be voxels of {:.3g} m and take {:,.1f} GB; {:.1f} GB are free, "
                         "and voxels are {} m at the least. Choose fewer.", grown.number, finer, voxel, memory / 1e9,
                         free_memory() / 1e9, LEAST_VOXEL)
    return {"voxel": voxel, "bricks": int(bricks), "memory_bytes": int(memory), "seconds": round(bricks * BRICK_SECONDS, 1)}


def frozen(grown, finer=2, detail=0.5, feature=None, ride=0.06, seed=1, ticket=None):
    """A frame as a finer grid, with detail that rides on its flow.

    Parameters
    ----------
    grown : Grown
    finer : int, optional
        So many voxels along a cell.
    detail : float, optional
        How far domes stand out and finer noise eats into the edge, 0 to 1.
    feature : float, optional
        Of the noise, metres; default five cells.
    ride : float, optional
        Seconds of the film for which it is drawn out by the flow.
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
    foretold_freeze(grown, finer, detail, feature)
    voxel, feature = grown.cell / finer, 5.0 * grown.cell if feature is None else feature
    smooth = scipy.ndimage.spline_filter(grown.cloud, order=3, output=np.float32)
    # Of the blurred cloud, since the way out has to be known a little beyond the edge as well.
    broad = scipy.ndimage.gaussian_filter(grown.cloud, BLUR)
    out = np.stack(np.gradient(broad), axis=-1)
    out /= -np.maximum(np.linalg.norm(out, axis=-1, keepdims=True), 1e-5)
    domes = Noise(kind="cellular", inverted=True, feature=feature, octaves=3, gain=0.45, seed=seed)
    fine = Noise(summed="folded", feature=0.5 * feature, octaves=5, gain=0.55, seed=seed + 1)
    far = DOMES * detail * feature
    coords = _bricks_of(grown, voxel, far)
    values = np.empty((len(coords), LANES), np.float32)
    for some in chunks(len(coords), CHUNK, ticket):
        points = ((coords[some, None, :] * SIDE + _WITHIN) * voxel).reshape(-1, 3)
        at = (points - grown.origin) / grown.cell
        about = scipy.ndimage.map_coordinates(broad, at.T, order=1, mode="constant")
        edge = (about > 1e-3) & (about < 0.985) if detail > 0.0 else np.zeros(len(about), bool)
        eaten = np.zeros(len(at), np.float32)
        if edge.any():
            from_where = came_from(points[edge], grown, ride)
            way = np.stack([scipy.ndimage.map_coordinates(out[..., n], at[edge].T, order=1, mode="nearest")
                            for n in range(3)], axis=-1)
            pushed = far * (noise_points(from_where, domes) - mean_of(domes) + 0.1)
            at[edge] -= pushed[:, None] / grown.cell * way
            eaten[edge] = 0.5 * detail * noise_points(from_where, fine)
        cloud = scipy.ndimage.map_coordinates(smooth, at.T, order=3, prefilter=False, mode="constant")
        # Splines ring around what ends suddenly.
        cloud = np.where(cloud > RINGS, cloud, 0.0) - eaten
        values[some] = np.clip(cloud / (CRISP if detail > 0.0 else 1.0), 0.0, 1.0).reshape(-1, LANES)
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
        From `frozen`.

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
