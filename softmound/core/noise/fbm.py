"""A sum of gradient noise over octaves at one point, for kernels that need it here and there."""

from ..kernels import f32, row
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
