"""A mound blocked in from an outline: circles along its medial axis become blobs, which are moved until the cloud fills it."""

import heapq
from dataclasses import dataclass

import numpy as np
import scipy
import skimage

from ..engine.density import density_grid, span_of
from ..grain.scales import worthwhile
from ..mass.kinds.blob import Blob
from ..problems import Problem
from ..recipe.forms import Buds
from ..recipe.grains import rounded
from ..recipe.models import limits
from ..starts.growth import GOLDEN
from ..starts.species import FINAL, start
from ..starts.wish import MADE, NONE
from ..ticket import one_by_one
from .seen import opacity_of

ALONG = 220
"""Pixels along the longer side of a photograph in which circles are looked for."""
COVERED, ROUGH = 0.95, 0.97
"""Share of an outline's area that its lumps cover, and with the knobs that make it rough."""
OWN = 0.15
"""Share of its own that a knob adds to the lumps at the least."""
LEAST, MOST = 0.012, 160
"""Smallest radius of a circle over the longer side of the outline, and how many there may be."""
STOUT, BUDDED = 0.05, 0.03
"""Radius, over the span, from which on a lump has others behind and before it, and from which on it has buds."""
BEHIND, SMALLER = 0.75, 0.85
"""How far behind a lump one of the second row stands, and its size, in the first one's radius."""
BEFORE, SMALL, OUT, PROUD = 7, (0.3, 0.5), 0.7, 0.95
"""Lumps on the face of one, their sizes, how far from its middle, and how far in front of it they stand, in its radius."""
CROWDED = 0.5
"""Distance between two lumps that both have others, over the radius of the larger, at the least."""
MELT, CRUMBS = 0.012, 0.03
"""Blend radius, and the smallest part that may hang on nothing, over the span."""
GENTLE, FINER = 0.35, 0.7
"""Share of what starts carve into their blobs that is carved into those of an outline, and the size of it."""
VOXELS, PIXELS = 96, 192
"""Voxels along the cloud, and pixels along the photograph, while blobs are moved."""
TURNS = 5
TALL = 0.75
"""Height over width from which on a cloud is taken for a congestus."""
RESIZED, FAR, WITH_CARE = (0.4, 1.6), 0.6, 0.8
"""How much smaller and larger a blob becomes at once, how far off the outline may be for it, in its radius, and the share of what
is off that is made up for at once."""
STEADY = (4.0, 4.0, 1.0)
"""How much a circle resists being moved and being sized, in points of the outline beside it."""


@dataclass(frozen=True)
class Asked:
    """What is asked of a mound that is blocked in.

    Attributes
    ----------
    span : float
        Longest side of the cloud, metres.
    base : bool
        Whether it has a base level.
    seed : int
    tired : float
        From 0 to 1.
    """

    span: float = 300.0
    base: bool = True
    seed: int = 3
    tired: float = 0.25


def circles_in(mask, covered=COVERED, most=MOST, found=(), least=0.0):
    """About the fewest inscribed circles that cover a share of an outline: each the one that adds most (Chvatal 1979, Math. Oper.
    Res. 4), of those about the points of the medial axis (Blum 1967).

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
    covered : float, optional
    most : int, optional
    found : array_like of float, shape (n, 3), optional
        Circles that are there already.
    least : float, optional
        Share of its own that a circle adds at the least.

    Returns
    -------
    ndarray of float64, shape (n, 3)
        Column, row and radius of each, pixels, the middle of the first pixel at 0; the one that adds most first.
    """
    if not mask.any():
        return np.empty((0, 3))
    axis, inscribed = skimage.morphology.medial_axis(mask, return_distance=True, rng=1)
    rows, columns = np.nonzero(axis & (inscribed >= LEAST * max(np.ptp(np.argwhere(mask), axis=0) + 1)))
    radii = inscribed[rows, columns]
    left, found = mask.copy(), [tuple(circle) for circle in found]
    for column, row, radius in found:
        part, disc = _disc(row, column, radius, mask.shape)
        left[part] &= ~disc
    # What a circle adds only gets less, so that one that still adds more than the next could is the best.
    heap = [(-np.pi * radius**2, n) for n, radius in enumerate(radii)]
    heapq.heapify(heap)
    most_left = (1.0 - covered) * np.count_nonzero(mask)
    while heap and len(found) < most and np.count_nonzero(left) > most_left:
        _, n = heapq.heappop(heap)
        part, disc = _disc(rows[n], columns[n], radii[n], mask.shape)
        adds = int(np.count_nonzero(left[part] & disc))
        if heap and adds < -heap[0][0]:
            heapq.heappush(heap, (-adds, n))
            continue
        if adds < least * np.pi * radii[n] ** 2:
            continue
        left[part] &= ~disc
        found.append((columns[n], rows[n], radii[n]))
    return np.array(found, float).reshape(-1, 3)


