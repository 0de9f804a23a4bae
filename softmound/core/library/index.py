"""What a library holds, ready to be searched: SQLite with full-text search (FTS5), in a file of the user's own.

The folders are the truth. The index stands on this machine, never in the library, which may lie on a network where locks of SQLite
cannot be relied upon; everyone who looks into a library has one, and brings it up to date by looking which `asset.json` are
new, changed or gone.
"""

import datetime
import functools
import hashlib
import json
import os
import pathlib
import re
import sqlite3
from collections import OrderedDict
from collections.abc import Sequence

import platformdirs

from ..problems import Problem
from .shelf import Version, read_version

SCHEMA = 7
"""Version of the tables; a file of another one is made anew."""
_SORTED = {"newest": "at DESC, id DESC", "name": "name COLLATE NOCASE, number DESC", "largest": "bytes DESC",
          "span": "span DESC", "thick": "depth DESC"}
"""By name of `choices.ORDERS`."""
RANGES = ("span", "height", "voxel", "depth", "bytes")
"""Numbers that can be asked for from and to: metres, metres, metres, the largest optical depth straight through, bytes."""
SIZES = (50.0, 100.0, 200.0, 500.0, 1000.0, 2000.0, 5000.0)
"""Metres between which spans count as one size."""
NUMBERED, KEPT = 32, 1000
"""Versions that are read at a time, and kept read."""
_TABLES = """
CREATE TABLE versions (id INTEGER PRIMARY KEY AUTOINCREMENT, folder TEXT UNIQUE, stamp TEXT, name TEXT, number INTEGER, at INTEGER,
    published TEXT, span REAL, height REAL, voxel REAL, depth REAL, bytes INTEGER);
CREATE TABLE pages (id INTEGER PRIMARY KEY, facts TEXT);
CREATE TABLE labels (id INTEGER, kind TEXT, label TEXT COLLATE NOCASE);
CREATE INDEX labels_by ON labels (kind, label);
CREATE INDEX versions_by ON versions (name, number);
CREATE INDEX versions_at ON versions (at, id);
CREATE VIRTUAL TABLE words USING fts5(name, note, tags, shots, author, species, tokenize = 'unicode61 remove_diacritics 2');
"""


def index_path(library):
    """Where the index of a library is kept.

    Parameters
    ----------
    library : path-like

    Returns
    -------
    pathlib.Path
    """
    mark = hashlib.blake2b(os.fsencode(pathlib.Path(library).resolve()), digest_size=12).hexdigest()
    return platformdirs.user_cache_path("softmound") / "libraries" / f"{mark}.sqlite"


_WORDS = re.compile(r"\w+", re.UNICODE)
_LABELLED = ("tag", "shot", "species")
_DAMAGE = (sqlite3.DatabaseError, UnicodeError, json.JSONDecodeError)
"""What a damaged file of SQLite gives, wherever in it the damage is."""


def _sound(method):
    """Let a method meet a damaged file: it holds nothing that is not in the folders, so that it is made anew."""
    @functools.wraps(method)
    def work(self, *given, **named):
        try:
            return method(self, *given, **named)
        except _DAMAGE as error:
            if "locked" in str(error):
                raise Problem("{}: somebody else holds the index of the library; try again.", self.path) from error
            self._base.close()
            self._remove()
            self._base = self._opened()
            self.refresh()
            return method(self, *given, **named)

    return work


