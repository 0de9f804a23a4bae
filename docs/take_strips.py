"""Takes the reference's strips of little pictures: what little, middle and much of each number does, from one small mound.

    .venv/bin/python -m docs.take_strips [KEY …]

Each number is changed alone, in a mound that shows it. Where three pictures show no difference there is no strip.
"""

import json
import pathlib
import sys
import tempfile

import numpy as np
from PIL import Image

import softmound
from softmound.core.engine.density import bounds_of, density_grid
from softmound.core.engine.stages import Stages, layers_of
from softmound.core.engine.stills import Taking
from softmound.core.grain.actions.nibble import Nibble
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.grain.masks.tired import ByTired
from softmound.core.growth.films import growth_stills
from softmound.core.growth.growing import grown
from softmound.core.light.picture.looks import looked
from softmound.core.light.picture.radiance import composed
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.scene.situations import NAMES, in_situation
from softmound.core.mass.kinds.blob import Blob
from softmound.core.mass.kinds.mesh import Mesh
from softmound.core.mass.kinds.points import Points
from softmound.core.mass.kinds.solid import Solid
from softmound.core.mass.mend import open_edges, surface_arrays
from softmound.core.mass.solids import SHAPES
from softmound.core.problems import Problem
from softmound.core.recipe import Arrays, BaseLevel, Light, Mass, Mound, Skin, Sky, Sun, View, Voxels, eased
from softmound.core.recipe.flock import Deck, Flock, Haze
from softmound.core.recipe.forms import Buds, Coat, Roughness, TopLevel
from softmound.core.recipe.grains import ACTIONS, MASKS, Patch, Warp
from softmound.core.recipe.models import Fader, Floor, Lamp, LowerSkin, Medium
from softmound.core.recipe.rows import Changing, Choice, Drawn, Number, Switch, Tint, Triple, wanted
from softmound.core.recipe.standins import STAND_INS
from softmound.core.recipe.steps import STEPS
from softmound.core.starts.rising import RISING, rising
from softmound.core.starts.species import STARTS, start
from softmound.desk.fields.figures import figure
from softmound.desk.help.entries import SHEETS
from softmound.desk.help.reference import STRIPS

