"""A newcomer's first cloud: from an empty window to a published version in twelve gestures, and how long one waits for each."""

import time

from bench.desk import opened, until
from bench.figure import Figure, at_most

VOXEL = 1.2
"""Of the published cloud, 300 m across, metres."""


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    from PyQt6.QtCore import QTimer
    from PyQt6.QtWidgets import QAbstractButton, QApplication

    from softmound.core.starts.species import STARTS
    from softmound.desk.dialogs.wall_dialog import WallDialog

    with opened(None) as (application, window):
        waits, made = {}, []

        def did(what, gesture):
            made.append(what)
            return gesture()

        def waited(what, begun, condition, limit=120):
            until(application, condition, limit)
            waits[what] = time.perf_counter() - begun

        def rested():
            looking = window.looking
            return looking._shown == looking.newest and looking.grid is not None

        def act():
            wall = QApplication.activeModalWidget()
            assert isinstance(wall, WallDialog)
            did("choose a start", lambda: wall.list.setCurrentRow(list(STARTS).index("humilis")))
            did("lean it", lambda: wall.fields["lean"].changed.emit(0.3, False))
            did("roll again", wall.roll)
            did("type its span", lambda: wall.span.set(300.0))
            waited("the wall's first picture after another roll", begun, lambda: wall._parts)
            did("take it", wall.take.click)

        window.looking.painter.sharpens = False
        begun = first = time.perf_counter()
        QTimer.singleShot(0, act)
        did("new", window.files.choose_new)
        taken = time.perf_counter()
        waited("the first lit picture of what was taken", taken, rested)
        did("to Light", lambda: window.open_station("Light"))
        begun = time.perf_counter()
        did("take a situation", window.stations["Light"].tray.pages.widget(0).findChildren(QAbstractButton)[0].click)
        waited("the picture under another light", begun, rested)
        begun = time.perf_counter()

        def publish():
            dialog = QApplication.activeModalWidget()
            did("type the final voxel", lambda: dialog.voxel.set(VOXEL))
            did("publish it", dialog.accept)

        QTimer.singleShot(0, publish)
        did("publish", window.top_bar.publish.click)
        library = window.stations["Library"]
        waited(f"building at {VOXEL:g} m and publishing", begun, lambda: library.versions, 600)
        did("to Library", lambda: window.open_station("Library"))
        total = time.perf_counter() - first
    for what, seconds in waits.items():
        yield Figure(f"waiting for {what}", seconds, "s")
    yield Figure("an empty window to a published cloud, all waiting", total, "s")
    yield at_most("gestures from an empty window to a published cloud", len(made), "", 12)
