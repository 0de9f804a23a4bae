"""Files and words that mean no good, made on the fly: what they are called, what they are, and the command that meets them.

Used by the tests, in one process, and by `./run bench damaged`, each in a process of its own.
"""

import io
import json
import os
import pathlib
import shutil
import struct
import zipfile
import zlib
from dataclasses import dataclass

import numpy as np

from softmound.core.growth.growing import grown
from softmound.core.library.asset import publish
from softmound.core.library.folders import FACTS, seal_of
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.volume import Volume
from softmound.core.recipe import Arrays, write_mound
from softmound.core.recipe.files import mound_json
from softmound.core.recipe.time import Growth
from softmound.core.volume.reference import vdb
from tests.scenes import ball_mound


@dataclass(frozen=True)
class Try:
    """One try.

    Attributes
    ----------
    name : str
    command : list of str
        Words of the command.
    answers : bool
        Whether it may end well: what it is given is odd, but means something.
    small_disk : bool
        It is run where no file can be larger than 60 kB.
    """

    name: str
    command: list
    answers: bool = False
    small_disk: bool = False


def tries(folder):
    """Make all files and say what is to be done with them.

    Parameters
    ----------
    folder : path-like
        Empty.

    Returns
    -------
    list of Try
    """
    folder = pathlib.Path(folder)
    mound = folder / "bun.mound"
    write_mound(mound, ball_mound())
    return [*_volumes(folder), *_recipes(folder), *_models(folder), *_points(folder), *_words(folder, mound), *_assets(folder),
            *_reaching(folder), *_growths(folder), *_flocks(folder), *_no_files(folder), *_numbers(folder, mound)]


# -- OpenVDB -----------------------------------------------------------------------------------------


def _fog(*, voxel=1.0, size=12, name="density"):
    grid = vdb.FloatGrid()
    cube = np.random.default_rng(1).random((size,) * 3).astype(np.float32)
    grid.copyFromArray(cube)
    grid.name, grid.gridClass = name, vdb.GridClass.FOG_VOLUME
    grid.transform = vdb.createLinearTransform(voxelSize=voxel)
    return grid


def _written(path, *grids):
    vdb.write(str(path), grids=list(grids))
    return str(path)


