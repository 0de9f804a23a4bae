"""Pictures out: PNG as a screen shows them, EXR in light, and films."""

import errno
import io
import pathlib
from fractions import Fraction

import numpy as np
from PIL import Image

from ... import __version__
from ..aside import put_in_place, write_whole
from ..light.picture.looks import looked, metered_as
from ..problems import Problem
from .carried import KEY, text_of
from .mattes import matte_channels
from .png import png_of

ANIMATED = {".webp": "WEBP", ".gif": "GIF", ".png": "PNG"}
"""Endings of animated pictures, and what Pillow calls them."""
FILMS = (".mp4", *ANIMATED)
"""Endings of films."""
QUALITY = "16"
"""Of H.264: a constant rate factor at which a slope of sky shows no bands."""

REC_709 = (0.64, 0.33, 0.30, 0.60, 0.15, 0.06, 0.3127, 0.3290)
"""Chromaticities of red, green, blue and white of all colours (ITU-R BT.709)."""
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
    kind = np.float16 if half else np.float32
    colours = still.radiance[..., :3] if sky else still.radiance[..., :3] - still.behind
    limit = 65_000.0 if half else np.inf
    channels = {name: np.ascontiguousarray(np.minimum(colours[..., n], limit).astype(kind)) for n, name in enumerate("RGB")}
    channels["A"] = np.ascontiguousarray(still.radiance[..., 3].astype(kind))
    if distance is not None:
        channels["Z"] = np.ascontiguousarray(np.where(np.isfinite(distance), distance, 1e10).astype(np.float32))
    if optical is not None:
        channels["optical_depth"] = np.ascontiguousarray(optical.astype(np.float32))
    said = {"comments": DENOISED} if still.denoised else {}
    _write_exr(path, {"": (channels, {**said, **(texts or {})})})


def _write_exr(path, parts):
    """An OpenEXR file: for each part its channels and what its header says."""
    import OpenEXR

    begun = {"compression": OpenEXR.ZIP_COMPRESSION, "type": OpenEXR.scanlineimage, "chromaticities": REC_709}
    made = [OpenEXR.Part({**begun, **said}, channels, name) for name, (channels, said) in parts.items()]
    with put_in_place(path) as aside, OpenEXR.File(made) as file:
        try:
            file.write(str(aside))
        except RuntimeError as error:
            raise OSError(errno.EIO, str(error)) from error


def layers_to(path, parts, camera, *, half=True, texts=None, frame=None, rate=None):
    """Write the layers of a picture as the parts of an OpenEXR file.

    Parameters
    ----------
    path : path-like
    parts : dict of str to dict
        See `core.engine.layers.layers_taken`.
    camera : Camera
        Whose matrices the header states.
    half : bool, optional
        16 bits for colours and opacity, else 32; all else has 32 in any case.
    texts : dict of str to str, optional
        Attributes of the first part's header.
    frame : int, optional
        Number of the picture, for a time code; with it `rate`, frames a second.

    Raises
    ------
    Problem
        If the file cannot be written; nothing half-written is left.
    """
    seen = {"worldToCamera": _world_to_camera(camera), "worldToNDC": _world_to_picture(camera)}
    if frame is not None:
        seen |= {"timeCode": _time_code(frame, rate), "frame": int(frame), "rate": float(rate)}
    found = {}
    for name, channels in parts.items():
        said = dict(seen) if found else {**seen, **(texts or {})}
        if "numbers" in channels:
            channels, manifest = matte_channels(name, **channels)
            said |= manifest
            written = channels
        else:
            narrow = half and "R" in channels
            kind, limit = (np.float16, 65_000.0) if narrow else (np.float32, np.inf)
            written = {key: np.ascontiguousarray(np.clip(values, -limit, limit).astype(kind)) for key, values in channels.items()}
        found[name] = written, said
    _write_exr(path, found)


def _world_to_camera(camera):
    """Matrix for row vectors, from metres of the world to those of the camera, which looks along -z with y up."""
    turn = np.stack([camera.right, camera.up, -camera.forward], axis=1)
    matrix = np.eye(4)
    matrix[:3, :3], matrix[3, :3] = turn, -camera.eye @ turn
    return matrix.astype(np.float32)


def _world_to_picture(camera):
    """Matrix for row vectors, from metres of the world to the picture, -1 to 1 across and up, after the division by the last."""
    wide, high = (0.5 * pixels * camera.spread for pixels in (camera.width, camera.height))
    near = 0.1
    lens = np.array([[1.0 / wide, 0, 0, 0], [0, 1.0 / high, 0, 0], [0, 0, -1.0, -1.0], [0, 0, -2.0 * near, 0]])
    return (_world_to_camera(camera).astype(np.float64) @ lens).astype(np.float32)


