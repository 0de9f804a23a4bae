"""The `softmound` command."""

import argparse
import contextlib
import json
import os
import pathlib
import signal
import sys
import threading
import time

from . import __version__, arguments, picture_commands
from .core.recipe import Problem, read_mound, write_mound, write_whole


class _Parser(argparse.ArgumentParser):
    def error(self, message):
        self.exit(2, f"softmound: {message}; see softmound --help.\n")


_INTERRUPTED = threading.Event()
"""Set by Ctrl+C: should the exception be lost in code that catches everything, the next tick brings it again."""


@contextlib.contextmanager
def _interruptible():
    def interrupted(*_):
        _INTERRUPTED.set()
        raise KeyboardInterrupt

    _INTERRUPTED.clear()
    if threading.current_thread() is not threading.main_thread():
        yield
        return
    before = signal.signal(signal.SIGINT, interrupted)
    try:
        yield
    finally:
        signal.signal(signal.SIGINT, before)


class _Bar:
    """Progress on a terminal; silent anywhere else."""

    def __init__(self):
        from tqdm import tqdm

        self._bar = tqdm(total=100, file=sys.stderr, leave=False, disable=not sys.stderr.isatty(),
                         bar_format="{desc:<32} {percentage:3.0f} % |{bar}| {elapsed}")

    def __call__(self, share, words):
        if _INTERRUPTED.is_set():
            raise KeyboardInterrupt
        self._bar.set_description_str(words, refresh=False)
        self._bar.n = round(100 * share)
        self._bar.refresh()

    def __enter__(self):
        return self

    def __exit__(self, *_):
        self._bar.close()


