"""The blocked-in surface as triangles."""

import numpy as np

from ..problems import Problem
from ..volume.bricks import grid_of
from ..volume.iso import triangles_of
from .distance import band_of, distance_in
from .kinds.mesh import Mesh
from .mend import surface_arrays

BAND = 2.5
"""Voxels on either side of the surface."""


def mass_triangles(mass, voxel, ticket=None):
    """Surface of a mass.

    Parameters
    ----------
    mass : Mass
    voxel : float
        Metres.
    ticket : Ticket, optional

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Metres.
    faces : ndarray of int32, shape (m, 3)
        Closed, anticlockwise seen from outside.

    Raises
    ------
    Problem
        When nothing is there.
    """
    limit = BAND * voxel
    band = band_of(mass, voxel, limit, limit, ticket)
    distance = np.clip(distance_in(band.shape, voxel, band.cells, ticket), -limit, limit)
    deep = np.full(len(band.inside), -limit, np.float32)
    vertices, faces = triangles_of(
        grid_of(voxel, band.cells.coords, distance, band.inside, deep, background=limit), 0.0, outward=True)
    if not len(faces):
        raise Problem("There is no surface at this voxel; add a form or choose a smaller voxel.")
    return vertices, faces


def made_mesh(mass, numbers, voxel, ticket=None):
    """Some forms of a mass turned into one mesh form, as they join one another.

    Parameters
    ----------
    mass : Mass
    numbers : sequence of int
        Of the forms, at least one of which adds.
    voxel : float
        Metres.
    ticket : Ticket, optional

    Returns
    -------
    Mesh
        Without levels of the mass: these go on working on the whole.
    """
    forms = tuple(mass.forms[n].edited(hidden=False) for n in sorted(numbers))
    alone = mass.edited(forms=forms, base=mass.base.edited(on=False), top=mass.top.edited(on=False))
    vertices, faces = mass_triangles(alone, voxel, ticket)
    middle = (vertices.min(axis=0) + vertices.max(axis=0)) / 2
    middle = tuple(round(float(v), 3) for v in middle)
    return Mesh(name=f"{forms[0].name[:70]} mesh", centre=middle,
                surface=surface_arrays(vertices - middle, faces))
