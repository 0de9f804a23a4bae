"""The window: strip, picture, tray, settings and bars, and the stations that fill them."""

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtGui import QAction, QCursor, QKeySequence, QShortcut
from PyQt6.QtWidgets import QApplication, QHBoxLayout, QInputDialog, QMainWindow, QMenu, QStackedWidget, QVBoxLayout, QWidget

from ...core.engine.density import span_of
from ...core.recipe import Problem
from ...core.recipe.places import changed
from ...core.recipe.resize import resized_mound
from ...core.recipe.time import TimeLine
from ...core.recipe.timing import keyed_fields
from ...core.starts.examples import EXAMPLES
from .. import style, words
from ..dialogs.asking import asking
from ..dialogs.command_box import CommandBox, entries_of
from ..dialogs.keys_dialog import KeysDialog
from ..dialogs.manual_dialog import ManualDialog
from ..dialogs.resize_dialog import ResizeDialog
from ..documents.files import OPENED
from ..fields import lengths
from ..fields.part_fields import PartFields
from ..help.pages import MOUNDS, page_about
from ..services import Services
from ..stations.registry import STATIONS
from ..view.empty_card import EmptyCard
from ..view.pixels import image_of_pixels
from ..view.time_line import TimeLineBar
from ..words import tr
from .bars import StatusBar, TopBar
from .commands import help_rows, table
from .explaining import explain
from .leaving import GO_ON, STAY, GoingOn, asked_about_work
from .places import keep_place
from .strip import COMPUTING, FRESH, Strip
from .telling import long_work_ended
from .tour import Tour

TRAY_HEIGHT = 176
SETTINGS_WIDTH = 320
AHEAD = 150
"""Milliseconds between stations that are laid out before somebody opens them."""


