"""Stand-ins: put them into a mound or a flock, tell which there are, change them and take them out."""

import pathlib

from ..core.aside import shown
from ..core.exchange.units import UNITS
from ..core.problems import Problem
from . import arguments
from .common import action, changes_of, check_outputs, print_facts

SHOWN = ("seen", "matte", "shadow", "hidden")
"""As the recipe has them: written here too, since help is told without the recipe's modules, which are slow to load."""


def add_to(actions):
    """Add the action.

    Parameters
    ----------
    actions : argparse subparsers
    """
    standing = action(actions, "stand-in", _stand_in, "solid things beside the cloud: add, list, change, remove", """
        stand-in loaf.mound --add person --beside
        stand-in loaf.mound --add craft --size 40 --place 60,30,0 --turn 0,90,0 --as seen
        stand-in loaf.mound --add tower.obj --unit cm --name Tower --clears 2
        stand-in loaf.mound --change Tower --as matte
        stand-in shelf.flock --add ridge --set seed=7
        stand-in loaf.mound --remove Tower
        stand-in loaf.mound --list
        stand-in loaf.mound --usd things.usda""", writes=True)
    standing.add_argument("file", metavar="X.mound|X.flock", help="changed in place, unless --out says where else")
    what = standing.add_mutually_exclusive_group()
    what.add_argument("--add", metavar="KIND|FILE", help="box, ball, cylinder, plane, person, house, craft, room, ridge, or a "
                      "model: .obj, .ply, .stl, .glb, .gltf, .off, .usd")
    what.add_argument("--change", metavar="NAME", help="give one other numbers")
    what.add_argument("--remove", metavar="NAME", help="take one out")
    what.add_argument("--list", action="store_true", help="tell which there are (the default)")
    standing.add_argument("--name", metavar="NAME", help="what it is called")
    standing.add_argument("--place", type=arguments.place, metavar="X,Y,Z", help="where the middle of its underside stands, metres")
    standing.add_argument("--turn", type=arguments.place, metavar="X,Y,Z", help="degrees about x, then y, then z")
    standing.add_argument("--size", type=arguments.lengths, metavar="M|X,Y,Z", help="along its own axes, metres; one number is "
                          "its longest side")
    standing.add_argument("--colour", type=arguments.colour, metavar="R,G,B", help="what it sends back, 0 to 1, linear")
    standing.add_argument("--as", dest="shown", choices=SHOWN, help="seen; matte: a hole in what is behind; shadow: unseen, but "
                          "light meets it; hidden")
    standing.add_argument("--clears", type=arguments.far, metavar="M", help="keep cloud so far away")
    standing.add_argument("--set", action="append", default=[], metavar="WHAT=VALUE", help="another of its numbers; again for more")
    standing.add_argument("--beside", action="store_true", help="beside the cloud, on the right as one looks")
    standing.add_argument("--unit", choices=UNITS, default="m", help="of a model's numbers")
    standing.add_argument("--up", choices=("y", "z"), default="y", help="its up axis")
    standing.add_argument("--out", metavar="Y.mound|Y.flock", help="write there instead")
    standing.add_argument("--usd", metavar="FILE", help="write all of them as meshes of an OpenUSD stage")


def _stand_in(args):
    path = pathlib.Path(args.file)
    of_flock = path.suffix.lower() == ".flock"
    check_outputs(args, [path], **({"out": (args.out, (path.suffix.lower(),))} if args.out else {}),
                  **({"usd": (args.usd, (".usda", ".usdc", ".usd"))} if args.usd else {}))
    value = _read(path, of_flock)
    there = list(value.stand_ins)
    if args.add:
        there += _added(args, value, path, of_flock)
    elif args.change:
        number = _number(there, args.change, path)
        there[number] = _changed(args, there[number])
    elif args.remove:
        del there[_number(there, args.remove, path)]
    if args.add or args.change or args.remove:
        value = value.edited(stand_ins=tuple(there))
        if not args.dry_run:
            _write(pathlib.Path(args.out) if args.out else path, value, of_flock)
    facts = {"file": str(args.out or path), "stand_ins": [_told(each) for each in there]}
    if args.usd:
        from ..core.formation.stage_meshes import write_stand_ins

        if not args.dry_run:
            write_stand_ins(args.usd, there)
        facts["usd"] = str(args.usd)
    if args.json:
        print_facts(facts, args)
        return
    for each in facts["stand_ins"]:
        size, place = " × ".join(f"{v:g}" for v in each["size"]), ", ".join(f"{v:g}" for v in each["place"])
        print(f"{each['name']}: {each['kind']}, {size} m, at {place}, {each['shown']}")
    if not facts["stand_ins"]:
        print("no stand-ins")


def _read(path, of_flock):
    if of_flock:
        from ..core.recipe.flock_files import read_flock

        return read_flock(path)
    from ..core.recipe import read_mound

    return read_mound(path)


def _write(path, value, of_flock):
    if of_flock:
        from ..core.formation.uses import remember_flock
        from ..core.recipe.flock_files import write_flock

        write_flock(path, value)
        remember_flock(path)
        return
    from ..core.recipe import read_thumb, write_mound

    try:
        thumb = read_thumb(path)
    except (Problem, OSError):
        thumb = None
    write_mound(path, value, thumb)


def _number(there, name, path):
    """Which of some stand-ins has a name."""
    found = [n for n, each in enumerate(there) if each.name == name]
    if not found:
        names = ", ".join(each.name for each in there) or "none"
        raise Problem("{}: has no stand-in {!r}; there are {}.", shown(path), name, names)
    return found[0]


def _bounds(value, path, of_flock):
    if not of_flock:
        from ..core.standins.beside import cloud_box

        return cloud_box(value)
    from ..core.formation.standing import bounds_of_flock, sources_of
    from .formation import library_of

    folder = path.absolute().parent
    return bounds_of_flock(value, sources_of(value, library_of(None, value, folder), folder))


def _added(args, value, path, of_flock):
    from ..core.recipe.standins import STAND_INS
    from ..core.standins.beside import begun, named_apart, put_beside
    from ..core.standins.files import stand_ins_of_file

    bounds = _bounds(value, path, of_flock)
    if args.add in STAND_INS and args.add != "model":
        made = [begun(args.add, bounds, value.stand_ins)]
    else:
        file = pathlib.Path(args.add)
        if not file.suffix:
            raise Problem("There is no kind of stand-in {!r}; there are {}, or give a model file.", args.add,
                          ", ".join(word for word in STAND_INS if word != "model"))
        made = stand_ins_of_file(file, args.unit, args.up)
    taken = list(value.stand_ins)
    for each in made:
        placed = put_beside(each, bounds, value.view) if args.beside else each
        taken.append(_changed(args, placed.edited(name=named_apart(each.name, taken)), taken))
    return taken[len(value.stand_ins):]


def _changed(args, stand_in, there=()):
    """A stand-in as the options say."""
    from ..core.recipe.resize import stand_in_of_size

    changes = {"name": args.name, "place": args.place, "turn": args.turn, "colour": args.colour, "shown": args.shown,
               "clears": args.clears}
    changes = {name: value for name, value in changes.items() if value is not None}
    if args.name and any(each.name == args.name for each in there):
        raise Problem("There is a stand-in {!r} already; give another name.", args.name)
    made = stand_in if args.size is None else stand_in_of_size(stand_in, args.size)
    return made.edited(**changes_of(args.set, type(stand_in)), **changes)


def _told(stand_in):
    """A stand-in as facts."""
    from ..core.formation.listing import stand_in_facts

    return stand_in_facts(stand_in)
