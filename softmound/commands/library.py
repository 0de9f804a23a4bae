"""Actions on a library: publish, verify, library."""

import json
import os
import pathlib
import time

from .. import interrupting
from ..core.aside import shown
from ..core.library.choices import MORE, ORDERS, TIERS
from ..core.problems import Problem, sentence_for
from ..core.sentences import Sentence
from . import arguments
from .common import UNITS, Progress, action, check_outputs, first_of, foretold, placement, print_facts, ticket_for


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    _add_publish(actions)
    _add_adopt(actions)
    _add_receive_and_verify(actions)
    _add_library(actions)


def _add_publish(actions):
    publish = action(actions, "publish", _publish, "build mounds and put them into a library", """
        publish loaf.mound --library shelf
        publish loaf.mound --library shelf --name "Cottage Loaf" --note "softer base, for WB-010" --tiers 1,2,4
        publish loaf.mound --library shelf --seeds 0-39 --apart --workers 2
        publish loaf.mound --library /shared/shelf --seeds 0-99 --scheduler tcp://10.0.0.7:8786
        publish loaf.mound brioche.mound --library shelf --tags hero,congestus --shots WB-010 --author me
        publish loaf.mound --library shelf --frames 1-48 --rate 24
        publish loaf.mound --library shelf --dry-run""")
    publish.add_argument("mound", metavar="X.mound", nargs="+")
    publish.add_argument("--library", required=True, metavar="DIR")
    publish.add_argument("--voxel", type=arguments.metres, metavar="M", help="voxel size in metres")
    publish.add_argument("--name", metavar="NAME", help="publish it under another name than its own")
    publish.add_argument("--tiers", type=arguments.tiers, default=(1,), metavar="N,N",
                         help="files with so many times fewer voxels along each side: of 1,2,4,8,16; default 1, the full grid")
    _said_with(publish)
    publish.add_argument("--with", dest="more", type=arguments.words, default=(), metavar="A,B", help="; ".join(
        f"{name}: {words}" for name, words in MORE.items()))
    publish.add_argument("--seeds", type=arguments.numbers, metavar="A-B",
                         help="siblings with other seeds, 0 is the mound itself; what is published already is left alone")
    publish.add_argument("--apart", action="store_true", help="each seed as an asset of its own, not as a version of one")
    placement(publish)
    publish.add_argument("--grid", default="density", metavar="NAME", help="name of the grid in its files")
    publish.add_argument("--frames", type=arguments.frame_range, metavar="A-B", 
                         help="publish these frames, in which the grains move on")
    publish.add_argument("--rate", type=arguments.rate, default=24.0, metavar="R", help="frames a second")
    publish.add_argument("--workers", type=arguments.threads, default=1, metavar="N", help="processes at once, as memory allows")
    publish.add_argument("--scheduler", metavar="ADDRESS",
                         help="of dask.distributed, whose workers publish; they see the library under the same path")
    publish.add_argument("--dry-run", action="store_true", help="look at everything and foretell, but write nothing")


def _add_adopt(actions):
    adopt = action(actions, "adopt", _adopt, "take the grid of an OpenVDB file into a library", """
        adopt storm.vdb --library shelf --name "Storm" --source "simulated by the night shift"
        adopt storm.vdb --library shelf --name "Storm" --unit cm --up z --grid density --tiers 1,2
        adopt "storm.####.vdb" --library shelf --name "Storm" --frames 1-48 --rate 24""")
    adopt.add_argument("source_file", metavar="X.vdb", help="with a run of # for the number of the frame, where there are many")
    adopt.add_argument("--frames", type=arguments.frame_range, metavar="A-B", help="of many, only those from and to")
    adopt.add_argument("--rate", type=arguments.rate, default=24.0, metavar="R", help="frames a second")
    adopt.add_argument("--library", required=True, metavar="DIR")
    adopt.add_argument("--name", metavar="NAME", help="of the asset; default that of the file")
    adopt.add_argument("--source", default="", metavar="TEXT", help="where it comes from")
    adopt.add_argument("--grid", default="density", metavar="NAME")
    adopt.add_argument("--unit", choices=UNITS, help="what the file's numbers are; default what it states, else m")
    adopt.add_argument("--up", choices=("y", "z"), help="its up-axis; default what it states, else y")
    adopt.add_argument("--extinction", type=arguments.positive, metavar="K", help="1/m at density 1; default what it states")
    adopt.add_argument("--tiers", type=arguments.tiers, default=(1,), metavar="N,N", help="as of publish")
    _said_with(adopt)


