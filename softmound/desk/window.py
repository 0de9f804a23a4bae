"""The window: strip, picture, tray, settings, status, and what ties them together."""

import pathlib
import time
from dataclasses import replace

from PyQt6.QtCore import Qt, QTimer, pyqtSignal
from PyQt6.QtGui import QAction, QImage, QKeySequence, QShortcut
from PyQt6.QtWidgets import (
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QMainWindow,
    QMenu,
    QMessageBox,
    QPushButton,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from ..core.budget import MEMORY
from ..core.engine.calibration import PastBuilds
from ..core.engine.density import bounds_of, span_of
from ..core.engine.forecast import refuse_unless_fits
from ..core.engine.kept import KeptGrids
from ..core.engine.painter import PASSES, Painter, Request
from ..core.engine.stages import Stages
from ..core.exchange.png import png_of
from ..core.fill.volumes import voxel_of_volume
from ..core.library.asset import publish
from ..core.light.camera import fitted
from ..core.light.cut import Cut
from ..core.recipe import BaseLevel, Mass, Mound, Problem, Voxels, limits
from ..core.recipe.resize import resized_mound
from ..core.recipe.starts import STARTS, start
from ..core.volume.numbers import numbers_of
from . import style
from .asking import asked, asking, leave_all, told
from .commands import COMMANDS, help_rows
from .cut import CutHand
from .delivering import Delivering
from .document import Document, recent
from .finished import Finished
from .import_dialog import ENDINGS, ImportDialog
from .jobs import JobBar, Jobs
from .keys_dialog import KeysDialog
from .picture import Picture
from .picturing import Picturing
from .pixels import pixels_of
from .relay import Relay
from .resize_dialog import ResizeDialog
from .stations.registry import STATIONS
from .strip import COMPUTING, FRESH, OLD, Strip
from .words import count, figure, memory, seconds

TRAY_HEIGHT = 176
SETTINGS_WIDTH = 300
FILTER = "Mounds (*.mound)"
MADE = ("Mass", "Voxels", "Grain", "Light")
"""Stations whose miniature is made of the mound; the library's shows what was published."""


class Window(QMainWindow):
    """The one window of the application.

    Parameters
    ----------
    library : path-like
    """

    picture_shown = pyqtSignal(object)

    def __init__(self, library):
        super().__init__()
        self.setWindowTitle("Soft Mound")
        self.resize(1280, 800)
        self.document = Document(self)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.relay = Relay()
        past = PastBuilds()
        stages = Stages(MEMORY, past=past)
        self.painter = Painter(self.relay.to(self._answered), stages)
        self.builder = Stages(stages.cache, KeptGrids(), past)
        self.finished = Finished(self.builder)
        self.jobs = Jobs(self)
        self.library_folder = library
        self.stations = {kind.name: kind(self.document, self) for kind in STATIONS}
        self.mass, self.voxels, self.grain, self.light, self.library = (
            self.stations[name] for name in ("Mass", "Voxels", "Grain", "Light", "Library"))
        self.way = "draft"
        self.cut = None
        self._request = 0
        self._shown = 0
        self._grid_shown = None
        self._without_grains = False
        self._looking_at_final = False
        self._lay_out()
        self._make_actions()
        self._connect()
        self.open_station("Mass")

    # -- layout ---------------------------------------------------------------------------------

    def _lay_out(self):
        ground = QWidget()
        ground.setObjectName("ground")
        column = QVBoxLayout(ground)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        column.addWidget(self._top_bar())
        row = QHBoxLayout()
        row.setSpacing(0)
        self.strip = Strip(tuple(self.stations))
        row.addWidget(self.strip)
        middle = QVBoxLayout()
        middle.setSpacing(0)
        self.picture = Picture()
        middle.addWidget(self.picture, 1)
        self.trays = QStackedWidget()
        self.trays.setObjectName("panel")
        self.trays.setFixedHeight(TRAY_HEIGHT)
        self.panels = QStackedWidget()
        self.panels.setObjectName("panel")
        self.panels.setFixedWidth(SETTINGS_WIDTH)
        for station in self.stations.values():
            self.trays.addWidget(station.tray)
            self.panels.addWidget(station.settings)
        middle.addWidget(self.trays)
        row.addLayout(middle, 1)
        row.addWidget(self.panels)
        column.addLayout(row, 1)
        column.addWidget(self._status_bar())
        self.setCentralWidget(ground)

    def _top_bar(self):
        bar = QWidget()
        bar.setObjectName("bar")
        bar.setFixedHeight(40)
        row = QHBoxLayout(bar)
        row.setContentsMargins(10, 4, 14, 4)
        row.setSpacing(6)
        self.menu_button = QToolButton()
        self.menu_button.setIcon(style.icon("menu"))
        self.menu_button.setAccessibleName("Menu")
        self.menu_button.setToolTip("Menu (Alt+M)")
        self.menu_button.setShortcut("Alt+M")
        self.menu_button.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        row.addWidget(self.menu_button)
        self.name_label = QLabel()
        self.name_label.setObjectName("title")
        self.saved_label = QLabel()
        self.saved_label.setObjectName("quiet")
        row.addSpacing(4)
        row.addWidget(self.name_label)
        row.addWidget(self.saved_label)
        row.addStretch()
        self.undo_button, self.redo_button, self.fit_button = QToolButton(), QToolButton(), QToolButton()
        for button, icon in ((self.undo_button, "undo-2"), (self.redo_button, "redo-2"),
                             (self.fit_button, "maximize")):
            button.setIcon(style.icon(icon))
            row.addWidget(button)
        row.addSpacing(6)
        self.publish_button = QPushButton("Publish…")
        self.publish_button.setObjectName("main")
        row.addWidget(self.publish_button)
        return bar

    def _status_bar(self):
        bar = QWidget()
        bar.setObjectName("status")
        bar.setFixedHeight(28)
        row = QHBoxLayout(bar)
        row.setContentsMargins(16, 0, 14, 0)
        self.facts_label, self.time_label = QLabel(), QLabel()
        for label in (self.facts_label, self.time_label):
            label.setObjectName("quiet")
        self.facts_label.setAccessibleName("Voxels and memory")
        self.time_label.setAccessibleName("Timing and messages")
        self.job_bar = JobBar(self.jobs)
        row.addWidget(self.facts_label)
        row.addStretch()
        row.addWidget(self.time_label)
        row.addStretch()
        row.addWidget(self.job_bar)
        return bar

    # -- actions --------------------------------------------------------------------------------

    def _make_actions(self):
        menu = QMenu(self)
        self.actions_ = {}
        for command in COMMANDS:
            action = QAction(command.words, self)
            action.setShortcut(QKeySequence(command.keys))
            action.triggered.connect(lambda _=False, run=command.run: run(self))
            self.addAction(action)
            self.actions_[command.name] = action
            if command.menu:
                menu.addAction(action)
            if command.last:
                menu.addSeparator()
        self.recent_menu = QMenu("Open recent", menu)
        self.recent_menu.aboutToShow.connect(self._fill_recent)
        self.starts_menu = QMenu("New from a start", menu)
        for species in STARTS:
            self.starts_menu.addAction(species.capitalize(), lambda s=species: self.new(s))
        menu.insertMenu(self.actions_["open"], self.starts_menu)
        menu.insertMenu(self.actions_["save"], self.recent_menu)
        self.menu_button.setMenu(menu)
        for button, name in ((self.undo_button, "undo"), (self.redo_button, "redo"), (self.fit_button, "fit")):
            action = self.actions_[name]
            button.clicked.connect(action.trigger)
            button.setAccessibleName(action.text())
            button.setToolTip(f"{action.text()} ({action.shortcut().toString()})")
        for number, name in enumerate(self.stations):
            QShortcut(QKeySequence(str(number + 1)), self, lambda n=name: self.open_station(n))

    def _connect(self):
        document, picture = self.document, self.picture
        document.changed.connect(self._changed)
        document.looked.connect(self._looked)
        document.named.connect(self._named)
        document.refused.connect(self._refused)
        picture.looked.connect(document.look)
        picture.resized.connect(lambda: self._ask(False))
        picture.way_chosen.connect(self.look)
        picture.rail.moved.connect(
            lambda name, a, m: self.mass.edit_level(name, f"{name} level", m, altitude=a))
        picture.dome.moved.connect(
            lambda a, e, m: self.light.edit_part("sun", "sun", m, azimuth=a, elevation=e))
        self.cut_hand = CutHand(lambda at, moving: self._change_cut({"at": at}, moving), picture.cut_panel.show_reading)
        picture.cut_panel.changed.connect(self._change_cut)
        self.strip.chosen.connect(self.open_station)
        self.mass.chosen_changed.connect(picture.update)
        self.grain.refused.connect(self.tell)
        self.grain.hand_changed.connect(self._show_hand)
        self.grain.shown_changed.connect(lambda: self._ask(False))
        self.grain.chosen_changed.connect(lambda: self._ask(False) if self._masks_shown() else None)
        self.delivering = Delivering(self)
        self.grain.siblings_wanted.connect(self.delivering.show_siblings)
        self.grain.nature_wanted.connect(self.delivering.show_nature)
        picture.before_wanted.connect(self._show_before)
        self.mass.refused.connect(self.tell)
        self.mass.tool_changed.connect(self._brush_changed)
        self.jobs.changed.connect(self._show_final_state)
        self.jobs.failed.connect(self.trouble)
        self.jobs.said.connect(self.tell)
        self.mass.job_wanted.connect(self.jobs.begin)
        self.voxels.build_wanted.connect(self.build_final)
        self.voxels.stop_wanted.connect(self.jobs.stop)
        self.voxels.shown.connect(self._look_at_final)
        self.library.publish_wanted.connect(self.publish)
        self.library.opened.connect(self.open)
        self.library.told.connect(self.tell)
        self.picturing = Picturing(self)
        self.publish_button.clicked.connect(lambda: self.publish())
        self._quiet = QTimer(self, singleShot=True, interval=9000)
        self._quiet.timeout.connect(self.time_label.clear)

    # -- following the document -----------------------------------------------------------------

    @property
    def station(self):
        """The open station."""
        return self.stations[self.strip.opened]

    def open_station(self, name):
        """Open a station.

        Parameters
        ----------
        name : str
            Its word.
        """
        self.strip.open(name)
        station = self.station
        self.trays.setCurrentWidget(station.tray)
        self.panels.setCurrentWidget(station.settings)
        self.picture.want_dome(station.dome)
        self._show_hand()
        self._show_station()
        self.look(self.way)

    def _show_hand(self):
        cutting = self.way == "slice"
        self.picture.hand = self.cut_hand if cutting else self.station.hand
        tools = () if cutting else self.station.tools
        self.picture.show_tools(tools, self.station.tool, self._take_tool)
        self.picture.update()

    def _brush_changed(self):
        self.mass.settings.show_mound(self.document.mound)
        self._show_hand()

    def _take_tool(self, tool):
        if tool != self.station.tool:
            self.station.take(tool)

    def take_tool(self, tool):
        """Take a tool of Mass, or put it down again.

        Parameters
        ----------
        tool : str
        """
        self.open_station("Mass")
        self.mass.take(tool)

    def _show_station(self):
        mound = self.document.mound
        self.station.show_mound(mound)
        self.picture.show_note(self.station.note(mound))
        self.picture.show_mound(mound)

    def _refused(self, sentence):
        """An edit was not done: say why, and show again what is so."""
        self.tell(sentence)
        self._follow()
        self._show_station()

    def _follow(self):
        for station in self.stations.values():
            station.follow(self.document.mound)

    def _changed(self, moving):
        self._follow()
        if not moving:
            if self.finished.find(self.document.mound):
                self.voxels.settings.show_numbers(None)
            if self.final_grid() is None:
                self._looking_at_final = False
        self._show_station()
        for name in MADE:
            self.strip.tiles[name].show_state(COMPUTING)
        self._show_final_state()
        self._ask(moving)

    def _looked(self, moving):
        mound = self.document.mound
        self.picture.show_mound(mound)
        if self.station is self.light:
            self.light.show_mound(mound)
        self._ask(moving)

    def _named(self):
        document = self.document
        self.name_label.setText(document.mound.name)
        if document.dirty:
            text = "not saved"
        elif document.saved_at is not None:
            text = f"saved {time.strftime('%H:%M', document.saved_at)}"
        else:
            text = "saved" if document.path else ""
        self.saved_label.setText(text)
        for name, verb, words_ in (("undo", "Undo", document.undo_words), ("redo", "Redo", document.redo_words)):
            action = self.actions_[name]
            action.setEnabled(words_ is not None)
            action.setText(f"{verb} {words_}" if words_ else verb)
            button = getattr(self, f"{name}_button")
            button.setEnabled(words_ is not None)
            button.setToolTip(f"{action.text()} ({action.shortcut().toString()})")
        self._show_final_state()

    def look(self, way):
        """Look in another way.

        Parameters
        ----------
        way : str
            "clay", "draft", "true", "both" or "slice".
        """
        self.way = way
        self.picture.ways.show_way(way)
        if way == "slice" and self.cut is None:
            self.cut = Cut()
            self._change_cut({"axis": 2, "at": None}, False)
        self.picture.want_cut(way == "slice")
        self._show_hand()
        self._ask(False)

    def _change_cut(self, changes, moving):
        """Change the cut; a place of None is the middle of the cloud."""
        if "at" in changes and changes["at"] is None:
            bounds = bounds_of(self.document.mound)
            axis = changes.get("axis", self.cut.axis)
            changes["at"] = 0.0 if bounds is None else float(f"{(bounds[0][axis] + bounds[1][axis]) / 2:.3g}")
        self.cut = replace(self.cut, **changes)
        self.picture.cut_panel.show_cut(self.cut)
        self.cut_hand.show(self.cut, self._grid_shown)
        self.picture.update()
        self._ask(moving)

    def _show_before(self, before):
        """The cloud without grains and patches, while a key is held."""
        if before != self._without_grains:
            self._without_grains = before
            self._ask(False)

    def fit(self):
        """Fit the cloud into the picture."""
        bounds = bounds_of(self.document.mound)
        if bounds is not None:
            # The rail covers the picture's left side.
            size = self.picture.width(), self.picture.height()
            self.document.look(fitted(self.document.mound.view, *bounds, *size))

    # -- pictures -------------------------------------------------------------------------------

    def _ask(self, moving):
        if not self.isVisible():
            return
        self._request += 1
        width, height = self.picture.pixel_size()
        grid = self.final_grid() if self._looking_at_final else None
        mound = self.document.mound
        key = self.finished.key(mound) if grid is not None else ""
        if self._without_grains:
            mound, grid, key = mound.edited(grains=(), patches=()), None, ""
        self.painter.ask(Request(self._request, mound, width, height, self.way, moving, grid, key, self.cut,
                                 self._masks_shown()))

    def _masks_shown(self):
        """Masks of the chosen grain, when the Grain station is to show where it acts."""
        grain = self.grain.grain()
        shown = self.station is self.grain and self.grain.shown and grain is not None
        return grain.where if shown else ()

    def _answered(self, answer):
        request = answer.request
        if request.number < self._shown or (request.width, request.height) != self.picture.pixel_size():
            return  # late, or of another size
        self._shown = answer.request.number
        if answer.problem:
            self.tell(answer.problem)
            return
        self._grid_shown = answer.grid
        if answer.cut is not None and self.cut is not None:
            self.cut_hand.show(self.cut, answer.grid)
            self.picture.cut_panel.show_facts(answer.cut)
        self.picture.show_pixels(answer.pixels, answer.stride)
        self._show_facts(answer)
        newest = answer.request.number == self._request
        if answer.miniatures or answer.passes == PASSES and answer.grid.brick_bounds() is None:
            self._show_rest(answer, newest)
        self.picture_shown.emit(answer)

    def _show_rest(self, answer, newest):
        for tile in self.strip.tiles.values():
            pixels = answer.miniatures.get(tile.word)
            if pixels is not None:
                height, width = pixels.shape[:2]
                tile.show_image(QImage(pixels.data, width, height, 4 * width,
                                       QImage.Format.Format_RGBX8888).copy())
            elif tile.word in MADE and not answer.miniatures:
                tile.show_image(None)
        if newest:
            for name in MADE:
                self.strip.tiles[name].show_state(FRESH)
            self._show_final_state()
            if answer.ahead is not None:
                self.voxels.ahead = answer.ahead
                if self.station is self.voxels:
                    self.voxels.show_forecast(answer.ahead)

    def _show_facts(self, answer):
        grid = answer.grid
        bounds = grid.brick_bounds()
        if bounds is None:
            self.facts_label.setText("no voxels")
        else:
            dims = " × ".join(str(int(d)) for d in bounds[1] - bounds[0] + 1)
            active = grid.active_voxels() if not answer.request.moving else None
            shown = f" · {count(active)} active" if active is not None else ""
            self.facts_label.setText(
                f"{dims} voxels · {figure(grid.voxel)} m{shown} · "
                f"{memory(MEMORY.nbytes)} of {memory(MEMORY.limit)} kept")
        if answer.passes <= 1 and not self._quiet.isActive():
            self.time_label.setText(f"lit in {seconds(answer.seconds)}")

    def tell(self, text):
        """Say something in the status line.

        Parameters
        ----------
        text : str
        """
        self.time_label.setText(text)
        self._quiet.start()

    # -- building and publishing ------------------------------------------------------------------

    def final_grid(self):
        """The finished grid of the present recipe, or None.

        Returns
        -------
        BrickGrid or None
        """
        return self.finished.of(self.document.mound)

    def build_final(self):
        """Build the final grid beside the work."""
        mound = self.document.mound
        voxel = mound.voxels.final

        def work(ticket):
            refuse_unless_fits(self.builder.forecast(mound, ticket), voxel)
            grid = self.builder.density(mound, voxel, ticket, remember=False)
            return grid, numbers_of(grid, mound.light.medium.extinction)

        def done(result):
            grid, numbers = result
            self.finished.take(mound, voxel, grid)
            self.voxels.settings.show_numbers(numbers)
            self.tell(f"Final grid built: {count(grid.active_voxels())} active voxels.")

        self.jobs.begin(work, done)

    def publish(self):
        """Build and add a version to the library, beside the work."""
        mound, folder = self.document.mound, self.library.folder
        if not mound.mass.forms:
            self.tell("There is no cloud to publish yet: add a blob in Mass.")
            return

        def done(path):
            self.library.look_again()
            self.tell(f"Published as {path.parent.name} {path.name}.")

        self.jobs.begin(lambda ticket: publish(mound, folder, ticket=ticket, stages=self.builder), done)

    def _show_final_state(self):
        finished = self.final_grid() is not None
        self.voxels.settings.show_building(self.jobs.busy, finished)
        library = self.strip.tiles["Library"]
        if self.jobs.busy:
            library.show_state(COMPUTING)
        else:
            library.show_state(FRESH if self.library.published_now(self.document.mound) else OLD)
        newest = next((v for v in self.library.versions if v.facts["name"] == self.document.mound.name), None)
        if newest is not None:
            library.show_image(self.library.tray.model.image(newest))

    def _look_at_final(self, final):
        self._looking_at_final = final and self.final_grid() is not None
        self._ask(False)

    def escape(self):
        """Stop the work, or let go of what is held."""
        if self.document.give_up() or self.station.settings.left():
            return
        if self.jobs.busy:
            self.jobs.stop()
        elif self.picture.flight.on:
            self.picture.fly()
        elif self.mass.tool:
            self.mass.take("")
        else:
            self.mass.choose(None)

    def add_blob(self):
        """Add a blob in Mass."""
        self.open_station("Mass")
        self.mass.add()

    def choose_all(self):
        """Choose all forms in Mass."""
        self.open_station("Mass")
        self.mass.pick(range(len(self.document.mound.mass.forms)))

    def add_grain(self):
        """Add a grain in Grain."""
        self.open_station("Grain")
        self.grain.add()

    def remove(self):
        """Remove what is chosen in the open station."""
        if self.station is self.mass:
            self.mass.remove()
        elif self.station is self.grain:
            self.grain.remove()

    # -- files ------------------------------------------------------------------------------------

    def new(self, species="mediocris"):
        """Begin a new mound.

        Parameters
        ----------
        species : str, optional
            The start it begins with.
        """
        if self.may_leave():
            self.document.open(start(species, "Untitled"))
            self.fit()

    def resize_mound(self):
        """Ask for another real size and take it, as one step."""
        mound = self.document.mound
        if not span_of(mound):
            self.tell("There is nothing to resize yet: add a blob in Mass.")
            return
        with asking(ResizeDialog(mound, self)) as dialog:
            if dialog.exec() != ResizeDialog.DialogCode.Accepted:
                return
            factor, keep = dialog.factor, dialog.keep.isChecked()
        self.document.apply("resize mound", lambda mound: resized_mound(mound, factor, keep), with_view=True)

    def open_dialog(self):
        """Ask for a file and open it."""
        path, _ = QFileDialog.getOpenFileName(self, "Open a mound or a volume", self._folder(),
                                              "Mounds and volumes (*.mound *.vdb)")
        if path:
            self.open(path)

    def open(self, path):
        """Open a file, unless the present mound is to be kept.

        Parameters
        ----------
        path : path-like
        """
        if pathlib.Path(path).suffix.lower() == ".vdb":
            self._open_volume(pathlib.Path(path))
            return
        if not self.may_leave():
            return
        try:
            self.document.read(path)
        except Problem as problem:
            self.trouble(str(problem))

    def _open_volume(self, path):
        """A mound of one volume, whose density stays what it is unless it is chosen otherwise."""
        def done(read):
            with asking(ImportDialog(path, read, self, "density")) as dialog:
                form = dialog.form if dialog.exec() == ImportDialog.DialogCode.Accepted else None
            if form is not None and self.may_leave():
                bounds = limits(Voxels, "final")
                voxel = min(max(float(f"{voxel_of_volume(form):.4g}"), bounds[0]), bounds[1])
                self.document.open(Mound(name=form.name, voxels=Voxels(final=voxel), mass=Mass(
                    forms=(form,), base=BaseLevel(on=False))))
                self.fit()

        self.jobs.begin(ENDINGS[".vdb"](path), done)

    def save(self):
        """Save to the mound's file, asking for one when it has none.

        Returns
        -------
        bool
            False when it was not saved.
        """
        if self.document.path is None:
            return self.save_as()
        return self._save_to(self.document.path)

    def save_as(self):
        """Ask for a file and save to it.

        Returns
        -------
        bool
            False when it was not saved.
        """
        start = pathlib.Path(self._folder()) / f"{self.document.mound.name}.mound"
        path, _ = QFileDialog.getSaveFileName(self, "Save the mound", str(start), FILTER)
        if not path:
            return False
        path = pathlib.Path(path if path.endswith(".mound") else f"{path}.mound")
        before = self.document.mound
        if path != self.document.path:
            self.document.mound = before.edited(name=path.stem.replace("_", " ")[:80])
        saved = self._save_to(path)
        if not saved:
            self.document.mound = before
        return saved

    def _save_to(self, path):
        image = self.picture.image
        thumb = None
        if image is not None:
            small = image.scaledToWidth(480, Qt.TransformationMode.SmoothTransformation)
            thumb = png_of(pixels_of(small, opacity=True))
        try:
            self.document.save(path, thumb)
        except Problem as problem:
            self.trouble(str(problem))
            return False
        self.tell(f"Saved {path}.")
        return True

    def _folder(self):
        return str(self.document.path.parent if self.document.path else pathlib.Path.home())

    def _fill_recent(self):
        self.recent_menu.clear()
        for path in recent():
            self.recent_menu.addAction(str(path), lambda p=path: self.open(p))
        if self.recent_menu.isEmpty():
            self.recent_menu.addAction("Nothing yet").setEnabled(False)

    def may_leave(self):
        """Ask what to do with a mound that is not saved.

        Returns
        -------
        bool
            False to stay.
        """
        if not self.document.dirty:
            return True
        role = QMessageBox.ButtonRole
        pressed = asked(self, f"“{self.document.mound.name}” has changes that are not saved.", (
            ("Save", role.AcceptRole), ("Leave without saving", role.DestructiveRole), ("Stay", role.RejectRole)))
        return self.save() if pressed == 0 else pressed == 1

    def trouble(self, text):
        """Say what went wrong, in a box.

        Parameters
        ----------
        text : str
        """
        told(self, text)

    def find_number(self):
        """Let a number of the open station be found by its name."""
        panel = self.station.settings
        if panel.find.isVisibleTo(panel):
            panel.find.setFocus()
            panel.find.selectAll()

    def show_keys(self):
        """Say which keys and gestures there are."""
        with asking(KeysDialog(help_rows(tuple(self.stations)), self)) as dialog:
            dialog.exec()

    def showEvent(self, event):
        super().showEvent(event)
        self.picture.setFocus()
        self._ask(False)

    def closeEvent(self, event):
        if not self.may_leave():
            event.ignore()
            return
        self.end()
        self.document.close()
        event.accept()

    def end(self):
        """End all that works for this window, and wait for it."""
        leave_all()
        self.relay.close()
        self.jobs.end()
        self.painter.close()
