"""Which blob a ray meets first."""

import numpy as np

from .ellipsoid import rotation_matrix


def blob_hit(blobs, origin, direction):
    """First blob along a ray that is seen: neither hidden nor taken away from others.

    Parameters
    ----------
    blobs : sequence of Blob
    origin, direction : sequence of float, length 3
        Metres; the direction need not be of unit length.

    Returns
    -------
    (int, float) or None
        Number of the blob and how many directions away it is met; None if none is.
    """
    origin, direction = np.asarray(origin, float), np.asarray(direction, float)
    best = None
    for number, blob in enumerate(blobs):
        if blob.hidden or blob.role != "adds":
            continue
        own = rotation_matrix(blob.rotation).T / np.asarray(blob.radii)[:, None]
        o, d = own @ (origin - blob.centre), own @ direction
        a, b, c = d @ d, o @ d, o @ o - 1.0
        inside = b * b - a * c
        if inside < 0.0:
            continue
        root = np.sqrt(inside)
        along = (-b - root) / a if -b - root > 0.0 else (-b + root) / a
        if along > 0.0 and (best is None or along < best[1]):
            best = number, float(along)
    return best
