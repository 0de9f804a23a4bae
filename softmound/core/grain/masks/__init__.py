"""Kinds of mask, one a module: the model with its rows, what it reads, and its share of what acts.

A file put here is a kind of mask, as with the actions beside it.
"""
