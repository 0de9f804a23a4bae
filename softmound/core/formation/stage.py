"""A flock as an OpenUSD stage: volumes whose fields are OpenVDB files by relative path, instanced; a camera for each kept view; the
sun. And stages of anybody's read as flocks.
"""

import functools
import os
import pathlib

import numpy as np

from ..aside import put_in_place, shown
from ..directions import direction_of
from ..exchange.units import UNITS
from ..light.scene.camera import camera_of
from ..problems import Problem
from ..recipe.flock import MOST_MEMBERS, Asset, Flock
from .beside import all_in_files
from .stage_meshes import lay_stand_ins, meshes_of
from .standing import member_of, placing_of

ENDINGS = (".usda", ".usdc", ".usd")
FILM = 36.0
"""Width of the film back, mm."""


def _pxr():
    try:
        from pxr import Gf, Sdf, Usd, UsdGeom, UsdLux, UsdVol, Vt
    except ImportError as error:
        raise Problem("For USD the package usd-core has to be installed.") from error
    return Gf, Sdf, Usd, UsdGeom, UsdLux, UsdVol, Vt


def prim_name(name, taken):
    """Name of a prim that none beside it has.

    Parameters
    ----------
    name : str
    taken : dict of str to int
        Names so far, and how often each was asked for; added to.

    Returns
    -------
    str
    """
    plain = "".join(c if c.isascii() and c.isalnum() else "_" for c in name).strip("_") or "cloud"
    plain = plain if plain[0].isalpha() else f"cloud_{plain}"
    number, found = taken.get(plain, 0) + 1, plain
    while found in taken:
        # Counted on from the last of that name: thousands may have one.
        number += 1
        found = f"{plain}_{number}"
    taken[plain] = max(number - 1, taken.get(plain, 0))
    taken.setdefault(found, 0)
    return found


def write_stage(path, flock, sources, aspect=1.6):
    """Write a flock as a USD stage.

    Parameters
    ----------
    path : path-like
        One of `ENDINGS`.
    flock : Flock
    sources : dict of Asset to Source
    aspect : float, optional
        Width over height of its cameras' pictures.

    Returns
    -------
    dict
        Facts of what was written.

    Raises
    ------
    Problem
        If it cannot be written.
    """
    flock, sources = all_in_files(flock, sources, path)
    Gf, Sdf, Usd, UsdGeom, UsdLux, UsdVol, Vt = _pxr()
    with put_in_place(path) as aside:
        stage = Usd.Stage.CreateNew(str(aside))
        UsdGeom.SetStageUpAxis(stage, UsdGeom.Tokens.y)
        UsdGeom.SetStageMetersPerUnit(stage, 1.0)
        taken = {}
        root = UsdGeom.Xform.Define(stage, f"/{prim_name(flock.name, taken)}")
        stage.SetDefaultPrim(root.GetPrim())
        top = root.GetPath()
        # What is shown again and again is described once, where it is not drawn.
        shelf = stage.CreateClassPrim(top.AppendChild("assets"))
        names, prims = {}, {}
        used = [m.asset for m in flock.members if not m.hidden]
        for asset in dict.fromkeys(used):
            source = sources[asset]
            holder = UsdGeom.Xform.Define(stage, shelf.GetPath().AppendChild(prim_name(asset.name, names)))
            volume = UsdVol.Volume.Define(stage, holder.GetPath().AppendChild("volume"))
            field = UsdVol.OpenVDBAsset.Define(stage, volume.GetPath().AppendChild("density"))
            reduction = min(source.tiers)
            file = os.path.relpath(source.tiers[reduction], pathlib.Path(path).absolute().parent)
            field.CreateFilePathAttr(Sdf.AssetPath(file if file.startswith(".") else f"./{file}"))
            name = source.facts["grid"] if source.facts is not None else "density"
            field.CreateFieldNameAttr(name)
            volume.CreateFieldRelationship(name, field.GetPath())
            low, high = _in_file(source)
            volume.CreateExtentAttr(Vt.Vec3fArray([Gf.Vec3f(*low), Gf.Vec3f(*high)]))
            medium = source.medium
            for said, value in (("extinctionPerMetre", medium.extinction), ("albedo", medium.albedo)):
                volume.GetPrim().CreateAttribute(f"softmound:{said}", Sdf.ValueTypeNames.Float, custom=True).Set(float(value))
            prims[asset] = holder.GetPath()
        UsdGeom.Scope.Define(stage, top.AppendChild("members"))
        placed = _members(stage.GetRootLayer().GetPrimAtPath(top.AppendChild("members")), flock, sources, prims, Gf, Sdf, Vt)
        _cameras(stage, top, flock, aspect, Gf, UsdGeom)
        standing = lay_stand_ins(stage, top, flock.stand_ins)
        sun = UsdLux.DistantLight.Define(stage, top.AppendChild("sun"))
        sun.CreateIntensityAttr(float(flock.light.sun.strength))
        sun.CreateAngleAttr(0.53)
        _look_along(sun, -direction_of(flock.light.sun.azimuth, flock.light.sun.elevation), (0.0, 0.0, 0.0), Gf)
        stage.GetRootLayer().Save()
        del stage
    return {"file": str(path), "members": placed, "assets": len(prims), "cameras": 1 + len(flock.views),
            "stand_ins": standing}


