"""The members of a flock as placed clouds: which grid each shows, and where it stands."""

import concurrent.futures
import math
import os
import pathlib
import time
from collections import Counter
from dataclasses import dataclass, replace
from functools import cached_property

import numpy as np

from ..aside import shown
from ..budget import MEMORY, remembered
from ..directions import degrees_of, rotation_matrix
from ..engine.density import density_grid, draft_voxel
from ..exchange.foreign import read_vdb
from ..exchange.stated import read_density
from ..library.placement import in_file_of
from ..library.receiving import medium_of
from ..library.shelf import of_asset
from ..light.scene.air import GROUND_RADIUS
from ..light.scene.camera import camera_of
from ..light.scene.scene import PlacedCloud, Placing, scene_of
from ..machine import free_memory
from ..problems import Problem
from ..recipe.files import read_mound
from ..recipe.flock import Asset, Flock, Member
from .layers import layer_clouds, layers_known

UNEVEN = 0.01
"""Of a member's size, squared, by which its sides may differ: what rounding leaves."""
HARDLY = 0.25
"""Voxels that a cloud may be from where the round earth would have it."""
BRICKS_OVER = 1.6
"""Voxels of the bricks of a cloud beside those that carry something, at most, about."""
AT_ONCE = 2
"""Files that are read side by side."""
FINE = 1.2
"""Pixels of the picture that a voxel of the tier that is shown may be wide."""


@remembered
def _tier(path, stamp, in_file):
    return in_file.read(read_vdb(path, in_file.name, inside=True))


@remembered
def _foreign(path, stamp):
    grid, medium, _ = read_density(path)
    if grid.active_bounds() is None:
        raise Problem("{}: its grid is empty; there is nothing to place.", shown(path))
    return grid, medium


@remembered
def _built(path, stamp):
    """A mound of its own: its density at the draft voxel, and its medium."""
    mound = read_mound(path)
    grid = density_grid(mound, draft_voxel(mound))
    if grid.active_bounds() is None:
        raise Problem("{}: has nothing that could be seen; open it and add a form.", shown(path))
    return grid, mound.light.medium


def _stamp(path):
    try:
        stat = os.stat(path)
    except OSError as error:
        raise Problem("{}: there is no such file ({}); the flock's asset is gone.", shown(path), error.strerror) from error
    return stat.st_mtime_ns, stat.st_size


@dataclass(frozen=True, eq=False)
class Source:
    """What an asset of a flock is.

    Attributes
    ----------
    name : str
    tiers : dict of int to str
        Files by reduction.
    facts : dict or None
        Its `asset.json`; None of somebody else's file.
    """

    name: str
    tiers: dict
    facts: dict | None

    def grid(self, reduction):
        """The grid of a tier, in metres: BrickGrid, the same object for the same file."""
        path = self.tiers[reduction]
        stamp = _stamp(path)
        if self.facts is None:
            return self._own(path, stamp)[0]
        return _tier(path, stamp, in_file_of(self.facts))

    def known(self, reduction):
        """Whether the grid of a tier is in memory: bool."""
        path = self.tiers[reduction]
        if self.facts is None:
            return (_built if path.endswith(".mound") else _foreign).known(path, _stamp(path))
        return _tier.known(path, _stamp(path), in_file_of(self.facts))

    def _own(self, path, stamp):
        """Grid and medium of a file that is in no library: a grid of anybody's, or a mound."""
        return (_built if path.endswith(".mound") else _foreign)(path, stamp)

    @cached_property
    def _stated(self):
        """Medium and bounds as a library has them: worked out once, since members ask with every picture."""
        return medium_of(self.facts), np.array(self.facts["bounds"], float)

    @property
    def medium(self):
        """Medium that it states."""
        if self.facts is None:
            path = self.tiers[1]
            return self._own(path, _stamp(path))[1]
        return self._stated[0]

    @property
    def bounds(self):
        """ndarray of float64, shape (2, 3): corners of its cloud, metres."""
        if self.facts is None:
            grid = self.grid(1)
            return np.array([grid.world(corner) for corner in grid.active_bounds()])
        return self._stated[1]

    @property
    def base(self):
        """ndarray of float64, shape (3,): the middle of its underside."""
        low, high = self.bounds
        return np.array([(low[0] + high[0]) / 2.0, low[1], (low[2] + high[2]) / 2.0])

    @property
    def radius(self):
        """float: half of how wide it is from above, metres."""
        low, high = self.bounds
        return float(0.25 * (high[0] - low[0] + high[2] - low[2]))

    @property
    def voxel(self):
        """float: of the full grid, metres."""
        return self.facts["voxel"] if self.facts is not None else self.grid(1).voxel


