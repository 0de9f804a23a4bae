"""Phase functions of `core.light.phase` as rows for the kernels."""

import math

from ..kernels import call, f32, row

_FOUR_PI = f32(4.0 * math.pi)


@row
def one_lobe(g, stretch, cosine):
    """Draine's phase function, Henyey and Greenstein's where `stretch` is 0.

    Parameters
    ----------
    g, stretch, cosine : float32

    Returns
    -------
    float32
        Per steradian.
    """
    g2 = g * g
    spread = f32(1) + g2 - f32(2) * g * cosine
    return ((f32(1) - g2) / (_FOUR_PI * spread * math.sqrt(spread)) * (f32(1) + stretch * cosine * cosine)
            / (f32(1) + stretch * (f32(1) + f32(2) * g2) / f32(3)))


@call
def two_lobes(lobes, cosine):
    """Phase function of two lobes.

    Parameters
    ----------
    lobes : ndarray of float32, shape (4,)
        From `lobes_of`.
    cosine : float32

    Returns
    -------
    float32
        Per steradian.
    """
    return (f32(1) - lobes[3]) * one_lobe(lobes[0], f32(0), cosine) + lobes[3] * one_lobe(lobes[1], lobes[2], cosine)
