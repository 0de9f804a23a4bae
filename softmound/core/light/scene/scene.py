"""A scene: light, and any number of placed clouds, each a grid with a transform, a medium and a tint."""

from dataclasses import dataclass, field, replace

import numpy as np

from ...recipe import Light, Medium, View
from ...standins.tree import NOBODY, NOTHING, Held, Solids, solids_of
from ...volume.bricks import BrickGrid
from .layered import layered_of, with_refined
from .phase import forward_peak, lobes_of
from .pool import Bricks, pooled

NEUTRAL = Medium(glow=(1.0, 1.0, 1.0), glow_strength=1.0)


@dataclass(frozen=True, eq=False)
class Placing:
    """Where a cloud stands: mirrored, sized, turned, then moved.

    Attributes
    ----------
    place : ndarray of float64, shape (3,)
        Where the origin of the grid's own metres comes to lie, metres.
    turn : ndarray of float64, shape (3, 3)
        Rotation, own axes to the world's.
    scale : float
        Even; density stays what it is for each metre, so a cloud twice as large is twice as thick.
    mirrored : bool
        Left and right of its own x axis are exchanged.
    """

    place: np.ndarray = field(default_factory=lambda: np.zeros(3))
    turn: np.ndarray = field(default_factory=lambda: np.eye(3))
    scale: float = 1.0
    mirrored: bool = False

    @property
    def axes(self):
        """ndarray of float64, shape (3, 3): own directions to the world's, mirrored but not sized."""
        return np.asarray(self.turn) * (np.array([-1.0, 1.0, 1.0]) if self.mirrored else 1.0)

    @property
    def numbers(self):
        """Tuple of float: all that it is, none where nothing is moved."""
        if self.upright and self.scale == 1.0 and not np.any(self.place):
            return ()
        return (*map(float, self.place), *map(float, np.ravel(self.turn)), self.scale, self.mirrored)

    @property
    def upright(self):
        """True when it is only moved and sized."""
        return not self.mirrored and np.array_equal(self.turn, np.eye(3))

    def world(self, points):
        """Places of the world.

        Parameters
        ----------
        points : array_like of float, shape (..., 3)
            Own metres.

        Returns
        -------
        ndarray of float64, shape (..., 3)
        """
        return np.asarray(points, float) @ (self.scale * self.axes).T + self.place

    def own(self, points):
        """Places in the grid's own metres.

        Parameters
        ----------
        points : array_like of float, shape (..., 3)
            Of the world.

        Returns
        -------
        ndarray of float64, shape (..., 3)
        """
        return (np.asarray(points, float) - self.place) @ self.axes / self.scale


@dataclass(frozen=True, eq=False)
class PlacedCloud:
    """A cloud in a scene.

    Attributes
    ----------
    grid : BrickGrid
        Density, not empty. Clouds that share one share its memory.
    medium : Medium
    placing : Placing
    tint : tuple of float
        Multiplies the medium's, linear RGB.
    key : str
        Stands for the grid's content where results are kept.
    layer : bool
        Part of a deck or a haze, and no cloud by itself.
    glow : tuple of float
        Multiplies the medium's glow, as it is mixed, linear RGB.
    name : str
        For mattes.
    refined : Refined or None
        Finer bricks of the grid, for a picture of this cloud alone.
    """

    grid: BrickGrid
    medium: Medium
    placing: Placing = field(default_factory=Placing)
    tint: tuple = (1.0, 1.0, 1.0)
    key: str = ""
    layer: bool = False
    glow: tuple = (1.0, 1.0, 1.0)
    name: str = ""
    refined: object = None

    @property
    def voxel(self):
        """Edge of a voxel where it stands, metres."""
        return self.grid.voxel * self.placing.scale

    @property
    def shown(self):
        """The medium with the cloud's own tint and glow."""
        medium = self.medium
        if tuple(self.tint) != (1.0, 1.0, 1.0):
            medium = medium.edited(tint=tuple(float(a * b) for a, b in zip(medium.tint, self.tint)))
        if tuple(self.glow) != (1.0, 1.0, 1.0) and medium.glow_strength > 0.0:
            # Beyond the limits of a recipe perhaps, which are for a hand.
            bright = max(self.glow)
            medium = medium.model_copy(update={
                "glow_strength": medium.glow_strength * bright,
                "glow": tuple(float(a * b / max(bright, 1e-9)) for a, b in zip(medium.glow, self.glow))})
        return medium

    def box(self):
        """Corners of what it can fill.

        Returns
        -------
        (ndarray of float64, ndarray of float64)
            Metres of the world.
        """
        low, high = (self.grid.world(b) for b in self.grid.brick_bounds())
        corners = np.stack(np.meshgrid(*zip(low, high), indexing="ij"), -1).reshape(-1, 3)
        there = self.placing.world(corners)
        return there.min(axis=0), there.max(axis=0)


@dataclass(frozen=True)
class Mixture:
    """What light that is scattered often sees of the media of a scene.

    Attributes
    ----------
    extinction : float
        1/m where the coarse density is 1.
    peak, cosine : float
        Share of the forward peak, and the mean cosine of the rest: see `forward_peak`.
    """

    extinction: float
    peak: float
    cosine: float


