"""The graph of stages: every field of every model, changed one by one, makes just the right stages stale."""

import typing
import unittest

import numpy as np
from pydantic import ValidationError

from softmound.core.engine.density import bounds_of, density_grid
from softmound.core.engine.graph import GRAPH, SHAPED, key_at, moved_outward, reaches, stages_to
from softmound.core.engine.siblings import sibling
from softmound.core.engine.stages import Stages, picture
from softmound.core.fill.steps.grow import Grow
from softmound.core.fill.steps.smooth import Smooth
from softmound.core.grain.actions.crisp import Crisp
from softmound.core.grain.actions.mottle import Mottle
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.actions.stir import Stir
from softmound.core.grain.actions.streak import Streak
from softmound.core.grain.masks.depth import ByDepth
from softmound.core.grain.masks.facing import ByFacing
from softmound.core.grain.masks.form import ByForm
from softmound.core.grain.masks.height import ByHeight
from softmound.core.grain.masks.noise import ByNoise
from softmound.core.grain.masks.paint import Painted
from softmound.core.light.lattices.coarse import Fineness
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.kinds.trail import Trail
from softmound.core.mass.kinds.volume import Volume
from softmound.core.problems import OutOfLimits
from softmound.core.recipe import (
    Arrays,
    Curve,
    Fader,
    Floor,
    KeptView,
    Lamp,
    Light,
    LowerSkin,
    Mass,
    Medium,
    Mound,
    Noise,
    Paint,
    Patch,
    Ramp,
    Skin,
    Sky,
    Sun,
    View,
    Warp,
)
from softmound.core.recipe.forms import FORMS, BaseLevel, Buds, Coat, Dabs, Roughness, Stroke, TopLevel
from softmound.core.recipe.grains import ACTIONS, MASKS
from softmound.core.recipe.standins import STAND_INS
from softmound.core.recipe.steps import STEPS
from softmound.core.recipe.value import Value
from tests.long import long
from tests.scenes import missing, tetrahedron

ABOUT = np.array([1.0, 0.0, 0.0, 0.0, 0.0])
GRID = dict(coords=np.array([[0, 1, 0], [0, 2, 0]], np.int32), values=np.full((2, 512), 0.6, np.float32),
            tiles=np.zeros((0, 3), np.int32), tile_values=np.zeros(0, np.float32), about=ABOUT)
PATH = ((4.0, 24.0, 4.0, 0.8), (8.0, 26.0, 4.0, 0.6))


