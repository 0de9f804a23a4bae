"""For everyone: names of all that can be reached, the keyboard alone, contrast by pixels, windows of every size and scale."""

import json
import os
import pathlib
import subprocess
import sys

import numpy as np
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtGui import QColor, QImage
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import (
    QAbstractButton,
    QAbstractItemView,
    QAbstractSlider,
    QApplication,
    QComboBox,
    QLabel,
    QLineEdit,
    QScrollArea,
    QStackedWidget,
    QWidget,
)

from softmound.core.recipe.time import TimeLine
from softmound.desk import style
from softmound.desk.fields.controls import NumberField
from tests.desk import DeskTest
from tests.long import long
from tests.scenes import lumpy_mound

ROOT = pathlib.Path(__file__).resolve().parents[1]


def luminance(colours):
    """Relative luminance of colours (WCAG 2.1, section 1.4.3)."""
    parts = np.array(colours, float)[..., :3] / 255.0
    parts = np.where(parts <= 0.04045, parts / 12.92, ((parts + 0.055) / 1.055) ** 2.4)
    return parts @ [0.2126, 0.7152, 0.0722]


def contrast(a, b):
    """Contrast of two colours, or of some to one, 1 to 21 (WCAG 2.1, section 1.4.3)."""
    a, b = luminance(a), luminance(b)
    return (np.maximum(a, b) + 0.05) / (np.minimum(a, b) + 0.05)


def words_of(widget):
    """What is written on a widget: str."""
    text = getattr(widget, "text", None)
    return text() if callable(text) else ""


