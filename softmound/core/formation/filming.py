"""Pictures of a flock: one, or those along a path through its kept views."""

import numpy as np

from ..engine.kept_stills import going_on
from ..engine.layers import USUAL
from ..engine.stages import Stages
from ..engine.stills import still_of_scene
from ..engine.takes import Take, write_layers
from ..exchange.photographs import laid_behind
from ..exchange.pictures import FILMS, write_picture, written_frames
from ..light.picture.looks import metered_as
from ..problems import Problem
from ..recipe import View
from .plate import photograph_of
from .standing import scene_of_flock


def path_of(views, count):
    """Views along a path that passes through each of some, at rest at both ends.

    Parameters
    ----------
    views : sequence of View
        Two at least; each part takes as long.
    count : int

    Returns
    -------
    list of View
        The first and the last are the ends. Directions turn the short way round, distances and focal lengths change by equal
        factors; between views the path is eased by the cubic whose slope at each is that between its neighbours (Catmull and Rom
        1974, A class of local interpolating splines).
    """
    rows = [[view.azimuth, view.elevation, np.log(view.distance), *view.target, np.log(view.focal)] for view in views]
    numbers = np.array(rows)
    numbers[:, 0] = np.degrees(np.unwrap(np.radians(numbers[:, 0])))
    slopes = np.zeros_like(numbers)
    slopes[1:-1] = (numbers[2:] - numbers[:-2]) / 2.0
    found = []
    for at in np.linspace(0.0, len(views) - 1, count):
        n = min(int(at), len(views) - 2)
        t = at - n
        a, b, c, d = 2 * t**3 - 3 * t**2 + 1, t**3 - 2 * t**2 + t, 3 * t**2 - 2 * t**3, t**3 - t**2
        row = a * numbers[n] + b * slopes[n] + c * numbers[n + 1] + d * slopes[n + 1]
        found.append(View(azimuth=float((row[0] + 180.0) % 360.0 - 180.0), elevation=float(np.clip(row[1], -89.0, 89.0)),
                          distance=float(np.exp(row[2])), target=tuple(float(v) for v in row[3:6]), focal=float(np.exp(row[6])),
                          aspect=views[n].aspect))
    return found


def plate_behind(flock, folder=".", ticket=None):
    """What lays the flock's plate behind its clouds.

    Parameters
    ----------
    flock : Flock
    folder : path-like, optional
        Of the flock.
    ticket : Ticket, optional

    Returns
    -------
    callable or None
        Given pixels of a picture, those with the plate behind; None where the flock has none that is seen.

    Raises
    ------
    Problem
        If it is not there or is no picture.
    """
    plate = flock.plate
    if plate is None or plate.hidden:
        return None
    photograph = photograph_of(plate, folder, ticket)
    return lambda pixels: laid_behind(pixels, photograph, plate.opacity)


def take_picture(path, flock, sources, taking, view=None, folder=".", ticket=None, layers=None):
    """Take one picture of a flock and write it.

    Parameters
    ----------
    path : path-like
        .png, or .exr in linear light with the opacity of the clouds.
    flock : Flock
    sources : dict of Asset to Source
    taking : Taking
    view : View, optional
        Default the flock's.
    folder : path-like, optional
        Of the flock, for its plate.
    ticket : Ticket, optional
    layers : callable, optional
        Given the scene, which layers an OpenEXR file is to hold: see `core.engine.layers`.

    Returns
    -------
    (Scene, Still)

    Raises
    ------
    Problem
        When it has nothing to be seen, does not fit into memory, or the picture cannot be written.
    """
    _told(ticket, 0.0, 0.2, "reading the grids")
    plate = plate_behind(flock, folder, None if ticket is None else ticket.quiet())
    scene = scene_of_flock(flock, sources, taking.width, taking.height, view)
    _told(ticket, 0.2, 1.0, "taking the picture")
    if layers is not None:
        return scene, write_layers(path, Stages(), scene, taking, layers(scene), ticket=ticket)[0]
    still = still_of_scene(Stages(), scene, taking, ticket=ticket)
    write_picture(path, still, metered_as(scene.light, still.radiance), plate=plate)
    return scene, still


def take_film(path, flock, sources, taking, frames, folder=".", kind="png", rate=24.0, ticket=None):
    """Take the pictures along the path through the kept views of a flock.

    Parameters
    ----------
    path : pathlib.Path
        A film, or a folder for numbered pictures.
    flock : Flock
        With two kept views at least.
    sources : dict of Asset to Source
    taking : Taking
    frames : int
    folder : path-like, optional
        Of the flock, for its plate.
    kind : str, optional
        "png" or "exr", in a folder.
    rate : float, optional
        Pictures a second.
    ticket : Ticket, optional

    Returns
    -------
    str
        What was written.

    Raises
    ------
    Problem
        As of `take_picture`, or with fewer than two kept views.
    """
    if len(flock.views) < 2:
        raise Problem("{}: a film needs two kept views at least, to go from one to the next.", flock.name)
    stages, plate = Stages(), plate_behind(flock, folder)

    def stills():
        for number, view in enumerate(path_of([kept.view for kept in flock.views], frames)):
            _told(ticket, number / frames, (number + 1) / frames, f"picture {number + 1} of {frames}")
            scene = scene_of_flock(flock, sources, taking.width, taking.height, view)
            yield number, still_of_scene(stages, scene, taking, number, ticket)

    with going_on(path, taking) as taking:
        return written_frames(path, stills(), flock.light, kind, rate, plate)


def _told(ticket, begin, end, words):
    if ticket is not None:
        ticket.step(begin, end, words)


def _still(path, flock, sources, taking, _frames, folder, ticket):
    layers = (lambda scene: taking.layers or USUAL) if path.suffix.lower() == ".exr" else None
    take_picture(path, flock, sources, taking, folder=folder, ticket=ticket, layers=layers)
    return f"Taken: {path}."


def _film(path, flock, sources, taking, frames, folder, ticket):
    return take_film(path, flock, sources, taking, frames, folder, ticket=ticket)


TAKES = {
    "still": Take("Still", "A .png as it is seen here, or an .exr in linear light with opacity.", (".png", ".exr"), False, _still),
    "film": Take("Film", "Along a path through the kept views, at rest at both ends: a film (.mp4, or .webp, .gif, .png), or a "
                 "folder of numbered .png where the name has no ending.", FILMS, True, _film),
}
"""Kinds of picture of a flock; they are written by ``write(path, flock, sources, taking, frames, folder, ticket)``."""
