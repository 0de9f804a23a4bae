"""Finished pictures: a still, and the frames of a turntable, of a sweep of the sun and of a contact sheet."""

from dataclasses import dataclass, field

import numpy as np

from ..light.lattices.coarse import RESTING, SHARP
from ..light.marching.march import OPACITY
from ..light.picture.denoise import LEAST, denoised
from ..light.picture.looks import looked
from ..light.picture.radiance import behind_of, radiance_of, standing_in, traced_radiance
from ..light.scene.camera import camera_of
from ..light.scene.groups import factors, groups_of
from ..problems import DoesNotFit, Problem
from ..ticket import one_by_one
from .apart import BYTES_APART, draft_apart, mixed, true_apart, whole_scene
from .forecast import memory_limit
from .stages import PASSES, layers_of, paths_of, settled_draft

MOST_TURNS = 100_000
"""Paths for each pixel after which True light gives up on the noise asked for."""
PADDING = 6
"""Pixels between the pictures of a contact sheet."""
SMALL = 10
"""Pixels, along a picture's longer side, for each cell of `RESTING` up to which `SHARP` shows nothing more: at 640 by 400
blocks err by 4.2 % in a third of the time, rather than by 3.8."""
BYTES = 220
"""Of memory for each pixel of a picture (measured at 4,096 by 4,096)."""


@dataclass(frozen=True)
class Taking:
    """How a picture is taken.

    Attributes
    ----------
    width, height : int
        Pixels.
    true : bool
        By True light, else by Draft light.
    noise : float
        True light: when it is enough, see `Tracer.noise`.
    passes : int
        Draft light: rays for each pixel.
    seed : int
        True light: another one has other noise.
    alone : bool
        True light: by whole paths alone, rather than gathered ones put right by them.
    denoise : bool
        True light: take what noise is left out of it, see `core.light.picture.denoise`.
    apart : bool
        Keep the light groups apart.
    near : bool
        Of a mound: its voxels are made finer wherever the picture would show them, see `core.engine.refining`.
    layers : tuple of str
        What an OpenEXR file holds, see `core.engine.layers`; without any what is usual.
    kept : KeptStills, optional
        Of a sequence: where its pictures are kept until all are there.
    """

    width: int = 1280
    height: int = 800
    true: bool = False
    noise: float = 0.05
    passes: int = PASSES
    seed: int = 0
    alone: bool = False
    denoise: bool = False
    apart: bool = False
    near: bool = False
    layers: tuple = ()
    kept: object = field(default=None, repr=False, compare=False)


@dataclass(frozen=True, eq=False)
class Still:
    """A finished picture in light.

    Attributes
    ----------
    radiance : ndarray of float32, shape (height, width, 4)
        Linear RGB with the surroundings behind, without exposure, and the cloud's opacity.
    behind : ndarray of float32, shape (height, width, 3)
        What of it is light from behind the cloud: without it the cloud stays, multiplied by its opacity.
    noise, bias : float
        Of True light; 0 of Draft light. See `Levels.bias`; infinite where it is not known.
    turns : int
        Rays or paths for each pixel.
    denoised : bool
    groups : dict of str to ndarray of float32, shape (height, width, 3)
        Light of each light group as it is mixed, if they were kept apart: without what is behind their sum is the picture.
    whole, once : ndarray of float32, shape (height, width, 3), or None
        Of those their sum without faders, and, of True light, what of it was scattered once.
    standing : ndarray of float32, shape (height, width, WIDTH), or None
        Stand-ins behind the clouds, see `standing_in`; in `behind` they are as well.
    """

    radiance: np.ndarray
    behind: np.ndarray
    noise: float
    turns: int
    bias: float = 0.0
    denoised: bool = False
    groups: dict = field(default_factory=dict)
    whole: object = None
    once: object = None
    standing: object = None


def refuse_too_many_pixels(width, height, groups=0):
    """Raise unless a picture fits into memory.

    Parameters
    ----------
    width, height : int
    groups : int, optional
        Light groups that are kept apart.

    Raises
    ------
    DoesNotFit
        Says how large one of that shape can be.
    """
    need, limit = width * height * (BYTES + BYTES_APART * groups), memory_limit()
    if need > limit:
        share = (limit / need) ** 0.5
        raise DoesNotFit("A picture of {}x{} needs about {:,.1f} GB and {:,.1f} GB are free; the largest of that shape that fits "
                         "is about {}x{}.", width, height, need / 1e9, limit / 1e9, int(width * share), int(height * share))


def still_of(stages, mound, grid, key, taking, *, frame=0, ticket=None):
    """Take a picture.

    Parameters
    ----------
    stages : Stages
    mound : Mound
        Light and view.
    grid : BrickGrid
        Density.
    key : str
        Its key.
    taking : Taking
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    Still
    """
    return still_of_scene(stages, scene_taken(stages, mound, grid, key, taking, ticket), taking, frame, ticket)


