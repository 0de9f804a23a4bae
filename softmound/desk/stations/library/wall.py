"""The wall: what a library holds as cards, laid out in rows under folding titles."""

import contextlib
import json
from bisect import bisect_right
from dataclasses import dataclass

from PyQt6.QtCore import (
    QAbstractListModel,
    QEvent,
    QItemSelection,
    QItemSelectionModel,
    QMimeData,
    QModelIndex,
    QPointF,
    QRect,
    QRectF,
    QSizeF,
    Qt,
    QUrl,
)
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPolygonF, QRegion
from PyQt6.QtWidgets import QAbstractItemView, QFrame

from ....core.library.shelf import read_version
from ....core.problems import Problem
from ... import style
from ...fields.figures import memory
from ...fields.lengths import length
from ...words import tr

NARROWEST, WIDEST, USUAL = 120, 420, 190
"""Pixels that a card is wide at least, at most and at first; in a row all are as wide as fills it."""
GAP, MARGIN, HEAD, FOOT = 10, 14, 34, 44
"""Pixels between cards, around them, of a title, and of the words below a picture."""
VERSIONS = "application/x-softmound-versions"
"""What cards are dragged as, besides files."""
STEP = 1.12
"""Times larger, for a notch of the wheel."""


class Cards(QAbstractListModel):
    """Versions as cards.

    Parameters
    ----------
    station : LibraryStation

    Attributes
    ----------
    versions : sequence of Version
    groups : list of (str, int)
        Titles, and how many rows each has; one without a title where there are no groups.
    """

    def __init__(self, station):
        super().__init__()
        self.versions, self.groups = [], []
        self._station = station

    def take(self, versions, groups=None):
        """Show other versions.

        Parameters
        ----------
        versions : sequence of Version
        groups : list of (str, int), optional
        """
        self.beginResetModel()
        self.versions = versions
        self.groups = [("", len(versions))] if groups is None else groups
        self.endResetModel()

    def at(self, row):
        """The version on a card: Version, or None where it is gone, or changed, since the wall was laid out; then it is anew.

        Parameters
        ----------
        row : int
        """
        try:
            return self.versions[row]
        except KeyError:
            self._station.look_soon()
            return None

    def flags(self, index):
        return super().flags(index) | Qt.ItemFlag.ItemIsDragEnabled

    def mimeTypes(self):
        return [VERSIONS, "text/uri-list"]

    def mimeData(self, indexes):
        """Files of the chosen versions, for whatever they are dropped on; and their folders, for baskets."""
        data, versions = QMimeData(), [version for index in indexes if (version := self.at(index.row())) is not None]
        data.setUrls([QUrl.fromLocalFile(str(path)) for version in versions for path in files_of(version)])
        data.setData(VERSIONS, json.dumps([str(version.folder) for version in versions]).encode())
        return data

    def rowCount(self, parent=QModelIndex()):
        return 0 if parent.isValid() else len(self.versions)

    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        wanted = (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole, Qt.ItemDataRole.ToolTipRole)
        version = self.at(index.row()) if index.isValid() and role in wanted else None
        if version is None:
            return None
        if role != Qt.ItemDataRole.ToolTipRole:
            return tr("{} version {}").format(version.facts["name"], version.number)
        return str(version.folder)

    def paint(self, painter, frame, row, chosen, over):
        """Draw a card.

        Parameters
        ----------
        painter : QPainter
        frame : QRect
        row : int
        chosen, over : bool
            It is the chosen one; the pointer is over it.
        """
        version = self.at(row)
        if version is None:
            return
        path = QPainterPath()
        path.addRoundedRect(QRectF(frame).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6)
        painter.fillPath(path, style.RAISED if chosen or over else style.with_alpha(style.RAISED, 150))
        view = QRect(frame.left() + 4, frame.top() + 4, frame.width() - 8, frame.height() - FOOT - 4)
        image = self._station.image_of(version)
        if image is None:
            painter.fillRect(view, style.with_alpha(style.QUIET, 26))
        elif not image.isNull():
            source = image.rect()
            if image.size() != view.size():
                scale = max(view.width() / image.width(), view.height() / image.height())
                source = QRect(0, 0, round(view.width() / scale), round(view.height() / scale))
                source.moveCenter(image.rect().center())
            painter.drawImage(view, image, source)
        name = QRect(frame.left() + 8, frame.bottom() - FOOT + 4, frame.width() - 16, 18)
        painter.setFont(style.text_font(12))
        painter.setPen(style.TEXT)
        number = f"v{version.number:03d}"
        room = name.width() - painter.fontMetrics().horizontalAdvance(number) - 6
        painter.drawText(name, Qt.AlignmentFlag.AlignVCenter,
                         painter.fontMetrics().elidedText(version.facts["name"], Qt.TextElideMode.ElideRight, room))
        painter.drawText(name, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, number)
        painter.setPen(style.QUIET)
        painter.setFont(style.text_font(11))
        low, high = version.facts["bounds"]
        said = f"{length(max(b - a for a, b in zip(low, high)))} · {length(version.facts['voxel'])} · {memory(version.bytes)}"
        painter.drawText(name.translated(0, 17), Qt.AlignmentFlag.AlignVCenter,
                         painter.fontMetrics().elidedText(said, Qt.TextElideMode.ElideRight, name.width()))
        for words, colour in self._badges(version):
            wide = painter.fontMetrics().horizontalAdvance(words) + 10
            box = QRect(view.right() - wide - 5, view.top() + 6, wide, 16)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.with_alpha(style.GROUND, 190))
            painter.drawRoundedRect(box, 4, 4)
            painter.setPen(colour)
            painter.drawText(box, Qt.AlignmentFlag.AlignCenter, words)
            view.translate(0, 19)
        if chosen:
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(style.BARLEY, 1.5))
            painter.drawPath(path)

    def _badges(self, version):
        """Words on a picture: what one would want to know before one takes it."""
        if version.frames is not None:
            yield tr("{} frames").format(len(version.frames.numbers)), style.TEXT
        newest = self._station.newest.get(version.facts["name"], version.number)
        if newest > version.number:
            yield tr("v{:03d} is newer").format(newest), style.BARLEY


