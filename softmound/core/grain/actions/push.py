"""Push: moves the surface along its normal by a grain's noise."""

from functools import lru_cache
from typing import ClassVar, Literal, NamedTuple

import numpy as np

from ...kernels import each, f32, i32
from ...noise.sums import mean_of, noise_bricks
from ...recipe.grains import SIZE, SURFACE, Grain, Metres20000, rounded
from ...recipe.rows import Choice, Number, Switch
from ...recipe.value import Share
from ...volume.bricks import LANES, SIDE
from ..where import shares

FINEST = 1.5
"""Voxels that a feature of a standing octave measures at least."""
LEAST = 0.05
"""Metres below which octaves that go on end, and `MOST_MORE` of them at the latest."""
MOST_MORE = 8
_AS_IS, _OUTWARD, _INWARD = range(3)


class _Pushing(NamedTuple):
    """How a grain pushes: how far, outward or inward or both, whether its noise is signed; height from which it fades and over how
    much of it (1/m), what is left there, and whether a share says where it acts.
    """

    strength: float
    mode: int
    signed: bool
    level: float
    per_metre: float
    least: float
    masked: bool


@each("total")
def _move(b, total, noise, coords, voxel, pushing, share):
    """Add to a field what a grain pushes."""
    strength, mode, signed, level, per_metre, least, masked = pushing
    y0 = f32(coords[b, 1] * SIDE) * voxel - level
    for lane in range(LANES):
        rise = (y0 + f32((i32(lane) >> 3) & 7) * voxel) * per_metre
        rise = max(f32(0), min(f32(1), rise))
        part = least + (f32(1) - least) * rise * rise * (f32(3) - f32(2) * rise)
        n = noise[b, lane]
        if mode != _AS_IS:
            n = f32(0.5) + f32(0.5) * n if signed else n
            n = -n if mode == _INWARD else n
        if masked:
            part *= share[b, lane]
        total[b, lane] += strength * part * n


