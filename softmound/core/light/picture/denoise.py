"""Noise taken out of a finished picture by Open Image Denoise, where the package for it is installed.

It guesses: what it makes of noise looks right and is not measured. So it is used only where it is asked for, and the file says so.
"""

import importlib.util
import sys

import numpy as np

from ...problems import Problem

LEAST = 16
"""Paths for each pixel from which on it is of use; below, it paints blotches."""
CLEAR = np.float32(0.02)
"""Opacity below which a pixel's light is not divided by it: there is too little to tell."""


def can_denoise():
    """Whether the package is installed: bool."""
    return importlib.util.find_spec("pyoidn") is not None


def refuse_to_denoise():
    """Raise unless the package is installed.

    Raises
    ------
    Problem
    """
    if not can_denoise():
        raise Problem("Denoising needs a package that is not installed; add it with: {} -m pip install pyoidn cffi.",
                      sys.executable)


def denoised(light, opacity, draft):
    """Light of a cloud without most of its noise.

    Parameters
    ----------
    light : ndarray of float32, shape (height, width, 3)
        Of the cloud alone, multiplied by its opacity.
    opacity : ndarray of float32, shape (height, width)
    draft : ndarray of float32, shape (height, width, 3)
        The same light as Draft light has it, which is free of noise and says where edges are.

    Returns
    -------
    ndarray of float32, shape (height, width, 3)
        Nothing where there is no cloud: light leaks past its edge else.

    Raises
    ------
    Problem
        If the package is not installed.
    """
    refuse_to_denoise()
    import pyoidn

    seen = np.maximum(opacity, CLEAR)[..., None]
    guide = draft / seen
    guide = guide / max(float(np.percentile(guide, 99.5)), 1e-9)
    found = pyoidn.denoise(np.ascontiguousarray(light / seen, np.float32), np.clip(guide, 0.0, 1.0).astype(np.float32), hdr=True)
    return (found * seen * (opacity > 0.0)[..., None]).astype(np.float32)
