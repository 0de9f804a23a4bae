"""Layers of a picture for compositing: what each is, and how it is made.

A picture is taken with its light groups apart; all other layers are made of the same scene from the same eye. Colours are linear
Rec. 709, multiplied by the opacity and without what is behind, so that they can be added up and laid over a plate.
"""

from collections.abc import Callable
from dataclasses import dataclass, field, replace

import numpy as np
import scipy

from ..aside import shown
from ..light.marching.march import OPACITY, march
from ..light.paths.first_met import first_met
from ..light.picture.stand_ins import AWAY as FAR_AWAY
from ..light.picture.stand_ins import SHARE, matte_share
from ..light.scene.camera import camera_of
from ..problems import Problem
from .stages import layers_of, pixel_shift
from .stills import still_of_scene

TURNS = 24
"""Paths for each pixel that find distances and mattes."""
NEVER = 1e10
"""Distance of what is not there, metres."""
SOLID = 100.0
"""Times its extinction a cloud has where its first density counts as its surface."""
COVERED = 0.004
"""Opacity below which a pixel shows no cloud: about one in 256."""


@dataclass(frozen=True)
class Layer:
    """A layer.

    Attributes
    ----------
    label : str
        As it is shown.
    sentence : str
        What it holds.
    parts : callable
        Given a `Shot`, a dict of part name to a dict of channel name to ndarray of float32, shape (height, width).
    true : bool
        Only of True light.
    """

    label: str
    sentence: str
    parts: Callable
    true: bool = False


@dataclass(frozen=True)
class Motion:
    """Where what a picture shows goes until the next frame.

    Attributes
    ----------
    camera : Camera
        That of the next frame.
    moved : callable
        Given places, ndarray of shape (n, 3) in metres, where they are then.
    forward : int
        -1 where that is the frame before, which is turned round.
    """

    camera: object
    moved: Callable
    forward: int = 1


@dataclass(eq=False)
class Shot:
    """All that layers are made of; what several need is worked out once.

    Attributes
    ----------
    stages : Stages
    scene : Scene
    still : Still
        With its light groups apart.
    camera : Camera
    motion : Motion or None
    ticket : Ticket or None
    """

    stages: object
    scene: object
    still: object
    camera: object
    motion: object = None
    ticket: object = None
    _known: dict = field(default_factory=dict)

    def once(self, name, make):
        """What is made when it is first asked for."""
        if name not in self._known:
            self._known[name] = make()
        return self._known[name]

    @property
    def covered(self):
        """Where there is cloud: ndarray of bool, shape (height, width)."""
        return self.still.radiance[..., 3] > COVERED

    @property
    def met(self):
        """What its pixels show: Met."""
        return self.once("met", lambda: first_met(self.scene, self.camera, TURNS, ticket=self.ticket))

    def places(self):
        """Places that are seen, metres: ndarray of float32, shape (height, width, 3); 0 where there is no cloud."""
        return self.once("places", lambda: _places(self.camera, self.met.distance, self.covered))


def optical_depths(stages, scene, camera):
    """Optical depth along the ray through each pixel's middle and its neighbourhood.

    Parameters
    ----------
    stages : Stages
    scene : Scene
        With at least one cloud.
    camera : Camera

    Returns
    -------
    ndarray of float32, shape (height, width)
    """
    # So thin that rays go all the way through: opacity is then nearly the optical depth.
    low, high = (np.array(ends) for ends in zip(*(cloud.box() for cloud in scene.clouds)))
    across = float(np.linalg.norm(high.max(axis=0) - low.min(axis=0)))
    thickest = max(cloud.shown.extinction * scene.grids[n].core for cloud, n in zip(scene.clouds, scene.numbers))
    share = min(1.0, max(0.5 / max(across * thickest, 1e-9), 1e-6))
    faint = scene.under(scene.light, lambda medium: medium.model_copy(update={"extinction": medium.extinction * share}))
    lattice = stages.lattice(scene)
    opacity = np.mean([march(faint, lattice, camera, shift=pixel_shift(n), nth=n)[..., OPACITY] for n in range(4)], axis=0)
    return (-np.log1p(-np.minimum(opacity, 0.999999)) / share).astype(np.float32)


def _directions(camera):
    """Unit directions through the middles of all pixels: ndarray of float64, shape (height, width, 3)."""
    across = (np.arange(camera.width) + 0.5 - camera.width / 2) * camera.spread
    down = (np.arange(camera.height) + 0.5 - camera.height / 2) * camera.spread
    ways = camera.forward + across[None, :, None] * camera.right - down[:, None, None] * camera.up
    return ways / np.linalg.norm(ways, axis=-1, keepdims=True)