def _add_receive_and_verify(actions):
    receive = action(actions, "receive", _receive, "render a version as whoever gets it would, from its files alone", """
        receive shelf/cottage_loaf/v001 --picture received.png
        receive shelf/cottage_loaf/v001 --tier 4 --sun 120,20 --size 640x400 --picture small.png""", writes=True)
    receive.add_argument("folder", metavar="DIR", help="folder of a version")
    receive.add_argument("--picture", required=True, metavar="FILE.png")
    receive.add_argument("--tier", type=int, choices=TIERS, help="which file; default the largest there is")
    receive.add_argument("--frame", type=arguments.seed, metavar="N", help="of a sequence; default its first")
    receive.add_argument("--sun", type=arguments.pair, default=(120.0, 35.0), metavar="AZ,EL")
    receive.add_argument("--size", type=arguments.size, default=(640, 400), metavar="WxH")

    verify = action(actions, "verify", _verify, "check what was published against its checksums", """
        verify shelf/cottage_loaf/v001
        verify shelf --json""")
    verify.add_argument("folder", metavar="DIR", help="folder of a version, of an asset, or a whole library")


def _add_library(actions):
    shelf = action(actions, "library", _library, "say what a library holds, search it, and look after it", """
        library list shelf
        library latest shelf "Cottage Loaf"
        library search shelf "loaf hero" --tags congestus --span 200-600 --order thick
        library search shelf "congestus 300-500 m shot:WB_010 -torn"
        library search shelf --since 2026-11-01 --json
        library like shelf "Cottage Loaf"
        library like shelf outline.png
        library show shelf "Cottage Loaf"
        library tags shelf
        library rebuild shelf "Cottage Loaf" --version 3
        library say shelf "Cottage Loaf" --tags hero,final --shots WB-010,WB-040
        library rename shelf "Cottage Loaf" "Country Loaf"
        library drop shelf "Cottage Loaf" --version 1 --tiers 1,2
        library bring shelf "Cottage Loaf" --version 1
        library health shelf --mend
        library retire shelf "Cottage Loaf" --version 1
        library uses shelf "Cottage Loaf" --version 1
        library replace shelf "Cottage Loaf" --version 1 --by 3
        library watch shelf --from renders --every 10
        library empty shelf""")
    shelf.add_argument("what", choices=tuple(_ACTIONS), metavar="ACTION", help="; ".join(
        f"{name}: {said}" for name, (_, said) in _ACTIONS.items()))
    shelf.add_argument("folder", metavar="DIR")
    shelf.add_argument("name", nargs="?", metavar="NAME", help="of the asset; words to search for; or a picture of an outline")
    shelf.add_argument("new_name", nargs="?", metavar="NEW", help="rename: what it is called from now on")
    shelf.add_argument("--version", type=arguments.seed, metavar="N", help="of the asset; default its newest")
    shelf.add_argument("--from", dest="source_folder", metavar="DIR", help="watch: the folder in which files arrive")
    shelf.add_argument("--every", type=arguments.positive, default=10.0, metavar="S", help="watch: seconds between two looks")
    shelf.add_argument("--once", action="store_true", help="watch: look once")
    shelf.add_argument("--by", type=arguments.seed, metavar="N", help="replace: the version that is used instead")
    shelf.add_argument("--tags", type=arguments.words, metavar="A,B", help="search: all of these; say: these and no others")
    shelf.add_argument("--shots", type=arguments.words, metavar="A,B", help="search: all of these; say: these and no others")
    shelf.add_argument("--species", metavar="NAME", help="search: of this species; say: another one")
    for field in ("note", "author", "licence"):
        shelf.add_argument(f"--{field}", metavar="TEXT", help=f"say: another {field}")
    shelf.add_argument("--tiers", type=arguments.tiers, metavar="N,N", help="drop and bring: of which files")
    shelf.add_argument("--mend", action="store_true", help="health: put right what can be")
    for field, unit in (("span", "metres"), ("height", "metres"), ("voxel", "metres"), ("depth", "the largest optical depth"),
                        ("bytes", "size of the files")):
        shelf.add_argument(f"--{field}", type=arguments.between, metavar="A-B", help=f"search: {unit}, from and to")
    shelf.add_argument("--since", type=arguments.day, metavar="DAY", help="search: published on this day or later")
    shelf.add_argument("--until", type=arguments.day, metavar="DAY", help="search: published on this day or before")
    shelf.add_argument("--order", choices=tuple(ORDERS), default="newest")
    shelf.add_argument("--limit", type=arguments.frames, metavar="N", help="at most so many")


