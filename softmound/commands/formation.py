"""Actions on many clouds in one sky: spread, formation."""

import math
import os
import pathlib

from ..core.aside import shown
from ..core.problems import Problem, sentence_for
from . import arguments
from .common import Progress, action, changes_of, check_outputs, check_sequence, first_of, foretold, print_facts, ticket_for
from .mixing import layers_asked, mixing

AREAS, TURNED = ("rectangle", "disc", "line", "painted"), ("not", "about", "freely")
PICTURES, STAGES = (".png", ".exr"), (".usda", ".usdc", ".usd")


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    spread = action(actions, "spread", _spread, "place many assets over an area by one seed", """
        spread shelf.flock --library shelf --asset "Cottage Loaf" --asset Brioche:2 --area disc --size 8000x8000 --count 60
        spread shelf.flock --spread streets --asset "Flour Drift" --size 9000x6000 --streets 900 --along 70 --thinning 0.4 --seed 5
        spread shelf.flock --again --seed 9
        spread shelf.flock --spread streets --again""")
    spread.add_argument("flock", metavar="X.flock", help="made when it is not there")
    spread.add_argument("--library", metavar="DIR", help="of the assets; default what the flock states")
    spread.add_argument("--spread", default="Spread", metavar="NAME", help="which rule of the flock; made when it is not there")
    spread.add_argument("--again", action="store_true", help="place the members anew; what was changed by hand stays")
    spread.add_argument("--asset", action="append", default=[], metavar="NAME[:WEIGHT]", help="what is placed; again for more")
    spread.add_argument("--area", choices=AREAS)
    spread.add_argument("--centre", type=arguments.flat, metavar="X,Z", help="metres")
    spread.add_argument("--size", type=arguments.wide, metavar="WxD", help="metres; of a line how wide it is")
    spread.add_argument("--line", action="append", type=arguments.flat, metavar="X,Z", help="a corner of the line; again for more")
    spread.add_argument("--painted", metavar="PICTURE", help="white many, black none; its upper edge is the most z")
    spread.add_argument("--altitude", type=arguments.between, metavar="A-B", help="where their undersides stand, metres")
    spread.add_argument("--count", type=arguments.members, metavar="N", help="so many at the most")
    spread.add_argument("--apart", type=arguments.far, metavar="M", help="least distance between the middles of two")
    spread.add_argument("--overlap", type=arguments.share, metavar="S", help="share of their widths by which two may overlap")
    spread.add_argument("--larger-apart", action="store_true", default=None, help="larger ones keep farther from others")
    spread.add_argument("--turned", choices=TURNED, help="not, about the vertical, or freely")
    spread.add_argument("--sizes", type=arguments.between, metavar="A-B", help="times their own")
    spread.add_argument("--densities", type=arguments.between, metavar="A-B", help="times their own")
    spread.add_argument("--thinning", type=arguments.share, metavar="S", help="share of the way to the edge where they thin out")
    spread.add_argument("--streets", type=arguments.far, metavar="M", help="from street to street")
    spread.add_argument("--along", type=arguments.degrees, metavar="D", help="where streets run, azimuth")
    spread.add_argument("--seed", type=arguments.seed, metavar="N")

    formation = action(actions, "formation", _formation, "pictures, films, stages and grids of a flock", """
        formation picture shelf.flock --out sky.png --size 1280x720
        formation picture shelf.flock --out sky.exr --true --noise 0.05 --view wide
        formation film shelf.flock --out path.mp4 --frames 96
        formation usd shelf.flock --out sky.usda
        formation list shelf.flock --out members.json
        formation deck shelf.flock --set altitude=300 --set cover=0.7
        formation haze shelf.flock --set visibility=12
        formation haze shelf.flock --layer Valley --set boxed=true --set size=3000,800 --set high=200
        formation plate shelf.flock --photograph field.jpg --set horizon=0.7
        formation merge shelf.flock --out sky.vdb --voxel 8 --region=-2000,700,-2000,2000,2500,2000
        formation read sky.usda --out sky.flock
        formation check shelf.flock""", writes=True)
    formation.add_argument("what", choices=tuple(_ACTIONS), metavar="ACTION", help="; ".join(
        f"{name}: {said}" for name, (_, said) in _ACTIONS.items()))
    formation.add_argument("flock", metavar="X.flock", help="of read a stage or a list")
    formation.add_argument("--out", metavar="FILE")
    formation.add_argument("--library", metavar="DIR", help="of the assets; default what the flock states")
    formation.add_argument("--size", type=arguments.size, default=(1280, 720), metavar="WxH")
    formation.add_argument("--view", metavar="NAME", help="a kept view; default the flock's own")
    mixing(formation)
    formation.add_argument("--true", action="store_true", help="True light")
    formation.add_argument("--noise", type=arguments.noise, default=0.05, metavar="N", help="of True light")
    formation.add_argument("--passes", type=arguments.frames, default=4, metavar="N", help="of Draft light")
    formation.add_argument("--frames", type=arguments.frames, default=48, metavar="N", help="film: through the kept views")
    formation.add_argument("--rate", type=arguments.rate, default=24.0, metavar="N")
    formation.add_argument("--kind", choices=("png", "exr"), default="png", help="film: of pictures in a folder")
    formation.add_argument("--voxel", type=arguments.metres, metavar="M", help="merge: metres")
    formation.add_argument("--layer", metavar="NAME", help="deck, haze: which; made when it is not there; default the first")
    formation.add_argument("--set", action="append", default=[], metavar="WHAT=VALUE", help="deck, haze, plate: one number of it; "
                           "again for more")
    formation.add_argument("--remove", action="store_true", help="deck, haze, plate: take it out")
    formation.add_argument("--photograph", metavar="FILE", help="plate: the picture that stands behind the sky")
    formation.add_argument("--region", type=arguments.box, metavar="X,Y,Z,X,Y,Z", help="merge: two corners, metres")


