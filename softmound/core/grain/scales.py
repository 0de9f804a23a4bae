"""Which feature sizes a grain covers, how strongly, and what is missing or wasted."""

from dataclasses import dataclass

import numpy as np

from ..recipe import limits
from ..sentences import Sentence

OCTAVE_WIDTH = 0.42
"""Width of one octave of gradient noise around its feature size, in natural logarithms."""
NATURE = 0.05
"""Amplitude of nature's slope at the size of the cloud, in parts of it."""
RESOLVED = 2.0
"""Voxels that a feature takes at least."""
WORTH = 0.5
"""Voxels below which a feature shows nothing. Between this and `RESOLVED` it cannot be held, but it keeps edges crisp."""
WIDEST_GAP = 2.7
"""Of two neighbouring sizes, from the finest of one grain to the largest of the next finer one."""


def octaves_of(grain):
    """Feature size and amplitude of each octave.

    Parameters
    ----------
    grain : Grain

    Returns
    -------
    sizes, amplitudes : ndarray of float64, shape (octaves,)
        Metres.
    """
    steps = np.arange(grain.octaves)
    shares = grain.gain**steps
    return grain.feature / grain.lacunarity**steps, grain.amplitude * shares / shares.sum()


def hill(grain, sizes):
    """Amplitude of a grain over feature sizes.

    Parameters
    ----------
    grain : Grain
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


def summed(grains, sizes):
    """Amplitude of all grains together over feature sizes: independent patterns add as their squares.

    Parameters
    ----------
    grains : sequence of Grain
    sizes : ndarray of float64, shape (n,)
        Metres.

    Returns
    -------
    ndarray of float64, shape (n,)
    """
    live = [hill(grain, sizes) ** 2 for grain in grains if grain.on]
    return np.sqrt(np.sum(live, axis=0)) if live else np.zeros(len(sizes))


@dataclass(frozen=True)
class Advice:
    """Something that the scale ruler marks.

    Attributes
    ----------
    kind : str
        "gap" or "waste".
    sentence, remedy : str
        What is so, and what the remedy does.
    low, high : float
        Feature sizes it is about, metres.
    grains : tuple of Grain
        With the remedy applied.
    """

    kind: str
    sentence: str
    remedy: str
    low: float
    high: float
    grains: tuple


def _worth(grain, voxel):
    """Octaves of a grain that are not finer than anything at a voxel could show: int."""
    return int((octaves_of(grain)[0] >= WORTH * voxel).sum())


def worthwhile(grains, voxel):
    """Grains without octaves that cost time for nothing.

    Parameters
    ----------
    grains : tuple of Grain
    voxel : float
        Final one, metres.

    Returns
    -------
    tuple of Grain
        Each with one octave at the least.
    """
    return tuple(grain if (kept := max(_worth(grain, voxel), 1)) == len(octaves_of(grain)[0]) else grain.edited(octaves=kept)
                 for grain in grains)


def advised(grains, voxel):
    """What is missing between grains, and what lies below what the voxel can hold.

    Parameters
    ----------
    grains : tuple of Grain
    voxel : float
        Metres.

    Returns
    -------
    list of Advice
        The coarsest first.
    """
    found = []
    finest, worth = RESOLVED * voxel, WORTH * voxel
    live = sorted((n for n, g in enumerate(grains) if g.on), key=lambda n: -grains[n].feature)
    for above, below in zip(live, live[1:]):
        end, start = float(octaves_of(grains[above])[0][-1]), grains[below].feature
        if end / start <= WIDEST_GAP or start < finest:
            continue
        middle = float(f"{(end * start) ** 0.5:.3g}")
        # As strong as the straight line between its neighbours on the ruler.
        ends = octaves_of(grains[above])[1][-1], octaves_of(grains[below])[1][0]
        base = grains[above]
        octaves = min(max(1, round(np.log(end / start) / np.log(base.lacunarity)) - 1), limits(base, "octaves")[1])
        factor = float(np.sqrt(ends[0] * ends[1])) / max(octaves_of(base.edited(octaves=octaves))[1][0], 1e-9)
        held = {field: min(max(value, limits(base, field)[0]), limits(base, field)[1]) for field, value in (
            ("feature", middle * base.lacunarity ** ((octaves - 1) / 2)), ("strength", base.strength * factor))}
        bridge = base.edited(octaves=octaves, seed=(base.seed + 31) % 2**31, **held)
        found.append(Advice(
            "gap", Sentence("Nothing between {:.2g} and {:.2g} m: the layers will look like two clouds laid on each other.",
                            start, end),
            Sentence("Add a grain at {:.2g} m", middle), start, end, grains[: above + 1] + (bridge,) + grains[above + 1 :]))
    for number in live:
        grain = grains[number]
        sizes, _ = octaves_of(grain)
        kept = _worth(grain, voxel)
        if kept == len(sizes):
            continue
        low, high = float(sizes[-1]), min(worth, float(sizes[0]))
        if kept:
            changed = grain.edited(octaves=kept)
            what = Sentence("{} octave of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing."
                            if len(sizes) - kept == 1 else
                            "{} octaves of {} at {:.3g} m are finer than half of a final voxel and cost time for nothing.",
                            len(sizes) - kept, Sentence(grain.action), grain.feature)
            remedy = "Keep 1 octave" if kept == 1 else Sentence("Keep {} octaves", kept)
        else:
            changed = grain.edited(on=False)
            what = Sentence("All of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing.",
                            Sentence(grain.action), grain.feature)
            remedy = "Turn it off"
        found.append(Advice("waste", what, remedy, low, high, grains[:number] + (changed,) + grains[number + 1 :]))
    return found
