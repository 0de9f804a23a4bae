"""What stands beside the grid in OpenVDB files of ours, so that they can be read as they were meant."""

from pydantic import ValidationError

from ..aside import shown
from ..light.scene.phase import lobes_of, mean_cosine
from ..problems import Problem
from ..recipe import Medium
from .export import in_metres
from .foreign import read_volume
from .units import UNITS, UPS

MEDIUM = "soft_mound_medium"


def metadata_of(name, medium, seeds, unit="m", up="y"):
    """What is written beside a grid.

    Parameters
    ----------
    name : str
        Of the mound.
    medium : Medium
    seeds : sequence of int
    unit, up : str, optional
        Of the file's numbers.

    Returns
    -------
    dict of str to str or float
        `extinction_per_metre` at density 1, `albedo` and `anisotropy` (the mean cosine, of every phase function) for any
        renderer; the whole medium as JSON for ourselves.
    """
    return {
        "soft_mound_name": name, "unit": unit, "up": up, "extinction_per_metre": float(medium.extinction),
        "albedo": float(medium.albedo), "anisotropy": float(mean_cosine(lobes_of(medium))),
        "seeds": ", ".join(map(str, seeds)), MEDIUM: medium.model_dump_json(),
    }


def stated_placement(metadata):
    """Unit and up-axis that a file states.

    Parameters
    ----------
    metadata : dict

    Returns
    -------
    unit, up : str or None
        None for what it does not state, or states as nothing known.
    """
    unit, up = metadata.get("unit"), metadata.get("up")
    return unit if unit in UNITS else None, up if up in UPS else None


def stated_medium(metadata):
    """The medium that a file states.

    Parameters
    ----------
    metadata : dict

    Returns
    -------
    Medium or None
        None when it states no extinction that could be.
    """
    try:
        if isinstance(metadata.get(MEDIUM), str):
            return Medium.model_validate_json(metadata[MEDIUM])
        if "extinction_per_metre" in metadata:
            return Medium(extinction=metadata["extinction_per_metre"], albedo=metadata.get("albedo", 1.0),
                          anisotropy=metadata.get("anisotropy", Medium().anisotropy))
    except ValidationError:
        pass
    return None


def read_density(path, name="density", unit=None, up=None, ticket=None):
    """Read a density of a file, placed as it states or as is said.

    Parameters
    ----------
    path : path-like
    name : str, optional
        Of the grid.
    unit, up : str, optional
        Default what the file states, else metres and y.
    ticket : Ticket, optional

    Returns
    -------
    grid : BrickGrid
        In metres, y up.
    medium : Medium
        That of a new mound where the file states none.
    placement : dict
        "unit" and "up", as the file was read.

    Raises
    ------
    Problem
        If it cannot be read or is no density.
    """
    read = read_volume(path, name, ticket=ticket)
    if read.grid.background != 0.0 or read.level_set:
        raise Problem("{}: the grid {!r} is no density; choose another with --grid.", shown(path), name)
    stated = stated_placement(read.metadata)
    unit, up = unit or stated[0] or "m", up or stated[1] or "y"
    return in_metres(read.grid, unit, up), stated_medium(read.metadata) or Medium(), {"unit": unit, "up": up}
