"""What the window does for Light: snapshots, comparing, kept views' miniatures, and taking pictures."""

import numpy as np
from PyQt6.QtCore import QObject

from ..core.engine.density import bounds_of, draft_voxel
from ..core.engine.stages import Stages, layers_of
from ..core.light.camera import camera_of
from ..core.light.looks import started_exposure
from ..core.light.scene import composed
from .comparing import Comparison
from .picture_dialog import PictureDialog
from .stations.light_tray import image_of_pixels
from .words import seconds

MINIATURE = (120, 75)
SNAPSHOT_LONGEST = 1280
"""Pixels along the longer side of a snapshot that are kept."""
BESIDE = {"toward": 180.0, "away": 0.0}
"""Azimuth of the sun from behind the camera when it looks toward it, or away from it."""


class Picturing(QObject):
    """Joins the window, its picture and the Light station.

    Parameters
    ----------
    window : Window
    """

    def __init__(self, window):
        super().__init__(window)
        self._window, self._scene = window, None
        self._small = Stages(window.builder.cache)
        light, picture = window.light, window.picture
        light.miniature = self.miniature
        light.snapshot_wanted.connect(self.keep_snapshot)
        light.compare_wanted.connect(self.compare)
        light.pictures_wanted.connect(self.take_pictures)
        light.refused.connect(window.tell)
        light.job_wanted.connect(window._start)
        light.settings.by_picture.clicked.connect(self.expose)
        picture.comparing_ended.connect(lambda: light.compared is not None and light.compare(light.compared))
        window.picture_shown.connect(self._shown)

    def _shown(self, answer):
        if answer.scene is not None:
            self._scene = answer.scene
            if self._window.station is self._window.light and not answer.request.moving:
                self._window.light.settings.histogram.show_scene(answer.scene, answer.request.mound.light.exposure)
        if np.isinf(answer.noise):
            self._window.tell("True light: the first paths, eased with Draft light as a guide")
        elif answer.noise > 0.0:
            left = f", about {seconds(answer.left)} left" if answer.left > 0.5 else ", done" if answer.left == 0.0 else ""
            self._window.tell(f"True light: {answer.passes} paths a pixel, noise {100 * answer.noise:.1f} %{left}")

    def expose(self):
        """Set the exposure by the picture."""
        if self._scene is not None:
            exposure = min(max(started_exposure(self._scene), -16.0), 16.0)
            self._window.light.edit_part("", "exposure by the picture", exposure=exposure)

    def miniature(self, view):
        """A small picture from a view, if the draft is at hand.

        Parameters
        ----------
        view : View

        Returns
        -------
        QImage or None
        """
        mound = self._window.document.mound
        key = self._small.density_key(mound, draft_voxel(mound))
        if not mound.mass.forms or key not in self._small.cache:
            return None
        grid = self._small.density(mound, draft_voxel(mound))
        if grid.brick_bounds() is None:
            return None
        seen = mound.edited(view=view)
        camera = camera_of(view, *MINIATURE)
        return image_of_pixels(composed(layers_of(self._small, seen, grid, key, camera), mound.light, camera))

    def keep_snapshot(self):
        """Keep the picture that is shown, and its recipe."""
        image = self._window.picture.image
        if image is None or not self._window.document.mound.mass.forms:
            self._window.tell("There is no cloud to keep a snapshot of yet: add a blob in Mass.")
            return
        longest = max(image.width(), image.height())
        if longest > SNAPSHOT_LONGEST:
            image = image.scaledToWidth(round(image.width() * SNAPSHOT_LONGEST / longest))
        image = image.convertToFormat(image.Format.Format_RGB888)
        bits = image.constBits()
        bits.setsize(image.sizeInBytes())
        lines = np.frombuffer(bits, np.uint8).reshape(image.height(), image.bytesPerLine())
        pixels = lines[:, : 3 * image.width()].reshape(image.height(), image.width(), 3).copy()
        self._window.open_station(3)
        self._window.light.keep_snapshot(pixels)

    def compare(self, number):
        """Lay a snapshot over the picture; -1 takes it away.

        Parameters
        ----------
        number : int
        """
        snapshots = self._window.document.mound.snapshots
        if not 0 <= number < len(snapshots):
            self._window.picture.compare(None)
            return
        snapshot = snapshots[number]
        self._window.picture.compare(Comparison(snapshot.name, snapshot.picture["pixels"]))

    def look_by_sun(self, where):
        """Turn the view toward the sun, away from it, or up from below.

        Parameters
        ----------
        where : str
            "toward", "away" or "up".
        """
        document = self._window.document
        view, sun = document.mound.view, document.mound.light.sun
        if where == "up":
            document.look(view.edited(elevation=-30.0))
            return
        azimuth = (sun.azimuth - BESIDE[where] + 180.0) % 360.0 - 180.0
        document.look(view.edited(azimuth=azimuth, elevation=-4.0 if where == "toward" else 4.0))

    def take_pictures(self):
        """Ask how, and take pictures beside the work."""
        window = self._window
        mound, final, builder = window.document.mound, window.final_grid(), window.builder
        if bounds_of(mound) is None:
            window.tell("There is no cloud to take pictures of yet: add a blob in Mass.")
            return
        dialog = PictureDialog(mound, window._folder(), final is not None, window)
        if dialog.exec() != PictureDialog.DialogCode.Accepted:
            return
        voxel = mound.voxels.final if dialog.grid == "final" and final is not None else draft_voxel(mound)
        key = builder.density_key(mound, voxel)

        def grid_of(ticket):
            if dialog.grid == "final" and final is not None:
                return final, key
            return builder.density(mound, voxel, ticket, remember=False), key

        window._start(dialog.work(builder, mound, grid_of), window.tell)
