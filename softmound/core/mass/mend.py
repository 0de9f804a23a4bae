"""Looking at triangles from outside: what is wrong with them, and putting it right."""

import numpy as np
import scipy

from ..kernels import serial
from ..recipe.arrays import Arrays
from .surface import areas_and_normals

WELD = 1e-7
"""Vertices nearer than this share of the longest side are one."""
ROUNDS = 12
"""Times that what hangs on is taken away before a surface is left open."""
CELLS_MOST = 4_000_000
ENTRIES_MOST = 20_000_000
"""Triangles in all cells together."""
PAIRS_MOST = 4e8
"""Pairs of triangles that are held against each other: about two seconds."""


def welded(vertices, faces):
    """One vertex where there were several, without those that no triangle uses.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    vertices : ndarray of float64, shape (k, 3)
    faces : ndarray of int32, shape (m, 3)
    """
    import trimesh  # a second, which only those wait that read a model

    vertices = np.asarray(vertices, np.float64)
    if not len(vertices):
        return vertices, np.empty((0, 3), np.int32)
    long = float(np.ptp(vertices, axis=0).max())
    first, group = trimesh.grouping.unique_rows((vertices - vertices.min(axis=0)) / max(long * WELD, 1e-300), digits=0)
    faces = group[faces]
    used, inverse = np.unique(faces, return_inverse=True)
    return vertices[first][used], inverse.reshape(-1, 3).astype(np.int32)


def without_degenerate(vertices, faces):
    """Triangles that have an area, and of those on the same corners one or none.

    Where two pieces of a model were welded along a wall, the wall is there twice, once from either side, and encloses
    nothing: both go. A triangle that is there twice from the same side stays once. Models whose triangles run anyhow
    cannot be told by their sides; so that is kept which leaves fewer open edges: by sides, or by whether the number is odd.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    faces : ndarray of int32, shape (k, 3)
    degenerate, duplicates : int
        How many were left out.
    """
    a, b, c = faces.T
    good = (a != b) & (b != c) & (c != a)
    areas, _ = areas_and_normals(vertices, faces)
    good &= areas > 1e-14 * max(float(np.ptp(vertices, axis=0).max()), 1e-300) ** 2
    kept = faces[good]
    once = _each_once(kept)
    return kept[once].astype(np.int32), int((~good).sum()), len(kept) - len(once)


def _each_once(faces):
    """Numbers of the triangles to keep, see `without_degenerate`."""
    if not len(faces):
        return np.empty(0, np.int64)
    ordered = np.sort(faces, axis=1)
    order = np.lexsort(ordered.T)
    starts = np.concatenate([[True], np.any(np.diff(ordered[order], axis=0) != 0, axis=1)])
    if starts.all():
        return np.arange(len(faces))
    group = np.cumsum(starts) - 1
    # Which way round a triangle runs: whether its corners from the smallest on rise or fall.
    first = np.argmin(faces, axis=1)
    rows = np.arange(len(faces))
    side = np.where(faces[rows, (first + 1) % 3] < faces[rows, (first + 2) % 3], 1, -1)[order]
    by_side = np.abs(np.bincount(group, side)) > 0.0
    odd = np.bincount(group) % 2 == 1
    chosen = [np.sort(order[starts][keep]) for keep in (odd, by_side) if keep.any()]
    return min(chosen, key=lambda numbers: len(open_edges(faces[numbers])), default=np.sort(order[starts]))


def half_edges(faces):
    """The three directed edges of each triangle.

    Parameters
    ----------
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    ndarray of int64, shape (3 m, 2)
        First all first edges, then all second ones.
    """
    return np.concatenate([faces[:, [0, 1]], faces[:, [1, 2]], faces[:, [2, 0]]]).astype(np.int64)


