"""Colours, fonts, icons and the style sheet."""

import functools
import pathlib

from PyQt6.QtCore import QByteArray, QRectF, QSettings, Qt
from PyQt6.QtGui import QColor, QFont, QFontDatabase, QIcon, QPainter, QPalette, QPixmap
from PyQt6.QtSvg import QSvgRenderer
from PyQt6.QtWidgets import QAbstractButton

HERE = pathlib.Path(__file__).parent

GROUNDS = {
    "dark": {"GROUND": "#22262a", "PANEL": "#2a2f33", "RAISED": "#343a3f", "LINE": "#41484e", "TEXT": "#e8e4da",
             "QUIET": "#a3abb0", "BARLEY": "#dcb765", "LICHEN": "#8fb996", "ROSE": "#cf8079", "BLUE": "#8fb4d6",
             "INK": "#23262a", "DEEP": "#1d2124", "HOVER": "#3d444a", "PRESSED": "#2f353a", "FAINT": "#7d858a",
             "DULL": "#2e3338", "WARMER": "#e7c67d", "HANDLE": "#4a5258", "EDGE": "#5a6269", "STALE": "#6d6248",
             "SOFT": "#c9c8c2"},
    "light": {"GROUND": "#d8d9da", "PANEL": "#e4e5e6", "RAISED": "#f4f4f4", "LINE": "#b4b8bb", "TEXT": "#212528",
             "QUIET": "#51585d", "BARLEY": "#785409", "LICHEN": "#2f6b3f", "ROSE": "#9c362f", "BLUE": "#275a86",
             "INK": "#ffffff", "DEEP": "#cbcdcf", "HOVER": "#ffffff", "PRESSED": "#dcdddd", "FAINT": "#767c80",
             "DULL": "#dedfe0", "WARMER": "#97701b", "HANDLE": "#9ba0a4", "EDGE": "#8a9094", "STALE": "#b9ad92",
             "SOFT": "#3a3f43"},
}
"""Colours by what they are for: of the dark ground, before which pictures are judged, and of the light one for bright rooms."""

(GROUND, PANEL, RAISED, LINE, TEXT, QUIET, BARLEY, LICHEN, ROSE, BLUE, INK, DEEP, HOVER, PRESSED, FAINT, DULL, WARMER, HANDLE, EDGE,
 STALE, SOFT) = (QColor(value) for value in GROUNDS["dark"].values())
_ICONS = {}
"""Names of icons by the key that Qt gives each: what they are made of again before another ground."""


def put_on(ground):
    """Change all colours in place: whoever holds one of them has the new one.

    Parameters
    ----------
    ground : str
        Of `GROUNDS`.
    """
    for name, value in GROUNDS[ground].items():
        globals()[name].setRgb(QColor(value).rgb())


