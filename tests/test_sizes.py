"""A mound at another size: everything that is measured in metres goes with it."""

import unittest

import numpy as np

from softmound.core.engine.density import bounds_of, density_grid, reaches, span_of
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
from softmound.core.recipe import Curve, KeptView, Lamp, LowerSkin, Noise, Paint, Patch, Skin, Warp, eased
from softmound.core.recipe.resize import resized_mound
from tests.long import long
from tests.scenes import NO_BASE, dense_of, lumpy_mound

FACTOR = 2.0
PAINT = (Paint(path=((2.0, 20.0, 6.0, 1.0), (6.0, 20.0, 5.0, 0.6)), radius=6.0),)


def flat(**changes):
    """The lumpy mound without a base level, so that it grows about the origin."""
    mound = lumpy_mound()
    return mound.edited(mass=mound.mass.edited(base=NO_BASE), grains=(), **changes)


class Sizes(unittest.TestCase):
    def check(self, most=2e-3, **changes):
        """Grown by a factor and built at as much larger voxels, the density is the same."""
        mound = flat().edited(**changes)
        small = density_grid(mound, 0.8)
        large = density_grid(resized_mound(mound, FACTOR), 0.8 * FACTOR)
        a, low = dense_of(small)
        b, other = dense_of(large)
        first, last = np.maximum(low, other), np.minimum(low + a.shape, other + b.shape)
        cut = [d[tuple(slice(f - o, e - o) for f, e, o in zip(first, last, at))] for d, at in ((a, low), (b, other))]
        self.assertAlmostEqual(float(a.sum()), float(cut[0].sum()), delta=1e-3 * float(a.sum()))
        off = np.abs(cut[0] - cut[1])
        # Rounding moves a few voxels where a slope is steep; as a whole it is the same cloud.
        self.assertLess(float(off.mean()), most)
        self.assertLess(float(np.percentile(off, 99.5)), 0.05)
        self.assertGreater(float(cut[0].sum()), 100.0)

    def test_skins(self):
        self.check(skin=Skin(thickness=2.5, curve=eased(0.4), even=True))
        self.check(skin=Skin(thickness=1.0, shell=4.0))
        self.check(skin=Skin(thickness=1.0, below=LowerSkin(thickness=5.0, core=0.4, altitude=16.0, blend=6.0)))

    @long
    def test_steps(self):
        self.check(steps=(Smooth(width=2.0), Grow(metres=-1.0, after=True)))
        self.check(steps=(Smooth(width=1.6, filter="median"), Smooth(width=1.0, filter="flow", after=True)))

    def test_pushes(self):
        push = Push(feature=8.0, strength=3.0, octaves=3, offset=(3.0, 1.0, -2.0), stretch=(2.0, 1.0, 0.7))
        self.check(grains=(push, push.edited(kind="simplex", feature=4.0, strength=1.0, at_surface=1.0)))
        self.check(grains=(push.edited(anchor="mound", warp=Warp(feature=9.0, strength=3.0)),))
        self.check(grains=(push.edited(kind="cellular", inverted=True, rotation=(20.0, 40.0, 0.0)),))

    def test_what_works_on_density(self):
        self.check(grains=(Nibble(feature=5.0, depth=4.0, octaves=3), Mottle(feature=6.0, depth=3.0)))
        self.check(grains=(Stir(feature=9.0, strength=3.0, octaves=1),))
        self.check(grains=(Streak(feature=4.0, strength=8.0, elevation=20.0),), most=4e-3)
        self.check(grains=(Crisp(feature=3.0, strength=1.2),), most=4e-3)

    def test_masks(self):
        push = Push(feature=7.0, strength=3.0, octaves=2)
        for mask in (ByHeight(low=8.0, high=24.0), ByDepth(depth=3.0, invert=True), ByFacing(toward="side"),
                     ByForm(form=2, soft=4.0), ByNoise(noise=Noise(feature=14.0, octaves=1, offset=(1.0, 5.0, 0.0))),
                     Painted(strokes=PAINT, curve=Curve(points=((0.0, 0.0), (0.3, 0.9), (1.0, 1.0))))):
            self.check(grains=(push.edited(where=(mask,)),))

    def test_patches(self):
        patch = Patch(centre=(2.0, 18.0, 0.0), size=(14.0, 9.0, 12.0), soft=3.0, value=0.3)
        self.check(patches=(patch, patch.edited(shape="box", centre=(-9.0, 14.0, 2.0), by="set", value=0.6)))
        self.check(patches=(patch.edited(shape="paint", strokes=PAINT, where=(ByHeight(low=10.0, high=26.0),)),))


class Reaches(unittest.TestCase):
    def test_bounds_hold_every_grain_and_step(self):
        # Active voxels never lie outside of the stated box, and distances are known as far as they are read.
        for changes in (
            {"grains": (Push(feature=6.0, strength=5.0, direction="outward"),)},
            {"grains": (Streak(feature=3.0, strength=15.0, azimuth=40.0),)},
            {"grains": (Stir(feature=8.0, strength=5.0),)},
            {"steps": (Grow(metres=4.0),)},
            {"steps": (Smooth(width=3.0, passes=2),), "grains": (Crisp(strength=2.0),)},
        ):
            mound = flat().edited(**changes)
            low, high = bounds_of(mound)
            grid = density_grid(mound, 0.8)
            first, last = (grid.world(corner) for corner in grid.active_bounds())
            self.assertTrue(np.all(first >= low - 0.8) and np.all(last <= high + 0.8), changes)
            self.assertTrue(all(reach > 0.0 for reach in reaches(mound, 0.8)[1:]))

    def test_lamps_and_views(self):
        mound = lumpy_mound()
        lamp = Lamp(place=(3.0, 26.0, -2.0), radius=1.5, power=2e8)
        mound = mound.edited(light=mound.light.edited(lamps=(lamp,)), views=(KeptView(view=mound.view),))
        level = mound.mass.base.altitude if mound.mass.base.on else 0.0
        resized = resized_mound(mound, FACTOR)
        grown = resized.light.lamps[0]
        self.assertEqual(grown.place, (6.0, level + 2.0 * (26.0 - level), -4.0))
        self.assertEqual((grown.radius, grown.power), (3.0, 8e8))
        self.assertEqual(resized.views[0].view, resized.view)

    def test_the_span_is_that_of_the_forms(self):
        plain = span_of(flat())
        self.assertEqual(span_of(flat(steps=(Grow(metres=9.0),))), plain)
        self.assertEqual(span_of(flat().edited(grains=(Push(strength=30.0),))), plain)


if __name__ == "__main__":
    unittest.main()
