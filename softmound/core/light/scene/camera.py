"""The camera of a view: rays through pixels and points on the picture."""

from dataclasses import dataclass, replace

import numpy as np

from ...directions import direction_of
from ...recipe import View, limits

FILM = 36.0
"""Width of the film back in millimetres."""
TURN = 0.35
"""Degrees for each pixel a hand moves."""
NEAREST = 1e-6
"""Metres in front of the eye up to which a point does not count as in front."""


@dataclass(frozen=True, eq=False)
class Camera:
    """A pinhole camera.

    Attributes
    ----------
    eye : ndarray of float64, shape (3,)
        Metres.
    right, up, forward : ndarray of float64, shape (3,)
        Unit vectors.
    width, height : int
        Picture in pixels.
    spread : float
        Width of one pixel at distance 1.
    """

    eye: np.ndarray
    right: np.ndarray
    up: np.ndarray
    forward: np.ndarray
    width: int
    height: int
    spread: float

    def smaller(self, width):
        """The same camera for a picture of another width.

        Parameters
        ----------
        width : int
            Pixels.

        Returns
        -------
        Camera
        """
        step = self.width / width
        return replace(self, width=width, height=max(1, round(self.height / step)), spread=self.spread * step)

    def ray(self, x, y):
        """Unit direction through a point of the picture.

        Parameters
        ----------
        x, y : float
            Pixels from the upper left corner.

        Returns
        -------
        ndarray of float64, shape (3,)
        """
        across = (x - self.width / 2) * self.spread
        down = (y - self.height / 2) * self.spread
        ray = self.forward + across * self.right - down * self.up
        return ray / np.linalg.norm(ray)

    def pixel(self, point):
        """Where a point of the world falls on the picture.

        Parameters
        ----------
        point : sequence of float, length 3
            Metres.

        Returns
        -------
        (float, float, float) or None
            x and y in pixels and pixels per metre there; None behind the camera.
        """
        to = np.asarray(point, float) - self.eye
        depth = float(to @ self.forward)
        if depth <= NEAREST:
            return None
        per_metre = 1.0 / (self.spread * depth)
        return (
            self.width / 2 + float(to @ self.right) * per_metre,
            self.height / 2 - float(to @ self.up) * per_metre,
            per_metre,
        )


    def pixels(self, points):
        """Where points of the world fall on the picture.

        Parameters
        ----------
        points : array_like of float, shape (..., 3)
            Metres.

        Returns
        -------
        ndarray of float64, shape (..., 2)
            x and y in pixels; not a number behind the camera.
        """
        to = np.asarray(points, float) - self.eye
        depth = to @ self.forward
        per_metre = 1.0 / (self.spread * np.where(depth > NEAREST, depth, np.nan))
        return np.stack([self.width / 2 + to @ self.right * per_metre, self.height / 2 - to @ self.up * per_metre], -1)


def camera_of(view, width, height):
    """Camera of a view for a picture of some size.

    Parameters
    ----------
    view : View
    width, height : int
        Pixels. The focal length holds for the wider side of a 36 by 24 film.

    Returns
    -------
    Camera
    """
    back = direction_of(view.azimuth, view.elevation)
    eye = np.asarray(view.target) + view.distance * back
    forward = -back
    right = np.cross(forward, [0.0, 1.0, 0.0])
    right /= np.linalg.norm(right)
    up = np.cross(right, forward)
    # A tall picture keeps what a 3:2 picture of its height would show.
    across = max(width, height * 1.5)
    return Camera(eye, right, up, forward, int(width), int(height), FILM / view.focal / across)


