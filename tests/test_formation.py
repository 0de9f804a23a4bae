"""Many clouds in one sky: spreads, pictures, stages, lists, merging, and the command line."""

import json
import pathlib
import tempfile
import unittest

import numpy as np
from pxr import Usd, UsdGeom, UsdValidation, UsdVol
from scipy.spatial import cKDTree

from softmound.cli import main
from softmound.core.directions import degrees_of, rotation_matrix
from softmound.core.engine.stages import Stages, picture
from softmound.core.exchange.export import ExportOptions
from softmound.core.exchange.foreign import read_vdb
from softmound.core.exchange.vdb import write_vdb
from softmound.core.formation.filming import path_of
from softmound.core.formation.listing import read_list, write_list
from softmound.core.formation.merging import merged
from softmound.core.formation.spreading import spread_again, spread_members, taken_out
from softmound.core.formation.stage import read_stage, write_stage
from softmound.core.formation.standing import bounds_of_flock, clouds_of, placing_of, reduction_for, scene_of_flock, sources_of
from softmound.core.library.asset import publish
from softmound.core.library.shelf import of_asset
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.scene import scene_of
from softmound.core.recipe import KeptView, Problem, View
from softmound.core.recipe.flock import Asset, Flock, Kind, Member, Spread
from softmound.core.recipe.flock_files import read_flock, write_flock
from softmound.core.volume.sample import sample
from tests.scenes import ball_mound, box_grid, lumpy_mound, said

LOAF, ROLL = Asset(name="Loaf"), Asset(name="Roll")


def middles(members):
    return np.array([(m.place[0], m.place[2]) for m in members])