def _parser():
    parser = _Parser(prog="softmound", description="Sculpt one cloud, grain it, light it, keep it.")
    parser.add_argument("--version", action="version", version=f"softmound {__version__}")
    actions = parser.add_subparsers(dest="action", required=True, metavar="ACTION")

    new = actions.add_parser("new", help="write a first mound to start from")
    new.add_argument("file", metavar="FILE.mound")
    new.add_argument("--start", default="mediocris", metavar="NAME",
                     help="species of the first shape: humilis, mediocris, congestus, fractus, "
                          "lenticularis, incus, deck slab")
    new.add_argument("--span", type=arguments.span, default=300.0, metavar="M", help="its longest side in metres")
    new.add_argument("--seed", type=arguments.seed, default=3, metavar="N", help="seed of the first shape")
    new.set_defaults(run=_new)

    build = actions.add_parser("build", help="build a mound's density and write it as OpenVDB")
    build.add_argument("mound", metavar="X.mound")
    build.add_argument("--out", required=True, metavar="FILE.vdb")
    size = build.add_mutually_exclusive_group()
    size.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres")
    size.add_argument("--voxels-long", type=arguments.count, metavar="N", help="voxels along the longest side instead")
    build.add_argument("--seed", type=arguments.seed, metavar="N",
                       help="seed of the first grain; the others follow it")
    build.add_argument("--picture", metavar="FILE.png", help="also take the mound's picture")
    width = build.add_mutually_exclusive_group()
    width.add_argument("--half", dest="full", action="store_false", help="16-bit values (the default)")
    width.add_argument("--full", action="store_true", help="32-bit values")
    build.add_argument("--up", default="y", choices=("y", "z"), help="which axis is up in the file")
    build.add_argument("--unit", default="m", choices=("m", "cm", "mm", "dm", "ft", "in", "km"),
                       help="unit of the file's numbers")
    build.add_argument("--origin", default="kept", choices=("kept", "centre", "base"),
                       help="where the file's origin lies: as in the mound, in the middle of the cloud, or "
                            "in the middle of its underside")
    build.add_argument("--name", type=arguments.grid_name, default="density", metavar="NAME", help="name of the grid")
    build.add_argument("--tolerance", type=arguments.tolerance, default=0.0, metavar="D",
                       help="densities so close to one another become one tile")
    build.add_argument("--surface", action="store_true", help="also write the surface as a level set")
    build.add_argument("--limit-memory", type=arguments.gigabytes, metavar="GB", help="refuse builds that need more")
    build.add_argument("--json", action="store_true", help="print the facts as JSON")
    build.set_defaults(run=_build, full=False)

    cloud = actions.add_parser("cloud", help="turn any model into a cloud")
    cloud.add_argument("mesh", metavar="MESH", help="OBJ, PLY, STL, GLB, glTF or OFF")
    cloud.add_argument("--out", required=True, metavar="FILE.vdb")
    cloud.add_argument("--span", type=arguments.span, metavar="M",
                       help="longest side of the model in metres; default what its unit makes it")
    cloud.add_argument("--unit", default="m", choices=("m", "cm", "mm", "dm", "ft", "in", "km"),
                       help="unit of the model's numbers")
    cloud.add_argument("--up", default="y", choices=("y", "z"), help="which axis of the model is up")
    cloud.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres; default a 256th of the span")
    cloud.add_argument("--start", default="mediocris", metavar="NAME",
                       help="species whose grains, skin and light it takes")
    cloud.add_argument("--level", type=arguments.altitude, metavar="M",
                       help="altitude of the base level above the model's foot; default none")
    cloud.add_argument("--picture", metavar="FILE.png", help="also take its picture")
    cloud.add_argument("--mound", metavar="FILE.mound", help="also write the mound, to go on with")
    cloud.add_argument("--close-holes", action="store_true", help="close the holes of an open model")
    cloud.add_argument("--thickness", type=arguments.span, metavar="M", help="treat an open model as a sheet so thick")
    cloud.add_argument("--json", action="store_true", help="print the facts as JSON")
    cloud.set_defaults(run=_cloud)

    form = actions.add_parser("form", help="write a mound's blocked-in surface as a mesh")
    form.add_argument("mound", metavar="X.mound")
    form.add_argument("--obj", required=True, metavar="OUT.obj", help="or .ply, .stl, .glb, .off")
    form.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres; default the draft voxel")
    form.add_argument("--json", action="store_true", help="print the facts as JSON")
    form.set_defaults(run=_form)

    mesh = actions.add_parser("mesh", help="write a cloud's surface as a mesh, for layout")
    mesh.add_argument("source", metavar="X.vdb|X.mound")
    mesh.add_argument("--out", required=True, metavar="FILE", help=".obj, .ply, .stl, .glb or .off")
    mesh.add_argument("--grid", default="density", metavar="NAME", help="grid of an OpenVDB file")
    mesh.add_argument("--iso", type=arguments.positive, metavar="V", help="density of the surface; default half the largest")
    mesh.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres; default the mound's final one")
    mesh.add_argument("--triangles", type=arguments.count, metavar="N", help="at most so many triangles")
    mesh.add_argument("--json", action="store_true", help="print the facts as JSON")
    mesh.set_defaults(run=_mesh)

    cut = actions.add_parser("slice", help="take a picture of a cut through an OpenVDB file")
    cut.add_argument("file", metavar="X.vdb")
    cut.add_argument("--axis", default="y", choices=("x", "y", "z"), help="axis the cut is square to")
    cut.add_argument("--at", required=True, type=arguments.altitude, metavar="M", help="where on that axis")
    cut.add_argument("--out", required=True, metavar="FILE.png")
    cut.add_argument("--grid", default="density", metavar="NAME")
    cut.add_argument("--range", type=float, nargs=2, metavar=("LOW", "HIGH"), help="values of the first and last colour")
    cut.add_argument("--json", action="store_true", help="print the facts as JSON")
    cut.set_defaults(run=_slice)

    combine = actions.add_parser("combine", help="make one density of several OpenVDB files")
    combine.add_argument("files", nargs="+", metavar="FILE.vdb")
    combine.add_argument("--out", required=True, metavar="FILE.vdb")
    combine.add_argument("--by", default="maximum", choices=("add", "maximum", "multiply", "average"))
    combine.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel of the result; default the finest there is")
    combine.add_argument("--grid", default="density", metavar="NAME", help="grid of each file")
    combine.add_argument("--full", action="store_true", help="32-bit values instead of 16")
    combine.add_argument("--json", action="store_true", help="print the facts as JSON")
    combine.set_defaults(run=_combine)

    picture_commands.add_to(actions)

    info = actions.add_parser("info", help="say what an OpenVDB file holds")
    info.add_argument("file", metavar="FILE.vdb")
    info.add_argument("--json", action="store_true", help="print the facts as JSON")
    info.set_defaults(run=_info)

    publish = actions.add_parser("publish", help="build a mound and put it into a library")
    publish.add_argument("mound", metavar="X.mound")
    publish.add_argument("--library", required=True, metavar="DIR")
    publish.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres")
    publish.add_argument("--json", action="store_true", help="print the facts as JSON")
    publish.set_defaults(run=_publish)

    verify = actions.add_parser("verify", help="check a published version against its checksums")
    verify.add_argument("folder", metavar="ASSET_DIR", help="folder of a version, or of an asset")
    verify.set_defaults(run=_verify)

    desk = actions.add_parser("desk", help="open the application")
    desk.add_argument("mound", nargs="?", metavar="X.mound")
    desk.add_argument("--library", metavar="DIR")
    desk.set_defaults(run=_desk)

    warm = actions.add_parser("warm", help="compile the kernels now rather than at first use")
    warm.set_defaults(run=_warm)
    return parser


