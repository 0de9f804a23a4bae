"""Siblings: the same mound under other seeds, each as a small lit picture."""

from ..light.scene.camera import fitted
from ..recipe.models import Mass
from ..recipe.value import Value
from ..ticket import one_by_one
from .density import bounds_of, density_grid, span_of
from .stages import Stages, picture

SIZE = (232, 146)
VOXELS_ALONG = 110
PASSES = 2
WHICH = ("grains", "levels", "buds")
_STEP = 7919


def sibling(mound, number, which=WHICH):
    """A mound with other seeds.

    Parameters
    ----------
    mound : Mound
    number : int
        0 is the mound itself.
    which : sequence of str, optional
        Whose seeds change: "grains" (with all noise in them and in patches), "levels" (of the mass and of forms), "buds" (coats
        and roughness too). What was dabbed and stroked by hand stays.

    Returns
    -------
    Mound
    """
    step = number * _STEP
    if step and "grains" in which:
        mound = mound.edited(grains=_reseeded(mound.grains, step), patches=_reseeded(mound.patches, step))
    for name, fields in (("levels", ("base", "top")), ("buds", ("buds", "coat", "rough"))):
        if step and name in which:
            forms = tuple(_changed(form, {field: _reseeded(getattr(form, field), step) for field in fields})
                          for form in mound.mass.forms)
            own = {field: _reseeded(getattr(mound.mass, field), step) for field in fields if field in Mass.model_fields}
            mound = mound.edited(mass=mound.mass.edited(forms=forms, **own))
    return mound


def _reseeded(part, step):
    """A part of a recipe with every seed in it changed, however deep."""
    if isinstance(part, tuple):
        return tuple(_reseeded(one, step) for one in part)
    if not isinstance(part, Value):
        return part
    return _changed(part, {name: (value + step) % 2**31 if name == "seed" else _reseeded(value, step) for name, value in part})


def _changed(part, fields):
    """The part itself where nothing of it changes, so that what is known of it stays known."""
    new = {name: value for name, value in fields.items() if value is not getattr(part, name)}
    return part.edited(**new) if new else part


def sheet(mound, count, which=WHICH, ticket=None):
    """Small pictures of siblings, one after another.

    Parameters
    ----------
    mound : Mound
    count : int
    which : sequence of str, optional
    ticket : Ticket, optional

    Yields
    ------
    (int, Mound, ndarray of uint8, shape (height, width, 4))
        Number, recipe and picture of each, the mound itself first.
    """
    for number in one_by_one(range(count), lambda *_: "siblings", ticket):
        made = sibling(mound, number, which)
        bounds = bounds_of(made)
        voxel = max(span_of(made) / VOXELS_ALONG, 0.005)
        quiet = ticket.quiet() if ticket is not None else None
        grid = density_grid(made, voxel, quiet)
        shown = made if bounds is None else made.edited(view=fitted(made.view, *bounds, *SIZE))
        stages = Stages()
        yield number, made, picture(stages, stages.scene(shown, grid, f"sibling {number}"), *SIZE, passes=PASSES, ticket=quiet)
