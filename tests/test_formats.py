"""Mounds of every format so far, kept as they were written, open and mean what they meant."""

import json
import pathlib
import unittest
import zipfile

from softmound.core.recipe import Mound, read_mound
from softmound.core.recipe.migrations import STEPS
from softmound.core.recipe.models import FORMAT

MOUNDS = pathlib.Path(__file__).parent / "mounds"
"""Of formats 1 and 4 to 13 as the application saved them; 2 and 3 were never released and are 1 brought that far."""


def written(number):
    """What stands in the file of a format.

    Parameters
    ----------
    number : int

    Returns
    -------
    dict
    """
    with zipfile.ZipFile(MOUNDS / f"format{number}.mound") as archive:
        return json.loads(archive.read("mound.json"))


class Formats(unittest.TestCase):
    def test_every_format_has_its_file_and_its_step(self):
        self.assertEqual([written(n)["format"] for n in range(1, FORMAT + 1)], list(range(1, FORMAT + 1)))
        self.assertEqual(sorted(STEPS), list(range(1, FORMAT)))

    def test_each_opens_with_all_that_was_in_it(self):
        for number in range(1, FORMAT + 1):
            with self.subTest(number):
                path = MOUNDS / f"format{number}.mound"
                before = path.read_bytes()
                mound, data = read_mound(path), written(number)
                self.assertIsInstance(mound, Mound)
                self.assertEqual((mound.format, mound.name), (FORMAT, data["name"]))
                forms = data["mass"].get("forms", data["mass"].get("blobs"))
                self.assertEqual([list(f.radii) for f in mound.mass.forms], [f["radii"] for f in forms])
                self.assertEqual([list(f.centre) for f in mound.mass.forms], [f["centre"] for f in forms])
                self.assertEqual([(g.feature, g.strength, g.seed) for g in mound.grains],
                                 [(g["feature"], g["strength"], g["seed"]) for g in data["grains"]])
                self.assertEqual([g.summed == "folded" for g in mound.grains],
                                 [g.get("folded", g.get("summed") == "folded") for g in data["grains"]])
                self.assertEqual(mound.light.medium.extinction, data["light"]["medium"]["extinction"])
                self.assertEqual(mound.light.floor.kind, data["light"].get("floor", {}).get("kind", "none"))
                self.assertEqual(mound.voxels.final, data["voxels"]["final"])
                self.assertEqual([(key.frame, key.view.azimuth) for key in mound.path],
                                 [(key["frame"], key["view"]["azimuth"]) for key in data.get("path", ())])
                self.assertEqual([(each.kind, each.name, list(each.place)) for each in mound.stand_ins],
                                 [(each["kind"], each["name"], each["place"]) for each in data.get("stand_ins", ())])
                grown = data.get("growth") or {}
                self.assertEqual([getattr(mound.growth, name) for name in ("heat", "patch", "seed") if name in grown],
                                 [grown[name] for name in ("heat", "patch", "seed") if name in grown])
                self.assertEqual(path.read_bytes(), before)

    def test_formats_that_were_brought_on_are_one_mound(self):
        self.assertEqual(read_mound(MOUNDS / "format1.mound"), read_mound(MOUNDS / "format2.mound"))
        self.assertEqual(read_mound(MOUNDS / "format2.mound"), read_mound(MOUNDS / "format3.mound"))


if __name__ == "__main__":
    unittest.main()
