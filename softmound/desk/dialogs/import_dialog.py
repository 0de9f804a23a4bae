"""A file that becomes a form: reading it beside the work, and asking how it is meant."""

import pathlib

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import (
    QApplication,
    QDialog,
    QFileDialog,
    QVBoxLayout,
)

from ...core.exchange.foreign import frames_of, read_facts, read_points, read_triangles, read_vdb
from ...core.exchange.forms import mesh_form, points_form, volume_form
from ...core.exchange.handed import SCALARS
from ...core.exchange.meshes import Triangles, in_metres
from ...core.exchange.units import UNITS, UPS
from ...core.recipe import Problem
from ...core.volume.bricks import BrickGrid
from ..fields.controls import ChoiceRow, NumberField, text_label
from ..fields.figures import memory
from ..fields.lengths import sizes
from ..words import tr
from .asking import add_buttons


def _triangles(path):
    def work(ticket):
        ticket.step(0.0, 1.0, f"reading {path.name}")
        return read_triangles(path, ticket=ticket)
    return work


def _points(path):
    def work(ticket):
        ticket.step(0.0, 1.0, f"reading {path.name}")
        return read_points(path, ticket=ticket)
    return work


def _ply(path):
    """PLY holds either: points when there are no triangles."""
    def work(ticket):
        ticket.step(0.0, 1.0, f"reading {path.name}")
        try:
            return read_triangles(path, ticket=ticket)
        except Problem as problem:
            if "holds no triangles" not in str(problem):
                raise
            return read_points(path, ticket=ticket)
    return work


def _volume(path):
    def work(ticket):
        ticket.step(0.0, 1.0, f"reading {path.name}")
        facts = read_facts(path)
        scalars = [g for g in facts if g["type"] in SCALARS]
        if not scalars:
            kinds = ", ".join(sorted({g["type"] for g in facts}))
            raise Problem(tr("{}: holds no grid of single numbers, only of {}; choose another file.").format(path.name, kinds))
        first = next((g["name"] for g in scalars if g["name"] == "density"), scalars[0]["name"])
        return path, facts, {(path, first): read_vdb(path, first)}
    return work


ENDINGS = {".obj": _triangles, ".ply": _ply, ".stl": _triangles, ".glb": _triangles, ".gltf": _triangles,
           ".off": _triangles, ".csv": _points, ".npz": _points, ".vdb": _volume}
"""How files of each ending are read."""


def chosen_file(parent):
    """Ask for a file that becomes a form.

    Parameters
    ----------
    parent : QWidget

    Returns
    -------
    pathlib.Path or None
    """
    kinds = " ".join(f"*{ending}" for ending in ENDINGS)
    path, _ = QFileDialog.getOpenFileName(parent, tr("A form from a file"), str(pathlib.Path.home()),
                                          tr("Meshes, points and volumes ({})").format(kinds))
    return pathlib.Path(path) if path else None


