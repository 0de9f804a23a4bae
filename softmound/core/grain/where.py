"""Where a grain or a patch acts: masks whose shares are multiplied."""

from dataclasses import dataclass

import numpy as np

from ..curves import curve_at, curve_numbers
from ..directions import direction_of
from ..kernels import each, f32
from ..recipe.grains import Noise
from ..recipe.models import BaseLevel, Mass
from ..volume.bricks import LANES


@dataclass(frozen=True)
class Landmarks:
    """What grains read besides the distance.

    Attributes
    ----------
    base : BaseLevel
    origin : tuple of float
        Where the mound is: the centre of its first form, metres.
    sun : tuple of float
        Unit vector toward the sun.
    mass : Mass or None
        For masks by form.
    """

    base: BaseLevel = BaseLevel(on=False)
    origin: tuple = (0.0, 0.0, 0.0)
    sun: tuple = (0.0, 1.0, 0.0)
    mass: Mass | None = None

    def read_by(self, parts):
        """The parts of it that some grains or patches read, as something that can be hashed.

        Parameters
        ----------
        parts : sequence of Grain or Patch

        Returns
        -------
        tuple
            What their masks read; and where the mound is if any noise goes with it, so that dragging the first form forgets
            no other noise.
        """
        masks = [mask for part in parts for mask in part.where]
        noises = [part for part in parts if isinstance(part, Noise)] + [noise for mask in masks for noise in mask.noises]
        read = tuple(part for mask in masks for part in mask.read(self))
        return (*read, self.origin) if any(noise.anchor == "mound" for noise in noises) else read


def landmarks_of(mound):
    """What the grains of a mound read besides the distance.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    Landmarks
    """
    sun, forms = mound.light.sun, mound.mass.forms
    return Landmarks(mound.mass.base, forms[0].centre if forms else (0.0, 0.0, 0.0),
                 tuple(float(v) for v in direction_of(sun.azimuth, sun.elevation)), mound.mass)


@each("given")
def _through(b, given, curve, invert, out):
    """Multiply by shares sent through a curve."""
    for lane in range(LANES):
        share = curve_at(max(f32(0), min(f32(1), given[b, lane])), curve, 0)
        out[b, lane] *= f32(1) - share if invert else share


def depends(grain):
    """Whether a grain reads the distance at a voxel, besides its place.

    Parameters
    ----------
    grain : Grain

    Returns
    -------
    bool
    """
    return grain.reads_distance or any(mask.reads_distance for mask in grain.where)


def shares(masks, coords, voxel, distance, landmarks):
    """How much something acts at the voxels of some bricks.

    Parameters
    ----------
    masks : sequence of Mask
    coords : ndarray of int32, shape (n, 3)
    voxel : float
        Metres.
    distance : ndarray of float32, shape (n, 512)
        Signed distance, metres.
    landmarks : Landmarks

    Returns
    -------
    ndarray of float32, shape (n, 512), or None
        0 to 1; None without masks, where it acts fully everywhere.
    """
    if not masks:
        return None
    out = np.ones((len(coords), LANES), np.float32)
    given = np.empty_like(out)
    for mask in masks:
        mask.share(coords, voxel, distance, landmarks, given)
        _through(given, curve_numbers(mask.curve), mask.invert, out)
    return out
