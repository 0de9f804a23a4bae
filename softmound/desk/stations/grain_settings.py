"""Numbers of the chosen grain, where it acts, and the patches."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QLabel, QMenu, QPushButton, QVBoxLayout, QWidget

from ...core.recipe import (
    SKIN_CURVES,
    ByDepth,
    ByFacing,
    ByForm,
    ByHeight,
    ByNoise,
    Curve,
    Noise,
    Painted,
    Patch,
    Skin,
    Warp,
    eased,
)
from ...core.recipe.grains import ACTIONS, CELLS, METRICS, NOISES, SUMS
from ...core.recipe.rows import Choice, Drawn, Number, Switch, Triple
from ..fields import Row, emptied, words
from ..part_fields import PartFields
from ..words import figure
from .station import SettingsPanel

CURVES = (("Even", Curve()), ("Soft", eased(1.0)), ("Late", Curve(points=((0.0, 0.0), (0.5, 0.1), (1.0, 1.0)))),
          ("Early", Curve(points=((0.0, 0.0), (0.5, 0.9), (1.0, 1.0)))),
          ("Hard", Curve(points=((0.0, 0.0), (0.42, 0.02), (0.58, 0.98), (1.0, 1.0)))),
          ("Middle", Curve(points=((0.0, 0.0), (0.5, 1.0), (1.0, 0.0)))))
NOISE_ROWS = (
    Choice("kind", "Noise", tuple((k, k.capitalize()) for k in NOISES)),
    Choice("summed", "Sum", (("fbm", "fBm"), *((k, k.capitalize()) for k in SUMS[1:]))),
    Choice("cell", "Cell", tuple((k, k.replace("f", "F") if k[0] == "f" else "Smooth F1") for k in CELLS)),
    Choice("metric", "Metric", tuple((k, k.capitalize()) for k in METRICS)),
    Switch("inverted", "Inverted", "Turns the noise over: cells become domes."),
    Number("feature", "Feature size", "m", (0.5, 500.0), "log", "Size of the largest features."),
    Number("octaves", "Octaves", "", None, "linear", "How many finer layers are added, each smaller and weaker."),
    Number("lacunarity", "Lacunarity", "", None, "linear", "How much finer each octave is than the one before."),
    Number("gain", "Gain", "", None, "linear", "How strong each octave is beside the one before."),
    Number("seed", "Seed", "", (0, 999), "linear", "Another number, another pattern."),
)
MORE_ROWS = (
    Drawn("contrast", "Contrast", CURVES, "noise", "value", eased(1.0)),
    Triple("stretch", "Stretch", "×", (0.1, 10.0), "log", "Features so many times as long along the axis."),
    Triple("rotation", "Rotation", "°", (-180.0, 180.0), "linear", "Turns the stretched pattern."),
    Triple("offset", "Offset", "m", (-200.0, 200.0), "linear", "Slides the pattern through the cloud."),
    Number("time", "Time", "s", (0.0, 60.0), "linear", "The pattern changes with it, smoothly."),
    Number("period", "Period", "s", (0.5, 60.0), "log", "After so long the pattern is as it was: a seamless loop."),
    Choice("anchor", "Anchor", (("sky", "Sky"), ("mound", "Mound")), "Stays in the sky, or goes with the first form."),
)
WARP_ROWS = (
    Choice("kind", "Warped by", tuple((k, k.capitalize()) for k in NOISES)),
    Number("feature", "Size of the warp", "m", (0.5, 500.0), "log", "Size of its features."),
    Number("strength", "Strength of the warp", "m", (0.1, 200.0), "log", "How far places are moved."),
    Number("octaves", "Octaves of the warp", "", None, "linear", "How many finer layers it has."),
    Number("seed", "Seed of the warp", "", (0, 999), "linear", "Another number, another warp."),
)
_MASK_CURVE = (Drawn("curve", "Curve", CURVES, "from nothing to all", "share"), Switch("invert", "Turned over"))
MASKS = {
    "height": ("By height", ByHeight, (
        Number("low", "Nothing at", "m", (-200.0, 1000.0), "linear", "Altitude where it begins."),
        Number("high", "All at", "m", (-200.0, 1000.0), "linear", "Altitude where it acts fully."))),
    "depth": ("By depth", ByDepth, (
        Number("depth", "All at a depth of", "m", (0.2, 200.0), "log", "Nothing at the surface."),)),
    "facing": ("By facing", ByFacing, (
        Choice("toward", "Facing", (("up", "Up"), ("side", "Sideways"), ("down", "Down"), ("sun", "The sun"))),)),
    "form": ("By form", ByForm, (
        Number("form", "Form", "", (0, 99), "linear", "Its number in the tray of Mass, from 0."),
        Number("soft", "Soft over", "m", (0.2, 200.0), "log", "How far off the form it still acts."))),
    "noise": ("By noise", ByNoise, ()),
    "paint": ("Painted", Painted, ()),
}
_MASK_NOISE = (NOISE_ROWS[0], NOISE_ROWS[1], *NOISE_ROWS[5:7], NOISE_ROWS[9])
PATCH_ROWS = (
    Switch("on", "On"),
    Choice("shape", "Shape", (("ball", "Ball"), ("box", "Box"), ("paint", "Painted"))),
    Choice("by", "It", (("multiply", "Multiplies"), ("add", "Adds"), ("set", "Sets"), ("curve", "By a curve"))),
    Number("value", "Value", "", (0.0, 4.0), "linear", "What it multiplies by, adds or sets; in parts of the core."),
    Drawn("curve", "Density", tuple(SKIN_CURVES.items()), "before", "after"),
    Triple("centre", "Centre", "m", (-500.0, 500.0), "linear", "Where its middle is."),
    Triple("size", "Size", "m", (0.5, 500.0), "log", "Its size along the axis."),
    Number("soft", "Soft edge", "m", (0.0, 200.0), "linear", "Over how far it begins."),
)


class GrainSettings(SettingsPanel):
    """The settings."""

    def __init__(self, station):
        super().__init__("Grain", "noise at every scale")
        self._station = station
        self.action = QComboBox()
        self.action.addItems([name.capitalize() for name in ACTIONS])
        self.action.setAccessibleName("Action")
        self.action.activated.connect(lambda n: station.change_action(list(ACTIONS)[n]))
        self.action_row = self.add(Row(words("Action", "field"), self.action))
        self.on = QCheckBox("On")
        self.on.clicked.connect(lambda on: station.edit_grain("grain on or off", on=on))
        self.add(Row(self.on))
        self._of_grain = [self.action_row]
        self.acts = {}
        for name, kind in ACTIONS.items():
            fields = PartFields(kind, kind.rows)
            fields.changed.connect(station.edit_field)
            self.acts[name] = self.add(fields)
        self.noise = self._fields("Noise", NOISE_ROWS)
        self.noise_more = self._fields("More of the noise", MORE_ROWS)
        self._of_grain.append(self.section("Warp"))
        self.warped = QPushButton("Warp the noise")
        self.warped.setCheckable(True)
        self.warped.setToolTip("Moves the places at which the noise is read, by another noise.")
        self.warped.clicked.connect(station.warp)
        self._of_grain.append(self.add(Row(self.warped)))
        self.warp = PartFields(Warp, WARP_ROWS)
        self.warp.changed.connect(station.edit_warp)
        self.add(self.warp)
        self._of_grain.append(self.section("Where"))
        self.show_where = QCheckBox("Show it in the picture")
        self.show_where.setToolTip("Tints the cloud where this grain acts.")
        self.show_where.clicked.connect(station.show_where)
        self._of_grain.append(self.add(Row(self.show_where)))
        self.where = self.add(Where(station, "grain"))
        self._of_grain.append(self.where)
        self.section("Patches")
        self.patches = self.add(Patches(station))
        self.section("All densities")
        self.tone = PartFields(Skin, (Drawn("tone", "A curve over all of them", tuple(SKIN_CURVES.items()), "before", "after",
                                            Curve()),))
        self.tone.changed.connect(station.edit_tone)
        self.add(self.tone)

    def _fields(self, title, rows):
        self._of_grain.append(self.section(title))
        fields = PartFields(Noise, rows)
        fields.changed.connect(self._station.edit_field)
        self._of_grain.append(self.add(fields))
        return fields

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        grain = self._station.grain()
        for widget in self._of_grain:
            widget.setVisible(grain is not None)
        for name, fields in self.acts.items():
            fields.setVisible(grain is not None and grain.action == name)
        self.warp.setVisible(grain is not None and grain.warp is not None)
        self.patches.show_mound(mound)
        self.tone.show_part(mound.skin)
        self.on.setEnabled(grain is not None)
        self.on.setChecked(grain is not None and grain.on)
        if grain is None:
            self.title.setText("Grain")
            self.subtitle.setText("noise at every scale")
            return
        self.title.setText(f"{grain.action.capitalize()} · {figure(grain.feature)} m")
        self.subtitle.setText(grain.sentence)
        self.action.setCurrentText(grain.action.capitalize())
        self.acts[grain.action].show_part(grain)
        self.noise.show_part(grain)
        self.noise_more.show_part(grain)
        for field in ("cell", "metric"):
            self.noise.want(field, grain.kind == "cellular")
        self.warped.setChecked(grain.warp is not None)
        if grain.warp is not None:
            self.warp.show_part(grain.warp)
        self.where.show_masks(grain.where)


class Where(QWidget):
    """The masks of a grain or a patch, and a menu that adds one.

    Parameters
    ----------
    station : GrainStation
    about : str
        "grain", or the number of a patch: whose masks they are.
    """

    def __init__(self, station, about):
        super().__init__()
        self._station, self._about = station, about
        self._kinds = None
        self.groups = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self._rows = QVBoxLayout()
        column.addLayout(self._rows)
        self.hint = words("Everywhere. Masks multiply: by height, depth, facing, form, noise, or painted.")
        column.addWidget(self.hint)
        self.add_button = QPushButton("Add a mask")
        menu = QMenu(self.add_button)
        for key, (label, _model, _rows) in MASKS.items():
            menu.addAction(label, lambda k=key: station.add_mask(self._about, k))
        self.add_button.setMenu(menu)
        column.addWidget(Row(self.add_button))

    def show_masks(self, masks):
        """Follow the masks.

        Parameters
        ----------
        masks : sequence of Mask
        """
        kinds = tuple(mask.by for mask in masks)
        if kinds != self._kinds:
            self._kinds = kinds
            emptied(self._rows)
            self.groups = [_MaskGroup(self._station, self._about, n, kind) for n, kind in enumerate(kinds)]
            for group in self.groups:
                self._rows.addWidget(group)
        for group, mask in zip(self.groups, masks):
            group.show_mask(mask)
        self.hint.setVisible(not kinds)


class _MaskGroup(QWidget):
    def __init__(self, station, about, number, kind):
        super().__init__()
        label, model, rows = MASKS[kind]
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 6)
        column.setSpacing(2)
        drop = QPushButton("Remove")
        drop.setStyleSheet("padding: 2px 8px;")
        drop.setAccessibleName(f"Remove mask {number + 1}")
        drop.clicked.connect(lambda: station.remove_mask(about, number))
        head = [QLabel(label), drop]
        self.paint = None
        if kind == "paint":
            self.paint = QPushButton("Paint")
            self.paint.setCheckable(True)
            self.paint.setStyleSheet("padding: 2px 8px;")
            self.paint.setToolTip("Paint on the cloud with the left hand; Alt takes paint away.")
            self.paint.clicked.connect(lambda on: station.paint_on(about, number if on else None))
            head.insert(1, self.paint)
        row = Row(*head)
        row.layout().setStretch(0, 1)
        column.addWidget(row)
        self.noise = None
        if kind == "noise":
            self.noise = PartFields(Noise, _MASK_NOISE, label)
            self.noise.changed.connect(lambda f, v, m: station.edit_mask_noise(about, number, f, v, m))
            column.addWidget(self.noise)
        self.fields = PartFields(model, (*rows, *_MASK_CURVE), label)
        self.fields.changed.connect(lambda f, v, m: station.edit_mask(about, number, f, v, m))
        column.addWidget(self.fields)

    def show_mask(self, mask):
        """Follow a mask.

        Parameters
        ----------
        mask : Mask
        """
        self.fields.show_part(mask)
        if self.noise is not None:
            self.noise.show_part(mask.noise)


class Patches(QWidget):
    """Local corrections of density, one below the other.

    Parameters
    ----------
    station : GrainStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._count = None
        self.groups = []
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        self._rows = QVBoxLayout()
        column.addLayout(self._rows)
        self.hint = words("Make a part thicker or thinner: a ball, a box or paint that changes the density there.")
        column.addWidget(self.hint)
        self.add_button = QPushButton("Add a patch")
        self.add_button.clicked.connect(station.add_patch)
        column.addWidget(Row(self.add_button))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        if len(mound.patches) != self._count:
            self._count = len(mound.patches)
            emptied(self._rows)
            self.groups = [_PatchGroup(self._station, n) for n in range(self._count)]
            for group in self.groups:
                self._rows.addWidget(group)
        for group, patch in zip(self.groups, mound.patches):
            group.show_patch(patch)
        self.hint.setVisible(not mound.patches)


