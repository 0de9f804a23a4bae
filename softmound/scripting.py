"""Soft Mound in scripts: read, edit, build, light and publish with a handful of functions.

Recipes are frozen values of `softmound.core.recipe`: ``mound.edited(name="Tower")`` makes another one. Lengths are metres, angles
degrees, colours linear RGB. All of it is found as ``softmound.NAME``, too.
"""

from __future__ import annotations

import os
from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any, Union

import numpy as np
import numpy.typing as npt

from .core.engine.density import density_grid, draft_voxel
from .core.engine.stages import Stages
from .core.engine.stills import Taking, still_of
from .core.exchange.pictures import write_picture
from .core.exchange.stated import metadata_of
from .core.exchange.vdb import write_vdb
from .core.library.asset import publish as _publish
from .core.light.looks import held
from .core.problems import Problem
from .core.recipe import Mound, read_mound, write_mound
from .core.recipe.timing import at_frame as _at_frame
from .core.starts.species import start as _start
from .core.volume.sample import sample
from .core.volume.windows import read_window

Path = Union[str, "os.PathLike[str]"]

__all__ = ["Cloud", "Mound", "Problem", "at_frame", "build", "export", "picture", "publish", "read", "start", "write"]


@dataclass(frozen=True, eq=False)
class Cloud:
    """Density of a mound at a voxel.

    Attributes
    ----------
    grid : BrickGrid
        Sparse bricks of 8³ voxels: see `softmound.core.volume.bricks`.
    """

    grid: Any

    @property
    def voxel(self) -> float:
        """Edge of a voxel, metres."""
        return float(self.grid.voxel)

    @property
    def bounds(self) -> tuple[tuple[float, ...], tuple[float, ...]]:
        """Corners of what holds cloud, metres: the middles of its outermost voxels.

        Raises
        ------
        Problem
            When there is no cloud.
        """
        active = self.grid.active_bounds()
        if active is None:
            raise Problem("This cloud is empty; it has no bounds.")
        low, high = (self.grid.world(corner) for corner in active)
        return tuple(map(float, low)), tuple(map(float, high))

    @property
    def active_voxels(self) -> int:
        """How many voxels hold something."""
        return int(self.grid.active_voxels())

    def sample(self, points: npt.ArrayLike) -> npt.NDArray[np.float32]:
        """Density at places.

        Parameters
        ----------
        points : array_like of float, shape (n, 3)
            Metres.

        Returns
        -------
        ndarray of float32, shape (n,)
            Between voxels read straight; 0 where nothing is.
        """
        found: npt.NDArray[np.float32] = sample(self.grid, np.atleast_2d(np.asarray(points, np.float64)))
        return found

    def dense(self) -> tuple[npt.NDArray[np.float32], tuple[float, ...]]:
        """All of it as one array.

        Returns
        -------
        values : ndarray of float32, shape (X, Y, Z)
            With the empty rest of its outer bricks.
        origin : tuple of float
            Where the first voxel lies, metres.

        Raises
        ------
        Problem
            When there is no cloud.
        """
        box = self.grid.brick_bounds()
        if box is None:
            raise Problem("This cloud is empty; there is nothing to be made dense.")
        low, high = (np.asarray(corner) for corner in box)
        values = read_window(self.grid, low // 8, (high + 1 - low) // 8)
        return values, tuple(float(v) for v in self.grid.world(low))


def read(path: Path) -> Mound:
    """Open a `.mound` file.

    Parameters
    ----------
    path : path-like

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        One sentence on what is wrong with it.
    """
    return read_mound(path)


def write(mound: Mound, path: Path) -> None:
    """Save a mound, so that a crash leaves the old file or the new one.

    Parameters
    ----------
    mound : Mound
    path : path-like

    Raises
    ------
    Problem
        If it cannot be written.
    """
    write_mound(path, mound)


def start(species: str = "mediocris", name: str = "Untitled", **numbers: Any) -> Mound:
    """A first shape.

    Parameters
    ----------
    species : str, optional
        As `softmound starts` lists them.
    name : str, optional
    **numbers
        Of `softmound.core.starts.species.start`: span, height, lean, turrets, seed.

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When there is no such species.
    """
    made: Mound = _start(species, name, **numbers)
    return made


def build(mound: Mound, voxel: float | None = None) -> Cloud:
    """Make the density of a mound.

    Parameters
    ----------
    mound : Mound
    voxel : float, optional
        Metres; default the draft voxel.

    Returns
    -------
    Cloud

    Raises
    ------
    Problem
        When it does not fit into memory.
    """
    return Cloud(density_grid(mound, draft_voxel(mound) if voxel is None else voxel))


def export(cloud: Cloud, mound: Mound, path: Path) -> None:
    """Write a cloud as OpenVDB, read it back and compare.

    Parameters
    ----------
    cloud : Cloud
    mound : Mound
        For its name, medium and seeds.
    path : path-like
        .vdb

    Raises
    ------
    Problem
        If it cannot be written or does not hold what it should.
    """
    seeds = [grain.seed for grain in mound.grains]
    write_vdb(path, cloud.grid, metadata=metadata_of(mound.name, mound.light.medium, seeds))


def picture(mound: Mound, path: Path, size: Sequence[int] = (1280, 800), voxel: float | None = None, true_light: bool = False,
            noise: float = 0.05, passes: int = 8) -> None:
    """Take a picture of a mound in its light, from its view.

    Parameters
    ----------
    mound : Mound
    path : path-like
        .png or .exr; it carries the recipe.
    size : sequence of int, optional
        Pixels across and down.
    voxel : float, optional
        Metres; default the draft voxel.
    true_light : bool, optional
        Traced, rather than Draft light.
    noise : float, optional
        When traced light is enough.
    passes : int, optional
        Rays for each pixel of Draft light.

    Raises
    ------
    Problem
        If it cannot be taken or written.
    """
    stages, voxel = Stages(), draft_voxel(mound) if voxel is None else voxel
    taking = Taking(int(size[0]), int(size[1]), true=true_light, noise=noise, passes=passes)
    still = still_of(stages, mound, density_grid(mound, voxel), stages.density_key(mound, voxel), taking)
    write_picture(path, still, held(mound.light, still.radiance), mound)


def publish(mound: Mound, library: Path, voxel: float | None = None) -> str:
    """Publish a version of a mound.

    Parameters
    ----------
    mound : Mound
    library : path-like
        Folder.
    voxel : float, optional
        Of the full tier, metres; default the mound's final voxel.

    Returns
    -------
    str
        Folder of the version.

    Raises
    ------
    Problem
        If it cannot be written.
    """
    return str(_publish(mound, library, mound.voxels.final if voxel is None else voxel))


def at_frame(mound: Mound, frame: float) -> Mound:
    """A mound as it is at a frame of its time line.

    Parameters
    ----------
    mound : Mound
    frame : float

    Returns
    -------
    Mound

    Raises
    ------
    Problem
        When one of its keys cannot be.
    """
    return _at_frame(mound, frame)