def _folder(args):
    """Of the flock: what its relative files are looked for in."""
    return pathlib.Path(args.flock).absolute().parent


def _opened(args):
    from ..core.formation.standing import sources_of
    from ..core.recipe.flock_files import read_flock

    flock = read_flock(args.flock)
    folder = _folder(args)
    library = library_of(args.library, flock, folder)
    return flock, sources_of(flock, library, folder), library


def library_of(given, flock, folder):
    """Folder of a flock's assets.

    Parameters
    ----------
    given : path-like or None
        What was asked for.
    flock : Flock
    folder : pathlib.Path
        Of the flock.

    Returns
    -------
    pathlib.Path
    """
    if given is not None:
        return pathlib.Path(given)
    if flock.library:
        return folder / flock.library
    import platformdirs

    return platformdirs.user_data_path("softmound") / "library"


def _spread(args):
    from pydantic import ValidationError

    from ..core.formation.spreading import spread_again
    from ..core.formation.standing import identified, sources_of
    from ..core.formation.uses import remember_flock
    from ..core.recipe.flock import Flock, Spread
    from ..core.recipe.flock_files import read_flock, write_flock

    path = pathlib.Path(args.flock)
    if path.suffix.lower() != ".flock":
        raise Problem("{}: give it the ending .flock.", shown(path))
    folder = path.absolute().parent
    if not folder.is_dir():
        raise Problem("{}: its folder does not exist; make it first.", shown(path))
    flock = read_flock(path) if path.exists() else Flock(name=path.stem[:80])
    if args.library is not None:
        flock = flock.edited(library=os.path.relpath(args.library, folder))
    rule = next((s for s in flock.spreads if s.name == args.spread), None)
    changes = _changes(args)
    if args.again and rule is None and args.spread != "Spread":
        raise Problem("{}: has no spread {!r} that could be placed again.", shown(path), args.spread)
    try:
        if not args.again or changes:
            if rule is None and "kinds" not in changes and not args.again:
                raise Problem("Say what is to be placed: --asset NAME, again for more.")
            if rule is not None:
                changed = rule.edited(**changes)
                flock = flock.edited(spreads=tuple(changed if s is rule else s for s in flock.spreads))
            elif not args.again:
                flock = flock.edited(spreads=(*flock.spreads, Spread(name=args.spread, **changes)))
            else:
                flock = flock.edited(spreads=tuple(s.edited(**changes) for s in flock.spreads))
    except ValidationError as error:
        raise Problem(sentence_for(error, "the spread")) from error
    sources = sources_of(flock, library_of(args.library, flock, folder), folder)
    only = args.spread if any(s.name == args.spread for s in flock.spreads) else None
    flock = spread_again(flock, {asset: source.radius for asset, source in sources.items()}, only)
    if not any(m.spread == "" for m in flock.members):
        flock = flock.edited(view=_seeing(flock, sources))
    write_flock(path, identified(flock, library_of(args.library, flock, folder)))
    remember_flock(path)
    print_facts({"file": str(path), "members": len(flock.members),
                 "of_spreads": {s.name: sum(m.spread == s.name for m in flock.members) for s in flock.spreads}}, args)


