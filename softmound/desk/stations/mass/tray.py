"""The forms as silhouettes, and what can be done with them."""

import math
from functools import lru_cache

import numpy as np
from PyQt6.QtCore import QAbstractListModel, QItemSelection, QModelIndex, QPointF, QRectF, QSize, Qt, QTimer
from PyQt6.QtGui import QIcon, QPainter, QPainterPath, QPen, QPixmap, QPolygonF
from PyQt6.QtWidgets import (
    QAbstractItemView,
    QHBoxLayout,
    QListView,
    QMenu,
    QPushButton,
    QStyle,
    QStyledItemDelegate,
    QVBoxLayout,
    QWidget,
)

from ....core.mass.buds import balls_of
from ....core.mass.kinds.blob import Blob
from ....core.mass.outline import half_sizes
from ....core.mass.sculpt import sculpted, triangles
from ....core.mass.solids import SHAPES
from ....core.mass.surface import placed, scattered
from ....core.problems import Problem
from ... import style
from ...fields.lengths import sizes
from ...view.photographs import image_of
from ...words import tr
from .form_hand import TINTS

MOST_DRAWN = 60
"""Buds drawn in a tile."""
SCATTERED, ROWS = 6000, 44
"""Points over a surface, and rows of them, that make its outline in a tile."""


def _profile(points):
    """Outline of points seen from the front: how far they reach to either side, row by row."""
    rows = np.linspace(points[:, 1].min(), points[:, 1].max(), ROWS + 1)
    which = np.clip(np.searchsorted(rows, points[:, 1]) - 1, 0, ROWS - 1)
    left, right = np.full(ROWS, np.inf), np.full(ROWS, -np.inf)
    np.minimum.at(left, which, points[:, 0])
    np.maximum.at(right, which, points[:, 0])
    some = np.flatnonzero(left <= right)
    middles = -(rows[:-1] + rows[1:]) / 2
    # In the direction in which balls are drawn, so that both together leave no holes.
    outline = [(left[n], middles[n]) for n in some] + [(right[n], middles[n]) for n in some[::-1]]
    return QPolygonF([QPointF(*p) for p in (*outline, outline[0])])


