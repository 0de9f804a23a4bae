"""Grains that move density about: they read a finished grid and make another."""

import math
from dataclasses import dataclass

import numpy as np

from ..kernels import each, f32, i32
from ..machine import free_memory
from ..problems import DoesNotFit
from ..recipe.grains import MOVED, live
from ..ticket import chunks
from ..volume.bricks import LANES, NOTHING, SIDE, BrickGrid, brick_keys
from ..volume.lookup import code_at, value_at
from ..volume.resample import gathered
from .where import shares

CHUNK = 256


@each("places")
def _sampled(n, low, top, nodes, values, tile_values, voxel, places, out):
    """Trilinear density at the places that the voxels of a brick come from."""
    per = f32(1) / voxel
    for lane in range(LANES):
        x = places[n, 0, lane] * per
        y = places[n, 1, lane] * per
        z = places[n, 2, lane] * per
        fx = np.floor(x)
        fy = np.floor(y)
        fz = np.floor(z)
        u = x - fx
        v = y - fy
        w = z - fz
        i = i32(fx)
        j = i32(fy)
        k = i32(fz)
        total = f32(0)
        if (i & 7) < 7 and (j & 7) < 7 and (k & 7) < 7:
            # All eight in one brick, as two in three are.
            code = code_at(low, top, nodes, i >> 3, j >> 3, k >> 3)
            if code >= 0:
                at = ((i & 7) << 6) | ((j & 7) << 3) | (k & 7)
                a = values[code, at] + w * (values[code, at + 1] - values[code, at])
                b = values[code, at + 8] + w * (values[code, at + 9] - values[code, at + 8])
                c = values[code, at + 64] + w * (values[code, at + 65] - values[code, at + 64])
                d = values[code, at + 72] + w * (values[code, at + 73] - values[code, at + 72])
                a += v * (b - a)
                c += v * (d - c)
                total = a + u * (c - a)
            elif code != NOTHING:
                total = tile_values[-2 - code]
        else:
            for a in range(2):
                for b in range(2):
                    for c in range(2):
                        weight = (u if a else f32(1) - u) * (v if b else f32(1) - v) * (w if c else f32(1) - w)
                        total += weight * value_at(low, top, nodes, values, tile_values, f32(0), i + a, j + b, k + c)
        out[n, lane] = total


@each("coords")
def _held(n, low, top, nodes, values, tile_values, coords, times, out):
    """Bricks of a grid, multiplied."""
    code = code_at(low, top, nodes, coords[n, 0], coords[n, 1], coords[n, 2])
    for lane in range(LANES):
        if code >= 0:
            out[n, lane] = values[code, lane] * times
        else:
            out[n, lane] = f32(0) if code == NOTHING else tile_values[-2 - code] * times


def moving_reach(grains):
    """How far grains can move density.

    Parameters
    ----------
    grains : sequence of Grain

    Returns
    -------
    float
        Metres.
    """
    return sum(g.strength for g in live(grains, MOVED))


@dataclass(frozen=True)
class Standing:
    """A grid as grains read it while they make another.

    Attributes
    ----------
    voxel : float
        Metres.
    tables : tuple of ndarray
        What `volume.lookup.value_at` takes before the background: low, top, nodes, values, tile values.
    most : float
        The most it holds anywhere.
    """

    voxel: float
    tables: tuple
    most: float


