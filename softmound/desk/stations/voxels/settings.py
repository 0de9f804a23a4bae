"""The settings of Voxels: sizes, the build, the surface and the skin."""

import math

from PyQt6.QtWidgets import QButtonGroup, QCheckBox, QPushButton

from ....core.engine.density import draft_voxel
from ....core.engine.forecast import memory_limit
from ....core.recipe import Voxels, limits
from ....core.volume.numbers import WATER
from ...fields.controls import NumberField, Row, text_label
from ...fields.figures import count, figure, grouped, memory, seconds, unparted
from ...fields.lengths import length
from ...fields.part_fields import PartFields
from ...fields.settings_panel import SettingsPanel
from ...words import tr
from .skin_fields import SkinFields
from .surface_steps import SurfaceSteps


class VoxelsSettings(SettingsPanel):
    """Sizes, the skin, and the build."""

    def __init__(self, station):
        super().__init__("Voxels", "the shape as density")
        self._station = station
        self._idle = True
        self.section("Size")
        low, high = limits(Voxels, "final")
        self.auto = QCheckBox(tr("Draft voxel follows the span"))
        self.auto.toggled.connect(self._auto)
        self.add(Row(self.auto))
        self.draft = self.add(NumberField(tr("Draft voxel"), low, high, 1.0, "m",
                                          tr("Voxel size while working: small enough to judge, large enough to follow the hand."),
                                          "log", (0.05, 20.0)))
        self.draft.changed.connect(lambda v, m: station.edit_voxels(tr("draft voxel"), m, draft=v))
        self.final = self.add(NumberField(tr("Final voxel"), low, high, 0.5, "m",
                                          tr("Voxel size of the asset. Half of it takes eight times the voxels."),
                                          "log", (0.05, 20.0)))
        self.final.changed.connect(lambda v, m: station.edit_voxels(tr("final voxel"), m, final=v))
        self.along = self.add(NumberField(
            tr("Voxels along"), 8, 20_000, 512, "", tr("The same, as voxels along the cloud's longest side."), "log",
            (32, 4096), True))
        self.along.changed.connect(self._along)
        self.facts = self.add(text_label(""))
        self.trouble = self.add(text_label("", "trouble"))
        self.fit = QPushButton("")
        self.fit.setToolTip(tr("Take the smallest voxel whose build fits into memory."))
        self.fit.clicked.connect(lambda: station.edit_voxels(tr("final voxel"), final=self._fitting))
        self._fitting = 1.0
        self.fit_row = self.add(Row(self.fit))
        self.build = QPushButton(tr("Build final"))
        self.build.setObjectName("main")
        self.build.setToolTip(tr("Build the grid at the final voxel beside your work (F5)."))
        self.build.clicked.connect(lambda: station.services.finished.build())
        self.stop = QPushButton(tr("Stop"))
        self.stop.clicked.connect(lambda: station.services.jobs.stop())
        self.add(Row(self.build, self.stop))
        self.show_draft = QPushButton(tr("Draft"))
        self.show_final = QPushButton(tr("Final"))
        group = QButtonGroup(self)
        for button in (self.show_draft, self.show_final):
            button.setCheckable(True)
            group.addButton(button)
        self.show_draft.setChecked(True)
        self.show_draft.clicked.connect(lambda: station.services.finished.look_at(False))
        self.show_final.clicked.connect(lambda: station.services.finished.look_at(True))
        self.add(Row(text_label(tr("Look at")), self.show_draft, self.show_final))
        self.numbers = self.add(text_label(""))
        self.crumbs = self.add(PartFields(Voxels, Voxels.rows))
        self.crumbs.changed.connect(lambda field, v, m: station.edit_voxels(tr("crumbs"), m, **{field: v}))
        self.section("Surface")
        self.steps = self.add(SurfaceSteps(station))
        self.section("Skin")
        self.skin = self.add(SkinFields(station))
        self.show_building(False, False)

    def _along(self, number, moving):
        floor, ceiling = limits(Voxels, "final")
        voxel = float(f"{self._long() / number:.4g}")
        self._station.edit_voxels(tr("final voxel"), moving, final=min(max(voxel, floor), ceiling))

    def _long(self):
        ahead = self._station.ahead
        return ahead.long if ahead is not None and ahead.long else self._station.long()

    def _auto(self, on):
        mound = self._station.document.mound
        self._station.edit_voxels(tr("draft voxel"), draft=None if on else draft_voxel(mound))

    def show_building(self, building, finished):
        """Follow the build.

        Parameters
        ----------
        building : bool
        finished : bool
            A final grid of the present recipe can be looked at.
        """
        self._idle = not building
        self.build.setEnabled(self._idle and not self.fit_row.isVisibleTo(self))
        self.stop.setEnabled(building)
        self.show_final.setEnabled(finished)
        self.numbers.setVisible(finished)
        if not finished:
            self.show_draft.setChecked(True)

    def show_numbers(self, numbers):
        """Say what the finished grid amounts to.

        Parameters
        ----------
        numbers : Numbers or None
            None for a grid kept from an earlier session.
        """
        if numbers is None:
            self.numbers.setText(tr("Finished in an earlier session and kept: nothing has to be built."))
            return
        dims = " × ".join(str(d) for d in numbers.dims)
        depth = " · ".join(tr("{} along {}").format(figure(d), axis) for axis, d in zip("xyz", numbers.depth))
        self.numbers.setText(
            tr(
                "Finished: {} voxels, {} active, {}. Mean density {}, volume {} m³, {} t of water at {:g} g/m³. Optical depth: {}."
            ).format(
                dims,
                count(numbers.active_voxels),
                memory(numbers.bytes),
                figure(numbers.mean),
                grouped(numbers.volume),
                grouped(numbers.water / 1000.0),
                WATER,
                depth,
            )
        )

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        blocked = self.auto.blockSignals(True)
        self.auto.setChecked(mound.voxels.draft is None)
        self.auto.blockSignals(blocked)
        draft = draft_voxel(mound)
        self.draft.set(draft)
        self.draft.set_reset(draft)
        self.draft.setEnabled(mound.voxels.draft is not None)
        self.final.set(mound.voxels.final)
        self.crumbs.show_part(mound.voxels)
        ahead, final = self._station.ahead, mound.voxels.final
        self._show_forecast(ahead, final)
        self.along.set(round(self._long() / final))
        self.along.set_reset(self.along.value)
        self.steps.show_mound(mound)
        self.skin.show_mound(mound)

    def _show_forecast(self, ahead, final):
        self.trouble.setVisible(False)
        self.fit_row.setVisible(False)
        self.build.setEnabled(self._idle)
        if ahead is None:
            self.facts.setText(tr("Looking at the shape…"))
            return
        self.facts.setText(
            tr("Final: {} active voxels, {} and about {} to build.").format(
                *map(unparted, (count(ahead.active_voxels(final)), memory(ahead.memory(final)), seconds(ahead.seconds(final))))
            )
        )
        limit = memory_limit()
        over = ahead.memory(final) > limit
        self.trouble.setVisible(bool(over))
        self.fit_row.setVisible(bool(over))
        self.build.setEnabled(self._idle and not over)
        if over:
            # Rounded up: a hair smaller might not fit.
            smallest = ahead.smallest_voxel(limit)
            digits = 10.0 ** (math.floor(math.log10(smallest)) - 1)
            self._fitting = float(f"{math.ceil(smallest / digits) * digits:.3g}")
            self.trouble.setText(tr("More than the {} allowed: it is not started.").format(memory(limit)))
            self.fit.setText(tr("Use {}, the smallest that fits").format(length(self._fitting)))
