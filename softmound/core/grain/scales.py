"""Which feature sizes a grain covers, and how strongly."""

import numpy as np

OCTAVE_WIDTH = 0.42
"""Width of one octave of gradient noise around its feature size, in natural logarithms."""


def octaves_of(grain):
    """Feature size and amplitude of each octave.

    Parameters
    ----------
    grain : Push

    Returns
    -------
    sizes, amplitudes : ndarray of float64, shape (octaves,)
        Metres.
    """
    steps = np.arange(grain.octaves)
    shares = grain.gain**steps
    return grain.feature / grain.lacunarity**steps, grain.strength * shares / shares.sum()


def hill(grain, sizes):
    """Amplitude of a grain over feature sizes.

    Parameters
    ----------
    grain : Push
    sizes : ndarray of float64, shape (n,)
        Metres.

    Returns
    -------
    ndarray of float64, shape (n,)
        Metres: a sum of bumps, one for each octave.
    """
    features, amplitudes = octaves_of(grain)
    apart = np.log(np.asarray(sizes)[:, None] / features) / OCTAVE_WIDTH
    return (amplitudes * np.exp(-0.5 * apart**2)).sum(axis=1)
