"""What may change of a version once it is published: what is said of it, its name, and which of its files lie on the disk.

Its grids never do: a tier that was dropped comes back with the same values, or not at all.
"""

import contextlib
import hashlib
import json
import os
import pathlib

from pydantic import ValidationError

from ..aside import shown, sync_folder, write_whole
from ..engine.stages import Stages
from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..problems import NotWritten, Problem, sentence_for
from ..recipe import Mound, read_mound
from ..regular import Folder
from ..ticket import one_by_one
from ..volume.digest import values_digest
from ..volume.halved import reduced
from .delivery import built
from .folders import FACTS, MARKED, NAMED, asset_folder, claimed_folder, id_of, remember_moved, sealed, sweep_leftovers
from .handoff import HANDOFF, handoff_text, usd_text
from .placement import in_file_of
from .shelf import as_stated, listed, read_version, refuse_unsealed


def retold(version, about):
    """Say something else of a version.

    Parameters
    ----------
    version : Version
    about : About

    Returns
    -------
    Version

    Raises
    ------
    NotWritten
    """
    return _rewritten(version, about.model_dump(mode="json"))


def _rewritten(version, changes, parts=None):
    """A version with other facts: first `asset.json`, then the texts that follow from it, which can be made again from it."""
    if parts is None:
        with _open(version) as parts:
            return _rewritten(version, changes, parts)
    facts = {**version.facts, **changes}
    texts = {name: text.encode() for name, text in _texts(facts).items() if name in facts["files"]}
    files = {name: {"bytes": len(text), "sha256": _sum(text)} for name, text in texts.items()}
    facts["files"] = {**facts["files"], **files}
    parts.write(FACTS, sealed({k: v for k, v in facts.items() if k != "seal"}).encode())
    for name, text in texts.items():
        parts.write(name, text)
    return read_version(version.folder)


@contextlib.contextmanager
def _open(version):
    """The folder of a version, held open to change it: only of one that is what was published, and what was read of it."""
    refuse_unsealed(version)
    try:
        with Folder(version.folder) as parts:
            if json.loads(parts.read(FACTS)) != version.facts:
                raise Problem("{}: was changed by somebody else meanwhile; look at it again.", shown(version.folder))
            yield parts
    except ValueError as error:
        raise Problem("{}: was changed by somebody else meanwhile; look at it again.", shown(version.folder)) from error
    except OSError as error:
        raise NotWritten("{}: cannot be changed ({}); look who may write there.", shown(version.folder),
                         error.strerror or error) from error


def _texts(facts):
    """The texts of a version, by the names of their files; none of one from before there were any."""
    if not facts.get("tiers"):
        return {}
    scene = next((name for name in facts["files"] if name.endswith(".usda")), None)
    texts = {HANDOFF: handoff_text(facts)}
    return texts if scene is None else {**texts, scene: usd_text(scene.removesuffix(".usda"), facts)}


def _sum(content):
    return hashlib.sha256(content).hexdigest()


def renamed(library, name, new):
    """Give an asset another name. One that was cut short goes on when it is asked for again.

    Parameters
    ----------
    library : path-like
    name, new : str

    Returns
    -------
    list of pathlib.Path
        Folders of its versions now: of the new name, with the numbers they had.

    Raises
    ------
    Problem
        If there is no such asset, the name will not do, or versions of that name are there already.
    """
    try:
        new = Mound(name=new.strip()).name
    except ValidationError as error:
        raise Problem(sentence_for(error, "the new name")) from error
    old = asset_folder(library, name)
    versions = sorted((v for v in listed(library) if v.folder.parent == old), key=lambda v: v.number)
    if not versions:
        raise Problem("{}: holds nothing published as {!r}.", shown(library), name)
    if new == name:
        return [v.folder for v in versions]
    target = asset_folder(library, new)
    there = [v.folder.name for v in versions if (target / v.folder.name).exists()]
    if there:
        raise Problem("{}: there is {} of {!r} already; choose another name.", shown(target), there[0], new)
    try:
        mark, alone = id_of(old) or "", not any(target.glob("v[0-9]*"))
        target = claimed_folder(library, new)
        if mark and alone:
            write_whole(target / MARKED, mark.encode())  # it stays who it is; among versions of another it becomes that one
        remember_moved(library, name, mark, new)
        for version in versions:
            before = [*version.facts.get("called_before", ()), name]
            _rewritten(version, {"name": new, "called_before": list(dict.fromkeys(before)), "id": id_of(target) or ""})
            os.rename(version.folder, target / version.folder.name)
        sync_folder(target)
        (old / MARKED).unlink(missing_ok=True)
        (old / NAMED).unlink(missing_ok=True)
        if not any(old.iterdir()):
            old.rmdir()
        sync_folder(old.parent)
    except OSError as error:
        raise NotWritten("{}: cannot be renamed ({}); what is left can be renamed "
                         "again.", shown(old), error.strerror or error) from error
    return [target / v.folder.name for v in versions]


