"""The sparse grid and how it is read."""

from .bricks import LANES, NODE, NOTHING, SIDE, BrickGrid, BrickIndex, brick_keys, grid_of
from .sample import sample
from .windows import bricks_of, read_window

__all__ = [
    "LANES", "NODE", "NOTHING", "SIDE", "BrickGrid", "BrickIndex", "brick_keys", "bricks_of",
    "grid_of", "read_window", "sample",
]