def sources_of(flock, library, folder="."):
    """What the assets of a flock are.

    Parameters
    ----------
    flock : Flock
    library : path-like
    folder : path-like, optional
        Of the flock: where relative files lie.

    Returns
    -------
    dict of Asset to Source

    Raises
    ------
    Problem
        Names the first asset that is not there, with its version.
    """
    wanted, marks = flock.assets, dict(flock.ids)
    versions = {name: of_asset(library, name, marks.get(name, "")) for name in {asset.name for asset in wanted if not asset.file}}
    found = {}
    for asset in sorted(wanted, key=lambda a: (a.name, a.version, a.file)):
        if asset.file:
            path = str(pathlib.Path(folder, asset.file))
            _stamp(path)
            found[asset] = Source(asset.name, {1: path}, None)
            continue
        of_name = [v for v in versions[asset.name] if asset.version in (0, v.number)]
        if not of_name:
            number = f" version {asset.version} of" if asset.version else ""
            raise Problem("{}: holds no{} {!r}, which {!r} shows; publish it, or choose another "
                          "library.", shown(library), number, asset.name, flock.name)
        found[asset] = source_of(max(of_name, key=lambda v: v.number))
    return found


def identified(flock, library):
    """A flock that finds its assets again when they are called otherwise.

    Parameters
    ----------
    flock : Flock
    library : path-like

    Returns
    -------
    Flock
        With the ids of the assets that are there; what is not is known as before.
    """
    marks = dict(flock.ids)
    for name in {asset.name for asset in flock.assets if not asset.file}:
        found = of_asset(library, name, marks.get(name, ""))
        if found and found[-1].facts.get("id"):
            marks[name] = found[-1].facts["id"]
    return flock.edited(ids=tuple(sorted(marks.items())))


def source_of(version):
    """A published version as something that can be placed.

    Parameters
    ----------
    version : Version

    Returns
    -------
    Source
    """
    return Source(version.facts["name"], {n: str(version.vdb(n)) for n in version.tiers}, version.facts)


def alone(source):
    """A flock of one member, which stands where it was made.

    Parameters
    ----------
    source : Source

    Returns
    -------
    Flock, dict of Asset to Source
    """
    asset = Asset(name=source.name)
    return Flock(name=source.name, members=(Member(asset=asset, place=tuple(map(float, source.base))),)), {asset: source}


def placing_of(member, source):
    """Where a member stands: Placing."""
    turn = rotation_matrix(member.turn)
    axes = turn * (np.array([-1.0, 1.0, 1.0]) if member.mirrored else 1.0)
    place = np.array(member.place) - member.size * axes @ source.base
    return Placing(place, turn, member.size, member.mirrored)


def member_of(asset, name, axes, place, **more):
    """A member that stands as a matrix says.

    Parameters
    ----------
    asset : Asset
    name : str
    axes : ndarray of float, shape (3, 3)
        Own directions to the world's, turned, sized evenly and perhaps mirrored.
    place : ndarray of float, shape (3,)
        Where the middle of its underside stands, metres.
    **more
        Other fields of `Member`.

    Returns
    -------
    Member

    Raises
    ------
    ValueError
        If the matrix is flat, sheared, of other sizes along other sides, or a number is out of range.
    """
    if axes.shape != (3, 3) or not np.isfinite(axes).all() or not np.abs(axes).max(initial=0.0) < 1e9:
        raise ValueError("its matrix is no matrix of finite numbers")
    size = float(np.cbrt(abs(np.linalg.det(axes))))
    if not size > 1e-9:
        raise ValueError("its matrix is flat")
    # A member is turned and sized, not stretched: made even without a word it would be another cloud than was meant.
    if np.abs(axes.T @ axes / size**2 - np.eye(3)).max() > UNEVEN:
        raise ValueError("its matrix shears it or sizes its sides differently; a member is sized evenly. Stretch the mound itself")
    mirrored = bool(np.linalg.det(axes) < 0.0)
    turn = axes / size * (np.array([-1.0, 1.0, 1.0]) if mirrored else 1.0)
    return Member(asset=asset, name=name, place=tuple(float(v) for v in place), turn=degrees_of(turn), size=size,
                  mirrored=mirrored, **more)


