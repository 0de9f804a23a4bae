"""Pictures of a sequence that is under way, kept beside its file, so that a run that was ended goes on from them.

Each is kept under a hash of all that it shows and of how it is taken, so that none is ever taken for another: a run of other
numbers takes its own, and clears the others away with them once its file is whole.
"""

import contextlib
import pathlib
import re
import zipfile
from dataclasses import replace

import numpy as np

from ... import __version__
from ..aside import put_in_place
from ..compiled import STAMP
from ..problems import Problem
from ..regular import opened
from ..volume.digest import values_digest
from .keys import key_of

_OURS = re.compile(r"[0-9a-f]{32}\.npz")
_SPARE = 2**20
"""Bytes of a file beside its numbers, at the most."""


@contextlib.contextmanager
def going_on(path, taking):
    """Let the pictures of a sequence be kept until all of them are written.

    Parameters
    ----------
    path : path-like
        The film, or the folder of numbered pictures.
    taking : Taking

    Yields
    ------
    Taking
        That keeps them, and takes over those of an earlier run. Draft light is taken again sooner than it is kept.
    """
    kept = KeptStills(path) if taking.true else None
    yield replace(taking, kept=kept)
    if kept is not None:
        kept.clear()


class KeptStills:
    """A hidden folder of pictures beside a file.

    Nothing here raises: what cannot be kept or read is taken again.

    Parameters
    ----------
    path : path-like
        Of the file.

    Attributes
    ----------
    folder : pathlib.Path
        ``.NAME.frames``.
    taken_over : int
        Pictures of an earlier run that were used.
    """

    def __init__(self, path):
        path = pathlib.Path(path)
        self.folder = path.absolute().with_name(f".{path.name}.frames")
        self.taken_over = 0

    def still(self, scene, taking, frame, take):
        """A picture of a scene: the one that is kept, or a new one.

        Parameters
        ----------
        scene : Scene
        taking : Taking
        frame : int
        take : callable
            Returns a Still.

        Returns
        -------
        Still
        """
        clouds = tuple((values_digest(cloud.grid, half=False), *cloud.placing.numbers, cloud.medium, *cloud.tint, *cloud.glow)
                       for cloud in scene.clouds)
        key = key_of("still", __version__, STAMP, scene.light, scene.seen_from, scene.air, clouds, scene.stand_ins, repr(taking),
                     frame)
        parts = self._read(key, taking)
        if parts is None:
            still = take()
            self._keep(key, still)
            return still
        from .stills import Still

        self.taken_over += 1
        noise, turns, bias, denoised = parts["numbers"].tolist()
        return Still(parts["radiance"], parts["behind"], noise, int(turns), bias, bool(denoised))

    def _read(self, key, taking):
        shapes = {"radiance": (taking.height, taking.width, 4), "behind": (taking.height, taking.width, 3), "numbers": (4,)}
        most = 4 * taking.height * taking.width * 7 + _SPARE
        try:
            with opened(self.folder / f"{key}.npz", most, inside=True) as file, np.load(file, allow_pickle=False) as held:
                if sum(part.file_size for part in held.zip.infolist()) > most:
                    return None
                parts = {name: held[name] for name in shapes}
        except (OSError, Problem, ValueError, KeyError, EOFError, zipfile.BadZipFile):
            return None
        fits = all(parts[name].shape == shape and parts[name].dtype.kind == "f" for name, shape in shapes.items())
        return parts if fits else None

    def _keep(self, key, still):
        with contextlib.suppress(OSError, Problem):
            self.folder.mkdir(exist_ok=True)
            if self.folder.is_symlink():
                return
            with put_in_place(self.folder / f"{key}.npz") as aside, open(aside, "wb") as file:
                np.savez_compressed(file, radiance=still.radiance, behind=still.behind,
                                    numbers=np.array([still.noise, still.turns, still.bias, still.denoised]))

    def clear(self):
        """Remove what was kept, and the folder if nothing else is in it."""
        if self.folder.is_symlink():
            return
        with contextlib.suppress(OSError):
            for path in list(self.folder.iterdir()):
                if _OURS.fullmatch(path.name):
                    path.unlink(missing_ok=True)
            self.folder.rmdir()
