"""True light on two levels: gathered paths for what is small, whole paths for how bright things are.

Gathered paths have little noise, but are as wrong as the lattice they ask; that error is broad. Whole paths are right, but noisy.
The picture is the gathered one, times how much brighter the whole one is around each place. How far around follows from the noise
of the whole paths, so that about `LEFT` of it is left; as they go on it narrows, until the picture is that of the whole paths.
"""

import math

import numpy as np
from scipy.ndimage import gaussian_filter

from .bounded import Bounded
from .gathering import gathers, needs_colours
from .tracer import Tracer

LEFT = 0.02
"""Noise of whole paths that is left once they are blurred."""
EACH = 10
"""Gathered turns for a whole one, which takes about as long as six to ten of them: time is shared about evenly."""
EACH_OF_BURIED = 24
"""The same where lamps are buried: gathered paths are noisier then, whole turns slower, and the blur is as broad anyway."""
EARLY = (3, 7)
"""Turns that are whole ones besides, so that soon there is something to put the picture right by."""
UNTOLD = 0.12
"""What is stated at least before that: gathered pictures were found to be wrong by 2 to 8 per cent, against the sun by up to 17."""
BROADEST = 1.0 / 8.0
"""Standard deviation of the blur, at most, in heights of the picture."""
NARROWEST = 0.4
"""Pixels below which nothing is blurred any more."""


class TwoLevels:
    """Paths on two levels through a scene; where nothing can be gathered whole paths alone.

    Parameters
    ----------
    scene, lattice, camera, seed, frame, hues, field
        As of `Tracer`.
    """

    def __init__(self, scene, lattice, camera, *, seed=0, frame=0, hues=None, field=None):
        self.whole = Tracer(scene, lattice, camera, seed=seed, frame=frame, hues=hues)
        self.gathered = None
        if gathers(scene) and (field is not None or not needs_colours(scene)):
            self.gathered = Tracer(scene, lattice, camera, seed=seed, frame=frame, hues=hues, gathering=True, field=field)
        self.scene, self.camera, self.bounded = scene, camera, Bounded(camera.height, camera.width)
        self._each = EACH_OF_BURIED if self.whole.sends_photons else EACH

    @property
    def turns(self):
        """Paths for each pixel so far, of either kind."""
        return self.whole.turns + (self.gathered.turns if self.gathered is not None else 0)

    def add(self, turns=1, ticket=None):
        """Trace more paths for each pixel.

        Parameters
        ----------
        turns : int, optional
        ticket : Ticket, optional
            Looked at between; what was traced until then stays.
        """
        for _ in range(turns):
            # By number, not by the clock: the same seed gives the same picture.
            whole = self.gathered is None or self.turns % (self._each + 1) == self._each or self.turns in EARLY
            (self.whole if whole else self.gathered).add(1, ticket)
            if whole and self.gathered is not None:
                self.bounded.add(self.whole.latest, self.gathered.bright)

    def _blur(self):
        """Standard deviation of the blur in pixels; None before there are whole paths to speak of."""
        if self.bounded.turns < 2:
            return None
        # A Gaussian averages 4 pi sigma^2 pixels.
        wanted = self.bounded.noise(self.gathered.cloud) / (LEFT * 2.0 * math.sqrt(math.pi))
        return min(wanted, BROADEST * self.camera.height)

    def noise(self):
        """Standard error of a pixel's luminance: as of `Tracer.noise`.

        Returns
        -------
        float
        """
        if self.gathered is None:
            return self.whole.noise()
        sigma = self._blur()
        if sigma is None:
            return max(self.gathered.noise(), UNTOLD)
        whole = self.bounded.noise(self.gathered.cloud)
        if sigma <= NARROWEST:
            return whole
        return math.hypot(self.gathered.noise(), whole / max(2.0 * math.sqrt(math.pi) * sigma, 1.0))

    def bias(self):
        """What the picture is wrong by however many paths there are, because the blur is as broad as it is: see `Bounded.bias`.

        Returns
        -------
        bias, sure : float
            On blocks of six pixels; and below what it cannot be told from nothing. 0 where whole paths are alone, infinite where
            there are too few of them.
        """
        sigma = self._blur() if self.gathered is not None else 0.0
        if sigma is None:
            return math.inf, math.inf
        if sigma <= NARROWEST:
            return 0.0, 0.0
        given = self.gathered.bright.astype(np.float32)[..., None]
        return self.bounded.bias(
            lambda part: (given * _brighter(part[..., None].astype(np.float32), given, sigma))[..., 0], self.gathered.cloud)

    def layers(self):
        """What the paths amount to: as of `Tracer.layers`."""
        if self.gathered is None:
            return self.whole.layers()
        sigma = self._blur()
        radiance, opacity, depth = self.gathered.layers()
        if sigma is None:
            return radiance, opacity, depth
        _, whole_opacity, whole_depth = self.whole.layers()
        right = self.bounded.light(radiance, BROADEST * self.camera.height)
        if sigma <= NARROWEST:
            return right, whole_opacity, whole_depth
        shares = np.array([self.gathered.turns, self.whole.turns], np.float32)
        opacity = (opacity * shares[0] + whole_opacity * shares[1]) / shares.sum()
        return radiance * _brighter(right, radiance, sigma), opacity, depth


def _brighter(right, given, sigma):
    """How many times as bright one picture is as another around each place, for each colour."""
    out = np.ones_like(given)
    for n in range(given.shape[2]):
        broad = gaussian_filter(given[..., n], sigma)
        np.divide(gaussian_filter(right[..., n], sigma), broad, out=out[..., n], where=broad > 1e-9)
    return out