def scene_taken(stages, mound, grid, key, taking, ticket=None):
    """The scene that a picture of a mound is taken of.

    Parameters
    ----------
    stages, mound, grid, key, taking, ticket
        As of `still_of`.

    Returns
    -------
    Scene
        Refined if the picture asks for it.
    """
    if not taking.near:
        return stages.scene(mound, grid, key)
    camera = camera_of(mound.view, taking.width, taking.height)
    return stages.near_scene(mound, grid, key, camera, ticket.quiet() if ticket is not None else None)


def still_of_scene(stages, scene, taking, frame=0, ticket=None):
    """Take a picture of a scene from where it is looked at.

    Parameters
    ----------
    stages : Stages
    scene : Scene
    taking : Taking
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    Still
    """
    if taking.kept is None or taking.apart or not scene.clouds:
        return _taken(stages, scene, taking, frame, ticket)
    return taking.kept.still(scene, taking, frame, lambda: _taken(stages, scene, taking, frame, ticket))


def _taken(stages, scene, taking, frame, ticket):
    """A new picture of a scene."""
    light, camera = scene.light, camera_of(scene.seen_from, taking.width, taking.height)
    # Of a small picture a cell of the coarser lattice covers a few pixels only.
    fine = SHARP if max(taking.width, taking.height) > SMALL * RESTING.sky else RESTING
    noise, bias, turns = 0.0, 0.0, taking.passes
    if taking.apart and scene.clouds:
        return _taken_apart(stages, scene, taking, fine, frame, ticket)
    shadow = stages.shadow(scene, fine)
    if not scene.clouds:
        layers = _marched(stages, scene, camera, taking.passes, fine, frame, ticket)
        radiance = radiance_of(layers, scene, camera, shadow=shadow)
        return Still(radiance, radiance[..., :3].copy(), noise, turns, standing=standing_in(layers, scene, camera))
    standing = None
    if taking.true:
        tracer, noise, bias = _traced(stages, scene, camera, taking, frame, ticket)
        radiance, turns = traced_radiance(tracer, light, shadow), tracer.turns
        standing = standing_in(tracer.solid(), scene, camera)
    if taking.denoise or not taking.true:
        drafted, in_draft = _drafted(stages, scene, camera, taking.passes, fine, frame, shadow, ticket)
        standing = standing if taking.true else in_draft
        radiance = _denoised(radiance, drafted, light, camera, shadow, standing, in_draft) if taking.true else drafted
    behind = behind_of(radiance, light, camera, shadow=shadow, standing=standing)
    return Still(radiance, behind, noise, turns, bias, taking.true and taking.denoise, standing=standing)


def _traced(stages, scene, camera, taking, frame, ticket):
    """What traced a picture until it was enough, its noise and its bias."""
    tracer = paths_of(stages, scene, camera, alone=taking.alone, seed=taking.seed, frame=frame, apart=taking.apart, ticket=ticket)
    enough = LEAST if taking.denoise else 0
    while tracer.turns < MOST_TURNS and ((noise := tracer.noise()) > taking.noise or tracer.turns < enough):
        if ticket is not None:
            # The noise falls with the square root of the paths.
            ticket.tick(min(1.0, (taking.noise / noise) ** 2))
        tracer.add(1)
    return tracer, noise, 0.0 if taking.alone else tracer.bias()[0]


def _taken_apart(stages, scene, taking, fine, frame, ticket):
    """A picture whose light groups are kept apart, and then mixed."""
    if taking.denoise:
        raise Problem("A picture is denoised as a whole; leave out either denoising or the light groups.")
    refuse_too_many_pixels(taking.width, taking.height, len(groups_of(scene.light)))
    light, camera = scene.light, camera_of(scene.seen_from, taking.width, taking.height)
    plain = whole_scene(stages, scene)
    shadow, groups = stages.shadow(scene, fine), groups_of(light)
    noise, bias, turns, once = 0.0, 0.0, taking.passes, None
    if taking.true:
        tracer, noise, bias = _traced(stages, plain, camera, taking, frame, ticket)
        apart, opacity = true_apart(tracer, plain, camera)
        turns, once, standing = tracer.turns, apart[..., -1, :], tracer.solid()
        if standing is not None:
            standing[..., :3] = mixed(tracer.solid_apart(), groups, light)
    else:
        layers = _marched(stages, plain, camera, taking.passes, fine, frame, ticket)
        opacity, standing = layers[..., OPACITY], layers
        if light.mix and scene.stand_ins:
            standing = _marched(stages, scene, camera, taking.passes, fine, frame, ticket)
        apart = draft_apart(stages, plain, camera, layers, passes=taking.passes, shadow=shadow, fine=fine, frame=frame,
                            ticket=ticket)
    found = {name: apart[..., n, :] * factor for n, (name, factor) in enumerate(zip(groups, factors(light, groups)))}
    radiance = np.dstack([sum(found.values()), opacity])
    standing = standing_in(standing, scene, camera)
    behind = behind_of(radiance, light, camera, shadow=shadow, standing=standing)
    radiance[..., :3] += behind
    return Still(radiance, behind, noise, turns, bias, groups=found,
                 whole=apart[..., : len(groups), :].sum(axis=2), once=once, standing=standing)


