"""Plain solids as triangles, from which stand-ins are put together."""

import numpy as np


def joined(*parts):
    """Several surfaces as one.

    Parameters
    ----------
    *parts : (ndarray of float64, shape (n, 3), ndarray of int32, shape (m, 3))

    Returns
    -------
    vertices : ndarray of float64, shape (N, 3)
    faces : ndarray of int32, shape (M, 3)
    """
    begins = np.cumsum([0, *(len(vertices) for vertices, _ in parts)])
    return (np.concatenate([vertices for vertices, _ in parts]),
            np.concatenate([faces + begin for (_, faces), begin in zip(parts, begins)]).astype(np.int32))


def sheet(corner, across, up, parts=(1, 1)):
    """A parallelogram in cells, seen anticlockwise from where `across` x `up` points to.

    Parameters
    ----------
    corner, across, up : sequence of float, length 3
        Its corner and its sides, metres.
    parts : (int, int), optional
        Cells along either side.

    Returns
    -------
    (ndarray, ndarray)
        As of `joined`.
    """
    u, v = np.linspace(0.0, 1.0, parts[0] + 1), np.linspace(0.0, 1.0, parts[1] + 1)
    vertices = (np.asarray(corner, float) + u[:, None, None] * np.asarray(across, float) + v[None, :, None] * np.asarray(up, float))
    numbers = np.arange(vertices[..., 0].size).reshape(vertices.shape[:2])
    a, b, c, d = numbers[:-1, :-1], numbers[1:, :-1], numbers[1:, 1:], numbers[:-1, 1:]
    faces = np.concatenate([np.stack([a, b, c], -1).reshape(-1, 3), np.stack([a, c, d], -1).reshape(-1, 3)])
    return vertices.reshape(-1, 3), faces.astype(np.int32)


def block(low, high, cell=None):
    """A box, each of its sides a sheet of its own, so that its edges stay sharp.

    Parameters
    ----------
    low, high : sequence of float, length 3
        Metres.
    cell : float, optional
        About how wide the cells of its sides are; default one for each side.

    Returns
    -------
    (ndarray, ndarray)
        As of `joined`.
    """
    low, high = np.asarray(low, float), np.asarray(high, float)
    x, y, z = (np.diag(high - low)[n] for n in range(3))
    parts = [1 if cell is None else int(np.clip(round(side / cell), 1, 48)) for side in high - low]
    p, q, r = parts
    return joined(sheet(low, y, x, (q, p)), sheet(low + z, x, y, (p, q)), sheet(low, z, y, (r, q)), sheet(low + x, y, z, (q, r)),
                  sheet(low, x, z, (p, r)), sheet(low + y, z, x, (r, p)))


def lathed(outline, sides=24, round_=(1.0, 1.0)):
    """A body of revolution about y.

    Parameters
    ----------
    outline : array_like of float, shape (k, 2)
        Radius and height, from its lowest point up; a radius of 0 closes it.
    sides : int, optional
    round_ : (float, float), optional
        What radii are multiplied by along x and z.

    Returns
    -------
    (ndarray, ndarray)
        As of `joined`.
    """
    outline = np.asarray(outline, float)
    angle = np.arange(sides) * (2.0 * np.pi / sides)
    rings = np.stack([outline[:, :1] * np.sin(angle) * round_[0], np.broadcast_to(outline[:, 1:], (len(outline), sides)),
                      outline[:, :1] * np.cos(angle) * round_[1]], axis=-1)
    numbers = np.arange(len(outline) * sides).reshape(len(outline), sides)
    a, b = numbers[:-1], np.roll(numbers[:-1], -1, axis=1)
    c, d = np.roll(numbers[1:], -1, axis=1), numbers[1:]
    faces = np.concatenate([np.stack([a, b, c], -1).reshape(-1, 3), np.stack([a, c, d], -1).reshape(-1, 3)])
    vertices = rings.reshape(-1, 3)
    corners = vertices[faces]
    area = np.linalg.norm(np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]), axis=1)
    return vertices, faces[area > 1e-12 * max(float(area.max()), 1e-300)].astype(np.int32)


def globe(middle, radii, sides=32):
    """An ellipsoid along the axes.

    Parameters
    ----------
    middle, radii : sequence of float, length 3
        Metres.
    sides : int, optional

    Returns
    -------
    (ndarray, ndarray)
        As of `joined`.
    """
    angle = np.linspace(-np.pi / 2.0, np.pi / 2.0, sides // 2 + 1)
    vertices, faces = lathed(np.stack([np.cos(angle) * (np.abs(angle) < np.pi / 2 - 1e-9), np.sin(angle)], axis=-1), sides)
    return vertices * np.asarray(radii, float) + np.asarray(middle, float), faces


def limb(begin, end, radii, sides=12):
    """A rod that tapers, with round ends.

    Parameters
    ----------
    begin, end : sequence of float, length 3
        Middles of its ends, metres.
    radii : (float, float)
        There.
    sides : int, optional

    Returns
    -------
    (ndarray, ndarray)
        As of `joined`.
    """
    begin, end = np.asarray(begin, float), np.asarray(end, float)
    way = end - begin
    long = float(np.linalg.norm(way))
    up = way / long
    cap = np.linspace(0.0, np.pi / 2.0, 4)
    low = np.stack([radii[0] * np.sin(cap), -radii[0] * np.cos(cap)], axis=-1)
    high = np.stack([radii[1] * np.sin(cap[::-1]), long + radii[1] * np.cos(cap[::-1])], axis=-1)
    vertices, faces = lathed(np.concatenate([low, high]), sides)
    side = np.cross(up, [0.0, 0.0, 1.0] if abs(up[2]) < 0.9 else [1.0, 0.0, 0.0])
    side /= np.linalg.norm(side)
    return vertices @ np.stack([side, up, np.cross(side, up)]) + begin, faces