class Push(Grain):
    """Moves the surface along its normal.

    The noise is read at the voxel, or by `at_surface` at the nearest point of the surface, where lumps stand
    straight out. `standing` octaves are each read at the surface that the larger ones have left, along its own normals: fine
    lumps stand on the flanks of large ones in every direction, and roll over one another. Octaves that `goes_on` are
    followed by finer ones of the same slope, as far as the voxel of a build or of a picture from near can hold them; these
    leave the surface where it is on the mean, and so do all octaves of one that is `balanced`. `weaker_below` takes that share
    of it away at the base level.
    """

    order: ClassVar[int] = 10
    works_on: ClassVar[str] = SURFACE
    sentence: ClassVar[str] = "moves the surface along its normal"
    rows: ClassVar[tuple] = (
        Number("strength", "Strength", *SIZE, "How far the largest features move the surface."),
        Choice("direction", "Direction", (("both", "As it is"), ("outward", "Outward"), ("inward", "Inward"))),
        Number("at_surface", "Read at the surface", "", None, "linear",
               "0 reads the noise at the voxel, 1 at the nearest surface point: lumps stand straight out."),
        Switch("standing", "Octaves stand on one another",
               "Each octave grows from the surface that the larger ones have made, in its own directions: lumps on lumps."),
        Switch("goes_on", "Octaves go on",
               "Finer octaves follow as far as voxels show them: a close view finds lumps on lumps. The final voxel says which of "
               "them are exported."),
        Switch("balanced", "Keeps the size",
               "What it takes in one place it gives in another: the cloud stays as large as its forms."),
        Number("weaker_below", "Weaker below", "", None, "linear", "How much of the push is taken away at the base level."),
    )

    action: Literal["push"] = "push"
    strength: Metres20000 = 4.0
    direction: Literal["both", "outward", "inward"] = "both"
    at_surface: Share = 0.0
    standing: bool = False
    goes_on: bool = False
    balanced: bool = False
    weaker_below: Share = 0.0

    @classmethod
    def begun(cls, span, light):
        feature = rounded(max(span / 6.0, 0.5))
        return cls(feature=feature, strength=rounded(feature * 0.3), summed="folded")

    @classmethod
    def examples(cls):
        return cls(), cls(summed="folded"), cls(standing=True, octaves=2, goes_on=True)

    @property
    def reach(self):
        return tuple(sum(reach[side] for _, reach in self.turns) for side in range(2))

    def _reach(self, noise, strength, balanced):
        # Noise from 0 to 1 only pushes outward, unless it is told to push inward.
        low, high = (-1.0 if self.direction == "both" and self.signed else 0.0), 1.0
        if balanced:
            mean = self._mean(noise)
            low, high = low - mean, high - mean
        ways = (high * strength, -low * strength)
        return ways[::-1] if self.direction == "inward" else ways

    def _mean(self, noise):
        """Of a noise as it pushes: what is signed, and so nothing on the mean, becomes 0 to 1 where it pushes one way."""
        mean = 0.0 if self.signed and self.contrast is None else mean_of(noise)
        return 0.5 + 0.5 * mean if self.signed and self.direction != "both" else mean

    @property
    def mean(self):
        if self.balanced:
            return 0.0
        return self._mean(self) * self.strength * (-1.0 if self.direction == "inward" else 1.0)

    @property
    def reads_distance(self):
        return self.standing or self.at_surface > 0.0

    @property
    def stages(self):
        """Pairs of a noise and a strength in metres that are pushed one after the other, each along new normals."""
        whole = () if self.standing and self.octaves > 1 else ((self, self.strength),)
        return whole + _octaves(self, self.octaves if whole else 0)

    @property
    def _asked(self):
        """How many of its turns are not those that it goes on with."""
        return self.octaves if self.standing else 1

    @property
    def turns(self):
        return tuple((noise.feature / noise.lacunarity ** (noise.octaves - 1),
                      self._reach(noise, strength, self.balanced or n >= self._asked))
                     for n, (noise, strength) in enumerate(self.stages))

    def turns_at(self, voxel):
        # What is finer than voxels hold, and nothing on the mean, is left out: the band need not be wide enough for it.
        kept = 0 if self.balanced and self.standing else self._asked
        return self.turns[: max(kept, sum(noise.feature >= FINEST * voxel for noise, _ in self.stages))]

    def act(self, distance, coords, voxel, landmarks, room, counting, turns=slice(None), slopes=None):
        # It fades over one feature size above the base level.
        least = 1.0 - self.weaker_below if landmarks.base.on else 1.0
        share = shares(self.where, coords, voxel, distance, landmarks)
        mode = {"both": _AS_IS, "outward": _OUTWARD, "inward": _INWARD}[self.direction]
        at_surface = 1.0 if self.standing else self.at_surface
        parts = self.turns_at(voxel)
        reaches, whole, rows, stages = [reach for _, reach in parts[turns]], distance, None, self.stages[: len(parts)]
        for n, (noise, strength) in enumerate(stages[turns], turns.start or 0):
            left, reaches = reaches, reaches[1:]
            balanced = self.balanced or n >= self._asked
            # The farther the octaves have come, the better it is known which bricks the surface will not come to.
            met = counting.before(*(sum(reach[side] for reach in left) for side in range(2))).met(distance)
            if not met.all():
                if rows is not None:
                    whole[rows] = distance
                rows = np.flatnonzero(met) if rows is None else rows[met]
                distance, coords, room = whole[rows], coords[met], room[: len(rows)]
                share = share if share is None else share[met]
                slopes = slopes if slopes is None else slopes[met]
            if self.standing and noise.feature < FINEST * voxel:
                # Finer than the voxels can hold: it would only roughen the normals of what follows. The surface goes where it
                # would on average, so that a cloud is as large at every voxel.
                room[...] = mean_of(noise)
            else:
                noise_bricks(coords, voxel, noise, room, landmarks.origin, distance, at_surface, slopes)
            slopes, way, signed = None, mode, self.signed
            if balanced:
                # It is told from its mean, which stays: outward noise that is signed has half its strength.
                room -= np.float32(mean_of(noise))
                strength = strength * (0.5 if signed and mode != _AS_IS else 1.0) * (-1.0 if mode == _INWARD else 1.0)
                way = _AS_IS
            pushing = _Pushing(f32(-strength), way, signed, f32(landmarks.base.altitude), f32(1.0 / self.feature), f32(least),
                               share is not None)
            _move(distance, room, coords, f32(voxel), pushing, room if share is None else share)
        if rows is not None:
            whole[rows] = distance


@lru_cache(maxsize=256)
def _octaves(push, first):
    """Octaves of a push as grains of one octave each, from a number on; beyond those it has, those that it goes on with."""
    asked = sum(push.gain**n for n in range(push.octaves))
    parts, n = [], first
    while n < push.octaves or (push.goes_on and n < push.octaves + MOST_MORE and push.feature * push.lacunarity**-n >= LEAST):
        parts.append((push.model_copy(update={
            "octaves": 1, "feature": push.feature * push.lacunarity**-n, "seed": (push.seed + 101 * n) % 2**31, "where": (),
            "warp": push.warp if n == 0 else None}), push.strength * push.gain**n / asked))
        n += 1
    return tuple(parts)
