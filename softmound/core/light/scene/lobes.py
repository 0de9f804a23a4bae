"""Phase functions of `core.light.scene.phase` as rows for the kernels."""

import math

from ...kernels import call, f32, row

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
def two_lobes(lobes, medium, cosine):
    """Phase function of a medium.

    Parameters
    ----------
    lobes : ndarray of float32, shape (M, 4)
        From `lobes_of`, of each medium.
    medium : int
        Its number.
    cosine : float32

    Returns
    -------
    float32
        Per steradian.
    """
    share = lobes[medium, 3]
    return ((f32(1) - share) * one_lobe(lobes[medium, 0], f32(0), cosine)
            + share * one_lobe(lobes[medium, 1], lobes[medium, 2], cosine))
