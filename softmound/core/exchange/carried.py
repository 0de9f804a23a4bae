"""The recipe that a picture carries in its metadata, so that what made it can be opened from it."""

import base64
import pathlib
import tempfile

from PIL import Image, UnidentifiedImageError

from ..aside import shown
from ..problems import Problem
from ..recipe.files import read_mound, write_mound
from ..regular import opened

KEY = "Soft Mound recipe"
"""Name of the text in a PNG, and of the attribute in an EXR."""
LARGEST_PICTURE, MOST_PIXELS = 2**31, 400_000_000
"""Bytes of a picture's file, and pixels in it, that are looked into."""
LARGEST = 8_000_000
"""Characters; a mound with large meshes is not carried."""


def text_of(mound):
    """A recipe as text of letters, for the metadata of a picture.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    str
        Its `.mound` file without snapshots and photographs, in base 64; empty where that is too large.
    """
    with tempfile.TemporaryDirectory() as folder:
        path = pathlib.Path(folder, "carried.mound")
        write_mound(path, mound.edited(snapshots=(), references=()))
        text = base64.b64encode(path.read_bytes()).decode("ascii")
    return text if len(text) <= LARGEST else ""


def mound_of_picture(path):
    """The recipe that a picture carries.

    Parameters
    ----------
    path : path-like
        A .png or .exr.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When it carries none, or cannot be read.
    """
    path = pathlib.Path(path)
    try:
        text = _of_exr(path) if path.suffix.lower() == ".exr" else _of_png(path)
    except (OSError, UnidentifiedImageError, RuntimeError, ValueError, SyntaxError, Image.DecompressionBombError) as error:
        raise Problem("{}: cannot be read as a picture ({}); check the file.", shown(path), error) from error
    if not text:
        raise Problem("{}: carries no recipe; only pictures that Soft Mound took of a mound do.", shown(path))
    try:
        data = base64.b64decode(text, validate=True)
    except ValueError as error:
        raise Problem("{}: the recipe in it is damaged; open the mound itself.", shown(path)) from error
    with tempfile.TemporaryDirectory() as folder:
        held = pathlib.Path(folder, "carried.mound")
        held.write_bytes(data)
        try:
            return read_mound(held)
        except Problem as problem:
            raise Problem(str(problem).replace(shown(held), shown(path))) from problem


def _of_png(path):
    with opened(path, LARGEST_PICTURE) as file, Image.open(file, formats=["PNG"]) as picture:
        if picture.width * picture.height > MOST_PIXELS:
            raise Problem("{}: is {:,} by {:,} pixels, more than a picture of ours can be; choose another.", shown(path),
                          picture.width, picture.height)
        picture.load()  # texts may stand behind the pixels
        return picture.text.get(KEY, "")


def _of_exr(path):
    import OpenEXR

    opened(path, LARGEST_PICTURE).close()  # a pipe or a device is refused here
    with OpenEXR.File(str(path), header_only=True) as file:
        return str(file.header().get(KEY, ""))
