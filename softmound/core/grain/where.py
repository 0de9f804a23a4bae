"""Where a grain or a patch acts: masks whose shares are multiplied."""

from dataclasses import dataclass

import numpy as np

from ..curves import curve_at, curve_numbers
from ..directions import direction_of
from ..kernels import f32, i32, kernel, prange
from ..mass.cells import Cells
from ..mass.distance import distance_in
from ..mass.table import shape_of
from ..noise.sums import noise_bricks, slope_in_brick
from ..recipe.models import BaseLevel, Mass
from ..volume.bricks import LANES, SIDE

_HEIGHT, _DEPTH, _FACING, _GIVEN = range(4)
DEPENDENT = ("depth", "facing")
"""Masks that read the distance at a voxel."""


@dataclass(frozen=True)
class Landmarks:
    """What grains read besides the distance.

    Attributes
    ----------
    base : BaseLevel
    origin : tuple of float
        Where the mound is: the centre of its first form, metres.
    sun : tuple of float
        Unit vector toward the sun.
    mass : Mass or None
        For masks by form.
    """

    base: BaseLevel = BaseLevel(on=False)
    origin: tuple = (0.0, 0.0, 0.0)
    sun: tuple = (0.0, 1.0, 0.0)
    mass: Mass | None = None

    def read_by(self, masks):
        """The parts of it that some masks read, as something that can be hashed.

        Parameters
        ----------
        masks : iterable of Mask

        Returns
        -------
        tuple
        """
        found = []
        for mask in masks:
            if mask.by == "facing" and mask.toward == "sun":
                found.append(self.sun)
            if mask.by == "form" and self.mass is not None:
                found.append(self.mass.forms[mask.form : mask.form + 1])
        return tuple(found)


def landmarks_of(mound):
    """What the grains of a mound read besides the distance.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    Landmarks
    """
    sun, forms = mound.light.sun, mound.mass.forms
    return Landmarks(mound.mass.base, forms[0].centre if forms else (0.0, 0.0, 0.0),
                 tuple(float(v) for v in direction_of(sun.azimuth, sun.elevation)), mound.mass)


@kernel
def _shares(coords, voxel, distance, kind, low, span, wx, wy, wz, sideways, given, signed, curve, invert, out):
    for b in prange(coords.shape[0]):
        y0 = f32(coords[b, 1] * SIDE) * voxel
        for lane in range(LANES):
            if kind == _HEIGHT:
                u = (y0 + f32((i32(lane) >> 3) & 7) * voxel - low) / span
            elif kind == _DEPTH:
                u = -distance[b, lane] / span
            elif kind == _FACING:
                gx, gy, gz = slope_in_brick(distance[b], lane, voxel)
                steep = np.sqrt(gx * gx + gy * gy + gz * gz) + f32(1e-6)
                along = (gx * wx + gy * wy + gz * wz) / steep
                u = f32(1) - abs(gy) / steep if sideways else f32(0.5) + f32(0.5) * along
            else:
                u = f32(0.5) + f32(0.5) * given[b, lane] if signed else given[b, lane]
            share = curve_at(max(f32(0), min(f32(1), u)), curve, 0)
            out[b, lane] *= f32(1) - share if invert else share


