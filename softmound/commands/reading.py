"""Actions on OpenVDB files: info, mesh, slice, combine."""

import os

from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .building import MESHES
from .common import UNITS, Progress, action, check_outputs, foretold, print_facts, said, ticket_for


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    info = action(actions, "info", _info, "say what an OpenVDB file or a mound holds", """
        info loaf.vdb
        info loaf.vdb --json
        info loaf.mound""")
    info.add_argument("file", metavar="FILE")

    report = action(actions, "report", _report, "write a report of a mound: pictures, numbers, nature check, cost, recipe", """
        report loaf.mound --out loaf.html
        report loaf.mound --out loaf.html --voxel 1""", writes=True)
    report.add_argument("mound", metavar="X.mound")
    report.add_argument("--out", required=True, metavar="FILE.html")
    report.add_argument("--voxel", type=arguments.metres, metavar="M", help="default as fine as a pixel of its pictures shows")

    thumb = action(actions, "thumb", _thumb, "write the small picture that a mound carries, for file managers", """
        thumb loaf.mound --out loaf.png --size 256""", writes=True)
    thumb.add_argument("mound", metavar="X.mound")
    thumb.add_argument("--out", required=True, metavar="FILE.png")
    thumb.add_argument("--size", type=arguments.count, default=256, metavar="N", help="longest side, pixels")

    opened = action(actions, "recipe", _recipe, "take the recipe out of a picture that carries one", """
        recipe loaf.png --out loaf.mound""", writes=True)
    opened.add_argument("picture", metavar="FILE.png|FILE.exr")
    opened.add_argument("--out", required=True, metavar="X.mound")

    mesh = action(actions, "mesh", _mesh, "write a cloud's surface as a mesh, for layout", """
        mesh loaf.vdb --out loaf.obj --triangles 20000
        mesh loaf.vdb --grid surface --out surface.ply""", writes=True)
    mesh.add_argument("source", metavar="X.vdb|X.mound")
    mesh.add_argument("--out", required=True, metavar="FILE", help=".obj, .ply, .stl, .glb or .off")
    mesh.add_argument("--grid", default="density", metavar="NAME", help="grid of an OpenVDB file")
    mesh.add_argument("--iso", type=arguments.number, metavar="V",
                      help="density of the surface; default half the largest; of a level set its distance, default 0")
    mesh.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres; default the mound's final one")
    mesh.add_argument("--triangles", type=arguments.count, metavar="N", help="at most so many triangles")

    cut = action(actions, "slice", _slice, "take a picture of a cut through an OpenVDB file", """
        slice loaf.vdb --axis y --at 40 --out cut.png
        slice loaf.vdb --axis x --at 0 --out cut.png --range 0 0.5""", writes=True)
    cut.add_argument("file", metavar="X.vdb")
    cut.add_argument("--axis", default="y", choices=("x", "y", "z"), help="axis the cut is square to")
    cut.add_argument("--at", required=True, type=arguments.number, metavar="V", help="where on that axis, in the file's unit")
    cut.add_argument("--out", required=True, metavar="FILE.png")
    cut.add_argument("--grid", default="density", metavar="NAME")
    cut.add_argument("--range", type=arguments.number, nargs=2, metavar=("LOW", "HIGH"),
                     help="values of the first and last colour")

    combine = action(actions, "combine", _combine, "make one density of several OpenVDB files, in metres with y up", """
        combine loaf.vdb tower.vdb --out both.vdb
        combine a.vdb b.vdb --by add --voxel 1 --out sum.vdb""", writes=True)
    combine.add_argument("files", nargs="+", metavar="FILE.vdb")
    combine.add_argument("--out", required=True, metavar="FILE.vdb")
    combine.add_argument("--by", default="maximum", choices=("add", "maximum", "multiply", "average"))
    combine.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel of the result; default the finest there is")
    combine.add_argument("--grid", default="density", metavar="NAME", help="grid of each file")
    combine.add_argument("--unit", choices=UNITS, help="unit of files that do not state theirs; default m")
    combine.add_argument("--up", choices=("y", "z"), help="up-axis of files that do not state theirs; default y")
    combine.add_argument("--full", action="store_true", help="32-bit values instead of 16")


