"""Library: publish this mound, and see what was published."""

import pathlib

from PyQt6.QtCore import QAbstractListModel, QModelIndex, QRectF, QSize, Qt, QUrl, pyqtSignal
from PyQt6.QtGui import QDesktopServices, QImage, QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import (
    QAbstractItemView,
    QFileDialog,
    QHBoxLayout,
    QLabel,
    QListView,
    QPushButton,
    QStackedLayout,
    QStyle,
    QStyledItemDelegate,
    QVBoxLayout,
    QWidget,
)

from ...core.library.asset import recipe_mark
from ...core.library.shelf import listed, verify
from ...core.recipe import Problem
from .. import style
from ..fields import Row, words
from ..settings_panel import SettingsPanel
from ..words import count, figure, memory
from .station import Station


class LibraryStation(Station):
    """The station.

    Signals
    -------
    publish_wanted()
    opened(object)
        Path of a published recipe to open.
    told(str)
        For the status line.
    """

    name = "Library"
    publish_wanted = pyqtSignal()
    opened = pyqtSignal(object)
    told = pyqtSignal(str)

    def __init__(self, document, parent):
        super().__init__(document, parent)
        self.folder = pathlib.Path(parent.library_folder)
        self.versions = []
        self.chosen = None
        self.tray = ShelfTray(self)
        self.settings = LibrarySettings(self)
        self.look_again()

    def show_mound(self, mound):
        self.settings.show_mound(mound)

    def look_again(self):
        """Read the folder anew."""
        self.versions = listed(self.folder)
        folders = [v.folder for v in self.versions]
        if self.chosen is not None and self.chosen.folder not in folders:
            self.chosen = None
        self.tray.show_versions(self.versions)
        self.settings.show_mound(self.document.mound)

    def choose(self, number):
        """Make a version the chosen one.

        Parameters
        ----------
        number : int or None
        """
        self.chosen = self.versions[number] if number is not None else None
        self.settings.show_mound(self.document.mound)

    def choose_folder(self):
        """Ask for another library folder."""
        folder = QFileDialog.getExistingDirectory(self.settings, "Library folder", str(self.folder))
        if folder:
            self.folder = pathlib.Path(folder)
            self.look_again()

    def verify_chosen(self):
        """Check the chosen version against its checksums, and say what came of it."""
        try:
            version = verify(self.chosen.folder)
            self.told.emit(f"{version.facts['name']} v{version.number:03d} is as published.")
        except Problem as problem:
            self.told.emit(str(problem))

    def reveal(self):
        """Show the chosen version, or the library, in the file manager."""
        folder = self.chosen.folder if self.chosen else self.folder
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))

    def published_now(self, mound):
        """Whether the newest version of this name holds this very recipe at its final voxel.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        bool
        """
        for version in self.versions:
            if version.facts["name"] == mound.name:
                same_voxel = abs(version.facts["voxel"] - mound.voxels.final) < 1e-9
                return same_voxel and version.facts.get("recipe") == recipe_mark(mound)
        return False


