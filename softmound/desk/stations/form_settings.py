"""Numbers of the chosen form, of the tool in hand, of the joining and of the levels."""

from PyQt6.QtWidgets import QButtonGroup, QCheckBox, QLineEdit, QPushButton, QVBoxLayout, QWidget

from ...core.mass.fields import open_count
from ...core.mass.strokes import gestures_of
from ...core.recipe import (
    BaseLevel,
    Blob,
    Buds,
    Coat,
    Mass,
    Mesh,
    Points,
    Roughness,
    Solid,
    TopLevel,
    Trail,
    Volume,
    limits,
)
from ...core.recipe.places import changed, put
from ..fields import NumberField, Row, emptied, words
from .station import SettingsPanel

ROLES = (("adds", "Adds", "Joined to what came before."),
         ("carves", "Carves", "Taken away from what came before."),
         ("keeps", "Keeps", "Leaves only what lies inside it."))
JOINS = (("shape", "Surface", "As a form like any other: grains and skin work on it."),
         ("density", "Density", "Its values stay what they are."))
WAYS = (("add", "Add", "Its density is added to the mound's."),
        ("maximum", "Most", "The larger of the two densities."),
        ("multiply", "Multiply", "The mound's density times its own: nothing is left where it is empty."),
        ("average", "Average", "The mean of the two densities."))
