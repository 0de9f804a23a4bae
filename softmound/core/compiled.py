"""Where compiled kernels lie: for which sources, and for which processor.

Reads nothing of Numba, so that a start that computes nothing can ask whether they are there.
"""

import hashlib
import os
import pathlib

import platformdirs

from .target import shipped_for, unpacked

_MARKS = b"@kernel", b"@each", b"@serial", b"@row", b"@call", b"@inlined"


def _sources():
    """Text of every module that defines kernels, in a fixed order."""
    for path in sorted(pathlib.Path(__file__).parent.rglob("*.py")):
        text = path.read_bytes()
        if path.name in ("kernels.py", "compiling.py") or any(mark in text for mark in _MARKS):
            yield text


# Numba's cache sees a change in a kernel's own file only, not in the rows it is built from. A
# folder named after all sources can never serve a stale kernel.
CACHE = platformdirs.user_cache_path("softmound") / "kernels"
STAMP = hashlib.blake2b(b"".join(_sources()), digest_size=8).hexdigest()
# With SOFTMOUND_BOUNDS=1 every kernel checks its indices and works in one thread: slow, to find what reads past an array.
BOUNDS = os.environ.get("SOFTMOUND_BOUNDS") == "1"
if BOUNDS:
    STAMP = f"{STAMP}-bounds"
# Which of the kinds of processors kernels are compiled for: said by what makes the packages, else what came with one.
KIND = os.environ.get("SOFTMOUND_KIND", "")
if not (KIND or BOUNDS or (CACHE / STAMP).is_dir()):
    KIND = shipped_for(STAMP)
    if KIND:
        unpacked(KIND, STAMP, CACHE / f"{STAMP}-{KIND}")
if KIND:
    STAMP = f"{STAMP}-{KIND}"
FOLDER = CACHE / STAMP
"""Of what is compiled from these sources for this processor."""
_MARK, _USABLE = "complete", "usable"
READY = "ready for a first cloud"
"""The words of the step of compiling with which a cloud can be made and seen."""


def warmed():
    """True when the kernels of this version are compiled.

    Returns
    -------
    bool
    """
    return (FOLDER / _MARK).exists()


def usable():
    """True when enough of them is compiled for a cloud to be made, seen and lit; what only some need may still be on its way.

    Returns
    -------
    bool
    """
    return warmed() or (FOLDER / _USABLE).exists()


def mark(whole):
    """Note that enough is compiled.

    Parameters
    ----------
    whole : bool
        All of it, rather than what a first cloud needs.
    """
    FOLDER.mkdir(parents=True, exist_ok=True)
    (FOLDER / (_MARK if whole else _USABLE)).touch()
