"""View transforms: the curve of our own, those of an OpenColorIO config, and colours for exposure."""

import os
from functools import lru_cache

import numpy as np
import PyOpenColorIO as ocio

from ...colour import luminance
from ...problems import Problem
from .tone import screen

OWN = "own"
"""Name of the curve of our own."""
EXPOSURE = "exposure"
"""Name of the colours that tell how many stops a place lies above or below middle grey."""
BUILT_IN = "cg-config-v2.1.0_aces-v1.3_ocio-v2.3"
"""Config used when the environment names none."""
GREY = 0.18
STOPS = (
    (-4.0, (38, 28, 64)), (-3.0, (47, 74, 124)), (-2.0, (62, 116, 140)), (-1.0, (92, 150, 128)), (0.0, (138, 138, 138)),
    (1.0, (196, 178, 94)), (2.0, (214, 134, 74)), (3.0, (206, 86, 84)), (4.0, (240, 226, 230)),
)
"""Stops from middle grey and their colours on the screen, from shadow to white; between them they blend."""


@lru_cache(maxsize=4)
def _config(path):
    try:
        if path:
            return ocio.Config.CreateFromFile(path)
        return ocio.Config.CreateFromBuiltinConfig(BUILT_IN)
    except (ocio.Exception, ocio.ExceptionMissingFile) as error:
        first = str(error).splitlines()[0]
        raise Problem("{}: OpenColorIO cannot read this config ({}); correct OCIO in the environment.", path, first) from error


def config():
    """The OpenColorIO config: the one the environment names in OCIO, else a built-in one.

    Returns
    -------
    PyOpenColorIO.Config

    Raises
    ------
    Problem
        If the environment names one that cannot be read.
    """
    return _config(os.environ.get("OCIO", ""))


def transforms():
    """Names of all view transforms.

    Returns
    -------
    list of str
        The curve of our own, the colours for exposure, then "display/view" of the config; what a screen of the usual kind
        cannot show is left to the config.
    """
    try:
        there = config()
    except Problem:
        return [OWN, EXPOSURE]
    return [OWN, EXPOSURE] + [f"{display}/{view}" for display in there.getDisplays() for view in there.getViews(display)]


@lru_cache(maxsize=8)
def _processor(path, transform):
    there = _config(path)
    display, _, view = transform.partition("/")
    if display not in there.getDisplays() or view not in there.getViews(display):
        raise Problem("There is no view transform {!r} in this OpenColorIO config; choose another in Light.", transform)
    source = _linear_space(there)
    group = ocio.DisplayViewTransform(src=source, display=display, view=view)
    try:
        return there.getProcessor(group).getOptimizedCPUProcessor(
            ocio.BIT_DEPTH_F32, ocio.BIT_DEPTH_F32, ocio.OPTIMIZATION_VERY_GOOD)
    except ocio.Exception as error:
        first = str(error).splitlines()[0]
        raise Problem("The view transform {!r} of this OpenColorIO config does not work ({}); choose another in "
                      "Light.", transform, first) from error


def _linear_space(there):
    """The config's colour space that is linear with the primaries the scene has, else its scene-linear role or first space."""
    for name in ("Linear Rec.709 (sRGB)", "lin_rec709", "Linear Rec.709", "lin_srgb"):
        if there.getColorSpace(name) is not None:
            return name
    if there.hasRole(ocio.ROLE_SCENE_LINEAR):
        return ocio.ROLE_SCENE_LINEAR
    return next(iter(there.getColorSpaceNames()))


def exposure_colours(scene, exposure=0.0):
    """Colours that tell how bright each place is.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)
    exposure : float, optional
        Stops.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)
    """
    bright = luminance(scene[..., :3])
    stops = np.log2(np.maximum(bright * 2.0**exposure, 1e-9) / GREY)
    places = [place for place, _ in STOPS]
    out = np.empty(scene.shape, np.uint8)
    for n in range(3):
        out[..., n] = np.interp(stops, places, [colour[n] for _, colour in STOPS]) + 0.5
    out[..., 3] = np.clip(scene[..., 3] * 255.0 + 0.5, 0.0, 255.0)
    return out


def looked(scene, light):
    """Pixels of a scene as it is looked at.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)
        Linear RGB, without exposure, and opacity.
    light : Light
        Its exposure and view transform.

    Returns
    -------
    ndarray of uint8, shape (rows, columns, 4)

    Raises
    ------
    Problem
        If there is no such view transform.
    """
    exposure = exposure_of(scene, light)
    if light.transform == OWN:
        return screen(scene, exposure)
    if light.transform == EXPOSURE:
        return exposure_colours(scene, exposure)
    pixels = np.ascontiguousarray(scene[..., :3] * np.float32(2.0**exposure))
    _processor(os.environ.get("OCIO", ""), light.transform).applyRGB(pixels)
    out = np.empty(scene.shape, np.uint8)
    out[..., :3] = np.clip(pixels * 255.0 + 0.5, 0.0, 255.0)
    out[..., 3] = np.clip(scene[..., 3] * 255.0 + 0.5, 0.0, 255.0)
    return out


BRIGHT, MIDDLE = 1.6, 0.55
"""Light of the tenth of a cloud that is brightest, and of its middle, at most, once it is exposed: by eye, 91 and 70 % of white."""


def exposure_of(scene, light):
    """Exposure a scene is looked at with.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)
    light : Light

    Returns
    -------
    float
        Stops.
    """
    return light.exposure + (metered_exposure(scene) if light.metered else 0.0)


def metered_as(light, scene):
    """A light whose exposure is that of one scene, for others that are to be as bright.

    Parameters
    ----------
    light : Light
    scene : ndarray of float32, shape (rows, columns, 4)

    Returns
    -------
    Light
    """
    if not light.metered:
        return light
    return light.edited(metered=False, exposure=min(max(exposure_of(scene, light), -16.0), 16.0))


def metered_exposure(scene):
    """Exposure that shows a cloud well: its bright parts just below white, its middle below them.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)

    Returns
    -------
    float
        Stops; 0 where there is no cloud.
    """
    # Every second pixel says as much, in a quarter of the time: the picture follows a hand.
    scene = scene[::2, ::2]
    cloud = scene[..., 3] > 0.5
    if not cloud.any():
        return 0.0
    bright = luminance(scene[cloud][:, :3])
    bright, middle = np.percentile(bright, (90.0, 50.0))
    return float(min(np.log2(BRIGHT / max(bright, 1e-6)), np.log2(MIDDLE / max(middle, 1e-6))))


def histogram(scene, exposure=0.0, bins=48):
    """How much of the cloud lies at which brightness.

    Parameters
    ----------
    scene : ndarray of float32, shape (rows, columns, 4)
    exposure : float, optional
        Stops.
    bins : int, optional

    Returns
    -------
    counts : ndarray of float64, shape (bins,)
        Shares of the cloud.
    edges : ndarray of float64, shape (bins + 1,)
        Stops from middle grey, -6 to 4; what lies beyond counts for the ends.
    """
    edges = np.linspace(-6.0, 4.0, bins + 1)
    cloud = scene[..., 3] > 0.5
    if not cloud.any():
        return np.zeros(bins), edges
    bright = luminance(scene[cloud][:, :3])
    stops = np.log2(np.maximum(bright * 2.0**exposure, 1e-9) / GREY)
    counts, _ = np.histogram(np.clip(stops, edges[0], edges[-1] - 1e-9), edges)
    return counts / counts.sum(), edges