SIZE = (208, 156)
"""Pixels of a picture: shown at two thirds of that, so that they are sharp on dense screens."""
ALONG = 110
"""Voxels along the cloud."""
LEAST = 0.35
"""Mean difference of two pictures, of 255, below which they show the same."""
DARK = Sky(zenith=(0.03, 0.05, 0.09), horizon=(0.10, 0.125, 0.16), ground=(0.03, 0.032, 0.036))
"""Behind shapes: they stand out from it."""
SMALL = 60.0
"""Metres across of the mound that shows things."""
DIFFERENT = {
    "Nibble.depth": (1.0, 6.0, 18.0), "Mottle.depth": (2.0, 8.0, 30.0),
    "Form.centre": (-24.0, 0.0, 24.0), "Form.rotation": (0.0, 30.0, 60.0), "Buds.generations": (1, 2, 3),
    "Buds.count": (4, 10, 24), "BaseLevel.altitude": (0.0, 10.0, 20.0), "TopLevel.altitude": (20.0, 30.0, 40.0),
    "BaseLevel.softness": (0.0, 6.0, 20.0), "TopLevel.softness": (0.0, 6.0, 20.0), "BaseLevel.raggedness": (0.0, 3.0, 10.0),
    "TopLevel.raggedness": (0.0, 3.0, 10.0), "BaseLevel.fill": (0.0, 6.0, 30.0), "Mass.melt": (0.0, 4.0, 14.0),
    "Coat.spacing": (0.8, 1.4, 3.0), "Solid.edge": (0.0, 6.0, 14.0), "Roughness.strength": (0.0, 3.0, 8.0),
    "Mesh.sheet": (1.0, 4.0, 10.0), "Points.ease": (0.0, 0.5, 1.0), "Noise.time": (0.0, 2.5, 5.0), "Noise.octaves": (1, 3, 7),
    "Noise.offset": (0.0, 8.0, 16.0), "Noise.rotation": (0.0, 45.0, 90.0), "Warp.octaves": (1, 2, 6),
    "Grow.metres": (-6.0, 0.0, 6.0), "Voxels.crumbs": (0.0, 3.0, 12.0), "LowerSkin.altitude": (5.0, 20.0, 35.0),
    "LowerSkin.blend": (0.0, 10.0, 40.0), "Skin.shell": (2.0, 6.0, 14.0), "ByHeight.low": (-10.0, 10.0, 30.0),
    "ByHeight.high": (10.0, 30.0, 60.0), "ByDepth.depth": (1.0, 4.0, 12.0), "ByForm.soft": (0.0, 8.0, 24.0),
    "ByForm.form": (0, 1, 2), "ByTired.low": (-10.0, 10.0, 30.0), "ByTired.high": (20.0, 40.0, 70.0),
    "ByTired.wind": (0.0, 90.0, 180.0), "Patch.value": (0.0, 0.5, 2.0), "Patch.centre": (-20.0, 0.0, 20.0),
    "Patch.soft": (0.0, 6.0, 20.0), "Light.exposure": (-1.5, 0.0, 1.5), "Sun.azimuth": (60.0, 120.0, 170.0),
    "Sun.elevation": (3.0, 25.0, 70.0), "Sun.strength": (0.5, 2.6, 6.0), "Sky.strength": (0.3, 1.0, 2.5),
    "Sky.visibility": (8.0, 40.0, 200.0), "Sky.altitude": (0.0, 2000.0, 8000.0), "Sky.turn": (-60.0, 0.0, 60.0),
    "Floor.level": (-60.0, -25.0, -6.0), "Floor.wind": (0.5, 5.0, 18.0), "Floor.visibility": (1.0, 8.0, 100.0),
    "Lamp.place": (-24.0, 0.0, 24.0), "Lamp.power": (1e8, 1e9, 5e9), "Lamp.radius": (0.5, 4.0, 9.0),
    "Lamp.kelvin": (2_000.0, 5_000.0, 15_000.0), "Medium.extinction": (0.02, 0.15, 1.0), "Medium.anisotropy": (0.0, 0.5, 0.9),
    "Medium.second": (-0.8, -0.3, 0.6), "Medium.albedo": (0.9, 0.98, 1.0), "Medium.glow_strength": (0.0, 1.0, 6.0),
    "Medium.diameter": (5.0, 15.0, 50.0), "Fader.level": (0.0, 1.0, 3.0), "View.focal": (24.0, 50.0, 120.0),
    "StandIn.place": (-30.0, 30.0, 60.0), "StandIn.turn": (0.0, 30.0, 60.0), "StandIn.clears": (1.0, 8.0, 20.0),
    "Model.times": (0.5, 1.0, 2.0), "Push.strength": (1.0, 4.0, 14.0), "Streak.azimuth": (0.0, 90.0, 180.0),
    "Streak.elevation": (-60.0, 0.0, 60.0), "Stir.strength": (2.0, 8.0, 24.0), "Growth.larger": (4.0, 10.0, 30.0),
    "Growth.seconds": (1.0, 2.0, 4.0), "Growth.pace": (60.0, 160.0, 320.0), "Growth.emits": (0.5, 2.0, 4.6),
    "Growth.bursts": (0, 2, 5), "Growth.heat": (0.3, 1.4, 5.0), "Growth.moisture": (0.9, 1.0, 1.15),
    "Growth.smoke": (0.0, 1.0, 6.0), "Growth.speed": (0.0, 5.0, 20.0), "Growth.wind": (0.0, 4.0, 12.0),
    "Growth.along": (-90.0, 0.0, 90.0), "Growth.shear": (-6.0, 0.0, 6.0), "Growth.lead": (0.0, 0.6, 1.2),
    "Growth.room": (0.8, 1.6, 3.2), "Growth.thins": (0.0, 0.01, 0.05), "Growth.cools": (0.0, 0.002, 0.02),
    "Sounding.inversion": (800.0, 2000.0, 6000.0), "Sounding.lapse": (4.0, 6.0, 8.0), "Sounding.humidity": (0.5, 0.75, 0.95),
    "Sounding.strength": (0.0, 4.0, 12.0), "Member.size": (0.5, 1.0, 2.0), "Member.altitude": (500.0, 800.0, 1100.0),
    "Member.turn": (0.0, 60.0, 120.0), "Member.density": (0.1, 1.0, 3.0), "Spread.count": (5, 20, 80),
    "Spread.low": (400.0, 700.0, 800.0), "Spread.high": (800.0, 1200.0, 2000.0), "Spread.apart": (0.0, 400.0, 900.0),
    "Spread.streets": (0.0, 600.0, 1500.0), "Spread.along": (0.0, 45.0, 90.0), "Spread.overlap": (0.0, 0.3, 0.8),
    "Deck.altitude": (150.0, 300.0, 600.0), "Deck.cover": (0.3, 0.6, 1.0), "Haze.visibility": (2.0, 15.0, 100.0),
    "Haze.low": (0.0, 300.0, 800.0), "Haze.high": (400.0, 1000.0, 2500.0), "Haze.falls": (50.0, 350.0, 2000.0),
    "Deck.seed": (1, 2, 3), "Haze.seed": (1, 2, 3),
}
"""What is shown of a number, where a share of what it is says too little or too much."""
LEFT_OUT = {"TimeLine", "Volume", "Trail", "Model", "Painted"}
"""Entries without strips: what only moves, or is of files and of the hand."""
GROWN = {"Growth", "Sounding"}
FLOCKS = {"Member", "Spread", "Deck", "Haze"}


