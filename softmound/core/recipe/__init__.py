"""Frozen models of everything the artist decides, and the `.mound` file."""

from ..problems import Problem
from .arrays import Arrays
from .curve import SKIN_CURVES, Curve, eased
from .files import mound_json, parse_mound, read_mound, read_thumb, write_mound, write_whole
from .forms import (
    BaseLevel,
    Buds,
    Coat,
    Dabs,
    Roughness,
    Stroke,
    TopLevel,
)
from .grains import (
    Noise,
    Paint,
    Patch,
    Warp,
)
from .models import (
    MOST_STOPS,
    Fader,
    Floor,
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
    "Paint", "Patch", "Warp", "Buds", "Coat", "Curve", "Dabs", "Fader", "Floor", "KeptView", "Lamp",
    "Light", "LowerSkin", "Mass", "Medium",
    "Mound", "MOST_STOPS", "Problem", "Ramp", "Reference", "Roughness", "SKIN_CURVES",
    "Skin", "Sky",
    "Snapshot", "Stroke", "Sun", "TopLevel", "View", "Voxels", "eased", "limits", "mound_json",
    "parse_mound", "read_mound", "read_thumb", "write_mound", "write_whole",
]