def open_edges(faces):
    """Edges that only one triangle has, in its direction.

    Parameters
    ----------
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    ndarray of int64, shape (k, 2)
    """
    directed = half_edges(faces)
    pairs = np.sort(directed, axis=1)
    _, inverse, count = np.unique(pairs[:, 0] << 32 | pairs[:, 1], return_inverse=True, return_counts=True)
    return directed[count[inverse] == 1]


def open_count(surface):
    """Open edges of a stored mesh: with any, it encloses nothing.

    Parameters
    ----------
    surface : Arrays
        With `faces`, and perhaps `open`.

    Returns
    -------
    int
    """
    return len(surface["open"]) if "open" in surface else len(open_edges(surface["faces"]))


@serial
def _follow(starts, other, turned, flip):
    """Spread each piece's direction from its first triangle."""
    count = len(starts) - 1
    seen = np.zeros(count, np.bool_)
    stack = np.empty(count, np.int64)
    for seed in range(count):
        if seen[seed]:
            continue
        seen[seed] = True
        stack[0] = seed
        depth = 1
        while depth > 0:
            depth -= 1
            face = stack[depth]
            for at in range(starts[face], starts[face + 1]):
                neighbour = other[at]
                if not seen[neighbour]:
                    seen[neighbour] = True
                    flip[neighbour] = flip[face] != turned[at]
                    stack[depth] = neighbour
                    depth += 1


def oriented(vertices, faces):
    """Triangles that all run anticlockwise seen from outside, as far as there is an outside.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    faces : ndarray of int32, shape (m, 3)
    turned : int
        How many ran the other way.
    """
    count = len(faces)
    directed = half_edges(faces)
    which = np.tile(np.arange(count), 3)
    pairs = np.sort(directed, axis=1)
    key = pairs[:, 0] << 32 | pairs[:, 1]
    order = np.argsort(key, kind="stable")
    key, which, forward = key[order], which[order], (directed[:, 0] < directed[:, 1])[order]
    # Edges of exactly two triangles; where three meet, nothing can be said.
    same = key[1:] == key[:-1]
    alone = np.ones(len(key) - 1, bool)
    alone[1:] &= ~same[:-1]
    alone[:-1] &= ~same[1:]
    at = np.flatnonzero(same & alone)
    a, b, turn = which[at], which[at + 1], forward[at] == forward[at + 1]
    both = np.concatenate([a, b])
    by = np.argsort(both, kind="stable")
    starts = np.concatenate([[0], np.cumsum(np.bincount(both, minlength=count))])
    flip = np.zeros(count, np.bool_)
    _follow(starts, np.concatenate([b, a])[by], np.concatenate([turn, turn])[by], flip)
    linked = scipy.sparse.coo_array((np.ones(len(a), np.int8), (a, b)), shape=(count, count))
    _, piece = scipy.sparse.csgraph.connected_components(linked, directed=False)
    out = np.where(flip[:, None], faces[:, ::-1], faces)
    # Six times the volume each triangle spans with the middle: negative for a piece that is inside out.
    p, q, r = (vertices[out[:, n]] - vertices.mean(axis=0) for n in range(3))
    spans = np.einsum("ij,ij->i", p, np.cross(q, r))
    inside_out = np.bincount(piece, spans)[piece] < 0.0
    out = np.where(inside_out[:, None], out[:, ::-1], out)
    return np.ascontiguousarray(out, np.int32), int((flip != inside_out).sum())


def surface_arrays(vertices, faces, edges=None):
    """A surface as a mesh form holds it.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)
    edges : ndarray of int, shape (k, 2), optional
        Its open edges, where they are known.

    Returns
    -------
    Arrays
        With `vertices`, `faces` and `open`.
    """
    edges = open_edges(faces) if edges is None else edges
    return Arrays(vertices=vertices.astype(np.float32), faces=faces.astype(np.int32), open=edges.astype(np.int32))


