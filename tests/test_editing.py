"""Editing without a window: steps, gestures, views, files, and copies that outlive the program."""

import errno
import json
import pathlib
import tempfile
import threading
import unittest
from unittest import mock

from softmound.core.editing import Copy, History, copies, left_behind, set_aside
from softmound.core.editing.history import MOST
from softmound.core.recipe import read_mound, write_mound
from softmound.core.recipe.flock import Flock
from tests.scenes import lumpy_mound


class Steps(unittest.TestCase):
    def setUp(self):
        self.mound = lumpy_mound()
        self.history = History(self.mound)

    def melt(self, value, moving=False, **named):
        now = self.history.value
        return self.history.take(now.edited(mass=now.mass.edited(melt=value)), f"melt {value}", moving, **named)

    @property
    def melted(self):
        return self.history.value.mass.melt

    def look(self, azimuth):
        self.history.look(self.history.value.view.edited(azimuth=azimuth))

    def test_a_long_history_comes_back_step_by_step(self):
        for n in range(50):
            self.melt(float(n + 10))
        for n in reversed(range(50)):
            self.assertEqual(self.melted, n + 10)
            self.assertEqual(self.history.undo_label, f"melt {float(n + 10)}")
            self.assertTrue(self.history.undo())
        self.assertEqual(self.history.value, self.mound)
        self.assertFalse(self.history.undo())
        for _ in range(50):
            self.assertTrue(self.history.redo())
        self.assertEqual(self.melted, 59.0)
        self.assertFalse(self.history.redo())

    def test_the_oldest_steps_are_let_go(self):
        for n in range(MOST + 5):
            self.melt(float(10 + n % 2))
        back = 0
        while self.history.undo():
            back += 1
        self.assertEqual(back, MOST)

    def test_an_edit_after_undo_forgets_the_redo(self):
        self.melt(3.0)
        self.history.undo()
        self.melt(4.0)
        self.assertIsNone(self.history.redo_label)

    def test_all_of_a_gesture_is_one_step(self):
        for value in (3.0, 4.0, 5.0):
            self.melt(value, True)
            self.assertEqual(self.history.begun, self.mound)
        self.assertTrue(self.history.let_go())
        self.assertFalse(self.history.let_go())
        self.assertEqual(self.melted, 5.0)
        self.history.undo()
        self.assertEqual(self.history.value, self.mound)

    def test_a_gesture_that_ends_where_it_began_is_nothing(self):
        self.melt(3.0, True)
        self.melt(2.5, True)
        self.history.let_go()
        self.assertIsNone(self.history.undo_label)
        self.assertFalse(self.history.dirty)

    def test_a_gesture_that_is_given_up_leaves_the_step_before(self):
        self.melt(7.0)
        self.melt(3.0, True)
        self.look(123.0)
        self.assertTrue(self.history.give_up())
        self.assertEqual((self.melted, self.history.value.view.azimuth, self.history.undo_label), (7.0, 123.0, "melt 7.0"))
        self.assertFalse(self.history.give_up())

    def test_undo_in_the_middle_of_a_gesture_ends_it(self):
        self.melt(3.0, True)
        self.melt(4.0, True)
        self.history.undo()
        self.assertEqual(self.melted, 2.5)
        self.history.redo()
        self.assertEqual(self.melted, 4.0)

    def test_what_changes_nothing_is_no_step(self):
        self.assertFalse(self.melt(2.5))
        self.assertIsNone(self.history.undo_label)

    def test_looking_is_no_work_and_stays_when_work_is_taken_back(self):
        self.look(11.0)
        self.assertFalse(self.history.dirty)
        self.melt(3.0)
        self.look(77.0)
        self.history.undo()
        self.assertEqual((self.melted, self.history.value.view.azimuth), (2.5, 77.0))

    def test_a_view_that_belongs_to_a_step_comes_and_goes_with_it(self):
        before = self.mound.view.azimuth
        self.history.take(self.mound.edited(view=self.mound.view.edited(azimuth=200.0), name="Turned"), "turn", with_view=True)
        self.history.undo()
        self.assertEqual(self.history.value.view.azimuth, before)
        self.history.redo()
        self.assertEqual(self.history.value.view.azimuth, 200.0)

    def test_what_is_saved_is_known_after_undo_and_redo(self):
        self.melt(3.0)
        self.assertTrue(self.history.dirty)
        self.history.saved(pathlib.Path("/a.mound"), self.history.value.edited(name="A"))
        self.assertEqual((self.history.dirty, self.history.path, self.history.value.name), (False, pathlib.Path("/a.mound"), "A"))
        self.history.undo()
        self.assertTrue(self.history.dirty)
        self.history.redo()
        self.assertFalse(self.history.dirty)

    def test_what_was_recovered_is_not_saved(self):
        self.history.begin(self.mound, pathlib.Path("/a.mound"), saved=False)
        self.assertTrue(self.history.dirty)

    def test_saved_in_another_folder_the_steps_of_that_file_follow_and_those_of_others_stay(self):
        history = History(Flock(name="first"))
        history.replace(Flock(name="second"), "open flock", pathlib.Path("/a/second.flock"), True)
        for name in ("third", "fourth", "fifth"):
            history.take(history.value.edited(name=name), "name")
        history.undo()
        history.saved(pathlib.Path("/b/fourth.flock"), history.value, lambda flock: flock.edited(name=flock.name.upper()))
        names = []
        history.redo()
        names.append(history.value.name)
        while history.undo():
            names.append(history.value.name)
        self.assertEqual(names, ["FIFTH", "fourth", "THIRD", "SECOND", "first"])

    def test_another_file_that_is_taken_back_leaves_the_file_before(self):
        # Else saving would write the flock before into the file of the one after it.
        history, first = History(Flock(name="First")), pathlib.Path("/first.flock")
        history.saved(first)
        history.replace(Flock(name="Second"), "open flock", pathlib.Path("/second.flock"), True)
        self.assertFalse(history.dirty)
        history.undo()
        self.assertEqual((history.value.name, history.path, history.dirty), ("First", first, False))
        history.redo()
        self.assertEqual((history.value.name, history.path, history.dirty), ("Second", pathlib.Path("/second.flock"), False))
        history.replace(Flock(), "new flock")
        self.assertTrue(history.dirty)


