"""Where the sun stands for a place, a date and an hour."""

from datetime import UTC, datetime

import numpy as np


def sun_at(latitude, longitude, when):
    """Direction of the sun.

    The low-precision formulas of the Astronomical Almanac (section C, "Low precision formulas for the Sun"), good to about
    0.01 degree from 1950 to 2050; refraction after Bennett (1982, Journal of Navigation 35).

    Parameters
    ----------
    latitude, longitude : float
        Degrees, north and east positive.
    when : datetime
        With a time zone; UTC where it has none.

    Returns
    -------
    (float, float)
        Azimuth from north toward east and elevation above the horizon, degrees.
    """
    if when.tzinfo is None:
        when = when.replace(tzinfo=UTC)
    days = (when - datetime(2000, 1, 1, 12, tzinfo=UTC)).total_seconds() / 86_400.0
    mean_longitude = (280.460 + 0.9856474 * days) % 360.0
    anomaly = np.radians((357.528 + 0.9856003 * days) % 360.0)
    ecliptic = np.radians(mean_longitude + 1.915 * np.sin(anomaly) + 0.020 * np.sin(2.0 * anomaly))
    obliquity = np.radians(23.439 - 0.0000004 * days)
    ascension = np.arctan2(np.cos(obliquity) * np.sin(ecliptic), np.cos(ecliptic))
    declination = np.arcsin(np.sin(obliquity) * np.sin(ecliptic))
    sidereal = np.radians((280.46062 + 360.98564737 * days + longitude) % 360.0)
    hour, phi = sidereal - ascension, np.radians(latitude)
    up = np.arcsin(np.sin(phi) * np.sin(declination) + np.cos(phi) * np.cos(declination) * np.cos(hour))
    azimuth = np.arctan2(-np.sin(hour), np.cos(phi) * np.tan(declination) - np.sin(phi) * np.cos(hour))
    elevation = float(np.degrees(up))
    if elevation > -1.0:
        lifted = elevation + 7.31 / (elevation + 4.4)
        elevation += 1.0 / np.tan(np.radians(max(lifted, 0.1))) / 60.0
    return float(np.degrees(azimuth) % 360.0), float(elevation)
