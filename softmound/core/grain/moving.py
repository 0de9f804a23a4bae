"""What moves density about: Stir, Streak and Crisp. They read a finished grid and make another."""

import math

import numpy as np

from ..directions import direction_of
from ..kernels import f32, i32, kernel, prange
from ..machine import free_memory
from ..noise.sums import noise_bricks, noise_points
from ..problems import DoesNotFit
from ..recipe.grains import MOVED, Noise, live
from ..ticket import chunks
from ..volume.bricks import LANES, SIDE, BrickGrid, brick_keys
from ..volume.lookup import value_at
from ..volume.resample import gathered
from .where import shares

CHUNK = 128
MOST_SAMPLES = 48
"""Samples along a streak at the most."""
_THREE = (0, 7919, 15107)
"""Differences of the seeds of the three noises of a vector field."""


@kernel
def _sampled(low, top, nodes, values, tile_values, points, out):
    for n in prange(points.shape[0]):
        x = points[n, 0]
        y = points[n, 1]
        z = points[n, 2]
        fx = np.floor(x)
        fy = np.floor(y)
        fz = np.floor(z)
        u = x - fx
        v = y - fy
        w = z - fz
        total = f32(0)
        for a in range(2):
            for b in range(2):
                for c in range(2):
                    weight = (u if a else f32(1) - u) * (v if b else f32(1) - v) * (w if c else f32(1) - w)
                    total += weight * value_at(low, top, nodes, values, tile_values, f32(0), i32(fx) + a, i32(fy) + b,
                                               i32(fz) + c)
        out[n] = total


@kernel
def _along_slope(low, top, nodes, values, tile_values, amount, at):
    """Move places, in voxels, along the slope of the density there."""
    for n in prange(at.shape[0]):
        i = i32(np.floor(at[n, 0] + f32(0.5)))
        j = i32(np.floor(at[n, 1] + f32(0.5)))
        k = i32(np.floor(at[n, 2] + f32(0.5)))
        gx = (value_at(low, top, nodes, values, tile_values, f32(0), i + 1, j, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i - 1, j, k))
        gy = (value_at(low, top, nodes, values, tile_values, f32(0), i, j + 1, k)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j - 1, k))
        gz = (value_at(low, top, nodes, values, tile_values, f32(0), i, j, k + 1)
              - value_at(low, top, nodes, values, tile_values, f32(0), i, j, k - 1))
        share = amount[n] / max(np.sqrt(gx * gx + gy * gy + gz * gz), f32(1e-6))
        at[n, 0] += share * gx
        at[n, 1] += share * gy
        at[n, 2] += share * gz


@kernel
def _streaked(low, top, nodes, values, tile_values, coords, reach, wx, wy, wz, samples, taper, out):
    """The most that is found up the wind, tapering with how far off it is."""
    for b in prange(coords.shape[0]):
        for lane in range(LANES):
            n = i32(lane)
            x = f32(coords[b, 0] * SIDE + (n >> 6))
            y = f32(coords[b, 1] * SIDE + ((n >> 3) & 7))
            z = f32(coords[b, 2] * SIDE + (n & 7))
            most = value_at(low, top, nodes, values, tile_values, f32(0), i32(x), i32(y), i32(z))
            long = reach[b, lane]
            if long > f32(0.25):
                for s in range(1, samples + 1):
                    share = f32(s) / f32(samples)
                    back = share * long
                    found = value_at(low, top, nodes, values, tile_values, f32(0), i32(np.floor(x - wx * back + f32(0.5))),
                                     i32(np.floor(y - wy * back + f32(0.5))), i32(np.floor(z - wz * back + f32(0.5))))
                    most = max(most, found * (f32(1) - share) ** taper)
            out[b, lane] = most


def moving_grains(grains):
    """Grains that move density about.

    Parameters
    ----------
    grains : sequence of Grain

    Returns
    -------
    list of Stir, Streak or Crisp
    """
    return live(grains, MOVED)


def moving_reach(grains):
    """How far grains can move density.

    Parameters
    ----------
    grains : sequence of Grain

    Returns
    -------
    float
        Metres.
    """
    return sum(g.strength for g in moving_grains(grains))


