"""The tray of Library: what finds versions, how the wall is laid out, and all versions of the chosen asset."""

from PyQt6.QtCore import QRectF, QSettings, QSize, Qt
from PyQt6.QtWidgets import (
    QAbstractItemView,
    QApplication,
    QComboBox,
    QCompleter,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListView,
    QMenu,
    QPushButton,
    QSizePolicy,
    QSlider,
    QStackedWidget,
    QStyle,
    QStyledItemDelegate,
    QVBoxLayout,
    QWidget,
)

from ....core.library.choices import GROUPS, ORDERS
from ... import style
from ...fields.cards import CardPage
from ...fields.controls import ChoiceRow
from ...view.overlays import SunDome
from ...words import counted, tr
from .finding import OUTLINES
from .wall import NARROWEST, USUAL, WIDEST, Cards

PAGES = {"versions": "Versions", "baskets": "Baskets"}
MARGINS = 13, 12, 12, 8
ROOMY = 760
"""Pixels from which on the dome has a place of its own."""
WIDE = 290
"""Pixels of what stands left of the cards."""
MOST_KEPT = 20
"""Searches that are kept."""


def paint_cards(painter):
    """Empty cards on the tile, until something is published.

    Parameters
    ----------
    painter : QPainter
    """
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(style.with_alpha(style.QUIET, 70))
    for row, cards in enumerate((3, 2)):
        for n in range(cards):
            painter.drawRoundedRect(QRectF(20 + 26 * n, 24 + 20 * row, 20, 16 - 2 * row), 3, 3)


class _Card(QStyledItemDelegate):
    def sizeHint(self, _option, _index):
        return QSize(146, 116)

    def paint(self, painter, option, index):
        painter.save()
        painter.setRenderHint(painter.RenderHint.Antialiasing)
        painter.setRenderHint(painter.RenderHint.SmoothPixmapTransform)
        index.model().paint(painter, option.rect.adjusted(0, 0, -6, 0), index.row(),
                            bool(option.state & QStyle.StateFlag.State_Selected),
                            bool(option.state & QStyle.StateFlag.State_MouseOver))
        painter.restore()


class _LastWord(QCompleter):
    """Completes the word that is being typed, rather than the line."""

    def __init__(self, line):
        super().__init__([], line)
        self._line = line
        self.setCaseSensitivity(Qt.CaseSensitivity.CaseInsensitive)
        self.setWidget(line)

    def splitPath(self, path):
        return [path.rsplit(" ", 1)[-1] or " "]

    def pathFromIndex(self, index):
        before = self._line.text().rsplit(" ", 1)
        return " ".join([*before[:-1], super().pathFromIndex(index)])


def _dropped(event):
    """OpenVDB files, or one picture, that are dropped from elsewhere: list of str."""
    if event.source() is not None:
        return []
    paths = [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]
    grids = all(path.lower().endswith(".vdb") for path in paths)
    return paths if paths and (grids or len(paths) == 1 and paths[0].lower().endswith(OUTLINES)) else []


