"""The kinds of picture that can be taken of a mound: each with its files, its sentence, and how it is taken."""

from dataclasses import dataclass

from ..aside import write_whole
from ..exchange.pictures import FILMS, layers_to, texts_of, write_picture, written_frames
from ..exchange.png import png_of
from ..exchange.sequences import mound_at
from ..light.scene.camera import camera_of
from ..mass.velocity import velocity_at
from ..recipe.camera_path import seen_from
from .kept_stills import going_on
from .layers import USUAL, Motion, layers_taken
from .stills import frames_taken, scene_taken, sheet, sheet_of, still_of_scene, sun_sweep, turntable


@dataclass(frozen=True)
class Take:
    """A kind of picture.

    Attributes
    ----------
    label, sentence : str
    endings : tuple of str
        Of its files, the usual one first.
    frames : bool
        It is of many pictures, which also go into a folder under a name without an ending.
    write : callable
        ``write(path, stages, mound, grid, key, taking, frames, ticket)`` takes it and writes it; returns a sentence.
    counted : bool
        Of many pictures it can be said how many.
    """

    label: str
    sentence: str
    endings: tuple
    frames: bool
    write: callable
    counted: bool = True


def _still(path, stages, mound, grid, key, taking, _frames, ticket):
    scene, exr = scene_taken(stages, mound, grid, key, taking, ticket), path.suffix.lower() == ".exr"
    if exr and scene.clouds:
        write_layers(path, stages, scene, taking, taking.layers or USUAL, mound=mound, ticket=ticket)
    else:
        write_picture(path, still_of_scene(stages, scene, taking, ticket=ticket), mound.light, mound)
    return f"Taken: {path}."


def write_layers(path, stages, scene, taking, names, *, half=True, mound=None, motion=None, frame=None, ticket=None):
    """Take a picture in layers and write it.

    Parameters
    ----------
    path : path-like
        .exr.
    stages, scene, taking, names, motion, ticket
        As of `layers_taken`.
    half : bool, optional
        As of `layers_to`.
    mound : Mound, optional
        What it shows: carried along.
    frame : int, optional
        Of the mound's time line.

    Returns
    -------
    still : Still
    parts : list of str
        What the file holds.
    """
    still, parts = layers_taken(stages, scene, taking, names, motion=motion, frame=frame or 0, ticket=ticket)
    rate = mound.time.rate if mound is not None and mound.time is not None else 24.0
    layers_to(path, parts, camera_of(scene.seen_from, taking.width, taking.height), half=half, texts=texts_of(mound), frame=frame,
              rate=rate)
    return still, list(parts)


def _turn(path, stages, mound, grid, key, taking, frames, ticket):
    return _sequence(path, stages, turntable(mound, frames), grid, key, taking, ticket)


def _sweep(path, stages, mound, grid, key, taking, frames, ticket):
    sun = mound.light.sun
    suns = sun_sweep(mound, frames, (sun.azimuth, sun.elevation), (sun.azimuth, 0.0))
    return _sequence(path, stages, suns, grid, key, taking, ticket)


def _sequence(path, stages, mounds, grid, key, taking, ticket):
    with going_on(path, taking) as taking:
        return written_frames(path, frames_taken(stages, mounds, grid, key, taking, ticket), mounds[0].light)


def _sheet(path, stages, mound, grid, key, taking, _frames, ticket):
    write_whole(path, png_of(sheet(stages, mound, *sheet_of(mound), grid, key, taking, ticket)))
    return f"Taken: {path}."


def motion_of(moving, still, frame, width, height, folder="."):
    """How what a picture of a frame shows moves until the next one, or, of the last, since the one before.

    Parameters
    ----------
    moving : Mound
    still : Mound
        As it is at the frame.
    frame : int
    width, height : int
        Pixels.
    folder : path-like, optional
        Of the mound, for files of moving forms.

    Returns
    -------
    Motion or None
        None without a time line. Forms and the camera count; what grains do does not.
    """
    line = moving.time
    if line is None:
        return None
    step = 1 if frame < line.last else -1
    other = mound_at(seen_from(moving, frame + step), frame + step, folder)
    # In steps of one frame, so that the way back of the last counts forward.
    camera = camera_of(other.view, width, height)
    soft = max(still.mass.melt, 1e-3)
    return Motion(camera, lambda places: places + velocity_at(still.mass, other.mass, places, 1.0, soft), step)


TAKES = {
    "still": Take("Still", "A .png as it is seen here, or an .exr in linear light, with layers for compositing.",
                  (".png", ".exr"), False, _still),
    "turntable": Take("Turntable", "All round the cloud: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png "
                      "where the name has no ending.", FILMS, True, _turn),
    "sweep": Take("Sun sweep", "The sun from where it stands down to the horizon, as a film or a folder of pictures.",
                  FILMS, True, _sweep),
    "sheet": Take("Contact sheet", "Kept views, or four sides, side by side; below one another the sun in front, beside and "
                  "behind.", (".png",), False, _sheet),
}
"""By their words, in the order an artist sees them."""
