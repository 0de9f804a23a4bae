"""Noise of every kind at the voxels of bricks or at points, in blocks of 512 lanes.

A block holds its places in three arrays, so that turning, stretching and warping are done once and every kind of noise
and every octave reads the same arrays.
"""

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np

from ..curves import LENGTH, curve_numbers
from ..directions import rotation_matrix
from ..kernels import call, each, f32, i32, row, u32
from ..recipe.grains import CELLS, METRICS, NOISES, SUMS, Noise
from ..volume.bricks import LANES, SIDE
from .cellular import cellular_block
from .gradient import clamped, gradient_noise, octave_seed
from .simplex import simplex_noise, value_noise

GRADIENT, SIMPLEX, CELLULAR, VALUE = range(4)
FBM, FOLDED, RIDGED, DOMED = range(4)
# Octaves must not share lattice points, where each of them is zero.
SHIFT = (f32(17.31), f32(9.73), f32(23.17))
(KIND, _CELL, _METRIC, _SUMMED, OCTAVES, _INVERTED, SEED, WARP, _WARP_KIND, _WARP_OCTAVES, _WARP_SEED, _CURVED,
 _COLUMNS) = range(13)
LACUNARITY, GAIN, COSINE, SINE, _WARP_RATE, _WARP_STRENGTH = range(6)
MATRIX, ORIGIN, _CURVE = 6, 15, 18
FINENESS = {"gradient": 1.0, "simplex": 0.58, "cellular": 1.0, "value": 1.41}
"""Lattice points in a feature, so that features of every kind have the same size: half of the variance is reached
about 0.4 of a feature away (measured)."""
EVOLVED = u32(0x5BD1E995)
"""What the seed of the other half of an evolving pattern differs by."""


MEANT, MEANT_ACROSS = 16_384, 200.0
"""Places at which a mean is taken, and over how many features they are strewn, so that hardly two share one."""
_NO_POINTS = np.zeros((1, 3), np.float32)
_NO_SLOPES = np.empty((0, 3, LANES), np.float32)
BLANK = np.zeros((1, 3), np.int32)


# One function for each kind: rows are pasted into what calls them, and numba is slow where much is pasted into one.
@call
def _gradient_octave(places, scale, sx, sy, sz, seed, raw):
    """Gradient noise at the places of a block."""
    for n in range(LANES):
        raw[n] = gradient_noise(places[0, n] * scale + sx, places[1, n] * scale + sy, places[2, n] * scale + sz, seed)


@call
def _simplex_octave(places, scale, sx, sy, sz, seed, raw):
    """Simplex noise at the places of a block."""
    for n in range(LANES):
        raw[n] = simplex_noise(places[0, n] * scale + sx, places[1, n] * scale + sy, places[2, n] * scale + sz, seed)


@call
def _value_octave(places, scale, sx, sy, sz, seed, raw):
    """Value noise at the places of a block."""
    for n in range(LANES):
        raw[n] = value_noise(places[0, n] * scale + sx, places[1, n] * scale + sy, places[2, n] * scale + sz, seed)


class _Pattern(NamedTuple):
    """What a sum of octaves is of: the numbers of `numbers_of` that it needs.

    Attributes
    ----------
    kind, cell, metric, columns, summed, octaves, inverted : int
    lacunarity, gain, cosine, sine : float32
    seed : uint32
    """

    kind: int
    cell: int
    metric: int
    columns: int
    summed: int
    octaves: int
    inverted: int
    lacunarity: float
    gain: float
    cosine: float
    sine: float
    seed: int