def _volumes(folder):
    whole = pathlib.Path(_written(folder / "whole.vdb", _fog(size=24))).read_bytes()
    dice = np.random.default_rng(7)
    for n in range(12):
        path = folder / f"cut{n}.vdb"
        path.write_bytes(whole[: len(whole) * n // 12])
        yield Try(f"OpenVDB cut off at {n} twelfths", ["info", str(path)])
    for n in range(16):
        flipped = bytearray(whole)
        for at in dice.integers(8, 700 if n < 9 else len(whole), 4):
            flipped[at] ^= 1 << int(dice.integers(8))
        path = folder / f"flip{n}.vdb"
        path.write_bytes(flipped)
        yield Try(f"OpenVDB with four bits turned, {n}", ["info" if n % 2 else "mesh", str(path), *(
            [] if n % 2 else ["--out", str(folder / f"flip{n}.obj")])], answers=True)
    for word, value in (("NaN", np.nan), ("infinite", np.inf), ("minus infinite", -np.inf)):
        grid = _fog()
        grid.fill((3, 3, 3), (4, 4, 4), value)
        path = _written(folder / f"{word.split()[-1]}{len(word)}.vdb", grid)
        for command in (["picture", path, "--out", str(folder / "w.png"), "--size", "64x40"],
                        ["slice", path, "--at", "3", "--out", str(folder / "w.png")],
                        ["mesh", path, "--out", str(folder / "w.obj")]):
            yield Try(f"OpenVDB with {word} voxels: {command[0]}", command)
    tile = _fog()
    tile.fill((0, 0, 0), (4095, 4095, 4095), 1.0)
    path = _written(folder / "tile.vdb", tile)
    yield Try("OpenVDB of one tile of 4,096 voxels a side: info", ["info", path], answers=True)
    yield Try("OpenVDB of one tile of 4,096 voxels a side: mesh", ["mesh", path, "--out", str(folder / "tile.obj")])
    yield Try("OpenVDB of one tile of 4,096 voxels a side: picture", ["picture", path, "--out", str(folder / "tile.png")])
    strewn = vdb.FloatGrid()
    strewn.name, strewn.gridClass = "density", vdb.GridClass.FOG_VOLUME
    for at in dice.integers(-400_000, 400_000, (300, 3)).tolist():
        strewn.fill(tuple(at), tuple(at), 1.0)
    path = _written(folder / "strewn.vdb", strewn)
    yield Try("OpenVDB of voxels strewn over a box of 800,000: info", ["info", path], answers=True)
    yield Try("OpenVDB of voxels strewn over a box of 800,000: mesh", ["mesh", path, "--out", str(folder / "strewn.obj")],
              answers=True)
    for voxel in (1e-3, 1e-2, 1e12, 1e30):
        path = _written(folder / f"voxel{voxel:g}.vdb", _fog(voxel=voxel))
        yield Try(f"OpenVDB with voxels of {voxel:g}: picture", ["picture", path, "--out", str(folder / "v.png"), "--size",
                                                                 "64x40"], answers=True)
        yield Try(f"OpenVDB with voxels of {voxel:g}, combined",
                  ["combine", str(folder / "whole.vdb"), path, "--out", str(folder / "v.vdb")], answers=True)
    twice = [str(folder / "whole.vdb")] * 2
    yield Try("combined at a voxel far too small", ["combine", *twice, "--voxel", "0.005", "--out", str(folder / "c.vdb")])
    wind = vdb.Vec3SGrid()
    wind.name = "density"
    wind.fill((0, 0, 0), (3, 3, 3), (1.0, 2.0, 3.0))
    path = _written(folder / "wind.vdb", wind)
    yield Try("OpenVDB of vectors", ["picture", path, "--out", str(folder / "w.png")])
    turned = _fog()
    turned.transform.rotate(0.3, vdb.Axis.Y)
    yield Try("OpenVDB that is turned", ["mesh", _written(folder / "turned.vdb", turned), "--out", str(folder / "t.obj")])
    empty = vdb.FloatGrid()
    empty.name = "density"
    path = _written(folder / "empty.vdb", empty)
    yield Try("an empty grid: picture", ["picture", path, "--out", str(folder / "e.png")])
    yield Try("an empty grid: slice", ["slice", path, "--at", "0", "--out", str(folder / "e.png")])
    yield Try("a cut beside the cloud", ["slice", str(folder / "whole.vdb"), "--at", "900", "--out", str(folder / "e.png")])
    yield Try("two grids of one name", ["info", _written(folder / "twice.vdb", _fog(), _fog(size=9))], answers=True)
    for name, content in (("nothing", b""), ("text", b"hello" * 99), ("a number only", b" BDV\x00\x00\x00\x00")):
        path = folder / f"{name.split()[0]}.vdb"
        path.write_bytes(content)
        yield Try(f"OpenVDB that is {name}", ["info", str(path)])


# -- mounds ------------------------------------------------------------------------------------------


def _zipped(path, recipe, arrays=()):
    """A mound whose members are whatever they are."""
    with zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED) as archive:
        archive.writestr("mound.json", recipe if isinstance(recipe, (str, bytes)) else json.dumps(recipe))
        for name, array in arrays:
            buffer = io.BytesIO()
            np.save(buffer, array, allow_pickle=True)
            archive.writestr(name, buffer.getvalue())
    return str(path)


def _with(form):
    mound = ball_mound()
    return mound.edited(mass=mound.mass.edited(forms=(form,)))


def _made_otherwise(folder, name, form, **other):
    """A mound whose form holds other arrays than its recipe was made for, under a key that fits them."""
    arrays = next(part for part in dict(form).values() if isinstance(part, Arrays))
    changed = Arrays(**{**{n: arrays[n] for n in arrays}, **other})
    text = mound_json(_with(form)).replace(arrays.key, changed.key)
    return _zipped(folder / f"{name}.mound", text, [(f"arrays/{changed.key}.{n}.npy", changed[n]) for n in changed])


def _forms():
    mesh = Mesh(surface=Arrays(vertices=np.array([[0, 0, 0], [9, 0, 0], [0, 9, 0], [0, 0, 9]], np.float32),
                               faces=np.array([[0, 2, 1], [0, 1, 3], [0, 3, 2], [1, 2, 3]], np.int32)))
    points = Points(cloud=Arrays(positions=np.random.default_rng(1).random((20, 3)).astype(np.float32) * 20,
                                 radii=np.ones(20, np.float32)))
    volume = Volume(grid=Arrays(
        coords=np.array([[0, 0, 0]], np.int32), values=np.ones((1, 512), np.float32), tiles=np.zeros((0, 3), np.int32),
        tile_values=np.zeros(0, np.float32), about=np.array([1.0, 0.0, 0.0, 0.0, 0.0])))
    return mesh, points, volume


def _recipes(folder):
    whole = (folder / "bun.mound").read_bytes()
    dice = np.random.default_rng(3)

    def build(name, path, answers=False):
        return Try(name, ["build", str(path), "--out", str(folder / "m.vdb"), "--force", "--voxel", "1"], answers)

    for n in range(8):
        path = folder / f"cut{n}.mound"
        path.write_bytes(whole[: len(whole) * n // 8])
        yield build(f"mound cut off at {n} eighths", path)
    for n in range(10):
        flipped = bytearray(whole)
        for at in dice.integers(0, len(whole), 3):
            flipped[at] ^= 1 << int(dice.integers(8))
        path = folder / f"flip{n}.mound"
        path.write_bytes(flipped)
        yield build(f"mound with three bits turned, {n}", path, answers=True)
    recipe = json.loads(mound_json(ball_mound()))
    for name, text in (
        ("of no JSON", "{"), ("of a list", "[]"), ("of deep brackets", "[" * 100_000), ("of NaN", '{"format": 6, "name": NaN}'),
        ("of an endless number", '{"format": ' + "9" * 5000 + "}"), ("of the future", '{"format": 99}'),
        ("with a field unknown", json.dumps({**recipe, "sugar": 1})), ("with bad letters", b"\xff\xfe{}"),
        ("named with a line end", json.dumps({**recipe, "name": "a\nb"})),
        ("of grains that are a word", json.dumps({**recipe, "grains": "many"})),
    ):
        yield build(f"mound {name}", _zipped(folder / f"json{len(name)}.mound", text))
    mesh, points, volume = _forms()
    vertices, faces = mesh.surface["vertices"], mesh.surface["faces"]
    for name, form, other in (
        ("a triangle of no vertex", mesh, {"faces": np.array([[0, 1, 9]], np.int32)}),
        ("a triangle of vertex -1", mesh, {"faces": np.array([[0, 1, -1]], np.int32)}),
        ("NaN vertices", mesh, {"vertices": vertices * np.nan}), ("vertices 1e9 m away", mesh, {"vertices": vertices * 1e9}),
        ("vertices of two numbers", mesh, {"vertices": vertices[:, :2]}), ("vertices that are words", mesh,
                                                                        {"vertices": np.array([["a"] * 3] * 4)}),
        ("vertices in complex numbers", mesh, {"vertices": vertices.astype(complex)}),
        ("triangles in fractions", mesh, {"faces": faces.astype(np.float32)}), ("one array too many", mesh, {"sugar": vertices}),
        ("no vertex at all", mesh, {"vertices": vertices[:0]}),
        ("points at 1e21", points, {"positions": points.cloud["positions"] * 1e21}),
        ("infinite points", points, {"positions": points.cloud["positions"] + np.inf}),
        ("radii for half of the points", points, {"radii": np.ones(10, np.float32)}),
        ("radii below 0", points, {"radii": -np.ones(20, np.float32)}), ("radii of NaN", points, {"radii": np.full(20, np.nan)}),
        ("a volume of voxels of 0", volume, {"about": np.zeros(5)}),
        ("a volume of voxels of 1e-30", volume, {"about": np.array([1e-30, 0.0, 0.0, 0.0, 0.0])}),
        ("a volume 1e9 m away", volume, {"about": np.array([1.0, 0.0, 1e9, 0.0, 0.0])}),
        ("a volume with NaN", volume, {"values": np.full((1, 512), np.nan, np.float32)}),
        ("bricks of 100 voxels", volume, {"values": np.ones((1, 100), np.float32)}),
        ("a brick without values", volume, {"coords": np.zeros((2, 3), np.int32)}),
        ("a brick there twice", volume, {"coords": np.zeros((2, 3), np.int32), "values": np.ones((2, 512), np.float32)}),
        ("a brick at 2e9", volume, {"coords": np.full((1, 3), 2**31 - 9, np.int32)}),
    ):
        yield build(f"mound with {name}", _made_otherwise(folder, f"arrays{len(name)}{form.kind}", form, **other))
    yield build("mound whose array is not there", _zipped(folder / "none.mound", mound_json(_with(mesh))))
    key = mesh.surface.key
    yield build("mound whose array is another", _zipped(folder / "other.mound", mound_json(_with(mesh)), [
        (f"arrays/{key}.vertices.npy", vertices + 1), (f"arrays/{key}.faces.npy", faces)]))
    yield build("mound with an object in it", _zipped(folder / "object.mound", mound_json(_with(mesh)), [
        (f"arrays/{key}.vertices.npy", np.array([{}, 1], object))]))
    for name in ("../out.txt", "/etc/passwd", "arrays/x.npy", "mound.json.bak"):
        yield build(f"mound with the member {name}", _zipped(folder / f"member{len(name)}.mound", mound_json(ball_mound()),
                                                            [(name, vertices)]))
    yield build("mound that says it unpacks to eleven gigabytes", _bomb(folder, 12, 900 * 2**20))
    yield build("mound that says it unpacks to a terabyte", _bomb(folder, 1, 2**30 * 900))
    yield build("mound with a trail of 50 km", _trail(folder))


def _bomb(folder, count, size):
    """A mound whose list of members states sizes that its members do not have."""
    path = folder / f"bomb{count}.mound"
    _zipped(path, mound_json(ball_mound()), [(f"arrays/{n:032x}.values.npy", np.zeros(9)) for n in range(count)])
    content = bytearray(path.read_bytes())
    at = content.find(b"PK\x01\x02")
    while at >= 0:
        if b"arrays/" in content[at : at + 60]:
            content[at + 24 : at + 28] = struct.pack("<I", min(size, 2**32 - 2))
        at = content.find(b"PK\x01\x02", at + 4)
    path.write_bytes(content)
    return path


def _trail(folder):
    recipe = json.loads(mound_json(ball_mound()))
    path = [[-25_000.0, 10.0, 0.0, 1.0], [25_000.0, 10.0, 0.0, 1.0]]
    recipe["mass"]["forms"] = [{"kind": "trail", "name": "Far", "dabs": [{"path": path, "radius": 0.5, "spacing": 0.1}]}]
    return _zipped(folder / "trail.mound", recipe)


# -- models and points -------------------------------------------------------------------------------


def _models(folder):
    def cloud(name, file, content, *more, answers=False):
        path = folder / file
        path.write_bytes(content if isinstance(content, bytes) else content.encode())
        return Try(name, ["cloud", str(path), "--out", str(folder / "k.vdb"), "--force", *more], answers)

    ball = "".join(f"v {x:.5f} {y:.5f} {z:.5f}\n" for x, y, z in _octahedron()[0]) + "".join(
        f"f {a} {b} {c}\n" for a, b, c in _octahedron()[1] + 1)
    yield cloud("OBJ of nothing", "a.obj", b"")
    yield cloud("OBJ of noise", "b.obj", np.random.default_rng(1).bytes(4000))
    yield cloud("OBJ of one point", "c.obj", "v 0 0 0\n")
    yield cloud("OBJ of one triangle", "d.obj", "v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n")
    yield cloud("OBJ with NaN", "e.obj", ball.replace("v 1.00000", "v nan", 1))
    yield cloud("OBJ with a triangle of no vertex", "f.obj", ball + "f 1 2 99999\n")
    yield cloud("OBJ 1e-30 m small", "g.obj", _scaled(ball, 1e-30))
    yield cloud("OBJ 1e-30 m small, made 100 m", "g2.obj", _scaled(ball, 1e-30), "--span", "100", "--voxel", "2", answers=True)
    yield cloud("OBJ 1e30 m large", "h.obj", _scaled(ball, 1e30))
    yield cloud("OBJ 1e7 m large", "i.obj", _scaled(ball, 1e7))
    yield cloud("OBJ in Latin-1", "j.obj", b"# caf\xe9\n" + _scaled(ball, 50.0).encode(), "--voxel", "2", answers=True)
    yield cloud("OBJ of one endless line", "k.obj", "f " + " ".join("1" for _ in range(300_000)))
    angle = np.linspace(0.0, 2.0 * np.pi, 100_000, endpoint=False)
    yield cloud("OBJ of a polygon of 100,000 corners", "l.obj", "".join(
        f"v {50 * np.cos(a):.4f} 0 {50 * np.sin(a):.4f}\n" for a in angle) + "f " + " ".join(str(n + 1) for n in range(100_000)))
    yield cloud("OBJ of large among 22,000 triangles", "m.obj", _mixed())
    yield cloud("OBJ with a level above it", "n.obj", _scaled(ball, 50.0), "--level", "50000")
    yield cloud("OBJ with a sheet thicker than it is", "o.obj", _scaled(ball, 5.0), "--thickness", "19000")
    yield cloud("STL cut off", "a.stl", b"solid x\nfacet normal 0 0 1\n outer loop\n  vertex 0 0")
    yield cloud("STL that says it has four thousand million triangles", "b.stl",
                b"\0" * 80 + struct.pack("<I", 2**32 - 1) + b"\0" * 900)
    yield cloud("PLY that says it has 1e12 points", "a.ply", b"ply\nformat binary_little_endian 1.0\nelement vertex 1000000000000\n"
                b"property float x\nproperty float y\nproperty float z\nend_header\n" + b"\0" * 300)
    yield cloud("PLY without an end to its head", "b.ply", b"ply\nformat ascii 1.0\n")
    yield cloud("GLB cut off", "a.glb", b"glTF" + struct.pack("<II", 2, 900))
    yield cloud("GLB of wrong JSON", "b.glb", b"glTF" + struct.pack("<IIII", 2, 40, 20, 0x4E4F534A) + b"{" * 20)
    yield cloud("glTF that reads elsewhere", "a.gltf", json.dumps({"asset": {"version": "2.0"}, "buffers": [
        {"uri": "../../../etc/passwd", "byteLength": 9}]}))
    yield cloud("OFF of negative numbers", "a.off", "OFF\n-3 -1 0\n")
    yield cloud("a model with another ending", "a.xyz", ball)


def _octahedron():
    points = np.array([[1, 0, 0], [-1, 0, 0], [0, 1, 0], [0, -1, 0], [0, 0, 1], [0, 0, -1]], float)
    faces = np.array([[0, 2, 4], [2, 1, 4], [1, 3, 4], [3, 0, 4], [2, 0, 5], [1, 2, 5], [3, 1, 5], [0, 3, 5]])
    return points, faces


def _scaled(text, by):
    lines = []
    for line in text.splitlines():
        if line.startswith("v "):
            line = "v " + " ".join(repr(float(v) * by) for v in line.split()[1:])
        lines.append(line)
    return "\n".join(lines) + "\n"


def _mixed():
    dice = np.random.default_rng(0)
    corners = dice.normal(size=(22_000, 3, 3)) * 30
    corners[::2] = corners[::2] * 0.01 + dice.normal(size=(11_000, 1, 3)) * 30
    return "".join(f"v {x:.5f} {y:.5f} {z:.5f}\n" for x, y, z in corners.reshape(-1, 3)) + "".join(
        f"f {3 * n + 1} {3 * n + 2} {3 * n + 3}\n" for n in range(22_000))


def _points(folder):
    """Points come in by the desk only; a mound of them is built from what was read."""
    vertices = np.zeros((3, 3), np.float32)
    np.savez(folder / "bad.npz", positions=np.array([{}], object))
    shutil.copy(folder / "bad.npz", folder / "bad.mound")
    yield Try("points of objects called a mound", ["build", str(folder / "bad.mound"), "--out", str(folder / "p.vdb")])
    np.save(folder / "array.npy", vertices)
    shutil.copy(folder / "array.npy", folder / "array.vdb")
    yield Try("an array called OpenVDB", ["mesh", str(folder / "array.vdb"), "--out", str(folder / "p.obj")])


# -- words of the command, disks, names --------------------------------------------------------------


def _words(folder, mound):
    mound, whole = str(mound), str(folder / "whole.vdb")

    def out(name):
        return str(folder / name)

    yield Try("a mound built over itself", ["build", mound, "--out", mound, "--force"])
    yield Try("a picture over the grid", ["build", mound, "--out", out("q.vdb"), "--picture", out("q.vdb")])
    yield Try("a model built over itself", ["cloud", out("j.obj"), "--out", out("j.obj"), "--force"])
    os.symlink(whole, folder / "link.vdb")
    yield Try("combined over an input by a link", ["combine", whole, whole, "--out", out("link.vdb"), "--force"])
    yield Try("a wrong ending", ["build", mound, "--out", out("q.txt")])
    yield Try("a folder for a file", ["build", mound, "--out", str(folder)])
    yield Try("a name of 300 letters", ["build", mound, "--out", out("x" * 300 + ".vdb")])
    yield Try("a name of 250 letters", ["build", mound, "--out", out("x" * 250 + ".vdb"), "--voxel", "2"], answers=True)
    yield Try("a name with a line end", ["build", mound, "--out", out("a\nb.vdb"), "--voxel", "2"], answers=True)
    yield Try("a name that is no UTF-8", ["build", mound, "--out", os.fsdecode(os.fsencode(folder) + b"/\xff.vdb"), "--voxel", "2",
                                         "--json"], answers=True)
    yield Try("a name with a line end that is not there", ["info", out("no\nsuch.vdb")])
    yield Try("a range of NaN", ["slice", whole, "--at", "3", "--out", out("r.png"), "--range", "nan", "nan"])
    yield Try("a range turned over", ["slice", whole, "--at", "3", "--out", out("r.png"), "--range", "1", "0"])
    yield Try("a turn of NaN degrees", ["turntable", mound, "--out", out("turn"), "--degrees", "nan"])
    yield Try("a rate of 1e-9", ["turntable", mound, "--out", out("t.webp"), "--rate", "1e-9"])
    yield Try("a turntable onto a file", ["turntable", mound, "--out", out("file"), "--frames", "2"])
    (folder / "file").write_text("in the way")
    yield Try("a library that is a file", ["publish", mound, "--library", out("file"), "--voxel", "2"])
    yield Try("a picture of 16,384 pixels a side", ["picture", mound, "--out", out("l.png"), "--size", "16384x16384",
                                                       "--voxel", "4"])
    yield Try("an endless seed", ["build", mound, "--out", out("e.vdb"), "--seed", "9" * 400])
    yield Try("an endless number of voxels", ["build", mound, "--out", out("e.vdb"), "--voxels-long", "9" * 400])
    yield Try("a voxel far too small", ["build", mound, "--out", out("e.vdb"), "--voxel", "0.005", "--limit-memory", "0.2"])
    yield Try("no such action", ["bake", mound])
    yield Try("a full disk: build", ["build", mound, "--out", out("full.vdb"), "--voxel", "0.5"], small_disk=True)
    yield Try("a full disk: publish", ["publish", mound, "--library", out("shelf"), "--voxel", "0.5"], small_disk=True)
    yield Try("a full disk: picture", ["picture", mound, "--out", out("full.png"), "--size", "900x600"], small_disk=True)
    yield Try("a full disk: mesh", ["mesh", mound, "--out", out("full.obj"), "--voxel", "0.5"], small_disk=True)
    yield Try("a place where nothing can be made", ["build", mound, "--out", "/proc/x.vdb", "--voxel", "2"])


def _assets(folder):
    library = folder / "library"
    version = publish(ball_mound(), library, voxel=2.0)
    path = version / "asset.json"
    whole = path.read_bytes()
    dice = np.random.default_rng(5)
    for n in range(11):
        copy = folder / f"asset{n}" / "v001"
        shutil.copytree(version, copy)
        flipped = bytearray(whole)
        flipped[int(dice.integers(len(whole)))] ^= 1 << int(dice.integers(7))
        (copy / "asset.json").write_bytes(flipped)
        # A bit of white space may turn and say the same: then it verifies.
        yield Try(f"asset.json with a bit turned, {n}", ["verify", str(copy)], answers=_same(flipped, whole))


# -- what a file may reach ---------------------------------------------------------------------------


def _forged(folder, name, version, change, sealed=True):
    """A library whose one version says something else."""
    library = folder / f"forged_{name}"
    copy = library / version.parent.name / version.name
    shutil.copytree(version, copy)
    facts = json.loads((copy / FACTS).read_text())
    change(facts)
    if sealed:
        facts["seal"] = seal_of(facts)
    (copy / FACTS).write_text(json.dumps(facts))
    return str(library), str(copy)


def _reaching(folder):
    """Libraries that name files that are not theirs; `victim` lies where they point to."""
    version = next((folder / "library").glob("*/v001"))
    (folder / "victim.vdb").write_bytes(b"all that somebody has")
    ways = ("../../../victim.vdb", str(folder / "victim.vdb"), "..", "a/b.vdb", ".hidden.vdb", "/proc/self/mem", "x" * 300)
    for n, away in enumerate(ways):
        def elsewhere(facts, away=away):
            facts["tiers"][0]["file"] = away
            facts["files"][away] = {"bytes": 21, "sha256": "0" * 64}

        for sealed in (True, False):
            library, copy = _forged(folder, f"tier{n}{sealed}", version, elsewhere, sealed)
            for command in (["library", "drop", library, "Test Bun", "--tiers", "1"], ["library", "bring", library, "Test Bun"],
                            ["verify", copy], ["receive", copy, "--picture", str(folder / "r.png")]):
                yield Try(f"a tier at {away[:24]}{', sealed' if sealed else ''}: {' '.join(command[:2])}", command)
    for n, (what, change) in enumerate((
            ("a voxel of NaN", {"voxel": float("nan")}), ("frames without end", {"frames": {
                "first": 0, "last": 10**12, "rate": 24.0, "missing": []}}),
            ("a unit of its own", {"in_file": {"unit": "parsec"}}), ("bounds of one corner", {"bounds": [[0.0, 0.0, 0.0]]}),
            ("an extinction of 1e300", {"extinction": 1e300}), ("no files", {"files": {}}),
            ("a name of two dots", {"name": ".."}))):
        library, copy = _forged(folder, f"facts{n}", version, lambda facts, change=change: facts.update(change))
        yield Try(f"asset.json with {what}: verify", ["verify", copy])
        yield Try(f"asset.json with {what}: receive", ["receive", copy, "--picture", str(folder / "r.png")])
    linked, copy = _forged(folder, "linked", version, lambda facts: None)
    tier = next(pathlib.Path(copy).glob("*.vdb"))
    tier.unlink()
    tier.symlink_to(folder / "victim.vdb")
    yield Try("a tier that is a link: verify", ["verify", copy])
    yield Try("a tier that is a link: receive", ["receive", copy, "--picture", str(folder / "r.png")])
    piped, copy = _forged(folder, "piped", version, lambda facts: None)
    pathlib.Path(copy, FACTS).unlink()
    os.mkfifo(pathlib.Path(copy, FACTS))
    yield Try("asset.json that is a pipe: verify", ["verify", copy])
    yield Try("asset.json that is a pipe: list", ["library", "list", piped], answers=True)
    yield Try("asset.json that is a pipe: health", ["library", "health", piped], answers=True)
    large, copy = _forged(folder, "large", version, lambda facts: facts.update(note="x" * 5_000_000))
    yield Try("asset.json of five megabytes: verify", ["verify", copy])
    yield Try("asset.json of five megabytes: list", ["library", "list", large], answers=True)
    yield Try("a version named by two dots", ["publish", str(folder / "bun.mound"), "--library", str(folder / "dots"),
                                              "--name", ".."])


def _growths(folder):
    whole = folder / "growth"
    mound = ball_mound().edited(growth=Growth(seconds=0.1, cell=20.0))
    grown(mound, whole, 24.0)
    content = (whole / "frame_00001.npz").read_bytes()

    def freeze(name, copy, *more):
        return Try(f"{name}: freeze", ["freeze", str(copy), "--frame", "1", "--out", str(folder / "z.mound"), *more])

    for n, (what, changes) in enumerate((("a rate of NaN", {"rate": float("nan")}), ("a rate of -1", {"rate": -1}),
                                         ("a rate of 1e300", {"rate": 1e300}), ("cells of 0", {"cell": 0}),
                                         ("a million cells a side", {"shape": [10**6] * 3}), ("no last frame", {"last": None}),
                                         ("an origin of words", {"origin": ["a", "b", "c"]}))):
        copy = folder / f"growth{n}"
        shutil.copytree(whole, copy)
        said = json.loads((copy / "growth.json").read_text())
        (copy / "growth.json").write_text(json.dumps({**said, **changes}))
        yield freeze(f"growth with {what}", copy)
        yield Try(f"growth with {what}: film", ["film", str(folder / "bun.mound"), "--growth", str(copy), "--out",
                                                str(folder / "g.mp4")])
    shapes = {"low": np.zeros(3, np.int64), "cloud": np.ones((2, 2, 2), np.float16), "flow": np.zeros((2, 2, 2, 3), np.float16),
              "rode": np.zeros((2, 3, 1, 1, 1), np.float16), "counting": np.array([1.0, 0.0, 0.0, 0.0])}
    for n, (what, frame) in enumerate((
            ("cut off", content[: len(content) // 2]), ("of noise", bytes(range(256)) * 20), ("of nothing", b""),
            ("in another place", {"low": np.full(3, 10**6)}), ("of NaN", {"cloud": np.full((2, 2, 2), np.nan)}),
            ("of another shape", {"flow": np.zeros((1, 2, 2, 3))}), ("of words", {"low": np.array(["a", "b", "c"])}),
            ("of nothing that counts", {"counting": np.array([0.0, -1.0, 1e300, 0.5])}),
            ("ridden in another shape", {"rode": np.zeros((2, 3, 4, 1, 1))}),
            ("of objects", {"low": np.array([{}, {}, {}], object)}),
            ("too large", {"cloud": np.zeros((400, 400, 200), np.float16)}))):
        copy = folder / f"grown{n}"
        shutil.copytree(whole, copy)
        path = copy / "frame_00001.npz"
        if isinstance(frame, bytes):
            path.write_bytes(frame)
        else:
            np.savez_compressed(path, **{**shapes, **frame})
        yield freeze(f"frame {what}", copy)
    yield freeze("1,000 voxels along a cell", whole, "--finer", "1000")
    other = folder / "other_growth.mound"
    write_mound(other, mound.edited(growth=Growth(seconds=0.2, cell=20.0)))
    yield Try("a growth going on where another grows", ["grow", str(other), "--out", str(whole), "--go-on"])


def _flocks(folder):
    def read(name, file, content):
        path = folder / file
        path.write_text(content)
        return Try(name, ["formation", "read", str(path), "--out", str(folder / "read.flock")])

    plain = np.eye(4).tolist()
    for n, (what, matrix) in enumerate((("flat", np.diag([1, 1, 0, 1])), ("of NaN", np.eye(4) * np.nan), ("sheared", np.array(
            [[1, 0.4, 0, 0], [0, 1, 0, 0], [0, 0, 1, 0], [0, 0, 0, 1]])), ("stretched", np.diag([1, 2, 1, 1])),
            ("of two rows", np.eye(2)), ("of 1e200", np.eye(4) * 1e200))):
        yield read(f"a list with a matrix {what}", f"list{n}.json", json.dumps(
            {"members": [{"asset": "Bun", "matrix": np.asarray(matrix, float).tolist(), "place": [0, 0, 0]}]}))
    for n, (what, content) in enumerate((("of no JSON", "{"), ("of a number", "7"), ("of deep brackets", "[" * 50_000),
                                         ("without places", json.dumps([{"asset": "Bun", "matrix": plain}])),
                                         ("of no members", "[]"))):
        yield read(f"a list {what}", f"bad{n}.json", content)
    flock = json.loads((pathlib.Path(__file__).parents[1] / "demo" / "proving_room.flock").read_text())
    for n, (what, file) in enumerate((("that is not there", "gone.vdb"), ("that is the memory of the process", "/proc/self/mem"),
                                      ("that is a device", "/dev/zero"), ("that is a folder", "library"),
                                      ("that is no OpenVDB", "bun.mound.vdb"), ("that is a mound of nothing", "nothing.mound"))):
        member = {**flock["members"][0], "asset": {"name": "Bun", "version": 0, "file": file}}
        path = folder / f"member{n}.flock"
        path.write_text(json.dumps({**flock, "members": [member]}))
        picture = ["formation", "picture", str(path), "--out", str(folder / "f.png"), "--size", "64x40"]
        for what_, command in (("picture", picture), ("check", ["formation", "check", str(path)])):
            yield Try(f"a flock whose member is a file {what}: {what_}", command)


def _no_files(folder):
    """A pipe that nobody writes to, a device and a folder, wherever a file is read."""
    pipe = folder / "pipe"
    os.mkfifo(pipe)
    named = {}
    for ending in (".mound", ".vdb", ".obj", ".ply", ".flock", ".json", ".png", ".exr", ".usda"):
        named[ending] = folder / f"pipe{ending}"
        os.mkfifo(named[ending])
    (folder / "dir.mound").mkdir()
    out = str(folder / "n.png")
    for name, command in (
            ("build", ["build", named[".mound"], "--out", folder / "n.vdb"]),
            ("picture", ["picture", named[".mound"], "--out", out]),
            ("picture of a volume", ["picture", named[".vdb"], "--out", out]), ("info", ["info", named[".vdb"]]),
            ("slice", ["slice", named[".vdb"], "--at", "0", "--out", out]),
            ("cloud", ["cloud", named[".obj"], "--out", folder / "n.vdb"]),
            ("cloud of a PLY", ["cloud", named[".ply"], "--out", folder / "n.vdb"]),
            ("recipe", ["recipe", named[".png"], "--out", folder / "n.mound"]),
            ("recipe of an EXR", ["recipe", named[".exr"], "--out", folder / "n.mound"]),
            ("formation", ["formation", "check", named[".flock"]]), ("read", ["formation", "read", named[".json"], "--out",
             folder / "n.flock"]), ("read a stage", ["formation", "read", named[".usda"], "--out", folder / "n.flock"]),
            ("combine", ["combine", named[".vdb"], folder / "whole.vdb", "--out", folder / "n.vdb"]),
            ("adopt", ["adopt", named[".vdb"], "--library", folder / "adopted", "--name", "Pipe"]),
            ("thumb", ["thumb", named[".mound"], "--out", out]), ("frames", ["frames", named[".mound"], "--out", folder / "fr"]),
            ("build of a folder", ["build", folder / "dir.mound", "--out", folder / "n.vdb"]),
            ("build of a device", ["build", "/dev/zero", "--out", folder / "n.vdb"]),
            ("info of a device", ["info", "/dev/zero"]), ("info of memory", ["info", "/proc/self/mem"])):
        yield Try(f"a pipe or none: {name}", [str(word) for word in command])
    head = b"\x89PNG\r\n\x1a\n"
    for n, (width, height) in enumerate(((2**31 - 1, 2**31 - 1), (60_000, 60_000), (0, 0))):
        chunk = b"IHDR" + struct.pack(">IIBBBBB", width, height, 8, 6, 0, 0, 0)
        path = folder / f"huge{n}.png"
        path.write_bytes(head + struct.pack(">I", 13) + chunk + struct.pack(">I", zlib.crc32(chunk)))
        yield Try(f"PNG of {width} by {height} pixels: recipe", ["recipe", str(path), "--out", str(folder / "n.mound")])


def _numbers(folder, mound):
    """Numbers and options that mean nothing, or not there."""
    mound, whole, out = str(mound), str(folder / "whole.vdb"), str(folder / "o.png")
    for name, command in (
            ("a depth in a PNG", ["picture", mound, "--out", out, "--depth"]),
            ("a sky in a PNG", ["picture", mound, "--out", out, "--with-sky"]),
            ("a range of NaN", ["library", "search", str(folder / "library"), "--span", "nan-nan"]),
            ("a range upside down", ["library", "search", str(folder / "library"), "--span", "9-3"]),
            ("seconds of 1e9", ["grow", mound, "--out", str(folder / "gr"), "--seconds", "1e9"]),
            ("seconds of nothing", ["grow", mound, "--out", str(folder / "gr"), "--seconds", "nan"]),
            ("slowed 0 times", ["move", mound, "--form", "Blob", "--slowed", "0", "--out", str(folder / "mv.mound")]),
            ("a frame of what stands still", ["receive", str(next((folder / "library").glob("*/v001"))), "--frame", "3",
                                              "--picture", out]),
            ("a distance of -1", ["picture", mound, "--out", out, "--distance", "-1"]),
            ("a target of two numbers", ["picture", mound, "--out", out, "--target", "1,2"]),
            ("a focal length of 1e9", ["picture", mound, "--out", out, "--focal", "1e9"]),
            ("a view of NaN", ["picture", mound, "--out", out, "--view", "nan,nan"]),
            ("a view over the top", ["picture", mound, "--out", out, "--view", "0,120"]),
            ("a film of a mound that stands still", ["film", mound, "--out", str(folder / "f.mp4")]),
            ("a growth that is not there", ["freeze", str(folder), "--out", str(folder / "z.mound")]),
            ("frames of 20 digits", ["frames", mound, "--out", str(folder / "fr"), "--range", f"1-{'9' * 20}"]),
            ("a tier that is none", ["publish", mound, "--library", str(folder / "p"), "--tiers", "3"]),
            ("a grid named by nothing", ["build", mound, "--out", str(folder / "b.vdb"), "--name", ""]),
            ("two files of one name", ["combine", whole, whole, "--out", whole, "--force"])):
        yield Try(name, command)


def _same(one, other):
    try:
        return json.loads(one) == json.loads(other)
    except ValueError:
        return False
