"""Forms made from what was read from files."""

import numpy as np

from ..mass.kinds.mesh import Mesh
from ..mass.kinds.points import Points
from ..mass.kinds.volume import Volume
from ..mass.mend import open_edges, surface_arrays, with_holes_closed
from ..mass.surface import volume_triangles
from ..problems import Problem
from ..recipe.arrays import Arrays
from ..standins.kinds.model import Model
from .meshes import in_metres

FARTHEST = 50_000.0


def _about(positions):
    """Middle of the box of some positions, rounded, and the positions around it."""
    low, high = positions.min(axis=0), positions.max(axis=0)
    middle = tuple(round(float(v), 3) for v in (low + high) / 2)
    if max(np.abs(low).max(), np.abs(high).max()) > FARTHEST:
        size = float((high - low).max())
        raise Problem("In this unit it would be {:,.0f} m long or lie as far away; choose a smaller unit.", size)
    return middle, (positions - middle).astype(np.float32)


def mesh_form(triangles, name, unit="m", up="y", close_holes=False, sheet=None):
    """A mesh form where the file has it.

    Parameters
    ----------
    triangles : meshes.Triangles
    name : str
    unit, up : str, optional
        See `meshes.in_metres`.
    close_holes : bool, optional
    sheet : float, optional
        Thickness in metres, for a surface that stays open.

    Returns
    -------
    Mesh

    Raises
    ------
    Problem
        When it would be larger than a recipe allows.
    """
    vertices, faces, edges = in_metres(triangles.vertices, unit, up), triangles.faces, triangles.open
    if close_holes:
        vertices, faces, _ = with_holes_closed(vertices, faces)
        edges = open_edges(faces)
    middle, own = _about(vertices)
    return Mesh(name=name, centre=middle, sheet=sheet, surface=surface_arrays(own, faces, edges))


def model_stand_in(triangles, name, unit="m", up="y"):
    """A stand-in where the file has it.

    Parameters
    ----------
    triangles : meshes.Triangles
        Open ones serve as well: nothing is filled.
    name : str
    unit, up : str, optional
        See `meshes.in_metres`.

    Returns
    -------
    Model

    Raises
    ------
    Problem
        When it would be larger than a recipe allows.
    """
    vertices = in_metres(triangles.vertices, unit, up)
    middle, own = _about(vertices)
    below = float(own[:, 1].min())
    own = own - np.array([0.0, below, 0.0], np.float32)
    place = middle[0], round(middle[1] + below, 4), middle[2]
    return Model(name=name, place=place, surface=surface_arrays(own, triangles.faces, triangles.open))


def points_form(read, name, unit="m", up="y"):
    """A point set where the file has it.

    Parameters
    ----------
    read : dict of str to ndarray
        As of `foreign.read_points`.
    name : str
    unit, up : str, optional

    Returns
    -------
    Points
        Of a radius in proportion to how far apart the points lie, or of their own.

    Raises
    ------
    Problem
        When it would be larger than a recipe allows.
    """
    positions = in_metres(read["positions"], unit, up)
    middle, own = _about(positions)
    arrays = {"positions": own}
    if "ages" in read:
        arrays["ages"] = read["ages"]
    size = float(np.prod(np.maximum(np.ptp(positions, axis=0), 1e-3)) / len(positions)) ** (1 / 3)
    radius = float(np.clip(size, 0.001, 2_000.0))
    if "radii" in read:
        scale = in_metres(np.ones((1, 3)), unit)[0, 0]
        arrays["radii"] = (read["radii"] * scale).astype(np.float32)
        radius = 1.0
    return Points(name=name, centre=middle, cloud=Arrays(**arrays), first=radius, last=radius)


def volume_form(grid, name, level_set, threshold=None):
    """A volume form where the file has it.

    Parameters
    ----------
    grid : BrickGrid
    name : str
    level_set : bool
        Signed distances rather than a density.
    threshold : float, optional
        Of a density; default a tenth of its largest value.

    Returns
    -------
    Volume

    Raises
    ------
    Problem
        When nothing lies within the surface.
    """
    largest = max([float(v.max()) for v in (grid.values, grid.tile_values) if len(v)], default=0.0)
    if threshold is None:
        threshold = 0.1 * largest
    stored = Arrays(
        coords=grid.coords, values=grid.values, tiles=grid.tile_coords, tile_values=grid.tile_values,
        about=np.array([grid.voxel, grid.background, *grid.offset], np.float64))
    form = Volume(name=name, grid=stored, level_set=level_set, threshold=float(threshold), centre=(0.0, 0.0, 0.0))
    if not len(volume_triangles(stored, level_set, form.threshold)[1]):
        raise Problem("Nothing in the grid lies within its surface; choose another threshold or grid.")
    return form
