"""Soft Mound: sculpt one cloud, grain it, light it, keep it."""

__version__ = "0.2.0"
