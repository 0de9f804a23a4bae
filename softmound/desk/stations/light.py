"""Light: sun, sky, lamps, medium and exposure; kept views and snapshots."""

import numpy as np
from pydantic import ValidationError
from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QInputDialog

from ...core.engine.density import bounds_of
from ...core.exchange.foreign import read_sky
from ...core.light.situations import in_situation
from ...core.recipe import Arrays, KeptView, Lamp, Snapshot
from .light_settings import LightSettings
from .light_tray import LightTray
from .situation_tray import SituationTray
from .station import Station


class LightStation(Station):
    """The station.

    Signals
    -------
    snapshot_wanted()
        Keep the present picture and its recipe.
    compare_wanted(int)
        Lay a snapshot over the picture; -1 for none.
    pictures_wanted()
        Ask how pictures are to be taken.
    refused(str)
    job_wanted(object, object)
        Work beside the hand, and what is done with its result.

    Attributes
    ----------
    lamp : int or None
        The chosen lamp.
    compared : int or None
        The snapshot laid over the picture.
    miniature : callable
        Given a view, returns a small picture as QImage, or None.
    """

    name = "Light"
    dome = True
    snapshot_wanted = pyqtSignal()
    compare_wanted = pyqtSignal(int)
    pictures_wanted = pyqtSignal()
    refused = pyqtSignal(str)
    job_wanted = pyqtSignal(object, object)

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.lamp = self.compared = None
        self.miniature = lambda view: None
        self.tray = LightTray(self, SituationTray(self))
        self.settings = LightSettings(self)

    def show_mound(self, mound):
        if self.lamp is not None and self.lamp >= len(mound.light.lamps):
            self.lamp = None
        if self.compared is not None and self.compared >= len(mound.snapshots):
            self.compare(self.compared)
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    # -- lamps ----------------------------------------------------------------------------------

    def choose_lamp(self, number):
        """Choose a lamp, or let go of the one that is chosen.

        Parameters
        ----------
        number : int
        """
        self.lamp = None if self.lamp == number else number
        self.show_mound(self.document.mound)

    def _lamps(self, lamps, words_, moving=False):
        mound = self.document.mound
        self.document.edit(mound.edited(light=mound.light.edited(lamps=tuple(lamps))), words_, moving)

    def add_lamp(self):
        """Add a lamp in the middle of the cloud."""
        mound = self.document.mound
        bounds = bounds_of(mound)
        place, span = ((0.0, 20.0, 0.0), 40.0) if bounds is None else (
            tuple(float(f"{c:.4g}") for c in (bounds[0] + bounds[1]) / 2), float((bounds[1] - bounds[0]).max()))
        number = len(mound.light.lamps)
        # Enough to be seen from inside by day.
        power = float(f"{2e4 * 4.0 * np.pi * (span / 4.0) ** 2:.2g}")
        lamp = Lamp(name=f"Lamp {number + 1}", place=place, radius=max(0.001, float(f"{span / 60:.2g}")), power=power)
        self.lamp = number
        try:
            self._lamps((*mound.light.lamps, lamp), "add a lamp")
        except ValidationError:
            self.lamp = None
            self.refused.emit("A mound has at most 64 lamps.")

    def edit_lamp(self, number, words_, moving=False, **changes):
        """Change a lamp.

        Parameters
        ----------
        number : int
        words_ : str
        moving : bool, optional
        **changes
            Fields of the lamp.
        """
        lamps = list(self.document.mound.light.lamps)
        lamps[number] = lamps[number].edited(**changes)
        self._lamps(lamps, f"lamp {words_}", moving)

    def duplicate_lamp(self, number):
        """Add a lamp like another beside it."""
        lamps = self.document.mound.light.lamps
        lamp = lamps[number]
        x, y, z = lamp.place
        self.lamp = len(lamps)
        self._lamps((*lamps, lamp.edited(name=f"{lamp.name[:74]} copy", place=(x + 4.0 * lamp.radius, y, z))),
                    "duplicate a lamp")

    def remove_lamp(self, number):
        """Remove a lamp."""
        lamps = self.document.mound.light.lamps
        self.lamp = None
        self._lamps(lamps[:number] + lamps[number + 1 :], "remove a lamp")

    # -- views and snapshots --------------------------------------------------------------------

    def keep_view(self):
        """Keep the present view under a name."""
        mound = self.document.mound
        taken = {kept.name for kept in mound.views}
        name = next(f"View {n}" for n in range(1, 99) if f"View {n}" not in taken)
        if len(mound.views) >= 64:
            self.refused.emit("A mound keeps at most 64 views.")
            return
        self.document.edit(mound.edited(views=(*mound.views, KeptView(name=name, view=mound.view))), "keep a view")

    def replace_view(self, number):
        """Keep the present view in place of another."""
        mound = self.document.mound
        views = list(mound.views)
        views[number] = views[number].edited(view=mound.view)
        self.document.edit(mound.edited(views=tuple(views)), "keep a view anew")

    def rename(self, what, number):
        """Ask for another name of a kept view or a snapshot.

        Parameters
        ----------
        what : str
            "views" or "snapshots".
        number : int
        """
        mound = self.document.mound
        things = list(getattr(mound, what))
        name, given = QInputDialog.getText(self.tray, "Rename", "Name", text=things[number].name)
        if not given:
            return
        try:
            things[number] = things[number].edited(name=name.strip())
        except ValidationError:
            self.refused.emit("A name has 1 to 80 letters, without slashes.")
            return
        self.document.edit(mound.edited(**{what: tuple(things)}), "rename")

    def remove(self, what, number):
        """Remove a kept view or a snapshot."""
        mound = self.document.mound
        things = getattr(mound, what)
        if what == "snapshots" and self.compared is not None:
            self.compare(self.compared)
        self.document.edit(mound.edited(**{what: things[:number] + things[number + 1 :]}), "remove")

    def keep_snapshot(self, pixels, recipe=None):
        """Keep a picture and its recipe.

        Parameters
        ----------
        pixels : ndarray of uint8, shape (height, width, 3)
        recipe : Mound, optional
            Default the present one.
        """
        mound = self.document.mound
        if len(mound.snapshots) >= 48:
            self.refused.emit("A mound keeps at most 48 snapshots: remove one first.")
            return
        taken = {snapshot.name for snapshot in mound.snapshots}
        name = next(f"Snapshot {n}" for n in range(1, 99) if f"Snapshot {n}" not in taken)
        recipe = (mound if recipe is None else recipe).edited(snapshots=())
        kept = Snapshot(name=name, picture=Arrays(pixels=np.ascontiguousarray(pixels)), recipe=recipe)
        self.document.edit(mound.edited(snapshots=(*mound.snapshots, kept)), "keep a snapshot")
        self.tray.open("snapshots")

    def compare(self, number):
        """Lay a snapshot over the picture, or take it away again.

        Parameters
        ----------
        number : int
        """
        self.compared = None if self.compared == number else number
        self.tray.show_mound(self.document.mound)
        self.compare_wanted.emit(-1 if self.compared is None else number)

    def take_snapshot_over(self, number):
        """Go on with the recipe of a snapshot; all snapshots stay."""
        mound = self.document.mound
        self.document.edit(mound.snapshots[number].recipe.edited(snapshots=mound.snapshots), "go back to a snapshot")

    # -- the sky --------------------------------------------------------------------------------

    def take_sky_picture(self, path):
        """Light the cloud by a picture of all directions.

        Parameters
        ----------
        path : path-like
        """
        def work(ticket):
            ticket.step(0.0, 1.0, "reading the sky")
            return read_sky(path, ticket=ticket)

        self.job_wanted.emit(work, lambda pixels: self.edit_part(
            "sky", "sky picture", kind="image", picture=Arrays(pixels=pixels)))

    def note(self, mound):
        return "" if mound.mass.forms else "There is nothing to light yet: add a blob in Mass."

    def edit_part(self, part, words_, moving=False, **changes):
        """Change a part of the light.

        Parameters
        ----------
        part : str
            "sun", "sky" or "medium"; empty for the light itself.
        words_ : str
        moving : bool, optional
        **changes
            Fields of the part.
        """
        mound = self.document.mound
        light = mound.light
        if part:
            changes = {part: getattr(light, part).edited(**changes)}
        self.document.edit(mound.edited(light=light.edited(**changes)), words_, moving)

    def take_situation(self, name):
        """Light the cloud as in a ready situation.

        Parameters
        ----------
        name : str
        """
        mound = self.document.mound
        light = in_situation(mound.light, mound.view, name)
        self.document.edit(mound.edited(light=light), f"light: {name.lower()}")
