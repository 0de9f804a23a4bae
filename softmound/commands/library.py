"""Actions on a library: publish, verify, library."""

import pathlib

from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .common import Progress, action, foretold, print_facts, ticket_for


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    publish = action(actions, "publish", _publish, "build a mound and put it into a library", """
        publish loaf.mound --library shelf
        publish loaf.mound --library shelf --name "Cottage Loaf" --note "softer base, for WB-010"
        publish loaf.mound --library shelf --dry-run""")
    publish.add_argument("mound", metavar="X.mound")
    publish.add_argument("--library", required=True, metavar="DIR")
    publish.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres")
    publish.add_argument("--name", metavar="NAME", help="publish it under another name than its own")
    publish.add_argument("--note", default="", metavar="TEXT", help="what there is to say of this version")
    publish.add_argument("--dry-run", action="store_true", help="look at everything and foretell, but write nothing")

    verify = action(actions, "verify", _verify, "check what was published against its checksums", """
        verify shelf/cottage_loaf/v001
        verify shelf --json""")
    verify.add_argument("folder", metavar="DIR", help="folder of a version, of an asset, or a whole library")

    shelf = action(actions, "library", _library, "say what a library holds", """
        library list shelf
        library latest shelf "Cottage Loaf"
        library list shelf --json""")
    shelf.add_argument("what", choices=("list", "latest"), help="all versions, newest first; or the newest of one name")
    shelf.add_argument("folder", metavar="DIR")
    shelf.add_argument("name", nargs="?", metavar="NAME", help="of the asset")


def _publish(args):
    from ..core.engine.stages import Stages
    from ..core.library.asset import asset_folder, next_version, publish
    from ..core.library.shelf import read_version
    from ..core.recipe import read_mound

    mound = read_mound(args.mound)
    if args.name is not None:
        mound = mound.edited(name=args.name.strip())
    if len(args.note) > 4000:
        raise Problem("A note has at most 4,000 letters.")
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        if args.dry_run:
            asset = asset_folder(args.library, mound.name)
            foretold(args, [asset / f"v{next_version(asset):03d}"], Stages().forecast(mound, ticket),
                     args.voxel or mound.voxels.final)
            return
        folder = publish(mound, args.library, args.voxel, ticket=ticket, note=args.note)
    print_facts({"folder": str(folder), **read_version(folder).facts}, args)


def _verify(args):
    from ..core.library.shelf import verify, versions_in

    found, trouble = [], []
    with Progress(args) as progress:
        folders = versions_in(args.folder)
        for number, folder in enumerate(folders):
            progress(number / len(folders), "verifying")
            try:
                verify(folder)
                found.append({"folder": str(folder), "as_published": True})
            except Problem as problem:
                found.append({"folder": str(folder), "as_published": False, "problem": str(problem)})
                trouble.append(str(problem))
    if args.json and len(trouble) != len(found):
        print_facts({"versions": found}, args)
    elif not args.json:
        for version in found:
            if version["as_published"]:
                print(f"{shown(version['folder'])}: as published")
    if trouble:
        more = f" ({len(trouble) - 1} more of {len(found)} versions are not as published)" if len(trouble) > 1 else ""
        raise Problem(trouble[0] + more)


def _library(args):
    from ..core.library.shelf import listed

    if not pathlib.Path(args.folder).is_dir():
        raise Problem(f"{shown(args.folder)}: there is no such folder; check the name.")
    versions = listed(args.folder)
    if args.name is not None:
        versions = [v for v in versions if v.facts["name"] == args.name]
        if not versions:
            raise Problem(f"{shown(args.folder)}: holds nothing published as {args.name!r}.")
    elif args.what == "latest":
        raise Problem("Say of which asset: library latest DIR NAME.")
    if args.what == "latest":
        newest = max(versions, key=lambda v: v.number)
        if args.json:
            print_facts({"folder": str(newest.folder), **newest.facts}, args)
        else:
            print(newest.folder)
        return
    if args.json:
        print_facts({"versions": [{"folder": str(v.folder), **v.facts} for v in versions]}, args)
        return
    for version in versions:
        facts = version.facts
        print(f"{facts['name']:<28} v{version.number:03d}  {facts['voxel']:>6g} m  {version.bytes:>14,} bytes  {version.folder}")