@dataclass(frozen=True)
class Spread:
    """How far from the bricks that hold something a grain may work; refused when memory would not hold it.

    Attributes
    ----------
    grid : BrickGrid
    grain : Grain
    ticket : Ticket or None
    """

    grid: BrickGrid
    grain: object
    ticket: object = None

    def around(self, metres):
        """Bricks within so many metres along every axis.

        Parameters
        ----------
        metres : float

        Returns
        -------
        ndarray of int64
            Keys.
        """
        keys = brick_keys(self.grid.coords)
        around = math.ceil(metres / (SIDE * self.grid.voxel))
        # Axis by axis, and each time twice as far as before.
        for step in _ALONG:
            keys = keys - around * step
            covered = 0
            while covered < 2 * around:
                further = min(covered + 1, 2 * around - covered)
                keys = self._joined([keys, keys + further * step])
                covered += further
        return keys

    def down(self, metres, way):
        """Bricks within so many metres in one direction.

        Parameters
        ----------
        metres : float
        way : ndarray of float, shape (3,)
            Unit vector.

        Returns
        -------
        ndarray of int64
            Keys.
        """
        keys, reach = brick_keys(self.grid.coords), metres / (SIDE * self.grid.voxel)
        along = np.linspace(0.0, reach, max(2, math.ceil(3 * reach) + 1))[:, None] * way
        # From anywhere in a brick: also into the one after, where the step is no whole one.
        mixes = np.stack(np.meshgrid([0, 1], [0, 1], [0, 1], indexing="ij"), -1).reshape(-1, 3)
        shifts = np.unique((np.floor(along - 1e-6)[:, None, :] + mixes[None]).reshape(-1, 3).astype(np.int64), axis=0) @ _ALONG
        found = [keys]
        for shift in shifts:
            found.append(keys + shift)
            if len(found) > 64:
                found = [self._joined(found)]
        return self._joined(found)

    def _joined(self, parts):
        """Keys of several sets, each once."""
        if self.ticket is not None:
            self.ticket.tick(0.0)
        keys = np.unique(np.concatenate(parts))
        if len(keys) * LANES * 4.0 > free_memory():
            raise DoesNotFit(
                "A {} of {:g} m reaches {:,} bricks at a voxel of {:g} m, more than memory holds; choose "
                "a larger voxel, or make it weaker.",
                self.grain.action,
                self.grain.strength,
                len(keys),
                self.grid.voxel,
            )
        return keys


_ALONG = np.array([1 << 42, 1 << 21, 1], np.int64)
"""What a brick further along x, y and z adds to its key."""


def worked_on(grid, grain):
    """Number of bricks that a grain works on.

    Parameters
    ----------
    grid : BrickGrid
    grain : Grain
        One that moves density about.

    Returns
    -------
    int
    """
    return len(_reached(grid, grain)[0])


def moved_by(grid, grain, skin, landmarks, ticket=None):
    """A density that a grain has moved about.

    Parameters
    ----------
    grid : BrickGrid
        With background 0.
    grain : Grain
        One that moves density about.
    skin : Skin
        Tells masks how deep a density lies.
    landmarks : Landmarks
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        On the same voxels.
    """
    if grid.brick_bounds() is None:
        return grid
    coords, still = _reached(grid, grain, ticket)
    index, out = grid.index, np.empty((len(coords), LANES), np.float32)
    tiles = grid.tile_values if len(grid.tile_values) else np.zeros(1, np.float32)
    most = max((float(part.max()) for part in (grid.values, grid.tile_values) if part.size), default=0.0)
    standing = Standing(grid.voxel, (index.low, index.top, index.nodes, grid.values, tiles), most)
    for part in chunks(len(coords), CHUNK, ticket):
        near, share = coords[part], None
        if grain.where:
            share = shares(grain.where, near, grid.voxel, _as_distance(standing, near, skin), landmarks)
        grain.act(standing, near, landmarks, share, out[part])
    made = gathered(grid.voxel, coords, out, grid.offset)
    return _with_tiles(made, grid, still)


def _reached(grid, grain, ticket=None):
    """Bricks that may change, and which tiles stay as they are: those with nothing else around them."""
    keys = grain.reached(Spread(grid, grain, ticket))
    coords = (np.stack([keys >> 42, (keys >> 21) & (2**21 - 1), keys & (2**21 - 1)], axis=1) - 2**20).astype(np.int32)
    return coords, ~np.isin(brick_keys(grid.tile_coords), keys)


def _with_tiles(made, grid, still):
    return BrickGrid(made.voxel, made.coords, made.values,
                     np.concatenate([made.tile_coords, grid.tile_coords[still]]),
                     np.concatenate([made.tile_values, grid.tile_values[still]]), 0.0, made.offset)


def sampled(standing, places, out):
    """Fill bricks with what a grid holds elsewhere, between voxels by the eight around.

    Parameters
    ----------
    standing : Standing
    places : ndarray of float32, shape (n, 3, 512)
        Metres, one for each voxel.
    out : ndarray of float32, shape (n, 512)
    """
    _sampled(*standing.tables, f32(standing.voxel), places, out)


def _as_distance(standing, coords, skin):
    """How deep densities lie, by their skin: what masks by depth and facing read here."""
    out = np.empty((len(coords), LANES), np.float32)
    _held(*standing.tables, np.ascontiguousarray(coords), f32(-max(skin.thickness, 1e-3) / skin.core), out)
    return out
