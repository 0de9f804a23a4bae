"""Makes the small demo library from the demo mounds, once: python demo/stock.py LIBRARY."""

import os
import pathlib
import sys
import time

from softmound.core.compiled import warmed
from softmound.core.library.asset import publish
from softmound.core.library.folders import asset_folder
from softmound.core.recipe import read_mound
from softmound.core.ticket import Ticket

HERE = pathlib.Path(__file__).parent
VOXEL = 2.0
"""Metres: small files, made in seconds."""


def main(library):
    """Publish every demo mound that the library lacks, once the window has compiled the kernels.

    Parameters
    ----------
    library : path-like
    """
    window = os.getppid()
    while not warmed():
        if os.getppid() != window:
            return  # it was left
        time.sleep(1.0)
    for path in sorted(HERE.glob("*.mound")):
        mound = read_mound(path)
        if any(asset_folder(library, mound.name).glob("v*/asset.json")):
            continue
        print(f"Putting {mound.name} into the demo library", file=sys.stderr)
        publish(mound, library, voxel=VOXEL, ticket=Ticket())


if __name__ == "__main__":
    main(sys.argv[1])
