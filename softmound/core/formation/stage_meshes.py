"""Stand-ins as meshes of an OpenUSD stage, and meshes of a stage as stand-ins."""

import pathlib

import numpy as np

from ..aside import put_in_place, shown
from ..directions import rotation_matrix
from ..exchange.forms import model_stand_in
from ..exchange.meshes import MOST_TRIANGLES, Triangles, refuse_wild
from ..mass.mend import mended, open_edges
from ..problems import Problem
from ..recipe.standins import MOST_STAND_INS
from ..regular import opened

ENDINGS = (".usd", ".usda", ".usdc")
PURPOSES = {"seen": "default", "matte": "guide", "shadow": "guide", "hidden": "guide"}


def _pxr():
    try:
        from pxr import Gf, Sdf, Usd, UsdGeom, UsdShade, Vt
    except ImportError as error:
        raise Problem("For USD the package usd-core has to be installed.") from error
    return Gf, Sdf, Usd, UsdGeom, UsdShade, Vt


def lay_stand_ins(stage, top, stand_ins):
    """Describe stand-ins below a prim: a mesh each, with its transform and a material.

    Parameters
    ----------
    stage : Usd.Stage
        In metres, with y up.
    top : Sdf.Path
    stand_ins : sequence of StandIn
        Hidden ones are left out.

    Returns
    -------
    int
        How many.
    """
    from .stage import prim_name

    Gf, Sdf, Usd, UsdGeom, UsdShade, Vt = _pxr()
    there = [each for each in stand_ins if each.shown != "hidden"]
    if not there:
        return 0
    scope, names = UsdGeom.Scope.Define(stage, top.AppendChild("stand_ins")).GetPath(), {}
    for stand_in in there:
        vertices, faces = stand_in.triangles()
        mesh = UsdGeom.Mesh.Define(stage, scope.AppendChild(prim_name(stand_in.name, names)))
        mesh.CreatePointsAttr(Vt.Vec3fArray.FromNumpy(np.ascontiguousarray(vertices, np.float32)))
        mesh.CreateFaceVertexCountsAttr(Vt.IntArray.FromNumpy(np.full(len(faces), 3, np.int32)))
        mesh.CreateFaceVertexIndicesAttr(Vt.IntArray.FromNumpy(np.ascontiguousarray(faces, np.int32).reshape(-1)))
        mesh.CreateSubdivisionSchemeAttr("none")
        ends = vertices.min(axis=0).tolist(), vertices.max(axis=0).tolist()
        mesh.CreateExtentAttr(Vt.Vec3fArray([Gf.Vec3f(*end) for end in ends]))
        matrix = np.eye(4)
        matrix[:3, :3], matrix[3, :3] = rotation_matrix(stand_in.turn).T, stand_in.place
        mesh.AddTransformOp().Set(Gf.Matrix4d(*matrix.ravel().tolist()))
        mesh.CreatePurposeAttr(PURPOSES[stand_in.shown])
        mesh.GetPrim().SetCustomData({"softmound": {"kind": stand_in.kind, "shown": stand_in.shown}})
        material = UsdShade.Material.Define(stage, mesh.GetPath().AppendChild("material"))
        shader = UsdShade.Shader.Define(stage, material.GetPath().AppendChild("surface"))
        shader.CreateIdAttr("UsdPreviewSurface")
        shader.CreateInput("diffuseColor", Sdf.ValueTypeNames.Color3f).Set(Gf.Vec3f(*map(float, stand_in.colour)))
        shader.CreateInput("roughness", Sdf.ValueTypeNames.Float).Set(float(stand_in.roughness))
        material.CreateSurfaceOutput().ConnectToSource(shader.ConnectableAPI(), "surface")
        UsdShade.MaterialBindingAPI.Apply(mesh.GetPrim()).Bind(material)
    return len(there)


def write_stand_ins(path, stand_ins):
    """Write stand-ins as a stage of their own.

    Parameters
    ----------
    path : path-like
        One of `ENDINGS`.
    stand_ins : sequence of StandIn

    Raises
    ------
    Problem
        Where there are none, or it cannot be written.
    """
    if not [each for each in stand_ins if each.shown != "hidden"]:
        raise Problem("{}: there is no stand-in to be written; add one, or show one that is hidden.", shown(path))
    Gf, Sdf, Usd, UsdGeom, UsdShade, Vt = _pxr()
    with put_in_place(path) as aside:
        stage = Usd.Stage.CreateNew(str(aside))
        UsdGeom.SetStageUpAxis(stage, UsdGeom.Tokens.y)
        UsdGeom.SetStageMetersPerUnit(stage, 1.0)
        root = UsdGeom.Xform.Define(stage, "/things")
        stage.SetDefaultPrim(root.GetPrim())
        lay_stand_ins(stage, root.GetPath(), stand_ins)
        stage.GetRootLayer().Save()
        del stage


