"""Actions that build a cloud: new, build, cloud, form."""

import os
import pathlib
import sys
import time

from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .common import UNITS, Progress, action, check_outputs, foretold, placement, print_facts, ticket_for
from .viewing import kept_or_turned

STARTS_HELP = "kind of the first shape; softmound starts lists them"
SAID_LOST = 0.1
"""Share of a model's volume from which on it is said that it is lost."""
MESHES = (".obj", ".ply", ".stl", ".glb", ".off")


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    new = action(actions, "new", _new, "write a first mound to start from", """
        new loaf.mound
        new tower.mound --start congestus --span 900 --seed 5
        new leaning.mound --start congestus --height 1.4 --lean 0.4 --turrets 9 --tired 0.6 --looks 5000
        new rising.mound --growth turret
        new mine.mound --example rye_tower""", writes=True)
    new.add_argument("file", metavar="FILE.mound")
    new.add_argument("--start", default="mediocris", metavar="NAME", help=STARTS_HELP)
    new.add_argument("--growth", metavar="NAME", help="a ready growth instead of a start: turret, burst, anvil, fog, ring "
                     "or steam; then softmound grow lets it rise")
    new.add_argument("--example", metavar="NAME", help="a finished cloud instead of a start; softmound examples lists them")
    new.add_argument("--span", type=arguments.span, default=300.0, metavar="M", help="its longest side in metres")
    new.add_argument("--seed", type=arguments.seed, default=3, metavar="N", help="seed of the first shape")
    _wishes(new)
    new.add_argument("--looks", type=arguments.positive, metavar="M",
                     help="looks as large as a natural cloud of so many metres: sets the extinction; default the start's own")

    action(actions, "examples", _examples, "list the examples: finished clouds to take apart", """
        examples
        examples --json""")

    listed = action(actions, "starts", _starts, "list the starts, or take a sheet of pictures of them", """
        starts
        starts --sheet starts.png --seed 8 --tired 0.7""", writes=True)
    listed.add_argument("--sheet", metavar="FILE.png", help="a picture of each, lit as it begins")
    listed.add_argument("--size", type=arguments.size, default=arguments.size("320x200"), metavar="WxH",
                        help="pixels of each; default 320x200")
    listed.add_argument("--seed", type=arguments.seed, default=3, metavar="N", help="seed of all")
    _wishes(listed)

    build = action(actions, "build", _build, "build a mound's density and write it as OpenVDB", """
        build loaf.mound --out loaf.vdb
        build loaf.mound --out loaf.vdb --voxels-long 512 --up z --unit cm --force
        build loaf.mound --out seen.vdb --as-seen 1920x1080 --view inside
        build loaf.mound --out loaf.vdb --dry-run --json""", writes=True)
    build.add_argument("mound", metavar="X.mound")
    build.add_argument("--as-seen", type=arguments.size, metavar="WxH",
                       help="as fine as a picture of so many pixels shows: further grids, density_2, density_4 and so on, that "
                            "add up with density")
    build.add_argument("--view", metavar="NAME|AZ,EL", help="of that picture: a kept view, or azimuth and elevation in degrees")
    build.add_argument("--frame", type=arguments.whole, metavar="N", help="of the mound's time line, from its camera path")
    _delivering(build)

    cloud = action(actions, "cloud", _cloud, "turn any model into a cloud", """
        cloud sheep.obj --out sheep.vdb --span 120
        cloud open.ply --out open.vdb --close-holes --mound open.mound --picture open.png""", writes=True)
    cloud.add_argument("mesh", metavar="MESH", help="OBJ, PLY, STL, GLB, glTF or OFF")
    cloud.add_argument("--span", type=arguments.span, metavar="M",
                       help="longest side of the cloud in metres; default that of the model, as its unit makes it")
    cloud.add_argument("--from-unit", default="m", choices=UNITS, help="unit of the model's numbers")
    cloud.add_argument("--from-up", default="y", choices=("y", "z"), help="which axis of the model is up")
    cloud.add_argument("--start", default="mediocris", metavar="NAME", help="species whose grains, skin and light it takes")
    cloud.add_argument("--level", type=arguments.altitude, metavar="M",
                       help="altitude of the base level above the model's foot; default none")
    cloud.add_argument("--mound", metavar="FILE.mound", help="also write the mound, to go on with")
    cloud.add_argument("--close-holes", action="store_true", help="close the holes of an open model")
    cloud.add_argument("--thickness", type=arguments.span, metavar="M", help="treat an open model as a sheet so thick")
    _delivering(cloud)

    form = action(actions, "form", _form, "write a mound's blocked-in surface as a mesh", """
        form loaf.mound --obj loaf.obj --voxel 2""", writes=True)
    form.add_argument("mound", metavar="X.mound")
    form.add_argument("--obj", required=True, metavar="OUT.obj", help="or .ply, .stl, .glb, .off")
    form.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres; default the draft voxel")


