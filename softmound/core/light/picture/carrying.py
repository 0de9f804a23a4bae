"""A picture carried along with the camera: what is on the screen follows the hand at once, until the next one is marched.

Every pixel of the cloud has a distance, so that where it stands in the world is known. A ray of the new camera looks for the
place on it that the old picture shows, by a few turns of a fixed point. Where there is no cloud the light comes from very far
away and only the direction counts; where the cloud stood before what is to be seen now, the nearest sky stands in.
"""

import numpy as np

from ...kernels import each, f32, i32
from ..marching.march import AWAY, OPACITY

FAINT = 0.02
"""Opacity below which a pixel is sky: what is fainter is carried with what is behind it."""
TURNS = 8
"""Of the fixed point."""
SETTLED = f32(1.0)
"""Pixels by which two turns may differ for the place to count as found; by distance, flanks seen at a slant would not be."""
BEGUN = (5.0, 35.0, 65.0, 95.0)
"""Percentiles of the distances at which rays begin to look, the near ones first."""
EVERY = 8
"""One pixel of so many in either direction says where to begin."""


def away_of(layers, everywhere=None):
    """How far the cloud is in each pixel of a march.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS or more)
        See `march`.
    everywhere : float, optional
        Metres that stand for all distances: layers of clay keep none.

    Returns
    -------
    ndarray of float32, shape (rows, columns)
        Metres; 0 where there is no cloud.
    """
    opacity = layers[..., OPACITY]
    cloud = opacity > FAINT
    if everywhere is not None:
        return np.where(cloud, np.float32(everywhere), np.float32(0))
    return np.where(cloud, layers[..., AWAY] / np.maximum(opacity, np.float32(FAINT)), np.float32(0))


