"""Remakes the examples of The Weather Bakery, with their pictures: .venv/bin/python -m demo.gallery [WORD …]."""

import pathlib
import sys
import tempfile

from PIL import Image

import softmound
from demo.bake import AIR, _baked, baked_brioche, burnt_crust, cottage_loaf, flour_drift, lumped, meringue_spire
from softmound.core.engine.framing import framed
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.light.scene.situations import in_situation
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.solid import Solid
from softmound.core.recipe import Coat, Lamp, Light, Medium, Sun, View, write_mound
from softmound.core.recipe.forms import Buds
from softmound.core.recipe.models import Floor, Ramp, Sky
from softmound.core.recipe.standins import STAND_INS
from softmound.core.starts.examples import EXAMPLES, FOLDER
from softmound.core.starts.species import start

SIZE, SHOWN = (624, 384), (312, 192)
"""Pixels that a picture is taken at, and that it is kept at."""
SEA = Floor(kind="sea", level=-260.0)


def lit(mound, azimuth, elevation, *, exposure=0.0, view=None, sky=AIR, floor=None, **sun):
    """A mound in other light: the sun so far round from behind the camera and so high."""
    looked = mound.view if view is None else view
    light = mound.light.edited(sun=Sun(azimuth=(looked.azimuth + azimuth) % 360.0, elevation=elevation, **sun), sky=sky,
                               exposure=exposure, metered=True)
    return mound.edited(light=light if floor is None else light.edited(floor=floor), view=looked)


def in_character(mound, name, span=300.0, level=0.0):
    """A mound with the grains of a character."""
    return mound.edited(grains=sized_character(CHARACTERS[name], span, level))


def of_forms(name, forms, grains, *, melt=5.0, level=None, skin=1.4, extinction=0.9, view=None, base=None):
    """A mound of stated forms."""
    made = _baked(name, forms, grains, Light(sun=Sun(azimuth=110.0, elevation=34.0), sky=AIR, medium=Medium(extinction=extinction)),
                  view or View(elevation=-4.0), melt=melt, skin=skin)
    level = made.mass.base.edited(on=False) if level is None else made.mass.base.edited(altitude=level)
    return made.edited(mass=made.mass.edited(base=base or level))


def blobs(*rows, buds=None):
    """Blobs of rows: name, centre, radii, and turn about z."""
    return tuple(Blob(name=name, centre=centre, radii=radii, rotation=(0.0, 0.0, *(turn or (0.0,))), buds=buds if budded else None)
                 for name, centre, radii, budded, *turn in rows)


def morning_bun():
    return lit(start("humilis", "Morning Bun", 300.0, 14, tired=0.2), 96.0, 14.0, view=View(elevation=4.0), floor=SEA, exposure=0.1)


def milk_bread():
    return lit(in_character(start("mediocris", "Milk Bread", 320.0, 21), "Cauliflower", 320.0), 62.0, 58.0, exposure=0.1)


def poppy_roll():
    return lit(in_character(start("mediocris", "Poppy Roll", 300.0, 5, height=0.6, turrets=5), "Crust"), 50.0, 24.0)


def crumbs():
    return lit(in_character(start("floccus", "Crumbs", 420.0, 9, turrets=10), "Fleece", 420.0), 104.0, 30.0)


def rye_tower():
    made = in_character(start("congestus", "Rye Tower", 320.0, 12, lean=0.2), "Boil", 320.0)
    return lit(made, 84.0, 32.0, view=View(elevation=-16.0))


def iced_finger():
    return lit(start("calvus", "Iced Finger", 300.0, 8), 118.0, 40.0)


def glazed_lid():
    return lit(start("pileus", "Glazed Lid", 300.0, 4), 128.0, 22.0, exposure=0.1)


def oven_door():
    return lit(in_character(start("incus", "Oven Door", 420.0, 3), "Anvil fibres", 420.0), 132.0, 12.0, exposure=0.2)


def thunder_tin():
    made = lit(start("congestus", "Thunder Tin", 320.0, 31), 196.0, 1.0, sky=AIR.edited(visibility=40.0))
    lamps = (Lamp(name="Lightning", place=(-26.0, 120.0, 30.0), radius=7.0, power=8e8, kelvin=9_000.0),
             Lamp(name="Lightning below", place=(40.0, 60.0, 20.0), radius=5.0, power=3e8, kelvin=9_500.0))
    return made.edited(light=made.light.edited(lamps=lamps, metered=False, exposure=1.2))


