"""Layers to radiance: colours of what scatters, and the surroundings behind the clouds.

Radiance is linear RGB in float32, without exposure, with the clouds' opacity.
"""

import math

import numpy as np

from ..kernels import f32, i32, kernel, prange, row
from ..recipe import Medium
from .looks import looked
from .march import LAYERS, OPACITY, RED
from .phase import lobes_of, mean_cosine, thick_share
from .surroundings import FINE_COLUMNS, FINE_ROWS, surroundings_of
from .tone import screen

_CLAY = (0.80, 0.77, 0.72)
"""Reflectance of the matte surface, linear RGB: warm grey, so that shadows stay readable."""
_DARK = Medium()
"""Of what takes nothing from the light, for radiance that has its colours already."""


@row
def turn_of(x, z):
    """Azimuth of a direction as a share of a whole turn, from +z toward +x.

    The arc tangent by a polynomial of degree 7, wrong by less than 4e-5 of a turn: a call for each pixel costs more than all
    else here.

    Parameters
    ----------
    x, z : float32

    Returns
    -------
    float32
        From 0 to 1.
    """
    wide = max(max(abs(x), abs(z)), f32(1e-20))
    a = min(abs(x), abs(z)) / wide
    s = a * a
    turn = (((f32(-0.0464964749) * s + f32(0.15931422)) * s - f32(0.327622764)) * s * a + a) * f32(0.5 / math.pi)
    turn = f32(0.25) - turn if abs(x) > abs(z) else turn
    turn = f32(0.5) - turn if z < f32(0) else turn
    return f32(1) - turn if x < f32(0) else turn


@kernel
def _radiance(layers, right, up, forward, spread, centre_x, centre_y, stride, sun_colour, parts, glow, behind, out):
    for line in prange(out.shape[0]):
        down = ((f32(line) + f32(0.5)) * stride - centre_y) * spread
        for column in range(out.shape[1]):
            pixel = layers[line, column]
            opacity = pixel[4]
            out[line, column, 3] = opacity
            for n in range(3):
                out[line, column, n] = (pixel[0] * sun_colour[n] + pixel[1] * parts[0, n] + pixel[2] * parts[1, n]
                                        + pixel[3] * parts[2, n] + pixel[5 + n] + opacity * glow[n])
            if opacity >= f32(1):
                continue
            across = ((f32(column) + f32(0.5)) * stride - centre_x) * spread
            dx = forward[0] + across * right[0] - down * up[0]
            dy = forward[1] + across * right[1] - down * up[1]
            dz = forward[2] + across * right[2] - down * up[2]
            height = dy / math.sqrt(dx * dx + dy * dy + dz * dz)
            v = math.sqrt(abs(height))
            v = (f32(1) - (v if height > f32(0) else -v)) * f32(0.5 * (FINE_ROWS - 1))
            u = turn_of(dx, dz) * f32(FINE_COLUMNS)
            i = min(max(i32(v), 0), FINE_ROWS - 2)
            j = min(max(i32(u), 0), FINE_COLUMNS - 1)
            v = min(max(v - f32(i), f32(0)), f32(1))
            u = min(max(u - f32(j), f32(0)), f32(1))
            for n in range(3):
                a = behind[i, j, n] + u * (behind[i, j + 1, n] - behind[i, j, n])
                b = behind[i + 1, j, n] + u * (behind[i + 1, j + 1, n] - behind[i + 1, j, n])
                out[line, column, n] += (f32(1) - opacity) * (a + v * (b - a))


@kernel
def _clay(layers, right, forward, out):
    for line in prange(out.shape[0]):
        for column in range(out.shape[1]):
            pixel = layers[line, column]
            opacity = pixel[4]
            shade = f32(0)
            if opacity > f32(0):
                # One soft key from above the left shoulder, a fill from the front, soft
                # occlusion from the lattice.
                key = max(f32(0), (pixel[1] * f32(0.80) + (
                    pixel[0] * right[0] + pixel[2] * right[2]) * f32(-0.42) - (
                    pixel[0] * forward[0] + pixel[1] * forward[1] + pixel[2] * forward[2]
                ) * f32(0.42)) / opacity)
                open_sky = pixel[3] / opacity
                shade = (f32(0.20) + f32(0.78) * key) * (f32(0.25) + f32(0.75) * open_sky * f32(1.35))
            behind = f32(0.052) + f32(0.03) * (f32(0.5) - f32(line) / f32(out.shape[0]))
            for n in range(3):
                tint = f32(_CLAY[0]) if n == 0 else (f32(_CLAY[1]) if n == 1 else f32(_CLAY[2]))
                out[line, column, n] = shade * tint * opacity + behind * (f32(1) - opacity)
            out[line, column, 3] = opacity


