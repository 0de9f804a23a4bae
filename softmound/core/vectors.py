"""Vectors as kernels count with them: three numbers in a tuple, of a place, a direction or a colour.

Numba has no arrays that cost nothing; tuples are taken apart by LLVM, so that nothing of them is left in a loop.
"""

import math

from .kernels import f32, inlined

BLACK = (f32(0), f32(0), f32(0))
WHITE = (f32(1), f32(1), f32(1))


@inlined
def dot(a, b):
    """Scalar product.

    Parameters
    ----------
    a, b : (float32, float32, float32)

    Returns
    -------
    float32
    """
    return a[0] * b[0] + a[1] * b[1] + a[2] * b[2]


@inlined
def plus(a, b):
    """Sum.

    Parameters
    ----------
    a, b : (float32, float32, float32)

    Returns
    -------
    (float32, float32, float32)
    """
    return a[0] + b[0], a[1] + b[1], a[2] + b[2]


@inlined
def times(a, b):
    """Product, part by part.

    Parameters
    ----------
    a, b : (float32, float32, float32)

    Returns
    -------
    (float32, float32, float32)
    """
    return a[0] * b[0], a[1] * b[1], a[2] * b[2]


@inlined
def scaled(a, factor):
    """Multiple.

    Parameters
    ----------
    a : (float32, float32, float32)
    factor : float32

    Returns
    -------
    (float32, float32, float32)
    """
    return a[0] * factor, a[1] * factor, a[2] * factor


@inlined
def carried(place, way, far):
    """Point of a ray.

    Parameters
    ----------
    place, way : (float32, float32, float32)
        Where it begins, and its direction.
    far : float32
        In lengths of the direction.

    Returns
    -------
    (float32, float32, float32)
    """
    return place[0] + far * way[0], place[1] + far * way[1], place[2] + far * way[2]


@inlined
def turned(axes, n, a):
    """Matrix times vector.

    Parameters
    ----------
    axes : ndarray of float32, shape (N, 3, 3)
    n : int
        Which of the matrices.
    a : (float32, float32, float32)

    Returns
    -------
    (float32, float32, float32)
    """
    return (axes[n, 0, 0] * a[0] + axes[n, 0, 1] * a[1] + axes[n, 0, 2] * a[2],
            axes[n, 1, 0] * a[0] + axes[n, 1, 1] * a[1] + axes[n, 1, 2] * a[2],
            axes[n, 2, 0] * a[0] + axes[n, 2, 1] * a[1] + axes[n, 2, 2] * a[2])


@inlined
def row_of(table, n):
    """Vector that begins a row of an array.

    Parameters
    ----------
    table : ndarray of float32, shape (N, 3 or more)
    n : int

    Returns
    -------
    (float32, float32, float32)
    """
    return table[n, 0], table[n, 1], table[n, 2]


@inlined
def three(numbers):
    """Vector that an array holds.

    Parameters
    ----------
    numbers : ndarray of float32, shape (3,)

    Returns
    -------
    (float32, float32, float32)
    """
    return numbers[0], numbers[1], numbers[2]


@inlined
def length(a):
    """Euclidean length.

    Parameters
    ----------
    a : (float32, float32, float32)

    Returns
    -------
    float32
    """
    return math.sqrt(dot(a, a))


@inlined
def luminance_of(colour):
    """Luminance of a linear colour (ITU-R BT.709).

    Parameters
    ----------
    colour : (float32, float32, float32)

    Returns
    -------
    float32
    """
    return f32(0.2126) * colour[0] + f32(0.7152) * colour[1] + f32(0.0722) * colour[2]
