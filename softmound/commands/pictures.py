"""Actions that take pictures: picture, turntable, sweep, sheet."""

import pathlib
import time

from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .common import UNITS, Progress, action, check_outputs, check_sequence, foretold, print_facts, ticket_for
from .mixing import layers_asked, mixing
from .viewing import kept_or_turned, looking, view_of


def add_to(actions):
    """Add the commands.

    Parameters
    ----------
    actions : argparse subparsers
    """
    picture = action(actions, "picture", _picture, "take a picture of a mound or an OpenVDB file", """
        picture loaf.mound --out loaf.png
        picture loaf.mound --out loaf.png --below sea --level -150
        picture loaf.mound --out detail.png --target 20,140,0 --distance 60 --focal 85
        picture loaf.mound --out loaf.png --view 90,5 --fit
        picture loaf.vdb --out loaf.exr --depth --sun 120,15 --true --noise 0.03
        picture loaf.mound --out loaf.exr --layers all --true
        picture loaf.mound --out dusk.png --groups sun=0.3,1,0.6,0.4 sky=1.5
        picture other.vdb --out other.png --unit cm --up z --extinction 0.4""", writes=True)
    _common(picture, layers=True)
    looking(picture)
    picture.add_argument("--out", required=True, metavar="FILE", help=".png, or .exr in linear light")
    picture.add_argument("--view", metavar="NAME|AZ,EL", help="a kept view, or azimuth and elevation in degrees")
    picture.add_argument("--sun", type=arguments.pair, metavar="AZ,EL", help="azimuth and elevation of the sun in degrees")
    picture.add_argument("--frame", type=arguments.whole, metavar="N", help="of the mound's time line")
    picture.add_argument("--depth", action="store_true", help="EXR: also distance (Z) and optical depth")
    picture.add_argument("--with-sky", action="store_true", help="EXR: with the sky behind instead of ready to be laid over")
    picture.add_argument("--full", action="store_true", help="EXR: 32-bit values instead of 16")

    turn = action(actions, "turntable", _turntable, "take pictures all round a cloud", """
        turntable loaf.mound --out loaf.webp --frames 48
        turntable loaf.mound --out loaf_frames --kind exr""", writes=True)
    _common(turn)
    looking(turn)
    turn.add_argument("--out", required=True, metavar="FILE|FOLDER",
                      help="a film (.webp, .gif or .png), or a folder for numbered pictures")
    turn.add_argument("--frames", type=arguments.frames, default=48, metavar="N")
    turn.add_argument("--degrees", type=arguments.degrees, default=360.0, metavar="D")
    _sequence(turn)

    sweep = action(actions, "sweep", _sweep, "take pictures while the sun crosses the sky", """
        sweep loaf.mound --out day.webp --from 80,2 --to 280,2""", writes=True)
    _common(sweep)
    looking(sweep)
    sweep.add_argument("--out", required=True, metavar="FILE|FOLDER")
    sweep.add_argument("--from", dest="start", type=arguments.pair, required=True, metavar="AZ,EL")
    sweep.add_argument("--to", dest="end", type=arguments.pair, required=True, metavar="AZ,EL")
    sweep.add_argument("--frames", type=arguments.frames, default=48, metavar="N")
    _sequence(sweep)

    sheet = action(actions, "sheet", _sheet, "take a contact sheet of views and suns", """
        sheet loaf.mound --out sheet.png
        sheet loaf.mound --out sheet.png --views 0,4 90,4 --suns 40,20 220,5""", writes=True)
    _common(sheet, "320x200")
    sheet.add_argument("--out", required=True, metavar="FILE.png")
    sheet.add_argument("--views", nargs="+", metavar="NAME|AZ,EL", help="default four sides, or all kept views")
    sheet.add_argument("--suns", nargs="+", type=arguments.pair, metavar="AZ,EL", help="default in front, beside and behind")


