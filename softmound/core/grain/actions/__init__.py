"""Grain actions, one a module: the model with its rows, how far it reaches, what it does, and what is compiled for it.

A file put here is an action: recipes, builds, bounds, forecasts, resizing, set-up and the settings find it by itself. See
"A grain action of one's own" in docs/architecture.md.
"""
