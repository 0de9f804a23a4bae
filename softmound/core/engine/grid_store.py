"""Finished grids kept on disk by content hash, so that opening a mound again costs nothing."""

import os
import pathlib
import tempfile

import numpy as np
import platformdirs

from ..volume.bricks import LANES, BrickGrid

MOST_BYTES = 8 * 10**9
"""All grids together; the one used longest ago goes first."""
LEAST_BYTES = 2 * 10**6
"""Smaller grids are made again as fast as they are read."""
_PARTS = ("coords", "values", "tile_coords", "tile_values")


class KeptGrids:
    """A folder of finished grids.

    A grid is written aside and renamed, each with a checksum of its sizes in its header; one that is
    damaged, or was written by another version, is as if it were not there. Nothing here raises: a full
    disk only means that a grid is made again.

    Parameters
    ----------
    folder : path-like, optional
        Default in the user's cache folder.
    most : int, optional
        Bytes.
    """

    def __init__(self, folder=None, most=MOST_BYTES):
        self.folder = pathlib.Path(folder) if folder else platformdirs.user_cache_path("softmound") / "grids"
        self.most = most

    def path(self, key):
        """File of a grid.

        Parameters
        ----------
        key : str

        Returns
        -------
        pathlib.Path
        """
        return self.folder / f"{key}.grid"

    def get(self, key):
        """A grid that was kept.

        Parameters
        ----------
        key : str

        Returns
        -------
        BrickGrid or None
            Its numbers are read from the file as they are needed; not to be written to.
        """
        path = self.path(key)
        try:
            with open(path, "rb") as file:
                head = np.load(file, allow_pickle=False)[0]
                counts, tiles = (int(n) for n in head["counts"])
                start = file.tell()
            shapes = {"coords": (np.int32, (counts, 3)), "values": (np.float32, (counts, LANES)),
                      "tile_coords": (np.int32, (tiles, 3)), "tile_values": (np.float32, (tiles,))}
            sizes = [np.dtype(kind).itemsize * int(np.prod(shape)) for kind, shape in shapes.values()]
            if head["version"] != VERSION or path.stat().st_size != start + sum(sizes):
                return None
            parts = []
            for (kind, shape), size in zip(shapes.values(), sizes):
                parts.append(np.memmap(path, kind, "c", start, shape) if size else np.empty(shape, kind))
                start += size
            os.utime(path)
            grid = BrickGrid(float(head["voxel"]), *(np.asarray(p) for p in parts), float(head["background"]),
                             tuple(float(v) for v in head["offset"]))
        except (OSError, ValueError, KeyError, IndexError, EOFError, TypeError):
            return None
        return grid

    def put(self, key, grid):
        """Keep a grid, if it is worth it and there is room.

        Parameters
        ----------
        key : str
        grid : BrickGrid
        """
        if not LEAST_BYTES <= grid.nbytes <= self.most:
            return
        head = np.zeros(1, _HEAD)
        head["version"], head["voxel"], head["background"] = VERSION, grid.voxel, grid.background
        head["offset"], head["counts"] = grid.offset, (len(grid.coords), len(grid.tile_coords))
        aside = None
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            self._make_room(grid.nbytes)
            with tempfile.NamedTemporaryFile(dir=self.folder, suffix=".part", delete=False) as file:
                aside = pathlib.Path(file.name)
                np.save(file, head)
                for name in _PARTS:
                    file.write(np.ascontiguousarray(getattr(grid, name)).data)
            os.replace(aside, self.path(key))
        except (OSError, ValueError):
            if aside is not None:
                aside.unlink(missing_ok=True)

    def _make_room(self, wanted):
        files = sorted((p.stat().st_mtime, p.stat().st_size, p) for p in self.folder.iterdir() if p.is_file())
        total = sum(size for _, size, _ in files)
        for _, size, path in files:
            if total + wanted <= self.most:
                break
            path.unlink(missing_ok=True)
            total -= size


VERSION = 1
_HEAD = np.dtype([("version", np.int64), ("voxel", np.float64), ("background", np.float64), ("offset", np.float64, 3),
                  ("counts", np.int64, 2)])