def _common(parser, size="1280x800", layers=False):
    parser.add_argument("source", metavar="X.mound|X.vdb")
    parser.add_argument("--grid", default="density", metavar="NAME", help="grid of an OpenVDB file")
    parser.add_argument("--voxel", type=arguments.positive, metavar="M", help="voxel of a mound; default as fine as a pixel shows")
    parser.add_argument("--final", action="store_true", help="with the mound's final voxel")
    parser.add_argument("--quick", action="store_true", help="with the mound's draft voxel, which takes less time")
    parser.add_argument("--size", type=arguments.size, default=arguments.size(size), metavar="WxH", help=f"pixels; default {size}")
    kind = parser.add_mutually_exclusive_group()
    kind.add_argument("--draft", action="store_true", help="by Draft light (the default)")
    kind.add_argument("--true", action="store_true", help="by True light")
    parser.add_argument("--once", action="store_true", help="Draft light: of the sunlight only what is scattered once")
    parser.add_argument("--noise", type=arguments.noise, default=0.05, metavar="N", help="True light: when it is enough")
    parser.add_argument("--alone", action="store_true", help="True light: by whole paths alone, which takes far longer")
    parser.add_argument("--denoise", action="store_true", help="True light: take what noise is left out of it (softmound[denoise])")
    parser.add_argument("--seed", type=arguments.seed, default=0, metavar="N", help="True light: another one has other noise")
    parser.add_argument("--exposure", type=arguments.stops, metavar="S", help="stops, or picture: what the picture asks for")
    parser.add_argument("--below", choices=("none", "sea", "land"), help="what lies below, with the cloud's shadow")
    parser.add_argument("--level", type=arguments.altitude, metavar="M", help="its altitude; default well below the cloud")
    parser.add_argument("--extinction", type=arguments.positive, metavar="K",
                        help="1/m at density 1; default the mound's, or what an OpenVDB file states")
    parser.add_argument("--transform", metavar="NAME", help="view transform: own, exposure, or display/view of the config")
    parser.add_argument("--unit", choices=UNITS, help="what an OpenVDB file's numbers are; default what it states, else m")
    mixing(parser, layers)
    parser.add_argument("--up", choices=("y", "z"), help="its up-axis; default what it states, else y")


def _sequence(parser):
    parser.add_argument("--kind", default="png", choices=("png", "exr"), help="of numbered pictures")
    parser.add_argument("--rate", type=arguments.rate, default=24.0, metavar="N", help="pictures a second of a film")


def _opened(args, progress):
    """What a picture is taken of: stages, mound, grid, its key, a ticket, and what was read of a file; None to look only."""
    from ..core.engine.density import bounds_of, draft_voxel
    from ..core.engine.fineness import picture_voxel
    from ..core.engine.stages import Stages
    from ..core.engine.stills import refuse_too_many_pixels
    from ..core.exchange.sequences import mound_at
    from ..core.light.picture.denoise import refuse_to_denoise
    from ..core.light.scene.camera import camera_of
    from ..core.light.scene.groups import mixed_light
    from ..core.light.scene.situations import with_floor
    from ..core.recipe import read_mound
    from ..core.recipe.camera_path import seen_from

    if args.denoise:
        refuse_to_denoise()
    refuse_too_many_pixels(*args.size)
    stages, ticket = Stages(), ticket_for(progress)
    if str(args.source).endswith(".mound"):
        mound, read = read_mound(args.source), {}
        if getattr(args, "frame", None) is not None:
            mound = mound_at(seen_from(mound, args.frame), args.frame, pathlib.Path(args.source).parent)
        if args.voxel or args.final:
            voxel = args.voxel or mound.voxels.final
        elif args.quick:
            voxel = draft_voxel(mound)
        else:
            voxel = picture_voxel(stages, mound, camera_of(_viewed(args, mound, lambda: bounds_of(mound)), *args.size))
        if args.dry_run:
            foretold(args, [args.out], stages.forecast(mound), voxel)
            return None
        stages.refuse_unless_fits(mound, voxel)
        ticket.step(0.0, 0.3, "building")
        grid, key = stages.density(mound, voxel, ticket, remember=False), stages.density_key(mound, voxel)
    else:
        mound, grid, read = _read(args, ticket)
        key = f"file {args.source}"
        if args.dry_run:
            foretold(args, [args.out])
            return None
    if grid.active_bounds() is None:
        raise Problem("{}: holds no cloud; there is nothing to take a picture of.", shown(args.source))
    light = mound.light
    changes = {} if args.transform is None else {"transform": args.transform}
    if args.exposure is not None:
        metered = args.exposure == "picture"
        changes |= {"metered": metered, "exposure": 0.0 if metered else args.exposure}
    if args.once:
        changes["once"] = True
    if args.extinction:
        changes["medium"] = light.medium.edited(extinction=args.extinction)
    mound = mound.edited(light=mixed_light(light.edited(**changes), args.groups))
    mound = mound.edited(view=_viewed(args, mound, lambda: [grid.world(corner) for corner in grid.active_bounds()]))
    if args.below or args.level is not None:
        bounds = tuple(grid.world(corner) for corner in grid.active_bounds())
        mound = with_floor(mound, args.below or mound.light.floor.kind, bounds, args.level)
    return stages, mound, grid, key, ticket, {**read, "extinction": mound.light.medium.extinction}


