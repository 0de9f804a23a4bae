"""Pictures as PNG."""

import io

import numpy as np
from PIL import Image


def png_of(pixels):
    """PNG file of a picture.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (height, width, 3) or (height, width, 4)

    Returns
    -------
    bytes
    """
    stream = io.BytesIO()
    Image.fromarray(np.ascontiguousarray(pixels[..., :3])).save(stream, "PNG", optimize=True)
    return stream.getvalue()