def _members(scope, flock, sources, prims, Gf, Sdf, Vt):
    """Describe all members below a scope, and return how many.

    In the layer itself and all at once: a stage would put itself together anew after each.
    """
    names, count, order = {}, 0, Vt.TokenArray(["xformOp:transform"])
    with Sdf.ChangeBlock():
        for member in flock.members:
            if member.hidden:
                continue
            count += 1
            source = sources[member.asset]
            spec = Sdf.PrimSpec(scope, prim_name(member.name or member.asset.name, names), Sdf.SpecifierDef, "Xform")
            spec.referenceList.prependedItems = [Sdf.Reference(primPath=prims[member.asset])]
            spec.instanceable = True
            said = {word: value for word, value in (
                ("asset", member.asset.name), ("spread", member.spread), ("group", member.group)) if value}
            spec.customData = {"softmound": said}
            matrix = Gf.Matrix4d(*_rows(placing_of(member, source), source).ravel().tolist())
            for name, kind, value, more in (
                    ("xformOp:transform", Sdf.ValueTypeNames.Matrix4d, matrix, {}),
                    ("xformOpOrder", Sdf.ValueTypeNames.TokenArray, order, {"variability": Sdf.VariabilityUniform}),
                    ("softmound:density", Sdf.ValueTypeNames.Float, float(member.density), {}),
                    ("softmound:tint", Sdf.ValueTypeNames.Color3f, Gf.Vec3f(*member.tint), {})):
                attribute = Sdf.AttributeSpec(spec, name, kind, **more)
                attribute.default, attribute.custom = value, name.startswith("softmound:")
    return count


def _in_file(source):
    """Box of an asset in its file's own numbers."""
    if source.facts is None:
        return source.bounds
    from ..library.placement import in_file_of

    return in_file_of(source.facts).box(source.bounds)


def _rows(placing, source):
    """Matrix of a placing as USD has it, rows of axes, from the file's own numbers to the world's metres."""
    matrix = np.eye(4)
    matrix[:3, :3] = (placing.scale * placing.axes).T
    matrix[3, :3] = placing.place
    return _file_to_metres(source) @ matrix


def _file_to_metres(source):
    """The same from a file's numbers to metres, as the mound has it."""
    from ..library.placement import InFile, in_file_of

    said = InFile() if source.facts is None else in_file_of(source.facts)
    matrix = np.eye(4)
    matrix[:3, :3] = _to_metres(said.unit, said.up)
    matrix[3, :3] = said.at
    return matrix


def _to_metres(unit, up):
    """Rows of axes from a file's numbers to metres with y up."""
    return UNITS[unit] * (np.array([[1.0, 0.0, 0.0], [0.0, 0.0, -1.0], [0.0, 1.0, 0.0]]) if up == "z" else np.eye(3))


def _look_along(prim, forward, eye, Gf):
    forward = np.asarray(forward, float)
    right = np.cross(forward, (0.0, 1.0, 0.0))
    right = np.array([1.0, 0.0, 0.0]) if np.linalg.norm(right) < 1e-9 else right / np.linalg.norm(right)
    matrix = np.eye(4)
    matrix[:3, :3] = [right, np.cross(right, forward), -forward]
    matrix[3, :3] = eye
    prim.AddTransformOp().Set(Gf.Matrix4d(*matrix.ravel().tolist()))


