"""Published files in the picture: lit, turned and cut like any cloud, alone or beside another version."""

from dataclasses import replace

import numpy as np
from PyQt6.QtCore import QObject, QRectF, Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from ....core.formation.standing import all_known, alone, clouds_of, source_of
from ....core.light.scene.camera import fitted
from ....core.recipe import BaseLevel, Light, Mass, Problem, Sky, View, read_mound
from ... import style
from ...fields.lengths import length
from ...view.comparing import Comparison, Side
from ...view.looking import begun_painter
from ...view.overlays import VEIL
from ...view.pixels import image_of_pixels
from ...words import tr

PLAIN = Light(sky=Sky(kind="air"), metered=True), View(elevation=4.0)
"""In which what has no recipe is shown."""
_NOTHING = Mass(base=BaseLevel(on=False))


class Showing(QObject):
    """Joins the chosen versions, the picture, and the second painter that makes the other half of a comparison.

    Parameters
    ----------
    station : LibraryStation

    Attributes
    ----------
    version : Version or None
        What is shown; None while the wall is.
    other : Version or None
        What it is compared with.
    light : Light
    view : View
    """

    def __init__(self, station):
        super().__init__(station)
        self._station, self._services = station, station.services
        self.version = self.other = None
        self.light, self.view = PLAIN
        self._source = self._other_source = self._second = None
        self._asked = 0
        self.corner = Corner(station.services.picture)
        self.corner.back.clicked.connect(self.leave)

    def show(self, version):
        """Show the published files of a version in the picture.

        Parameters
        ----------
        version : Version
        """
        first = self.version is None
        try:
            source = source_of(version)
            mound = read_mound(version.mound, inside=True) if version.mound is not None else None
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        self.version, self._source = version, source
        if first:
            self._end_comparing()
            self.light, view = PLAIN if mound is None else (mound.light, mound.view)
            self.view = fitted(view, *self.bounds(), *self._size())
        self.corner.say(_called(version), tr("published files"))
        self._services.cover_changed.emit()

    def leave(self):
        """Back to the wall, where one was."""
        if self.version is None:
            return
        self.compare(None)
        self.version = self._source = None
        self._services.cover_changed.emit()
        self._station.wall.setFocus()

    def bounds(self):
        """Corners of what is shown: (ndarray of float, ndarray of float), metres."""
        return tuple(self._source.bounds)

    def _size(self):
        picture = self._services.picture
        return max(picture.width(), 1), max(picture.height(), 1)

    # -- what the picture shows -----------------------------------------------------------------

    def as_seen(self, mound):
        """The mound as the picture needs it: its forms are not there, light and view are those of what is shown."""
        # Only to be looked at: what its grains and masks say of forms that are not there need not hold.
        return mound.model_copy(update={"light": self.light, "view": self.view, "mass": _NOTHING, "grains": (), "patches": (),
                                        "views": (), "references": ()})

    def placed(self):
        """What the picture shows: see `core.engine.painter.Request`."""
        return _placed(self._source)

    def taken(self):
        """What pictures are taken of: see `Delivering.take_pictures`."""
        source, version = self._source, self.version
        light = self.light.edited(medium=source.medium)
        mound = self.as_seen(self._services.document.mound).model_copy(update={"light": light, "name": version.facts["name"]})
        return mound, lambda _ticket: (source.grid(min(source.tiers)), f"published {version.folder}")

    def look(self, view, moving):
        """Look from elsewhere: both, where two are compared."""
        self.view = view
        self._services.look_changed.emit(moving)

    def fit(self):
        """Fit it into the picture."""
        self.look(fitted(self.view, *self.bounds(), *self._size()), False)

    def turn_sun(self, azimuth, elevation, moving):
        """Put the sun elsewhere, for as long as one looks."""
        self.light = self.light.edited(sun=self.light.sun.edited(azimuth=azimuth, elevation=elevation))
        self._services.look_changed.emit(moving)

    def answered(self, answer):
        """A picture of what is shown is there: say how fine it is, and ask for that of the other."""
        if self.version is None or answer.request.placed is None:
            return
        self.corner.say(_called(self.version), tr("published files, {} a voxel").format(length(answer.grid.voxel)))
        if self.other is not None and answer.request.number != self._asked:
            self._asked = answer.request.number
            mound = answer.request.mound
            if mound.light.metered:
                # In the exposure of what it is beside: else a difference would be one of exposures.
                mound = mound.model_copy(update={"light": mound.light.edited(metered=False, exposure=answer.exposure)})
            self._second.ask(replace(answer.request, mound=mound, placed=_placed(self._other_source)))

    # -- comparing ------------------------------------------------------------------------------

    def compare(self, other):
        """Compare what is shown with another version.

        Parameters
        ----------
        other : Version or None
            None to end it.
        """
        picture = self._services.picture
        if other is None:
            if self.other is not None:
                self.other = self._other_source = None
                picture.compare(None)
                self._station.show_mound(self._station.document.mound)
            return
        try:
            self._other_source = source_of(other)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        by = picture.comparison.by if self.other is not None else "line"
        self.other, self._asked = other, 0
        if self._second is None:
            self._second = self._begun()
        left, right = (Side(_called(version), image, self._span(source)) for version, image, source in (
            (self.version, None, self._source), (other, _blank(), self._other_source)))
        there = {str(v.folder): v for v in (self.version, other, *self._station.siblings)}
        alike = len({v.facts["name"] for v in there.values()}) == 1
        options = [(key, f"v{v.number:03d}" if alike else _called(v)) for key, v in there.items()]
        picture.compare_bar.show_sides(options, str(self.version.folder), str(other.folder), by)

        def sides(left_key, right_key):
            if left_key != str(self.version.folder):
                self.show(there[left_key])
            self.compare(there[right_key])

        picture.compare(Comparison(left, right, by, sides, lambda: self.compare(None)))
        self._services.looking.ask(False)
        self._station.show_mound(self._station.document.mound)

    def _end_comparing(self):
        comparison = self._services.picture.comparison
        if comparison is not None:
            comparison.ended()

    def _begun(self):
        first, second = self._services.looking.painter, begun_painter()
        second.sharpens, second.settles, second.reduces = first.sharpens, first.settles, False
        second.resting, second.passes = first.resting, first.passes
        second.deliver = self._services.relay.to(self._came)
        return second

    def _came(self, answer):
        comparison = self._services.picture.comparison
        if self.other is None or answer.request.number != self._asked or comparison is None:
            return
        if answer.problem:
            self._services.tell(tr(answer.problem))
            return
        comparison.right.image = image_of_pixels(answer.pixels)
        self._services.picture.update()

    def _span(self, source):
        """Top and base of a cloud in the picture, as shares of its height."""
        rows = [self._services.picture.camera().pixel((*source.bounds.mean(axis=0)[:1], y, source.bounds.mean(axis=0)[2]))
                for y in source.bounds[::-1, 1]]
        if None in rows:
            return 0.15, 0.85
        return tuple(float(np.clip(row[1] / self._size()[1], 0.0, 1.0)) for row in rows)

    def end(self):
        """End for good."""
        if self._second is not None:
            self._second.close()