_AXES = ("x", "y", "z")
_LEVEL = (
    ("altitude", "Altitude", "m", (-200.0, 1000.0), "linear", "Where the level lies; y is the altitude."),
    ("softness", "Softness", "m", (0.0, 100.0), "linear", "How far from the level things are pressed together."),
    ("raggedness", "Raggedness", "m", (0.0, 60.0), "linear", "How far the level goes up and down."),
    ("ragged_size", "Raggedness size", "m", (1.0, 300.0), "log", "Feature size of the raggedness."),
    ("seed", "Raggedness seed", "", (0, 999), "linear", "Another number, another pattern."),
)
PARTS = (
    ("buds", Buds, "Buds: smaller lumps over its surface", (
        ("generations", "Generations", "", None, "linear", "Buds on the form, buds on those buds, and so on."),
        ("count", "Count", "", None, "linear", "Buds on each parent."),
        ("shrink", "Shrink", "", None, "linear", "A bud's radius over its parent's."),
        ("reach", "Reach", "", None, "linear", "How far out a bud's middle lies, in its parent's radii."),
        ("variation", "Size variation", "", None, "linear", "How unlike one another the buds are."),
        ("upward", "Upward", "", None, "linear", "Draws buds toward the top, or below 0 toward the bottom."),
        ("fewer_below", "Fewer below", "", None, "linear", "Share of the buds left out on undersides."),
        ("seed", "Buds' seed", "", (0, 999), "linear", "Another number, another pattern."),
    )),
    ("coat", Coat, "Coat: evenly covered with balls", (
        ("radius", "Ball radius", "m", (0.5, 100.0), "log", "Radius of the balls."),
        ("spacing", "Spacing", "", None, "linear", "How far apart they are, in their radii."),
        ("jitter", "Jitter", "", None, "linear", "How unlike one another they are."),
        ("fewer_below", "Fewer below", "", None, "linear", "Share of the balls left out on undersides."),
        ("seed", "Coat's seed", "", (0, 999), "linear", "Another number, another pattern."),
    )),
    ("rough", Roughness, "Roughness: broken up along its normals", (
        ("size", "Feature size", "m", (0.5, 300.0), "log", "Size of the bumps."),
        ("strength", "Strength", "m", (0.0, 60.0), "linear", "How far they go in and out."),
        ("seed", "Roughness seed", "", (0, 999), "linear", "Another number, another pattern."),
    )),
    ("base", BaseLevel, "A base level of its own", _LEVEL),
    ("top", TopLevel, "A top level of its own", _LEVEL),
)
KIND_FIELDS = {
    "solid": (
        ("edge", Solid, "Edge", "m", (0.0, 50.0), "linear", "How round the edges of a box or a cone are."),
        ("taper", Solid, "Taper", "", None, "linear", "How wide the cone is at its top, over its foot."),
    ),
    "mesh": (("sheet", Mesh, "Sheet thickness", "m", (0.01, 50.0), "log",
              "Thickness of a surface that is not closed."),),
    "points": (
        ("first", Points, "Radius when young", "m", (0.01, 50.0), "log",
         "Radius at age 0, or of all points without an age; times their own radius, if they have one."),
        ("last", Points, "Radius when old", "m", (0.01, 50.0), "log", "Radius at age 1."),
        ("ease", Points, "Ease in and out", "", None, "linear", "How gently the radius begins and ends to change."),
        ("least", Points, "Smallest radius", "voxels", None, "linear", "No ball is smaller than so many voxels."),
    ),
    "volume": (("threshold", Volume, "Threshold", "", (0.001, 2.0), "log",
                "The density at which the surface lies."),),
}
SIZES = (("radii", Blob, "Radius", (0.5, 500.0), "Half the blob's size along its own axis."),
         ("size", Solid, "Size", (0.5, 1000.0), "Size of the solid along its own axis."),
         ("scale", Mesh, "Scale", (0.05, 20.0), "Times its own size along its own axis."))
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
        button = QPushButton(text)
        button.setCheckable(True)
        button.setToolTip(sentence)
        button.setAccessibleName(f"{name}: {text}")
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
        self.hint = self.add(words("Click a form in the picture or in the tray to change it; Shift adds another, "
                                   "a box drawn over the sky picks all in it."))
        self._make_strokes()
        self.section("Joining")
        self.melt = self._number(Mass, "melt", "Melt", "m", (0.0, 100.0), "linear",
                                 "Blend radius where forms join: 0 leaves a crease.")
        self.melt.changed.connect(lambda v, m: station.edit_mass("melt", m, melt=v))
        self.switches, self.levels = {}, {}
        self._level("base", BaseLevel, "Base level", "Flatten the underside", "Below this altitude nothing condenses.")
        self._level("top", TopLevel, "Top level", "Flatten the top", "Above this altitude nothing rises.")

    # -- what there is --------------------------------------------------------------------------

    def _make_brush(self):
        station = self._station
        self._of_brush = [self.section("Brush")]
        self.brush = {}
        for field, label, (low, high), unit, shown, scale, sentence in BRUSH:
            number = NumberField(label, low, high, getattr(station.brush, field), unit, sentence, scale, shown)
            number.setAccessibleName(f"Brush: {label}")
            number.changed.connect(lambda v, _m, f=field: station.change_brush(**{f: v}))
            self.brush[field] = self.add(number)
            self._of_brush.append(number)
        self.symmetry = _choices(self, SYMMETRY, "Symmetry", lambda k: station.change_brush(symmetry=k))
        self._of_brush += [self.add(words("Symmetry")), self.add(Row(*self.symmetry.values()))]
        self.brush_hint = self.add(words(""))
        self._of_brush.append(self.brush_hint)

    def _make_form(self):
        station, form = self._station, self._of_form
        self.kind_label = self.section("Form")
        form.append(self.kind_label)
        self.name = QLineEdit()
        self.name.setAccessibleName("Form's name")
        self.name.setMaxLength(80)
        self.name.editingFinished.connect(self._renamed)
        form.append(self.add(Row(self.name)))
        self.facts = self.add(words(""))
        self.trouble = self.add(words("", "trouble"))
        self.close_button, self.sheet_button = QPushButton("Close the holes"), QPushButton("Make it a sheet")
        self.close_button.setToolTip("Fill each hole with a fan around its middle.")
        self.sheet_button.setToolTip("Give the open surface a thickness.")
        self.close_button.clicked.connect(lambda: station.close_holes())
        self.sheet_button.clicked.connect(self._make_sheet)
        self.mending = self.add(Row(self.close_button, self.sheet_button))
        self.roles = _choices(self, ROLES, "Role", lambda r: self._change("role", "role", r))
        form.append(self.add(Row(*self.roles.values())))
        self.hidden, self.locked = QCheckBox("Hidden"), QCheckBox("Locked")
        self.hidden.toggled.connect(lambda on: self._change("hidden", "hide form" if on else "show form", on))
        self.locked.toggled.connect(lambda on: self._change("locked", "lock form" if on else "unlock form", on))
        self.locked.setToolTip("Neither moved nor sculpted in the picture.")
        form.append(self.add(Row(self.hidden, self.locked)))
        self.earlier, self.later = QPushButton("Earlier"), QPushButton("Later")
        for button, step in ((self.earlier, -1), (self.later, 1)):
            button.setToolTip("Roles act in the order of the tray.")
            button.clicked.connect(lambda _=False, s=step: station.shift(s))
        form.append(self.add(Row(self.earlier, self.later)))
        self.unlink = QPushButton("Unlink")
        self.unlink.setToolTip("Let this copy go its own way.")
        self.unlink.clicked.connect(lambda: station.unlink())
        self.linked = self.add(words(""))
        self.link_row = self.add(Row(self.unlink))
        self.fields = {}
        for field, model, label, shown, sentence in SIZES:
            self._triple(field, model, label, "×" if field == "scale" else "m", shown, "log", sentence,
                         1.0 if field == "scale" else 15.0 if field == "radii" else 30.0)
        self.kind_fields = {}
        for kind, rows in KIND_FIELDS.items():
            for field, model, label, unit, shown, scale, sentence in rows:
                low, high = limits(model, field)
                reset = model.model_fields[field].default
                number = self.add(NumberField(label, low, high, reset if isinstance(reset, float) else 1.0, unit,
                                              sentence, scale, shown))
                number.changed.connect(lambda v, m, f=field: self._change(f, f, v, m))
                self.kind_fields[kind, field] = number
        self.joinings = _choices(self, JOINS, "Joins", lambda k: self._change("joins", "how it joins", k))
        self.ways = _choices(self, WAYS, "Densities", lambda k: self._change("by", "how densities join", k))
        self.joining_rows = [self.add(Row(words("Joins by"), *self.joinings.values())), self.add(Row(*self.ways.values()))]
        for button in (*self.joinings.values(), *self.ways.values()):
            button.setStyleSheet("padding: 5px 6px;")
        self._triple("centre", Blob, "Centre", "m", (-500.0, 500.0), "linear",
                     "Where the form's middle is; y is the altitude.", 0.0)
        self._triple("rotation", Blob, "Rotation", "°", (-180.0, 180.0), "linear",
                     "Turn about the axis; x first, then y, then z.", 0.0)
        self.mirror = QCheckBox("Mirrored along its own x")
        self.mirror.toggled.connect(lambda on: self._change("mirror", "mirror", on))
        form.append(self.add(Row(self.mirror)))
        self.own = QCheckBox("Melt of its own")
        self.own.toggled.connect(
            lambda on: self._change("melt", "own melt", station.document.mound.mass.melt if on else None))
        form.append(self.add(Row(self.own)))
        low, high = limits(Blob, "melt")
        self.own_melt = NumberField("Own melt", low, high, 4.0, "m", "Blend radius where this form joins.",
                                    "linear", (0.0, 100.0))
        self.own_melt.changed.connect(lambda v, m: self._change("melt", "own melt", v, m))
        form.append(self.add(self.own_melt))
        self.has, self.parts = {}, {}
        for part, model, title, rows in PARTS:
            self._part(part, model, title, rows)

    def _triple(self, field, model, label, unit, shown, scale, sentence, reset):
        low, high = limits(model, field)
        for axis in range(3):
            number = NumberField(f"{label} {_AXES[axis]}", low, high, reset, unit, sentence, scale, shown)
            number.changed.connect(lambda value, moving, f=field, a=axis: self._component(f, a, value, moving))
            self.fields[field, axis] = self.add(number)

    def _part(self, part, model, title, rows):
        """A part that a form may have: a switch, and its numbers below."""
        box = QCheckBox(title)
        box.toggled.connect(lambda on: self._change(
            part, part, (model(on=True) if "on" in model.model_fields else model()) if on else None))
        self.has[part] = box
        self._of_form.append(self.add(Row(box)))
        for field, label, unit, shown, scale, sentence in rows:
            low, high = limits(model, field)
            default = model.model_fields[field].default
            number = NumberField(label, low, high, default, unit, sentence, scale, shown, isinstance(default, int))
            number.setAccessibleName(f"{title.split(':')[0]}: {label}")
            number.changed.connect(lambda v, m, p=part, f=field, w=isinstance(default, int):
                                   self._change_part(p, f, round(v) if w else v, m))
            self.parts[part, field] = self.add(number)
        if part == "rough":
            self.anchor = QCheckBox("Anchored to the sky")
            self.anchor.setToolTip("The pattern stays where it is: moving the form changes it.")
            self.anchor.toggled.connect(
                lambda on: self._change_part("rough", "anchor", "sky" if on else "form", False))
            self.anchor_row = self.add(Row(self.anchor))

    def _make_strokes(self):
        self.strokes_title = self.section("Strokes")
        self.strokes = QWidget()
        self._stroke_rows = QVBoxLayout(self.strokes)
        self._stroke_rows.setContentsMargins(0, 0, 0, 0)
        self._stroke_rows.setSpacing(0)
        self._shown_strokes = None
        self.add(self.strokes)

    def _level(self, name, model, title, switch, altitude):
        self.section(title)
        box = QCheckBox(switch)
        box.toggled.connect(lambda on: self._station.edit_level(name, f"{name} level", on=on))
        self.switches[name] = box
        self.add(Row(box))
        for field, label, unit, shown, scale, sentence in _LEVEL[:-1]:
            number = self._number(model, field, label, unit, shown, scale, altitude if field == "altitude" else sentence)
            number.setAccessibleName(f"{title}: {label}")
            number.changed.connect(lambda v, m, f=field: self._station.edit_level(
                name, f"{name} {f.replace('_', ' ')}", m, **{f: v}))
            self.levels[name, field] = number

    def _number(self, model, field, label, unit, shown, scale, sentence):
        low, high = limits(model, field)
        reset = model.model_fields[field].default
        return self.add(NumberField(label, low, high, reset, unit, sentence, scale, shown))

    # -- changes --------------------------------------------------------------------------------

    def _component(self, field, axis, value, moving):
        form = self._station.form()
        if form is not None:
            self._station.replace(lambda form: put(form, (field, axis), lambda _: value), f"form {field}", moving)

    def _change(self, field, words_, value, moving=False):
        form = self._station.form()
        if form is not None:
            self._station.replace(lambda form: form.edited(**{field: value}), words_, moving)

    def _change_part(self, part, field, value, moving):
        form = self._station.form()
        if getattr(form, part, None) is not None:
            self._station.replace(lambda form: changed(form, (part,), **{field: value}),
                                  f"{part} {field.replace('_', ' ')}", moving)

    def _make_sheet(self):
        form = self._station.form()
        extent = (form.surface["vertices"].max(axis=0) - form.surface["vertices"].min(axis=0)) * form.scale
        self._change("sheet", "make a sheet", float(f"{max(float(extent.max()) * 0.03, 0.01):.2g}"))

    def _renamed(self):
        form, name = self._station.form(), self.name.text().strip()
        if form is not None and name and name != form.name:
            self._station.replace(lambda form: form.edited(name=name), "rename form")

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
        for (part, _), number in self.parts.items():
            number.setVisible(form is not None and getattr(form, part) is not None)
        self.anchor_row.setVisible(form is not None and form.rough is not None)
        for (field, _), number in self.fields.items():
            number.setVisible(form is not None and field in type(form).model_fields)
        for (kind, field), number in self.kind_fields.items():
            number.setVisible(form is not None and form.kind == kind and self._applies(form, field))
        volume = isinstance(form, Volume) and not form.level_set
        self.joining_rows[0].setVisible(volume)
        self.joining_rows[1].setVisible(volume and form.joins == "density")
        if volume:
            self.joinings[form.joins].setChecked(True)
            self.ways[form.by].setChecked(True)
        self._show_facts(form)
        linked = form is not None and form.link is not None
        self.linked.setVisible(linked)
        self.link_row.setVisible(linked)
        if form is not None:
            self._show_form(form, mound)
        self._show_strokes(mound)
        self.melt.set(mound.mass.melt)
        for name, box in self.switches.items():
            _quietly(box, getattr(mound.mass, name).on)
        for (name, field), number in self.levels.items():
            level = getattr(mound.mass, name)
            number.set(getattr(level, field))
            number.setVisible(level.on)

    def _applies(self, form, field):
        if field == "edge":
            return form.shape in ("box", "cone")
        if field == "taper":
            return form.shape == "cone"
        if field == "sheet":
            return form.sheet is not None
        if field == "threshold":
            return not form.level_set and form.joins == "shape"
        return True

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
            "Lumps go into a trail of their own." if dabbing else
            "Blobs and solids move and change size as a whole; of meshes, volumes and points each part by itself."
            + (" Only the chosen forms are worked on." if station.picked else ""))

    def _show_form(self, form, mound):
        station = self._station
        self.kind_label.setText({"solid": form.shape.capitalize()}.get(form.kind) if form.kind == "solid"
                                else form.kind.capitalize())
        if len(station.picked) > 1:
            self.kind_label.setText(f"{self.kind_label.text()}, and {len(station.picked) - 1} more chosen")
        if not self.name.hasFocus():
            self.name.setText(form.name)
        for (field, axis), number in self.fields.items():
            if field in type(form).model_fields:
                number.set(getattr(form, field)[axis])
        for (kind, field), number in self.kind_fields.items():
            if form.kind == kind and getattr(form, field) is not None:
                number.set(getattr(form, field))
        self.roles[form.role].setChecked(True)
        for box, on in ((self.hidden, form.hidden), (self.locked, form.locked), (self.own, form.melt is not None),
                        (self.mirror, form.mirror),
                        *((box, getattr(form, part) is not None) for part, box in self.has.items())):
            _quietly(box, on)
        for (part, field), number in self.parts.items():
            own = getattr(form, part)
            if own is not None:
                number.set(getattr(own, field))
        if form.rough is not None:
            _quietly(self.anchor, form.rough.anchor == "sky")
        self.own_melt.setVisible(form.melt is not None)
        self.own_melt.set(mound.mass.melt if form.melt is None else form.melt)
        self.own_melt.set_reset(mound.mass.melt)
        self.earlier.setEnabled(station.chosen > 0)
        self.later.setEnabled(station.chosen < len(mound.mass.forms) - 1)
        if form.link is not None:
            others = sum(1 for f in mound.mass.forms if f.link == form.link) - 1
            self.linked.setText(f"Linked with {others} other{'s' if others != 1 else ''}: editing one edits all.")

    def _show_facts(self, form):
        text, trouble, mending = "", "", False
        if isinstance(form, Mesh):
            text = f"{len(form.surface['faces']):,} triangles, {len(form.surface['vertices']):,} vertices."
            if form.sheet is None:
                edges = open_count(form.surface)
                if edges:
                    trouble = (f"Not closed: {edges:,} open edges, drawn in the picture. It encloses nothing until its "
                               "holes are closed or it becomes a sheet.")
                    mending = True
        elif isinstance(form, Points):
            count = len(form.cloud["positions"])
            extra = [word for word, name in (("radius", "radii"), ("age", "ages")) if name in form.cloud]
            text = f"{count:,} points" + (f", each with its {' and '.join(extra)}." if extra else ".")
        elif isinstance(form, Volume):
            voxels = 512 * len(form.grid["coords"])
            text = f"{voxels:,} stored voxels of {float(form.grid['about'][0]):.4g} m."
        elif isinstance(form, Trail):
            text = f"{len(form.dabs)} stroke{'s' if len(form.dabs) != 1 else ''}."
        self.facts.setText(text)
        self.facts.setVisible(bool(text))
        self.trouble.setText(trouble)
        self.trouble.setVisible(bool(trouble))
        self.mending.setVisible(mending)

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
            label = words(f"{tool.capitalize()} {gesture}, on {forms} form{'s' if forms != 1 else ''}", "")
            drop = QPushButton("Remove")
            drop.setAccessibleName(f"Remove stroke {gesture}")
            drop.setToolTip("Take this stroke away; later ones stay.")
            drop.setStyleSheet("padding: 2px 8px;")
            drop.clicked.connect(lambda _=False, g=gesture: self._station.remove_gesture(g))
            row = Row(label, drop)
            row.layout().setStretch(0, 1)
            self._stroke_rows.addWidget(row)