def _disc(row, column, radius, shape):
    """Rows and columns that a circle touches, and which of these pixels lie in it."""
    reach = int(np.ceil(radius))
    part = tuple(slice(max(int(at) - reach, 0), min(int(at) + reach + 1, side)) for at, side in zip((row, column), shape))
    y, x = np.ogrid[part]
    return part, (x - column) ** 2 + (y - row) ** 2 <= radius**2


def blocked_in(mask, standing, name, asked=Asked(), ticket=None, until=1.0):
    """Block in a mound whose outline, from where the photograph was taken, is the photograph's.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
        Outline in the photograph, not empty.
    standing : Standing
    name : str
    asked : Asked, optional
    ticket : Ticket, optional
    until : float, optional
        Share of the whole work that is done then.

    Returns
    -------
    mound : Mound
        Blobs, grains, skin and light as of a start; all of it can be edited.
    overlap : float
        Area that both outlines have over that which either has.

    Raises
    ------
    Problem
        When the outline is too thin.
    """
    small = scipy.ndimage.binary_fill_holes(reduced(mask, ALONG))
    lumps = circles_in(small)
    if not len(lumps):
        raise Problem("The outline is too thin to be filled with lumps; take a larger cloud, or draw it thicker.")
    circles = (circles_in(small, ROUGH, found=lumps, least=OWN) + (0.5, 0.5, 0.0)) * mask.shape[1] / small.shape[1]
    mound = mound_of(circles, standing, name, asked)
    return _fitted(mound, _small(standing.camera), mask, asked.span, lambda _turn, *seen: drawn_toward(*seen), ticket, until)


def _small(camera):
    """A camera with as few pixels as blobs are moved by."""
    return camera.smaller(max(8, round(PIXELS * camera.width / max(camera.width, camera.height))))


def _fitted(mound, camera, mask, span, moved, ticket, until=1.0):
    """Move the blobs of a mound some times, and return the one whose outline fits best, with how well it does.

    `moved` is given the number of the turn, the mound, the camera, and the outlines that are seen and wanted, and returns the next
    mound.
    """
    wanted, best = seen_as(mask, camera), None
    for turn in one_by_one(range(TURNS), lambda *_: "moving the lumps", ticket, high=until):
        quiet = ticket.quiet() if ticket is not None else None
        grid = density_grid(mound, rounded(span / VOXELS), quiet)
        seen = opacity_of(grid, camera, mound.light.medium.extinction) > 0.5
        overlap = overlap_of(seen, wanted)
        if best is None or overlap > best[1]:
            best = mound, overlap
        if turn < TURNS - 1:
            mound = moved(turn, mound, camera, seen, wanted)
    return best


def overlap_of(one, other):
    """Area that two outlines share over that which either has (Jaccard 1901): float."""
    return float(np.count_nonzero(one & other) / max(np.count_nonzero(one | other), 1))


def reduced(mask, along):
    """An outline at most so many pixels along.

    Parameters
    ----------
    mask : ndarray of bool, shape (rows, columns)
    along : int

    Returns
    -------
    ndarray of bool
    """
    share = min(1.0, along / max(mask.shape))
    shape = tuple(max(1, round(side * share)) for side in mask.shape)
    return skimage.transform.resize(mask.astype(np.float32), shape, order=1, anti_aliasing=share < 1.0) > 0.5


def seen_as(mask, camera):
    """The outline in the pixels of a camera that sees the whole photograph: ndarray of bool."""
    return skimage.transform.resize(mask.astype(np.float32), (camera.height, camera.width), order=1, anti_aliasing=True) > 0.5