class Copies(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name)
        there = mock.patch.object(copies, "recovery_folder", lambda: self.folder / "recovery")
        there.start()
        self.addCleanup(there.stop)
        self.said = []

    def copy(self, write=lambda file, value, _: write_mound(file, value), file=None):
        copy = Copy(write, self.said.append, file)
        self.addCleanup(copy.forget)
        return copy

    def test_a_copy_is_left_until_it_is_forgotten_and_offered_once_nobody_holds_it(self):
        copy, mound = self.copy(), lumpy_mound()
        copy.keep(mound, self.folder / "a.mound", wait=True)
        self.assertEqual(read_mound(copy.file), mound)
        self.assertEqual(left_behind(), [], "this process lives")
        copy._held.close()
        self.assertEqual(left_behind(), [(copy.file, self.folder / "a.mound")])
        copy.forget()
        self.assertEqual(list((self.folder / "recovery").iterdir()), [])

    def test_a_copy_without_its_note_and_notes_that_mean_nothing(self):
        recovery = self.folder / "recovery"
        recovery.mkdir()
        for name, note in (("torn", ""), ("nothing", "{"), ("list", "[1]"), ("none", json.dumps({"path": None}))):
            write_mound(recovery / f"{name}.mound", lumpy_mound())
            (recovery / f"{name}.json").write_text(note)
        (recovery / "alone.json").write_text(json.dumps({"path": "/x"}))
        self.assertEqual(left_behind(), [(recovery / "none.mound", None), (recovery / "torn.mound", None)])
        set_aside(recovery / "torn.mound")
        self.assertTrue((recovery / "torn.damaged").exists())
        self.assertEqual(left_behind(), [(recovery / "none.mound", None)])

    def test_what_is_forgotten_or_older_is_not_written_by_a_thread_that_comes_late(self):
        waits, written = threading.Event(), []

        def write(file, value, _):
            waits.wait(10)
            written.append(value)

        copy = self.copy(write, self.folder / "one")
        for value in ("first", "second", "third"):
            copy.keep(value)
        waits.set()
        for thread in threading.enumerate():
            if thread is not threading.current_thread() and thread.daemon:
                thread.join(10)
        self.assertEqual(written[-1], "third")
        self.assertNotIn("second", written)
        copy.keep("fourth")
        copy.forget()
        for thread in threading.enumerate():
            if thread is not threading.current_thread() and thread.daemon:
                thread.join(10)
        self.assertFalse((self.folder / "one").exists())

    def test_a_copy_that_cannot_be_written_is_said_once_until_it_can(self):
        full = [True]

        def write(file, value, _):
            if full[0]:
                raise OSError(errno.ENOSPC, "No space left on device")
            file.write_text(value)

        copy = self.copy(write, self.folder / "one")
        for _ in range(3):
            copy.keep("x", wait=True)
        self.assertEqual(len(self.said), 1)
        self.assertEqual(str(self.said[0]), f"{self.folder / 'one'}: the copy of the work cannot be kept (No space left on "
                                            "device); save it elsewhere, or free some space.")
        full[0] = False
        copy.keep("x", wait=True)
        full[0] = True
        copy.keep("x", wait=True)
        self.assertEqual(len(self.said), 2)
        self.assertEqual((self.folder / "one").read_text(), "x")


if __name__ == "__main__":
    unittest.main()
