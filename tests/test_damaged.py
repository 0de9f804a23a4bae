"""Everything in `hostile`, met by the command in this process: an answer or one sentence, and nothing half-written."""

import contextlib
import io
import pathlib
import resource
import tempfile
import unittest
import warnings

from softmound.cli import FAULT, main
from tests.hostile import tries
from tests.long import long

CODES = (2, 3, 4)


def met(command):
    """Exit code, what was printed, and what was said.

    Parameters
    ----------
    command : list of str

    Returns
    -------
    (int, str, str)
    """
    out, err = io.StringIO(), io.StringIO()
    with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err), warnings.catch_warnings():
        warnings.simplefilter("error", RuntimeWarning)
        code = main(command)
    return code, out.getvalue(), err.getvalue()


def states(folder):
    """What lies anywhere in a folder: size and time by path, without folders that stand empty."""
    return {path: (about.st_size, about.st_mtime_ns) for path in folder.rglob("*") if not path.is_dir() or path.is_symlink()
            for about in (path.lstat(),)}


@long
class Hostile(unittest.TestCase):
    def test_an_answer_or_one_sentence(self):
        with tempfile.TemporaryDirectory() as name:
            made = tries(name)
            self.assertGreaterEqual(len(made), 300)
            for one in made:
                with self.subTest(one.name):
                    self.one(one, pathlib.Path(name))

    def one(self, one, folder):
        before = states(folder)
        limits = resource.getrlimit(resource.RLIMIT_FSIZE)
        if one.small_disk:
            resource.setrlimit(resource.RLIMIT_FSIZE, (60_000, limits[1]))
        try:
            code, out, err = met([*one.command, "--quiet"])
        finally:
            resource.setrlimit(resource.RLIMIT_FSIZE, limits)
        self.assertNotEqual(code, FAULT, err)
        if code == 0:
            self.assertTrue(one.answers, f"{out}{err}")
            return
        self.assertIn(code, CODES, err)
        self.assertEqual(len(err.strip().splitlines()), 1, err)
        self.assertTrue(err.startswith("softmound: ") and err.rstrip().endswith("."), err)
        after = states(folder)
        self.assertEqual(after.keys(), before.keys(), "something was left behind")
        self.assertEqual(after, before, "something was written over")


if __name__ == "__main__":
    unittest.main()
