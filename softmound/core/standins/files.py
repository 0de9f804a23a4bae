"""Stand-ins from files: models, and the meshes of a stage."""

import pathlib

from ..exchange.foreign import read_triangles
from ..exchange.forms import model_stand_in
from ..exchange.meshes import ENDINGS as OF_MODELS
from ..formation.stage_meshes import ENDINGS as OF_STAGES
from ..formation.stage_meshes import stand_ins_of_stage

ENDINGS = (*OF_MODELS, *OF_STAGES)


def stand_ins_of_file(path, unit="m", up="y", ticket=None):
    """What a file holds, as stand-ins where it has them.

    Parameters
    ----------
    path : path-like
        With one of `ENDINGS`.
    unit, up : str, optional
        Of a model's numbers; a stage says so itself.
    ticket : Ticket, optional

    Returns
    -------
    list of StandIn

    Raises
    ------
    Problem
        If it cannot be read, or holds no triangles.
    """
    path = pathlib.Path(path)
    if path.suffix.lower() in OF_STAGES:
        return stand_ins_of_stage(path)
    name = path.stem.replace("_", " ")[:80] or "Model"
    return [model_stand_in(read_triangles(path, ticket=ticket), name, unit, up)]
