"""A first cloud: a start, another sun, density, a file and a picture."""

import pathlib
import sys

import softmound


def main(folder):
    mound = softmound.start("mediocris", "First", span=200.0)
    sun = mound.light.sun.edited(elevation=14.0)
    mound = mound.edited(light=mound.light.edited(sun=sun))
    cloud = softmound.build(mound, voxel=8.0)
    softmound.write(mound, folder / "first.mound")
    softmound.export(cloud, mound, folder / "first.vdb")
    softmound.picture(mound, folder / "first.png", size=(320, 200), voxel=8.0, passes=2)
    print(f"{cloud.active_voxels:,} voxels of {cloud.voxel:g} m, from {cloud.bounds[0]} to {cloud.bounds[1]}")


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