def _said_with(parser):
    parser.add_argument("--note", default="", metavar="TEXT", help="what there is to say of this version")
    parser.add_argument("--tags", type=arguments.words, default=(), metavar="A,B", help="words to find it by")
    parser.add_argument("--shots", type=arguments.words, default=(), metavar="A,B", help="codes of shots it is for")
    parser.add_argument("--author", default="", metavar="NAME")
    parser.add_argument("--species", default="", metavar="NAME", help="of cloud, as meteorology calls it")
    parser.add_argument("--licence", default="", metavar="TEXT", help="on what terms others may use it")
    parser.add_argument("--about", metavar="JSON", help="note, tags, shots, author and licence in one, instead of the above")


def _adopt(args):
    from ..core.library.adopting import adopt
    from ..core.library.shelf import read_version

    name = (pathlib.Path(args.source_file).stem.rstrip("#.") if args.name is None else args.name).strip()
    with Progress(args) as progress:
        folder = adopt(args.source_file, args.library, name, source=args.source, grid=args.grid, unit=args.unit, up=args.up,
                       extinction=args.extinction, about=_about(args), tiers=args.tiers, frames=args.frames, rate=args.rate,
                       ticket=ticket_for(progress))
    print_facts({"folder": str(folder), **read_version(folder).facts}, args)


def _about(args):
    from pydantic import ValidationError

    from ..core.library.asset import About

    try:
        if args.about is not None:
            return About.model_validate_json(args.about)
        return About(note=args.note, tags=args.tags, shots=args.shots, author=args.author, licence=args.licence,
                     species=args.species)
    except ValidationError as error:
        raise Problem(sentence_for(error, "what is said of it")) from error


def _publish(args):
    from ..core.engine.stages import Stages
    from ..core.exchange.numbered import Frames
    from ..core.library.asset import publish
    from ..core.library.folders import asset_folder, next_version
    from ..core.library.shelf import read_version
    from ..core.recipe import read_mound

    about = _about(args)
    unknown = [name for name in args.more if name not in MORE]
    if unknown:
        raise Problem("{!r} cannot go with a version; there are {}.", unknown[0], ', '.join(MORE))
    many = args.seeds is not None or len(args.mound) > 1 or args.scheduler is not None
    if many and args.frames is not None:
        raise Problem("Frames are published of one mound at a time; leave --seeds, --scheduler and further mounds.")
    if many:
        _batch(args, about)
        return
    mound = read_mound(args.mound[0])
    if args.name is not None:
        mound = mound.edited(name=args.name.strip())
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        if args.dry_run:
            asset = asset_folder(args.library, mound.name)
            foretold(args, [asset / f"v{next_version(asset):03d}"], Stages().forecast(mound, ticket),
                     args.voxel or mound.voxels.final)
            return
        frames = None if args.frames is None else Frames(*args.frames, args.rate)
        folder = publish(mound, args.library, args.voxel, _options(args), ticket, about=about, tiers=args.tiers, more=args.more,
                         frames=frames)
    print_facts({"folder": str(folder), **read_version(folder).facts}, args)


def _options(args):
    from ..core.exchange.export import ExportOptions

    return ExportOptions(args.up, args.unit, args.origin, not args.full, args.grid)


