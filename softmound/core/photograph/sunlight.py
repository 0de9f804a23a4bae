"""Where the sun stood when a photograph was taken: by lighting a mound of its outline from all sides and comparing."""

from dataclasses import dataclass

import numpy as np
import scipy

from ..colour import LUMINANCE, linear
from ..directions import direction_of
from ..engine.density import density_grid
from ..engine.stages import Stages, layers_of
from ..light.lattices.coarse import TINY
from ..light.marching.march import OPACITY
from ..light.picture.radiance import composed
from ..recipe.grains import rounded
from ..ticket import one_by_one

ALONG, VOXELS = 60, 64
"""Pixels and voxels along the cloud in the pictures that are compared."""
AZIMUTHS, ELEVATIONS = tuple(range(-180, 180, 12)), (5.0, 15.0, 28.0, 45.0, 65.0)
"""Suns that are tried first, degrees."""
PROPOSED, APART = 3, 35.0
"""Suns that are proposed, and degrees that they are apart at the least."""
STEPS, FARTHEST = (7.5, 3.75), 0.4
"""Degrees by which the proposed ones are then moved, and how far at the most, over how far they are apart."""
LOWEST, HIGHEST = 2.0, 85.0
"""Elevations of a sun that is proposed, degrees."""
CLOUD, SKY = 1.0, (12.0, 1.0)
"""Weights of what the cloud says, and of brightness and hue of the sky around it, which change toward the sun."""
EVEN = 0.015
"""Change of a sky along its rows, in logarithms, that may be a lens's or noise."""
BLUR, SOLID = 0.8, 0.9
"""Pixels over which light is compared, and opacity from which on it is."""
BODY = 2.0
"""How much more the cloud's brightness counts than the sky's, for exposure and haze."""
VISIBILITIES = (12.0, 20.0, 35.0, 60.0, 100.0, 170.0)
"""Kilometres that are tried for a sky."""
EXPOSURES = np.arange(-1.5, 1.51, 0.25)
"""Stops that are tried."""


@dataclass(frozen=True, eq=False)
class Proposal:
    """A sun that may have lit a photograph.

    Attributes
    ----------
    azimuth, elevation : float
        Degrees, in the world of the mound.
    alike : float
        How well it explains the photograph: at most 1.
    pixels : ndarray of uint8, shape (height, width, 3)
        The mound lit by it.
    """

    azimuth: float
    elevation: float
    alike: float
    pixels: np.ndarray


