"""Recipes: frozen, limited, strictly read; the .mound file and all it refuses."""

import io
import json
import math
import os
import pathlib
import stat
import struct
import tempfile
import unittest
import zipfile

import numpy as np
from pydantic import ValidationError

from softmound.core.engine.density import density_grid
from softmound.core.grain.actions.push import Push
from softmound.core.mass.distance import box_of
from softmound.core.mass.kinds.blob import Blob
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import (
    Arrays,
    BaseLevel,
    Light,
    Mass,
    Medium,
    Mound,
    Problem,
    Skin,
    Sky,
    Snapshot,
    Sun,
    View,
    Voxels,
    limits,
    mound_json,
    parse_mound,
    read_mound,
    read_thumb,
    write_mound,
)
from softmound.core.recipe.models import FORMAT
from softmound.core.recipe.resize import resized_mound
from softmound.core.starts.heaps import heap
from softmound.core.starts.species import STARTS, first_mound, start
from softmound.core.volume.sample import sample
from tests.scenes import lumpy_mound


def mound_zip(members, compression=zipfile.ZIP_DEFLATED):
    """Bytes of a zip with the given members."""
    buffer = io.BytesIO()
    with zipfile.ZipFile(buffer, "w", compression) as archive:
        for name, content in members.items():
            archive.writestr(name, content)
    return buffer.getvalue()


class Models(unittest.TestCase):
    def test_a_recipe_cannot_be_changed(self):
        mound = lumpy_mound()
        with self.assertRaises((ValidationError, OutOfLimits)):
            mound.name = "Other"
        with self.assertRaises((ValidationError, OutOfLimits)):
            mound.mass.forms[0].radii = (1.0, 1.0, 1.0)

    def test_an_edit_is_a_new_recipe_and_leaves_the_old(self):
        mound = lumpy_mound()
        other = mound.edited(skin=mound.skin.edited(thickness=4.0))
        self.assertEqual(other.skin.thickness, 4.0)
        self.assertEqual(mound.skin.thickness, 1.5)
        self.assertIs(other.mass, mound.mass)

    def test_an_edit_outside_the_limits_is_refused(self):
        for edit in (
            lambda: Blob().edited(radii=(0.0, 1.0, 1.0)),
            lambda: Push().edited(octaves=0),
            lambda: Sun().edited(elevation=91.0),
            lambda: Skin().edited(core=math.nan),
            lambda: View().edited(distance=math.inf),
        ):
            with self.assertRaises((ValidationError, OutOfLimits)):
                edit()

    def test_every_number_of_a_recipe_has_limits(self):
        for model in (Blob, BaseLevel, Mass, Voxels, Push, Skin, Sun, Sky, Medium, Light, View):
            for name, field in model.model_fields.items():
                if isinstance(field.default, bool) or not isinstance(field.default, (int, float)):
                    continue
                with self.subTest(model=model.__name__, field=name):
                    low, high = limits(model, name)
                    self.assertLess(low, high)
                    self.assertLessEqual(low, field.default)
                    self.assertLessEqual(field.default, high)

    def test_limits_of_tuples_are_those_of_their_numbers(self):
        low, high = limits(Blob, "radii")
        Blob(radii=(low, low, low))
        Blob(radii=(high, high, high))
        with self.assertRaises((ValidationError, OutOfLimits)):
            Blob(radii=(low / 2, 1.0, 1.0))
        with self.assertRaises((ValidationError, OutOfLimits)):
            Blob(radii=(high * 2, 1.0, 1.0))

    def test_a_heap_is_reproducible_and_follows_its_seed(self):
        self.assertEqual(heap(5, 100.0, 3), heap(5, 100.0, 3))
        self.assertNotEqual(heap(5, 100.0, 3), heap(5, 100.0, 4))
        balls = heap(5, 100.0, 3, generations=3, buds=4)
        self.assertEqual(len(balls), 5)
        self.assertTrue(all(b.buds.generations == 2 and b.buds.count == 4 for b in balls))

    def test_every_start_is_a_valid_recipe_of_its_proportions(self):
        sides = {}
        for species in STARTS:
            mound = start(species, "Any")
            self.assertEqual(parse_mound(mound_json(mound), "x"), mound)
            self.assertEqual(len({b.name for b in mound.mass.forms}), len(mound.mass.forms))
            low, high = box_of(mound.mass)
            sides[species] = high - low
        height = {s: side[1] / max(side[0], side[2]) for s, side in sides.items()}
        self.assertLess(height["deck slab"], height["humilis"])
        self.assertLess(height["humilis"], height["mediocris"])
        self.assertLess(height["mediocris"], height["congestus"])
        self.assertGreater(height["congestus"], 1.0)
        self.assertFalse(start("fractus", "x").mass.base.on)

    def test_starts_follow_seed_and_span(self):
        self.assertNotEqual(start("congestus", "x", seed=1).mass, start("congestus", "x", seed=2).mass)
        sides = [np.ptp(box_of(start("incus", "x", span).mass), axis=0).max() for span in (300.0, 900.0)]
        self.assertAlmostEqual(sides[1] / sides[0], 3.0, places=4)

    def test_the_first_mound_is_a_valid_recipe(self):
        mound = first_mound("Any")
        self.assertEqual(parse_mound(mound_json(mound), "x"), mound)


