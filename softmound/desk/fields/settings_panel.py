"""The settings beside the picture: sections that fold and stay folded, and a box that finds a number by its name."""

from PyQt6.QtCore import QEvent, QPointF, QSize, Qt, QTimer
from PyQt6.QtGui import QPainter, QPolygonF
from PyQt6.QtWidgets import (
    QAbstractButton,
    QCheckBox,
    QComboBox,
    QFrame,
    QLabel,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from .. import style
from ..shell.remembered import settings
from ..words import tr
from .controls import EDGE, ColourField, NumberField, Row, text_label
from .curve_field import CurveField
from .ramp_field import RampField

FINDABLE = (NumberField, ColourField, CurveField, RampField, QCheckBox, QComboBox, QPushButton)
MANY = 9
"""Controls from which on there is a box to find one."""
MARK = 3
"""Pixels of the bar beside what was found."""


class SectionHead(QAbstractButton):
    """The title of a section; a click, Enter or Space folds it.

    Parameters
    ----------
    text : str
    """

    def __init__(self, text, parent=None):
        super().__init__(parent)
        self.setText(text)
        self.setCheckable(True)
        self.setChecked(True)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        font = self.font()
        font.setPixelSize(13)
        font.setWeight(font.Weight.DemiBold)
        self.setFont(font)
        self.setAccessibleDescription(tr("Folds or opens this section."))

    def sizeHint(self):
        """Room for a line of text."""
        return QSize(120, 30)

    def keyPressEvent(self, event):
        """Fold or open by Enter as well as by Space."""
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.click()
            return
        super().keyPressEvent(event)

    def paintEvent(self, _event):
        """Draw the title, and a mark that points down while the section is open."""
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        rect = self.rect().adjusted(EDGE, 8, -EDGE, 0)
        painter.setPen(style.TEXT)
        painter.drawText(rect, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, self.text())
        middle = QPointF(rect.right() - 5, rect.center().y() + 1)
        points = ((-4, -2), (4, -2), (0, 3)) if self.isChecked() else ((-2, -4), (-2, 4), (3, 0))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.BARLEY if self.hasFocus() else style.QUIET)
        painter.drawPolygon(QPolygonF([middle + QPointF(x, y) for x, y in points]))


