"""The action that makes a mound of a photograph: from-picture."""

import pathlib
import time

from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .common import Progress, action, check_outputs, foretold, print_facts, ticket_for

OTHER_SHAPE = 0.02
"""Difference in shape from which on an outline is of another picture."""


def add_to(actions):
    """Add the action.

    Parameters
    ----------
    actions : argparse subparsers
    """
    made = action(actions, "from-picture", _from_picture, "make a mound of a photograph of a cloud, or of a drawn outline", """
        from-picture tower.jpg --out tower.mound
        from-picture tower.jpg --out tower.mound --span 900 --focal 85 --search 60
        from-picture sky.jpg --out left.mound --outline left_mask.png --side left_from_the_right.png""", writes=True)
    made.add_argument("file", metavar="PICTURE", help="PNG, JPEG, TIFF or EXR")
    made.add_argument("--out", required=True, metavar="X.mound")
    made.add_argument("--outline", metavar="MASK.png", help="where the cloud is, white on black; default it is found by its colour")
    made.add_argument("--cloud", type=arguments.clouds, default=(1,), metavar="N,N",
                      help="which of several clouds apart, the largest is 1; default 1")
    made.add_argument("--side", metavar="MASK.png", help="outline of the cloud from its right, for its depth")
    made.add_argument("--focal", type=arguments.focal, metavar="MM",
                      help="of the lens, on a film 36 mm wide; default as the file says, else 50")
    made.add_argument("--span", type=arguments.span, default=300.0, metavar="M", help="longest side of the cloud in metres")
    made.add_argument("--sun", type=arguments.pair, metavar="AZ,EL",
                      help="azimuth and elevation of the sun in degrees, 0 behind the camera, 90 on the right; default looked for")
    made.add_argument("--seed", type=arguments.seed, default=3, metavar="N")
    made.add_argument("--search", type=arguments.seconds, metavar="SECONDS", help="then bring it nearer for so long")
    made.add_argument("--lock", action="append", default=[], choices=("forms", "seeds", "grains", "edge", "light"),
                      help="what the search leaves as it is; may be given again")


def _from_picture(args):
    from ..core.exchange.foreign import read_focal, read_photograph
    from ..core.recipe import write_mound

    out = pathlib.Path(args.out)
    check_outputs(args, [path for path in (args.file, args.outline, args.side) if path is not None], out=(out, (".mound",)))
    begun, seconds = time.perf_counter(), {}

    def lap(what):
        seconds[what] = round(time.perf_counter() - begun - sum(seconds.values()), 3)

    with Progress(args) as progress:
        ticket = ticket_for(progress)
        ticket.step(0.0, 1.0, "reading the photograph")
        pixels = read_photograph(args.file, ticket=ticket)
        focal = args.focal or read_focal(args.file, ticket=ticket)
        outline, side = (None if path is None else _mask(path, ticket) for path in (args.outline, args.side))
        _refuse_other_shape(args.outline, outline, pixels)
        if args.dry_run:
            foretold(args, [out])
            return
        from ..core.photograph.making import first_mound_of
        from ..core.photograph.measures import differences
        from ..core.photograph.near import Beside, brought_near
        from ..core.photograph.reading import Photograph, read_in

        try:
            photograph = Photograph(pixels, read_in(pixels, focal, args.span, outline, clouds=args.cloud))
        except Problem as problem:
            raise Problem("{}: {}", shown(args.file), problem.sentence) from problem
        lap("read")
        mound, _, proposed = first_mound_of(photograph, out.stem[:80], args.seed, args.sun, side, ticket)
        lap("first")
        beside, tried, best = Beside(photograph), 0, None
        if args.search is None:
            best = beside.candidate(mound, ticket)
        else:
            ends = time.perf_counter() + args.search
            for candidate in brought_near(photograph, mound, args.lock, args.seed, beside, ticket.quiet()):
                best, tried = candidate or best, tried + 1
                ticket.step(min(1.0, 1.0 - (ends - time.perf_counter()) / args.search), 1.0, "bringing it near")
                if time.perf_counter() > ends:
                    break
            lap("search")
        write_mound(out, best.mound)
    sun, first = best.mound.light.sun, mound.light.sun
    print_facts({
        "file": str(out), "likeness": round(best.likeness, 4), "overlap": round(best.overlap, 4),
        "light_alike": round(best.light, 4), "forms": len(best.mound.mass.forms),
        "photograph": _rounded(beside.measures), "mound": _rounded(best.measures),
        "differs": [str(said) for said in differences(beside.measures, best.measures, sun, first)],
        "sun": [sun.azimuth, sun.elevation],
        "suns": [{"azimuth": one.azimuth, "elevation": one.elevation, "alike": round(one.alike, 4)} for one in proposed],
        "horizon": photograph.reading.horizon, "base": round(photograph.reading.base, 4), "flat": photograph.reading.flat,
        "focal": round(photograph.reading.focal, 2), "focal_known": focal is not None, "span": args.span, "tried": tried,
        "seconds": seconds}, args)


def _mask(path, ticket):
    """An outline from a picture of it."""
    from ..core.exchange.foreign import read_photograph
    from ..core.library.likeness import outline_in

    mask = outline_in(read_photograph(path, ticket=ticket))
    if not mask.any():
        raise Problem("{}: holds no outline; give a picture that is white where the cloud is and black elsewhere.", shown(path))
    return mask


def _refuse_other_shape(path, outline, pixels):
    """Raise where an outline cannot be that of a photograph."""
    if outline is None:
        return
    (rows, columns), (height, width) = outline.shape, pixels.shape[:2]
    if abs(columns / rows * height / width - 1.0) > OTHER_SHAPE:
        raise Problem("{}: is {} by {} pixels, and its photograph {} by {}; give an outline of the same shape.", shown(path),
                      columns, rows, width, height)


def _rounded(measures):
    """Measures as JSON has them: what could not be told is null."""
    return {name: None if value != value else round(value, 4) for name, value in vars(measures).items()}
