"""Small pictures of cards: read and sized beside the hand, the newest wish first, the least recently seen forgotten."""

import io
import threading
from collections import OrderedDict, deque

import numpy as np
from PIL import Image
from PyQt6.QtCore import QObject, pyqtSignal

from ....core.problems import Problem
from ....core.regular import read
from ...view.pixels import LARGEST_THUMB, image_of_pixels
from ...work.relay import Relay

MOST_BYTES = 96 * 2**20
"""Of pictures that are kept."""
LONGEST = 200
"""Pictures that are waited for; what the hand has long scrolled past is not read."""


class Pictures(QObject):
    """The pictures that were published with versions, at the size of a card.

    Parameters
    ----------
    parent : QObject

    Signals
    -------
    came(object)
        The folder of a version whose picture is there now.

    Attributes
    ----------
    size : (int, int)
        Pixels of a picture.
    """

    came = pyqtSignal(object)

    def __init__(self, parent):
        super().__init__(parent)
        self.size = (240, 160)
        self._kept, self._bytes = OrderedDict(), 0
        self._relay = Relay()
        self._told = self._relay.to(self._take)
        self._wanted, self._wake, self._open = deque(maxlen=LONGEST), threading.Condition(), True
        self._asked = set()
        self._thread = threading.Thread(target=self._work, name="card pictures", daemon=True)
        self._thread.start()

    def image(self, version):
        """The picture of a version, asked for where it is not there.

        Parameters
        ----------
        version : Version

        Returns
        -------
        QImage or None
            Of another size perhaps, until that of this size has come; null where there is none that could be read.
        """
        held = self._kept.get(version.folder)
        if held is not None:
            self._kept.move_to_end(version.folder)
        if held is None or held[0] != self.size:
            wish = version.folder, self.size
            with self._wake:
                if wish not in self._asked:
                    if len(self._wanted) == LONGEST:
                        self._asked.discard(self._wanted[0][:2])
                    self._asked.add(wish)
                    self._wanted.append((*wish, version.thumb))
                    self._wake.notify()
        return None if held is None else held[1]

    def forget(self):
        """Keep none: files may have changed."""
        self._kept.clear()
        self._bytes = 0

    def end(self):
        """End for good, and wait for it."""
        self._relay.close()
        with self._wake:
            self._open = False
            self._wake.notify()
        self._thread.join()

    def _take(self, folder, size, pixels):
        with self._wake:
            self._asked.discard((folder, size))
        if size != self.size and folder in self._kept:
            return
        before = self._kept.pop(folder, None)
        image = image_of_pixels(pixels)
        self._kept[folder] = size, image
        self._bytes += image.sizeInBytes() - (0 if before is None else before[1].sizeInBytes())
        while self._bytes > MOST_BYTES and len(self._kept) > 1:
            self._bytes -= self._kept.popitem(last=False)[1][1].sizeInBytes()
        self.came.emit(folder)

    def _work(self):
        while True:
            with self._wake:
                while not self._wanted and self._open:
                    self._wake.wait()
                if not self._open:
                    return
                folder, size, path = self._wanted.pop()
            self._told(folder, size, _sized(path, size))


def _sized(path, size):
    """A picture filling a size, its middle: ndarray of uint8, shape (height, width, 4); without pixels where it cannot be read."""
    try:
        with Image.open(io.BytesIO(read(path, LARGEST_THUMB, inside=True)), formats=("PNG",)) as image:
            return np.asarray(_filling(image.convert("RGBA"), size))
    except (OSError, ValueError, SyntaxError, Problem, Image.DecompressionBombError):
        return np.zeros((0, 0, 4), np.uint8)


def _filling(image, size):
    scale = max(size[0] / image.width, size[1] / image.height)
    wide, high = min(size[0] / scale, image.width), min(size[1] / scale, image.height)  # rounded up they would be too large
    left, top = (image.width - wide) / 2, (image.height - high) / 2
    box = left, top, min(left + wide, image.width), min(top + high, image.height)
    return image.resize(size, Image.Resampling.BILINEAR, box, 2.0)
