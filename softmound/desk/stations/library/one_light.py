"""The wall in one light: every card from the same side, in the sun and sky of the present mound or in a sun of the wall's own."""

from collections import OrderedDict

from PyQt6.QtCore import QObject, QTimer

from ...view.pixels import image_of_pixels
from .relighting import Relighting, Wish
from .showing import PLAIN

MOST = 1000
"""Pictures that are made anew, those in sight first; of the others the cards keep their own."""
KEPT = 400
RESTS = 250
"""Milliseconds after which the light counts as chosen."""
SCROLLS = 120
"""Milliseconds after which the wall counts as standing still."""


class OneLight(QObject):
    """Joins the wall and the thread that lights its cards.

    Parameters
    ----------
    station : LibraryStation

    Attributes
    ----------
    on : bool
    sun : (float, float) or None
        Azimuth and elevation of the wall's own sun, degrees; None for that of the mound.
    images : OrderedDict of Path to QImage
        Pictures by the folders of versions.
    stale : set of Path
        Those of them that are of another light.
    """

    def __init__(self, station):
        super().__init__(station)
        self._station = station
        self.on, self.sun, self.images, self.stale = False, None, OrderedDict(), set()
        self._relighting, self._lit_by = Relighting(self._take), None
        self._wait = QTimer(self, interval=RESTS, singleShot=True)
        self._still = QTimer(self, interval=SCROLLS, singleShot=True)
        for timer in (self._wait, self._still):
            timer.timeout.connect(self.ask)

    def switch(self, on):
        """Show all that is on the wall in one light, or each in its own.

        Parameters
        ----------
        on : bool
        """
        self.on, self._lit_by, self.sun = on, None, None
        self.images.clear()
        self._station.tray.show_dome(on)
        self._station.wall.viewport().update()
        self._relighting.stop()
        if on:
            self.ask()

    def turn_sun(self, azimuth, elevation, moving):
        """Light the wall from elsewhere.

        Parameters
        ----------
        azimuth, elevation : float
            Degrees.
        moving : bool
        """
        self.sun = azimuth, elevation
        self._station.tray.show_dome(True)
        if not moving:
            self.ask()

    def mound(self):
        """A mound whose light and view the wall is seen in: the present one, with the wall's sun."""
        mound = self._station.document.mound
        if self.sun is None:
            return mound
        sun = mound.light.sun.edited(azimuth=self.sun[0], elevation=self.sun[1])
        return mound.edited(light=mound.light.edited(sun=sun))

    def lit_as(self):
        """Light and view in which a card turns: (Light, View)."""
        mound = self.mound()
        return (mound.light, mound.view) if self.on else PLAIN

    def follow(self):
        """The mound may be lit otherwise now."""
        if self.on:
            self._wait.start()

    def scrolled(self):
        """The wall shows other cards: what is in sight is lit next."""
        if self.on:
            self._still.start()

    def image(self, version):
        """The picture of a version: QImage, or None."""
        if version.folder in self.images:
            self.images.move_to_end(version.folder)
        return self.images.get(version.folder)

    def ask(self):
        """Light what is not lit yet, or lit otherwise, those in sight first."""
        if not self.on:
            return
        station, mound = self._station, self.mound()
        lit_by = mound.light, mound.view.azimuth, mound.view.elevation
        if lit_by != self._lit_by:
            self._lit_by, self.stale = lit_by, set(self.images)
        seen = station.wall.seen()
        rows = [*seen, *range(seen[-1] + 1, len(station.found)), *range(seen[0])] if seen else []
        versions = {v.folder: v for row in rows[:MOST] if (v := station.cards.at(row)) is not None}
        self._relighting.ask([Wish(folder, version, mound.light, mound.view, size=station.pictures.size)
                              for folder, version in versions.items() if folder not in self.images or folder in self.stale])

    def _take(self, folder, pixels):
        if not self.on:
            return
        self.stale.discard(folder)
        self.images[folder] = image_of_pixels(pixels)
        self.images.move_to_end(folder)
        while len(self.images) > KEPT:
            self.images.popitem(last=False)
        self._station.wall.show_picture(folder)

    def end(self):
        """End for good."""
        self._wait.stop()
        self._still.stop()
        self._relighting.end()
