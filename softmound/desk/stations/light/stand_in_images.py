"""Little pictures of stand-ins, for their cards."""

from functools import lru_cache

import numpy as np
from PyQt6.QtGui import QImage

from ....core.light.picture.stand_ins import SHARE, stand_ins_seen
from ....core.light.scene.camera import camera_of, fitted
from ....core.light.scene.scene import scene_of
from ....core.light.solids.arriving import light_on
from ....core.recipe import Light, View
from ....core.standins.surfaces import box_of
from ... import style

SIZE = 112, 66
"""Pixels."""


def outline_image(stand_in):
    """A stand-in by itself, in clay.

    Parameters
    ----------
    stand_in : StandIn

    Returns
    -------
    QImage
    """
    # Where it stands, and how it is shown, make no difference here.
    return _image(stand_in.edited(place=(0.0, 0.0, 0.0), turn=(0.0, 0.0, 0.0), shown="seen", name="-"), style.GROUND.rgb())


@lru_cache(maxsize=64)
def _image(stand_in, ground):
    width, height = SIZE
    view = fitted(View(azimuth=30.0, elevation=14.0), *box_of(stand_in), width, height)
    scene = scene_of(Light(), view=view, stand_ins=(stand_in,))
    seen, _ = stand_ins_seen(scene, light_on(scene), np.zeros((1, 3), np.float32), camera_of(view, width, height), clay=True)
    below = np.array([(ground >> 16) & 255, (ground >> 8) & 255, ground & 255], np.float32)
    shade = 255.0 * np.clip(seen[..., :3], 0.0, 1.0) ** (1.0 / 2.2)
    pixels = np.where(seen[..., SHARE : SHARE + 1] > 0.0, shade, below)
    rgb = np.ascontiguousarray(np.clip(pixels, 0.0, 255.0).astype(np.uint8))
    return QImage(rgb.data, width, height, 3 * width, QImage.Format.Format_RGB888).copy()
