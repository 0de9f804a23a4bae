"""A basket on its way to a shot: what speaks against it, a contact sheet, a list, and a copy with a scene of all."""

import contextlib
import csv
import io
import os
import pathlib
import secrets
import shutil
import tarfile

import numpy as np
from PIL import Image, ImageDraw, ImageFont

from ..aside import put_in_place, shown, sync_folder
from ..exchange.units import UNITS
from ..held import UNDER_WAY
from ..problems import NotWritten, Problem
from ..regular import Folder, read
from ..sentences import Sentence
from ..ticket import one_by_one
from .baskets import versions_of
from .folders import file_name
from .placement import in_file_of
from .shelf import as_stated, refuse_unsealed

CARD, COLUMNS, GAP = (300, 200), 4, 14
"""Pixels of a picture of the sheet, how many stand in a row, and how far apart."""
LARGEST_THUMB = 16 * 2**20
APART = 0.15
"""Of its width that each cloud of the scene stands beside the one before."""
COLUMNS_OF_LIST = ("asset", "version", "newest", "species", "shots", "tags", "voxel_m", "span_m", "height_m", "active_voxels",
                   "bytes", "extinction_per_m", "tiers", "unit", "up", "folder", "note")


def troubles(library, basket):
    """What speaks against handing a basket over.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    list of Sentence
        Assets that are not there, newer versions, tiers that some lack, and units that are mixed.
    """
    held, found = versions_of(library, basket), []
    there = [version for _, version, _ in held if version is not None]
    for item, version, newest in held:
        if version is None:
            number = f" v{item.version:03d}" if item.version else ""
            found.append(Sentence("{}{} is not in the library any more.", item.name, number))
        elif newest > version.number:
            found.append(Sentence("{} v{:03d} is in it; v{:03d} is newer.", version.facts["name"], version.number, newest))
    tiers = {times for version in there for times in version.tiers}
    for version in there:
        lacking = sorted(tiers - set(version.tiers))
        if lacking:
            said = ", ".join("full" if times == 1 else f"1/{times}" for times in lacking)
            found.append(Sentence("{} v{:03d} has no files that others have: {}.", version.facts["name"], version.number, said))
    for word, kinds in (("units", {in_file_of(v.facts).unit for v in there}), ("up-axes", {in_file_of(v.facts).up for v in there})):
        if len(kinds) > 1:
            found.append(Sentence("Their files have several {}: {}.", word, ", ".join(sorted(kinds))))
    return found


