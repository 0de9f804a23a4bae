"""Ready lights to begin with: where the sun stands beside the view, and its sky."""

from ...recipe.models import Sky, Sun
from .camera import camera_of

SURFACES = {"sea": (0.02, 0.035, 0.04), "land": (0.10, 0.11, 0.06)}
"""What sea and land send back of light from all round, to begin with: clear water, and fields in summer."""
UNDER, UNDER_EYE = 0.6, 0.12
"""How far sea or land lies under the cloud and under the eye, at least, in spans of the cloud."""

# name, azimuth from the view's back, elevation, sun colour, sun strength, zenith, horizon, ground, exposure
_TABLE = (
    ("Side, morning", 78.0, 32.0, (1.0, 0.93, 0.83), 2.6,
     (0.05, 0.145, 0.40), (0.33, 0.47, 0.67), (0.22, 0.24, 0.27), -0.45),
    ("High, noon", 25.0, 72.0, (1.0, 0.97, 0.93), 2.9,
     (0.04, 0.125, 0.38), (0.30, 0.45, 0.68), (0.22, 0.24, 0.26), -0.6),
    ("Low, in front", 32.0, 12.0, (1.0, 0.82, 0.60), 2.6,
     (0.07, 0.14, 0.34), (0.42, 0.42, 0.50), (0.20, 0.19, 0.21), -0.5),
    ("Low, behind", 163.0, 13.0, (1.0, 0.74, 0.46), 4.2,
     (0.10, 0.16, 0.32), (0.62, 0.46, 0.38), (0.13, 0.11, 0.11), -0.6),
    ("Dusk", 118.0, 2.0, (1.0, 0.46, 0.22), 1.8,
     (0.07, 0.09, 0.20), (0.46, 0.30, 0.30), (0.06, 0.055, 0.07), 0.2),
    ("Blue hour", 140.0, -4.0, (0.62, 0.70, 1.0), 0.35,
     (0.035, 0.075, 0.22), (0.20, 0.24, 0.40), (0.035, 0.04, 0.055), 1.2),
    ("Moon", 60.0, 40.0, (0.80, 0.88, 1.0), 0.05,
     (0.0012, 0.0025, 0.008), (0.004, 0.006, 0.013), (0.002, 0.002, 0.003), 4.2),
    ("Overcast", 90.0, 60.0, (1.0, 1.0, 1.0), 0.12,
     # Three times as bright overhead as at the horizon (Moon and Spencer 1942, Illumination from a non-uniform sky).
     (0.84, 0.87, 0.92), (0.28, 0.30, 0.33), (0.10, 0.10, 0.095), -0.2),
)
NAMES = tuple(row[0] for row in _TABLE)


def in_situation(light, view, name):
    """A light with sun, sky and exposure of a situation; the medium stays.

    Parameters
    ----------
    light : Light
    view : View
        The sun's azimuth is counted from behind the camera.
    name : str
        One of `NAMES`.

    Returns
    -------
    Light
    """
    _, azimuth, elevation, colour, strength, zenith, horizon, ground, exposure = next(
        row for row in _TABLE if row[0] == name)
    sun = Sun(azimuth=(view.azimuth + azimuth) % 360.0, elevation=elevation, colour=colour,
              strength=strength)
    sky = Sky(zenith=zenith, horizon=horizon, ground=ground)
    return light.edited(sun=sun, sky=sky, exposure=exposure)


def with_floor(mound, kind, bounds=None, level=None):
    """A mound with sea, land or nothing below, low enough to be seen from where the eye is.

    Parameters
    ----------
    mound : Mound
    kind : str
        Of `Floor`.
    bounds : (ndarray, ndarray), optional
        Lowest and highest corner of the cloud, metres.
    level : float, optional
        Its altitude, metres; by default it is worked out, and stays what it was where one lay below before.

    Returns
    -------
    Mound
    """
    floor = mound.light.floor
    if level is None and bounds is not None and floor.kind == "none":
        span = float((bounds[1] - bounds[0]).max())
        eye = camera_of(mound.view, 4, 3).eye[1]
        level = float(f"{min(bounds[0][1] - UNDER * span, eye - UNDER_EYE * span):.3g}")
    floor = floor.edited(kind=kind, colour=SURFACES.get(kind, floor.colour), level=floor.level if level is None else level)
    return mound.edited(light=mound.light.edited(floor=floor))
