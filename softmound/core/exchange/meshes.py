"""Triangles from files, and into files: OBJ, PLY, STL, GLB, glTF, OFF."""

import json
import pathlib
import struct
import urllib.parse
from dataclasses import dataclass

import numpy as np

from ..aside import write_whole
from ..problems import Problem
from .units import UNITS

ENDINGS = (".obj", ".ply", ".stl", ".glb", ".gltf", ".off")
WRITTEN = (".obj", ".ply", ".stl", ".glb", ".off")
MOST_TRIANGLES = 5_000_000
FARTHEST = 1e9
"""Coordinates beyond this are no model."""


@dataclass(frozen=True, eq=False)
class Triangles:
    """A model as it came from a file, put in order.

    Attributes
    ----------
    vertices : ndarray of float64, shape (n, 3)
        In the file's unit and axes.
    faces : ndarray of int32, shape (m, 3)
    facts : dict of str to int
        As of `mended`.
    open : ndarray of int32, shape (k, 2)
        Its open edges.
    """

    vertices: np.ndarray
    faces: np.ndarray
    facts: dict
    open: np.ndarray

    @property
    def closed(self):
        """True when no edge is open."""
        return self.facts["open_edges"] == 0

    @property
    def said(self):
        """What was found and done, in short sentences."""
        facts = self.facts
        parts = [f"{facts['triangles']:,} triangles, " + (
            "closed" if self.closed else f"open: {facts['open_edges']:,} open edges around {facts['holes']:,} "
            f"hole{'s' if facts['holes'] != 1 else ''}")]
        for key, words in (("turned", "turned the right way round"), ("degenerate", "without area left out"),
                           ("duplicates", "duplicates left out"),
                           ("crossing", "cross others; what any of them encloses is inside")):
            if facts[key] > 0:
                parts.append(f"{facts[key]:,} {words}")
        if facts["crossing"] < 0:
            parts.append("whether triangles cross was not looked for")
        return "; ".join(parts) + "."


def in_metres(vertices, unit="m", up="y"):
    """Positions in metres with y up.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    unit : str, optional
        One of `units.UNITS`.
    up : str, optional
        "y", or "z" for files where z is up.

    Returns
    -------
    ndarray of float64, shape (n, 3)
    """
    out = np.asarray(vertices, np.float64) * UNITS[unit]
    if up == "z":
        out = np.stack([out[:, 0], out[:, 2], -out[:, 1]], axis=1)
    return out


def from_metres(points, unit="m", up="y"):
    """Positions in a file's unit and axes: undoes `in_metres`.

    Parameters
    ----------
    points : ndarray of float, shape (n, 3)
    unit, up : str, optional

    Returns
    -------
    ndarray of float64, shape (n, 3)
    """
    out = np.asarray(points, np.float64) / UNITS[unit]
    if up == "z":
        out = np.stack([out[:, 0], -out[:, 2], out[:, 1]], axis=1)
    return out


def triangles_of_file(path):
    """Read and mend a model. Foreign files go through `foreign.read_triangles` instead.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    Triangles

    Raises
    ------
    Problem
        One sentence without the file's name.
    """
    import trimesh

    path = pathlib.Path(path)
    _refuse_references(path)
    loaded = trimesh.load(str(path), force="mesh", process=False, skip_materials=True)
    faces = np.asarray(getattr(loaded, "faces", np.empty((0, 3))), np.int64)
    vertices = np.asarray(getattr(loaded, "vertices", np.empty((0, 3))), np.float64)
    if not len(faces):
        raise Problem("holds no triangles; choose a file with a surface, or import it as points.")
    if len(faces) > MOST_TRIANGLES:
        raise Problem("holds {:,} triangles, more than {:,}; reduce them first.", len(faces), MOST_TRIANGLES)
    if faces.min() < 0 or faces.max() >= len(vertices):
        raise Problem("a triangle refers to vertex {} of {}; export the file again.", int(faces.max()), len(vertices))
    refuse_wild(vertices)
    from ..mass.mend import mended, open_edges

    vertices, faces, facts = mended(vertices, faces)
    if not len(faces):
        raise Problem("all its triangles are without area; choose another file.")
    return Triangles(vertices, faces, facts, open_edges(faces).astype(np.int32))


def refuse_wild(positions):
    """Raise when coordinates are no numbers, or absurd.

    Parameters
    ----------
    positions : ndarray of float, shape (n, 3)

    Raises
    ------
    Problem
        Without the file's name.
    """
    wild = int((~np.isfinite(positions)).any(axis=1).sum())
    if wild:
        raise Problem("{:,} of its {:,} positions are not finite numbers; export the file again.", wild, len(positions))
    if len(positions) and np.abs(positions).max() > FARTHEST:
        raise Problem("its coordinates reach {:.3g}; scale it to something real first.", np.abs(positions).max())


def _refuse_references(path):
    """A glTF may only name files in its own folder."""
    if path.suffix.lower() == ".gltf":
        tree = json.loads(path.read_text(encoding="utf-8"))
    elif path.suffix.lower() == ".glb":
        with open(path, "rb") as file:
            head = file.read(20)
            if len(head) < 20 or head[:4] != b"glTF":
                raise Problem("is no GLB file; export it again.")
            tree = json.loads(file.read(struct.unpack("<I", head[12:16])[0]))
    else:
        return
    if not isinstance(tree, dict):
        raise Problem("is no glTF file; export it again.")
    for part in (*tree.get("buffers", ()), *tree.get("images", ())):
        uri = urllib.parse.unquote(str(part.get("uri", "")))
        if uri.startswith("data:") or not uri:
            continue
        inside = (path.parent / uri).resolve()
        if ":" in uri or uri.startswith(("/", "\\")) or path.parent.resolve() not in inside.parents:
            raise Problem("refers to {!r} outside its folder; it is not opened.", uri)


def write_mesh(path, vertices, faces):
    """Write triangles as OBJ, PLY, STL, GLB or OFF, by the file's ending.

    Parameters
    ----------
    path : path-like
    vertices : ndarray of float, shape (n, 3)
        Metres.
    faces : ndarray of int, shape (m, 3)

    Raises
    ------
    Problem
        For another ending, or when the file cannot be written.
    """
    import trimesh

    path = pathlib.Path(path)
    ending = path.suffix.lower()
    if ending not in WRITTEN:
        raise Problem("{}: meshes are written as .obj, .ply, .stl, .glb or .off; choose one of these.", path)
    mesh = trimesh.Trimesh(vertices, faces, process=False)
    content = mesh.export(file_type=ending[1:])
    write_whole(path, content.encode() if isinstance(content, str) else content)
