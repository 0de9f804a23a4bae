"""What is still to be published, kept where it outlives the program: whoever is killed goes on with it at the next start.

Each running program has a folder of its own in the queue's, held as long as it runs; each thing to be published is a mound
beside a page that says where to. The page's mark goes into the version, so that nothing is published twice.
"""

import json
import pathlib
import secrets
import shutil
from dataclasses import dataclass

import platformdirs
from pydantic import ValidationError

from ..aside import write_whole
from ..held import MARK, Held, abandoned
from ..problems import Problem
from ..recipe import Mound, read_mound
from ..recipe.files import write_mound
from ..regular import read_text
from .asset import About, publish
from .shelf import of_asset

_ORDER = "order.json"


@dataclass(frozen=True)
class Waiting:
    """One thing to be published.

    Attributes
    ----------
    mark : str
    mound : Mound
    library : pathlib.Path
    about : About
    tiers : tuple of int
    more : tuple of str
        See `choices.MORE`.
    """

    mark: str
    mound: Mound
    library: pathlib.Path
    about: About = About()
    tiers: tuple = (1,)
    more: tuple = ()

    def publish(self, stages, ticket=None):
        """Publish it, unless that was done before the program was killed.

        Parameters
        ----------
        stages : Stages
        ticket : Ticket, optional

        Returns
        -------
        pathlib.Path
            Folder of the version.

        Raises
        ------
        Problem
        """
        for version in of_asset(self.library, self.mound.name):
            if version.facts.get("job") == self.mark:
                return version.folder
        return publish(self.mound, self.library, ticket=ticket, stages=stages, about=self.about, tiers=self.tiers,
                       job=self.mark, more=self.more)


class Queue:
    """What one running program has still to publish, and what others have left.

    Parameters
    ----------
    root : path-like, optional
        Default a folder of the user's own.
    """

    def __init__(self, root=None):
        self.root = platformdirs.user_data_path("softmound") / "queue" if root is None else pathlib.Path(root)
        self._folder = self._held = None

    def add(self, mound, library, about=About(), tiers=(1,), more=()):
        """Keep something to be published, behind all that is kept.

        Parameters
        ----------
        mound : Mound
        library : path-like
        about : About, optional
        tiers : sequence of int, optional
        more : sequence of str, optional

        Returns
        -------
        Waiting

        Raises
        ------
        NotWritten
        """
        waiting = Waiting(secrets.token_hex(8), mound, pathlib.Path(library).absolute(), about, tuple(tiers), tuple(more))
        self._keep(waiting)
        return waiting

    def _keep(self, waiting):
        folder = self._own()
        write_mound(folder / f"{waiting.mark}.mound", waiting.mound)
        page = {"library": str(waiting.library), "about": waiting.about.model_dump(mode="json"), "tiers": waiting.tiers,
                "more": waiting.more}
        # The page is written last: what has none is not kept yet.
        write_whole(folder / f"{waiting.mark}.json", json.dumps(page).encode())
        self.reorder([*self._order(folder), waiting.mark])

    def _own(self):
        if self._folder is None:
            self._folder = self.root / secrets.token_hex(8)
            self._folder.mkdir(parents=True)
            self._held = Held(self._folder / MARK)
        return self._folder

    def reorder(self, marks):
        """Keep the order in which things are to be published.

        Parameters
        ----------
        marks : sequence of str
        """
        write_whole(self._own() / _ORDER, json.dumps(list(marks)).encode())

    def forget(self, mark):
        """What was published, or is no longer wanted.

        Parameters
        ----------
        mark : str
        """
        for ending in ("json", "mound"):
            (self._own() / f"{mark}.{ending}").unlink(missing_ok=True)

    def kept(self):
        """What is still to be published: list of Waiting."""
        return [] if self._folder is None else _waiting_in(self._folder)

    def left_behind(self):
        """What programs have left that were killed, or closed while it waited.

        Returns
        -------
        list of Waiting
            Now this program's own; those that cannot be read any more are left out.
        """
        found = []
        for folder in sorted(self.root.glob("*")):
            try:
                if folder == self._folder or not folder.is_dir() or not abandoned(folder):
                    continue
            except OSError:
                continue  # somebody else was quicker
            mine = _waiting_in(folder)
            for waiting in mine:
                self._keep(waiting)
            # What cannot be read stays where it is, for somebody to look at.
            for waiting in mine:
                for ending in ("json", "mound"):
                    (folder / f"{waiting.mark}.{ending}").unlink(missing_ok=True)
            if not any(path.suffix == ".mound" for path in folder.iterdir()):
                shutil.rmtree(folder, ignore_errors=True)
            found += mine
        return found

    def close(self):
        """Let go of the folder; what is in it waits for the next start."""
        if self._folder is None:
            return
        if not self.kept():
            shutil.rmtree(self._folder, ignore_errors=True)
        self._held.close()
        self._folder = self._held = None

    @staticmethod
    def _order(folder):
        try:
            order = json.loads(read_text(folder / _ORDER, inside=True))
            return [mark for mark in order if isinstance(mark, str)] if isinstance(order, list) else []
        except (OSError, ValueError, RecursionError, Problem):
            return []


def _waiting_in(folder):
    order = {mark: n for n, mark in enumerate(Queue._order(folder))}
    found = []
    for path in sorted(folder.glob("*.json"), key=lambda path: (order.get(path.stem, len(order)), path.name)):
        if path.name == _ORDER:
            continue
        try:
            page = json.loads(read_text(path, inside=True))
            found.append(Waiting(path.stem, read_mound(path.with_suffix(".mound"), inside=True), pathlib.Path(page["library"]),
                                 About.model_validate_json(json.dumps(page["about"])), tuple(page["tiers"]),
                                 tuple(page["more"])))
        except (OSError, ValueError, KeyError, TypeError, RecursionError, ValidationError, Problem):
            continue
    return found