def _viewed(args, mound, bounds):
    """The view that the options ask for, given what tells the box to be seen."""
    view = kept_or_turned(mound, args.view) if getattr(args, "view", None) else mound.view
    turns = [n / 24.0 * args.degrees for n in range(25)] if hasattr(args, "degrees") else (0.0,)
    kept = any(k.name == getattr(args, "view", None) for k in mound.views)
    return view_of(args, view, bounds, turns, kept) if hasattr(args, "fit") else view


def _read(args, ticket):
    """A mound around the grid of a file, placed and lit as the file states it or the options say."""
    from ..core.exchange.stated import read_density
    from ..core.light.scene.camera import fitted
    from ..core.recipe import Light, Mound, View

    grid, medium, placement = read_density(args.source, args.grid, args.unit, args.up, ticket)
    mound = Mound(light=Light(medium=medium))
    bounds = grid.active_bounds()
    if bounds is not None:
        mound = mound.edited(view=fitted(View(), *(grid.world(b) for b in bounds), *args.size))
    return mound, grid, placement


def _taking(args):
    from ..core.engine.stills import Taking

    # A voxel that was named holds for all of the cloud.
    named = args.voxel or args.final or args.quick or not str(args.source).endswith(".mound")
    return Taking(*args.size, true=args.true, noise=args.noise, seed=args.seed, alone=args.alone, denoise=args.denoise,
                  near=not named)


def _check_transform(name):
    from ..core.light.picture.looks import transforms

    if name is not None and name not in transforms():
        raise Problem("There is no view transform {!r}; there are: {}.", name, '; '.join(transforms()))


