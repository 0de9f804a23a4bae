"""The finished grid of the present recipe: built in this session, or kept from an earlier one."""

import weakref

from PyQt6.QtCore import QObject, pyqtSignal

from ...core.volume.numbers import numbers_of
from ..fields.figures import count
from ..words import tr


class Finished(QObject):
    """Builds the grid at the final voxel, holds the one built last, and knows whether it is looked at.

    Parameters
    ----------
    services : Services
    stages : Stages
        Of the builds; knows the keys, and what is kept on disk.

    Signals
    -------
    found(Numbers or None)
        There is another grid now, and what it amounts to; None for one kept from an earlier session.
    looked_at_changed()
        The picture is to show the finished grid, or the draft again.
    """

    found = pyqtSignal(object)
    looked_at_changed = pyqtSignal()

    def __init__(self, services, stages):
        super().__init__(services)
        self._services, self._stages = services, stages
        self._key = self._grid = None
        self._looked_at = False
        self._name = f"finished grid {id(self)}"
        weakref.finalize(self, stages.cache.hold, self._name, 0)

    def key(self, mound):
        """Key of the finished grid of a mound.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        str
        """
        return self._stages.density_key(mound, mound.voxels.final)

    def of(self, mound):
        """The finished grid of just this recipe, if it is at hand.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        BrickGrid or None
        """
        return self._grid if self._grid is not None and self._key == self.key(mound) else None

    def find(self, mound):
        """Take the grid of an earlier session, if one was kept for just this recipe.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        bool
            Whether there is one now that was not before.
        """
        if self.of(mound) is not None or not mound.mass.forms:
            return False
        grid = self._stages.finished(mound, mound.voxels.final)
        if grid is None:
            return False
        self._hold(self.key(mound), grid)
        self.found.emit(None)
        return True

    def build(self):
        """Build the present mound's grid at its final voxel, beside the work."""
        services, stages = self._services, self._stages
        mound = services.document.mound
        voxel = mound.voxels.final

        def work(ticket):
            stages.refuse_unless_fits(mound, voxel, ticket)
            grid = stages.density(mound, voxel, ticket, remember=False)
            return grid, numbers_of(grid, mound.light.medium.extinction)

        def done(result):
            grid, numbers = result
            self._hold(stages.density_key(mound, voxel), grid)
            self.found.emit(numbers)
            services.tell(tr("Final grid built: {} active voxels.").format(count(grid.active_voxels())))

        services.jobs.begin(work, done)

    def look_at(self, final):
        """Look at the finished grid, if there is one, or at the draft.

        Parameters
        ----------
        final : bool
        """
        self._looked_at = final and self.of(self._services.document.mound) is not None
        self.looked_at_changed.emit()

    def looked_at(self, mound):
        """The finished grid and its key, when it is of this mound and to be looked at.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        (BrickGrid or None, str)
            None and an empty key when the draft is looked at.
        """
        grid = self.of(mound) if self._looked_at else None
        return grid, "" if grid is None else self.key(mound)

    def follow(self, mound):
        """Follow an edit: find a grid that is kept for the mound, and stop looking at one that is not the mound's.

        Parameters
        ----------
        mound : Mound
        """
        self.find(mound)
        if self.of(mound) is None:
            self._looked_at = False

    def _hold(self, key, grid):
        self._key, self._grid = key, grid
        # Counted again where the cache has it as well: it stays when the cache lets it go.
        self._stages.cache.hold(self._name, grid.nbytes)
