"""Qt's images as arrays, and arrays as Qt's images, each with memory of its own."""

import numpy as np
from PyQt6.QtGui import QImage

from ...core.problems import Problem
from ...core.regular import read

LARGEST_THUMB = 16 * 2**20
"""Bytes."""


def pixels_of(image, opacity=False):
    """The colours of an image.

    Parameters
    ----------
    image : QImage
    opacity : bool, optional
        With a fourth channel.

    Returns
    -------
    ndarray of uint8, shape (height, width, 3 or 4)
        A copy: the image may go, and with it its memory.
    """
    channels = 4 if opacity else 3
    image = image.convertToFormat(QImage.Format.Format_RGBA8888 if opacity else QImage.Format.Format_RGB888)
    bits = image.constBits()
    bits.setsize(image.sizeInBytes())
    lines = np.frombuffer(bits, np.uint8).reshape(image.height(), image.bytesPerLine())
    return lines[:, : channels * image.width()].reshape(image.height(), image.width(), channels).copy()


def thumb_of(version):
    """The small picture that was published with a version.

    Parameters
    ----------
    version : Version

    Returns
    -------
    QImage
        Null where there is none that could be read.
    """
    try:
        return QImage.fromData(read(version.thumb, LARGEST_THUMB, inside=True))
    except (OSError, Problem):
        return QImage()


def image_of_pixels(pixels, opacity=False):
    """A picture as Qt draws it.

    Parameters
    ----------
    pixels : ndarray of uint8, shape (height, width, 3 or 4)
    opacity : bool, optional
        Whether a fourth channel is how opaque it is; else it is passed over.

    Returns
    -------
    QImage
    """
    height, width, channels = pixels.shape
    kind = QImage.Format.Format_RGB888 if channels == 3 else (
        QImage.Format.Format_RGBA8888 if opacity else QImage.Format.Format_RGBX8888)
    return QImage(pixels.tobytes(), width, height, channels * width, kind).copy()
