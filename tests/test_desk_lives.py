"""What becomes of windows, dialogs, threads and pictures when they end; and what is written down when something goes wrong."""

import contextlib
import faulthandler
import gc
import io
import logging
import os
import pathlib
import signal
import subprocess
import sys
import tempfile
import threading
import time
import unittest

import numpy as np
from PyQt6 import sip
from PyQt6.QtCore import QTimer
from PyQt6.QtGui import QImage
from PyQt6.QtWidgets import QApplication, QDialog

from softmound.core.held import MARK, Held, abandoned, is_held, sweep, working_folder
from softmound.desk.dialogs.asking import asking
from softmound.desk.documents.recovery import keep_going, welcome_back
from softmound.desk.shell.window import Window
from softmound.desk.view.comparing import STRONGER, Comparison, Side
from softmound.desk.view.pixels import pixels_of
from softmound.desk.work.relay import Relay
from softmound.logbook import LAST, Actions, Session, report, say_on_stderr
from tests.desk import _KEPT, FAULTS, DeskTest, application
from tests.long import long
from tests.scenes import lumpy_mound

ROOT = pathlib.Path(__file__).parent.parent
TIMES = 50
DIALOGS = ("resize", "export", "export_mesh", "pictures", "keys")
"""Actions that open one."""


class Lives(DeskTest):
    @long
    def test_everything_opened_fifty_times_while_pictures_are_painted(self):
        collecting = _KEPT[1]
        collecting.eager = True
        self.addCleanup(setattr, collecting, "eager", False)
        opened = []

        def leave():
            dialog = QApplication.activeModalWidget()
            if dialog is not None:
                opened.append(type(dialog).__name__)
                dialog.reject()

        leaving = QTimer()
        leaving.timeout.connect(leave)
        leaving.start(3)
        threads = threading.active_count()
        for n in range(TIMES):
            # A new picture is always under way, in its own thread, while something of the interface is destroyed.
            self.window.document.look(self.window.document.mound.view.edited(azimuth=float(n)))
            for name in DIALOGS:
                self.window.actions_[name].trigger()
                collecting.collect()
            if n % 10 == 0:
                self.window.stations["Grain"].show_siblings()
            self.application.processEvents()
        self.assertGreaterEqual(len(opened), TIMES * len(DIALOGS))
        self.assertEqual([w for w in QApplication.topLevelWidgets() if isinstance(w, QDialog)], [])
        self.close(self.window)
        for _ in range(TIMES):
            window = Window(self.folder / "library")
            window.document.open(self.mound)
            window.show()
            self.application.processEvents()
            self.close(window)
            del window
            collecting.collect()
        leaving.stop()
        self.assertEqual([o for o in gc.get_objects() if isinstance(o, (Window, QDialog)) and not sip.isdeleted(o)], [])
        self.until(lambda: threading.active_count() <= threads)

    def test_a_closed_window_is_destroyed_and_ends_its_threads(self):
        window, painter = self.window, self.window.looking.painter
        self.close(window)
        self.assertTrue(sip.isdeleted(window))
        self.assertFalse(painter._thread.is_alive())

    def test_nothing_is_collected_in_other_threads(self):
        self.assertFalse(gc.isenabled())
        went = []

        class Ring:
            def __init__(self):
                self.ring = self

            def __del__(self):
                went.append(threading.current_thread())

        def litter():
            for _ in range(20_000):
                Ring()

        thread = threading.Thread(target=litter)
        thread.start()
        thread.join()
        self.assertEqual(went, [])
        self.until(lambda: len(went) == 20_000)
        self.assertEqual(set(went), {threading.main_thread()})

    def test_a_dialog_is_gone_with_its_question(self):
        with asking(QDialog(self.window)) as dialog:
            pass
        self.assertTrue(sip.isdeleted(dialog))

    def test_what_nobody_met_is_written_down_and_said(self):
        with self.assertLogs("softmound", logging.CRITICAL) as heard:
            try:
                raise ZeroDivisionError("made for this")
            except ZeroDivisionError as error:
                keep_going(self.window, type(error), error, error.__traceback__)
        FAULTS.clear()
        self.assertIn("made for this", heard.output[0] + str(heard.records[0].exc_info[1]))
        self.assertIn("written to the log", self.window.status.said.text())

    def test_the_next_start_says_that_the_last_one_crashed(self):
        asked = self.answer("Go on")
        with tempfile.TemporaryDirectory() as name:
            (pathlib.Path(name) / "dead.running").write_text("Fatal Python error: Segmentation fault")
            session = Session(name)
            self.assertEqual(session.crashed, ["Fatal Python error: Segmentation fault"])
            welcome_back(self.window, session)
            session.end()
            self.assertIn("Segmentation fault", session.log.read_text())
        faulthandler.enable()
        self.assertIn("crashed last time", asked[0])


