"""Compile every kernel once, so that nobody waits for it later."""

import shutil

from ..exchange.vdb import vdb_of
from ..grain.fbm import fbm
from ..kernels import CACHE, STAMP
from ..light.camera import camera_of, fitted
from ..light.lattice import lit
from ..light.march import march
from ..light.shell import shell_of
from ..light.tone import composed
from ..recipe.models import Blob, Mass, Mound, Push
from ..volume.sample import sample
from .density import Memories, bounds_of, density_grid

_MARK = "complete"


def warmed():
    """True when the kernels of this version are compiled.

    Returns
    -------
    bool
    """
    return (CACHE / STAMP / _MARK).exists()


def warm_once(stream):
    """Compile all kernels unless that was done, with a line for each step.

    Parameters
    ----------
    stream : file object
        Where the lines go.
    """
    if warmed():
        return
    print("Compiling the kernels, once for this machine (about a minute).", file=stream)
    warm(lambda share, words: print(f"  {100 * share:3.0f} %  {words}", file=stream, flush=True))


def warm(told):
    """Compile all kernels by running each stage on a tiny mound.

    Parameters
    ----------
    told : callable
        Called as ``told(share, words)`` before each stage.
    """
    mound = Mound(
        mass=Mass(blobs=(Blob(), Blob(centre=(12, 20, 0), radii=(9, 8, 7)))),
        grains=(Push(), Push(folded=True)),
    )
    made = {}

    def density():
        made["grid"] = density_grid(mound, 2.0)
        density_grid(mound, 2.0, None, Memories())

    def light():
        made["lattice"] = lit(made["grid"], mound.light)
        made["shell"] = shell_of(made["grid"])

    def marching():
        view = fitted(mound.view, *bounds_of(mound), 64, 48)
        made["camera"] = camera_of(view, 64, 48)
        made["layers"] = march(made["shell"], made["lattice"], mound.light, made["camera"])

    steps = (
        ("noise", lambda: fbm([[0.0, 1.0, 2.0]], mound.grains[0])),
        ("forms, grains and skin", density),
        ("light", light),
        ("pictures", marching),
        ("tone", lambda: composed(made["layers"], mound.light, made["camera"])),
        ("windows", lambda: (vdb_of(made["grid"]), sample(made["grid"], [[0.0, 20.0, 0.0]]))),
    )
    for number, (words, step) in enumerate(steps):
        told(number / len(steps), words)
        step()
    told(1.0, "done")
    folder = CACHE / STAMP
    folder.mkdir(parents=True, exist_ok=True)
    (folder / _MARK).touch()
    _forget_older(folder)


def _forget_older(folder):
    """Remove compiled kernels of other versions, but the three used last."""
    others = sorted((p for p in CACHE.iterdir() if p.is_dir() and p != folder),
                    key=lambda p: p.stat().st_mtime, reverse=True)
    for old in others[3:]:
        shutil.rmtree(old, ignore_errors=True)
