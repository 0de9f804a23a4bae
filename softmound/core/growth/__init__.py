"""Smoke and cloud that rise from a form: a solver on a grid of its own, and frames of it that are kept."""