class Window(QMainWindow):
    """The one window of the application.

    Parameters
    ----------
    library : pathlib.Path
        Folder that is published to.
    kinds : sequence of type, optional
        Its stations: subclasses of `Station`, in the order of the work.
    painter : Painter, optional
        Makes its pictures; one that has begun already.

    Attributes
    ----------
    services : Services
        What all work with; most of it is an attribute of the window, too.
    lays_out_ahead : bool
        Once a picture is there, stations are laid out that nobody has opened yet.
    """

    def __init__(self, library, kinds=STATIONS, painter=None):
        super().__init__()
        self.setWindowTitle(tr("Soft Mound"))
        self.resize(1280, 800)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.services = services = Services(library, painter, self)
        self.document, self.jobs, self.picture, self.moving = services.document, services.jobs, services.picture, services.moving
        self.finished, self.looking, self.files = services.finished, services.looking, services.files
        self.delivering, self.tell, self.trouble = services.delivering, services.tell, services.trouble
        self.manual, self.going_on, self.time_line = None, None, TimeLineBar(self.document, self.moving)
        services.furnish(kinds)
        self.stations = services.stations
        self._kinds, self._table = kinds, table(kinds)
        self.actions_ = {command.name: self._action(command, station) for command, station in self._table}
        self._lay_out()
        self.tour = Tour(self)
        self.empty_card = EmptyCard(self.document, self.picture)
        self.setAcceptDrops(True)
        self.lays_out_ahead = True
        self._ahead = QTimer(self, interval=AHEAD)
        self._ahead.timeout.connect(self._lay_out_next)
        self._connect()
        for station in self.stations.values():
            station.join()
        self.open_station(kinds[0].name)

    def _lay_out(self):
        # From the outside inward: a part that is put into the window with all that is in it is dressed once more for each step.
        ground = QWidget(self)
        ground.setObjectName("ground")
        self.setCentralWidget(ground)
        column = QVBoxLayout(ground)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        self.top_bar = TopBar(self.actions_, self._menu())
        column.addWidget(self.top_bar)
        row, middle = QHBoxLayout(), QVBoxLayout()
        row.setSpacing(0)
        middle.setSpacing(0)
        column.addLayout(row, 1)
        self.strip = Strip(tuple(self.stations))
        row.addWidget(self.strip)
        row.addLayout(middle, 1)
        self.trays, self.panels = QStackedWidget(), QStackedWidget()
        for stack in (self.trays, self.panels):
            stack.setObjectName("panel")
        self.front = QStackedWidget()
        self.front.addWidget(self.picture)
        middle.addWidget(self.front, 1)
        middle.addWidget(self.time_line)
        middle.addWidget(self.trays)
        row.addWidget(self.panels)
        self.trays.setFixedHeight(TRAY_HEIGHT)
        self.panels.setFixedWidth(SETTINGS_WIDTH)
        self.status = StatusBar(self.jobs)
        column.addWidget(self.status)

    def _action(self, command, station):
        """The action of a command of the window, or of a station by its name."""
        action = QAction(tr(command.words), self)
        action.setShortcut(QKeySequence(command.keys))

        def run():
            if command.opens:
                self.open_station(station)
            command.run(self.stations[station] if station else self)

        action.triggered.connect(lambda _=False: run())
        self.addAction(action)
        return action

    def _menu(self):
        menu = QMenu(self)
        for command, _ in self._table:
            if command.menu:
                menu.addAction(self.actions_[command.name])
            if command.last:
                menu.addSeparator()
        self.starts_menu, self.recent_menu = self.files.starts_menu(menu), self.files.recent_menu(menu)
        against = QMenu(tr("Against something"), menu)
        for name in ("person", "house", "craft"):
            against.addAction(self.actions_[f"against_{name}"])
        menu.insertMenu(self.actions_["resize"], against)
        menu.insertMenu(self.actions_["open"], self.starts_menu)
        menu.insertMenu(self.actions_["save"], self.recent_menu)
        return menu

    def _connect(self):
        document = self.document
        document.changed.connect(self._changed)
        document.looked.connect(self.show_look)
        document.framed.connect(self._framed)
        document.named.connect(self._named)
        document.refused.connect(self._refused)
        services = self.services
        services.said.connect(self.status.tell)
        services.wanted.connect(self.open_station)
        services.hand_changed.connect(self.show_hand)
        services.look_changed.connect(self.show_look)
        services.cover_changed.connect(self._show_cover)
        services.steps_changed.connect(self._named)
        self.picture.rail.moved.connect(lambda name, altitude, moving: document.apply(
            tr("base level") if name == "base" else tr("top level"),
            lambda mound: changed(mound, ("mass", name), altitude=altitude), moving))
        self.picture.dome.moved.connect(lambda *moved: self.station.turn_sun(*moved))
        self.strip.chosen.connect(self.open_station)
        self.looking.way_changed.connect(self.show_hand)
        self.looking.shown.connect(self._shown)
        self.jobs.changed.connect(self.show_tiles)
        self.jobs.ended.connect(lambda name, took: long_work_ended(self, "Soft Mound", tr("{}: ended.").format(name), took))
        for number, name in enumerate(self.stations, 1):
            QShortcut(QKeySequence(str(number)), self, lambda n=name: self.open_station(n))

    # -- stations -------------------------------------------------------------------------------

    @property
    def station(self):
        """The open station."""
        return self.services.station

    def open_station(self, name):
        """Open a station.

        Parameters
        ----------
        name : str
            Its word.
        """
        self.strip.open(name)
        before, station = self.station, self.stations[name]
        if before is not None and before is not station:
            before.leave()
        self.services.station = station
        self._lay_out_station(station)
        self.trays.setCurrentWidget(station.tray)
        self.panels.setCurrentWidget(station.settings)
        self.picture.want_dome(station.dome)
        self.show_hand()
        self._named()
        self._show_cover()

    def _show_cover(self):
        """Show the picture, or what lies in its place."""
        station = self.station
        front = station.cover if station.covered else self.picture
        if self.front.indexOf(front) < 0:
            self.front.addWidget(front)
        self.front.setCurrentWidget(front)
        self.picture.show_corner(station.corner())
        self._show_station()
        self.looking.look(self.looking.way)

    def _lay_out_station(self, station):
        for stack, page in ((self.trays, station.tray), (self.panels, station.settings)):
            if stack.indexOf(page) < 0:
                stack.addWidget(page)
        self.panels.setFixedWidth(max(self.panels.minimumWidth(), station.settings.least_width()))

    def _lay_out_next(self):
        """Lay out a station that nobody has opened yet, so that it opens at once."""
        left = [station for station in self.stations.values() if not station.laid_out]
        if left:
            self._lay_out_station(left[0])
        if len(left) <= 1:
            self._ahead.stop()

    def show_hand(self):
        """Give the picture the hand and the tools of the open station, or those of the cut."""
        station, cutting = self.station, self.looking.way == "slice"
        self.picture.hand = self.looking.cut_hand if cutting else station.hand
        self.picture.show_tools(() if cutting else station.tools, station.tool, self._take_tool)
        self.picture.update()

    def _take_tool(self, tool):
        if tool != self.station.tool:
            self.station.take(tool)

    def _show_station(self):
        keyed_mound = self.document.keyed
        self.station.show_mound(keyed_mound)
        keyed = keyed_fields(keyed_mound)
        for fields in self.station.settings.findChildren(PartFields):
            fields.show_keyed(keyed)
        self.picture.show_note(self.station.note(keyed_mound))
        self.picture.show_caption(self.station.caption(keyed_mound))
        self.time_line.follow()
        self.picture.show_mound(self.station.as_seen(self.document.seen))

    def show_tiles(self):
        """Show on the strip how the stations stand whose miniatures are not made of the mound."""
        for name, station in self.stations.items():
            if not station.miniature:
                station.show_tile(self.strip.tiles[name])

    # -- following the document -----------------------------------------------------------------

    def _refused(self, sentence):
        """An edit was not done: say why, and show again what is so."""
        self.tell(sentence)
        self._follow()
        self._show_station()

    def _follow(self):
        for station in self.stations.values():
            station.follow(self.document.mound)

    def _changed(self, moving):
        if not moving:
            self.finished.follow(self.document.mound)
        self._follow()
        self._show_station()
        self._show_made(COMPUTING)
        self.show_tiles()
        self.looking.ask(moving)

    def show_look(self, moving):
        """Follow a view that is another.

        Parameters
        ----------
        moving : bool
        """
        self.picture.show_mound(self.station.as_seen(self.document.seen))
        self.station.show_view(self.document.keyed)
        self.looking.ask(moving)

    def _framed(self, moving):
        """Another frame of the time line."""
        self._show_station()
        self.looking.ask(moving)

    def time(self):
        """Give the mound a time line, or take it away."""
        on = self.document.mound.time is None
        self.document.apply(tr("time line"), lambda mound: mound.edited(time=TimeLine() if on else None))
        self.moving.let_go()

    def _named(self):
        self.top_bar.show_document(self.station.document)
        self.show_steps()
        self.show_tiles()

    def show_steps(self):
        """Say what can be taken back in the open station."""
        self.top_bar.show_steps(*self.station.steps)

    def _shown(self, answer):
        """A picture is on the screen: say its facts, and once it is at rest show its miniatures."""
        self.status.show_answer(answer)
        if self.lays_out_ahead and not answer.request.moving:
            self.lays_out_ahead = False
            self._ahead.start()
        self.empty_card.show_answer(answer)
        if answer.request.placed is not None:
            if self.station.placed() is None and answer.request.number == self.looking.newest:
                self._show_made(FRESH)  # a frame of its growth: the mound is what it was
            return  # it is not the mound that is seen
        empty = answer.grid.brick_bounds() is None
        if answer.ahead is None and not (empty and answer.passes == self.looking.painter.passes):
            return
        for name, station in self.stations.items():
            if station.miniature:
                pixels = answer.miniatures.get(station.miniature)
                if pixels is not None:
                    self.strip.tiles[name].show_image(image_of_pixels(pixels))
                elif not answer.miniatures:
                    self.strip.tiles[name].show_image(None)
        if answer.request.number == self.looking.newest:
            self._show_made(FRESH)
            self.show_tiles()

    def _show_made(self, state):
        for name, station in self.stations.items():
            if station.miniature:
                self.strip.tiles[name].show_state(state)

    # -- what commands do -----------------------------------------------------------------------

    def escape(self):
        """Stop the work, or let go of what is held."""
        if self.station.document.give_up() or self.station.settings.left():
            return
        if self.jobs.busy:
            self.jobs.stop()
        elif self.picture.flight.on:
            self.picture.fly()
        else:
            self.station.let_go()

    def toggle(self, part):
        """Hide a part of the window, or show it again: the picture takes its room.

        Parameters
        ----------
        part : QWidget
            `panels` or `trays`.
        """
        part.setVisible(part.isHidden())

    def resize_mound(self):
        """Ask for another real size and take it, as one step."""
        mound = self.document.mound
        if not span_of(mound):
            self.tell(tr("There is nothing to resize yet: add a blob in Mass."))
            return
        with asking(ResizeDialog(mound, self)) as dialog:
            if dialog.exec() != ResizeDialog.DialogCode.Accepted:
                return
            factor, keep = dialog.factor, dialog.keep.isChecked()
        self.document.apply(tr("resize mound"), lambda mound: resized_mound(mound, factor, keep), with_view=True)

    def find_number(self):
        """Let a number of the open station be found by its name."""
        panel = self.station.settings
        if panel.find.isVisibleTo(panel):
            panel.find.setFocus()
            panel.find.selectAll()

    def commands(self):
        """All commands: list of (Command, str), with the station whose it is, empty for the window's."""
        return list(self._table)

    def box(self):
        """Let a command, a station, a number or a chapter be found by its name."""
        with asking(CommandBox(entries_of(self), self)) as dialog:
            chosen = dialog.chosen if dialog.exec() == CommandBox.DialogCode.Accepted else None
        if chosen is not None:
            chosen.act()

    def what_is_this(self):
        """Explain what is clicked next."""
        explain(self)

    def read_manual(self, place=""):
        """Open the manual beside the work, or go to another page of it.

        Parameters
        ----------
        place : str, optional
            Name of a page, with an anchor after ``#``; default where it was left, or the first.
        """
        if self.manual is None:
            self.manual = ManualDialog(place, self, self.follow)
        elif place:
            self.manual.read(place)
        self.manual.show()
        self.manual.raise_()
        self.manual.activateWindow()

    def help_here(self):
        """Open the page that speaks of what has the keyboard, or lies under the pointer, or of the open station."""
        under = QApplication.widgetAt(QCursor.pos())
        asked = QApplication.focusWidget(), under if under is not None and self.isAncestorOf(under) else None
        self.read_manual(next(filter(None, map(page_about, asked)), self.station.page))

    def follow(self, address):
        """Follow a link of the manual into the window.

        Parameters
        ----------
        address : str
            ``station:`` and a station, ``do:`` and a command, ``example:`` an example, ``lesson:`` what a lesson ends in.
        """
        kind, _, what = address.partition(":")
        if kind == "station" and what in self.stations:
            self.open_station(what)
        elif kind == "do" and what in self.actions_:
            self.actions_[what].trigger()
        elif kind == "example" and what in EXAMPLES:
            self.files.open_copy(EXAMPLES[what].path)
        elif kind == "lesson" and what in (path.stem for path in MOUNDS.glob("*.mound")):
            self.files.open_copy(MOUNDS / f"{what}.mound")
        self.activateWindow()

    def begin_tour(self):
        """Show how a first cloud is made, step by step."""
        self.tour.begin()

    def dragEnterEvent(self, event):
        if self._dropped(event):
            event.acceptProposedAction()

    def dropEvent(self, event):
        path = self._dropped(event)
        if path:
            event.acceptProposedAction()
            self.files.open(path)

    def _dropped(self, event):
        """The file that is dragged over the window, if it can be opened: str."""
        paths = [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]
        return next((path for path in paths if path.lower().endswith(OPENED)), "")

    @property
    def stand_ins(self):
        """Those of the open station's document, else of the mound: StandIns."""
        return getattr(self.station, "stand_ins", self.stations["Light"].stand_ins)

    def against_craft(self):
        """Ask how long a craft is, and put one beside the cloud."""
        with asking(QInputDialog(self)) as dialog:
            dialog.setWindowTitle(tr("Against a craft"))
            dialog.setLabelText(tr("How long is it, in metres?"))
            dialog.setInputMode(QInputDialog.InputMode.DoubleInput)
            dialog.setDoubleRange(0.1, 10_000.0)
            dialog.setDoubleValue(30.0)
            if dialog.exec() != QInputDialog.DialogCode.Accepted:
                return
            long = dialog.doubleValue()
        self.stand_ins.add_beside("craft", size=(long * 26.0 / 30.0, long * 7.0 / 30.0, long))

    def ask_unit(self):
        """Ask in which unit lengths are shown."""
        names = [f"{tr(name)} ({unit})" for unit, name in lengths.NAMES.items()]
        with asking(QInputDialog(self)) as dialog:
            dialog.setWindowTitle(tr("Lengths"))
            dialog.setLabelText(tr("Show lengths in; any unit can be typed, as 3 ft or 120 cm, whatever is shown:"))
            dialog.setComboBoxItems(names)
            dialog.setTextValue(names[list(lengths.UNITS).index(lengths.unit())])
            if dialog.exec() != QInputDialog.DialogCode.Accepted:
                return
            lengths.show_in(list(lengths.UNITS)[names.index(dialog.textValue())])
        self._show_station()
        for widget in self.findChildren(QWidget):
            widget.update()

    def ask_language(self):
        """Ask which language the desk is to speak, from its next start on."""
        there = {"English": None, **words.languages()}
        with asking(QInputDialog(self)) as dialog:
            dialog.setWindowTitle(tr("Language"))
            dialog.setLabelText(tr("From the next start on. Translations made with Qt Linguist, named by their language as de.ts, "
                                   "are looked for in {}:").format(words.OWN))
            dialog.setComboBoxItems(list(there))
            dialog.setTextValue(next((name for name, path in there.items() if path == words.chosen()), "English"))
            if dialog.exec() != QInputDialog.DialogCode.Accepted:
                return
            path = there[dialog.textValue()]
        try:
            words.choose(path)
        except Problem as problem:
            self.tell(tr(problem.sentence))

    def change_ground(self):
        """Change from the dark ground to the light one, for bright rooms, or back."""
        style.change_ground(QApplication.instance())
        self.tell(tr("Judge colours on the dark ground: before a light one a picture looks darker than it is.")
                  if style.ground() == "light" else "")

    def show_keys(self):
        """Say which keys and gestures there are."""
        with asking(KeysDialog(help_rows(self._kinds), self)) as dialog:
            dialog.exec()

    # -- opening and closing --------------------------------------------------------------------

    def showEvent(self, event):
        super().showEvent(event)
        self.picture.setFocus()
        self.looking.ask(False)

    def closeEvent(self, event):
        if self.going_on is not None:  # told to end although nobody sees it
            self.end()
            QApplication.quit()
            return
        if not self.files.may_leave():
            event.ignore()
            return
        work = asked_about_work(self)
        if work == STAY:
            event.ignore()
            return
        self.document.close()
        keep_place(self)  # from here on it may be gone at any moment
        if work == GO_ON:
            event.ignore()  # what is hidden goes on
            self.going_on = GoingOn(self)
            return
        self.end()
        event.accept()

    def end(self):
        """End all that works for this window, and wait for it."""
        self.services.end()
