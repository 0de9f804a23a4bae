"""The outline of a blob in the picture."""

import numpy as np

from .ellipsoid import rotation_matrix


def blob_outline(blob, camera, points=48):
    """Outline of an ellipsoid as a camera sees it.

    In the space where the blob is the unit ball, the points it shows edge-on from e lie on the
    circle p . e = 1.

    Parameters
    ----------
    blob : Blob
    camera : Camera
    points : int, optional

    Returns
    -------
    ndarray of float64, shape (points, 2), or None
        Pixels; None when the camera is inside the blob or the blob is not wholly in front.
    """
    to_world = rotation_matrix(blob.rotation) * np.asarray(blob.radii)
    eye = np.linalg.solve(to_world, camera.eye - np.asarray(blob.centre))
    away = float(eye @ eye)
    if away <= 1.0001:
        return None
    middle = eye / away
    across = np.cross(eye, [1.0, 0.0, 0.0] if abs(eye[0]) < abs(eye[1]) else [0.0, 1.0, 0.0])
    across /= np.linalg.norm(across)
    over = np.cross(eye, across) / np.sqrt(away)
    angles = np.linspace(0.0, 2.0 * np.pi, points, endpoint=False)
    radius = np.sqrt(1.0 - 1.0 / away)
    ring = middle + radius * (np.cos(angles)[:, None] * across + np.sin(angles)[:, None] * over)
    pixels = [camera.pixel(p) for p in ring @ to_world.T + np.asarray(blob.centre)]
    if any(p is None for p in pixels):
        return None
    return np.array(pixels)[:, :2]


def moved(blob, camera, dx, dy):
    """The blob slid parallel to the picture, so that it follows the hand.

    Parameters
    ----------
    blob : Blob
    camera : Camera
    dx, dy : float
        Pixels to the right and down.

    Returns
    -------
    Blob
    """
    at = camera.pixel(blob.centre)
    if at is None:
        return blob
    step = (dx * camera.right - dy * camera.up) / at[2]
    return blob.edited(centre=tuple(round(float(c + s), 4) for c, s in zip(blob.centre, step)))


def resized(blob, factor, limits):
    """The blob with all radii times a factor.

    Parameters
    ----------
    blob : Blob
    factor : float
        Above 0.
    limits : (float, float)
        Smallest and largest radius in metres.

    Returns
    -------
    Blob
    """
    low, high = limits
    return blob.edited(radii=tuple(float(min(max(round(r * factor, 4), low), high)) for r in blob.radii))
