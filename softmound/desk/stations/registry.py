"""All stations, in the order of the work: what the window, the strip, the keys and the help iterate over."""

from .grain import GrainStation
from .library import LibraryStation
from .light import LightStation
from .mass import MassStation
from .voxels import VoxelsStation

STATIONS = (MassStation, VoxelsStation, GrainStation, LightStation, LibraryStation)
"""Each takes the document and the window; the key that opens it is its place."""