def reduction_for(source, member, camera):
    """Which tier of an asset is fine enough for a member in a picture.

    Parameters
    ----------
    source : Source
    member : Member
    camera : Camera or None
        None for the full one.

    Returns
    -------
    int
    """
    there = sorted(source.tiers)
    if camera is None:
        return there[0]
    size = member.size * float(np.linalg.norm(source.bounds[1] - source.bounds[0]))
    middle = placing_of(member, source).world(source.bounds.mean(axis=0))
    near = max(float(np.linalg.norm(middle - camera.eye)) - size / 2.0, 1e-3)
    pixel = camera.spread * near
    fit = [n for n in there if source.voxel * n * member.size <= FINE * pixel]
    return fit[-1] if fit else there[0]


def tier_bytes(source, reduction):
    """Bytes that a tier of an asset takes, about; 0 of somebody else's file, which says nothing until it is read."""
    if source.facts is None:
        return 0.0
    return BRICKS_OVER * 4.0 * source.facts["active_voxels"] / reduction**3


def tiers_that_fit(flock, sources, camera=None, limit=None):
    """Which tier each member shows: fine enough for the picture, and coarser where memory does not suffice.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    camera : Camera, optional
    limit : float, optional
        Bytes; default two thirds of what is free and of what is only kept because it may be asked for again.

    Returns
    -------
    list of int or None
        Reductions by member; None of those that are not seen.

    Raises
    ------
    Problem
        When even the coarsest tiers need more.
    """
    limit = (free_memory() + MEMORY.nbytes) * 2 / 3 if limit is None else limit
    found = [None if m.hidden or m.density == 0.0 else reduction_for(sources[m.asset], m, camera) for m in flock.members]
    wanted = {}
    for member, reduction in zip(flock.members, found):
        if reduction is not None:
            wanted.setdefault((member.asset, reduction), tier_bytes(sources[member.asset], reduction))
    total = sum(wanted.values())
    while total > limit:
        # The largest grid gives way first: what shows it shows the next coarser one.
        coarser = {key: next((n for n in sorted(sources[key[0]].tiers) if n > key[1]), None) for key in wanted}
        asset, reduction = max((key for key in wanted if coarser[key] is not None), key=wanted.get, default=(None, None))
        if asset is None:
            raise Problem("{}: its clouds need {:.3g} GB of memory, and {:.3g} GB are there; show fewer assets, or "
                          "publish them with coarser tiers.", flock.name, total / 1e9, limit / 1e9)
        next_one = coarser[asset, reduction]
        found = [next_one if m.asset == asset and n == reduction else n for m, n in zip(flock.members, found)]
        del wanted[asset, reduction]
        wanted.setdefault((asset, next_one), tier_bytes(sources[asset], next_one))
        total = sum(wanted.values())
    return found


def clouds_of(flock, sources, camera=None, ticket=None, seconds=None):
    """The members of a flock, its decks and its hazes as placed clouds; those of one asset share its grid.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    camera : Camera, optional
        Tiers are chosen for its pictures; default the full grids.
    ticket : Ticket, optional
    seconds : float, optional
        Read files for so long; what is not in memory by then is left out, and so are layers that are not.

    Returns
    -------
    list of PlacedCloud
        Without those that are hidden.

    Raises
    ------
    Problem
        When they need more memory than there is, see `tiers_that_fit`.
    """
    placed_ = [(member, n) for member, n in zip(flock.members, tiers_that_fit(flock, sources, camera)) if n is not None]
    _read(dict.fromkeys((sources[member.asset], n) for member, n in placed_), seconds)
    found, taken = [], Counter()
    for member, reduction in placed_:
        source = sources[member.asset]
        if seconds is not None and not source.known(reduction):
            continue
        medium = source.medium
        if member.density != 1.0:
            medium = medium.edited(extinction=min(medium.extinction * member.density, 100.0))
        found.append(PlacedCloud(source.grid(reduction), medium, placing_of(member, source), member.tint,
                                 f"{source.tiers[reduction]} {_stamp(source.tiers[reduction])}", name=_told_apart(member, taken)))
    if seconds is None or layers_known(flock):
        # A haze that reaches less far than its cells are wide has nothing in it.
        found += [cloud for cloud in layer_clouds(flock, ticket) if cloud.grid.brick_bounds() is not None]
    return on_the_earth(found) if flock.curved else found


def _told_apart(member, taken):
    """Name of a member that no other of the flock has: the second of a name has a 2 behind it."""
    name = member.name or member.asset.name
    taken[name] += 1
    return name if taken[name] == 1 else f"{name} {taken[name]}"