def _delivering(parser):
    """What is asked of a density that is built and written."""
    parser.add_argument("--out", required=True, metavar="FILE.vdb")
    size = parser.add_mutually_exclusive_group()
    size.add_argument("--voxel", type=arguments.metres, metavar="M",
                      help="voxel size in metres; default the mound's final one, for a model a 256th of its span")
    size.add_argument("--voxels-long", type=arguments.count, metavar="N", help="voxels along the longest side instead")
    parser.add_argument("--seed", type=arguments.seed, metavar="N", help="seed of the first grain; the others follow it")
    parser.add_argument("--picture", metavar="FILE.png", help="also take the mound's picture")
    placement(parser)
    parser.add_argument("--name", type=arguments.grid_name, default="density", metavar="NAME", help="name of the grid")
    parser.add_argument("--tolerance", type=arguments.tolerance, default=0.0, metavar="D",
                        help="densities so close to one another become one tile")
    parser.add_argument("--surface", action="store_true", help="also write the surface as a level set")
    parser.add_argument("--limit-memory", type=arguments.gigabytes, metavar="GB", help="refuse builds that need more")


def _wishes(parser):
    """Options of what can be asked of a start."""
    parser.add_argument("--height", type=arguments.number, metavar="X", help="over its span, 0.05 to 3")
    parser.add_argument("--lean", type=arguments.number, metavar="X", help="of its tops downwind, over its height, -1 to 1")
    parser.add_argument("--turrets", type=arguments.turrets, metavar="N", help="1 to 24")
    parser.add_argument("--tired", type=arguments.number, metavar="X", help="0 crisp and fresh, to 1 frayed")


def _asked(args):
    return {key: getattr(args, key) for key in ("height", "lean", "turrets", "tired")}


def _starts(args):
    from ..core.starts.species import STARTS

    if args.sheet is None:
        if args.json:
            print_facts({word: {"sentence": kind.sentence, "natural": kind.natural} for word, kind in STARTS.items()}, args)
        else:
            for word, kind in STARTS.items():
                print(f"{word:<16}{kind.sentence}{'' if kind.natural else ' (no sky has it)'}")
        return
    check_outputs(args, (), sheet=(args.sheet, (".png",)))
    if args.dry_run:
        foretold(args, [args.sheet])
        return
    from ..core.aside import write_whole
    from ..core.engine.start_sheet import sheet_of_starts
    from ..core.exchange.png import png_of

    begun = time.perf_counter()
    with Progress(args) as progress:
        write_whole(args.sheet, png_of(sheet_of_starts(args.size, args.seed, ticket=ticket_for(progress), **_asked(args))))
    print_facts({"file": str(args.sheet), "starts": len(STARTS), "seconds": round(time.perf_counter() - begun, 3)}, args)


