"""The `softmound` command."""

import argparse
import json
import os
import pathlib
import sys
import time

from . import __version__
from .core.recipe import Problem, read_mound, write_mound, write_whole


class _Parser(argparse.ArgumentParser):
    def error(self, message):
        self.exit(2, f"softmound: {message}; see softmound --help.\n")


class _Bar:
    """Progress on a terminal; silent anywhere else."""

    def __init__(self):
        from tqdm import tqdm

        self._bar = tqdm(total=100, file=sys.stderr, leave=False, disable=not sys.stderr.isatty(),
                         bar_format="{desc:<32} {percentage:3.0f} % |{bar}| {elapsed}")

    def __call__(self, share, words):
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
    new.add_argument("--span", type=_span, default=300.0, metavar="M", help="its longest side in metres")
    new.add_argument("--seed", type=_seed, default=3, metavar="N", help="seed of the first shape")
    new.set_defaults(run=_new)

    build = actions.add_parser("build", help="build a mound's density and write it as OpenVDB")
    build.add_argument("mound", metavar="X.mound")
    build.add_argument("--out", required=True, metavar="FILE.vdb")
    build.add_argument("--voxel", type=_metres, metavar="M", help="voxel size in metres")
    build.add_argument("--seed", type=_seed, metavar="N",
                       help="seed of the first grain; the others follow it")
    build.add_argument("--picture", metavar="FILE.png", help="also take the mound's picture")
    build.add_argument("--float", action="store_true", help="32-bit instead of 16-bit values")
    build.add_argument("--json", action="store_true", help="print the facts as JSON")
    build.set_defaults(run=_build)

    info = actions.add_parser("info", help="say what an OpenVDB file holds")
    info.add_argument("file", metavar="FILE.vdb")
    info.add_argument("--json", action="store_true", help="print the facts as JSON")
    info.set_defaults(run=_info)

    publish = actions.add_parser("publish", help="build a mound and put it into a library")
    publish.add_argument("mound", metavar="X.mound")
    publish.add_argument("--library", required=True, metavar="DIR")
    publish.add_argument("--voxel", type=_metres, metavar="M", help="voxel size in metres")
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


def _metres(text):
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0.005 <= value <= 500.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no voxel size; give metres from 0.005 to 500")
    return value


def _span(text):
    try:
        value = float(text)
    except ValueError:
        value = -1.0
    if not 0.1 <= value <= 20_000.0:
        raise argparse.ArgumentTypeError(f"{text!r} is no span; give metres from 0.1 to 20000")
    return value


def _seed(text):
    if not text.isdigit() or int(text) >= 2**31:
        raise argparse.ArgumentTypeError(f"{text!r} is no seed; give a whole number below 2147483648")
    return int(text)


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
    from .core.engine.forecast import refuse_unless_fits
    from .core.engine.stages import Stages, picture
    from .core.exchange.png import png_of
    from .core.exchange.vdb import write_vdb
    from .core.library.asset import facts_of, grid_metadata
    from .core.ticket import Ticket

    mound = reseeded(read_mound(args.mound), args.seed)
    voxel = args.voxel or mound.voxels.final
    for out in filter(None, (args.out, args.picture)):
        if not pathlib.Path(out).resolve().parent.is_dir():
            raise Problem(f"{out}: its folder does not exist; make it first.")
    refuse_unless_fits(mound, voxel)
    begun = time.perf_counter()
    with _Bar() as bar:
        stages, ticket = Stages(), Ticket(bar)
        grid = stages.density(mound, voxel, ticket, remember=False)
        if grid.active_bounds() is None:
            raise Problem(f"{args.mound}: holds no cloud above its base level; add a blob first.")
        facts = facts_of(mound, grid, voxel)
        picture_bytes = None
        if args.picture:
            ticket.step(0.0, 1.0, "taking the picture")
            key = stages.density_key(mound, voxel)
            picture_bytes = png_of(picture(stages, mound, grid, key, 1280, 800, passes=8, ticket=ticket))
        write_vdb(args.out, grid, half=not args.float, metadata=grid_metadata(facts), ticket=ticket)
        if picture_bytes is not None:
            write_whole(args.picture, picture_bytes)
    facts.update(file=str(args.out), bytes=os.path.getsize(args.out),
                 seconds=round(time.perf_counter() - begun, 3))
    _print_facts(facts, args.json)


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
        return args.run(args) or 0
    except Problem as problem:
        print(f"softmound: {problem}", file=sys.stderr)
    except KeyboardInterrupt:
        print("softmound: stopped; nothing was written.", file=sys.stderr)
    except BrokenPipeError:
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    return 2


if __name__ == "__main__":
    sys.exit(main())
