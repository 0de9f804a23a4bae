"""Multilevel estimation of True light: gathered paths for what is small, whole paths for how bright things are.

Gathered paths have little noise, but are as wrong as the lattice they ask; that error is broad. Whole paths are right, but noisy.
The picture is the gathered one, times how much brighter the whole one is around each place. How far around follows from the noise
of the whole paths, so that about `LEFT` of it is left; as they go on it narrows, until the picture is that of the whole paths.

Against the sun gathered paths are wrong in what is small too: the bright rim is light that few collisions turned little each.
There a level stands between the two, of paths that are followed through one collision more before they are gathered. They are wrong
by half as much and noisier, though not as whole ones are; each level puts right the one before.
"""

import math

import numpy as np

from ...colour import luminance
from ...directions import direction_of
from .bounded import Bounded
from .gathering import gathers, needs_colours
from .low_pass import AVERAGED, brighter
from .tracer import Tracer

LEFT = 0.005
"""Noise of whole paths that is left once they are blurred."""
EACH = 18
"""Gathered turns for a whole one, which takes about as long as twelve to seventeen of them: time is shared about evenly."""
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
AGAINST = 0.5
"""Cosine between the way the camera looks and the way to the sun, from which on it is looked against."""


class Levels:
    """Paths on several levels through a scene; where nothing can be gathered whole paths alone.

    Parameters
    ----------
    scene, lattice, camera, seed, frame, hues, field, apart, back
        As of `Tracer`.

    Attributes
    ----------
    whole : Tracer
    gathered : Tracer or None
        The first level, where paths can be gathered.
    between : Tracer or None
        Gathered after one collision more, where the camera looks against the sun.
    """

    def __init__(self, scene, lattice, camera, *, seed=0, frame=0, hues=None, field=None, apart=False, back=None):
        given = {"seed": seed, "frame": frame, "hues": hues, "apart": apart}
        self.whole = Tracer(scene, lattice, camera, **given)
        self.gathered = self.between = None
        if gathers(scene) and (field is not None or not needs_colours(scene)):
            self.gathered = Tracer(scene, lattice, camera, gathering=True, field=field, back=back, **given)
            if looks_against(scene.light.sun, camera):
                # Of its own noise: what is the same in both would not be put right.
                self.between = Tracer(scene, lattice, camera, gathering=True, followed=1, field=field, back=back,
                                      **(given | {"seed": seed + 1}))
        self.scene, self.camera, self.groups = scene, camera, self.whole.groups
        self.bounded = Bounded(camera.height, camera.width, len(self.groups) + 1 if apart else 0)
        self._each = EACH_OF_BURIED if self.whole.sends_photons else EACH

    @property
    def turns(self):
        """Paths for each pixel so far, of any kind."""
        return sum(tracer.turns for tracer in (self.gathered, self.between, self.whole) if tracer is not None)

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
            nth = self.turns
            if self.gathered is None or nth % (self._each + 1) == self._each or nth in EARLY:
                self.whole.add(1, ticket)
                if self.gathered is not None:
                    self.bounded.add(self.whole.latest, self.gathered.bright, self.whole.latest_apart() if self.groups else None)
            elif self.between is not None and nth % 2:
                self.between.add(1, ticket)
            else:
                self.gathered.add(1, ticket)

    def _width(self, noise):
        """Standard deviation of the blur, in pixels, that leaves as little of some noise as is wanted."""
        return min(noise / (LEFT * AVERAGED), BROADEST * self.camera.height)

    def _blur(self):
        """That of whole paths; None before there are any to speak of."""
        return None if self.bounded.turns < 2 else self._width(self.bounded.noise(self.gathered.cloud))

    def _gathered(self):
        """What gathered paths amount to: as of `Tracer.layers`."""
        radiance, opacity, depth = self.gathered.layers()
        if self.between is not None and self.between.turns >= 2:
            radiance = _put_right(radiance, self.between.layers()[0], self._width(self.between.noise()))
        return radiance, opacity, depth

    def _noise_gathered(self):
        """Standard error of the luminance of that."""
        noise = self.gathered.noise()
        if self.between is None or self.between.turns < 2:
            return noise
        between = self.between.noise()
        return _left(noise, between, self._width(between))

    def noise(self):
        """Standard error of a pixel's luminance: as of `Tracer.noise`.

        Returns
        -------
        float
        """
        if self.gathered is None:
            return self.whole.noise()
        sigma, gathered = self._blur(), self._noise_gathered()
        if sigma is None:
            return max(gathered, UNTOLD)
        return _left(gathered, self.bounded.noise(self.gathered.cloud), sigma)

    def left(self, noise):
        """Seconds until the noise is as low as wanted, about: as of `Tracer.left`.

        Parameters
        ----------
        noise : float

        Returns
        -------
        float
        """
        now = self.noise()
        if self.gathered is None or not 0.0 < now < math.inf or self.whole.turns == 0:
            return self.whole.left(noise)
        # Nearly all noise is that of gathered paths; whole ones, which take longer, come in among them as they were told.
        gathered = [tracer for tracer in (self.gathered, self.between) if tracer is not None]
        more = [tracer.turns_left(now / noise) for tracer in gathered]
        whole = sum(tracer.turns + turns for tracer, turns in zip(gathered, more)) / self._each + len(EARLY) - self.whole.turns
        seconds = sum(turns * tracer.each for tracer, turns in zip(gathered, more))
        return seconds + (max(whole, 0.0) * self.whole.each if seconds > 0.0 else 0.0)

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
        given = luminance(self._gathered()[0])[..., None]
        return self.bounded.bias(
            lambda part: (given * brighter(part[..., None].astype(np.float32), given, sigma))[..., 0], self.gathered.cloud)

    def layers(self):
        """What the paths amount to: as of `Tracer.layers`."""
        if self.gathered is None:
            return self.whole.layers()
        sigma = self._blur()
        radiance, opacity, depth = self._gathered()
        if sigma is None:
            return radiance, opacity, depth
        _, whole_opacity, whole_depth = self.whole.layers()
        right = self.bounded.light(radiance, BROADEST * self.camera.height)
        if sigma <= NARROWEST:
            return right, whole_opacity, whole_depth
        shares = np.array([self.gathered.turns, self.whole.turns], np.float32)
        opacity = (opacity * shares[0] + whole_opacity * shares[1]) / shares.sum()
        return radiance * brighter(right, radiance, sigma), opacity, depth

    def solid(self):
        """Stand-ins so far: as of `Tracer.solid`."""
        if self.gathered is None or (found := self.gathered.solid()) is None:
            return self.whole.solid()
        sigma, whole = self._blur(), self.whole.solid()
        if sigma is not None:
            found[..., :3] = _put_right(np.ascontiguousarray(found[..., :3]), np.ascontiguousarray(whole[..., :3]), sigma)
        return found

    def solid_apart(self):
        """Light of each light group that stand-ins send: as of `Tracer.solid_apart`."""
        if self.gathered is None:
            return self.whole.solid_apart()
        out, whole, sigma = self.gathered.solid_apart(), self.whole.solid_apart(), self._blur()
        for n in range(out.shape[2] if sigma is not None else 0):
            out[..., n, :] = _put_right(out[..., n, :], whole[..., n, :], sigma)
        return out

    def apart(self):
        """Light of each light group, and last what of all was scattered once: the groups add up to the picture.

        Returns
        -------
        ndarray of float32, shape (height, width, G + 1, 3)
        """
        if self.gathered is None:
            return self.whole.apart()
        out, sigma = self.gathered.apart(), self._blur()
        nearer = self.between.apart() if self.between is not None and self.between.turns >= 2 else None
        for n in range(out.shape[2]):
            light = out[..., n, :]
            if nearer is not None:
                light = _put_right(light, nearer[..., n, :], self._width(self.between.noise()))
            if sigma is not None:
                light = _put_right(light, self.bounded.light_of(n, light, BROADEST * self.camera.height), sigma)
            out[..., n, :] = light
        return out


def _put_right(given, right, sigma):
    """A picture put right by one that has more noise, as widely as that asks for."""
    return right if sigma <= NARROWEST else given * brighter(right, given, sigma)


def looks_against(sun, camera):
    """Whether a camera looks against the sun.

    Parameters
    ----------
    sun : Sun
    camera : Camera

    Returns
    -------
    bool
    """
    return sun.strength > 0.0 and float(camera.forward @ direction_of(sun.azimuth, sun.elevation)) > AGAINST


def _left(own, right, sigma):
    """Noise of a picture that another, of some noise, puts right with a blur so wide."""
    return right if sigma <= NARROWEST else math.hypot(own, right / max(AVERAGED * sigma, 1.0))
