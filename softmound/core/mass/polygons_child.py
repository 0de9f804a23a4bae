"""The process behind `polygons`: one conversion for each line it is sent."""

import json
import pathlib
import resource
import sys

import numpy as np

from ..kernels import each

SIDE = 8
WIDE = SIDE + 1
WINDOW = 128
"""Voxels along a window read from the library's grid at a time."""


def main(gigabytes):
    """Serve until the other side ends.

    Parameters
    ----------
    gigabytes : str
        Limit of the address space.
    """
    from .. import compiling  # noqa: F401  (before there is a limit)

    limit = int(gigabytes) * 2**30
    resource.setrlimit(resource.RLIMIT_AS, (limit, limit))
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
    for line in sys.stdin:
        request = json.loads(line)
        try:
            _convert(request)
            said = {}
        except MemoryError:
            said = {"problem": f"it needs more than {gigabytes} GiB"}
        except Exception as error:  # whatever the library raises
            said = {"problem": str(error).strip().splitlines()[0] if str(error).strip() else type(error).__name__}
        print(json.dumps(said), flush=True)


def _convert(request):
    from ..volume.reference import vdb

    folder = pathlib.Path(request["folder"])
    grid = vdb.FloatGrid.createLevelSetFromPolygons(
        np.load(folder / "vertices.npy"), triangles=np.load(folder / "faces.npy"),
        transform=vdb.createLinearTransform(request["voxel"]), halfWidth=request["half"],
    )
    sheet = request["sheet"]
    coords, inside = [np.empty((0, 3), np.int32)], [np.empty((0, 3), np.int32)]
    with open(folder / "values.raw", "wb") as file:
        # Window by window: together they would be copied twice more.
        for band, values, deep in windows_of_band(grid):
            if sheet is not None:
                # Without a closed surface there is no inside: the distance without its sign, less half the sheet.
                np.abs(values, out=values)
                values -= np.float32(sheet / 2)
                deep = deep[:0]
            coords.append(band)
            inside.append(deep)
            values.tofile(file)
    np.save(folder / "coords.npy", np.concatenate(coords))
    np.save(folder / "inside.npy", np.concatenate(inside))


EMPTY, BAND, DEEP = range(3)


@each("out")
def _kinds(i, window, limit, out):
    """Of each brick of a window: whether it holds part of the band, or lies wholly inside."""
    for j in range(out.shape[1]):
        for k in range(out.shape[2]):
            near = False
            for x in range(i * SIDE, i * SIDE + SIDE):
                for y in range(j * SIDE, j * SIDE + SIDE):
                    for z in range(k * SIDE, k * SIDE + SIDE):
                        near |= abs(window[x, y, z]) < limit
            deep = window[i * SIDE, j * SIDE, k * SIDE] < np.float32(0)
            out[i, j, k] = BAND if near else (DEEP if deep else EMPTY)


@each("at")
def _cut(b, window, at, out):
    """Bricks of a window with one more layer of voxels each."""
    for i in range(WIDE):
        for j in range(WIDE):
            for k in range(WIDE):
                out[b, (i * WIDE + j) * WIDE + k] = window[
                    at[b, 0] * SIDE + i, at[b, 1] * SIDE + j, at[b, 2] * SIDE + k]


def windows_of_band(grid):
    """Bricks of a level set, each with one more layer of voxels, and bricks wholly inside, by windows.

    Parameters
    ----------
    grid : FloatGrid
        A level set of the reference library.

    Yields
    ------
    coords : ndarray of int32, shape (n, 3)
    values : ndarray of float32, shape (n, 729)
    inside : ndarray of int32, shape (m, 3)
    """
    if grid.leafCount():
        low, high = (np.array(c) for c in grid.evalLeafBoundingBox())
        low = low // SIDE * SIDE
        room = np.empty((WINDOW + 1,) * 3, np.float32)
        limit = np.float32(grid.background)
        for start in np.ndindex(*(int(n) for n in -(-(high + 1 - low) // WINDOW))):
            corner = low + np.array(start) * WINDOW
            size = np.minimum(-(-(high + 1 - corner) // SIDE), WINDOW // SIDE)
            window = room[tuple(slice(int(s) * SIDE + 1) for s in size)]
            window = np.ascontiguousarray(window) if not window.flags.c_contiguous else window
            grid.copyToArray(window, ijk=tuple(int(c) for c in corner))
            kinds = np.empty(tuple(int(s) for s in size), np.int8)
            _kinds(window, limit, kinds)
            at = np.ascontiguousarray(np.argwhere(kinds == BAND))
            values = np.empty((len(at), WIDE**3), np.float32)
            _cut(window, at, values)
            shift = corner // SIDE
            yield (at + shift).astype(np.int32), values, (np.argwhere(kinds == DEEP) + shift).astype(np.int32)


if __name__ == "__main__":
    main(sys.argv[1])