def sheet():
    """The style sheet in the colours of the present ground.

    Returns
    -------
    str
    """
    mark = "ink" if INK.lightness() < 128 else "light"
    return f"""
* {{ color: {TEXT.name()}; font-size: 13px; }}
QMainWindow, QWidget#ground {{ background: {GROUND.name()}; }}
QWidget#card {{ background: {GROUND.name()}; border: 1px solid {BARLEY.name()}; border-radius: 8px; }}
QWidget#panel, QScrollArea#panel, QWidget#panel > QWidget#inside {{ background: {PANEL.name()}; border: none; }}
QWidget#bar {{ background: {PANEL.name()}; }}
QWidget#status {{ background: {DEEP.name()}; }}
QLabel {{ background: transparent; }}
QLabel#title {{ font-size: 16px; font-weight: 500; }}
QLabel#section {{ font-size: 13px; font-weight: 600; padding-top: 8px; }}
QLabel#quiet {{ color: {QUIET.name()}; }}
QLabel#trouble {{ color: {ROSE.name()}; }}
QPushButton, QToolButton {{ background: {RAISED.name()}; border: 1px solid transparent;
    border-radius: 6px; padding: 6px 12px; }}
QToolButton {{ padding: 5px; }}
QPushButton:hover, QToolButton:hover {{ background: {HOVER.name()}; }}
QPushButton:pressed, QToolButton:pressed {{ background: {PRESSED.name()}; }}
QPushButton:focus, QToolButton:focus {{ border-color: {BARLEY.name()}; }}
QPushButton:disabled, QToolButton:disabled {{ color: {FAINT.name()}; background: {DULL.name()}; }}
QPushButton:checked, QToolButton:checked {{ background: {BARLEY.name()}; color: {INK.name()}; }}
QPushButton#main {{ background: {BARLEY.name()}; color: {INK.name()}; font-weight: 500; }}
QPushButton#main:hover {{ background: {WARMER.name()}; }}
QPushButton#main:focus {{ border-color: {TEXT.name()}; }}
QPushButton#main:disabled {{ background: {STALE.name()}; color: {INK.name()}; }}
QToolButton::menu-indicator {{ image: none; }}
QLineEdit {{ background: {GROUND.name()}; border: 1px solid {LINE.name()}; border-radius: 6px;
    padding: 4px 8px; selection-background-color: {BARLEY.name()}; selection-color: {INK.name()}; }}
QLineEdit:focus {{ border-color: {BARLEY.name()}; }}
QMenu {{ background: {RAISED.name()}; border: 1px solid {LINE.name()}; border-radius: 6px; padding: 6px; }}
QMenu::item {{ padding: 6px 26px 6px 14px; border-radius: 4px; }}
QMenu::item:selected {{ background: {HANDLE.name()}; }}
QMenu::item:disabled {{ color: {FAINT.name()}; }}
QMenu::separator {{ height: 1px; background: {LINE.name()}; margin: 5px 8px; }}
QToolTip {{ background: {RAISED.name()}; color: {TEXT.name()}; border: 1px solid {LINE.name()};
    padding: 5px 8px; }}
QScrollBar:vertical {{ background: transparent; width: 10px; margin: 2px; }}
QScrollBar:horizontal {{ background: transparent; height: 10px; margin: 2px; }}
QScrollBar::handle {{ background: {HANDLE.name()}; border-radius: 3px; min-width: 24px; min-height: 24px; }}
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page {{
    background: none; width: 0; height: 0; }}
QListView {{ background: transparent; border: none; outline: none; selection-background-color: {BARLEY.name()}; }}
QListView::item:selected {{ background: {BARLEY.name()}; color: {INK.name()}; border-radius: 6px; }}
QTextBrowser {{ background: {GROUND.name()}; border: 1px solid {LINE.name()}; border-radius: 6px; padding: 4px 10px;
    selection-background-color: {BARLEY.name()}; selection-color: {INK.name()}; }}
QTreeView {{ background: transparent; border: none; outline: none; selection-background-color: {BARLEY.name()};
    selection-color: {INK.name()}; }}
QTreeView::item {{ padding: 3px 6px; }}
QTreeView::item:selected {{ background: {BARLEY.name()}; color: {INK.name()}; }}
QDialog, QMessageBox, QFileDialog, QColorDialog {{ background: {PANEL.name()}; }}
QCheckBox {{ spacing: 8px; background: transparent; }}
QCheckBox:disabled {{ color: {FAINT.name()}; }}
QCheckBox::indicator {{ width: 16px; height: 16px; border-radius: 4px; border: 1px solid {EDGE.name()};
    background: {GROUND.name()}; }}
QCheckBox::indicator:checked {{ background: {BARLEY.name()}; border-color: {BARLEY.name()};
    image: url({(HERE / "icons" / f"check-{mark}.svg").as_posix()}); }}
QCheckBox::indicator:focus {{ border-color: {TEXT.name()}; }}
QComboBox {{ background: {GROUND.name()}; color: {TEXT.name()}; border: 1px solid {LINE.name()}; border-radius: 6px;
    padding: 3px 8px; min-height: 18px; }}
QComboBox:focus {{ border-color: {TEXT.name()}; }}
QComboBox::drop-down {{ border: none; width: 18px; }}
QComboBox::down-arrow {{ image: url({(HERE / "icons" / f"chevron-{mark}.svg").as_posix()}); width: 12px; height: 12px; }}
QComboBox QAbstractItemView {{ background: {GROUND.name()}; color: {TEXT.name()}; border: 1px solid {LINE.name()};
    selection-background-color: {BARLEY.name()}; selection-color: {INK.name()}; outline: none; }}
QProgressBar {{ background: {RAISED.name()}; border: none; border-radius: 4px; max-height: 8px; }}
QProgressBar::chunk {{ background: {LICHEN.name()}; border-radius: 4px; }}
QFrame#mark {{ background: {BARLEY.name()}; border: none; border-radius: 1px; }}
QPushButton#way {{ padding: 3px 12px; background: transparent; }}
QPushButton#way:checked {{ background: {BARLEY.name()}; }}
QPushButton#way:focus {{ border-color: {TEXT.name()}; }}
"""