class Index:
    """Index of a library. To be used in one thread, and closed.

    Parameters
    ----------
    library : path-like
        Need not exist.
    path : path-like, optional
        Of the index; default `index_path`.

    Attributes
    ----------
    behind : int
        Versions that the last `refresh` has left for the next.
    """

    def __init__(self, library, path=None):
        self.library = pathlib.Path(library)
        self.path = index_path(library) if path is None else pathlib.Path(path)
        self.behind = 0
        self._base = self._opened()

    def _opened(self):
        for again in (False, True):
            try:
                self.path.parent.mkdir(parents=True, exist_ok=True)
                base = sqlite3.connect(self.path, timeout=20.0)
                try:
                    if base.execute("PRAGMA user_version").fetchone()[0] != SCHEMA:
                        _make_anew(base)
                    for table in ("versions", "pages", "labels", "words"):
                        base.execute(f"SELECT * FROM {table} LIMIT 1").fetchone()
                    return base
                except _DAMAGE:
                    base.close()
                    raise
            except _DAMAGE as error:
                # It holds nothing that is not in the folders.
                if again:
                    raise Problem("{}: the index of the library cannot be made ({}); delete it.", self.path, error) from error
                self._remove()
            except OSError as error:
                raise Problem("{}: the index of the library cannot be kept ({}).", self.path, error.strerror) from error

    def _remove(self):
        for path in (self.path, *(self.path.with_name(self.path.name + end) for end in ("-journal", "-wal", "-shm"))):
            path.unlink(missing_ok=True)

    def close(self):
        """Let go of the file."""
        self._base.close()

    def __enter__(self):
        return self

    def __exit__(self, *_):
        self.close()

    @_sound
    def refresh(self, ticket=None, most=None, there=None):
        """Take in what is new in the folders, and leave out what is gone.

        Parameters
        ----------
        ticket : Ticket, optional
        most : int, optional
            Take in no more than so many now, the newest first, for who cannot wait.
        there : dict, optional
            From `stamps_in`, for who has looked into the folders elsewhere.

        Returns
        -------
        (int, int)
            Versions taken in, and left out.
        """
        there = stamps_in(self.library) if there is None else there
        known = dict(self._base.execute("SELECT folder, stamp FROM versions"))
        gone = [folder for folder in known if there.get(folder) != known[folder]]
        fresh = [folder for folder in there if known.get(folder) != there[folder]]
        if most is not None and len(fresh) > most:
            fresh.sort(key=lambda folder: -_moment(there[folder]))
        fresh, self.behind = fresh[:most], max(len(fresh) - (most or len(fresh)), 0)
        gone = [folder for folder in gone if folder not in there or folder in fresh]
        if not gone and not fresh:
            return 0, 0
        read = []
        for number, folder in enumerate(fresh):
            if ticket is not None and number % 50 == 0:
                ticket.tick(number / len(fresh))
            try:
                read.append((folder, read_version(self.library / folder)))
            except Problem:
                continue
        with self._base:
            self._base.execute("BEGIN IMMEDIATE")
            for folder in gone:
                self._leave_out(folder)
            for folder, version in read:
                self._leave_out(folder)
                self._take_in(folder, there[folder], version)
        return len(read), len(set(gone) - set(fresh))

    def _leave_out(self, folder):
        for (number,) in self._base.execute("SELECT id FROM versions WHERE folder = ?", (folder,)).fetchall():
            self._base.execute("DELETE FROM words WHERE rowid = ?", (number,))
            self._base.execute("DELETE FROM labels WHERE id = ?", (number,))
            self._base.execute("DELETE FROM pages WHERE id = ?", (number,))
            self._base.execute("DELETE FROM versions WHERE id = ?", (number,))

    def _take_in(self, folder, stamp, version):
        facts = version.facts
        low, high = facts["bounds"]
        sides = [b - a for a, b in zip(low, high)]
        depth = max(facts.get("optical_depth") or [0.0])
        row = self._base.execute(
            "INSERT INTO versions (folder, stamp, name, number, at, published, span, height, voxel, depth, bytes) "
            "VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
            (folder, stamp, facts["name"], version.number, _moment(stamp), facts.get("published") or _day(stamp), max(sides),
             sides[1], facts["voxel"], depth, version.bytes)).lastrowid
        # Apart, so that what is searched and sorted by lies close together.
        self._base.execute("INSERT INTO pages VALUES (?, ?)", (row, json.dumps(facts, ensure_ascii=False)))
        tags, shots = facts.get("tags", ()), facts.get("shots", ())
        self._base.execute("INSERT INTO words (rowid, name, note, tags, shots, author, species) VALUES (?, ?, ?, ?, ?, ?, ?)",
                           (row, facts["name"], facts.get("note", ""), " ".join(tags), " ".join(shots), facts.get("author", ""),
                            facts.get("species", "")))
        self._base.executemany("INSERT INTO labels VALUES (?, ?, ?)", [
            *((row, "tag", tag) for tag in tags), *((row, "shot", shot) for shot in shots),
            *((row, "species", species) for species in [facts.get("species")] if species)])

    def search(self, words="", **asked):
        """Versions that match all that is asked for.

        Parameters
        ----------
        words, **asked
            As of `numbers`.

        Returns
        -------
        list of Version
        """
        return self.versions(self.numbers(words, **asked))

    @_sound
    def numbers(self, words="", *, without=(), tags=(), shots=(), species=(), since=None, until=None, order="newest", limit=None,
                **ranges):
        """Numbers, in the index, of the versions that match all that is asked for.

        Parameters
        ----------
        words : str, optional
            Beginnings of words in the name, note, tags, shots, author or species; all have to be there.
        without : sequence of str, optional
            Beginnings of words, none of which may be there.
        tags, shots, species : sequence of str, optional
            Whole ones, all of which have to be there.
        since, until : str, optional
            Days, as ``2026-11-30``, within which it was published.
        order : str, optional
            Of `choices.ORDERS`.
        limit : int, optional
        **ranges
            By name of `RANGES`: (least, most), either of which may be None.

        Returns
        -------
        list of int
            No number ever means another version; one of a version that is gone, or was changed, means none any more.
        """
        asked, values = [], []
        found = _WORDS.findall(words)
        if found:
            asked.append("id IN (SELECT rowid FROM words WHERE words MATCH ?)")
            values.append(" ".join(f'"{word}"*' for word in found))
        elif words.strip():
            return []
        for word in _WORDS.findall(" ".join(without)):
            asked.append("id NOT IN (SELECT rowid FROM words WHERE words MATCH ?)")
            values.append(f'"{word}"*')
        for kind, labels in (("tag", tags), ("shot", shots), ("species", species)):
            for label in labels:
                asked.append("id IN (SELECT id FROM labels WHERE kind = ? AND label = ?)")
                values += [kind, label]
        for name, (least, most) in ranges.items():
            if name not in RANGES:
                raise ValueError(f"nothing known by {name!r}")
            for sign, value in ((">=", least), ("<=", most)):
                if value is not None:
                    asked.append(f"{name} {sign} ?")
                    values.append(value)
        # A moment begins with its day; a tilde is behind whatever follows that.
        for sign, day in ((">=", since), ("<", until and f"{until}~")):
            if day is not None:
                asked.append(f"published {sign} ?")
                values.append(day)
        where = f" WHERE {' AND '.join(asked)}" if asked else ""
        rows = self._base.execute(f"SELECT id FROM versions{where} ORDER BY {_SORTED[order]}"
                                  + (f" LIMIT {int(limit)}" if limit else ""), values)
        return [number for number, in rows]

    @_sound
    def versions(self, numbers):
        """Versions by their numbers in the index.

        Parameters
        ----------
        numbers : sequence of int

        Returns
        -------
        list of Version
            In the same order, without those that are gone.
        """
        return list(self.by_number(numbers).values())

    @_sound
    def by_number(self, numbers):
        """Versions by their numbers in the index, without those that are gone: dict of int to Version.

        Parameters
        ----------
        numbers : sequence of int
        """
        rows = {}
        for begun in range(0, len(numbers), NUMBERED):
            part = numbers[begun : begun + NUMBERED]
            rows.update((number, (folder, facts)) for number, folder, facts in self._base.execute(
                f"SELECT id, folder, facts FROM versions JOIN pages USING (id) WHERE id IN ({','.join('?' * len(part))})", part))
        return {number: Version(self.library / rows[number][0], json.loads(rows[number][1]))
                for number in numbers if number in rows}

    @_sound
    def grouped(self, by, numbers):
        """Versions in groups.

        Parameters
        ----------
        by : str
            Of `choices.GROUPS`.
        numbers : sequence of int
            In the order that they have within each group.

        Returns
        -------
        list of (str, list of int)
            Titles, and what is in each; what has several tags or shots is in several. What has none comes last, without a title.
        """
        named = {number: [] for number in numbers}
        if by in _LABELLED:
            rows = self._base.execute("SELECT id, label FROM labels WHERE kind = ? ORDER BY label", (by,))
        elif by == "day":
            rows = self._base.execute("SELECT id, substr(published, 1, 10) FROM versions")
        else:
            rows = ((number, _size(span)) for number, span in self._base.execute("SELECT id, span FROM versions"))
        for number, title in rows:
            if number in named:
                named[number].append(title)
        groups, others = {}, []
        for number in numbers:
            for title in named[number]:
                groups.setdefault(title, []).append(number)
            if not named[number]:
                others.append(number)
        titles = [size for size in _sizes() if size in groups] if by == "size" else sorted(groups, key=str.casefold)
        if by == "day":
            titles.reverse()
        return [(title, groups[title]) for title in titles] + ([("", others)] if others else [])

    @_sound
    def of_name(self, name, most=-1):
        """Versions of an asset, the newest first, all or some: list of Version."""
        return self.versions([number for number, in self._base.execute(
            "SELECT id FROM versions WHERE name = ? ORDER BY number DESC LIMIT ?", (name, most))])

    @_sound
    def newest(self):
        """The highest number of each asset: dict of str to int."""
        return dict(self._base.execute("SELECT name, max(number) FROM versions GROUP BY name"))

    @_sound
    def shapes(self):
        """What is known of shapes: list of (int, dict), by numbers in the index."""
        rows = self._base.execute("SELECT id, json_extract(facts, '$.shape') FROM pages").fetchall()
        return [(number, json.loads(shape) if shape else {}) for number, shape in rows]

    @_sound
    def number_of(self, folder):
        """Number, in the index, of the version in a folder: int, or None."""
        try:
            name = pathlib.Path(folder).relative_to(self.library).as_posix()
        except ValueError:
            return None
        row = self._base.execute("SELECT id FROM versions WHERE folder = ?", (name,)).fetchone()
        return None if row is None else row[0]

    @_sound
    def count(self):
        """Number of versions."""
        return self._base.execute("SELECT count(*) FROM versions").fetchone()[0]

    @_sound
    def names(self):
        """Names of all assets, in the order of the alphabet: list of str."""
        return [name for name, in self._base.execute("SELECT DISTINCT name FROM versions ORDER BY name COLLATE NOCASE")]

    @_sound
    def labels(self, kind="tag"):
        """All tags, shots or species, with how many versions have them, the most frequent first: list of (str, int)."""
        return self._base.execute("SELECT label, count(*) FROM labels WHERE kind = ? GROUP BY label ORDER BY 2 DESC, 1",
                                  (kind,)).fetchall()


