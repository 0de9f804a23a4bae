"""What arrives in a cloud, as a march reads it: light on lattices, or colours in its place."""

from typing import NamedTuple

import numpy as np

from ..kernels import f32
from .lattice import toward_eye


class Arriving(NamedTuple):
    """Light on lattices: that of the sun on one, all other light on K of them.

    Attributes
    ----------
    sun : ndarray of float32, flat
        Optical depth toward the sun.
    sun_sides : ndarray of int64, shape (3,)
    to_sun : float32
        Cells in a unit of the scene.
    sun_eye : ndarray of float32, shape (3,)
        Cell of the eye.
    sun_turned : bool
        Whether all these have the last axis first.
    sky : ndarray of float32, flat
        All other light, by channels: see `Lattice.sky`.
    sky_at, sky_sides : ndarray of int64, shape (K,), (K, 4)
        Where a lattice begins, and its sides with the number of channels.
    sky_axes, sky_eye : ndarray of float32, shape (K, 3, 3), (K, 3)
        Directions in units of the scene to cells, and the cell of the eye.
    """

    sun: np.ndarray
    sun_sides: np.ndarray
    to_sun: float
    sun_eye: np.ndarray
    sun_turned: bool
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
    """
    light = toward_eye(lattice, camera.eye)
    if once:
        light[..., 0] = 0.0
    unit = scene.unit
    turned = not lattice.sun.flags.c_contiguous
    order = [2, 0, 1] if turned else [0, 1, 2]
    sun = lattice.sun.transpose(order)
    return Arriving(
        sun.ravel(), np.array(sun.shape), f32(unit / lattice.sun_cell),
        ((camera.eye - lattice.sun_first) / lattice.sun_cell).astype(np.float32)[order], turned,
        light.ravel(), np.zeros(1, np.int64), np.array([light.shape]),
        (np.eye(3) * (unit / lattice.sky_cell)).astype(np.float32)[None],
        ((camera.eye - lattice.sky_first) / lattice.sky_cell).astype(np.float32)[None])


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
    begin = np.cumsum([0, *(len(c) for c in channels)])[:-1]
    return Arriving(np.zeros(8, np.float32), np.full(3, 2), f32(0.0), np.zeros(3, np.float32), False, np.concatenate(channels),
                    begin.astype(np.int64), np.array(sides), np.array(axes, np.float32), np.array(eyes, np.float32))
