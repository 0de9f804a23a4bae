"""Sums of gradient noise over octaves, at the voxels of bricks or at points."""

import numpy as np

from ..kernels import f32, i32, kernel, prange, row, u32
from ..volume.bricks import LANES, SIDE
from .gradient import clamped, gradient_noise, octave_seed

# Octaves must not share lattice points, where each of them is zero.
_SHIFT = (f32(17.31), f32(9.73), f32(23.17))


@row
def fbm_at(x, y, z, octaves, lacunarity, gain, folded, seed):
    """Sum of octaves of gradient noise at one point, over the sum of their amplitudes.

    Parameters
    ----------
    x, y, z : float32
        In features: one unit is the size of the largest.
    octaves : int
    lacunarity, gain : float32
        Factors of frequency and amplitude from one octave to the next.
    folded : float32
        0 for the plain sum, 1 for the sum of absolute values.
    seed : uint32

    Returns
    -------
    float32
        Within -1 to 1; within 0 to 1 when folded.
    """
    total = f32(0)
    amplitude = f32(1)
    most = f32(0)
    for octave in range(octaves):
        shift = f32(octave)
        n = gradient_noise(
            x + shift * _SHIFT[0], y + shift * _SHIFT[1], z + shift * _SHIFT[2],
            octave_seed(seed, octave),
        )
        total += amplitude * (n + folded * (abs(n) - n))
        most += amplitude
        amplitude *= gain
        x *= lacunarity
        y *= lacunarity
        z *= lacunarity
    return clamped(total / most)


@kernel
def _fbm_bricks(coords, voxel, ox, oy, oz, frequency, octaves, lacunarity, gain, folded, seed, out):
    for b in prange(coords.shape[0]):
        x0 = f32(coords[b, 0] * SIDE) * voxel - ox
        y0 = f32(coords[b, 1] * SIDE) * voxel - oy
        z0 = f32(coords[b, 2] * SIDE) * voxel - oz
        brick = out[b]
        for lane in range(LANES):
            brick[lane] = f32(0)
        scale = frequency
        amplitude = f32(1)
        most = f32(0)
        for octave in range(octaves):
            s = octave_seed(seed, octave)
            sx = f32(octave) * _SHIFT[0]
            sy = f32(octave) * _SHIFT[1]
            sz = f32(octave) * _SHIFT[2]
            for lane in range(LANES):
                at = i32(lane)
                n = gradient_noise(
                    (x0 + f32(at >> 6) * voxel) * scale + sx,
                    (y0 + f32((at >> 3) & 7) * voxel) * scale + sy,
                    (z0 + f32(at & 7) * voxel) * scale + sz,
                    s,
                )
                brick[lane] += amplitude * (n + folded * (abs(n) - n))
            most += amplitude
            amplitude *= gain
            scale *= lacunarity
        for lane in range(LANES):
            brick[lane] = clamped(brick[lane] / most)


@kernel
def _fbm_points(points, octaves, lacunarity, gain, folded, seed, out):
    for n in prange(points.shape[0]):
        out[n] = fbm_at(points[n, 0], points[n, 1], points[n, 2], octaves, lacunarity, gain,
                        folded, seed)


def fbm_bricks(coords, voxel, push, out):
    """Noise of one grain at every voxel of some bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
        Brick coordinates.
    voxel : float
        Metres.
    push : Push
        Feature size, octaves, lacunarity, gain, seed, offset, folded.
    out : ndarray of float32, shape (n, 512)
        Overwritten.

    Returns
    -------
    ndarray of float32, shape (n, 512)
        `out`, within -1 to 1; within 0 to 1 when folded.
    """
    _fbm_bricks(
        coords, f32(voxel), f32(push.offset[0]), f32(push.offset[1]), f32(push.offset[2]),
        f32(1.0 / push.feature), push.octaves, f32(push.lacunarity), f32(push.gain),
        f32(1.0 if push.folded else 0.0), u32(push.seed), out,
    )
    return out


def fbm(points, push):
    """Noise of one grain at world positions.

    Parameters
    ----------
    points : array_like of float, shape (n, 3)
        Metres.
    push : Push

    Returns
    -------
    ndarray of float32, shape (n,)
        Within -1 to 1; within 0 to 1 when folded.
    """
    points = np.asarray(points, dtype=np.float64)
    at = np.ascontiguousarray((points - push.offset) / push.feature, dtype=np.float32)
    out = np.empty(len(at), np.float32)
    _fbm_points(at, push.octaves, f32(push.lacunarity), f32(push.gain),
                f32(1.0 if push.folded else 0.0), u32(push.seed), out)
    return out
