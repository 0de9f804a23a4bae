"""Asking how an OpenVDB file, or a mesh of the surface, is to be written."""

import pathlib

from PyQt6.QtCore import QSettings
from PyQt6.QtWidgets import QCheckBox, QDialog, QFileDialog, QLineEdit, QPushButton, QVBoxLayout

from ...core.engine.density import refinable
from ...core.exchange.export import ORIGINS, ExportOptions
from ...core.exchange.meshes import WRITTEN
from ...core.exchange.units import UNITS, UPS
from ...core.recipe.models import TIERS
from ..fields.controls import ChoiceRow, NumberField, Row, text_label
from ..fields.figures import figure, memory, seconds
from ..words import tr
from .asking import add_buttons

_ORIGIN_WORDS = {"kept": "As in the mound", "centre": "Middle", "base": "Middle of the base"}
SEEN = (1920, 1080)
"""Pixels of the picture that says where a cloud is to be finer."""


class ExportDialog(QDialog):
    """Asks for a file, tiers, axes, unit, origin, width of the values, name, pruning, and the surface.

    Parameters
    ----------
    mound : Mound
    ahead : Forecast or None
    folder : path-like
        Where the file goes unless another place is chosen.
    parent : QWidget, optional
    """

    explained = "stations/08_handing_over"

    def __init__(self, mound, ahead, folder, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Export OpenVDB"))
        self.setMinimumWidth(460)
        self._mound, self._ahead = mound, ahead
        kept = QSettings("softmound", "export")
        self._kept = kept
        values = {field: kept.value(field, default) for field, default in (
            ("up", "y"), ("unit", "m"), ("origin", "kept"), ("width", "half"), ("name", "density"))}
        self.values = {key: values[key] if values[key] in options else options[0] for key, options in (
            ("up", UPS), ("unit", tuple(UNITS)), ("origin", ORIGINS), ("width", ("half", "full")))}
        layout = QVBoxLayout(self)
        layout.setSpacing(7)
        layout.addWidget(text_label(tr("Export OpenVDB"), "title"))
        self.file = QLineEdit(str(pathlib.Path(folder) / f"{mound.name.replace(' ', '_').lower()}.vdb"))
        self.file.setAccessibleName(tr("File"))
        self.file.textChanged.connect(lambda *_: self._show())
        browse = QPushButton(tr("Choose…"))
        browse.clicked.connect(self._browse)
        layout.addWidget(Row(self.file, browse))
        layout.addWidget(text_label(tr("Tiers: each in a file of its own")))
        self.tiers = {}
        for name, factor in TIERS.items():
            box = QCheckBox(f"{tr(name)}, {figure(mound.voxels.final * factor)} m")
            box.setAccessibleName(tr("Tier: {}").format(tr(name)))
            box.setChecked(name == "close")
            box.toggled.connect(lambda *_: self._show())
            self.tiers[name] = box
        layout.addWidget(Row(*self.tiers.values()))
        self.choices = {}
        for field, title, options in (
            ("up", tr("Which axis is up"), {up: up for up in UPS}),
            ("unit", tr("Unit of its numbers"), {unit: unit for unit in UNITS}),
            ("origin", "Origin", _ORIGIN_WORDS),
            ("width", "Values", {"half": "16 bits", "full": "32 bits"}),
        ):
            layout.addWidget(text_label(tr(title)))
            row = ChoiceRow(options, self.values[field], title)
            row.chosen.connect(lambda key, f=field: self._take(f, key))
            self.choices[field] = row
            layout.addWidget(row)
        self.name = QLineEdit(str(values["name"])[:80] or "density")
        self.name.setMaxLength(80)
        self.name.setAccessibleName(tr("Name of the grid"))
        self.name.textChanged.connect(lambda *_: self._show())
        layout.addWidget(Row(text_label(tr("Name of the grid"), "field"), self.name))
        self.tolerance = NumberField(tr("Pruning tolerance"), 0.0, 1.0, 0.0, "",
                                     tr("Densities so close to one another become one: a smaller file, a little off."),
                                     "linear", (0.0, 0.1))
        layout.addWidget(self.tolerance)
        self.surface = QCheckBox(tr("Also the surface, as a level set"))
        layout.addWidget(Row(self.surface))
        self.seen = QCheckBox(tr("Finer where the camera comes near, for a picture of {} × {}").format(*SEEN))
        self.seen.setEnabled(refinable(mound))
        self.seen.setToolTip(
            tr("Further grids, each with half the voxel of the one before. They add up: give the renderer all of them.")
            if refinable(mound) else
            tr("A mound with steps, grains that move density about, or volumes that join by density is as fine everywhere."))
        layout.addWidget(Row(self.seen))
        self.said = text_label("")
        self.trouble = text_label("", "trouble")
        layout.addWidget(self.said)
        layout.addWidget(self.trouble)
        self.export_button = add_buttons(self, layout, tr("Export"))
        self._show()

    def files(self):
        """What is to be written.

        Returns
        -------
        list of (pathlib.Path, float)
            File and voxel of each tier, the coarsest first.
        """
        path = pathlib.Path(self.file.text().strip())
        path = path if path.suffix == ".vdb" else path.with_name(f"{path.name}.vdb")
        chosen = [name for name in reversed(TIERS) if self.tiers[name].isChecked()]
        final = self._mound.voxels.final
        return [(path if len(chosen) == 1 else path.with_name(f"{path.stem}_{name}.vdb"), final * TIERS[name])
                for name in chosen]

    def options(self):
        """How.

        Returns
        -------
        ExportOptions
        """
        return ExportOptions(self.values["up"], self.values["unit"], self.values["origin"],
                             self.values["width"] == "half", self.name.text().strip(), self.tolerance.value,
                             self.surface.isChecked())

    def _browse(self):
        path, _ = QFileDialog.getSaveFileName(self, tr("Export OpenVDB"), self.file.text(), tr("OpenVDB (*.vdb)"))
        if path:
            self.file.setText(path)

    def _take(self, field, key):
        self.values[field] = key
        self._show()

    def _show(self):
        files = self.files() if self.file.text().strip() else []
        trouble = ""
        if not self.file.text().strip():
            trouble = tr("Name a file.")
        elif not files:
            trouble = tr("Choose a tier at least.")
        elif not files[0][0].parent.is_dir():
            trouble = tr("There is no folder {}; choose another.").format(files[0][0].parent)
        elif not self.name.text().strip().isprintable() or self.name.text().strip() in ("", "surface"):
            trouble = tr("The grid needs a name other than 'surface'.")
        self.trouble.setText(trouble)
        self.trouble.setVisible(bool(trouble))
        self.export_button.setEnabled(not trouble)
        if self._ahead is not None and files:
            need = max(self._ahead.memory(voxel) for _, voxel in files)
            time = sum(self._ahead.seconds(voxel) for _, voxel in files)
            self.said.setText(tr("{}: about {} and {} to build. Read back and compared before it gets its name.")
                                .format(", ".join((p.name for p, _ in files)), seconds(time), memory(need)))

    def accept(self):
        """Remember the choices for the next time."""
        for field, value in self.values.items():
            self._kept.setValue(field, value)
        self._kept.setValue("name", self.name.text().strip())
        super().accept()


class MeshDialog(QDialog):
    """Asks for a file, the density of the surface, and how many triangles it may have.

    Parameters
    ----------
    mound : Mound
    finished : bool
        Whether the final grid is there; else the draft is taken.
    folder : path-like
    parent : QWidget, optional
    """

    explained = "stations/08_handing_over"

    def __init__(self, mound, finished, folder, parent=None):
        super().__init__(parent)
        self.setWindowTitle(tr("Export mesh"))
        self.setMinimumWidth(420)
        layout = QVBoxLayout(self)
        layout.setSpacing(7)
        layout.addWidget(text_label(tr("Export mesh"), "title"))
        layout.addWidget(text_label(
            tr("A closed surface of the density, for layout. ") + (
                tr("It is taken from the finished grid.") if finished else
                tr("It is taken from the draft; build the final grid first for a finer one."))))
        self.file = QLineEdit(str(pathlib.Path(folder) / f"{mound.name.replace(' ', '_').lower()}.obj"))
        self.file.setAccessibleName(tr("File"))
        self.file.textChanged.connect(lambda *_: self._show())
        browse = QPushButton(tr("Choose…"))
        browse.clicked.connect(self._browse)
        layout.addWidget(Row(self.file, browse))
        core = mound.skin.core
        self.iso = NumberField(tr("Density of the surface"), 0.001 * core, 0.999 * core, 0.5 * core, "",
                               tr("Lower reaches farther out into the skin."))
        layout.addWidget(self.iso)
        self.budget = NumberField(tr("Triangles at most"), 100, 20_000_000, 100_000, "",
                                  tr("The surface is made on coarser voxels until it has no more."), "log",
                                  (1_000, 2_000_000), True)
        layout.addWidget(self.budget)
        self.trouble = text_label("", "trouble")
        layout.addWidget(self.trouble)
        self.export_button = add_buttons(self, layout, tr("Export"))
        self._show()

    @property
    def path(self):
        """The file to write."""
        return pathlib.Path(self.file.text().strip())

    def _browse(self):
        kinds = " ".join(f"*{ending}" for ending in WRITTEN)
        path, _ = QFileDialog.getSaveFileName(self, tr("Export mesh"), self.file.text(), tr("Meshes ({})").format(kinds))
        if path:
            self.file.setText(path)

    def _show(self):
        trouble = ""
        if self.path.suffix.lower() not in WRITTEN:
            trouble = tr("Let the file's name end in {}.").format(", ".join(WRITTEN))
        elif not self.path.parent.is_dir():
            trouble = tr("There is no folder {}; choose another.").format(self.path.parent)
        self.trouble.setText(trouble)
        self.trouble.setVisible(bool(trouble))
        self.export_button.setEnabled(not trouble)
