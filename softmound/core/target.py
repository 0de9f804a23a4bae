"""For which processor kernels are compiled: for this one, or for one of the kinds for which packages carry them compiled.

The kinds are those of the x86-64 psABI. From a checkout, or for a processor that is of none, kernels are compiled for the very
processor.
"""

import os
import pathlib
import shutil
import tempfile

SHIPPED = pathlib.Path(__file__).resolve().parents[1] / "compiled"
"""Of a package: a folder for each kind, with one named after the kernels' sources in it."""
_SECOND = "sse3", "ssse3", "sse4.1", "sse4.2", "popcnt", "cx16", "sahf"
_THIRD = (*_SECOND, "avx", "avx2", "bmi", "bmi2", "f16c", "fma", "lzcnt", "movbe", "xsave")
KINDS = {"x86-64-v4": (*_THIRD, "avx512f", "avx512bw", "avx512cd", "avx512dq", "avx512vl"), "x86-64-v3": _THIRD}
"""What each kind of processor has, the best first."""
WIDE = ",-prefer-256-bit"
"""Vectors of 512 bits where there are any: LLVM prefers 256 by itself, which halves the speed of the noise."""


def of_this_machine():
    """This processor as LLVM names it.

    Returns
    -------
    (str, str)
        Its name, and its features.
    """
    import llvmlite.binding as llvm

    return llvm.get_host_cpu_name(), llvm.get_host_cpu_features().flatten() + WIDE


def of_kind(kind):
    """A kind of processor as LLVM names it.

    Parameters
    ----------
    kind : str
        Of `KINDS`.

    Returns
    -------
    (str, str)
        Its name, and its features.
    """
    return kind, ",".join(f"+{feature}" for feature in KINDS[kind]) + WIDE


def runs(kind):
    """Return whether this processor is of a kind.

    Parameters
    ----------
    kind : str
        Of `KINDS`.

    Returns
    -------
    bool
    """
    import llvmlite.binding as llvm

    has = llvm.get_host_cpu_features()
    return all(has.get(feature, False) for feature in KINDS[kind])


def shipped_for(stamp):
    """Best kind that this processor is of and for which kernels came with the package.

    Parameters
    ----------
    stamp : str
        Of the kernels' sources.

    Returns
    -------
    str
        Of `KINDS`, or nothing.
    """
    return next((kind for kind in KINDS if (SHIPPED / kind / stamp).is_dir() and runs(kind)), "")


def unpacked(kind, stamp, folder):
    """Put kernels that came with the package where Numba looks for them, which it wants to write to.

    Parameters
    ----------
    kind, stamp : str
    folder : pathlib.Path
        Made, unless it is there.
    """
    if folder.is_dir():
        return
    folder.parent.mkdir(parents=True, exist_ok=True)
    aside = tempfile.mkdtemp(prefix=".", dir=folder.parent)
    shutil.copytree(SHIPPED / kind / stamp, aside, dirs_exist_ok=True)
    try:
        os.rename(aside, folder)
    except OSError:  # another process was first
        shutil.rmtree(aside, ignore_errors=True)
