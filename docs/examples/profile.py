"""How density goes with height: means over levels, as a table for a spreadsheet."""

import csv
import pathlib
import sys

import softmound


def main(folder):
    cloud = softmound.build(softmound.start("congestus", "Profile", span=300.0), voxel=10.0)
    values, origin = cloud.dense()
    with open(folder / "profile.csv", "w", newline="") as file:
        writer = csv.writer(file)
        writer.writerow(["altitude_m", "mean_density", "share_filled"])
        for level in range(values.shape[1]):
            at = values[:, level]
            altitude = origin[1] + level * cloud.voxel
            writer.writerow([round(altitude, 3), round(float(at.mean()), 6), round(float((at > 0).mean()), 6)])


if __name__ == "__main__":
    main(pathlib.Path(sys.argv[1] if len(sys.argv) > 1 else "."))
