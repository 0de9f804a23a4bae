"""What a photograph and a mound measure beside each other, and what differs most, in words."""

from dataclasses import dataclass

import numpy as np
import scipy

from ..library.likeness import apart_as_seen
from ..sentences import Sentence
from ..volume.nature import outline_dimension

COARSEST, FINEST, BINS = 64, 8, 9
"""Wavelengths, in pixels, between which the spectrum of light is measured, and the steps between."""
SHORTEST = 48
"""Pixels of a line within a cloud that count."""
INWARD = 3.0
"""Pixels within the outline from which on light counts: its edge is the sky's as well."""
NOTICED = {"tall": 0.03, "outline": 0.02, "light": 0.12, "turned": 6.0, "lifted": 6.0, "bright": 0.04, "filled": 0.03}
"""Differences that are worth a word."""
WORDS = {
    "tall": ("taller by {:.0f} %", "lower by {:.0f} %"),
    "filled": ("fuller", "slimmer"),
    "outline": ("rougher", "smoother"),
    "light": ("more fine light and shade", "less fine light and shade"),
    "turned": ("sun turned by {:.0f}° anticlockwise", "sun turned by {:.0f}° clockwise"),
    "lifted": ("sun {:.0f}° higher", "sun {:.0f}° lower"),
    "bright": ("brighter", "darker"),
}
"""What is said of a mound that has more of it than the photograph, and less."""


@dataclass(frozen=True)
class Measures:
    """A cloud as it is seen.

    Attributes
    ----------
    tall : float
        Height over width.
    filled : float
        Share of its box that it fills.
    outline : float
        Dimension of its outline; NaN when it is too small to tell.
    light : float
        Slope of the spectrum of its light; NaN when it is too small to tell.
    bright : float
        Mean brightness as a screen shows it, 0 to 1.
    """

    tall: float
    filled: float
    outline: float
    light: float
    bright: float


def measured(seen):
    """What a cloud measures as it is seen.

    Parameters
    ----------
    seen : Seen
        Not empty.

    Returns
    -------
    Measures
    """
    height, width = np.ptp(np.argwhere(seen.mask), axis=0) + 1
    return Measures(float(height / width), float(np.count_nonzero(seen.mask) / (height * width)), outline_dimension(seen.mask),
                    light_slope(seen.light, seen.mask), float(seen.light[seen.mask].mean()))


def light_slope(light, mask):
    """Slope of the power spectrum of light along straight lines over a cloud.

    Parameters
    ----------
    light : ndarray of float, shape (rows, columns)
        Brightness.
    mask : ndarray of bool, shape (rows, columns)
        Where the cloud is.

    Returns
    -------
    float
        Exponent of the wave number between `COARSEST` and `FINEST` pixels, of the logarithm of brightness (so that exposure does
        not matter), by Hann's window, as the mean of Welch (1967, IEEE Trans. Audio Electroacoust. 15); NaN without lines.
    """
    inner = scipy.ndimage.distance_transform_edt(mask) > INWARD
    values = np.log(np.maximum(light, 1e-3))
    edges = np.geomspace(1.0 / COARSEST, 1.0 / FINEST, BINS)
    power, counts = np.zeros((2, BINS - 1))
    for lines, within in ((values, inner), (values.T, inner.T)):
        for line, there in zip(lines, within):
            ends = np.flatnonzero(np.diff(np.concatenate([[0], there, [0]])))
            for begin, end in zip(ends[::2], ends[1::2]):
                if end - begin < SHORTEST:
                    continue
                window = np.hanning(end - begin)
                part = scipy.signal.detrend(line[begin:end]) * window
                spectrum = np.abs(np.fft.rfft(part)) ** 2 / np.sum(window**2)
                at = np.searchsorted(edges, np.fft.rfftfreq(end - begin)) - 1
                use = (at >= 0) & (at < BINS - 1)
                np.add.at(power, at[use], spectrum[use] * (end - begin))
                np.add.at(counts, at[use], end - begin)
    use = (counts > 0) & (power > 0.0)
    if np.count_nonzero(use) < 4:
        return float("nan")
    middle = np.sqrt(edges[:-1] * edges[1:])
    return float(np.polyfit(np.log(middle[use]), np.log(power[use] / counts[use]), 1)[0])


def likeness(photograph, mound):
    """How alike a mound and a photograph look, by what a library is searched by (`core.library.likeness`).

    Parameters
    ----------
    photograph, mound : Seen

    Returns
    -------
    float
        1 for the same outline, of the same proportions and as rough; 0 for nothing in common.
    """
    return 1.0 - min(apart_as_seen(photograph.mask, mound.mask), 1.0) if mound.mask.any() else 0.0


def light_alike(photograph, mound):
    """Correlation of brightness where both clouds are, a little blurred: float."""
    both = scipy.ndimage.binary_erosion(photograph.mask & mound.mask, iterations=2)
    if np.count_nonzero(both) < 32:
        return 0.0
    blur = 0.012 * photograph.mask.shape[1]
    one, other = (scipy.ndimage.gaussian_filter(seen.light * both, blur)[both] for seen in (photograph, mound))
    weight = scipy.ndimage.gaussian_filter(both.astype(float), blur)[both]
    one, other = one / weight, other / weight
    return float(np.corrcoef(one, other)[0, 1]) if min(one.std(), other.std()) > 1e-6 else 0.0


def differences(photograph, mound, sun=None, proposed=None):
    """What differs most between a photograph and a mound, the most striking first.

    Parameters
    ----------
    photograph, mound : Measures
    sun, proposed : Sun, optional
        The mound's, and the one that was proposed for the photograph.

    Returns
    -------
    list of Sentence
    """
    taller = mound.tall / photograph.tall - 1.0
    found = {"tall": (taller, 100.0 * abs(taller))}
    for name in ("filled", "outline", "light", "bright"):
        found[name] = (getattr(mound, name) - getattr(photograph, name), 0.0)
    if sun is not None and proposed is not None:
        turned = (sun.azimuth - proposed.azimuth + 180.0) % 360.0 - 180.0
        found["lifted"], found["turned"] = ((by, abs(by)) for by in (sun.elevation - proposed.elevation, turned))
    noticed = [(abs(by) / NOTICED[name], name, by, said) for name, (by, said) in found.items()
               if np.isfinite(by) and abs(by) >= NOTICED[name]]
    return [Sentence(WORDS[name][by < 0.0], said) for _, name, by, said in sorted(noticed, reverse=True)]
