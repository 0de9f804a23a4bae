"""Gestures of the sculpting tools, given to the forms under the brush."""

from dataclasses import dataclass

import numpy as np

from ..recipe.forms import Dabs, Stroke
from .kinds.trail import Trail
from .outline import half_sizes
from .placing import replaced
from .sculpt import sculpted, with_stroke
from .surface import own

DABBING = {"dab": ("Dabs", "adds"), "scoop": ("Scoops", "carves")}


@dataclass(frozen=True)
class Brush:
    """How a tool works.

    Attributes
    ----------
    tool : str
        One of `recipe.forms.TOOLS`.
    radius : float
        Metres.
    strength : float
        -1 to 1; below 0 it works the other way.
    falloff : float
        0 falls off from the middle, 1 holds to the rim.
    spacing, jitter : float
        Of Dab and Scoop: between balls, in radii; and how unlike one another they are.
    symmetry : str
        "", or "x" or "z" to work on both sides of that plane at once.
    seed : int
    """

    tool: str = "drag"
    radius: float = 10.0
    strength: float = 0.6
    falloff: float = 0.3
    spacing: float = 0.7
    jitter: float = 0.35
    symmetry: str = ""
    seed: int = 1


def next_gesture(mass):
    """A number no gesture has yet.

    Parameters
    ----------
    mass : Mass

    Returns
    -------
    int
    """
    return 1 + max((stroke.gesture for form in mass.forms
                    for stroke in (*form.strokes, *getattr(form, "dabs", ()))), default=0)


def stroked(mass, brush, path, toward=(0.0, 1.0, 0.0), chosen=(), gesture=1):
    """A mass after one gesture.

    Parameters
    ----------
    mass : Mass
        As it was before the gesture.
    brush : Brush
    path : sequence of (float, float, float, float)
        Points under the brush in the world, metres, and the pressure there. Of Drag the first is where
        it took hold and the last where it is.
    toward : sequence of float, length 3, optional
        Normal of the plane of Press.
    chosen : sequence of int, optional
        Forms it is kept to; default all that are seen and not locked.
    gesture : int, optional

    Returns
    -------
    Mass
    """
    paths = [(np.asarray(path, float), np.asarray(toward, float))]
    if brush.symmetry:
        flip = np.ones(4)
        flip["xyz".index(brush.symmetry)] = -1.0
        paths.append((paths[0][0] * flip, paths[0][1] * flip[:3]))
    if brush.tool in DABBING:
        return _dabbed(mass, brush, [p for p, _ in paths], gesture)
    changes = {}
    for number, form in enumerate(mass.forms):
        if form.hidden or form.locked or chosen and number not in chosen or form.dabbed:
            continue
        for way, normal in paths:
            if _reached(form, way, brush.radius):
                form = with_stroke(form, Stroke(
                    tool=brush.tool, gesture=gesture, path=_points(way), toward=tuple(normal.tolist()),
                    radius=brush.radius, strength=brush.strength, falloff=brush.falloff, seed=brush.seed))
                changes[number] = form
    return mass.edited(forms=replaced(mass.forms, changes))


def _points(path):
    return tuple(tuple(round(float(v), 4) for v in p) for p in path)


def _reached(form, path, radius):
    """True when the brush comes near a form's box anywhere."""
    half, middle = half_sizes(form)
    away = np.abs(own(sculpted(form), path[:, :3]) - middle) - half
    return bool((np.linalg.norm(np.maximum(away, 0.0), axis=1) < radius).any())


def _dabbed(mass, brush, paths, gesture):
    name, role = DABBING[brush.tool]
    last = mass.forms[-1] if mass.forms else None
    if not (last.dabbed and last.role == role and not last.hidden and not last.locked):
        taken = {form.name for form in mass.forms}
        number = 1
        while f"{name} {number}" in taken:
            number += 1
        last = Trail(name=f"{name} {number}", role=role, centre=tuple(round(float(c), 3) for c in paths[0][0, :3]))
        mass = mass.edited(forms=mass.forms + (last,))
    dabs = last.dabs
    for path in paths:
        mine = np.column_stack([own(last, path[:, :3]) / last.scale, path[:, 3]])
        dabs += (Dabs(gesture=gesture, path=_points(mine), radius=brush.radius, spacing=brush.spacing,
                      jitter=brush.jitter, seed=brush.seed),)
    return mass.edited(forms=mass.forms[:-1] + (last.edited(dabs=dabs),))


def gestures_of(mass):
    """All gestures that left something, in their order.

    Parameters
    ----------
    mass : Mass

    Returns
    -------
    list of (int, str, int)
        Number, tool, and how many forms it touches.
    """
    found = {}
    for form in mass.forms:
        for stroke in form.strokes:
            found.setdefault(stroke.gesture, (stroke.tool, set()))[1].add(id(form))
        if form.dabbed:
            for stroke in form.dabs:
                tool = "scoop" if form.role == "carves" else "dab"
                found.setdefault(stroke.gesture, (tool, set()))[1].add(id(form))
    return [(number, tool, len(forms)) for number, (tool, forms) in sorted(found.items())]


def without_gesture(mass, gesture):
    """A mass as if a gesture had not been made.

    Parameters
    ----------
    mass : Mass
    gesture : int

    Returns
    -------
    Mass
    """
    kept = []
    for form in mass.forms:
        if any(stroke.gesture == gesture for stroke in form.strokes):
            form = form.edited(strokes=tuple(s for s in form.strokes if s.gesture != gesture))
        if form.dabbed and any(stroke.gesture == gesture for stroke in form.dabs):
            form = form.edited(dabs=tuple(s for s in form.dabs if s.gesture != gesture))
            if not form.dabs:
                continue
        kept.append(form)
    return mass.edited(forms=tuple(kept))

