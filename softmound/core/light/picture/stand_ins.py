"""Stand-ins in a picture: where they cut the clouds off, and the light they send toward the eye in Draft light and in Clay."""

import numpy as np

from ...kernels import borrowed, each, f32
from ...standins.tree import EYE, FAR, SEEN, beside, met, normal_at
from ...vectors import dot, plus, row_of, scaled, three
from ..scene.members import eye_of, ray_of
from ..solids.arriving import light_on, sent_by, straight

RED, GREEN, BLUE, SHARE, AWAY = range(5)
"""Layers of the stand-ins of a picture: light, the share of a pixel they cover, both behind what of the clouds is before them, and
how far they are in metres, times the share."""
WIDTH = 5
ROUGHLY = f32(0.15)
"""Difference of neighbours, in the brighter of them, below which under a hand what is between is not looked at."""


@each("out")
def _seen(line, solids, light, round_, camera, level, clay, wanted, ends, out):
    """A row of stand-ins as the eye sees them: how far, and their light."""
    whole, shining, eye = borrowed(solids), borrowed(light), borrowed(camera)
    down = ((f32(line) + eye.shift_y) * eye.stride - eye.centre_y) * eye.spread
    place = three(eye.place)
    for column in range(out.shape[1]):
        if wanted[line, column] == 0:
            continue
        for n in range(out.shape[2]):
            out[line, column, n] = f32(0)
        ends[line, column] = FAR
        way = ray_of(eye, ((f32(column) + eye.shift_x) * eye.stride - eye.centre_x) * eye.spread, down)
        # What lies below sea or land is not seen.
        reach = FAR
        if place[1] > level and way[1] < f32(0):
            reach = (level - place[1]) / way[1]
        t, triangle, u, v = met(whole, place, way, reach, EYE, False)
        if triangle < 0:
            continue
        ends[line, column] = t
        of = whole.of[triangle]
        if whole.about[of, SEEN] == 0:
            continue
        out[line, column, SHARE] = f32(1)
        out[line, column, AWAY] = t
        normal = normal_at(whole, triangle, u, v, way)
        if clay:
            # The key and the fill of Clay.
            key = max(f32(0), normal[1] * f32(0.8) - f32(0.42) * (dot(normal, three(eye.right)) + dot(normal, three(eye.forward))))
            shade = (f32(0.2) + f32(0.78) * key) * f32(0.9)
            for n in range(3):
                out[line, column, n] = shade * (f32(0.25) + f32(0.6) * whole.colours[of, n])
            continue
        arriving = straight(shining, whole, beside(whole, place, way, t, normal), normal)
        for corner in range(3):
            share = u if corner == 1 else (v if corner == 2 else f32(1) - u - v)
            arriving = plus(arriving, scaled(row_of(round_, whole.held_at[triangle, corner]), share))
        out[line, column, RED], out[line, column, GREEN], out[line, column, BLUE] = sent_by(whole.colours, of, arriving)


@each("out")
def _between(y, few, few_ends, ends, out, wanted):
    """Between every second ray what its neighbours see, and which have to be cast because these differ."""
    y0 = y >> 1
    y1 = y0 + (y & 1)
    for x in range(out.shape[1]):
        x0 = x >> 1
        x1 = x0 + (x & 1)
        wanted[y, x] = 1 if y1 == few.shape[0] or x1 == few.shape[1] else 0
        if wanted[y, x] == 1:
            continue
        a, b, c, d = few_ends[y0, x0], few_ends[y0, x1], few_ends[y1, x0], few_ends[y1, x1]
        nearest = min(min(a, b), min(c, d))
        alike = max(max(a, b), max(c, d)) <= nearest * f32(1.02)
        for n in range(SHARE + 1):
            p, q, r, s = few[y0, x0, n], few[y0, x1, n], few[y1, x0, n], few[y1, x1, n]
            most = max(max(p, q), max(r, s))
            alike = alike and most - min(min(p, q), min(r, s)) <= ROUGHLY * most
        if not alike:
            wanted[y, x] = 1
            continue
        ends[y, x] = f32(0.25) * (a + b + c + d) if nearest < FAR else FAR
        for n in range(out.shape[2]):
            out[y, x, n] = f32(0.25) * (few[y0, x0, n] + few[y0, x1, n] + few[y1, x0, n] + few[y1, x1, n])


def stand_ins_seen(scene, light, round_, camera, *, stride=1, shift=(0.5, 0.5), clay=False, sparing=False):
    """Stand-ins as a camera sees them, as if there were no cloud.

    Parameters
    ----------
    scene : Scene
        With stand-ins.
    light : Light
        From `light_on`.
    round_ : ndarray of float32, shape (V, 3)
        From `returned`; of Clay anything.
    camera : Camera
    stride, shift, clay, sparing
        As of `march`.

    Returns
    -------
    layers : ndarray of float32, shape (rows, columns, WIDTH)
        One ray for each pixel: all or nothing of it is covered.
    ends : ndarray of float32, shape (rows, columns)
        Where rays end, units of the scene; `FAR` where they go on.
    """
    rows, columns = -(-camera.height // stride), -(-camera.width // stride)
    out, ends = np.empty((rows, columns, WIDTH), np.float32), np.empty((rows, columns), np.float32)
    wanted = np.ones((rows, columns), np.uint8)
    floor = scene.light.floor
    level = f32(-1e30) if floor.kind == "none" else f32((floor.level - scene.origin[1]) / scene.unit)

    def cast(stride, shift, wanted, ends, out):
        _seen(scene.solids, light, round_, eye_of(camera, stride, shift, scene), level, clay, wanted, ends, out)

    if sparing:
        half = -(-rows // 2), -(-columns // 2)
        few, few_ends = np.empty((*half, WIDTH), np.float32), np.empty(half, np.float32)
        cast(2 * stride, (shift[0] / 2.0, shift[1] / 2.0), np.ones(few_ends.shape, np.uint8), few_ends, few)
        _between(few, few_ends, ends, out, wanted)
    cast(stride, shift, wanted, ends, out)
    out[..., AWAY] *= np.float32(scene.unit)
    return out, ends


def behind_clouds(layers, opacity):
    """Stand-ins with clouds before them.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, WIDTH)
        From `stand_ins_seen`.
    opacity : ndarray of float32, shape (rows, columns)
        Of the clouds up to there.

    Returns
    -------
    ndarray of float32, shape (rows, columns, WIDTH)
    """
    return layers * (np.float32(1.0) - opacity)[..., None]


def matte_share(scene, camera, shifts):
    """Share of each pixel that stand-ins cover which are matte only.

    Parameters
    ----------
    scene : Scene
    camera : Camera
    shifts : sequence of (float, float)
        Where in a pixel its rays go, one after another, from 0 to 1.

    Returns
    -------
    ndarray of float32, shape (rows, columns)
    """
    light, nowhere = light_on(scene), np.zeros((1, 3), np.float32)
    total = np.zeros((camera.height, camera.width), np.float32)
    for shift in shifts:
        seen, ends = stand_ins_seen(scene, light, nowhere, camera, shift=shift, clay=True)
        total += (ends < FAR) & (seen[..., SHARE] == 0.0)
    return total / np.float32(len(shifts))
