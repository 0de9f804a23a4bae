"""Siblings: the same mound under other seeds, each as a small lit picture."""

from ..light.camera import fitted
from .density import bounds_of, density_grid, span_of
from .stages import Stages, picture

SIZE = (232, 146)
VOXELS_ALONG = 110
PASSES = 2
WHICH = ("grains", "levels", "buds")
_STEP = 7919


def sibling(mound, number, which=WHICH):
    """A mound with other seeds.

    Parameters
    ----------
    mound : Mound
    number : int
        0 is the mound itself.
    which : sequence of str, optional
        Whose seeds change: "grains" (with the noise of their masks), "levels", "buds" (and coats).

    Returns
    -------
    Mound
    """
    def other(part):
        return None if part is None else part.edited(seed=(part.seed + number * _STEP) % 2**31)

    if number == 0:
        return mound
    mass, grains = mound.mass, mound.grains
    if "grains" in which:
        grains = tuple(other(g).edited(where=tuple(
            m.edited(noise=other(m.noise)) if m.by == "noise" else m for m in g.where)) for g in grains)
    if "levels" in which:
        mass = mass.edited(base=other(mass.base), top=other(mass.top))
    if "buds" in which:
        mass = mass.edited(forms=tuple(f.edited(buds=other(f.buds), coat=other(f.coat)) for f in mass.forms))
    return mound.edited(mass=mass, grains=grains)


def sheet(mound, count, which=WHICH, ticket=None):
    """Small pictures of siblings, one after another.

    Parameters
    ----------
    mound : Mound
    count : int
    which : sequence of str, optional
    ticket : Ticket, optional

    Yields
    ------
    (int, Mound, ndarray of uint8, shape (height, width, 4))
        Number, recipe and picture of each, the mound itself first.
    """
    for number in range(count):
        if ticket is not None:
            ticket.step(number / count, (number + 1) / count, "siblings")
        made = sibling(mound, number, which)
        bounds = bounds_of(made)
        voxel = max(span_of(made) / VOXELS_ALONG, 0.005)
        quiet = ticket.quiet() if ticket is not None else None
        grid = density_grid(made, voxel, quiet)
        shown = made if bounds is None else made.edited(view=fitted(made.view, *bounds, *SIZE))
        stages = Stages()
        yield number, made, picture(stages, stages.scene(shown, grid, f"sibling {number}"), *SIZE, passes=PASSES, ticket=quiet)