def _info(args):
    if args.file.lower().endswith(".mound"):
        _info_of_mound(args)
        return
    from ..core.exchange.ready import begin

    begin("facts")
    from ..core.exchange.foreign import read_facts

    with Progress(args) as progress:
        grids = read_facts(args.file, ticket=ticket_for(progress))
    size = os.path.getsize(args.file)
    if args.json:
        print_facts({"file": args.file, "bytes": size, "grids": grids}, args)
        return
    print(f"{shown(args.file)}  {size:,} bytes, {len(grids)} grid{'s' if len(grids) != 1 else ''}")
    for grid in grids:
        print(f"\n{grid['name'] or '(unnamed)'}")
        for key in ("class", "type", "half", "voxel_size", "dims", "active_voxels", "min", "max",
                    "mean", "bounds", "bytes"):
            print(f"  {key.replace('_', ' '):<14}{said(grid[key])}")
        for key, value in grid["metadata"].items():
            print(f"    {key:<24}{said(value)}")


def _info_of_mound(args):
    """Say what a recipe holds; nothing is computed of it."""
    from collections import Counter

    from ..core.recipe import read_mound

    mound = read_mound(args.file)
    light, levels = mound.light, {word: level.altitude if level.on else None for word, level in
                                  (("base_level", mound.mass.base), ("top_level", mound.mass.top))}
    print_facts({
        "file": args.file, "bytes": os.path.getsize(args.file), "name": mound.name,
        "forms": dict(Counter(form.kind for form in mound.mass.forms)), "melt": mound.mass.melt, **levels,
        "steps": [step.step for step in mound.steps] or None, "grains": {f"{grain.action} {n}": grain.feature for n, grain in
                                                                 enumerate(mound.grains, 1) if grain.on},
        "patches": len(mound.patches), "final_voxel": mound.voxels.final, "draft_voxel": mound.voxels.draft,
        "extinction": light.medium.extinction, "sun": {"azimuth": light.sun.azimuth, "elevation": light.sun.elevation},
        "sky": light.sky.kind, "lamps": len(light.lamps), "views": [kept.name for kept in mound.views] or None,
        "frames": None if mound.time is None else {"first": mound.time.first, "last": mound.time.last, "rate": mound.time.rate},
        "grows": mound.growth is not None,
    }, args)


def _report(args):
    from ..core.aside import write_whole
    from ..core.engine.report import report_of
    from ..core.recipe import read_mound

    check_outputs(args, [args.mound], out=(args.out, (".html",)))
    mound = read_mound(args.mound)
    if args.dry_run:
        foretold(args, [args.out])
        return
    with Progress(args) as progress:
        text = report_of(mound, args.voxel, ticket_for(progress))
    write_whole(args.out, text.encode())
    print_facts({"file": str(args.out), "bytes": os.path.getsize(args.out)}, args)


def _thumb(args):
    import io

    from PIL import Image

    from ..core.aside import write_whole
    from ..core.recipe import read_thumb

    kept = read_thumb(args.mound)
    if kept is None:
        raise Problem("{}: carries no picture; save it from the window once.", shown(args.mound))
    with Image.open(io.BytesIO(kept)) as picture:
        picture.thumbnail((args.size, args.size))
        out = io.BytesIO()
        picture.save(out, "PNG")
        wide, high = picture.size
    if not args.dry_run:
        # File managers ask for names of their own, with any ending.
        write_whole(args.out, out.getvalue())
    print_facts({"file": str(args.out), "width": wide, "height": high}, args)


def _recipe(args):
    from ..core.exchange.carried import mound_of_picture
    from ..core.recipe import write_mound

    check_outputs(args, [args.picture], out=(args.out, (".mound",)))
    mound = mound_of_picture(args.picture)
    if not args.dry_run:
        write_mound(args.out, mound)
    print_facts({"file": str(args.out), "name": mound.name, "forms": len(mound.mass.forms), "grains": len(mound.grains)}, args)


def _mesh(args):
    from ..core.engine.stages import Stages
    from ..core.exchange.foreign import read_volume
    from ..core.exchange.meshes import write_mesh
    from ..core.recipe import read_mound
    from ..core.volume.iso import as_density, within_budget

    check_outputs(args, [args.source], out=(args.out, MESHES))
    with Progress(args) as progress:
        ticket, level_set, span = ticket_for(progress), False, 0.0
        if str(args.source).endswith(".mound"):
            mound = read_mound(args.source)
            voxel, stages = args.voxel or mound.voxels.final, Stages()
            if args.dry_run:
                foretold(args, [args.out], stages.forecast(mound), voxel)
                return
            stages.refuse_unless_fits(mound, voxel)
            grid = stages.density(mound, voxel, ticket, remember=False)
        else:
            read = read_volume(args.source, args.grid, ticket=ticket)
            grid, level_set = read.grid, read.level_set
            if level_set:
                grid, span = as_density(grid)
        if args.dry_run:
            foretold(args, [args.out])
            return
        largest = max([float(v.max()) for v in (grid.values, grid.tile_values) if len(v)], default=0.0)
        # A voxel exactly on the surface would give triangles without area: a hair beside it there are none.
        iso = 0.5 + 1e-5 - (args.iso or 0.0) / span if level_set else largest / 2 if args.iso is None else args.iso
        if not 0.0 < iso < largest:
            at = 0.0 if args.iso is None else args.iso
            where = shown(args.source)
            if level_set:
                raise Problem("{}: nothing lies on either side of {:g}; its distances reach {:g} either way.", where, at, span / 2)
            raise Problem("{}: nothing lies on either side of {:g}; its largest is {:g}.", where, at, largest)
        ticket.step(0.5, 1.0, "finding the surface")
        vertices, faces, voxel = within_budget(grid, iso, args.triangles)
    write_mesh(args.out, vertices, faces)
    print_facts({"file": str(args.out), "vertices": len(vertices), "triangles": len(faces),
                 "iso": args.iso or 0.0 if level_set else iso, "voxel": voxel, "bytes": os.path.getsize(args.out)}, args)