class Resizing(unittest.TestCase):
    def test_the_same_cloud_in_other_metres(self):
        mound = lumpy_mound()
        grid = density_grid(mound, 0.5)
        for factor in (0.25, 8.0):
            other = density_grid(resized_mound(mound, factor), 0.5 * factor)
            # The base level's altitude is not a multiple of the voxel: compare in space.
            points = np.random.default_rng(1).uniform((-20, 6, -14), (18, 31, 14), (4000, 3))
            moved = points * factor
            moved[:, 1] = 8.0 + (points[:, 1] - 8.0) * factor
            self.assertLess(np.abs(sample(other, moved) - sample(grid, points)).mean(), 0.01)

    def test_the_look_is_kept_by_the_extinction(self):
        mound = lumpy_mound()
        kept = resized_mound(mound, 10.0)
        self.assertAlmostEqual(kept.light.medium.extinction * 10.0, mound.light.medium.extinction)
        plain = resized_mound(mound, 10.0, keep_look=False)
        self.assertEqual(plain.light.medium, mound.light.medium)

    def test_there_and_back_is_the_same(self):
        mound = lumpy_mound()
        again = resized_mound(resized_mound(mound, 4.0), 0.25)
        self.assertEqual(again, mound)

    def test_the_underside_stays_at_its_altitude(self):
        self.assertEqual(resized_mound(lumpy_mound(), 5.0).mass.base.altitude, 8.0)

    def test_a_size_beyond_the_limits_is_refused(self):
        for factor in (1e-6, 1e6):
            with self.assertRaises(Problem) as caught:
                resized_mound(lumpy_mound(), factor)
            self.assertIn("limits", str(caught.exception))