def ball(radius=22.0, **changes):
    """A mound of one ball, in hard light from the side, which shows shapes."""
    made = Mound(
        name="Small Bun", mass=Mass(forms=(Blob(centre=(0.0, 26.0, 0.0), radii=(radius * 1.2, radius, radius)),), melt=2.0,
                                    base=BaseLevel(on=False)),
        voxels=Voxels(final=0.4, crumbs=0.0), skin=Skin(thickness=1.0, curve=eased(0.8)),
        light=Light(sun=Sun(azimuth=98.0, elevation=28.0, strength=3.4), sky=DARK, once=True, metered=True,
                    exposure=-0.3, medium=Medium(extinction=3.0)),
        view=View(elevation=2.0))
    return made.edited(**changes) if changes else made


def heap():
    """Three balls in a row, over a base level."""
    made, radii = ball(), (13.0, 18.0, 11.0)
    forms = tuple(Blob(name=f"Lump {n}", centre=(x, 10.0 + r / 2, 0.0), radii=(r,) * 3) for n, (x, r) in enumerate(
        zip((-22.0, 0.0, 21.0), radii)))
    return made.edited(mass=made.mass.edited(forms=forms, base=BaseLevel(altitude=8.0, raggedness=0.0)))


def loaf():
    """A small cloud as a start makes it."""
    return start("mediocris", "Small Loaf", SMALL, 3)


def pushed(**changes):
    """A ball with one Push."""
    return ball(grains=(Push(feature=13.0, strength=9.0, octaves=3, summed="folded", at_surface=1.0, seed=5).edited(**changes),))


def _in_mass(mound, **changes):
    return mound.edited(mass=mound.mass.edited(**changes))


def _in_form(mound, field):
    return lambda part: _in_mass(mound, forms=(mound.mass.forms[0].edited(**{field: part}), *mound.mass.forms[1:]))


def _triangles(word, size, open_above=None):
    vertices, faces = SHAPES[word].triangles(Solid(shape=word, size=size))
    vertices, faces = np.asarray(vertices, np.float32), np.asarray(faces, np.int32)
    if open_above is not None:
        faces = faces[(vertices[faces][..., 1] < open_above).all(axis=1)]
    return vertices, faces


def _mesh(sheet=None):
    vertices, faces = _triangles("ball", (44.0, 44.0, 44.0), None if sheet is None else 4.0)
    return Mesh(centre=(0.0, 26.0, 0.0), sheet=sheet, surface=surface_arrays(vertices, faces, open_edges(faces)))