def _places(camera, distance, covered):
    there = covered & np.isfinite(distance)
    places = camera.eye + np.where(there, distance, 0.0)[..., None] * _directions(camera)
    return np.where(there[..., None], places, 0.0).astype(np.float32)


def _rgb(light):
    return {name: light[..., n] for n, name in enumerate("RGB")}


def _xyz(vectors):
    return {name: vectors[..., n] for n, name in enumerate("XYZ")}


def _beauty(shot):
    light = shot.still.radiance[..., :3] - shot.still.behind
    return {"beauty": {**_rgb(light), "A": shot.still.radiance[..., 3]}}


def part_names(groups):
    """Names of the parts of light groups in a file.

    Parameters
    ----------
    groups : sequence of str

    Returns
    -------
    dict of str to str
        By group: "light_" and its name in letters, figures and underscores; a number tells those apart that would be the same.
    """
    found = {}
    for group in groups:
        word = "light_" + "".join(letter if letter.isascii() and letter.isalnum() else "_" for letter in group.lower())
        alike = sum(other == word or other.startswith(f"{word}__") for other in found.values())
        found[group] = f"{word}__{alike + 1}" if alike else word
    return found


def _groups(shot):
    names = part_names(shot.still.groups)
    return {names[group]: _rgb(light) for group, light in shot.still.groups.items()}


def _orders(shot):
    # The rest is what is left of all light, as it is without a mixer.
    whole = shot.still.whole
    return {"first_order": _rgb(shot.still.once), "further_orders": _rgb(whole - shot.still.once)}


def _depth(shot):
    return {"depth": {"Z": np.where(np.isfinite(shot.met.distance), shot.met.distance, NEVER)}}


def _first_depth(shot):
    first = first_met(shot.scene, shot.camera, 4, times=SOLID, ticket=shot.ticket).distance
    return {"first_depth": {"Z": np.where(np.isfinite(first), first, NEVER)}}


def _optical(shot):
    return {"optical_depth": {"Y": optical_depths(shot.stages, shot.scene, shot.camera)}}


def _normal(shot):
    seen = sum(layers_of(shot.stages, shot.scene, shot.camera, nth=nth, clay=True, ticket=shot.ticket)[..., :3] for nth in range(4))
    return {"normal": _xyz(seen / np.maximum(np.linalg.norm(seen, axis=-1, keepdims=True), 1e-9))}


def _position(shot):
    return {"position": _xyz(shot.places())}


def _motion(shot):
    if shot.motion is None:
        raise Problem("What does not move has no motion: the layer motion needs a mound with a time line, and --frame.")
    rows, columns = np.nonzero(shot.covered & np.isfinite(shot.met.distance))
    places = shot.places()[rows, columns].astype(np.float64)
    out = np.zeros((shot.camera.height, shot.camera.width, 2), np.float32)
    then = _on_picture(shot.motion.camera, shot.motion.moved(places))
    out[rows, columns] = shot.motion.forward * (then - _on_picture(shot.camera, places))
    return {"motion": {"X": out[..., 0], "Y": out[..., 1]}}


def _on_picture(camera, places):
    """Where places fall on a picture, pixels to the right and down: ndarray of float64, shape (n, 2)."""
    to = places - camera.eye
    depth = np.maximum(to @ camera.forward, 1e-6) * camera.spread
    return np.stack([to @ camera.right / depth, -(to @ camera.up) / depth], axis=-1)


def _shadow(shot):
    if shot.scene.light.floor.kind == "none":
        raise Problem("The layer shadow needs sea or land below: choose one in Light, or give --below sea.")
    camera, shadow = shot.camera, shot.stages.shadow(shot.scene)
    ways, high = _directions(camera), camera.eye[1] - shot.scene.light.floor.level
    seen = (ways[..., 1] < -1e-6) & (high > 0.0)
    away = np.where(seen, high / np.maximum(-ways[..., 1], 1e-6), 0.0)
    u = (camera.eye[0] + away * ways[..., 0] - shadow.first_x) * shadow.per_x
    v = (camera.eye[2] + away * ways[..., 2] - shadow.first_z) * shadow.per_z
    share = scipy.ndimage.map_coordinates(shadow.share, [u, v], np.float32, order=1, mode="constant", cval=1.0)
    return {"shadow": {"Y": np.where(seen, 1.0 - share, 0.0)}}


