"""Where light is last scattered on its way to the eye, and whose cloud that is: distances and mattes.

Paths are followed to where they are first scattered, and no further: so a cloud counts as much as is seen of it through those
before.
"""

from typing import NamedTuple

import numpy as np

from ...kernels import borrowed, each, f32
from ...standins.tree import FAR
from ...vectors import three
from ..scene.members import eye_of, members_of
from .flight import LOOKING, flown
from .paths import Turn, first_ray

RANKS = 8
"""Clouds that are told apart in a pixel; what is seen of more is left out."""
NOBODY = -1


class Met(NamedTuple):
    """What paths meet first.

    Attributes
    ----------
    distance : ndarray of float32, shape (height, width)
        Mean distance from the eye, metres; infinite where there is no cloud.
    numbers : ndarray of int32, shape (height, width, RANKS)
        Of the names that are seen, those that cover most first; -1 for none.
    shares : ndarray of float32, shape (height, width, RANKS)
        Of the pixel that each covers: they add up to the opacity.
    names : list of str
        Of the clouds, each once: clouds of one name count as one.
    """

    distance: np.ndarray
    numbers: np.ndarray
    shares: np.ndarray
    names: list


@each("order")
def _met(n, whole, clouds, standing, owners, camera, order, turn, away, numbers, hits):
    """One path for each pixel of some rows: how far it goes, and whose cloud it meets, are added up."""
    bricks, members, solids, eye = borrowed(whole), borrowed(clouds), borrowed(standing), borrowed(camera)
    line = order[n]
    for column in range(numbers.shape[1]):
        way, state = first_ray(eye, line, column, turn)
        t, _, member, _ = flown(bricks, members, solids, three(eye.place), way, FAR, LOOKING, state)
        if t < f32(0) or member < 0:
            continue
        away[line, column, 0] += t
        away[line, column, 1] += f32(1)
        owner = owners[member]
        for rank in range(numbers.shape[2]):
            if numbers[line, column, rank] == NOBODY:
                numbers[line, column, rank] = owner
            if numbers[line, column, rank] == owner:
                hits[line, column, rank] += f32(1)
                break


def first_met(scene, camera, turns, *, times=1.0, ticket=None):
    """What each pixel of a picture shows.

    Parameters
    ----------
    scene : Scene
        With at least one cloud.
    camera : Camera
    turns : int
        Paths for each pixel: shares are told to one in so many.
    times : float, optional
        The extinction: far more finds where density begins.
    ticket : Ticket, optional

    Returns
    -------
    Met
    """
    members, _ = members_of(scene)
    members = members._replace(rate=members.rate * np.float32(times))
    own = [cloud.name or f"cloud {n + 1}" for n, cloud in enumerate(scene.clouds)]
    names = list(dict.fromkeys(own))
    places = {name: n for n, name in enumerate(names)}
    owners = np.array([places[name] for name in own], np.int32)
    shape = camera.height, camera.width
    numbers, hits = np.full((*shape, RANKS), NOBODY, np.int32), np.zeros((*shape, RANKS), np.float32)
    away = np.zeros((*shape, 2), np.float32)
    eye, order = eye_of(camera, scene=scene), np.arange(camera.height)
    for nth in range(turns):
        if ticket is not None:
            ticket.tick(nth / turns)
        _met(scene.bricks, members, scene.solids, owners, eye, order, Turn(np.uint32(0), nth), away, numbers, hits)
    first = np.argsort(-hits, axis=-1, kind="stable")
    distance = np.divide(away[..., 0] * np.float32(scene.unit), away[..., 1], out=np.full(shape, np.inf, np.float32),
                         where=away[..., 1] > 0.0)
    return Met(distance, np.take_along_axis(numbers, first, -1), np.take_along_axis(hits, first, -1) / np.float32(turns), names)
