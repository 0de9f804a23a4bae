"""Grain: noise on the scale ruler and in settings, where it acts, and local corrections of density."""

import pathlib

from PyQt6.QtWidgets import QFileDialog, QInputDialog

from ....core.engine.density import bounds_of, span_of
from ....core.engine.nature import nature_of
from ....core.grain.characters import (
    ENDING,
    character_file,
    read_character,
    save_character,
    sized_character,
)
from ....core.grain.scales import worthwhile
from ....core.recipe import Patch, Problem, Warp, limits
from ....core.recipe.grains import ACTIONS, MASKS, MOST_GRAINS, MOST_MASKS, Grain
from ....core.recipe.places import changed, put, without
from ....core.recipe.snapshots import with_snapshot
from ...dialogs.asking import asking
from ...documents.document import refusing
from ...fields.figures import figure
from ...shell.command import Command
from ...words import in_words, tr
from ..paint_hand import PaintHand
from ..station import Station
from .nature_dialog import NatureDialog
from .settings import GrainSettings
from .siblings_dialog import SiblingsDialog
from .tray import GrainTray


class GrainStation(Station):
    """The station.

    Attributes
    ----------
    chosen : int
        The grain whose numbers are shown.
    final : bool
        What can be held is judged by the final voxel.
    shown : bool
        The picture is tinted where the chosen grain acts.
    """

    name, order = "Grain", 30
    page = "stations/03_grain"
    miniature = "grain"
    dome = True
    commands = (Command("grain", "Add a grain", "G", lambda s: s.add(), opens=True),)
    gestures = (("Drag a hill", "Its feature size sideways, its strength upward"),)

    def __init__(self, services):
        super().__init__(services)
        self.chosen = 0
        self.final = False
        self.shown = False
        self._soloed = None
        self._painting = None
        self._paint_hand = PaintHand(self)

    def make_tray(self):
        return GrainTray(self)

    def make_settings(self):
        return GrainSettings(self)

    def follow(self, mound):
        self.chosen = min(self.chosen, max(len(mound.grains) - 1, 0))
        self._check_painting(mound)

    def show_mound(self, mound):
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def note(self, mound):
        if not mound.mass.forms:
            return tr("There is no shape to grain yet: add a blob in Mass.")
        return "" if mound.grains else tr("The surface is still smooth. Press Add grain to break it up.")

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
        if self.masks():
            self.services.looking.ask(False)

    def take_grains(self, grains, undo_label, moving=False):
        """Put other grains into the mound.

        Parameters
        ----------
        grains : sequence of Grain
        undo_label : str
        moving : bool, optional
        """
        self.document.apply(undo_label, lambda mound: mound.edited(grains=tuple(grains)), moving)

    def edit_grain(self, undo_label, moving=False, **changes):
        """Change the chosen grain.

        Parameters
        ----------
        undo_label : str
        moving : bool, optional
        **changes
            Fields of its action.
        """
        if self.grain() is not None:
            self.document.apply(undo_label, lambda mound: changed(mound, ("grains", self.chosen), **changes), moving)

    def edit_field(self, field, value, moving):
        """Change one field of the chosen grain.

        Parameters
        ----------
        field : str
        value : object
        moving : bool
        """
        self.edit_grain(tr("grain {}").format(in_words(field)), moving, **{field: value})

    @refusing
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
        self.document.apply(tr("warp {}").format(in_words(field)), lambda mound: changed(
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
        self.document.apply(tr("make it {}").format(in_words(action)), lambda mound: put(
            mound, ("grains", self.chosen), lambda _: kind(**kept, **kind.carried(grain))))

    @refusing
    def add(self, action="push"):
        """Add a grain finer than the finest, or a first one.

        Parameters
        ----------
        action : str, optional
        """
        mound = self.document.mound
        if len(mound.grains) >= MOST_GRAINS:
            self.services.tell(tr("A mound has at most {} grains; remove one first.").format(MOST_GRAINS))
            return
        same = [g for g in mound.grains if g.action == "push"]
        if action == "push" and same:
            finest = min(same, key=lambda g: g.feature)
            grain = finest.edited(feature=max(finest.feature * 0.45, 0.01), on=True,
                                  strength=finest.strength * 0.45, seed=(finest.seed + 12) % 2**31)
        else:
            grain = ACTIONS[action].begun(span_of(mound), mound.light)
        self.take_grains((*mound.grains, grain), tr("add {}").format(in_words(action)))
        self.choose(len(mound.grains))

    def remove(self):
        """Remove the chosen grain."""
        if self.grain() is not None:
            self.document.apply(tr("remove grain"), lambda mound: without(mound, ("grains",), self.chosen))

    def duplicate(self):
        """Put a copy of the chosen grain behind it, with another seed."""
        grain, grains = self.grain(), self.document.mound.grains
        if grain is None or len(grains) >= MOST_GRAINS:
            return
        copy = grain.edited(seed=(grain.seed + 1) % 2**31)
        self.take_grains(grains[: self.chosen + 1] + (copy,) + grains[self.chosen + 1 :], tr("duplicate grain"))
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
            self.take_grains(grains, tr("order of grains"))
            self.choose(other)

    def solo(self):
        """Leave only the chosen grain on, or bring the others back."""
        grains = self.document.mound.grains
        if not grains:
            return
        alone = [n == self.chosen for n in range(len(grains))]
        if self._soloed is not None and [g.on for g in grains] == alone and len(self._soloed) == len(grains):
            back, self._soloed = self._soloed, None
            self.take_grains([g.edited(on=on) for g, on in zip(grains, back)], tr("all grains again"))
            return
        self._soloed = [g.on for g in grains]
        self.take_grains([g.edited(on=on) for g, on in zip(grains, alone)], tr("solo grain"))

    def look_at(self, final):
        """Judge what can be held by the final voxel, or by the draft's.

        Parameters
        ----------
        final : bool
        """
        self.final = final
        self.tray.show_mound(self.document.mound)

    # -- characters -----------------------------------------------------------------------------

    def take_character(self, grains, name):
        """Take a set of grains, at the size of this cloud.

        Parameters
        ----------
        grains : sequence of Grain
        name : str
        """
        mound = self.document.mound
        bounds = bounds_of(mound)
        if bounds is None:
            self.services.tell(tr("There is no shape to grain yet: add a blob in Mass."))
            return
        level = mound.mass.base.altitude if mound.mass.base.on else float(bounds[0][1])
        self.chosen = 0
        self.document.apply(tr("character {}").format(tr(name)),
                            lambda now: now.edited(grains=worthwhile(
                                sized_character(grains, span_of(mound), level), mound.voxels.final)))

    def take_character_file(self, path=None):
        """Ask for a file of grains and take it.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        if path is None:
            path, _ = QFileDialog.getOpenFileName(self.tray, tr("A character from a file"), str(pathlib.Path.home()),
                                                  tr("Characters (*{})").format(ENDING))
        if not path:
            return
        try:
            self.take_character(read_character(path), pathlib.Path(path).stem)
        except Problem as problem:
            self.services.tell(tr(problem.sentence))

    def keep_character(self, name=None):
        """Ask for a name and keep the grains as a character of one's own.

        Parameters
        ----------
        name : str, optional
            Instead of asking.
        """
        mound = self.document.mound
        if not mound.grains or not span_of(mound):
            self.services.tell(tr("There are no grains to keep yet."))
            return
        if name is None:
            name, given = QInputDialog.getText(self.tray, tr("Keep as a character"), tr("Its name"))
            if not given or not name.strip():
                return
        level = mound.mass.base.altitude if mound.mass.base.on else float(bounds_of(mound)[0][1])
        path = character_file(name.strip())
        try:
            save_character(path, mound.grains, span_of(mound), level)
        except Problem as problem:
            self.services.tell(tr(problem.sentence))
            return
        self.services.tell(tr("Kept as {}.").format(path))

    # -- where ----------------------------------------------------------------------------------

    def _masks(self, about):
        return self.grain().where if about == "grain" else self.document.mound.patches[about].where

    def _place(self, about):
        """Where a grain or a patch stands in the mound."""
        return ("grains", self.chosen) if about == "grain" else ("patches", about)

    @refusing
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
        if len(self._masks(about)) >= MOST_MASKS:
            self.services.tell(tr("A grain or a patch has at most {} masks; remove one first.").format(MOST_MASKS))
            return
        self.document.apply(tr("mask {}").format(tr(MASKS[kind].label).lower()), lambda mound: put(
            mound, (*self._place(about), "where"), lambda masks: (*masks, MASKS[kind].begun(bounds, long))))

    def edit_mask(self, about, number, field, value, moving, part=()):
        """Change a field of a mask.

        Parameters
        ----------
        about : str or int
        number : int
        field : str
        value : object
        moving : bool
        part : sequence of str, optional
            A part of the mask that is changed instead of itself: its noise.
        """
        self.document.apply(tr("mask {}").format(in_words(field)), lambda mound: changed(
            mound, (*self._place(about), "where", number, *part), **{field: value}), moving)

    def remove_mask(self, about, number):
        """Take a mask away.

        Parameters
        ----------
        about : str or int
        number : int
        """
        self.paint_on(None, None)
        self.document.apply(tr("remove mask"), lambda mound: without(mound, (*self._place(about), "where"), number))

    def show_where(self, shown):
        """Tint the picture where the chosen grain acts, or not.

        Parameters
        ----------
        shown : bool
        """
        self.shown = shown
        self.services.looking.ask(False)

    def masks(self):
        grain = self.grain()
        return grain.where if self.shown and grain is not None else ()

    # -- patches --------------------------------------------------------------------------------

    @refusing
    def add_patch(self):
        """Add a patch in the middle of the cloud."""
        mound = self.document.mound
        bounds = bounds_of(mound)
        if bounds is None:
            self.services.tell(tr("There is no shape to patch yet: add a blob in Mass."))
            return
        middle = tuple(float(figure(float(v))) for v in (bounds[0] + bounds[1]) / 2)
        size = float(figure(span_of(mound) / 3.0, 2))
        patch = Patch(name=f"Patch {len(mound.patches) + 1}", centre=middle, size=(size,) * 3,
                      soft=float(figure(size / 4.0, 2)))
        self.document.apply(tr("add patch"), lambda mound: mound.edited(patches=(*mound.patches, patch)))

    def edit_patch(self, number, field, value, moving):
        """Change a field of a patch.

        Parameters
        ----------
        number : int
        field : str
        value : object
        moving : bool
        """
        undo_label = tr("paint") if field == "strokes" else tr("patch {}").format(in_words(field))
        self.document.apply(undo_label, lambda mound: changed(mound, ("patches", number), **{field: value}), moving)

    def edit_tone(self, _field, curve, moving):
        """Change the curve over all densities.

        Parameters
        ----------
        curve : Curve or None
        moving : bool
        """
        self.document.apply(tr("curve over all densities"), lambda mound: changed(mound, ("skin",), tone=curve), moving)

    def remove_patch(self, number):
        """Take a patch away.

        Parameters
        ----------
        number : int
        """
        self.paint_on(None, None)
        self.document.apply(tr("remove patch"), lambda mound: without(mound, ("patches",), number))

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
            self.services.hand_changed.emit()

    def _check_painting(self, mound):
        """Put the brush down when what it paints is gone."""
        if self._painting is None:
            return
        about, number = self._painting
        there = bool(mound.grains) if about == "grain" else about < len(mound.patches)
        if there and number >= 0:
            masks = mound.grains[self.chosen].where if about == "grain" else mound.patches[about].where
            there = number < len(masks) and hasattr(masks[number], "strokes")
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

    # -- what the whole cloud is beside others --------------------------------------------------

    def show_siblings(self):
        """Show the mound under other seeds, and take, keep or publish what is chosen."""
        services, mound = self.services, self.document.mound
        if not mound.mass.forms:
            services.tell(tr("There is no cloud yet: add a blob in Mass."))
            return
        with asking(SiblingsDialog(mound, services.over)) as dialog:
            if dialog.exec() != SiblingsDialog.DialogCode.Accepted:
                return
            chosen, kept, published = dialog.taken, dialog.kept, dialog.published
        if chosen is not None:
            self.document.apply(tr("take a sibling"), lambda _: chosen)
        elif kept:
            def keep(mound):
                for recipe, pixels in kept:
                    mound = with_snapshot(mound, pixels, recipe)
                return mound

            if self.document.apply(tr("keep siblings as snapshots"), keep):
                services.tell(tr("Kept {} siblings as snapshots: they lie in the tray of Light.").format(len(kept)))
        elif published:
            services.delivering.publish(published)

    def show_nature(self):
        """Measure the cloud that is looked at against nature."""
        services, mound = self.services, self.document.mound
        grid = services.looking.grid
        if grid is None or grid.brick_bounds() is None:
            services.tell(tr("There is no cloud to measure yet: add a blob in Mass."))
            return

        def work(ticket):
            ticket.step(0.0, 1.0, "measuring the cloud")
            return nature_of(mound, grid)

        def done(findings):
            with asking(NatureDialog(findings, services.over)) as dialog:
                dialog.exec()

        services.jobs.begin(work, done)
