"""Why there is no cloud: what took it away, and the edit that undoes just that."""

from collections.abc import Callable
from dataclasses import dataclass

from ..problems import Problem
from ..sentences import Sentence
from .density import bounds_of, density_grid

ALONG = 40
"""Voxels along the cloud as it is looked for."""


@dataclass(frozen=True)
class Emptied:
    """What took the cloud away.

    Attributes
    ----------
    sentence : str
        What is so.
    remedy : str
        What the edit does, for a button; empty where nothing alone helps.
    change : callable or None
        From the mound to one that has a cloud.
    """

    sentence: str
    remedy: str = ""
    change: Callable | None = None


def _of_mass(**changes):
    return lambda mound: mound.edited(mass=mound.mass.edited(**changes))


def _suspects(mound):
    """What may be to blame, each with what would undo it, the likeliest first."""
    mass = mound.mass
    for name, sentence, remedy in (
            ("base", Sentence("The base level at {:g} m lies above all that there is, so nothing is left.", mass.base.altitude),
             Sentence("Turn the base level off")),
            ("top", Sentence("The top level at {:g} m lies below all that there is, so that nothing is left.", mass.top.altitude),
             Sentence("Turn the top level off"))):
        if getattr(mass, name).on:
            yield sentence, remedy, _of_mass(**{name: getattr(mass, name).edited(on=False)})
    for role, sentence in (("keeps", "“{}” keeps only what lies within it, and that is nothing."),
                           ("carves", "“{}” carves all of the cloud away.")):
        for form in mass.forms:
            if form.role == role and not form.hidden:
                others = tuple(other.edited(hidden=True) if other is form else other for other in mass.forms)
                yield Sentence(sentence, form.name), Sentence("Hide {}", form.name), _of_mass(forms=others)
    for number, step in enumerate(mound.steps):
        if step.on:
            yield (Sentence("The step “{}” on the surface takes all of it away.", Sentence(step.label)),
                   Sentence("Remove that step"),
                   lambda m, n=number: m.edited(steps=(*m.steps[:n], *m.steps[n + 1:])))
    for number, grain in enumerate(mound.grains):
        # A mask that lets a grain act too widely is taken away before the grain is: the less that is undone the better.
        for place, mask in enumerate(grain.where if grain.on else ()):
            yield (Sentence("The mask “{}” lets the grain {} eat all of the cloud.", Sentence(mask.label), number + 1),
                   Sentence("Turn that mask over"), lambda m, n=number, k=place: m.edited(grains=tuple(
                       g.edited(where=tuple(w.edited(invert=not w.invert) if j == k else w for j, w in enumerate(g.where)))
                       if i == n else g for i, g in enumerate(m.grains))))
        if grain.on:
            yield (Sentence("The grain {} “{}” eats all of the cloud away.", number + 1, Sentence(grain.action.capitalize())),
                   Sentence("Turn that grain off"), lambda m, n=number: m.edited(grains=tuple(
                       g.edited(on=False) if k == n else g for k, g in enumerate(m.grains))))
    for number, patch in enumerate(mound.patches):
        yield (Sentence("The patch “{}” thins all of the cloud away.", patch.name), Sentence("Remove that patch"),
               lambda m, n=number: m.edited(patches=(*m.patches[:n], *m.patches[n + 1:])))
    if mound.voxels.crumbs > 0.0:
        yield (Sentence("All parts of the cloud are crumbs, smaller than {:g} m, and are dropped.", mound.voxels.crumbs),
               Sentence("Keep crumbs"), lambda m: m.edited(voxels=m.voxels.edited(crumbs=0.0)))


def emptied(mound, ticket=None):
    """Find what took the cloud of a mound away.

    Parameters
    ----------
    mound : Mound
        Whose density is empty.
    ticket : Ticket, optional

    Returns
    -------
    Emptied
        The first thing without which there would be one, by coarse builds.
    """
    adds = [form for form in mound.mass.forms if form.role == "adds"]
    if not adds:
        return Emptied(Sentence("There is no form yet that adds something."))
    if all(form.hidden for form in adds):
        return Emptied(Sentence("All forms are hidden."), Sentence("Show all forms"), _of_mass(
            forms=tuple(form.edited(hidden=False) for form in mound.mass.forms)))
    for sentence, remedy, change in _suspects(mound):
        if ticket is not None:
            ticket.tick(0.5)
        try:
            other = change(mound)
            box = bounds_of(other)
            voxel = 1.0 if box is None else max(float((box[1] - box[0]).max()) / ALONG, 0.005)
            if box is not None and density_grid(other, voxel).brick_bounds() is not None:
                return Emptied(sentence, remedy, change)
        except Problem:
            continue
    return Emptied(Sentence("Nothing is left of the forms; undo what was done last, or make them larger."))