class Found(Sequence):
    """Versions that were found, read when they are looked at.

    Parameters
    ----------
    index : Index
    numbers : sequence of int
        From its `numbers`.

    Raises
    ------
    KeyError
        Where one is looked at that is gone meanwhile, or was changed: somebody else may have brought the index up to date.
    """

    def __init__(self, index, numbers):
        self.numbers = list(numbers)
        self._index, self._read = index, OrderedDict()

    def __len__(self):
        return len(self.numbers)

    def __getitem__(self, place):
        if isinstance(place, slice):
            return [self[n] for n in range(*place.indices(len(self)))]
        number = self.numbers[place]
        if number not in self._read:
            begun = range(len(self.numbers))[place] // NUMBERED * NUMBERED
            self._read.update(self._index.by_number(self.numbers[begun : begun + NUMBERED]))
            while len(self._read) > KEPT:
                self._read.popitem(last=False)
        return self._read[number]


def _sizes():
    """Titles of sizes, the smallest first."""
    return [_size(span) for span in (0.0, *SIZES)]


def _size(span):
    above = [size for size in SIZES if size <= span]
    below = [size for size in SIZES if size > span]
    if not below:
        return f"{above[-1]:,g} m and more"
    return f"{above[-1]:,g} to {below[0]:,g} m" if above else f"below {below[0]:,g} m"


