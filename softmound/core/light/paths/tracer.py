"""True light of a picture: paths added up, turn by turn, until their noise is as low as wanted."""

import time

import numpy as np
import scipy

from ...colour import luminance
from ...directions import direction_of
from ...kernels import f32, threads, u32
from ..scene.groups import FIXED, groups_of
from ..scene.lamps import lamps_of
from ..scene.members import eye_of, media_of, members_of
from ..scene.surroundings import surroundings_of
from .gathering import FINE, NOTHING_BACK, Coloured, Rest, cosines_of, field_of_light, gathered, kinds_of_light, peaks_of, softened
from .hues import Hues
from .next_event import Lights
from .paths import LAYERS, Sums, Turn, traced
from .photons import BURIED, DEEP, PIXELS, STRANDS, scattered_shares, shone

STRIP = 0.15
"""Seconds after which a turn looks whether it is to stop, about."""
EVEN = 4.0
"""How uneven a sky may be, as its mean square over the square of its mean, before its bright parts are looked for."""

PARTS = 4
"""Looks at whether it is to stop while the photons of a turn are on their way."""
LEAST_PHOTONS = 4096
"""In a turn, however small the picture: what one photon brings is seen in many pixels, so that its noise is blurred away by more
photons only."""
EVENLY = 8
"""Turns of gathered paths in which each pixel has one; after these, twice as many and so on, it is seen anew where noise is."""
SELDOMEST = 0.2
"""Share of the turns that a pixel has at least."""
OFTENEST = 95
"""Percentile of what the pixels of the cloud are due from which on they have every turn."""
AROUND = 3.0
"""Pixels over which noise and brightness are blurred, so that it is not a pixel's own luck that decides how often it is asked."""
DARK = 0.2
"""Brightness, in the cloud's mean, below which noise counts no more than there."""
_STEPS = (0.7548776662, 0.5698402910)
"""Of the even spread of points over pixels that says which of them come first: Roberts 2018, the R2 sequence."""


