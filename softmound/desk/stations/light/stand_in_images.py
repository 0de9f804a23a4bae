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
    return _image(stand_in.edited(place=(0.0, 0.0, 0.0), turn=(0.0, 0.0, 0.0), shown="seen", name="-"))


@lru_cache(maxsize=64)
def _image(stand_in):
    width, height = SIZE
    view = fitted(View(azimuth=30.0, elevation=14.0), *box_of(stand_in), width, height)
    scene = scene_of(Light(), view=view, stand_ins=(stand_in,))
    seen, _ = stand_ins_seen(scene, light_on(scene), np.zeros((1, 3), np.float32), camera_of(view, width, height), clay=True)
    pixels = np.concatenate([np.clip(seen[..., :3], 0.0, 1.0) ** (1.0 / 2.2), seen[..., SHARE : SHARE + 1]], axis=-1)
    pixels = np.ascontiguousarray((255.0 * pixels).astype(np.uint8))
    return QImage(pixels.data, width, height, 4 * width, QImage.Format.Format_RGBA8888).copy()