def _points():
    rng = np.random.default_rng(3)
    age = np.sort(rng.random(90))
    angle = 9.0 * age
    places = np.stack([(8 + 22 * age) * np.cos(angle), -18 + 36 * age, (8 + 22 * age) * np.sin(angle)], -1)
    return Points(centre=(0.0, 26.0, 0.0), first=5.0, last=1.2, cloud=Arrays(
        positions=places.astype(np.float32), ages=age.astype(np.float32)))


def scene_for(entry, field=""):
    """A mound that shows an entry, the part of it that changes, and what puts another part in its place.

    Parameters
    ----------
    entry : Entry
    field : str, optional
        Which is to change.

    Returns
    -------
    (Value, callable)
        The part, and from it a mound.
    """
    key, kind = entry.key, entry.model
    with_base = _in_mass(ball(), base=BaseLevel(altitude=14.0, raggedness=0.0, softness=2.0))
    if key == "Mass":
        return heap().mass, lambda part: heap().edited(mass=part)
    if key in ("Blob", "Solid", "Points", "Mesh", "Form"):
        part = {"Blob": Blob(centre=(0.0, 26.0, 0.0), radii=(18.0,) * 3), "Points": _points(),
                "Solid": Solid(centre=(0.0, 26.0, 0.0), size=(34.0,) * 3, edge=3.0, shape="cone" if field == "taper" else "box",
                               rotation=(0.0, 30.0, 0.0)),
                "Mesh": _mesh(4.0 if field == "sheet" else None),
                "Form": Solid(centre=(0.0, 26.0, 0.0), size=(44.0, 24.0, 24.0), edge=6.0, shape="box")}[key]
        made = ball()
        if field == "tired":
            tired = ByTired(low=-90.0, high=-50.0)
            made = made.edited(grains=(Nibble(feature=9.0, depth=12.0, strength=0.95, octaves=4, where=(tired,)),))
        return part, lambda part: _in_mass(made, forms=(part,))
    if key in ("Buds", "Coat", "Roughness"):
        word, part = {"Buds": ("buds", Buds(count=10, generations=2)), "Coat": ("coat", Coat(radius=5.0)),
                      "Roughness": ("rough", Roughness(size=9.0, strength=3.0))}[key]
        return part, _in_form(ball(17.0), word)
    if key in ("BaseLevel", "TopLevel"):
        made = heap()
        if key == "TopLevel":
            return TopLevel(on=True, altitude=24.0, raggedness=1.0), lambda part: _in_mass(made, top=part)
        return BaseLevel(altitude=12.0, raggedness=2.0), lambda part: _in_mass(made, base=part)
    if key in {kind.__name__ for kind in ACTIONS.values()}:
        part = kind.begun(SMALL, with_base.light)
        if key in ("Mottle", "Nibble", "Crisp"):
            # What they do is inside: light has to come through.
            part = part.edited(feature=14.0, **({"strength": 0.95, "depth": 9.0} if key == "Nibble" else {}))
            thin = with_base.light.edited(once=False, medium=Medium(extinction=0.12 if key == "Mottle" else 0.4))
            with_base = with_base.edited(light=thin, skin=Skin(thickness=6.0 if key == "Crisp" else 1.0))
        if key == "Crisp":
            return part, lambda part: with_base.edited(grains=(*pushed().grains, part))
        if field == "balanced":
            part = part.edited(strength=10.0)
        if field == "goes_on":
            part = part.edited(octaves=2, standing=True)
        return part, lambda part: with_base.edited(grains=(part,))
    if key == "Noise":
        part = pushed().grains[0]
        if field in ("cell", "metric", "inverted"):
            part = part.edited(kind="cellular", octaves=1, feature=14.0, strength=9.0)
        if field in ("stretch", "rotation"):
            part = part.edited(stretch=(3.0, 1.0, 1.0))
        return part, lambda part: ball(grains=(part,))
    if key == "Warp":
        return Warp(feature=20.0, strength=8.0), lambda part: pushed(warp=part, kind="cellular", octaves=1, inverted=True)
    if key == "Patch":
        made = loaf().edited(light=loaf().light.edited(medium=Medium(extinction=0.25)))
        return Patch(centre=(0.0, 16.0, 0.0), size=(26.0,) * 3, soft=5.0, value=0.15), lambda part: made.edited(patches=(part,))
    if key in {kind.__name__ for kind in MASKS.values()} | {"Mask"}:
        box = np.array([-28.0, 4.0, -22.0]), np.array([28.0, 48.0, 22.0])
        part = MASKS["facing"]() if key == "Mask" else kind.begun(box, SMALL)
        made = heap() if key == "ByForm" else ball()
        grain = Push(feature=9.0, strength=7.0, octaves=3, summed="folded", seed=5)
        return part, lambda part: made.edited(grains=(grain.edited(where=(part,)),))
    if key == "Voxels":
        made = ball(grains=(Nibble(feature=12.0, depth=30.0, strength=1.0, octaves=4),))
        return made.voxels, lambda part: made.edited(voxels=part)
    if key in {kind.__name__ for kind in STEPS.values()}:
        made = heap().edited(grains=(Push(feature=9.0, strength=6.0, octaves=3, summed="folded", seed=5),))
        return kind(), lambda part: made.edited(steps=(part,))
    if key == "Skin":
        made = heap().edited(light=heap().light.edited(medium=Medium(extinction=0.4)))
        return made.skin.edited(thickness=3.0), lambda part: made.edited(skin=part)
    if key == "LowerSkin":
        made = ball(light=ball().light.edited(medium=Medium(extinction=0.4)))
        return LowerSkin(thickness=10.0, altitude=26.0), lambda part: made.edited(skin=made.skin.edited(below=part))
    if key in ("Light", "Sun", "Sky", "Floor", "Lamp", "Medium", "Fader", "View"):
        return _lit(key, field)
    if kind is not None and (key == "StandIn" or key in {kind.__name__ for kind in STAND_INS.values()}):
        if key == "StandIn":
            part = STAND_INS["box"](place=(30.0, 0.0, 12.0), size=(14.0, 26.0, 14.0))
        else:
            part = kind().edited(place=(0.0, 0.0, 0.0))
        if field == "clears":
            part = part.edited(place=(14.0, 0.0, 6.0))
        return part, lambda part: loaf().edited(stand_ins=(part,))
    raise KeyError(key)