def _time_code(frame, rate):
    import OpenEXR

    whole = max(round(rate), 1)
    seconds, rest = divmod(max(int(frame), 0), whole)
    return OpenEXR.TimeCode(seconds // 3600 % 24, seconds // 60 % 60, seconds % 60, rest, *[False] * 6, *[0] * 8)


def texts_of(mound=None):
    """What the header of a picture says: by which program it is, and the mound that it shows, see `core.exchange.carried`.

    Parameters
    ----------
    mound : Mound, optional

    Returns
    -------
    dict of str to str
    """
    carried = text_of(mound) if mound is not None else ""
    return {"Software": f"Soft Mound {__version__}", **({KEY: carried} if carried else {})}


def write_picture(path, still, light, mound=None, plate=None, **options):
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
    plate : callable, optional
        Given the pixels of a PNG, those with a photograph behind the cloud; an EXR has its opacity for that.
    **options
        Of `exr_bytes_to`.

    Raises
    ------
    Problem
        For another ending, or if it cannot be written.
    """
    ending = pathlib.Path(path).suffix.lower()
    texts = texts_of(mound)
    if ending == ".png":
        write_whole(path, png_of(_with_plate(looked(still.radiance, light), plate), DENOISED if still.denoised else "", texts))
    elif ending == ".exr":
        exr_bytes_to(path, still, texts=texts, **options)
    else:
        raise Problem("{}: pictures are written as .png or .exr; give it one of these endings.", path)


def _with_plate(pixels, plate):
    return pixels if plate is None else plate(pixels)


def write_film(path, pictures, rate=24.0):
    """Write pictures as a film by its ending.

    Parameters
    ----------
    path : path-like
        With one of `FILMS`: .mp4 holds H.264, which goes through any player and any cutting room; the others are animated pictures.
    pictures : iterable of ndarray of uint8, shape (height, width, 3 or 4)
        All of one size; an .mp4 has even sides, and leaves out a last row or column that is odd.
    rate : float, optional
        Pictures a second.

    Raises
    ------
    Problem
        For another ending, or if it cannot be written; nothing half-written is left.
    """
    ending = pathlib.Path(path).suffix.lower()
    if ending not in FILMS:
        raise Problem("Films are written as {}, not as {}.", ", ".join(FILMS), ending or "a file without an ending")
    if ending == ".mp4":
        import av

        with put_in_place(path) as aside:
            try:
                _encode(aside, pictures, rate)
            except av.error.FFmpegError as error:
                raise OSError(error.errno or errno.EIO, str(error.strerror)) from error
        return
    frames = [Image.fromarray(np.ascontiguousarray(p[..., :3])) for p in pictures]
    stream = io.BytesIO()
    options = {"quality": 88, "method": 3} if ending == ".webp" else {}
    frames[0].save(stream, ANIMATED[ending], save_all=True, append_images=frames[1:], duration=round(1000.0 / rate), loop=0,
                   **options)
    write_whole(path, stream.getvalue())


def _encode(path, pictures, rate):
    """H.264 in MP4, picture by picture, so that a long film takes no memory; colours are stated, so that none shifts."""
    import av
    from av.video.reformatter import Colorspace

    with av.open(str(path), "w", format="mp4", options={"movflags": "faststart"}) as film:
        stream = None
        for picture in pictures:
            height, width = (side - side % 2 for side in picture.shape[:2])
            if stream is None:
                stream = film.add_stream("libx264", rate=Fraction(rate).limit_denominator(1001), options={"crf": QUALITY})
                stream.width, stream.height, stream.pix_fmt = width, height, "yuv420p"
                context = stream.codec_context
                context.colorspace, context.color_primaries, context.color_trc, context.color_range = 1, 1, 13, 1
            frame = av.VideoFrame.from_ndarray(np.ascontiguousarray(picture[:height, :width, :3]), "rgb24")
            frame = frame.reformat(format="yuv420p", dst_colorspace=Colorspace.ITU709)
            film.mux(stream.encode(frame))
        if stream is not None:
            film.mux(stream.encode())


def written_frames(path, stills, light, kind="png", rate=24.0, plate=None):
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
    plate : callable, optional
        See `write_picture`.

    Returns
    -------
    str
        What was written.
    """
    count = 0

    def lit():
        nonlocal count, light
        for number, still in stills:
            count += 1
            # One exposure for all, or what changes would not be seen.
            light = metered_as(light, still.radiance)
            yield number, still

    if path.suffix:
        write_film(path, (_with_plate(looked(still.radiance, light), plate) for _, still in lit()), rate)
    else:
        path.mkdir(exist_ok=True)
        for number, still in lit():
            write_picture(path / f"{path.name}.{number + 1:04d}.{kind}", still, light, plate=plate)
    return f"Taken: {count} pictures, {path}."
