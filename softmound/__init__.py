"""Soft Mound: sculpt one cloud, grain it, light it, keep it."""

__version__ = "0.1.0"
