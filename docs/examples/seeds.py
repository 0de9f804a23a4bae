"""Ten clouds of one recipe under other seeds, as files."""

import pathlib
import sys

import softmound


def main(folder, count=10):
    mound = softmound.start("humilis", "Seeds", span=120.0)
    for seed in range(1, count + 1):
        grains = tuple(grain.edited(seed=seed * 100 + n) for n, grain in enumerate(mound.grains))
        cloud = softmound.build(mound.edited(grains=grains), voxel=6.0)
        softmound.export(cloud, mound, folder / f"seed_{seed:02d}.vdb")


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