class Spreading(unittest.TestCase):
    radii = {LOAF: 40.0, ROLL: 20.0}

    def rule(self, **changes):
        return Spread(**{"kinds": (Kind(asset=LOAF), Kind(asset=ROLL, weight=3.0)), "count": 60, "size": (4000.0, 3000.0),
                         **changes})

    def test_the_same_seed_gives_the_same_members_and_another_does_not(self):
        one, again, other = (spread_members(self.rule(seed=seed), self.radii) for seed in (4, 4, 5))
        self.assertEqual(one, again)
        self.assertNotEqual(middles(one).tolist(), middles(other).tolist())

    def test_smallest_distances_are_kept(self):
        for rule in (self.rule(apart=220.0), self.rule(overlap=0.3, count=400), self.rule(larger_apart=True, sizes=(0.5, 3.0))):
            made = spread_members(rule, self.radii)
            at, radius = middles(made), np.array([self.radii[m.asset] * m.size for m in made])
            pairs = cKDTree(at).query_pairs(600.0, output_type="ndarray")
            apart = np.linalg.norm(at[pairs[:, 0]] - at[pairs[:, 1]], axis=1)
            need = np.maximum(rule.apart, (radius[pairs[:, 0]] + radius[pairs[:, 1]]) * (1.0 - rule.overlap))
            self.assertTrue((apart >= need - 2e-3).all())
            if rule.larger_apart:
                mean = np.mean(list(self.radii.values())) * 0.5 * sum(rule.sizes)
                reserve = np.maximum(radius - mean, 0.0)
                self.assertTrue((apart >= need + np.maximum(*reserve[pairs].T) - 2e-3).all())

    def test_areas_weights_and_ranges(self):
        rule = self.rule(area="disc", count=400, size=(9000.0, 9000.0), centre=(500.0, -200.0), low=700.0, high=900.0,
                         sizes=(0.5, 1.5), densities=(0.2, 0.4))
        made = spread_members(rule, self.radii)
        out = np.linalg.norm(middles(made) - (500.0, -200.0), axis=1)
        self.assertLess(out.max(), 4500.0)
        # As many in each ring as its area: the median lies at the root of a half.
        self.assertAlmostEqual(np.median(out) / 4500.0, 0.5**0.5, delta=0.05)
        share = np.mean([m.asset == ROLL for m in made])
        self.assertAlmostEqual(share, 0.75, delta=0.08)
        self.assertTrue(all(700.0 <= m.place[1] <= 900.0 and 0.2 <= m.density <= 0.4 and 0.5 <= m.size <= 1.5 for m in made))
        self.assertAlmostEqual(np.mean([m.mirrored for m in made]), 0.5, delta=0.1)
        rule = self.rule(area="line", points=((0.0, 0.0), (0.0, 3000.0), (3000.0, 3000.0)), size=(200.0, 1.0))
        line = spread_members(rule, self.radii)
        x, z = middles(line).T
        self.assertTrue(np.all(np.minimum(np.abs(x), np.abs(z - 3000.0)) <= 100.0 + 1e-6))

    def test_streets_run_along_and_edges_thin_out(self):
        rule = self.rule(count=500, size=(20_000.0, 20_000.0), streets=2000.0, along=90.0, strictly=1.0)
        streets = spread_members(rule, self.radii)
        # Along x: they gather where z is a whole number of streets.
        phase = np.cos(2.0 * np.pi * middles(streets)[:, 1] / 2000.0)
        self.assertGreater(phase.mean(), 0.4)
        self.assertLess(abs(np.cos(2.0 * np.pi * middles(streets)[:, 0] / 2000.0).mean()), 0.15)
        thin = spread_members(self.rule(area="disc", count=400, size=(20_000.0, 20_000.0), thinning=1.0), self.radii)
        out = np.linalg.norm(middles(thin), axis=1) / 10_000.0
        # The chance falls evenly to the edge: the mean distance is that of r (1 - r), a half.
        self.assertAlmostEqual(out.mean(), 0.5, delta=0.04)

    def test_what_was_done_by_hand_stays(self):
        flock = spread_again(Flock(spreads=(self.rule(),)), self.radii)
        self.assertEqual(len(flock.members), 60)
        moved = flock.members[7].edited(place=(9999.0, 800.0, 0.0), moved=True)
        locked = flock.members[9].edited(locked=True)
        gone = flock.members[11]
        by_hand = Member(asset=LOAF, place=(0.0, 800.0, 0.0))
        members = [*flock.members, by_hand]
        members[7], members[9] = moved, locked
        flock = taken_out(flock.edited(members=tuple(members)), [11])
        again = spread_again(flock, self.radii)
        for member in (moved, locked, by_hand):
            self.assertIn(member, again.members)
        self.assertNotIn(gone.number, [m.number for m in again.members if m.spread == "Spread"])
        self.assertEqual(len([m for m in again.members if m.number == moved.number and m.spread]), 1)
        # And so under another seed, which changes all the rest.
        other = spread_again(again.edited(spreads=(again.spreads[0].edited(seed=77),)), self.radii)
        self.assertIn(moved, other.members)
        self.assertLess(len(set(other.members) & set(again.members)), 6)

    def test_a_full_area_holds_what_it_can(self):
        made = spread_members(self.rule(size=(300.0, 300.0), count=200), self.radii)
        self.assertTrue(2 <= len(made) < 60)

    def test_rules_that_make_no_sense_are_refused(self):
        for wrong in ({"low": 5.0, "high": 1.0}, {"area": "line"}, {"kinds": ()}, {"sizes": (2.0, 1.0)}, {"count": 0}):
            self.assertRaises(ValueError, self.rule, **wrong)


