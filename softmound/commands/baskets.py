"""Action on baskets: named collections of published versions for a shot."""

import pathlib

from ..core.aside import shown
from ..core.problems import Problem
from .common import Progress, action, print_facts, ticket_for


def add_to(actions):
    """Add the action.

    Parameters
    ----------
    actions : argparse subparsers
    """
    basket = action(actions, "basket", _basket, "collect published versions for a shot, check them, and pack them", """
        basket list shelf
        basket add shelf WB_010 "Cottage Loaf" "Brioche:2"
        basket show shelf WB_010 --json
        basket note shelf WB_010 "Dawn, looking west"
        basket note shelf WB_010 "behind the tower" --asset Brioche
        basket move shelf WB_010 Brioche --by -1
        basket remove shelf WB_010 "Cottage Loaf"
        basket update shelf WB_010
        basket check shelf WB_010
        basket sheet shelf WB_010 --out WB_010.png
        basket pack shelf WB_010 --out WB_010.tar
        basket rename shelf WB_010 WB_012
        basket delete shelf WB_012""", writes=True)
    basket.add_argument("what", choices=tuple(_ACTIONS), metavar="ACTION", help="; ".join(
        f"{name}: {said}" for name, (_, said) in _ACTIONS.items()))
    basket.add_argument("folder", metavar="DIR", help="the library")
    basket.add_argument("name", nargs="?", metavar="NAME", help="of the basket")
    basket.add_argument("assets", nargs="*", metavar="ASSET[:N]", help="with the number of a version; default its newest. "
                        "note: the text; rename: the new name")
    basket.add_argument("--asset", metavar="ASSET", help="note: of this one in the basket, rather than of the basket")
    basket.add_argument("--by", type=int, default=1, metavar="N", help="move: so many places on, back with a minus")
    basket.add_argument("--out", metavar="FILE", help="sheet: a .png; pack: a folder that is not there yet, or a .tar")


def _basket(args):
    from ..core.library.baskets import baskets_in

    if args.what != "list" and args.name is None:
        raise Problem("Say which basket: basket {} DIR NAME.", args.what)
    if args.what == "list":
        found = baskets_in(args.folder)
        if args.json:
            print_facts({"baskets": [basket.model_dump(mode="json") for basket in found]}, args)
        for basket in () if args.json else found:
            print(f"{basket.name:<28} {len(basket.items):>5}  {basket.note}")
        return
    with Progress(args) as progress:
        _ACTIONS[args.what][0](args, ticket_for(progress))


def _version(library, text):
    """A version by what names it: NAME or NAME:N."""
    from ..core.library.shelf import of_asset

    name, colon, number = text.rpartition(":")
    name, number = (name, int(number)) if colon and number.isdecimal() else (text, None)
    versions = of_asset(library, name)
    if not versions:
        raise Problem("{}: holds nothing published as {!r}.", shown(library), name)
    for version in versions if number is not None else versions[-1:]:
        if number in (None, version.number):
            return version
    raise Problem("{}: {} has no version {}; there are {}.",
                  shown(library), name, number, ', '.join(str(v.number) for v in versions))


def _opened(args, new=False):
    from ..core.library.baskets import Basket, basket_named, baskets_in

    if new and not any(basket.name == args.name for basket in baskets_in(args.folder)):
        try:
            return Basket(name=args.name)
        except ValueError as error:
            raise Problem("{!r} is no name for a basket; it needs a letter or a figure, and no slash.", args.name) from error
    return basket_named(args.folder, args.name)


def _place(basket, text):
    """Where something is in a basket, by NAME or NAME:N."""
    for n, item in enumerate(basket.items):
        if text in (item.name, f"{item.name}:{item.version}"):
            return n
    raise Problem("{}: has no {!r}; there are {}.",
                  basket.name, text, ', '.join(item.name for item in basket.items) or 'none')


def _kept(args, basket):
    from ..core.library.baskets import keep_basket

    if not args.dry_run:
        keep_basket(args.folder, basket)
    _tell(args, basket)