class _Versions(QAbstractListModel):
    def __init__(self):
        super().__init__()
        self.versions, self._images = [], {}

    def take(self, versions):
        self.beginResetModel()
        self.versions = versions
        self.endResetModel()

    def image(self, version):
        if version.folder not in self._images:
            self._images[version.folder] = QImage(str(version.thumb))
        return self._images[version.folder]

    def rowCount(self, parent=QModelIndex()):
        return 0 if parent.isValid() else len(self.versions)

    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        version = self.versions[index.row()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return f"{version.facts['name']} version {version.number}"
        if role == Qt.ItemDataRole.ToolTipRole:
            return str(version.folder)
        return None


class _Card(QStyledItemDelegate):
    def sizeHint(self, _option, _index):
        return QSize(150, 122)

    def paint(self, painter, option, index):
        version = index.model().versions[index.row()]
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        frame = QRectF(option.rect).adjusted(3, 3, -3, -3)
        chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        path = QPainterPath()
        path.addRoundedRect(frame, 6, 6)
        painter.fillPath(path, style.RAISED)
        view = QRectF(frame.left() + 4, frame.top() + 4, frame.width() - 8, frame.height() - 44)
        image = index.model().image(version)
        painter.save()
        clip = QPainterPath()
        clip.addRoundedRect(view, 4, 4)
        painter.setClipPath(clip)
        if not image.isNull():
            scale = max(view.width() / image.width(), view.height() / image.height())
            source = QRectF(0, 0, view.width() / scale, view.height() / scale)
            source.moveCenter(QRectF(image.rect()).center())
            painter.drawImage(view, image, source)
        painter.restore()
        if chosen:
            painter.setPen(QPen(style.BARLEY, 1.5))
            painter.drawPath(path)
        painter.setFont(style.text_font(12))
        painter.setPen(style.TEXT)
        line = QRectF(frame.left() + 8, frame.bottom() - 39, frame.width() - 16, 18)
        name = painter.fontMetrics().elidedText(version.facts["name"], Qt.TextElideMode.ElideRight, 96)
        painter.drawText(line, Qt.AlignmentFlag.AlignVCenter, name)
        painter.drawText(line, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight,
                         f"v{version.number:03d}")
        painter.setPen(style.QUIET)
        painter.setFont(style.text_font(11))
        painter.drawText(line.translated(0, 17), Qt.AlignmentFlag.AlignVCenter,
                         f"{figure(version.facts['voxel'])} m · {memory(version.bytes)}")
        painter.restore()


class ShelfTray(QWidget):
    """Published versions as cards."""

    def __init__(self, station):
        super().__init__()
        self._stack = QStackedLayout(self)
        self.model = _Versions()
        self.list = QListView()
        self.list.setModel(self.model)
        self.list.setItemDelegate(_Card(self.list))
        self.list.setFlow(QListView.Flow.LeftToRight)
        self.list.setWrapping(False)
        self.list.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.list.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName("Published versions")
        self.list.selectionModel().currentChanged.connect(
            lambda now, _before: station.choose(now.row() if now.isValid() else None))
        shelf = QWidget()
        layout = QVBoxLayout(shelf)
        layout.setContentsMargins(13, 12, 12, 8)
        layout.addWidget(self.list)
        self._stack.addWidget(shelf)
        empty = QWidget()
        column = QHBoxLayout(empty)
        text = QLabel("This library is empty. Publishing puts this mound into it as an OpenVDB asset.")
        text.setObjectName("quiet")
        button = QPushButton("Publish this mound")
        button.setObjectName("main")
        button.clicked.connect(station.publish_wanted)
        column.addStretch()
        column.addWidget(text)
        column.addWidget(button)
        column.addStretch()
        self._stack.addWidget(empty)

    def show_versions(self, versions):
        """Show what the library holds.

        Parameters
        ----------
        versions : list of Version
        """
        self.model.take(versions)
        self._stack.setCurrentIndex(0 if versions else 1)


class LibrarySettings(SettingsPanel):
    """The library's folder, publishing, and the facts of the chosen version."""

    def __init__(self, station):
        super().__init__("Library", "published clouds, with their recipes")
        self._station = station
        self.folder = self.add(words(""))
        self.change = QPushButton("Change folder…")
        self.change.clicked.connect(station.choose_folder)
        self.add(Row(self.change))
        self.section("This mound")
        self.state = self.add(words(""))
        self.publish = QPushButton("Publish…")
        self.publish.setObjectName("main")
        self.publish.setToolTip("Build at the final voxel and add a version to the library.")
        self.publish.clicked.connect(station.publish_wanted)
        self.add(Row(self.publish))
        self.section("Chosen version")
        self.facts = self.add(words(""))
        self.open = QPushButton("Open its mound")
        self.open.clicked.connect(lambda: station.opened.emit(station.chosen.mound))
        self.verify = QPushButton(style.icon("shield-check"), "Verify")
        self.verify.clicked.connect(station.verify_chosen)
        self.reveal = QPushButton(style.icon("folder-open"), "Reveal in file manager")
        self.reveal.clicked.connect(station.reveal)
        self.add(Row(self.open, self.verify))
        self.add(Row(self.reveal))

    def show_mound(self, mound):
        """Follow a mound and the chosen version.

        Parameters
        ----------
        mound : Mound
        """
        station = self._station
        self.folder.setText(station.folder.name)
        self.folder.setToolTip(str(station.folder))
        self.state.setText(
            f"“{mound.name}” is published as it is now." if station.published_now(mound) else
            f"“{mound.name}” will be published at its final voxel of {figure(mound.voxels.final)} m.")
        version = station.chosen
        self.open.setEnabled(version is not None)
        self.verify.setEnabled(version is not None)
        if version is None:
            self.facts.setText("Choose a card below to see its facts.")
            return
        facts = version.facts
        low, high = facts["bounds"]
        size = " × ".join(figure(b - a) for a, b in zip(low, high))
        self.facts.setText(
            f"<b>{facts['name']}</b> v{version.number:03d}<br>"
            f"grid “{facts['grid']}”, {'16' if facts.get('half') else '32'}-bit<br>"
            f"voxel {figure(facts['voxel'])} m<br>{size} m<br>"
            f"{' × '.join(str(d) for d in facts['dims'])} voxels, {count(facts['active_voxels'])} active<br>"
            f"density up to {figure(facts['range'][1])}<br>"
            f"extinction {figure(facts['extinction'])} per metre<br>"
            f"seeds {', '.join(map(str, facts['seeds']))}<br>{memory(version.bytes)}")