def rich():
    """A mound with one of everything that changes its cloud."""
    curve = Curve(points=((0.0, 0.1), (0.5, 0.7), (1.0, 0.9)))
    skin_curve = Curve(points=((0.0, 0.0), (0.5, 0.7), (1.0, 0.9)))
    noise = {"warp": Warp(), "contrast": curve, "rotation": (5.0, 0.0, 0.0), "anchor": "mound"}
    forms = (
        Blob(centre=(0.0, 20.0, 0.0), radii=(14.0, 10.0, 12.0), rotation=(0.0, 20.0, 0.0), melt=2.0,
             buds=Buds(generations=1, count=4), coat=Coat(radius=3.0, spacing=3.0), rough=Roughness(),
             base=BaseLevel(altitude=12.0), top=TopLevel(on=True, altitude=29.0),
             strokes=(Stroke(tool="swell", path=PATH, radius=8.0),)),
        Solid(shape="box", centre=(16.0, 20.0, 0.0), size=(10.0, 8.0, 9.0)),
        Points(centre=(-14.0, 22.0, 0.0), first=4.0, last=3.0, cloud=Arrays(
            positions=np.array([[0.0, 0.0, 0.0], [3.0, 4.0, 1.0]]), ages=np.array([0.2, 0.8]))),
        Trail(centre=(0.0, 30.0, 0.0), dabs=(Dabs(path=((0.0, 0.0, 0.0, 1.0), (6.0, 0.0, 0.0, 0.5)), radius=3.0),)),
        Volume(grid=Arrays(**GRID), joins="density", by="add", centre=(10.0, 4.0, 8.0)),
        Mesh(surface=tetrahedron(), centre=(-4.0, 24.0, 14.0)),
        Blob(name="Unseen", hidden=True, centre=(30.0, 20.0, 0.0)),
    )
    low, side, streaked = (ByHeight(high=40.0), ByForm(form=1)), (ByDepth(), ByFacing(toward="sun"), Painted(
        strokes=(Paint(path=((0.0, 30.0, 0.0, 1.0),)),))), (ByNoise(noise=Noise(feature=20.0, octaves=1)),)
    return Mound(
        mass=Mass(forms=forms, melt=3.0, base=BaseLevel(altitude=8.0), top=TopLevel(on=True, altitude=40.0)),
        steps=(Smooth(width=2.0), Grow(metres=0.7, after=True)),
        grains=(Push(feature=9.0, strength=2.0, octaves=2, weaker_below=0.5, where=low, **noise),
                Nibble(feature=6.0, octaves=2, where=side),
                Mottle(feature=5.0, octaves=2, depth=6.0, where=missing(MASKS, (*low, *side, *streaked))),
                Stir(feature=8.0, strength=2.0, steps=1, octaves=1),
                Streak(feature=5.0, strength=3.0, octaves=1, where=streaked),
                Crisp(feature=3.0, strength=1.0, octaves=1)),
        patches=(Patch(centre=(0.0, 24.0, 0.0), size=(12.0, 12.0, 12.0), curve=curve, where=(ByHeight(),)),
                 Patch(shape="paint", strokes=(Paint(path=((8.0, 24.0, 0.0, 1.0),)),), value=0.4)),
        skin=Skin(thickness=3.0, curve=skin_curve, shell=9.0, even=True, tone=curve,
                  below=LowerSkin(thickness=5.0, curve=skin_curve, altitude=16.0)),
        light=Light(sun=Sun(azimuth=40.0, elevation=20.0), sky=Sky(kind="gradient"), floor=Floor(kind="sea"),
                    lamps=(Lamp(place=(0.0, 45.0, 0.0)),), mix=(Fader(group="sky", level=0.8),),
                    medium=Medium(extinction=0.4, phase="two lobes", albedo=0.99, tint=(0.9, 0.95, 1.0), glow_strength=0.1,
                                  tint_by=Ramp(high=40.0), glow_by=Ramp(by="depth", high=8.0))),
        view=View(target=(0.0, 20.0, 0.0), distance=90.0), views=(KeptView(),),
        stand_ins=(STAND_INS["box"](place=(12.0, 12.0, 6.0), size=(8.0, 6.0, 7.0), clears=0.5),))


def others(value, annotation=None):
    """Values a field may be changed to, likely ones first."""
    if isinstance(value, bool):
        return [not value]
    if isinstance(value, int):
        return [value + 1, value - 1]
    if isinstance(value, float):
        return [value * 1.25 + 0.2, value * 0.8 - 0.05, value * 0.9, value + 0.01, value - 0.01]
    if isinstance(value, str):
        options = [o for o in typing.get_args(annotation) if isinstance(o, str)]
        return [o for o in options if o != value] or [value + "x"]
    if isinstance(value, tuple):
        return [(*value[:n], other, *value[n + 1 :]) for n in reversed(range(len(value))) for other in others(value[n])]
    return []


def changes(value, path=()):
    """Every field below a value: its path, and the value with that field changed."""
    for name, field in type(value).model_fields.items():
        own = getattr(value, name)
        parts = own if isinstance(own, tuple) and own and isinstance(own[0], Value) else (own,) if isinstance(own, Value) else ()
        for n, part in enumerate(parts):
            at = (*path, name, n) if parts is own else (*path, name)
            for below, changed in changes(part, at):
                whole = (*own[:n], changed, *own[n + 1 :]) if parts is own else changed
                yield below, value.model_copy(update={name: whole})
        for other in () if parts else others(own, field.annotation):
            try:
                yield (*path, name), value.edited(**{name: other})
                break
            except (ValidationError, OutOfLimits):
                continue


def downstream(names):
    """Stages that take the results of some, and these."""
    found = set(names)
    for name, stage in GRAPH.items():
        if found & set(stage.after):
            found.add(name)
    return found


TOLD = {"name", "locked", "link", "gesture"}
GLOWING = {"glow", "glow_strength", "albedo", "tint"}
LIGHT = {"extinction", "phase", "anisotropy", "second", "share"}


