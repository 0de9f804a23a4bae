"""Noise of every kind at the voxels of bricks or at points, in blocks of 512 lanes.

A block holds its places in three arrays, so that turning, stretching and warping are done once and every kind of noise
and every octave reads the same arrays.
"""

import math
from functools import lru_cache
from typing import NamedTuple

import numpy as np

from ..curves import LENGTH, curve_at, curve_numbers
from ..directions import rotation_matrix
from ..kernels import call, each, f32, i32, row, u32
from ..recipe.grains import CELLS, METRICS, NOISES, SUMS
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
    for n in range(LANES):
        x = places[0, n] - floats[ORIGIN]
        y = places[1, n] - floats[ORIGIN + 1]
        z = places[2, n] - floats[ORIGIN + 2]
        places[0, n] = floats[MATRIX] * x + floats[MATRIX + 1] * y + floats[MATRIX + 2] * z
        places[1, n] = floats[MATRIX + 3] * x + floats[MATRIX + 4] * y + floats[MATRIX + 5] * z
        places[2, n] = floats[MATRIX + 6] * x + floats[MATRIX + 7] * y + floats[MATRIX + 8] * z
    # The three noises of a warp and the noise itself go through one call: whatever is called twice is compiled twice.
    for turn in range(0 if ints[WARP] > 0 else 3, 4):
        own = turn == 3
        rate = f32(1) if own else floats[_WARP_RATE]
        centre = f32(0.5) if ints[_WARP_KIND] == CELLULAR else f32(0)
        bent = floats[_WARP_STRENGTH] if own and ints[WARP] > 0 else f32(0)
        # Cells drift once round a circle of one feature.
        drift = f32(1) if own and ints[KIND] == CELLULAR else f32(0)
        for n in range(LANES):
            at[0, n] = places[0, n] * rate + bent * (moved[0, n] - centre) + drift * floats[SINE]
            at[1, n] = places[1, n] * rate + bent * (moved[1, n] - centre)
            at[2, n] = places[2, n] * rate + bent * (moved[2, n] - centre) + drift * (f32(1) - floats[COSINE])
        pattern = _Pattern(
            ints[KIND] if own else ints[_WARP_KIND], ints[_CELL] if own else 0, ints[_METRIC] if own else 0, ints[_COLUMNS],
            ints[_SUMMED] if own else FBM, ints[OCTAVES] if own else ints[_WARP_OCTAVES], ints[_INVERTED] if own else 0,
            floats[LACUNARITY] if own else f32(2), floats[GAIN] if own else f32(0.5), floats[COSINE] if own else f32(1),
            floats[SINE] if own else f32(0), u32(ints[SEED]) if own else u32(u32(ints[_WARP_SEED]) + u32(turn * 977)))
        _summed(pattern, at, raw, mix, out)
        if not own:
            for n in range(LANES):
                moved[turn, n] = out[n]
    if ints[_CURVED] > 0:
        signed = ints[_SUMMED] == FBM and ints[KIND] != CELLULAR
        for n in range(LANES):
            share = f32(0.5) + f32(0.5) * out[n] if signed else out[n]
            share = curve_at(max(f32(0), min(f32(1), share)), floats, _CURVE)
            out[n] = f32(2) * share - f32(1) if signed else share


@row
def _rise(distance, first, step, at):
    """Twice the rise for a voxel at the first, the middle or the last of three in a row."""
    a = distance[first]
    b = distance[first + step]
    c = distance[first + 2 * step]
    if at == 1:
        return c - a
    return f32(4) * b - f32(3) * a - c if at == 0 else f32(3) * c - f32(4) * b + a


@call
def slope_in_brick(distance, lane, voxel):
    """Gradient of a field within one brick: central inside, one-sided to the second order at its faces.

    Parameters
    ----------
    distance : ndarray of float32, shape (512,)
    lane : int
    voxel : float32

    Returns
    -------
    (float32, float32, float32)
    """
    i = lane >> 6
    j = (lane >> 3) & 7
    k = lane & 7
    # Three voxels in a row around this one, or from it inward, and what each counts.
    ia = min(max(i - 1, 0), 5)
    ja = min(max(j - 1, 0), 5)
    ka = min(max(k - 1, 0), 5)
    half = f32(0.5) / voxel
    rest = lane & 63
    gx = _rise(distance, (ia << 6) | rest, 64, i - ia)
    gy = _rise(distance, (i << 6) | (ja << 3) | k, 8, j - ja)
    gz = _rise(distance, (lane & 504) | ka, 1, k - ka)
    return gx * half, gy * half, gz * half


@each("out")
def _noise(b, coords, voxel, points, from_points, ints, floats, distance, at_surface, out):
    """All of a noise in a brick, or at points."""
    places = np.empty((3, LANES), np.float32)
    at = np.empty((3, LANES), np.float32)
    moved = np.zeros((3, LANES), np.float32)
    raw = np.empty(LANES, np.float32)
    mix = np.empty(LANES, np.float32)
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
        for lane in range(LANES):
            gx, gy, gz = slope_in_brick(distance[b], lane, voxel)
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


def noise_bricks(coords, voxel, noise, out, origin=(0.0, 0.0, 0.0), distance=None, at_surface=0.0):
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

    Returns
    -------
    ndarray of float32, shape (n, 512)
        `out`; from -1 to 1 when the noise is signed, else from 0 to 1.
    """
    ints, floats = numbers_of(_plain(noise), tuple(origin))
    _noise(coords, f32(voxel), _NO_POINTS, False, ints, floats, out if distance is None else distance,
           f32(0.0 if distance is None else at_surface), out)
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
    _noise(BLANK, f32(1), points, True, *numbers_of(_plain(noise), tuple(origin)), out, f32(0), out)
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
    return _mean(_plain(noise))


@lru_cache(maxsize=256)
def _mean(noise):
    across = MEANT_ACROSS * noise.feature * max(noise.stretch)
    places = np.random.default_rng(1).uniform(-0.5, 0.5, (MEANT, 3)) * across
    return float(noise_points(places, noise).mean(dtype=np.float64))


def _plain(noise):
    """A grain without what is not its noise, so that its numbers are found again when only that changes."""
    return noise.model_copy(update={"where": ()}) if hasattr(noise, "where") else noise
