"""Units of length and up-axes of files. Reads nothing else, so that every start may ask."""

UNITS = {"m": 1.0, "cm": 0.01, "mm": 0.001, "dm": 0.1, "ft": 0.3048, "in": 0.0254, "km": 1000.0}
"""Metres in each."""
UPS = ("y", "z")