def _picture(args):
    from ..core.engine.layers import TURNS, check_layers, optical_depths
    from ..core.engine.stills import scene_taken, still_of_scene
    from ..core.engine.takes import write_layers
    from ..core.exchange.pictures import write_picture
    from ..core.light.paths.first_met import first_met
    from ..core.light.scene.camera import camera_of

    _check_transform(args.transform)
    check_outputs(args, [args.source], out=(args.out, (".png", ".exr")))
    check_layers(args.layers, args.out)
    exr = args.out.lower().endswith(".exr")
    for option in ("depth", "with_sky", "full"):
        if getattr(args, option) and not exr:
            raise Problem("{}: --{} is for OpenEXR; a PNG does not hold it. Let the name end in .exr.",
                          shown(args.out), option.replace('_', '-'))
    for option in ("depth", "with_sky", "denoise"):
        if args.layers and getattr(args, option):
            raise Problem("--layers has no --{}: layers are without the sky and as they were traced, and depth is one "
                          "of them.", option.replace('_', '-'))
    if args.frame is not None and not str(args.source).endswith(".mound"):
        raise Problem("{}: only a mound has a time line; leave out --frame.", shown(args.source))
    begun = time.perf_counter()
    with Progress(args) as progress:
        opened = _opened(args, progress)
        if opened is None:
            return
        stages, mound, grid, key, ticket, read = opened
        if args.sun:
            sun = mound.light.sun.edited(azimuth=args.sun[0], elevation=args.sun[1])
            mound = mound.edited(light=mound.light.edited(sun=sun))
        ticket.step(0.3, 1.0, "taking the picture")
        options, parts, taking = {}, None, _taking(args)
        scene = scene_taken(stages, mound, grid, key, taking, ticket)
        if args.layers:
            motion = _motion(args, mound)
            names = layers_asked(args.layers, scene, args.true, motion)
            still, parts = write_layers(args.out, stages, scene, taking, names, half=not args.full, mound=mound,
                                        motion=motion, frame=args.frame, ticket=ticket)
        else:
            still = still_of_scene(stages, scene, taking, ticket=ticket)
            if exr:
                options = {"half": not args.full, "sky": args.with_sky}
            if args.depth:
                camera = camera_of(mound.view, *args.size)
                options |= {"distance": first_met(scene, camera, TURNS).distance, "optical": optical_depths(stages, scene, camera)}
            write_picture(args.out, still, mound.light, mound, **options)
    print_facts({"file": str(args.out), **({} if parts is None else {"parts": parts}), "size": list(args.size),
                 "light": "true" if args.true else "draft", **read,
                 "voxel": grid.voxel, "paths": still.turns, "noise": round(still.noise, 5),
                 "bias": round(still.bias, 5) if still.bias < 1e9 else None, "denoised": still.denoised,
                 "seconds": round(time.perf_counter() - begun, 3)}, args)


def _motion(args, mound):
    """How what is seen moves until the next frame of the time line; None where nothing does."""
    from ..core.engine.takes import motion_of
    from ..core.recipe import read_mound

    if args.frame is None or not str(args.source).endswith(".mound"):
        return None
    return motion_of(read_mound(args.source), mound, args.frame, *args.size, pathlib.Path(args.source).parent)


def _frames_to(args, mounds_of):
    from ..core.engine.kept_stills import going_on
    from ..core.engine.stills import frames_taken
    from ..core.exchange.pictures import written_frames

    _check_transform(args.transform)
    begun, out = time.perf_counter(), pathlib.Path(args.out)
    check_sequence(args, [args.source], out)
    with Progress(args) as progress:
        opened = _opened(args, progress)
        if opened is None:
            return
        stages, mound, grid, key, ticket, read = opened
        mounds = mounds_of(mound)
        with going_on(out, _taking(args)) as taking:
            written_frames(out, frames_taken(stages, mounds, grid, key, taking, ticket), mound.light, args.kind, args.rate)
    taken_over = {"taken_over": taking.kept.taken_over} if taking.kept is not None else {}
    print_facts({"file": str(out), "pictures": len(mounds), **taken_over, "size": list(args.size), **read,
                 "light": "true" if args.true else "draft", "seconds": round(time.perf_counter() - begun, 3)}, args)


def _turntable(args):
    from ..core.engine.stills import turntable

    _frames_to(args, lambda mound: turntable(mound, args.frames, args.degrees))


def _sweep(args):
    from ..core.engine.stills import sun_sweep

    _frames_to(args, lambda mound: sun_sweep(mound, args.frames, args.start, args.end))


def _sheet(args):
    from ..core.aside import write_whole
    from ..core.engine.stills import sheet, sheet_of
    from ..core.exchange.png import png_of

    _check_transform(args.transform)
    check_outputs(args, [args.source], out=(args.out, (".png",)))
    begun = time.perf_counter()
    with Progress(args) as progress:
        opened = _opened(args, progress)
        if opened is None:
            return
        stages, mound, grid, key, ticket, read = opened
        views, suns = sheet_of(mound)
        views = [kept_or_turned(mound, text) for text in args.views] if args.views else views
        suns = args.suns or suns
        page = sheet(stages, mound, views, suns, grid, key, _taking(args), ticket)
        write_whole(args.out, png_of(page))
    print_facts({"file": str(args.out), "views": len(views), "suns": len(suns), **read,
                 "seconds": round(time.perf_counter() - begun, 3)}, args)
