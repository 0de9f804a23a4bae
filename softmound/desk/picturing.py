"""What the window does for Light: snapshots, comparing, kept views' miniatures, and taking pictures."""

import numpy as np
from PyQt6.QtCore import QObject

from ..core.engine.density import bounds_of, draft_voxel
from ..core.engine.stages import Stages, layers_of
from ..core.light.camera import camera_of
from ..core.light.looks import started_exposure
from ..core.light.radiance import composed
from ..core.recipe.places import changed
from .asking import asking
from .comparing import NOW, Comparison, Side
from .photographs import image_of
from .picture_dialog import PictureDialog
from .pixels import pixels_of
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
        light.job_wanted.connect(window.jobs.begin)
        light.settings.by_picture.clicked.connect(self.expose)
        picture.compare_bar.sides.connect(self.compare_sides)
        picture.marked.connect(self._marked)
        picture.comparing_ended.connect(lambda: light.compared is not None and light.compare(light.compared))
        window.picture_shown.connect(self._shown)

    def _shown(self, answer):
        if answer.radiance is not None:
            self._scene = answer.radiance
            if self._window.station is self._window.light and not answer.request.moving:
                self._window.light.settings.histogram.show_scene(answer.radiance, answer.request.mound.light.exposure)
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
        scene, camera = self._small.scene(mound, grid, key), camera_of(view, *MINIATURE)
        return image_of_pixels(composed(layers_of(self._small, scene, camera), scene, camera))

    def keep_snapshot(self):
        """Keep the picture that is shown, and its recipe."""
        image = self._window.picture.image
        if image is None or not self._window.document.mound.mass.forms:
            self._window.tell("There is no cloud to keep a snapshot of yet: add a blob in Mass.")
            return
        longest = max(image.width(), image.height())
        if longest > SNAPSHOT_LONGEST:
            image = image.scaledToWidth(round(image.width() * SNAPSHOT_LONGEST / longest))
        self._window.open_station("Light")
        self._window.light.keep_snapshot(pixels_of(image))

    def compare(self, number):
        """Compare a snapshot with the present picture; -1 ends it.

        Parameters
        ----------
        number : int
        """
        if not 0 <= number < len(self._window.document.mound.snapshots):
            self._window.picture.compare(None)
            return
        self.compare_sides(f"snapshot {number}", NOW)

    def compare_sides(self, left, right):
        """Compare any two of the snapshots, the photographs and the present picture.

        Parameters
        ----------
        left, right : str
            "now", or "snapshot" or "photograph" and a number.
        """
        mound, picture = self._window.document.mound, self._window.picture
        options = [(f"snapshot {n}", s.name) for n, s in enumerate(mound.snapshots)]
        options += [(f"photograph {n}", r.name) for n, r in enumerate(mound.references)]
        photographed = "photograph" in left + right
        by = picture.comparison.by if picture.comparison is not None else "line"
        by = "beside" if photographed else by
        picture.compare_bar.show_sides([*options, (NOW, "Now")], left, right, by)
        made = Comparison(self._side(left), self._side(right), by)
        picture.compare(made)

    def _side(self, key):
        mound = self._window.document.mound
        if key == NOW:
            return Side(NOW, None, self._span(mound))
        kind, number = key.split()
        if kind == "snapshot":
            snapshot = mound.snapshots[int(number)]
            return Side(snapshot.name, image_of(snapshot.picture), self._span(snapshot.recipe))
        reference = mound.references[int(number)]
        return Side(reference.name, image_of(reference.picture), (reference.top, reference.base), int(number))

    def _span(self, mound):
        """Top and base of a mound's cloud in its picture, as shares of the height."""
        bounds, picture = bounds_of(mound), self._window.picture
        if bounds is None:
            return 0.15, 0.85
        low, high = bounds
        camera = camera_of(mound.view, max(picture.width(), 1), max(picture.height(), 1))
        middle = (low + high) / 2
        rows = [camera.pixel((middle[0], y, middle[2])) for y in (high[1], low[1])]
        if None in rows or rows[1][1] - rows[0][1] < 2.0:
            return 0.15, 0.85
        return rows[0][1] / camera.height, rows[1][1] / camera.height

    def _marked(self, side):
        document = self._window.document
        document.apply("mark a photograph", lambda mound: changed(
            mound, ("references", side.number), top=side.span[0], base=side.span[1]))

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
        with asking(PictureDialog(mound, window._folder(), final is not None, window)) as dialog:
            if dialog.exec() != PictureDialog.DialogCode.Accepted:
                return
            of_final, work_with = dialog.grid == "final" and final is not None, dialog.work()
        voxel = mound.voxels.final if of_final else draft_voxel(mound)
        key = builder.density_key(mound, voxel)

        def grid_of(ticket):
            return (final if of_final else builder.density(mound, voxel, ticket, remember=False)), key

        window.jobs.begin(work_with(builder, mound, grid_of), window.tell)
