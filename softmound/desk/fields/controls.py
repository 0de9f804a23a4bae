"""Controls of the settings: numbers that can be dragged, typed, reset and are explained."""

import math

from PyQt6.QtCore import QEvent, QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QPainter, QPen
from PyQt6.QtWidgets import (
    QButtonGroup,
    QColorDialog,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QSizePolicy,
    QWidget,
)

from ...core import colour as colours
from .. import style
from ..words import tr
from .figures import figure
from .lengths import length, metres_of, size_of_unit

TRACK = 31
EDGE = 8


class _Editor(QLineEdit):
    """The line of a number; Enter ends there, and does not reach the field below, which would open it again."""

    def keyPressEvent(self, event):
        super().keyPressEvent(event)
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            event.accept()


class NumberField(QWidget):
    """One number: its name and value above a track to drag.

    Parameters
    ----------
    name : str
    low, high : float
        Limits of the recipe.
    reset : float
        Value that reset brings.
    unit : str, optional
    help : str, optional
        One sentence.
    scale : str, optional
        "linear", or "log" for sizes.
    shown : tuple of float, optional
        Part of the limits that the track covers.
    whole : bool, optional
        Only whole numbers.

    Signals
    -------
    changed(float, bool)
        The new value; True while the hand has not let go.
    """

    changed = pyqtSignal(float, bool)

    def __init__(self, name, low, high, reset, unit="", help="", scale="linear", shown=None,
                 whole=False, parent=None):
        super().__init__(parent)
        name, help = tr(name), tr(help)
        self.name, self.low, self.high, self.reset_value = name, float(low), float(high), reset
        self.unit, self.scale, self.whole = unit, scale, whole
        self.track_low, self.track_high = shown or (self.low, self.high)
        self.value, self.keyed = float(reset), False
        self.help = help
        self._press = None
        self._editor = None
        self.setAccessibleName(name)
        self.setAccessibleDescription(help)
        gestures = tr("Drag the track or the number, double-click to type, Backspace resets.")
        self.setToolTip(f"{help}\n\n{gestures}".strip())
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setFixedHeight(44)
        self.setMouseTracking(True)

    def set(self, value):
        """Show a value without telling anyone.

        Parameters
        ----------
        value : float
        """
        if value != self.value:
            self.value = float(value)
            self.update()

    def show_keyed(self, keyed):
        """Mark that the number has keys, by a dot before its name.

        Parameters
        ----------
        keyed : bool
        """
        if keyed != self.keyed:
            self.keyed = keyed
            self.setAccessibleDescription(f"{self.help} It has keys on the time line.".strip() if keyed else self.help)
            self.update()

    def set_reset(self, value):
        """Change the value that reset brings.

        Parameters
        ----------
        value : float
        """
        self.reset_value = float(value)
        self.update()

    def text(self):
        """The value as shown, with its unit.

        Returns
        -------
        str
        """
        if self.unit == "m":
            return length(self.value)
        shown = str(round(self.value)) if self.whole else figure(self.value)
        return f"{shown} {tr(self.unit)}".strip()

    def _share(self, value):
        low, high = self.track_low, self.track_high
        value = min(max(value, low), high)
        if self.scale == "log":
            floor = max(low, high * 1e-4)
            return math.log(max(value, floor) / floor) / math.log(high / floor)
        return (value - low) / (high - low)

    def _at(self, share):
        low, high = self.track_low, self.track_high
        if self.scale == "log":
            floor = max(low, high * 1e-4)
            return low if share <= 0.0 else floor * (high / floor) ** share
        return low + (high - low) * share

    def _rounded(self, value):
        value = min(max(value, self.low), self.high)
        if self.whole:
            return float(round(value))
        if value == 0.0:
            return 0.0
        # Three figures that count are as fine as a hand can drag.
        span = self.track_high - self.track_low if self.scale == "linear" else abs(value)
        digits = 2 - math.floor(math.log10(max(abs(span), 1e-9)))
        return min(max(round(value, digits), self.low), self.high)

    def _take(self, value, moving):
        self.value = self._rounded(value)
        self.update()
        self.changed.emit(self.value, moving)

    def _reset_rect(self):
        return QRectF(self.width() - EDGE - 14, 5, 14, 14)

    def mousePressEvent(self, event):
        if event.button() != Qt.MouseButton.LeftButton:
            return
        self.setFocus()
        at = event.position()
        if self.value != self.reset_value and self._reset_rect().contains(at):
            self._take(self.reset_value, False)
            return
        on_track = at.y() > TRACK - 9
        self._press = (at.x(), self._share(self.value), on_track)
        if on_track:
            self._drag(at.x(), event.modifiers())

    def mouseMoveEvent(self, event):
        if self._press is not None:
            self._drag(event.position().x(), event.modifiers())
        else:
            near = self._reset_rect().contains(event.position()) and self.value != self.reset_value
            self.setCursor(Qt.CursorShape.PointingHandCursor if near else Qt.CursorShape.SizeHorCursor)

    def _drag(self, x, modifiers):
        start, share, on_track = self._press
        width = self.width() - 2 * EDGE
        fine = 0.1 if modifiers & Qt.KeyboardModifier.ShiftModifier else 1.0
        if on_track and fine == 1.0:
            wanted = (x - EDGE) / width
        else:
            wanted = share + (x - start) / width * fine
            if abs(x - start) < 2:
                return
        value = self._at(min(max(wanted, 0.0), 1.0))
        if self._rounded(value) != self.value:
            self._take(value, True)

    def mouseReleaseEvent(self, event):
        if self._press is not None and event.button() == Qt.MouseButton.LeftButton:
            self._press = None
            self.changed.emit(self.value, False)

    def mouseDoubleClickEvent(self, event):
        self._press = None
        if event.position().y() < TRACK - 9:
            self.type()

    def wheelEvent(self, event):
        event.ignore()  # the panel scrolls; numbers must not change under a scrolling hand

    def event(self, event):
        """Keys that the field itself takes are not shortcuts while it has the keyboard."""
        if event.type() == QEvent.Type.ShortcutOverride and self._takes(event):
            event.accept()
            return True
        return super().event(event)

    def _takes(self, event):
        plain = not event.modifiers() & Qt.KeyboardModifier.ControlModifier
        typed = bool(event.text()) and event.text() in "0123456789.-"
        return plain and (typed or event.key() in (Qt.Key.Key_Backspace, Qt.Key.Key_Delete))

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Down: -1, Qt.Key.Key_Right: 1, Qt.Key.Key_Up: 1}
        if event.key() in steps:
            self._nudge(steps[event.key()], event.modifiers())
        elif event.key() in (Qt.Key.Key_Backspace, Qt.Key.Key_Delete):
            self._take(self.reset_value, False)
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_F2):
            self.type()
        elif event.text() and event.text() in "0123456789.-":
            self.type(event.text())
        else:
            super().keyPressEvent(event)

    def _nudge(self, direction, modifiers):
        if self.whole:
            self._take(self.value + direction, False)
            return
        fine = 0.002 if modifiers & Qt.KeyboardModifier.ShiftModifier else 0.02
        self._take(self._at(min(max(self._share(self.value) + direction * fine, 0.0), 1.0)), False)

    def type(self, text=None):
        """Open the editor.

        Parameters
        ----------
        text : str, optional
            What was typed already.
        """
        if self._editor is not None:
            return
        there = self.value / size_of_unit() if self.unit == "m" else self.value
        self._editor = _Editor(text or figure(there, 6), self)
        self._editor.setAccessibleName(tr("{}, typed").format(self.name))
        self._editor.setGeometry(self.width() // 2, 0, self.width() // 2, 26)
        self._editor.setAlignment(Qt.AlignmentFlag.AlignRight)
        if text is None:
            self._editor.selectAll()
        self._editor.editingFinished.connect(self._typed)
        self._editor.show()
        self._editor.setFocus()

    def _typed(self):
        editor, self._editor = self._editor, None
        if editor is None:
            return
        try:
            if self.unit == "m":
                value = metres_of(editor.text())
            else:
                value = float(editor.text().replace(",", ".").replace(tr(self.unit), "") or "nan")
        except ValueError:
            value = math.nan
        editor.deleteLater()
        self.setFocus()
        if math.isfinite(value):
            # Typed numbers are taken as they are, within the limits.
            value = min(max(value, self.low), self.high)
            self.value = float(round(value)) if self.whole else value
            self.update()
            self.changed.emit(self.value, False)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        enabled = self.isEnabled()
        painter.setFont(style.text_font(13))
        painter.setPen(style.TEXT if enabled else style.FAINT)
        right = self.width() - EDGE
        other = self.value != self.reset_value
        painter.drawText(QRectF(EDGE, 2, self.width() - 2 * EDGE, 20),
                         Qt.AlignmentFlag.AlignVCenter, self.name)
        if self.keyed:
            dot = QPointF(EDGE + painter.fontMetrics().horizontalAdvance(self.name) + 9.0, 12.5)
            painter.save()
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(style.BARLEY)
            painter.drawEllipse(dot, 3.0, 3.0)
            painter.restore()
        painter.drawText(QRectF(EDGE, 2, right - EDGE - 20, 20),
                         Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, self.text())
        if other and enabled:
            # A bent arrow: back to where it was.
            box = self._reset_rect()
            painter.setPen(QPen(style.QUIET, 1.3))
            painter.drawArc(box.adjusted(2, 2, -2, -2), 40 * 16, 280 * 16)
            tip = QPointF(box.right() - 2.6, box.top() + 4.2)
            painter.drawLine(tip, tip + QPointF(0.4, -3.4))
            painter.drawLine(tip, tip + QPointF(-3.4, 0.3))
        self._paint_track(painter, enabled)

    def _paint_track(self, painter, enabled):
        share = self._share(self.value)
        left, width = EDGE, self.width() - 2 * EDGE
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.LINE)
        painter.drawRoundedRect(QRectF(left, TRACK, width, 4), 2, 2)
        painter.setBrush(style.with_alpha(style.BARLEY, 130) if enabled else style.LINE)
        painter.drawRoundedRect(QRectF(left, TRACK, width * share, 4), 2, 2)
        painter.setBrush(style.BARLEY if enabled else style.EDGE)
        radius = 6.5 if self.hasFocus() else 5.5
        painter.drawEllipse(QPointF(left + width * share, TRACK + 2), radius, radius)
        if self.hasFocus():
            painter.setPen(QPen(style.TEXT, 1.2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(QPointF(left + width * share, TRACK + 2), radius, radius)


class ColourField(QWidget):
    """A colour: its name and a patch that opens the chooser.

    Signals
    -------
    changed(tuple, bool)
        Linear RGB; the second is always False.
    """

    changed = pyqtSignal(tuple, bool)

    def __init__(self, name, reset, help="", parent=None):
        super().__init__(parent)
        name, help = tr(name), tr(help)
        self.name, self.reset_value, self.value = name, tuple(reset), tuple(reset)
        self.setAccessibleName(name)
        self.setAccessibleDescription(help)
        gestures = tr("Click to choose, Backspace resets.")
        self.setToolTip(f"{help}\n\n{gestures}".strip())
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setFixedHeight(34)
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def set(self, value):
        """Show a colour without telling anyone.

        Parameters
        ----------
        value : tuple of float
            Linear RGB.
        """
        self.value = tuple(value)
        self.update()

    def choose(self):
        """Open the chooser."""
        picked = QColorDialog.getColor(screen_colour(self.value), self, self.name)
        if picked.isValid():
            self._take(linear_colour(picked))

    def _take(self, value):
        self.value = value
        self.update()
        self.changed.emit(value, False)

    def mouseReleaseEvent(self, event):
        if event.button() == Qt.MouseButton.LeftButton and self.rect().contains(event.pos()):
            self.choose()

    def keyPressEvent(self, event):
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space):
            self.choose()
        elif event.key() in (Qt.Key.Key_Backspace, Qt.Key.Key_Delete):
            self._take(self.reset_value)
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setFont(style.text_font(13))
        painter.setPen(style.TEXT)
        painter.drawText(QRectF(EDGE, 0, self.width(), self.height()),
                         Qt.AlignmentFlag.AlignVCenter, self.name)
        painter.setPen(QPen(style.BARLEY if self.hasFocus() else style.LINE, 1.2))
        painter.setBrush(screen_colour(self.value))
        painter.drawRoundedRect(QRectF(self.width() - EDGE - 58, 7, 58, 20), 6, 6)


def screen_colour(linear):
    """Colour of the screen for linear RGB.

    Parameters
    ----------
    linear : sequence of float

    Returns
    -------
    QColor
    """
    return QColor(*(round(255 * float(v)) for v in colours.encoded(linear)))


def linear_colour(colour):
    """Linear RGB of a screen colour.

    Parameters
    ----------
    colour : QColor

    Returns
    -------
    tuple of float
    """
    return tuple(round(float(v), 4) for v in colours.linear((colour.redF(), colour.greenF(), colour.blueF())))


class Row(QWidget):
    """Widgets side by side, at the inset of the settings.

    Parameters
    ----------
    *widgets : QWidget
    """

    def __init__(self, *widgets, parent=None):
        super().__init__(parent)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(EDGE, 4, EDGE, 4)
        layout.setSpacing(8)
        for widget in widgets:
            if isinstance(widget, QLabel):
                widget.setContentsMargins(0, 0, 0, 0)  # the row has the inset already
            layout.addWidget(widget)


class Sideways(QScrollArea):
    """Widgets side by side, scrolled where there are too many.

    Parameters
    ----------
    spacing : int
        Pixels.
    """

    def __init__(self, spacing):
        super().__init__()
        self.setObjectName("panel")
        self.setWidgetResizable(True)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = QWidget()
        inside.setObjectName("panel")
        self._row = QHBoxLayout(inside)
        self._row.setContentsMargins(0, 0, 0, 0)
        self._row.setSpacing(spacing)
        self.setWidget(inside)

    def show_widgets(self, widgets):
        """Show these and no others.

        Parameters
        ----------
        widgets : sequence of QWidget
        """
        emptied(self._row)
        for widget in widgets:
            self._row.addWidget(widget)
        if widgets:
            self._row.addStretch()


class ChoiceRow(QWidget):
    """Buttons of which one is down.

    Parameters
    ----------
    options : dict of str to str
        Key and label of each.
    chosen : str
        Key of the one that is down.
    about : str
        What is chosen, for those who do not see it.

    Signals
    -------
    chosen(str)
        Key of another.
    """

    chosen = pyqtSignal(str)

    def __init__(self, options, chosen, about, parent=None):
        super().__init__(parent)
        line = QHBoxLayout(self)
        line.setContentsMargins(EDGE, 0, EDGE, 0)
        line.setSpacing(6)
        group = QButtonGroup(self)
        self.buttons = {}
        for key, label in options.items():
            button = QPushButton(tr(label))
            button.setCheckable(True)
            button.setChecked(key == chosen)
            button.setAccessibleName(f"{tr(about)}: {tr(label)}")
            button.setStyleSheet("padding: 4px 8px;")
            button.clicked.connect(lambda _=False, k=key: self.chosen.emit(k))
            group.addButton(button)
            line.addWidget(button)
            self.buttons[key] = button
        line.addStretch()


def emptied(layout):
    """Take all widgets out of a layout.

    Parameters
    ----------
    layout : QLayout
    """
    while layout.count():
        widget = layout.takeAt(0).widget()
        if widget is not None:
            widget.hide()  # it is gone only when the present event has been dealt with
            widget.deleteLater()


def text_label(text, role="quiet"):
    """A line of text that wraps.

    Parameters
    ----------
    text : str
    role : str, optional
        "title", "section", "quiet" or "trouble".

    Returns
    -------
    QLabel
    """
    label = QLabel(text)
    label.setObjectName(role)
    label.setWordWrap(True)
    label.setContentsMargins(EDGE, 0, EDGE, 0)
    return label
