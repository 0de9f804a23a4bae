"""Where on a picture there is anything to march through: for each small square of it, from how near to how far."""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import f32, i32, serial
from ...volume.bricks import SIDE

SQUARE = 8
"""Pixels along a square."""
_HALF = f32(SIDE / 2)
_BALL = f32(SIDE / 2 * math.sqrt(3.0) + 0.01)
"""From a brick's middle to its corners, in voxels."""


@serial
def _reach(coords, most, eye, right, up, forward, spread, centre_x, centre_y, near, far):
    """Widen the reach of the squares in which each brick is seen."""
    rows, columns = near.shape
    for b in range(coords.shape[0]):
        if most[b] <= f32(0):
            continue
        x = f32(coords[b, 0] * SIDE) + _HALF - eye[0]
        y = f32(coords[b, 1] * SIDE) + _HALF - eye[1]
        z = f32(coords[b, 2] * SIDE) + _HALF - eye[2]
        ahead = x * forward[0] + y * forward[1] + z * forward[2]
        if ahead < -_BALL:
            continue
        away = math.sqrt(x * x + y * y + z * z)
        first = 0
        last = columns - 1
        top = 0
        bottom = rows - 1
        if ahead > f32(1.5) * _BALL:
            across = x * right[0] + y * right[1] + z * right[2]
            down = -(x * up[0] + y * up[1] + z * up[2])
            low_x = f32(1e9)
            low_y = f32(1e9)
            high_x = f32(-1e9)
            high_y = f32(-1e9)
            for corner in range(8):
                sx = _HALF if corner & 1 else -_HALF
                sy = _HALF if corner & 2 else -_HALF
                sz = _HALF if corner & 4 else -_HALF
                scale = f32(1) / ((ahead + sx * forward[0] + sy * forward[1] + sz * forward[2]) * spread)
                px = (across + sx * right[0] + sy * right[1] + sz * right[2]) * scale
                py = (down - sx * up[0] - sy * up[1] - sz * up[2]) * scale
                low_x = min(low_x, px)
                low_y = min(low_y, py)
                high_x = max(high_x, px)
                high_y = max(high_y, py)
            # A pixel more on either side, for rounding.
            first = max(first, i32(math.floor((low_x + centre_x - f32(1)) / f32(SQUARE))))
            last = min(last, i32(math.floor((high_x + centre_x + f32(1)) / f32(SQUARE))))
            top = max(top, i32(math.floor((low_y + centre_y - f32(1)) / f32(SQUARE))))
            bottom = min(bottom, i32(math.floor((high_y + centre_y + f32(1)) / f32(SQUARE))))
        for line in range(top, bottom + 1):
            for column in range(first, last + 1):
                near[line, column] = min(near[line, column], max(away - _BALL, f32(0)))
                far[line, column] = max(far[line, column], away + _BALL)


class Squares(NamedTuple):
    """Which clouds are seen in each square of a picture, the nearest first.

    Attributes
    ----------
    begin : ndarray of int64, shape (rows * columns + 1,)
        Where the list of each square begins.
    columns : int
        Squares side by side.
    member : ndarray of int64, shape (L,)
        Numbers of the clouds.
    near, far : ndarray of float32, shape (L,)
        Between where along a ray they are met, in units of the scene.
    eyes : ndarray of float32, shape (M, 3)
        The eye in voxels of each cloud.
    """

    begin: np.ndarray
    columns: int
    member: np.ndarray
    near: np.ndarray
    far: np.ndarray
    eyes: np.ndarray


def reach_of(shell, camera, placing=None):
    """How far from the eye the bricks of a cloud begin and end that are seen in each square of a picture.

    Parameters
    ----------
    shell : LayeredGrid
    camera : Camera
    placing : Placing, optional
        Default where its grid is.

    Returns
    -------
    near, far : ndarray of float32, shape (rows, columns)
        Voxels along a ray, for squares of `SQUARE` pixels; where nothing is seen `far` is 0.
    """
    shape = (-(-camera.height // SQUARE), -(-camera.width // SQUARE))
    near, far = np.full(shape, 1e30, np.float32), np.zeros(shape, np.float32)
    eye, ways = camera.eye, (camera.right, camera.up, camera.forward)
    if placing is not None:
        eye, ways = placing.own(eye), [placing.axes.T @ way for way in ways]
    _reach(shell.coords, shell.largest, ((eye - shell.offset) / shell.voxel).astype(np.float32),
           *(way.astype(np.float32) for way in ways), f32(camera.spread), f32(camera.width / 2), f32(camera.height / 2), near, far)
    return near, far


def squares_of(scene, camera):
    """Which clouds of a scene are seen in each square of a picture.

    Parameters
    ----------
    scene : Scene
    camera : Camera

    Returns
    -------
    Squares
    """
    found = []
    for member, (cloud, number) in enumerate(zip(scene.clouds, scene.numbers)):
        near, far = reach_of(scene.grids[number], camera, cloud.placing)
        square = np.flatnonzero(far.ravel() > 0.0)
        unit = np.float32(cloud.voxel / scene.unit)
        found.append((square, np.full(len(square), member), near.ravel()[square] * unit, far.ravel()[square] * unit))
    square, member, near, far = (np.concatenate(parts) for parts in zip(*found))
    order = np.lexsort((near, square))
    rows, columns = -(-camera.height // SQUARE), -(-camera.width // SQUARE)
    begin = np.searchsorted(square[order], np.arange(rows * columns + 1))
    eyes = [(cloud.placing.own(camera.eye) - cloud.grid.offset) / cloud.grid.voxel for cloud in scene.clouds]
    return Squares(begin.astype(np.int64), columns, member[order].astype(np.int64), near[order], far[order],
                   np.array(eyes, np.float32))