def _examples(args):
    from ..core.starts.examples import EXAMPLES

    if args.json:
        print_facts({word: {"name": one.name, "sentence": one.sentence, "group": one.group, "file": str(one.path)}
                     for word, one in EXAMPLES.items()}, args)
        return
    for word, one in EXAMPLES.items():
        print(f"{word:<18}{one.sentence}")


def _new(args):
    from ..core.engine.framing import framed
    from ..core.recipe import write_mound
    from ..core.starts.examples import example
    from ..core.starts.rising import rising
    from ..core.starts.species import start

    path = pathlib.Path(args.file)
    _check_start(args.start)
    check_outputs(args, (), file=(path, (".mound",)))
    if args.example is not None:
        mound = example(args.example).edited(name=path.stem[:80])
    elif args.growth is not None:
        mound = rising(args.growth, path.stem[:80], args.seed)
    else:
        mound = framed(start(args.start, path.stem[:80], args.span, args.seed, args.looks, **_asked(args)))
    if args.dry_run:
        foretold(args, [path])
        return
    write_mound(path, mound)
    if args.json:
        print_facts({"file": str(path), "name": mound.name, "span": args.span, "seed": args.seed}, args)
    else:
        print(path)


def _check_start(name):
    from ..core.starts.species import STARTS

    if name not in STARTS:
        raise Problem("There is no start {!r}; choose one of {}.", name, ', '.join(STARTS))


def _build(args):
    from ..core.exchange.sequences import mound_at
    from ..core.recipe import read_mound
    from ..core.recipe.camera_path import seen_from

    check_outputs(args, [args.mound], out=(args.out, (".vdb",)), picture=(args.picture, (".png",)))
    if args.view is not None and args.as_seen is None:
        raise Problem("--view says from where --as-seen looks; give both.")
    mound = read_mound(args.mound)
    if args.frame is not None:
        mound = mound_at(seen_from(mound, args.frame), args.frame, pathlib.Path(args.mound).parent)
    if args.view is not None:
        mound = mound.edited(view=kept_or_turned(mound, args.view))
    facts = _built(reseeded(mound, args.seed), args)
    if facts is not None:
        print_facts(facts, args)


def _cloud(args):
    from ..core.engine.framing import seen_box
    from ..core.exchange.foreign import read_triangles
    from ..core.exchange.forms import mesh_form
    from ..core.light.scene.camera import fitted
    from ..core.recipe import write_mound
    from ..core.starts.modelled import start_from_form

    check_outputs(args, [args.mesh], out=(args.out, (".vdb",)), picture=(args.picture, (".png",)),
                  mound=(args.mound, (".mound",)))
    _check_start(args.start)
    with Progress(args) as progress:
        read = read_triangles(args.mesh, ticket=ticket_for(progress))
    if not read.closed and not args.close_holes and args.thickness is None:
        raise Problem("{}: {} An open surface encloses nothing: add --close-holes, or --thickness M to treat it as a sheet.",
                      args.mesh, read.said)
    if read.closed and args.thickness is not None:
        raise Problem("{}: its surface is closed, so --thickness would make it hollow; leave it out, or open the model.",
                      args.mesh)
    name = pathlib.Path(args.mesh).stem.replace("_", " ")[:80] or "Cloud"
    form = mesh_form(read, name, args.from_unit, args.from_up, args.close_holes, None)

    def begun(span):
        return reseeded(start_from_form(form, name, args.start, span, args.thickness, args.level, args.voxel), args.seed)

    mound = begun(args.span)
    box = seen_box(mound)
    if box is None:
        if args.level is not None:
            raise Problem("{}: nothing of it lies above the base level of {:g} m; choose a lower --level.", args.mesh, args.level)
        raise Problem("{}: nothing of it is left as a cloud; choose a larger --span.", args.mesh)
    if args.span is not None:
        # What is asked for is the cloud's, which stands out from its model by lumps.
        mound = begun(min(max(args.span * args.span / float((box[1] - box[0]).max()), 0.5 * args.span), 2.0 * args.span))
        box = seen_box(mound)
    mound = mound.edited(view=fitted(mound.view, *box, 1280, 800))
    facts = _built(mound, args, args.mound, whole=None if args.thickness else form)
    if facts is None:
        return
    if args.mound:
        write_mound(args.mound, mound)
    print_facts({"model": args.mesh, "found": read.said, **read.facts, **facts}, args)


