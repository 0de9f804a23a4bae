"""Filters over the bricks of a field. Each brick reads its neighbours through the index: nothing dense is made."""

import math

import numpy as np

from ..kernels import call, each, f32, i32
from ..ticket import chunks
from .bricks import LANES, NOTHING, SIDE, BrickGrid
from .lookup import code_at, value_at

CHUNK = 1024
TRUNCATE = 3.0
"""Standard deviations at which a Gaussian ends."""
MEDIAN_SAMPLES = 2
"""Samples to either side along each axis: five cubed, spread over the width, whatever the voxel."""
MOST_STEP = 0.16
"""Of a step of curvature flow, in squares of the voxel: below 1/6 it is stable."""


@each("coords")
def _along(b, low, top, nodes, values, tile_values, background, coords, axis, weights, out):
    """Weighted sum along one axis. Lines lie side by side, so that the inner loop is over 64 of them."""
    radius = weights.shape[0] // 2
    reach = (radius + SIDE - 1) // SIDE
    # Lane of line n at step i along the axis: first + n-dependent + i * stride.
    stride = 64 if axis == 0 else 8 if axis == 1 else 1
    lines = np.empty(((2 * reach + 1) * SIDE, 64), np.float32)
    for k in range(2 * reach + 1):
        shift = k - reach
        code = code_at(low, top, nodes, coords[b, 0] + (shift if axis == 0 else 0),
                       coords[b, 1] + (shift if axis == 1 else 0), coords[b, 2] + (shift if axis == 2 else 0))
        if code >= 0:
            for i in range(SIDE):
                for n in range(64):
                    first = n if axis == 0 else ((n >> 3) << 6) | (n & 7) if axis == 1 else n << 3
                    lines[k * SIDE + i, n] = values[code, first + i * stride]
        else:
            even = background if code == NOTHING else tile_values[-2 - code]
            for i in range(SIDE):
                for n in range(64):
                    lines[k * SIDE + i, n] = even
    total = np.empty(64, np.float32)
    for i in range(SIDE):
        for n in range(64):
            total[n] = f32(0)
        for t in range(weights.shape[0]):
            w = weights[t]
            at = reach * SIDE + i + t - radius
            for n in range(64):
                total[n] += w * lines[at, n]
        for n in range(64):
            first = n if axis == 0 else ((n >> 3) << 6) | (n & 7) if axis == 1 else n << 3
            out[b, first + i * stride] = total[n]


@call
def _middle(some, count):
    """The middle one of `count` values, which change their order (Hoare 1961, Algorithm 65: Find)."""
    left = 0
    right = count - 1
    wanted = count // 2
    while left < right:
        pivot = some[wanted]
        i = left
        j = right
        while i <= j:
            while some[i] < pivot:
                i += 1
            while pivot < some[j]:
                j -= 1
            if i <= j:
                some[i], some[j] = some[j], some[i]
                i += 1
                j -= 1
        if j < wanted:
            left = i
        if wanted < i:
            right = j
    return some[wanted]


@each("coords")
def _median(b, low, top, nodes, values, tile_values, background, coords, steps, out):
    """Median of a voxel's neighbourhood."""
    some = np.empty(steps.shape[0] ** 3, np.float32)
    for lane in range(LANES):
        i = coords[b, 0] * SIDE + (i32(lane) >> 6)
        j = coords[b, 1] * SIDE + ((i32(lane) >> 3) & 7)
        k = coords[b, 2] * SIDE + (i32(lane) & 7)
        count = 0
        for x in steps:
            for y in steps:
                for z in steps:
                    some[count] = value_at(low, top, nodes, values, tile_values, background, i + x, j + y, k + z)
                    count += 1
        out[b, lane] = _middle(some, count)