def stand_ins_of_stage(path):
    """Meshes of a stage as stand-ins.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    list of StandIn
        One for each mesh, where it stands.

    Raises
    ------
    Problem
        If it cannot be read, or holds no mesh.
    """
    Gf, Sdf, Usd, UsdGeom, UsdShade, Vt = _pxr()
    path = pathlib.Path(path)
    opened(path).close()  # a pipe or a device is refused here
    try:
        stage = Usd.Stage.Open(str(path))
    except Exception as error:  # of the library's own kinds
        raise Problem("{}: cannot be read as USD; check the file.", shown(path)) from error
    found = meshes_of(stage, path)
    if not found:
        raise Problem("{}: holds no mesh; there is nothing that could stand in.", shown(path))
    return found


def meshes_of(stage, path):
    """Meshes of an opened stage as stand-ins: see `stand_ins_of_stage`.

    Parameters
    ----------
    stage : Usd.Stage
    path : path-like
        For sentences.

    Returns
    -------
    list of StandIn
        None where there is no mesh; the first of too many.

    Raises
    ------
    Problem
        If one is broken.
    """
    Gf, Sdf, Usd, UsdGeom, UsdShade, Vt = _pxr()
    unit, up, found = UsdGeom.GetStageMetersPerUnit(stage), UsdGeom.GetStageUpAxis(stage), []
    for prim in stage.Traverse(Usd.TraverseInstanceProxies()):
        if not prim.IsA(UsdGeom.Mesh) or len(found) >= MOST_STAND_INS:
            continue
        mesh, place = UsdGeom.Mesh(prim), f"{shown(path)}, {prim.GetPath()}"
        points = np.array(mesh.GetPointsAttr().Get() or (), np.float64).reshape(-1, 3)
        faces = _triangles(np.array(mesh.GetFaceVertexCountsAttr().Get() or (), np.int64),
                           np.array(mesh.GetFaceVertexIndicesAttr().Get() or (), np.int64), len(points), place)
        if not len(faces):
            continue
        matrix = np.array(UsdGeom.Xformable(prim).ComputeLocalToWorldTransform(Usd.TimeCode.Default()))
        vertices = unit * (points @ matrix[:3, :3] + matrix[3, :3])
        try:
            refuse_wild(vertices)
            vertices, faces, facts = mended(vertices, faces)
        except Problem as problem:
            raise Problem("{}: {}", place, problem) from problem
        model = model_stand_in(Triangles(vertices, faces, facts, open_edges(faces).astype(np.int32)),
                               prim.GetName()[:80], "m", "z" if up == "Z" else "y")
        found.append(model.edited(**_look_of(prim, mesh, UsdShade)))
    return found


def _triangles(counts, indices, points, place):
    """Triangles of polygons, as fans: ndarray of int64, shape (m, 3)."""
    if counts.sum() != len(indices) or (counts < 0).any() or len(indices) and not 0 <= indices.min() <= indices.max() < points:
        raise Problem("{}: its polygons refer to points that are not there; export it again.", place)
    if len(indices) > 3 * MOST_TRIANGLES:
        raise Problem("{}: holds more than {:,} triangles; reduce them first.", place, MOST_TRIANGLES)
    begins, fans = np.cumsum(counts) - counts, np.maximum(counts - 2, 0)
    first = np.repeat(begins, fans)
    on = np.arange(fans.sum()) - np.repeat(np.cumsum(fans) - fans, fans)
    return np.stack([indices[first], indices[first + on + 1], indices[first + on + 2]], axis=-1).reshape(-1, 3)


def _look_of(prim, mesh, UsdShade):
    """Colour, roughness and how it is shown, as far as they are said."""
    look, said = {}, prim.GetCustomDataByKey("softmound") or {}
    if said.get("shown") in PURPOSES:
        look["shown"] = said["shown"]
    bound = UsdShade.MaterialBindingAPI(prim).ComputeBoundMaterial()[0]
    shader = bound.ComputeSurfaceSource()[0] if bound else None
    if shader:
        for name, field in (("diffuseColor", "colour"), ("roughness", "roughness")):
            given = shader.GetInput(name)
            value = given.Get() if given else None
            if value is not None:
                look[field] = _shares(value) if field == "colour" else _shares((value,))[0]
    elif (shade := mesh.GetDisplayColorAttr().Get()):
        look["colour"] = _shares(shade[0])
    return look


def _shares(values):
    return tuple(min(max(float(value), 0.0), 1.0) for value in values)