def _make_anew(base):
    with base:
        base.execute("BEGIN IMMEDIATE")
        # Somebody else may have made it while this one waited; what they took in stays.
        if base.execute("PRAGMA user_version").fetchone()[0] == SCHEMA:
            return
        for name in ("versions", "pages", "labels", "words"):
            base.execute(f"DROP TABLE IF EXISTS {name}")
        for statement in filter(str.strip, _TABLES.split(";")):
            base.execute(statement)
        base.execute(f"PRAGMA user_version = {SCHEMA}")


def _moment(stamp):
    """When the `asset.json` of a stamp was written, nanoseconds."""
    return int(stamp.split()[0])


def _day(stamp):
    return datetime.datetime.fromtimestamp(_moment(stamp) / 1e9, datetime.UTC).isoformat(timespec="seconds")


def stamps_in(library):
    """When and how large each `asset.json` of a library was written.

    Parameters
    ----------
    library : path-like

    Returns
    -------
    dict of str to str
        By the version's folder relative to the library. Takes a third of a second for 20,000.
    """
    found = {}
    try:
        assets = [entry for entry in os.scandir(library) if entry.is_dir() and not entry.name.startswith(".")]
    except OSError:
        return found
    for asset in assets:
        try:
            names = [name for name in os.listdir(asset.path) if re.fullmatch(r"v[0-9]{3,}", name)]
        except OSError:
            continue
        for name in names:
            try:
                stat = os.stat(os.path.join(asset.path, name, "asset.json"))
            except OSError:
                continue
            found[f"{asset.name}/{name}"] = f"{stat.st_mtime_ns} {stat.st_size} {stat.st_ino}"
    return found
