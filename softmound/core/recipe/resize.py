"""A mound at another real size, with everything that is measured in metres."""

from typing import Any

import numpy as np

from ..problems import OutOfLimits, Problem
from .forms import Form
from .models import Mound, View, limits

_OF_LEVELS = ("softness", "raggedness", "ragged_size", "fill")


def _grown(value: Any, factor: float) -> Any:
    if value is None:
        return None
    return tuple(v * factor for v in value) if isinstance(value, tuple) else value * factor


def sized_form(form: Form, factor: float) -> Form:
    """A form with all that is measured in metres times a factor, its centre where it was.

    Parameters
    ----------
    form : Form
    factor : float
        Above 0.

    Returns
    -------
    Form

    Raises
    ------
    OutOfLimits
        If something would leave its limits.
    """
    changes = {field: _grown(getattr(form, field), factor) for field in (*form.lengths, "melt")}
    for part, fields in (("coat", ("radius",)), ("rough", ("size", "strength")), ("base", _OF_LEVELS),
                         ("top", _OF_LEVELS)):
        own = getattr(form, part)
        if own is not None:
            changes[part] = own.edited(**{field: getattr(own, field) * factor for field in fields})
    changes["strokes"] = tuple(
        stroke.edited(radius=stroke.radius * factor,
                      path=tuple((x * factor, y * factor, z * factor, p) for x, y, z, p in stroke.path))
        for stroke in form.strokes)
    return form.edited(**changes)


def stand_in_of_size(stand_in: Any, size: Any) -> Any:
    """A stand-in of another size.

    Parameters
    ----------
    stand_in : StandIn
    size : tuple of float
        Along its own axes, metres; a single number is its longest side, and keeps its proportions.

    Returns
    -------
    StandIn

    Raises
    ------
    Problem
        If a model is to be stretched.
    """
    if "size" in type(stand_in).model_fields:
        if len(size) == 1:
            size = tuple(side * size[0] / max(stand_in.size) for side in stand_in.size)
        return stand_in.edited(size=tuple(size))
    if len(size) != 1:
        raise Problem("{}: a model keeps its proportions; give one number, its longest side.", stand_in.name)
    longest = float(np.ptp(stand_in.triangles()[0], axis=0).max())
    return stand_in.edited(times=stand_in.times * size[0] / max(longest, 1e-9))


def resized_mound(mound: Mound, factor: float, keep_look: bool = True) -> Mound:
    """The mound with all lengths times a factor.

    Forms, melt, levels, steps, skin, grains, voxels, lamps, sea or land, views and the places of stand-ins scale together, about
    the point of the base level above the origin, so that the underside stays at its altitude and the pattern of the noise goes
    with the shape.

    Parameters
    ----------
    mound : Mound
    factor : float
        Above 0.
    keep_look : bool, optional
        Divide the extinction by the factor, which keeps every optical depth; otherwise a larger
        cloud is a denser sight.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        If something would leave its limits.
    """
    level = mound.mass.base.altitude if mound.mass.base.on else 0.0

    def place(point: Any) -> Any:
        x, y, z = point
        return (x * factor, level + (y - level) * factor, z * factor)

    def lengths(part: Any, *fields: str) -> Any:
        return {field: getattr(part, field) * factor for field in fields}

    try:
        mass, base, medium, view = mound.mass, mound.mass.base, mound.light.medium, mound.view
        forms = tuple(sized_form(form, factor).edited(centre=place(form.centre)) for form in mass.forms)
        base = base.edited(**lengths(base, *_OF_LEVELS))
        top = mass.top.edited(altitude=place((0.0, mass.top.altitude, 0.0))[1],
                              **lengths(mass.top, *_OF_LEVELS))
        grains = tuple(grain.sized(factor, place) for grain in mound.grains)
        patches = tuple(patch.sized(factor, place) for patch in mound.patches)
        draft = mound.voxels.draft
        skin = mound.skin.edited(**lengths(mound.skin, "thickness"), shell=_grown(mound.skin.shell, factor))
        if skin.below is not None:
            altitude = place((0.0, skin.below.altitude, 0.0))[1]
            skin = skin.edited(below=skin.below.edited(altitude=altitude, **lengths(skin.below, "thickness", "blend")))

        def seen(view: View) -> View:
            return view.edited(target=place(view.target), **lengths(view, "distance"))

        # Four times the power at twice the distance is as bright.
        lamps = tuple(lamp.edited(place=place(lamp.place), radius=lamp.radius * factor, power=lamp.power * factor**2)
                      for lamp in mound.light.lamps)
        floor = mound.light.floor
        # What lies below is no part of the cloud: where its numbers would leave their limits it stays at them.
        sized = {"level": place((0.0, floor.level, 0.0))[1], **lengths(floor, "patches", "visibility")}
        floor = floor.edited(**{field: float(np.clip(value, *limits(floor, field))) for field, value in sized.items()})

        def ramp(colours: Any) -> Any:
            if colours is None or colours.by == "density":
                return colours
            if colours.by == "depth":
                return colours.edited(**lengths(colours, "low", "high"))
            return colours.edited(low=place((0.0, colours.low, 0.0))[1], high=place((0.0, colours.high, 0.0))[1])

        medium = medium.edited(tint_by=ramp(medium.tint_by), glow_by=ramp(medium.glow_by))
        if keep_look:
            medium = medium.edited(extinction=medium.extinction / factor)
        return Mound.model_validate({
            **dict(mound),
            "mass": mass.edited(forms=forms, base=base, top=top, **lengths(mass, "melt")),
            "voxels": mound.voxels.edited(
                final=mound.voxels.final * factor, draft=None if draft is None else draft * factor,
                crumbs=mound.voxels.crumbs * factor),
            "grains": grains,
            "patches": patches,
            "steps": tuple(step.sized(factor) for step in mound.steps),
            "skin": skin,
            "light": mound.light.edited(medium=medium, lamps=lamps, floor=floor),
            # They say how large things are: only where they stand changes.
            "stand_ins": tuple(each.edited(place=place(each.place)) for each in mound.stand_ins),
            "view": seen(view),
            "views": tuple(kept.edited(view=seen(kept.view)) for kept in mound.views),
            "path": tuple(key.edited(view=seen(key.view)) for key in mound.path),
        })
    except OutOfLimits as refused:
        field = ".".join(str(step) for step in refused.error.errors()[0]["loc"])
        raise Problem(
            "At {:.3g} times its size the mound's {} would leave its limits; choose a size nearer to the present one.",
            factor,
            field,
        ) from refused