class Tracer:
    """Paths through a scene, added up until there are enough.

    Parameters
    ----------
    scene : Scene
        With at least one cloud.
    lattice : Lattice
        Of the same scene: where sunlight is worth asking for. The result does not depend on it, the noise does.
    camera : Camera
    seed : int, optional
        Another seed gives other noise; the same seed the same picture, bit by bit.
    frame : int, optional
        For the flicker of lamps.
    around : Surroundings, optional
        Others than those of the light.
    hues : sequence of Colours, optional
        Colours that change within each cloud.
    gathering : bool, optional
        Take the rest of a path from the lattice: see `core.light.paths.gathering`. The result then depends on the lattice.
    followed : int, optional
        Of gathered paths: collisions more that are followed before.
    field : Coloured, optional
        From `coloured_field`, where gathering needs one; default that of the lattice.
    apart : bool, optional
        Keep the light groups apart; gathering needs a field that does then, where there are lamps.

    Attributes
    ----------
    turns : int
        Paths for each pixel so far; of gathered ones for those that have most of them.
    groups : tuple of str
        Names of the light groups that are kept apart.
    """

    def __init__(self, scene, lattice, camera, *, seed=0, frame=0, around=None, hues=None, gathering=False,
                 followed=0, field=None, apart=False, back=None):
        self.scene, self.camera, self.turns, self._seed, self._unit = scene, camera, 0, seed, scene.unit
        self.seconds = 0.0
        self._sums = np.zeros((camera.height, camera.width, LAYERS), np.float32)
        self._total = np.zeros_like(self._sums, np.float64)
        self.groups = groups_of(scene.light) if apart else ()
        parts = len(self.groups) + 1 if apart else 0
        self._apart = np.zeros((camera.height, camera.width, parts, 3), np.float32)
        standing = (camera.height, camera.width) if scene.stand_ins else (0, 0)
        self._solid, self._solid_apart = np.zeros((*standing, 5), np.float32), np.zeros((*standing, parts, 3), np.float32)
        # The first turn goes strip by strip, since nobody knows yet how long it takes.
        self._strips, self._strip = max(camera.height // 32, 1), 0
        shape = camera.height, camera.width
        self._count, self._due, self._share = np.zeros(shape, np.int32), np.ones(shape, bool), None
        line, column = np.indices(shape)
        self._owed = ((line * _STEPS[0] + column * _STEPS[1]) % 1.0).astype(np.float32)
        members, media = members_of(scene)
        outside = surroundings_of(scene.light) if around is None else around
        lamps = lamps_of(scene.light, frame)
        # Where nothing comes straight, asking for it brings but noise; the lattice knows what is scattered on.
        within = scattered_shares(scene, lamps) > (DEEP if gathering else BURIED) if not scene.stand_ins else [False] * len(lamps)
        asked, sent = ([lamp for lamp, inside in zip(lamps, within) if inside == which] for which in (False, True))
        lights, eye = _lights(scene, lattice, outside, asked), eye_of(camera, scene=scene)
        self._photons = None
        self._sharing, self._alike = gathering, (0, 0.0)
        if gathering:
            if field is None:
                field = kinds_of_light(lattice, scene) if apart else Coloured(field_of_light(lattice, scene))
            self._kernel, soft = gathered, softened(members, media)
            rest = Rest(field.field.ravel(), field.colours, field.groups, np.array(field.field.shape[:3]),
                        f32(scene.unit / lattice.sky_cell),
                        ((scene.origin - lattice.sky_first) / lattice.sky_cell).astype(np.float32), cosines_of(media),
                        peaks_of(media), field.depths, followed, bool((soft.rate * lattice.sun_cell / scene.unit).max() < FINE),
                        *(NOTHING_BACK if back is None else back))
            self._arguments = (scene.bricks, members, scene.solids, soft, media_of(media), lights,
                               _hues(scene, members, hues), rest, eye)
        else:
            self._kernel = traced
            colours = _hues(scene, members, hues)
            self._arguments = (scene.bricks, members, scene.solids, media_of(media), lights, colours, eye)
            if sent:
                table, odds, places = _table(scene, sent)
                # Apart each group of lamps has a picture of its own; together all have one.
                places = places - len(FIXED) if apart else np.zeros_like(places)
                self._photons = (scene.bricks, members, scene.solids, media_of(media), table, odds, places, colours, eye)
                pictures = len(self.groups) - len(FIXED) if apart else 1
                self._shone = np.zeros((STRANDS, camera.height, camera.width, pictures, 3), np.float32)

    @property
    def sends_photons(self):
        """True where lamps are buried in the clouds: see `core.light.paths.photons`."""
        return self._photons is not None

    @property
    def latest(self):
        """Light that the last turn found: ndarray of float32, shape (height, width, 3), which the next one writes over."""
        return self._sums[..., :3]

    def latest_apart(self):
        """The same of each light group, and last what was scattered once, if they are kept apart; forgotten once it is told.

        Returns
        -------
        ndarray of float32, shape (height, width, G + 1, 3)
        """
        latest = self._apart.copy()
        self._apart[:] = 0.0
        return latest

    def apart(self):
        """Light of each light group so far, and last what of all was scattered once.

        Returns
        -------
        ndarray of float32, shape (height, width, G + 1, 3)
        """
        return self._apart / np.maximum(self._count, 1)[..., None, None].astype(np.float32)

    @property
    def paths(self):
        """Paths for each pixel so far, in the mean: float."""
        return float(self._count.mean())

    @property
    def cloud(self):
        """Pixels that are more than half cloud or stand-in: ndarray of bool, shape (height, width)."""
        return self._covered > 0.5 * self._count

    @property
    def _covered(self):
        return self._total[..., 3] + self._solid[..., 3] if self._solid.size else self._total[..., 3]

    def solid(self):
        """Stand-ins so far, as `core.light.picture.stand_ins` gives them; None without any.

        Returns
        -------
        ndarray of float32, shape (height, width, 5), or None
        """
        if not self._solid.size:
            return None
        found = self._solid / np.maximum(self._count, 1)[..., None].astype(np.float32)
        found[..., 4] *= np.float32(self._unit)
        return found

    def solid_apart(self):
        """Light of each light group that stand-ins send, as of `apart`."""
        return self._solid_apart / np.maximum(self._count, 1)[..., None, None].astype(np.float32)

    @property
    def bright(self):
        """Luminance so far: ndarray of float64, shape (height, width)."""
        light = self._total[..., :3] + self._solid[..., :3] if self._solid.size else self._total[..., :3]
        return luminance(light) / np.maximum(self._count, 1)

    def add(self, turns=1, ticket=None):
        """Trace more paths for each pixel.

        Parameters
        ----------
        turns : int, optional
        ticket : Ticket, optional
            Looked at after each; what was traced until then stays.
        """
        for _ in range(turns):
            begun = time.perf_counter()
            try:
                self._turn(ticket)
            finally:
                self.seconds += time.perf_counter() - begun
            if self._sharing:
                self._deal_out()

    def _turn_of(self, nth):
        return Turn(u32(self._seed & 0xFFFFFFFF), nth)

    def _turn(self, ticket):
        """One path for each pixel, in strips of rows that take about `STRIP` seconds, so that it can be stopped.

        Where it was stopped the next one goes on: what groups have of it is not counted twice.
        """
        begun, strands, strips = time.perf_counter(), threads(), self._strips
        if self._strip == 0:
            self._sums[:] = 0.0
        first = self._strip
        for strip in range(first, strips):
            if ticket is not None:
                ticket.tick(0.0)
            self._strip = strip + 1
            rows = np.arange(strip, self.camera.height, strips)
            # Dealt out in turn, so that all threads get as much cloud.
            order = np.concatenate([rows[n::strands] for n in range(strands)])
            self._kernel(*self._arguments, order, self._turn_of(self.turns),
                         Sums(self._sums, self._apart, self._due, self._solid, self._solid_apart))
        if self._photons is not None:
            self._add_photons(ticket)
        self.turns += 1
        self._strip = 0
        # Sums of many numbers are kept in double precision.
        self._total += self._sums
        self._count += self._due
        taken = (time.perf_counter() - begun) * strips / max(strips - first, 1)
        self._strips = min(max(round(taken / STRIP), 1), max(self.camera.height // (4 * strands), 1))

    def _variance(self):
        """Of the luminance of one path, in each pixel."""
        count = np.maximum(self._count, 2)
        return np.maximum(self._total[..., 5] / count - self.bright**2, 0.0) * (count / (count - 1.0))

    def _deal_out(self):
        """Choose the pixels whose turn is next; once a whole turn is done, so that one that was stopped goes on as it was."""
        if self.turns >= EVENLY and self.turns & (self.turns - 1) == 0:
            # What a turn costs is another from now on.
            self._share, self._alike = self._shared_out(), (self.turns, self.seconds)
        if self._share is not None:
            self._owed += self._share
            self._due = self._owed >= 1.0
            self._owed -= self._due

    def _shared_out(self):
        """Share of the turns that each pixel is due.

        The mean square error is least where paths go with their standard deviation. By that alone what is dark would be left noisy,
        where noise is seen as well: so it is divided by the root of the brightness.
        """
        cloud = self.cloud
        if not cloud.any():
            return None
        variance, bright = (scipy.ndimage.gaussian_filter(values, AROUND) for values in (self._variance(), self.bright))
        mean = float(bright[cloud].mean())
        if mean <= 0.0:
            return None
        due = np.sqrt(variance / (bright / mean + DARK))
        return np.clip(due / max(np.percentile(due[cloud], OFTENEST), 1e-30), SELDOMEST, 1.0).astype(np.float32)

    def _add_photons(self, ticket):
        """Light of buried lamps, a share of a turn's photons at a time."""
        photons = max(self.camera.width * self.camera.height // PIXELS, LEAST_PHOTONS)
        self._shone[:] = 0.0
        for part in range(PARTS):
            if ticket is not None:
                ticket.tick(0.0)
            shone(*self._photons, photons // (STRANDS * PARTS), self._turn_of(self.turns * PARTS + part), self._shone)
        found = self._shone.sum(axis=0) / np.float32(PARTS)
        if self.groups:
            self._apart[..., len(FIXED):-1, :] += found
        found = found.sum(axis=2)
        # The square is that of all light of the turn.
        before, more = luminance(self._sums[..., :3]), luminance(found)
        self._sums[..., 5] += more * (2.0 * before + more)
        self._sums[..., :3] += found

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
        mean = self._total / np.maximum(self._count, 1)[..., None]
        with np.errstate(divide="ignore", invalid="ignore"):
            depth = np.where(mean[..., 3] > 0.0, mean[..., 4] / mean[..., 3] * self._unit, np.inf)
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
        mean, cloud, spread = self.bright, self.cloud, self._variance() / np.maximum(self._count, 1)
        if not cloud.any() or mean[cloud].mean() <= 0.0:
            return 0.0
        return float(np.sqrt(spread[cloud].mean()) / mean[cloud].mean())

    def turns_left(self, times):
        """Turns until there is so many times less noise.

        Parameters
        ----------
        times : float
            1 or more.

        Returns
        -------
        float
        """
        cloud = self.cloud
        if times <= 1.0 or self.turns < 2 or not cloud.any():
            return 0.0
        variance, count = (values[cloud] for values in (self._variance(), self._count.astype(np.float64)))
        share = 1.0 if self._share is None else self._share[cloud]
        wanted = (variance / count).mean() / times**2
        # No turn brings more than each pixel one path, and none less than the seldomest.
        low, high = 0.0, self.turns * (times**2 - 1.0) / SELDOMEST
        for _ in range(20):
            middle = (low + high) / 2.0
            low, high = (middle, high) if (variance / (count + share * middle)).mean() > wanted else (low, middle)
        return high

    @property
    def each(self):
        """Seconds of a turn, as they go now: float; infinite before the first."""
        before, seconds = self._alike
        if self.turns > before:
            return (self.seconds - seconds) / (self.turns - before)
        return self.seconds / self.turns if self.turns else float("inf")

    def left(self, noise):
        """Seconds until the noise is as low as wanted, about.

        Parameters
        ----------
        noise : float

        Returns
        -------
        float
            Infinite before the second path.
        """
        return self.turns_left(self.noise() / noise) * self.each if self.turns > 1 else float("inf")


def _table(scene, lamps):
    """Lamps as kernels read them: place, radius and irradiance in units of the scene; rising sums of their odds; their groups."""
    table, odds = np.zeros((len(lamps), 7), np.float32), np.zeros(len(lamps), np.float32)
    if lamps:
        table[:, :3] = (np.array([lamp.place for lamp in lamps], float) - scene.origin) / scene.unit
        table[:, 3] = [lamp.radius / scene.unit for lamp in lamps]
        # Irradiance at a distance of one unit.
        table[:, 4:] = np.array([lamp.intensity for lamp in lamps]) / scene.unit**2
        share = luminance(table[:, 4:])
        odds[:] = np.cumsum(share) / share.sum()
        odds[-1] = 1.0
    return table, odds, np.array([lamp.group for lamp in lamps], np.int64)


def _lights(scene, lattice, outside, lamps):
    """Sun, sky and lamps as paths read them."""
    light, unit, origin, sky = scene.light, scene.unit, scene.origin, outside.sky
    bright = luminance(sky.astype(np.float64))
    total = float(bright.sum())
    likely = bright / total if total > 0.0 else np.full(bright.shape, 1.0 / bright.size)
    rows = np.cumsum(likely.sum(axis=1))
    columns = np.cumsum(likely, axis=1) / np.maximum(likely.sum(axis=1, keepdims=True), 1e-300)
    rows[-1] = columns[:, -1] = 2.0
    asked = min(max((float((likely**2).sum()) * bright.size - EVEN) / EVEN, 0.0), 1.0) if total > 0.0 else 0.0
    table, odds, groups = _table(scene, lamps)
    return Lights(
        # The tiny number keeps an axis-parallel ray from dividing by zero.
        (direction_of(light.sun.azimuth, light.sun.elevation) + 1e-9).astype(np.float32),
        f32(np.cos(np.radians(light.sun.size / 2.0))), outside.sun.astype(np.float32),
        sky, (likely * (bright.size / (4.0 * np.pi))).astype(np.float32),
        rows.astype(np.float32), columns.astype(np.float32).ravel(), f32(asked), table, odds, groups,
        lattice.sun.ravel(), np.array(lattice.sun.shape), f32(unit / lattice.sun_cell),
        ((origin - lattice.sun_first) / lattice.sun_cell).astype(np.float32))


def _hues(scene, members, hues):
    """Colours as paths read them."""
    count = len(scene.clouds)
    if hues is None:
        return Hues(np.zeros((6, 0), np.float32), np.zeros(count, np.int64), np.full((count, 3), 2), members.axes, members.shift)
    cells = np.array([hue.values[0].size for hue in hues])
    to = np.array([cloud.grid.voxel / hue.cell for cloud, hue in zip(scene.clouds, hues)], np.float32)
    shift = np.array([(np.asarray(cloud.grid.offset) - hue.first) / hue.cell for cloud, hue in zip(scene.clouds, hues)])
    return Hues(
        np.concatenate([hue.values.reshape(6, -1) for hue in hues], axis=1), (np.cumsum(cells) - cells).astype(np.int64),
        np.array([hue.values.shape[1:] for hue in hues]), members.axes * to[:, None, None],
        (members.shift * to[:, None] + shift).astype(np.float32))
