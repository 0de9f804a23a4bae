"""A field of directions from noises, and where points get to that go against it."""

from typing import NamedTuple

import numpy as np

from ..kernels import call, each, f32, i32, u32
from ..volume.bricks import LANES, SIDE
from .gradient import gradient_slope, octave_seed
from .sums import (
    BLANK,
    COSINE,
    EVOLVED,
    GAIN,
    GRADIENT,
    KIND,
    LACUNARITY,
    MATRIX,
    OCTAVES,
    ORIGIN,
    SEED,
    SHIFT,
    SINE,
    WARP,
    block,
    numbers_of,
)

LEAD = 0.01
"""How far ahead a slope is read where it is not known, in features of the finest octave."""
_BROUGHT = 0.6
"""Slopes of gradient noise are about 1.3 in size over a feature: their cross product is brought to about 1."""
_NO_SHARE = np.ones((1, 1), np.float32)


@call
def _slope(ints, floats, places, feature, slope):
    """Slope of a plain sum of gradient noise, times its feature."""
    for n in range(LANES):
        slope[0, n] = f32(0)
        slope[1, n] = f32(0)
        slope[2, n] = f32(0)
    scale = f32(1)
    amplitude = f32(1)
    most = f32(0)
    halves = 2 if floats[SINE] != f32(0) else 1
    for octave in range(ints[OCTAVES]):
        for half in range(halves):
            between = f32(octave) + f32(0.37) * f32(half)
            seed = octave_seed(u32(u32(ints[SEED]) ^ (EVOLVED if half > 0 else u32(0))), octave)
            weight = amplitude * scale * (f32(1) if halves == 1 else floats[COSINE] if half == 0 else floats[SINE])
            for n in range(LANES):
                x = places[0, n] - floats[ORIGIN]
                y = places[1, n] - floats[ORIGIN + 1]
                z = places[2, n] - floats[ORIGIN + 2]
                a = floats[MATRIX] * x + floats[MATRIX + 1] * y + floats[MATRIX + 2] * z
                b = floats[MATRIX + 3] * x + floats[MATRIX + 4] * y + floats[MATRIX + 5] * z
                c = floats[MATRIX + 6] * x + floats[MATRIX + 7] * y + floats[MATRIX + 8] * z
                ga, gb, gc = gradient_slope(a * scale + between * SHIFT[0], b * scale + between * SHIFT[1],
                                            c * scale + between * SHIFT[2], seed)
                slope[0, n] += weight * ga
                slope[1, n] += weight * gb
                slope[2, n] += weight * gc
        most += amplitude
        amplitude *= floats[GAIN]
        scale *= floats[LACUNARITY]
    bring = feature / most
    for n in range(LANES):
        a = slope[0, n] * bring
        b = slope[1, n] * bring
        c = slope[2, n] * bring
        # Back from the noise's own axes to the world's.
        slope[0, n] = floats[MATRIX] * a + floats[MATRIX + 3] * b + floats[MATRIX + 6] * c
        slope[1, n] = floats[MATRIX + 1] * a + floats[MATRIX + 4] * b + floats[MATRIX + 7] * c
        slope[2, n] = floats[MATRIX + 2] * a + floats[MATRIX + 5] * b + floats[MATRIX + 8] * c


class _Walk(NamedTuple):
    """How a field of directions is asked: at points or voxels; whether it is a cross product of slopes, its feature and how far
    ahead slopes are looked for, in metres; how far a step goes, whether a share says how much of it, and how many there are.
    """

    from_points: bool
    curl: bool
    feature: float
    lead: float
    stride: float
    shared: bool
    steps: int