class Sky(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls._kept = tempfile.TemporaryDirectory()
        cls.folder = pathlib.Path(cls._kept.name)
        cls.library = cls.folder / "shelf"
        publish(lumpy_mound().edited(name="Loaf"), cls.library, 1.0, tiers=(1, 2, 4))
        publish(ball_mound(12.0, 2.0).edited(name="Roll"), cls.library, 1.0, tiers=(1, 4))

    @classmethod
    def tearDownClass(cls):
        cls._kept.cleanup()

    def flock(self, *members, **fields):
        return Flock(name="Sky", library="shelf", members=members, **fields)

    def sources(self, flock):
        return sources_of(flock, self.library, self.folder)


class Standing(Sky):
    def test_one_member_looks_as_its_asset_does(self):
        member = Member(asset=LOAF)
        flock = self.flock(member)
        sources = self.sources(flock)
        source = sources[LOAF]
        flock = flock.edited(members=(member.edited(place=tuple(float(v) for v in source.base)),))
        view = fitted(View(), *source.bounds, 120, 80)
        scene = scene_of_flock(flock, sources, 120, 80, view)
        placing = scene.clouds[0].placing
        np.testing.assert_allclose(placing.world([[1.0, 2.0, 3.0]]), [[1.0, 2.0, 3.0]], atol=1e-9)
        alone = scene_of(flock.light.edited(medium=source.medium), source.grid(1), view=view)
        one, other = (picture(Stages(), s, 120, 80).astype(int) for s in (scene_of_flock(flock, sources, 4000, 80, view), alone))
        self.assertLess(np.abs(one - other).mean(), 0.5)

    def test_a_member_stands_where_it_is_put_whatever_its_turn_and_size(self):
        for turn in ((0.0, 0.0, 0.0), (0.0, 130.0, 0.0)):
            member = Member(asset=LOAF, place=(500.0, 900.0, -300.0), size=2.0, turn=turn, mirrored=True)
            flock = self.flock(member)
            sources = self.sources(flock)
            np.testing.assert_allclose(placing_of(member, sources[LOAF]).world(sources[LOAF].base), member.place, atol=1e-9)
            low, high = bounds_of_flock(flock, sources)
            self.assertAlmostEqual(low[1], 900.0, places=6)
            size = sources[LOAF].bounds[1] - sources[LOAF].bounds[0]
            self.assertAlmostEqual(high[1] - low[1], 2.0 * size[1], places=6)

    def test_far_members_show_smaller_tiers_and_share_their_grids(self):
        near = Member(asset=LOAF, place=(0.0, 0.0, 0.0))
        far = [near.edited(place=(100.0 * n, 0.0, -20_000.0)) for n in range(5)]
        flock = self.flock(near, *far, Member(asset=ROLL, place=(50.0, 0.0, 0.0)))
        sources = self.sources(flock)
        camera = camera_of(View(distance=150.0, target=(0.0, 20.0, 0.0)), 1280, 720)
        self.assertEqual(reduction_for(sources[LOAF], near, camera), 1)
        self.assertEqual(reduction_for(sources[LOAF], far[0], camera), 4)
        clouds = clouds_of(flock, sources, camera)
        self.assertEqual(len({id(cloud.grid) for cloud in clouds}), 3)
        self.assertEqual(len(clouds_of(flock.edited(members=tuple(m.edited(hidden=True) for m in flock.members)), sources)), 0)

    def test_versions_and_what_is_missing(self):
        flock = self.flock(Member(asset=Asset(name="Loaf", version=3)))
        with self.assertRaises(Problem) as caught:
            self.sources(flock)
        self.assertIn("version 3", str(caught.exception))
        self.assertEqual([v.number for v in of_asset(self.library, "Loaf")], [1])
        self.assertEqual(of_asset(self.library, "Nobody"), [])
        self.assertRaises(Problem, self.sources, self.flock(Member(asset=Asset(name="Nobody"))))
        self.assertRaises(Problem, self.sources, self.flock(Member(asset=Asset(name="x", file="gone.vdb"))))
        with self.assertRaises(Problem):
            scene_of_flock(self.flock(), {}, 64, 48)

    def test_a_file_of_somebody_elses(self):
        write_vdb(self.folder / "strange.vdb", box_grid((0, 0, 0), (31, 15, 15), 0.5))
        flock = self.flock(Member(asset=Asset(name="Strange", file="strange.vdb"), place=(0.0, 100.0, 0.0)))
        sources = self.sources(flock)
        low, high = bounds_of_flock(flock, sources)
        np.testing.assert_allclose(high - low, (31.0, 15.0, 15.0), atol=1e-6)
        self.assertEqual(low[1], 100.0)


class Files(Sky):
    def test_a_flock_is_read_as_it_was_written(self):
        flock = self.flock(Member(asset=LOAF, turn=(1.0, 2.0, 3.0)), spreads=(Spread(kinds=(Kind(asset=ROLL),)),),
                           views=(KeptView(name="wide", view=View(azimuth=30.0)),))
        path = self.folder / "a.flock"
        write_flock(path, flock)
        self.assertEqual(read_flock(path), flock)
        # One of the first format knew no ids.
        first = {key: value for key, value in json.loads(path.read_text()).items() if key != "ids"} | {"format": 1}
        path.write_text(json.dumps(first))
        self.assertEqual(read_flock(path), flock)

    def test_what_is_no_flock_is_one_sentence(self):
        path = self.folder / "bad.flock"
        for text in ("", "[]", "{}", '{"format": 9}', '{"format": 1, "more": 2}', '{"format": 1, "members": [{}]}',
                     '{"format": 1, "members": [{"asset": {"name": "a"}, "size": NaN}]}', "\x00\xff"):
            path.write_text(text)
            with self.assertRaises(Problem) as caught:
                read_flock(path)
            self.assertNotIn("\n", str(caught.exception))
        self.assertRaises(Problem, read_flock, self.folder / "nothing.flock")

    def test_a_stage_and_what_is_read_back_from_it(self):
        members = (Member(asset=LOAF, name="first", place=(100.0, 900.0, 40.0), turn=(10.0, 130.0, -20.0), size=1.7),
                   Member(asset=LOAF, name="second", place=(-300.0, 800.0, 0.0), size=0.4, mirrored=True, turn=(0.0, -70.0, 0.0)),
                   Member(asset=ROLL, name="third", place=(0.0, 700.0, -500.0)), Member(asset=ROLL, hidden=True))
        flock = self.flock(*members, views=(KeptView(name="low", view=View(elevation=2.0)),))
        sources = self.sources(flock)
        for ending in ("usda", "usdc"):
            path = self.folder / f"sky.{ending}"
            facts = write_stage(path, flock, sources)
            self.assertEqual((facts["members"], facts["assets"], facts["cameras"]), (3, 2, 2))
            stage = Usd.Stage.Open(str(path))
            self.assertEqual((UsdGeom.GetStageMetersPerUnit(stage), UsdGeom.GetStageUpAxis(stage)), (1.0, "Y"))
            self.assertEqual(len(stage.GetPrototypes()), 2)
            for member in members[:3]:
                prim = stage.GetPrimAtPath(f"/Sky/members/{member.name}")
                self.assertTrue(prim.IsInstance())
                matrix = np.array(UsdGeom.Xformable(prim).ComputeLocalToWorldTransform(Usd.TimeCode.Default()))
                point = np.array([3.0, 20.0, -4.0])
                want = placing_of(member, sources[member.asset]).world(point)
                np.testing.assert_allclose((np.append(point, 1.0) @ matrix)[:3], want, atol=1e-6)
            volumes = [p for p in stage.Traverse(Usd.TraverseInstanceProxies()) if p.IsA(UsdVol.Volume)]
            self.assertEqual(len(volumes), 3)
            field = UsdVol.OpenVDBAsset(volumes[0].GetChild("density"))
            self.assertTrue(pathlib.Path(field.GetFilePathAttr().Get().resolvedPath).samefile(sources[LOAF].tiers[1]))
            validators = UsdValidation.ValidationRegistry().GetOrLoadAllValidators()
            wrong = UsdValidation.ValidationContext(validators).Validate(stage)
            self.assertEqual([error.GetMessage() for error in wrong], [])
            back = read_stage(path, "Back")
            self.assertEqual([m.name for m in back.members], ["first", "second", "third"])
            found = sources_of(back, self.library, self.folder)
            for own, other in zip(members, back.members):
                for point in ((0.0, 20.0, 0.0), (5.0, 28.0, -9.0)):
                    np.testing.assert_allclose(placing_of(other, found[other.asset]).world(point),
                                               placing_of(own, sources[own.asset]).world(point), atol=2e-3)
                self.assertEqual(own.mirrored, other.mirrored)

    def test_a_stage_of_files_in_another_unit_and_axis_comes_back_where_it_was(self):
        publish(lumpy_mound().edited(name="Strange"), self.folder / "other", 1.5, ExportOptions("z", "cm", "kept"))
        member = Member(asset=Asset(name="Strange"), name="one", place=(100.0, 900.0, 40.0), turn=(0.0, 70.0, 0.0), size=1.5)
        flock = Flock(name="Sky", members=(member,))
        sources = sources_of(flock, self.folder / "other")
        write_stage(self.folder / "strange.usda", flock, sources)
        back = read_stage(self.folder / "strange.usda")
        found = sources_of(back, self.folder / "other", self.folder)
        self.assertAlmostEqual(back.members[0].size, 1.5, places=4)
        for point in ((0.0, 20.0, 0.0), (5.0, 28.0, -9.0)):
            np.testing.assert_allclose(placing_of(back.members[0], found[back.members[0].asset]).world(point),
                                       placing_of(member, sources[member.asset]).world(point), atol=2e-3)

    def test_a_list_and_what_is_read_back_from_it(self):
        members = (Member(asset=LOAF, place=(100.0, 900.0, 40.0), turn=(10.0, 130.0, -20.0), size=1.7, mirrored=True),
                   Member(asset=ROLL, place=(0.0, 700.0, 5.0), tint=(1.0, 0.5, 0.2)))
        flock = self.flock(*members)
        sources = self.sources(flock)
        write_list(self.folder / "sky.json", flock, sources)
        rows = json.loads((self.folder / "sky.json").read_text())["members"]
        point = np.array([3.0, 20.0, -4.0, 1.0])
        want = placing_of(members[0], sources[LOAF]).world(point[:3])
        np.testing.assert_allclose((np.array(rows[0]["matrix"]) @ point)[:3], want, atol=1e-6)
        back = read_list(self.folder / "sky.json")
        for own, other in zip(members, back.members):
            np.testing.assert_allclose(rotation_matrix(other.turn), rotation_matrix(own.turn), atol=1e-6)
            self.assertAlmostEqual(other.size, own.size, places=6)
            self.assertEqual((other.asset, other.place, other.mirrored, other.tint), (own.asset, own.place, own.mirrored, own.tint))
        for text in ("{}", "[]", '[{"matrix": 3}]', '{"members": [{"matrix": [[1,0,0],[0,1,0],[0,0,1]]}]}'):
            (self.folder / "bad.json").write_text(text)
            self.assertRaises(Problem, read_list, self.folder / "bad.json")

    def test_degrees_undo_a_rotation(self):
        rng = np.random.default_rng(3)
        for degrees in (*rng.uniform(-180.0, 180.0, (20, 3)), (30.0, 90.0, 0.0), (0.0, -90.0, 40.0)):
            turn = rotation_matrix(degrees)
            np.testing.assert_allclose(rotation_matrix(degrees_of(turn)), turn, atol=1e-6)


class Merging(Sky):
    def test_the_merged_grid_is_the_members_sampled_one_by_one(self):
        members = (Member(asset=LOAF, place=(0.0, 100.0, 0.0), turn=(0.0, 40.0, 0.0), size=1.5),
                   Member(asset=ROLL, place=(30.0, 100.0, 10.0), density=0.5),
                   Member(asset=ROLL, place=(300.0, 80.0, 0.0), mirrored=True))
        flock = self.flock(*members)
        sources = self.sources(flock)
        grid, medium = merged(flock, sources, 1.0)
        self.assertEqual(medium.extinction, sources[LOAF].medium.extinction)
        points = np.random.default_rng(2).integers((-40, 95, -30), (60, 150, 40), (6000, 3)).astype(float)
        want = np.zeros(len(points))
        for member in members:
            source = sources[member.asset]
            share = member.density * source.medium.extinction / medium.extinction
            want += share * sample(source.grid(1), placing_of(member, source).own(points))
        self.assertGreater((want > 0.0).sum(), 200)
        np.testing.assert_allclose(sample(grid, points), want, atol=2e-3)
        # A region is cut off at its corners.
        part, _ = merged(flock, sources, 1.0, ((-10.0, 90.0, -20.0), (12.0, 140.0, 20.0)))
        inside = ((points >= (-10.0, 90.0, -20.0)) & (points <= (12.0, 140.0, 20.0))).all(axis=1)
        np.testing.assert_allclose(sample(part, points), np.where(inside, want, 0.0), atol=2e-3)

    def test_nothing_to_be_seen_is_said(self):
        flock = self.flock(Member(asset=LOAF, hidden=True))
        self.assertIsNone(bounds_of_flock(flock, self.sources(flock)))
        self.assertRaises(Problem, merged, flock, self.sources(flock), 2.0)

    def test_mass_stays_also_at_wider_voxels(self):
        flock = self.flock(Member(asset=LOAF, place=(7.0, 50.0, 3.0), size=2.0))
        sources = self.sources(flock)
        mass = sources[LOAF].grid(1).values.sum(dtype=float) + 512.0 * sources[LOAF].grid(1).tile_values.sum(dtype=float)
        for voxel in (2.0, 4.0, 8.0):
            grid, _ = merged(flock, sources, voxel)
            found = (grid.values.sum(dtype=float) + 512.0 * grid.tile_values.sum(dtype=float)) * voxel**3
            self.assertAlmostEqual(found / (mass * 1.0 * 8.0), 1.0, delta=0.01)


class Filming(unittest.TestCase):
    def test_a_path_goes_through_its_views_the_short_way_round(self):
        views = [View(azimuth=170.0, distance=100.0), View(azimuth=-170.0, distance=400.0), View(azimuth=-150.0, distance=100.0)]
        path = path_of(views, 21)
        for n, view in ((0, views[0]), (10, views[1]), (20, views[2])):
            self.assertAlmostEqual(path[n].azimuth, view.azimuth, places=4)
            self.assertAlmostEqual(path[n].distance, view.distance, places=3)
        turned = np.unwrap([np.radians(v.azimuth) for v in path])
        self.assertTrue((np.diff(turned) > -1e-9).all())
        steps = np.diff([v.distance for v in path])
        # At rest at both ends, and in between where it turns back.
        self.assertLess(max(abs(steps[0]), abs(steps[-1])), 0.2 * np.abs(steps).max())


class Command(Sky):
    def test_from_a_spread_to_pictures_grids_and_stages(self):
        flock = self.folder / "sky.flock"
        code, out, err = said(main, ["spread", str(flock), "--library", str(self.library), "--asset", "Loaf", "--asset", "Roll:2",
                                     "--area", "disc", "--size", "900x900", "--count", "12", "--altitude", "300-320", "--json"])
        self.assertEqual((code, json.loads(out)["members"]), (0, 12), err)
        before = read_flock(flock)
        self.assertEqual(before.library, "shelf")
        code, out, err = said(main, ["spread", str(flock), "--again", "--json"])
        self.assertEqual((code, read_flock(flock)), (0, before), err)
        code, _, err = said(main, ["spread", str(flock), "--again", "--seed", "8", "--json"])
        self.assertEqual(code, 0, err)
        self.assertNotEqual(read_flock(flock).members, before.members)
        code, out, err = said(main, ["formation", "check", str(flock), "--json"])
        self.assertEqual((code, json.loads(out)["assets"]), (0, 2), err)
        for arguments, name in ((["picture", "--size", "96x64", "--passes", "1"], "sky.png"), (["usd"], "out.usda"),
                                (["list"], "out.json"), (["merge", "--voxel", "6"], "sky.vdb")):
            target = self.folder / f"made_{name}"
            code, out, err = said(main, ["formation", arguments[0], str(flock), "--out", str(target), *arguments[1:], "--json"])
            self.assertEqual((code, target.exists()), (0, True), err)
        self.assertGreater(read_vdb(self.folder / "made_sky.vdb").active_voxels(), 1000)
        for source in ("made_out.usda", "made_out.json"):
            again = self.folder / f"again_{source[5:]}.flock"
            code, out, err = said(main, ["formation", "read", str(self.folder / source), "--out", str(again), "--json"])
            self.assertEqual((code, json.loads(out)["members"]), (0, 12), err)
        kept = read_flock(flock)
        write_flock(flock, kept.edited(views=tuple(KeptView(name=name, view=kept.view.edited(azimuth=azimuth))
                                                   for name, azimuth in (("a", 0.0), ("b", 30.0)))))
        code, out, err = said(main, ["formation", "film", str(flock), "--out", str(self.folder / "path"), "--frames", "3", "--size",
                                     "48x32", "--passes", "1", "--json"])
        self.assertEqual((code, len(list((self.folder / "path").iterdir()))), (0, 3), err)

    def test_refusals_are_sentences(self):
        flock = self.folder / "refused.flock"
        for arguments in (["spread", str(flock), "--library", str(self.library)],
                          ["spread", str(self.folder / "x.txt"), "--asset", "Loaf"],
                          ["spread", str(flock), "--library", str(self.library), "--asset", "Nobody"],
                          ["spread", str(flock), "--library", str(self.library), "--asset", "Loaf", "--altitude", "9-x"],
                          ["formation", "picture", str(flock), "--out", str(self.folder / "a.png")]):
            code, _, err = said(main, arguments)
            self.assertEqual((code, len(err.strip().splitlines())), (2, 1), err)
        self.assertFalse(flock.exists())
        write_flock(flock, self.flock(Member(asset=LOAF)))
        for arguments in (["merge", "--out", "a.vdb"], ["picture"], ["picture", "--out", "a.txt"], ["film", "--out", "a"],
                          ["picture", "--out", str(self.folder / "a.png"), "--view", "none"],
                          ["merge", "--voxel", "0.001", "--out", str(self.folder / "a.vdb")]):
            code, _, err = said(main, ["formation", arguments[0], str(flock), *arguments[1:]])
            self.assertIn(code, (2, 3), err)
            self.assertEqual(len(err.strip().splitlines()), 1, err)


if __name__ == "__main__":
    unittest.main()