def _batch(args, about):
    from ..core.library.batch import jobs_of, needs, published_all, waiting

    name = None if args.name is None else args.name.strip()
    jobs = jobs_of(args.mound, args.seeds or (0,), apart=args.apart, name=name, voxel=args.voxel, tiers=args.tiers, about=about,
                   more=args.more, options=_options(args))
    interrupting.stays("what was published before stays, and the same command goes on from there")
    made, problems = [], []

    def told(job, folder, problem):
        if folder is None:
            problems.append(f"{job.name}, seed {job.number}: {problem}")
            return
        made.append({"folder": str(folder), "name": job.name, "seed": job.number})
        if not args.json and not args.quiet:
            print(shown(folder), flush=True)

    with Progress(args) as progress:
        ticket = ticket_for(progress)
        if args.dry_run:
            todo = waiting(jobs, args.library)
            seconds, memory = needs(todo, ticket)
            print_facts({"jobs": len(jobs), "there_already": len(jobs) - len(todo), "seconds": round(seconds, 3),
                         "memory_bytes": round(memory)}, args)
            return
        now, there, failed = published_all(jobs, args.library, args.workers, ticket, told, args.scheduler)
    if problems:
        more = Sentence("{} ({} of {} could not be published)", problems[0], failed, len(jobs))
        raise Problem(more if len(jobs) > 1 else problems[0])
    if args.json:
        print_facts({"versions": made, "there_already": there, "failed": failed}, args)
    elif not args.quiet:
        print(f"{now} published, {there} there already")


def _receive(args):
    from ..core.aside import write_whole
    from ..core.exchange.png import png_of
    from ..core.library.receiving import received
    from ..core.library.shelf import read_version

    version = read_version(args.folder)
    check_outputs(args, [version.vdb(min(version.tiers), args.frame)], picture=(args.picture, (".png",)))
    if args.dry_run:
        foretold(args, [args.picture])
        return
    with Progress(args) as progress:
        found = received(version, args.tier, args.sun, args.size, args.frame, ticket_for(progress))
    write_whole(args.picture, png_of(found.pixels))
    print_facts({"picture": args.picture, **found.facts}, args)


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
    if not pathlib.Path(args.folder).is_dir():
        raise Problem("{}: there is no such folder; check the name.", shown(args.folder))
    with Progress(args) as progress:
        _ACTIONS[args.what][0](args, ticket_for(progress))


def _chosen(args, what):
    """The version that the arguments name."""
    from ..core.library.shelf import of_asset

    if args.name is None:
        raise Problem("Say of which asset: library {} DIR NAME.", what)
    versions = of_asset(args.folder, args.name)
    if not versions:
        raise Problem("{}: holds nothing published as {!r}.", shown(args.folder), args.name)
    if args.version is None:
        return max(versions, key=lambda v: v.number)
    for version in versions:
        if version.number == args.version:
            return version
    there = ", ".join(str(v.number) for v in sorted(versions, key=lambda v: v.number))
    raise Problem("{}: {} has no version {}; there are {}.", shown(args.folder), args.name, args.version, there)


def _told(versions, args, more=lambda version: {}):
    if args.json:
        print_facts({"versions": [{"folder": str(v.folder), **more(v), **v.facts} for v in versions]}, args)
        return
    for version in versions:
        facts, first = version.facts, "".join(f"{value:<8.3f}" for value in more(version).values())
        print(f"{first}{facts['name']:<28} v{version.number:03d}  {facts['voxel']:>6g} m  {version.bytes:>14,} bytes  "
              f"{version.folder}")


def _list(args, ticket):
    from ..core.library.shelf import listed

    versions = [v for v in listed(args.folder) if args.name is None or v.facts["name"] == args.name]
    if args.name is not None and not versions:
        raise Problem("{}: holds nothing published as {!r}.", shown(args.folder), args.name)
    _told(versions, args)


def _latest(args, ticket):
    newest = _chosen(args, "latest")
    if args.json:
        print_facts({"folder": str(newest.folder), **newest.facts}, args)
    else:
        print(newest.folder)


def _show(args, ticket):
    version = _chosen(args, "show")
    tiers = [f"{version.folder / tier['file']}" for tier in version.facts.get("tiers", ())] or [str(version.vdb())]
    hidden = ("seal", "files", "shape", "tiers")
    print_facts({"folder": str(version.folder), "grids": tiers,
                 **{k: v for k, v in version.facts.items() if args.json or k not in hidden}}, args)