def in_situation_of(mound, name, exposure=None):
    """A mound in one of the situations."""
    light = in_situation(mound.light, mound.view, name)
    return mound.edited(light=light.edited(metered=exposure is not None, exposure=light.exposure if exposure is None else exposure))


def paper_cap():
    made = start("lenticularis", "Paper Cap", 400.0, 6)
    return lit(in_character(made, "Ripple", 400.0), 112.0, 9.0, exposure=0.1)


def proving_tray():
    return lit(start("stratocumulus", "Proving Tray", 420.0, 11), 128.0, 16.0, view=View(elevation=-9.0))


def long_shelf():
    made = start("shelf cloud", "Long Shelf", 420.0, 7)
    return lit(in_character(made, "Storm base", 420.0), 122.0, 18.0, view=View(elevation=-6.0))


def rolled_dough():
    made = in_character(start("deck slab", "Rolled Dough", 420.0, 5), "Veil", 420.0)
    return lit(made, 138.0, 18.0, view=View(elevation=-14.0))


def hanging_dough():
    return lit(start("mamma", "Hanging Dough", 400.0, 3), 100.0, 3.0, view=View(elevation=-18.0), exposure=0.2)


def sugar_threads():
    return lit(start("cirrus hooks", "Sugar Threads", 420.0, 4), 130.0, 28.0, view=View(elevation=-12.0))


def bundt():
    ring = Solid(name="Bundt", shape="ring", centre=(0.0, 62.0, 0.0), size=(260.0, 70.0, 260.0), rotation=(38.0, 0.0, 0.0),
                 coat=Coat(radius=17.0, spacing=0.95, jitter=0.6, fewer_below=0.2, seed=7))
    made = of_forms("Bundt", (ring,), sized_character(CHARACTERS["Crumb"], 170.0), melt=8.0, view=View(elevation=12.0))
    return lit(made, 102.0, 38.0)


def pretzel():
    placed = ((-52.0, 120.0), (90.0, 0.0, 30.0)), ((52.0, 120.0), (90.0, 0.0, -30.0)), ((0.0, 120.0), (0.0, 0.0, 12.0))
    rings = tuple(Solid(name=f"Ring {n + 1}", shape="ring", centre=(*middle, 0.0), size=(170.0, 34.0, 170.0), rotation=turn)
                  for n, (middle, turn) in enumerate(placed))
    made = of_forms("Pretzel", rings, sized_character(CHARACTERS["Boil"], 90.0), melt=6.0, view=View(azimuth=32.0))
    return lit(made, 108.0, 30.0)


def torn_croissant():
    forms = (Solid(name="Crescent", shape="ring", centre=(0.0, 90.0, 0.0), size=(230.0, 70.0, 230.0), rotation=(66.0, 0.0, 0.0)),
             Solid(name="Bite", shape="box", role="carves", centre=(0.0, 18.0, 0.0), size=(300.0, 84.0, 200.0), melt=26.0))
    made = of_forms("Torn Croissant", forms, sized_character(CHARACTERS["Torn"], 240.0), melt=9.0)
    return lit(made, 120.0, 16.0)


def bakers_hare():
    buds = Buds(generations=2, count=9, shrink=0.4, reach=0.9, variation=0.35, upward=0.2, fewer_below=0.7, seed=6)
    forms = blobs(
        ("Body", (0.0, 62.0, 0.0), (74.0, 54.0, 52.0), True), ("Haunch", (-42.0, 56.0, 10.0), (48.0, 46.0, 44.0), True),
        ("Chest", (44.0, 78.0, 0.0), (36.0, 40.0, 34.0), True), ("Head", (84.0, 124.0, 0.0), (36.0, 29.0, 27.0), True, 12.0),
        ("Muzzle", (114.0, 116.0, 0.0), (18.0, 15.0, 15.0), False), ("Tail", (-92.0, 84.0, 0.0), (22.0, 22.0, 20.0), True),
        ("Ear", (62.0, 182.0, 12.0), (12.0, 48.0, 15.0), False, 20.0),
        ("Other ear", (40.0, 174.0, -13.0), (12.0, 46.0, 15.0), False, 36.0),
        ("Forefoot", (66.0, 22.0, 10.0), (24.0, 12.0, 14.0), False),
        ("Hind foot", (-22.0, 18.0, 16.0), (38.0, 13.0, 16.0), False), buds=buds)
    return lit(of_forms("Bakers Hare", forms, lumped(14.0, 12, 0.1, 0.0), melt=7.0), 92.0, 38.0)


