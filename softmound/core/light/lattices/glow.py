"""What becomes of a cloud's own glow once it is scattered: solved on the cells of its light, as that of lamps is."""

from dataclasses import replace

import numpy as np
import scipy

from ..scene.phase import forward_peak, lobes_of
from ..scene.scene import mixture_of
from .transport import DIRECTIONS, transported


def glows(scene):
    """Whether what becomes of a glow is solved: of a single cloud, since the cells of several do not know whose glow is in them.

    Parameters
    ----------
    scene : Scene

    Returns
    -------
    bool
    """
    return scene.plain and scene.clouds[0].shown.glow_strength > 0.0


def with_glow(lattice, coarse, medium, hues=None):
    """A lattice with what becomes of a cloud's own glow once it is scattered; the glow itself is seen along the way.

    The forward peak counts as no scattering: albedo and extinction are those of Wiscombe 1977, eqs. 20 and 21.

    Parameters
    ----------
    lattice : Lattice
        Of one cloud, with lamps or without.
    coarse : Coarse
        Where the cloud stands.
    medium : Medium
    hues : Colours, optional
        Those of the cloud, where they change within it.

    Returns
    -------
    Lattice
    """
    # What of a tint changes within the cloud is put on by how it is seen; what all of it absorbs is absorbed here.
    albedo, (_, glow) = colours_in(coarse, medium)[0], colours_in(coarse, medium, hues)
    peak = forward_peak(lobes_of(medium))[0]
    counting = 1.0 - albedo * peak
    share = 1.0 - medium.albedo * max(medium.tint) * peak
    begun = np.zeros((*coarse.small.shape, 4, 3), np.float32)
    begun[..., 0, :] = glow / counting
    thick = coarse.small * np.float32(medium.extinction * share * coarse.wide)
    found = transported(thick, mixture_of(medium).cosine, begun, np.zeros((len(DIRECTIONS), 3), np.float32),
                        albedo=(albedo * (1.0 - peak) / counting).astype(np.float32))
    # What goes on in the forward peak counts as not scattered: it is seen as if it were glow, but is not in what is seen by itself.
    found[..., 0, :] += begun[..., 0, :] - glow
    sky = np.concatenate([lattice.sky[..., :4, :], np.moveaxis(found, -1, -2)], axis=3)
    if lattice.sky.shape[3] > 4:
        sky[..., 4:, :] += lattice.sky[..., 4:, :]
    return replace(lattice, sky=np.ascontiguousarray(sky, np.float32))


def colours_in(coarse, medium, hues=None):
    """Albedo and glow in the cells of a lattice.

    Parameters
    ----------
    coarse : Coarse
    medium : Medium
    hues : Colours, optional
        Where they change within the cloud.

    Returns
    -------
    albedo, glow : ndarray of float32, shape (U, V, W, 3)
    """
    albedo = np.ones((*coarse.small.shape, 3), np.float32) * (medium.albedo * np.asarray(medium.tint, np.float32))
    glow = np.ones_like(albedo) * (medium.glow_strength * np.asarray(medium.glow, np.float32))
    if hues is not None:
        at = (coarse.wide_first + coarse.wide * np.moveaxis(np.indices(coarse.small.shape), 0, -1) - hues.first) / hues.cell
        at = np.moveaxis(at, -1, 0)
        for n in range(3):
            albedo[..., n] *= scipy.ndimage.map_coordinates(hues.values[n], at, np.float32, order=1, mode="nearest")
            glow[..., n] *= scipy.ndimage.map_coordinates(hues.values[3 + n], at, np.float32, order=1, mode="nearest")
    return albedo, glow
