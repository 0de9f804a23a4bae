"""Voxels: draft and final voxel, what they will cost, the skin, and building the final grid."""

from dataclasses import replace

from ....core.engine.density import bounds_of, span_of
from ....core.recipe import LowerSkin, limits
from ....core.recipe.places import changed, without
from ...documents.document import refusing
from ...words import in_words, tr
from ..station import Station
from .cost_line import CostLine
from .settings import VoxelsSettings


class VoxelsStation(Station):
    """The station."""

    name, order = "Voxels", 20
    page = "stations/02_voxels"
    miniature = "voxels"

    def __init__(self, services):
        super().__init__(services)
        self.ahead = None

    def make_tray(self):
        return CostLine(self)

    def make_settings(self):
        return VoxelsSettings(self)

    def join(self):
        self.services.looking.shown.connect(self._shown)
        self.services.jobs.changed.connect(self._show_building)
        self.services.finished.found.connect(lambda numbers: self.settings.show_numbers(numbers))

    def _shown(self, answer):
        if answer.ahead is not None and answer.ahead is self.services.looking.ahead:
            self.ahead = answer.ahead
            if self.is_open:
                self.show_mound(self.document.mound)

    def _show_building(self):
        if not self.laid_out:
            return
        finished = self.services.finished.of(self.document.mound) is not None
        self.settings.show_building(self.services.jobs.busy, finished)

    def follow(self, mound):
        self._show_building()

    def show_mound(self, mound):
        if self.ahead is not None:
            self.ahead = replace(self.ahead, skin=mound.skin)
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)
        self._show_building()

    def edit_voxels(self, undo_label, moving=False, **changes):
        """Change a voxel size.

        Parameters
        ----------
        undo_label : str
        moving : bool, optional
        **changes
            Fields of `Voxels`.
        """
        self.document.apply(undo_label, lambda mound: changed(mound, ("voxels",), **changes), moving)

    def edit_skin(self, undo_label, moving=False, part=(), **changes):
        """Change the skin.

        Parameters
        ----------
        undo_label : str
        moving : bool, optional
        part : sequence of str, optional
            A part of the skin that is changed instead of itself.
        **changes
            Fields of `Skin`, or of that part.
        """
        self.document.apply(undo_label, lambda mound: changed(mound, ("skin", *part), **changes), moving)

    @refusing
    def add_step(self, kind):
        """Add a step on the surface.

        Parameters
        ----------
        kind : type
            Of `STEPS`.
        """
        # It can be seen but spoils nothing: about a hundredth of the cloud.
        step = kind.begun(float(f"{max(self.long() / 100.0, 0.01):.2g}"))
        self.document.apply(tr("{} the surface").format(in_words(step.step)),
                            lambda mound: mound.edited(steps=(*mound.steps, step)))

    def edit_step(self, number, word, moving=False, **changes):
        """Change a step on the surface.

        Parameters
        ----------
        number : int
        word : str
            For undo.
        moving : bool, optional
        **changes
            Fields of the step.
        """
        self.document.apply(word, lambda mound: changed(mound, ("steps", number), **changes), moving)

    def remove_step(self, number):
        """Take a step on the surface away.

        Parameters
        ----------
        number : int
        """
        self.document.apply(tr("remove step"), lambda mound: without(mound, ("steps",), number))

    def long(self):
        """Longest side of the cloud in metres, 1 without one.

        Returns
        -------
        float
        """
        return span_of(self.document.mound) or 1.0

    @refusing
    def part_skin(self, on):
        """Give what lies below the middle a skin of its own, or not.

        Parameters
        ----------
        on : bool
        """
        skin = self.document.mound.skin
        blend = min(float(f"{self.long() / 12.0:.2g}"), limits(LowerSkin, "blend")[1])
        below = LowerSkin(thickness=skin.thickness, core=skin.core, curve=skin.curve, altitude=float(f"{self.middle():.3g}"),
                          blend=blend) if on else None
        self.edit_skin(tr("lower skin"), below=below)

    def middle(self):
        """Altitude halfway up the cloud.

        Returns
        -------
        float
        """
        bounds = bounds_of(self.document.mound)
        return 0.0 if bounds is None else float(bounds[0][1] + bounds[1][1]) / 2.0