def _lit(key, field):
    made = loaf()
    light = made.light
    if field in ("exposure", "strength") and key in ("Light", "Sun", "Sky"):
        light = light.edited(metered=False, exposure=-0.3)
    if key == "Light":
        return light, lambda part: made.edited(light=part)
    if key == "View":
        return made.view, lambda part: made.edited(view=part)
    if key == "Fader":
        return Fader(group="sun"), lambda part: made.edited(light=light.edited(metered=False, exposure=-0.3, mix=(part,)))
    if key == "Lamp":
        night = in_situation(light, made.view, "Moon").edited(metered=False, exposure=0.2)
        return Lamp(place=(0.0, 14.0, 20.0), radius=3.0, power=1e9), lambda part: made.edited(light=night.edited(lamps=(part,)))
    if key == "Floor":
        part = Floor(kind="land" if field == "patches" else "sea", level=-14.0)
        low = made.edited(view=made.view.edited(elevation=10.0))
        return part, lambda part: low.edited(light=light.edited(floor=part))
    if key == "Medium":
        part = light.medium
        if field in ("anisotropy", "second", "share", "diameter", "phase"):
            light = light.edited(sun=light.sun.edited(azimuth=168.0, elevation=16.0))
        if field in ("glow_strength",):
            light = in_situation(light, made.view, "Moon")
        return part, lambda part: made.edited(light=light.edited(medium=part))
    part = getattr(light, key.lower())
    if key == "Sky" and field in ("turn",):
        rows = np.linspace(0.0, 1.0, 64, dtype=np.float32)[:, None, None]
        across = np.linspace(0.0, 2 * np.pi, 128, dtype=np.float32)[None, :, None]
        pixels = (0.25 + 0.2 * np.sin(across + np.array([0.0, 2.0, 4.0], np.float32))) * (1.2 - rows)
        part = part.edited(kind="image", picture=Arrays(pixels=np.ascontiguousarray(pixels.astype(np.float32))))
    return part, lambda part: made.edited(light=light.edited(**{key.lower(): part}))