@row
def _octave(pattern, places, scale, octave, half, raw):
    """One octave, the first or the second half of an evolving one."""
    kind = pattern.kind
    # The halves of an evolving pattern must not be nothing at the same points either.
    between = f32(octave) + f32(0.37) * f32(half)
    sx = between * SHIFT[0]
    sy = between * SHIFT[1]
    sz = between * SHIFT[2]
    s = octave_seed(u32(pattern.seed ^ (EVOLVED if half > 0 else u32(0))), octave)
    if kind == GRADIENT:
        _gradient_octave(places, scale, sx, sy, sz, s, raw)
    elif kind == SIMPLEX:
        _simplex_octave(places, scale, sx, sy, sz, s, raw)
    elif kind == VALUE:
        _value_octave(places, scale, sx, sy, sz, s, raw)
    else:
        cellular_block(places, scale, sx, sy, sz, s, pattern.metric, pattern.cell, pattern.columns, raw)


@row
def _summed(pattern, places, raw, mix, out):
    """Octaves of a pattern added up, each as it is, folded, ridged or domed."""
    kind, summed, cosine, sine = pattern.kind, pattern.summed, pattern.cosine, pattern.sine
    for n in range(LANES):
        out[n] = f32(0)
    scale = f32(1)
    amplitude = f32(1)
    most = f32(0)
    # Two patterns on a circle: the variance stays, and after one turn all is as it was.
    halves = 2 if sine != f32(0) and kind != CELLULAR else 1
    for octave in range(pattern.octaves):
        for half in range(halves):
            _octave(pattern, places, scale, octave, half, raw)
            weight = f32(1) if halves == 1 else cosine if half == 0 else sine
            for n in range(LANES):
                mix[n] = weight * raw[n] + (mix[n] if half > 0 else f32(0))
        if kind == CELLULAR and summed != FBM:
            for n in range(LANES):
                mix[n] = f32(2) * mix[n] - f32(1)
        if summed == FBM:
            for n in range(LANES):
                out[n] += amplitude * mix[n]
        elif summed == FOLDED:
            for n in range(LANES):
                out[n] += amplitude * abs(mix[n])
        elif summed == RIDGED:
            for n in range(LANES):
                ridge = max(f32(0), f32(1) - abs(mix[n]))
                out[n] += amplitude * ridge * ridge
        else:
            for n in range(LANES):
                out[n] += amplitude * np.sqrt(abs(mix[n]))
        most += amplitude
        amplitude *= pattern.gain
        scale *= pattern.lacunarity
    share = f32(1) / most
    unsigned = summed != FBM or kind == CELLULAR
    for n in range(LANES):
        value = clamped(out[n] * share)
        if pattern.inverted:
            value = f32(1) - value if unsigned else -value
        out[n] = value


