"""Smoke that rises from a puff for a moment, and its last frame as a mound of its own."""

import pathlib
import sys

import softmound


def main(folder, seconds=0.4):
    puff = softmound.start("cotton", "Steam", span=12.0)
    growth = softmound.grow(puff, folder / "growth", seconds=seconds, cell=0.8, heat=2.0)
    risen = softmound.freeze(growth.folder, growth.frames[-1], finer=2)
    softmound.write(risen, folder / "risen.mound")
    softmound.picture(risen, folder / "risen.png", size=(320, 200), fit=True)


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