def _tell(args, basket):
    from ..core.library.baskets import versions_of

    held = versions_of(args.folder, basket)
    if args.json:
        items = [{**item.model_dump(mode="json"), "newest": newest, "folder": None if version is None else str(version.folder)}
                 for item, version, newest in held]
        print_facts({"name": basket.name, "note": basket.note, "items": items}, args)
        return
    for item, version, newest in held:
        said = "not there" if version is None else f"v{newest:03d} is newer" if newest > version.number else ""
        print(f"{item.name:<28} v{item.version or newest:03d}  {said:<16} {item.note}".rstrip())


def _add(args, ticket):
    from ..core.library.baskets import with_versions

    if not args.assets:
        raise Problem("Say what is put into it: basket add DIR {} ASSET.", args.name)
    _kept(args, with_versions(_opened(args, True), [_version(args.folder, text) for text in args.assets]))


def _remove(args, ticket):
    from ..core.library.baskets import without

    basket = _opened(args)
    _kept(args, without(basket, [_place(basket, text) for text in args.assets]))


def _move(args, ticket):
    from ..core.library.baskets import moved

    basket = _opened(args)
    for text in args.assets:
        basket = moved(basket, _place(basket, text), args.by)
    _kept(args, basket)


def _note(args, ticket):
    from ..core.library.baskets import noted

    basket, text = _opened(args), " ".join(args.assets)
    _kept(args, basket.edited(note=text) if args.asset is None else noted(basket, _place(basket, args.asset), text))


def _update(args, ticket):
    from ..core.library.baskets import brought_up_to_date

    _kept(args, brought_up_to_date(args.folder, _opened(args)))


def _show(args, ticket):
    _tell(args, _opened(args))


def _check(args, ticket):
    from ..core.library.packing import troubles

    found = troubles(args.folder, _opened(args))
    print_facts({"basket": args.name, "problems": [str(each) for each in found]}, args)


def _sheet(args, ticket):
    from ..core.aside import write_whole
    from ..core.exchange.png import png_of
    from ..core.library.packing import contact_sheet

    out = _out(args, (".png",))
    pixels = contact_sheet(args.folder, _opened(args))
    if not args.dry_run:
        write_whole(out, png_of(pixels))
    print_facts({"file": str(out), "size": [pixels.shape[1], pixels.shape[0]]}, args)


def _pack(args, ticket):
    from ..core.library.packing import packed, troubles

    basket, out = _opened(args), _out(args, ("", ".tar"))
    facts = {"file": str(out)} if args.dry_run else packed(args.folder, basket, out, ticket)
    print_facts({**facts, "problems": [str(each) for each in troubles(args.folder, basket)]}, args)


def _out(args, endings):
    if args.out is None:
        raise Problem("Say where it goes: basket {} DIR {} --out FILE.", args.what, args.name)
    out = pathlib.Path(args.out)
    if out.suffix.lower() not in endings:
        raise Problem("{}: give it the ending {}.", shown(out), ' or '.join(e or 'none' for e in endings))
    if not out.absolute().parent.is_dir():
        raise Problem("{}: its folder does not exist; make it first.", shown(out))
    if out.exists() and not args.force:
        raise Problem("{}: is there already; say --force to replace it, or choose another name.", shown(out))
    return out


def _rename(args, ticket):
    from ..core.library.baskets import renamed_basket

    if len(args.assets) != 1:
        raise Problem("Say what it is called from now on: basket rename DIR {} NEW.", args.name)
    _tell(args, _opened(args) if args.dry_run else renamed_basket(args.folder, args.name, args.assets[0]))


def _delete(args, ticket):
    from ..core.library.baskets import forget_basket

    _opened(args)
    if not args.dry_run:
        forget_basket(args.folder, args.name)
    print_facts({"deleted": args.name}, args)


_ACTIONS = {
    "list": (None, "all of a library"), "show": (_show, "what is in one"),
    "add": (_add, "put versions into one, which is made where there is none"), "remove": (_remove, "take some out"),
    "move": (_move, "let some stand earlier or later"), "note": (_note, "say something of it, or of one in it"),
    "update": (_update, "take the newest versions"), "check": (_check, "what speaks against handing it over"),
    "sheet": (_sheet, "a contact sheet"), "pack": (_pack, "copy all files, with a scene, a list and a sheet"),
    "rename": (_rename, "call it otherwise"), "delete": (_delete, "delete it; the versions stay"),
}
"""What can be done with a basket: the function, and what it does in words."""
