"""The settings of Formation: the chosen members, a spread, the light, and where the flock goes."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QPushButton, QVBoxLayout, QWidget

from ....core.recipe import View, limits
from ...fields.controls import ChoiceRow, ColourField, NumberField, Row, text_label
from ...fields.faders import Mixing
from ...fields.figures import figure
from ...fields.settings_panel import SettingsPanel
from ...fields.stand_in_fields import StandInFields
from ...words import tr
from .layers import LAYERS, LayerRows
from .plate import PlateRows

MEMBER = {
    "altitude": ("Altitude", -1_000.0, 20_000.0, 800.0, "m", "Where the underside stands.", "linear", (0.0, 3_000.0)),
    "size": ("Size", 0.001, 1_000.0, 1.0, "", "Times its own.", "log", (0.1, 10.0)),
    "turn": ("Turned", -180.0, 180.0, 0.0, "°", "About the vertical.", "linear", None),
    "density": ("Density", 0.0, 100.0, 1.0, "", "Times its own.", "linear", (0.0, 3.0)),
}
SPREAD = {
    "count": ("Count", 1, 10_000, 40, "", "So many at the most; fewer where no more find room.", "log", (1, 2_000), True),
    "wide": ("Width", 1.0, 100_000.0, 4_000.0, "m", "Of the area.", "log", (200.0, 100_000.0)),
    "deep": ("Depth", 1.0, 100_000.0, 4_000.0, "m", "Of the area.", "log", (200.0, 100_000.0)),
    "low": ("Lowest", -1_000.0, 20_000.0, 800.0, "m", "Undersides stand between this altitude and the highest.", "linear",
            (0.0, 3_000.0)),
    "high": ("Highest", -1_000.0, 20_000.0, 800.0, "m", "Undersides stand between the lowest altitude and this.", "linear",
             (0.0, 3_000.0)),
    "smallest": ("Smallest", 0.001, 1_000.0, 0.6, "", "Sizes are between this and the largest, times their own.", "log",
                 (0.1, 10.0)),
    "largest": ("Largest", 0.001, 1_000.0, 1.4, "", "Sizes are between the smallest and this, times their own.", "log",
                (0.1, 10.0)),
    "apart": ("Apart", 0.0, 50_000.0, 0.0, "m", "Least distance between the middles of two.", "linear", (0.0, 3_000.0)),
    "overlap": ("Overlap", 0.0, 0.95, 0.0, "", "Share of their widths by which two may stand in one another.", "linear", None),
    "thinning": ("Thinning", 0.0, 1.0, 0.0, "", "Share of the way to the edge over which they become fewer.", "linear", None),
    "streets": ("Streets", 0.0, 50_000.0, 0.0, "m", "From the middle of a street to that of the next; 0 for none.", "linear",
                (0.0, 5_000.0)),
    "along": ("Along", -180.0, 180.0, 0.0, "°", "Where streets run: azimuth.", "linear", None),
    "seed": ("Seed", 0, 2**31 - 1, 1, "", "Another seed places all of them anew, but for what was changed by hand.", "linear",
             (0, 100), True),
}


class FormationSettings(SettingsPanel):
    """The chosen members, a spread, the light, and where the flock goes.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        super().__init__("Formation", "many clouds in one sky")
        self._station = station
        self.section(tr("Chosen members"))
        self.about = self.add(text_label(""))
        self.member = {}
        for name, row in MEMBER.items():
            field = self.add(NumberField(*row))
            field.explained = "Member", name
            field.changed.connect(lambda value, moving, n=name: station.members.edit(n, value, moving))
            self.member[name] = field
        self.tint = self.add(ColourField("Tint", (1.0, 1.0, 1.0), tr("Multiplies its own colour.")))
        self.tint.changed.connect(lambda value, moving: station.members.edit("tint", value, moving))
        self.mirrored, self.hidden, self.locked = QCheckBox(tr("Mirrored")), QCheckBox(tr("Hidden")), QCheckBox(tr("Locked"))
        self.locked.setToolTip(tr("Spreading again leaves it as it is, and the hand does not move it."))
        for name, box in (("mirrored", self.mirrored), ("hidden", self.hidden), ("locked", self.locked)):
            box.clicked.connect(lambda on, n=name: station.members.edit(n, bool(on), False))
        self.add(Row(self.mirrored, self.hidden, self.locked))
        self.remove = QPushButton(tr("Remove"))
        self.remove.setToolTip(tr("Take them out (Delete); spreading again does not bring them back."))
        self.remove.clicked.connect(station.remove)
        self.open = QPushButton(tr("Open its mound"))
        self.open.setToolTip(tr("Make its recipe the present mound."))
        self.open.clicked.connect(station.members.open_mound)
        self.add(Row(self.remove, self.open))
        self.group = QPushButton(tr("Group"))
        self.group.setToolTip(tr("Let the chosen members be chosen together from now on, or no longer (Ctrl+G)."))
        self.group.clicked.connect(station.members.group)
        self.own = QPushButton(tr("Make its own mound"))
        self.own.setToolTip(tr("Write its recipe as a mound of its own beside the flock; it stays where it stands, and follows "
                            "what you save there."))
        self.own.clicked.connect(station.members.make_own)
        self.add(Row(self.group, self.own))
        self.section("Spread")
        self.which = QComboBox()
        self.which.setAccessibleName(tr("Which spread"))
        self.which.activated.connect(lambda n: station.spreads.choose(n))
        self.add(Row(self.which))
        self.area = ChoiceRow({"rectangle": "Rectangle", "disc": "Disc"}, "rectangle", "Area")
        self.area.chosen.connect(lambda area: station.spreads.edit("area", area, False))
        self.add(self.area)
        self.spread = {}
        for name, row in SPREAD.items():
            field = self.add(NumberField(*row))
            field.explained = "Spread", name
            field.changed.connect(lambda value, moving, n=name: station.spreads.edit(n, value, moving))
            self.spread[name] = field
        self.again = QPushButton(tr("Another seed"))
        self.again.setToolTip(tr("Place all of them anew; what was changed by hand stays."))
        self.again.clicked.connect(station.spreads.another_seed)
        self.drop = QPushButton(tr("Remove spread"))
        self.drop.setToolTip(tr("With all that it placed and nobody changed."))
        self.drop.clicked.connect(station.spreads.remove)
        self.add(Row(self.again, self.drop))
        self.layers = [LayerRows(self, station, kind) for kind in LAYERS]
        self.stand_ins = StandInFields(self, station.stand_ins)
        self.plate = PlateRows(self, station)
        self._lay_light(station)
        self._lay_flock(station)

    def _lay_light(self, station):
        self.section(tr("Light and view"))
        self.air, self.curved = QCheckBox(tr("Air between")), QCheckBox(tr("Earth's curve"))
        self.air.setToolTip(tr("Far clouds fade into the air before them, where the sky is that of the air."))
        self.curved.setToolTip(tr("What is far stands lower, as the earth falls away."))
        for name, box in (("air", self.air), ("curved", self.curved)):
            box.clicked.connect(lambda on, n=name: station.edit_sky(n, bool(on)))
        self.add(Row(self.air, self.curved))
        self.light = self.add(text_label(""))
        self.mixer = self.add(QWidget())
        QVBoxLayout(self.mixer).setContentsMargins(0, 0, 0, 0)
        self.mixing = Mixing(station.document, self._lay_faders)
        self.unmix = QPushButton(tr("Take all back"))
        self.unmix.setToolTip(tr("All light as it comes: every fader at 1, no tint, nothing solo or muted."))
        self.unmix.clicked.connect(lambda: self.mixing.unmix())
        self.take_light = QPushButton(tr("Light of the mound"))
        self.take_light.setToolTip(tr("Show the flock in the light of the present mound; the sun can be dragged on the "
                                      "dome as well."))
        self.take_light.clicked.connect(station.take_light)
        self.keep_view = QPushButton(tr("Keep view"))
        self.keep_view.setToolTip(tr("Keep where it is looked at from: a camera of the stage, and a point of the film's path."))
        self.keep_view.clicked.connect(station.keep_view)
        self.add(Row(self.unmix, self.take_light))
        self.focal = self.add(NumberField(tr("Focal length"), *limits(View, "focal"), View().focal, "mm",
                                          tr("Of a 36 mm film: short lenses look wide."), "log", (12.0, 200.0)))
        self.focal.changed.connect(lambda value, moving: station.look(station.flock.view.edited(focal=value), moving))
        self.views = QComboBox()
        self.views.setAccessibleName(tr("Kept views"))
        self.views.activated.connect(lambda n: station.look_from(n))
        self.forget = QPushButton(tr("Forget"))
        self.forget.setToolTip(tr("Take the kept view that is chosen off the list."))
        self.forget.clicked.connect(lambda: station.forget_view(self.views.currentIndex()))
        self.add(Row(self.views, self.forget))
        self.pictures = QPushButton(tr("Picture, film…"))
        self.pictures.setToolTip(tr("A still, or a film along a path through the kept views (Ctrl+T)."))
        self.pictures.clicked.connect(station.files.take)
        self.add(Row(self.keep_view, self.pictures))

    def _lay_flock(self, station):
        self.section("Flock")
        self.file = self.add(text_label(""))
        buttons = []
        for words, tip, act in (
                ("New", tr("Begin an empty flock."), station.begin), ("Open…", tr("Open a .flock file."), station.files.open),
                (tr("Save as…"), tr("Save it as a .flock file; a copy outlives the program in any case."), station.files.save_as),
                ("Export…", tr("An OpenUSD stage, a list of members, or one merged OpenVDB grid."), station.files.export)):
            button = QPushButton(tr(words))
            button.setToolTip(tr(tip))
            button.clicked.connect(act)
            buttons.append(button)
        self.new, self.open_file, self.save, self.export = buttons
        self.add(Row(self.new, self.open_file))
        self.add(Row(self.save, self.export))

    def show_flock(self):
        """Follow the flock, what is chosen of it, and the chosen spread."""
        station = self._station
        flock, spread = station.flock, station.spreads.present
        chosen = [flock.members[n] for n in station.members.chosen]
        self.about.setText(
            tr("Choose members in the picture or on the plan.")
            if not chosen
            else f"{chosen[0].name or chosen[0].asset.name}"
            if len(chosen) == 1
            else tr("{} members").format(len(chosen))
        )
        for rows in self.layers:
            rows.show_flock()
        self.plate.show_flock()
        self.stand_ins.show()
        self.air.setChecked(flock.air)
        self.curved.setChecked(flock.curved)
        for widget in (*self.member.values(), self.tint, self.mirrored, self.hidden, self.locked, self.remove, self.group):
            widget.setEnabled(bool(chosen))
        self.open.setEnabled(len(chosen) == 1 and (not chosen[0].asset.file or chosen[0].asset.file.endswith(".mound")))
        self.own.setEnabled(len(chosen) == 1 and not chosen[0].asset.file)
        together = bool(chosen) and all(m.group and m.group == chosen[0].group for m in chosen)
        self.group.setText(tr("Ungroup") if together else tr("Group"))
        if chosen:
            first = chosen[-1]
            for name, value in (("altitude", first.place[1]), ("size", first.size), ("turn", first.turn[1]),
                                ("density", first.density)):
                self.member[name].set(value)
            self.tint.set(first.tint)
            for name, box in (("mirrored", self.mirrored), ("hidden", self.hidden), ("locked", self.locked)):
                box.setChecked(getattr(first, name))
        names = [each.name for each in flock.spreads]
        if [self.which.itemText(n) for n in range(self.which.count())] != names:
            self.which.clear()
            self.which.addItems(names)
        for widget in (*self.spread.values(), self.area, self.again, self.drop, self.which):
            widget.setEnabled(spread is not None)
        if spread is not None:
            self.which.setCurrentText(spread.name)
            if spread.area in self.area.buttons:
                self.area.buttons[spread.area].setChecked(True)
            for name, value in (("wide", spread.size[0]), ("deep", spread.size[1]), ("smallest", spread.sizes[0]),
                                ("largest", spread.sizes[1])):
                self.spread[name].set(value)
            for name in ("count", "low", "high", "apart", "overlap", "thinning", "streets", "along", "seed"):
                self.spread[name].set(getattr(spread, name))
        sun = flock.light.sun
        self.light.setText(tr("sun {}° high, at {}°").format(figure(sun.elevation), figure(sun.azimuth)))
        self.mixing.show_light(flock.light)
        self.unmix.setEnabled(bool(flock.light.mix))
        views = [kept.name for kept in flock.views]
        if [self.views.itemText(n) for n in range(self.views.count())] != views:
            self.views.clear()
            self.views.addItems(views)
        self.views.setEnabled(bool(views))
        self.show_view()
        self.forget.setEnabled(bool(views))
        self.pictures.setEnabled(bool(flock.members or flock.decks or flock.hazes or flock.stand_ins))
        path = station.document.path
        self.file.setText(", ".join((flock.name, tr("not saved as a file") if path is None else path.name)))
        self.file.setToolTip("" if path is None else str(path))
        for button in (self.save, self.export):
            button.setEnabled(bool(flock.members or flock.stand_ins))

    def _lay_faders(self, strips):
        layout = self.mixer.layout()
        while layout.count():
            layout.takeAt(0).widget().deleteLater()
        for strip in strips:
            layout.addWidget(strip)

    def show_view(self):
        """Follow where the flock is looked at from."""
        self.focal.set(self._station.flock.view.focal)
