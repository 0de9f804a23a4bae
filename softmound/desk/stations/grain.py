"""Grain: noise on the scale ruler and in settings, where it acts, and local corrections of density."""

import pathlib

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QFileDialog, QHBoxLayout, QInputDialog, QMenu, QPushButton, QVBoxLayout, QWidget

from ...core.engine.density import bounds_of, span_of
from ...core.grain.characters import (
    CHARACTERS,
    ENDING,
    character_file,
    dressed,
    own_characters,
    read_character,
    save_character,
)
from ...core.mass.pick import Picker
from ...core.recipe import Noise, Painted, Patch, Problem, Warp, limits
from ...core.recipe.grains import ACTIONS, MASKS, MOST_GRAINS, MOST_MASKS, Grain
from ...core.recipe.places import changed, put, without
from .. import style
from ..words import figure
from .grain_settings import GrainSettings
from .paint_hand import PaintHand
from .scale_ruler import ScaleRuler
from .station import Station


class GrainStation(Station):
    """The station.

    Signals
    -------
    chosen_changed()
    refused(str)
        Why something was not done.
    siblings_wanted(), nature_wanted()
    hand_changed()
        Another hand for the picture.
    shown_changed()
        Whether the picture shows where the chosen grain acts.
    """

    name = "Grain"
    dome = True
    chosen_changed = pyqtSignal()
    refused = pyqtSignal(str)
    siblings_wanted = pyqtSignal()
    nature_wanted = pyqtSignal()
    hand_changed = pyqtSignal()
    shown_changed = pyqtSignal()

    def __init__(self, document, parent=None):
        super().__init__(document, parent)
        self.chosen = 0
        self.final = False
        self.shown = False
        self._picker = (None, None)
        self._soloed = None
        self._painting = None
        self._paint_hand = PaintHand(self)
        self.tray = GrainTray(self)
        self.settings = GrainSettings(self)

    def follow(self, mound):
        self.chosen = min(self.chosen, max(len(mound.grains) - 1, 0))
        self._check_painting(mound)

    def show_mound(self, mound):
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def note(self, mound):
        if not mound.mass.forms:
            return "There is no shape to grain yet: add a blob in Mass."
        return "" if mound.grains else "The surface is still smooth. Press Add grain to break it up."

    def picker(self):
        """The mass made ready for rays, as long as it is the same.

        Returns
        -------
        Picker
        """
        mass = self.document.mound.mass
        if self._picker[0] is not mass:
            self._picker = (mass, Picker(mass))
        return self._picker[1]

    # -- grains ---------------------------------------------------------------------------------

    def grain(self):
        """The chosen grain, or None."""
        grains = self.document.mound.grains
        return grains[self.chosen] if self.chosen < len(grains) else None

    def choose(self, number):
        """Make a grain the chosen one.

        Parameters
        ----------
        number : int
        """
        self.paint_on(None, None)
        self.chosen = number
        self.show_mound(self.document.mound)
        self.chosen_changed.emit()

    def take_grains(self, grains, words_, moving=False):
        """Put other grains into the mound.

        Parameters
        ----------
        grains : sequence of Grain
        words_ : str
        moving : bool, optional
        """
        self.document.apply(words_, lambda mound: mound.edited(grains=tuple(grains)), moving)

    def edit_grain(self, words_, moving=False, **changes):
        """Change the chosen grain.

        Parameters
        ----------
        words_ : str
        moving : bool, optional
        **changes
            Fields of its action.
        """
        if self.grain() is not None:
            self.document.apply(words_, lambda mound: changed(mound, ("grains", self.chosen), **changes), moving)

    def edit_field(self, field, value, moving):
        """Change one field of the chosen grain.

        Parameters
        ----------
        field : str
        value : object
        moving : bool
        """
        self.edit_grain(f"grain {field.replace('_', ' ')}", moving, **{field: value})

    def warp(self, on):
        """Let another noise move the places where the chosen grain's is read, or not.

        Parameters
        ----------
        on : bool
        """
        grain = self.grain()
        if grain is not None:
            made = Warp(feature=grain.feature, strength=min(grain.feature * 0.35, limits(Warp, "strength")[1])) if on else None
            self.edit_grain("warp", warp=made)

    def edit_warp(self, field, value, moving):
        """Change a field of the chosen grain's warp.

        Parameters
        ----------
        field : str
        value : object
        moving : bool
        """
        self.document.apply(f"warp {field}", lambda mound: changed(
            mound, ("grains", self.chosen, "warp"), **{field: value}), moving)

    def change_action(self, action):
        """Let the chosen grain do something else with the same noise.

        Parameters
        ----------
        action : str
        """
        grain = self.grain()
        if grain is None or grain.action == action:
            return
        kind, kept = ACTIONS[action], {field: getattr(grain, field) for field in Grain.model_fields}
        self.document.apply(f"make it {action}", lambda mound: put(
            mound, ("grains", self.chosen), lambda _: kind(**kept, **kind.carried(grain))))

    def add(self, action="push"):
        """Add a grain finer than the finest, or a first one.

        Parameters
        ----------
        action : str, optional
        """
        mound = self.document.mound
        if len(mound.grains) >= MOST_GRAINS:
            self.refused.emit(f"A mound has at most {MOST_GRAINS} grains; remove one first.")
            return
        same = [g for g in mound.grains if g.action == "push"]
        if action == "push" and same:
            finest = min(same, key=lambda g: g.feature)
            grain = finest.edited(feature=max(finest.feature * 0.45, 0.01), on=True,
                                  strength=finest.strength * 0.45, seed=(finest.seed + 12) % 2**31)
        else:
            grain = ACTIONS[action].begun(span_of(mound), mound.light)
        self.take_grains((*mound.grains, grain), f"add {action}")
        self.choose(len(mound.grains))

    def remove(self):
        """Remove the chosen grain."""
        if self.grain() is not None:
            self.document.apply("remove grain", lambda mound: without(mound, ("grains",), self.chosen))

    def duplicate(self):
        """Put a copy of the chosen grain behind it, with another seed."""
        grain, grains = self.grain(), self.document.mound.grains
        if grain is None or len(grains) >= MOST_GRAINS:
            return
        copy = grain.edited(seed=(grain.seed + 1) % 2**31)
        self.take_grains(grains[: self.chosen + 1] + (copy,) + grains[self.chosen + 1 :], "duplicate grain")
        self.choose(self.chosen + 1)

    def shift(self, step):
        """Move the chosen grain earlier or later: they work one after another.

        Parameters
        ----------
        step : int
        """
        grains, other = list(self.document.mound.grains), self.chosen + step
        if grains and 0 <= other < len(grains):
            grains[self.chosen], grains[other] = grains[other], grains[self.chosen]
            self.take_grains(grains, "order of grains")
            self.choose(other)

    def solo(self):
        """Leave only the chosen grain on, or bring the others back."""
        grains = self.document.mound.grains
        if not grains:
            return
        alone = [n == self.chosen for n in range(len(grains))]
        if self._soloed is not None and [g.on for g in grains] == alone and len(self._soloed) == len(grains):
            back, self._soloed = self._soloed, None
            self.take_grains([g.edited(on=on) for g, on in zip(grains, back)], "all grains again")
            return
        self._soloed = [g.on for g in grains]
        self.take_grains([g.edited(on=on) for g, on in zip(grains, alone)], "solo grain")

    def look_at(self, final):
        """Judge what can be held by the final voxel, or by the draft's.

        Parameters
        ----------
        final : bool
        """
        self.final = final
        self.tray.show_mound(self.document.mound)

    # -- characters -----------------------------------------------------------------------------

    def wear(self, grains, name):
        """Take a set of grains, at the size of this cloud.

        Parameters
        ----------
        grains : sequence of Grain
        name : str
        """
        mound = self.document.mound
        bounds = bounds_of(mound)
        if bounds is None:
            self.refused.emit("There is no shape to grain yet: add a blob in Mass.")
            return
        level = mound.mass.base.altitude if mound.mass.base.on else float(bounds[0][1])
        self.chosen = 0
        self.document.apply(f"character {name}", lambda now: now.edited(grains=dressed(grains, span_of(mound), level)))

    def wear_file(self, path=None):
        """Ask for a file of grains and take it.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        if path is None:
            path, _ = QFileDialog.getOpenFileName(self.tray, "A character from a file", str(pathlib.Path.home()),
                                                  f"Characters (*{ENDING})")
        if not path:
            return
        try:
            self.wear(read_character(path), pathlib.Path(path).stem)
        except Problem as problem:
            self.refused.emit(str(problem))

    def keep_character(self, name=None):
        """Ask for a name and keep the grains as a character of one's own.

        Parameters
        ----------
        name : str, optional
            Instead of asking.
        """
        mound = self.document.mound
        if not mound.grains or not span_of(mound):
            self.refused.emit("There are no grains to keep yet.")
            return
        if name is None:
            name, given = QInputDialog.getText(self.tray, "Keep as a character", "Its name")
            if not given or not name.strip():
                return
        level = mound.mass.base.altitude if mound.mass.base.on else float(bounds_of(mound)[0][1])
        path = character_file(name.strip())
        try:
            save_character(path, mound.grains, span_of(mound), level)
        except Problem as problem:
            self.refused.emit(str(problem))
            return
        self.refused.emit(f"Kept as {path}.")

    # -- where ----------------------------------------------------------------------------------

    def _masks(self, about):
        return self.grain().where if about == "grain" else self.document.mound.patches[about].where

    def _place(self, about):
        """Where a grain or a patch stands in the mound."""
        return ("grains", self.chosen) if about == "grain" else ("patches", about)

    def add_mask(self, about, kind):
        """Add a mask.

        Parameters
        ----------
        about : str or int
            "grain", or the number of a patch.
        kind : str
            Key of `MASKS`.
        """
        bounds, long = bounds_of(self.document.mound), span_of(self.document.mound) or 1.0
        mask = MASKS[kind]()
        if kind == "height" and bounds is not None:
            mask = mask.edited(low=float(figure(float(bounds[0][1]))), high=float(figure(float(bounds[1][1]))))
        elif kind == "depth":
            mask = mask.edited(depth=float(figure(long / 20.0, 2)))
        elif kind == "form":
            mask = mask.edited(soft=float(figure(long / 20.0, 2)))
        elif kind == "noise":
            mask = mask.edited(noise=Noise(feature=float(figure(long / 4.0, 2)), octaves=2, seed=97))
        if len(self._masks(about)) >= MOST_MASKS:
            self.refused.emit(f"A grain or a patch has at most {MOST_MASKS} masks; remove one first.")
            return
        self.document.apply(f"mask {MASKS[kind].label.lower()}", lambda mound: put(
            mound, (*self._place(about), "where"), lambda masks: (*masks, mask)))

    def edit_mask(self, about, number, field, value, moving):
        """Change a field of a mask.

        Parameters
        ----------
        about : str or int
        number : int
        field : str
        value : object
        moving : bool
        """
        self.document.apply(f"mask {field}", lambda mound: changed(
            mound, (*self._place(about), "where", number), **{field: value}), moving)

    def edit_mask_noise(self, about, number, field, value, moving):
        """Change a field of a mask's noise.

        Parameters
        ----------
        about : str or int
        number : int
        field : str
        value : object
        moving : bool
        """
        self.document.apply(f"mask {field}", lambda mound: changed(
            mound, (*self._place(about), "where", number, "noise"), **{field: value}), moving)

    def remove_mask(self, about, number):
        """Take a mask away.

        Parameters
        ----------
        about : str or int
        number : int
        """
        self.paint_on(None, None)
        self.document.apply("remove mask", lambda mound: without(mound, (*self._place(about), "where"), number))

    def show_where(self, shown):
        """Tint the picture where the chosen grain acts, or not.

        Parameters
        ----------
        shown : bool
        """
        self.shown = shown
        self.shown_changed.emit()

    # -- patches --------------------------------------------------------------------------------

    def add_patch(self):
        """Add a patch in the middle of the cloud."""
        mound = self.document.mound
        bounds = bounds_of(mound)
        if bounds is None:
            self.refused.emit("There is no shape to patch yet: add a blob in Mass.")
            return
        middle = tuple(float(figure(float(v))) for v in (bounds[0] + bounds[1]) / 2)
        size = float(figure(span_of(mound) / 3.0, 2))
        patch = Patch(name=f"Patch {len(mound.patches) + 1}", centre=middle, size=(size,) * 3,
                      soft=float(figure(size / 4.0, 2)))
        self.document.apply("add patch", lambda mound: mound.edited(patches=(*mound.patches, patch)))

    def edit_patch(self, number, field, value, moving):
        """Change a field of a patch.

        Parameters
        ----------
        number : int
        field : str
        value : object
        moving : bool
        """
        words_ = "paint" if field == "strokes" else f"patch {field}"
        self.document.apply(words_, lambda mound: changed(mound, ("patches", number), **{field: value}), moving)

    def edit_tone(self, _field, curve, moving):
        """Change the curve over all densities.

        Parameters
        ----------
        curve : Curve or None
        moving : bool
        """
        self.document.apply("curve over all densities", lambda mound: changed(mound, ("skin",), tone=curve), moving)

    def remove_patch(self, number):
        """Take a patch away.

        Parameters
        ----------
        number : int
        """
        self.paint_on(None, None)
        self.document.apply("remove patch", lambda mound: without(mound, ("patches",), number))

    # -- paint ----------------------------------------------------------------------------------

    def paint_on(self, about, number):
        """Paint a mask, or a patch, with the left hand in the picture; or put the brush down.

        Parameters
        ----------
        about : str or int or None
            "grain", or the number of a patch; None puts the brush down.
        number : int or None
            Of the mask, -1 for the patch's own paint; None puts the brush down.
        """
        before = self._painting
        self._painting = None if about is None or number is None else (about, number)
        self._paint_hand.radius = max(span_of(self.document.mound) / 14.0, 0.05)
        self.hand = None if self._painting is None else self._paint_hand
        if before != self._painting:
            self.hand_changed.emit()

    def _check_painting(self, mound):
        """Put the brush down when what it paints is gone."""
        if self._painting is None:
            return
        about, number = self._painting
        there = bool(mound.grains) if about == "grain" else about < len(mound.patches)
        if there and number >= 0:
            masks = mound.grains[self.chosen].where if about == "grain" else mound.patches[about].where
            there = number < len(masks) and isinstance(masks[number], Painted)
        if not there:
            self.paint_on(None, None)

    def strokes_painted(self):
        """Strokes of what is being painted.

        Returns
        -------
        tuple of Paint
        """
        about, number = self._painting
        return self.document.mound.patches[about].strokes if number < 0 else self._masks(about)[number].strokes

    def paint(self, strokes, moving):
        """Put other strokes onto what is being painted.

        Parameters
        ----------
        strokes : sequence of Paint
        moving : bool
        """
        about, number = self._painting
        if number < 0:
            self.edit_patch(about, "strokes", tuple(strokes), moving)
        else:
            self.edit_mask(about, number, "strokes", tuple(strokes), moving)


class GrainTray(QWidget):
    """The ruler, and what can be done with grains."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        layout = QHBoxLayout(self)
        layout.setContentsMargins(0, 0, 12, 0)
        layout.setSpacing(4)
        self.ruler = ScaleRuler(station)
        layout.addWidget(self.ruler, 1)
        side = QVBoxLayout()
        side.setContentsMargins(0, 8, 0, 8)
        side.setSpacing(4)
        self.add = QPushButton(style.icon("plus"), "Add grain")
        self.add.setToolTip("Add a push, finer than the finest (G).")
        self.add.clicked.connect(lambda: station.add())
        self.more = QPushButton("Other…")
        self.more.setToolTip("Add a grain of another action.")
        menu = QMenu(self.more)
        for action in ACTIONS:
            menu.addAction(action.capitalize(), lambda a=action: station.add(a))
        self.more.setMenu(menu)
        self.copy = QPushButton(style.icon("copy"), "")
        self.copy.setToolTip("Duplicate the chosen grain with another seed.")
        self.drop = QPushButton(style.icon("trash-2"), "")
        self.drop.setToolTip("Remove the chosen grain (Delete).")
        self.earlier, self.later = QPushButton("◂"), QPushButton("▸")
        self.earlier.setToolTip("Let it work earlier: each grain sees what those before have made.")
        self.later.setToolTip("Let it work later.")
        self.solo = QPushButton("Solo")
        self.solo.setToolTip("Only this grain; press again for all.")
        self.final = QPushButton("Final")
        self.final.setCheckable(True)
        self.final.setToolTip("Hatch what the final voxel cannot hold, rather than the draft's.")
        self.characters = QPushButton("Characters")
        self.characters.setToolTip("Ready sets of grains, and your own.")
        self._menu = QMenu(self.characters)
        self._menu.aboutToShow.connect(self._fill)
        self._fill()
        self.characters.setMenu(self._menu)
        self.siblings = QPushButton("Siblings…")
        self.siblings.setToolTip("The same mound under other seeds.")
        self.nature = QPushButton("Nature…")
        self.nature.setToolTip("Measure this cloud against measured nature.")
        for button, name, run in (
            (self.copy, "Duplicate grain", station.duplicate), (self.drop, "Remove grain", station.remove),
            (self.earlier, "Grain earlier", lambda: station.shift(-1)),
            (self.later, "Grain later", lambda: station.shift(1)), (self.solo, "Solo", station.solo),
            (self.siblings, "Siblings", station.siblings_wanted.emit), (self.nature, "Nature", station.nature_wanted.emit),
        ):
            button.setAccessibleName(name)
            button.clicked.connect(lambda _=False, r=run: r())
        self.final.clicked.connect(station.look_at)
        for row in ((self.add, self.more), (self.copy, self.drop, self.earlier, self.later), (self.solo, self.final),
                    (self.characters,), (self.siblings, self.nature)):
            line = QHBoxLayout()
            line.setSpacing(4)
            for button in row:
                button.setStyleSheet("padding: 3px 7px;")
                line.addWidget(button, 1)
            side.addLayout(line)
        layout.addLayout(side)

    def _fill(self):
        self._menu.clear()
        for name, grains in CHARACTERS.items():
            self._menu.addAction(name, lambda g=grains, n=name: self._station.wear(g, n))
        own = own_characters()
        if own:
            self._menu.addSeparator()
        for name, path in own.items():
            self._menu.addAction(name, lambda p=path: self._station.wear_file(p))
        self._menu.addSeparator()
        self._menu.addAction("Keep these grains…", lambda: self._station.keep_character())
        self._menu.addAction("From a file…", lambda: self._station.wear_file())

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self.ruler.show_mound(mound)
        some, number = bool(mound.grains), self._station.chosen
        self.add.setEnabled(len(mound.grains) < MOST_GRAINS)
        self.more.setEnabled(len(mound.grains) < MOST_GRAINS)
        for button in (self.copy, self.drop, self.solo):
            button.setEnabled(some)
        self.earlier.setEnabled(some and number > 0)
        self.later.setEnabled(some and number < len(mound.grains) - 1)
