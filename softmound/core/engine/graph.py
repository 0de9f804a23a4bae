"""The stages from recipe to picture, written down once: what each reads of the recipe, what it follows, and how far it reaches.

Keys, bounds, forecasts and refusals are worked out from `GRAPH`. Whoever gives the recipe a new field names it here, in the
stage that reads it; `tests/test_graph.py` changes every field of every model and fails where a stage went stale that should
not have, or the other way round.
"""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from ..fill.kept_away import clearing
from ..fill.skin import depth_of
from ..fill.stepping import grown_by, live_steps, steps_reach
from ..fill.volumes import density_volumes
from ..grain.edge import edge_depth, live_patches
from ..grain.moving import moving_reach
from ..grain.surface import reach_of
from ..grain.where import landmarks_of
from ..light.lattices.lattice import zone_shares
from ..light.scene.groups import FIXED, GLOW, factors, groups_of
from ..light.scene.phase import lobes_of
from ..light.scene.scene import Scene
from ..recipe import Medium, Mound
from ..recipe.forms import Form
from ..recipe.grains import EDGE, MOVED, SURFACE, live
from ..recipe.standins import StandIn
from .keys import key_of


@dataclass(frozen=True)
class Stage:
    """A step from recipe to picture.

    Attributes
    ----------
    reads : dict of str to callable
        By the path of a part of the recipe: what of it counts, given the whole mound.
    after : tuple of str
        Stages whose results it takes.
    reach : callable, optional
        Given a mound and a voxel in metres: how far outside and inside of the blocked-in surface distances have to be true.
    moves : callable, optional
        Given a mound: how far it can move the cloud outward, metres.
    """

    reads: dict[str, Callable[..., Any]]
    after: tuple[str, ...] = ()
    reach: Callable[[Mound, float], tuple[float, float]] = lambda mound, voxel: (0.0, 0.0)
    moves: Callable[[Mound], float] = lambda mound: 0.0


def _shaping(mound: Mound) -> tuple[Form, ...]:
    return tuple(form for form in mound.mass.forms if form.shapes)


def _landmarks(parts: Callable[[Mound], Any]) -> Callable[[Mound], tuple]:
    """What masks and anchors of some parts of a mound read besides the distance."""
    return lambda mound: landmarks_of(mound).read_by(parts(mound))


def _edge(mound: Mound) -> tuple:
    return (*live(mound.grains, EDGE), *live_patches(mound.patches))


def _media(about: Mound | Scene) -> tuple[Medium, ...]:
    """Media of what is shown: a mound's, or those of all clouds of a scene."""
    return about.media if isinstance(about, Scene) else (about.light.medium,)


def _scattering(about: Mound | Scene) -> tuple:
    return tuple((medium.extinction, lobes_of(medium)) for medium in _media(about))


def _hues(about: Mound | Scene) -> tuple:
    """Of one medium what changes within the cloud; of several all their colour, which is then gathered along the rays."""
    media = _media(about)
    ramps = tuple((medium.tint_by, medium.glow_by, lobes_of(medium)) for medium in media)
    return ramps if len(media) == 1 else (ramps, media)


def _glowing(about: Mound | Scene) -> tuple:
    """Of media that glow all that says what becomes of it."""
    return tuple((_mixed(about, FIXED[GLOW : GLOW + 1]), medium.glow_strength, medium.glow, medium.albedo, medium.tint,
                  medium.glow_by) for medium in _media(about) if medium.glow_strength > 0.0)


def _mixed(about: Mound | Scene, groups: tuple[str, ...]) -> tuple:
    """What the light of some groups is multiplied by."""
    return tuple(factors(about.light, groups).ravel().tolist())


def _formed(stand_in: StandIn) -> tuple:
    """What the triangles of a stand-in are made from."""
    kind, *numbers = stand_in.shape
    return kind.__name__, *numbers


def _looked_at(mound: Mound) -> tuple:
    """Stand-ins as the eye sees them."""
    return tuple((*_formed(each), each.place, each.turn, each.colour, each.shown)
                 for each in mound.stand_ins if each.shown != "hidden")


def _standing(about: Mound | Scene) -> tuple:
    """Where stand-ins are that light meets."""
    return tuple((*_formed(each), each.place, each.turn) for each in about.stand_ins if each.for_light)


def _clearing(mound: Mound) -> tuple:
    """Stand-ins that keep cloud away, and how far."""
    return tuple((*_formed(each), each.place, each.turn, each.clears) for each in clearing(mound.stand_ins))


def _sending(about: Mound | Scene) -> tuple:
    """What of the light they send back."""
    return tuple(each.colour for each in about.stand_ins if each.for_light)


def _shining_on(about: Mound | Scene) -> tuple:
    """What lights stand-ins, which send of it to clouds."""
    light = about.light
    return (light.sun, light.sky, light.floor, light.mix, _media(about)) if _sending(about) else ()


def _skin_of_moving(mound: Mound) -> Any:
    """The skin, where density that is moved about is read as depth."""
    return mound.skin if live(mound.grains, MOVED) else ()


