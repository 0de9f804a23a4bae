"""A seamless loop: a time line, grains that evolve, a frame for each picture."""

import pathlib
import sys

import softmound
from softmound.core.recipe.time import TimeLine


def main(folder, frames=8):
    mound = softmound.start("fractus", "Loop", span=120.0).edited(time=TimeLine(first=1, last=frames, rate=12.0, loop=True))
    for frame in range(1, frames + 1):
        still = softmound.at_frame(mound, frame)
        softmound.export(softmound.build(still, voxel=6.0), still, folder / f"loop.{frame:04d}.vdb")


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
