"""The time line under the picture: frames that are scrubbed by hand and played, and the keys of a number as a curve."""

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPolygonF
from PyQt6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QHBoxLayout, QLabel, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from ...core.recipe.time import TimeLine
from ...core.recipe.timing import value_at, without_key
from .. import style
from ..fields.controls import NumberField
from ..words import tr

DRIFT = ("wind", "along", "shear")
HIGH, EDGE = 46, 14
"""Pixels of the line, and of the room at its ends."""


def words_of(mound, place):
    """What a number of a mound is called, by where it stands: str.

    Parameters
    ----------
    mound : Mound
    place : tuple of str or int
    """
    part, words = mound, []
    for step in place:
        try:
            part = part[step] if isinstance(step, int) else getattr(part, step)
        except (LookupError, AttributeError):
            part = None
        if isinstance(step, int):
            named = getattr(part, "name", "")
            words[-1:] = [named or (f"{words[-1].rstrip('s')} {step + 1}" if hasattr(part, "model_fields") else
                                    f"{words[-1]} {'xyz'[step] if step < 3 else step + 1}")]
        else:
            words.append(step.replace("_", " "))
    return " · ".join(words[-2:])


class Line(QWidget):
    """The line itself.

    Signals
    -------
    moved(int, bool)
        To a frame, and True while the hand has not let go.
    """

    moved = pyqtSignal(int, bool)

    def __init__(self):
        super().__init__()
        self.setFixedHeight(HIGH)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Time line"))
        self.setToolTip(tr("Drag to another frame; arrow keys go by one."))
        self.line, self.frame, self.keyed, self.ready, self.path = TimeLine(), 1, None, set(), ()

    def show_line(self, line, frame, keyed, ready, path=()):
        """Follow.

        Parameters
        ----------
        line : TimeLine
        frame : int
        keyed : Keyed or None
            Whose curve is drawn.
        ready : set of int
            Frames that can be played at once.
        path : sequence of ViewKey, optional
            Keys of the camera, as wedges above the line.
        """
        self.line, self.frame, self.keyed, self.ready, self.path = line, frame, keyed, ready, path
        self.update()

    def x_of(self, frame):
        """Pixel of a frame: float."""
        share = (frame - self.line.first) / max(self.line.last - self.line.first, 1)
        return EDGE + share * (self.width() - 2 * EDGE)

    def frame_at(self, x):
        """Frame at a pixel: int."""
        share = (x - EDGE) / max(self.width() - 2 * EDGE, 1)
        return round(self.line.first + min(max(share, 0.0), 1.0) * (self.line.last - self.line.first))

    def mousePressEvent(self, event):
        self.moved.emit(self.frame_at(event.position().x()), True)

    def mouseMoveEvent(self, event):
        if event.buttons() & Qt.MouseButton.LeftButton:
            self.moved.emit(self.frame_at(event.position().x()), True)

    def mouseReleaseEvent(self, event):
        self.moved.emit(self.frame_at(event.position().x()), False)

    def keyPressEvent(self, event):
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1, Qt.Key.Key_PageUp: -10, Qt.Key.Key_PageDown: 10}
        if event.key() in steps:
            self.moved.emit(min(max(self.frame + steps[event.key()], self.line.first), self.line.last), False)
        elif event.key() in (Qt.Key.Key_Home, Qt.Key.Key_End):
            self.moved.emit(self.line.first if event.key() == Qt.Key.Key_Home else self.line.last, False)
        else:
            super().keyPressEvent(event)

    def paintEvent(self, _event):
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        low = self.height() - 16.0
        painter.setPen(QPen(style.LINE, 1.0))
        painter.drawLine(QPointF(EDGE, low), QPointF(self.width() - EDGE, low))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.LICHEN)
        wide = max((self.width() - 2 * EDGE) / max(self.line.count - 1, 1), 1.0)
        for frame in self.ready:
            if self.line.first <= frame <= self.line.last:
                painter.drawRect(QRectF(self.x_of(frame) - wide / 2, low - 1.5, wide, 3.0))
        self._paint_ticks(painter, low)
        if self.keyed is not None:
            self._paint_curve(painter, low)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.TEXT)
        for key in self.path:
            if self.line.first <= key.frame <= self.line.last:
                x = self.x_of(key.frame)
                painter.drawPolygon(QPolygonF([QPointF(x - 4.5, 3.0), QPointF(x + 4.5, 3.0), QPointF(x, 10.0)]))
        x = self.x_of(self.frame)
        painter.setPen(QPen(style.BARLEY, 2.0))
        painter.drawLine(QPointF(x, 3.0), QPointF(x, low + 5.0))
        if self.hasFocus():
            painter.setPen(QPen(style.BARLEY, 1.0))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 5, 5)

    def _paint_ticks(self, painter, low):
        painter.setFont(style.text_font(10))
        every = next(n for n in (1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 5000, 10_000, 100_000)
                     if self.line.count / n <= max(self.width() / 60, 2))
        first, last = self.line.first, self.line.last
        for frame in sorted({first, last, *range(first + -first % every, last + 1, every)}):
            near = frame not in (self.line.first, self.line.last) and min(
                self.x_of(frame) - self.x_of(self.line.first), self.x_of(self.line.last) - self.x_of(frame)) < 30
            x = self.x_of(frame)
            painter.setPen(QPen(style.LINE, 1.0))
            painter.drawLine(QPointF(x, low - 4.0), QPointF(x, low))
            if not near:
                painter.setPen(style.QUIET)
                painter.drawText(QRectF(x - 24, low + 1, 48, 14), Qt.AlignmentFlag.AlignCenter, str(frame))

    def _paint_curve(self, painter, low):
        # By pixels rather than frames, of which there may be many more.
        pixels = range(EDGE, max(self.width() - EDGE, EDGE + 1), 2)
        across = max(self.width() - 2 * EDGE, 1)
        values = [value_at(self.keyed, self.line.first + (x - EDGE) / across * (self.line.last - self.line.first)) for x in pixels]
        told = [*values, *(key.value for key in self.keyed.points)]
        least, most = min(told), max(told)

        def y_of(value):
            return low - 7.0 - (low - 14.0) * ((value - least) / (most - least) if most > least else 0.5)

        path = QPainterPath(QPointF(EDGE, y_of(values[0])))
        for x, value in zip(pixels, values):
            path.lineTo(x, y_of(value))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(style.BLUE, 1.5))
        painter.drawPath(path)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(style.BLUE)
        for key in self.keyed.points:
            if self.line.first <= key.frame <= self.line.last:
                painter.drawEllipse(QPointF(self.x_of(key.frame), y_of(key.value)), 3.5, 3.5)


