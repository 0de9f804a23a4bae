"""True light of a picture: paths added up, turn by turn, until their noise is as low as wanted."""

import time

import numpy as np

from ..colour import luminance
from ..directions import direction_of
from ..kernels import f32, threads, u32
from .lamps import lamps_of
from .paths import LAYERS, traced
from .phase import lobes_of
from .surroundings import surroundings_of

"""Of linear RGB (ITU-R BT.709)."""
STRIP = 0.15
"""Seconds after which a turn looks whether it is to stop, about."""
EVEN = 4.0
"""How uneven a sky may be, as its mean square over the square of its mean, before its bright parts are looked for."""


class Tracer:
    """Paths through one grid, added up until there are enough.

    Parameters
    ----------
    shell : Shell
    lattice : Lattice
        Of the same grid and light: where sunlight is worth asking for. The result does not depend on it, the noise does.
    light : Light
    camera : Camera
    seed : int, optional
        Another seed gives other noise; the same seed the same picture, bit by bit.
    frame : int, optional
        For the flicker of lamps.
    around : Surroundings, optional
        Others than those of the light.
    colours : Colours, optional
        Colours that change within the cloud.

    Attributes
    ----------
    turns : int
        Paths for each pixel so far.
    """

    def __init__(self, shell, lattice, light, camera, *, seed=0, frame=0, around=None, colours=None):
        self.camera, self.turns, self._seed, self._voxel = camera, 0, seed, shell.voxel
        self._sums = np.zeros((camera.height, camera.width, LAYERS), np.float32)
        self._total = np.zeros_like(self._sums, np.float64)
        outside = surroundings_of(light) if around is None else around
        medium, index, voxel = light.medium, shell.index, shell.voxel
        to_voxels = lambda place: ((np.asarray(place, float) - shell.offset) / voxel).astype(np.float32)  # noqa: E731
        sky = outside.sky
        bright = luminance(sky.astype(np.float64))
        total = float(bright.sum())
        likely = bright / total if total > 0.0 else np.full(bright.shape, 1.0 / bright.size)
        rows = np.cumsum(likely.sum(axis=1))
        columns = np.cumsum(likely, axis=1) / np.maximum(likely.sum(axis=1, keepdims=True), 1e-300)
        rows[-1] = columns[:, -1] = 2.0
        asked = min(max((float((likely**2).sum()) * bright.size - EVEN) / EVEN, 0.0), 1.0) if total > 0.0 else 0.0
        lamps = lamps_of(light.lamps, frame)
        table = np.zeros((len(lamps), 7), np.float32)
        odds = np.zeros(len(lamps), np.float32)
        if len(lamps):
            table[:, :3] = to_voxels([lamp.place for lamp in lamps])
            table[:, 3] = [lamp.radius / voxel for lamp in lamps]
            # Irradiance at a distance of one voxel.
            table[:, 4:] = np.array([lamp.intensity for lamp in lamps]) / voxel**2
            share = luminance(table[:, 4:])
            odds[:] = np.cumsum(share) / share.sum()
            odds[-1] = 1.0
        # The first turn goes strip by strip, since nobody knows yet how long it takes.
        self._strips = max(camera.height // 32, 1)
        self._before = (
            index.low, index.top, index.nodes, shell.values.ravel(), shell.tile_values, shell.most, shell.clearance,
            shell.first, shell.low.astype(np.float32), shell.high.astype(np.float32), to_voxels(camera.eye),
            camera.right.astype(np.float32), camera.up.astype(np.float32), camera.forward.astype(np.float32),
            f32(camera.spread), f32(camera.width / 2), f32(camera.height / 2))
        self._arguments = (
            f32(medium.extinction * voxel), np.array(lobes_of(medium), np.float32),
            (medium.albedo * np.asarray(medium.tint)).astype(np.float32),
            (medium.glow_strength * np.asarray(medium.glow)).astype(np.float32),
            # The tiny number keeps an axis-parallel ray from dividing by zero.
            (direction_of(light.sun.azimuth, light.sun.elevation) + 1e-9).astype(np.float32),
            f32(np.cos(np.radians(light.sun.size / 2.0))), outside.sun.astype(np.float32),
            sky, np.array(sky.shape[:2]), (likely * (bright.size / (4.0 * np.pi))).astype(np.float32),
            rows.astype(np.float32), columns.astype(np.float32).ravel(), f32(asked), table, odds,
            lattice.sun.ravel(), np.array(lattice.sun.shape), f32(voxel / lattice.sun_cell),
            ((shell.offset - lattice.sun_first) / lattice.sun_cell).astype(np.float32), *_ramped(colours, shell))

    def add(self, turns=1, ticket=None):
        """Trace more paths for each pixel.

        Parameters
        ----------
        turns : int, optional
        ticket : Ticket, optional
            Looked at after each; what was traced until then stays.
        """
        for _ in range(turns):
            self._turn(ticket)

    def _turn(self, ticket):
        """One path for each pixel, in strips of rows that take about `STRIP` seconds, so that it can be stopped."""
        begun, strands, strips = time.perf_counter(), threads(), self._strips
        self._sums[:] = 0.0
        for strip in range(strips):
            if ticket is not None:
                ticket.tick(0.0)
            rows = np.arange(strip, self.camera.height, strips)
            # Dealt out in turn, so that all threads get as much cloud.
            order = np.concatenate([rows[n::strands] for n in range(strands)])
            traced(*self._before, order, *self._arguments, u32(self._seed & 0xFFFFFFFF), self.turns, self._sums)
        self.turns += 1
        # Sums of many numbers are kept in double precision.
        self._total += self._sums
        taken = time.perf_counter() - begun
        self._strips = min(max(round(taken / STRIP), 1), max(self.camera.height // (4 * strands), 1))

    def layers(self):
        """What the paths amount to.

        Returns
        -------
        radiance : ndarray of float32, shape (height, width, 3)
            Of the cloud alone, linear RGB.
        opacity : ndarray of float32, shape (height, width)
        depth : ndarray of float32, shape (height, width)
            Mean distance from the camera at which light was last scattered, metres; infinite where there is no cloud.
        """
        mean = self._total / max(self.turns, 1)
        with np.errstate(divide="ignore", invalid="ignore"):
            depth = np.where(mean[..., 3] > 0.0, mean[..., 4] / mean[..., 3] * self._voxel, np.inf)
        return mean[..., :3].astype(np.float32), mean[..., 3].astype(np.float32), depth.astype(np.float32)

    def noise(self):
        """Standard error of a pixel's luminance, root mean square over the cloud, in the cloud's mean luminance.

        Returns
        -------
        float
            Infinite before the second path.
        """
        if self.turns < 2:
            return float("inf")
        n = self.turns
        mean = luminance(self._total[..., :3] / n)
        spread = np.maximum(self._total[..., 5] / n - mean**2, 0.0) / (n - 1)
        cloud = self._total[..., 3] > 0.5 * n
        if not cloud.any() or mean[cloud].mean() <= 0.0:
            return 0.0
        return float(np.sqrt(spread[cloud].mean()) / mean[cloud].mean())


def _ramped(colours, shell):
    """Colours as the paths read them."""
    if colours is None:
        return np.zeros((6, 0), np.float32), np.zeros(3, np.int64), f32(1.0), np.zeros(3, np.float32)
    return (colours.values.reshape(6, -1), np.array(colours.values.shape[1:]), f32(shell.voxel / colours.cell),
            ((shell.offset - colours.first) / colours.cell).astype(np.float32))
