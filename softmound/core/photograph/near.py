"""A mound brought near to a photograph: a search over its numbers and seeds by what both look like on small pictures."""

from dataclasses import dataclass

import numpy as np

from ..budget import Cache
from ..engine.siblings import sibling
from ..engine.stages import Stages, layers_of
from ..light.lattices.coarse import QUICK
from ..light.marching.march import OPACITY
from ..light.picture.radiance import composed
from ..recipe.grains import rounded
from ..recipe.models import limits
from .blocking import drawn_toward, overlap_of
from .measures import Measures, light_alike, likeness, measured
from .reading import SEEN, Seen

LOCKS = {
    "forms": "Forms",
    "seeds": "Seeds",
    "grains": "Grains",
    "edge": "Edge and skin",
    "light": "Light",
}
"""What a search may be kept from changing, and how it is called."""
OUTLINE, ROUGHNESS, SPECTRUM, LIGHT, BRIGHTNESS = 1.0, 1.5, 0.3, 0.35, 0.5
"""What a difference counts: of the area outside one another, in outline dimension, in slope, of light that does not go along,
and in brightness."""
CLOSE = 0.01, 0.05
"""Differences of dimension and slope that do not count."""
FITTING = 0.935
"""Share of both outlines in common that is not given up for anything else."""
WIDE, NARROW = 1.0, 0.15
"""Spread with which numbers are changed at first and at the least."""
FORGOTTEN = 2**28
"""Bytes of candidates' grids and light that are kept."""
AT_ONCE = 3
"""Numbers that are changed at once."""
AT_A_TIME = 0.03, 0.3
"""Differences of dimension and slope that a whole spread of the numbers makes up for, about."""
GUIDED = 14
"""Tries in which what is missing says what is changed, before chance does."""


@dataclass(frozen=True)
class Change:
    """A number that a search changes.

    Attributes
    ----------
    lock : str
        Of `LOCKS`.
    part, field : str
        "push" and "nibble" mean all grains of that action, "buds" those of all forms; other parts are named by where they are.
    spread : float
        Of its logarithm, or of itself where `added`.
    added : bool
    rough, fine : float
        How much of it makes an outline rougher, and light and shade finer.
    """

    lock: str
    part: str
    field: str
    spread: float
    added: bool = False
    rough: float = 0.0
    fine: float = 0.0


CHANGES = (
    Change("grains", "push", "strength", 0.22, rough=1.0, fine=0.7),
    Change("grains", "push", "feature", 0.18),
    Change("grains", "push", "gain", 0.03, added=True, rough=1.0, fine=1.0),
    Change("grains", "push", "weaker_below", 0.1, added=True),
    Change("edge", "nibble", "depth", 0.3, rough=0.4),
    Change("edge", "nibble", "strength", 0.2, rough=0.3),
    Change("edge", "skin", "thickness", 0.25, rough=-0.3, fine=-0.7),
    Change("forms", "mass", "melt", 0.3, rough=-0.2, fine=-0.2),
    Change("forms", "buds", "shrink", 0.08),
    Change("forms", "buds", "reach", 0.07),
    Change("light", "light.medium", "extinction", 0.25, fine=0.5),
    Change("light", "light.sun", "azimuth", 4.0, added=True),
    Change("light", "light.sun", "elevation", 3.0, added=True),
    Change("light", "light.sky", "visibility", 0.25),
    Change("light", "light", "exposure", 0.12, added=True),
)
"""What is searched over, besides seeds."""


@dataclass(frozen=True, eq=False)
class Candidate:
    """A mound beside a photograph.

    Attributes
    ----------
    mound : Mound
    seen : Seen
        How it looks.
    measures : Measures
    overlap, likeness, light : float
        Of the outlines; what a library is searched by; and how well light and shade go along.
    unlike : float
        What the search makes less.
    """

    mound: object
    seen: Seen
    measures: Measures
    overlap: float
    likeness: float
    light: float
    unlike: float


class Beside:
    """Holds mounds beside a photograph.

    Parameters
    ----------
    photograph : Photograph
    along : int, optional
        Pixels along its cloud, and voxels along the mound's.

    Attributes
    ----------
    seen : Seen
    measures : Measures
        Of the photograph.
    """

    def __init__(self, photograph, along=SEEN):
        self.seen = photograph.seen(along)
        self.measures = measured(self.seen)
        self._voxel = rounded(photograph.reading.span / along)
        # No candidate comes again.
        self._stages = Stages(Cache(FORGOTTEN))

    def candidate(self, mound, ticket=None):
        """A mound as it looks from where the photograph was taken: Candidate.

        Parameters
        ----------
        mound : Mound
        ticket : Ticket, optional
        """
        quiet = ticket.quiet() if ticket is not None else None
        grid = self._stages.density(mound, self._voxel, quiet, remember=False)
        camera = self.seen.camera
        scene = self._stages.scene(mound, grid, self._stages.density_key(mound, self._voxel))
        layers = layers_of(self._stages, scene, camera, fine=QUICK, ticket=quiet)
        seen = Seen(camera, layers[..., OPACITY] > 0.5, composed(layers, scene, camera)[..., :3])
        if not seen.mask.any():
            nothing = float("nan")
            return Candidate(mound, seen, Measures(nothing, nothing, nothing, nothing, nothing), 0.0, 0.0, 0.0, float("inf"))
        mine, theirs = measured(seen), self.measures
        overlap, light = overlap_of(seen.mask, self.seen.mask), light_alike(self.seen, seen)
        unlike = OUTLINE * (1.0 - overlap) + LIGHT * (1.0 - light) + BRIGHTNESS * abs(mine.bright - theirs.bright)
        for weight, close, by in ((ROUGHNESS, CLOSE[0], mine.outline - theirs.outline),
                                  (SPECTRUM, CLOSE[1], mine.light - theirs.light)):
            unlike += weight * max(abs(by) - close, 0.0) if np.isfinite(by) else 0.0
        return Candidate(mound, seen, mine, overlap, likeness(self.seen, seen), light, float(unlike))