def hole_loops(faces):
    """Open edges put together to loops.

    Parameters
    ----------
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    list of ndarray of int64
        Vertices of each hole, in the direction that closes it. Edges that lead nowhere are left out.
    """
    following = {}
    for start, end in open_edges(faces)[:, ::-1].tolist():
        following.setdefault(start, []).append(end)
    loops = []
    for start in list(following):
        while following.get(start):
            path, place = [start], {start: 0}
            while following.get(path[-1]):
                step = following[path[-1]].pop()
                if step in place:
                    # A loop is closed; what led to it goes on.
                    at = place[step]
                    loops.append(np.array(path[at:]))
                    for vertex in path[at + 1 :]:
                        del place[vertex]
                    del path[at + 1 :]
                else:
                    place[step] = len(path)
                    path.append(step)
            if len(path) > 1:
                break
    return [loop for loop in loops if len(loop) > 2]


def with_holes_closed(vertices, faces):
    """A surface with each hole filled by a fan around its middle.

    Triangles that hang on by one edge, or on nothing, bound no hole: they are left out.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    vertices : ndarray of float64, shape (n + k, 3)
    faces : ndarray of int32
    closed : int
        Holes filled.
    """
    closed = 0
    for _ in range(ROUNDS):
        vertices, faces, count = _with_fans(vertices, faces)
        closed += count
        open_ = open_edges(faces)
        if not len(open_):
            break
        # What is open still is the edge of something that hangs on: without it the rest can be closed.
        key = np.sort(open_, axis=1)
        hanging = np.isin(_edge_keys(faces), key[:, 0] << 32 | key[:, 1]).reshape(3, -1).any(axis=0)
        if hanging.all():
            break
        faces = faces[~hanging]
    return vertices, faces, closed


def _edge_keys(faces):
    pairs = np.sort(half_edges(faces), axis=1)
    return pairs[:, 0] << 32 | pairs[:, 1]


def _with_fans(vertices, faces):
    added, fans = [], []
    loops = hole_loops(faces)
    for loop in loops:
        if len(loop) == 3:
            fans.append(loop[None])
            continue
        middle = len(vertices) + len(added)
        added.append(vertices[loop].mean(axis=0))
        fans.append(np.stack([loop, np.roll(loop, -1), np.full(len(loop), middle)], axis=1))
    if not fans:
        return vertices, faces, 0
    out = np.concatenate([faces, *fans]).astype(np.int32)
    return np.concatenate([vertices, np.array(added).reshape(-1, 3)]), out, len(loops)


@serial
def _crosses(p, q, a, b, c):
    """True when the segment from p to q passes through a triangle (Moeller and Trumbore 1997)."""
    d = q - p
    e = b - a
    f = c - a
    h0 = d[1] * f[2] - d[2] * f[1]
    h1 = d[2] * f[0] - d[0] * f[2]
    h2 = d[0] * f[1] - d[1] * f[0]
    det = e[0] * h0 + e[1] * h1 + e[2] * h2
    if det == 0.0:
        return False
    s = p - a
    u = (s[0] * h0 + s[1] * h1 + s[2] * h2) / det
    if u < 0.0 or u > 1.0:
        return False
    g0 = s[1] * e[2] - s[2] * e[1]
    g1 = s[2] * e[0] - s[0] * e[2]
    g2 = s[0] * e[1] - s[1] * e[0]
    v = (d[0] * g0 + d[1] * g1 + d[2] * g2) / det
    if v < 0.0 or u + v > 1.0:
        return False
    t = (f[0] * g0 + f[1] * g1 + f[2] * g2) / det
    return 0.0 < t < 1.0


