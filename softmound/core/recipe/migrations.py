"""Bringing recipes of older formats up to date, one step per version."""

from typing import Any

from ..problems import Problem
from .curve import eased
from .models import FORMAT


def _blobs_to_forms(data: dict[str, Any]) -> dict[str, Any]:
    """1 to 2: the blobs of a mass became forms of several kinds."""
    mass = data.get("mass")
    if isinstance(mass, dict) and "blobs" in mass:
        blobs = mass["blobs"]
        if isinstance(blobs, list):
            blobs = [{"kind": "blob", **blob} if isinstance(blob, dict) else blob for blob in blobs]
        mass = {"forms": blobs, **{field: value for field, value in mass.items() if field != "blobs"}}
        data = {**data, "mass": mass}
    return {**data, "format": 2}


def _softness_to_curve(data: dict[str, Any]) -> dict[str, Any]:
    """2 to 3: how a skin rises became a curve."""
    skin = data.get("skin")
    if isinstance(skin, dict) and isinstance(skin.get("softness", 1.0), (int, float)):
        rest = {field: value for field, value in skin.items() if field != "softness"}
        skin = {**rest, "curve": eased(min(max(float(skin.get("softness", 1.0)), 0.0), 1.0)).model_dump()}
        data = {**data, "skin": skin}
    return {**data, "format": 3}


def _folded_to_sum(data: dict[str, Any]) -> dict[str, Any]:
    """3 to 4: grains of several actions, and several ways to sum octaves."""
    grains = data.get("grains")
    if isinstance(grains, list):
        data = {**data, "grains": [_summed(grain) for grain in grains]}
    return {**data, "format": 4}


def _summed(grain: dict[str, Any]) -> dict[str, Any]:
    if not isinstance(grain, dict) or "folded" not in grain:
        return grain
    rest = {field: value for field, value in grain.items() if field != "folded"}
    return {"action": "push", **rest, "summed": "folded" if grain["folded"] else "fbm"}


def _more_light(data: dict[str, Any]) -> dict[str, Any]:
    """5: lamps, kinds of sky, phase functions, kept views and snapshots; what there was means what it meant."""
    return {**data, "format": 5}


def _colour_ramps(data: dict[str, Any]) -> dict[str, Any]:
    """Colours within the cloud and marks on photographs came as additions."""
    snapshots = [{**snapshot, "recipe": _colour_ramps(snapshot["recipe"])} if isinstance(snapshot, dict) and isinstance(
        snapshot.get("recipe"), dict) else snapshot for snapshot in data.get("snapshots", ())]
    return {**data, "format": 6, **({"snapshots": snapshots} if "snapshots" in data else {})}


def _crumbs_kept(data: dict[str, Any]) -> dict[str, Any]:
    """7: crumbs are dropped, gaps of a base filled and exposures metered; older mounds keep what they were."""
    snapshots = [{**snapshot, "recipe": _crumbs_kept(snapshot["recipe"])} if isinstance(snapshot, dict) and isinstance(
        snapshot.get("recipe"), dict) else snapshot for snapshot in data.get("snapshots", ())]
    voxels = data.get("voxels", {})
    return {**data, "format": 7, **({"voxels": {**voxels, "crumbs": 0.0}} if isinstance(voxels, dict) else {}),
            **({"snapshots": snapshots} if "snapshots" in data else {})}


def _floor_below(data: dict[str, Any]) -> dict[str, Any]:
    """8: sea or land below came as an addition."""
    snapshots = [{**snapshot, "recipe": _floor_below(snapshot["recipe"])} if isinstance(snapshot, dict) and isinstance(
        snapshot.get("recipe"), dict) else snapshot for snapshot in data.get("snapshots", ())]
    return {**data, "format": 8, **({"snapshots": snapshots} if "snapshots" in data else {})}


def _time(data: dict[str, Any]) -> dict[str, Any]:
    """9: a time line, keys and growth came as additions."""
    snapshots = [{**snapshot, "recipe": _time(snapshot["recipe"])} if isinstance(snapshot, dict) and isinstance(
        snapshot.get("recipe"), dict) else snapshot for snapshot in data.get("snapshots", ())]
    return {**data, "format": 9, **({"snapshots": snapshots} if "snapshots" in data else {})}


def _mixed(data: dict[str, Any]) -> dict[str, Any]:
    """10: groups of lamps and faders for light groups came as additions."""
    snapshots = [{**snapshot, "recipe": _mixed(snapshot["recipe"])} if isinstance(snapshot, dict) and isinstance(
        snapshot.get("recipe"), dict) else snapshot for snapshot in data.get("snapshots", ())]
    return {**data, "format": 10, **({"snapshots": snapshots} if "snapshots" in data else {})}


STEPS = {1: _blobs_to_forms, 2: _softness_to_curve, 3: _folded_to_sum, 4: _more_light, 5: _colour_ramps, 6: _crumbs_kept,
         7: _floor_below, 8: _time, 9: _mixed}
"""Maps a version to the function that turns its JSON into that of the next version."""


def migrated(data: dict[str, Any], source: Any) -> dict[str, Any]:
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
        raise Problem("{}: mound.json must hold one JSON object; this is no recipe.", source)
    version = data.get("format")
    if type(version) is not int or version < 1:
        raise Problem("{}: the recipe states no format version; save it again from Soft Mound.", source)
    if version > FORMAT:
        raise Problem(
            "{}: written in format {}, but this Soft Mound reads up to {}; open it with a newer version.", source, version, FORMAT
        )
    while version < FORMAT:
        data = STEPS[version](data)
        version += 1
    return data
