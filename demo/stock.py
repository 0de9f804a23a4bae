"""Makes the small demo library from the demo mounds, once: python demo/stock.py LIBRARY."""

import pathlib
import sys

from softmound.core.library.asset import asset_folder, publish
from softmound.core.recipe import read_mound
from softmound.core.ticket import Ticket

HERE = pathlib.Path(__file__).parent
VOXEL = 2.0
"""Metres: small files, made in seconds."""


def main(library):
    """Publish every demo mound that the library lacks.

    Parameters
    ----------
    library : path-like
    """
    for path in sorted(HERE.glob("*.mound")):
        mound = read_mound(path)
        if any(asset_folder(library, mound.name).glob("v*/asset.json")):
            continue
        print(f"Putting {mound.name} into the demo library", file=sys.stderr)
        publish(mound, library, voxel=VOXEL, ticket=Ticket())


if __name__ == "__main__":
    main(sys.argv[1])
