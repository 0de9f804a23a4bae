"""Phase functions: how scattered light spreads over directions."""

from functools import lru_cache

import numpy as np


def henyey_greenstein(cosine, anisotropy):
    """Henyey and Greenstein (1941, ApJ 93, eq. 2), normalised to 1 over the sphere.

    Parameters
    ----------
    cosine : array_like of float
        Of the angle between the directions of travel before and after.
    anisotropy : float
        Mean cosine, within -1 to 1.

    Returns
    -------
    ndarray of float64
        Per steradian.
    """
    return draine(cosine, anisotropy, 0.0)


def draine(cosine, anisotropy, stretch):
    """Draine (2003, ApJ 598, eq. 4), normalised to 1 over the sphere.

    Parameters
    ----------
    cosine : array_like of float
    anisotropy : float
        That of Henyey and Greenstein's function, which this is with a `stretch` of 0.
    stretch : float
        0 or more; Draine's alpha.

    Returns
    -------
    ndarray of float64
        Per steradian.
    """
    g, cosine = anisotropy, np.asarray(cosine, float)
    spread = 1.0 + g * g - 2.0 * g * cosine
    return ((1.0 - g * g) / (4.0 * np.pi * spread * np.sqrt(spread))
            * (1.0 + stretch * cosine**2) / (1.0 + stretch * (1.0 + 2.0 * g * g) / 3.0))


def droplet_lobes(diameter):
    """Two lobes that come close to Mie's scattering by water droplets.

    Jendersie and d'Eon (2023, An approximate Mie scattering function for fog and cloud rendering, SIGGRAPH talks,
    equations 4 to 7), for 5 to 50 micrometres.

    Parameters
    ----------
    diameter : float
        Micrometres.

    Returns
    -------
    tuple of float
        As `lobes_of`.
    """
    d = diameter
    return (float(np.exp(-0.0990567 / (d - 1.67154))), float(np.exp(-2.20679 / (d + 3.91029) - 0.428934)),
            float(np.exp(3.62489 - 8.29288 / (d + 5.52825))), float(np.exp(-0.599085 / (d - 0.641583) - 0.665888)))


PHASES = {
    "cosine": lambda medium: (medium.anisotropy, 0.0, 0.0, 0.0),
    "two lobes": lambda medium: (medium.anisotropy, medium.second, 0.0, medium.share),
    "droplets": lambda medium: droplet_lobes(medium.diameter),
}
"""The kinds of phase function by the word of a medium: each as two lobes, from the medium's numbers."""


def lobes_of(medium):
    """Phase function of a medium as two lobes.

    Parameters
    ----------
    medium : Medium

    Returns
    -------
    tuple of float
        Anisotropy of the first, a Henyey-Greenstein lobe; anisotropy and stretch of the second, a Draine lobe; and the
        second one's share.
    """
    return PHASES[medium.phase](medium)


def phase(cosine, lobes):
    """Phase function of two lobes.

    Parameters
    ----------
    cosine : array_like of float
    lobes : tuple of float
        From `lobes_of`.

    Returns
    -------
    ndarray of float64
        Per steradian; 1 over the sphere.
    """
    return ((1.0 - lobes[3]) * henyey_greenstein(cosine, lobes[0])
            + lobes[3] * draine(cosine, lobes[1], lobes[2]))


def mean_cosine(lobes):
    """Mean cosine of a phase function of two lobes (Draine 2003, eq. 5, for the second).

    Parameters
    ----------
    lobes : tuple of float

    Returns
    -------
    float
    """
    first, g, stretch, share = lobes
    second = g * (1.0 + stretch * (3.0 + 2.0 * g * g) / 5.0) / (1.0 + stretch * (1.0 + 2.0 * g * g) / 3.0)
    return (1.0 - share) * first + share * second


def thick_share(albedo, cosine):
    """Share of diffuse light that a very thick cloud sends back (van de Hulst 1980, Multiple light scattering, 2, table 12).

    Parameters
    ----------
    albedo : array_like of float
    cosine : float
        Mean cosine of scattering.

    Returns
    -------
    ndarray of float64
        1 where nothing is absorbed.
    """
    albedo = np.asarray(albedo, float)
    s = np.sqrt((1.0 - albedo) / (1.0 - albedo * cosine))
    return (1.0 - s) * (1.0 - 0.139 * s) / (1.0 + 1.17 * s)


def albedo_of(share, cosine):
    """Albedo of a medium of which a very thick cloud sends back a share of diffuse light: the inverse of `thick_share`.

    Parameters
    ----------
    share : array_like of float
        From 0 to 1.
    cosine : float
        Mean cosine of scattering.

    Returns
    -------
    ndarray of float64
    """
    share = np.asarray(share, float)
    b = 1.139 + 1.17 * share
    s = (b - np.sqrt(b * b - 4.0 * 0.139 * (1.0 - share))) / (2.0 * 0.139)
    return (1.0 - s * s) / (1.0 - cosine * s * s)


MOST_MOMENTS = 3_000


@lru_cache(maxsize=64)
def moments(lobes):
    """Legendre moments of a phase function of two lobes, until they are small.

    Those of Henyey and Greenstein's function are powers of its mean cosine; Draine's is that times a polynomial, whose
    product with a Legendre polynomial is a sum of three.

    Parameters
    ----------
    lobes : tuple of float

    Returns
    -------
    ndarray of float64
        1 for order 0, the mean cosine for order 1, and so on.
    """
    first, g, stretch, share = lobes
    widest = max(abs(first), abs(g), 0.1)
    l = np.arange(min(int(np.log(1e-5) / np.log(widest)) + 8, MOST_MOMENTS), dtype=float)  # noqa: E741
    up = (l + 1) * (l + 2) / ((2 * l + 1) * (2 * l + 3))
    down = l * (l - 1) / ((2 * l + 1) * (2 * l - 1))
    same = (l + 1) ** 2 / ((2 * l + 1) * (2 * l + 3)) + l * l / ((2 * l + 1) * (2 * l - 1))
    lower = np.where(l < 2, 0.0, np.power(g, np.maximum(l - 2, 0.0)))
    second = g**l + stretch * (up * g ** (l + 2) + same * g**l + down * lower)
    return (1.0 - share) * first**l + share * second / second[0]


def forward_peak(lobes):
    """Share of scattering that hardly turns light, and the mean cosine of the rest.

    Wiscombe (1977, The delta-M method, J. Atmos. Sci. 34, eqs. 5 and 12) with two moments, as the delta-Eddington
    approximation has it.

    Parameters
    ----------
    lobes : tuple of float

    Returns
    -------
    (float, float)
        The mean cosine is at least -1/3, so that nothing negative is scattered.
    """
    _, first, second = moments(lobes)[:3]
    peak = max(float(second), 0.0) if first > 0.0 else 0.0
    return peak, max((float(first) - peak) / (1.0 - peak), -1.0 / 3.0)