def _changes(args):
    """What the options say of a spread."""
    from ..core.recipe.flock import Asset, Kind

    names = ("area", "centre", "count", "apart", "overlap", "larger_apart", "turned", "thinning", "streets", "along", "seed")
    said = {name: getattr(args, name) for name in names if getattr(args, name) is not None}
    if args.painted is not None:
        from ..core.formation.spreading import painted_by

        said.update(area="painted", painted=painted_by(args.painted))
    if args.asset:
        kinds = []
        for text in args.asset:
            name, colon, weight = text.rpartition(":")
            try:
                kinds.append(Kind(asset=Asset(name=name), weight=float(weight)) if colon else Kind(asset=Asset(name=text)))
            except ValueError:
                kinds.append(Kind(asset=Asset(name=text)))
        said["kinds"] = tuple(kinds)
    if args.line:
        said.update(points=tuple(args.line), area="line")
    if args.size is not None:
        said["size"] = args.size
    for option, names in (("altitude", ("low", "high")), ("sizes", ("sizes",)), ("densities", ("densities",))):
        given = getattr(args, option)
        if given is None:
            continue
        low, high = (given[0] if given[0] is not None else given[1], given[1] if given[1] is not None else given[0])
        said.update({"low": low, "high": high} if len(names) == 2 else {names[0]: (low, high)})
    return said


def _seeing(flock, sources):
    """A view that has all members in it, from a little below them."""
    from ..core.formation.standing import bounds_of_flock
    from ..core.light.scene.camera import fitted

    box = bounds_of_flock(flock, sources)
    return flock.view if box is None else fitted(flock.view, *box, 1280, 720)


def _formation(args):
    _ACTIONS[args.what][0](args)


def _viewed(args, flock):
    if args.view is None:
        return flock.view
    for kept in flock.views:
        if kept.name == args.view:
            return kept.view
    there = ", ".join(kept.name for kept in flock.views) or "none"
    raise Problem("{}: has no view {!r}; there are {}.", shown(args.flock), args.view, there)


def _out(args, endings):
    if args.out is None:
        raise Problem("Say where to: --out FILE, ending in {}.", ', '.join(endings))
    check_outputs(args, [args.flock], out=(args.out, endings))


def _picture(args):
    from ..core.engine.layers import check_layers
    from ..core.engine.stills import Taking
    from ..core.formation.filming import take_picture
    from ..core.light.scene.groups import mixed_light

    _out(args, PICTURES)
    check_layers(args.layers, args.out)
    with Progress(args) as progress:
        flock, sources, _ = _opened(args)
        flock = flock.edited(light=mixed_light(flock.light, args.groups))
        if args.dry_run:
            foretold(args, [args.out])
            return
        taking = Taking(*args.size, true=args.true, noise=args.noise, passes=args.passes)
        named = args.layers and (lambda scene: layers_asked(args.layers, scene, args.true))
        scene, still = take_picture(args.out, flock, sources, taking, _viewed(args, flock), _folder(args),
                                    ticket_for(progress), named)
    print_facts({"file": str(args.out), "members": len(scene.clouds), "grids": len(scene.grids),
                 "width": args.size[0], "height": args.size[1], "paths": still.turns, "noise": round(float(still.noise), 5)}, args)