def worked_on(grid, grain):
    """Number of bricks that a grain works on.

    Parameters
    ----------
    grid : BrickGrid
    grain : Stir, Streak or Crisp

    Returns
    -------
    int
    """
    return len(_reached(grid, grain)[0])


def moved_by(grid, grain, skin, landmarks, ticket=None):
    """A density that a grain has moved about.

    Parameters
    ----------
    grid : BrickGrid
        With background 0.
    grain : Stir, Streak or Crisp
    skin : Skin
        Tells masks how deep a density lies.
    landmarks : Landmarks
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        On the same voxels.
    """
    if grid.brick_bounds() is None:
        return grid
    coords, still = _reached(grid, grain, ticket)
    index, out = grid.index, np.empty((len(coords), LANES), np.float32)
    tiles = grid.tile_values if len(grid.tile_values) else np.zeros(1, np.float32)
    about = index.low, index.top, index.nodes, grid.values, tiles
    for part in chunks(len(coords), CHUNK, ticket):
        near = coords[part]
        share = None
        if grain.where:
            share = shares(grain.where, near, grid.voxel, _as_distance(about, near, skin), landmarks)
        if grain.action == "streak":
            _streak(about, near, grid.voxel, grain, landmarks, share, out[part])
        else:
            points = _places(near, grid.voxel)
            step = _stirred if grain.action == "stir" else _crisped
            points = step(points, grain, landmarks, share, about, grid)
            _sampled(*about, np.ascontiguousarray(points / np.float32(grid.voxel), np.float32), out[part].reshape(-1))
    made = gathered(grid.voxel, coords, out, grid.offset)
    return _with_tiles(made, grid, still)


def _reached(grid, grain, ticket=None):
    """Bricks that may change, and which tiles stay as they are: those with nothing else around them."""
    keys = brick_keys(grid.coords)
    reach = grain.strength / (SIDE * grid.voxel)
    if grain.action == "streak":
        keys = _swept(keys, reach, direction_of(grain.azimuth, grain.elevation), grid, grain, ticket)
    elif grain.strength:
        keys = _widened(keys, math.ceil(reach), grid, grain, ticket)
    coords = (np.stack([keys >> 42, (keys >> 21) & (2**21 - 1), keys & (2**21 - 1)], axis=1) - 2**20).astype(np.int32)
    return coords, ~np.isin(brick_keys(grid.tile_coords), keys)


_ALONG = np.array([1 << 42, 1 << 21, 1], np.int64)
"""What a brick further along x, y and z adds to its key."""


def _widened(keys, around, grid, grain, ticket):
    """Bricks within so many of others along every axis: axis by axis, and each time twice as far as before."""
    for step in _ALONG:
        keys = keys - around * step
        covered = 0
        while covered < 2 * around:
            further = min(covered + 1, 2 * around - covered)
            keys = _joined([keys, keys + further * step], grid, grain, ticket)
            covered += further
    return keys


def _swept(keys, reach, way, grid, grain, ticket):
    """Bricks down the wind of others."""
    along = np.linspace(0.0, reach, max(2, math.ceil(3 * reach) + 1))[:, None] * way
    # From anywhere in a brick: also into the one after, where the step is no whole one.
    mixes = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)
    shifts = np.unique((np.floor(along - 1e-6)[:, None, :] + mixes[None]).reshape(-1, 3).astype(np.int64), axis=0) @ _ALONG
    found = [keys]
    for shift in shifts:
        found.append(keys + shift)
        if len(found) > 64:
            found = [_joined(found, grid, grain, ticket)]
    return _joined(found, grid, grain, ticket)


def _joined(parts, grid, grain, ticket):
    """Keys of several sets, each once; refused when they are more than memory holds."""
    if ticket is not None:
        ticket.tick(0.0)
    keys = np.unique(np.concatenate(parts))
    if len(keys) * LANES * 4.0 > free_memory():
        raise DoesNotFit(f"A {grain.action} of {grain.strength:g} m reaches {len(keys):,} bricks at a voxel of {grid.voxel:g} m, "
                         "more than memory holds; choose a larger voxel, or make it weaker.")
    return keys


