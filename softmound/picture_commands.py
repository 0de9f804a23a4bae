"""Commands that take pictures: picture, turntable, sweep, sheet."""

import pathlib
import time

from pydantic import ValidationError

from . import arguments
from .core.problems import Problem, sentence_for
from .core.recipe import Light, Mound, View, read_mound, write_whole


def add_to(actions):
    """Add the commands.

    Parameters
    ----------
    actions : argparse subparsers
    """
    picture = actions.add_parser("picture", help="take a picture of a mound or an OpenVDB file")
    _common(picture)
    picture.add_argument("--out", required=True, metavar="FILE", help=".png, or .exr in linear light")
    picture.add_argument("--view", metavar="NAME|AZ,EL", help="a kept view, or azimuth and elevation in degrees")
    picture.add_argument("--sun", type=arguments.pair, metavar="AZ,EL", help="azimuth and elevation of the sun in degrees")
    picture.add_argument("--depth", action="store_true", help="EXR: also distance (Z) and optical depth")
    picture.add_argument("--with-sky", action="store_true", help="EXR: with the sky behind instead of ready to be laid over")
    picture.add_argument("--full", action="store_true", help="EXR: 32-bit values instead of 16")
    picture.set_defaults(run=_picture)

    turn = actions.add_parser("turntable", help="take pictures all round a cloud")
    _common(turn)
    turn.add_argument("--out", required=True, metavar="FILE|FOLDER",
                      help="a film (.webp, .gif or .png), or a folder for numbered pictures")
    turn.add_argument("--frames", type=arguments.frames, default=48, metavar="N")
    turn.add_argument("--degrees", type=float, default=360.0, metavar="D")
    _sequence(turn)
    turn.set_defaults(run=_turntable)

    sweep = actions.add_parser("sweep", help="take pictures while the sun crosses the sky")
    _common(sweep)
    sweep.add_argument("--out", required=True, metavar="FILE|FOLDER")
    sweep.add_argument("--from", dest="start", type=arguments.pair, required=True, metavar="AZ,EL")
    sweep.add_argument("--to", dest="end", type=arguments.pair, required=True, metavar="AZ,EL")
    sweep.add_argument("--frames", type=arguments.frames, default=48, metavar="N")
    _sequence(sweep)
    sweep.set_defaults(run=_sweep)

    sheet = actions.add_parser("sheet", help="take a contact sheet of views and suns")
    _common(sheet, "320x200")
    sheet.add_argument("--out", required=True, metavar="FILE.png")
    sheet.add_argument("--views", nargs="+", metavar="NAME|AZ,EL", help="default four sides, or all kept views")
    sheet.add_argument("--suns", nargs="+", type=arguments.pair, metavar="AZ,EL", help="default in front, beside and behind")
    sheet.set_defaults(run=_sheet)


def _common(parser, size="1280x800"):
    parser.add_argument("source", metavar="X.mound|X.vdb")
    parser.add_argument("--grid", default="density", metavar="NAME", help="grid of an OpenVDB file")
    parser.add_argument("--voxel", type=arguments.positive, metavar="M", help="voxel of a mound; default its draft voxel")
    parser.add_argument("--final", action="store_true", help="with the mound's final voxel")
    parser.add_argument("--size", type=arguments.size, default=arguments.size(size), metavar="WxH", help=f"pixels; default {size}")
    kind = parser.add_mutually_exclusive_group()
    kind.add_argument("--draft", action="store_true", help="by Draft light (the default)")
    kind.add_argument("--true", action="store_true", help="by True light")
    parser.add_argument("--once", action="store_true", help="Draft light: of the sunlight only what is scattered once")
    parser.add_argument("--noise", type=arguments.noise, default=0.05, metavar="N", help="True light: when it is enough")
    parser.add_argument("--seed", type=int, default=0, metavar="N", help="True light: another one has other noise")
    parser.add_argument("--exposure", type=float, metavar="S", help="stops")
    parser.add_argument("--extinction", type=arguments.positive, metavar="K", help="1/m at density 1")
    parser.add_argument("--transform", metavar="NAME", help="view transform: own, exposure, or display/view of the config")
    parser.add_argument("--json", action="store_true", help="print the facts as JSON")


def _sequence(parser):
    parser.add_argument("--kind", default="png", choices=("png", "exr"), help="of numbered pictures")
    parser.add_argument("--rate", type=arguments.positive, default=24.0, metavar="N", help="pictures a second of a film")


def _view(mound, text):
    kept = next((k.view for k in mound.views if k.name == text), None)
    if kept is not None:
        return kept
    try:
        azimuth, elevation = (float(part) for part in text.split(","))
        return mound.view.edited(azimuth=azimuth, elevation=elevation)
    except ValueError:
        names = ", ".join(k.name for k in mound.views) or "none yet"
        raise Problem(f"There is no view {text!r}; give azimuth,elevation in degrees, or a kept view ({names}).") from None