def _new(args):
    from .core.recipe.starts import STARTS, start

    path = pathlib.Path(args.file)
    if args.start not in STARTS:
        raise Problem(f"There is no start {args.start!r}; choose one of {', '.join(STARTS)}.")
    if path.exists():
        raise Problem(f"{path}: exists already; choose another name.")
    write_mound(path, start(args.start, path.stem, args.span, args.seed))
    print(path)


def _build(args):
    mound = reseeded(read_mound(args.mound), args.seed)
    _check_folders(args.out, args.picture)
    voxel = args.voxel or mound.voxels.final
    if args.voxels_long:
        from .core.engine.density import voxel_along

        voxel = voxel_along(mound, args.voxels_long)
    from .core.exchange.export import ExportOptions

    options = ExportOptions(args.up, args.unit, args.origin, not args.full, args.name, args.tolerance, args.surface)
    facts = _built(mound, voxel, args, options, args.limit_memory)
    _print_facts(facts, args.json)


def _check_folders(*files):
    for out in filter(None, files):
        if not pathlib.Path(out).resolve().parent.is_dir():
            raise Problem(f"{out}: its folder does not exist; make it first.")


def _built(mound, voxel, args, options=None, limit=None):
    """Build a mound, write `args.out` and perhaps `args.picture`, and say what was made."""
    from .core.engine.calibration import PastBuilds
    from .core.engine.stages import Stages, picture
    from .core.exchange.export import ExportOptions
    from .core.exchange.png import png_of
    from .core.library.delivery import built, delivered
    from .core.ticket import Ticket

    begun = time.perf_counter()
    stages = Stages(past=PastBuilds())
    with _Bar() as bar:
        ticket = Ticket(bar)
        grid = built(stages, mound, voxel, ticket, limit)
        picture_bytes = None
        if args.picture:
            ticket.step(0.0, 1.0, "taking the picture")
            key = stages.density_key(mound, voxel)
            picture_bytes = png_of(picture(stages, mound, grid, key, 1280, 800, passes=8, ticket=ticket))
        facts = delivered(args.out, mound, grid, voxel, options or ExportOptions(), ticket)
        if picture_bytes is not None:
            write_whole(args.picture, picture_bytes)
    facts["seconds"] = round(time.perf_counter() - begun, 3)
    return facts