def dropped(version, tiers):
    """Delete files of a version that its recipe can build again, to save room.

    Parameters
    ----------
    version : Version
    tiers : sequence of int
        Reductions, see `choices.TIERS`.

    Returns
    -------
    Version

    Raises
    ------
    Problem
        If it has no such tier, no recipe, would have no file left, or was published before values were kept.
    """
    files = [version.vdb(times).name for times in tiers]
    if version.frames is not None:
        raise Problem("{}: is a sequence; files of its frames cannot be dropped.", shown(version.folder))
    if version.mound is None:
        raise Problem("{}: has no recipe; a file of it that is dropped could not come back.", shown(version.folder))
    if len(set(version.tiers) - set(tiers)) == 0:
        raise Problem("{}: one file has to stay; keep the smallest tier.", shown(version.folder))
    told = {tier["reduction"]: tier for tier in version.facts.get("tiers", ())}
    if not all(told.get(times, {}).get("values") for times in tiers):
        raise Problem("{}: was published before it was kept what its values are; publish it again first.", shown(version.folder))
    with _open(version) as parts:
        version = _rewritten(version, {"dropped": sorted({*version.dropped, *tiers})}, parts)
        for name in files:
            parts.remove(name)
    return version


def brought_back(version, tiers=None, ticket=None):
    """Build files of a version again, which were dropped or are damaged, from its recipe.

    Parameters
    ----------
    version : Version
    tiers : sequence of int, optional
        Default all that were dropped.
    ticket : Ticket, optional

    Returns
    -------
    Version

    Raises
    ------
    Problem
        If the recipe gives other values today; nothing has changed then.
    """
    facts = version.facts
    tiers = sorted(version.dropped) if tiers is None else sorted(tiers)
    if not tiers:
        return version
    told = {tier["reduction"]: tier for tier in facts.get("tiers", ())}
    for times in tiers:
        if not told.get(times, {}).get("values") or version.mound is None:
            raise Problem("{}: cannot build its tier of 1/{} again; it says too little of it.", shown(version.folder), times)
    refuse_unsealed(version)
    mound = read_mound(version.mound, inside=True)
    if ticket is not None:
        ticket.step(0.0, 0.7, "building")
    grid = built(Stages(), mound, facts["voxel"], ticket)
    made = {times: reduced(grid, times) for times in tiers}
    for times, tier in made.items():
        if values_digest(tier, facts.get("half", True)) != told[times]["values"]:
            raise Problem("{}: its recipe gives other values today than those published; publish a new version, and "
                          "see with library rebuild by how much they differ.", shown(version.folder))
    in_file, files = in_file_of(facts), dict(facts["files"])
    metadata = metadata_of(facts["name"], mound.light.medium, facts["seeds"], in_file.unit, in_file.up)
    with _open(version) as parts:
        for times, tier in one_by_one(made.items(), lambda *_: "writing", ticket, 0.7):
            name = told[times]["file"]
            write_vdb(version.folder / name, in_file.written(tier), in_file.name, in_file.half, metadata, ticket, folder=parts)
            with parts.opened(name) as file:
                files[name] = {"bytes": os.fstat(file.fileno()).st_size, "sha256": hashlib.file_digest(file, "sha256").hexdigest()}
        return _rewritten(version, {"dropped": [n for n in version.dropped if n not in made], "files": files}, parts)


def mended(folder, ticket=None):
    """Put right what can be of a version: texts that follow from its facts, and grids that its recipe builds again.

    Parameters
    ----------
    folder : path-like
    ticket : Ticket, optional

    Returns
    -------
    list of str
        Names of the files that were put right.

    Raises
    ------
    Problem
        If `asset.json` itself cannot be trusted, or the recipe does not give the same values.
    """
    folder = pathlib.Path(folder)
    sweep_leftovers(folder.parent)
    version = read_version(folder)
    facts, done = version.facts, []
    with _open(version) as parts:
        wrong = [name for name in version.files if not as_stated(parts, name, facts["files"][name])]
        for name, text in _texts(facts).items():
            if name in wrong and _sum(text.encode()) == facts["files"][name]["sha256"]:
                parts.write(name, text.encode())
                done.append(name)
    grids = {} if version.frames is not None else {times: name for times, name in version.tiers.items() if name in wrong}
    recipe = version.mound
    if grids and recipe is not None and recipe.name not in wrong:
        brought_back(version, list(grids), ticket)
        done += grids.values()
    return done
