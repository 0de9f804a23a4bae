"""Layers to light to pixels: colours, sky behind the cloud, exposure and the tone curve."""

import math

import numpy as np

from ..directions import direction_of
from ..kernels import f32, i32, kernel, prange, row, u32
from .sky import gathered

SHOULDER = 1.7
"""How late the curve bends: higher keeps more of the middle straight."""
AROUND = 1.5
"""Light from all round that a thick cloud sends back, over what arrives just below its surface."""
_CLAY = (0.80, 0.77, 0.72)
"""Reflectance of the matte surface, linear RGB: warm grey, so that shadows stay readable."""
_GLOW = 0.004
"""Share of the sunlight that haze in front of the sky scatters toward the camera, with a mean cosine
of 0.8: a soft brightness around the sun."""


def tone_curve(x):
    """Display value of a scene value, before encoding.

    Parameters
    ----------
    x : array_like of float
        Scene-linear, 0 or more.

    Returns
    -------
    ndarray of float64
        From 0 to 1, rising.
    """
    x = np.maximum(np.asarray(x, float), 1e-7)
    return x * (1.0 + x**SHOULDER) ** (-1.0 / SHOULDER)


def _encoded(x):
    """IEC 61966-2-1 (sRGB) encoding of a display value."""
    return np.where(x <= 0.0031308, x * 12.92, 1.055 * x ** (1.0 / 2.4) - 0.055)


# The curve and the encoding as a table over x / (1 + x), which covers all of 0 to infinity.
_SIZE = 4096
_PLACES = np.linspace(0.0, 1.0 - 1e-6, _SIZE + 1)
_TABLE = (255.0 * _encoded(tone_curve(_PLACES / (1.0 - _PLACES)))).astype(np.float32)


@row
def _shown(x, table, dither):
    """Screen value from 0 to 255 of a scene-linear value."""
    x = max(x, f32(0))
    at = x / (f32(1) + x) * f32(_SIZE)
    n = min(i32(at), i32(_SIZE - 1))
    value = table[n] + (at - f32(n)) * (table[n + 1] - table[n])
    return np.uint8(min(f32(255), max(f32(0), value + f32(0.5) + dither)))


@kernel
def _compose(layers, right, up, forward, spread, centre_x, centre_y, stride, sun_colour, parts,
             zenith, horizon, ground, strength, toward, gain, table, clay, out):
    for line in prange(out.shape[0]):
        down = ((f32(line) + f32(0.5)) * stride - centre_y) * spread
        for column in range(out.shape[1]):
            pixel = layers[line, column]
            across = ((f32(column) + f32(0.5)) * stride - centre_x) * spread
            dx = forward[0] + across * right[0] - down * up[0]
            dy = forward[1] + across * right[1] - down * up[1]
            dz = forward[2] + across * right[2] - down * up[2]
            norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz)
            dx *= norm
            dy *= norm
            dz *= norm
            opacity = pixel[4]
            # Triangular noise of half a step either way keeps the sky from showing bands.
            h = u32(u32(u32(line) * u32(0x9E3779B1)) ^ u32(u32(column) * u32(0x85EBCA77)))
            h = u32(u32(h ^ (h >> u32(15))) * u32(0x2C1B3C6D))
            h = u32(h ^ (h >> u32(13)))
            dither = (f32(h & u32(255)) - f32((h >> u32(8)) & u32(255))) * f32(0.5 / 255)
            if clay:
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
                for n in range(3):
                    tint = f32(_CLAY[0]) if n == 0 else (f32(_CLAY[1]) if n == 1 else f32(_CLAY[2]))
                    behind = f32(0.052) + f32(0.03) * (f32(0.5) - f32(line) / f32(out.shape[0]))
                    value = shade * tint * opacity + behind * (f32(1) - opacity)
                    out[line, column, n] = _shown(value, table, dither)
            else:
                rise = max(f32(0), min(f32(1), dy))
                fall = f32(1) - rise
                mix = f32(1) - fall * fall * math.sqrt(fall)
                low = max(f32(0), min(f32(1), dy * f32(-1.5)))
                low = low * low * (f32(3) - f32(2) * low)
                cosine = dx * toward[0] + dy * toward[1] + dz * toward[2]
                wide = f32(1.64) - f32(1.6) * cosine
                glow = f32(_GLOW) * f32(0.36) / (wide * math.sqrt(wide)) * (f32(1) - low)
                for n in range(3):
                    behind = horizon[n] + (zenith[n] - horizon[n]) * mix
                    behind = strength * (behind + (ground[n] - behind) * low) + glow * sun_colour[n]
                    cloud = (pixel[0] * sun_colour[n] + pixel[1] * parts[0, n]
                             + pixel[2] * parts[1, n] + pixel[3] * parts[2, n])
                    value = gain * (cloud + behind * (f32(1) - opacity))
                    out[line, column, n] = _shown(value, table, dither)
            out[line, column, 3] = np.uint8(min(f32(255), opacity * f32(255) + f32(0.5)))


def composed(layers, light, camera, *, stride=1, clay=False):
    """Pixels of a picture from its layers.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, 5)
        From `march` with the same stride.
    light : Light
    camera : Camera
    stride : int, optional
    clay : bool, optional

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
        RGB encoded for the screen, the sky included, and the cloud's opacity; one pixel for each ray.
    """
    out = np.empty((*layers.shape[:2], 4), np.uint8)
    sky, sun = light.sky, light.sun
    # A white sheet facing a sun of strength 1 shall have radiance 1, so its irradiance is pi.
    sun_colour = np.asarray(sun.colour) * sun.strength * np.pi
    parts = gathered(sky) * (light.medium.albedo * AROUND)
    _compose(
        layers, camera.right.astype(np.float32), camera.up.astype(np.float32),
        camera.forward.astype(np.float32), f32(camera.spread), f32(camera.width / 2),
        f32(camera.height / 2), f32(stride), sun_colour.astype(np.float32), parts.astype(np.float32),
        np.asarray(sky.zenith, np.float32), np.asarray(sky.horizon, np.float32),
        np.asarray(sky.ground, np.float32), f32(sky.strength),
        direction_of(sun.azimuth, sun.elevation).astype(np.float32), f32(2.0**light.exposure),
        _TABLE, clay, out,
    )
    return out