def _cloud(args):
    from .core.engine.density import bounds_of, span_of
    from .core.exchange.foreign import read_triangles
    from .core.exchange.forms import mesh_form
    from .core.light.camera import fitted
    from .core.recipe.starts import STARTS, clad

    _check_folders(args.out, args.picture, args.mound)
    if args.start not in STARTS:
        raise Problem(f"There is no start {args.start!r}; choose one of {', '.join(STARTS)}.")
    read = read_triangles(args.mesh)
    if not read.closed and not args.close_holes and args.thickness is None:
        raise Problem(f"{args.mesh}: {read.said} An open surface encloses nothing: add --close-holes, or "
                      "--thickness M to treat it as a sheet.")
    name = pathlib.Path(args.mesh).stem.replace("_", " ")[:80] or "Cloud"
    form = mesh_form(read, name, args.unit, args.up, args.close_holes, None)
    mound = clad(form, name, args.start, args.span, args.thickness, args.level)
    mound = mound.edited(view=fitted(mound.view, *bounds_of(mound), 1280, 800))
    voxel = args.voxel or float(f"{span_of(mound) / 256:.2g}")
    mound = mound.edited(voxels=mound.voxels.edited(final=voxel))
    facts = _built(mound, voxel, args)
    if args.mound:
        write_mound(args.mound, mound)
    _print_facts({"model": args.mesh, "found": read.said, **read.facts, **facts}, args.json)


def _mesh(args):
    from .core.engine.density import density_grid
    from .core.engine.forecast import forecast, refuse_unless_fits
    from .core.exchange.foreign import read_vdb
    from .core.exchange.meshes import write_mesh
    from .core.volume.iso import within_budget

    _check_folders(args.out)
    if str(args.source).endswith(".mound"):
        mound = read_mound(args.source)
        voxel = args.voxel or mound.voxels.final
        refuse_unless_fits(forecast(mound), voxel)
        grid = density_grid(mound, voxel)
    else:
        grid = read_vdb(args.source, args.grid)
    largest = max([float(v.max()) for v in (grid.values, grid.tile_values) if len(v)], default=0.0)
    iso = args.iso or largest / 2
    if not 0.0 < iso < largest:
        raise Problem(f"{args.source}: no density lies on either side of {iso:g}; the largest is {largest:g}.")
    vertices, faces, voxel = within_budget(grid, iso, args.triangles)
    write_mesh(args.out, vertices, faces)
    _print_facts({"file": str(args.out), "vertices": len(vertices), "triangles": len(faces), "iso": iso,
                  "voxel": voxel, "bytes": os.path.getsize(args.out)}, args.json)


def _slice(args):
    from .core.exchange.foreign import read_vdb
    from .core.exchange.png import png_of
    from .core.volume.slices import AXES, coloured, slice_of

    _check_folders(args.out)
    grid = read_vdb(args.file, args.grid)
    values, low, high = slice_of(grid, AXES.index(args.axis), args.at)
    first, last = args.range or (0.0, max(float(values.max()), 1e-9))
    write_whole(args.out, png_of(coloured(values, first, last)))
    _print_facts({"file": str(args.out), "axis": args.axis, "at": args.at, "size": list(values.shape[::-1]),
                  "from": [round(float(v), 6) for v in low], "to": [round(float(v), 6) for v in high],
                  "min": float(values.min()), "max": float(values.max()),
                  "mean": float(values.mean(dtype=float)), "range": [first, last]}, args.json)


def _combine(args):
    from .core.exchange.foreign import read_vdb
    from .core.exchange.vdb import write_vdb
    from .core.volume.combine import combined
    from .core.volume.resample import resampled

    _check_folders(args.out)
    if len(args.files) < 2:
        raise Problem("Give at least two files to combine.")
    grids = [read_vdb(file, args.grid) for file in args.files]
    for file, grid in zip(args.files, grids):
        if grid.background != 0.0:
            raise Problem(f"{file}: the grid {args.grid!r} is no density, its background is {grid.background:g}; "
                          "choose another with --grid.")
    voxel = args.voxel or min(grid.voxel for grid in grids)
    first = next((g for g in grids if abs(g.voxel - voxel) < 1e-9), None)
    offset = first.offset if first is not None else grids[0].offset
    joined = grids[0] if grids[0] is first else resampled(grids[0], voxel, offset=offset)
    for grid in grids[1:]:
        joined = combined(joined, grid, args.by)
    if joined.active_bounds() is None:
        raise Problem("Nothing is left of them when they are combined this way; nothing was written.")
    write_vdb(args.out, joined, args.grid, half=not args.full, metadata={"combined_by": args.by})
    _print_facts({"file": str(args.out), "by": args.by, "voxel": voxel, "active_voxels": joined.active_voxels(),
                  "bytes": os.path.getsize(args.out)}, args.json)