def dress(application):
    """Give the application its font and style, on the ground that was chosen last.

    Parameters
    ----------
    application : QApplication
    """
    put_on(ground())
    for file in sorted((HERE / "fonts").glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(file))
    font = QFont("IBM Plex Sans")
    font.setPixelSize(13)
    font.setFeature(QFont.Tag("tnum"), 1)
    application.setFont(font)
    application.setStyle("Fusion")
    _colour(application)


def _colour(application):
    """Give all widgets the colours of the ground: what no rule of the sheet names would take those of the platform."""
    palette, role = QPalette(), QPalette.ColorRole
    for roles, colour in (
            ((role.Window, role.Button, role.AlternateBase), PANEL), ((role.Base,), GROUND), ((role.ToolTipBase,), RAISED),
            ((role.WindowText, role.Text, role.ButtonText, role.ToolTipText, role.BrightText), TEXT),
            ((role.PlaceholderText,), QUIET), ((role.Highlight, role.Accent), BARLEY), ((role.HighlightedText,), INK),
            ((role.Link, role.LinkVisited), BLUE), ((role.Light, role.Midlight), RAISED), ((role.Mid, role.Dark), LINE),
            ((role.Shadow,), DEEP)):
        for each in roles:
            palette.setColor(each, colour)
    for each in (role.WindowText, role.Text, role.ButtonText):
        palette.setColor(QPalette.ColorGroup.Disabled, each, FAINT)
    application.setPalette(palette)
    application.setStyleSheet(sheet())


def ground():
    """The ground that was chosen last, of `GROUNDS`: str."""
    kept = QSettings("softmound", "look").value("ground", "dark")
    return kept if kept in GROUNDS else "dark"


def change_ground(application):
    """Change from the dark ground to the light one, or back, and keep that for the next start.

    Parameters
    ----------
    application : QApplication
    """
    other = "dark" if ground() == "light" else "light"
    QSettings("softmound", "look").setValue("ground", other)
    put_on(other)
    _colour(application)
    for widget in application.allWidgets():
        if isinstance(widget, QAbstractButton) and widget.icon().cacheKey() in _ICONS:
            widget.setIcon(icon(*_ICONS[widget.icon().cacheKey()]))
        widget.update()


@functools.lru_cache(maxsize=64)
def text_font(pixels, weight=QFont.Weight.Normal):
    """Font of painted text, with figures of equal width.

    Parameters
    ----------
    pixels : int
    weight : QFont.Weight, optional

    Returns
    -------
    QFont
    """
    font = QFont("IBM Plex Sans")
    font.setPixelSize(pixels)
    font.setWeight(weight)
    font.setFeature(QFont.Tag("tnum"), 1)
    return font


def icon(name, colour=TEXT, size=18):
    """An icon of the shipped set.

    Parameters
    ----------
    name : str
        File name without its ending.
    colour : QColor, optional
    size : int, optional
        Pixels.

    Returns
    -------
    QIcon
    """
    source = (HERE / "icons" / f"{name}.svg").read_text()
    made = QIcon()
    for mode, tint in ((QIcon.Mode.Normal, colour), (QIcon.Mode.Disabled, FAINT)):
        renderer = QSvgRenderer(QByteArray(source.replace("currentColor", tint.name()).encode()))
        pixmap = QPixmap(size * 2, size * 2)
        pixmap.fill(Qt.GlobalColor.transparent)
        painter = QPainter(pixmap)
        renderer.render(painter, QRectF(0, 0, size * 2, size * 2))
        painter.end()
        pixmap.setDevicePixelRatio(2.0)
        made.addPixmap(pixmap, mode)
    _ICONS[made.cacheKey()] = name, colour, size
    return made


def with_alpha(colour, alpha):
    """A colour with another opacity.

    Parameters
    ----------
    colour : QColor
    alpha : int
        0 to 255.

    Returns
    -------
    QColor
    """
    made = QColor(colour)
    made.setAlpha(alpha)
    return made
