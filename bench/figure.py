"""What a figure is, and how things are timed."""

import math
import time
from dataclasses import asdict, dataclass

import numpy as np


@dataclass(frozen=True)
class Figure:
    """One measured figure.

    Attributes
    ----------
    name : str
    value : float
    unit : str
    peer : str
        What it is compared with, measured in the same run; empty for an absolute aim.
    peer_value : float or None
        In the same unit.
    ratio : float or None
        How many times better than the peer, or how many times its cost: see `aim`.
    aim : str
        What the ratio or the value should be.
    ok : bool or None
        None where there is no aim.
    """

    name: str
    value: float
    unit: str
    peer: str = ""
    peer_value: float | None = None
    ratio: float | None = None
    aim: str = ""
    ok: bool | None = None

    def as_dict(self):
        """The figure as JSON wants it: what was measured with NumPy as plain numbers, what is not finite as None.

        Returns
        -------
        dict
        """
        return {name: _plain(value) for name, value in asdict(self).items()}


def _plain(value):
    value = value.item() if isinstance(value, np.generic) else value
    return None if isinstance(value, float) and not math.isfinite(value) else value


def at_least(name, value, unit, peer, peer_value, ratio, least):
    """A figure whose ratio shall not be below a number.

    Parameters
    ----------
    name, unit, peer : str
    value, peer_value, ratio, least : float

    Returns
    -------
    Figure
    """
    return Figure(name, value, unit, peer, peer_value, ratio, f"ratio >= {least:g}", ratio >= least)


def at_most(name, value, unit, most):
    """A figure whose value shall not be above a number.

    Parameters
    ----------
    name, unit : str
    value, most : float

    Returns
    -------
    Figure
    """
    ratio = value / most if most else None
    return Figure(name, value, unit, "limit", most, ratio, f"value <= {most:g} {unit}".strip(), value <= most)


def timed(run, repeats=7, warm=1):
    """Median time of a call.

    Parameters
    ----------
    run : callable
    repeats, warm : int
        Counted calls, and calls before them.

    Returns
    -------
    float
        Seconds.
    """
    for _ in range(warm):
        run()
    taken = []
    for _ in range(repeats):
        begun = time.perf_counter()
        run()
        taken.append(time.perf_counter() - begun)
    return float(np.median(taken))