class ImportDialog(QDialog):
    """Asks for unit and up-axis with the size they make, and what to do with an open surface.

    Parameters
    ----------
    path : pathlib.Path
    read : Triangles, dict or tuple
        What `ENDINGS` gave.
    parent : QWidget, optional
    joins : str, optional
        How a volume joins unless it is chosen otherwise: "shape" or "density".

    Attributes
    ----------
    form : Form or None
        When accepted.
    """

    explained = "stations/01_mass"

    def __init__(self, path, read, parent=None, joins="shape"):
        super().__init__(parent)
        self.setWindowTitle(tr("A form from a file"))
        self.setMinimumWidth(430)
        self._path, self._read = path, read
        self.form = None
        self.unit, self.up, self.mend, self.grid, self.joins = "m", "y", "close", None, joins
        layout = QVBoxLayout(self)
        layout.setSpacing(8)
        layout.addWidget(text_label(path.name, "title"))
        self.found = text_label(self._found())
        layout.addWidget(self.found)
        self._volume = isinstance(read, tuple)
        if self._volume:
            self._make_volume(layout)
        self.units = self._choice(layout, tr("Unit of its numbers"), UNITS, "unit")
        self.ups = self._choice(layout, tr("Which axis is up"), UPS, "up")
        self.mends = {}
        self.thickness = None
        if isinstance(read, Triangles) and not read.closed:
            layout.addWidget(text_label(tr("An open surface encloses nothing. What shall become of it?")))
            self.mends = self._choice(layout, "", ("close", "sheet", "leave"), "mend",
                                      {"close": tr("Close the holes"), "sheet": tr("A sheet"), "leave": tr("Leave it open")})
            self.thickness = NumberField(tr("Thickness"), 0.001, 2_000.0, 1.0, "m", tr("Of the sheet."), "log", (0.01, 100.0))
            self.thickness.changed.connect(lambda *_: self._show())
            layout.addWidget(self.thickness)
        self.size = text_label("")
        layout.addWidget(self.size)
        self.trouble = text_label("", "trouble")
        layout.addWidget(self.trouble)
        self.add_button = add_buttons(self, layout, tr("Add it"), self._accept)
        if self.thickness is not None:
            self.thickness.set(float(f"{max(self._extent().max() * 0.03, 0.001):.2g}"))
        self._show()

    def _choice(self, layout, title, options, field, labels=None):
        if title:
            layout.addWidget(text_label(title))
        row = ChoiceRow({option: (labels or {}).get(option, option) for option in options}, getattr(self, field),
                        title or tr("Open surface"))
        row.chosen.connect(lambda option: self._take(field, option))
        layout.addWidget(row)
        return row.buttons

    def _make_volume(self, layout):
        path, facts, read = self._read
        names = [g["name"] for g in facts if g["type"] in SCALARS]
        self.grid = next(name for _, name in read)
        self.grids = self._choice(layout, "Grid", names, "grid") if len(names) > 1 else {}
        self._frames = frames_of(path)
        self.frame = None
        if len(self._frames) > 1:
            numbers = list(self._frames)
            self.frame = NumberField(tr("Frame"), numbers[0], numbers[-1], numbers[0], "",
                                     tr("Of the sequence of {} files; gaps take the one before.").format(len(numbers)),
                                     whole=True)
            self.frame.set(next(n for n, p in self._frames.items() if p == path))
            self.frame.changed.connect(lambda _, moving: None if moving else self._take_frame())
            layout.addWidget(self.frame)
        self.joinings = self._choice(layout, tr("How it joins the mound"), ("shape", "density"), "joins", {
            "shape": tr("By its surface"), "density": tr("By its density")})
        self.joinings["shape"].setToolTip(tr("As a form like any other: grains and skin work on it."))
        self.joinings["density"].setToolTip(tr("Its values stay what they are, beside what the other forms make."))
        self.threshold = NumberField(tr("Threshold"), 0.0001, 1_000.0, 0.1, "", tr("Density at which the surface lies."),
                                     "log", (0.001, 2.0))
        layout.addWidget(self.threshold)

    def _take_frame(self):
        wanted = round(self.frame.value)
        number = max([n for n in self._frames if n <= wanted], default=min(self._frames))
        self.frame.set(number)
        self._path = self._frames[number]
        self._take("grid", self.grid)

    def _take(self, field, value):
        setattr(self, field, value)
        self.trouble.setText("")
        if field == "grid" and (self._path, value) not in self._read[2]:
            QApplication.setOverrideCursor(Qt.CursorShape.WaitCursor)
            try:
                self._read[2][self._path, value] = read_vdb(self._path, value)
            except Problem as problem:
                self.trouble.setText(tr(problem.sentence))
            finally:
                QApplication.restoreOverrideCursor()
        self._show()

    def _found(self):
        read = self._read
        if isinstance(read, Triangles):
            return read.said
        if isinstance(read, dict):
            extra = [word for word, name in (("a radius", "radii"), ("an age", "ages")) if name in read]
            return tr("{:,} points").format(len(read["positions"])) + (
                tr(", each with {}.").format(" and ".join(extra)) if extra else ".")
        return "\n".join(self._grid_words(g) for g in read[1])

    def _grid_words(self, facts):
        kind = "half" if facts["half"] and facts["type"] == "float" else facts["type"]
        sized = "" if facts["dims"] is None else f", {' × '.join(map(str, facts['dims']))} voxels"
        taken = "" if facts["type"] in SCALARS else " (cannot be taken: no single numbers)"
        held = "" if facts["bytes"] is None else f", {memory(facts['bytes'])}"
        return f"{facts['name'] or '(unnamed)'}: {facts['class']}, {kind}{sized}{held}{taken}"

    def _grid(self) -> BrickGrid | None:
        return self._read[2].get((self._path, self.grid))

    def _level_set(self):
        return next(g["class"] for g in self._read[1] if g["name"] == self.grid) == "level set"

    def _extent(self):
        if self._volume:
            grid = self._grid()
            bounds = None if grid is None else grid.brick_bounds()
            size = np.zeros(3) if bounds is None else (bounds[1] - bounds[0] + 1) * grid.voxel * UNITS[self.unit]
            return size[[0, 2, 1]] if self.up == "z" else size
        positions = self._read.vertices if isinstance(self._read, Triangles) else self._read["positions"]
        return np.ptp(in_metres(positions, self.unit, self.up), axis=0)

    def _show(self):
        x, y, z = self._extent()
        self.size.setText(tr("It will be {} (width, height, depth).").format(sizes((x, y, z))))
        if self.thickness is not None:
            self.thickness.setVisible(self.mend == "sheet")
        if self._volume:
            self.joinings["density"].setEnabled(not self._level_set())
            if self._level_set() and self.joins == "density":
                self.joins = "shape"
                self.joinings["shape"].setChecked(True)
            self.threshold.setVisible(not self._level_set() and self.joins == "shape")
            self.add_button.setEnabled(self._grid() is not None)
        self.trouble.setVisible(bool(self.trouble.text()))

    def _accept(self):
        name = self._path.stem.replace("_", " ")[:80] or "Form"
        try:
            if self._volume:
                form = volume_form(self._grid(), name, self._level_set(), self.threshold.value)
                self.form = form.edited(scale=(UNITS[self.unit],) * 3, joins=self.joins,
                                        rotation=(-90.0, 0.0, 0.0) if self.up == "z" else (0.0, 0.0, 0.0))
            elif isinstance(self._read, Triangles):
                sheet = self.thickness.value if self.thickness is not None and self.mend == "sheet" else None
                self.form = mesh_form(self._read, name, self.unit, self.up,
                                      self.mend == "close" and not self._read.closed, sheet)
            else:
                self.form = points_form(self._read, name, self.unit, self.up)
        except Problem as problem:
            self.trouble.setText(tr(problem.sentence))
            self._show()
            return
        self.accept()
