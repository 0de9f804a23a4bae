"""Lumps on forms: buds grown over them, coats that cover them, trails that a brush left."""

import math
import random
from functools import lru_cache

import numpy as np
import scipy

from ..directions import rotation_matrix
from ..problems import Problem
from ..recipe.models import MOST_BALLS
from .kinds.blob import Blob
from .sculpt import even_path, sculpted, triangles
from .surface import areas_and_normals, placed, scattered

POOL = 24
"""Candidates for each ball of a coat."""


@lru_cache(maxsize=4096)
def grown(blob):
    """A blob and its buds, parents before children.

    The pattern depends on the seed alone: it goes with the blob when that is moved, turned or sized.

    Parameters
    ----------
    blob : Blob

    Returns
    -------
    tuple of Blob
        The blob after its strokes first. Buds are balls of its role and melt.
    """
    blob = sculpted(blob)
    if blob.buds is None:
        return (blob,)
    dice = random.Random(blob.buds.seed)
    everything, parents = [blob], [blob]
    for _ in range(blob.buds.generations):
        parents = [bud for parent in parents for bud in _children(parent, blob.buds, dice, blob.mirror)]
        everything += parents
    return tuple(everything)


def _children(parent, buds, dice, mirror=False):
    turn = rotation_matrix(parent.rotation)
    size = sum(parent.radii) / 3.0 * buds.shrink
    for _ in range(buds.count):
        up = dice.uniform(-1.0, 1.0)
        around = dice.uniform(0.0, 2.0 * math.pi)
        scale = 1.0 + buds.variation * dice.uniform(-1.0, 1.0)
        left_out = dice.random() < buds.fewer_below
        # Drawn toward the top (or bottom) without leaving the sphere.
        up += buds.upward * (1.0 - abs(up))
        flat = math.sqrt(max(0.0, 1.0 - up * up))
        way = (flat * math.cos(around) * (-1.0 if mirror else 1.0), up, flat * math.sin(around))
        # Up is the world's, so that turning a blob does not bring its bare underside up.
        own = turn.T @ way
        place = turn @ [r * o for r, o in zip(parent.radii, own)]
        if up < 0.0 and left_out:
            continue
        yield parent.model_copy(update={
            "centre": tuple(float(c + buds.reach * p) for c, p in zip(parent.centre, place)),
            "radii": (size * scale,) * 3, "rotation": (0.0, 0.0, 0.0), "buds": None, "coat": None, "strokes": (),
        })


def surface_of(form):
    """Triangles of a form in the world, or of a small ball at each point where it is a point set.

    Parameters
    ----------
    form : Form
        Not a trail.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Metres.
    faces : ndarray of int32, shape (m, 3)
    """
    vertices, faces = triangles(form)
    return placed(sculpted(form), vertices), faces[:, ::-1] if form.mirror else faces


def _scattered(form, count, dice):
    """Points of a form's surface, their normals, and the form's mean half size."""
    balls = form.own_balls()
    if balls is not None:
        positions, radii = balls
        which = dice.integers(len(positions), size=count)
        ways = dice.normal(size=(count, 3))
        ways /= np.linalg.norm(ways, axis=1)[:, None]
        return placed(form, positions[which]) + ways * radii[which, None], ways, float(radii.mean())
    vertices, faces = surface_of(form)
    if not len(faces):
        return np.empty((0, 3)), np.empty((0, 3)), 0.0
    size = float((vertices.max(axis=0) - vertices.min(axis=0)).mean()) / 2
    return *scattered(vertices, faces, count, dice), size


def _first_buds(form):
    """Buds of any form but a blob: balls on its surface, as blobs."""
    buds = form.buds
    dice = np.random.default_rng(buds.seed)
    points, normals, size = _scattered(form, buds.count * POOL, dice)
    if not len(points):
        return []
    # Drawn upward: the chance of a place rises with its normal.
    chance = np.exp(3.0 * buds.upward * normals[:, 1])
    order = np.argsort(dice.exponential(size=len(points)) / chance)[: buds.count]
    made = []
    for n in order:
        radius = size * buds.shrink * (1.0 + buds.variation * dice.uniform(-1.0, 1.0))
        left_out = dice.random() < buds.fewer_below
        if normals[n, 1] < 0.0 and left_out:
            continue
        centre = points[n] - (1.0 - buds.reach) * size * normals[n]
        made.append(Blob.model_construct(
            **{**dict(Blob()), "centre": tuple(float(c) for c in centre), "radii": (float(radius),) * 3}))
    return made


