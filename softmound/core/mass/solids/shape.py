"""What a shape of solids has to say of itself."""

import numpy as np

from ..rows import EDGE, KIND


class SolidShape:
    """A shape.

    Attributes
    ----------
    word : str
        Its name in menus and recipes.
    sentence : str
        What it is.
    order : int
        Where it stands among the others.
    wide, tall : float
        How a new one is proportioned, in radii of a blob in its place.
    has : tuple of str
        Which of "edge" and "taper" it reads.
    turned : bool
        Whether its distance has a formula only where it is as deep as it is wide.
    code : int
        Its kind in the table; given when the folder is read.
    distance : kernel or None
        Of a row of the table and x, y, z along own axes, in metres: signed distance. None where it writes rows of another kind.
    """

    word = sentence = ""
    order = 100
    wide, tall = 2.0, 2.0
    has = ()
    turned = True
    code = -1
    distance = None

    def write(self, row, solid):
        """Write the row that stands for a solid.

        Parameters
        ----------
        row : ndarray of float32, shape (COLUMNS,)
            Changed: sizes from column 12 on, `EDGE` and `KIND`.
        solid : Solid
        """
        sizes, edge = self.sizes(solid)
        row[12 : 12 + len(sizes)], row[EDGE], row[KIND] = sizes, edge, self.code

    def sizes(self, solid):
        """Numbers of a solid that its distance reads.

        Parameters
        ----------
        solid : Solid

        Returns
        -------
        (sequence of float, float)
            Up to seven, and the radius of its edges; metres.
        """
        raise NotImplementedError

    def extent(self, sizes, edge):
        """Half of the box around it along own axes, and how far up the box's middle is.

        Parameters
        ----------
        sizes : ndarray of float64, shape (n, 7)
            Of n solids.
        edge : ndarray of float64, shape (n,)

        Returns
        -------
        (ndarray of float64, shape (n, 3), ndarray of float64, shape (n,))
            Metres.
        """
        raise NotImplementedError

    def triangles(self, solid):
        """Surface, fine enough to stand for it.

        Parameters
        ----------
        solid : Solid

        Returns
        -------
        vertices : ndarray of float64, shape (n, 3)
            Own axes, metres.
        faces : ndarray of int32, shape (m, 3)
            Anticlockwise seen from outside.
        """
        raise NotImplementedError

    def analytic(self, solid):
        """Whether its distance has a formula as it is.

        Parameters
        ----------
        solid : Solid

        Returns
        -------
        bool
        """
        return not self.turned or solid.size[0] == solid.size[2]


AROUND, ALONG = 128, 64
"""Facets of a turned solid around its axis and along its outline."""


def turned(outline, scale, closed=False):
    """An outline turned about y, then scaled.

    Parameters
    ----------
    outline : ndarray of float64, shape (n, 2)
        Radius and height, from the bottom up.
    scale : sequence of float
        Along each axis.
    closed : bool, optional
        Whether the outline ends where it begins.

    Returns
    -------
    vertices : ndarray of float64, shape (k, 3)
    faces : ndarray of int32, shape (m, 3)
    """
    count = len(outline)
    angle = np.linspace(0.0, 2 * np.pi, AROUND, endpoint=False)
    radius, height = outline[:, 0], outline[:, 1]
    ring = np.stack([radius[:, None] * np.cos(angle), np.broadcast_to(height[:, None], (count, AROUND)),
                     radius[:, None] * np.sin(angle)], -1).reshape(-1, 3)
    rows = np.arange(count if closed else count - 1)
    i, j = np.meshgrid(rows, np.arange(AROUND), indexing="ij")
    a, b = i * AROUND + j, i * AROUND + (j + 1) % AROUND
    c, d = (i + 1) % count * AROUND + j, (i + 1) % count * AROUND + (j + 1) % AROUND
    faces = np.concatenate([np.stack([a, c, b], -1).reshape(-1, 3), np.stack([b, c, d], -1).reshape(-1, 3)])
    # On the axis a whole ring is one point.
    same = np.arange(count * AROUND).reshape(count, AROUND)
    same[radius < 1e-9] = same[radius < 1e-9][:, :1]
    faces = same.ravel()[faces]
    whole = (faces[:, 0] != faces[:, 1]) & (faces[:, 1] != faces[:, 2]) & (faces[:, 2] != faces[:, 0])
    return ring * scale, faces[whole].astype(np.int32)


def ball_triangles(radii):
    """Surface of an ellipsoid as triangles.

    Parameters
    ----------
    radii : sequence of float
        Metres.

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Own axes, metres.
    faces : ndarray of int32, shape (m, 3)
    """
    angle = np.linspace(-np.pi / 2, np.pi / 2, ALONG)
    return turned(np.stack([np.cos(angle), np.sin(angle)], 1), tuple(radii))
