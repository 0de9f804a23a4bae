"""Closing the window while work is being done: it goes on, is stopped, or the window stays."""

import threading
from unittest import mock

from PyQt6.QtCore import QByteArray
from PyQt6.QtWidgets import QApplication, QWidget

from softmound.core.problems import Problem
from softmound.desk.shell import leaving
from softmound.desk.shell.places import keep_place, put_back
from softmound.desk.shell.remembered import settings
from tests.desk import DeskTest


class Leaving(DeskTest):
    def setUp(self):
        super().setUp()
        self.go, self.done, self.stopped = threading.Event(), [], []
        self.addCleanup(QApplication.setQuitOnLastWindowClosed, True)
        self.addCleanup(self.go.set)
        self.rest()

    def begin(self, name="Bake", **more):
        def work(ticket):
            while not self.go.wait(0.01):
                ticket.tick(0.5)
            return name

        self.window.jobs.begin(work, self.done.append, name, lambda: self.stopped.append(name), **more)

    def test_without_work_it_closes_at_once(self):
        self.assertTrue(self.window.close())

    def test_what_is_of_no_use_later_is_not_asked_about(self):
        self.begin("Frames to be played", passing=True)
        self.assertTrue(self.window.close())
        self.assertEqual(self.done, [])

    def test_staying(self):
        self.begin()
        self.answer("Stay")
        self.assertFalse(self.window.close())
        self.assertTrue(self.window.isVisible())
        self.assertTrue(self.window.jobs.busy)
        self.go.set()
        self.until(lambda: self.done == ["Bake"])

    def test_stopping(self):
        self.begin()
        self.begin("Second")
        self.answer("Stop it")
        self.assertTrue(self.window.close())
        self.assertEqual(self.done, [])
        self.assertFalse(self.window.jobs.busy)

    def test_the_work_goes_on_without_the_window_and_then_all_ends(self):
        self.begin()
        self.begin("Second")
        self.answer("Go on")
        self.assertFalse(self.window.close())
        self.assertFalse(self.window.isVisible())
        self.assertFalse(QApplication.quitOnLastWindowClosed())
        with mock.patch.object(QApplication, "quit") as quit_:
            self.go.set()
            self.until(lambda: quit_.called)
        self.assertEqual(self.done, ["Bake", "Second"])
        self.assertFalse(self.window.looking.painter._thread.is_alive())
        quit_.assert_called_once()

    def test_what_fails_meanwhile_is_noted_and_no_box_waits_for_anybody(self):
        def fail(_ticket):
            self.go.wait(10)
            raise Problem("The oven is cold; light it.")

        self.window.jobs.begin(fail, self.done.append, "Bake")
        self.answer("Go on")
        self.window.close()
        with mock.patch.object(leaving, "noted") as noted, mock.patch.object(QApplication, "quit") as quit_:
            self.go.set()
            self.until(lambda: quit_.called)
        self.assertIn("oven", noted.call_args.args[1])



class Places(DeskTest):
    def setUp(self):
        super().setUp()
        settings().remove("window")
        self.addCleanup(settings().remove, "window")

    def test_the_window_comes_back_where_it_stood(self):
        self.assertFalse(put_back(self.window))  # at the first start
        before, after = QWidget(), QWidget()  # the screen of the tests is smaller than the window
        for widget in (before, after):
            self.addCleanup(widget.deleteLater)
        before.setGeometry(40, 30, 611, 477)
        keep_place(before)
        self.assertTrue(put_back(after))
        self.assertEqual(after.geometry(), before.geometry())

    def test_closing_keeps_it(self):
        # Ctrl+C in the terminal closes it too, and nothing is left of it once the application quits.
        self.window.close()
        self.assertIsInstance(settings().value("window"), QByteArray)

    def test_on_a_screen_that_is_there(self):
        # As a second screen would have it that was taken away since.
        away = QWidget()
        self.addCleanup(away.deleteLater)
        away.setGeometry(9000, 5000, 700, 500)
        keep_place(away)
        self.assertTrue(put_back(self.window))
        screen = QApplication.primaryScreen().availableGeometry()
        self.assertTrue(screen.intersects(self.window.frameGeometry()))

    def test_what_is_no_place_is_left(self):
        settings().setValue("window", "here")
        self.assertFalse(put_back(self.window))
        settings().setValue("window", QByteArray(b"nonsense"))
        self.assertFalse(put_back(self.window))
