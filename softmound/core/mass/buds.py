"""Buds: lumps grown on lumps."""

import hashlib
import math
import random
from functools import lru_cache

import numpy as np

from .ellipsoid import blob_table, rotation_matrix


@lru_cache(maxsize=4096)
def grown(blob):
    """A blob and its buds, parents before children.

    The pattern depends on the seed alone: it goes with the blob when that is moved, turned or sized.

    Parameters
    ----------
    blob : Blob

    Returns
    -------
    tuple of Blob
        The blob first. Buds are balls of its role and melt.
    """
    everything = [blob]
    if blob.buds is None:
        return (blob,)
    dice = random.Random(blob.buds.seed)
    parents = [blob]
    for _ in range(blob.buds.generations):
        parents = [bud for parent in parents for bud in _children(parent, blob.buds, dice)]
        everything += parents
    return tuple(everything)


def _children(parent, buds, dice):
    turn = rotation_matrix(parent.rotation)
    size = sum(parent.radii) / 3.0 * buds.shrink
    for _ in range(buds.count):
        up = dice.uniform(-1.0, 1.0)
        around = dice.uniform(0.0, 2.0 * math.pi)
        scale = 1.0 + buds.variation * dice.uniform(-1.0, 1.0)
        left_out = dice.random() < buds.fewer_below
        # Drawn toward the top (or bottom) without leaving the sphere.
        up += buds.upward * (1.0 - abs(up))
        flat = math.sqrt(max(0.0, 1.0 - up * up))
        way = (flat * math.cos(around), up, flat * math.sin(around))
        # Up is the world's, so that turning a blob does not bring its bare underside up.
        own = turn.T @ way
        place = turn @ [r * o for r, o in zip(parent.radii, own)]
        if up < 0.0 and left_out:
            continue
        yield parent.model_copy(update={
            "centre": tuple(float(c + buds.reach * p) for c, p in zip(parent.centre, place)),
            "radii": (size * scale,) * 3, "rotation": (0.0, 0.0, 0.0), "buds": None,
        })


@lru_cache(maxsize=4096)
def rows_of(blob, melt):
    """Rows of the blob table for a blob and its buds, and their hashes.

    Kept, since while one blob is dragged all others stay as they are.

    Parameters
    ----------
    blob : Blob
    melt : float
        Metres, for blobs that have none of their own.

    Returns
    -------
    table : ndarray of float32, shape (n, 23)
    hashes : ndarray of int64, shape (n,)
        Not to be written to, both.
    """
    table = blob_table(grown(blob), melt)
    digests = (hashlib.blake2b(line.tobytes(), digest_size=8).digest() for line in table)
    return table, np.array([int.from_bytes(d, "little", signed=True) for d in digests], np.int64)


def rows_of_all(blobs, melt):
    """As `rows_of` for several blobs, one after another.

    Parameters
    ----------
    blobs : list of Blob
    melt : float
        Metres.

    Returns
    -------
    table : ndarray of float32, shape (n, 23)
    hashes : ndarray of int64, shape (n,)
    """
    if not blobs:
        return blob_table((), melt), np.empty(0, np.int64)
    tables, hashes = zip(*(rows_of(blob, melt) for blob in blobs))
    return np.concatenate(tables), np.concatenate(hashes)


def seen_with_owners(mass):
    """All blobs that are not hidden and their buds, each with the number of the blob it belongs to.

    Parameters
    ----------
    mass : Mass

    Returns
    -------
    list of (Blob, int)
    """
    return [(bud, number) for number, blob in enumerate(mass.blobs) if not blob.hidden
            for bud in grown(blob)]