@call
def block(ints, floats, places, at, moved, raw, mix, out):
    """All of a noise at the places of a block.

    Parameters
    ----------
    ints, floats : ndarray
        See `numbers_of`.
    places : ndarray of float32, shape (3, 512)
        Metres; changed to features.
    at, moved : ndarray of float32, shape (3, 512)
        To work in; `moved` of zeros.
    raw, mix : ndarray of float32, shape (512,)
        To work in.
    out : ndarray of float32, shape (512,)
        Overwritten.
    """
    # Read once: what is written in a loop might be what is read there, for all the compiler knows.
    xx, xy, xz, yx, yy, yz, zx, zy, zz, ox, oy, oz = (
        floats[MATRIX], floats[MATRIX + 1], floats[MATRIX + 2], floats[MATRIX + 3], floats[MATRIX + 4], floats[MATRIX + 5],
        floats[MATRIX + 6], floats[MATRIX + 7], floats[MATRIX + 8], floats[ORIGIN], floats[ORIGIN + 1], floats[ORIGIN + 2])
    for n in range(LANES):
        x = places[0, n] - ox
        y = places[1, n] - oy
        z = places[2, n] - oz
        places[0, n] = xx * x + xy * y + xz * z
        places[1, n] = yx * x + yy * y + yz * z
        places[2, n] = zx * x + zy * y + zz * z
    still = ints[WARP] == 0 and ints[KIND] != CELLULAR
    there = places if still else at
    # The three noises of a warp and the noise itself go through one call: whatever is called twice is compiled twice.
    for turn in range(0 if ints[WARP] > 0 else 3, 4):
        own = turn == 3
        rate = f32(1) if own else floats[_WARP_RATE]
        centre = f32(0.5) if ints[_WARP_KIND] == CELLULAR else f32(0)
        bent = floats[_WARP_STRENGTH] if own and ints[WARP] > 0 else f32(0)
        # Cells drift once round a circle of one feature.
        drift = f32(1) if own and ints[KIND] == CELLULAR else f32(0)
        east, north = drift * floats[SINE], drift * (f32(1) - floats[COSINE])
        for n in range(0 if still else LANES):
            at[0, n] = places[0, n] * rate + bent * (moved[0, n] - centre) + east
            at[1, n] = places[1, n] * rate + bent * (moved[1, n] - centre)
            at[2, n] = places[2, n] * rate + bent * (moved[2, n] - centre) + north
        pattern = _Pattern(
            ints[KIND] if own else ints[_WARP_KIND], ints[_CELL] if own else 0, ints[_METRIC] if own else 0, ints[_COLUMNS],
            ints[_SUMMED] if own else FBM, ints[OCTAVES] if own else ints[_WARP_OCTAVES], ints[_INVERTED] if own else 0,
            floats[LACUNARITY] if own else f32(2), floats[GAIN] if own else f32(0.5), floats[COSINE] if own else f32(1),
            floats[SINE] if own else f32(0), u32(ints[SEED]) if own else u32(u32(ints[_WARP_SEED]) + u32(turn * 977)))
        _summed(pattern, there, raw, mix, out)
        if not own:
            for n in range(LANES):
                moved[turn, n] = out[n]
    if ints[_CURVED] > 0:
        signed = ints[_SUMMED] == FBM and ints[KIND] != CELLULAR
        middle, half = (f32(0.5), f32(0.5)) if signed else (f32(0), f32(1))
        for n in range(LANES):
            raw[n] = max(f32(0), min(f32(1), middle + half * out[n]))
            mix[n] = floats[_CURVE + 1]
        # As `curve_at`; segments outside and lanes inside, so that it vectorises.
        for segment in range(np.int64(floats[_CURVE])):
            at = _CURVE + 3 + 5 * segment
            begins, length, a, b, c = floats[at], floats[at + 1], floats[at + 2], floats[at + 3], floats[at + 4]
            for n in range(LANES):
                t = max(f32(0), min(length, raw[n] - begins))
                mix[n] += t * (a + t * (b + t * c))
        for n in range(LANES):
            share = floats[_CURVE + 2] if raw[n] >= f32(1) else mix[n]
            out[n] = (share - middle) / half


@call
def slopes_in_brick(distance, voxel, out):
    """Gradient of a field within one brick: central inside, one-sided to the second order at its faces.

    Parameters
    ----------
    distance : ndarray of float32, shape (512,)
    voxel : float32
    out : ndarray of float32, shape (3, 512)
        Overwritten, along x, y and z.
    """
    half = f32(0.5) / voxel
    for axis, step in ((0, 64), (1, 8)):
        # Voxels along the axis lie a step apart, in runs of eight steps; those of a step are worked side by side.
        for first in range(0, LANES, 8 * step):
            last = first + 7 * step
            for n in range(first, first + step):
                out[axis, n] = (f32(4) * distance[n + step] - f32(3) * distance[n] - distance[n + 2 * step]) * half
            for n in range(first + step, last):
                out[axis, n] = (distance[n + step] - distance[n - step]) * half
            for n in range(last, last + step):
                out[axis, n] = (f32(3) * distance[n] - f32(4) * distance[n - step] + distance[n - 2 * step]) * half
    for n in range(1, LANES - 1):
        out[2, n] = (distance[n + 1] - distance[n - 1]) * half
    for first in range(0, LANES, 8):
        last = first + 7
        out[2, first] = (f32(4) * distance[first + 1] - f32(3) * distance[first] - distance[first + 2]) * half
        out[2, last] = (f32(3) * distance[last] - f32(4) * distance[last - 1] + distance[last - 2]) * half


