"""Snapshots and views kept with the mound: small pictures of them, and comparing them with the present picture."""

import numpy as np
from PyQt6.QtCore import QObject, QTimer

from ....core.engine.background import Job
from ....core.engine.density import bounds_of, draft_voxel
from ....core.engine.stages import Stages, picture
from ....core.light.scene.camera import camera_of
from ....core.photograph.measures import differences
from ....core.photograph.near import Beside
from ....core.photograph.reading import photograph_of
from ....core.recipe.places import changed
from ....core.recipe.snapshots import with_snapshot
from ...view.comparing import NOW, Comparison, Side
from ...view.photographs import image_of
from ...view.pixels import image_of_pixels, pixels_of
from ...words import tr

MINIATURE = (120, 75)
REST = 300
"""Milliseconds that a mound stays as it is before it is measured."""
MOST_WORDS = 3
"""Differences of a mound and a photograph that are said."""
LONGEST = 1280
"""Pixels along the longer side of a snapshot that are kept."""


class Snapshots(QObject):
    """Joins what is kept and the picture.

    Parameters
    ----------
    station : LightStation

    Attributes
    ----------
    compared : int or None
        The snapshot laid over the picture.
    """

    def __init__(self, station):
        super().__init__(station)
        self._station, self._services, self._document = station, station.services, station.document
        self._small = Stages(self._services.builder.cache)
        self.compared, self._job, self._beside = None, None, (None, None)
        self._services.picture.marked.connect(self._marked)
        self._rest = QTimer(self, singleShot=True, interval=REST)
        self._rest.timeout.connect(self._measure)

    def keep(self):
        """Keep the picture that is shown, and its recipe.

        Returns
        -------
        bool
            Whether it was done.
        """
        image = self._services.picture.image
        if image is None or not self._document.mound.mass.forms:
            self._services.tell(tr("There is no cloud to keep a snapshot of yet: add a blob in Mass."))
            return False
        longest = max(image.width(), image.height())
        if longest > LONGEST:
            image = image.scaledToWidth(round(image.width() * LONGEST / longest))
        pixels = pixels_of(image)
        return self._document.apply(tr("keep a snapshot"), lambda mound: with_snapshot(mound, pixels))

    def miniature(self, view):
        """A small picture from a view, if the draft is at hand.

        Parameters
        ----------
        view : View

        Returns
        -------
        QImage or None
        """
        mound = self._document.mound
        key = self._small.density_key(mound, draft_voxel(mound))
        if not mound.mass.forms or key not in self._small.cache:
            return None
        grid = self._small.density(mound, draft_voxel(mound))
        if grid.brick_bounds() is None:
            return None
        return image_of_pixels(picture(self._small, self._small.scene(mound.edited(view=view), grid, key), *MINIATURE))

    # -- comparing ------------------------------------------------------------------------------

    def compare(self, number):
        """Lay a snapshot over the picture, or take it away again.

        Parameters
        ----------
        number : int
        """
        if self.compared == number:
            self.end()
            return
        self.compared = number
        self.compare_sides(f"snapshot {number}", NOW)
        self._station.show_mound(self._document.mound)

    def end(self):
        """End comparing."""
        self.compared = None
        self.stop()
        self._services.picture.compare(None)
        self._station.show_mound(self._document.mound)

    def follow(self, mound):
        """End comparing when what is compared is gone; measure another mound anew.

        Parameters
        ----------
        mound : Mound
        """
        comparison = self._services.picture.comparison
        sides = () if comparison is None else (comparison.left, comparison.right)
        if (self.compared is not None and self.compared >= len(mound.snapshots)) or any(
                side.photograph and side.number >= len(mound.references) for side in sides):
            self.end()
        elif comparison is not None:
            self.stop()
            self._rest.start()

    def compare_photograph(self, number):
        """Hold a photograph beside the present picture: outline over outline if it was read.

        Parameters
        ----------
        number : int
        """
        read = photograph_of(self._document.mound.references[number])
        if read is not None:
            # An outline fits only from where it was taken.
            self._document.look(read.standing.view)
        self.compare_sides(f"photograph {number}", NOW, "beside" if read is None else "outlines")

    def compare_sides(self, left, right, by=None):
        """Compare any two of the snapshots, the photographs and the present picture.

        Parameters
        ----------
        left, right : str
            "now", or "snapshot" or "photograph" and a number.
        by : str, optional
            As of `Comparison`; default as they are compared now.
        """
        mound, picture = self._document.mound, self._services.picture
        options = [(f"snapshot {n}", s.name) for n, s in enumerate(mound.snapshots)]
        options += [(f"photograph {n}", r.name) for n, r in enumerate(mound.references)]
        if by is None:
            by = picture.comparison.by if picture.comparison is not None else "line"
            by = "beside" if "photograph" in left + right and by != "outlines" else by
        picture.compare_bar.show_sides([*options, (NOW, "Now")], left, right, by)
        comparison = Comparison(self._side(left), self._side(right), by, self.compare_sides, self.end)
        picture.compare(comparison)
        self._measure()

    def _measure(self):
        """Say how alike the mound is to the photograph it is compared with, if that was read: measured beside the work."""
        comparison = self._services.picture.comparison
        if comparison is None:
            return
        numbers = [side.number for side in (comparison.left, comparison.right) if side.outline is not None]
        if not numbers:
            comparison.said = tr("Nothing was read in it yet: in Mass click the photograph, and block in its cloud.")
            return
        mound, known = self._document.mound, self._beside
        reference, told = mound.references[numbers[0]], self._services.relay.to(self._measured)

        def work(ticket):
            # The photograph stays the same while the mound is changed.
            beside = known[1] if known[0] is reference else Beside(photograph_of(reference))
            return reference, beside, beside.candidate(mound, ticket)

        self.stop()
        self._job = Job(work, lambda share, words: None, lambda job: told(job, comparison)).start()

    def stop(self):
        """Measure no more.

        Returns
        -------
        Job or None
            What was being done, and ends.
        """
        self._rest.stop()
        job, self._job = self._job, None
        if job is not None:
            job.stop()
        return job

    def _measured(self, job, comparison):
        if job is not self._job or comparison is not self._services.picture.comparison or job.result is None:
            return
        reference, beside, now = job.result
        self._beside = reference, beside
        said = ", ".join(map(tr, differences(beside.measures, now.measures)[:MOST_WORDS]))
        comparison.said = tr("Likeness {:.2f}, {:.0f} % in common: {}").format(
            now.likeness, 100 * now.overlap, said or tr("nothing worth a word"))
        self._services.picture.update()

    def _side(self, key):
        mound = self._document.mound
        if key == NOW:
            return Side(NOW, None, self._span(mound))
        kind, number = key.split()
        if kind == "snapshot":
            snapshot = mound.snapshots[int(number)]
            return Side(snapshot.name, image_of(snapshot.picture), self._span(snapshot.recipe))
        reference = mound.references[int(number)]
        read = photograph_of(reference)
        return Side(reference.name, image_of(reference.picture), (reference.top, reference.base), int(number),
                    None if read is None else _opaque(read.mask), None if read is None else read.standing.share)

    def _span(self, mound):
        """Top and base of a mound's cloud in its picture, as shares of the height."""
        bounds, picture = bounds_of(mound), self._services.picture
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
        self._document.apply(tr("mark a photograph"), lambda mound: changed(
            mound, ("references", side.number), top=side.span[0], base=side.span[1]))


def _opaque(mask):
    """An outline as an image that is opaque where it is true: QImage."""
    return image_of_pixels(np.repeat(np.where(mask, 255, 0).astype(np.uint8)[..., None], 4, axis=2), opacity=True)