def cotton_bun():
    return lit(in_character(start("cotton", "Cotton Bun", 200.0, 5), "Wool", 200.0), 118.0, 30.0)


def toy_loaf():
    return lit(in_character(start("toy", "Toy Loaf", 200.0, 3), "Whipped", 200.0), 74.0, 40.0)


def tray_on_a_shelf():
    made = start("mediocris", "Tray on a Shelf", 0.9, 9)
    up = made.mass.base.altitude
    room = STAND_INS["room"](place=(0.0, up - 1.2, 0.0), size=(4.2, 2.7, 3.4), wall=0.12, window=0.4)
    shelf = STAND_INS["box"](name="Shelf", place=(0.0, up - 0.14, -0.2), size=(1.5, 0.06, 0.7), colour=(0.30, 0.17, 0.09))
    light = Light(sun=Sun(azimuth=292.0, elevation=24.0, strength=5.0), sky=Sky(kind="plain", zenith=(0.25, 0.31, 0.42)),
                  metered=True, exposure=0.2,
                  lamps=(Lamp(name="Lamp", place=(1.2, up + 1.0, 0.5), radius=0.09, power=3_200.0, kelvin=2_700.0),),
                  medium=made.light.medium)
    view = View(azimuth=0.0, elevation=4.0, distance=3.6, target=(0.0, up + 0.2, 0.0), focal=34.0)
    return made.edited(stand_ins=(room, shelf), light=light, view=view)


def chimney_puff():
    made = start("puff of smoke", "Chimney Puff", 26.0, 5)
    lifted = tuple(form.edited(centre=(form.centre[0] - 1.0, form.centre[1] + 8.0, form.centre[2])) for form in made.mass.forms)
    house = STAND_INS["house"](place=(0.0, 0.0, 0.0))
    grains = tuple(grain.edited(offset=(-1.0, 8.0, 0.0)) for grain in made.grains)
    made = made.edited(mass=made.mass.edited(forms=lifted), grains=grains, stand_ins=(house,))
    return lit(made, 84.0, 20.0, view=View(elevation=2.0, distance=74.0, target=(7.0, 14.0, 0.0)),
               floor=Floor(kind="land", level=0.0, colour=(0.10, 0.11, 0.06), patches=20.0))


def blue_hour_roll():
    return in_situation_of(start("mediocris", "Blue Hour Roll", 300.0, 17, height=0.6), "Blue hour", -1.0)


def ember_crust():
    made = in_situation_of(in_character(start("mediocris", "Ember Crust", 300.0, 23, height=0.45), "Crust"), "Moon")
    glow = Ramp(by="depth", low=2.0, high=34.0, stops=((0.0, (0.0, 0.0, 0.0)), (0.45, (0.35, 0.05, 0.01)), (1.0, (1.0, 0.42, 0.1))))
    medium = made.light.medium.edited(glow_strength=0.02, glow=(1.0, 1.0, 1.0), glow_by=glow)
    return made.edited(light=made.light.edited(medium=medium, exposure=3.4, metered=False))


MAKERS = {"cottage_loaf": cottage_loaf, "flour_drift": flour_drift, "meringue_spire": meringue_spire, "brioche": baked_brioche,
          "burnt_crust": burnt_crust, **{name: made for name, made in list(globals().items()) if name in EXAMPLES}}
FRAMED = "tray_on_a_shelf", "chimney_puff"
"""Looked at as they say, with what stands beside them."""


def main(words=()):
    """Make all examples, or some.

    Parameters
    ----------
    words : sequence of str, optional
    """
    FOLDER.mkdir(exist_ok=True)
    for word in words or EXAMPLES:
        mound = MAKERS[word]()
        mound = mound if word in FRAMED else framed(mound, *SIZE)
        write_mound(EXAMPLES[word].path, mound)
        with tempfile.TemporaryDirectory() as folder:
            path = pathlib.Path(folder) / "picture.png"
            softmound.picture(mound, path, size=SIZE, fit=False)
            with Image.open(path) as image:
                image.convert("RGB").resize(SHOWN, Image.Resampling.LANCZOS).save(EXAMPLES[word].picture, quality=86, optimize=True)
        print(f"{word}: {EXAMPLES[word].path.stat().st_size / 1e3:.0f} kB", flush=True)


if __name__ == "__main__":
    main(sys.argv[1:])