def versions_dragged(data):
    """The versions of cards that are dragged.

    Parameters
    ----------
    data : QMimeData

    Returns
    -------
    list of Version
    """
    found = []
    for folder in json.loads(bytes(data.data(VERSIONS)) or b"[]"):
        with contextlib.suppress(Problem):
            found.append(read_version(folder))
    return found


def files_of(version):
    """The largest grid of a version that there is; of a sequence all its frames.

    Parameters
    ----------
    version : Version

    Returns
    -------
    list of pathlib.Path
    """
    frames, largest = version.frames, min(version.tiers)
    return [version.vdb(largest)] if frames is None else [version.vdb(largest, n) for n in frames.numbers]


@dataclass
class _Group:
    """Rows of the model under a title, and where they are on the wall, pixels."""

    title: str
    first: int
    count: int
    top: int = 0
    bottom: int = 0
    folded: bool = False


class Wall(QAbstractItemView):
    """Cards in rows as wide as the view, grouped under titles that fold.

    Parameters
    ----------
    station : LibraryStation
    model : Cards
    """

    def __init__(self, station, model):
        super().__init__()
        self._station, self._groups, self._folded, self._made_room = station, [], set(), False
        self.wide, self.columns, self.card = USUAL, 1, (USUAL, USUAL * 2 // 3 + FOOT)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setAccessibleName(tr("Published versions"))
        self.setMouseTracking(True)
        self.setDragEnabled(True)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setVerticalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOn)
        self.setModel(model)
        model.modelReset.connect(self._lay_out_anew)
        self.verticalScrollBar().valueChanged.connect(lambda _value: station.scrolled())
        self._lay_out_anew()

    # -- where cards are ------------------------------------------------------------------------

    def _lay_out_anew(self):
        first, self._groups = 0, []
        for title, count in self.model().groups:
            self._groups.append(_Group(title, first, count, folded=title in self._folded))
            first += count
        self.lay_out()

    @property
    def titled(self):
        """Whether there are groups."""
        return len(self._groups) > 1 or any(group.title for group in self._groups)

    def lay_out(self):
        """Work out where all cards are."""
        room = max(self.viewport().width() - 2 * MARGIN + GAP, 1)
        self.columns = max(room // (self.wide + GAP), 1)
        wide = max(room // self.columns - GAP, 40)
        self.card = wide, (wide - 8) * 2 // 3 + 4 + FOOT
        self._station.pictures.size = (wide - 8, self.card[1] - FOOT - 4)
        self._made_room = bool(self._station.coming)
        top = MARGIN + (self.card[1] + GAP if self._station.coming else 0)
        for group in self._groups:
            group.top = top
            top += HEAD if self.titled else 0
            if not group.folded:
                top += -(-group.count // self.columns) * (self.card[1] + GAP)
            group.bottom = top
        bar = self.verticalScrollBar()
        bar.setRange(0, max(top + MARGIN - GAP - self.viewport().height(), 0))
        bar.setPageStep(max(self.viewport().height(), 1))
        bar.setSingleStep(self.card[1] // 3)
        self.viewport().update()
        self._station.scrolled()

    def _group_of(self, row):
        return self._groups[bisect_right([group.first for group in self._groups], row) - 1]

    def _rect(self, row):
        """Where a card is in the viewport: QRect; empty of one that is folded away."""
        group = self._group_of(row)
        if group.folded:
            return QRect()
        line, column = divmod(row - group.first, self.columns)
        top = group.top + (HEAD if self.titled else 0) + line * (self.card[1] + GAP) - self.verticalOffset()
        return QRect(MARGIN + column * (self.card[0] + GAP), top, *self.card)

    def _title_rect(self, group):
        return QRect(MARGIN, group.top - self.verticalOffset(), self.viewport().width() - 2 * MARGIN, HEAD - 6)

    def _title_at(self, point):
        if not self.titled:
            return None
        return next((group for group in self._groups if self._title_rect(group).contains(point)), None)

    def seen(self):
        """Rows whose cards are in sight: list of int."""
        top, bottom, found = self.verticalOffset(), self.verticalOffset() + self.viewport().height(), []
        high = self.card[1] + GAP
        for group in self._groups:
            if group.folded or group.bottom < top or group.top > bottom:
                continue
            begun = group.top + (HEAD if self.titled else 0)
            first = max((top - begun) // high, 0) * self.columns
            last = min((max(bottom - begun, 0) // high + 1) * self.columns, group.count)
            found += range(group.first + first, group.first + last)
        return found

    # -- what Qt asks of a view -----------------------------------------------------------------

    def visualRect(self, index):
        return self._rect(index.row()) if index.isValid() else QRect()

    def indexAt(self, point):
        for row in self.seen():
            if self._rect(row).contains(point):
                return self.model().index(row)
        return QModelIndex()

    def scrollTo(self, index, _hint=QAbstractItemView.ScrollHint.EnsureVisible):
        if not index.isValid() or self._group_of(index.row()).folded:
            return
        card, bar, high = self._rect(index.row()), self.verticalScrollBar(), self.viewport().height()
        if card.top() < GAP:
            bar.setValue(bar.value() + card.top() - (HEAD if self.titled else GAP))
        elif card.bottom() > high - GAP:
            bar.setValue(bar.value() + card.bottom() - high + GAP)

    def horizontalOffset(self):
        return 0

    def verticalOffset(self):
        return self.verticalScrollBar().value()

    def isIndexHidden(self, index):
        return self._group_of(index.row()).folded

    def moveCursor(self, action, _modifiers):
        moves = QAbstractItemView.CursorAction
        open_groups = [group for group in self._groups if group.count and not group.folded]
        if not open_groups:
            return QModelIndex()
        now = self.currentIndex().row()
        if now < 0 or self._group_of(now).folded:
            return self.model().index(open_groups[0].first)
        page = max(self.viewport().height() // (self.card[1] + GAP), 1)
        if action in (moves.MoveHome, moves.MoveEnd):
            last = open_groups[-1]
            now = open_groups[0].first if action == moves.MoveHome else last.first + last.count - 1
        elif action in (moves.MoveLeft, moves.MovePrevious, moves.MoveRight, moves.MoveNext):
            now = self._beside(open_groups, now, -1 if action in (moves.MoveLeft, moves.MovePrevious) else 1)
        else:
            lines = {moves.MoveUp: -1, moves.MoveDown: 1, moves.MovePageUp: -page, moves.MovePageDown: page}[action]
            for _ in range(abs(lines)):
                now = self._below(open_groups, now, 1 if lines > 0 else -1)
        return self.model().index(now)

    def _beside(self, groups, row, step):
        at = groups.index(self._group_of(row))
        there = row + step
        if groups[at].first <= there < groups[at].first + groups[at].count:
            return there
        if not 0 <= at + step < len(groups):
            return row
        other = groups[at + step]
        return other.first if step > 0 else other.first + other.count - 1

    def _below(self, groups, row, step):
        """The card of the next line, in the same column as far as there is one."""
        group = self._group_of(row)
        line, column = divmod(row - group.first, self.columns)
        lines = -(-group.count // self.columns)
        if not 0 <= line + step < lines:
            at = groups.index(group) + step
            if not 0 <= at < len(groups):
                return row
            group = groups[at]
            line = 0 if step > 0 else -(-group.count // self.columns) - 1
        else:
            line += step
        return group.first + min(line * self.columns + column, group.count - 1)

    def setSelection(self, rect, command):
        found = QItemSelection()
        for row in self.seen():
            if self._rect(row).intersects(rect.normalized()):
                index = self.model().index(row)
                found.merge(QItemSelection(index, index), QItemSelectionModel.SelectionFlag.Select)
        self.selectionModel().select(found, command)

    def visualRegionForSelection(self, selection):
        region = QRegion()
        for index in selection.indexes():
            region += self.visualRect(index)
        return region

    def event(self, event):
        if event.type() == QEvent.Type.ShortcutOverride and (self._orders(event) or
                                                             event.text().isalpha() and not event.modifiers()):
            event.accept()  # what is typed or ordered here has other meanings elsewhere
            return True
        return super().event(event)

    def _orders(self, event):
        """By how many places a key moves the chosen version in its basket: int, 0 for any other key."""
        alt = bool(event.modifiers() & Qt.KeyboardModifier.AltModifier) and bool(self._station.baskets.open)
        return {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}.get(event.key(), 0) if alt else 0

    def keyPressEvent(self, event):
        by = self._orders(event)
        if by:
            self._station.baskets.move(by)
        else:
            super().keyPressEvent(event)

    def keyboardSearch(self, text):
        self._station.type_to_find(text)

    # -- hand and screen ------------------------------------------------------------------------

    def resize_cards(self, wide):
        """Make cards wider or narrower; what is in the middle stays in sight.

        Parameters
        ----------
        wide : float
            Pixels, about.
        """
        wide = min(max(round(wide), NARROWEST), WIDEST)
        if wide == self.wide:
            return
        seen = self.seen()
        kept = self.model().index(seen[len(seen) // 2]) if seen else QModelIndex()
        self.wide = wide
        self.lay_out()
        self.scrollTo(kept)

    def resizeEvent(self, event):
        super().resizeEvent(event)
        self.lay_out()

    def updateGeometries(self):
        """The bars are set by `lay_out`."""

    def scrollContentsBy(self, dx, dy):
        self.viewport().scroll(dx, dy)  # so that only what comes into sight is drawn

    def wheelEvent(self, event):
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self._station.resize_cards(self.wide * STEP ** (event.angleDelta().y() / 120.0))
            event.accept()
        else:
            super().wheelEvent(event)

    def fold(self, group):
        """Fold a group away, or open it again.

        Parameters
        ----------
        group : _Group
        """
        group.folded = not group.folded
        self._folded.symmetric_difference_update({group.title})
        self.lay_out()

    def mousePressEvent(self, event):
        group = self._title_at(event.position().toPoint())
        if group is not None and event.button() == Qt.MouseButton.LeftButton:
            self.fold(group)
            return
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event):
        at = event.position().toPoint()
        index = self.indexAt(at)
        if index.isValid() and event.buttons() == Qt.MouseButton.NoButton:
            card = self._rect(index.row())
            self._station.turn(self.model().at(index.row()), min(max((at.x() - card.left()) / card.width(), 0.0), 1.0))
        else:
            self._station.turn(None)
        title = self._title_at(at) is not None
        self.viewport().setCursor(Qt.CursorShape.PointingHandCursor if title else Qt.CursorShape.ArrowCursor)
        super().mouseMoveEvent(event)

    def leaveEvent(self, event):
        self._station.turn(None)
        super().leaveEvent(event)

    def show_picture(self, folder):
        """Draw the cards of a version anew, where they are in sight.

        Parameters
        ----------
        folder : pathlib.Path
        """
        for row in self.seen():
            version = self.model().at(row)
            if version is not None and version.folder == folder:
                self.viewport().update(self._rect(row))

    def paintEvent(self, event):
        painter = QPainter(self.viewport())
        painter.fillRect(event.rect(), style.GROUND)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        if self.titled:
            for group in self._groups:
                self._paint_title(painter, group, event.rect())
        for n, (name, share, words) in enumerate(self._station.coming[: self.columns]):
            self._paint_coming(painter, QRect(MARGIN + n * (self.card[0] + GAP), MARGIN - self.verticalOffset(), *self.card),
                               name, share, words)
        chosen, over = self.selectionModel(), self.viewport().mapFromGlobal(self.cursor().pos())
        for row in self.seen():
            card = self._rect(row)
            if card.intersects(event.rect()):
                self.model().paint(painter, card, row, chosen.isRowSelected(row, QModelIndex()),
                                   self.underMouse() and card.contains(over))

    def show_coming(self):
        """Draw anew what is being published: it stands where it will be seen, before all others."""
        if bool(self._station.coming) != self._made_room:
            self.lay_out()
        self.viewport().update(QRect(0, MARGIN - self.verticalOffset(), self.viewport().width(), self.card[1]))

    @staticmethod
    def _paint_coming(painter, frame, name, share, words):
        box = QRectF(frame).adjusted(0.5, 0.5, -0.5, -0.5)
        painter.setPen(QPen(style.QUIET, 1.0, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box, 6, 6)
        middle = frame.center().y() - FOOT // 2
        bar = QRectF(frame.left() + 16, middle, frame.width() - 32, 6)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.RAISED)
        painter.drawRoundedRect(bar, 3, 3)
        painter.setBrush(style.LICHEN)
        painter.drawRoundedRect(QRectF(bar.topLeft(), QSizeF(bar.width() * share, bar.height())), 3, 3)
        for words_, top, colour, pixels in ((words, middle + 14, style.QUIET, 11),
                                            (name, frame.bottom() - FOOT + 4, style.TEXT, 12)):
            painter.setFont(style.text_font(pixels))
            painter.setPen(colour)
            painter.drawText(QRect(frame.left() + 8, top, frame.width() - 16, 18), Qt.AlignmentFlag.AlignCenter,
                             painter.fontMetrics().elidedText(words_, Qt.TextElideMode.ElideRight, frame.width() - 16))

    def _paint_title(self, painter, group, dirty):
        box = self._title_rect(group)
        if not box.intersects(dirty):
            return
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.QUIET)
        x, y = box.left() + 6.0, box.center().y() + 1.0
        corners = ((-2, -5), (4, 0), (-2, 5)) if group.folded else ((-5, -2), (5, -2), (0, 4))
        painter.drawPolygon(QPolygonF([QPointF(x + dx, y + dy) for dx, dy in corners]))
        painter.setPen(style.TEXT)
        painter.setFont(style.text_font(14))
        words = group.title or tr("none said")
        painter.drawText(box.translated(18, 0), Qt.AlignmentFlag.AlignVCenter, words)
        wide = painter.fontMetrics().horizontalAdvance(words)
        painter.setPen(style.QUIET)
        painter.setFont(style.text_font(12))
        painter.drawText(box.translated(28 + wide, 0), Qt.AlignmentFlag.AlignVCenter, f"{group.count:,}")