@lru_cache(maxsize=512)
def silhouette(form):
    """Shape of a form seen from the front, about its middle.

    Parameters
    ----------
    form : Form

    Returns
    -------
    path : QPainterPath
        In metres, y down.
    size : float
        Its largest half side, metres.
    """
    path = QPainterPath()
    path.setFillRule(Qt.FillRule.WindingFill)
    middle = sculpted(form).centre
    home = sculpted(form).model_copy(update={"centre": (0.0, 0.0, 0.0)})

    def ball(x, y, radius):
        path.addEllipse(QPointF(x, -y), radius, radius)

    if isinstance(form, Blob):
        ellipse = QPainterPath()
        ellipse.addEllipse(QPointF(0, 0), home.radii[0], home.radii[1])
        turn = math.radians(home.rotation[2])
        for polygon in ellipse.toSubpathPolygons():
            path.addPolygon(QPolygonF([QPointF(p.x() * math.cos(turn) + p.y() * math.sin(turn),
                                               p.y() * math.cos(turn) - p.x() * math.sin(turn)) for p in polygon]))
    elif form.own_balls() is not None:
        balls = np.column_stack(form.own_balls())
        balls = balls[:: max(1, len(balls) // 300)]
        for (x, y, _), radius in zip(placed(home, balls[:, :3]), balls[:, 3]):
            ball(x, y, radius)
    else:
        vertices, faces = triangles(home)
        path.addPolygon(_profile(placed(home, scattered(vertices, faces, SCATTERED, np.random.default_rng(1))[0])))
    if not form.dabbed:
        try:
            for x, y, _, radius in balls_of(form)[:MOST_DRAWN] - (*middle, 0.0):
                ball(x, y, radius)
        except Problem:
            pass  # the picture says it
    box = path.boundingRect()
    path.translate(-box.center())
    return path, max(box.width(), box.height(), 1e-6) / 2


class _Forms(QAbstractListModel):
    def __init__(self):
        super().__init__()
        self.forms = ()

    def take(self, forms):
        if len(forms) != len(self.forms):
            self.beginResetModel()
            self.forms = forms
            self.endResetModel()
        elif forms != self.forms:
            self.forms = forms
            self.dataChanged.emit(self.index(0), self.index(len(forms) - 1))

    def rowCount(self, parent=QModelIndex()):
        return 0 if parent.isValid() else len(self.forms)

    def data(self, index, role=Qt.ItemDataRole.DisplayRole):
        form = self.forms[index.row()]
        if role in (Qt.ItemDataRole.DisplayRole, Qt.ItemDataRole.AccessibleTextRole):
            return form.name
        if role == Qt.ItemDataRole.ToolTipRole:
            more = "".join(f", {word}" for word, on in (("hidden", form.hidden), ("locked", form.locked),
                                                        ("linked", form.link is not None)) if on)
            across = sizes(2 * half_sizes(form)[0])
            return f"{form.name}: {form.role}{more}, {across}"
        return None


class _Silhouette(QStyledItemDelegate):
    def sizeHint(self, _option, _index):
        return QSize(96, 128)

    def paint(self, painter, option, index):
        model = index.model()
        form = model.forms[index.row()]
        largest = max(silhouette(f)[1] for f in model.forms) if len(model.forms) < 200 else silhouette(form)[1]
        painter.save()
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QRectF(option.rect).adjusted(3, 3, -3, -3)
        chosen = bool(option.state & QStyle.StateFlag.State_Selected)
        painter.setPen(QPen(style.BARLEY, 1.5) if chosen else Qt.PenStyle.NoPen)
        painter.setBrush(style.RAISED)
        painter.drawRoundedRect(frame, 6, 6)
        # Small forms stay visible: sizes are shown by their square root.
        path, size = silhouette(form)
        per_metre = 36.0 * math.sqrt(size / largest) / size
        fill = style.TEXT if chosen else style.QUIET
        painter.translate(QPointF(frame.center().x(), frame.top() + (frame.height() - 22) / 2))
        painter.scale(per_metre, per_metre)
        if form.role == "adds":
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.with_alpha(fill, 70 if form.hidden else 255))
            painter.drawPath(path)
        else:
            # What is taken away or cut to is drawn as an outline, in its role's colour.
            pen = QPen(style.with_alpha(TINTS[form.role], 90 if form.hidden else 255), 2)
            pen.setCosmetic(True)
            painter.setPen(pen)
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(path.simplified() if path.elementCount() < 2500 else path)
        painter.restore()
        self._paint_marks(painter, form, frame)
        painter.setPen(style.TEXT if chosen else style.QUIET)
        painter.setFont(style.text_font(12))
        name = painter.fontMetrics().elidedText(form.name, Qt.TextElideMode.ElideRight,
                                                int(frame.width()) - 8)
        painter.drawText(QRectF(frame.left(), frame.bottom() - 22, frame.width(), 18),
                         Qt.AlignmentFlag.AlignCenter, name)

    def _paint_marks(self, painter, form, frame):
        right = frame.right() - 20
        for name, on in (("lock", form.locked), ("link", form.link is not None), ("eye-off", form.hidden)):
            if on:
                style.icon(name).paint(painter, int(right), int(frame.top()) + 5, 14, 14)
                right -= 18


class FormTray(QWidget):
    """The forms as silhouettes, and what can be done with them."""

    def __init__(self, station):
        super().__init__()
        self._station = station
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 10, 12, 10)
        layout.setSpacing(12)
        side = QVBoxLayout()
        side.setSpacing(6)
        self.add = QPushButton(style.icon("plus"), tr("Add"))
        self.add.setToolTip(tr("Add a form: a blob (B), a solid, a heap, or what a file holds."))
        self.add.setMenu(self._add_menu())
        self.copy = QPushButton(style.icon("copy"), tr("Copy"))
        self.copy.setToolTip(tr("Copy the chosen forms: as they are (Ctrl+D), linked, or mirrored."))
        self.copy.setMenu(self._copy_menu())
        self.mesh = QPushButton(style.icon("hammer"), tr("Make mesh"))
        self.mesh.setToolTip(tr("Turn the chosen forms into one mesh, joined as they are, at the draft voxel."))
        self.mesh.clicked.connect(lambda: station.make_mesh())
        self.drop = QPushButton(style.icon("trash-2"), tr("Remove"))
        self.drop.setToolTip(tr("Remove the chosen forms (Delete)."))
        self.drop.clicked.connect(lambda: station.remove())
        for button in (self.add, self.copy, self.mesh, self.drop):
            button.setMinimumWidth(122)
            button.setStyleSheet("padding: 4px 10px; text-align: left;")
            side.addWidget(button)
        side.addStretch()
        layout.addLayout(side)
        self.photographs = QWidget()
        self._photographs = QVBoxLayout(self.photographs)
        self._photographs.setContentsMargins(0, 0, 0, 0)
        self._photographs.setSpacing(4)
        self._shown, self._count = None, 0
        self.model = _Forms()
        self.list = QListView()
        self.list.setModel(self.model)
        self.list.setItemDelegate(_Silhouette(self.list))
        self.list.setFlow(QListView.Flow.LeftToRight)
        self.list.setWrapping(False)
        self.list.setUniformItemSizes(True)
        self.list.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.list.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        self.list.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName(tr("Forms"))
        self._scrolling = QTimer(self, singleShot=True, interval=0)
        self._scrolling.timeout.connect(lambda: self.list.scrollTo(self.list.currentIndex()))
        self.list.selectionModel().selectionChanged.connect(lambda *_: self._selected())
        layout.addWidget(self.list, 1)
        layout.addWidget(self.photographs)

    def _add_menu(self):
        menu, station = QMenu(self), self._station
        menu.addAction(tr("Blob"), lambda: station.add())
        for shape in SHAPES:
            menu.addAction(tr(shape.capitalize()), lambda s=shape: station.add(shape=s))
        menu.addSeparator()
        menu.addAction(tr("Heap…"), station.add_heap)
        menu.addAction(tr("From a file…"), lambda: station.import_file())
        menu.addSeparator()
        menu.addAction(tr("From a photograph…"), lambda: station.from_photograph())
        menu.addAction(tr("Draw an outline"), station.draw_outline)
        menu.addAction(tr("Reference photograph…"), lambda: station.add_photograph())
        return menu

    def _copy_menu(self):
        menu, station = QMenu(self), self._station
        menu.addAction(tr("Duplicate"), station.duplicate)
        menu.addAction(tr("Linked copy"), lambda: station.duplicate(linked=True))
        menu.addAction(tr("Mirror copy across x = 0"), lambda: station.duplicate(mirror=0))
        menu.addAction(tr("Mirror copy across z = 0"), lambda: station.duplicate(mirror=2))
        return menu

    def _selected(self):
        rows = tuple(sorted(index.row() for index in self.list.selectionModel().selectedIndexes()))
        now = self.list.currentIndex().row()
        self._station.pick(rows, now if now in rows else None)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        station = self._station
        selection = self.list.selectionModel()
        blocked = selection.blockSignals(True)
        self.model.take(mound.mass.forms)
        wanted = QItemSelection()
        for number in station.picked:
            index = self.model.index(number)
            wanted.select(index, index)
        selection.select(wanted, selection.SelectionFlag.ClearAndSelect)
        index = self.model.index(station.chosen) if station.chosen is not None else QModelIndex()
        selection.setCurrentIndex(index, selection.SelectionFlag.NoUpdate)
        selection.blockSignals(blocked)
        one_more = 0 < self._count == len(mound.mass.forms) - 1
        self._count = len(mound.mass.forms)
        if station.chosen is None and one_more:
            # A stroke has begun a trail: there it is, without being chosen. Of another mound the first forms are seen.
            self.list.scrollTo(self.model.index(self._count - 1))
        if station.chosen is not None:
            # Once the list has laid out a tile that is new.
            self._scrolling.start()
        self.list.viewport().update()
        for button in (self.copy, self.mesh, self.drop):
            button.setEnabled(bool(station.picked))
        self._show_photographs(mound.references)

    def _show_photographs(self, references):
        self.photographs.setVisible(bool(references))
        about = tuple((r.name, r.picture.key, r.shown) for r in references)
        if about == self._shown:
            return
        self._shown = about
        while self._photographs.count():
            widget = self._photographs.takeAt(0).widget()
            if widget is not None:
                widget.hide()
                widget.deleteLater()
        for number, reference in enumerate(references):
            button = QPushButton()
            button.setIcon(QIcon(QPixmap.fromImage(image_of(reference.picture))))
            button.setIconSize(QSize(84, 44 if len(references) > 2 else 56))
            button.setToolTip(tr("{}: shown {}. Click to place it.").format(reference.name, reference.shown))
            button.setAccessibleName(tr("Photograph {}").format(reference.name))
            button.setStyleSheet("padding: 3px;")
            button.clicked.connect(lambda _=False, n=number: self._station.show_photograph(n))
            self._photographs.addWidget(button)
        self._photographs.addStretch()
