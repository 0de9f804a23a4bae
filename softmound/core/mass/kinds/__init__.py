"""Kinds of form, one a module: the model with its rows, its formula or its surface, and what there is to say of it.

A file put here is a kind of form. Those with a formula name, in `row`, one of the distances that `mass.table` knows; all
others are read from a field of samples of their surface or of their balls.
"""
