"""Directions in the sky."""

import math

import numpy as np


def direction_of(azimuth, elevation):
    """Unit vector toward a point of the sky.

    Parameters
    ----------
    azimuth, elevation : float
        Degrees; azimuth 0 is +z and 90 is +x.

    Returns
    -------
    ndarray of float64, shape (3,)
    """
    a, e = math.radians(azimuth), math.radians(elevation)
    return np.array([math.sin(a) * math.cos(e), math.sin(e), math.cos(a) * math.cos(e)])


def angles_of(direction):
    """Where in the sky a direction points: the inverse of `direction_of`.

    Parameters
    ----------
    direction : sequence of float, length 3
        Of length 1.

    Returns
    -------
    (float, float)
        Azimuth, -180 to 180, and elevation in degrees.
    """
    x, y, z = direction
    return math.degrees(math.atan2(x, z)), math.degrees(math.asin(min(max(y, -1.0), 1.0)))


def rotation_matrix(degrees):
    """Matrix that turns about x, then about y, then about z.

    Parameters
    ----------
    degrees : sequence of float, length 3

    Returns
    -------
    ndarray of float64, shape (3, 3)
        Own axes to world axes.
    """
    x, y, z = (math.radians(d) for d in degrees)
    about_x = np.array([[1, 0, 0], [0, math.cos(x), -math.sin(x)], [0, math.sin(x), math.cos(x)]])
    about_y = np.array([[math.cos(y), 0, math.sin(y)], [0, 1, 0], [-math.sin(y), 0, math.cos(y)]])
    about_z = np.array([[math.cos(z), -math.sin(z), 0], [math.sin(z), math.cos(z), 0], [0, 0, 1]])
    return about_z @ about_y @ about_x


def degrees_of(turn):
    """Degrees about x, then y, then z of a rotation: undoes `rotation_matrix`.

    Parameters
    ----------
    turn : ndarray of float, shape (3, 3)

    Returns
    -------
    tuple of float
    """
    y = np.arcsin(np.clip(-turn[2, 0], -1.0, 1.0))
    if abs(turn[2, 0]) < 1.0 - 1e-9:
        x, z = np.arctan2(turn[2, 1], turn[2, 2]), np.arctan2(turn[1, 0], turn[0, 0])
    else:
        # About x and about z are the same then: all of it is put into the one about x.
        x, z = np.arctan2(np.sign(y) * turn[0, 1], turn[1, 1]), 0.0
    return tuple(float(np.degrees(v)) for v in (x, y, z))
