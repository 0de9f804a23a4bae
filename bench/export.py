"""Export against a bare write of the same ready grid by the reference library."""

import pathlib
import tempfile

from softmound.core.engine.density import density_grid
from softmound.core.exchange.reference import vdb
from softmound.core.exchange.vdb import vdb_of, write_vdb

from .figure import Figure, timed
from .scene import hero, voxel_for

ALONG = 512


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    mound = hero()
    grid = density_grid(mound, voxel_for(mound, ALONG))
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        ours, bare = (str(pathlib.Path(folder) / name) for name in ("ours.vdb", "bare.vdb"))
        ready = vdb_of(grid)
        peer = timed(lambda: vdb.write(bare, grids=[ready]), 5)
        making = timed(lambda: vdb_of(grid), 5)
        whole = timed(lambda: write_vdb(ours, grid), 5)
        sizes = [pathlib.Path(p).stat().st_size for p in (ours, bare)]
    yield Figure(f"export at {ALONG}, made, written and read back", whole, "s",
                 "bare write by the reference library", peer, whole / peer)
    yield Figure(f"export at {ALONG}, making the grid alone", making, "s",
                 "bare write by the reference library", peer, making / peer)
    yield Figure(f"export at {ALONG}, size", sizes[0] / 1e6, "MB", "bare write by the reference library",
                 sizes[1] / 1e6, sizes[0] / sizes[1], "ratio <= 1.01", sizes[0] <= 1.01 * sizes[1])
