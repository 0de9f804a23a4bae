"""Pictures out: PNG as a screen shows them, EXR in light, and short films."""

import errno
import io
import pathlib

import numpy as np
from PIL import Image

from ... import __version__
from ..aside import put_in_place, write_whole
from ..light.looks import held, looked
from ..problems import Problem
from .carried import KEY, text_of
from .png import png_of

FILMS = {".webp": "WEBP", ".gif": "GIF", ".png": "PNG"}
"""Endings of animated files, and what Pillow calls them."""

DENOISED = "denoised: not to be measured"
"""What a file says of a picture that a guess has been at."""


def exr_bytes_to(path, still, *, half=True, sky=False, distance=None, optical=None, texts=None):
    """Write a picture as OpenEXR in linear light, without exposure.

    Parameters
    ----------
    path : path-like
    still : Still
    half : bool, optional
        16 bits for colours and opacity, else 32; distances have 32 in any case.
    sky : bool, optional
        With the surroundings behind the cloud. Else colours are multiplied by opacity, ready to be laid over a plate.
    distance, optical : ndarray of float32, shape (height, width), optional
        Channels `Z` and `optical_depth`.
    texts : dict of str to str, optional
        Attributes of the header.

    Raises
    ------
    Problem
        If the file cannot be written; nothing half-written is left.
    """
    import OpenEXR

    kind = np.float16 if half else np.float32
    colours = still.radiance[..., :3] if sky else still.radiance[..., :3] - still.behind
    limit = 65_000.0 if half else np.inf
    channels = {name: np.ascontiguousarray(np.minimum(colours[..., n], limit).astype(kind)) for n, name in enumerate("RGB")}
    channels["A"] = np.ascontiguousarray(still.radiance[..., 3].astype(kind))
    if distance is not None:
        channels["Z"] = np.ascontiguousarray(np.where(np.isfinite(distance), distance, 1e10).astype(np.float32))
    if optical is not None:
        channels["optical_depth"] = np.ascontiguousarray(optical.astype(np.float32))
    header = {"compression": OpenEXR.ZIP_COMPRESSION, "type": OpenEXR.scanlineimage}
    if still.denoised:
        header["comments"] = DENOISED
    header.update(texts or {})
    with put_in_place(path) as aside, OpenEXR.File(header, channels) as file:
        try:
            file.write(str(aside))
        except RuntimeError as error:
            raise OSError(errno.EIO, str(error)) from error


def write_picture(path, still, light, mound=None, **options):
    """Write a picture by its ending.

    Parameters
    ----------
    path : path-like
        .png or .exr.
    still : Still
    light : Light
        Exposure and view transform, for PNG.
    mound : Mound, optional
        What it shows: carried along, see `core.exchange.carried`.
    **options
        Of `exr_bytes_to`.

    Raises
    ------
    Problem
        For another ending, or if it cannot be written.
    """
    ending = pathlib.Path(path).suffix.lower()
    carried = text_of(mound) if mound is not None else ""
    texts = {"Software": f"Soft Mound {__version__}", **({KEY: carried} if carried else {})}
    if ending == ".png":
        write_whole(path, png_of(looked(still.radiance, light), DENOISED if still.denoised else "", texts))
    elif ending == ".exr":
        exr_bytes_to(path, still, texts=texts, **options)
    else:
        raise Problem(f"{path}: pictures are written as .png or .exr; give it one of these endings.")


def film_bytes(pictures, ending, rate=24.0):
    """An animated file of pictures.

    Parameters
    ----------
    pictures : sequence of ndarray of uint8, shape (height, width, 3 or 4)
    ending : str
        One of `FILMS`.
    rate : float, optional
        Pictures a second.

    Returns
    -------
    bytes

    Raises
    ------
    Problem
        For another ending.
    """
    if ending not in FILMS:
        raise Problem(f"Films are written as {', '.join(FILMS)}, not as {ending or 'a file without an ending'}.")
    frames = [Image.fromarray(np.ascontiguousarray(p[..., :3])) for p in pictures]
    stream = io.BytesIO()
    options = {"quality": 88, "method": 3} if ending == ".webp" else {}
    frames[0].save(stream, FILMS[ending], save_all=True, append_images=frames[1:], duration=round(1000.0 / rate), loop=0,
                   **options)
    return stream.getvalue()


def written_frames(path, stills, light, kind="png", rate=24.0):
    """Write a sequence as a film, or as numbered pictures in a folder where the name has no ending.

    Parameters
    ----------
    path : pathlib.Path
    stills : iterable of (int, Still)
    light : Light
    kind : str, optional
        "png" or "exr", in a folder.
    rate : float, optional
        Pictures a second of a film.

    Returns
    -------
    str
        What was written.
    """
    film, pictures, count = path.suffix.lower(), [], 0
    if not film:
        path.mkdir(exist_ok=True)
    for number, still in stills:
        count += 1
        # One exposure for all, or what changes would not be seen.
        light = held(light, still.radiance)
        if film:
            pictures.append(looked(still.radiance, light))
        else:
            write_picture(path / f"{path.name}.{number + 1:04d}.{kind}", still, light)
    if film:
        write_whole(path, film_bytes(pictures, film, rate))
    return f"Taken: {count} pictures, {path}."
