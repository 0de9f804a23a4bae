"""Visible bricks: those that the rays of a picture come through before they are lost in the cloud."""

import math

import numpy as np

from ...kernels import borrowed, each, f32, i32
from ...vectors import carried, row_of, turned
from ...volume.bricks import NOTHING, SIDE
from ..lattices.trilinear import WIDE, in_brick, within
from ..scene.members import eye_of, members_of, ray_of
from ..scene.pool import brick_at, layout_of, leaf_at, through_box

LOST = 10.0
"""Optical depth behind which nothing is seen."""
DULL = 0.35
"""How fast voxels may grow wider with the optical depth before them: little of what they hold comes through."""
APART = 4
"""Pixels between the rays that look for bricks, which are seen at least twice as large."""
SAMPLES = 4
"""Densities that are looked at on the way through a brick."""


@each("lines")
def _see(line, lines, bricks, members, place, camera, columns, wide, lost, seen):
    """Mark the bricks along a row of rays whose voxels are wider there than so many pixels."""
    pool, eye = borrowed(bricks), borrowed(camera)
    layout = layout_of(pool, members.grid[0])
    down = (f32(line) + f32(0.5)) * eye.stride - eye.centre_y
    at = row_of(place, 0)
    for column in range(columns):
        across = (f32(column) + f32(0.5)) * eye.stride - eye.centre_x
        way = turned(members.axes, 0, ray_of(eye, across * eye.spread, down * eye.spread))
        inverse = f32(1) / way[0], f32(1) / way[1], f32(1) / way[2]
        t, last = through_box(pool.box, members.grid[0], at, inverse)
        t, depth = max(t, f32(0)), f32(0)
        while t < last and depth < lost:
            x, y, z = carried(at, way, t)
            brick = i32(math.floor(x)) >> 3, i32(math.floor(y)) >> 3, i32(math.floor(z)) >> 3
            apart, code = brick_at(pool, layout, brick[0], brick[1], brick[2])
            code, corner, edge = leaf_at(pool.halves, code, brick, (x, y, z))
            around = f32(max(apart - 1, 0) * SIDE)
            leave = f32(1e30)
            for axis in range(3):
                side = (edge + around if way[axis] > f32(0) else -around) + corner[axis]
                leave = min(leave, (side - at[axis]) * inverse[axis])
            # Rounding must not hold a ray at a border.
            leave = max(leave, t) + f32(1e-3) * edge
            if code >= 0:
                if edge > wide * f32(SIDE) * t * eye.spread * math.exp(f32(DULL) * depth):
                    seen[code] = 1
                step, fine = (leave - t) / f32(SAMPLES), f32(SIDE) / edge
                for n in range(SAMPLES):
                    px, py, pz = carried(at, way, t + (f32(n) + f32(0.5)) * step)
                    depth += members.rate[0] * step * in_brick(
                        pool.values, code * WIDE**3, within((px - corner[0]) * fine), within((py - corner[1]) * fine),
                        within((pz - corner[2]) * fine))
            elif code != NOTHING:
                depth += members.rate[0] * (leave - t) * pool.tile_values[-2 - code]
            t = leave


def visible_bricks(scene, camera, wide):
    """Which bricks of a cloud a picture sees whose voxels are wider than so many of its pixels.

    Parameters
    ----------
    scene : Scene
        Of one cloud.
    camera : Camera
    wide : float
        Pixels.

    Returns
    -------
    ndarray of bool, shape (N,)
        By rows of the pool.
    """
    seen = np.zeros(len(scene.bricks.most), np.uint8)
    members, _ = members_of(scene)
    cloud = scene.clouds[0]
    place = ((cloud.placing.own(camera.eye) - cloud.grid.offset) / cloud.grid.voxel)[None].astype(np.float32)
    lines, columns = -(-camera.height // APART), -(-camera.width // APART)
    _see(np.zeros(lines, np.uint8), scene.bricks, members, place, eye_of(camera, APART, scene=scene), columns, f32(wide), f32(LOST),
         seen)
    return seen > 0
