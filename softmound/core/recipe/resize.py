"""A mound at another real size, with everything that is measured in metres."""

from pydantic import ValidationError

from .models import Mound
from .problems import Problem

_OF_LEVELS = ("softness", "raggedness", "ragged_size")


def resized_mound(mound, factor, keep_look=True):
    """The mound with all lengths times a factor.

    Forms, melt, levels, skin, grains, voxels and view scale together, about the point of the
    base level above the origin, so that the underside stays at its altitude and the pattern of the
    noise goes with the shape.

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

    def place(point):
        x, y, z = point
        return (x * factor, level + (y - level) * factor, z * factor)

    def lengths(part, *fields):
        return {field: getattr(part, field) * factor for field in fields}

    try:
        mass, base, medium, view = mound.mass, mound.mass.base, mound.light.medium, mound.view
        blobs = tuple(
            blob.edited(centre=place(blob.centre), radii=tuple(r * factor for r in blob.radii),
                        melt=None if blob.melt is None else blob.melt * factor)
            for blob in mass.blobs
        )
        base = base.edited(**lengths(base, *_OF_LEVELS))
        top = mass.top.edited(altitude=place((0.0, mass.top.altitude, 0.0))[1],
                              **lengths(mass.top, *_OF_LEVELS))
        grains = tuple(
            grain.edited(offset=place(grain.offset), **lengths(grain, "feature", "strength"))
            for grain in mound.grains
        )
        draft = mound.voxels.draft
        if keep_look:
            medium = medium.edited(extinction=medium.extinction / factor)
        return Mound.model_validate({
            **dict(mound),
            "mass": mass.edited(blobs=blobs, base=base, top=top, **lengths(mass, "melt")),
            "voxels": mound.voxels.edited(
                final=mound.voxels.final * factor, draft=None if draft is None else draft * factor),
            "grains": grains,
            "skin": mound.skin.edited(**lengths(mound.skin, "thickness")),
            "light": mound.light.edited(medium=medium),
            "view": view.edited(target=place(view.target), **lengths(view, "distance")),
        })
    except ValidationError as error:
        field = ".".join(str(step) for step in error.errors()[0]["loc"])
        raise Problem(
            f"At {factor:.3g} times its size the mound's {field} would leave its limits; "
            "choose a size nearer to the present one."
        ) from error