@each("out")
def _walked(b, coords, voxel, points, ints, floats, walk, share, out):
    """Directions at the voxels of a brick or at points, or where these come from when they are followed."""
    from_points, curl, feature, lead, stride, shared, steps = walk
    places = out[b]
    ahead = np.empty((3, LANES), np.float32)
    at = np.empty((3, LANES), np.float32)
    moved = np.zeros((3, LANES), np.float32)
    raw = np.empty(LANES, np.float32)
    mix = np.empty(LANES, np.float32)
    value = np.empty(LANES, np.float32)
    slopes = np.empty((2, 3, LANES), np.float32)
    field = np.empty((3, LANES), np.float32)
    if from_points:
        for lane in range(LANES):
            n = min(b * LANES + lane, points.shape[0] - 1)
            places[0, lane] = points[n, 0]
            places[1, lane] = points[n, 1]
            places[2, lane] = points[n, 2]
    else:
        for lane in range(LANES):
            n = i32(lane)
            places[0, lane] = f32(coords[b, 0] * SIDE) * voxel + f32(n >> 6) * voxel
            places[1, lane] = f32(coords[b, 1] * SIDE) * voxel + f32((n >> 3) & 7) * voxel
            places[2, lane] = f32(coords[b, 2] * SIDE) * voxel + f32(n & 7) * voxel
    for _ in range(max(1, steps)):
        if curl and ints[0, KIND] == GRADIENT and ints[0, WARP] == 0:
            for noise in range(2):
                _slope(ints[noise], floats[noise], places, feature, slopes[noise])
        else:
            for turn in range(8 if curl else 3):
                noise = turn >> 2 if curl else turn
                axis = (turn & 3) - 1 if curl else -1
                for n in range(LANES):
                    ahead[0, n] = places[0, n] + (lead if axis == 0 else f32(0))
                    ahead[1, n] = places[1, n] + (lead if axis == 1 else f32(0))
                    ahead[2, n] = places[2, n] + (lead if axis == 2 else f32(0))
                block(ints[noise], floats[noise], ahead, at, moved, raw, mix, value)
                if not curl:
                    for n in range(LANES):
                        field[noise, n] = value[n]
                elif axis < 0:
                    for n in range(LANES):
                        slopes[noise, 0, n] = -value[n]
                        slopes[noise, 1, n] = -value[n]
                        slopes[noise, 2, n] = -value[n]
                else:
                    for n in range(LANES):
                        slopes[noise, axis, n] = (slopes[noise, axis, n] + value[n]) * (feature / lead)
        if curl:
            for n in range(LANES):
                field[0, n] = f32(_BROUGHT) * (slopes[0, 1, n] * slopes[1, 2, n] - slopes[0, 2, n] * slopes[1, 1, n])
                field[1, n] = f32(_BROUGHT) * (slopes[0, 2, n] * slopes[1, 0, n] - slopes[0, 0, n] * slopes[1, 2, n])
                field[2, n] = f32(_BROUGHT) * (slopes[0, 0, n] * slopes[1, 1, n] - slopes[0, 1, n] * slopes[1, 0, n])
        if steps == 0:
            places[:] = field
        else:
            own = share[i32(b) if shared else i32(0)]
            for n in range(LANES):
                length = np.sqrt(field[0, n] * field[0, n] + field[1, n] * field[1, n] + field[2, n] * field[2, n])
                # Never farther than the stated strength, which bounds where density can come from.
                back = stride * (own[n] if shared else f32(1)) / max(length, f32(1))
                places[0, n] -= back * field[0, n]
                places[1, n] -= back * field[1, n]
                places[2, n] -= back * field[2, n]


def _given(noises, origin):
    noises = tuple(noise.model_copy(update={"summed": "fbm", "contrast": None}) for noise in noises)
    parts = [numbers_of(noise, tuple(origin)) for noise in noises]
    first = noises[0]
    lead = LEAD * first.feature / first.lacunarity ** (first.octaves - 1)
    return (np.stack([ints for ints, _ in parts]), np.stack([floats for _, floats in parts]),
            (len(noises) == 2, f32(first.feature), f32(lead)))


def field_at(points, noises, origin=(0.0, 0.0, 0.0)):
    """A field of directions at places in the world.

    Parameters
    ----------
    points : array_like of float, shape (n, 3)
        Metres.
    noises : sequence of Noise
        Alike but for their seeds. Of two, the cross product of their slopes, which has no sources (DeWolf 2005,
        Divergence-free noise); of three, one for each axis.
    origin : tuple of float, optional
        Where the mound is, for noise anchored to it; metres.

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Mostly within 1 in length.
    """
    points = np.ascontiguousarray(points, dtype=np.float32)
    out = np.empty((-(-len(points) // LANES), 3, LANES), np.float32)
    ints, floats, curl = _given(noises, origin)
    _walked(BLANK, f32(1), points, ints, floats, _Walk(True, *curl, f32(0), False, 0), _NO_SHARE, out)
    return out.transpose(0, 2, 1).reshape(-1, 3)[: len(points)]


def came_through(points, noises, strength, steps):
    """Where points come from, when a field of directions has carried them along.

    Parameters
    ----------
    points : array_like of float, shape (n, 3)
        Metres.
    noises : sequence of Noise
        See `field_at`.
    strength : float
        The farthest they are carried, metres.
    steps : int
        At least 1.

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Metres.
    """
    points = np.ascontiguousarray(points, dtype=np.float32)
    out = np.empty((-(-len(points) // LANES), 3, LANES), np.float32)
    ints, floats, curl = _given(noises, (0.0, 0.0, 0.0))
    _walked(BLANK, f32(1), points, ints, floats, _Walk(True, *curl, f32(strength / steps), False, steps), _NO_SHARE, out)
    return out.transpose(0, 2, 1).reshape(-1, 3)[: len(points)]


def walked_back(coords, voxel, noises, strength, steps, share=None, origin=(0.0, 0.0, 0.0)):
    """Where the voxels of some bricks come from, when a field of directions has carried them along.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
        Brick coordinates.
    voxel : float
        Metres.
    noises : sequence of Noise
        See `field_at`.
    strength : float
        The farthest they are carried, metres.
    steps : int
        So many small steps follow the field round its bends; at least 1.
    share : ndarray of float32, shape (n, 512), optional
        0 to 1: how much of the strength acts at each voxel.
    origin : tuple of float, optional

    Returns
    -------
    ndarray of float32, shape (n, 3, 512)
        Metres.
    """
    out = np.empty((len(coords), 3, LANES), np.float32)
    ints, floats, curl = _given(noises, origin)
    _walked(np.ascontiguousarray(coords), f32(voxel), np.zeros((1, 3), np.float32), ints, floats,
            _Walk(False, *curl, f32(strength / steps), share is not None, steps), _NO_SHARE if share is None else share, out)
    return out