class ShelfTray(QWidget):
    """What finds published versions and lays out the wall, beside all versions of the chosen asset."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        self.setAcceptDrops(True)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(*MARGINS)
        layout.setSpacing(16)
        beside = QWidget()
        beside.setFixedWidth(WIDE)
        column = QVBoxLayout(beside)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(7)
        for row in (self._finding(), self._laying_out(), self._showing(), self._sizing()):
            column.addLayout(row)
        column.addStretch()
        layout.addWidget(beside)
        layout.addLayout(self._pages(), 1)
        self.dome = SunDome(self)
        self.dome.moved.connect(station.one_light.turn_sun)
        self.dome.hide()

    def _finding(self):
        station = self._station
        self.find = QLineEdit()
        self.find.setPlaceholderText(tr("Find: words, 300-500 m, shot:…"))
        self.find.setAccessibleName(tr("Find published clouds"))
        self.find.setToolTip(tr(
            "Beginnings of words in the name, note, tags, shots, species and author; all of them have to be there, those after a - "
            "must not.<br>300-500 m, over 2 km, under 80 m: the longest side.<br>shot:CODE, tag:WORD, species:WORD; "
            "since:2026-11-30, until:2026-12-24; height:50-90, voxel:1-2, depth:8-."))
        self.find.setClearButtonEnabled(True)
        self._completer, self._offered, self._shown_baskets = _LastWord(self.find), None, None
        self.find.setCompleter(self._completer)
        self.find.textEdited.connect(lambda _words: self._offer())
        self.find.textChanged.connect(lambda words: station.finding.search(words=words))
        self.kept = QPushButton(tr("Kept"))
        self.kept.setToolTip(tr("Searches that are kept."))
        self.kept.setFixedWidth(76)
        menu = QMenu(self.kept)
        menu.aboutToShow.connect(lambda: self._fill(menu))
        self.kept.setMenu(menu)
        return _row(self.find, self.kept)

    def _laying_out(self):
        station = self._station
        self.order, self.group = QComboBox(), QComboBox()
        for box, name, options, key in ((self.order, tr("Sorted"), ORDERS, "order"),
                                        (self.group, tr("In groups"), GROUPS, "group")):
            box.setAccessibleName(name)
            for value, words in options.items():
                box.addItem(tr(words), value)
            box.currentIndexChanged.connect(lambda n, b=box, k=key: station.finding.search(**{k: b.itemData(n)}))
        self.group.setToolTip(tr("Lay the wall out in groups; a click on a title folds its group."))
        return _row(self.order, self.group)

    def _showing(self):
        station = self._station
        self.like = QPushButton(tr("More like this"))
        self.like.setToolTip(tr("Show the clouds whose outlines, from twelve sides, are most like those of the chosen one."))
        self.like.clicked.connect(station.finding.more_like)
        self.lit = QPushButton(tr("In one light"))
        self.lit.setCheckable(True)
        self.lit.setToolTip(tr("Show every cloud of the wall from the same side in the sun and sky of the present mound; the dome "
                               "at the right turns the sun."))
        self.lit.toggled.connect(station.one_light.switch)
        return _row(self.like, self.lit)

    def _sizing(self):
        self.count = QLabel()
        self.count.setObjectName("quiet")
        self.size_ = QSlider(Qt.Orientation.Horizontal)
        self.size_.setRange(NARROWEST, WIDEST)
        self.size_.setValue(USUAL)
        self.size_.setFixedWidth(110)
        self.size_.setAccessibleName(tr("Size of the cards"))
        self.size_.setToolTip(tr("How large the cards of the wall are; Ctrl and the wheel do the same."))
        self.size_.valueChanged.connect(self._station.resize_cards)
        return _row(self.count, self.size_)

    def _pages(self):
        self.title = QLabel()
        self.title.setObjectName("quiet")
        self.choice = ChoiceRow(PAGES, "versions", tr("In the tray"))
        self.choice.chosen.connect(self.open)
        head = QHBoxLayout()
        head.setSpacing(12)
        head.addWidget(self.choice)
        head.addWidget(self.title, 1)
        baskets = self._station.baskets
        self.baskets = CardPage(tr("A basket holds the clouds of a shot. Drag cards onto it."), tr("New basket…"),
                                tr("Make one, with the versions that are selected on the wall in it."))
        self.baskets.layout().setContentsMargins(0, 0, 0, 0)
        self.baskets.add.clicked.connect(lambda: baskets.new())
        self.pages = QStackedWidget()
        self.pages.addWidget(self._versions())
        self.pages.addWidget(self.baskets)
        for widget in (self.pages, self.title):  # they take what room there is, and make nothing else give way
            widget.setSizePolicy(QSizePolicy.Policy.Ignored, widget.sizePolicy().verticalPolicy())
        column = QVBoxLayout()
        column.setSpacing(5)
        column.addLayout(head)
        column.addWidget(self.pages, 1)
        return column

    def open(self, page):
        """Open a page beside what finds.

        Parameters
        ----------
        page : str
            Of `PAGES`.
        """
        self.choice.buttons[page].setChecked(True)
        self.pages.setCurrentIndex(list(PAGES).index(page))
        self.title.setVisible(page == "versions")

    def _versions(self):
        station = self._station
        self.model = Cards(station)
        self.list = QListView()
        self.list.setModel(self.model)
        self.list.setItemDelegate(_Card(self.list))
        self.list.setMouseTracking(True)
        self.list.setFlow(QListView.Flow.LeftToRight)
        self.list.setWrapping(False)
        self.list.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.list.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName(tr("Versions of the chosen asset"))
        self.list.setToolTip(tr("A click chooses this version; while one is in the picture it shows it, and with Ctrl compares the "
                                "two."))
        self.list.clicked.connect(lambda index: self._take(self.model.versions[index.row()]))
        self.list.activated.connect(lambda index: station.showing.show(self.model.versions[index.row()]))
        station.pictures.came.connect(lambda _folder: self.list.viewport().update())
        return self.list

    def _take(self, version):
        """A version of the chosen asset was clicked: it is the chosen one, or, with Ctrl, compared with the one that is seen."""
        station, showing = self._station, self._station.showing
        held = bool(QApplication.keyboardModifiers() & Qt.KeyboardModifier.ControlModifier)
        if showing.version is None:
            station.choose_on_wall(version)
        elif held and version.folder != showing.version.folder:
            showing.compare(version)
        else:
            station.choose_on_wall(version)
            showing.show(version)

    def _offer(self):
        """Complete what is being typed by what there is."""
        if self._offered is not self._station.versions:
            self._offered = self._station.versions
            self._completer.model().setStringList(self._station.labels())

    def _fill(self, menu):
        settings = QSettings("softmound", "library")
        kept = [line for line in settings.value("searches", [], list) if isinstance(line, str)][:MOST_KEPT]
        now = self.find.text().strip()
        menu.clear()
        keep = menu.addAction(tr("Keep “{}”").format(now) if now else tr("Type a search to keep it"),
                              lambda: settings.setValue("searches", [now, *(k for k in kept if k != now)][:MOST_KEPT]))
        keep.setEnabled(bool(now) and now not in kept)
        if now in kept:
            menu.addAction(tr("Forget “{}”").format(now), lambda: settings.setValue("searches", [k for k in kept if k != now]))
        menu.addSeparator()
        for line in kept:
            menu.addAction(line, lambda line=line: self.find.setText(line))

    def dragEnterEvent(self, event):
        if _dropped(event):
            event.acceptProposedAction()

    def dropEvent(self, event):
        paths = _dropped(event)
        if paths:
            event.acceptProposedAction()
            if paths[0].lower().endswith(".vdb"):
                self._station.arriving.adopt_files(paths)
            else:
                self._station.finding.like_outline(paths[0])

    def show_siblings(self, versions):
        """Show all versions of the chosen asset.

        Parameters
        ----------
        versions : list of Version
        """
        chosen = self._station.chosen
        self.title.setText(tr("Choose a card on the wall; a double click looks at it.") if chosen is None else
                           counted("{}, one version", "{}, {} versions", len(versions)).format(chosen.facts["name"], len(versions)))
        self.model.take(versions)
        row = next((n for n, v in enumerate(versions) if chosen is not None and v.folder == chosen.folder), None)
        if row is not None:
            self.list.setCurrentIndex(self.model.index(row))

    def show_baskets(self):
        """Show all baskets as tiles."""
        baskets = self._station.baskets
        if self._shown_baskets == (baskets.library, baskets.open, baskets.all):
            return  # a search goes on with each letter, and their pictures are read from files
        self._shown_baskets = baskets.library, baskets.open, baskets.all
        tiles = baskets.tiles()
        for tile in tiles:
            tile.menu_wanted.connect(lambda name=tile.name: self._menu(name))
        self.baskets.show_tiles(tiles)

    def _menu(self, name):
        baskets, menu = self._station.baskets, QMenu(self)
        for words, act in ((tr("Put the selected versions into it"), lambda: baskets.put(name, self._station.selected())),
                           (tr("Rename…"), lambda: baskets.rename(name)), (tr("Delete"), lambda: baskets.delete(name))):
            menu.addAction(words, act)
        menu.popup(self.cursor().pos())

    def show_dome(self, on):
        """Show where the sun of the wall stands.

        Parameters
        ----------
        on : bool
        """
        self.dome.setVisible(on)
        self.dome.show_mound(self._station.one_light.mound())
        self._place_dome()

    def _place_dome(self):
        """Put the dome at the right: beside the cards where there is room, over them in a narrow window."""
        beside = self.dome.isVisibleTo(self) and self.width() >= ROOMY
        left, top, _, bottom = MARGINS
        self.layout().setContentsMargins(left, top, self.dome.width() + 20 if beside else left, bottom)
        self.dome.move(self.width() - self.dome.width() - 8, self.height() - self.dome.height() - 8)

    def resizeEvent(self, event):
        super().resizeEvent(event)
        self._place_dome()

    def show_size(self, wide):
        """Show how large the cards of the wall are.

        Parameters
        ----------
        wide : int
        """
        self.size_.setValue(wide)

    def show_state(self):
        """Say how many there are, and what the button does."""
        station = self._station
        found, there = len(station.found), len(station.versions)
        if station.baskets.open:
            self.count.setText(tr("basket {}").format(station.baskets.open))
        elif station.finding.outline is not None:
            self.count.setText(tr("like the outline in {}").format(station.finding.outline[0]))
        elif station.finding.like is not None:
            self.count.setText(tr("like {}").format(station.finding.like.facts["name"]))
        else:
            all_of_them = counted("one version", "{:,} versions", there).format(there)
            self.count.setText(tr("nothing is found") if not found else all_of_them if found == there else
                               tr("{:,} of {:,} versions").format(found, there))
        others = station.finding.otherwise
        self.like.setText(tr("Show all again") if others else tr("More like this"))
        self.like.setEnabled(others or bool(station.chosen and "shape" in station.chosen.facts))


def _row(*widgets):
    row = QHBoxLayout()
    row.setSpacing(8)
    for widget in widgets:
        row.addWidget(widget, 1 if not isinstance(widget, QSlider) else 0)
    return row