class Reading(unittest.TestCase):
    def refused(self, change, *words):
        """Assert that a changed recipe is refused in one sentence with these words."""
        data = json.loads(mound_json(lumpy_mound()))
        change(data)
        with self.assertRaises(Problem) as caught:
            parse_mound(json.dumps(data), "bun.mound")
        sentence = str(caught.exception)
        self.assertIn("bun.mound", sentence)
        self.assertNotIn("\n", sentence)
        for word in words:
            self.assertIn(word, sentence)
        return sentence

    def test_json_round_trip_is_equal(self):
        for mound in (Mound(), lumpy_mound(), first_mound("A b c")):
            self.assertEqual(parse_mound(mound_json(mound), "x"), mound)

    def test_the_text_is_readable_and_stable(self):
        text = mound_json(lumpy_mound())
        self.assertEqual(text, mound_json(parse_mound(text, "x")))
        self.assertIn('"name": "Lumpy"', text)
        self.assertGreater(text.count("\n"), 50)

    def test_the_softness_of_a_skin_became_a_curve(self):
        data = json.loads(mound_json(lumpy_mound()))
        data["format"] = 2
        del data["skin"]["curve"]
        data["skin"]["softness"] = 0.5
        old = parse_mound(json.dumps(data), "old.mound")
        self.assertEqual((old.format, old.skin.thickness), (FORMAT, 1.5))
        middle = {x: y for x, y in old.skin.curve.points}[0.3]
        self.assertAlmostEqual(middle, 0.5 * 0.3 + 0.5 * 0.3**2 * (3.0 - 0.6), places=5)

    def test_folded_grains_became_a_way_to_sum(self):
        data = json.loads(mound_json(lumpy_mound()))
        data["format"] = 3
        for grain, folded in zip(data["grains"], (True, False)):
            del grain["summed"]
            grain["folded"] = folded
        old = parse_mound(json.dumps(data), "old.mound")
        self.assertEqual([g.summed for g in old.grains], ["folded", "fbm"])
        self.assertEqual(old.grains[0].feature, 8.0)

    def test_the_format_before_with_its_snapshots(self):
        mound = lumpy_mound()
        kept = Snapshot(name="Kept", picture=Arrays(pixels=np.zeros((2, 3, 3), np.uint8)), recipe=mound)
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "old.mound"
            write_mound(path, mound.edited(snapshots=(kept,)))
            with zipfile.ZipFile(path) as file:
                members = {name: file.read(name) for name in file.namelist()}
            data = json.loads(members["mound.json"])
            for recipe in (data, data["snapshots"][0]["recipe"]):
                recipe["format"] = 5
                del recipe["light"]["medium"]["tint_by"], recipe["light"]["medium"]["glow_by"], recipe["voxels"]["crumbs"]
            members["mound.json"] = json.dumps(data).encode()
            with zipfile.ZipFile(path, "w") as file:
                for name, content in members.items():
                    file.writestr(name, content)
            # What dropped no crumbs then drops none now.
            mound = mound.edited(voxels=mound.voxels.edited(crumbs=0.0))
            self.assertEqual(read_mound(path), mound.edited(snapshots=(kept.edited(recipe=mound),)))

    def test_unknown_version(self):
        self.refused(lambda d: d.update(format=FORMAT + 1), f"format {FORMAT + 1}", "newer version")

    def test_missing_or_silly_version(self):
        self.refused(lambda d: d.pop("format"), "format version")
        self.refused(lambda d: d.update(format="1"), "format version")
        self.refused(lambda d: d.update(format=True), "format version")
        self.refused(lambda d: d.update(format=-3), "format version")

    def test_unknown_field(self):
        self.refused(lambda d: d.update(colour="red"), "colour", "not known")
        self.refused(lambda d: d["mass"]["forms"][1].update(mass=3), "mass.forms.1.mass", "not known")

    def test_missing_field_is_filled_with_its_default(self):
        data = json.loads(mound_json(lumpy_mound()))
        del data["skin"]["core"]
        self.assertEqual(parse_mound(json.dumps(data), "x").skin.core, Skin().core)

    def test_out_of_range(self):
        self.refused(lambda d: d["mass"]["forms"][0].update(radii=[1.0, -2.0, 1.0]),
                     "mass.forms.0.radii.1", "-2.0", "at least")
        self.refused(lambda d: d["light"]["sun"].update(elevation=200), "light.sun.elevation", "at most 90")
        self.refused(lambda d: d["grains"][0].update(octaves=99), "grains.0.octaves", "at most 10")

    def test_not_finite(self):
        for value in (math.nan, math.inf, -math.inf):
            self.refused(lambda d, v=value: d["skin"].update(thickness=v), "skin.thickness")

    def test_wrong_type(self):
        self.refused(lambda d: d["skin"].update(thickness="thick"), "skin.thickness")
        self.refused(lambda d: d.update(mass=[]), "mass")
        self.refused(lambda d: d["mass"]["forms"][0].update(radii=[1.0, 2.0]), "radii")
        self.refused(lambda d: d.update(name=""), "name")
        self.refused(lambda d: d.update(name="a/b"), "name")

    def test_too_many(self):
        self.refused(lambda d: d.update(grains=[d["grains"][0]] * 13), "grains", "at most 12")

    def test_too_many_buds(self):
        self.refused(lambda d: d["mass"]["forms"][0].update(buds={"generations": 4, "count": 40}),
                     "mass", "buds", "take a generation")

    def test_several_problems_are_counted(self):
        def change(data):
            data["skin"]["thickness"] = -1
            data["light"]["exposure"] = 99
        self.assertIn("1 more problem", self.refused(change))

    def test_no_json(self):
        for text in ("", "{", "[1, 2", "nonsense", '{"format": 1,}', "[" * 100_000):
            with self.assertRaises(Problem) as caught:
                parse_mound(text, "bun.mound")
            self.assertIn("JSON", str(caught.exception))

    def test_json_that_is_no_object(self):
        for text in ("[]", "3", '"mound"', "null"):
            with self.assertRaises(Problem) as caught:
                parse_mound(text, "bun.mound")
            self.assertIn("no recipe", str(caught.exception))