def _opened(args, bar):
    """What a picture is taken of: stages, mound, grid and its key."""
    from .core.engine.density import draft_voxel
    from .core.engine.forecast import refuse_unless_fits
    from .core.engine.stages import Stages
    from .core.exchange.foreign import read_vdb
    from .core.light.camera import fitted
    from .core.ticket import Ticket

    stages, ticket = Stages(), Ticket(bar)
    if str(args.source).endswith(".mound"):
        mound = read_mound(args.source)
        voxel = args.voxel or (mound.voxels.final if args.final else draft_voxel(mound))
        refuse_unless_fits(stages.forecast(mound), voxel)
        ticket.step(0.0, 0.3, "building")
        grid, key = stages.density(mound, voxel, ticket, remember=False), stages.density_key(mound, voxel)
    else:
        grid, key = read_vdb(args.source, args.grid), f"file {args.source}"
        if grid.background != 0.0:
            raise Problem(f"{args.source}: the grid {args.grid!r} is no density; choose another with --grid.")
        mound = Mound(light=Light())
        bounds = grid.active_bounds()
        if bounds is not None:
            mound = mound.edited(view=fitted(View(), *(grid.world(b) for b in bounds), *args.size))
    light = mound.light
    changes = {name: value for name, value in (("exposure", args.exposure), ("transform", args.transform))
               if value is not None}
    if args.once:
        changes["once"] = True
    try:
        if args.extinction:
            changes["medium"] = light.medium.edited(extinction=args.extinction)
        mound = mound.edited(light=light.edited(**changes))
    except ValidationError as error:
        raise Problem(sentence_for(error, "The light")) from error
    return stages, mound, grid, key, ticket


def _taking(args):
    from .core.engine.stills import Taking

    return Taking(*args.size, true=args.true, noise=args.noise, seed=args.seed)


def _check_transform(name):
    from .core.light.looks import transforms

    if name is not None and name not in transforms():
        raise Problem(f"There is no view transform {name!r}; there are: {'; '.join(transforms())}.")


def _checked(args):
    out = pathlib.Path(args.out)
    if not out.resolve().parent.is_dir():
        raise Problem(f"{args.out}: its folder does not exist; make it first.")
    _check_transform(args.transform)


def _picture(args):
    from .cli import _Bar, _print_facts
    from .core.engine.stills import depths, taken
    from .core.exchange.pictures import write_picture

    _checked(args)
    if pathlib.Path(args.out).suffix.lower() not in (".png", ".exr"):
        raise Problem(f"{args.out}: pictures are written as .png or .exr; give it one of these endings.")
    begun = time.perf_counter()
    with _Bar() as bar:
        stages, mound, grid, key, ticket = _opened(args, bar)
        if args.view:
            mound = mound.edited(view=_view(mound, args.view))
        if args.sun:
            sun = mound.light.sun.edited(azimuth=args.sun[0], elevation=args.sun[1])
            mound = mound.edited(light=mound.light.edited(sun=sun))
        ticket.step(0.3, 1.0, "taking the picture")
        still = taken(stages, mound, grid, key, _taking(args), ticket=ticket)
        options = {}
        if args.out.lower().endswith(".exr"):
            options = {"half": not args.full, "sky": args.with_sky}
            if args.depth:
                options["distance"], options["optical"] = depths(stages, mound, grid, key, _taking(args))
        write_picture(args.out, still, mound.light, **options)
    _print_facts({"file": str(args.out), "size": list(args.size), "light": "true" if args.true else "draft",
                  "voxel": grid.voxel, "paths": still.turns, "noise": round(still.noise, 5),
                  "seconds": round(time.perf_counter() - begun, 3)}, args.json)


def _frames_to(args, mounds_of):
    from .cli import _Bar, _print_facts
    from .core.engine.stills import frames_taken
    from .core.exchange.pictures import FILMS, written_frames

    _checked(args)
    begun, out = time.perf_counter(), pathlib.Path(args.out)
    film = out.suffix.lower()
    if film and film not in FILMS:
        raise Problem(f"{args.out}: films are written as {', '.join(FILMS)}; without an ending it is a folder of pictures.")
    with _Bar() as bar:
        stages, mound, grid, key, ticket = _opened(args, bar)
        mounds = mounds_of(mound)
        written_frames(out, frames_taken(stages, mounds, grid, key, _taking(args), ticket), mound.light, args.kind, args.rate)
    _print_facts({"file": str(out), "pictures": len(mounds), "size": list(args.size),
                  "light": "true" if args.true else "draft", "seconds": round(time.perf_counter() - begun, 3)}, args.json)


def _turntable(args):
    from .core.engine.stills import turntable

    _frames_to(args, lambda mound: turntable(mound, args.frames, args.degrees))


def _sweep(args):
    from .core.engine.stills import sun_sweep

    _frames_to(args, lambda mound: sun_sweep(mound, args.frames, args.start, args.end))


def _sheet(args):
    from .cli import _Bar, _print_facts
    from .core.engine.stills import sheet, sheet_of
    from .core.exchange.png import png_of

    _checked(args)
    begun = time.perf_counter()
    with _Bar() as bar:
        stages, mound, grid, key, ticket = _opened(args, bar)
        views, suns = sheet_of(mound)
        views = [_view(mound, text) for text in args.views] if args.views else views
        suns = args.suns or suns
        page = sheet(stages, mound, views, suns, grid, key, _taking(args), ticket)
        write_whole(args.out, png_of(page))
    _print_facts({"file": str(args.out), "views": len(views), "suns": len(suns),
                  "seconds": round(time.perf_counter() - begun, 3)}, args.json)
