"""Kinds of step on the surface, one a module: the model with its rows, how far it reaches, and what it does.

A file put here is a kind of step.
"""
