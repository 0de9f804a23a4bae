"""Values on the command line, read from text.

Each function takes the text of an argument and returns its value, or raises `argparse.ArgumentTypeError` with one
sentence that says what to give instead.
"""

import argparse
import datetime
import os

from ..core.library.choices import TIERS


def metres(text):
    """A voxel size in metres. See the module."""
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0.005 <= value <= 500.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no voxel size; give metres from 0.005 to 500")
    return value


def count(text):
    """A whole number from 8 on. See the module."""
    if not text.isdigit() or len(text) > 9 or not 8 <= int(text) <= 100_000_000:
        raise argparse.ArgumentTypeError(f"{text!r} is no such number; give a whole number from 8 on")
    return int(text)


def turrets(text):
    """A whole number from 1 to 24. See the module."""
    if not text.isdigit() or not 1 <= int(text[:9]) <= 24:
        raise argparse.ArgumentTypeError(f"{text!r} is no such number; give a whole number from 1 to 24")
    return int(text)


def positive(text):
    """A number above 0. See the module."""
    try:
        value = float(text)
    except ValueError:
        value = 0.0
    if not 0.0 < value < 1e9:
        raise argparse.ArgumentTypeError(f"{text!r} will not do; give a number above 0")
    return value


def clouds(text):
    """Numbers of clouds between commas. See the module."""
    parts = text.split(",")
    if not all(part.isdigit() and 1 <= int(part[:9]) <= 254 for part in parts):
        raise argparse.ArgumentTypeError(f"{text!r} names no clouds; give numbers from 1 between commas, as 1,3")
    return tuple(int(part) for part in parts)


def gigabytes(text):
    """Bytes, from gigabytes. See the module."""
    return positive(text) * 1e9


def tolerance(text):
    """A density from 0 to 1. See the module."""
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0.0 <= value <= 1.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no tolerance; give a density from 0 to 1")
    return value


def grid_name(text):
    """Name of a grid. See the module."""
    if not text or len(text) > 80 or not text.isprintable() or text == "surface":
        raise argparse.ArgumentTypeError(f"{text!r} is no name for the grid; give letters and numbers, not 'surface'")
    return text


def altitude(text):
    """Metres above the ground. See the module."""
    return _between(text, -50_000.0, 50_000.0, "altitude", "metres")


def number(text):
    """Any finite number. See the module."""
    return _between(text, -1e12, 1e12, "number", "one")


def degrees(text):
    """An angle. See the module."""
    return _between(text, -36_000.0, 36_000.0, "angle", "degrees")


def rate(text):
    """Pictures a second. See the module."""
    return _between(text, 0.1, 240.0, "rate", "pictures a second")


def stops(text):
    """Exposure, or "picture". See the module."""
    return text if text == "picture" else _between(text, -16.0, 16.0, "exposure", "stops")


def threads(text):
    """A number of threads. See the module."""
    most = os.cpu_count() or 1
    if not text.isdigit() or not 1 <= int(text) <= most:
        raise argparse.ArgumentTypeError(f"{text!r} is no number of threads; give one from 1 to {most}")
    return int(text)


def _between(text, low, high, what, unit):
    try:
        value = float(text)
    except ValueError:
        value = float("nan")
    if not low <= value <= high:
        raise argparse.ArgumentTypeError(f"{text!r} is no {what}; give {unit} from {low:g} to {high:g}")
    return value


def span(text):
    """Metres along the longest side. See the module."""
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0.1 <= value <= 20_000.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no span; give metres from 0.1 to 20000")
    return value


def seed(text):
    """A seed. See the module."""
    if not text.isdigit() or len(text) > 10 or int(text) >= 2**31:
        raise argparse.ArgumentTypeError(f"{text!r} is no seed; give a whole number below 2147483648")
    return int(text)


def pair(text):
    """Azimuth and elevation in degrees. See the module."""
    try:
        azimuth, elevation = (float(part) for part in text.split(","))
    except ValueError:
        raise argparse.ArgumentTypeError(f"{text!r} is no direction; give azimuth,elevation in degrees") from None
    if not (-360.0 <= azimuth <= 360.0 and -10.0 <= elevation <= 90.0):
        raise argparse.ArgumentTypeError(f"{text!r}: azimuth lies from -360 to 360 and elevation from -10 to 90 degrees")
    return azimuth, elevation


def direction(text):
    """Azimuth and elevation of an eye, degrees.

    Raises
    ------
    ValueError
        If it is none.
    """
    azimuth, elevation = (float(part) for part in text.split(","))
    if not (-360.0 <= azimuth <= 360.0 and -89.0 <= elevation <= 89.0):
        raise ValueError(text)
    return azimuth, elevation


def distance(text):
    """Of the eye, metres. See the module."""
    return _between(text, 0.05, 500_000.0, "distance", "metres")


def focal(text):
    """A focal length. See the module."""
    return _between(text, 8.0, 800.0, "focal length", "millimetres")


def seconds(text):
    """A time. See the module."""
    return _between(text, 0.001, 3_600.0, "time", "seconds")


def slowed(text):
    """How many times as long. See the module."""
    return _between(text, 0.01, 100.0, "number of times", "one")


def size(text):
    """Width and height in pixels. See the module."""
    try:
        width, height = (int(part) for part in text.lower().split("x"))
    except ValueError:
        width = height = 0
    if not (16 <= width <= 16_384 and 16 <= height <= 16_384):
        raise argparse.ArgumentTypeError(f"{text!r} is no size; give WIDTHxHEIGHT from 16 to 16384 pixels")
    return width, height