@each("out")
def _noise(b, coords, voxel, points, from_points, ints, floats, distance, slopes, at_surface, out):
    """All of a noise in a brick, or at points. `slopes` are those of the distance, or none, to be found within each brick."""
    # One piece of memory, since each takes time to get: with five a single octave took a quarter longer.
    room = np.empty((11, LANES), np.float32)
    places, at, moved, raw, mix = room[:3], room[3:6], room[6:9], room[9], room[10]
    moved[:] = f32(0)
    if from_points:
        for lane in range(LANES):
            n = min(b * LANES + lane, points.shape[0] - 1)
            places[0, lane] = points[n, 0]
            places[1, lane] = points[n, 1]
            places[2, lane] = points[n, 2]
    else:
        x0 = f32(coords[b, 0] * SIDE) * voxel
        y0 = f32(coords[b, 1] * SIDE) * voxel
        z0 = f32(coords[b, 2] * SIDE) * voxel
        for lane in range(LANES):
            n = i32(lane)
            places[0, lane] = x0 + f32(n >> 6) * voxel
            places[1, lane] = y0 + f32((n >> 3) & 7) * voxel
            places[2, lane] = z0 + f32(n & 7) * voxel
    if at_surface > f32(0):
        if slopes.shape[0] > 0:
            at[:] = slopes[b]
        else:
            slopes_in_brick(distance[b], voxel, at)
        for lane in range(LANES):
            gx, gy, gz = at[0, lane], at[1, lane], at[2, lane]
            steep = gx * gx + gy * gy + gz * gz
            # Down the slope to where the field is nothing: the nearest point, where it is a distance.
            back = at_surface * distance[b, lane] / max(steep, f32(0.05))
            places[0, lane] -= back * gx
            places[1, lane] -= back * gy
            places[2, lane] -= back * gz
    block(ints, floats, places, at, moved, raw, mix, out[b])


def _stirred(number):
    """A number below 2^32 with all its bits stirred (Appleby 2011, MurmurHash3, the finalizer)."""
    number = (number ^ (number >> 16)) * 0x85EBCA6B & 0xFFFFFFFF
    number = (number ^ (number >> 13)) * 0xC2B2AE35 & 0xFFFFFFFF
    return number ^ (number >> 16)


def _lattice_shift(seed):
    """Where the lattice of a seed begins, in features: seeds must not share the points where every sum is nothing."""
    return np.array([_stirred(seed ^ salt) / 2.0**32 for salt in (0x1B873593, 0xCC9E2D51, 0xE6546B64)])


@lru_cache(maxsize=256)
def numbers_of(noise, origin):
    """A noise as the kernels read it.

    Parameters
    ----------
    noise : Noise
    origin : tuple of float
        Where the mound is, metres.

    Returns
    -------
    ints : ndarray of int64
        At `KIND`, `OCTAVES`, `SEED`, `WARP` and others.
    floats : ndarray of float32
        At `LACUNARITY`, `GAIN`, `COSINE`, `SINE`, `MATRIX`, `ORIGIN` and others.
    """
    warp = noise.warp
    ints = np.array([
        NOISES.index(noise.kind), CELLS.index(noise.cell), METRICS.index(noise.metric), SUMS.index(noise.summed),
        noise.octaves, noise.inverted, _stirred(noise.seed), warp is not None, NOISES.index(warp.kind) if warp else 0,
        warp.octaves if warp else 0, _stirred(warp.seed) if warp else 0, noise.contrast is not None, 9], np.int64)
    floats = np.zeros(_CURVE + LENGTH, np.float32)
    turn = 2.0 * math.pi * noise.time / noise.period
    floats[:4] = noise.lacunarity, noise.gain, math.cos(turn), math.sin(turn)
    if abs(floats[SINE]) < 1e-6 and floats[COSINE] > 0.0:
        floats[COSINE], floats[SINE] = 1.0, 0.0
    cell = noise.feature / FINENESS[noise.kind]
    if warp is not None:
        floats[_WARP_RATE : _WARP_RATE + 2] = cell * FINENESS[warp.kind] / warp.feature, warp.strength / cell
    size = cell * np.array(noise.stretch)
    floats[MATRIX:ORIGIN] = (rotation_matrix(noise.rotation).T / size[:, None]).ravel()
    shift = rotation_matrix(noise.rotation) @ (size * _lattice_shift(noise.seed))
    floats[ORIGIN:_CURVE] = np.add(noise.offset, origin if noise.anchor == "mound" else (0.0, 0.0, 0.0)) - shift
    if noise.contrast is not None:
        floats[_CURVE:] = curve_numbers(noise.contrast)
    return ints, floats