class Lit:
    """A mound that can be lit from anywhere and held beside a photograph.

    Parameters
    ----------
    photograph : Photograph
    mound : Mound
        Blocked in from its outline.
    ticket : Ticket, optional
        Ends what is done with it.
    """

    def __init__(self, photograph, mound, ticket=None):
        self._seen, self._mound, self._ticket = photograph.seen(ALONG), mound, ticket
        self._quiet = ticket.quiet() if ticket is not None else None
        self._stages, voxel = Stages(), rounded(photograph.reading.span / VOXELS)
        self._grid, self._key = density_grid(mound, voxel, self._quiet), self._stages.density_key(mound, voxel)
        mask = self._seen.mask
        self._inner = scipy.ndimage.binary_erosion(mask)
        self._sky = ~scipy.ndimage.binary_dilation(mask, iterations=2)
        self._theirs = _parts(self._seen.pixels)
        self._along = [_along_rows(part, self._sky) for part in self._theirs]
        # An even sky says nothing.
        self._weights = [weight * along.var() / (along.var() + EVEN**2) if len(along) else 0.0
                         for weight, along in zip(SKY, self._along)]
        self._known = {}

    def suns(self, since=0.0):
        """Propose where the sun stood.

        Parameters
        ----------
        since : float, optional
            Share of the whole work that was done before.

        Returns
        -------
        list of Proposal
            At most `PROPOSED`, the likeliest first.
        """
        tried = [(azimuth, elevation) for elevation in ELEVATIONS for azimuth in AZIMUTHS]
        found = [(self._alike(sun), sun) for sun in one_by_one(tried, lambda *_: "trying suns", self._ticket, since)]
        chosen = []
        for score, sun in sorted(found, reverse=True):
            if all(apart(sun, other) > APART for _, other in chosen):
                chosen.append((score, sun))
            if len(chosen) == PROPOSED:
                break
        better = sorted((self._refined(*one) for one in chosen), reverse=True)
        return [Proposal(float(azimuth), float(elevation), score, self._shown(*self._layers(self._lit(azimuth, elevation))))
                for score, (azimuth, elevation) in better]

    def under(self, azimuth, elevation):
        """The mound under a sun, with the sky's haze and the exposure that come nearest to the photograph.

        Parameters
        ----------
        azimuth, elevation : float
            Of the sun, degrees.

        Returns
        -------
        Mound
        """
        theirs, mask, found = self._seen.pixels.astype(float), self._seen.mask, []
        begun = self._lit(azimuth, elevation).edited(exposure=0.0)
        for visibility in VISIBILITIES:
            light = begun.edited(sky=begun.sky.edited(visibility=visibility))
            scene, layers = self._layers(light)
            for exposure in EXPOSURES:
                exposed = light.edited(exposure=float(exposure))
                off = np.abs(self._shown(scene.under(exposed), layers) - theirs).mean(axis=-1)
                # A photograph that the cloud fills has no sky to go by.
                found.append((BODY * off[mask].mean() + (off[~mask].mean() if not mask.all() else 0.0), visibility, exposed))
        return self._mound.edited(light=min(found, key=lambda one: one[0])[2])

    def _lit(self, azimuth, elevation):
        """The light of the mound with its sun elsewhere."""
        light = self._mound.light
        return light.edited(sun=light.sun.edited(azimuth=float(azimuth), elevation=float(elevation)))

    def _layers(self, light):
        scene = self._stages.scene(self._mound.edited(light=light), self._grid, self._key)
        return scene, layers_of(self._stages, scene, self._seen.camera, fine=TINY, ticket=self._quiet)

    def _shown(self, scene, layers):
        return composed(layers, scene, self._seen.camera)[..., :3]

    def _alike(self, sun):
        """How well a sun explains the photograph: float, at most 1."""
        if sun not in self._known:
            scene, layers = self._layers(self._lit(*sun))
            ours = _parts(self._shown(scene, layers))
            there = self._inner & (layers[..., OPACITY] > SOLID)
            score = 0.0
            for part, theirs, along, weight in zip(ours, self._theirs, self._along, self._weights):
                score += CLOUD * _together(_blurred(theirs, there), _blurred(part, there))
                score += weight * _together(along, _along_rows(part, self._sky))
            self._known[sun] = score / (2.0 * CLOUD + sum(self._weights))
        return self._known[sun]

    def _refined(self, score, sun):
        """A sun moved to where it explains most, not so far that it becomes another one."""
        begun = sun
        for step in STEPS:
            moved = True
            while moved:
                moved = False
                for east, up in ((step, 0.0), (-step, 0.0), (0.0, step), (0.0, -step)):
                    there = ((sun[0] + east + 180.0) % 360.0 - 180.0, min(max(sun[1] + up, LOWEST), HIGHEST))
                    if apart(there, begun) < FARTHEST * APART and (now := self._alike(there)) > score + 1e-6:
                        score, sun, moved = now, there, True
        return score, sun


def apart(one, other):
    """Angle between two suns, each azimuth and elevation: float, degrees."""
    return float(np.degrees(np.arccos(np.clip(direction_of(*one) @ direction_of(*other), -1.0, 1.0))))


def _along_rows(part, sky):
    """What of a sky changes along its rows: what changes upward says more of haze and of the horizon than of the sun."""
    mean = np.where(sky, part, 0.0).sum(axis=1, keepdims=True) / np.maximum(sky.sum(axis=1, keepdims=True), 1)
    return (part - mean)[sky]


def _parts(pixels):
    """Logarithms of brightness, and of how much redder than blue it is."""
    colours = np.maximum(linear(pixels / 255.0), 1e-3)
    return np.log(colours @ LUMINANCE), np.log(colours[..., 0] / colours[..., 2])


def _blurred(values, there):
    weight = scipy.ndimage.gaussian_filter(there.astype(float), BLUR) + 1e-9
    return (scipy.ndimage.gaussian_filter(values * there, BLUR) / weight)[there]


def _together(one, other):
    """How two parts go together, in step and by as much (Lin 1989, Biometrics 45, without the difference of their means)."""
    if len(one) < 16:
        return 0.0
    (a, both), (_, b) = np.cov(one, other)
    return float(2.0 * both / max(a + b, 1e-9))
