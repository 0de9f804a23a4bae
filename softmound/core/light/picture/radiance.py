"""Layers to radiance: colours of what scatters, and the surroundings behind the clouds.

Radiance is linear RGB in float32, without exposure, with the clouds' opacity.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, each, f32, i32, row, u32
from ...noise.fbm import fbm_at
from ...recipe import Medium
from ..marching.march import AWAY, LAYERS, OPACITY, RED
from ..paths.random_numbers import share_of, stirred
from ..scene.floor import COLUMNS as FLOOR_COLUMNS
from ..scene.floor import NO_SHADOW, FloorLight, glitter
from ..scene.floor import ROWS as FLOOR_ROWS
from ..scene.members import eye_of, ray_of
from ..scene.phase import lobes_of, mean_cosine, thick_share
from ..scene.surroundings import FINE_COLUMNS, FINE_ROWS, surroundings_of
from .aerial import veiled
from .looks import looked
from .stand_ins import AWAY as FAR_AWAY
from .stand_ins import SHARE, WIDTH
from .tone import screen

_CLAY = (0.80, 0.77, 0.72)
"""Reflectance of the matte surface, linear RGB: warm grey, so that shadows stay readable."""
HUES = 6
"""Colours that a march gathers besides light."""
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


class Laid(NamedTuple):
    """Sea or land as a camera sees it.

    Attributes
    ----------
    eye : ndarray of float32, shape (3,)
        Place of the eye, metres; its height is counted from the floor, 0 or below where none is seen.
    patches : float32
        Fields of the land in a metre; 0 for none.
    pixel : float32
        Width of a pixel at distance 1.
    """

    eye: np.ndarray
    patches: float
    pixel: float


_NONE = np.zeros(3, np.float32)
_NOTHING = (Laid(_NONE, f32(0.0), f32(0.0)),
            FloorLight(np.zeros((2, 2, 3), np.float32), _NONE, _NONE, f32(0.0), _NONE, _NONE, _NONE))
_FIELDS, _WOODS = f32(0.3), f32(0.45)
"""How much lighter or darker than the mean fields of the land are at most, and how light woods are; by eye."""


@row
def _sunlit(shadow, x, z):
    """Share of the sunlight that arrives at a place of the floor."""
    share = shadow.share
    u = (x - shadow.first_x) * shadow.per_x
    v = (z - shadow.first_z) * shadow.per_z
    last_u = f32(share.shape[0] - 1)
    last_v = f32(share.shape[1] - 1)
    if u <= f32(0) or v <= f32(0) or u >= last_u or v >= last_v:
        return f32(1)
    i = min(i32(u), share.shape[0] - 2)
    j = min(i32(v), share.shape[1] - 2)
    u -= f32(i)
    v -= f32(j)
    a = share[i, j] + v * (share[i, j + 1] - share[i, j])
    b = share[i + 1, j] + v * (share[i + 1, j + 1] - share[i + 1, j])
    return a + u * (b - a)


@row
def _fields(laid, x, z, away):
    """How light a place of the land is, about 1, by fields and woods; what is too small to be seen is even."""
    u = x * laid.patches
    v = z * laid.patches
    bend = fbm_at(u * f32(0.21), f32(0.37), v * f32(0.21), 2, f32(2.3), f32(0.5), f32(0), u32(77))
    # Strips of fields, turned a little from the axes and bent, each cut across at places of its own.
    a = u * f32(0.94) + v * f32(0.34) + bend * f32(3)
    b = v * f32(0.94) - u * f32(0.34) + bend * f32(2)
    strip = i32(math.floor(b))
    field = i32(math.floor(a * f32(0.6) + share_of(stirred(u32(strip)))))
    own = share_of(stirred(u32(u32(field) * u32(0x9E3779B1)) ^ u32(u32(strip) * u32(0x85EBCA77))))
    fine = min(f32(1), f32(0.2) / max(away * laid.pixel * laid.patches, f32(1e-9)))
    tone = f32(1) + _FIELDS * (f32(2) * own - f32(1)) * fine
    wood = min(max((bend - f32(0.08)) * f32(12), f32(0)), f32(1)) * min(f32(1), f32(4) * fine)
    return tone + wood * (_WOODS - tone)


class Scattered(NamedTuple):
    """Colours of what a cloud scatters, and of the sky behind it.

    Attributes
    ----------
    sun, glow : ndarray of float32, shape (3,)
    parts : ndarray of float32, shape (3, 3)
        Of zenith, horizon and ground.
    behind : ndarray of float32, shape (FINE_ROWS, FINE_COLUMNS + 1, 3)
    """

    sun: np.ndarray
    glow: np.ndarray
    parts: np.ndarray
    behind: np.ndarray


@each("out")
def _radiance(line, layers, camera, scattered, below, sent, shadow, standing, out):
    """A row of a picture: what the clouds send, and where they are thin what is behind them."""
    eye, colours, laid, floor, shade = borrowed(camera), borrowed(scattered), borrowed(below), borrowed(sent), borrowed(shadow)
    lit, behind = floor.lit, colours.behind
    down = ((f32(line) + eye.shift_y) * eye.stride - eye.centre_y) * eye.spread
    for column in range(out.shape[1]):
        pixel = layers[line, column]
        opacity = pixel[4]
        out[line, column, 3] = opacity
        for n in range(3):
            out[line, column, n] = (pixel[0] * colours.sun[n] + pixel[1] * colours.parts[0, n] + pixel[2] * colours.parts[1, n]
                                    + pixel[3] * colours.parts[2, n] + pixel[5 + n] + opacity * colours.glow[n])
        left = f32(1) - opacity
        if standing.shape[0] > 0:
            left -= standing[line, column, SHARE]
            for n in range(3):
                out[line, column, n] += standing[line, column, n]
        if left <= f32(0):
            continue
        dx, height, dz = ray_of(eye, ((f32(column) + eye.shift_x) * eye.stride - eye.centre_x) * eye.spread, down)
        down_here = laid.eye[1] > f32(0) and height < f32(0)
        v = math.sqrt(abs(height))
        # Over the floor the air has the colour of the horizon.
        w = f32(0) if down_here else (v if height > f32(0) else -v)
        w = (f32(1) - w) * f32(0.5 * (FINE_ROWS - 1))
        turn = turn_of(dx, dz)
        u = turn * f32(FINE_COLUMNS)
        i = min(max(i32(w), 0), FINE_ROWS - 2)
        j = min(max(i32(u), 0), FINE_COLUMNS - 1)
        w = min(max(w - f32(i), f32(0)), f32(1))
        u = min(max(u - f32(j), f32(0)), f32(1))
        away = f32(0)
        sunlit = f32(0)
        tone = f32(1)
        sparkle = f32(0)
        k = 0
        m = 0
        s = f32(0)
        t = f32(0)
        if down_here:
            away = laid.eye[1] / max(-height, f32(1e-6))
            sunlit = _sunlit(shade, laid.eye[0] + away * dx, laid.eye[2] + away * dz)
            if laid.patches > f32(0):
                tone = _fields(laid, laid.eye[0] + away * dx, laid.eye[2] + away * dz, away)
            sparkle = sunlit * glitter(floor, dx, height, dz)
            s = v * f32(FLOOR_ROWS - 1)
            t = turn * f32(FLOOR_COLUMNS)
            k = min(max(i32(s), 0), FLOOR_ROWS - 2)
            m = min(max(i32(t), 0), FLOOR_COLUMNS - 1)
            s = min(max(s - f32(k), f32(0)), f32(1))
            t = min(max(t - f32(m), f32(0)), f32(1))
        for n in range(3):
            a = behind[i, j, n] + u * (behind[i, j + 1, n] - behind[i, j, n])
            b = behind[i + 1, j, n] + u * (behind[i + 1, j + 1, n] - behind[i + 1, j, n])
            seen = a + w * (b - a)
            if down_here:
                a = lit[k, m, n] + s * (lit[k + 1, m, n] - lit[k, m, n])
                b = lit[k, m + 1, n] + s * (lit[k + 1, m + 1, n] - lit[k, m + 1, n])
                up = tone * (a + t * (b - a) + sunlit * floor.sunny[n]) + sparkle * floor.sunlight[n]
                seen += math.exp(-floor.haze[n] * away) * (up - seen)
            out[line, column, n] += left * seen


@each("out")
def _clay(line, layers, right, forward, out):
    """A row of the matte surface: a key from above the left shoulder, a fill from the front, occlusion from the lattice."""
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


def radiance_of(layers, scene, camera, *, stride=1, shadow=NO_SHADOW):
    """Radiance of a picture from its layers, the surroundings behind it included.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS or LAYERS + 6)
        From `march` with the same stride; then, if any, the colours that were seen, times the opacity.
    scene : Scene
        Without a cloud where all layers are 0.
    camera : Camera
    stride : int, optional
    shadow : Shadow, optional
        Of the clouds on what is below them: see `shadow_of`.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
        Linear RGB, without exposure, and the clouds' opacity.
    """
    standing = standing_in(layers, scene, camera)
    # Of several clouds what was gathered is what each sends back; of a single one its albedo.
    seen = _with(layers, scene.light, scene.medium, camera, stride, shadow, sent=len(scene.clouds) > 1, standing=standing)
    if scene.air:
        behind = behind_of(seen, scene.light, camera, stride, shadow, standing)
        seen[..., :3] = behind + veiled(seen[..., :3] - behind, seen[..., 3], layers[..., AWAY], scene, camera)
    return seen


def standing_in(layers, scene, camera):
    """Stand-ins among the layers of a picture, seen through the air before them.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, ...)
        Those of the stand-ins come last.
    scene : Scene
    camera : Camera

    Returns
    -------
    ndarray of float32, shape (rows, columns, WIDTH), or None
        None in a scene without any: see `core.light.picture.stand_ins`.
    """
    if not scene.stand_ins or layers is None:
        return None
    standing = np.ascontiguousarray(layers[..., -WIDTH:])
    light = np.ascontiguousarray(standing[..., :3])
    standing[..., :3] = veiled(light, standing[..., SHARE], standing[..., FAR_AWAY], scene, camera)
    return standing


def _laid(around, light, camera, shadow):
    """Sea or land of a light as the picture reads it."""
    high = camera.eye[1] - light.floor.level
    if around.floor is None or high <= 0.0:
        return *_NOTHING, NO_SHADOW
    eye = np.array([camera.eye[0], high, camera.eye[2]], np.float32)
    patches = f32(1.0 / light.floor.patches if light.floor.kind == "land" else 0.0)
    return Laid(eye, patches, f32(camera.spread)), around.floor, shadow


_NONE_STANDING = np.zeros((0, 0, WIDTH), np.float32)


def _with(layers, light, medium, camera, stride=1, shadow=NO_SHADOW, sent=False, standing=None):
    around = surroundings_of(light)
    # What a thick cloud of droplets that absorb a little sends back, for each colour.
    back = thick_share(medium.albedo * np.asarray(medium.tint), mean_cosine(lobes_of(medium)))
    out = np.empty((*layers.shape[:2], 4), np.float32)
    scattered = Scattered(
        (around.sun * back).astype(np.float32), (medium.glow_strength * np.asarray(medium.glow)).astype(np.float32),
        (around.parts * back).astype(np.float32), around.behind)
    _radiance(layers, eye_of(camera, stride), scattered, *_laid(around, light, camera, shadow),
              _NONE_STANDING if standing is None else standing, out)
    if layers.shape[2] < LAYERS + HUES:
        return out
    return _coloured(out, layers, light, medium, camera, stride, shadow, sent, standing)


def _coloured(radiance, layers, light, medium, camera, stride, shadow, sent, standing):
    """Radiance of clouds that have the colours that were seen."""
    opacity = layers[..., OPACITY : OPACITY + 1]
    colours = layers[..., LAYERS : LAYERS + HUES] / np.maximum(opacity, np.float32(1e-6))
    behind = behind_of(radiance, light, camera, stride, shadow, standing)
    glow = opacity * (medium.glow_strength * np.asarray(medium.glow, np.float32))
    back = np.clip(colours[..., :3], 0.0, 1.0)
    if not sent:
        back = thick_share(back, mean_cosine(lobes_of(medium))).astype(np.float32)
    radiance[..., :3] = behind + (radiance[..., :3] - behind - glow) * back + glow * colours[..., 3:]
    return radiance


def behind_of(radiance, light, camera, stride=1, shadow=NO_SHADOW, standing=None):
    """What of a picture is light from behind the clouds.

    Parameters
    ----------
    radiance : ndarray of float32, shape (rows, columns, 4)
    light : Light
    camera : Camera
    stride : int, optional
    shadow : Shadow, optional
    standing : ndarray of float32, shape (rows, columns, WIDTH), optional
        Stand-ins behind the clouds, from `standing_in`.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
        Without it the light of the clouds is left, multiplied by their opacity.
    """
    layers = np.zeros((*radiance.shape[:2], LAYERS), np.float32)
    layers[..., OPACITY] = radiance[..., 3]
    return np.ascontiguousarray(_with(layers, light, _DARK, camera, stride, shadow, standing=standing)[..., :3])


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
    out, standing = np.empty((*layers.shape[:2], 4), np.float32), layers[..., LAYERS:]
    _clay(layers, camera.right.astype(np.float32), camera.forward.astype(np.float32), out)
    if standing.shape[2]:
        # Of what is behind the surface stand-ins take their share.
        out[..., :3] *= 1.0 - standing[..., SHARE : SHARE + 1]
        out[..., :3] += standing[..., :3]
    return out


def traced_light(tracer):
    """Light of the clouds by paths, through the air before them.

    Parameters
    ----------
    tracer : Tracer or Levels

    Returns
    -------
    light : ndarray of float32, shape (height, width, 3)
        Without what is behind, multiplied by the opacity.
    opacity : ndarray of float32, shape (height, width)
    """
    light, opacity, away = tracer.layers()
    if tracer.scene.air:
        away = np.where(opacity > 0.0, away, 0.0) * opacity
        light = veiled(light, opacity, away, tracer.scene, tracer.camera)
    return light, opacity


def traced_radiance(tracer, light, shadow=NO_SHADOW):
    """Radiance of a picture from paths, the surroundings behind it included: see `radiance_of`.

    Parameters
    ----------
    tracer : Tracer or Levels
    light : Light
    shadow : Shadow, optional

    Returns
    -------
    ndarray of float32, shape (rows, columns, 4)
    """
    radiance, opacity = traced_light(tracer)
    layers = np.zeros((*opacity.shape, LAYERS), np.float32)
    layers[..., OPACITY] = opacity
    # Where the layers have the light of lamps paths have all light.
    layers[..., RED : RED + 3] = radiance
    standing = standing_in(tracer.solid(), tracer.scene, tracer.camera)
    return _with(layers, light, _DARK, tracer.camera, shadow=shadow, standing=standing)


def composed(layers, scene, camera, *, stride=1, clay=False, shadow=NO_SHADOW):
    """Pixels of a picture from its layers.

    Parameters
    ----------
    layers : ndarray of float32, shape (rows, columns, LAYERS)
        From `march` with the same stride.
    scene : Scene
    camera : Camera
    stride : int, optional
    clay : bool, optional
    shadow : Shadow, optional

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
        RGB encoded for the screen, the sky included, and the clouds' opacity; one pixel for each ray.
    """
    if clay:
        return screen(clay_of(layers, camera))
    return looked(radiance_of(layers, scene, camera, stride=stride, shadow=shadow), scene.light)