def _film(args):
    from ..core.engine.stills import Taking
    from ..core.exchange.pictures import FILMS
    from ..core.formation.filming import take_film

    if args.out is None:
        raise Problem("Say where to: --out FILE, ending in {}, or a folder for numbered pictures.", ', '.join(FILMS))
    out = pathlib.Path(args.out)
    check_sequence(args, [args.flock], out)
    with Progress(args) as progress:
        flock, sources, _ = _opened(args)
        if len(flock.views) < 2:
            raise Problem("{}: a film needs two kept views at least, to go from one to the next.", shown(args.flock))
        if args.dry_run:
            foretold(args, [out])
            return
        taking = Taking(*args.size, true=args.true, noise=args.noise, passes=args.passes)
        said = take_film(out, flock, sources, taking, args.frames, _folder(args), args.kind, args.rate, ticket_for(progress))
    print_facts({"file": str(out), "pictures": args.frames, "written": said}, args)


def _usd(args):
    from ..core.formation.stage import write_stage

    _out(args, STAGES)
    flock, sources, _ = _opened(args)
    if args.dry_run:
        foretold(args, [args.out])
        return
    print_facts(write_stage(args.out, flock, sources, args.size[0] / args.size[1]), args)


def _list(args):
    from ..core.formation.listing import write_list

    _out(args, (".json",))
    flock, sources, _ = _opened(args)
    if args.dry_run:
        foretold(args, [args.out])
        return
    print_facts(write_list(args.out, flock, sources), args)


def _merge(args):
    from ..core.exchange.stated import metadata_of
    from ..core.exchange.vdb import write_vdb
    from ..core.formation.merging import bricks_of, merged, merged_memory

    _out(args, (".vdb",))
    if args.voxel is None:
        raise Problem("Say how wide a voxel is to be: --voxel M.")
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        flock, sources, _ = _opened(args)
        box = None if args.region is None else (args.region[:3], args.region[3:])
        if args.dry_run:
            bricks = bricks_of(flock, sources, args.voxel, box)
            print_facts({"writes": [str(args.out)], "voxels_at_most": bricks * 512,
                         "memory_bytes": round(merged_memory(bricks))}, args)
            return
        ticket.step(0.0, 0.8, "merging")
        grid, medium = merged(flock, sources, args.voxel, box, ticket)
        ticket.step(0.8, 1.0, "writing")
        write_vdb(args.out, grid, metadata=metadata_of(flock.name, medium, []), ticket=ticket)
    print_facts({"file": str(args.out), "voxel": args.voxel, "active_voxels": grid.active_voxels(),
                 "extinction": medium.extinction, "bytes": os.path.getsize(args.out)}, args)


def _read(args):
    from ..core.formation.listing import read_list
    from ..core.formation.stage import read_stage
    from ..core.recipe.flock_files import write_flock

    _out(args, (".flock",))
    path = pathlib.Path(args.flock)
    reader = read_stage if path.suffix.lower() in STAGES else read_list
    flock = reader(path, path.stem[:80])
    here, there = path.absolute().parent, pathlib.Path(args.out).absolute().parent
    if here != there:
        # Files are found from where the flock lies.
        flock = flock.edited(members=tuple(
            m.edited(asset=m.asset.edited(file=os.path.relpath(here / m.asset.file, there))) if m.asset.file else m
            for m in flock.members))
    if not args.dry_run:
        write_flock(args.out, flock)
    print_facts({"file": str(args.out), "members": len(flock.members)}, args)