def brought_near(photograph, mound, locked=(), seed=1, beside=None, ticket=None):
    """Better and better candidates, without end: whoever asks stops when it is enough.

    First what is missing in roughness, light and outline says what is changed, then chance, with steps that shrink while nothing
    is gained and grow when something is (Rechenberg 1973, the rule of one fifth).

    Parameters
    ----------
    photograph : Photograph
    mound : Mound
    locked : collection of str, optional
        Of `LOCKS`: what stays as it is.
    seed : int, optional
    beside : Beside, optional
    ticket : Ticket, optional
        Ends it when it is told to stop.

    Yields
    ------
    Candidate
        The mound as it is first, then each that is nearer than all before; None for one that is not.
    """
    beside = Beside(photograph) if beside is None else beside
    dice, spread, number = np.random.default_rng(seed), WIDE, 0
    changes = [change for change in CHANGES if change.lock not in locked]
    best = beside.candidate(mound, ticket)
    yield best
    while True:
        if ticket is not None:
            ticket.tick(0.0)
        number += 1
        tried = _tried(beside, best, changes, locked, number, spread, dice)
        now = beside.candidate(tried, ticket) if tried is not None else best
        # What was changed moves the outline as well: the lumps follow before it is judged.
        if "forms" not in locked and now is not best and now.overlap < best.overlap - 0.002 and now.unlike < 1.3 * best.unlike:
            again = beside.candidate(drawn_toward(now.mound, beside.seen.camera, now.seen.mask, beside.seen.mask), ticket)
            now = again if again.unlike < now.unlike else now
        # The outline must not suffer for the rest, nor what a library is searched by.
        kept = now.likeness > best.likeness - 1e-3 and now.overlap >= min(best.overlap, FITTING)
        if kept and now.unlike < best.unlike - 1e-4:
            best, spread = now, min(spread * 1.5, WIDE)
            yield best
        else:
            spread = max(spread * 0.9, NARROW)
            yield None


def _tried(beside, best, changes, locked, number, spread, dice):
    """The next mound to try, or None where all is locked."""
    if "forms" not in locked and number % 5 == 0:
        return drawn_toward(best.mound, beside.seen.camera, best.seen.mask, beside.seen.mask)
    if "seeds" not in locked and number > GUIDED and number % 4 == 1:
        which = ("grains",) if number % 8 == 1 else ("buds",)
        if "forms" not in locked or which == ("grains",):
            return sibling(best.mound, int(dice.integers(1, 10_000)), which)
    if not changes:
        return None
    mound, missing = best.mound, _missing(beside.measures, best.measures)
    if number <= GUIDED and any(missing):
        amount = dice.uniform(0.3, 1.0)
        for change in changes:
            mound = changed(mound, change, amount * (missing[0] * change.rough + missing[1] * change.fine))
        return mound
    for n in dice.choice(len(changes), min(AT_ONCE, len(changes)), replace=False):
        mound = changed(mound, changes[n], spread * dice.normal())
    return mound


def _missing(theirs, ours):
    """How much roughness and how much fine light a mound is short of, in steps that are taken at once; 0 for what is close."""
    found = []
    for by, close, step in zip((theirs.outline - ours.outline, theirs.light - ours.light), CLOSE, AT_A_TIME):
        found.append(float(np.clip(by / step, -2.0, 2.0)) if np.isfinite(by) and abs(by) > close else 0.0)
    return found


def changed(mound, change, amount):
    """A mound with one of its numbers changed.

    Parameters
    ----------
    mound : Mound
    change : Change
    amount : float
        In spreads.

    Returns
    -------
    Mound
        Within the limits of the number.
    """
    if amount == 0.0:
        return mound
    if change.part in ("push", "nibble"):
        grains = tuple(_moved(grain, change, amount) if grain.action == change.part else grain for grain in mound.grains)
        return mound.edited(grains=grains)
    if change.part == "buds":
        forms = tuple(form if form.buds is None or form.locked else form.edited(buds=_moved(form.buds, change, amount))
                      for form in mound.mass.forms)
        return mound.edited(mass=mound.mass.edited(forms=forms))
    return _within(mound, change.part.split("."), change, amount)


def _within(value, path, change, amount):
    """A part of a recipe with a number changed at the end of a path."""
    if not path:
        return _moved(value, change, amount)
    return value.edited(**{path[0]: _within(getattr(value, path[0]), path[1:], change, amount)})


def _moved(value, change, amount):
    now = getattr(value, change.field)
    low, high = limits(value, change.field)
    if change.field == "azimuth":
        return value.edited(azimuth=round((now + change.spread * amount + 180.0) % 360.0 - 180.0, 1))
    new = now + change.spread * amount if change.added else now * np.exp(change.spread * amount)
    return value.edited(**{change.field: rounded(min(max(float(new), low), high))})
