"""Bringing recipes of older formats up to date, one step per version."""

from collections.abc import Callable
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


def _crumbs_kept(data: dict[str, Any]) -> dict[str, Any]:
    """Older mounds keep the crumbs that are dropped since."""
    voxels = data.get("voxels", {})
    return {**data, **({"voxels": {**voxels, "crumbs": 0.0}} if isinstance(voxels, dict) else {})}


def _weather_in_nature(data: dict[str, Any]) -> dict[str, Any]:
    """12 to 13: growth has a sounding, in metres of nature, instead of numbers of its own for what water does."""
    growth = data.get("growth")
    if not isinstance(growth, dict) or not all(isinstance(value, (int, float)) for name, value in growth.items()
                                               if name in _OF_WEATHER):
        return data
    gone = ("over", "warms", "dries", "whirls", "form")
    # Air held e times less vapour over this height; in nature that is some 2,500 m.
    larger = min(max(2_500.0 / max(float(growth.get("over", 90.0)), 0.1), 1.0), 100.0)
    root = larger**0.5
    changed = {name: value for name, value in growth.items() if name not in gone}
    changed |= {"larger": larger, "form": "beside" if growth.get("form", True) else "none", "gives": "surface", "pulse": 0.0,
                "pace": min(float(growth.get("pace", 6.0)) * root, 2_000.0),
                "wind": min(float(growth.get("wind", 0.0)) * root, 200.0),
                "shear": min(max(float(growth.get("shear", 0.0)) * 10.0 / root, -200.0), 200.0),
                "smoke": min(float(growth.get("smoke", 0.0)) * float(growth.get("pace", 6.0)), 500.0)}
    return {**data, "growth": changed}


_OF_WEATHER = ("over", "pace", "wind", "shear", "smoke")


def _to(version: int, change: Callable[[dict[str, Any]], dict[str, Any]] = dict) -> Callable[[dict[str, Any]], dict[str, Any]]:
    """A step that changes a recipe and those of its snapshots; by default what is new came as an addition."""
    def step(data: dict[str, Any]) -> dict[str, Any]:
        changed = {**change(data), "format": version}
        if "snapshots" in data:
            changed["snapshots"] = [
                {**snapshot, "recipe": step(snapshot["recipe"])}
                if isinstance(snapshot, dict) and isinstance(snapshot.get("recipe"), dict) else snapshot
                for snapshot in data["snapshots"]]
        return changed

    return step


STEPS = {
    1: _blobs_to_forms, 2: _softness_to_curve, 3: _folded_to_sum,
    4: _to(5),  # lamps, kinds of sky, phase functions, kept views and snapshots
    5: _to(6),  # colours within the cloud, marks on photographs
    6: _to(7, _crumbs_kept),  # gaps of a base filled, exposures metered
    7: _to(8),  # sea or land below
    8: _to(9),  # a time line, keys and growth
    9: _to(10),  # groups of lamps, faders for light groups
    10: _to(11),  # a camera path
    11: _to(12),  # stand-ins
    12: _to(13, _weather_in_nature),
    13: _to(14),  # what was read in a photograph
}
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
