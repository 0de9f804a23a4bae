"""Bringing recipes of older formats up to date, one step per version."""

from .models import FORMAT
from .problems import Problem

STEPS = {}
"""Maps a version to the function that turns its JSON into that of the next version."""


def migrated(data, source):
    """Bring the JSON of a recipe to the present format.

    Parameters
    ----------
    data : dict
        As read; not changed.
    source : str or path-like
        For the sentence when it cannot be read.

    Returns
    -------
    dict
        In format `FORMAT`.

    Raises
    ------
    Problem
        If the version is missing or from the future.
    """
    if not isinstance(data, dict):
        raise Problem(f"{source}: mound.json must hold one JSON object; this is no recipe.")
    version = data.get("format")
    if type(version) is not int or version < 1:
        raise Problem(f"{source}: the recipe states no format version; save it again from Soft Mound.")
    if version > FORMAT:
        raise Problem(
            f"{source}: written in format {version}, but this Soft Mound reads up to {FORMAT}; "
            "open it with a newer version."
        )
    while version < FORMAT:
        data = STEPS[version](data)
        version += 1
    return data