def values_of(name, line, part):
    """What of a line is shown: list of (object, str), the value of the field and its caption.

    Parameters
    ----------
    name : str
        Key of its entry and field.
    line : Line
    part : Value

    Returns
    -------
    list
        Empty where there is nothing to show.
    """
    row = line.row
    if isinstance(row, Choice):
        return [(word, "") for word, _ in row.options]
    if isinstance(row, Switch):
        return [(value, caption) for value, caption in zip(row.words or (False, True), ("off", "on"))]
    if isinstance(row, Drawn):
        return [(curve, word) for word, curve in row.ready][:4]
    if isinstance(row, (Tint, Changing)) or not isinstance(row, Number):
        return []
    now = getattr(part, line.field)
    first = (now[0] if isinstance(row, Triple) else now if now is not None else row.begins) * row.factor
    low, high = line.shown or (line.low, line.high)
    if name in DIFFERENT:
        values = [value * row.factor for value in DIFFERENT[name]]
    elif line.field == "seed" or line.field.endswith("seed"):
        values = [1, 2, 3]
    elif line.unit in ("m", "×") or row.scale == "log":
        values = [min(max(first * times, line.low), line.high) for times in (0.4, 1.0, 2.4)]
    else:
        values = [low, low + 0.5 * (high - low), high]
    whole = isinstance(line.default, int)
    made = []
    for value in values:
        value = round(value) if whole else float(value)
        kept = (float(value), *now[1:]) if isinstance(row, Triple) else value if whole else value / row.factor
        made.append((kept, f"{figure(value)} {line.unit}".strip()))
    return made


class Camera:
    """Looks at all mounds of a strip from one place, where the widest of them is seen whole."""

    def __init__(self, mounds):
        boxes = [box for box in map(_seen, mounds) if box is not None]
        low, high = np.min([box[0] for box in boxes], axis=0), np.max([box[1] for box in boxes], axis=0)
        self.view = fitted(mounds[0].view, low, high, *SIZE)
        self.voxel = float(f"{(high - low).max() / ALONG:.3g}")

    def picture(self, mound):
        """A picture of a mound: ndarray of uint8, (height, width, 3)."""
        stages = Stages()
        view = self.view.edited(focal=mound.view.focal)
        grid = density_grid(mound, self.voxel)
        scene, camera = stages.scene(mound.edited(view=view), grid, f"{id(mound)}"), camera_of(view, *SIZE)
        layers = [layers_of(stages, scene, camera, nth=n) for n in range(4)]
        return composed(np.mean(layers, axis=0), scene, camera, shadow=stages.shadow(scene))[..., :3]


def _seen(mound):
    """Corners of a cloud, with what stands beside it."""
    box = bounds_of(mound)
    if box is None or density_grid(mound, (box[1] - box[0]).max() / 40).brick_bounds() is None:
        return None
    grid = density_grid(mound, (box[1] - box[0]).max() / 40)
    corners = [grid.world(corner) for corner in grid.active_bounds()]
    for one in mound.stand_ins:
        vertices = one.triangles()[0] + np.array(one.place)
        corners += [vertices.min(axis=0), vertices.max(axis=0)]
    return np.min(corners, axis=0), np.max(corners, axis=0)


def grown_pictures(mounds):
    """The last frame of each growth, from one place."""
    pictures, kept = [], []
    with tempfile.TemporaryDirectory() as folder:
        for n, mound in enumerate(mounds):
            kept.append(grown(mound, f"{folder}/{n}"))
        boxes = np.array([one.frame(one.last).box for one in kept])
        view = fitted(mounds[0].view, boxes[:, 0].min(axis=0), boxes[:, 1].max(axis=0), *SIZE)
        for one in kept:
            _, still = next(iter(growth_stills(one, one.mound.light, view, Taking(*SIZE), [one.last])))
            pictures.append(looked(still.radiance, one.mound.light)[..., :3])
    return pictures


