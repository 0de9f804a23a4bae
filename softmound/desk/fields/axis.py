"""A logarithmic axis across a widget: sizes to columns and back, and where its marks go."""

import math
from dataclasses import dataclass

import numpy as np


@dataclass(frozen=True)
class LogAxis:
    """Columns from `left` to `right` for values from `start` to `end`; `end` may be the smaller.

    Attributes
    ----------
    start, end : float
        Above 0.
    left, right : float
        Pixels.
    """

    start: float
    end: float
    left: float
    right: float

    def x_of(self, value):
        """Column of a value.

        Parameters
        ----------
        value : float or ndarray

        Returns
        -------
        float or ndarray
        """
        share = np.log(np.asarray(value) / self.start) / math.log(self.end / self.start)
        x = self.left + share * (self.right - self.left)
        return float(x) if x.ndim == 0 else x

    def value_at(self, x):
        """Value at a column.

        Parameters
        ----------
        x : float

        Returns
        -------
        float
        """
        share = (x - self.left) / (self.right - self.left)
        return self.start * (self.end / self.start) ** share

    def values(self, number):
        """Values evenly spread over the columns.

        Parameters
        ----------
        number : int

        Returns
        -------
        ndarray of float64, shape (number,)
        """
        return np.geomspace(self.start, self.end, number)

    def marks(self, unit=1.0):
        """Round values on the axis: 1, 2 and 5 times powers of ten.

        Parameters
        ----------
        unit : float, optional
            In which they are round.

        Yields
        ------
        float
        """
        low, high = min(self.start, self.end) / unit, max(self.start, self.end) / unit
        for power in range(math.floor(math.log10(low)), math.ceil(math.log10(high)) + 1):
            for factor in (1, 2, 5):
                if low < factor * 10.0**power < high:
                    yield float(f"{factor}e{power}") * unit
