"""The pressure that leaves a flow without sources: solved exactly by transforms along each axis.

The sides and the top are open, where the pressure is nothing; the ground is closed. Of second differences the eigenvectors are
then sines along x and z and, along y, cosines of the fourth kind (Strang 1999, The discrete cosine transform, SIAM Review 41,
section 4), so that the system is solved to the rounding of its numbers with no iteration.
"""

from functools import lru_cache

import numpy as np
import scipy

from .advection import divergence, press, slabs


@lru_cache(maxsize=4)
def _eigenvalues(shape):
    """Of minus the sum of second differences: ndarray of float32."""
    wide, high, deep = shape
    x = 2.0 - 2.0 * np.cos(np.pi * (np.arange(wide) + 1.0) / wide)
    y = 2.0 - 2.0 * np.cos(np.pi * (np.arange(high) + 0.5) / high)
    z = 2.0 - 2.0 * np.cos(np.pi * (np.arange(deep) + 1.0) / deep)
    return (x[:, None, None] + y[None, :, None] + z).astype(np.float32)


def pressure_of(source, threads=1, heard=None):
    """The pressure whose second differences are a source.

    Parameters
    ----------
    source : ndarray of float32, shape (X, Y, Z)
        From `divergence`.
    threads : int, optional
        The result is the same with any number.
    heard : callable, optional
        See `core.growth.advection.slabs`.

    Returns
    -------
    ndarray of float32, shape (X, Y, Z)
    """
    found = source.copy()
    there = ((scipy.fft.dst, 2, 0), (scipy.fft.dct, 4, 1), (scipy.fft.dst, 2, 2))
    back = ((scipy.fft.idst, 2, 2), (scipy.fft.idct, 4, 1), (scipy.fft.idst, 2, 0))
    for transform, kind, axis in there:
        _along(found, transform, kind, axis, threads, heard)
    found /= -_eigenvalues(source.shape)
    for transform, kind, axis in back:
        _along(found, transform, kind, axis, threads, heard)
    return found


def _along(values, transform, kind, axis, threads, heard):
    """Transform along an axis in place, part by part across it."""
    turned = np.swapaxes(values, 0, 1) if axis == 0 else values
    for some in slabs(turned.shape, heard):
        turned[some] = transform(turned[some], kind, axis=1 if axis == 0 else axis, workers=threads)


TURNS = 6
"""Times that the pressure is found anew around what stands in the way."""


def walls_of(solid):
    """Faces through which nothing flows: those of cells that are solid.

    Parameters
    ----------
    solid : ndarray of bool, shape (X, Y, Z)

    Returns
    -------
    tuple of ndarray of bool
        Along x, y and z, shaped as the faces of a flow.
    """
    found = []
    for axis in range(3):
        pad = [(1, 1) if a == axis else (0, 0) for a in range(3)]
        padded = np.pad(solid, pad)
        one = tuple(slice(None, -1) if a == axis else slice(None) for a in range(3))
        other = tuple(slice(1, None) if a == axis else slice(None) for a in range(3))
        found.append(padded[one] | padded[other])
    return tuple(found)


def freed(faces, threads=1, solid=None, still=None, heard=None):
    """Take from a flow, in place, what makes it flow together or apart anywhere.

    Parameters
    ----------
    faces : tuple of ndarray of float32
        As of `core.growth.advection.centred`; changed.
    threads : int, optional
    solid : ndarray of bool, shape (X, Y, Z), optional
        Cells that the flow goes round: it slips along them, and nothing goes in. Walls and pressure are put right in turn, which
        comes together on both (iterated orthogonal projection: Molemaker, Cohen, Patel and Noh 2008, Low viscosity flow
        simulations for animation, Symposium on Computer Animation).
    still : tuple of ndarray of float32, optional
        What the flow is on the faces of solid cells: against the wind, which is added to it everywhere.
    heard : callable, optional
        See `core.growth.advection.slabs`.

    Returns
    -------
    float
        Root mean square of the divergence that is left, as a share of what there was; 0 where there was none.
    """
    faces[1][:, 0] = 0.0
    before = divergence(faces)
    if solid is None or not solid.any():
        press(faces, pressure_of(before, threads, heard))
        if heard is not None:
            heard()
    else:
        walls = walls_of(solid)
        for _ in range(TURNS):
            for face, wall, own in zip(faces, walls, still):
                face[wall] = own[wall]
            source = divergence(faces)
            source[solid] = 0.0
            before = source if _ == 0 else before
            press(faces, pressure_of(source, threads, heard))
        for face, wall, own in zip(faces, walls, still):
            face[wall] = own[wall]
        after = divergence(faces)
        was, left = (float(np.sqrt(np.mean(np.square(each[~solid]), dtype=np.float64))) for each in (before, after))
        return left / was if was > 0.0 else 0.0
    was = float(np.sqrt(np.mean(np.square(before), dtype=np.float64)))
    return float(np.sqrt(np.mean(np.square(divergence(faces)), dtype=np.float64))) / was if was > 0.0 else 0.0
