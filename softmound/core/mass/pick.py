"""Which blob a ray meets first."""

import numpy as np

from .buds import seen_with_owners
from .ellipsoid import rotation_matrix


def blob_hit(mass, origin, direction):
    """First blob along a ray that is seen: neither hidden nor taken away from others.

    Parameters
    ----------
    mass : Mass
    origin, direction : sequence of float, length 3
        Metres; the direction need not be of unit length.

    Returns
    -------
    (int, float) or None
        Number of the blob (its buds count as itself) and how many directions away it is met; None
        if none is.
    """
    there = [(blob, owner) for blob, owner in seen_with_owners(mass) if blob.role == "adds"]
    if not there:
        return None
    origin, direction = np.asarray(origin, float), np.asarray(direction, float)
    centres = np.array([blob.centre for blob, _ in there])
    # World to the space where each blob is the unit ball.
    own = np.array([rotation_matrix(blob.rotation).T / np.asarray(blob.radii)[:, None] for blob, _ in there])
    o = np.einsum("nij,nj->ni", own, origin - centres)
    d = np.einsum("nij,j->ni", own, direction)
    a, b, c = (d * d).sum(axis=1), (o * d).sum(axis=1), (o * o).sum(axis=1) - 1.0
    inside = b * b - a * c
    root = np.sqrt(np.maximum(inside, 0.0))
    along = np.where(-b - root > 0.0, (-b - root) / a, (-b + root) / a)
    along = np.where((inside >= 0.0) & (along > 0.0), along, np.inf)
    first = int(along.argmin())
    return (there[first][1], float(along[first])) if np.isfinite(along[first]) else None
