"""A photograph behind a sky: how it fills the picture, and the horizon and the sun that are read from it by hand.

The horizon is level with the eye: a camera that looks that much below it has it that much above the middle.
"""

import math
import pathlib

import numpy as np

from ..aside import shown
from ..directions import angles_of
from ..exchange.foreign import read_photograph
from ..light.scene.camera import camera_of
from ..problems import Problem

STEEPEST = 80.0
"""Degrees that a camera looks up or down at most when it is levelled by a horizon."""


def file_of(plate, folder="."):
    """Where a plate's photograph lies.

    Parameters
    ----------
    plate : Plate
    folder : path-like, optional
        Of the flock.

    Returns
    -------
    pathlib.Path
    """
    return pathlib.Path(folder, plate.file)


def photograph_of(plate, folder=".", ticket=None):
    """Read the photograph of a plate.

    Parameters
    ----------
    plate : Plate
    folder : path-like, optional
        Of the flock.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)

    Raises
    ------
    Problem
        If it is not there or is no picture.
    """
    path = file_of(plate, folder)
    if not path.is_file():
        raise Problem("{}: there is no such file; the flock's plate is gone. Choose another, or remove it.", shown(path))
    return read_photograph(path, ticket=ticket)


def filled(shape, width, height):
    """How a photograph lies on a picture that it fills: its middle on the middle, what is over cut off.

    Parameters
    ----------
    shape : (int, int)
        Height and width of the photograph, pixels.
    width, height : float
        Of the picture, pixels.

    Returns
    -------
    (float, float, float, float)
        Left, top, width and height on the picture.
    """
    scale = max(width / shape[1], height / shape[0])
    wide, high = shape[1] * scale, shape[0] * scale
    return (width - wide) / 2.0, (height - high) / 2.0, wide, high


def levelled(view, y, width, height):
    """A view turned up or down, the eye where it is, so that its horizon lies at a height of the picture.

    Parameters
    ----------
    view : View
    y : float
        Pixels from above.
    width, height : int
        Pixels.

    Returns
    -------
    View
    """
    camera = camera_of(view, width, height)
    elevation = math.degrees(math.atan((height / 2.0 - y) * camera.spread))
    turned = view.edited(elevation=min(max(elevation, -STEEPEST), STEEPEST))
    # The eye stays: what is looked at moves.
    there = camera.eye + view.distance * camera_of(turned, width, height).forward
    return turned.edited(target=tuple(float(np.clip(v, -5e4, 5e4)) for v in there))


def sun_seen_at(view, x, y, width, height):
    """The sun's direction when it is seen at a place of the picture.

    Parameters
    ----------
    view : View
    x, y : float
        Pixels from the upper left corner.
    width, height : int
        Pixels.

    Returns
    -------
    (float, float)
        Azimuth and elevation in degrees.
    """
    return angles_of(camera_of(view, width, height).ray(x, y))
