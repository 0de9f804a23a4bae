"""A wedge of extinctions: the same cloud thin, natural and thick, in one light."""

import pathlib
import sys

import softmound


def main(folder):
    mound = softmound.start("mediocris", "Wedge", span=150.0)
    for extinction in (0.01, 0.04, 0.16):
        medium = mound.light.medium.edited(extinction=extinction)
        one = mound.edited(light=mound.light.edited(medium=medium))
        softmound.picture(one, folder / f"extinction_{extinction:g}.png", size=(240, 150), voxel=6.0, passes=1)


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
