"""The plate of Formation: a photograph behind the sky, whose horizon and sun are taken over by hand."""

import pathlib

from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPen
from PyQt6.QtWidgets import QCheckBox, QPushButton

from ....core.directions import direction_of
from ....core.formation.plate import file_of, filled, levelled, photograph_of, sun_seen_at
from ....core.problems import Problem
from ....core.recipe import Arrays, Reference
from ....core.recipe.flock import Plate
from ....core.recipe.flock_files import named_from
from ... import style
from ...fields.controls import NumberField, Row, text_label
from ...view import photographs
from ...words import tr

WIDEST = 5.0
"""Widths of the picture that a plate may have: see `Reference`."""
FAR = 1e5
"""Metres at which the sun is drawn."""


class PlateHand:
    """Takes the horizon of the plate, or its sun, in the picture.

    Parameters
    ----------
    station : FormationStation
    what : str
        "horizon" or "sun".
    """

    def __init__(self, station, what):
        self._station, self.what = station, what
        self.pressure = 1.0

    def press(self, at, _modifiers, camera):
        """Begin at once: what is pointed at counts."""
        self.drag(at, _modifiers, camera)

    def drag(self, at, _modifiers, camera):
        """Follow the hand."""
        self._station.plate.point(self.what, at.x(), at.y(), camera.width, camera.height)

    def release(self):
        """Let go: one step of history."""
        self._station.document.let_go()
        self._station.services.looking.ask(False)

    def double(self, *_):
        """Nothing else happens on a second click."""

    def hover(self, _at, _camera):
        """The cursor over the picture."""
        return Qt.CursorShape.SplitVCursor if self.what == "horizon" else Qt.CursorShape.CrossCursor

    def paint(self, painter, camera):
        """Draw the horizon, or where the sun stands."""
        flock = self._station.flock
        painter.setPen(QPen(style.BARLEY, 1.5, Qt.PenStyle.DashLine))
        if self.what == "horizon":
            y = self._station.plate.horizon_at(camera.width, camera.height)
            if y is not None:
                painter.drawLine(QPointF(0, y), QPointF(camera.width, y))
            return
        sun = flock.light.sun
        at = camera.pixel(camera.eye + FAR * direction_of(sun.azimuth, sun.elevation))
        if at is not None:
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(QPointF(at[0], at[1]), 14.0, 14.0)


