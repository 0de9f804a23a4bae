"""Performs the lessons in the real window, and takes the picture of each step and the mound each ends in.

    .venv/bin/python -m docs.take_lessons [NAME …]
"""

import os
import sys
import tempfile
import time

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

from PIL import Image

from bench.desk import opened
from docs.lessons import Hands, lessons, steps_of
from docs.make_manual import WIDE
from softmound.core.recipe import write_mound
from softmound.desk.help.pages import MOUNDS, PICTURES

SIZE = (1280, 800)
REST, LONG = 14.0, 45.0
"""Seconds that a picture is given to sharpen; of True light."""
MOST = 200_000
"""Bytes of a mound that is shipped."""


def main(names=()):
    """Take all lessons, or some.

    Parameters
    ----------
    names : sequence of str, optional
    """
    for folder in (PICTURES, MOUNDS):
        folder.mkdir(parents=True, exist_ok=True)
    with opened(None) as (application, window), tempfile.TemporaryDirectory() as work:
        window.resize(*SIZE)
        hands = Hands(window, work)

        def rest():
            begun, last = time.monotonic(), LONG if window.looking.way == "true" else REST
            while time.monotonic() < begun + last and not (time.monotonic() > begun + 2.0 and window.looking.painter.idle):
                application.processEvents()
                time.sleep(0.005)

        for name in names or lessons():
            window.document.history.saved(window.document.path)
            window.looking.look("draft")
            window.open_station("Mass")
            for number, step in enumerate(steps_of(name), 1):
                hands.perform(step)
                rest()
                window.status.said.setText("")
                application.processEvents()
                shot = os.path.join(work, "shot.png")
                window.grab().save(shot)
                with Image.open(shot) as image:
                    small = image.convert("RGB").resize((WIDE, round(WIDE * SIZE[1] / SIZE[0])), Image.Resampling.LANCZOS)
                small.save(PICTURES / f"lesson-{name[:2]}-{number}.jpg", quality=84, optimize=True)
                # What is frozen holds a grid: such a lesson begins with its mound.
                path = os.path.join(work, "lesson.mound")
                write_mound(path, window.document.mound.edited(snapshots=(), references=()))
                if os.path.getsize(path) < MOST:
                    write_mound(MOUNDS / f"{name}.mound", window.document.mound.edited(snapshots=(), references=()))
                window.document.history.saved(window.document.path)
            print(name, flush=True)
            window.moving.let_go()
            if window.document.mound.time is not None:
                window.time()


if __name__ == "__main__":
    main(sys.argv[1:])
