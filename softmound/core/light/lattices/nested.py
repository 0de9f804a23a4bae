"""Finer light where small clouds stand in a wide sky.

One lattice over a deck to the horizon has cells as wide as the clouds above it. So the small clouds get a lattice of their own over
the box that they fill. What the rest of the sky adds there is the difference between light of the whole and light of what is in the
box alone, both found on the wide lattice, and smooth: it is added to what the fine lattice finds of the box alone. Where the fine
lattice is as wide as the other one nothing changes.
"""

from dataclasses import replace
from typing import NamedTuple

import numpy as np

from .coarse import coarse_in, within
from .lattice import Lattice, scattered_in, sun_depth

SMALL = 0.35
"""Share of the scene's longest side that a cloud's may have to count as small."""
FLAT = 4.0
"""Times its height that a small cloud is wide, at the most."""
WORTH = 0.5
"""Times the cells of the whole that those of a box are at most, for it to be worth it."""


class Nest(NamedTuple):
    """Fine light, and which clouds stand in it.

    Attributes
    ----------
    lattice : Lattice
    clouds : ndarray of bool, shape (M,)
        Which clouds of the scene it lights.
    """

    lattice: Lattice
    clouds: np.ndarray


def small_of(scene):
    """Which clouds of a scene are small beside it, and the box that they fill.

    Parameters
    ----------
    scene : Scene

    Returns
    -------
    (ndarray of bool, shape (M,), ndarray of float64, shape (2, 3)) or None
        None where finer light would not be much finer: of one cloud, or where the small ones are everywhere.
    """
    if len(scene.clouds) < 2:
        return None
    boxes = np.array([cloud.box() for cloud in scene.clouds])
    low, high = boxes[:, 0].min(axis=0), boxes[:, 1].max(axis=0)
    small = (boxes[:, 1] - boxes[:, 0]).max(axis=1) <= SMALL * (high - low).max()
    # Tiles of a deck are small beside all of it, and are no heroes; nor is what is flat, wherever it comes from.
    small &= [not cloud.layer for cloud in scene.clouds]
    wide = (boxes[:, 1] - boxes[:, 0])[:, [0, 2]].max(axis=1) / np.maximum((boxes[:, 1] - boxes[:, 0])[:, 1], 1e-9)
    small &= wide < FLAT
    if not small.any() or small.all():
        return None
    own = boxes[small, 0].min(axis=0), boxes[small, 1].max(axis=0)
    return (small, np.array(own)) if np.prod(own[1] - own[0]) <= WORTH**3 * np.prod(high - low) else None


def _between(values, first, cell, onto_first, onto_cell, shape, weight=None):
    """Values of a lattice at the cells of another along the same axes, blended; with a weight, of what has some alone."""
    if weight is not None:
        shares = _between(weight, first, cell, onto_first, onto_cell, shape)
        held = _between(values * weight.reshape(weight.shape + (1,) * (values.ndim - 3)), first, cell, onto_first, onto_cell, shape)
        return held / np.maximum(shares, np.float32(1e-6)).reshape(shares.shape + (1,) * (values.ndim - 3))
    for axis in range(3):
        at = np.clip((onto_first[axis] + onto_cell * np.arange(shape[axis]) - first[axis]) / cell, 0.0, values.shape[axis] - 1.0)
        low = np.minimum(at.astype(int), max(values.shape[axis] - 2, 0))
        part = (at - low).astype(np.float32).reshape((-1,) + (1,) * (values.ndim - 1 - axis))
        high = np.minimum(low + 1, values.shape[axis] - 1)
        values = values.take(low, axis) * (1 - part) + values.take(high, axis) * part
    return values


def laid_over(depth, outside, first, cell, onto_first, onto_cell):
    """Optical depth of a box with that of what is in the way outside it.

    Parameters
    ----------
    depth : ndarray of float32, shape (X, Y, Z)
        Of what is in the box, from `depth_toward`.
    outside : ndarray of float32, shape (U, V, W)
        Of what is not, on wider cells.
    first, onto_first : ndarray of float64, shape (3,)
        World positions of the middles of the cells (0, 0, 0) of the wider and of the finer ones, metres.
    cell, onto_cell : float
        Edges in metres.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z)
        As it lies in memory, like `depth`.
    """
    sun = depth + np.maximum(_between(outside, first, cell, onto_first, onto_cell, depth.shape), 0.0)
    return sun if depth.flags.c_contiguous else np.ascontiguousarray(sun.transpose(2, 0, 1)).transpose(1, 2, 0)


def nested(scene, lattice, coarse, mixture, fine, zones=None, ticket=None, around=None):
    """A lattice with finer light of the small clouds of a scene.

    Parameters
    ----------
    scene : Scene
    lattice : Lattice
        Of the whole, without lamps.
    coarse : Coarse
        What it was made of.
    mixture : Mixture
    fine : Fineness
    zones : ndarray of float32, shape (U, V, W, 3, 4), optional
        Those of an earlier nest of the same clouds under the same sky.
    ticket : Ticket, optional
    around : Around, optional
        Stand-ins that hide light from all round.

    Returns
    -------
    Lattice
        The same where nothing is gained.
    """
    found = small_of(scene)
    if found is None:
        return lattice
    small, box = found
    inner, own_mixture = coarse_in(scene, fine, box)
    if inner.cell > WORTH * coarse.cell:
        return lattice
    light, alone = scene.light, within(coarse, box)
    # The sun: what is in the box, finely, and what is in its way outside.
    outside = lattice.sun - sun_depth(alone, light, mixture)
    sun = laid_over(sun_depth(inner, light, own_mixture), outside, coarse.first, coarse.cell, inner.first, inner.cell)
    if ticket is not None:
        ticket.tick(0.6)
    # All other light: what is scattered about in the box, finely, and what comes into it from what is outside.
    every = zones is None
    lights = slice(None) if every else slice(0, 1)
    coming = lattice.sky[..., lights, :] - scattered_in(alone, lattice.sun, light, mixture, every, around=around)
    there = (np.abs(lattice.sky[..., 0]).sum(axis=3) > 0.0).astype(np.float32)
    sky = scattered_in(inner, sun, light, own_mixture, every, around=around)
    sky = sky + _between(coming, coarse.wide_first, coarse.wide, inner.wide_first, inner.wide, sky.shape[:3], there)
    sky = sky if every else np.concatenate([sky, zones], axis=3)
    finer = Lattice(inner.first, inner.cell, sun, inner.wide_first, inner.wide, np.ascontiguousarray(sky, np.float32))
    return replace(lattice, nest=Nest(finer, small))
