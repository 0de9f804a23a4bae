"""A cloud of a model: its form with the grains, skin and light of a start, fitted to how thick it is where."""

from dataclasses import replace

import numpy as np
import scipy

from ..budget import remembered
from ..directions import rotation_matrix
from ..fill.steps.grow import Grow
from ..grain.masks.paint import Painted
from ..grain.scales import worthwhile
from ..mass.kinds.points import Points
from ..mass.thickness import inner_balls, spread_over
from ..problems import Problem
from ..recipe.arrays import Arrays
from ..recipe.grains import Paint, rounded
from ..recipe.models import Voxels, limits
from ..volume.sample import sample
from .species import LEAST_SPAN, MOST_SPAN, start

GENTLE, FINER = 0.285, 1.0
"""Share of what is carved into blobs that is carved into a model, and how much smaller its lumps are."""
THINNEST, FINE = 160.0, 256.0
"""Of a model's span: parts thinner than this share do not count; its voxels along it."""
LUMP, LARGEST_LUMP, SUNK, ON_IT = 0.8, 0.09, 0.82, 0.72
"""Radius of a lump over that of the part it sits on, and at most over the span of the model; how deep it sits, and how far
out smaller ones sit on it, in its radii."""
MOST_LUMPS, ON_EACH = 3_000, 5
"""Lumps on a model, and smaller ones on each of them."""
SHALLOW = 0.01
"""Of a model's span: how deep grains are in any case, so that it is a cloud and no plaster."""
THICK, PAINTED, MOST_PAINTED = 1.6, 2.6, 400
"""Depths of a broad grain that the ball in a part holds to be thick enough for it; balls that a brush is wide; brushes."""
HELD = 0.15
"""Density in the middle of a part of a model from which on it is there."""
EATEN = 0.2
"""Of a Nibble's strength times its depth, by which it moves the edge inward, about."""


def start_from_form(form, name, species="mediocris", span=None, sheet=None, level=None, voxel=None):
    """A cloud of one form, with the grains, skin and light of a start, standing on the ground.

    Grains and skin are fitted to the thinnest part that matters (`mass.thickness`), and lumps give what these take away, so that
    the cloud has the volume of its model; a sheet is given it first.

    Parameters
    ----------
    form : Mesh
    name : str
    species : str, optional
        One of `STARTS`.
    span : float, optional
        Longest side in metres; default the form's own.
    sheet : float, optional
        Thickness of an open surface, metres.
    level : float, optional
        Altitude of the base level; default none.
    voxel : float, optional
        Final voxel, metres; default four across the thinnest part.

    Returns
    -------
    Mound
    """
    vertices = form.surface["vertices"]
    extent = np.ptp(vertices.astype(float), axis=0)
    factor = 1.0 if span is None else span / float(extent.max())
    long = float(extent.max()) * factor
    if not LEAST_SPAN <= long <= MOST_SPAN:
        raise Problem("{}: would be {:.3g} m long; state its size from {:g} to {:,.0f} m, or another unit of its "
                      "numbers.", name, long, LEAST_SPAN, MOST_SPAN)
    if not 1e-3 <= factor <= 1e3:
        # More than a form is sized by: its numbers themselves are brought to metres.
        form = form.edited(surface=Arrays(**{
            **{part: form.surface[part] for part in form.surface}, "vertices": (vertices * factor).astype(np.float32)}))
        extent, factor = extent * factor, 1.0
    form = form.edited(scale=(factor,) * 3, centre=(0.0, round(float(extent[1]) * factor / 2, 3), 0.0), sheet=sheet)
    span = float(extent.max()) * factor
    mound = start(species, name, span=span)
    base = mound.mass.base.edited(on=level is not None, altitude=level or 0.0)
    balls = None if sheet is not None else _balls_of(form)
    thin = max(sheet if balls is None else balls.thinnest, span / THINNEST)
    grains = tuple(_gentle(grain, thin, span) for grain in mound.grains)
    skin = mound.skin.edited(thickness=rounded(min(mound.skin.thickness, 0.25 * thin)))
    low, high = limits(Voxels, "final")
    final = min(max(rounded(min(span / FINE, thin / 4.0)), low), high) if voxel is None else voxel
    forms = (form,)
    if balls is not None:
        grains = (*_broad(mound.grains, balls), *grains)
        forms = (form, _lumps_over(balls, span))
    steps = mound.steps
    if sheet is not None:
        # Of a sheet, which has no lumps on it, skin and grains take a share that matters.
        taken = 0.5 * max(skin.thickness, final) - sum(grain.mean for grain in grains if grain.action == "push")
        taken += sum(EATEN * grain.strength * grain.depth for grain in grains if grain.action == "nibble")
        taken = max(taken, max((grain.reach[1] for grain in grains if grain.action == "push"), default=0.0) - 0.3 * thin)
        steps = (Grow(metres=rounded(taken)), *steps)
    mass = mound.mass.edited(forms=forms, melt=rounded(0.15 * thin), base=base, top=mound.mass.top.edited(on=False))
    return mound.edited(mass=mass, grains=worthwhile(grains, final), skin=skin,
                        voxels=mound.voxels.edited(final=final), steps=steps)


