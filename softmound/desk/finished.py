"""The finished grid of the present recipe: built in this session, or kept from an earlier one."""

import weakref


class Finished:
    """Holds the grid that was built last.

    Parameters
    ----------
    stages : Stages
        Of the builds; knows the keys, and what is kept on disk.
    """

    def __init__(self, stages):
        self._stages = stages
        self._key = self._grid = None
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

    def take(self, mound, voxel, grid):
        """Hold a grid that was built.

        Parameters
        ----------
        mound : Mound
        voxel : float
            Metres.
        grid : BrickGrid
        """
        self._hold(self._stages.density_key(mound, voxel), grid)

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
        return True

    def _hold(self, key, grid):
        self._key, self._grid = key, grid
        # Counted again where the cache has it as well: it stays when the cache lets it go.
        self._stages.cache.hold(self._name, grid.nbytes)