class Told(unittest.TestCase):
    def setUp(self):
        self.application = application()

    def spoken(self, relay, slot):
        thread = threading.Thread(target=relay.to(slot), args=(1, "two"))
        thread.start()
        thread.join()

    def test_a_relay_brings_words_to_the_interface(self):
        heard, relay = [], Relay()
        self.spoken(relay, lambda *said: heard.append((said, threading.current_thread())))
        self.assertEqual(heard, [])
        self.application.processEvents()
        self.assertEqual(heard, [((1, "two"), threading.main_thread())])

    def test_a_closed_relay_brings_nothing_not_even_what_was_on_its_way(self):
        heard, relay = [], Relay()
        self.spoken(relay, lambda *said: heard.append(said))
        relay.close()
        self.spoken(relay, lambda *said: heard.append(said))
        self.application.processEvents()
        self.assertEqual(heard, [])

    def test_pixels_outlive_their_image(self):
        dice = np.random.default_rng(4)
        wanted = dice.integers(0, 256, (61, 83, 3), dtype=np.uint8)
        for _ in range(20):
            image = QImage(wanted.tobytes(), 83, 61, 3 * 83, QImage.Format.Format_RGB888).copy()
            got = pixels_of(image)
            del image
            QImage(83, 61, QImage.Format.Format_RGB888).fill(0)
            np.testing.assert_array_equal(got, wanted)

    def test_a_difference_is_that_of_the_pixels(self):
        dice = np.random.default_rng(5)
        one, other = (dice.integers(0, 256, (300, 400, 3), dtype=np.uint8) for _ in range(2))
        images = [QImage(p.tobytes(), 400, 300, 1200, QImage.Format.Format_RGB888).copy() for p in (one, other)]
        comparison = Comparison(Side("a", images[0]), Side("b", images[1]), "difference")
        got = pixels_of(comparison._difference(*images)).astype(float)
        wanted = np.clip(128.0 + STRONGER * (other.astype(float) - one), 0, 255)
        self.assertLessEqual(np.abs(got - wanted).max(), 1.0)


class Writing(unittest.TestCase):
    def test_actions_are_remembered_each_once_while_it_goes_on(self):
        actions = Actions()
        for n in range(LAST + 5):
            actions.note(f"move {n}")
            actions.note(f"move {n}")
        self.assertEqual(actions.last(), [f"move {n}" for n in range(5, LAST + 5)])

    def test_a_session_that_is_killed_is_known_to_the_next(self):
        script = ("import sys, os, signal\n"
                  "from softmound.logbook import Session, actions, report\n"
                  "session = Session(sys.argv[1])\n"
                  "actions.note('move blob')\n"
                  "try:\n    1 / 0\nexcept ZeroDivisionError:\n    report(*sys.exc_info())\n"
                  "os.kill(os.getpid(), getattr(signal, sys.argv[2])) if sys.argv[2] != 'end' else session.end()\n")
        for how, crashed in (("SIGSEGV", "Segmentation fault"), ("SIGKILL", ""), ("end", None)):
            with tempfile.TemporaryDirectory() as name:
                subprocess.run([sys.executable, "-c", script, name, how], cwd=ROOT, timeout=60, stderr=subprocess.DEVNULL)
                session = Session(name)
                session.end()
                text = session.log.read_text()
            faulthandler.enable()
            self.assertEqual(len(session.crashed), 0 if crashed is None else 1, how)
            if crashed is not None:
                self.assertIn(crashed, session.crashed[0])
            for words in ("did: move blob", "ZeroDivisionError", "last done: move blob", "Python 3"):
                self.assertIn(words, text)

    def test_without_a_place_to_write_the_work_goes_on(self):
        with tempfile.NamedTemporaryFile() as file:
            session = Session(pathlib.Path(file.name) / "log")
            session.end()
            self.assertFalse(session.log.exists())

    def test_a_terminal_is_told_once_and_no_more_than_it_asked_for(self):
        logger = logging.getLogger("softmound")
        for verbose, wanted in ((False, ["softmound: careful"]), (True, ["careful", "busy"])):
            with contextlib.redirect_stderr(io.StringIO()) as said:
                say_on_stderr(verbose)
                say_on_stderr(verbose)
                logger.info("busy")
                logger.warning("careful")
            lines = said.getvalue().splitlines()
            self.assertEqual(len(lines), len(wanted))
            for words in wanted:
                self.assertIn(words, said.getvalue())
        say_on_stderr(False)

    def test_a_report_names_version_machine_and_acts(self):
        with self.assertLogs("softmound", logging.CRITICAL) as heard:
            report(ValueError, ValueError("odd"), None)
        for words in ("fault in Soft Mound 0.", "Linux", "last done"):
            self.assertIn(words, heard.output[0])
        FAULTS.clear()


