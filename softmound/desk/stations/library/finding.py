"""What is shown on the wall: everything, what is searched for, what is like a version or an outline, or a basket."""

import pathlib

from PyQt6.QtCore import QObject
from PyQt6.QtWidgets import QFileDialog

from ....core.exchange.foreign import read_photograph
from ....core.library.asked import asked
from ....core.library.index import Found
from ....core.library.likeness import apart, apart_from_outline, outline_in
from ...words import tr

OUTLINES = (".png", ".jpg", ".jpeg", ".tif", ".tiff")
"""Ends of files in which an outline can be found."""


class Finding(QObject):
    """What is asked for; who sets it lets the station show what is found.

    Parameters
    ----------
    station : LibraryStation

    Attributes
    ----------
    words, order, group : str
        What is searched for, how it is sorted, and by what it is laid out.
    like : Version or None
        Show what is most like this one instead.
    outline : (str, ndarray of bool) or None
        Or most like this outline, found in the picture of this name.
    """

    def __init__(self, station):
        super().__init__(station)
        self._station = station
        self.words, self.order, self.group = "", "newest", ""
        self.like = self.outline = None

    @property
    def otherwise(self):
        """Whether something else than a search is shown."""
        return self.like is not None or self.outline is not None or bool(self._station.baskets.open)

    def forget(self):
        """Show a search again: another library has neither the version nor the basket."""
        self.like = self.outline = None

    def search(self, words=None, order=None, group=None):
        """Show what is looked for.

        Parameters
        ----------
        words : str, optional
            See `core.library.asked`.
        order, group : str, optional
            Of `core.library.choices.ORDERS` and `GROUPS`.
        """
        self.words = self.words if words is None else words
        self.order = self.order if order is None else order
        self.group = self.group if group is None else group
        self.forget()
        self._station.baskets.open = ""
        self._station.show_found()

    def more_like(self):
        """Show what is most like the chosen version, or all again."""
        self.like, self.outline = None if self.otherwise else self._station.chosen, None
        self._station.baskets.open = ""
        self._station.show_found()

    def choose_outline(self):
        """Ask for a picture, and show the clouds that are most like the outline in it."""
        services, kinds = self._station.services, " ".join(f"*{ending}" for ending in OUTLINES)
        path, _ = QFileDialog.getOpenFileName(services.over, tr("A picture of a cloud, or a drawn outline"),
                                              str(services.files.folder), tr("Pictures ({})").format(kinds))
        if path:
            self.like_outline(path)

    def like_outline(self, path):
        """Show the clouds that are most like the outline in a picture.

        Parameters
        ----------
        path : path-like
        """
        def done(mask):
            self.like, self.outline = None, (pathlib.Path(path).name, mask)
            self._station.baskets.open = ""
            self._station.show_found()

        self._station.services.jobs.begin(lambda ticket: outline_in(read_photograph(path, ticket=ticket)), done,
                                          tr("Find an outline"))

    def found(self, index, everything):
        """What is to be on the wall.

        Parameters
        ----------
        index : Index
        everything : Found

        Returns
        -------
        Found, list of (str, int) or None
            Versions, and titles of groups with how many of them each has.
        """
        baskets = self._station.baskets
        if baskets.open:
            return Found(index, [index.number_of(version.folder) for _, version, _ in baskets.held if version is not None]), None
        if self.outline is not None:
            return _nearest(index, lambda shapes: [apart_from_outline(shape, self.outline[1]) for shape in shapes]), None
        if self.like is not None:
            own = self.like.facts.get("shape", {})
            return _nearest(index, lambda shapes: apart(own, shapes), index.number_of(self.like.folder)), None
        numbers, groups = index.numbers(**asked(self.words), order=self.order), None
        if self.group:
            parts = index.grouped(self.group, numbers)
            groups = [(title, len(part)) for title, part in parts]
            numbers = [number for _, part in parts for number in part]
        return everything if numbers == everything.numbers else Found(index, numbers), groups


def labels_of(index):
    """What a search may name, for who is typing: list of str.

    Parameters
    ----------
    index : Index
    """
    return [f"{key}:{label}" if " " not in label else f'{key}:"{label}"' for key in ("shot", "tag", "species")
            for label, _ in index.labels(key)] + [name for name in index.names() if " " not in name]


def _nearest(index, measured, first=None):
    """What is most like something, the likest first: Found."""
    shapes = [(number, shape) for number, shape in index.shapes() if number != first]
    far = measured([shape for _, shape in shapes])
    near = sorted((n for n in range(len(shapes)) if far[n] < float("inf")), key=lambda n: far[n])
    return Found(index, [*([] if first is None else [first]), *(shapes[n][0] for n in near)])