def fitted(view, low, high, width, height, share=0.88):
    """The view moved so that a box fills a share of the picture.

    Parameters
    ----------
    view : View
    low, high : sequence of float, length 3
        Corners of the box in metres.
    width, height : int
        Pixels.
    share : float, optional
        Of the picture's tighter side.

    Returns
    -------
    View
    """
    low, high = np.asarray(low, float), np.asarray(high, float)
    target = (low + high) / 2
    camera = camera_of(view, width, height)
    corners = np.array([[x, y, z] for x in (low[0], high[0]) for y in (low[1], high[1])
                        for z in (low[2], high[2])]) - target
    half_x = camera.spread * width / 2 * share
    half_y = camera.spread * height / 2 * share
    depth = corners @ camera.forward
    needed = np.maximum(
        np.abs(corners @ camera.right) / half_x, np.abs(corners @ camera.up) / half_y
    ) - depth
    distance = float(min(max(needed.max(), 0.1), 400_000.0))
    return view.edited(target=_within(target), distance=distance)


def turned(view, dx, dy):
    """The view turned around its target.

    Parameters
    ----------
    view : View
    dx, dy : float
        Pixels the hand moved to the right and down.

    Returns
    -------
    View
    """
    azimuth = (view.azimuth - dx * TURN + 180.0) % 360.0 - 180.0
    return view.edited(azimuth=azimuth, elevation=min(max(view.elevation + dy * TURN, -85.0), 85.0))


def slid(view, camera, dx, dy):
    """The view slid parallel to the picture, so that the target's surroundings follow the hand.

    Parameters
    ----------
    view : View
    camera : Camera
    dx, dy : float
        Pixels the hand moved to the right and down.

    Returns
    -------
    View
    """
    per_metre = camera.pixel(view.target)[2]
    shift = (dy * camera.up - dx * camera.right) / per_metre
    return view.edited(target=_within(np.add(view.target, shift)))


def flown(view, ahead, aside, up, turn, lift):
    """The view from an eye that moves and turns its head.

    Parameters
    ----------
    view : View
    ahead, aside, up : float
        Metres toward where the camera looks, to its right, and upward.
    turn, lift : float
        Degrees to the right and upward.

    Returns
    -------
    View
        With as much distance to its target, which comes along.
    """
    camera = camera_of(view, 3, 2)
    eye = camera.eye + ahead * camera.forward + aside * camera.right + np.array([0.0, up, 0.0])
    azimuth = (view.azimuth - turn + 180.0) % 360.0 - 180.0
    elevation = min(max(view.elevation - lift, -85.0), 85.0)
    target = eye - view.distance * direction_of(azimuth, elevation)
    return view.edited(azimuth=azimuth, elevation=elevation, target=_within(target))


def aimed(view, distance):
    """The same picture from the same eye, of a view that turns about something nearer or farther.

    Parameters
    ----------
    view : View
    distance : float
        Of the eye from its new target, metres.

    Returns
    -------
    View
    """
    low, high = limits(View, "distance")
    distance = min(max(float(distance), low), high)
    eye = camera_of(view, 3, 2).eye
    return view.edited(distance=distance, target=_within(eye - distance * direction_of(view.azimuth, view.elevation)))


def _within(target):
    """A target as far out as a view may look."""
    low, high = limits(View, "target")
    return tuple(float(min(max(t, low), high)) for t in target)


def approached(view, steps):
    """The view nearer to its target.

    Parameters
    ----------
    view : View
    steps : float
        Notches of a wheel; negative ones lead away.

    Returns
    -------
    View
    """
    return view.edited(distance=min(max(view.distance * 0.88**steps, 0.1), 400_000.0))


def altitude_at(view, camera, row):
    """Altitude that a row of the picture shows at the target's distance.

    Parameters
    ----------
    view : View
    camera : Camera
    row : float
        Pixels from the top.

    Returns
    -------
    float
        Metres.
    """
    # The vertical line through the target meets the ray's plane where its slope from the eye is
    # that of the row.
    slope = (camera.height / 2 - row) * camera.spread
    to = np.asarray(view.target) - camera.eye
    flat = to - np.array([0.0, to[1], 0.0])
    ahead, over = flat @ camera.forward, flat @ camera.up
    rise = (slope * ahead - over) / (camera.up[1] - slope * camera.forward[1])
    return float(camera.eye[1] + rise)
