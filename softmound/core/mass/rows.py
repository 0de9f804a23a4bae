"""Rows of the table that the kernels read, and how forms with a formula write them."""

from .solids import cone_within

COLUMNS = 22
"""Row: centre 3, rotation 9, sizes 7 (see the distance of each kind), its kind, its form, its edge."""
ELLIPSOID, BALL, BOX, RING, CONE, CAPSULE, FIELD = range(7)
KIND, FORM, EDGE = 19, 20, 21
_SHAPES = {"box": BOX, "slab": BOX, "ring": RING, "cone": CONE, "capsule": CAPSULE}


def ellipsoid_row(row, radii):
    """Write an ellipsoid, or a ball where its radii are one.

    Parameters
    ----------
    row : ndarray of float32, shape (COLUMNS,)
        Changed.
    radii : ndarray of float64, shape (3,)
        Metres.
    """
    row[12:15] = radii
    row[15:18] = radii**2 - radii.min() ** 2
    row[18] = radii.min() ** 2
    row[KIND] = BALL if radii.min() == radii.max() else ELLIPSOID


def solid_row(row, solid):
    """Write a solid that is no ball and is as wide as it is deep, or a box.

    Parameters
    ----------
    row : ndarray of float32, shape (COLUMNS,)
        Changed.
    solid : Solid
    """
    x, y, z = (s / 2 for s in solid.size)
    row[KIND] = _SHAPES[solid.shape]
    if row[KIND] == BOX:
        edge = min(x, y, z) if solid.shape == "slab" else min(solid.edge, x, y, z)
        row[12:15], row[EDGE] = (x - edge, y - edge, z - edge), edge
    elif row[KIND] == RING:
        tube = min(y, 0.999 * x)
        row[12:14] = x - tube, tube
    elif row[KIND] == CAPSULE:
        row[12:14] = x, max(y - x, 0.0)
    else:
        below, half, above, middle, edge = cone_within(x, x * solid.taper, y, solid.edge)
        row[12:16], row[EDGE] = (below, half, above, middle), edge