def colours_of(widget, whole):
    """The ground of a widget as it is painted in the whole window, and the colour in it that stands out most from that."""
    window = widget.window()
    corner = widget.mapTo(window, widget.rect().topLeft())
    image = whole.copy(widget.rect().translated(corner)).convertToFormat(QImage.Format.Format_RGBA8888)
    pixels = np.frombuffer(image.constBits().asstring(image.sizeInBytes()), np.uint8)
    pixels = pixels.reshape(image.height(), image.bytesPerLine() // 4, 4)[:, : image.width(), :3].astype(np.uint32)
    packed, counts = np.unique(pixels @ np.array([65536, 256, 1], np.uint32), return_counts=True)
    values = np.stack([packed >> 16, packed >> 8 & 255, packed & 255], axis=-1)
    ground = values[counts.argmax()]
    return ground, values[contrast(values, ground).argmax()]


class Names(DeskTest):
    def reachable(self):
        """All widgets that can be seen and reached now."""
        for name in self.window.stations:
            self.window.open_station(name)
            self.application.processEvents()
            for widget in self.window.findChildren(QWidget):
                if widget.isVisible() and widget.focusPolicy() != Qt.FocusPolicy.NoFocus:
                    yield name, widget

    def test_all_that_can_be_reached_has_a_name(self):
        self.window.document.open(lumpy_mound().edited(time=TimeLine()))
        missing = set()
        for station, widget in self.reachable():
            if isinstance(widget, (QScrollArea, QStackedWidget, QAbstractSlider)) or isinstance(widget.parent(), QAbstractItemView):
                continue
            words = widget.accessibleName() or (words_of(widget) if not isinstance(widget, NumberField) else "")
            if isinstance(widget, (QAbstractButton, QLineEdit, QComboBox, NumberField)) and not words and not widget.toolTip():
                missing.add((station, type(widget).__name__, widget.objectName()))
        self.assertEqual(missing, set())
        self.rest()

    def test_numbers_say_their_value_and_what_they_are(self):
        self.window.open_station("Light")
        for field in self.window.station.settings.findChildren(NumberField)[:12]:
            self.assertTrue(field.accessibleName())
            self.assertTrue(field.accessibleDescription() or field.toolTip(), field.accessibleName())
        self.rest()

    def test_the_keyboard_reaches_every_number_of_a_station(self):
        self.window.open_station("Voxels")
        self.application.processEvents()
        panel = self.window.station.settings
        wanted = {f for f in panel.findChildren(NumberField) if f.isVisible() and f.isEnabled()}
        panel.setFocus()
        reached = set()
        for _ in range(400):
            QTest.keyClick(QApplication.focusWidget() or panel, Qt.Key.Key_Tab)
            reached.add(QApplication.focusWidget())
            if wanted <= reached:
                break
        self.assertLessEqual(wanted, reached)
        self.rest()

    def test_the_time_line_needs_no_mouse(self):
        self.window.document.open(lumpy_mound().edited(time=TimeLine(last=30)))
        line = self.window.time_line.line
        line.setFocus()
        for key, frame in ((Qt.Key.Key_Right, 2), (Qt.Key.Key_PageDown, 12), (Qt.Key.Key_Left, 11), (Qt.Key.Key_PageUp, 1),
                           (Qt.Key.Key_End, 30), (Qt.Key.Key_Home, 1)):
            QTest.keyClick(line, key)
            self.assertEqual(self.window.document.frame, frame)
        self.rest()


class Contrast(DeskTest):
    def test_the_colours_of_words_stand_out_from_their_grounds(self):
        self.addCleanup(style.put_on, "dark")
        for name in style.GROUNDS:
            style.put_on(name)
            self.words_stand_out()

    def words_stand_out(self):
        for ground in (style.GROUND, style.PANEL):
            for ink, least in ((style.TEXT, 7.0), (style.QUIET, 4.5), (style.BARLEY, 4.5), (style.LICHEN, 4.5), (style.ROSE, 4.5),
                               (style.BLUE, 4.5)):
                self.assertGreater(contrast(ink.getRgb(), ground.getRgb()), least)
        self.assertGreater(contrast(style.INK.getRgb(), style.BARLEY.getRgb()), 4.5)
        self.assertAlmostEqual(contrast((255, 255, 255), (0, 0, 0)), 21.0)

    def test_labels_and_buttons_as_they_are_painted(self):
        self.painted_words_stand_out()

    def test_the_light_ground_is_put_on_at_once_kept_and_taken_off(self):
        button = self.window.stations["Grain"].tray.copy
        dark, known = self.window.grab().toImage(), button.icon().cacheKey()
        self.window.actions_["ground"].trigger()
        self.addCleanup(lambda: style.ground() == "dark" or style.change_ground(self.application))
        self.assertEqual(style.ground(), "light")
        at = self.window.panels.mapTo(self.window, self.window.panels.rect().center()).x(), self.window.height() - 60
        self.assertGreater(self.window.grab().toImage().pixelColor(*at).lightness(), dark.pixelColor(*at).lightness() + 100)
        self.assertNotEqual(button.icon().cacheKey(), known)  # drawn anew in the other colour
        inks = [button.icon().pixmap(18).toImage().pixelColor(x, y) for x in range(18) for y in range(18)]
        self.assertLess(min(c.lightness() for c in inks if c.alpha() > 200), 80)
        self.painted_words_stand_out()
        self.window.actions_["ground"].trigger()
        self.assertEqual(style.TEXT.name(), style.GROUNDS["dark"]["TEXT"])

    def painted_words_stand_out(self):
        self.window.document.open(lumpy_mound().edited(time=TimeLine()))
        for station in ("Mass", "Light", "Formation"):
            self.window.open_station(station)
            self.rest()
            seen = [w for w in self.window.findChildren(QWidget)
                    if isinstance(w, (QLabel, QAbstractButton)) and w.isVisible() and w.isEnabled()
                    and words_of(w).strip() and w.width() > 20 and w.height() > 10
                    and not self.window.picture.isAncestorOf(w) and not w.visibleRegion().isEmpty()]
            self.assertGreater(len(seen), 10)
            whole = self.window.grab().toImage()
            for widget in seen[:40]:
                if widget.visibleRegion().boundingRect() != widget.rect():
                    continue  # scrolled half away
                ground, ink = colours_of(widget, whole)
                # Edges of letters are blended, so that small ones do not quite reach the colour that they are given.
                self.assertGreater(contrast(ink, ground), 4.0, f"{station}: {widget.text()!r}")


class Sizes(DeskTest):
    def test_nothing_is_pushed_out_at_any_size(self):
        self.window.document.open(lumpy_mound().edited(time=TimeLine()))
        for wide, high in ((1280, 800), (1920, 1080), (3840, 2160), (1280, 800)):
            self.window.resize(wide, high)
            for station in self.window.stations:
                self.window.open_station(station)
                self.application.processEvents()
                self.application.sendPostedEvents(None, QEvent.Type.LayoutRequest)
                self.application.processEvents()
                self.assertEqual((self.window.width(), self.window.height()), (wide, high), station)
                self.assertGreater(self.window.picture.height(), 0.35 * high)
                self.assertGreater(self.window.picture.width(), 0.5 * wide)
                self.assertLessEqual(self.window.panels.geometry().right(), self.window.width())
        self.rest()

    @long
    def test_larger_interfaces_open_as_well(self):
        code = (
            "import json, sys; from PyQt6.QtWidgets import QApplication; from softmound.desk.style import dress; "
            "from softmound.desk.shell.window import Window; import pathlib, tempfile; "
            "application = QApplication([]); dress(application); window = Window(pathlib.Path(tempfile.mkdtemp())); window.show(); "
            "application.processEvents(); picture = window.picture; "
            "print(json.dumps([window.devicePixelRatioF(), picture.width(), window.width(), list(picture.pixel_size())])); "
            "window.document.history.saved(window.document.path); window.close()")
        for scale in ("1.5", "2"):
            environment = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "QT_SCALE_FACTOR": scale, "PYTHONPATH": str(ROOT),
                           "XDG_DATA_HOME": str(self.folder), "XDG_STATE_HOME": str(self.folder)}
            done = subprocess.run([sys.executable, "-c", code], capture_output=True, text=True, env=environment, cwd=ROOT,
                                  timeout=120)
            self.assertEqual(done.returncode, 0, done.stderr[-800:])
            ratio, wide, whole, pixels = json.loads(done.stdout.strip().splitlines()[-1])
            self.assertEqual((ratio, whole), (float(scale), 1280))
            self.assertGreater(wide, 600)
            self.assertGreaterEqual(pixels[0], wide)  # the picture has the screen's own pixels


class Colours(DeskTest):
    def test_state_is_told_by_more_than_colour(self):
        # Fresh, computing and out of date differ in shape as well: a full dot, a ring.
        self.window.document.open(lumpy_mound())
        self.rest()
        tile = self.window.strip.tiles["Mass"]
        from softmound.desk.shell.strip import COMPUTING, FRESH

        pictures = []
        for state in (FRESH, COMPUTING):
            tile.show_state(state)
            image = tile.grab().toImage()
            grey = np.array([[QColor(image.pixel(x, y)).lightness() for x in range(image.width() - 24, image.width())]
                             for y in range(image.height() - 26, image.height())])
            pictures.append(grey > grey.mean())
        self.assertGreater((pictures[0] != pictures[1]).sum(), 4)
