"""The nature check: a cloud beside what is measured of clouds, and which setting moves it."""

from dataclasses import dataclass

import numpy as np

from ..volume.nature import edge_softness, outline_dimension, silhouettes, spectrum_slope
from ..volume.numbers import numbers_of


@dataclass(frozen=True)
class Finding:
    """One measure.

    Attributes
    ----------
    name : str
    value : float
        NaN when the cloud is too small to tell.
    low, high : float
        What is natural.
    unit : str
    source, setting : str
        Where the range comes from, and what moves the value.
    """

    name: str
    value: float
    low: float
    high: float
    unit: str
    source: str
    setting: str

    @property
    def natural(self):
        """True within the range, False outside, None when it could not be told."""
        return None if np.isnan(self.value) else bool(self.low <= self.value <= self.high)


def nature_of(mound, grid):
    """Measure a cloud.

    Parameters
    ----------
    mound : Mound
    grid : BrickGrid
        Its density.

    Returns
    -------
    list of Finding
        Empty for an empty grid.
    """
    numbers = numbers_of(grid, mound.light.medium.extinction)
    if numbers is None:
        return []
    wide, tall, deep = numbers.dims
    dimensions = [outline_dimension(mask) for mask in silhouettes(grid)]
    span = max(numbers.dims) * grid.voxel
    return [
        Finding("Outline dimension", float(np.nanmean(dimensions)) if not np.all(np.isnan(dimensions)) else float("nan"),
                1.2, 1.45, "", "1.35 from 1 to 1000 km (Lovejoy 1982, Science 216)",
                "More octaves and a higher gain roughen it."),
        Finding("Spectrum slope", spectrum_slope(grid), -2.2, -1.4, "", "near -5/3 for liquid water",
                "Mottle and fine Push make it flatter."),
        Finding("Height over width", tall / max((wide + deep) / 2.0, 1e-9), 0.2, 1.5, "",
                "0.2 for humilis, about 1 for congestus", "Forms, base level and top level."),
        Finding("Edge softness", edge_softness(grid, mound.skin.core), 0.005 * span, 0.04 * span, "m",
                "2 to 3 m at 100 m across", "The skin's thickness, and Nibble."),
        Finding("Optical depth", float(np.mean(numbers.depth)), 10.0, 400.0, "",
                "3 W / (2 r) of up to 3 kg of water per square metre in droplets of 12 µm (Stephens 1978, J. Atmos. Sci. 35)",
                "Extinction, in Light."),
    ]
