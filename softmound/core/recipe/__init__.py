"""Frozen models of everything the artist decides, and the `.mound` file."""

from ..problems import Problem
from .arrays import Arrays
from .curve import SKIN_CURVES, Curve, eased
from .files import mound_json, parse_mound, read_mound, read_thumb, write_mound, write_whole
from .forms import (
    BaseLevel,
    Blob,
    Buds,
    Coat,
    Dabs,
    Mesh,
    Points,
    Roughness,
    Solid,
    Stroke,
    TopLevel,
    Trail,
    Volume,
)
from .grains import (
    Noise,
    Paint,
    Patch,
    Warp,
)
from .models import (
    MOST_STOPS,
    KeptView,
    Lamp,
    Light,
    LowerSkin,
    Mass,
    Medium,
    Mound,
    Ramp,
    Reference,
    Skin,
    Sky,
    Snapshot,
    Sun,
    View,
    Voxels,
    limits,
)

__all__ = [
    "Arrays", "BaseLevel", "Noise",
    "Paint", "Patch", "Warp", "Blob", "Buds", "Coat", "Curve", "Dabs", "KeptView", "Lamp",
    "Light", "LowerSkin", "Mass", "Medium",
    "Mesh", "Mound", "MOST_STOPS", "Points", "Problem", "Ramp", "Reference", "Roughness", "SKIN_CURVES",
    "Skin", "Sky", 
    "Snapshot", "Solid", "Stroke", "Sun", "TopLevel", "Trail", "View", "Volume", "Voxels", "eased", "limits", "mound_json",
    "parse_mound", "read_mound", "read_thumb", "write_mound", "write_whole",
]