def lost_of(form, grid):
    """What of a model is not in the cloud that was made of it.

    Parameters
    ----------
    form : Mesh
        As it stands in the mound.
    grid : BrickGrid
        Density.

    Returns
    -------
    dict
        `lost`, the share of the model's volume where the cloud has less than `HELD` of its core, and `lost_at`, the middle of the
        largest part of it, metres, or None.
    """
    balls = _balls_of(form)
    centres = balls.centres
    gone = sample(grid, centres) < HELD
    lost, where = float(balls.weights[gone].sum()), None
    if gone.any():
        # Of what is lost the place around which most of it lies.
        tree = scipy.spatial.cKDTree(centres[gone])
        near = tree.query_ball_point(centres[gone], 0.05 * float(np.ptp(centres, axis=0).max()))
        heaviest = max(near, key=lambda some: balls.weights[gone][some].sum())
        where = [round(float(v), 1) for v in centres[gone][heaviest].mean(axis=0)]
    return {"lost": round(lost, 4), "lost_at": where}


@remembered
def _balls_in(surface):
    """Balls within a surface, in its own unit."""
    return inner_balls(surface["vertices"], surface["faces"])


def _balls_of(form):
    """Balls within a model as it stands in the world."""
    size, balls = float(form.scale[0]), _balls_in(form.surface)
    return replace(balls, centres=size * balls.centres @ rotation_matrix(form.rotation).T + form.centre, radii=size * balls.radii)


def _gentle(grain, thin, span):
    """A grain for a model, which has a shape of its own to keep: no deeper than its thinnest part bears."""
    if grain.action == "push":
        # What goes out as well as in may be the stronger.
        inward = max(grain.reach[1] / grain.strength, 0.4)
        strength = min(grain.strength * GENTLE, max(0.4 * thin, SHALLOW * span) / inward)
        return grain.edited(strength=rounded(strength), feature=rounded(strength * grain.feature / grain.strength * FINER / GENTLE))
    return grain.edited(depth=rounded(min(grain.depth, 0.3 * thin))) if grain.action == "nibble" else grain


def _lumps_over(balls, span):
    """Lumps all over a model and smaller ones on them, as large as each part of it bears: Points."""
    radii = np.minimum(LUMP * balls.radii, LARGEST_LUMP * span)
    places = balls.centres + (balls.radii - SUNK * radii)[:, None] * balls.normals
    chosen = spread_over(places, radii, MOST_LUMPS)
    dice = np.random.default_rng(len(chosen))
    sizes = radii[chosen] * dice.uniform(0.75, 1.1, len(chosen))
    toward = balls.normals[chosen].repeat(ON_EACH, axis=0) + 0.9 * dice.normal(size=(len(chosen) * ON_EACH, 3))
    toward /= np.linalg.norm(toward, axis=1, keepdims=True)
    on = places[chosen].repeat(ON_EACH, axis=0) + ON_IT * sizes.repeat(ON_EACH)[:, None] * toward
    places = np.concatenate([places[chosen], on])
    sizes = np.concatenate([sizes, 0.45 * sizes.repeat(ON_EACH) * dice.uniform(0.7, 1.15, len(on))])
    middle = places.mean(axis=0).round(2)
    cloud = Arrays(positions=(places - middle).astype(np.float32), radii=sizes.astype(np.float32))
    return Points(name="Lumps", centre=tuple(map(float, middle)), cloud=cloud, first=1.0, last=1.0)


def _broad(grains, balls):
    """The pushes of a start at their whole size, painted where a model is thick enough for them."""
    broad = []
    for grain in (grain for grain in grains if grain.action == "push"):
        deep = min(grain.strength * GENTLE, balls.usual / 4.0)
        thick = np.flatnonzero(balls.radii > THICK * deep)
        if not len(thick):
            continue
        # A brush for each part of about its size, so near to one another that they overlap.
        chosen = thick[spread_over(balls.centres[thick], 0.7 * balls.radii[thick], MOST_PAINTED)]
        strokes = [Paint(path=((*map(float, balls.centres[n].round(2)), 1.0),), radius=rounded(PAINTED * float(balls.radii[n])))
                   for n in chosen]
        broad.append(grain.edited(strength=rounded(deep), feature=rounded(deep * grain.feature / grain.strength * FINER / GENTLE),
                                  octaves=min(grain.octaves, 3), where=(Painted(strokes=tuple(strokes)),)))
    return tuple(broad)