def _check(args):
    from ..core.formation.standing import bounds_of_flock

    flock, sources, library = _opened(args)
    box = bounds_of_flock(flock, sources)
    unreadable = []
    with Progress(args) as progress:
        for number, source in enumerate(sources.values()):
            progress(number / len(sources), source.name)
            try:
                source.grid(max(source.tiers))
            except Problem as problem:
                unreadable.append(problem.sentence)
    if unreadable:
        raise Problem(first_of(unreadable))
    across = 0.0 if box is None else math.dist(box[0][[0, 2]], box[1][[0, 2]])
    print_facts({"file": args.flock, "members": len(flock.members), "hidden": sum(m.hidden for m in flock.members),
                 "assets": len(sources), "spreads": len(flock.spreads), "library": str(library), "across": round(across, 3)}, args)


def _layer(kind):
    """The action that adds, changes or removes a layer of a kind."""
    def act(args):
        from pydantic import ValidationError

        from ..core.recipe.flock import Deck, Flock, Haze
        from ..core.recipe.flock_files import read_flock, write_flock

        model = {"decks": Deck, "hazes": Haze}[kind]
        path = pathlib.Path(args.flock)
        if path.suffix.lower() != ".flock":
            raise Problem("{}: give it the ending .flock.", shown(path))
        flock = read_flock(path) if path.exists() else Flock(name=path.stem[:80])
        layers = list(getattr(flock, kind))
        name = args.layer or (layers[0].name if layers else model().name)
        at = next((n for n, layer in enumerate(layers) if layer.name == name), None)
        if args.remove:
            if at is None:
                raise Problem("{}: has none called {!r}; there are {}.",
                              shown(path), name, ', '.join(layer.name for layer in layers) or 'none')
            del layers[at]
        else:
            changes = changes_of(args.set, model)
            try:
                new = model.model_validate({**(layers[at].model_dump() if at is not None else {"name": name}), **changes})
                layers[at if at is not None else len(layers):(at + 1 if at is not None else None)] = [new]
                flock.edited(**{kind: tuple(layers)})
            except ValidationError as error:
                raise Problem(sentence_for(error, f"the {model.__name__.lower()}")) from error
        if not args.dry_run:
            write_flock(path, flock.edited(**{kind: tuple(layers)}))
        print_facts({"file": str(path), kind: [layer.name for layer in layers]}, args)

    return act


def _plate(args):
    """Put a photograph behind a flock, change how it stands there, or take it out."""
    from pydantic import ValidationError

    from ..core.formation.plate import photograph_of
    from ..core.recipe.flock import Plate
    from ..core.recipe.flock_files import named_from, read_flock, write_flock

    flock, folder = read_flock(args.flock), _folder(args)
    plate = None
    if not args.remove:
        if args.photograph is None and flock.plate is None:
            raise Problem("{}: has no plate yet; say --photograph FILE.", shown(args.flock))
        changes = {} if flock.plate is None else flock.plate.model_dump()
        if args.photograph is not None:
            changes["file"] = named_from(args.photograph, folder)
        changes.update(changes_of(args.set, Plate))
        try:
            plate = Plate.model_validate(changes)
        except ValidationError as error:
            raise Problem(sentence_for(error, "the plate")) from error
        photograph_of(plate, folder)
    if not args.dry_run:
        write_flock(args.flock, flock.edited(plate=plate))
    print_facts({"file": str(args.flock), "plate": None if plate is None else plate.model_dump()}, args)


_ACTIONS = {
    "picture": (_picture, "one picture"), "film": (_film, "pictures along a path through its kept views"),
    "usd": (_usd, "an OpenUSD stage with instanced volumes, cameras and the sun"), "list": (_list, "its members as JSON"),
    "deck": (_layer("decks"), "add, change or remove a layer to the horizon"),
    "haze": (_layer("hazes"), "add, change or remove a thin medium over the ground"),
    "plate": (_plate, "a photograph behind it"),
    "merge": (_merge, "one OpenVDB grid of all of it, or of a region"),
    "read": (_read, "a stage or a list of anybody's as a flock"), "check": (_check, "whether all it shows is there"),
}
"""What can be done with a flock: the function, and what it does in words."""