def _with_tiles(made, grid, still):
    return BrickGrid(made.voxel, made.coords, made.values,
                     np.concatenate([made.tile_coords, grid.tile_coords[still]]),
                     np.concatenate([made.tile_values, grid.tile_values[still]]), 0.0, made.offset)


def _places(coords, voxel):
    lane = np.arange(LANES)
    within = np.stack([lane >> 6, (lane >> 3) & 7, lane & 7], axis=-1)
    return ((coords[:, None, :] * SIDE + within).reshape(-1, 3) * voxel).astype(np.float32)


def _as_distance(about, coords, skin):
    """How deep densities lie, by their skin: what masks by depth and facing read here."""
    out = np.empty((len(coords), LANES), np.float32)
    _sampled(*about, np.ascontiguousarray(_places(coords, 1.0)), out.reshape(-1))
    return out * np.float32(-max(skin.thickness, 1e-3) / skin.core)


def vector_field(points, grain, landmarks):
    """The field that Stir moves density by.

    Parameters
    ----------
    points : ndarray of float32, shape (n, 3)
        Metres.
    grain : Stir
        "curl": the cross product of the slopes of two noises, which has no sources (DeWolf 2005, Divergence-free
        noise); "three": a noise for each axis.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Mostly within 1 in length.
    """
    noises = [Noise.model_construct(**{f: getattr(grain, f) for f in Noise.model_fields}).model_copy(
        update={"seed": (grain.seed + more) % 2**31, "summed": "fbm", "contrast": None}) for more in _THREE]
    if grain.field == "three":
        return np.stack([noise_points(points, noise, landmarks.origin) for noise in noises], axis=1)
    step = np.float32(0.01 * grain.feature / grain.lacunarity ** (grain.octaves - 1))
    slopes = []
    for noise in noises[:2]:
        here = noise_points(points, noise, landmarks.origin)
        parts = []
        for axis in range(3):
            ahead = points.copy()
            ahead[:, axis] += step
            parts.append(noise_points(ahead, noise, landmarks.origin) - here)
        slopes.append(np.stack(parts, axis=1) * np.float32(grain.feature / step))
    # Slopes of gradient noise are about 1.3 in size over a feature: their cross product is brought to about 1.
    return np.cross(*slopes) * np.float32(0.6)


def _stirred(points, grain, landmarks, share, _about, _grid):
    """Small steps up the stream, so that large warps follow the field round its bends."""
    weight = np.float32(grain.strength / grain.steps)
    if share is not None:
        weight = weight * share.reshape(-1, 1)
    for _ in range(grain.steps):
        field = vector_field(points, grain, landmarks)
        length = np.linalg.norm(field, axis=1, keepdims=True)
        # Never farther than the stated strength, which bounds where density can come from.
        points = points - weight * field / np.maximum(length, np.float32(1.0))
    return points


def _crisped(points, grain, landmarks, share, about, grid):
    """In and out along the slope of the density."""
    noise = noise_points(points, grain, landmarks.origin)
    if not grain.signed:
        noise = 2.0 * noise - 1.0
    amount = np.float32(grain.strength / grid.voxel) * noise
    if share is not None:
        amount = amount * share.ravel()
    at = np.ascontiguousarray(points / np.float32(grid.voxel), np.float32)
    _along_slope(*about, amount.astype(np.float32), at)
    return at * np.float32(grid.voxel)


def _streak(about, coords, voxel, grain, landmarks, share, out):
    noise = noise_bricks(coords, voxel, grain, np.empty_like(out), landmarks.origin)
    if grain.signed:
        noise = 0.5 + 0.5 * noise
    reach = noise * np.float32(grain.strength / voxel)
    if share is not None:
        reach *= share
    way = direction_of(grain.azimuth, grain.elevation)
    samples = int(np.clip(math.ceil(grain.strength / voxel), 4, MOST_SAMPLES))
    _streaked(*about, coords, reach, *(f32(v) for v in way), samples, f32(grain.taper), out)
