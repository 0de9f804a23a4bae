"""Triangles to signed distance by the reference library, in a process of its own.

The library keeps the interpreter to itself while it converts, for seconds where a mesh has a million
triangles; in this process that would freeze the window, and could not be stopped.
"""

import json
import pathlib
import select
import subprocess
import sys
import threading

import numpy as np

from ..held import working_folder
from ..problems import Problem
from .field import BAND, NODES

GIGABYTES = 12
_ROOT = pathlib.Path(__file__).resolve().parents[3]


class _Worker:
    """The process that converts: started when first needed, kept for the next conversion."""

    def __init__(self):
        self._lock = threading.Lock()
        self._process = None

    def convert(self, request, ticket):
        """Send one request and wait for its answer, looking at the ticket meanwhile."""
        while not self._lock.acquire(timeout=0.02):
            if ticket is not None:
                ticket.tick(0.0)
        try:
            if self._process is None or self._process.poll() is not None:
                self._start()
            self._process.stdin.write(json.dumps(request).encode() + b"\n")
            self._process.stdin.flush()
            while not select.select([self._process.stdout], [], [], 0.02)[0]:
                if ticket is not None:
                    ticket.tick(0.0)
            line = self._process.stdout.readline()
            if not line:
                self._end()
                return {"problem": "the conversion needs more memory than there is, or the mesh is damaged"}
            return json.loads(line)
        except BaseException:
            self._end()
            raise
        finally:
            self._lock.release()

    def _start(self):
        self._process = subprocess.Popen(
            [sys.executable, "-m", "softmound.core.mass.polygons_child", str(GIGABYTES)],
            stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, cwd=_ROOT,
        )

    def _end(self):
        if self._process is not None:
            self._process.kill()
            self._process.wait()
            self._process = None


_WORKER = _Worker()


def narrow_band(vertices, faces, voxel, sheet=None, ticket=None):
    """Signed distance to a surface, in a narrow band around it.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
        Metres.
    faces : ndarray of int, shape (m, 3)
        Closed, unless a thickness is given; may cross itself.
    voxel : float
        Metres.
    sheet : float, optional
        Thickness in metres: what lies within half of it on either side is inside.
    ticket : Ticket, optional

    Returns
    -------
    coords : ndarray of int32, shape (b, 3)
        Bricks that hold part of the band.
    values : ndarray of float32, shape (b, 729)
        At 9x9x9 nodes, metres, clipped at the band's half width of `BAND` voxels.
    inside : ndarray of int32, shape (k, 3)
        Bricks wholly inside.

    Raises
    ------
    Problem
        When the library fails.
    Stopped
        When the ticket was told to stop.
    """
    with working_folder(in_memory=True) as folder:
        np.save(folder / "vertices.npy", np.ascontiguousarray(vertices, np.float32))
        np.save(folder / "faces.npy", np.ascontiguousarray(faces, np.uint32))
        half = BAND if sheet is None else BAND + sheet / 2 / voxel
        said = _WORKER.convert({"folder": str(folder), "voxel": float(voxel), "half": float(half), "sheet": sheet},
                               ticket)
        if said.get("problem"):
            raise Problem("The mesh could not be converted: {}; choose a larger voxel.", said["problem"])
        coords, inside = np.load(folder / "coords.npy"), np.load(folder / "inside.npy")
        if not len(coords):
            return coords, np.empty((0, NODES), np.float32), inside
        # The numbers stay where the other process has put them: the mapping outlives the file's name.
        values = np.memmap(folder / "values.raw", np.float32, mode="c", shape=(len(coords), NODES))
        return coords, np.asarray(values), inside
