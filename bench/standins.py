"""Stand-ins: what a hundred thousand triangles cost a hand, how fast rays meet them, how right their light is, what flows round."""

import math
import time
from dataclasses import replace

import numpy as np

from bench.figure import Figure, at_most, timed
from bench.scene import DEMO
from softmound.core.engine.density import density_grid, voxel_along
from softmound.core.engine.stages import Stages, layers_of, paths_of
from softmound.core.exchange.forms import model_stand_in
from softmound.core.exchange.meshes import Triangles
from softmound.core.growth.pressure import freed
from softmound.core.growth.solver import Flowing, Weather
from softmound.core.light.picture.stand_ins import stand_ins_seen
from softmound.core.light.scene.camera import camera_of, fitted
from softmound.core.light.solids.returned import returned
from softmound.core.recipe import read_mound
from softmound.core.recipe.standins import STAND_INS
from softmound.core.standins.surfaces import surface_of
from softmound.core.standins.tree import distances_to, solids_of

TRIANGLES, RAYS = 100_000, 1_000_000
ALONG = 192


def _beside(name, value, unit, peer, peer_value):
    """A figure beside another, without an aim."""
    return Figure(name, value, unit, peer, peer_value, value / peer_value)


def model_of(triangles):
    """A lumpy ball of so many triangles, about: Model."""
    side = int(math.sqrt(triangles / 2))
    up, round_ = np.meshgrid(np.linspace(0.0, np.pi, side + 1), np.linspace(0.0, 2.0 * np.pi, side + 1), indexing="ij")
    radius = 20.0 * (1.0 + 0.08 * np.sin(9.0 * up) * np.cos(11.0 * round_))
    places = radius[..., None] * np.stack([np.sin(up) * np.cos(round_), np.cos(up), np.sin(up) * np.sin(round_)], axis=-1)
    at = np.arange((side + 1) ** 2).reshape(side + 1, side + 1)
    a, b, c, d = at[:-1, :-1], at[1:, :-1], at[1:, 1:], at[:-1, 1:]
    faces = np.concatenate([np.stack([a, c, b], -1).reshape(-1, 3), np.stack([a, d, c], -1).reshape(-1, 3)]).astype(np.int32)
    return model_stand_in(Triangles(places.reshape(-1, 3), faces, {}, np.zeros((0, 2), np.int32)), "Lump")


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Fewer paths.

    Yields
    ------
    Figure
    """
    mound = read_mound(DEMO / "cottage_loaf.mound")
    grid = density_grid(mound, voxel_along(mound, ALONG))
    view = fitted(mound.view, *(grid.world(corner) for corner in grid.active_bounds()), 640, 400)
    low, high = (grid.world(corner) for corner in grid.active_bounds())
    # A third of the cloud's width, in front of it.
    middle, wide = (low + high) / 2.0, float((high - low).max())
    model = model_of(TRIANGLES).edited(times=0.35 * wide / 40.0, place=(float(middle[0]), float(low[1]), float(high[2])))
    mound = mound.edited(view=view, stand_ins=(model,))
    yield from _under_the_hand(mound, grid, camera_of(view, 640, 400))
    yield from _rays(model)
    yield from _paths(mound, grid, camera_of(view, 160, 100), 20 if brief else 80)
    yield from _round_a_ball()


def _under_the_hand(mound, grid, camera):
    stages = Stages()
    scene = stages.scene(mound, grid, "bench")
    move = {standing: timed(lambda seen=seen: layers_of(stages, seen, camera, sparing=True))
            for standing, seen in ((True, scene), (False, scene.bare))}
    yield _beside(f"camera move at 640x400 with {TRIANGLES:,} triangles", 1e3 * move[True], "ms", "the same without",
                  1e3 * move[False])
    yield at_most("share of that move that they cost", 100.0 * (1.0 - move[False] / move[True]), "%", 40.0)
    begun = time.perf_counter()
    solids_of(mound.stand_ins)
    yield _beside("moved by the hand: its tree anew", 1e3 * (time.perf_counter() - begun), "ms", "a camera move", 1e3 * move[True])
    light, _ = stages.on_stand_ins(scene)
    yield _beside("light that goes to and fro, at rest", 1e3 * timed(lambda: returned(scene.solids, scene.held, light), 3, 1), "ms",
                 "the same under a hand", 1e3 * timed(lambda: returned(scene.solids, scene.held, light, True), 3, 1))


def _rays(model):
    solids, _ = solids_of((model,))
    rng = np.random.default_rng(0)
    size = float(np.ptp(surface_of(model).corners, axis=(0, 1)).max())
    places = size * rng.uniform(-1.5, 1.5, (RAYS, 3)) + model.place
    ways = np.asarray(model.place) + size * rng.uniform(-0.5, 0.5, (RAYS, 3)) - places
    ways /= np.linalg.norm(ways, axis=1, keepdims=True)
    seconds = timed(lambda: distances_to(solids, places, ways), 3, 1)
    # The peer looks at every triangle for each ray, all of them at once.
    corners = surface_of(model).corners + model.place
    begun, some = time.perf_counter(), 12
    for place, way in zip(places[:some], ways[:some]):
        edge, other = corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]
        across = np.cross(way, other)
        with np.errstate(divide="ignore", invalid="ignore"):
            np.einsum("tn,tn->t", np.cross(place - corners[:, 0], edge), other) / np.einsum("tn,tn->t", edge, across)
    each = (time.perf_counter() - begun) / some
    yield _beside("rays that meet them", RAYS / seconds / 1e6, "M/s", "NumPy over all triangles", 1e-6 / each)


def _paths(mound, grid, camera, turns):
    stages = Stages()
    box = STAND_INS["box"](place=mound.stand_ins[0].place, size=(30.0, 30.0, 30.0))
    scene = stages.scene(mound.edited(stand_ins=(box,)), grid, "bench")
    levels, whole = paths_of(stages, scene, camera), paths_of(stages, scene, camera, alone=True)
    levels.add(turns)
    whole.add(4 * turns)
    a, b = levels.solid(), whole.solid()
    light, round_ = stages.on_stand_ins(scene)
    draft, _ = stand_ins_seen(scene, light, round_, camera)
    there = b[..., 3] > 0.99
    truth = float(b[there][:, 1].mean())
    yield at_most("a box beside the cloud by gathered paths", 100.0 * abs(float(a[there][:, 1].mean()) / truth - 1.0), "%", 3.0)
    yield at_most("a box beside the cloud in Draft light", 100.0 * abs(float(draft[there][:, 1].mean()) / truth - 1.0), "%", 15.0)


def _round_a_ball():
    side, radius, speed = 64, 8.0, 3.0
    places = np.indices((side,) * 3) - (side - 1) / 2.0
    away = np.sqrt((places**2).sum(axis=0))
    wind = Weather(wind=np.tile(np.array([[speed, 0.0]], np.float32), (side, 1)))
    flow = Flowing((side,) * 3, 1.0, wind, away < radius)
    begun = time.perf_counter()
    left = freed(flow.faces, 2, flow.solid, flow._still)
    took, free = time.perf_counter() - begun, Flowing((side,) * 3, 1.0, replace(wind))
    begun = time.perf_counter()
    freed(free.faces, 2)
    bare = time.perf_counter() - begun
    wanted = speed * (1.0 + radius**3 / (2.0 * away**3) * (1.0 - 3.0 * places[0] ** 2 / away**2))
    near = (away > radius + 2.0) & (away < 2.2 * radius)
    error = float(np.sqrt(np.mean((flow.flow()[..., 0] - wanted)[near] ** 2))) / speed
    yield at_most("wind round a ball against the potential flow", 100.0 * error, "%", 3.0)
    yield at_most("divergence that is left around it", 100.0 * left, "%", 3.0)
    yield _beside("pressure around it", 1e3 * took, "ms", "without it", 1e3 * bare)
