"""Three siblings of one recipe on a shelf, with tags, in two tiers; found again and rendered from their files alone."""

import pathlib
import sys

import softmound


def main(folder, count=3):
    library, mound = folder / "shelf", softmound.start("humilis", "Bun", span=120.0)
    for seed in range(count):
        softmound.publish(mound, library, voxel=4.0, tiers=(1, 2), seed=seed, tags=("bun", f"seed {seed}"), note="a small one",
                          species="humilis")
    for version in softmound.search(library, tags=("bun",)):
        softmound.verify(version.folder)
        softmound.receive(version.folder, folder / f"bun_{version.number}.png", tier=2, size=(240, 160))


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
