"""The members of a flock as a plain JSON list, for whatever reads no USD."""

import json
import os
import pathlib

import numpy as np

from ..aside import shown, write_whole
from ..problems import Problem
from ..recipe.flock import MOST_MEMBERS, Asset, Flock
from ..recipe.flock_files import LARGEST
from ..regular import read_text
from ..standins.surfaces import surface_of
from .beside import all_in_files
from .standing import member_of, placing_of


def write_list(path, flock, sources):
    """Write where every member stands.

    Parameters
    ----------
    path : path-like
    flock : Flock
    sources : dict of Asset to Source

    Returns
    -------
    dict
        Facts of what was written.
    """
    flock, sources = all_in_files(flock, sources, path)
    folder, found = pathlib.Path(path).absolute().parent, []
    for member in flock.members:
        if member.hidden:
            continue
        source = sources[member.asset]
        placing, medium = placing_of(member, source), source.medium
        matrix = np.eye(4)
        matrix[:3, :3], matrix[:3, 3] = placing.scale * placing.axes, placing.place
        found.append({
            "name": member.name or member.asset.name, "asset": member.asset.name, "version": member.asset.version,
            "file": os.path.relpath(source.tiers[min(source.tiers)], folder),
            "grid": source.facts["grid"] if source.facts is not None else "density",
            "matrix": [[round(float(v), 9) for v in row] for row in matrix],
            "place": list(member.place), "extinction": medium.extinction * member.density, "tint": list(member.tint)})
    data = {"unit": "m", "up": "y", "members": found}
    if flock.stand_ins:
        data["stand_ins"] = [stand_in_facts(each) for each in flock.stand_ins]
    text = json.dumps(data, indent=1, ensure_ascii=False)
    write_whole(path, (text + "\n").encode())
    return {"file": str(path), "members": len(found)}


def stand_in_facts(stand_in):
    """A stand-in as plain facts.

    Parameters
    ----------
    stand_in : StandIn

    Returns
    -------
    dict
        Its name, kind, place, turn and size in metres and degrees, colour, and how it is shown.
    """
    corners = surface_of(stand_in).corners
    return {"name": stand_in.name, "kind": stand_in.kind, "place": list(stand_in.place), "turn": list(stand_in.turn),
            "size": [round(float(side), 4) for side in corners.max(axis=(0, 1)) - corners.min(axis=(0, 1))],
            "colour": list(stand_in.colour), "shown": stand_in.shown, "clears": stand_in.clears,
            "triangles": len(corners)}


def read_list(path, name="Flock"):
    """Read a list of members as a flock.

    Parameters
    ----------
    path : path-like
    name : str, optional

    Returns
    -------
    Flock

    Raises
    ------
    Problem
        One sentence on what is wrong with it, and with which member.
    """
    try:
        data = json.loads(read_text(path, LARGEST))
        rows = data["members"] if isinstance(data, dict) else data
    except OSError as error:
        raise Problem("{}: cannot be read ({}); check the name.", shown(path), error.strerror) from error
    except (ValueError, KeyError, RecursionError) as error:
        raise Problem("{}: is no list of members; each needs a matrix, a place, and a file or an asset.", shown(path)) from error
    members = []
    for number, row in enumerate(rows[:MOST_MEMBERS] if isinstance(rows, list) else ()):
        try:
            axes = np.array(row["matrix"], float)[:3, :3]
            own = bool(row.get("asset"))
            asset = Asset(name=row["asset"] if own else row.get("name") or "Cloud", version=row.get("version", 0) if own else 0,
                          file="" if own else row["file"])
            members.append(member_of(asset, row.get("name", ""), axes, row["place"],
                                     tint=tuple(row.get("tint", (1.0, 1.0, 1.0)))))
        except (KeyError, TypeError, ValueError, IndexError, ZeroDivisionError, np.linalg.LinAlgError) as error:
            words = " ".join(str(error).split())[:100]
            raise Problem("{}: member {} cannot be read ({}); it needs a matrix, a place, and a file or an "
                          "asset.", shown(path), number + 1, words) from error
    if not members:
        raise Problem("{}: lists no members.", shown(path))
    return Flock(name=name, members=tuple(members))
