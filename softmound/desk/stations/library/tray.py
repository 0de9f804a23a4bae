"""The tray of Library: published versions as cards."""


from PyQt6.QtCore import QAbstractListModel, QMimeData, QModelIndex, QRectF, QSize, Qt, QUrl
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import (
    QAbstractItemView,
    QComboBox,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListView,
    QPushButton,
    QStackedLayout,
    QStyle,
    QStyledItemDelegate,
    QVBoxLayout,
    QWidget,
)

from ....core.library.choices import ORDERS
from ... import style
from ...fields.figures import memory
from ...fields.lengths import length
from ...view.pixels import image_of_pixels, thumb_of
from ...words import tr

OUTLINES = (".png", ".jpg", ".jpeg", ".tif", ".tiff")
"""Ends of files in which an outline can be found."""


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


class _Versions(QAbstractListModel):
    def __init__(self, station):
        super().__init__()
        self.versions, self._images = [], {}
        self.relit = {}
        self._station = station

    def take(self, versions):
        self.beginResetModel()
        self.versions = versions
        self.endResetModel()

    def take_relit(self, folder, pixels):
        """Keep a picture in the light of the present mound, and show it."""
        self.relit[folder] = image_of_pixels(pixels)
        for row, version in enumerate(self.versions):
            if version.folder == folder:
                self.dataChanged.emit(self.index(row), self.index(row))

    def show_again(self):
        """What is shown of the cards has changed."""
        if self.versions:
            self.dataChanged.emit(self.index(0), self.index(len(self.versions) - 1))

    def flags(self, index):
        return super().flags(index) | Qt.ItemFlag.ItemIsDragEnabled

    def mimeData(self, indexes):
        """Files of the chosen versions, for whatever they are dropped on."""
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(path)) for index in indexes for path in _files(self.versions[index.row()])])
        return data

    def shown(self, version):
        """The picture of a card at this moment: from another side while the pointer turns it."""
        turned = self._station.turning.image(version)
        return self.image(version) if turned is None else turned

    def image(self, version):
        if version.folder in self.relit:
            return self.relit[version.folder]
        if version.folder not in self._images:
            self._images[version.folder] = thumb_of(version)
        return self._images[version.folder]

    def rowCount(self, parent=QModelIndex()):
        return 0 if parent.isValid() else len(self.versions)

    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        version = self.versions[index.row()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return tr("{} version {}").format(version.facts["name"], version.number)
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
        image = index.model().shown(version)
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
                         f"{length(version.facts['voxel'])} · {memory(version.bytes)}")
        painter.restore()


def _dropped(event):
    """OpenVDB files, or one picture, that are dropped from elsewhere: list of str."""
    if event.source() is not None:
        return []
    paths = [url.toLocalFile() for url in event.mimeData().urls() if url.isLocalFile()]
    grids = all(path.lower().endswith(".vdb") for path in paths)
    return paths if paths and (grids or len(paths) == 1 and paths[0].lower().endswith(OUTLINES)) else []


def _files(version):
    """The largest grid of a version that there is; of a sequence all its frames."""
    frames, largest = version.frames, min(version.tiers)
    return [version.vdb(largest)] if frames is None else [version.vdb(largest, n) for n in frames.numbers]


