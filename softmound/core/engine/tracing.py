"""True light in the window: traced on and on, shown now and then, and mixed anew without tracing again.

What is traced is all of each light group, whatever the mixer says; so a fader changes the picture at once, and the paths go on.
"""

import time
from dataclasses import dataclass, field

import numpy as np

from ..light.marching.march import BLUE, RED
from ..light.paths.easing import eased
from ..light.picture.denoise import LEAST, denoised
from ..light.picture.radiance import behind_of, radiance_of, standing_in
from ..light.scene.groups import FIXED, factors, unmixed
from .apart import mixed, true_apart
from .graph import key_at
from .keys import key_of

SHOWING, LONGEST_WAIT = 0.1, 10.0
"""Share of the time, at most, that goes into pictures of True light that is still being traced; seconds after which one is shown in
any case."""
BETTER, WORTH = 1.4, 2.0
"""Times as many paths as in the last picture after which there is another; seconds after which there is one in any case."""


def tracing_key(request, clouds=None):
    """What stands for paths that serve a request, however it is mixed, exposed and looked at.

    Parameters
    ----------
    request : Request
    clouds : sequence of PlacedCloud, optional
        That it shows in place of its mound.

    Returns
    -------
    str
    """
    mound = request.mound
    light = unmixed(mound.light)
    standing = (key_at("radiance", mound.edited(light=light)), request.key) if clouds is None else (
        mound.view, light.sun, light.sky, light.floor, light.lamps, mound.stand_ins,
        tuple((cloud.key, *cloud.placing.numbers, cloud.medium, *cloud.tint) for cloud in clouds))
    return key_of("tracing", standing, request.width, request.height, request.alone)


@dataclass(eq=False)
class Tracing:
    """Paths of a picture that is looked at.

    Attributes
    ----------
    key : str
        From `tracing_key`.
    tracer : Levels or Tracer
        With its light groups apart.
    scene : Scene
        With all of each light group.
    made : Answer
        The picture by Draft light that it begins with; with its layers.
    shadow : Shadow
        In that picture.
    seconds : float
        For which paths were traced so far.
    """

    key: str
    tracer: object
    scene: object
    made: object
    shadow: object
    seconds: float = 0.0
    _known: dict = field(default_factory=dict, repr=False)

    def _of_these(self, name, make):
        """What is worked out once for as many paths as there are."""
        turns = self.tracer.turns
        if self._known.get(name, (None,))[0] != turns:
            self._known[name] = turns, make()
        return self._known[name][1]

    @property
    def noise(self):
        """That of the paths so far, see `Tracer.noise`: float."""
        return self._of_these("noise", self.tracer.noise)

    def enough(self, request):
        """Whether there are paths enough: bool."""
        turns = self.tracer.turns
        return self.noise <= request.noise and (turns >= LEAST or not request.denoise)

    def traced_on(self, request, ticket):
        """Trace until a picture is worth while, or there are paths enough.

        Parameters
        ----------
        request : Request
        ticket : Ticket

        Yields
        ------
        bool
            At each picture that is due: whether there are paths enough.
        """
        shown, turns, took = time.perf_counter(), 0, 0.0
        while True:
            begun = time.perf_counter()
            try:
                self.tracer.add(1, ticket)
            finally:
                self.seconds += time.perf_counter() - begun
            now, enough = time.perf_counter(), self.enough(request)
            # As often as it pays: the noise fell by a sixth, or two seconds went by; and pictures take a tenth of the time at most.
            wait = min(took / SHOWING - took, LONGEST_WAIT)
            if not enough and (now - shown < wait or self.tracer.turns < BETTER * turns and now - shown < WORTH):
                continue
            first, turns = turns == 0, self.tracer.turns
            yield enough
            if enough:
                return
            shown = time.perf_counter()
            took = 0.0 if first else shown - now  # the first loads what makes them

    def radiance(self, request, scene, enough):
        """The picture, as it is mixed.

        Parameters
        ----------
        request : Request
        scene : Scene
            The same under the light of the request.
        enough : bool
            Whether it is what paths alone say; else it is eased.

        Returns
        -------
        ndarray of float32, shape (height, width, 4)
        """
        turns, camera, light = self.tracer.turns, self.tracer.camera, scene.light
        apart, opacity = self._of_these("apart", lambda: true_apart(self.tracer, self.scene, camera))
        truth = mixed(apart, self.tracer.groups, light)
        if enough and not request.denoise:
            out = np.dstack([truth, opacity])
            out[..., :3] += behind_of(out, light, camera, shadow=self.shadow, standing=self._standing(scene))
            return out
        layers = self._draft(apart, light)
        guide, drafted = radiance_of(layers, scene, camera, shadow=self.shadow), standing_in(layers, scene, camera)
        behind = behind_of(guide, light, camera, shadow=self.shadow, standing=drafted)
        draft = guide[..., :3] - behind
        if drafted is not None:
            standing = self._standing(scene)
            standing[..., :3] = eased(standing[..., :3], np.ascontiguousarray(drafted[..., :3]), self.noise)
            behind = behind_of(guide, light, camera, shadow=self.shadow, standing=standing)
        if request.denoise and turns >= LEAST:
            guide[..., :3] = behind + denoised(truth, opacity, draft)
        else:
            guide[..., :3] = behind + eased(truth, draft, self.noise)
        return guide

    def _standing(self, scene):
        """Stand-ins by paths, as they are mixed, or None."""
        found = self.tracer.solid()
        if found is not None:
            found[..., :3] = mixed(self.tracer.solid_apart(), self.tracer.groups, scene.light)
        return standing_in(found, scene, self.tracer.camera)

    def _draft(self, apart, light):
        """Layers of Draft light, those of lamps about as they are mixed: what guides an eye need be right in the small only."""
        layers, groups, first = self.made.layers, self.tracer.groups, len(FIXED)
        if len(groups) == first or not light.mix:
            return layers
        means = apart[..., first : len(groups), :].mean(axis=(0, 1))
        layers = layers.copy()
        layers[..., RED : BLUE + 1] *= (factors(light, groups)[first:] * means).sum(axis=0) / np.maximum(means.sum(axis=0), 1e-9)
        return layers
