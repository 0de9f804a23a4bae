"""The process kept ready to read files: many at once, given up, killed, and gone with the one it served."""

import os
import pathlib
import resource
import signal
import subprocess
import sys
import tempfile
import time
import unittest
from concurrent.futures import ThreadPoolExecutor

import numpy as np
from PIL import Image

from softmound.core.exchange import ready
from softmound.core.exchange.foreign import read_photograph
from softmound.core.exchange.ready import reading
from softmound.core.problems import Problem
from softmound.core.ticket import Stopped, Ticket

ROOT = pathlib.Path(__file__).resolve().parents[1]
ROOM, BUSY = 3 * 2**29, 20


def alive(pid):
    """Whether a process is there and no zombie."""
    try:
        return pathlib.Path(f"/proc/{pid}/stat").read_text().rsplit(")", 1)[1].split()[0] != "Z"
    except FileNotFoundError:
        return False


def below(pid):
    """Processes that descend from one."""
    found = []
    for other in pathlib.Path("/proc").iterdir():
        if other.name.isdigit():
            try:
                if int((other / "stat").read_text().rsplit(")", 1)[1].split()[1]) == pid:
                    found += [int(other.name), *below(int(other.name))]
            except (FileNotFoundError, ProcessLookupError):
                continue
    return found


def until(condition, seconds=10.0):
    """Wait until something is so."""
    ends = time.monotonic() + seconds
    while not condition():
        if time.monotonic() > ends:
            raise AssertionError("it did not come to that")
        time.sleep(0.01)


class Ready(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.addCleanup(self._folder.cleanup)
        self.folder = pathlib.Path(self._folder.name)

    def photograph(self, number):
        path = self.folder / f"{number}.png"
        Image.fromarray(np.full((8, 8, 3), number, np.uint8)).save(path)
        return path

    def test_many_at_once_have_each_their_own_answer(self):
        paths = [self.photograph(number) for number in range(24)]
        with ThreadPoolExecutor(8) as pool:
            read = list(pool.map(read_photograph, paths))
        self.assertEqual([int(pixels[0, 0, 0]) for pixels in read], list(range(24)))

    def test_a_second_file_is_read_by_the_same_process(self):
        read_photograph(self.photograph(1))
        first = ready._READY._process.pid
        read_photograph(self.photograph(2))
        self.assertEqual(ready._READY._process.pid, first)
        self.assertTrue(alive(first))
        until(lambda: not below(first))

    def test_what_is_wrong_with_a_file_is_said_and_stays_with_it(self):
        path = self.folder / "bad.png"
        path.write_bytes(b"\x89PNG\r\n\x1a\n" + b"x" * 100)
        with self.assertRaisesRegex(Problem, "bad.png"):
            read_photograph(path)
        self.assertEqual(int(read_photograph(self.photograph(7))[0, 0, 0]), 7)

    def test_limits_hold_for_one_file_only(self):
        path, answer = self.photograph(3), self.folder / "answer.npy"
        with reading("photograph", path, answer, "", 2**26, BUSY) as child:
            status, _ = child.ended(20.0)
        # 64 MiB do not even hold Python with its libraries.
        self.assertNotEqual(status, 0)
        self.assertFalse(answer.exists())
        with reading("photograph", path, answer, "", ROOM, BUSY) as child:
            self.assertEqual(child.ended(20.0), (0, ""))
        self.assertTrue(answer.exists())

    def test_a_small_disk_is_met_by_the_reader_and_forgotten(self):
        path = self.folder / "wide.png"
        Image.fromarray(np.random.default_rng(1).integers(0, 255, (200, 200, 3), np.uint8)).save(path)
        before = resource.getrlimit(resource.RLIMIT_FSIZE)
        # Also where the process itself was begun under the limit.
        os.kill(ready._READY._process.pid, signal.SIGKILL) if ready._READY._process is not None else None
        resource.setrlimit(resource.RLIMIT_FSIZE, (20_000, before[1]))
        try:
            with self.assertRaises(Problem):
                read_photograph(path)
        finally:
            resource.setrlimit(resource.RLIMIT_FSIZE, before)
        self.assertEqual(read_photograph(path).shape, (200, 200, 3))

    def test_a_hand_that_stops_is_met_at_once(self):
        read_photograph(self.photograph(8))
        ticket = Ticket()
        ticket.stop()
        with self.assertRaises(Stopped):
            read_photograph(self.photograph(9), ticket=ticket)
        until(lambda: not below(ready._READY._process.pid))
        self.assertEqual(int(read_photograph(self.photograph(9))[0, 0, 0]), 9)

    def test_one_that_is_not_waited_for_ends(self):
        os.mkfifo(self.folder / "never.png")
        read_photograph(self.photograph(4))
        keeper = ready._READY._process.pid
        with reading("photograph", self.folder / "never.png", self.folder / "a.npy", "", ROOM, BUSY) as child:
            # Nobody writes to the pipe, so it is read for ever.
            self.assertIsNone(child.ended(0.3))
            self.assertEqual(len(below(keeper)), 2)
        until(lambda: not below(keeper))
        self.assertTrue(alive(keeper))

    def test_one_that_is_killed_is_said_to_be(self):
        os.mkfifo(self.folder / "never.png")
        read_photograph(self.photograph(4))
        keeper = ready._READY._process.pid
        with reading("photograph", self.folder / "never.png", self.folder / "a.npy", "", ROOM, BUSY) as child:
            until(lambda: len(below(keeper)) == 2)
            # The minder first, then the reader below it.
            os.kill(below(keeper)[1], signal.SIGKILL)
            self.assertEqual(child.ended(10.0), (-signal.SIGKILL, ""))

    def test_the_process_itself_killed_is_begun_again(self):
        read_photograph(self.photograph(5))
        gone = ready._READY._process
        os.kill(gone.pid, signal.SIGKILL)
        until(lambda: not alive(gone.pid))
        self.assertEqual(int(read_photograph(self.photograph(6))[0, 0, 0]), 6)
        self.assertNotEqual(ready._READY._process.pid, gone.pid)

    def test_gone_with_the_one_it_served(self):
        os.mkfifo(self.folder / "never.png")
        script = ("import sys\nfrom softmound.core.exchange import ready\n"
                  f"with ready.reading('photograph', {str(self.folder / 'never.png')!r}, 'a', '', {ROOM}, {BUSY}) as child:\n"
                  "    child.ended(0.5)\n    print(ready._READY._process.pid, flush=True)\n    child.ended(60.0)\n")
        served = subprocess.Popen([sys.executable, "-c", script], cwd=ROOT, stdout=subprocess.PIPE, text=True)
        with served:
            keeper = int(served.stdout.readline())
            until(lambda: len(below(keeper)) == 2)
            those = [keeper, *below(keeper)]
            served.kill()
        until(lambda: not any(alive(pid) for pid in those))


if __name__ == "__main__":
    unittest.main()