class SettingsPanel(QScrollArea):
    """Settings, one below the other.

    Parameters
    ----------
    title, subtitle : str
    """

    def __init__(self, title, subtitle, parent=None):
        super().__init__(parent)
        self.setObjectName("panel")
        self.setWidgetResizable(True)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setAccessibleName(tr("{} settings").format(tr(title)))
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._name, self._heads, self._bodies = title, {}, {}
        inside = QWidget()
        inside.setObjectName("panel")
        self.layout_ = QVBoxLayout(inside)
        self.layout_.setContentsMargins(10, 4, 10, 14)
        self.layout_.setSpacing(4)
        self.title, self.subtitle = text_label(tr(title), "title"), text_label(tr(subtitle))
        self.find = QLineEdit()
        self.find.setPlaceholderText(tr("Find a number  (Ctrl+F)"))
        self.find.setAccessibleName(tr("Find a number in {}").format(tr(title)))
        self.find.setClearButtonEnabled(True)
        self.find.textChanged.connect(lambda _text: self._seek(0))
        self.find.returnPressed.connect(lambda: self._seek(1))
        self._found_words = text_label("")
        self._found, self._at = [], 0
        self._find_row = Row(self.find)
        self._found_words.hide()
        self._find_row.hide()
        # What the panel is about stays where it is while the rest is scrolled.
        self._top = QWidget(self)
        self._top.setObjectName("panel")
        column = QVBoxLayout(self._top)
        column.setContentsMargins(10, 14, 10, 4)
        column.setSpacing(4)
        for widget in (self.title, self.subtitle, self._find_row, self._found_words):
            column.addWidget(widget)
        self._top.installEventFilter(self)
        self.viewport().installEventFilter(self)  # narrower while there is a bar to scroll by
        self.layout_.addStretch()
        self._body = self.layout_
        self.setWidget(inside)
        self._mark = QFrame(inside)
        self._mark.setObjectName("mark")
        self._mark.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
        self._mark.hide()
        # Widgets find their places only after those that were folded have opened.
        self._later = QTimer(self)
        self._later.setSingleShot(True)
        self._later.timeout.connect(self._show_found)

    def add(self, *widgets):
        """Put widgets at the end of the section that was begun last.

        Parameters
        ----------
        *widgets : QWidget

        Returns
        -------
        QWidget
            The last one.
        """
        for widget in widgets:
            if self._body is self.layout_:
                self.layout_.insertWidget(self.layout_.count() - 1, widget)
            else:
                self._body.addWidget(widget)
        return widgets[-1]

    def least_width(self):
        """How wide it has to be so that nothing is cut off, whatever language its words are of: int, pixels."""
        return self.widget().minimumSizeHint().width() + self.verticalScrollBar().sizeHint().width()

    def section(self, text):
        """Begin a section; it is as folded as it was left.

        Parameters
        ----------
        text : str

        Returns
        -------
        SectionHead
        """
        head, body = SectionHead(tr(text)), QWidget()
        self._body = QVBoxLayout(body)
        self._body.setContentsMargins(0, 0, 0, 0)
        self._body.setSpacing(4)
        for widget in (head, body):
            self.layout_.insertWidget(self.layout_.count() - 1, widget)
        self._heads[text], self._bodies[text] = head, body
        head.setChecked(settings().value(self._key(text)) != "folded")
        body.setVisible(head.isChecked())
        head.toggled.connect(lambda on: self._fold(text, on))
        return head

    def show_section(self, text, shown):
        """Show a section, as folded as it was left, or leave it out.

        Parameters
        ----------
        text : str
            As it was given to `section`.
        shown : bool
        """
        self._heads[text].setVisible(shown)
        self._bodies[text].setVisible(shown and self._heads[text].isChecked())

    def _key(self, text):
        return f"sections/{self._name}/{text}"

    def _fold(self, text, on):
        self._bodies[text].setVisible(on)
        settings().setValue(self._key(text), "open" if on else "folded")
        self._mark.hide()

    def eventFilter(self, watched, event):
        """Make room for the top when what it says takes more or fewer lines."""
        if (watched is self._top and event.type() == QEvent.Type.LayoutRequest
                or watched is self.viewport() and event.type() == QEvent.Type.Resize):
            self._place_top()
        return super().eventFilter(watched, event)

    def resizeEvent(self, event):
        """Keep the top as wide as the panel."""
        super().resizeEvent(event)
        self._place_top()

    def _place_top(self):
        layout = self._top.layout()
        wide = self.viewport().width()
        high = layout.heightForWidth(wide) if layout.hasHeightForWidth() else layout.sizeHint().height()
        self._top.setGeometry(0, 0, wide, high)
        if self.viewportMargins().top() != high:
            self.setViewportMargins(0, high, 0, 0)

    def showEvent(self, event):
        """Offer the box where there are many numbers."""
        super().showEvent(event)
        named = [c for c in self.widget().findChildren(QWidget) if isinstance(c, FINDABLE) and _name_of(c)]
        self._find_row.setVisible(len(named) >= MANY)

    def named_controls(self):
        """Name and control of all that can be found now, in their order, those in folded sections too."""
        return [(_name_of(control), control) for control in self.widget().findChildren(QWidget)
                if isinstance(control, FINDABLE) and _name_of(control) and self._reachable(control)]

    def _reachable(self, control):
        bodies = list(self._bodies.values())
        while control is not None and control is not self.widget():
            if control.isHidden() and control not in bodies:
                return False
            control = control.parentWidget()
        return True

    def _seek(self, step):
        """Go to the first control whose name has the words that were typed, or on to the next one."""
        wanted = self.find.text().strip().lower().split()
        self._found = [control for name, control in self.named_controls() if wanted and all(w in name.lower() for w in wanted)]
        self._at = (self._at + step) % len(self._found) if self._found and step else 0
        self._found_words.setVisible(bool(wanted))
        self._mark.hide()
        if not self._found:
            self._found_words.setText(tr("Nothing here has that name."))
            return
        control = self._found[self._at]
        self._open_at(control)
        self._found_words.setText(tr("{}: {} of {}; Enter for the next, Tab to it")
                                    .format(_name_of(control), self._at + 1, len(self._found)))
        self.setTabOrder(self.find, control)
        self._later.start(0)

    def _open_at(self, control):
        """Open the section in which a control stands."""
        for text, body in self._bodies.items():
            if body.isAncestorOf(control):
                self._heads[text].setChecked(True)

    def go_to(self, control):
        """Show a control, mark it, and give it the keyboard.

        Parameters
        ----------
        control : QWidget
            Of `named_controls`.
        """
        self._open_at(control)
        self._found, self._at = [control], 0
        control.setFocus(Qt.FocusReason.OtherFocusReason)
        self._later.start(0)

    def _show_found(self):
        if not self._found:
            return
        control = self._found[min(self._at, len(self._found) - 1)]
        self.ensureWidgetVisible(control, 0, 60)
        corner = control.mapTo(self.widget(), control.rect().topLeft())
        self._mark.setGeometry(EDGE - MARK, corner.y() + 3, MARK, max(control.height() - 6, 8))
        self._mark.raise_()
        self._mark.show()

    def left(self):
        """Leave the box that finds a number, if the keyboard is in it.

        Returns
        -------
        bool
            Whether it was.
        """
        was = self.find.hasFocus()
        if was:
            self.find.clear()
            self.setFocus()
        return was


def _name_of(control):
    name = control.accessibleName()
    if not name and isinstance(control, (QAbstractButton, QLabel)):
        name = control.text()
    return name