def all_known(flock, sources, camera):
    """Whether all that a picture of a flock shows is in memory: bool; see `clouds_of`."""
    return layers_known(flock) and all(
        sources[member.asset].known(reduction) for member, reduction in zip(flock.members, tiers_that_fit(flock, sources, camera))
        if reduction is not None)


def _read(wanted, seconds):
    """Bring grids into memory, two at a time, since each is read in a process of its own."""
    ends = math.inf if seconds is None else time.monotonic() + seconds
    with concurrent.futures.ThreadPoolExecutor(AT_ONCE) as pool:
        for _ in pool.map(lambda each: each[0].grid(each[1]) if time.monotonic() < ends else None,
                          [each for each in wanted if not each[0].known(each[1])]):
            pass


def on_the_earth(clouds):
    """Clouds on the round earth that touches the plane they were placed on at the origin.

    Each is carried along the ground and turned with it, as a whole, about the middle of its grid: tiles that meet on the plane meet
    there too, but for a third of a metre where they are four kilometres wide.

    Parameters
    ----------
    clouds : sequence of PlacedCloud

    Returns
    -------
    list of PlacedCloud
        Those that hardly move, as they were.
    """
    if not clouds:
        return []
    own = {id(cloud.grid): np.mean([cloud.grid.world(b) for b in cloud.grid.brick_bounds()], axis=0) for cloud in clouds}
    places = np.array([cloud.placing.place for cloud in clouds], float)
    turns = np.array([cloud.placing.turn for cloud in clouds], float)
    axes = np.array([cloud.placing.scale * cloud.placing.axes for cloud in clouds])
    middles = places + np.einsum("nij,nj->ni", axes, np.array([own[id(cloud.grid)] for cloud in clouds]))
    middles[:, 1] = 0.0
    away = np.hypot(middles[:, 0], middles[:, 2])
    angle = away / GROUND_RADIUS
    way = middles[:, [0, 2]] / np.maximum(away, 1e-9)[:, None]
    sine, cosine = np.sin(angle), np.cos(angle)
    # The rotation that turns up toward where the cloud stands: Rodrigues' formula about the level axis square to that.
    turned = np.empty((len(clouds), 3, 3))
    x, z = way.T
    turned[:, 0] = np.stack([1.0 - (1.0 - cosine) * x * x, sine * x, -(1.0 - cosine) * x * z], axis=-1)
    turned[:, 1] = np.stack([-sine * x, cosine, -sine * z], axis=-1)
    turned[:, 2] = np.stack([-(1.0 - cosine) * x * z, sine * z, 1.0 - (1.0 - cosine) * z * z], axis=-1)
    ground = GROUND_RADIUS * np.stack([sine * x, cosine - 1.0, sine * z], axis=-1)
    there = ground + np.einsum("nij,nj->ni", turned, places - middles)
    facing = np.einsum("nij,njk->nik", turned, turns)
    moves = np.abs(there - places).max(axis=1) > [HARDLY * cloud.voxel for cloud in clouds]
    return [replace(cloud, placing=replace(cloud.placing, place=place, turn=turn)) if move else cloud
            for cloud, place, turn, move in zip(clouds, there, facing, moves)]


def scene_of_flock(flock, sources, width, height, view=None):
    """The scene of a flock for a picture.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    width, height : int
        Pixels, for which tiers are chosen.
    view : View, optional
        Default the flock's.

    Returns
    -------
    Scene

    Raises
    ------
    Problem
        When it has nothing to be seen.
    """
    view = flock.view if view is None else view
    clouds = clouds_of(flock, sources, camera_of(view, width, height))
    if not clouds and not flock.stand_ins:
        raise Problem("{}: has no members to be seen; place some, or let a spread do it.", flock.name)
    return scene_of(flock.light, *clouds, view=view, air=flock.air, stand_ins=flock.stand_ins)


def bounds_of_flock(flock, sources):
    """Box of all members that are not hidden: ndarray of float64, shape (2, 3), metres; None where there are none."""
    seen = [member for member in flock.members if not member.hidden]
    if not seen:
        return None
    corners = {asset: np.stack(np.meshgrid(*sources[asset].bounds.T, indexing="ij"), -1).reshape(-1, 3)
               for asset in {member.asset for member in seen}}
    there = np.array([placing_of(m, sources[m.asset]).world(corners[m.asset]) for m in seen]).reshape(-1, 3)
    return np.array([there.min(axis=0), there.max(axis=0)])