def _stand_ins(shot):
    standing = shot.still.standing
    if standing is None or not standing[..., SHARE].any():
        raise Problem("The layer stand_ins needs a stand-in that is seen; add one, or leave the layer out.")
    share = standing[..., SHARE]
    away = np.divide(standing[..., FAR_AWAY], share, out=np.full(share.shape, NEVER, np.float32), where=share > 0.0)
    return {"stand_ins": {**_rgb(standing), "A": share, "Z": away}}


def _holdout(shot):
    if not any(each.shown == "matte" for each in shot.scene.stand_ins):
        raise Problem("The layer holdout needs a stand-in that is matte only; add one, or leave the layer out.")
    return {"holdout": {"Y": matte_share(shot.scene, shot.camera, [pixel_shift(nth) for nth in range(TURNS)])}}


def _matte(shot):
    met = shot.met
    return {"matte": {"numbers": met.numbers, "shares": met.shares, "names": met.names}}


LAYERS = {
    "beauty": Layer("Beauty", "the picture, with its opacity", _beauty),
    "groups": Layer("Light groups", "the light of each light group, which add up to the picture", _groups),
    "orders": Layer("Orders", "what was scattered once, and all the rest", _orders, true=True),
    "depth": Layer("Depth", "mean distance at which light was last scattered", _depth),
    "first_depth": Layer("First depth", "distance at which the cloud begins", _first_depth),
    "optical_depth": Layer("Optical depth", "optical depth behind each pixel", _optical),
    "position": Layer("Position", "place that is seen, metres", _position),
    "normal": Layer("Normal", "normal of the density", _normal),
    "motion": Layer("Motion", "pixels to the right and down until the next frame", _motion),
    "shadow": Layer("Shadow", "share of the sunlight that the clouds take from sea or land", _shadow),
    "stand_ins": Layer("Stand-ins", "light of the stand-ins that are seen, their share of each pixel and their distance",
                       _stand_ins),
    "holdout": Layer("Holdout", "share of each pixel that stand-ins which are matte only cover", _holdout),
    "matte": Layer("Matte", "a matte for each cloud (Cryptomatte)", _matte),
}
"""By their words, in the order they stand in a file."""
USUAL = ("beauty", "depth", "optical_depth")
"""Those of a file for which nothing else was asked."""


ALL = "all"
"""Stands for all that a picture can have."""


def check_layers(text, out):
    """Refuse layers that there are not, or that a file cannot hold.

    Parameters
    ----------
    text : str or None
        Their words, between commas, or "all".
    out : path-like

    Raises
    ------
    Problem
    """
    if text is None:
        return
    if not str(out).lower().endswith(".exr"):
        raise Problem("{}: layers are for OpenEXR; a PNG does not hold them. Let the name end in .exr.", shown(out))
    unknown = [name for name in text.split(",") if name not in LAYERS] if text != ALL else []
    if unknown:
        raise Problem("There is no layer {!r}; there are {}, or all.", unknown[0], ", ".join(LAYERS))


def possible(scene, true, motion):
    """Layers that a picture can have.

    Parameters
    ----------
    scene : Scene
    true : bool
        Whether it is by True light.
    motion : Motion or None

    Returns
    -------
    list of str
    """
    without = {name for name, layer in LAYERS.items() if layer.true and not true}
    without |= {"motion"} if motion is None else set()
    without |= {"shadow"} if scene.light.floor.kind == "none" else set()
    shown = {each.shown for each in scene.stand_ins}
    without |= {name for name, how in (("stand_ins", "seen"), ("holdout", "matte")) if how not in shown}
    return [name for name in LAYERS if name not in without]


def layers_taken(stages, scene, taking, names, *, motion=None, frame=0, ticket=None):
    """Take a picture in layers.

    Parameters
    ----------
    stages : Stages
    scene : Scene
        With at least one cloud.
    taking : Taking
    names : sequence of str
        Of `LAYERS`.
    motion : Motion, optional
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    still : Still
    parts : dict of str to dict
        By the name of the part its channels: see `Layer`.

    Raises
    ------
    Problem
        If one of them cannot be had.
    """
    if not scene.clouds:
        raise Problem("There is no cloud to be seen, and layers are of clouds; take the picture without them.")
    for name in names:
        if LAYERS[name].true and not taking.true:
            raise Problem("The layer {} needs True light; add --true, or leave it out.", name)
    still = still_of_scene(stages, scene, replace(taking, apart=True), frame, ticket)
    shot = Shot(stages, scene, still, camera_of(scene.seen_from, taking.width, taking.height), motion, ticket)
    parts = {}
    for name in LAYERS:
        if name in names:
            parts.update(LAYERS[name].parts(shot))
    return still, parts
