"""Numbers of the chosen form, of the tool in hand, of the joining and of the levels."""

import pathlib

from PyQt6.QtWidgets import QButtonGroup, QCheckBox, QLineEdit, QPushButton, QVBoxLayout, QWidget

from ....core.mass.kinds.blob import Blob
from ....core.mass.strokes import gestures_of
from ....core.recipe import BaseLevel, Mass, TopLevel, limits
from ....core.recipe.forms import FORMS, PARTS, Form
from ....core.recipe.places import changed, put
from ...fields.controls import NumberField, Row, emptied, text_label
from ...fields.part_fields import PartFields
from ...fields.settings_panel import SettingsPanel
from ...words import counted, in_words, tr
from .growth_fields import GrowthFields

ROLES = (("adds", "Adds", "Joined to what came before."),
         ("carves", "Carves", "Taken away from what came before."),
         ("keeps", "Keeps", "Leaves only what lies inside it."))
JOINS = (("shape", "Surface", "As a form like any other: grains and skin work on it."),
         ("density", "Density", "Its values stay what they are."))
WAYS = (("add", "Add", "Its density is added to the mound's."),
        ("maximum", "Most", "The larger of the two densities."),
        ("multiply", "Multiply", "The mound's density times its own: nothing is left where it is empty."),
        ("average", "Average", "The mean of the two densities."))
BRUSH = (
    ("radius", "Radius", (0.001, 20_000.0), "m", (0.5, 300.0), "log", "The ring on the surface."),
    ("strength", "Strength", (0.0, 1.0), "", None, "linear", "How much one stroke does; Alt turns it round."),
    ("falloff", "Falloff", (0.0, 1.0), "", None, "linear", "0 falls off from the middle, 1 holds to the rim."),
    ("spacing", "Spacing", (0.1, 4.0), "", None, "linear", "Between the lumps, in their radii."),
    ("jitter", "Size jitter", (0.0, 1.0), "", None, "linear", "How unlike one another the lumps are."),
)
SYMMETRY = (("", "None", "One side only."), ("x", "x", "On both sides of the plane x = 0 at once."),
            ("z", "z", "On both sides of the plane z = 0 at once."))


def _choices(parent, options, name, chosen):
    """Buttons of which one is down."""
    group = QButtonGroup(parent)
    buttons = {}
    for key, text, sentence in options:
        button = QPushButton(tr(text))
        button.setCheckable(True)
        button.setToolTip(tr(sentence))
        button.setAccessibleName(f"{tr(name)}: {tr(text)}")
        button.clicked.connect(lambda _=False, k=key: chosen(k))
        group.addButton(button)
        buttons[key] = button
    return buttons


def _quietly(box, on):
    blocked = box.blockSignals(True)
    box.setChecked(on)
    box.blockSignals(blocked)


