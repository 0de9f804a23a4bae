"""Light scattered by a ball of constant density, by a second method."""

import math

import numpy as np

from softmound.core.volume import grid_of


def ball_grid(radius, voxel):
    """A ball of density 1 around the origin, its edge one voxel wide.

    Returns
    -------
    BrickGrid
    """
    bricks = math.ceil((radius / voxel + 2.0) / 8.0)
    side = np.arange(-8 * bricks, 8 * bricks) * voxel
    away = np.sqrt(side[:, None, None] ** 2 + side[None, :, None] ** 2 + side[None, None, :] ** 2)
    dense = np.clip((radius - away) / voxel + 0.5, 0.0, 1.0).astype(np.float32)
    count = 2 * bricks
    values = dense.reshape(count, 8, count, 8, count, 8).transpose(0, 2, 4, 1, 3, 5).reshape(-1, 512)
    coords = np.stack(np.meshgrid(*[np.arange(-bricks, bricks)] * 3, indexing="ij"), -1).reshape(-1, 3).astype(np.int32)
    some = values.max(axis=1) > 0.0
    return grid_of(voxel, coords[some], np.ascontiguousarray(values[some]))


def ball_intensity(depth, g, cosine, photons=200_000, seed=1):
    """Intensity scattered in a direction by a ball of radius 1, per unit of irradiance: photons from the light, one by one.

    Parameters
    ----------
    depth : float
        Optical depth of the radius.
    g : float
        Mean cosine.
    cosine : float
        Between the way the light goes and the way to the eye.

    Returns
    -------
    float
        Area per steradian.
    """
    dice = np.random.default_rng(seed)
    spot = np.sqrt(dice.random(photons))
    turn = 2.0 * math.pi * dice.random(photons)
    x, y = spot * np.cos(turn), spot * np.sin(turn)
    place = np.stack([x, y, -np.sqrt(np.maximum(0.0, 1.0 - x * x - y * y))], axis=1)
    way = np.tile([0.0, 0.0, 1.0], (photons, 1))
    eye = np.array([math.sqrt(1.0 - cosine**2), 0.0, cosine])

    def chord(at, along):
        b = (at * along).sum(axis=1)
        return -b + np.sqrt(np.maximum(0.0, b * b - (at * at).sum(axis=1) + 1.0))

    total = 0.0
    # The last photon in ten thousand would take as long as all the others, and add less than that.
    while len(place) > photons / 10_000:
        step = -np.log(1.0 - dice.random(len(place))) / depth
        inside = step < chord(place, way)
        place, way = (place + step[:, None] * way)[inside], way[inside]
        c = way @ eye
        phase = (1.0 - g * g) / (4.0 * math.pi * (1.0 + g * g - 2.0 * g * c) ** 1.5)
        total += float((phase * np.exp(-depth * chord(place, np.broadcast_to(eye, place.shape)))).sum())
        u = dice.random(len(place))
        s = (1.0 - g * g) / (1.0 - g + 2.0 * g * u)
        turned = (1.0 + g * g - s * s) / (2.0 * g)
        sine = np.sqrt(np.maximum(0.0, 1.0 - turned**2))
        turn = 2.0 * math.pi * dice.random(len(place))
        other = np.where(np.abs(way[:, 2:]) < 0.9, [[0.0, 0.0, 1.0]], [[1.0, 0.0, 0.0]])
        u_ = np.cross(other, way)
        u_ /= np.linalg.norm(u_, axis=1, keepdims=True)
        way = turned[:, None] * way + sine[:, None] * (np.cos(turn)[:, None] * u_ + np.sin(turn)[:, None] * np.cross(way, u_))
    return math.pi * total / photons
