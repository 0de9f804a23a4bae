"""Grids of others, taken into a library: checked, measured, pictured, and said to be what they are."""

import pathlib

from pydantic import ValidationError

from ..aside import shown
from ..engine.stages import Stages, picture
from ..exchange.numbered import RATE, Frames, files_of
from ..exchange.png import png_of
from ..exchange.stated import metadata_of, read_density
from ..light.scene.camera import fitted
from ..light.scene.scene import scene_of
from ..problems import Problem, sentence_for
from ..recipe import Light, Sky, View
from ..recipe.models import Mound
from ..volume.numbers import numbers_of
from .asset import THUMB, THUMB_PASSES, About, Moving, facts_of, fill_files, put_version
from .likeness import shape_of
from .placement import InFile


def adopt(path, library, name, *, source="", grid="density", unit=None, up=None, extinction=None, about=About(), tiers=(1,),
          frames=None, rate=RATE, ticket=None):
    """Take a grid of an OpenVDB file, or of numbered ones, into a library as a version, in metres with y up.

    Parameters
    ----------
    path : path-like
        With a run of ``#`` for the number where it is many frames, as ``storm.####.vdb``.
    library : path-like
    name : str
        Of the asset.
    source : str, optional
        Where it comes from.
    grid : str, optional
        Its name in the file.
    unit, up : str, optional
        Default what the file states, else metres and y.
    extinction : float, optional
        1/m at density 1; default what the file states, else that of a new mound.
    about : About, optional
    tiers : sequence of int, optional
    frames : (int, int), optional
        Of many, only those from and to.
    rate : float, optional
        Frames a second.
    ticket : Ticket, optional

    Returns
    -------
    pathlib.Path
        Folder of the new version. It has no recipe.

    Raises
    ------
    Problem
        If the file cannot be read or holds no density.
    """
    try:
        name = Mound(name=name).name
    except ValidationError as error:
        raise Problem(sentence_for(error, "the name of the asset")) from error
    moving, named = None, path
    if "#" in pathlib.Path(path).name:
        files, missing = files_of(path, *(frames or (None, None)))
        moving = Moving(Frames(min(files), max(files), rate, missing), lambda number: like_the_first(number))
        path = files[min(files)]
    elif frames is not None:
        raise Problem("{}: is one frame; give a run of # for the number, as storm.####.vdb.", shown(path))
    density, medium, _ = read_density(path, grid, unit, up, ticket)
    bounds = density.active_bounds()
    if bounds is None or not max(density.values.max(initial=0.0), density.tile_values.max(initial=0.0)) > 0.0:
        raise Problem("{}: its grid {!r} is empty; there is nothing to adopt.", shown(path), grid)
    medium = medium if extinction is None else medium.edited(extinction=extinction)
    light = Light(sky=Sky(kind="air"), medium=medium, metered=True)
    view = fitted(View(elevation=4.0), *(density.world(corner) for corner in bounds), *THUMB)
    mound = Mound(name=name, light=light)

    def like_the_first(number):
        frame = read_density(files[number], grid, unit, up, None)[0]
        if abs(frame.voxel - density.voxel) > 1e-4 * density.voxel:
            raise Problem("{}: has voxels of {:g} m where those of {} are {:g}; frames of one cloud have one voxel. Write them "
                          "alike, or adopt them apart.", shown(files[number]), frame.voxel, shown(path), density.voxel)
        return frame

    def fill(aside, names):
        png = png_of(picture(Stages(), scene_of(light, density, view=view), *THUMB, passes=THUMB_PASSES, ticket=ticket))
        (aside / "thumb.png").write_bytes(png)
        facts = facts_of(mound, density, density.voxel)
        facts.update(seeds=[], recipe="", adopted=pathlib.Path(named).name, source=source, shape=shape_of(density))
        facts["optical_depth"] = [round(depth, 4) for depth in numbers_of(density, medium.extinction).depth]
        fill_files(aside, names, density, facts, InFile(), metadata_of(name, medium, []), about, tiers, "", ticket, moving)

    return put_version(library, name, fill)
