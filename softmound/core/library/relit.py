"""Small pictures of published clouds in another light than they were published in, from their smallest tiers."""

from ..budget import remembered
from ..engine.stages import Stages, picture
from ..exchange.foreign import read_vdb
from ..light.lattices.coarse import QUICK, TINY
from ..light.scene.camera import fitted
from ..light.scene.scene import scene_of
from ..problems import Problem
from .likeness import within
from .placement import in_file_of
from .receiving import medium_of

SIZE = (300, 200)
"""Pixels, unless another size is asked for."""
SMALL = 240
"""Pixels of the width below which the coarsest lattices of light show nothing less."""
LONG = 110
"""Voxels along the longest axis that a small picture can show."""
PASSES = 2


@remembered
def _small(path, in_file):
    return within(in_file.read(read_vdb(path, in_file.name, inside=True)), LONG)


def made_ready(version, frame=None):
    """Read what a small picture of a version needs, where it is not in memory; what cannot be read is met by `relit`.

    Parameters
    ----------
    version : Version
    frame : int, optional
    """
    try:
        _small(str(version.vdb(max(version.tiers), frame)), in_file_of(version.facts))
    except Problem:
        return


def relit(version, light, view, ticket=None, frame=None, size=SIZE):
    """A small picture of a version.

    Parameters
    ----------
    version : Version
    light : Light
        But for the medium, which is the version's.
    view : View
        From where: only its azimuth, elevation and focal length count.
    ticket : Ticket, optional
    frame : int, optional
        Of a sequence; default its first.
    size : (int, int), optional
        Pixels.

    Returns
    -------
    ndarray of uint8, shape (height, width, 4)

    Raises
    ------
    Problem
        If its file cannot be read.
    """
    facts = version.facts
    grid = _small(str(version.vdb(max(version.tiers), frame)), in_file_of(facts))
    light = light.edited(medium=medium_of(facts), lamps=(), floor=light.floor.edited(kind="none"))
    bounds = grid.active_bounds()
    if bounds is None:
        raise Problem("{}: there is nothing in this frame.", version.folder)
    box = [grid.world(corner) for corner in bounds]
    scene = scene_of(light, grid, view=fitted(view, *box, *size))
    return picture(Stages(), scene, *size, passes=PASSES, fine=TINY if size[0] < SMALL else QUICK, ticket=ticket)
