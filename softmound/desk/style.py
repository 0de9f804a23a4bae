"""Colours, fonts, icons and the style sheet."""

import pathlib

from PyQt6.QtCore import QByteArray, QRectF, Qt
from PyQt6.QtGui import QColor, QFont, QFontDatabase, QIcon, QPainter, QPixmap
from PyQt6.QtSvg import QSvgRenderer

HERE = pathlib.Path(__file__).parent

GROUND = QColor("#22262a")
PANEL = QColor("#2a2f33")
RAISED = QColor("#343a3f")
LINE = QColor("#41484e")
TEXT = QColor("#e8e4da")
QUIET = QColor("#a3abb0")
BARLEY = QColor("#dcb765")
LICHEN = QColor("#8fb996")
ROSE = QColor("#cf8079")
BLUE = QColor("#8fb4d6")
INK = QColor("#23262a")

SHEET = f"""
* {{ color: {TEXT.name()}; font-size: 13px; }}
QMainWindow, QWidget#ground {{ background: {GROUND.name()}; }}
QWidget#card {{ background: {GROUND.name()}; border: 1px solid {BARLEY.name()}; border-radius: 8px; }}
QWidget#panel, QScrollArea#panel, QWidget#panel > QWidget#inside {{ background: {PANEL.name()}; border: none; }}
QWidget#bar {{ background: {PANEL.name()}; }}
QWidget#status {{ background: #1d2124; }}
QLabel {{ background: transparent; }}
QLabel#title {{ font-size: 16px; font-weight: 500; }}
QLabel#section {{ font-size: 13px; font-weight: 600; padding-top: 8px; }}
QLabel#quiet {{ color: {QUIET.name()}; }}
QLabel#trouble {{ color: {ROSE.name()}; }}
QPushButton, QToolButton {{ background: {RAISED.name()}; border: 1px solid transparent;
    border-radius: 6px; padding: 6px 12px; }}
QToolButton {{ padding: 5px; }}
QPushButton:hover, QToolButton:hover {{ background: #3d444a; }}
QPushButton:pressed, QToolButton:pressed {{ background: #2f353a; }}
QPushButton:focus, QToolButton:focus {{ border-color: {BARLEY.name()}; }}
QPushButton:disabled, QToolButton:disabled {{ color: #737b80; background: #2e3338; }}
QPushButton:checked, QToolButton:checked {{ background: {BARLEY.name()}; color: {INK.name()}; }}
QPushButton#main {{ background: {BARLEY.name()}; color: {INK.name()}; font-weight: 500; }}
QPushButton#main:hover {{ background: #e7c67d; }}
QPushButton#main:focus {{ border-color: {TEXT.name()}; }}
QPushButton#main:disabled {{ background: #6d6248; color: #2a2a28; }}
QToolButton::menu-indicator {{ image: none; }}
QLineEdit {{ background: {GROUND.name()}; border: 1px solid {LINE.name()}; border-radius: 6px;
    padding: 4px 8px; selection-background-color: {BARLEY.name()}; selection-color: {INK.name()}; }}
QLineEdit:focus {{ border-color: {BARLEY.name()}; }}
QMenu {{ background: {RAISED.name()}; border: 1px solid {LINE.name()}; border-radius: 6px; padding: 6px; }}
QMenu::item {{ padding: 6px 26px 6px 14px; border-radius: 4px; }}
QMenu::item:selected {{ background: #464e55; }}
QMenu::item:disabled {{ color: #7d858a; }}
QMenu::separator {{ height: 1px; background: {LINE.name()}; margin: 5px 8px; }}
QToolTip {{ background: {RAISED.name()}; color: {TEXT.name()}; border: 1px solid {LINE.name()};
    padding: 5px 8px; }}
QScrollBar:vertical {{ background: transparent; width: 10px; margin: 2px; }}
QScrollBar:horizontal {{ background: transparent; height: 10px; margin: 2px; }}
QScrollBar::handle {{ background: #4a5258; border-radius: 3px; min-width: 24px; min-height: 24px; }}
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page {{
    background: none; width: 0; height: 0; }}
QListView {{ background: transparent; border: none; outline: none; selection-background-color: {BARLEY.name()}; }}
QListView::item:selected {{ background: {BARLEY.name()}; color: {INK.name()}; border-radius: 6px; }}
QDialog, QMessageBox, QFileDialog, QColorDialog {{ background: {PANEL.name()}; }}
QCheckBox {{ spacing: 8px; background: transparent; }}
QCheckBox::indicator {{ width: 16px; height: 16px; border-radius: 4px; border: 1px solid #5a6269;
    background: {GROUND.name()}; }}
QCheckBox::indicator:checked {{ background: {BARLEY.name()}; border-color: {BARLEY.name()};
    image: url({(HERE / "icons" / "check-ink.svg").as_posix()}); }}
QCheckBox::indicator:focus {{ border-color: {TEXT.name()}; }}
QComboBox {{ background: {GROUND.name()}; color: {TEXT.name()}; border: 1px solid #454c52; border-radius: 6px;
    padding: 3px 8px; min-height: 18px; }}
QComboBox:focus {{ border-color: {TEXT.name()}; }}
QComboBox::drop-down {{ border: none; width: 18px; }}
QComboBox::down-arrow {{ image: url({(HERE / "icons" / "chevron-down.svg").as_posix()}); width: 12px; height: 12px; }}
QComboBox QAbstractItemView {{ background: {GROUND.name()}; color: {TEXT.name()}; border: 1px solid #454c52;
    selection-background-color: {BARLEY.name()}; selection-color: #22262a; outline: none; }}
QProgressBar {{ background: #343a3f; border: none; border-radius: 4px; max-height: 8px; }}
QProgressBar::chunk {{ background: {LICHEN.name()}; border-radius: 4px; }}
"""


def dress(application):
    """Give the application its font and style.

    Parameters
    ----------
    application : QApplication
    """
    for file in sorted((HERE / "fonts").glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(file))
    font = QFont("IBM Plex Sans")
    font.setPixelSize(13)
    font.setFeature(QFont.Tag("tnum"), 1)
    application.setFont(font)
    application.setStyle("Fusion")
    application.setStyleSheet(SHEET)


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
    for mode, tint in ((QIcon.Mode.Normal, colour), (QIcon.Mode.Disabled, QColor("#737b80"))):
        renderer = QSvgRenderer(QByteArray(source.replace("currentColor", tint.name()).encode()))
        pixmap = QPixmap(size * 2, size * 2)
        pixmap.fill(Qt.GlobalColor.transparent)
        painter = QPainter(pixmap)
        renderer.render(painter, QRectF(0, 0, size * 2, size * 2))
        painter.end()
        pixmap.setDevicePixelRatio(2.0)
        made.addPixmap(pixmap, mode)
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
