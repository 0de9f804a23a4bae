"""Where a photographed cloud stands: the camera that took it, and metres on the plane in which its outline lies."""

from dataclasses import dataclass

import numpy as np

from ..directions import direction_of
from ..light.scene.camera import FILM, Camera, camera_of
from ..recipe.models import View, limits
from ..starts.species import SKY

FRAME = (1280, 800)
"""Picture for which a view is made; wider ones show as much above and below, less wide ones as much at the sides."""
USUAL = 50.0
"""Focal length where a photograph states none, millimetres on a film 36 mm wide."""
DIP = float(np.degrees(np.sqrt(2.0 * SKY.altitude / 6.371e6)))
"""How far below level the horizon is seen from the altitude that starts have over the sea, degrees: a ray touching the Earth."""
LIFTED = -6.0
"""Elevation of the eye where no horizon is seen, degrees: a little below the base, as of starts."""


@dataclass(frozen=True, eq=False)
class Standing:
    """The camera of a photograph, in a world where the cloud's base is at altitude 0 and its middle above the origin.

    Attributes
    ----------
    view : View
        For pictures of the shape of `FRAME`, in which the whole photograph is seen.
    camera : Camera
        With the photograph's own pixels.
    share : float
        Width of the photograph in widths of that picture.
    """

    view: View
    camera: Camera
    share: float

    def points(self, pixels, behind=0.0):
        """Points of the world that pixels show.

        Parameters
        ----------
        pixels : array_like of float, shape (n, 2)
            Column and row.
        behind : array_like of float, shape (n,), optional
            Metres behind the plane of the outline.

        Returns
        -------
        places : ndarray of float64, shape (n, 3)
            Metres.
        per_pixel : ndarray of float64, shape (n,)
            Metres that a pixel is wide there.
        """
        camera, pixels = self.camera, np.asarray(pixels, float)
        across = (pixels[:, 0] - camera.width / 2) * camera.spread
        down = (pixels[:, 1] - camera.height / 2) * camera.spread
        rays = camera.forward + across[:, None] * camera.right - down[:, None] * camera.up
        far = (-behind - camera.eye[2]) / rays[:, 2]
        return camera.eye + far[:, None] * rays, camera.spread * far


def standing_of(mask, horizon, base, focal, span):
    """Where a photographed cloud stands.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
        Its outline.
    horizon : float or None
        Row of the horizon over the height of the photograph; None where none is seen.
    base : float
        Of the cloud's base.
    focal : float
        Millimetres on a film 36 mm wide.
    span : float
        Longest side of the cloud, metres.

    Returns
    -------
    Standing
    """
    height, width = mask.shape
    across = max(width, 1.5 * height)
    spread = FILM / focal / across
    elevation = LIFTED if horizon is None else DIP - float(np.degrees(np.arctan((horizon - 0.5) * height * spread)))
    low, high = limits(View, "elevation")
    elevation = min(max(elevation, low), high)
    view = View(azimuth=0.0, elevation=elevation, distance=1.0, target=(0.0, 0.0, 0.0))
    unit = camera_of(view, 3, 2)
    begun = Standing(view, Camera(unit.eye, unit.right, unit.up, unit.forward, width, height, spread), 1.0)
    rows, columns = (np.flatnonzero(mask.any(axis=axis)) for axis in (1, 0))
    middle = (columns[0] + columns[-1] + 1) / 2.0
    corners, _ = begun.points([(columns[0], base * height), (columns[-1] + 1, base * height), (middle, rows[0]),
                               (middle, base * height)])
    size = max(corners[1, 0] - corners[0, 0], corners[2, 1] - corners[3, 1])
    distance = span / size
    target = -corners[3] * distance
    share = min(FRAME[0] / width, FRAME[1] / height) * width / FRAME[0]
    seen = FILM / (spread * width / share)
    view = view.edited(distance=distance, target=tuple(float(v) for v in target), aspect=width / height,
                       focal=min(max(seen, limits(View, "focal")[0]), limits(View, "focal")[1]))
    eye = np.asarray(view.target) + distance * direction_of(0.0, elevation)
    return Standing(view, Camera(eye, unit.right, unit.up, unit.forward, width, height, spread), share)


def row_of_horizon(elevation, spread, height):
    """Row of the horizon, in heights of a picture, of an eye that is so high above what it looks at.

    Parameters
    ----------
    elevation : float
        Degrees.
    spread : float
        Width of a pixel at distance 1.
    height : int
        Pixels.

    Returns
    -------
    float
    """
    return 0.5 + float(np.tan(np.radians(DIP - elevation))) / (spread * height)
