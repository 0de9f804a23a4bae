"""Density to light and pictures."""