def _marched(stages, scene, camera, passes, fine, frame, ticket):
    """Layers of Draft light, the mean of some passes."""
    total = None
    for nth in range(passes):
        if ticket is not None:
            ticket.tick(nth / passes)
        layers = layers_of(stages, scene, camera, nth=nth, fine=fine, frame=frame)
        total = layers if total is None else np.add(total, layers, out=total)
    total /= np.float32(passes)
    return total


def _drafted(stages, scene, camera, passes, fine, frame, shadow, ticket):
    """Draft light of a picture, and the stand-ins in it."""
    layers = _marched(stages, scene, camera, passes, fine, frame, ticket)
    radiance = radiance_of(layers, scene, camera, shadow=shadow)
    standing = standing_in(layers, scene, camera)
    radiance = settled_draft(stages, scene, camera, radiance, shadow=shadow, standing=standing, fine=fine, frame=frame,
                             ticket=ticket)
    return radiance, standing


def _denoised(radiance, drafted, light, camera, shadow, standing, in_draft):
    """A traced picture with less noise; what lies behind the cloud stays as it is."""
    behind = behind_of(radiance, light, camera, shadow=shadow, standing=standing)
    draft = drafted[..., :3] - behind_of(drafted, light, camera, shadow=shadow, standing=in_draft)
    out = radiance.copy()
    out[..., :3] = behind + denoised(radiance[..., :3] - behind, radiance[..., 3], draft)
    return out


def turntable(mound, frames, degrees=360.0):
    """The views of a turn around the cloud.

    Parameters
    ----------
    mound : Mound
    frames : int
    degrees : float, optional

    Returns
    -------
    list of Mound
        One for each frame; a whole turn ends one step before it began.
    """
    whole = abs(degrees) % 360.0 == 0.0
    step = degrees / (frames if whole else max(frames - 1, 1))
    return [mound.edited(view=mound.view.edited(azimuth=_within(mound.view.azimuth + n * step))) for n in range(frames)]


def sun_sweep(mound, frames, start, end):
    """The suns of a day, from one place in the sky to another.

    Parameters
    ----------
    mound : Mound
    frames : int
    start, end : (float, float)
        Azimuth and elevation in degrees.

    Returns
    -------
    list of Mound
    """
    made = []
    for n in range(frames):
        share = n / max(frames - 1, 1)
        azimuth, elevation = (a + share * (b - a) for a, b in zip(start, end))
        sun = mound.light.sun.edited(azimuth=_within(azimuth), elevation=elevation)
        made.append(mound.edited(light=mound.light.edited(sun=sun)))
    return made


def _within(degrees):
    return (degrees + 180.0) % 360.0 - 180.0


def frames_taken(stages, mounds, grid, key, taking, ticket=None):
    """Take the pictures of a sequence one after the other.

    Parameters
    ----------
    stages : Stages
    mounds : sequence of Mound
    grid, key, taking
        As of `still_of`.
    ticket : Ticket, optional

    Yields
    ------
    (int, Still)
        Number from 0, and the picture.
    """
    for number, mound in enumerate(one_by_one(mounds, lambda n, _: f"picture {n + 1} of {len(mounds)}", ticket)):
        yield number, still_of(stages, mound, grid, key, taking, frame=number, ticket=ticket)


def sheet_of(mound):
    """Views and suns of a contact sheet: the kept views, or four sides; the sun in front, beside and behind.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    views : list of View
    suns : list of (float, float)
        Azimuth and elevation, degrees.
    """
    around = mound.view.azimuth
    views = [kept.view for kept in mound.views] or [
        mound.view.edited(azimuth=(around + turn + 180.0) % 360.0 - 180.0) for turn in (0.0, 90.0, 180.0, -90.0)]
    return views, [((around + turn) % 360.0, elevation) for turn, elevation in ((30.0, 50.0), (90.0, 25.0), (165.0, 12.0))]


def sheet(stages, mound, views, suns, grid, key, taking, ticket=None):
    """A contact sheet: views side by side, suns below one another.

    Parameters
    ----------
    stages : Stages
    mound : Mound
    views : sequence of View
    suns : sequence of (float, float)
        Azimuth and elevation, degrees.
    grid, key : BrickGrid and str
    taking : Taking
        Of each picture.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of uint8, shape (height, width, 3)
    """
    mounds = [mound.edited(view=view, light=mound.light.edited(sun=mound.light.sun.edited(
        azimuth=_within(azimuth), elevation=elevation))) for azimuth, elevation in suns for view in views]
    high, wide = taking.height + PADDING, taking.width + PADDING
    page = np.full((len(suns) * high + PADDING, len(views) * wide + PADDING, 3), (34, 38, 42), np.uint8)
    for number, still in frames_taken(stages, mounds, grid, key, taking, ticket):
        row, column = divmod(number, len(views))
        top, left = PADDING + row * high, PADDING + column * wide
        page[top : top + taking.height, left : left + taking.width] = looked(still.radiance, mound.light)[..., :3]
    return page

