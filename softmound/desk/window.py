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
    QProgressBar,
    QPushButton,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from ..core.engine.background import Job
from ..core.engine.calibration import PastBuilds
from ..core.engine.density import bounds_of, span_of
from ..core.engine.forecast import memory_limit, refuse_unless_fits
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
from .cut import CutHand
from .delivering import Delivering
from .document import Document, recent
from .import_dialog import ENDINGS, ImportDialog
from .keys import KEYS
from .picture import Picture
from .picturing import Picturing
from .pixels import pixels_of
from .relay import Relay
from .resize_dialog import ResizeDialog
from .stations.grain import GrainStation
from .stations.library import LibraryStation
from .stations.light import LightStation
from .stations.mass import MassStation
from .stations.voxels import VoxelsStation
from .strip import COMPUTING, FRESH, OLD, Strip
from .words import count, figure, memory, seconds

TRAY_HEIGHT = 176
SETTINGS_WIDTH = 300
FILTER = "Mounds (*.mound)"


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
        stages = Stages(past=past)
        self.painter = Painter(self.relay.to(self._answered), stages)
        self.builder = Stages(stages.cache, KeptGrids(), past)
        self.stations = [
            MassStation(self.document, self), VoxelsStation(self.document, self),
            GrainStation(self.document, self), LightStation(self.document, self),
            LibraryStation(self.document, library, self),
        ]
        self.mass, self.voxels, self.grain, self.light, self.library = self.stations
        self.job = None
        self.final = None
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
        self.open_station(0)

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
        self.strip = Strip([s.name for s in self.stations])
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
        for station in self.stations:
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
        self.facts_label, self.time_label, self.work_label = QLabel(), QLabel(), QLabel()
        for label in (self.facts_label, self.time_label, self.work_label):
            label.setObjectName("quiet")
        self.facts_label.setAccessibleName("Voxels and memory")
        self.time_label.setAccessibleName("Timing and messages")
        self.progress = QProgressBar()
        self.progress.setTextVisible(False)
        self.progress.setFixedWidth(170)
        self.progress.setAccessibleName("Progress")
        self.stop_button = QPushButton("Stop")
        self.stop_button.setStyleSheet("padding: 1px 10px;")
        self.stop_button.setToolTip("Stop the work in the background (Esc).")
        row.addWidget(self.facts_label)
        row.addStretch()
        row.addWidget(self.time_label)
        row.addStretch()
        row.addWidget(self.work_label)
        row.addWidget(self.progress)
        row.addWidget(self.stop_button)
        self._show_work(False)
        return bar

    # -- actions --------------------------------------------------------------------------------

    def _make_actions(self):
        menu = QMenu(self)
        self.actions_ = {}
        for name, text, keys, run in (
            ("new", "New mound", QKeySequence.StandardKey.New, self.new),
            ("starts", "New from a start", None, None),
            ("open", "Open…", QKeySequence.StandardKey.Open, self.open_dialog),
            ("recent", "Open recent", None, None),
            ("save", "Save", QKeySequence.StandardKey.Save, self.save),
            ("save_as", "Save as…", "Ctrl+Shift+S", self.save_as),
            (None, "", None, None),
            ("undo", "Undo", QKeySequence.StandardKey.Undo, self.document.undo),
            ("redo", "Redo", "Ctrl+Y", self.document.redo),
            ("fit", "Fit the cloud", "Ctrl+0", self.fit),
            (None, "", None, None),
            ("resize", "Resize mound…", "Ctrl+R", self.resize_mound),
            ("build", "Build final", "F5", self.build_final),
            ("export", "Export OpenVDB…", "Ctrl+E", lambda: self.delivering.export()),
            ("export_mesh", "Export mesh…", "Ctrl+Shift+E", lambda: self.delivering.export_mesh()),
            ("pictures", "Take pictures…", "Ctrl+T", lambda: self.picturing.take_pictures()),
            ("publish", "Publish…", "Ctrl+P", self.publish),
            (None, "", None, None),
            ("keys", "Keys and gestures", "F1", self.show_keys),
            ("quit", "Quit", "Ctrl+Q", self.close),
        ):
            if name is None:
                menu.addSeparator()
            elif name == "recent":
                self.recent_menu = menu.addMenu(text)
                self.recent_menu.aboutToShow.connect(self._fill_recent)
            elif name == "starts":
                self.starts_menu = menu.addMenu(text)
                for species in STARTS:
                    self.starts_menu.addAction(
                        species.capitalize(), lambda s=species: self.new(s))
            else:
                action = QAction(text, self)
                if keys is not None:
                    action.setShortcut(QKeySequence(keys))
                action.triggered.connect(lambda _=False, r=run: r())
                menu.addAction(action)
                self.addAction(action)
                self.actions_[name] = action
        self.menu_button.setMenu(menu)
        for button, name in ((self.undo_button, "undo"), (self.redo_button, "redo"), (self.fit_button, "fit")):
            button.clicked.connect(self.actions_[name].trigger)
            button.setAccessibleName(self.actions_[name].text())
        self.fit_button.setToolTip("Fit the cloud into the picture (Ctrl+0)")
        for number in range(len(self.stations)):
            QShortcut(QKeySequence(str(number + 1)), self, lambda n=number: self.open_station(n))
        for keys, run in (("B", self._add_blob), ("G", self._add_grain), ("C", lambda: self.look("clay")),
                          ("D", lambda: self.look("draft")), ("T", lambda: self.look("true")), ("Alt+S", lambda: self.look("slice")), ("Ctrl+D", self.mass.duplicate),
                          ("Delete", self._remove), ("Escape", self.escape),
                          ("Shift+D", lambda: self._tool("drag")), ("S", lambda: self._tool("swell")),
                          ("E", lambda: self._tool("ease")), ("P", lambda: self._tool("press")),
                          ("R", lambda: self._tool("roughen")), ("Alt+D", lambda: self._tool("dab")),
                          ("Shift+S", lambda: self._tool("scoop")), ("Ctrl+A", self._choose_all),
                          ("K", lambda: self.picturing.keep_snapshot()),
                          ("F", self.picture.fly),
                          ("Shift+T", lambda: self.picturing.look_by_sun("toward")),
                          ("Shift+A", lambda: self.picturing.look_by_sun("away")),
                          ("Shift+U", lambda: self.picturing.look_by_sun("up"))):
            QShortcut(QKeySequence(keys), self, run)

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
        self.mass.job_wanted.connect(self._start)
        self.voxels.build_wanted.connect(self.build_final)
        self.voxels.stop_wanted.connect(self.stop)
        self.voxels.shown.connect(self._look_at_final)
        self.library.publish_wanted.connect(self.publish)
        self.library.opened.connect(self.open)
        self.library.told.connect(self.tell)
        self.picturing = Picturing(self)
        self.publish_button.clicked.connect(lambda: self.publish())
        self.stop_button.clicked.connect(self.stop)
        self._quiet = QTimer(self, singleShot=True, interval=9000)
        self._quiet.timeout.connect(self.time_label.clear)

    # -- following the document -----------------------------------------------------------------

    @property
    def station(self):
        """The open station."""
        return self.stations[self.trays.currentIndex()]

    def open_station(self, number):
        """Open a station.

        Parameters
        ----------
        number : int
        """
        self.strip.open(number)
        self.trays.setCurrentIndex(number)
        self.panels.setCurrentIndex(number)
        station = self.station
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

    def _tool(self, tool):
        """Take a tool of Mass by its key, or put it down again."""
        self.open_station(0)
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
        for station in self.stations:
            station.follow(self.document.mound)

    def _changed(self, moving):
        self._follow()
        if not moving and self.final_grid() is None:
            self._find_final()
            if self.final_grid() is None:
                self._looking_at_final = False
        self._show_station()
        for tile in self.strip.tiles[:4]:
            tile.show_state(COMPUTING)
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
        key = self.builder.density_key(mound, mound.voxels.final) if grid is not None else ""
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
        for tile in self.strip.tiles:
            pixels = answer.miniatures.get(tile.word)
            if pixels is not None:
                height, width = pixels.shape[:2]
                tile.show_image(QImage(pixels.data, width, height, 4 * width,
                                       QImage.Format.Format_RGBX8888).copy())
            elif tile.word != "Library" and not answer.miniatures:
                tile.show_image(None)
        if newest:
            for tile in self.strip.tiles[:4]:
                tile.show_state(FRESH)
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
                f"{memory(self.painter.stages.cache.nbytes)} of {memory(memory_limit())}")
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
        mound = self.document.mound
        if self.final is None or self.final[0] != self.builder.density_key(mound, mound.voxels.final):
            return None
        return self.final[1]

    def _find_final(self):
        """Take a finished grid of an earlier session, if one was kept for just this recipe."""
        mound = self.document.mound
        grid = self.builder.finished(mound, mound.voxels.final) if mound.mass.forms else None
        if grid is not None:
            self.final = (self.builder.density_key(mound, mound.voxels.final), grid)
            self.voxels.settings.show_numbers(None)

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
            self.final = (self.builder.density_key(mound, voxel), grid)
            self.voxels.settings.show_numbers(numbers)
            self.tell(f"Final grid built: {count(grid.active_voxels())} active voxels.")

        self._start(work, done)

    def publish(self):
        """Build and add a version to the library, beside the work."""
        mound, folder = self.document.mound, self.library.folder
        if not mound.mass.forms:
            self.tell("There is no cloud to publish yet: add a blob in Mass.")
            return

        def done(path):
            self.library.look_again()
            self.tell(f"Published as {path.parent.name} {path.name}.")

        self._start(lambda ticket: publish(mound, folder, ticket=ticket, stages=self.builder), done)

    def _start(self, work, done):
        """Begin work beside the hand; `done` gets its result, on the interface's thread."""
        if self.job is not None:
            self.tell("One piece of work at a time: stop the present one first, or wait for it.")
            return
        self._done = done
        told = self.relay.to(self._told)
        self.job = job = Job(work, lambda share, words: told(job, share, words), self.relay.to(self._ended))
        self._show_work(True)
        self._begun = time.monotonic()
        self._show_final_state()
        self.job.start()

    def _told(self, job, share, words_):
        if job is not self.job:
            return
        self.progress.setValue(round(100 * share))
        gone = time.monotonic() - self._begun
        left = f", {seconds(gone / share * (1 - share))} left" if share > 0.1 and gone > 1.5 else ""
        self.work_label.setText(words_ + left)

    def _ended(self, job):
        if job is not self.job:
            return
        self.job = None
        self._show_work(False)
        if job.problem:
            self.trouble(job.problem)
        elif job.stopped:
            self.tell("Stopped; nothing was changed.")
        else:
            self._done(job.result)
        self._show_final_state()

    def _show_work(self, working):
        for widget in (self.progress, self.stop_button, self.work_label):
            widget.setVisible(working)
        self.progress.setValue(0)
        self.work_label.setText("")

    def _show_final_state(self):
        finished = self.final_grid() is not None
        self.voxels.settings.show_building(self.job is not None, finished)
        library = self.strip.tiles[4]
        if self.job is not None:
            library.show_state(COMPUTING)
        else:
            library.show_state(FRESH if self.library.published_now(self.document.mound) else OLD)
        newest = next((v for v in self.library.versions if v.facts["name"] == self.document.mound.name), None)
        if newest is not None:
            library.show_image(self.library.tray.model.image(newest))

    def _look_at_final(self, final):
        self._looking_at_final = final and self.final_grid() is not None
        self._ask(False)

    def stop(self):
        """Stop the work in the background."""
        if self.job is not None:
            self.job.stop()

    def escape(self):
        """Stop the work, or let go of what is held."""
        if self.document.give_up():
            return
        if self.job is not None:
            self.stop()
        elif self.picture.flight.on:
            self.picture.fly()
        elif self.mass.tool:
            self.mass.take("")
        else:
            self.mass.choose(None)

    def _add_blob(self):
        self.open_station(0)
        self.mass.add()

    def _choose_all(self):
        self.open_station(0)
        self.mass.pick(range(len(self.document.mound.mass.forms)))

    def _add_grain(self):
        self.open_station(2)
        self.grain.add()

    def _remove(self):
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

        self._start(ENDINGS[".vdb"](path), done)

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

    def show_keys(self):
        """Say which keys and gestures there are."""
        told(self, KEYS, "Keys and gestures", QMessageBox.Icon.NoIcon)

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
        if self.job is not None:
            self.job.stop()
            self.job.wait()
            self.job = None
        self.painter.close()