class _PatchGroup(QWidget):
    def __init__(self, station, number):
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 10)
        column.setSpacing(2)
        drop = QPushButton("Remove")
        drop.setStyleSheet("padding: 2px 8px;")
        drop.setAccessibleName(f"Remove patch {number + 1}")
        drop.clicked.connect(lambda: station.remove_patch(number))
        self.paint = QPushButton("Paint")
        self.paint.setCheckable(True)
        self.paint.setStyleSheet("padding: 2px 8px;")
        self.paint.setToolTip("Paint on the cloud with the left hand; Alt takes paint away.")
        self.paint.clicked.connect(lambda on: station.paint_on(number, -1 if on else None))
        row = Row(QLabel(f"Patch {number + 1}"), self.paint, drop)
        row.layout().setStretch(0, 1)
        column.addWidget(row)
        self.fields = PartFields(Patch, PATCH_ROWS, f"Patch {number + 1}")
        self.fields.changed.connect(lambda f, v, m: station.edit_patch(number, f, v, m))
        column.addWidget(self.fields)
        self.where = Where(station, number)
        column.addWidget(self.where)

    def show_patch(self, patch):
        """Follow a patch.

        Parameters
        ----------
        patch : Patch
        """
        self.fields.show_part(patch)
        for field in ("centre", "size", "soft"):
            self.fields.want(field, patch.shape != "paint")
        self.fields.want("value", patch.by != "curve")
        self.fields.want("curve", patch.by == "curve")
        self.paint.setVisible(patch.shape == "paint")
        self.where.show_masks(patch.where)