@kernel
def _painted(coords, voxel, points, out):
    """Paint of all strokes in turn: it covers up to its pressure, fading toward the rim of the brush."""
    for b in prange(coords.shape[0]):
        x0 = f32(coords[b, 0] * SIDE) * voxel
        y0 = f32(coords[b, 1] * SIDE) * voxel
        z0 = f32(coords[b, 2] * SIDE) * voxel
        edge = f32(SIDE) * voxel
        for lane in range(LANES):
            out[b, lane] = f32(0)
        for p in range(points.shape[0]):
            r = points[p, 4]
            dx = max(f32(0), abs(points[p, 0] - x0 - f32(0.5) * edge) - f32(0.5) * edge)
            dy = max(f32(0), abs(points[p, 1] - y0 - f32(0.5) * edge) - f32(0.5) * edge)
            dz = max(f32(0), abs(points[p, 2] - z0 - f32(0.5) * edge) - f32(0.5) * edge)
            if dx * dx + dy * dy + dz * dz > r * r:
                continue
            for lane in range(LANES):
                x = x0 + f32(i32(lane) >> 6) * voxel - points[p, 0]
                y = y0 + f32((i32(lane) >> 3) & 7) * voxel - points[p, 1]
                z = z0 + f32(i32(lane) & 7) * voxel - points[p, 2]
                t = max(f32(0), f32(1) - (x * x + y * y + z * z) / (r * r))
                strength = t * t * points[p, 3]
                if points[p, 3] >= f32(0):
                    out[b, lane] = max(out[b, lane], strength)
                else:
                    out[b, lane] = max(f32(0), out[b, lane] + strength)


def painted(coords, voxel, strokes, out=None):
    """Paint at the voxels of some bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    strokes : sequence of Paint
    out : ndarray of float32, shape (n, 512), optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
        0 to 1.
    """
    out = np.empty((len(coords), LANES), np.float32) if out is None else out
    points = [(*point, stroke.radius) for stroke in strokes for point in stroke.path]
    _painted(coords, f32(voxel), np.array(points, np.float32).reshape(-1, 5), out)
    return out


def depends(grain):
    """Whether a grain reads the distance at a voxel, besides its place.

    Parameters
    ----------
    grain : Grain

    Returns
    -------
    bool
    """
    return grain.reads_distance or any(mask.by in DEPENDENT for mask in grain.where)


def shares(masks, coords, voxel, distance, landmarks):
    """How much something acts at the voxels of some bricks.

    Parameters
    ----------
    masks : sequence of Mask
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    distance : ndarray of float32, shape (n, 512)
        Signed distance, metres.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 512), or None
        0 to 1; None without masks, where it acts fully everywhere.
    """
    if not masks:
        return None
    out = np.ones((len(coords), LANES), np.float32)
    for mask in masks:
        kind, low, span, way, sideways, given, signed = _GIVEN, 0.0, 1.0, (0.0, 1.0, 0.0), False, out, False
        if mask.by == "height":
            kind, low, span = _HEIGHT, mask.low, mask.high - mask.low or 1e-6
        elif mask.by == "depth":
            kind, span = _DEPTH, mask.depth
        elif mask.by == "facing":
            kind, sideways = _FACING, mask.toward == "side"
            way = {"down": (0.0, -1.0, 0.0), "sun": landmarks.sun}.get(mask.toward, way)
        elif mask.by == "noise":
            given = noise_bricks(coords, voxel, mask.noise, np.empty_like(out), landmarks.origin)
            signed = mask.noise.signed
        elif mask.by == "paint":
            given = painted(coords, voxel, mask.strokes)
        else:
            given = _within(mask, coords, voxel, landmarks)
        _shares(coords, f32(voxel), distance, kind, f32(low), f32(span), *(f32(v) for v in way), sideways, given,
                signed, curve_numbers(mask.curve), mask.invert, out)
    return out


def _within(mask, coords, voxel, landmarks):
    """All within a form, nothing where it is so far off as the mask is soft."""
    forms = () if landmarks.mass is None else landmarks.mass.forms[mask.form : mask.form + 1]
    if not forms:
        return np.zeros((len(coords), LANES), np.float32)
    alone = Mass(forms=(forms[0].edited(role="adds", hidden=False),), melt=0.0, base=BaseLevel(on=False))
    shape = shape_of(alone, voxel, mask.soft)
    count, rows = len(coords), len(shape.table)
    cells = Cells(1, coords, np.zeros(count, np.int64), np.full(count, rows, np.int64), np.arange(rows, dtype=np.int32),
                  np.zeros(count, np.int64))
    return 1.0 - distance_in(shape, voxel, cells) / np.float32(mask.soft)