class _Cards(QListView):
    """Cards that turn with the pointer."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        self.setMouseTracking(True)
        self.setDragEnabled(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)

    def mouseMoveEvent(self, event):
        index = self.indexAt(event.position().toPoint())
        held = event.buttons() != Qt.MouseButton.NoButton
        if index.isValid() and not held:
            card = self.visualRect(index)
            share = (event.position().x() - card.left()) / max(card.width(), 1)
            self._station.turn(index.row(), min(max(share, 0.0), 1.0))
        else:
            self._station.turn(None)
        super().mouseMoveEvent(event)

    def leaveEvent(self, event):
        self._station.turn(None)
        super().leaveEvent(event)


class ShelfTray(QWidget):
    """Published versions as cards, and what finds them."""

    def __init__(self, station):
        super().__init__()
        self._stack = QStackedLayout(self)
        self.model = _Versions(station)
        self.list = _Cards(station)
        self.list.setModel(self.model)
        self.list.setItemDelegate(_Card(self.list))
        self.list.setFlow(QListView.Flow.LeftToRight)
        self.list.setWrapping(False)
        self.list.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.list.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName(tr("Published versions"))
        self.list.selectionModel().currentChanged.connect(
            lambda now, _before: station.choose(now.row() if now.isValid() else None))
        self.list.selectionModel().selectionChanged.connect(lambda *_: station.settings.show_mound(station.document.mound))
        self.setAcceptDrops(True)
        self._station = station
        self.find = QLineEdit()
        self.find.setPlaceholderText(tr("Find by name, tag, shot…"))
        self.find.setAccessibleName(tr("Find published clouds"))
        self.find.setToolTip(tr("Beginnings of words in the name, note, tags, shots and author; all of them have to be there."))
        self.find.setClearButtonEnabled(True)
        self.find.textChanged.connect(lambda words: station.search(words=words))
        self.order = QComboBox()
        self.order.setAccessibleName(tr("Sorted"))
        for key, words in ORDERS.items():
            self.order.addItem(tr(words), key)
        self.order.currentIndexChanged.connect(lambda n: station.search(order=self.order.itemData(n)))
        self.like = QPushButton(tr("More like this"))
        self.like.setToolTip(tr("Show the clouds whose outlines, from twelve sides, are most like those of the chosen one."))
        self.like.clicked.connect(station.more_like)
        self.lit = QPushButton(tr("In this light"))
        self.lit.setCheckable(True)
        self.lit.setToolTip(tr("Show every cloud of the shelf from the same side in the sun and sky of the present mound."))
        self.lit.toggled.connect(station.light_alike)
        self.count = QLabel()
        self.count.setObjectName("quiet")
        beside = QVBoxLayout()
        beside.setSpacing(8)
        both = QHBoxLayout()
        both.setSpacing(8)
        for widget in (self.like, self.lit):
            widget.setFixedWidth(118)
            both.addWidget(widget)
        for widget in (self.find, self.order, self.count):
            widget.setFixedWidth(244)
        beside.addWidget(self.find)
        beside.addWidget(self.order)
        beside.addLayout(both)
        beside.addWidget(self.count)
        beside.addStretch()
        shelf = QWidget()
        layout = QHBoxLayout(shelf)
        layout.setContentsMargins(13, 12, 12, 8)
        layout.setSpacing(14)
        layout.addLayout(beside)
        layout.addWidget(self.list, 1)
        self._stack.addWidget(shelf)
        empty = QWidget()
        column = QHBoxLayout(empty)
        text = QLabel(tr("This library is empty. Publishing puts this mound into it as an OpenVDB asset."))
        text.setObjectName("quiet")
        button = QPushButton(tr("Publish this mound"))
        button.setObjectName("main")
        button.clicked.connect(lambda: station.services.delivering.publish())
        column.addStretch()
        column.addWidget(text)
        column.addWidget(button)
        column.addStretch()
        self._stack.addWidget(empty)

    def selected(self):
        """Numbers of the cards that are selected: list of int, in their order."""
        return sorted(index.row() for index in self.list.selectionModel().selectedIndexes())

    def dragEnterEvent(self, event):
        if _dropped(event):
            event.acceptProposedAction()

    def dropEvent(self, event):
        paths = _dropped(event)
        if paths:
            event.acceptProposedAction()
            if paths[0].lower().endswith(".vdb"):
                self._station.adopt(paths)
            else:
                self._station.like_outline(paths[0])

    def show_versions(self, versions, any_at_all):
        """Show what was found.

        Parameters
        ----------
        versions : list of Version
        any_at_all : bool
            Whether the library holds anything.
        """
        self.model.take(versions)
        self._stack.setCurrentIndex(0 if any_at_all else 1)
        chosen = self._station.chosen
        if chosen is not None:
            row = next((n for n, v in enumerate(versions) if v.folder == chosen.folder), None)
            if row is not None:
                self.list.setCurrentIndex(self.model.index(row))
        self.show_state()

    def show_state(self):
        """Say how many there are, and what the button does."""
        station = self._station
        found, there = len(station.found), len(station.versions)
        if station.outline is not None:
            self.count.setText(tr("like the outline in {}").format(station.outline[0]))
        elif station.like is not None:
            self.count.setText(tr("like {}").format(station.like.facts["name"]))
        else:
            all_of_them = tr("one version") if there == 1 else tr("{:,} versions").format(there)
            self.count.setText(tr("nothing is found") if not found else all_of_them if found == there else
                               tr("{:,} of {:,} versions").format(found, there))
        others = station.like is not None or station.outline is not None
        self.like.setText(tr("Show all again") if others else tr("More like this"))
        self.like.setEnabled(others or bool(station.chosen and "shape" in station.chosen.facts))