def _cameras(stage, top, flock, aspect, Gf, UsdGeom):
    taken = {}
    for name, view in (("camera", flock.view), *((kept.name, kept.view) for kept in flock.views)):
        seen = camera_of(view, 1600, 1000)
        camera = UsdGeom.Camera.Define(stage, top.AppendChild(prim_name(f"camera_{name}" if taken else name, taken)))
        # Lengths of the lens are tenths of the stage's unit.
        camera.CreateFocalLengthAttr(view.focal / 100.0)
        camera.CreateHorizontalApertureAttr(FILM / 100.0)
        camera.CreateVerticalApertureAttr(FILM / 100.0 / aspect)
        camera.CreateClippingRangeAttr(Gf.Vec2f(0.1, 1e6))
        _look_along(camera, seen.forward, seen.eye, Gf)


def read_stage(path, name="Flock"):
    """Read the volumes of a USD stage as a flock.

    Parameters
    ----------
    path : path-like
    name : str, optional

    Returns
    -------
    Flock
        A member for each volume with an OpenVDB field, its file relative to the stage's folder; a stand-in for each mesh.

    Raises
    ------
    Problem
        If it cannot be read, or holds neither a volume nor a mesh.
    """
    Gf, Sdf, Usd, UsdGeom, UsdLux, UsdVol, Vt = _pxr()
    path = pathlib.Path(path)
    if not path.is_file():
        raise Problem("{}: there is no such file; check the name.", shown(path))
    try:
        stage = Usd.Stage.Open(str(path))
    except Exception as error:  # of the library's own kinds
        raise Problem("{}: cannot be read as USD; check the file.", shown(path)) from error
    unit, up = UsdGeom.GetStageMetersPerUnit(stage), UsdGeom.GetStageUpAxis(stage)
    members, measured = [], functools.cache(_measured)  # many stand there for one file
    for prim in stage.Traverse(Usd.TraverseInstanceProxies()):
        if not prim.IsA(UsdVol.Volume):
            continue
        for field_name, target in UsdVol.Volume(prim).GetFieldPaths().items():
            field = UsdVol.OpenVDBAsset(stage.GetPrimAtPath(target))
            if not field or str(field_name) != "density" and len(UsdVol.Volume(prim).GetFieldPaths()) > 1:
                continue
            file = field.GetFilePathAttr().Get()
            if not file:
                continue
            there = pathlib.Path(file.resolvedPath or path.parent / file.path)
            matrix = np.array(UsdGeom.Xformable(prim).ComputeLocalToWorldTransform(Usd.TimeCode.Default()))
            # An instance has its name from the prim that stands for it.
            owner = prim.GetParent() if prim.IsInstanceProxy() else prim
            file = os.path.relpath(there, path.absolute().parent)
            members.append(_member(owner.GetName(), file, matrix, unit, up, *measured(there)))
    standing = meshes_of(stage, path)
    if not members and not standing:
        raise Problem("{}: holds no volume with an OpenVDB file, and no mesh; there is nothing to place.", shown(path))
    return Flock(name=name, members=tuple(members[:MOST_MEMBERS]), stand_ins=tuple(standing))


def _measured(file):
    """Where the cloud of a file stands, in metres, and the axes of metres in the file's own numbers."""
    from ..exchange.stated import read_density

    grid, _, stated = read_density(file)
    low, high = (grid.world(corner) for corner in grid.active_bounds())
    base = np.array([(low[0] + high[0]) / 2.0, low[1], (low[2] + high[2]) / 2.0])
    return base, np.linalg.inv(_to_metres(stated["unit"], stated["up"])).T


def _member(name, file, matrix, unit, up, base, from_metres):
    from ..exchange.meshes import in_metres

    # The stage is about the file's own numbers, a member about metres.
    axes, place = matrix[:3, :3].T @ from_metres, matrix[3, :3]
    stands = axes @ base + place
    if up == "Z":
        axes = np.array([[1.0, 0.0, 0.0], [0.0, 0.0, 1.0], [0.0, -1.0, 0.0]]) @ axes
        stands = in_metres(stands[None], "m", "z")[0]
    return member_of(Asset(name=name[:80], file=file), name[:80], unit * axes, unit * stands)
