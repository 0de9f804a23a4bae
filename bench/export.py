"""Export against a bare write of the same ready grid by the reference library."""

import pathlib
import tempfile

from bench.figure import Figure, timed
from bench.scene import hero
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.exchange.vdb import compare, write_vdb
from softmound.core.volume.reference import vdb
from softmound.core.volume.twin import vdb_of

ALONG = 1024


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    mound = hero()
    grid = density_grid(mound, voxel_along(mound, ALONG))
    with tempfile.TemporaryDirectory(prefix="softmound-bench-") as folder:
        ours, bare = (str(pathlib.Path(folder) / name) for name in ("ours.vdb", "bare.vdb"))
        ready = vdb_of(grid)
        peer = timed(lambda: vdb.write(bare, grids=[ready]), 5)
        making = timed(lambda: vdb_of(grid), 3)
        comparing = timed(lambda: compare(bare, grid), 3)
        whole = timed(lambda: write_vdb(ours, grid), 3)
        sizes = [pathlib.Path(p).stat().st_size for p in (ours, bare)]
    yield Figure(f"export at {ALONG}, made, written and read back", whole, "s",
                 "bare write by the reference library", peer, whole / peer, "ratio <= 1.3", whole <= 1.3 * peer)
    yield Figure(f"export at {ALONG}, reading back and comparing alone", comparing, "s",
                 "bare write by the reference library", peer, comparing / peer)
    yield Figure(f"export at {ALONG}, making the grid alone", making, "s",
                 "bare write by the reference library", peer, making / peer)
    yield Figure(f"export at {ALONG}, size", sizes[0] / 1e6, "MB", "bare write by the reference library",
                 sizes[1] / 1e6, sizes[0] / sizes[1], "ratio <= 1.01", sizes[0] <= 1.01 * sizes[1])