def _search(args, ticket):
    from ..core.library.asked import asked
    from ..core.library.index import RANGES, Index

    given = asked(args.name or "", tags=args.tags, shots=args.shots, species=[args.species] if args.species else None,
                  **{name: getattr(args, name) for name in (*RANGES, "since", "until")})
    with Index(args.folder) as index:
        index.refresh(ticket)
        _told(index.search(**given, order=args.order, limit=args.limit), args)


def _tags(args, ticket):
    from ..core.library.index import Index

    with Index(args.folder) as index:
        index.refresh(ticket)
        found = index.labels("tag")
    if args.json:
        print_facts({"tags": dict(found)}, args)
        return
    for tag, count in found:
        print(f"{count:>6}  {tag}")


def _like(args, ticket):
    from ..core.exchange.foreign import read_photograph
    from ..core.library.index import Index
    from ..core.library.likeness import apart, apart_from_outline, outline_in

    with Index(args.folder) as index:
        index.refresh(ticket)
        versions = index.search()
    if args.name is not None and pathlib.Path(args.name).suffix.lower() in (".png", ".jpg", ".jpeg", ".tif", ".tiff"):
        mask = outline_in(read_photograph(args.name, ticket=ticket))
        far = {v.folder: apart_from_outline(v.facts.get("shape", {}), mask) for v in versions}
    else:
        chosen = _chosen(args, "like")
        if "shape" not in chosen.facts:
            raise Problem("{}: was published before shapes were measured; publish it again.", shown(chosen.folder))
        versions = [v for v in versions if v.folder != chosen.folder]
        far = dict(zip([v.folder for v in versions], apart(chosen.facts["shape"], [v.facts.get("shape", {}) for v in versions])))
    found = sorted((v for v in versions if far[v.folder] < float("inf")), key=lambda v: far[v.folder])[: args.limit or 10]
    _told(found, args, lambda version: {"apart": round(far[version.folder], 4)})


def _rebuild(args, ticket):
    from ..core.library.keeping import rebuilt

    version = _chosen(args, "rebuild")
    print_facts({"folder": str(version.folder), **rebuilt(version, ticket)}, args)


def _say(args, ticket):
    from pydantic import ValidationError

    from ..core.library.asset import About
    from ..core.library.changing import retold

    version = _chosen(args, "say")
    given = {name: getattr(args, name) for name in About.model_fields if getattr(args, name) is not None}
    if not given:
        raise Problem("Say what is to be said: --tags, --shots, --note, --species, --author or --licence.")
    try:
        said = {name: version.facts[name] for name in About.model_fields if name in version.facts} | given
        about = About.model_validate_json(json.dumps(said))
    except ValidationError as error:
        raise Problem(sentence_for(error, "what is said of it")) from error
    retold(version, about)
    print_facts({"folder": str(version.folder), **about.model_dump(mode="json")}, args)


def _rename(args, ticket):
    from ..core.library.changing import renamed

    if args.name is None or args.new_name is None:
        raise Problem("Say which asset, and what it is called from now on: library rename DIR NAME NEW.")
    print_facts({"folders": [str(folder) for folder in renamed(args.folder, args.name, args.new_name)]}, args)


def _drop(args, ticket):
    from ..core.library.changing import dropped

    if args.tiers is None:
        raise Problem("Say which files are to be dropped: --tiers 1,2.")
    before = _chosen(args, "drop")
    after = dropped(before, args.tiers)
    print_facts({"folder": str(after.folder), "bytes_freed": before.bytes - after.bytes, "tiers": sorted(after.tiers)}, args)


def _bring(args, ticket):
    from ..core.library.changing import brought_back

    version = _chosen(args, "bring")
    if args.tiers is not None:
        lacking = [times for times in args.tiers if times not in version.dropped]
        if lacking:
            raise Problem("{}: its tier of 1/{} was not dropped.", shown(version.folder), lacking[0])
    version = brought_back(version, args.tiers, ticket)
    print_facts({"folder": str(version.folder), "tiers": sorted(version.tiers)}, args)


