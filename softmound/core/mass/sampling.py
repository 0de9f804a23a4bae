"""Fields of forms that have no formula, made when first asked for and kept."""

import weakref

import numpy as np

from ..budget import MEMORY, remembered, size_of
from .field import BAND_REACH, NODES, field_of
from .particles import balls_band
from .polygons import narrow_band
from .sculpt import at_home, sculpted, triangles

_FIELD = "field of a form"


class _Kept:
    """Fields by what they were made from, in the budget of memory; the last one stays whatever its size."""

    def __init__(self):
        self._last = None, None
        # What a form had last serves its next shape for a while; that it is kept for this alone would be too much.
        self._newest = weakref.WeakValueDictionary()

    def get(self, key):
        found = MEMORY.get((_FIELD, key))
        if found is None and self._last[0] == key:
            found = (self._last[1],)
        return (False, None) if found is None else (True, found[0])

    def put(self, key, field):
        MEMORY.put((_FIELD, key), (field,), size_of(field))
        # Somebody is about to read it.
        self._last = key, field
        if field is not None:
            self._newest[key[0]] = field

    def forget(self):
        MEMORY.forget(_FIELD)
        self._last = None, None
        self._newest.clear()

    def newest(self, form):
        return self._newest.get(form)


_KEPT = _Kept()


def sampled(form):
    """True for a form whose distance is read from a field.

    Parameters
    ----------
    form : Form

    Returns
    -------
    bool
    """
    return not form.formula and not form.dabbed


def _scaled_home(form):
    """A form at home with its scale left out, and the factor that was: an even change of size needs no
    new field."""
    home = at_home(form)
    if not form.even or form.strokes:
        return home, 1.0
    factor = max(form.scale)
    return home.model_copy(update={"scale": tuple(s / factor for s in form.scale)}), factor


def field_for(form, voxel, reach, ticket=None):
    """The field of a form, at a voxel.

    Parameters
    ----------
    form : Form
        A sampled one.
    voxel : float
        Metres.
    reach : float
        How far from the surface distances shall be true, metres.
    ticket : Ticket, optional

    Returns
    -------
    field : Field or None
        None when nothing is enclosed.
    factor : float
        What its lengths are to be multiplied by.
    key : tuple
        What the field depends on.
    """
    key, factor = _key(form, voxel, reach)
    known, field = _KEPT.get(key)
    if not known:
        home, fine, steps = key
        field = field_of(fine, *_band(home, fine, ticket), steps * fine)
        _KEPT.put(key, field)
    return field, factor, key


def _key(form, voxel, reach):
    home, factor = _scaled_home(sculpted(form))
    fine = voxel / factor
    if factor != 1.0:
        # In steps, rather finer than asked for: a form that is being sized keeps its field for a while.
        fine = float(2.0 ** (np.floor(2.0 * np.log2(fine)) / 2.0))
    # In steps as well: a grain that grows a little needs no new field.
    if reach / factor <= BAND_REACH * fine:
        return (home, fine, BAND_REACH), factor
    steps = 8.0 * 1.25 ** max(0.0, float(np.ceil(np.log(reach / factor / fine / 8.0 + 1e-12) / np.log(1.25))))
    return (home, fine, steps), factor


def forget_fields():
    """Give up all fields that are kept, so that the next ones are made anew."""
    _KEPT.forget()


def ready_field(form):
    """The newest field made for a form, whatever its voxel, without waiting.

    Parameters
    ----------
    form : Form
        A sampled one.

    Returns
    -------
    field : Field or None
    factor : float
    """
    home, factor = _scaled_home(sculpted(form))
    return _KEPT.newest(home), factor


@remembered
def fields_known(mass, voxel, reach):
    """Whether all fields of a mass are there, so that nothing has to be converted.

    Parameters
    ----------
    mass : Mass
    voxel, reach : float
        As for `shape_of`.

    Returns
    -------
    bool
    """
    grow = reach_with_melt(mass, reach)
    return all(_KEPT.get(_key(form, voxel, grow)[0])[0] for form in mass.forms if form.shapes and sampled(form))


def reach_with_melt(mass, reach):
    """How far from the surface of each form distances have to be true, so that they are so once joined.

    Parameters
    ----------
    mass : Mass
    reach : float
        From the surface of the mass, metres.

    Returns
    -------
    float
    """
    return reach + max([f.melt or 0.0 for f in mass.forms] + [mass.melt])


def _band(form, voxel, ticket):
    nothing = np.empty((0, 3), np.int32), np.empty((0, NODES), np.float32), np.empty((0, 3), np.int32)
    balls = form.own_balls()
    if balls is not None:
        positions, radii = balls
        radii = np.maximum(radii, form.least * voxel)
        if not len(positions):
            return nothing
        return balls_band(positions, radii, voxel, ticket)
    vertices, faces = triangles(form)
    if not len(faces) or not form.encloses:
        return nothing
    return narrow_band(vertices, faces, voxel, form.thickness, ticket)


def own_box(form):
    """Box of a sampled form in its own axes, without making its field.

    Parameters
    ----------
    form : Form

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners in metres.
    """
    balls = form.own_balls()
    if balls is not None:
        points, grow = balls[0], float(balls[1].max(initial=0.0))
    else:
        points, grow = triangles(form)[0], (form.thickness or 0.0) / 2
    if not len(points):
        return None
    return points.min(axis=0) - grow, points.max(axis=0) + grow
