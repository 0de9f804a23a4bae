"""A path through kept views."""

import numpy as np

from ..recipe import View


def path_of(views, count):
    """Views along a path that passes through each of some, at rest at both ends.

    Parameters
    ----------
    views : sequence of View
        Two at least; each part takes as long.
    count : int

    Returns
    -------
    list of View
        The first and the last are the ends. Directions turn the short way round, distances and focal lengths change by equal
        factors; between views the path is eased by the cubic whose slope at each is that between its neighbours (Catmull and Rom
        1974, A class of local interpolating splines).
    """
    rows = [[view.azimuth, view.elevation, np.log(view.distance), *view.target, np.log(view.focal)] for view in views]
    numbers = np.array(rows)
    numbers[:, 0] = np.degrees(np.unwrap(np.radians(numbers[:, 0])))
    slopes = np.zeros_like(numbers)
    slopes[1:-1] = (numbers[2:] - numbers[:-2]) / 2.0
    found = []
    for at in np.linspace(0.0, len(views) - 1, count):
        n = min(int(at), len(views) - 2)
        t = at - n
        a, b, c, d = 2 * t**3 - 3 * t**2 + 1, t**3 - 2 * t**2 + t, 3 * t**2 - 2 * t**3, t**3 - t**2
        row = a * numbers[n] + b * slopes[n] + c * numbers[n + 1] + d * slopes[n + 1]
        found.append(View(azimuth=float((row[0] + 180.0) % 360.0 - 180.0), elevation=float(np.clip(row[1], -89.0, 89.0)),
                          distance=float(np.exp(row[2])), target=tuple(float(v) for v in row[3:6]), focal=float(np.exp(row[6])),
                          aspect=views[n].aspect))
    return found
