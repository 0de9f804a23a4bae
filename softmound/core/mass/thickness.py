"""Local thickness of a closed mesh: the largest ball inside it that touches it at a point."""

from dataclasses import dataclass

import numpy as np
import scipy

from ..kernels import each, f32

SAMPLES = 12_000
"""Points of the surface at which balls are found."""
ROUNDS, COARSE = 12, 16
"""In which balls shrink at the most, among every so-manieth point first, and then among all."""
SHARE = 0.015
"""Of the volume: what all that is thinner makes up does not matter."""
CREASE, MEET = 0.77, 64
"""Cosine of the angle at which triangles meet in an edge rather than in a round surface; triangles at a vertex, at the most, that
are looked at."""
_NEAR = 1e-3


@dataclass(frozen=True, eq=False)
class Balls:
    """Balls inside a mesh that touch its surface.

    Attributes
    ----------
    centres : ndarray of float64, shape (n, 3)
    normals : ndarray of float64, shape (n, 3)
        Out of the surface, where each touches it.
    radii : ndarray of float64, shape (n,)
    weights : ndarray of float64, shape (n,)
        Share of the volume that each stands for; their sum is 1.
    """

    centres: np.ndarray
    normals: np.ndarray
    radii: np.ndarray
    weights: np.ndarray

    @property
    def thinnest(self):
        """Thickness of the thinnest part that matters: all that is thinner is `SHARE` of the volume. float"""
        return self._from_thinnest(SHARE)

    @property
    def usual(self):
        """Thickness that half of the volume does not have. float"""
        return self._from_thinnest(0.5)

    def _from_thinnest(self, share):
        order = np.argsort(self.radii)
        at = np.searchsorted(np.cumsum(self.weights[order]), share)
        return 2.0 * float(self.radii[order][min(at, len(order) - 1)])


@each("out")
def _nearest(n, places, points, out):
    """Nearest of some points, one by one: a tree looks at as many where all are as far away, as from the middle of a ball."""
    x, y, z = places[n, 0], places[n, 1], places[n, 2]
    far = np.empty(points.shape[1], np.float32)
    least = f32(3e38)
    for k in range(points.shape[1]):
        across, up, on = points[0, k] - x, points[1, k] - y, points[2, k] - z
        far[k] = across * across + up * up + on * on
        least = min(least, far[k])
    k = 0
    while k < points.shape[1] - 1 and far[k] > least:
        k += 1
    out[n] = k


def inner_balls(vertices, faces, samples=SAMPLES):
    """Find the balls by shrinking them until no point of the surface is within.

    Ma, Bae and Choi (2012, 3D medial axis point approximation using nearest neighbors and the normal field, The Visual Computer
    28), equation 2: a ball that touches at p with normal n and holds q shrinks to the radius |p - q|² / (2 n·(p - q)).

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)
        Of a closed surface, the normals outward.
    samples : int, optional

    Returns
    -------
    Balls
        In the mesh's unit.
    """
    corners = np.asarray(vertices, float)[np.asarray(faces)]
    across = np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0])
    doubled = np.linalg.norm(across, axis=1)
    # Evenly over the area, the same points for the same mesh.
    ends = np.cumsum(doubled)
    at = np.searchsorted(ends, (np.arange(samples) + 0.5) / samples * ends[-1]).clip(0, len(ends) - 1)
    dice = np.random.default_rng(1)
    u, v = np.sqrt(dice.random(samples)), dice.random(samples)
    shares = np.stack([1.0 - u, u * (1.0 - v), u * v], axis=-1)
    points = (shares[..., None] * corners[at]).sum(axis=1)
    normals = (shares[..., None] * _smooth_normals(np.asarray(faces), across)[at]).sum(axis=1)
    normals /= np.linalg.norm(normals, axis=1, keepdims=True)
    middle = points.mean(axis=0)  # from which float32 is fine enough
    radii = np.full(samples, float(np.ptp(points, axis=0).max()) / 2.0)
    for step in (COARSE, 1):  # among a few points first, which brings most of them nearly to their end
        among, going = np.arange(0, samples, step), np.arange(samples)
        near, places = np.empty(samples, np.int64), np.ascontiguousarray((points[among] - middle).T, np.float32)
        for _ in range(ROUNDS):
            p, n, r = points[going], normals[going], radii[going]
            _nearest((p - r[:, None] * n - middle).astype(np.float32), places, near[: len(going)])
            found = among[near[: len(going)]]
            to = p - points[found]
            toward, far = np.einsum("ij,ij->i", n, to), np.linalg.norm(to - r[:, None] * n, axis=1)
            smaller = (far < r * (1.0 - _NEAR)) & (found != going) & (toward > 1e-12)
            going = going[smaller]
            radii[going] = np.minimum((to[smaller] ** 2).sum(axis=1) / (2.0 * toward[smaller]), radii[going])
    weights = radii / radii.sum()
    return Balls(points - radii[:, None] * normals, normals, radii, weights)


def _smooth_normals(faces, across):
    """Normals at the corners of triangles: ndarray of float64, shape (m, 3, 3), of unit length.

    The mean of those that meet there and hardly turn, by their area: the triangles of a round surface would else be taken for flat
    ones, in whose edges no ball finds room.
    """
    lengths = np.maximum(np.linalg.norm(across, axis=1), 1e-300)
    units, count = across / lengths[:, None], len(faces)
    corner, vertex = np.arange(3 * count), faces.reshape(-1)
    many = np.bincount(vertex)[vertex] > MEET
    meets = scipy.sparse.csr_matrix((np.ones(3 * count - many.sum(), np.float32), (corner[~many], vertex[~many])),
                                    shape=(3 * count, int(vertex.max()) + 1))
    pairs = (meets @ meets.T).tocoo()
    one, other = pairs.row // 3, pairs.col // 3
    alike = np.einsum("ij,ij->i", units[one], units[other]) > CREASE
    summed = units.repeat(3, axis=0) * 1e-9 * lengths.repeat(3)[:, None]
    for axis in range(3):
        summed[:, axis] += np.bincount(pairs.row[alike], across[other[alike], axis], minlength=3 * count)
    return (summed / np.maximum(np.linalg.norm(summed, axis=1, keepdims=True), 1e-300)).reshape(count, 3, 3)


def spread_over(places, apart, most):
    """Choose some of many places, none nearer to one chosen before than it allows; those that ask for most room come first.

    Parameters
    ----------
    places : ndarray of float64, shape (n, 3)
    apart : ndarray of float64, shape (n,)
        Room that each asks for.
    most : int

    Returns
    -------
    ndarray of int
        Their numbers.
    """
    tree, free, chosen = scipy.spatial.cKDTree(places), np.ones(len(places), bool), []
    for n in np.argsort(-apart, kind="stable"):
        if free[n] and len(chosen) < most:
            free[tree.query_ball_point(places[n], apart[n])] = False
            chosen.append(n)
    return np.array(chosen, int)