@each("coords")
def _flow(b, low, top, nodes, values, tile_values, background, coords, step, out):
    """One step of mean curvature flow: the field falls by its curvature times its slope (Osher and Sethian 1988,
    J. Comput. Phys. 79)."""
    field = np.empty((SIDE + 2, SIDE + 2, SIDE + 2), np.float32)
    for x in range(SIDE + 2):
        for y in range(SIDE + 2):
            for z in range(SIDE + 2):
                within = 0 < x <= SIDE and 0 < y <= SIDE and 0 < z <= SIDE
                if not within:
                    field[x, y, z] = value_at(low, top, nodes, values, tile_values, background,
                                              coords[b, 0] * SIDE + x - 1, coords[b, 1] * SIDE + y - 1,
                                              coords[b, 2] * SIDE + z - 1)
    own = code_at(low, top, nodes, coords[b, 0], coords[b, 1], coords[b, 2])
    for lane in range(LANES):
        n = i32(lane)
        field[(n >> 6) + 1, ((n >> 3) & 7) + 1, (n & 7) + 1] = values[own, lane]
    for x in range(1, SIDE + 1):
        for y in range(1, SIDE + 1):
            for z in range(1, SIDE + 1):
                c = field[x, y, z]
                px = f32(0.5) * (field[x + 1, y, z] - field[x - 1, y, z])
                py = f32(0.5) * (field[x, y + 1, z] - field[x, y - 1, z])
                pz = f32(0.5) * (field[x, y, z + 1] - field[x, y, z - 1])
                xx = field[x + 1, y, z] - f32(2) * c + field[x - 1, y, z]
                yy = field[x, y + 1, z] - f32(2) * c + field[x, y - 1, z]
                zz = field[x, y, z + 1] - f32(2) * c + field[x, y, z - 1]
                xy = f32(0.25) * (field[x + 1, y + 1, z] - field[x - 1, y + 1, z] - field[x + 1, y - 1, z]
                                  + field[x - 1, y - 1, z])
                xz = f32(0.25) * (field[x + 1, y, z + 1] - field[x - 1, y, z + 1] - field[x + 1, y, z - 1]
                                  + field[x - 1, y, z - 1])
                yz = f32(0.25) * (field[x, y + 1, z + 1] - field[x, y - 1, z + 1] - field[x, y + 1, z - 1]
                                  + field[x, y - 1, z - 1])
                slope = px * px + py * py + pz * pz
                bend = (xx * (py * py + pz * pz) + yy * (px * px + pz * pz) + zz * (px * px + py * py)
                        - f32(2) * (px * py * xy + px * pz * xz + py * pz * yz))
                out[b, ((x - 1) << 6) | ((y - 1) << 3) | (z - 1)] = c + step * bend / (slope + f32(1e-9))


def _rounds(name, voxels, passes):
    """What is done in turn: kernels and their last arguments."""
    if name in ("gaussian", "mean"):
        if name == "gaussian":
            radius = math.ceil(TRUNCATE * voxels)
            weights = np.exp(-0.5 * (np.arange(-radius, radius + 1) / voxels) ** 2)
        else:
            weights = np.ones(2 * max(1, round(voxels)) + 1)
        weights = (weights / weights.sum()).astype(np.float32)
        return [(_along, (axis, weights)) for axis in range(3)] * passes
    if name == "median":
        radius = max(1, round(voxels))
        steps = np.unique(np.round(np.linspace(-radius, radius, 2 * MEDIAN_SAMPLES + 1)).astype(np.int64))
        return [(_median, (steps,))] * passes
    whole = passes * voxels * voxels / 2
    count = max(1, math.ceil(whole / MOST_STEP))
    return [(_flow, (f32(whole / count),))] * count


def smoothed(coords, values, inside, far, voxel, name, width, passes=1, ticket=None):
    """A field eased over its bricks.

    Parameters
    ----------
    coords : ndarray of int32, shape (n, 3)
        Sorted brick coordinates.
    values : ndarray of float32, shape (n, 512)
        Signed distance, metres.
    inside : ndarray of int32, shape (m, 3)
        Bricks that lie deeper than `far`.
    far : float
        Distances are held within so many metres of the surface; where there are no bricks they stay so.
    voxel : float
        Metres.
    name : str
        "gaussian", "mean", "median" or "flow".
    width : float
        Metres: standard deviation, or half the side of a cube; flow shrinks a ball as the Gaussian would.
    passes : int, optional
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
        Of the bricks of `coords`.
    """
    if not len(coords):
        return values
    held, room = np.clip(values, -far, far), np.empty_like(values)
    tiles = np.full(max(len(inside), 1), -far, np.float32)
    index = BrickGrid(voxel, coords, held, inside, tiles, far).index
    rounds = _rounds(name, width / voxel, passes)
    for number, (work, last) in enumerate(rounds):
        for part in chunks(len(coords), CHUNK):
            if ticket is not None:
                ticket.tick((number + part.start / len(coords)) / len(rounds))
            work(index.low, index.top, index.nodes, held, tiles, f32(far), coords[part], *last, room[part])
        held, room = room, held
    return held
