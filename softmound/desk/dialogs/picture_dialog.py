"""Asking how pictures are taken: a still, a turntable, a sweep of the sun, a contact sheet."""

import pathlib

from PyQt6.QtCore import QSettings
from PyQt6.QtWidgets import (
    QCheckBox,
    QDialog,
    QDialogButtonBox,
    QFileDialog,
    QGridLayout,
    QLineEdit,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from ...core.engine.layers import LAYERS, USUAL
from ...core.engine.stills import Taking
from ...core.engine.takes import TAKES
from ..fields.controls import ChoiceRow, NumberField, Row, text_label
from ..words import tr


class PictureDialog(QDialog):
    """Asks for a kind, a file, a size, a light and how many pictures.

    Parameters
    ----------
    shown : Mound or Flock
        What pictures are taken of.
    folder : path-like
    final : bool
        Whether there is a finished grid to take it of.
    parent : QWidget, optional
    takes : dict of str to Take, optional
        The kinds of picture; default those of a mound.
    built : bool, optional
        Whether density is built for them, so that it can be asked how finely.
    """

    explained = "reference/takes"

    def __init__(self, shown, folder, final, parent=None, takes=TAKES, built=True):
        super().__init__(parent)
        self.takes = takes
        self.setWindowTitle(tr("Take pictures"))
        self.setMinimumWidth(460)
        kept = QSettings("softmound", "pictures")
        self._kept = kept
        self.kind = kept.value("kind", "still")
        self.kind = self.kind if self.kind in takes else next(iter(takes))
        self.light = kept.value("light", "draft")
        self.light = self.light if self.light in ("draft", "true") else "draft"
        self.grid = "final" if final else "sharp"
        layout = QVBoxLayout(self)
        layout.setSpacing(7)
        layout.addWidget(text_label(tr("Take pictures"), "title"))
        kinds = ChoiceRow({word: tr(take.label) for word, take in takes.items()}, self.kind, "Kind")
        kinds.chosen.connect(self._take_kind)
        self.kinds = kinds
        layout.addWidget(kinds)
        self.sentence = text_label("")
        layout.addWidget(self.sentence)
        usual = takes[self.kind].endings[0]
        self.file = QLineEdit(str(pathlib.Path(folder) / f"{shown.name.replace(' ', '_').lower()}{usual}"))
        self.file.setAccessibleName(tr("File"))
        self.file.textChanged.connect(lambda *_: self._show())
        browse = QPushButton(tr("Choose…"))
        browse.clicked.connect(self._browse)
        layout.addWidget(Row(self.file, browse))
        self.lights = ChoiceRow({"draft": tr("Draft light"), "true": tr("True light")}, self.light, "Light")
        self.lights.chosen.connect(self._take_light)
        layout.addWidget(self.lights)
        self.grids = ChoiceRow({"sharp": tr("As fine as a pixel"), "draft": tr("The draft"), "final": tr("The finished grid")},
                               self.grid, "Grid")
        finished = self.grids.buttons["final"]
        finished.setEnabled(final)
        finished.setVisible(final or takes is TAKES)  # a film has a grid for each of its frames
        finished.setToolTip("" if final else tr("There is none yet: F5 builds it."))
        self.grids.chosen.connect(lambda key: setattr(self, "grid", key))
        self.grids.setVisible(built)
        layout.addWidget(self.grids)
        self.width_ = NumberField(tr("Width"), 64, 8192, 1280, "pixels", tr("Of each picture."), "log", (320, 4096), whole=True)
        self.height_ = NumberField(tr("Height"), 64, 8192, 800, "pixels", tr("Of each picture."), "log", (200, 2160), whole=True)
        self.noise = NumberField(tr("Noise"), 0.005, 0.5, 0.05, "", tr("True light is enough when a pixel errs by such a share."),
                                 "log", (0.01, 0.3))
        self.layers = {}
        self.layer_grid = QWidget()
        grid = QGridLayout(self.layer_grid)
        grid.setContentsMargins(8, 0, 8, 0)
        ticked = kept.value("layers", ",".join(USUAL)).split(",")
        for n, (name, layer) in enumerate((name, layer) for name, layer in LAYERS.items() if name != "motion"):
            box = QCheckBox(tr(layer.label))
            box.setToolTip(tr(layer.sentence))
            box.setChecked(name in ticked)
            box.toggled.connect(lambda *_: self._show())
            grid.addWidget(box, n // 4, n % 4)
            self.layers[name] = box
        layout.addWidget(self.layer_grid)
        self._below = shown.light.floor.kind != "none"
        self.frames = NumberField(
            tr("Pictures"), 2, 2000, 48, "", tr("How many there are: 24 make a second of film."), "log", (8, 400), whole=True
        )
        for field, value in ((self.width_, float(kept.value("width", 1280))), (self.height_, float(kept.value("height", 800))),
                             (self.noise, float(kept.value("noise", 0.05))), (self.frames, float(kept.value("frames", 48)))):
            field.set(value)
            layout.addWidget(field)
        if shown.view.aspect > 0.0:
            # The frame drawn in the picture is what is wanted.
            self.height_.set(float(min(max(round(self.width_.value / shown.view.aspect), 64), 8192)))
        self.trouble = text_label("", "trouble")
        layout.addWidget(self.trouble)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take_button = buttons.addButton("Take", QDialogButtonBox.ButtonRole.AcceptRole)
        self.take_button.setObjectName("main")
        buttons.accepted.connect(self._accept)
        buttons.rejected.connect(self.reject)
        layout.addWidget(buttons)
        self._take_kind(self.kind)

    @property
    def path(self):
        """Where it goes."""
        return pathlib.Path(self.file.text().strip()).expanduser()

    def taking(self):
        """How the picture is taken.

        Returns
        -------
        Taking
        """
        return Taking(round(self.width_.value), round(self.height_.value), true=self.light == "true", noise=self.noise.value,
                      near=self.grid not in ("draft", "final"), layers=self._ticked() if self._has_layers() else ())

    def _ticked(self):
        return tuple(name for name, box in self.layers.items() if box.isChecked() and box.isEnabled())

    def _has_layers(self):
        """Whether the file holds layers."""
        return not self.takes[self.kind].frames and self.path.suffix.lower() == ".exr"

    def _take_kind(self, kind):
        # The usual ending follows the kind; one that was chosen by hand stays where it suits.
        usual = self.path.suffix.lower() == self.takes[self.kind].endings[0]
        self.kind = kind
        if usual or not self._suits():
            self.file.setText(str(self.path.with_suffix(self.takes[kind].endings[0])))
        self._show()

    def _suits(self):
        """Whether the file's ending is one of the kind's."""
        take, ending = self.takes[self.kind], self.path.suffix.lower()
        return ending in take.endings or ending == "" and take.frames

    def _take_light(self, light):
        self.light = light
        self._show()

    def _show(self):
        self.sentence.setText(tr(self.takes[self.kind].sentence))
        self.noise.setVisible(self.light == "true")
        self.layer_grid.setVisible(self._has_layers())
        self.layers["orders"].setEnabled(self.light == "true")
        self.layers["shadow"].setEnabled(self._below)
        self.frames.setVisible(self.takes[self.kind].frames and self.takes[self.kind].counted)
        self.trouble.setText(self.problem())
        self.trouble.setVisible(bool(self.problem()))
        self.take_button.setEnabled(not self.problem())

    def problem(self):
        """What keeps it from being taken, or nothing.

        Returns
        -------
        str
        """
        path = self.path
        if not path.name:
            return tr("Give it a name.")
        if not path.parent.is_dir():
            return tr("There is no folder {}; choose another.").format(path.parent)
        if not self._suits():
            return tr("This kind is written as {}.").format(", ".join(self.takes[self.kind].endings))
        if self._has_layers() and not self._ticked():
            return tr("Tick a layer at least.")
        return ""

    def _browse(self):
        kinds = " ".join(f"*{ending}" for ending in self.takes[self.kind].endings)
        path, _ = QFileDialog.getSaveFileName(self, tr("Take pictures"), self.file.text(),
                                              f"{tr(self.takes[self.kind].label)} ({kinds})")
        if path:
            self.file.setText(path)

    def _accept(self):
        for key, value in (("kind", self.kind), ("light", self.light), ("width", self.width_.value),
                           ("height", self.height_.value), ("layers", ",".join(n for n, b in self.layers.items() if b.isChecked())),
                           ("noise", self.noise.value), ("frames", self.frames.value)):
            self._kept.setValue(key, value)
        self.accept()

    def work(self):
        """What was asked for, without the dialog, which is gone by the time it is done.

        Returns
        -------
        callable
            Given stages, a mound, and what returns its density and the key of that for a ticket, returns the work: given a
            ticket, it returns what was written, as a sentence.
        """
        asked = (self.takes[self.kind], self.path, self.taking(), round(self.frames.value))
        return lambda stages, mound, grid_of: lambda ticket: _taken(*asked, stages, mound, grid_of, ticket)


def _taken(take, path, taking, frames, stages, mound, grid_of, ticket):
    ticket.step(0.0, 0.2, "building")
    grid, key = grid_of(ticket)
    ticket.step(0.2, 1.0, "taking the picture")
    return take.write(path, stages, mound, grid, key, taking, frames, ticket)