def mixture_of(medium):
    """What light that is scattered often sees of one medium.

    Parameters
    ----------
    medium : Medium

    Returns
    -------
    Mixture
    """
    return Mixture(medium.extinction, *forward_peak(lobes_of(medium)))


@dataclass(frozen=True, eq=False)
class Scene:
    """What a picture shows.

    Attributes
    ----------
    light : Light
        Its medium is not used: every cloud has its own.
    seen_from : View
    clouds : tuple of PlacedCloud
    grids : tuple of LayeredGrid
        Of their grids, each grid once.
    bricks : Bricks
        The same in one pool.
    air : bool
        The air between the eye and far clouds is seen, where the sky is that of the air: see `core.light.picture.aerial`.
    stand_ins : tuple of StandIn
        Solid things, without hidden ones.
    solids, held : Solids and Held
        The same as rays meet them.
    """

    light: Light
    seen_from: View
    clouds: tuple
    grids: tuple
    bricks: Bricks
    air: bool = False
    stand_ins: tuple = ()
    solids: Solids = NOTHING
    held: Held = NOBODY

    @property
    def numbers(self):
        """ndarray of int64: which grid of the bricks each cloud shows."""
        first = {id(grid): n for n, grid in enumerate(grids_of(self.clouds))}
        return np.array([first[id(cloud.grid)] for cloud in self.clouds], np.int64)

    @property
    def unit(self):
        """float: length in which kernels count, metres: the first cloud's voxel, or one where there is no cloud."""
        return unit_of(self.clouds)

    @property
    def origin(self):
        """ndarray of float64, shape (3,): where kernels count from, the first cloud's voxel (0, 0, 0), metres."""
        return origin_of(self.clouds)

    @property
    def bare(self):
        """Scene: without stand-ins."""
        return replace(self, stand_ins=(), solids=NOTHING, held=NOBODY) if self.stand_ins else self

    @property
    def plain(self):
        """True for a single cloud that is only moved and sized: blocks of its own voxels can be the cells of its light."""
        return len(self.clouds) == 1 and self.clouds[0].placing.upright

    @property
    def media(self):
        """Tuple of Medium: of each cloud, with its tint."""
        return tuple(cloud.shown for cloud in self.clouds)

    @property
    def standing(self):
        """Tuple that stands for which density is where."""
        return tuple((cloud.key, *cloud.placing.numbers) for cloud in self.clouds)

    @property
    def medium(self):
        """Medium whose colours hold all over the picture: that of all clouds, or, where they differ and are gathered along the
        rays, one that leaves them as they are.
        """
        if not self.clouds:
            return self.light.medium
        return self.clouds[0].shown if len(self.clouds) == 1 or not self.hued else NEUTRAL

    @property
    def hued(self):
        """True when colours differ from place to place, so that they have to be gathered along each ray."""
        colours = {(m.albedo, m.tint, m.glow_strength and m.glow, m.glow_strength) for m in (c.shown for c in self.clouds)}
        return len(colours) > 1 or any(m.tint_by is not None or m.glow_by is not None for m in (c.medium for c in self.clouds))

    def under(self, light, medium=None):
        """The same clouds under another light.

        Parameters
        ----------
        light : Light
        medium : callable, optional
            Given the medium of a cloud, returns another for it.

        Returns
        -------
        Scene
        """
        clouds = self.clouds if medium is None else tuple(replace(c, medium=medium(c.medium)) for c in self.clouds)
        return replace(self, light=light, clouds=clouds)


def unit_of(clouds):
    """Length in which kernels count: see `Scene.unit`.

    Parameters
    ----------
    clouds : sequence of PlacedCloud

    Returns
    -------
    float
    """
    return clouds[0].voxel if clouds else 1.0


def origin_of(clouds):
    """Where kernels count from: see `Scene.origin`.

    Parameters
    ----------
    clouds : sequence of PlacedCloud

    Returns
    -------
    ndarray of float64, shape (3,)
    """
    return clouds[0].placing.world(clouds[0].grid.offset) if clouds else np.zeros(3)


def grids_of(clouds):
    """The grids of some clouds, each once, in the order they first appear.

    Parameters
    ----------
    clouds : sequence of PlacedCloud

    Returns
    -------
    list of BrickGrid
    """
    return list({id(cloud.grid): cloud.grid for cloud in clouds}.values())


def scene_of(light, *clouds, view=None, air=False, stand_ins=()):
    """A scene, prepared for rays.

    Parameters
    ----------
    light : Light
    *clouds : PlacedCloud or BrickGrid
        A bare grid stands where it is and has the light's medium.
    view : View, optional
    air : bool, optional
        See `Scene`.
    stand_ins : sequence of StandIn, optional

    Returns
    -------
    Scene
    """
    placed = tuple(c if isinstance(c, PlacedCloud) else PlacedCloud(c, light.medium) for c in clouds)
    grids = tuple(layered_of(grid) for grid in grids_of(placed))
    if len(placed) == 1 and placed[0].refined is not None:
        grids = (with_refined(grids[0], placed[0].grid, placed[0].refined),)
    shown = tuple(stand_in for stand_in in stand_ins if stand_in.shown != "hidden")
    return Scene(light, View() if view is None else view, placed, grids, pooled(grids), air, shown,
                 *solids_of(shown, origin_of(placed), unit_of(placed)))