def _form(args):
    from .core.engine.density import draft_voxel
    from .core.exchange.meshes import write_mesh
    from .core.mass.meshed import mass_triangles

    _check_folders(args.obj)
    mound = read_mound(args.mound)
    voxel = args.voxel or draft_voxel(mound)
    vertices, faces = mass_triangles(mound.mass, voxel)
    write_mesh(args.obj, vertices, faces)
    _print_facts({"file": str(args.obj), "vertices": len(vertices), "triangles": len(faces), "voxel": voxel,
                  "bytes": os.path.getsize(args.obj)}, args.json)


def reseeded(mound, seed):
    """The mound with other grains: the first takes the seed, the others keep their distance.

    Parameters
    ----------
    mound : Mound
    seed : int or None
        None leaves the mound as it is.

    Returns
    -------
    Mound
    """
    if seed is None or not mound.grains:
        return mound
    step = seed - mound.grains[0].seed
    grains = tuple(g.edited(seed=(g.seed + step) % 2**31) for g in mound.grains)
    return mound.edited(grains=grains)


def _info(args):
    from .core.exchange.foreign import read_facts

    grids = read_facts(args.file)
    size = os.path.getsize(args.file)
    if args.json:
        print(json.dumps({"file": args.file, "bytes": size, "grids": grids}, indent=1))
        return
    print(f"{args.file}  {size:,} bytes, {len(grids)} grid{'s' if len(grids) != 1 else ''}")
    for grid in grids:
        print(f"\n{grid['name'] or '(unnamed)'}")
        for key in ("class", "type", "half", "voxel_size", "dims", "active_voxels", "min", "max",
                    "mean", "bounds", "bytes"):
            print(f"  {key.replace('_', ' '):<14}{_shown(grid[key])}")
        for key, value in grid["metadata"].items():
            print(f"    {key:<24}{_shown(value)}")


def _publish(args):
    from .core.library.asset import publish
    from .core.library.shelf import read_version
    from .core.ticket import Ticket

    with _Bar() as bar:
        folder = publish(read_mound(args.mound), args.library, args.voxel, ticket=Ticket(bar))
    _print_facts({"folder": str(folder), **read_version(folder).facts}, args.json)


def _verify(args):
    from .core.library.shelf import verify

    folder = pathlib.Path(args.folder)
    versions = sorted(p for p in folder.glob("v[0-9]*") if p.is_dir()) or [folder]
    for version in versions:
        verify(version)
        print(f"{version}: as published")


def _desk(args):
    from .desk.application import main

    return main(args.mound, args.library)


def _warm(_args):
    from .core.engine.warm import warm_once

    warm_once(sys.stderr)


def _print_facts(facts, as_json):
    if as_json:
        print(json.dumps(facts, indent=1))
        return
    for key, value in facts.items():
        print(f"{key.replace('_', ' '):<16}{_shown(value)}")


def _shown(value):
    if isinstance(value, bool) or value is None:
        return {True: "yes", False: "no", None: "-"}[value]
    if isinstance(value, int):
        return f"{value:,}"
    if isinstance(value, float):
        return f"{value:.6g}"
    if isinstance(value, list):
        return "  ".join(_shown(part) for part in value)
    if isinstance(value, dict):
        return ", ".join(value)
    return str(value)


def main(argv=None):
    """Run the command.

    Parameters
    ----------
    argv : list of str, optional
        Default: the arguments of the process.

    Returns
    -------
    int
        0, or 2 after one sentence on stderr.
    """
    args = _parser().parse_args(argv)
    try:
        with _interruptible():
            return args.run(args) or 0
    except Problem as problem:
        print(f"softmound: {problem}", file=sys.stderr)
    except KeyboardInterrupt:
        print("softmound: stopped; nothing was written.", file=sys.stderr)
    except BrokenPipeError:
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except Exception:
        # An interrupt in the middle of loading a library comes out as whatever the library makes of it.
        if not _INTERRUPTED.is_set():
            raise
        print("softmound: stopped; nothing was written.", file=sys.stderr)
    return 2


if __name__ == "__main__":
    sys.exit(main())
