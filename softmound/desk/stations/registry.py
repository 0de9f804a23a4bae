"""All stations, in the order of the work: what the window, the strip, the keys and the help iterate over."""

from .formation.station import FormationStation
from .grain.station import GrainStation
from .library.station import LibraryStation
from .light.station import LightStation
from .mass.station import MassStation
from .voxels.station import VoxelsStation

STATIONS = (MassStation, VoxelsStation, GrainStation, LightStation, LibraryStation, FormationStation)
"""Subclasses of `Station`, each in a folder of its own; the key that opens one is its place."""