class Belonging(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.path = pathlib.Path(self._folder.name) / "held"

    def test_a_lock_goes_with_its_process_whatever_its_number(self):
        child = subprocess.Popen([sys.executable, "-c", "import sys; from softmound.core.held import Held\n"
                                  "held = Held(sys.argv[1]); print('held', flush=True); sys.stdin.read()", str(self.path)],
                                 cwd=ROOT, stdin=subprocess.PIPE, stdout=subprocess.PIPE)
        self.addCleanup(child.stdout.close)
        child.stdout.readline()
        self.assertTrue(is_held(self.path))
        with self.assertRaises(BlockingIOError):
            Held(self.path)
        child.kill()
        child.wait()
        child.stdin.close()
        self.assertFalse(is_held(self.path))
        self.assertFalse(is_held(self.path.with_name("nothing")))

    def test_folders_of_killed_processes_are_swept_also_in_memory(self):
        script = ("import sys, os, signal\nfrom softmound.core.held import working_folder\n"
                  "with working_folder(in_memory=True) as one, working_folder() as other:\n"
                  "    print(one, other, flush=True)\n    os.kill(os.getpid(), signal.SIGKILL)\n")
        said = subprocess.run([sys.executable, "-c", script], cwd=ROOT, stdout=subprocess.PIPE, text=True).stdout
        left = [pathlib.Path(p) for p in said.split()]
        with working_folder() as mine:
            self.assertTrue(all(p.is_dir() for p in left))
            self.assertGreaterEqual(sweep(), 2)
            self.assertFalse(any(p.exists() for p in left))
            self.assertTrue(mine.is_dir(), "somebody works there")
        self.assertFalse(mine.exists())

    def test_what_was_just_made_is_nobodys_only_after_a_while(self):
        folder = self.path.with_name("young")
        folder.mkdir()
        self.assertFalse(abandoned(folder))
        os.utime(folder, (0, 0))
        self.assertTrue(abandoned(folder))
        Held(folder / MARK).close()
        self.assertTrue(abandoned(folder))


class Interrupts(unittest.TestCase):
    """Ctrl+C at any moment: one sentence, 130, nothing left behind."""

    def test_at_start_up_and_while_publishing(self):
        with tempfile.TemporaryDirectory() as name:
            folder = pathlib.Path(name)
            from softmound.core.recipe import write_mound
            mound = lumpy_mound()
            write_mound(folder / "m.mound", mound.edited(voxels=mound.voxels.edited(final=0.1)))
            for wait in (0.12, 0.25, 0.4, 0.7, 1.0, 1.5, 2.2):
                shelf = folder / f"shelf {wait}"  # what one that was quicker has published is no leftover of the next
                with self.subTest(wait):
                    child = subprocess.Popen(
                        [sys.executable, "-m", "softmound", "publish", str(folder / "m.mound"), "--library", str(shelf)],
                        cwd=ROOT, stderr=subprocess.PIPE, stdout=subprocess.PIPE, text=True)
                    time.sleep(wait)
                    child.send_signal(signal.SIGINT)
                    out, err = child.communicate(timeout=30)
                    if child.returncode == -signal.SIGINT:
                        self.assertLess(wait, 0.3, "Python itself was still starting")
                        continue
                    if child.returncode == 0:
                        continue  # it was quicker than the hand
                    self.assertEqual((child.returncode, out), (130, ""), err)
                    self.assertEqual(err, "softmound: stopped; nothing was written.\n")
                    self.assertEqual([*shelf.rglob(".publishing-*"), *shelf.rglob("v0*")], [])


if __name__ == "__main__":
    unittest.main()