def drawn_toward(mound, camera, seen, wanted, aside=False):
    """A mound whose blobs are moved and sized so that its outline comes to lie where it is wanted, each by least squares.

    Parameters
    ----------
    mound : Mound
        Forms that are no blobs, locked or hidden, or that do not add, stay.
    camera : Camera
    seen, wanted : ndarray of bool, shape (height, width)
        Outline of the mound in its picture, and the one it is to have.
    aside : bool, optional
        Move and size them along x or z alone, whichever goes across the picture: what is seen from the other side stays.

    Returns
    -------
    Mound
    """
    forms = list(mound.mass.forms)
    moving = [n for n, form in enumerate(forms) if form.kind == "blob" and form.role == "adds" and not (form.hidden or form.locked)]
    if not (moving and seen.any() and wanted.any()):
        return mound
    centres = np.array([forms[n].centre for n in moving])
    per_metre = 1.0 / (camera.spread * ((centres - camera.eye) @ camera.forward))
    radii = np.array([np.mean(forms[n].radii) for n in moving]) * per_metre
    circles = np.column_stack([camera.pixels(centres), radii])
    for k, (n, (right, down, larger)) in enumerate(zip(moving, _steps(circles, seen, wanted))):
        step = (right * camera.right - down * camera.up) / per_metre[k]
        share = np.full(3, np.clip(1.0 + larger / radii[k], *RESIZED))
        if aside:
            other = np.arange(3) != _across(camera)
            step[other], share[other] = 0.0, 1.0
        forms[n] = _changed(forms[n], centres[k] + step, share)
    mass = mound.mass
    if mass.base.on and not aside:
        altitude = mass.base.altitude + _raised(seen, wanted) / per_metre.mean()
        mass = mass.edited(base=mass.base.edited(altitude=_neat((altitude,), radii.max() / per_metre.mean())[0]))
    return mound.edited(mass=mass.edited(forms=tuple(forms)))


def drawn_from_aside(mound, camera, wanted, ticket=None):
    """A mound given the depth of an outline that was drawn from another side.

    Parameters
    ----------
    mound : Mound
    camera : Camera
        Of the picture it was drawn in.
    wanted : ndarray of bool, shape (rows, columns)
        In pixels of that picture.
    ticket : Ticket, optional

    Returns
    -------
    mound : Mound
        Its blobs moved and stretched along x or z, whichever goes across the picture.
    overlap : float
        Of the outlines from there.

    Raises
    ------
    Problem
        When the cloud is not seen there.
    """
    def moved(turn, mound, camera, seen, wanted):
        if not (seen.any() and wanted.any()):
            raise Problem("The cloud is not seen in that picture, or the outline lies outside it; turn it back, and draw again.")
        return _stretched(mound, camera, seen, wanted) if turn == 0 else drawn_toward(mound, camera, seen, wanted, aside=True)

    return _fitted(mound, _small(camera), wanted, span_of(mound), moved, ticket)


def _across(camera):
    """The axis, x or z, that goes more across a picture: 0 or 2."""
    return 0 if abs(camera.right[0]) >= abs(camera.right[2]) else 2


def _stretched(mound, camera, seen, wanted):
    """A mound as wide as it is wanted, before single blobs are looked at."""
    ends = [np.flatnonzero(part.any(axis=0))[[0, -1]] + (0, 1) for part in (seen, wanted)]
    factor = np.ptp(ends[1]) / np.ptp(ends[0])
    share = np.where(np.arange(3) == _across(camera), factor, 1.0)
    forms = tuple(_changed(form, share * form.centre, share) if form.kind == "blob" and not form.locked else form
                  for form in mound.mass.forms)
    return mound.edited(mass=mound.mass.edited(forms=forms))


def _changed(form, centre, share):
    """A blob elsewhere and of another size along the axes of the world; one that is turned is sized evenly or not at all."""
    if form.rotation != (0.0, 0.0, 0.0) and len(set(share)) > 1:
        share = np.ones(3)
    size = max(form.radii)
    return form.edited(centre=_neat(centre, size), radii=_neat(np.maximum(form.radii * share, limits(form, "radii")[0]), size))


def _neat(values, size):
    """Numbers that an artist can read, to hundredths of a metre, finer for what is smaller than a metre: tuple of float."""
    digits = max(2, 2 - int(np.floor(np.log10(max(size, 1e-9)))))
    return tuple(round(float(value), digits) for value in values)


