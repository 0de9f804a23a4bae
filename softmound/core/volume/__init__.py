"""The sparse grid and how it is read."""

from .bricks import LANES, NODE, NOTHING, SIDE, BrickGrid, BrickIndex, brick_keys, grid_of

__all__ = ["LANES", "NODE", "NOTHING", "SIDE", "BrickGrid", "BrickIndex", "brick_keys", "grid_of"]
