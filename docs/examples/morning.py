"""A sky of one small cloud, spread by a seed, with a larger one before it."""

import pathlib
import sys

import softmound


def main(folder, count=30):
    library = folder / "shelf"
    softmound.publish(softmound.start("humilis", "Crumb", span=200.0), library, voxel=6.0)
    softmound.publish(softmound.start("mediocris", "Loaf", span=400.0), library, voxel=8.0)
    sky = softmound.spread(softmound.Flock(name="Morning"), library, ["Crumb"], count=count, size=(5000.0, 4000.0), seed=4,
                           low=600.0, high=700.0)
    sky = softmound.place(sky, "Loaf", at=(0.0, 600.0, 2500.0), turn=30.0)
    softmound.write_flock(folder / "morning.flock", sky)
    softmound.flock_picture(sky, library, folder / "morning.png", size=(480, 270))


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