@serial
def _crossing(vertices, faces, low, high, starts, listed, found):
    """Which triangles of a cell cross one another."""
    for cell in range(len(starts) - 1):
        for i in range(starts[cell], starts[cell + 1]):
            f = listed[i]
            for j in range(i + 1, starts[cell + 1]):
                g = listed[j]
                if found[f] and found[g]:
                    continue
                apart = False
                for axis in range(3):
                    if low[f, axis] > high[g, axis] or low[g, axis] > high[f, axis]:
                        apart = True
                if apart:
                    continue
                touching = False
                for m in range(3):
                    for n in range(3):
                        if faces[f, m] == faces[g, n]:
                            touching = True
                if touching:
                    continue
                for side in range(2):
                    one, two = (f, g) if side == 0 else (g, f)
                    for m in range(3):
                        if not (found[f] and found[g]) and _crosses(
                            vertices[faces[one, m]], vertices[faces[one, (m + 1) % 3]], vertices[faces[two, 0]],
                            vertices[faces[two, 1]], vertices[faces[two, 2]],
                        ):
                            found[f] = found[g] = True


@serial
def _fill_cells(low, high, shape, counts, listed, counting):
    """Count triangles in the cells they touch, or list them."""
    for f in range(low.shape[0]):
        for i in range(low[f, 0], high[f, 0] + 1):
            for j in range(low[f, 1], high[f, 1] + 1):
                for k in range(low[f, 2], high[f, 2] + 1):
                    cell = (i * shape[1] + j) * shape[2] + k
                    if not counting:
                        listed[counts[cell]] = f
                    counts[cell] += 1


def crossing_faces(vertices, faces):
    """How many triangles pass through another that they share no vertex with.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    int
        -1 when they lie so that looking would take too long: many large ones among small ones.
    """
    if not len(faces):
        return 0
    vertices = np.ascontiguousarray(vertices, np.float64)
    corners = vertices[faces]
    low, high = corners.min(axis=1), corners.max(axis=1)
    base, long = low.min(axis=0), np.maximum(high.max(axis=0) - low.min(axis=0), 1e-12)
    # Cells about as large as a triangle, as far as memory lets them be.
    size = max(float(np.median((high - low).max(axis=1))) * 1.5, float((long.prod() / CELLS_MOST) ** (1 / 3)), 1e-12)
    while True:
        a = np.floor((low - base) / size).astype(np.int64)
        b = np.floor((high - base) / size).astype(np.int64)
        if float((b - a + 1.0).prod(axis=1).sum()) <= ENTRIES_MOST:
            break
        size *= 1.5
    shape = np.minimum(np.ceil(long / size).astype(np.int64) + 1, 2**20)
    counts = np.zeros(int(shape.prod()), np.int64)
    none = np.empty(0, np.int64)
    _fill_cells(a, b, shape, counts, none, True)
    if float(counts.astype(float) @ counts) / 2.0 > PAIRS_MOST:
        return -1
    starts = np.concatenate([[0], np.cumsum(counts)])
    listed = np.empty(int(starts[-1]), np.int64)
    _fill_cells(a, b, shape, starts[:-1].copy(), listed, False)
    found = np.zeros(len(faces), np.bool_)
    _crossing(vertices, np.ascontiguousarray(faces, np.int64), low, high, starts, listed, found)
    return int(found.sum())


def mended(vertices, faces):
    """Triangles as they come from a file, put in order, and what was found.

    Parameters
    ----------
    vertices : ndarray of float, shape (n, 3)
    faces : ndarray of int, shape (m, 3)

    Returns
    -------
    vertices : ndarray of float64
    faces : ndarray of int32
    facts : dict of str to int
        "triangles" left, "open_edges", "holes", "degenerate" and "duplicates" left out, "turned" round,
        "crossing" one another (-1 when that was not looked for).
    """
    vertices, faces = welded(vertices, faces)
    faces, degenerate, duplicates = without_degenerate(vertices, faces)
    turned = 0
    if len(faces):
        faces, turned = oriented(vertices, faces)
    facts = {"triangles": len(faces), "open_edges": len(open_edges(faces)), "holes": len(hole_loops(faces)),
             "degenerate": degenerate, "duplicates": duplicates, "turned": turned,
             "crossing": crossing_faces(vertices, faces)}
    return vertices, faces, facts
