"""Photographs to compare with: PNG, JPEG, TIFF, EXR."""

import pathlib

import numpy as np
from PIL import Image, UnidentifiedImageError

from ..problems import Problem

ENDINGS = (".png", ".jpg", ".jpeg", ".tif", ".tiff", ".exr")
LONGEST = 2048
"""Pixels along the longer side that are kept: more than a screen shows."""
MOST_PIXELS = 400_000_000


def photograph_of_file(path):
    """Read a picture as a screen shows it. Foreign files go through `foreign.read_photograph` instead.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)
        At most `LONGEST` along either side.

    Raises
    ------
    Problem
        One sentence without the file's name.
    """
    path = pathlib.Path(path)
    if path.suffix.lower() == ".exr":
        return _kept(Image.fromarray(_from_exr(path)))
    Image.MAX_IMAGE_PIXELS = MOST_PIXELS
    try:
        with Image.open(path) as image:
            image.load()
            if image.mode in ("I;16", "I;16B", "I", "F"):
                values = np.asarray(image, np.float64)
                top = 65535.0 if image.mode.startswith("I") else max(float(values.max()), 1e-12)
                image = Image.fromarray((np.clip(values / top, 0.0, 1.0) * 255.0 + 0.5).astype(np.uint8))
            return _kept(image.convert("RGB"))
    except UnidentifiedImageError as error:
        raise Problem("is no picture; choose a PNG, JPEG, TIFF or EXR file.") from error
    except Image.DecompressionBombError as error:
        raise Problem(f"is larger than {MOST_PIXELS:,} pixels; make it smaller first.") from error
    except (OSError, SyntaxError, ValueError) as error:
        raise Problem("is damaged; export it again.") from error


def _kept(image):
    image.thumbnail((LONGEST, LONGEST), Image.Resampling.LANCZOS)
    return np.ascontiguousarray(np.asarray(image.convert("RGB")))


def _from_exr(path):
    """Scene-linear colours, exposed so that their 99th percentile is white, encoded as sRGB (IEC 61966-2-1)."""
    import OpenEXR

    with OpenEXR.File(str(path), separate_channels=True) as file:
        channels = {name.split(".")[-1].upper(): channel.pixels for name, channel in file.channels().items()}
    if not {"R", "G", "B"} <= set(channels):
        if not channels:
            raise Problem("holds no channels; export it again.")
        first = channels.get("Y", next(iter(channels.values())))
        channels = dict.fromkeys("RGB", first)
    linear = np.nan_to_num(np.stack([np.asarray(channels[c], np.float32) for c in "RGB"], -1), posinf=65504.0)
    linear = np.maximum(linear, 0.0)
    linear /= max(float(np.percentile(linear, 99.0)), 1e-6)
    encoded = np.where(linear <= 0.0031308, 12.92 * linear, 1.055 * np.maximum(linear, 1e-8) ** (1 / 2.4) - 0.055)
    return (np.clip(encoded, 0.0, 1.0) * 255.0 + 0.5).astype(np.uint8)
