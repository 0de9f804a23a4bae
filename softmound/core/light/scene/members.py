"""Placed clouds, media and the camera as kernels read them: a named tuple of each.

Kernels count in the scene's unit from its origin, along the axes of the world; of a cloud's own, in its voxels.
"""

import math
from typing import NamedTuple

import numpy as np

from ...kernels import f32, row
from ..lattices.small_angle import onward_table
from .phase import forward_peak, lobes_of


class Members(NamedTuple):
    """The placed clouds of a scene, N of them.

    Attributes
    ----------
    grid, medium : ndarray of int64, shape (N,)
        Numbers of its grid and its medium.
    axes : ndarray of float32, shape (N, 3, 3)
        Directions in units of the scene to voxels of the grid.
    shift : ndarray of float32, shape (N, 3)
        Voxel at the scene's origin.
    unit : ndarray of float32, shape (N,)
        Edge of a voxel in units of the scene.
    rate : ndarray of float32, shape (N,)
        Extinction for each unit of the scene at density 1.
    surface : ndarray of float32, shape (N,)
        Density at which Clay puts the surface.
    """

    grid: np.ndarray
    medium: np.ndarray
    axes: np.ndarray
    shift: np.ndarray
    unit: np.ndarray
    rate: np.ndarray
    surface: np.ndarray


class Media(NamedTuple):
    """The media of a scene, M of them.

    Attributes
    ----------
    lobes : ndarray of float32, shape (M, 4)
        From `lobes_of`.
    peak : ndarray of float32, shape (M,)
        Share of scattering that counts as none: see `forward_peak`.
    ahead : ndarray of float32, shape (M * TURNS * DEPTHS,)
        From `onward_table`, flat, one after the other.
    albedo, glow : ndarray of float32, shape (M, 3)
        By colour; glow is radiance.
    """

    lobes: np.ndarray
    peak: np.ndarray
    ahead: np.ndarray
    albedo: np.ndarray
    glow: np.ndarray


class Eye(NamedTuple):
    """A camera and how a picture is laid out.

    Attributes
    ----------
    place : ndarray of float32, shape (3,)
        Units of the scene from its origin.
    right, up, forward : ndarray of float32, shape (3,)
    spread, centre_x, centre_y : float32
        Width of a pixel at distance 1, and the picture's middle in pixels.
    stride, shift_x, shift_y : float32
        Pixels along the square of a ray, and where in it the ray passes.
    """

    place: np.ndarray
    right: np.ndarray
    up: np.ndarray
    forward: np.ndarray
    spread: float
    centre_x: float
    centre_y: float
    stride: float
    shift_x: float
    shift_y: float


@row
def ray_of(eye, across, down):
    """Unit direction of a ray of the picture.

    Parameters
    ----------
    eye : Eye
    across, down : float32
        From the picture's middle, at distance 1.

    Returns
    -------
    (float32, float32, float32)
    """
    # The tiny number keeps an axis-parallel ray from dividing by zero.
    dx = eye.forward[0] + across * eye.right[0] - down * eye.up[0] + f32(1e-9)
    dy = eye.forward[1] + across * eye.right[1] - down * eye.up[1] + f32(1e-9)
    dz = eye.forward[2] + across * eye.right[2] - down * eye.up[2] + f32(1e-9)
    norm = f32(1) / math.sqrt(dx * dx + dy * dy + dz * dz)
    return dx * norm, dy * norm, dz * norm


SURFACE = 0.3
"""Share of the largest density at which Clay puts the surface."""


def members_of(scene):
    """The placed clouds of a scene and their media, as kernels read them.

    Parameters
    ----------
    scene : Scene
        With at least one cloud.

    Returns
    -------
    Members
    media : list of Medium
        Each once.
    """
    media = list(dict.fromkeys(cloud.shown for cloud in scene.clouds))
    unit, numbers = scene.unit, scene.numbers
    axes, shifts = [], []
    for cloud in scene.clouds:
        axes.append(cloud.placing.axes.T * (unit / cloud.voxel))
        shifts.append((cloud.placing.own(scene.origin) - cloud.grid.offset) / cloud.grid.voxel)
    return Members(
        numbers, np.array([media.index(cloud.shown) for cloud in scene.clouds], np.int64),
        np.array(axes, np.float32), np.array(shifts, np.float32),
        np.array([cloud.voxel / unit for cloud in scene.clouds], np.float32),
        np.array([cloud.shown.extinction * unit for cloud in scene.clouds], np.float32),
        np.array([SURFACE * scene.grids[number].core for number in numbers], np.float32)), media


def media_of(media, *, once=False):
    """Media as kernels read them.

    Parameters
    ----------
    media : sequence of Medium
    once : bool, optional
        Without a forward peak, to see what is scattered once.

    Returns
    -------
    Media
    """
    lobes = [lobes_of(medium) for medium in media]
    return Media(
        np.array(lobes, np.float32), np.array([0.0 if once else forward_peak(one)[0] for one in lobes], np.float32),
        np.concatenate([onward_table(one).ravel() for one in lobes]),
        np.array([medium.albedo * np.asarray(medium.tint) for medium in media], np.float32),
        np.array([medium.glow_strength * np.asarray(medium.glow) for medium in media], np.float32))


def eye_of(camera, stride=1, shift=(0.5, 0.5), scene=None):
    """A camera as kernels read it.

    Parameters
    ----------
    camera : Camera
    stride : int, optional
    shift : (float, float), optional
    scene : Scene, optional
        In whose units; default metres of the world.

    Returns
    -------
    Eye
    """
    place = camera.eye if scene is None else (camera.eye - scene.origin) / scene.unit
    return Eye(place.astype(np.float32), camera.right.astype(np.float32),
               camera.up.astype(np.float32), camera.forward.astype(np.float32), f32(camera.spread), f32(camera.width / 2),
               f32(camera.height / 2), f32(stride), f32(shift[0]), f32(shift[1]))
