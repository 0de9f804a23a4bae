"""Tables kept in files between starts."""

import pathlib
import tempfile
import unittest
from unittest import mock

import numpy as np

from softmound.core import stored as stored_module
from softmound.core.light.scene.air import _further_orders
from softmound.core.stored import stored

CALLS = []


@stored
def table(number, colour):
    """A table to keep."""
    CALLS.append((number, colour))
    return number * np.arange(6.0).reshape(2, 3) + np.array(colour)


class Stored(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = pathlib.Path(folder.name) / "tables"
        patched = mock.patch.object(stored_module, "FOLDER", self.folder)
        patched.start()
        self.addCleanup(patched.stop)
        CALLS.clear()

    def test_it_is_worked_out_once_for_what_it_is_given(self):
        first = table(2.0, (1.0, 0.0, 0.5))
        np.testing.assert_array_equal(first, [[1.0, 2.0, 4.5], [7.0, 8.0, 10.5]])
        np.testing.assert_array_equal(table(2.0, (1.0, 0.0, 0.5)), first)
        table(3.0, (1.0, 0.0, 0.5))
        self.assertEqual(len(CALLS), 2)
        self.assertEqual(len(list(self.folder.glob("*.npy"))), 2)

    def test_damaged_files_are_made_anew(self):
        first = table(1.0, (0.0, 0.0, 0.0))
        path, = self.folder.glob("*.npy")
        whole = path.read_bytes()
        for damage in (b"", whole[:40], whole[:-8], b"\x80\x04evil"):
            path.write_bytes(damage)
            np.testing.assert_array_equal(table(1.0, (0.0, 0.0, 0.0)), first)
            self.assertEqual(path.read_bytes(), whole)

    def test_a_folder_that_cannot_be_written_is_done_without(self):
        self.folder.write_text("a file where the folder should be")
        np.testing.assert_array_equal(table(1.0, (1.0, 1.0, 1.0))[0], [1.0, 2.0, 3.0])

    def test_the_air_is_the_same_from_its_file(self):
        first = _further_orders.__wrapped__(3e-5, (0.1, 0.1, 0.2))
        again = _further_orders.__wrapped__(3e-5, (0.1, 0.1, 0.2))
        np.testing.assert_array_equal(first, again)
        self.assertEqual(len(list(self.folder.glob("*.npy"))), 1)


if __name__ == "__main__":
    unittest.main()
