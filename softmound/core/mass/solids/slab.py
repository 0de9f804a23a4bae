"""Slab: a flat box that is always round at the rim."""

from .box import Box


class Slab(Box):
    """Its rows are those of a box."""

    word, order, has = "slab", 60, ()
    sentence = "A flat disc with a round rim."
    wide, tall = 4.0, 0.35

    def edge_of(self, solid, most):
        return most
