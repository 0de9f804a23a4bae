"""Photographs to compare with: PNG, JPEG, TIFF, EXR; and pictures of all directions, Radiance HDR as well."""

import pathlib

import numpy as np
from PIL import ExifTags, Image, ImageOps, UnidentifiedImageError

from .. import colour
from ..problems import Problem

ENDINGS = (".png", ".jpg", ".jpeg", ".tif", ".tiff", ".exr")
LONGEST = 2048
"""Pixels along the longer side that are kept: more than a screen shows."""
MOST_PIXELS = 400_000_000
FILM = 36.0
"""Millimetres that a film is wide."""


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
            # Cameras that were held upright say so rather than turn the picture.
            image = ImageOps.exif_transpose(image)
            if image.mode in ("I;16", "I;16B", "I", "F"):
                values = np.asarray(image, np.float64)
                top = 65535.0 if image.mode.startswith("I") else max(float(values.max()), 1e-12)
                image = Image.fromarray((np.clip(values / top, 0.0, 1.0) * 255.0 + 0.5).astype(np.uint8))
            return _kept(image.convert("RGB"))
    except UnidentifiedImageError as error:
        raise Problem("is no picture; choose a PNG, JPEG, TIFF or EXR file.") from error
    except Image.DecompressionBombError as error:
        raise Problem("is larger than {:,} pixels; make it smaller first.", MOST_PIXELS) from error
    except (OSError, SyntaxError, ValueError) as error:
        raise Problem("is damaged; export it again.") from error


def focal_of_file(path):
    """Focal length that a camera wrote into its picture (CIPA DC-008, Exif 2.32: tags 41989, or 37386 with 41486 and 41488).

    Parameters
    ----------
    path : path-like

    Returns
    -------
    float or None
        Millimetres on a film 36 mm wide; None where nothing can be told, as of a picture that was cut or made.
    """
    try:
        with Image.open(path) as image:
            width, said = max(image.size), image.getexif().get_ifd(ExifTags.IFD.Exif)
        as_film = float(said.get(ExifTags.Base.FocalLengthIn35mmFilm, 0))
        if as_film <= 0.0:
            focal, per_unit = (float(said.get(tag, 0)) for tag in (ExifTags.Base.FocalLength, ExifTags.Base.FocalPlaneXResolution))
            unit = {2: 25.4, 3: 10.0, 4: 1.0}.get(said.get(ExifTags.Base.FocalPlaneResolutionUnit, 2), 0.0)
            as_film = focal * FILM * per_unit / (width * unit)
    except (OSError, SyntaxError, ValueError, TypeError, ZeroDivisionError, Image.DecompressionBombError):
        return None
    return as_film if 4.0 <= as_film <= 2000.0 else None


def _kept(image):
    image.thumbnail((LONGEST, LONGEST), Image.Resampling.LANCZOS)
    return np.ascontiguousarray(np.asarray(image.convert("RGB")))


SKY_ENDINGS = (".exr", ".hdr", ".png", ".jpg", ".jpeg", ".tif", ".tiff")
SKY_LONGEST = 4096
"""Pixels along the longer side of a sky that are kept."""


def sky_of_file(path):
    """Read a picture of all directions as light. Foreign files go through `foreign.read_sky` instead.

    Parameters
    ----------
    path : path-like
        OpenEXR or Radiance HDR in linear light; or a picture as a screen shows it (IEC 61966-2-1), whose white is then radiance 1.

    Returns
    -------
    ndarray of float32, shape (height, width, 3)
        Linear RGB over latitude and longitude, the zenith first.

    Raises
    ------
    Problem
        One sentence without the file's name.
    """
    ending = pathlib.Path(path).suffix.lower()
    if ending == ".exr":
        linear = _linear_exr(path)
    elif ending == ".hdr":
        linear = _linear_hdr(path)
    else:
        shown = photograph_of_file(path).astype(np.float32) / 255.0
        linear = colour.linear(shown).astype(np.float32)
    height, width = linear.shape[:2]
    if not 1.8 <= width / max(height, 1) <= 2.2:
        raise Problem("is {} by {} pixels; a picture of all directions is twice as wide as high.", width, height)
    step = -(-max(height, width) // SKY_LONGEST)
    if step > 1:
        height, width = height // step * step, width // step * step
        linear = linear[:height, :width].reshape(height // step, step, width // step, step, 3).mean(axis=(1, 3))
    return np.ascontiguousarray(linear, np.float32)


def _linear_exr(path):
    """Colours of an OpenEXR file as they are, none below 0."""
    import OpenEXR

    with OpenEXR.File(str(path), separate_channels=True) as file:
        channels = {name.split(".")[-1].upper(): channel.pixels for name, channel in file.channels().items()}
    if not {"R", "G", "B"} <= set(channels):
        if not channels:
            raise Problem("holds no channels; export it again.")
        first = channels.get("Y", next(iter(channels.values())))
        channels = dict.fromkeys("RGB", first)
    linear = np.nan_to_num(np.stack([np.asarray(channels[c], np.float32) for c in "RGB"], -1), posinf=65504.0)
    return np.maximum(linear, 0.0)


def _linear_hdr(path):
    """Colours of a Radiance HDR file."""
    import cv2

    try:
        pixels = cv2.imread(str(path), cv2.IMREAD_ANYDEPTH | cv2.IMREAD_COLOR)
    except cv2.error:
        pixels = None
    if pixels is None or pixels.dtype != np.float32:
        raise Problem("is damaged, or no Radiance HDR file; export it again.")
    return np.maximum(np.nan_to_num(pixels[..., ::-1], posinf=65504.0), 0.0)


def _from_exr(path):
    """Scene-linear colours, exposed so that their 99th percentile is white, encoded as sRGB (IEC 61966-2-1)."""
    linear = _linear_exr(path)
    linear /= max(float(np.percentile(linear, 99.0)), 1e-6)
    return (np.clip(colour.encoded(linear), 0.0, 1.0) * 255.0 + 0.5).astype(np.uint8)


def laid_behind(pixels, photograph, opacity=1.0):
    """A picture with a photograph behind its cloud, as a screen shows both.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (height, width, 4)
        With the opacity of the cloud.
    photograph : ndarray of uint8, shape (rows, columns, 3)
        It fills the picture; what is over is cut off evenly.
    opacity : float, optional
        How much of what was behind the cloud it hides.

    Returns
    -------
    ndarray of uint8, shape (height, width, 4)
    """
    height, width = pixels.shape[:2]
    rows, columns = photograph.shape[:2]
    scale = min(columns / width, rows / height)
    left, top = (columns - width * scale) / 2.0, (rows - height * scale) / 2.0
    box = (left, top, left + width * scale, top + height * scale)
    there = Image.fromarray(photograph).resize((width, height), Image.Resampling.LANCZOS, box)
    share = opacity * (1.0 - pixels[..., 3:].astype(np.float32) / 255.0)
    colours = pixels[..., :3] * (1.0 - share) + np.asarray(there, np.float32) * share
    return np.concatenate([(colours + 0.5).astype(np.uint8), pixels[..., 3:]], axis=-1)