def _rising():
    made = rising("turret", "Turret")
    return made.edited(growth=made.growth.edited(cell=9.0, seconds=2.4))


class Skies:
    """A library of two small clouds, and a flock of them, to show what flocks have."""

    def __init__(self, folder):
        self.folder = pathlib.Path(folder)
        for word, name, span in (("humilis", "Crumb", 320.0), ("mediocris", "Loaf", 420.0)):
            softmound.publish(start(word, name, span, 3), self.folder / "shelf", voxel=6.0)

    def picture(self, key, field, value):
        """A flock with another number: ndarray of uint8, (height, width, 3)."""
        empty = Flock(name="Sky", view=View(azimuth=0.0, elevation=4.0, distance=2600.0, target=(0.0, 700.0, 0.0)))
        if key == "Member":
            flock = softmound.place(empty, "Loaf", at=(0.0, value if field == "altitude" else 800.0, 0.0),
                                    turn=value if field == "turn" else 0.0)
            if field in ("size", "density"):
                flock = flock.edited(members=tuple(member.edited(**{field: value}) for member in flock.members))
            flock = softmound.place(flock, "Crumb", at=(700.0, 800.0, -300.0))
        elif key == "Spread":
            asked = {"count": 30, "size": (3000.0, 3000.0), "seed": 4, "low": 700.0, "high": 800.0, "along": 30.0}
            if field in ("streets", "along", "strictly"):
                asked["streets"] = 900.0
            name = {"wide": "size", "deep": "size", "smallest": "sizes", "largest": "sizes"}.get(field, field)
            asked[name] = {"wide": (value, 3000.0), "deep": (3000.0, value), "smallest": (min(value, 1.4), 1.4),
                           "largest": (0.6, max(value, 0.6))}.get(field, int(value) if field in ("count", "seed") else value)
            above = empty.edited(view=empty.view.edited(elevation=24.0, distance=4200.0))
            flock = softmound.spread(above, self.folder / "shelf", ["Crumb"], **asked)
        else:
            from softmound.desk.stations.formation.layers import changed_layer

            layer = changed_layer(Deck() if key == "Deck" else Haze(), field, value)
            flock = softmound.place(empty, "Loaf", at=(0.0, 800.0, 0.0)).edited(
                view=empty.view.edited(elevation=12.0, distance=3600.0), **{"decks" if key == "Deck" else "hazes": (layer,)})
        path = self.folder / "picture.png"
        softmound.flock_picture(flock, self.folder / "shelf", path, size=SIZE)
        with Image.open(path) as image:
            return np.asarray(image.convert("RGB"))


def sky_values(name, line):
    """What of a line of Formation is shown; as of `values_of`."""
    if name in DIFFERENT:
        values = DIFFERENT[name]
    elif line.field == "seed":
        values = (1, 2, 3)
    else:
        low, high = line.shown or (line.low, line.high)
        of_itself = line.unit in ("m", "×") and line.default
        values = [min(max(line.default * times, low), high) for times in (0.4, 1.0, 2.4)] if of_itself else (
            low, 0.5 * (low + high), high)
    return [(value, f"{figure(value)} {line.unit}".strip()) for value in values]


def kinds():
    """Pictures of kinds, one each: (name, mound) of solids, starts, characters, situations and stand-ins."""
    for word in SHAPES:
        high = 13.0 if word in ("ring", "slab") else 40.0
        solid = Solid(shape=word, centre=(0.0, 26.0, 0.0), size=(40.0, high, 40.0), edge=3.0)
        yield f"solid-{word}", _in_mass(ball(), forms=(solid,))
    for word in STARTS:
        yield f"start-{word}", start(word, "Small", 300.0, 3)
    plain = start("mediocris", "Small", 300.0, 3)
    for name, grains in CHARACTERS.items():
        yield f"character-{name}", plain.edited(grains=sized_character(grains, 300.0))
    for name in NAMES:
        yield f"situation-{name}", plain.edited(light=in_situation(plain.light, plain.view, name))
    for kind in STAND_INS.values():
        if kind.__name__ not in LEFT_OUT:
            scale = {"Room": 90.0, "House": 70.0, "Person": 10.0}.get(kind.__name__, 60.0)
            small = start("mediocris", "Small", scale, 3)
            yield kind.__name__, small.edited(stand_ins=(kind(place=(0.55 * scale, 0.0, 0.25 * scale)),))