def contact_sheet(library, basket):
    """A picture of all that is in a basket, with names, sizes and notes.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)

    Raises
    ------
    Problem
        If nothing is in it.
    """
    held = versions_of(library, basket)
    if not held:
        raise Problem("The basket {!r} is empty; put versions into it first.", basket.name)
    columns, high = min(COLUMNS, len(held)), CARD[1] + 44
    rows = -(-len(held) // columns)
    sheet = Image.new("RGB", (columns * (CARD[0] + GAP) + GAP, 52 + rows * (high + GAP)), (34, 38, 42))
    draw, large, small = ImageDraw.Draw(sheet), ImageFont.load_default(20), ImageFont.load_default(14)
    draw.text((GAP, 16), basket.name + (f": {basket.note}" if basket.note else ""), (232, 228, 218), large)
    for n, (item, version, newest) in enumerate(held):
        left, top = GAP + n % columns * (CARD[0] + GAP), 52 + n // columns * (high + GAP)
        with contextlib.suppress(OSError, ValueError, Problem, Image.DecompressionBombError):
            if version is not None:
                with Image.open(io.BytesIO(read(version.thumb, LARGEST_THUMB, inside=True)), formats=("PNG",)) as thumb:
                    sheet.paste(thumb.convert("RGB").resize(CARD, Image.Resampling.LANCZOS), (left, top))
        number = item.version or newest
        draw.text((left, top + CARD[1] + 5), f"{item.name} v{number:03d}" + (" (gone)" if version is None else ""),
                  (232, 228, 218), small)
        said = "" if version is None else f"{_span(version.facts):.3g} m, voxel {version.facts['voxel']:.3g} m"
        said = _fitting(draw, small, ", ".join(filter(None, (said, item.note))))
        draw.text((left, top + CARD[1] + 23), said, (163, 171, 176), small)
    return np.asarray(sheet)


def listed_as_csv(library, basket):
    """A list of what is in a basket, for tables.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    str
        Comma-separated values (RFC 4180) with a line of names.
    """
    stream = io.StringIO()
    rows = csv.DictWriter(stream, COLUMNS_OF_LIST, lineterminator="\r\n")
    rows.writeheader()
    for item, version, newest in versions_of(library, basket):
        row = {"asset": item.name, "version": item.version or newest, "newest": newest, "note": item.note}
        if version is not None:
            facts, in_file = version.facts, in_file_of(version.facts)
            low, high = facts["bounds"]
            row |= {"species": facts.get("species", ""), "shots": " ".join(facts.get("shots", ())),
                    "tags": " ".join(facts.get("tags", ())), "voxel_m": facts["voxel"], "span_m": round(_span(facts), 3),
                    "height_m": round(high[1] - low[1], 3), "active_voxels": facts["active_voxels"], "bytes": version.bytes,
                    "extinction_per_m": facts["extinction"], "tiers": " ".join(map(str, sorted(version.tiers))),
                    "unit": in_file.unit, "up": in_file.up, "folder": _place(version)}
        rows.writerow(row)
    return stream.getvalue()


def scene_of_all(library, basket):
    """A scene (USD, as text) of all that is in a basket, side by side on its own altitudes, by relative paths.

    Parameters
    ----------
    library : path-like
    basket : Basket

    Returns
    -------
    str
        In metres with y up; what has another unit or axis in its files is brought there.
    """
    parts, taken, x = [], {}, 0.0
    for _, version, _ in versions_of(library, basket):
        if version is None:
            continue
        facts, in_file = version.facts, in_file_of(version.facts)
        scene = next((name for name in facts["files"] if name.endswith(".usda")), None)
        if scene is None:
            continue
        low, high = facts["bounds"]
        wide = high[0] - low[0]
        own = "".join(c if c.isalnum() else "_" for c in f"{file_name(facts['name'])}_v{version.number:03d}")
        taken[own] = taken.get(own, 0) + 1
        own = own if taken[own] == 1 else f"{own}_{taken[own]}"
        turn = -90.0 if in_file.up == "z" else 0.0
        # The origin that its files have instead of the mound's is undone, too.
        place = [x - low[0] + in_file.at[0], in_file.at[1], in_file.at[2]]
        parts.append(f"""    def Xform "c_{own}"
    {{
        double3 xformOp:translate = ({', '.join(f'{v:.9g}' for v in place)})
        float xformOp:rotateX = {turn:g}
        float3 xformOp:scale = ({', '.join([f'{UNITS[in_file.unit]:.9g}'] * 3)})
        uniform token[] xformOpOrder = ["xformOp:translate", "xformOp:rotateX", "xformOp:scale"]

        def "cloud" (
            prepend references = @./{_place(version)}/{scene}@
        )
        {{
        }}
    }}
""")
        x += wide * (1.0 + APART)
    body = "\n".join(parts)
    return f"""#usda 1.0
(
    defaultPrim = "basket"
    metersPerUnit = 1
    upAxis = "Y"
)

def Xform "basket"
{{
{body}}}
"""


def packed(library, basket, out, ticket=None):
    """Copy a basket with all files of its versions, a scene of all, a list and a contact sheet, by relative paths.

    Parameters
    ----------
    library : path-like
    basket : Basket
    out : path-like
        A folder that is not there yet, or a file that ends in ``.tar``.
    ticket : Ticket, optional

    Returns
    -------
    dict
        Facts of what was packed.

    Raises
    ------
    Problem
        If the basket is empty, something of it is not there or not what was published, or it cannot be written; nothing is left
        of it then.
    """
    out, versions = pathlib.Path(out), {}
    for item, version, _ in versions_of(library, basket):
        if version is None:
            raise Problem("{} v{:03d} is not in the library any more; take it out of the basket {!r} first.", item.name,
                          item.version, basket.name)
        versions[version.folder] = version
    if not versions:
        raise Problem("The basket {!r} is empty; put versions into it first.", basket.name)
    texts = {"basket.usda": scene_of_all(library, basket).encode(), "basket.csv": listed_as_csv(library, basket).encode(),
             "sheet.png": _png(contact_sheet(library, basket))}
    if out.suffix.lower() == ".tar":
        with put_in_place(out) as aside, tarfile.open(aside, "w") as tar:
            _fill(_Tar(tar), versions.values(), texts, ticket)
    else:
        _into_folder(out, versions.values(), texts, ticket)
    return {"file": str(out), "versions": len(versions), "bytes": sum(f["bytes"] for v in versions.values() for n, f in
                                                                      v.facts["files"].items() if n in v.files)}


def _into_folder(out, versions, texts, ticket):
    if os.path.lexists(out):
        raise NotWritten("{}: is there already; choose another name.", shown(out))
    aside = out.with_name(f".packing-{secrets.token_hex(8)}")
    UNDER_WAY.add(aside)
    try:
        aside.mkdir()
        _fill(_Plain(aside), versions, texts, ticket)
        os.rename(aside, out)
        sync_folder(out.absolute().parent)
    except OSError as error:
        raise NotWritten("{}: could not be written ({}); choose another place or free some space.", shown(out),
                         error.strerror or error) from error
    finally:
        shutil.rmtree(aside, ignore_errors=True)
        UNDER_WAY.discard(aside)


class _Plain:
    """Files into a folder."""

    def __init__(self, folder):
        self._folder = folder

    def put(self, name, file, size):
        path = self._folder / name
        path.parent.mkdir(parents=True, exist_ok=True)
        with open(path, "xb") as copy:
            shutil.copyfileobj(file, copy, 2**20)
            copy.flush()
            os.fsync(copy.fileno())


class _Tar:
    """Files into an archive."""

    def __init__(self, tar):
        self._tar = tar

    def put(self, name, file, size):
        member = tarfile.TarInfo(name)
        member.size, member.mode = size, 0o644
        self._tar.addfile(member, file)


def _fill(target, versions, texts, ticket):
    for name, text in texts.items():
        target.put(name, io.BytesIO(text), len(text))
    for version in one_by_one(list(versions), lambda _n, v: f"copying {v.facts['name']}", ticket):
        refuse_unsealed(version)
        with Folder(version.folder) as parts:
            for name in version.files:
                stated = version.facts["files"][name]
                if not as_stated(parts, name, stated):
                    raise Problem("{}: is not the file that was published; look after the library first.",
                                  shown(version.folder / name))
                with parts.opened(name, max(stated["bytes"], 1)) as file:
                    target.put(f"{_place(version)}/{name}", file, stated["bytes"])
            facts = parts.read("asset.json")
            target.put(f"{_place(version)}/asset.json", io.BytesIO(facts), len(facts))


def _place(version):
    return f"{version.folder.parent.name}/{version.folder.name}"


def _span(facts):
    return max(b - a for a, b in zip(*facts["bounds"]))


def _fitting(draw, font, text):
    while draw.textlength(text, font) > CARD[0] and len(text) > 1:
        text = text[:-2].rstrip() + "…"
    return text


def _png(pixels):
    stream = io.BytesIO()
    Image.fromarray(pixels).save(stream, "PNG")
    return stream.getvalue()