class MassSettings(SettingsPanel):
    """The settings."""

    def __init__(self, station):
        super().__init__("Mass", "the shape, blocked in from forms")
        self._station = station
        self._of_form = []
        self._make_brush()
        self._make_form()
        self.hint = self.add(text_label(tr("Click a form in the picture or in the tray to change it; Shift adds another, "
                                   "a box drawn over the sky picks all in it.")))
        self._make_strokes()
        self.section("Joining")
        self.joining = self._part_fields(Mass, Mass.rows, lambda field, value, moving: station.edit_mass(
            in_words(field), moving, **{field: value}))
        self.switches, self.levels = {}, {}
        self._level("base", BaseLevel, tr("Base level"), tr("Flatten the underside"))
        self._level("top", TopLevel, tr("Top level"), tr("Flatten the top"))
        self.growth = GrowthFields(self, station)

    # -- what there is --------------------------------------------------------------------------

    def _make_brush(self):
        station = self._station
        self._of_brush = [self.section("Brush")]
        self.brush = {}
        for field, label, (low, high), unit, shown, scale, sentence in BRUSH:
            number = NumberField(label, low, high, getattr(station.brush, field), unit, sentence, scale, shown)
            number.setAccessibleName(tr("Brush: {}").format(tr(label)))
            number.changed.connect(lambda v, _m, f=field: station.change_brush(**{f: v}))
            self.brush[field] = self.add(number)
            self._of_brush.append(number)
        self.symmetry = _choices(self, SYMMETRY, "Symmetry", lambda k: station.change_brush(symmetry=k))
        self._of_brush += [self.add(text_label(tr("Symmetry"))), self.add(Row(*self.symmetry.values()))]
        self.brush_hint = self.add(text_label(""))
        self._of_brush.append(self.brush_hint)

    def _make_form(self):
        station, form = self._station, self._of_form
        self.kind_label = self.section("Form")
        form.append(self.kind_label)
        self.name = QLineEdit()
        self.name.setAccessibleName(tr("Form's name"))
        self.name.setMaxLength(80)
        self.name.editingFinished.connect(self._renamed)
        form.append(self.add(Row(self.name)))
        self.facts = self.add(text_label(""))
        self.trouble = self.add(text_label("", "trouble"))
        self.close_button, self.sheet_button = QPushButton(tr("Close the holes")), QPushButton(tr("Make it a sheet"))
        self.close_button.setToolTip(tr("Fill each hole with a fan around its middle."))
        self.sheet_button.setToolTip(tr("Give the open surface a thickness."))
        self.close_button.clicked.connect(lambda: station.close_holes())
        self.sheet_button.clicked.connect(self._make_sheet)
        self.mending = self.add(Row(self.close_button, self.sheet_button))
        self.roles = _choices(self, ROLES, "Role", lambda r: self._change("role", tr("role"), r))
        form.append(self.add(Row(*self.roles.values())))
        self.hidden, self.locked = QCheckBox(tr("Hidden")), QCheckBox(tr("Locked"))
        self.hidden.toggled.connect(lambda on: self._change("hidden", tr("hide form") if on else tr("show form"), on))
        self.locked.toggled.connect(lambda on: self._change("locked", tr("lock form") if on else tr("unlock form"), on))
        self.locked.setToolTip(tr("Neither moved nor sculpted in the picture."))
        form.append(self.add(Row(self.hidden, self.locked)))
        self.earlier, self.later = QPushButton(tr("Earlier")), QPushButton(tr("Later"))
        for button, step in ((self.earlier, -1), (self.later, 1)):
            button.setToolTip(tr("Roles act in the order of the tray."))
            button.clicked.connect(lambda _=False, s=step: station.shift(s))
        form.append(self.add(Row(self.earlier, self.later)))
        self.unlink = QPushButton(tr("Unlink"))
        self.unlink.setToolTip(tr("Let this copy go its own way."))
        self.unlink.clicked.connect(lambda: station.unlink())
        self.linked = self.add(text_label(""))
        self.link_row = self.add(Row(self.unlink))
        self.kinds = {kind: self._part_fields(model, model.rows, self._change_field) for kind, model in FORMS.items()}
        self.joinings = _choices(self, JOINS, "Joins", lambda k: self._change("joins", tr("how it joins"), k))
        self.ways = _choices(self, WAYS, "Densities", lambda k: self._change("by", tr("how densities join"), k))
        self.joining_rows = [self.add(Row(text_label(tr("Joins by")), *self.joinings.values())), self.add(Row(*self.ways.values()))]
        for button in (*self.joinings.values(), *self.ways.values()):
            button.setStyleSheet("padding: 5px 6px;")
        self.place = self._part_fields(Form, Form.place_rows, self._change_field)
        form.append(self.place)
        self.age = self._part_fields(Form, Form.age_rows, self._change_field)
        form.append(self.age)
        self.own = QCheckBox(tr("Melt of its own"))
        self.own.toggled.connect(
            lambda on: self._change("melt", tr("own melt"), station.document.mound.mass.melt if on else None))
        form.append(self.add(Row(self.own)))
        low, high = limits(Blob, "melt")
        self.own_melt = NumberField(tr("Own melt"), low, high, 4.0, "m", tr("Blend radius where this form joins."),
                                    "linear", (0.0, 100.0))
        self.own_melt.changed.connect(lambda v, m: self._change("melt", tr("own melt"), v, m))
        form.append(self.add(self.own_melt))
        self.moves = QPushButton(tr("Moves…"))
        self.moves.setToolTip(tr("Let it move as numbered files do, or as a stage with time samples; once more: stand still."))
        self.moves.clicked.connect(lambda: station.let_move())
        form.append(self.add(Row(self.moves)))
        self.has, self.parts = {}, {}
        for part, model in PARTS.items():
            self._part(part, model)

    def _part_fields(self, model, rows, edit, name=""):
        fields = self.add(PartFields(model, rows, name))
        fields.changed.connect(edit)
        return fields

    def _part(self, part, model):
        """A part that a form may have: a switch, and its numbers below."""
        box = QCheckBox(tr(model.title))
        box.toggled.connect(lambda on: self._change(
            part, in_words(part), (model(on=True) if "on" in model.model_fields else model()) if on else None))
        self.has[part] = box
        self._of_form.append(self.add(Row(box)))
        self.parts[part] = self._part_fields(
            model, model.rows, lambda field, value, moving: self._change_part(part, field, value, moving),
            tr(model.title).split(":")[0])

    def _make_strokes(self):
        self.strokes_title = self.section("Strokes")
        self.strokes = QWidget()
        self._stroke_rows = QVBoxLayout(self.strokes)
        self._stroke_rows.setContentsMargins(0, 0, 0, 0)
        self._stroke_rows.setSpacing(0)
        self._shown_strokes = None
        self.add(self.strokes)

    def _level(self, name, model, title, switch):
        self.section(title)
        box = QCheckBox(switch)
        box.toggled.connect(lambda on: self._station.edit_level(name, title.lower(), on=on))
        self.switches[name] = box
        self.add(Row(box))
        self.levels[name] = self._part_fields(model, model.rows, lambda field, value, moving: self._station.edit_level(
            name, f"{in_words(name)} {in_words(field)}", moving, **{field: value}), title)

    # -- changes --------------------------------------------------------------------------------

    def _change_field(self, field, value, moving):
        before = getattr(self._station.form(), field, None)
        if field == "sheet" and before is None:
            self._make_sheet()
            return
        if isinstance(value, tuple):
            # Of several forms that are edited together each keeps its other two numbers.
            axis = next((n for n, (a, b) in enumerate(zip(value, before)) if a != b), 0)
            self._station.replace(lambda form: put(form, (field, axis), lambda _: value[axis]),
                                  tr("form {}").format(in_words(field)), moving)
            return
        self._change(field, field, value, moving)

    def _change(self, field, undo_label, value, moving=False):
        form = self._station.form()
        if form is not None:
            self._station.replace(lambda form: form.edited(**{field: value}), undo_label, moving)

    def _change_part(self, part, field, value, moving):
        form = self._station.form()
        if getattr(form, part, None) is not None:
            self._station.replace(lambda form: changed(form, (part,), **{field: value}),
                                  f"{in_words(part)} {in_words(field)}", moving)

    def _make_sheet(self):
        form = self._station.form()
        extent = (form.surface["vertices"].max(axis=0) - form.surface["vertices"].min(axis=0)) * form.scale
        self._change("sheet", tr("make a sheet"), float(f"{max(float(extent.max()) * 0.03, 0.01):.2g}"))

    def _renamed(self):
        form, name = self._station.form(), self.name.text().strip()
        if form is not None and name and name != form.name:
            self._station.replace(lambda form: form.edited(name=name), tr("rename form"))

    # -- following the mound --------------------------------------------------------------------

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        station = self._station
        form = station.form()
        self._show_brush()
        for widget in self._of_form:
            widget.setVisible(form is not None)
        self.hint.setVisible(form is None and not station.tool)
        for part, fields in self.parts.items():
            fields.setVisible(form is not None and getattr(form, part) is not None)
        for kind, fields in self.kinds.items():
            fields.setVisible(form is not None and form.kind == kind)
        volume = form is not None and form.kind == "volume" and not form.level_set
        self.joining_rows[0].setVisible(volume)
        self.joining_rows[1].setVisible(volume and form.joins == "density")
        if volume:
            self.joinings[form.joins].setChecked(True)
            self.ways[form.by].setChecked(True)
        self._show_facts(form)
        moving = getattr(form, "sequence", None)
        self.moves.setVisible("sequence" in type(form).model_fields if form is not None else False)
        self.moves.setText(tr("Moves…") if moving is None else
                           tr("Stand still (moves by {})").format(pathlib.Path(moving.files).name))
        linked = form is not None and form.link is not None
        self.linked.setVisible(linked)
        self.link_row.setVisible(linked)
        if form is not None:
            self._show_form(form, mound)
        self._show_strokes(mound)
        self.joining.show_part(mound.mass)
        for name, box in self.switches.items():
            _quietly(box, getattr(mound.mass, name).on)
        for name, fields in self.levels.items():
            level = getattr(mound.mass, name)
            fields.show_part(level)
            fields.setVisible(level.on)
        self.growth.show_mound(mound)

    def _show_brush(self):
        station = self._station
        for widget in self._of_brush:
            widget.setVisible(bool(station.tool))
        if not station.tool:
            return
        dabbing = station.tool in ("dab", "scoop")
        for field, number in self.brush.items():
            number.set(getattr(station.brush, field))
            number.setVisible((field in ("spacing", "jitter")) == dabbing or field == "radius")
        self.symmetry[station.brush.symmetry].setChecked(True)
        self.brush_hint.setText(
            tr("Lumps go into a trail of their own.") if dabbing else
            tr("Blobs and solids move and change size as a whole; of meshes, volumes and points each part by itself.")
            + (tr(" Only the chosen forms are worked on.") if station.picked else ""))

    def _show_form(self, form, mound):
        station = self._station
        self.kind_label.setText(tr((form.shape if form.kind == "solid" else form.kind).capitalize()))
        if len(station.picked) > 1:
            self.kind_label.setText(tr("{}, and {} more chosen").format(self.kind_label.text(), len(station.picked) - 1))
        if not self.name.hasFocus():
            self.name.setText(form.name)
        self.kinds[form.kind].show_part(form)
        self.place.show_part(form)
        self.age.show_part(form)
        self.roles[form.role].setChecked(True)
        for box, on in ((self.hidden, form.hidden), (self.locked, form.locked), (self.own, form.melt is not None),
                        *((box, getattr(form, part) is not None) for part, box in self.has.items())):
            _quietly(box, on)
        for part, fields in self.parts.items():
            if getattr(form, part) is not None:
                fields.show_part(getattr(form, part))
        self.own_melt.setVisible(form.melt is not None)
        self.own_melt.set(mound.mass.melt if form.melt is None else form.melt)
        self.own_melt.set_reset(mound.mass.melt)
        self.earlier.setEnabled(station.chosen > 0)
        self.later.setEnabled(station.chosen < len(mound.mass.forms) - 1)
        if form.link is not None:
            others = sum(1 for f in mound.mass.forms if f.link == form.link) - 1
            self.linked.setText(counted("Linked with another: editing one edits both.",
                                        "Linked with {} others: editing one edits all.", others).format(others))

    def _show_facts(self, form):
        text, trouble = ("", "") if form is None else form.facts()
        self.facts.setText(text)
        self.facts.setVisible(bool(text))
        self.trouble.setText(trouble)
        self.trouble.setVisible(bool(trouble))
        self.mending.setVisible(bool(trouble))

    def _show_strokes(self, mound):
        if self._station.document.moving:
            return  # rows made anew under the hand would cost more than the stroke
        found = tuple(gestures_of(mound.mass))
        self.strokes_title.setVisible(bool(found))
        self.strokes.setVisible(bool(found))
        if found == self._shown_strokes:
            return
        self._shown_strokes = found
        emptied(self._stroke_rows)
        for gesture, tool, forms in found[-40:]:
            label = text_label(counted("{} {}, on one form", "{} {}, on {} forms", forms)
                               .format(tr(tool.capitalize()), gesture, forms), "")
            drop = QPushButton(tr("Remove"))
            drop.setAccessibleName(tr("Remove stroke {}").format(gesture))
            drop.setToolTip(tr("Take this stroke away; later ones stay."))
            drop.setStyleSheet("padding: 2px 8px;")
            drop.clicked.connect(lambda _=False, g=gesture: self._station.remove_gesture(g))
            row = Row(label, drop)
            row.layout().setStretch(0, 1)
            self._stroke_rows.addWidget(row)