def _built(mound, args, *more, whole=None):
    """Build a mound, write `args.out` and perhaps `args.picture`, and return what was made; None after a dry run.

    Of a `whole` form it is said what became of it.
    """
    from ..core.aside import write_whole
    from ..core.engine.calibration import PastBuilds
    from ..core.engine.density import voxel_along
    from ..core.engine.stages import PASSES, Stages, picture
    from ..core.exchange.export import ExportOptions
    from ..core.exchange.png import png_of
    from ..core.library.delivery import as_seen, built, built_along, delivered
    from ..core.light.scene.camera import camera_of
    from ..core.starts.modelled import lost_of

    begun = time.perf_counter()
    options = ExportOptions(args.up, args.unit, args.origin, not args.full, args.name, args.tolerance, args.surface)
    stages = Stages(past=PastBuilds())
    voxel = voxel_along(mound, args.voxels_long) if args.voxels_long else args.voxel or mound.voxels.final
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        if args.dry_run:
            foretold(args, [args.out, args.picture, *more], stages.forecast(mound, ticket), voxel)
            return None
        if args.voxels_long:
            grid = built_along(stages, mound, args.voxels_long, ticket, args.limit_memory)
            voxel = grid.voxel
        else:
            grid = built(stages, mound, voxel, ticket, args.limit_memory)
        lost = {} if whole is None else lost_of(mound.mass.forms[0], grid)
        picture_bytes = None
        if args.picture:
            ticket.step(0.0, 1.0, "taking the picture")
            key = stages.density_key(mound, voxel)
            picture_bytes = png_of(picture(stages, stages.scene(mound, grid, key), 1280, 800, passes=PASSES, ticket=ticket))
        parts = None
        if getattr(args, "as_seen", None) is not None:
            ticket.step(0.0, 1.0, "making finer what is seen near")
            parts = as_seen(stages, mound, grid, camera_of(mound.view, *args.as_seen), ticket.quiet())
        facts = delivered(args.out, mound, grid, voxel, options, ticket, parts)
        if picture_bytes is not None:
            write_whole(args.picture, picture_bytes)
    if lost and lost["lost"] > SAID_LOST and not args.quiet:
        x, y, z = lost["lost_at"]
        print(f"softmound: {shown(args.mesh)}: {100.0 * lost['lost']:.0f} % of the model is lost, most of it around x {x:g}, "
              f"y {y:g}, z {z:g} m; it is thinner than grains and voxels leave there. A larger --span or a smaller --voxel "
              "keeps more.", file=sys.stderr)
    facts.update(lost, seconds=round(time.perf_counter() - begun, 3))
    return facts


def _form(args):
    from ..core.engine.density import draft_voxel
    from ..core.exchange.meshes import write_mesh
    from ..core.mass.meshed import mass_triangles
    from ..core.recipe import read_mound

    check_outputs(args, [args.mound], obj=(args.obj, MESHES))
    mound = read_mound(args.mound)
    voxel = args.voxel or draft_voxel(mound)
    if args.dry_run:
        foretold(args, [args.obj])
        return
    with Progress(args) as progress:
        vertices, faces = mass_triangles(mound.mass, voxel, ticket_for(progress))
    if not len(faces):
        raise Problem("{}: has no surface; add a form above its base level first.", mound.name)
    write_mesh(args.obj, vertices, faces)
    print_facts({"file": str(args.obj), "vertices": len(vertices), "triangles": len(faces), "voxel": voxel,
                 "bytes": os.path.getsize(args.obj)}, args)


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