def main(wanted_keys=()):
    """Take all strips, or those of some entries.

    Parameters
    ----------
    wanted_keys : sequence of str, optional
    """
    STRIPS.mkdir(parents=True, exist_ok=True)
    listing = STRIPS / "strips.json"
    captions = json.loads(listing.read_text()) if listing.exists() and wanted_keys else {}
    if not wanted_keys:
        for path in STRIPS.glob("*.jpg"):
            path.unlink()

    def write():
        listing.write_text(json.dumps(dict(sorted(captions.items())), indent=0, ensure_ascii=False) + "\n", encoding="utf-8")

    def keep(name, pictures, said):
        different = [np.abs(a.astype(float) - b).mean() for a, b in zip(pictures, pictures[1:])]
        if len(pictures) > 1 and max(different) < LEAST:
            print(f"{name}: shows no difference", flush=True)
            captions.pop(name, None)
            return
        for n, pixels in enumerate(pictures):
            Image.fromarray(np.ascontiguousarray(pixels)).save(STRIPS / f"{name}.{n}.jpg", quality=80, optimize=True)
        captions[name] = list(said)
        write()  # what was taken stays, should it be stopped
        print(name, said, flush=True)

    for name, mound in kinds():
        if not wanted_keys or any(name.startswith(key) for key in wanted_keys):
            keep(name, [Camera([mound]).picture(mound)], [""])
    for word in RISING:
        if not wanted_keys or f"growth-{word}" in wanted_keys:
            made = rising(word, "Growth")
            keep(f"growth-{word}", grown_pictures([made]), [""])
    with tempfile.TemporaryDirectory() as folder:
        skies, failed = None, []
        for entry in (entry for sheet in SHEETS for entry in sheet.entries()):
            if not entry.lines or entry.key in LEFT_OUT or (wanted_keys and entry.key not in wanted_keys):
                continue
            for line in entry.lines:
                name = f"{entry.key}.{line.field}"
                try:
                    if entry.key in FLOCKS:
                        skies = skies or Skies(folder)
                        values = sky_values(name, line)
                        pictures = [skies.picture(entry.key, line.field, value) for value, _ in values]
                        keep(name, pictures, [said for _, said in values])
                        continue
                    if entry.key in GROWN:
                        made = _rising()
                        part = made.growth if entry.key == "Growth" else made.growth.sounding
                        put = (lambda p, m=made: m.edited(growth=p)) if entry.key == "Growth" else (
                            lambda p, m=made: m.edited(growth=m.growth.edited(sounding=p)))
                    else:
                        part, put = scene_for(entry, line.field)
                    for field, allowed in line.row.when:
                        if getattr(part, field) not in allowed:
                            part = part.edited(**{field: allowed[0]})
                    assert wanted(line.row, part)
                    values = values_of(name, line, part)
                    if not values:
                        continue
                    mounds = [put(part.edited(**{line.field: value})) for value, _ in values]
                    if entry.key in GROWN:
                        pictures = grown_pictures(mounds)
                    else:
                        camera = Camera(mounds)
                        pictures = [camera.picture(mound) for mound in mounds]
                    keep(name, pictures, [said for _, said in values])
                except (Problem, ValueError, KeyError, TypeError, AttributeError) as error:
                    failed.append(name)  # the others are taken all the same
                    print(f"{name}: {type(error).__name__}: {error}", flush=True)
    write()
    if failed:
        sys.exit(f"not taken: {', '.join(failed)}")
    print(f"{len(captions)} strips, {sum(path.stat().st_size for path in STRIPS.glob('*.jpg')) / 1e6:.1f} MB")


if __name__ == "__main__":
    main(sys.argv[1:])
