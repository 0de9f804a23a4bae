"""Takes the pictures of the manual's explanations, each made by the program: .venv/bin/python -m docs.take_explained [NAME …]."""

import pathlib
import sys
import tempfile

from PIL import Image

import softmound
from softmound.core.engine.density import density_grid
from softmound.core.engine.nature import nature_of
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.recipe import BaseLevel, Medium, Sun, View
from softmound.core.recipe.standins import STAND_INS
from softmound.core.starts.looks_as import looking_as_large_as
from softmound.core.starts.species import start
from softmound.desk.help.pages import PICTURES

SIZE, SHOWN = (640, 480), (320, 240)
GAP = 6


def plain(**changes):
    """The cloud that things are explained by."""
    return start("mediocris", "Loaf", 300.0, 3).edited(**changes)


def picture(mound, folder, fit=True, **options):
    """A picture of a mound, made smaller: Image."""
    path = pathlib.Path(folder) / "picture.png"
    softmound.picture(mound, path, size=SIZE, fit=fit, **options)
    with Image.open(path) as image:
        return image.convert("RGB").resize(SHOWN, Image.Resampling.LANCZOS)


def beside(name, images):
    """Put pictures side by side and keep them."""
    high, wide = images[0].height, sum(image.width for image in images) + GAP * (len(images) - 1)
    sheet, at = Image.new("RGB", (wide, high), (34, 38, 42)), 0
    for image in images:
        sheet.paste(image, (at, 0))
        at += image.width + GAP
    sheet.save(PICTURES / f"explained-{name}.jpg", quality=86, optimize=True)
    print(name, flush=True)


def voxel(folder):
    """One cloud at three voxels, from near."""
    mound = plain()
    mound = mound.edited(view=mound.view.edited(distance=260.0, target=(50.0, 70.0, 60.0)))
    return [picture(mound, folder, False, voxel=v) for v in (8.0, 3.0, 1.0)]


def large(folder):
    """One shape that looks like three sizes."""
    return [picture(looking_as_large_as(plain(), size, 300.0), folder) for size in (60.0, 600.0, 6000.0)]


def bases(folder):
    """No base level, a straight one, a ragged one."""
    mound, base = plain(), plain().mass.base
    return [picture(mound.edited(mass=mound.mass.edited(base=each)), folder) for each in (
        BaseLevel(on=False), base.edited(altitude=26.0, softness=0.0, raggedness=0.0, fill=0.0),
        base.edited(altitude=20.0, softness=10.0, raggedness=8.0))]


def phases(folder):
    """Against the sun, by how far forward light is scattered."""
    mound = plain()
    light = mound.light.edited(sun=Sun(azimuth=168.0, elevation=18.0))
    media = Medium(anisotropy=0.0), Medium(anisotropy=0.6), Medium(anisotropy=0.9)
    return [picture(mound.edited(light=light.edited(medium=medium.edited(extinction=light.medium.extinction))), folder)
            for medium in media]


def lights(folder):
    """Scattered once only, Draft light, True light."""
    mound = start("congestus", "Tower", 300.0, 3)
    once = mound.edited(light=mound.light.edited(once=True))
    return [picture(once, folder), picture(mound, folder), picture(mound, folder, true_light=True, noise=0.04)]


def tiers(folder):
    """The three tiers of an asset, from near."""
    mound = plain()
    mound = mound.edited(view=mound.view.edited(distance=330.0, target=(40.0, 70.0, 40.0)))
    return [picture(mound, folder, False, voxel=1.6 * times) for times in (1, 2, 4)]


def units(folder):
    """The same numbers as metres and as centimetres, beside a house."""
    made = []
    view = View(azimuth=0.0, elevation=3.0, distance=130.0, target=(16.0, 15.0, 0.0))
    for span in (36.0, 0.36):
        mound = start("humilis", "Loaf", span, 3)
        mound = mound.edited(mass=mound.mass, view=view, stand_ins=(STAND_INS["house"](place=(36.0, 0.0, 6.0)),))
        made.append(picture(mound, folder, False))
    return made


def nature(folder):
    """Three characters, smooth to rough; what the check measures of each is printed."""
    made = []
    for name in ("Whipped", "Fleece", "Cauliflower"):
        mound = plain(grains=sized_character(CHARACTERS[name], 300.0))
        found = {finding.name: finding.value for finding in nature_of(mound, density_grid(mound, 2.0))}
        print(name, {key: round(value, 2) for key, value in found.items()}, flush=True)
        made.append(picture(mound, folder))
    return made


ALL = {"voxel": voxel, "large": large, "bases": bases, "phases": phases, "lights": lights, "tiers": tiers, "units": units,
       "nature": nature}


def main(names=()):
    """Take all of them, or some.

    Parameters
    ----------
    names : sequence of str, optional
    """
    PICTURES.mkdir(parents=True, exist_ok=True)
    with tempfile.TemporaryDirectory() as folder:
        for name in names or ALL:
            beside(name, ALL[name](folder))


if __name__ == "__main__":
    main(sys.argv[1:])