class Corner(QWidget):
    """What is seen in the picture, and the way back to the wall."""

    def __init__(self, picture):
        super().__init__(picture)
        row, column = QHBoxLayout(self), QVBoxLayout()
        row.setContentsMargins(5, 5, 14, 5)
        row.setSpacing(11)
        column.setSpacing(0)
        self.back = QPushButton(tr("To the wall"))
        self.back.setToolTip(tr("Back to the wall, where one was (Esc)."))
        row.addWidget(self.back)
        self.said, self.fine = QLabel(), QLabel()
        self.fine.setObjectName("quiet")
        for label in (self.said, self.fine):
            column.addWidget(label)
        row.addLayout(column)
        self.hide()

    def say(self, said, fine):
        """Say what is seen.

        Parameters
        ----------
        said, fine : str
            What it is, and how fine.
        """
        self.said.setText(said)
        self.fine.setText(fine)
        self.adjustSize()

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.with_alpha(style.GROUND, VEIL))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)


def _placed(source):
    def placed(camera, ticket, seconds=None):
        flock, sources = alone(source)
        whole = seconds is None or all_known(flock, sources, camera)
        return tuple(clouds_of(flock, sources, camera, ticket, None if whole else seconds)), False, whole

    return placed


def _called(version):
    return f"{version.facts['name']} v{version.number:03d}"


def _blank():
    image = QImage(8, 8, QImage.Format.Format_RGB888)
    image.fill(Qt.GlobalColor.black)
    return image