def _bud_balls(form):
    if isinstance(form, Blob):  # whose buds sit where their formula says, not where they fall
        return [(*bud.centre, bud.radii[0]) for bud in grown(form)[1:]]
    dice = random.Random(form.buds.seed)
    parents = _first_buds(form)
    everything = list(parents)
    for _ in range(form.buds.generations - 1):
        parents = [bud for parent in parents for bud in _children(parent, form.buds, dice)]
        everything += parents
    return [(*bud.centre, bud.radii[0]) for bud in everything]


def _coat_balls(form):
    """Balls spread evenly: dart throwing with a smallest distance (Cook 1986), kept where left out below."""
    coat = form.coat
    dice = np.random.default_rng(coat.seed)
    apart = coat.spacing * coat.radius
    balls = form.own_balls()
    if balls is not None:
        area = float((4 * math.pi * balls[1] ** 2).sum())
    else:
        area = float(areas_and_normals(*surface_of(form))[0].sum())
    expected = area / (0.7 * apart * apart)
    if expected > MOST_BALLS:
        raise Problem("The coat of {} would have about {:,.0f} balls, more than {:,}; make them larger or set them "
                      "farther apart.", form.name, expected, MOST_BALLS)
    points, normals, _ = _scattered(form, POOL * (int(expected) + 4), dice)
    if not len(points):
        return []
    tree = scipy.spatial.cKDTree(points)
    free = np.ones(len(points), bool)
    kept = []
    for n in range(len(points)):
        if free[n]:
            kept.append(n)
            free[tree.query_ball_point(points[n], apart)] = False
    kept = np.array(kept)
    left_out = (normals[kept, 1] < 0.0) & (dice.random(len(kept)) < coat.fewer_below)
    radii = coat.radius * (1.0 + coat.jitter * dice.uniform(-1.0, 1.0, len(kept)))
    return np.column_stack([points[kept], radii])[~left_out]


def trail_balls(trail):
    """Balls of a trail in its own axes.

    Parameters
    ----------
    trail : Trail

    Returns
    -------
    ndarray of float64, shape (n, 4)
        Centre and radius in metres.
    """
    balls = np.concatenate([np.empty((0, 4)), *(_dab_balls(dabs) for dabs in trail.dabs)])
    balls[:, :3] *= trail.scale
    balls[:, 3] *= float(np.prod(trail.scale)) ** (1.0 / 3.0)
    return balls


@lru_cache(maxsize=4096)
def _dab_balls(dabs):
    path = even_path(dabs.path, max(dabs.radius * dabs.spacing, 1e-3))
    # Dice are thrown in the order of the balls: a stroke that grows keeps the balls it has.
    throws = np.random.default_rng(dabs.seed).uniform(-1.0, 1.0, (len(path), 4))
    radii = dabs.radius * np.maximum(path[:, 3], 0.05) * (1.0 + dabs.jitter * throws[:, 3])
    centres = path[:, :3] + dabs.radius * dabs.jitter * 0.5 * throws[:, :3]
    return np.column_stack([centres, radii])


@lru_cache(maxsize=4096)
def balls_of(form):
    """Balls that a form has besides its own shape: buds, coat, and all of a trail.

    Parameters
    ----------
    form : Form

    Returns
    -------
    ndarray of float64, shape (n, 4)
        Centre and radius in the world, metres.

    Raises
    ------
    Problem
        When a coat would have too many.
    """
    parts = [np.empty((0, 4))]
    if form.dabbed:
        centres, radii = form.own_balls()
        parts.append(np.column_stack([placed(form, centres), radii]))
        if not len(radii):
            return parts[0]
    if form.buds is not None:
        parts.append(np.array(_bud_balls(form)).reshape(-1, 4))
    if form.coat is not None:
        parts.append(np.asarray(_coat_balls(form)).reshape(-1, 4))
    return np.concatenate(parts)
