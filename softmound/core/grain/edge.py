"""What changes density voxel by voxel: grains of the edge, patches, and the curve over all densities."""

from typing import NamedTuple

import numpy as np

from ..curves import curve_at, curve_numbers
from ..kernels import borrowed, each, f32, i32
from ..recipe.grains import EDGE, live
from ..volume.bricks import LANES, SIDE
from .painting import painted
from .where import shares

_MULTIPLY, _ADD, _SET, _CURVE = range(4)
_WAYS = ("multiply", "add", "set", "curve")


class _Patching(NamedTuple):
    """How a patch changes density: middle and half sizes, softness in metres, whether it is a box, whether it is painted and
    whether a share says where it acts; the way it changes what is there, by how much, and the density of the core.
    """

    place: np.ndarray
    half: np.ndarray
    soft: float
    boxed: bool
    is_paint: bool
    masked: bool
    way: int
    value: float
    core: float


@each("density")
def _patch(b, density, coords, voxel, patching, paint, share, curve):
    """Change density where a patch is."""
    place, half, soft, boxed, is_paint, masked, way, value, core = borrowed(patching)
    x0 = f32(coords[b, 0] * SIDE) * voxel - place[0]
    y0 = f32(coords[b, 1] * SIDE) * voxel - place[1]
    z0 = f32(coords[b, 2] * SIDE) * voxel - place[2]
    for lane in range(LANES):
        if is_paint:
            part = paint[b, lane]
        else:
            x = abs(x0 + f32(i32(lane) >> 6) * voxel)
            y = abs(y0 + f32((i32(lane) >> 3) & 7) * voxel)
            z = abs(z0 + f32(i32(lane) & 7) * voxel)
            if boxed:
                out = max(x - half[0], max(y - half[1], z - half[2]))
            else:
                x /= half[0]
                y /= half[1]
                z /= half[2]
                out = (np.sqrt(x * x + y * y + z * z) - f32(1)) * min(half[0], min(half[1], half[2]))
            part = max(f32(0), min(f32(1), -out / soft))
            part = part * part * (f32(3) - f32(2) * part)
        if masked:
            part *= share[b, lane]
        was = density[b, lane]
        if way == _MULTIPLY:
            now = was * value
        elif way == _ADD:
            now = was + value * core
        elif way == _SET:
            now = value * core
        else:
            now = core * curve_at(max(f32(0), min(f32(1), was / core)), curve, 0)
        # Patches work on what there is: outside the cloud there is nothing to make thicker.
        there = f32(1) if was > f32(0) else f32(0)
        density[b, lane] = max(f32(0), was + there * part * (now - was))


@each("density")
def _toned(b, density, core, curve):
    """Send density through a curve."""
    for lane in range(LANES):
        toned = core * curve_at(max(f32(0), min(f32(1), density[b, lane] / core)), curve, 0)
        # Nothing stays nothing, wherever the curve begins: else the bricks round the cloud would be seen.
        density[b, lane] = toned if density[b, lane] > f32(0) else f32(0)


def live_patches(patches):
    """Patches that do something.

    Parameters
    ----------
    patches : sequence of Patch

    Returns
    -------
    list of Patch
    """
    return [p for p in patches if p.on and (p.shape != "paint" or p.strokes)]


def edge_depth(grains):
    """How deep inside the surface grains change density.

    Parameters
    ----------
    grains : sequence of Grain

    Returns
    -------
    float
        Metres; those that work all over are left out.
    """
    return max([g.depth for g in live(grains, EDGE) if g.depth is not None], default=0.0)


def touched(coords, voxel, grains, patches):
    """Which bricks deep inside are changed by grains or patches.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    grains : sequence of Grain
    patches : sequence of Patch

    Returns
    -------
    ndarray of bool, shape (n,)
    """
    found = np.zeros(len(coords), bool)
    if any(g.depth is None for g in live(grains, EDGE)):
        found[:] = True
    edge = SIDE * voxel
    low = coords * edge
    for patch in live_patches(patches):
        for middle, half in _boxes(patch):
            found |= np.all((low <= middle + half) & (low + edge >= middle - half), axis=1)
    return found


def _boxes(patch):
    if patch.shape == "paint":
        for stroke in patch.strokes:
            path = np.array(stroke.path)[:, :3]
            yield (path.min(axis=0) + path.max(axis=0)) / 2, np.ptp(path, axis=0) / 2 + stroke.radius
    else:
        yield np.array(patch.centre), np.array(patch.size) / 2


def worked(density, distance, coords, voxel, grains, patches, skin, landmarks):
    """Density after grains, patches and the curve over all.

    Parameters
    ----------
    density : ndarray of float32, shape (n, 512)
        Changed.
    distance : ndarray of float32, shape (n, 512)
        Displaced distance, metres.
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    grains : sequence of Grain
        Those that work on something else are left out.
    patches : sequence of Patch
    skin : Skin
        Its core is the density that counts as full.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 512)
        `density`.
    """
    core = f32(skin.core)
    for grain in live(grains, EDGE):
        rows = _acted_on(grain, density, distance)
        if len(rows) == len(density):
            grain.act(density, distance, coords, voxel, core, landmarks, np.empty_like(density))
        elif len(rows):
            part = density[rows]
            grain.act(part, distance[rows], coords[rows], voxel, core, landmarks, np.empty_like(part))
            density[rows] = part
    for patch in live_patches(patches):
        rows = np.flatnonzero(touched(coords, voxel, (), (patch,)))
        if len(rows):
            density[rows] = _patched(density[rows], distance[rows], coords[rows], voxel, patch, core, landmarks)
    if skin.tone is not None:
        _toned(density, core, curve_numbers(skin.tone))
    return density


def _acted_on(grain, density, distance):
    """Bricks that hold something no deeper than a grain of the edge reaches: nothing stays nothing."""
    some = density.max(axis=1) > 0.0
    if grain.depth is not None:
        some &= distance.max(axis=1) > -1.0001 * grain.depth
    return np.flatnonzero(some)


def _patched(density, distance, coords, voxel, patch, core, landmarks):
    paint = painted(coords, voxel, patch.strokes) if patch.shape == "paint" else density
    share = shares(patch.where, coords, voxel, distance, landmarks)
    patching = _Patching(
        np.array(patch.centre, np.float32), np.array(patch.size, np.float32) / 2, f32(max(patch.soft, voxel)), patch.shape == "box",
        patch.shape == "paint", share is not None, _WAYS.index(patch.by), f32(patch.value), core)
    _patch(density, coords, f32(voxel), patching, paint, density if share is None else share, curve_numbers(patch.curve))
    return density