def first_stale(path, mound):
    """Stages that read a field, said anew and by hand."""
    top, field = path[0], path[-1]
    if field == "crumbs":
        return {"cleared"}
    if field in TOLD or top in ("name", "format", "voxels", "views", "references", "snapshots"):
        return set()
    if top == "mass":
        if path[1] != "forms":
            return {"distance"}
        form = mound.mass.forms[path[2]]
        if form.hidden:
            return {"distance"} if field == "hidden" else set()
        if form.kind == "volume":
            return {"distance", "joined"} if field == "joins" else {"joined"}
        return {"distance"}
    if top == "grains":
        return {{"surface": "displaced", "edge": "density", "moved": "moved"}[mound.grains[path[1]].works_on]}
    if top == "steps":
        return {"displaced"}
    if top in ("patches", "skin"):
        return {"density"}
    if top == "view":
        return {"layers"}
    if top == "stand_ins":
        # It keeps cloud away too; obstacles are for growth.
        return {"clears": {"kept away"}, "obstacle": set(), "roughness": set(), "colour": {"lamps", "layers"},
                "shown": {"zones", "lamps", "layers"}}.get(field, {"kept away", "zones", "layers"})
    if path[0] == "light" and path[1] in ("sun", "sky", "floor", "mix", "medium"):
        # Whatever lights the stand-in, which sends of it to the cloud.
        return {"lamps"} | first_stale_of_light(path)
    return {{"lamps": "lamps", "once": "layers"}.get(path[1], "pixels")}


def first_stale_of_light(path):
    """The same of what lights the cloud, but for the stand-in."""
    field = path[-1]
    if path[1] == "sun":
        # A mask of the nibble asks where the sun is.
        return {"density", "zones", "radiance"} if field in ("azimuth", "elevation") else (
            {"radiance"} if field == "size" else {"zones", "radiance"})
    if path[1] == "sky":
        # Where the sky is brighter than elsewhere is part of how it lights the cloud; below it is the sea, which glitters.
        return {"radiance"} if field in ("ground", "visibility", "altitude", "turn") else {"zones", "radiance"}
    if path[1] == "floor":
        # Where it lies and how far one sees over it changes what is seen of it, not its light.
        return {"radiance"} if field in ("level", "patches", "visibility") else {"zones", "radiance"}
    if path[1] == "mix":
        # Where one is solo no lamp is seen.
        return {"lamps", "radiance"} if field == "solo" else {"radiance"}
    if path[1] == "medium":
        # It glows: what becomes of that lies among the lamps.
        if len(path) > 3:
            return {"hues"} if path[2] == "tint_by" else {"hues", "lamps"}
        if field in GLOWING:
            return {"lamps", "radiance"}
        return {"zones", "hues"} if field in LIGHT - {"extinction"} else {"zones"} if field == "extinction" else {"radiance"}
    raise AssertionError(path)