class PlateRows:
    """The plate that stands behind the flock, and its rows in the settings.

    Parameters
    ----------
    panel : SettingsPanel
        The rows are added to it.
    station : FormationStation
    """

    def __init__(self, panel, station):
        self._station = station
        self._read = (None, None)  # the file and its time, and its pixels
        panel.section("Plate")
        self.about = panel.add(text_label(""))
        self.horizon = panel.add(
            NumberField(
                tr("Horizon"),
                0.0,
                1.0,
                0.5,
                "",
                tr("How far down the photograph its horizon lies; the view is turned up or down until its own lies there."),
            )
        )
        self.horizon.changed.connect(lambda value, moving: self._level(value, moving))
        self.opacity = panel.add(NumberField(tr("Opacity"), 0.0, 1.0, 1.0, "", tr("How much of the sky it hides.")))
        self.opacity.changed.connect(lambda value, moving: self._edit(moving, opacity=value))
        self.hidden = QCheckBox(tr("Hidden"))
        self.hidden.setAccessibleName(tr("Plate hidden"))
        self.hidden.clicked.connect(lambda on: self._edit(False, hidden=bool(on)))
        self.hands = {}
        for what, words, tip in (
            ("horizon", tr("Take horizon"), tr("Drag in the picture to where the photograph has its horizon; Esc lets go.")),
            ("sun", tr("Take sun"), tr("Click in the picture where the photograph has its sun, or would have it; Esc lets go.")),
        ):
            button = QPushButton(words)
            button.setCheckable(True)
            button.setToolTip(tip)
            button.clicked.connect(lambda on, w=what: station.take_hand(PlateHand(station, w) if on else None))
            self.hands[what] = button
        panel.add(Row(self.hidden))
        panel.add(Row(*self.hands.values()))
        self.choose, self.drop = QPushButton(tr("Photograph…")), QPushButton(tr("Remove plate"))
        self.choose.setToolTip(tr("Choose the photograph that stands behind the clouds, here and in pictures and films."))
        self.choose.clicked.connect(self.ask)
        self.drop.setToolTip(tr("The file stays where it is."))
        self.drop.clicked.connect(lambda: self._apply(tr("remove photograph"), lambda flock: flock.edited(plate=None)))
        panel.add(Row(self.choose, self.drop))

    # -- what is shown --------------------------------------------------------------------------

    def reference(self):
        """The plate as the picture draws it: Reference; None where there is none, or it is not read yet."""
        plate, arrays = self._station.flock.plate, self._read[1]
        if plate is None or plate.hidden or arrays is None:
            return None
        picture = self._station.services.picture
        _, _, wide, _ = filled(arrays["pixels"].shape[:2], picture.width(), picture.height())
        return Reference(name="Plate", picture=arrays, shown="behind", opacity=plate.opacity, place=(0.5, 0.5),
                         scale=min(wide / picture.width(), WIDEST))

    def horizon_at(self, width, height):
        """Where the plate's horizon lies on a picture of some size: pixels from above; None where there is no plate."""
        plate = self._station.flock.plate
        if plate is None or self._read[1] is None:
            return None
        _, top, _, high = filled(self._read[1]["pixels"].shape[:2], width, height)
        return top + plate.horizon * high

    def show_flock(self):
        """Follow the flock."""
        plate = self._station.flock.plate
        for widget in (self.horizon, self.opacity, self.hidden, self.drop, *self.hands.values()):
            widget.setVisible(plate is not None)
        if plate is None:
            self.about.setText(tr("No photograph stands behind the clouds."))
            self._read = (None, None)
            self._station.take_hand(None)
            return
        if self._read[0] is None or self._read[1] is not None:
            self.about.setText(pathlib.Path(plate.file).name)
        self.about.setToolTip(plate.file)
        self.horizon.set(plate.horizon)
        self.opacity.set(plate.opacity)
        self.hidden.setChecked(plate.hidden)
        self._look_for(plate)

    def show_hand(self, hand):
        """Show which of the hands is on the picture."""
        for what, button in self.hands.items():
            button.setChecked(hand is not None and hand.what == what)

    def _look_for(self, plate):
        """Read its photograph, beside the work, when it is another than what was read."""
        station = self._station
        folder, path = station.document.folder, file_of(plate, station.document.folder)
        try:
            stamp = str(path), path.stat().st_mtime_ns
        except OSError:
            stamp = str(path), 0
        if self._read[0] == stamp:
            return
        self._read = (stamp, None)

        def work(ticket):
            ticket.step(0.0, 1.0, f"reading {path.name}")
            try:
                return photograph_of(plate, folder, ticket)
            except Problem as problem:  # the sky is there without it: said where it is seen, and nothing is stopped for it
                return problem

        def done(found):
            if self._read[0] != stamp:
                return  # another one by now
            if isinstance(found, Problem):
                self.about.setText(str(found))
                station.services.tell(str(found))
            else:
                self._read = (stamp, Arrays(pixels=found))
                station.show_again()

        station.services.jobs.begin(work, done, tr("Read {}").format(path.name), passing=True)

    # -- what is done ---------------------------------------------------------------------------

    def ask(self):
        """Ask for a photograph, and put it behind."""
        path = photographs.asked_for(self._station.services.over, tr("A plate"))
        if path is not None:
            self.put(path)

    def put(self, path):
        """Put a photograph behind.

        Parameters
        ----------
        path : pathlib.Path
        """
        named = named_from(path, self._station.document.folder)
        before = self._station.flock.plate
        plate = Plate(file=named) if before is None else before.edited(file=named)
        self._apply(tr("photograph behind"), lambda flock: flock.edited(plate=plate))

    def point(self, what, x, y, width, height):
        """Take the horizon, or the sun, from a place of the picture.

        Parameters
        ----------
        what : str
            "horizon" or "sun".
        x, y : float
            Pixels.
        width, height : int
            Of the picture.
        """
        if what == "sun":
            azimuth, elevation = sun_seen_at(self._station.flock.view, x, y, width, height)
            self._station.turn_sun(azimuth, min(max(elevation, -10.0), 90.0), True)
        elif self._read[1] is not None:
            _, top, _, high = filled(self._read[1]["pixels"].shape[:2], width, height)
            self._level(min(max((y - top) / high, 0.0), 1.0), True)

    def _level(self, horizon, moving):
        flock, picture = self._station.flock, self._station.services.picture
        if flock.plate is None:
            return
        plate, view = flock.plate.edited(horizon=horizon), flock.view
        size = picture.width(), picture.height()
        if self._read[1] is not None:
            _, top, _, high = filled(self._read[1]["pixels"].shape[:2], *size)
            view = levelled(view, top + horizon * high, *size)
        self._apply(tr("horizon"), lambda flock: flock.edited(plate=plate, view=view), moving, True)

    def _edit(self, moving, **changes):
        self._apply(tr("photograph behind"), lambda flock: flock.edited(plate=flock.plate.edited(**changes)), moving)

    def _apply(self, undo_label, change, moving=False, with_view=False):
        self._station.document.apply(undo_label, change, moving, with_view)
