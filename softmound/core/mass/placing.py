"""Moving, turning, sizing and mirroring forms, alone or as a group."""

import numpy as np

from ..directions import rotation_matrix
from ..recipe.forms import like
from ..recipe.models import limits
from ..recipe.resize import sized_form


def degrees_of(matrix):
    """Degrees about x, then y, then z that a rotation stands for.

    Parameters
    ----------
    matrix : ndarray of float64, shape (3, 3)

    Returns
    -------
    tuple of float
        Each from -180 to 180; undoes `rotation_matrix`.
    """
    lift = float(np.clip(-matrix[2, 0], -1.0, 1.0))
    if abs(lift) < 1.0 - 1e-12:
        x = np.arctan2(matrix[2, 1], matrix[2, 2])
        z = np.arctan2(matrix[1, 0], matrix[0, 0])
    else:
        # Looking along z, turns about x and z are one: all of it goes to x.
        x, z = np.arctan2(-matrix[1, 2], matrix[1, 1]), 0.0
    return tuple(round(float(np.degrees(a)), 4) + 0.0 for a in (x, np.arcsin(lift), z))


def _place(values):
    return tuple(round(float(v), 4) for v in values)


def moved(form, step):
    """A form moved.

    Parameters
    ----------
    form : Form
    step : sequence of float, length 3
        Metres.

    Returns
    -------
    Form
    """
    return form.edited(centre=_place(np.add(form.centre, step)))


def hand_step(camera, at, dx, dy):
    """The step parallel to the picture that follows the hand.

    Parameters
    ----------
    camera : Camera
    at : sequence of float, length 3
        What is held, metres.
    dx, dy : float
        Pixels to the right and down.

    Returns
    -------
    ndarray of float64, shape (3,)
        Metres; none when the place is behind the camera.
    """
    pixel = camera.pixel(at)
    return np.zeros(3) if pixel is None else (dx * camera.right - dy * camera.up) / pixel[2]


def turned(form, turn, about):
    """A form turned about a point.

    Parameters
    ----------
    form : Form
    turn : ndarray of float64, shape (3, 3)
        Rotation in the world.
    about : sequence of float, length 3
        Metres.

    Returns
    -------
    Form
    """
    centre = np.asarray(about) + turn @ np.subtract(form.centre, about)
    return form.edited(centre=_place(centre), rotation=degrees_of(turn @ rotation_matrix(form.rotation)))


def about_axis(axis, degrees):
    """Rotation about an axis (Rodrigues).

    Parameters
    ----------
    axis : sequence of float, length 3
    degrees : float

    Returns
    -------
    ndarray of float64, shape (3, 3)
    """
    x, y, z = np.asarray(axis, float) / np.linalg.norm(axis)
    cross = np.array([[0.0, -z, y], [z, 0.0, -x], [-y, x, 0.0]])
    angle = np.radians(degrees)
    return np.eye(3) + np.sin(angle) * cross + (1.0 - np.cos(angle)) * cross @ cross


def sized(form, factor, about=None):
    """A form with all its lengths times a factor, as far as its limits allow.

    Parameters
    ----------
    form : Form
    factor : float
        Above 0.
    about : sequence of float, length 3, optional
        The point that stays, metres; default its centre.

    Returns
    -------
    Form
    """
    about = form.centre if about is None else about
    field = _size_field(form)
    low, high = limits(form, field)
    values = getattr(form, field)
    factor = min(max(factor, low / min(values)), high / max(values))
    out = sized_form(form.edited(melt=None), factor).edited(melt=form.melt)
    return out.edited(centre=_place(np.add(about, factor * np.subtract(form.centre, about))))


def sized_along(form, axis, factor):
    """A form sized along one of its own axes.

    Parameters
    ----------
    form : Form
    axis : int
    factor : float
        Above 0.

    Returns
    -------
    Form
    """
    field = _size_field(form)
    low, high = limits(form, field)
    values = list(getattr(form, field))
    values[axis] = min(max(values[axis] * factor, low), high)
    return form.edited(**{field: tuple(round(float(v), 4) for v in values)})


def _size_field(form):
    return form.size_field


def mirrored(form, axis, plane=0.0):
    """A form mirrored across a plane of the world.

    Parameters
    ----------
    form : Form
    axis : int
        0 across the plane x = `plane`, 2 across z = `plane`.
    plane : float, optional
        Metres.

    Returns
    -------
    Form
    """
    flip = np.eye(3)
    flip[axis, axis] = -1.0
    own = np.diag([-1.0, 1.0, 1.0])
    # F R = (F R M) M with M the form's own mirror: what is left is a rotation again.
    centre = np.array(form.centre)
    centre[axis] = 2 * plane - centre[axis]
    return form.edited(centre=_place(centre), mirror=not form.mirror,
                       rotation=degrees_of(flip @ rotation_matrix(form.rotation) @ own))


def snapped(value, step):
    """The nearest multiple of a step.

    Parameters
    ----------
    value : float or ndarray
    step : float
        Above 0.

    Returns
    -------
    float or ndarray
    """
    return np.round(np.asarray(value, float) / step) * step


def replaced(forms, changes):
    """Forms with some of them changed, and their linked copies with them.

    Parameters
    ----------
    forms : tuple of Form
    changes : dict of int to Form

    Returns
    -------
    tuple of Form
    """
    out = list(forms)
    for number, form in changes.items():
        out[number] = form
    for number, form in changes.items():
        if form.link is not None and form.link == forms[number].link:
            for other, copy in enumerate(out):
                if other not in changes and copy.link == form.link:
                    out[other] = like(copy, form)
    return tuple(out)