@long
class EveryField(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.mound = rich()
        cls.changed = list(changes(cls.mound))

    def test_there_are_many_and_all_kinds_of_parts(self):
        self.assertGreater(len(self.changed), 250)
        masks = [mask for grain in self.mound.grains for mask in grain.where]
        for kinds, there in ((FORMS, self.mound.mass.forms), (STEPS, self.mound.steps), (ACTIONS, self.mound.grains),
                             (MASKS, masks)):
            self.assertEqual({type(one) for one in there}, set(kinds.values()))
        seen = {path for path, _ in self.changed}
        for path in (("mass", "forms", 0, "buds", "shrink"), ("grains", 0, "warp", "seed"), ("grains", 0, "where", 1, "soft"),
                     ("skin", "below", "blend"), ("light", "medium", "tint_by", "stops"), ("light", "lamps", 0, "flicker")):
            self.assertIn(path, seen)

    def test_just_the_right_stages_go_stale(self):
        before = {name: key_at(name, self.mound) for name in GRAPH}
        for path, other in self.changed:
            stale = {name for name in GRAPH if key_at(name, other) != before[name]}
            with self.subTest(path=path):
                self.assertEqual(stale, downstream(first_stale(path, self.mound)))

    def test_what_changes_the_density_changes_its_key(self):
        # By a second method: the cloud itself is made, coarsely, with every field changed.
        def made(mound):
            grid = density_grid(mound, 3.0)
            return grid.coords.tobytes() + grid.values.tobytes() + grid.tile_coords.tobytes() + grid.tile_values.tobytes()

        before, key, differ = made(self.mound), key_at(SHAPED, self.mound), 0
        for path, other in self.changed:
            if path[0] in ("view", "views") or path[:2] == ("light", "medium"):
                continue
            same = made(other) == before
            differ += not same
            with self.subTest(path=path):
                self.assertTrue(same or key_at(SHAPED, other) != key)
        # Fields whose change is not seen here at all would prove nothing.
        self.assertGreater(differ, 110)

    def test_what_changes_the_picture_changes_its_key(self):
        stages = Stages()
        # Without what takes long to make; light and view are all that is changed.
        mound = self.mound.edited(grains=self.mound.grains[:2], steps=(), patches=())
        grid = density_grid(mound, 3.0)

        def shown(other):
            return picture(stages, stages.scene(other, grid, "grid"), 36, 24, fine=Fineness(60, 17)).tobytes()

        before, key, differ = shown(mound), key_at("pixels", mound), 0
        for path, other in changes(mound):
            if path[0] in ("light", "view") and path[-1] != "transform":
                same = shown(other) == before
                differ += not same
                with self.subTest(path=path):
                    self.assertTrue(same or key_at("pixels", other) != key)
        self.assertGreater(differ, 25)


class Reaches(unittest.TestCase):
    def test_stages_in_the_order_of_the_work(self):
        self.assertEqual(stages_to("displaced"), ["distance", "displaced"])
        self.assertEqual(stages_to("pixels"), list(GRAPH))
        for number, stage in enumerate(GRAPH.values()):
            self.assertTrue(all(list(GRAPH).index(before) < number for before in stage.after))

    def test_the_cloud_stays_within_its_bounds(self):
        mound = rich()
        low, high = bounds_of(mound)
        grid = density_grid(mound, 1.0)
        active = [grid.world(corner) for corner in grid.active_bounds()]
        self.assertTrue(np.all(active[0] >= low - 1.0) and np.all(active[1] <= high + 1.0), f"{active} {low} {high}")

    def test_a_stage_adds_what_it_needs(self):
        mound = rich()
        alone, pushed = (reaches(mound, 1.0, stage) for stage in ("distance", "displaced"))
        self.assertEqual(alone, (0.0, 0.0))
        self.assertGreaterEqual(pushed[0], mound.grains[0].strength)
        self.assertGreaterEqual(reaches(mound, 1.0)[1], pushed[1] + mound.skin.thickness)
        self.assertAlmostEqual(moved_outward(mound) - moved_outward(mound, "density"), 2.0 + 3.0 + 1.0)


class Siblings(unittest.TestCase):
    def seeds(self, mound):
        """All seeds of a mound by their paths."""
        return {path: getattr(self.at(other, path[:-1]), "seed") - 1 for path, other in changes(mound) if path[-1] == "seed"}

    def at(self, value, path):
        for step in path:
            value = value[step] if isinstance(step, int) else getattr(value, step)
        return value

    def test_every_seed_belongs_to_one_of_the_three_but_those_of_the_hand(self):
        mound = rich()
        before = self.seeds(mound)
        moved = {}
        for which in ("grains", "levels", "buds"):
            after = self.seeds(sibling(mound, 3, (which,)))
            for path in before:
                if after[path] != before[path]:
                    moved.setdefault(path, []).append(which)
        self.assertEqual({len(found) for found in moved.values()}, {1})
        left = {path[-2] if isinstance(path[-2], str) else path[-3] for path in before if path not in moved}
        self.assertEqual(left, {"strokes", "dabs", "lamps"})
        self.assertEqual(moved["grains", 4, "where", 0, "noise", "seed"], ["grains"])
        self.assertEqual(moved["mass", "forms", 0, "base", "seed"], ["levels"])

    def test_the_first_is_the_mound_itself(self):
        mound = rich()
        self.assertIs(sibling(mound, 0), mound)


if __name__ == "__main__":
    unittest.main()