class TimeLineBar(QWidget):
    """The line, what plays it, and its numbers; hidden where nothing moves.

    Parameters
    ----------
    document : MoundDocument
    moving : Moving
    """

    def __init__(self, document, moving):
        super().__init__()
        self.setObjectName("panel")
        self._document, self._moving = document, moving
        column = QVBoxLayout(self)
        column.setContentsMargins(10, 4, 10, 4)
        column.setSpacing(2)
        row = QHBoxLayout()
        row.setSpacing(8)
        self.play = QPushButton(tr("Play"))
        self.play.setToolTip(tr("Play from memory; frames are made first, once (Alt+P)."))
        self.play.clicked.connect(moving.play)
        self.about = QLabel()
        self.about.setMinimumWidth(140)
        self.line = Line()
        self.line.moved.connect(moving.go_to)
        row.addWidget(self.play)
        row.addWidget(self.line, 1)
        row.addWidget(self.about)
        self.film = QPushButton(tr("Film…"))
        self.film.setToolTip(tr("All frames, lit, as a film or as numbered pictures."))
        self.film.clicked.connect(moving.take_film)
        row.addWidget(self.film)
        column.addLayout(row)
        self._below = QWidget()
        below = QHBoxLayout(self._below)
        below.setContentsMargins(0, 0, 0, 0)
        below.setSpacing(8)
        self._drift = QWidget()
        drifting = QHBoxLayout(self._drift)
        drifting.setContentsMargins(0, 0, 0, 0)
        drifting.setSpacing(16)
        self.fields = {}
        for name, words, low, high, reset, unit, sentence in (
                ("first", "First", 0, 100_000, 1, "", tr("Where the line begins.")),
                ("last", "Last", 0, 100_000, 48, "", tr("Where it ends.")),
                ("rate", "Rate", 1.0, 240.0, 24.0, "/s", tr("Frames a second.")),
                ("wind", "Wind", 0.0, 200.0, 0.0, "m/s", tr("With which forms drift at the base level.")),
                ("along", tr("Blows to"), -360.0, 360.0, 90.0, "°", tr("Azimuth to which the wind blows.")),
                ("shear", "Shear", -200.0, 200.0, 0.0, "m/s", tr("So much more wind for each hundred metres of height."))):
            shown = {"rate": (12.0, 60.0), "wind": (0.0, 30.0), "shear": (-10.0, 10.0), "along": (-180.0, 180.0)}
            field = NumberField(words, low, high, reset, unit, sentence, "linear", shown.get(name, (0, 240)),
                                name in ("first", "last"))
            field.setMinimumWidth(96)
            field.changed.connect(lambda value, moving_, n=name: self._edit(n, value, moving_))
            (drifting if name in DRIFT else below).addWidget(field, 1)
            self.fields[name] = field
        self.loop = QCheckBox(tr("Loop"))
        self.loop.setToolTip(tr("What evolves by itself is after the last frame as at the first."))
        self.loop.clicked.connect(lambda on: self._edit("loop", bool(on), False))
        self.drift = QCheckBox(tr("Drift"))
        self.drift.setToolTip(tr("Let forms go with the wind: its numbers below."))
        self.drift.clicked.connect(lambda on: self._drift.setVisible(on))
        self.camera = QCheckBox(tr("Camera"))
        self.camera.setToolTip(tr("Let the camera move: keys of the view, or a flight that is recorded."))
        self.camera.clicked.connect(lambda on: self._camera.setVisible(on))
        self.which = QComboBox()
        self.which.setAccessibleName(tr("Keyed number"))
        self.which.setToolTip(tr("Numbers that have keys; the curve of the chosen one is drawn."))
        self.which.setMinimumWidth(100)
        self.which.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.which.activated.connect(lambda _: self.follow())
        self.key, self.unkey = QPushButton(tr("Key")), QPushButton(tr("Remove key"))
        self.key.clicked.connect(document.key)
        self.unkey.setToolTip(tr("Take away the key at this frame; where there is none, all keys of the number."))
        self.unkey.clicked.connect(self._unkey)
        for widget in (self.loop, self.drift, self.camera, self.which, self.key, self.unkey):
            below.addWidget(widget)
        column.addWidget(self._below)
        column.addWidget(self._drift)
        self._drift.hide()
        column.addWidget(self._camera_row())
        self._growth = QWidget()
        grown = QHBoxLayout(self._growth)
        grown.setContentsMargins(0, 0, 0, 0)
        self.freeze, self.write = QPushButton(tr("Freeze this frame")), QPushButton(tr("Write OpenVDB…"))
        self.asset = QPushButton(tr("Make an asset"))
        self.asset.setToolTip(tr("Take all frames into the library as a sequence, refined twofold."))
        self.asset.clicked.connect(moving.publish)
        self.leave = QPushButton(tr("Back to the mound"))
        self.freeze.setObjectName("main")
        self.freeze.setToolTip(tr("Make it the form of the mound, refined by detail that rides on its flow."))
        self.freeze.clicked.connect(lambda: moving.freeze())
        self.write.setToolTip(tr("All frames, numbered, with velocity in m/s."))
        self.write.clicked.connect(self._ask_folder)
        self.leave.setToolTip(tr("Look at the mound itself again; the frames stay (Ctrl+L does so as well)."))
        self.leave.clicked.connect(moving.let_go)
        for widget in (self.freeze, self.asset, self.write, self.leave):
            grown.addWidget(widget)
        grown.addStretch()
        column.addWidget(self._growth)
        moving.changed.connect(self.follow)
        self.hide()

    def _camera_row(self):
        self._camera, document, recording = QWidget(), self._document, self._moving.recording
        row = QHBoxLayout(self._camera)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(8)
        self.view_keys = QLabel()
        self.view_keys.setObjectName("quiet")
        self.view_keys.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)  # it may be cut off
        self.key_view, self.unkey_view = QPushButton(tr("Key the view")), QPushButton(tr("Remove key"))
        self.key_view.setToolTip(tr("The camera is at this frame where it is now (Shift+V); between keys it goes on smoothly."))
        self.key_view.clicked.connect(lambda: document.key_view(self._moving.frame))
        self.unkey_view.setToolTip(tr("Take away the key of the camera at this frame; where there is none, all of them."))
        self.unkey_view.clicked.connect(lambda: document.unkey_view(self._moving.frame))
        self.record = QPushButton(tr("Record a flight"))
        self.record.setToolTip(tr("Fly from this frame on, in real time; landing makes keys of it (Shift+F)."))
        self.record.clicked.connect(recording.toggle)
        self.along = QCheckBox(tr("Look along it"))
        self.along.setToolTip(tr("Frames that are gone to, played and filmed are seen from the camera path, else from here."))
        self.along.clicked.connect(self._look_along)
        for widget in (self.key_view, self.unkey_view, self.record, self.along):
            row.addWidget(widget)
        row.addWidget(self.view_keys, 1)
        recording.changed.connect(self.follow)
        self._camera.hide()
        return self._camera

    def _look_along(self, on):
        self._document.follows = bool(on)
        self._moving.changed.emit()

    def _follow_camera(self):
        path, recording = self._document.mound.path, self._moving.recording
        self._camera.setVisible(self.camera.isChecked() or bool(path) or recording.on)
        self.camera.setChecked(self._camera.isVisibleTo(self))
        self.camera.setEnabled(not path)
        self.unkey_view.setVisible(bool(path))
        self.along.setVisible(bool(path))
        self.along.setChecked(self._document.follows)
        self.record.setText(tr("Land and keep it") if recording.on else tr("Record a flight"))
        here = any(key.frame == self._moving.frame for key in path)
        if recording.on:
            said = tr("Flying, from frame {} on.").format(self._moving.frame)
        elif path:
            said = (tr("{} keys of the camera, one of them here") if here else tr("{} keys of the camera")).format(len(path))
        else:
            said = tr("The camera stands still: go to a frame, choose a view, and key it.")
        self.view_keys.setText(said)

    def _edit(self, name, value, moving):
        if self._document.mound.time is None:
            return
        value = int(round(value)) if name in ("first", "last") else value

        def change(mound):
            line = mound.time
            # The end that is not dragged gives way.
            other = {"first": {"last": max(line.last, value)}, "last": {"first": min(line.first, value)}}.get(name, {})
            return mound.edited(time=line.edited(**{name: value, **other}))

        self._document.apply(tr("time line"), change, moving)

    def _keyed(self):
        keyed = self._document.mound.keyed
        at = self.which.currentIndex()
        return keyed[at] if 0 <= at < len(keyed) else None

    def _unkey(self):
        keyed, frame = self._keyed(), self._document.frame
        if keyed is not None:
            here = any(key.frame == frame for key in keyed.points)
            self._document.apply(tr("remove key"), lambda mound: without_key(mound, keyed.place, frame if here else None))

    def _ask_folder(self):
        folder = QFileDialog.getExistingDirectory(self, tr("Write the frames into"))
        if folder:
            self._moving.write(folder)

    def follow(self):
        """Follow the mound, what of it has keys, and what can be played."""
        line, mound, moving = self._moving.line, self._document.mound, self._moving
        growing = moving.grown is not None
        self.setVisible(line is not None)
        self._below.setVisible(not growing)
        self._drift.setVisible(not growing and self.drift.isChecked())
        self._growth.setVisible(growing)
        if line is None:
            return
        names = [words_of(mound, keyed.place) for keyed in mound.keyed]
        if [self.which.itemText(n) for n in range(self.which.count())] != names:
            newest = len(names) > self.which.count()
            at = len(names) - 1 if newest else min(max(self.which.currentIndex(), 0), len(names) - 1)
            self.which.clear()
            self.which.addItems(names)
            self.which.setCurrentIndex(at)
        self.which.setVisible(bool(names))
        self.unkey.setVisible(bool(names))
        for name, field in self.fields.items():
            field.set(getattr(line, name))
        self.loop.setChecked(line.loop)
        last = self._document.changed_last
        said = tr("Give {} a key at this frame (Shift+K).").format(words_of(mound, last[0][0])) if last else (
            tr("Change a number first: this gives it a key at this frame (Shift+K)."))
        self.key.setToolTip(said)
        self.key.setEnabled(bool(last))
        self.play.setText(tr("Stop") if moving.playing else tr("Play"))
        seconds = (moving.frame - line.first) / line.rate
        self.about.setText(tr("{}frame {}, {:.2f} s").format("growth, " if growing else "", moving.frame, seconds))
        ready = moving.kept if not growing else set(moving.growth_frames)
        self._follow_camera()
        self.line.show_line(line, moving.frame, None if growing else self._keyed(), ready, mound.path)
