"""Pictures of which each light group is kept apart: see `core.light.scene.groups`."""

import numpy as np

from ..light.lattices.glow import glows
from ..light.marching.march import BLUE, RED
from ..light.paths.settling import correction
from ..light.picture.aerial import veiled
from ..light.picture.radiance import behind_of, radiance_of, standing_in
from ..light.scene.groups import FIXED, GLOW, alone_in, factors, groups_of, unmixed
from .stages import empty_layers, layers_of, settling_paths

BYTES_APART = 84
"""Of memory for each pixel and light group: five sums of three numbers, and two more while they are mixed."""


def whole_scene(stages, scene):
    """A scene with all of each light group.

    Parameters
    ----------
    stages : Stages
    scene : Scene

    Returns
    -------
    Scene
        The same where nothing is mixed.
    """
    light = scene.light
    return stages.scene_of(unmixed(light), scene.seen_from, scene.clouds, scene.air, scene.stand_ins) if light.mix else scene


def mixed(apart, groups, light):
    """Light of a picture as a mixer has it.

    Parameters
    ----------
    apart : ndarray of float32, shape (height, width, n, 3)
        Of the groups, and perhaps more, which does not count.
    groups : sequence of str
    light : Light
        Its faders count.

    Returns
    -------
    ndarray of float32, shape (height, width, 3)
    """
    # As one product of matrices, six times as fast as a sum over the axes.
    height, width, parts, _ = apart.shape
    shares = np.zeros((parts, 3, 3), np.float32)
    shares[: len(groups), range(3), range(3)] = factors(light, groups)
    return (apart.reshape(-1, 3 * parts) @ shares.reshape(3 * parts, 3)).reshape(height, width, 3)


def draft_apart(stages, scene, camera, layers, *, passes=1, shadow, fine, frame=0, ticket=None):
    """Draft light of each light group, settled where there is one cloud.

    Parameters
    ----------
    stages : Stages
    scene : Scene
        Unmixed, with at least one cloud.
    camera : Camera
    layers : ndarray of float32, shape (height, width, LAYERS or LAYERS + 6)
        Of the picture, from `layers_of`.
    passes : int, optional
        Rays for each pixel where a group of lamps has to be marched by itself.
    shadow : Shadow
    fine : Fineness
        Of the lattices of light.
    frame : int, optional
        For the flicker of lamps.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (height, width, G, 3)
        In the order of `groups_of`, without what is behind.
    """
    groups = groups_of(scene.light)
    out = np.empty((camera.height, camera.width, len(groups), 3), np.float32)
    bare = layers.copy()
    bare[..., RED : BLUE + 1] = 0.0
    glowing = glows(scene)
    for n, group in enumerate(groups):
        alone, own = alone_in(scene, group), bare
        if n == len(FIXED) and len(groups) == n + 1 and not glowing:
            own = layers
        elif n >= len(FIXED) or n == GLOW and glowing:
            own = sum((layers_of(stages, alone, camera, nth=nth, fine=fine, frame=frame, ticket=ticket) for nth in range(passes)),
                      empty_layers(camera)) / np.float32(passes)
        seen = radiance_of(own, alone, camera, shadow=shadow)
        # Stand-ins are no cloud, and kept as a whole.
        standing = standing_in(own, alone, camera)
        out[..., n, :] = seen[..., :3] - behind_of(seen, alone.light, camera, shadow=shadow, standing=standing)
    if scene.plain:
        tracer = settling_paths(stages, scene, camera, fine=fine, frame=frame, apart=True, ticket=ticket)
        truth, noise = tracer.apart(), tracer.noise()
        for n in range(len(groups)):
            out[..., n, :] *= correction(truth[..., n, :], np.ascontiguousarray(out[..., n, :]), noise)
    return out


def true_apart(tracer, scene, camera):
    """True light of each light group, through the air before the clouds.

    Parameters
    ----------
    tracer : Tracer or Levels
        Which keeps them apart.
    scene : Scene
    camera : Camera

    Returns
    -------
    apart : ndarray of float32, shape (height, width, G + 1, 3)
        Last what of all light was scattered once.
    opacity : ndarray of float32, shape (height, width)
    """
    apart = tracer.apart()
    _, opacity, away = tracer.layers()
    if scene.air:
        away = np.where(opacity > 0.0, away, 0.0) * opacity
        for n, group in enumerate((*tracer.groups, None)):
            # Scattered once is light of all groups, but not what the air adds.
            alone = alone_in(scene, group or FIXED[0])
            apart[..., n, :] = veiled(np.ascontiguousarray(apart[..., n, :]), opacity, away, alone, camera)
    return apart, opacity
