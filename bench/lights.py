"""True light, and Draft light at rest, of each demo cloud in six lights against whole paths; and what a turntable takes.

What whole paths say is noisy too, however many there are. Two halves of them are noisy each by itself, so that the mean product of
what a picture is wrong by one half and by the other is the square of what it is really wrong by; so seconds do for what would
take an hour of paths.
"""

import math
import time

import numpy as np

from bench.figure import Figure
from bench.scene import DEMO
from softmound.core.colour import LUMINANCE
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.engine.stages import Stages, layers_of, paths_of, settled_draft
from softmound.core.engine.stills import Taking, frames_taken, turntable
from softmound.core.light.lattices.coarse import SHARP
from softmound.core.light.paths.bounded import BLOCK, in_blocks
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.situations import in_situation
from softmound.core.recipe import Lamp, Light, read_mound

SIZE, ALONG = (180, 114), 320
"""Pixels, and voxels along a cloud: as fine as a picture of some hundred pixels stands on."""
NOISE, LONGEST, REFERENCE = 0.05, 40.0, 30.0
"""What True light is traced to, seconds after which it ends in any case, and seconds of whole paths it is compared with."""
SUNS = (("in front", 20.0, 40.0), ("beside", 100.0, 35.0), ("behind", 155.0, 12.0))
"""Azimuth from behind the camera, and elevation."""
BRIEF = ("sun beside", "sun behind")
FRAMES, TURN = 2, 24
"""Frames of a turntable that are taken, and those it has."""


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        One cloud with the sun beside and behind alone, and no turntable.

    Yields
    ------
    Figure
    """
    true, draft = [], []
    for path in [DEMO / "cottage_loaf.mound"] if brief else sorted(DEMO.glob("*.mound")):
        mound = read_mound(path)
        grid = density_grid(mound, voxel_along(mound, ALONG))
        for name, light in _lights(mound, grid):
            if brief and name not in BRIEF:
                continue
            stages, shown = Stages(), mound.edited(light=light)
            error, seconds, noise, bias, rested = _compared(stages, shown, grid, f"{mound.name} {name}")
            true.append(error)
            draft.append(rested)
            what = f"{mound.name}, {name}"
            yield Figure(f"True light, {what}: error on blocks of {BLOCK} pixels", 100 * error, "%",
                         f"seconds at {SIZE[0]}x{SIZE[1]}", seconds, None, "at most 3", error <= 0.03)
            yield Figure(f"  its noise, and its bias as it states it: {100 * bias:.1f} %", 100 * noise, "%")
            yield Figure(f"  Draft light at rest, {what}", 100 * rested, "%", aim="at most 6", ok=rested <= 0.06)
    yield Figure("True light, all scenes: median error", 100 * float(np.median(true)), "%", aim="at most 3",
                 ok=bool(np.median(true) <= 0.03))
    yield Figure("Draft light at rest, all scenes: median error", 100 * float(np.median(draft)), "%", aim="at most 6",
                 ok=bool(np.median(draft) <= 0.06))
    if not brief:
        yield _turntable()


def _lights(mound, grid):
    """Lights of a mound by name: its own, the sun in three places, a lamp in its middle at dusk, an overcast."""
    light, view = mound.light, mound.view
    yield "its own light", light
    for name, azimuth, elevation in SUNS:
        yield f"sun {name}", light.edited(sun=Light().sun.edited(azimuth=(view.azimuth + azimuth) % 360.0, elevation=elevation),
                                          lamps=())
    low, high = (grid.world(b) for b in grid.active_bounds())
    span = float((high - low).max())
    lamp = Lamp(place=tuple(float(c) for c in (low + high) / 2.0), radius=span / 40.0, power=40.0 * span**2)
    yield "a lamp inside, dusk", in_situation(light, view, "Dusk").edited(lamps=(lamp,))
    yield "overcast", in_situation(light, view, "Overcast").edited(lamps=())


def _compared(stages, mound, grid, key):
    """Error of True light, its seconds, its noise, the bias it states, and the error of Draft light at rest."""
    scene, camera = stages.scene(mound, grid, key), camera_of(mound.view, *SIZE)
    halves = [paths_of(stages, scene, camera, alone=True, seed=seed) for seed in (11, 12)]
    begun = time.perf_counter()
    while time.perf_counter() - begun < REFERENCE:
        for tracer in halves:
            tracer.add(1)
    begun = time.perf_counter()
    two = paths_of(stages, scene, camera, seed=3)
    while (two.noise() > NOISE or two.whole.turns < 2) and time.perf_counter() - begun < LONGEST:
        two.add(1)
    seconds = time.perf_counter() - begun
    solid = in_blocks(halves[0].layers()[1]) > 0.9
    one, other, found = (in_blocks(t.layers()[0] @ LUMINANCE)[solid] for t in (*halves, two))
    layers = np.mean([layers_of(stages, scene, camera, nth=n, fine=SHARP) for n in range(8)], axis=0)
    radiance = settled_draft(stages, scene, camera, radiance_of(layers, scene, camera), fine=SHARP)
    rested = in_blocks((radiance[..., :3] - behind_of(radiance, mound.light, camera)) @ LUMINANCE)[solid]

    def wrong(picture):
        square = float(((picture - one) * (picture - other)).mean())
        return math.sqrt(max(square, 0.0)) / float((one + other).mean() / 2.0)

    return wrong(found), seconds, two.noise(), two.bias()[0], wrong(rested)


def _turntable():
    """Minutes of a turntable in True light, by some of its frames."""
    mound = read_mound(DEMO / "cottage_loaf.mound")
    grid = density_grid(mound, voxel_along(mound, ALONG))
    begun = time.perf_counter()
    views = turntable(mound, TURN)[:: TURN // FRAMES]
    for _ in frames_taken(Stages(), views, grid, "loaf", Taking(640, 400, true=True, noise=NOISE)):
        pass
    minutes = (time.perf_counter() - begun) / len(views) * TURN / 60.0
    return Figure(f"turntable of {TURN} frames in True light at 640x400, by {len(views)} of them", minutes, "min", aim="at most 15",
                  ok=minutes <= 15.0)