def nearest_ahead(away):
    """How far what lies in the middle of a picture is.

    Parameters
    ----------
    away : ndarray of float32, shape (rows, columns)
        As of `away_of`.

    Returns
    -------
    float or None
        Metres: a tenth of the middle fourth that shows cloud is nearer; None where it shows none.
    """
    rows, columns = away.shape
    middle = away[rows * 3 // 8 : -(-rows * 5 // 8), columns * 3 // 8 : -(-columns * 5 // 8)]
    there = middle[middle > 0]
    return float(np.quantile(there, 0.1)) if len(there) else None


@each("out")
def _carried(row, pixels, away, middle, was, now, shift, half, spread, starts, out):
    """The picture through the other camera.

    `was` and `now` are right, up and forward of the cameras in rows; `half` is the middle of the picture in pixels across and
    down, and `spread` the width of a pixel at distance 1, before and now.
    """
    high, wide = away.shape
    half_x, half_y = half[0, 0], half[0, 1]
    down, last = (f32(row) + f32(0.5) - half[1, 1]) * spread[1], f32(0)
    for column in range(out.shape[1]):
        across = (f32(column) + f32(0.5) - half[1, 0]) * spread[1]
        x = now[2, 0] + across * now[0, 0] - down * now[1, 0]
        y = now[2, 1] + across * now[0, 1] - down * now[1, 1]
        z = now[2, 2] + across * now[0, 2] - down * now[1, 2]
        long = np.sqrt(x * x + y * y + z * z)
        x, y, z = x / long, y / long, z / long
        u, v, found, on_cloud = f32(-9), f32(-9), False, False
        # The neighbour's distance first: most often it is this one's as well.
        for start in range(-1 if last > f32(0) else 0, starts.shape[0]):
            along, u_before, v_before = last if start < 0 else starts[start], f32(-9), f32(-9)
            for turn in range(TURNS):
                px, py, pz = shift[0] + x * along, shift[1] + y * along, shift[2] + z * along
                deep = px * was[2, 0] + py * was[2, 1] + pz * was[2, 2]
                if deep <= f32(1e-3) * along:
                    break
                a = (px * was[0, 0] + py * was[0, 1] + pz * was[0, 2]) / deep
                b = -(px * was[1, 0] + py * was[1, 1] + pz * was[1, 2]) / deep
                u, v = half_x + a / spread[0], half_y + b / spread[0]
                if u < f32(0) or v < f32(0) or u >= f32(wide) or v >= f32(high):
                    break
                there = away[i32(v), i32(u)]
                if there == f32(0):
                    break
                there = there / np.sqrt(f32(1) + a * a + b * b)
                px = there * (was[2, 0] + a * was[0, 0] - b * was[1, 0]) - shift[0]
                py = there * (was[2, 1] + a * was[0, 1] - b * was[1, 1]) - shift[1]
                pz = there * (was[2, 2] + a * was[0, 2] - b * was[1, 2]) - shift[2]
                along = max(px * x + py * y + pz * z, f32(1e-3))
                found = abs(u - u_before) + abs(v - v_before) <= SETTLED
                if found:
                    break
                u_before, v_before = u, v
                on_cloud = turn == TURNS - 1
            if found or on_cloud:
                last = along if found else last
                break
        # What came out from behind a lump was never seen: some of the cloud beside it stands in, rather than a crack.
        if not found and not on_cloud:
            deep = max(x * was[2, 0] + y * was[2, 1] + z * was[2, 2], f32(1e-3))
            u = half_x + (x * was[0, 0] + y * was[0, 1] + z * was[0, 2]) / deep / spread[0]
            v = half_y - (x * was[1, 0] + y * was[1, 1] + z * was[1, 2]) / deep / spread[0]
            u, v = min(max(u, f32(0)), f32(wide) - f32(1)), min(max(v, f32(0)), f32(high) - f32(1))
            # Along the row, for the sky is much the same at one height; where there is none, upward.
            step = f32(1) if u >= middle[0] else f32(-1)
            while away[i32(v), i32(u)] > f32(0):
                if u + step < f32(0) or u + step >= f32(wide):
                    v = max(v - f32(8), f32(0))
                    if v == f32(0):
                        break
                else:
                    u, step = u + step, step * f32(1.25)
            # The sky itself, not blended with the edge of the cloud beside it.
            for n in range(4):
                out[row, column, n] = pixels[i32(v), i32(u), n]
            out[row, column, 3] = 0
            continue
        u, v = max(u - f32(0.5), f32(0)), max(v - f32(0.5), f32(0))
        x0, y0 = min(i32(u), wide - 1), min(i32(v), high - 1)
        x1, y1 = min(x0 + 1, wide - 1), min(y0 + 1, high - 1)
        s, t = u - f32(x0), v - f32(y0)
        for n in range(4):
            above = f32(pixels[y0, x0, n]) * (f32(1) - s) + f32(pixels[y0, x1, n]) * s
            below = f32(pixels[y1, x0, n]) * (f32(1) - s) + f32(pixels[y1, x1, n]) * s
            out[row, column, n] = np.uint8(above * (f32(1) - t) + below * t + f32(0.5))


def carried(pixels, away, was, now, strides=(1, 1)):
    """A picture as another camera near it sees it, about.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (rows, columns, 4)
        Colours on the screen and the opacity of the cloud.
    away : ndarray of float32, shape (rows, columns)
        See `away_of`.
    was, now : Camera
        What the picture was made through, and what it is to be seen through.
    strides : (int, int), optional
        Pixels of the cameras that one of `pixels` covers in either direction, and that one of what is wanted is to cover.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
    """
    out = np.empty((-(-now.height // strides[1]), -(-now.width // strides[1]), 4), np.uint8)
    few = away[::EVERY, ::EVERY]  # where the cloud is about, and how far
    if few.any():
        middle = EVERY * np.mean(np.nonzero(few), axis=1)[::-1].astype(np.float32)
        # From where the camera is now.
        deep = was.eye + np.percentile(few[few > 0], BEGUN)[:, None] * was.forward
        starts = np.linalg.norm(deep - now.eye, axis=1).astype(np.float32)
    else:
        middle, starts = np.zeros(2, np.float32), np.empty(0, np.float32)
    axes = [np.array([camera.right, camera.up, camera.forward], np.float32) for camera in (was, now)]
    half = np.array([[camera.width / 2 / stride, camera.height / 2 / stride]
                     for camera, stride in zip((was, now), strides, strict=True)], np.float32)
    spread = np.array([was.spread * strides[0], now.spread * strides[1]], np.float32)
    _carried(pixels, away, middle, *axes, (now.eye - was.eye).astype(np.float32), half, spread, starts, out)
    return out