def radiance_of(layers, scene, camera, *, stride=1):
    """Radiance of a picture from its layers, the surroundings behind it included.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS or LAYERS + 6)
        From `march` with the same stride; then, if any, the colours that were seen, times the opacity.
    scene : Scene
        Without a cloud where all layers are 0.
    camera : Camera
    stride : int, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
        Linear RGB, without exposure, and the clouds' opacity.
    """
    # Of several clouds what was gathered is what each sends back; of a single one its albedo.
    return _with(layers, scene.light, scene.medium, camera, stride, sent=len(scene.clouds) > 1)


def _with(layers, light, medium, camera, stride=1, sent=False):
    around = surroundings_of(light)
    # What a thick cloud of droplets that absorb a little sends back, for each colour.
    back = thick_share(medium.albedo * np.asarray(medium.tint), mean_cosine(lobes_of(medium)))
    out = np.empty((*layers.shape[:2], 4), np.float32)
    _radiance(layers, camera.right.astype(np.float32), camera.up.astype(np.float32), camera.forward.astype(np.float32),
              f32(camera.spread), f32(camera.width / 2), f32(camera.height / 2), f32(stride),
              (around.sun * back).astype(np.float32), (around.parts * back).astype(np.float32),
              (medium.glow_strength * np.asarray(medium.glow)).astype(np.float32), around.behind, out)
    return _coloured(out, layers, light, medium, camera, stride, sent) if layers.shape[2] > LAYERS else out


def _coloured(radiance, layers, light, medium, camera, stride, sent):
    """Radiance of clouds that have the colours that were seen."""
    opacity = layers[..., OPACITY : OPACITY + 1]
    colours = layers[..., LAYERS:] / np.maximum(opacity, np.float32(1e-6))
    behind = behind_of(radiance, light, camera, stride)
    glow = opacity * (medium.glow_strength * np.asarray(medium.glow, np.float32))
    back = np.clip(colours[..., :3], 0.0, 1.0)
    if not sent:
        back = thick_share(back, mean_cosine(lobes_of(medium))).astype(np.float32)
    radiance[..., :3] = behind + (radiance[..., :3] - behind - glow) * back + glow * colours[..., 3:]
    return radiance


def behind_of(radiance, light, camera, stride=1):
    """What of a picture is light from behind the clouds.

    Parameters
    ----------
    radiance : ndarray of float32, shape (rows, columns, 4)
    light : Light
    camera : Camera
    stride : int, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
        Without it the light of the clouds is left, multiplied by their opacity.
    """
    layers = np.zeros((*radiance.shape[:2], LAYERS), np.float32)
    layers[..., OPACITY] = radiance[..., 3]
    return np.ascontiguousarray(_with(layers, light, _DARK, camera, stride)[..., :3])


def clay_of(layers, camera):
    """Clay from its layers, as light for the curve of our own at exposure 0.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS)
        From `march` for Clay.
    camera : Camera

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
    """
    out = np.empty((*layers.shape[:2], 4), np.float32)
    _clay(layers, camera.right.astype(np.float32), camera.forward.astype(np.float32), out)
    return out


def traced_radiance(tracer, light):
    """Radiance of a picture from paths, the surroundings behind it included: see `radiance_of`.

    Parameters
    ----------
    tracer : Tracer
    light : Light

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
    """
    radiance, opacity, _ = tracer.layers()
    layers = np.zeros((*opacity.shape, LAYERS), np.float32)
    layers[..., OPACITY] = opacity
    # Where the layers have the light of lamps paths have all light.
    layers[..., RED:] = radiance
    return _with(layers, light, _DARK, tracer.camera)


def composed(layers, scene, camera, *, stride=1, clay=False):
    """Pixels of a picture from its layers.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS)
        From `march` with the same stride.
    scene : Scene
    camera : Camera
    stride : int, optional
    clay : bool, optional

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
        RGB encoded for the screen, the sky included, and the clouds' opacity; one pixel for each ray.
    """
    if clay:
        return screen(clay_of(layers, camera))
    return looked(radiance_of(layers, scene, camera, stride=stride), scene.light)
