"""Incident radiance: what arrives in a cloud, as a march reads it: light on lattices, or colours in its place."""

from typing import NamedTuple

import numpy as np

from .lattice import toward_eye


class Arriving(NamedTuple):
    """Light on K lattices: that of the sun on fine ones, all other light on coarse ones; of the sun perhaps one more.

    Attributes
    ----------
    lights : ndarray of int64, shape (M,)
        Which of them lights each cloud.
    sun : ndarray of float32, flat
        Optical depth toward the sun.
    sun_at, sun_sides : ndarray of int64, shape (K,), (K, 3)
        Where a lattice begins, and its sides.
    to_sun : ndarray of float32, shape (K,)
        Cells in a unit of the scene.
    sun_eye : ndarray of float32, shape (K, 3)
        Cell of the eye.
    sun_turned : bool
        Whether all these have the last axis first.
    near : int
        Which of the sun's is that of `Lattice.near`, to be read wherever it reaches; -1 without.
    sky : ndarray of float32, flat
        All other light, by channels: see `Lattice.sky`.
    sky_at, sky_sides : ndarray of int64, shape (K,), (K, 4)
        Where a lattice begins, and its sides with the number of channels.
    sky_axes, sky_eye : ndarray of float32, shape (K, 3, 3), (K, 3)
        Directions in units of the scene to cells, and the cell of the eye.
    """

    lights: np.ndarray
    sun: np.ndarray
    sun_at: np.ndarray
    sun_sides: np.ndarray
    to_sun: np.ndarray
    sun_eye: np.ndarray
    sun_turned: bool
    near: int
    sky: np.ndarray
    sky_at: np.ndarray
    sky_sides: np.ndarray
    sky_axes: np.ndarray
    sky_eye: np.ndarray


def light_arriving(scene, lattice, camera, once):
    """A lattice as a march reads it.

    Parameters
    ----------
    scene : Scene
    lattice : Lattice
    camera : Camera
    once : bool
        Of the sunlight only what is scattered once.

    Returns
    -------
    Arriving
        The second lattice is that of `Lattice.nest`, where there is one.
    """
    lattices = [lattice] if lattice.nest is None else [lattice, lattice.nest.lattice]
    lights = [toward_eye(each, camera.eye) for each in lattices]
    if once:
        for light in lights:
            light[..., 0] = 0.0
    unit = scene.unit
    # The sun is the same for all: so is the axis that is swept along.
    turned = not lattice.sun.flags.c_contiguous
    order = [2, 0, 1] if turned else [0, 1, 2]
    suns = [(each.sun, each.sun_first, each.sun_cell) for each in lattices]
    near = -1
    if lattice.near is not None:
        near = len(suns)
        suns.append((lattice.near.sun, lattice.near.first, lattice.near.cell))
    depths = [sun.transpose(order) for sun, _, _ in suns]
    lit_by = np.zeros(len(scene.clouds), np.int64) if lattice.nest is None else lattice.nest.clouds.astype(np.int64)
    return Arriving(
        lit_by, _one(depths), _begins(depths), np.array([depth.shape for depth in depths]),
        np.array([unit / cell for _, _, cell in suns], np.float32),
        np.array([((camera.eye - first) / cell)[order] for _, first, cell in suns], np.float32), turned, near,
        _one(lights), _begins(lights), np.array([light.shape for light in lights]),
        np.array([np.eye(3) * (unit / each.sky_cell) for each in lattices], np.float32),
        np.array([(camera.eye - each.sky_first) / each.sky_cell for each in lattices], np.float32))


def _one(arrays):
    """Arrays one after the other; a single one is not copied."""
    return arrays[0].ravel() if len(arrays) == 1 else np.concatenate([array.ravel() for array in arrays])


def _begins(arrays):
    return np.cumsum([0, *(array.size for array in arrays)])[:-1].astype(np.int64)


def hues_arriving(scene, hues, camera):
    """Colours of each cloud, on lattices along its own axes, in the place of light.

    Parameters
    ----------
    scene : Scene
    hues : sequence of Colours
        One for each cloud.
    camera : Camera

    Returns
    -------
    Arriving
    """
    axes, eyes, sides, channels = [], [], [], []
    for cloud, hue in zip(scene.clouds, hues):
        axes.append(cloud.placing.axes.T * (scene.unit / (cloud.placing.scale * hue.cell)))
        eyes.append((cloud.placing.own(camera.eye) - hue.first) / hue.cell)
        light = np.zeros((*hue.values.shape[1:], 7), np.float32)
        light[..., 1:] = np.moveaxis(hue.values, 0, -1)
        channels.append(light.ravel())
        sides.append(light.shape)
    count = len(scene.clouds)
    return Arriving(np.arange(count), np.zeros(8, np.float32), np.zeros(count, np.int64), np.full((count, 3), 2),
                    np.zeros(count, np.float32), np.zeros((count, 3), np.float32), False, -1, np.concatenate(channels),
                    _begins(channels), np.array(sides), np.array(axes, np.float32), np.array(eyes, np.float32))
