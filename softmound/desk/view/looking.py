"""Looking at the mound: in which way, from where, through which cut; asking for pictures of it and showing the answers."""

from dataclasses import replace

from PyQt6.QtCore import QObject, pyqtSignal

from ...core.budget import MEMORY
from ...core.engine.calibration import PastBuilds
from ...core.engine.carrier import Carrier
from ...core.engine.density import bounds_of
from ...core.engine.painter import Painter, Request
from ...core.engine.stages import Stages
from ...core.light.picture.carrying import nearest_ahead
from ...core.light.picture.cut import Cut
from ...core.light.scene.camera import camera_of, fitted
from ..words import tr
from .cut import CutHand

BESIDE = {"toward": 180.0, "away": 0.0}
"""Azimuth of the sun from behind the camera when it looks toward it, or away from it."""


def begun_painter():
    """A painter whose results count with all else that is kept.

    Returns
    -------
    Painter
    """
    return Painter(stages=Stages(MEMORY, past=PastBuilds()))


class Looking(QObject):
    """Joins the document, the painter and the picture.

    Parameters
    ----------
    services : Services
    painter : Painter
        Makes the pictures.

    Signals
    -------
    shown(Answer)
        A picture is on the screen now.
    way_changed()

    Attributes
    ----------
    way : str
        "clay", "draft", "true", "both" or "slice".
    alone : bool
        True light by whole paths alone.
    denoise : bool
        True light without the noise that is left, by a guess.
    cut : Cut or None
    grid : BrickGrid or None
        What the picture shows.
    ahead : Forecast or None
        The newest forecast of the mound.
    newest : int
        Number of the newest request.
    """

    shown = pyqtSignal(object)
    way_changed = pyqtSignal()

    def __init__(self, services, painter):
        super().__init__(services)
        self._services, self._document, self._picture = services, services.document, services.picture
        self.painter = painter
        painter.deliver = services.relay.to(self._answered)
        self.carrier = Carrier(services.relay.to(self._carried))
        self._last, self._wanted = None, None  # the picture on the screen, and the request that will take its place
        self.way, self.cut, self.grid, self.ahead = "draft", None, None, None
        self.alone = self.denoise = False
        self.newest, self._shown, self._bare_of_grains, self._hurried = 0, 0, False, False
        picture = self._picture
        self.cut_hand = CutHand(lambda at, moving: self.change_cut({"at": at}, moving), picture.cut_panel.show_reading)
        picture.cut_panel.changed.connect(self.change_cut)
        picture.looked.connect(lambda view, moving: services.station.look(view, moving))
        picture.resized.connect(lambda: self.ask(False))
        picture.way_chosen.connect(self.look)
        picture.before_wanted.connect(self._show_before)
        picture.flight.ahead = self.ahead_of
        services.finished.looked_at_changed.connect(lambda: self.ask(False))

    def look(self, way):
        """Look in another way.

        Parameters
        ----------
        way : str
            "clay", "draft", "true", "both" or "slice".
        """
        self.way = way
        self._picture.ways.show_way(way)
        if way == "slice" and self.cut is None:
            self.cut = Cut()
            self.change_cut({"axis": 2, "at": None}, False)
        self._picture.want_cut(way == "slice")
        self.way_changed.emit()
        self.ask(False)

    def change_cut(self, changes, moving):
        """Change the cut.

        Parameters
        ----------
        changes : dict
            Fields of `Cut`; a place of None is the middle of the cloud.
        moving : bool
        """
        if "at" in changes and changes["at"] is None:
            bounds = self._services.station.bounds()
            axis = changes.get("axis", self.cut.axis)
            changes["at"] = 0.0 if bounds is None else float(f"{(bounds[0][axis] + bounds[1][axis]) / 2:.3g}")
        self.cut = replace(self.cut, **changes)
        self._picture.cut_panel.show_cut(self.cut)
        self.cut_hand.show(self.cut, self.grid)
        self._picture.update()
        self.ask(moving)

    def _show_before(self, before):
        """The cloud without grains and patches, while a key is held."""
        if before != self._bare_of_grains:
            self._bare_of_grains = before
            self.ask(False)

    def fit(self, part=None, bounds=None):
        """Fit the cloud into the picture, or what has grown where that is looked at.

        Parameters
        ----------
        bounds : (ndarray of float, ndarray of float), optional
            Corners of what else is to be fitted, metres.
        part : (ndarray of float, ndarray of float), optional
            Corners of what the cloud fills of its bounds, as shares of them: lumps that roll inward leave it smaller. Default all.
        """
        bounds = bounds or self._services.moving.bounds() or bounds_of(self._document.mound)
        if bounds is not None:
            low, high = bounds if part is None else (bounds[0] + share * (bounds[1] - bounds[0]) for share in part)
            size = self._picture.width(), self._picture.height()
            self._document.look(fitted(self._document.mound.view, low, high, *size))

    def look_by_sun(self, where):
        """Turn the view toward the sun, away from it, or up from below.

        Parameters
        ----------
        where : str
            "toward", "away" or "up".
        """
        station = self._services.station
        seen = station.as_seen(self._document.mound)
        view, sun = seen.view, seen.light.sun
        if where == "up":
            station.look(view.edited(elevation=-30.0))
            return
        azimuth = (sun.azimuth - BESIDE[where] + 180.0) % 360.0 - 180.0
        station.look(view.edited(azimuth=azimuth, elevation=-4.0 if where == "toward" else 4.0))

    def ask(self, moving):
        """Ask for a picture of how things are now.

        Parameters
        ----------
        moving : bool
            The hand has not let go yet.
        """
        services = self._services
        if not self._picture.isVisible():
            return
        self.newest += 1
        mound, finished = self._document.seen, services.finished
        grid, key = finished.looked_at(mound)
        # Of a window that shows nothing yet: something lit as soon as can be; it rests once that is there.
        self._hurried = self._shown == 0 and not moving
        moving = moving or self._hurried
        mound, placed = services.station.as_seen(mound), services.station.placed() or services.moving.placed(moving)
        if self._bare_of_grains:
            mound, grid, key = mound.edited(grains=(), patches=()), None, ""
        cut = placed is None or services.station.cut_through
        way = "draft" if self.way == "slice" and not cut else self.way
        self._wanted = Request(self.newest, mound, *self._picture.pixel_size(), way, moving, grid, key, self.cut,
                               services.station.masks(), alone=self.alone, denoise=self.denoise, placed=placed)
        self.painter.ask(self._wanted)
        self._carry()

    def _carry(self):
        """Let the picture on the screen follow the view until the one that is asked for is there; whether it does."""
        last, wanted = self._last, self._wanted
        # Of two halves the border between would be carried along.
        follows = (last is not None and last.away is not None and last.request.way != "both"
                   and (wanted.moving or last.request.moving) and last.request.mound.view != wanted.mound.view
                   and (last.request.width, last.request.height, last.request.way) == (wanted.width, wanted.height, wanted.way))
        if follows:
            self.carrier.ask(last, wanted.mound.view)
        return follows

    def _carried(self, carried):
        if carried.answer is self._last and self._last.request.mound.view != self._wanted.mound.view:
            self._picture.show_pixels(carried.pixels, carried.stride)

    def point_at(self, x, y):
        """Where what is seen at a place of the picture is in the world, about.

        Parameters
        ----------
        x, y : float
            Pixels of the widget.

        Returns
        -------
        ndarray of float64, shape (3,), or None
            Metres; None where no cloud is seen.
        """
        last = self._last
        if last is None or last.away is None:
            return None
        ratio = self._picture.ratio()
        rows, columns = last.away.shape
        row, column = int(y * ratio) // last.stride, int(x * ratio) // last.stride
        if not (0 <= row < rows and 0 <= column < columns) or last.away[row, column] == 0.0:
            return None
        camera = camera_of(last.request.mound.view, last.request.width, last.request.height)
        return camera.eye + float(last.away[row, column]) * camera.ray(x * ratio, y * ratio)

    def ahead_of(self):
        """How far what lies ahead in the picture is.

        Returns
        -------
        float or None
            Metres; None where no cloud is.
        """
        return None if self._last is None or self._last.away is None else nearest_ahead(self._last.away)

    def close(self):
        """End the threads that make pictures, and wait for them."""
        self.painter.close()
        self.carrier.close()

    def _answered(self, answer):
        request = answer.request
        if request.number < self._shown or (request.width, request.height) != self._picture.pixel_size():
            return  # late, or of another size
        self._shown = request.number
        if self._hurried and request.number == self.newest:
            self.ask(False)
        if answer.problem:
            self._services.tell(tr(answer.problem))
            return
        self.grid = answer.grid
        if answer.cut is not None and self.cut is not None:
            self.cut_hand.show(self.cut, answer.grid)
            self._picture.cut_panel.show_facts(answer.cut)
        self._last = answer
        if not (request.moving and self._carry()):
            self._picture.show_pixels(answer.pixels, answer.stride)
        if answer.ahead is not None and request.number == self.newest:
            self.ahead = answer.ahead
        self.shown.emit(answer)