def _slice(args):
    from ..core.aside import write_whole
    from ..core.exchange.foreign import read_vdb
    from ..core.exchange.png import png_of
    from ..core.volume.slices import AXES, coloured, slice_of

    check_outputs(args, [args.file], out=(args.out, (".png",)))
    if args.range and not args.range[0] < args.range[1]:
        raise Problem("A range from {:g} to {:g} holds nothing; give the lower value first.", args.range[0], args.range[1])
    axis = AXES.index(args.axis)
    with Progress(args) as progress:
        grid = read_vdb(args.file, args.grid, ticket=ticket_for(progress))
    bounds = grid.active_bounds()
    if bounds is None:
        raise Problem("{}: the grid {!r} holds no voxels; there is nothing to cut.", shown(args.file), args.grid)
    low, high = (float(grid.world(corner)[axis]) for corner in bounds)
    if not low - grid.voxel <= args.at <= high + grid.voxel:
        raise Problem("{}: along {} it reaches from {:g} to {:g}; cut it there, not at {:g}.",
                      shown(args.file), args.axis, low, high, args.at)
    if args.dry_run:
        foretold(args, [args.out])
        return
    values, low, high = slice_of(grid, axis, args.at)
    first, last = args.range or (0.0, max(float(values.max()), 1e-9))
    write_whole(args.out, png_of(coloured(values, first, last)))
    print_facts({"file": str(args.out), "axis": args.axis, "at": args.at, "size": list(values.shape[::-1]),
                 "from": [round(float(v), 6) for v in low], "to": [round(float(v), 6) for v in high],
                 "min": float(values.min()), "max": float(values.max()),
                 "mean": float(values.mean(dtype=float)), "range": [first, last]}, args)


def _combine(args):
    from ..core.exchange.export import in_metres
    from ..core.exchange.foreign import read_volume
    from ..core.exchange.stated import stated_placement
    from ..core.exchange.vdb import write_vdb
    from ..core.volume.combine import combined, refuse_unless_it_fits
    from ..core.volume.resample import resampled

    check_outputs(args, args.files, out=(args.out, (".vdb",)))
    if len(args.files) < 2:
        raise Problem("Give at least two files to combine.")
    grids, read_as = [], []
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        for file in args.files:
            read = read_volume(file, args.grid, ticket=ticket)
            if read.grid.background != 0.0 or read.level_set:
                raise Problem("{}: the grid {!r} is no density, its background is {:g}; choose another with --grid.",
                              shown(file), args.grid, read.grid.background)
            unit, up = stated_placement(read.metadata)
            unit, up = args.unit or unit or "m", args.up or up or "y"
            grids.append(in_metres(read.grid, unit, up))
            read_as.append(f"{unit}, {up} up")
        voxel = args.voxel or min(grid.voxel for grid in grids)
        refuse_unless_it_fits(grids, voxel)
        if args.dry_run:
            foretold(args, [args.out])
            return
        first = next((g for g in grids if abs(g.voxel - voxel) < 1e-9), None)
        offset = first.offset if first is not None else grids[0].offset
        ticket.step(0.2, 0.7, "combining")
        joined = grids[0] if grids[0] is first else resampled(grids[0], voxel, ticket, offset=offset)
        for grid in grids[1:]:
            joined = combined(joined, grid, args.by, ticket)
        if joined.active_bounds() is None:
            raise Problem("Nothing is left of them when they are combined this way; nothing was written.")
        write_vdb(args.out, joined, args.grid, half=not args.full, ticket=ticket,
                  metadata={"combined_by": args.by, "unit": "m", "up": "y"})
    print_facts({"file": str(args.out), "by": args.by, "voxel": voxel, "active_voxels": joined.active_voxels(),
                 "read_as": read_as, "bytes": os.path.getsize(args.out)}, args)
