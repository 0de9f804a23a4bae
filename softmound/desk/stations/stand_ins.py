"""Stand-ins at the desk: what hands do with those of a mound or of a flock."""

import pathlib

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPen
from PyQt6.QtWidgets import QFileDialog, QMenu

from ...core.light.scene.camera import camera_of, fitted
from ...core.recipe.places import changed, without
from ...core.recipe.standins import SHOWN, STAND_INS
from ...core.standins.beside import begun, named_apart, put_beside, stand_in_at
from ...core.standins.files import ENDINGS, stand_ins_of_file
from ...core.standins.surfaces import box_of
from .. import style
from ..view.ground_step import ground_step
from ..words import in_words, tr

WORDS = {"seen": "seen", "matte": "matte only", "shadow": "shadow only", "hidden": "hidden"}


class StandIns:
    """Stand-ins of the document of a station.

    Parameters
    ----------
    station : Station
    bounds : callable
        Corners of what they stand beside, or None.

    Attributes
    ----------
    chosen : int or None
    hand : StandInHand
        Chooses and moves them in the picture.
    """

    def __init__(self, station, bounds):
        self._station, self._bounds = station, bounds
        self.chosen = None
        self.hand = StandInHand(self, station)

    @property
    def document(self):
        """Whose they are: Document."""
        return self._station.document

    @property
    def all(self):
        """Those that there are, as they are at the present frame: tuple of StandIn."""
        document = self.document
        return getattr(document, "keyed", document.history.value).stand_ins

    @property
    def present(self):
        """The chosen one: StandIn, or None."""
        return self.all[self.chosen] if self.chosen is not None and self.chosen < len(self.all) else None

    def follow(self):
        """Let go of a chosen one that is not there any more."""
        if self.chosen is not None and self.chosen >= len(self.all):
            self.chosen = None

    def choose(self, number):
        """Choose one, or none.

        Parameters
        ----------
        number : int or None
        """
        self.chosen = number
        self._station.show_stand_ins()

    def put(self, stand_in, label):
        """Add one, and choose it.

        Parameters
        ----------
        stand_in : StandIn
        label : str
            Of the step.
        """
        number = len(self.all)
        if self.document.apply(label, lambda value: value.edited(stand_ins=(*value.stand_ins, stand_in))):
            self.choose(number)

    def add(self, word):
        """Add one of a kind.

        Parameters
        ----------
        word : str
        """
        if word == "model":
            self.add_model()
            return
        self.put(begun(word, self._bounds(), self.all), tr("add {}").format(tr(STAND_INS[word].label).lower()))

    def add_beside(self, word, **fields):
        """Put one beside the cloud, to see how large it is.

        Parameters
        ----------
        word : str
        **fields
            Of the kind.
        """
        bounds = self._bounds()
        view = self.document.history.value.view
        stand_in = put_beside(begun(word, bounds, self.all, **fields), bounds, view)
        self.put(stand_in, tr("against {}").format(tr(STAND_INS[word].label).lower()))
        picture, box = self._station.services.picture, box_of(stand_in)
        pixels = camera_of(view, picture.width(), picture.height()).pixels(box)
        if np.isnan(pixels).any() or (pixels < 0).any() or (pixels > (picture.width(), picture.height())).any():
            # Nobody puts a thing beside a cloud to not see it.
            low, high = box if bounds is None else (np.minimum(box[0], bounds[0]), np.maximum(box[1], bounds[1]))
            self._station.look(fitted(view, low, high, picture.width(), picture.height()))

    def add_model(self, path=None):
        """Add a model from a file.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        services = self._station.services
        if path is None:
            path, _ = QFileDialog.getOpenFileName(
                services.over, tr("A stand-in from a file"), str(pathlib.Path.home()),
                tr("Models ({})").format(" ".join(f"*{ending}" for ending in ENDINGS)))
            if not path:
                return
        path = pathlib.Path(path)

        def work(ticket):
            ticket.step(0.0, 1.0, f"reading {path.name}")
            return stand_ins_of_file(path, ticket=ticket)

        def done(models):
            taken = list(self.all)
            for model in models:
                taken.append(model.edited(name=named_apart(model.name, taken)))
            added = tuple(taken[len(self.all):])
            label = tr("add {}").format(path.name)
            if self.document.apply(label, lambda value: value.edited(stand_ins=(*value.stand_ins, *added))):
                self.choose(len(taken) - 1)

        services.jobs.begin(work, done)

    def edit(self, moving=False, **changes):
        """Change the chosen one.

        Parameters
        ----------
        moving : bool, optional
        **changes
            Its fields.
        """
        number = self.chosen
        if self.present is not None:
            label = tr("stand-in {}").format(in_words(next(iter(changes))))
            self.document.apply(label, lambda value: changed(value, ("stand_ins", number), **changes), moving)

    def show_otherwise(self):
        """Show the chosen one in the next way there is; all of them where none is chosen."""
        if not self.all:
            self._station.services.tell(tr("There is no stand-in; add one in Light."))
            return
        chosen = range(len(self.all)) if self.present is None else [self.chosen]
        shown = SHOWN[(SHOWN.index(self.all[chosen[0]].shown) + 1) % len(SHOWN)]

        def edited(value):
            return value.edited(stand_ins=tuple(each.edited(shown=shown) if n in chosen else each
                                                for n, each in enumerate(value.stand_ins)))

        self.document.apply(tr("stand-in {}").format(tr(WORDS[shown])), edited)
        name = self.present.name if self.present is not None else tr("Stand-ins")
        self._station.services.tell(f"{name}: {tr(WORDS[shown])}")

    def duplicate(self):
        """Add one like the chosen one beside it."""
        before = self.present
        if before is not None:
            wide = float(np.ptp(box_of(before), axis=0)[0])
            x, y, z = before.place
            copy = before.edited(name=named_apart(before.name, self.all), place=(x + 1.2 * wide, y, z))
            self.put(copy, tr("duplicate a stand-in"))

    def remove(self):
        """Remove the chosen one.

        Returns
        -------
        bool
            Whether one was chosen.
        """
        number = self.chosen
        if self.present is None:
            return False
        self.chosen = None
        self.document.apply(tr("remove a stand-in"), lambda value: without(value, ("stand_ins",), number))
        return True

    def menu(self, parent):
        """Menu of the kinds that can be added.

        Parameters
        ----------
        parent : QWidget

        Returns
        -------
        QMenu
        """
        menu = QMenu(parent)
        menu.setToolTipsVisible(True)
        for word, kind in STAND_INS.items():
            words = tr("{}…").format(tr(kind.label)) if word == "model" else tr(kind.label)
            menu.addAction(words, lambda w=word: self.add(w)).setToolTip(tr(kind.sentence))
        return menu


class StandInHand:
    """Chooses a stand-in by a click, moves it over the ground by a drag, and up and down by a drag with Alt.

    Parameters
    ----------
    stand_ins : StandIns
    station : Station
    """

    def __init__(self, stand_ins, station):
        self._stand_ins, self._station = stand_ins, station
        self._last, self._moved, self._per_pixel = None, False, 1.0

    def press(self, at, _modifiers, camera):
        """Choose what is under the pointer.

        Returns
        -------
        bool
            Whether there was one.
        """
        number = stand_in_at(self._stand_ins.all, camera, at.x(), at.y())
        if number != self._stand_ins.chosen:
            self._stand_ins.choose(number)
        self._last, self._moved = at if number is not None else None, False
        if number is not None:
            seen = camera.pixel(self._stand_ins.present.place)
            self._per_pixel = 1.0 / seen[2] if seen is not None else 1.0
        return number is not None

    def drag(self, at, modifiers, camera):
        """Move the chosen one along with the pointer."""
        present = self._stand_ins.present
        if self._last is None or present is None or present.locked:
            return
        step, self._last, self._moved = at - self._last, at, True
        lifted = bool(modifiers & Qt.KeyboardModifier.AltModifier)
        way = np.array([0.0, -step.y() * self._per_pixel, 0.0]) if lifted else ground_step(camera, step, self._per_pixel)
        self._stand_ins.edit(True, place=tuple(round(float(v), 4) for v in np.add(present.place, way)))

    def release(self):
        """Let go: one step of history."""
        if self._last is not None and self._moved:
            self._station.document.let_go()
        self._last = None

    def double(self, _at, _camera):
        """Nothing more than a click."""

    def hover(self, at, camera):
        """The cursor over the picture."""
        there = stand_in_at(self._stand_ins.all, camera, at.x(), at.y()) is not None
        return Qt.CursorShape.OpenHandCursor if there else Qt.CursorShape.ArrowCursor

    def paint(self, painter, camera):
        """Frame the chosen one by its corners."""
        present = self._stand_ins.present
        if present is None:
            return
        low, high = box_of(present)
        corners = np.stack(np.meshgrid(*zip(low, high), indexing="ij"), -1).reshape(-1, 3)
        pixels = camera.pixels(corners)
        if np.isnan(pixels).any():
            return
        box = QRectF(QPointF(*pixels.min(axis=0)), QPointF(*pixels.max(axis=0)))
        paint_corners(painter, box)


def paint_corners(painter, box):
    """Draw the corners of a frame around what is chosen.

    Parameters
    ----------
    painter : QPainter
    box : QRectF
    """
    arm = min(10.0, box.width() / 3.0, box.height() / 3.0)
    for pen in (QPen(style.with_alpha(style.INK, 150), 3.0), QPen(style.BARLEY, 1.4)):
        painter.setPen(pen)
        for corner, x, y in ((box.topLeft(), 1, 1), (box.topRight(), -1, 1), (box.bottomLeft(), 1, -1),
                             (box.bottomRight(), -1, -1)):
            painter.drawLine(corner, corner + QPointF(x * arm, 0.0))
            painter.drawLine(corner, corner + QPointF(0.0, y * arm))
