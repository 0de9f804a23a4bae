"""The kinds of picture that can be taken of a mound: each with its files, its sentence, and how it is taken."""

from dataclasses import dataclass

from ..aside import write_whole
from ..exchange.pictures import FILMS, write_picture, written_frames
from ..exchange.png import png_of
from .stills import depths, frames_taken, sheet, sheet_of, still_of, sun_sweep, turntable


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
    still = still_of(stages, mound, grid, key, taking, ticket=ticket)
    options = {}
    if path.suffix.lower() == ".exr":
        options["distance"], options["optical"] = depths(stages, mound, grid, key, taking)
    write_picture(path, still, mound.light, mound, **options)
    return f"Taken: {path}."


def _turn(path, stages, mound, grid, key, taking, frames, ticket):
    return written_frames(path, frames_taken(stages, turntable(mound, frames), grid, key, taking, ticket), mound.light)


def _sweep(path, stages, mound, grid, key, taking, frames, ticket):
    sun = mound.light.sun
    suns = sun_sweep(mound, frames, (sun.azimuth, sun.elevation), (sun.azimuth, 0.0))
    return written_frames(path, frames_taken(stages, suns, grid, key, taking, ticket), mound.light)


def _sheet(path, stages, mound, grid, key, taking, _frames, ticket):
    write_whole(path, png_of(sheet(stages, mound, *sheet_of(mound), grid, key, taking, ticket)))
    return f"Taken: {path}."


TAKES = {
    "still": Take("Still", "A .png as it is seen here, or an .exr in linear light with opacity, distance and optical depth.",
                  (".png", ".exr"), False, _still),
    "turntable": Take("Turntable", "All round the cloud: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png "
                      "where the name has no ending.", FILMS, True, _turn),
    "sweep": Take("Sun sweep", "The sun from where it stands down to the horizon, as a film or a folder of pictures.",
                  FILMS, True, _sweep),
    "sheet": Take("Contact sheet", "Kept views, or four sides, side by side; below one another the sun in front, beside and "
                  "behind.", (".png",), False, _sheet),
}
"""By their words, in the order an artist sees them."""