GRAPH = {
    "distance": Stage({
        "mass.forms": _shaping,
        "mass.melt": lambda mound: mound.mass.melt,
        "mass.base": lambda mound: mound.mass.base,
        "mass.top": lambda mound: mound.mass.top}),
    "displaced": Stage({
        "steps": lambda mound: tuple(live_steps(mound.steps)),
        "grains": lambda mound: tuple(live(mound.grains, SURFACE)),
        "landmarks": _landmarks(lambda mound: live(mound.grains, SURFACE))}, ("distance",),
        reach=lambda mound, voxel: tuple(a + b for a, b in zip(reach_of(mound.grains, voxel), steps_reach(mound.steps))),
        moves=lambda mound: reach_of(mound.grains)[0] + grown_by(mound.steps)),
    "density": Stage({
        "skin": lambda mound: mound.skin,
        "grains": lambda mound: tuple(live(mound.grains, EDGE)),
        "patches": lambda mound: tuple(live_patches(mound.patches)),
        "landmarks": _landmarks(_edge)}, ("displaced",),
        reach=lambda mound, voxel: (0.0, max(depth_of(mound.skin, voxel), edge_depth(mound.grains)))),
    "joined": Stage({"mass.forms": lambda mound: tuple(density_volumes(mound.mass))}, ("density",)),
    "moved": Stage({
        "grains": lambda mound: tuple(live(mound.grains, MOVED)),
        "skin": _skin_of_moving,
        "landmarks": _landmarks(lambda mound: live(mound.grains, MOVED))}, ("joined",),
        moves=lambda mound: moving_reach(mound.grains)),
    "kept away": Stage({"stand_ins": _clearing}, ("moved",)),
    "cleared": Stage({"voxels.crumbs": lambda mound: mound.voxels.crumbs}, ("kept away",)),
    "zones": Stage({
        "light.medium": _scattering,
        "light.sky": lambda about: zone_shares(about.light),
        "stand_ins": _standing}, ("cleared",)),
    "light": Stage({"light.sun": lambda about: (about.light.sun.azimuth, about.light.sun.elevation)}, ("zones",)),
    "lamps": Stage({
        "light.lamps": lambda about: tuple(lamp for lamp in about.light.lamps if lamp.on),
        "light.medium": _glowing,
        "light.mix": lambda about: _mixed(about, groups_of(about.light)[len(FIXED):]),
        "stand_ins": lambda about: (_sending(about), _shining_on(about))}, ("light",)),
    "hues": Stage({"light.medium": _hues}, ("cleared",)),
    "layers": Stage({
        "view": lambda mound: mound.view,
        "light.once": lambda mound: mound.light.once,
        "stand_ins": _looked_at}, ("lamps", "hues")),
    "radiance": Stage({
        "light.sun": lambda mound: mound.light.sun,
        "light.sky": lambda mound: mound.light.sky,
        "light.floor": lambda mound: mound.light.floor,
        "light.mix": lambda mound: _mixed(mound, FIXED),
        "light.medium": lambda mound: mound.light.medium}, ("layers",)),
    "pixels": Stage({
        "light.exposure": lambda mound: (mound.light.exposure, mound.light.metered),
        "light.transform": lambda mound: mound.light.transform}, ("radiance",)),
}
"""In the order of the work. From zones to hues, what is read may be a scene of many clouds as well as a mound."""

SHAPED = "cleared"
"""The stage whose result is the finished density."""


def key_at(stage: str, about: Mound | Scene, *more: Any) -> bytes:
    """Key of a stage's result.

    Parameters
    ----------
    stage : str
        Of `GRAPH`.
    about : Mound or Scene
        A scene for what comes after the density, which it has already.
    *more : float, int or str
        What it depends on besides the recipe, such as the voxel.

    Returns
    -------
    str
    """
    if stage == SHAPED and isinstance(about, Scene):
        return key_of("standing", about.standing)
    described = GRAPH[stage]
    return key_of(stage, tuple(read(about) for read in described.reads.values()),
                  tuple(key_at(before, about) for before in described.after), *more)


def stages_to(stage: str) -> list[str]:
    """A stage and all before it.

    Parameters
    ----------
    stage : str

    Returns
    -------
    list of str
        In the order of the work.
    """
    found = {stage}
    for name in reversed(GRAPH):
        if name in found:
            found.update(GRAPH[name].after)
    return [name for name in GRAPH if name in found]


def reaches(mound: Mound, voxel: float, stage: str = SHAPED) -> tuple[float, float]:
    """How far outside and inside the blocked-in surface distances have to be true.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    stage : str, optional
        Up to which the cloud is made.

    Returns
    -------
    outward, inward : float
        Metres.
    """
    both = [GRAPH[name].reach(mound, voxel) for name in stages_to(stage)]
    return sum(out for out, _ in both), sum(inward for _, inward in both)


def moved_outward(mound: Mound, stage: str = SHAPED) -> float:
    """How far the cloud can stand out of its blocked-in shape.

    Parameters
    ----------
    mound : Mound
    stage : str, optional
        Up to which the cloud is made.

    Returns
    -------
    float
        Metres.
    """
    return sum(GRAPH[name].moves(mound) for name in stages_to(stage))