class Files(unittest.TestCase):
    def setUp(self):
        self._folder = tempfile.TemporaryDirectory()
        self.folder = pathlib.Path(self._folder.name)
        self.path = self.folder / "bun.mound"

    def tearDown(self):
        self._folder.cleanup()

    def refused(self, content, *words):
        self.path.write_bytes(content)
        for read in (read_mound, read_thumb):
            with self.assertRaises(Problem) as caught:
                read(self.path)
            sentence = str(caught.exception)
            self.assertIn(str(self.path), sentence)
            self.assertEqual(sentence.count("\n"), 0)
            for word in words:
                self.assertIn(word, sentence)

    def test_round_trip_with_thumb(self):
        write_mound(self.path, lumpy_mound(), b"a picture")
        self.assertEqual(read_mound(self.path), lumpy_mound())
        self.assertEqual(read_thumb(self.path), b"a picture")

    def test_it_is_a_plain_zip_of_readable_json(self):
        write_mound(self.path, lumpy_mound())
        with zipfile.ZipFile(self.path) as archive:
            self.assertEqual(archive.namelist(), ["mound.json"])
            self.assertEqual(json.loads(archive.read("mound.json"))["name"], "Lumpy")
        self.assertIsNone(read_thumb(self.path))

    def test_same_recipe_same_bytes(self):
        write_mound(self.path, lumpy_mound(), b"x")
        other = self.folder / "other.mound"
        write_mound(other, lumpy_mound(), b"x")
        self.assertEqual(self.path.read_bytes(), other.read_bytes())

    def test_writing_leaves_nothing_else_behind(self):
        write_mound(self.path, lumpy_mound())
        write_mound(self.path, Mound())
        self.assertEqual([p.name for p in self.folder.iterdir()], ["bun.mound"])
        self.assertEqual(read_mound(self.path), Mound())
        self.assertEqual(stat.S_IMODE(self.path.stat().st_mode), 0o644)

    def test_a_failed_write_keeps_the_old_file(self):
        write_mound(self.path, lumpy_mound())
        with self.assertRaises(Problem):
            write_mound(self.folder / "missing" / "bun.mound", Mound())
        target = self.folder / "taken.mound"
        target.mkdir()
        (target / "in the way").touch()
        with self.assertRaises(Problem) as caught:
            write_mound(target, Mound())
        self.assertIn("is a folder", str(caught.exception))
        self.assertEqual(read_mound(self.path), lumpy_mound())
        self.assertEqual(sorted(p.name for p in self.folder.iterdir()), ["bun.mound", "taken.mound"])

    def test_missing_file(self):
        with self.assertRaises(Problem) as caught:
            read_mound(self.folder / "none.mound")
        self.assertIn("no such file", str(caught.exception))

    def test_folder_instead_of_file(self):
        with self.assertRaises(Problem):
            read_mound(self.folder)

    def test_no_zip(self):
        for content in (b"", b"PK", b"not a zip at all" * 10, b"\x00" * 400):
            self.refused(content, "not a .mound")

    def test_damaged_zip(self):
        write_mound(self.path, lumpy_mound(), b"x" * 3000)
        whole = self.path.read_bytes()
        self.refused(whole[: len(whole) // 2])
        # Every flipped byte is read as before or refused in a sentence; nothing else may happen.
        for at in range(0, len(whole), 7):
            damaged = bytearray(whole)
            damaged[at] ^= 0xFF
            self.path.write_bytes(bytes(damaged))
            try:
                self.assertEqual(read_mound(self.path), lumpy_mound())
            except Problem as problem:
                self.assertIn(str(self.path), str(problem))

    def test_zip_without_a_recipe(self):
        self.path.write_bytes(mound_zip({"thumb.png": b"x"}))
        with self.assertRaises(Problem) as caught:
            read_mound(self.path)
        self.assertIn("no mound.json", str(caught.exception))

    def test_zip_that_escapes_its_folder(self):
        for name in ("../mound.json", "/etc/mound.json", "a/../../mound.json", "..\\mound.json"):
            self.refused(mound_zip({name: b"{}", "mound.json": b"{}"}), "outside the file")

    def test_zip_with_something_foreign(self):
        self.refused(mound_zip({"mound.json": b"{}", "run.sh": b"echo"}), "does not belong")

    def test_zip_that_unpacks_to_gigabytes(self):
        content = mound_zip({"mound.json": b" " * (70 * 2**20)})
        self.assertLess(len(content), 2**20)
        self.refused(content, "would unpack to 70 MiB", "64 MiB")

    def test_zip_that_lies_about_its_size(self):
        content = bytearray(mound_zip({"mound.json": b" " * (70 * 2**20)}))
        lie = struct.pack("<I", 100)
        central = content.rindex(b"PK\x01\x02")
        content[central + 24 : central + 28] = lie
        local = content.index(b"PK\x03\x04")
        content[local + 22 : local + 26] = lie
        self.path.write_bytes(bytes(content))
        with self.assertRaises(Problem):
            read_mound(self.path)

    @unittest.skipIf(os.geteuid() == 0, "root may read everything")
    def test_unreadable_file(self):
        write_mound(self.path, Mound())
        self.path.chmod(0)
        with self.assertRaises(Problem) as caught:
            read_mound(self.path)
        self.assertIn("could not be read", str(caught.exception))


if __name__ == "__main__":
    unittest.main()
