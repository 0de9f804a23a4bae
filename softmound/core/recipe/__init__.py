"""Frozen models of everything the artist decides, and the `.mound` file."""

from .files import mound_json, parse_mound, read_mound, read_thumb, write_mound, write_whole
from .models import (
    BaseLevel,
    Blob,
    Buds,
    Light,
    Mass,
    Medium,
    Mound,
    Push,
    Skin,
    Sky,
    Sun,
    TopLevel,
    View,
    Voxels,
    limits,
)
from .problems import Problem

__all__ = [
    "BaseLevel", "Blob", "Buds", "Light", "Mass", "Medium", "Mound", "Problem", "Push", "Skin", "Sky",
    "Sun", "TopLevel", "View", "Voxels", "limits", "mound_json", "parse_mound", "read_mound", "read_thumb",
    "write_mound", "write_whole",
]