def noise_bricks(coords, voxel, noise, out, origin=(0.0, 0.0, 0.0), distance=None, at_surface=0.0, slopes=None):
    """A noise at every voxel of some bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
        Brick coordinates.
    voxel : float
        Metres.
    noise : Noise
    out : ndarray of float32, shape (n, 512)
        Overwritten.
    origin : tuple of float, optional
        Where the mound is, for noise anchored to it; metres.
    distance : ndarray of float32, shape (n, 512), optional
        Signed distance, needed for `at_surface`.
    at_surface : float, optional
        From 0, read at the voxel, to 1, read at the nearest point of the surface.
    slopes : ndarray of float32, shape (n, 3, 512), optional
        Of the distance; default found within each brick alone.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        `out`; from -1 to 1 when the noise is signed, else from 0 to 1.
    """
    ints, floats = numbers_of(_plain(noise), tuple(origin))
    _noise(coords, f32(voxel), _NO_POINTS, False, ints, floats, out if distance is None else distance,
           _NO_SLOPES if slopes is None else slopes, f32(0.0 if distance is None else at_surface), out)
    return out


def noise_points(points, noise, origin=(0.0, 0.0, 0.0)):
    """A noise at places in the world.

    Parameters
    ----------
    points : array_like of float, shape (n, 3)
        Metres.
    noise : Noise
    origin : tuple of float, optional

    Returns
    -------
    ndarray of float32, shape (n,)
    """
    points = np.ascontiguousarray(points, dtype=np.float32)
    out = np.empty((-(-len(points) // LANES), LANES), np.float32)
    _noise(BLANK, f32(1), points, True, *numbers_of(_plain(noise), tuple(origin)), out, _NO_SLOPES, f32(0), out)
    return out.ravel()[: len(points)]


def mean_of(noise):
    """Mean of a noise over space.

    Parameters
    ----------
    noise : Noise

    Returns
    -------
    float
        To about 0.002: from `MEANT` places, always the same ones.
    """
    if noise.warp is not None:
        return _mean(_plain(noise))
    # It is the same for every seed and size, and for all octaves of a sum that are read one by one.
    sums = (noise.octaves, noise.lacunarity, noise.gain) if noise.octaves > 1 else (1, 2.0, 0.5)
    return _mean_of_kind(noise.kind, noise.summed, noise.cell, noise.metric, noise.inverted, *sums, noise.contrast)


@lru_cache(maxsize=256)
def _mean_of_kind(kind, summed, cell, metric, inverted, octaves, lacunarity, gain, contrast):
    return _mean(Noise(kind=kind, summed=summed, cell=cell, metric=metric, inverted=inverted, octaves=octaves,
                       lacunarity=lacunarity, gain=gain, contrast=contrast))


@lru_cache(maxsize=256)
def _mean(noise):
    across = MEANT_ACROSS * noise.feature * max(noise.stretch)
    places = np.random.default_rng(1).uniform(-0.5, 0.5, (MEANT, 3)) * across
    return float(noise_points(places, noise).mean(dtype=np.float64))


def _plain(noise):
    """A grain without what is not its noise, so that its numbers are found again when only that changes."""
    return noise.model_copy(update={"where": ()}) if hasattr(noise, "where") else noise
