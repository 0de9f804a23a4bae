"""The kinds of stand-in, a module for each.

A file put into this folder is a kind: see `core.recipe.standins`.
"""