def _retire(args, ticket):
    from ..core.library.keeping import retire

    print_facts({"retired": str(retire(_chosen(args, "retire")))}, args)


def _uses(args, ticket):
    from ..core.formation.uses import uses_of

    version = _chosen(args, "uses")
    baskets, flocks = uses_of(args.folder, version)
    print_facts({"folder": str(version.folder), "baskets": baskets, "flocks": flocks}, args)


def _replace(args, ticket):
    from ..core.formation.uses import replaced_everywhere

    if args.version is None or args.by is None:
        raise Problem("Say which version is replaced, and by which: --version 1 --by 3.")
    version = _chosen(args, "replace")
    args.version = args.by
    baskets, flocks = replaced_everywhere(args.folder, version, _chosen(args, "replace"))
    print_facts({"baskets": baskets, "flocks": flocks}, args)


def _watch(args, ticket):
    from ..core.library.adopting import adopt
    from ..core.library.arrivals import arrivals, remember_arrival

    if args.source_folder is None:
        raise Problem("Say in which folder files arrive: library watch DIR --from FOLDER.")
    made = []
    while True:
        for arrival in arrivals(args.source_folder, args.folder):
            try:
                folder = adopt(arrival.path, args.folder, arrival.name, source=os.path.dirname(arrival.path), ticket=ticket)
            except Problem as problem:
                made.append({"file": arrival.path, "problem": str(problem)})
            else:
                made.append({"file": arrival.path, "folder": str(folder)})
            remember_arrival(args.folder, arrival)  # one that cannot be read is not tried again until it is written anew
            if not args.once:
                print_facts(made.pop(), args)
        if args.once:
            print_facts({"adopted": made}, args)
            return
        for _ in range(max(round(args.every / 0.1), 1)):
            ticket.tick(0.0)
            time.sleep(0.1)


def _retired(args, ticket):
    from ..core.library.keeping import retired

    _told(retired(args.folder), args)


def _restore(args, ticket):
    from ..core.library.keeping import restore, retired

    found = [v for v in retired(args.folder) if v.facts["name"] == args.name and args.version in (None, v.number)]
    if not found:
        if args.version is None:
            raise Problem("{}: nothing retired is called {!r}.", shown(args.folder), args.name)
        raise Problem("{}: nothing retired is called {!r} and numbered {}.", shown(args.folder), args.name, args.version)
    print_facts({"restored": str(restore(max(found, key=lambda v: v.number)))}, args)


def _empty(args, ticket):
    from ..core.library.keeping import empty

    count, freed = empty(args.folder)
    print_facts({"versions_deleted": count, "bytes_freed": freed}, args)


def _health(args, ticket):
    from ..core.library.keeping import health

    report = health(args.folder, ticket, args.mend)
    print_facts(report, args)
    if report["problems"]:
        raise Problem(first_of(report["problems"]))


_ACTIONS = {
    "list": (_list, "all versions, newest first"), "latest": (_latest, "the newest of one name"),
    "search": (_search, "versions by words, tags, shots, sizes and days"), "tags": (_tags, "all tags, and how often"),
    "like": (_like, "what looks most like an asset, or like an outline in a picture"), "show": (_show, "all facts of one version"),
    "rebuild": (_rebuild, "build a version again from its recipe, and say by how much it differs"),
    "say": (_say, "change its tags, shots, note, author or licence"), "rename": (_rename, "call an asset something else"),
    "drop": (_drop, "delete files that the recipe can build again"), "bring": (_bring, "build them again"),
    "retire": (_retire, "put a version aside; it is kept until the library is emptied of what is retired"),
    "uses": (_uses, "baskets, and flocks saved on this machine, that use a version"),
    "replace": (_replace, "let what uses a version use another one of its asset"),
    "watch": (_watch, "adopt what arrives in a folder"),
    "retired": (_retired, "what was put aside"), "restore": (_restore, "bring it back"),
    "empty": (_empty, "delete what was put aside"),
    "health": (_health, "checksums, what is left half done, and disk use"),
}
"""What can be done with a library: the function, and what it does in words."""