def group_level(text):
    """Name of a light group, what its light is multiplied by, and its tint. See the module."""
    name, _, numbers = text.rpartition("=")
    try:
        level, *tint = (float(part) for part in numbers.split(","))
    except ValueError:
        level, tint = -1.0, []
    if not name or not 0.0 <= level <= 64.0 or len(tint) not in (0, 3) or any(not 0.0 <= part <= 1.0 for part in tint):
        raise argparse.ArgumentTypeError(f"{text!r} is no light group; give NAME=FACTOR from 0 to 64, or NAME=FACTOR,R,G,B with a "
                                         "tint from 0 to 1")
    return name, level, tuple(tint) or (1.0, 1.0, 1.0)


def frames(text):
    """How many pictures. See the module."""
    if not text.isdigit() or len(text) > 4 or not 1 <= int(text) <= 5_000:
        raise argparse.ArgumentTypeError(f"{text!r} is no number of pictures; give a whole number from 1 to 5000")
    return int(text)


def noise(text):
    """A share of noise. See the module."""
    value = positive(text)
    if not 0.002 <= value <= 1.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no such noise; give a share from 0.002 to 1")
    return value


def numbers(text):
    """Numbers of siblings: ``3``, ``0-39`` or ``0-3,7``. See the module."""
    found = []
    try:
        for part in text.split(","):
            low, _, high = part.partition("-")
            found += range(int(low), int(high or low) + 1)
    except ValueError:
        found = []
    if not found or len(found) > 10_000 or min(found) < 0 or max(found) > 100_000:
        raise argparse.ArgumentTypeError(f"{text!r} are no seeds; give whole numbers such as 0-39 or 0,3,7, at most 10000 of them")
    return found


def tiers(text):
    """Reductions of tiers: ``1,2,4``. See the module."""
    try:
        found = sorted({int(part) for part in text.split(",")})
    except ValueError:
        found = []
    if not found or any(n not in TIERS for n in found):
        raise argparse.ArgumentTypeError(
            f"{text!r} are no tiers; give some of {','.join(map(str, TIERS))}, where 1 is the full grid")
    return tuple(found)


def between(text):
    """Least and most of a number: ``100-300``, ``100-`` or ``-300``. See the module."""
    low, dash, high = text.partition("-")
    try:
        ends = tuple(float(part) if part.strip() else None for part in (low, high))
    except ValueError:
        ends = (None, None)
    stated = [end for end in ends if end is not None]
    if not dash or not stated or not all(abs(end) < 1e300 for end in stated) or stated != sorted(stated):
        raise argparse.ArgumentTypeError(f"{text!r} is no range; give least-most, least- or -most")
    return ends


def day(text):
    """A day as ``2026-11-30``. See the module."""
    try:
        return datetime.date.fromisoformat(text).isoformat()
    except ValueError:
        raise argparse.ArgumentTypeError(f"{text!r} is no day; give YEAR-MONTH-DAY such as 2026-11-30") from None


def words(text):
    """Words with commas between them. See the module."""
    return tuple(dict.fromkeys(part.strip() for part in text.split(",") if part.strip()))


def whole(text):
    """Number of a frame. See the module."""
    if not text.isdigit() or len(text) > 6:
        raise argparse.ArgumentTypeError(f"{text!r} is no frame; give a whole number of 0 or more")
    return int(text)


def frame_range(text):
    """First and last frame: ``1-48``. See the module."""
    first, dash, last = text.partition("-")
    if not (dash and first.isdigit() and last.isdigit()) or len(last) > 7 or int(first) > int(last) \
            or int(last) - int(first) >= 10_000:
        raise argparse.ArgumentTypeError(f"{text!r} are no frames; give first-last, as 1-48, at most 10000 of them")
    return int(first), int(last)


def share(text):
    """From 0 to 1. See the module."""
    return _between(text, 0.0, 1.0, "share", "one")


def members(text):
    """How many members. See the module."""
    if not text.isdigit() or len(text) > 5 or not 1 <= int(text) <= 10_000:
        raise argparse.ArgumentTypeError(f"{text!r} is no number of members; give a whole number from 1 to 10000")
    return int(text)


def _numbers_of(text, sign, count, what, example):
    try:
        found = tuple(float(part) for part in text.split(sign))
    except ValueError:
        found = ()
    if len(found) != count or not all(abs(value) <= 100_000.0 for value in found):
        raise argparse.ArgumentTypeError(f"{text!r} is no {what}; give {count} numbers as {example}, at most 100000 in size")
    return found


def far(text):
    """A distance in metres. See the module."""
    return _between(text, 0.0, 50_000.0, "distance", "metres")


def place(text):
    """A place. See the module."""
    return _numbers_of(text, ",", 3, "place", "X,Y,Z")


def flat(text):
    """x and z. See the module."""
    return _numbers_of(text, ",", 2, "place", "X,Z")


def wide(text):
    """Width and depth, metres. See the module."""
    return _numbers_of(text, "x", 2, "size", "4000x3000")


def lengths(text):
    """One length, or three along the axes, metres. See the module."""
    found = _numbers_of(text, ",", 3, "size", "X,Y,Z") if "," in text else (metres(text),)
    if min(found) <= 0.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no size; lengths are above 0")
    return found


def colour(text):
    """A colour. See the module."""
    found = _numbers_of(text, ",", 3, "colour", "R,G,B")
    if not all(0.0 <= part <= 1.0 for part in found):
        raise argparse.ArgumentTypeError(f"{text!r} is no colour; its parts lie from 0 to 1")
    return found


def box(text):
    """Two corners. See the module."""
    return _numbers_of(text, ",", 6, "region", "X,Y,Z,X,Y,Z")