def _steps(circles, seen, wanted):
    """How far each circle is to be moved, and sized: ndarray of float64, shape (n, 3), pixels."""
    within, without = (scipy.ndimage.distance_transform_edt(part) for part in (seen, ~seen))
    over = np.where(seen, within - 0.5, 0.5 - without)
    points = np.argwhere(wanted & ~scipy.ndimage.binary_erosion(wanted))
    away = points[:, None, ::-1] + 0.5 - circles[None, :, :2]
    far = np.linalg.norm(away, axis=2)
    own = (far - circles[:, 2]).argmin(axis=1)
    out = np.zeros(circles.shape)
    for n, radius in enumerate(circles[:, 2]):
        mine = np.flatnonzero(own == n)
        if len(mine) >= 3:
            design = np.column_stack([away[mine, n] / np.maximum(far[mine, n, None], 1e-6), np.ones(len(mine))])
            off = np.clip(over[points[mine, 0], points[mine, 1]], -FAR * radius, FAR * radius)
            out[n] = -WITH_CARE * np.linalg.solve(design.T @ design + np.diag(STEADY), design.T @ off)
    return out


def _raised(seen, wanted):
    """Pixels by which the underside is to be raised."""
    both = np.flatnonzero(seen.any(axis=0) & wanted.any(axis=0))
    if not len(both):
        return 0.0
    lowest = [len(part) - part[::-1, both].argmax(axis=0) for part in (seen, wanted)]
    return float(np.median(lowest[0] - lowest[1]))


def mound_of(circles, standing, name, asked):
    """The mound whose lumps stand where circles lie in a photograph.

    Parameters
    ----------
    circles : ndarray of float64, shape (n, 3)
        Column, row and radius, pixels of the photograph.
    standing : Standing
    name : str
    asked : Asked

    Returns
    -------
    Mound
    """
    places, per_pixel = standing.points(circles[:, :2])
    radii = circles[:, 2] * per_pixel
    wide, tall = (np.ptp(np.concatenate([places - radii[:, None], places + radii[:, None]])[:, axis]) for axis in (0, 1))
    kind = start("congestus" if tall > TALL * wide else "mediocris", name, asked.span, asked.seed, tired=asked.tired)
    dice, forms, fronted = np.random.default_rng(asked.seed), [], []
    for number, n in enumerate(np.argsort(-radii), 1):
        forms.append(_blob(f"Lump {number}", places[n], radii[n], asked.span, dice))
        if radii[n] > STOUT * asked.span and all(
                np.hypot(*(circles[n, :2] - circles[m, :2])) > CROWDED * circles[m, 2] for m in fronted):
            fronted.append(n)
            forms += _others(number, circles[n], radii[n], standing, asked.span, dice)
    size = asked.span / MADE
    base = kind.mass.base.edited(altitude=0.0) if asked.base else NONE
    mass = kind.mass.edited(forms=tuple(forms), base=base, melt=rounded(MELT * asked.span))
    grains = tuple(grain.edited(strength=rounded(GENTLE * grain.strength), feature=rounded(FINER * grain.feature))
                   if grain.action == "push" else grain for grain in kind.grains)
    return kind.edited(mass=mass, grains=worthwhile(grains, FINAL * size), view=standing.view,
                       voxels=kind.voxels.edited(crumbs=rounded(CRUMBS * asked.span)))


def _blob(name, place, radius, span, dice):
    """A ball; with buds where it is large enough for them."""
    buds = None
    if radius >= BUDDED * span:
        buds = Buds(generations=1, count=9, shrink=0.42, reach=0.7, variation=0.35, upward=0.3, fewer_below=0.8,
                    seed=int(dice.integers(1000)))
    radius = max(radius, limits(Blob, "radii")[0])
    return Blob(name=name, centre=_neat(place, radius), radii=_neat((radius,) * 3, radius), buds=buds)


def _others(number, circle, radius, standing, span, dice):
    """Blobs behind a lump, and all over its face."""
    places = [(*dice.uniform(-0.25, 0.25, 2), BEHIND, SMALLER * dice.uniform(0.8, 1.0))]
    for k in range(BEFORE):
        out, angle = OUT * np.sqrt((k + 0.5) / BEFORE), k * GOLDEN + number
        across, down = out * np.array([np.cos(angle), np.sin(angle)]) + dice.uniform(-0.1, 0.1, 2)
        places.append((across, down, -PROUD * np.sqrt(max(1.0 - across**2 - down**2, 0.05)), dice.uniform(*SMALL)))
    across, down, behind, size = np.array(places).T
    there, per_pixel = standing.points(circle[:2] + circle[2] * np.column_stack([across, down]), behind * radius)
    here = standing.points([circle[:2]])[1][0]
    sizes = size * radius * per_pixel / here
    names = [f"Behind {number}", *(f"Before {number}.{k + 1}" for k in range(BEFORE))]
    return [_blob(word, place, one, span, dice) for word, place, one in zip(names, there, sizes)]
