"""What one still waits for: characters that move density about, resting after an edit below one, a finer picture."""

import pathlib
import subprocess
import sys
import tempfile
import time

from bench.desk import opened, until
from bench.figure import Figure, at_most, timed
from bench.scene import hero
from softmound.core.engine.density import Memories, density_grid, draft_voxel, span_of, voxel_along
from softmound.core.grain.characters import CHARACTERS, sized_character
from softmound.core.recipe import write_mound
from softmound.core.recipe.grains import MOVED, live
from softmound.core.recipe.resize import resized_mound
from softmound.core.starts.species import start

SIZES = {420: 6.0, 1024: 40.0}
"""Voxels along, and seconds that a character may take."""
REST = 0.4
"""Seconds."""
FINER, SPAN = 0.8, 333.0
"""Of a picture from the command line, metres."""


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        The smaller size and one of the characters alone.

    Yields
    ------
    Figure
    """
    plain = start("mediocris", "cloud")
    dressed = {name: plain.edited(grains=sized_character(CHARACTERS[name], span_of(plain))) for name in CHARACTERS}
    moving = [name for name, mound in dressed.items() if live(mound.grains, MOVED)]
    moving = moving[:1] if brief else moving
    for along, most in list(SIZES.items())[: 1 if brief else None]:
        taken = {}
        for name in ("Cauliflower", *moving):
            voxel = voxel_along(dressed[name], along)
            taken[name] = timed(lambda m=dressed[name], v=voxel: density_grid(m, v), 1, 1 if along < 1000 else 0)
        for name in moving:
            yield at_most(f"{name} at {along} long", taken[name], "s", most)
            yield Figure(f"{name} at {along} long, beside another character", taken[name], "s", "Cauliflower",
                         taken["Cauliflower"], taken[name] / taken["Cauliflower"])
    for name in moving:
        yield _again(name, dressed[name])
        yield _rested(name, dressed[name])
    yield _finer()


def _again(name, mound):
    """A draft again, after an edit of what lies below the grain that moves it."""
    voxel, memories = draft_voxel(mound), Memories()
    density_grid(mound, voxel, None, memories)
    waits = []
    for thickness in (1.1, 1.2, 1.3):
        edited = mound.edited(skin=mound.skin.edited(thickness=mound.skin.thickness * thickness))
        waits.append(timed(lambda m=edited: density_grid(m, voxel, None, memories), 1, 0))
    return at_most(f"a draft of {name} again after an edit of its skin", min(waits), "s", REST)


def _rested(name, mound):
    with tempfile.TemporaryDirectory() as folder:
        path = pathlib.Path(folder) / "moved.mound"
        write_mound(path, mound)
        with opened(path) as (application, window):
            window.looking.painter.sharpens = False

            def rested():
                return window.looking._shown == window.looking.newest and window.looking.grid is not None

            until(application, rested, 60)
            waits = []
            for thickness in (1.1, 1.2, 1.3):
                begun = time.perf_counter()
                skin = mound.skin.edited(thickness=mound.skin.thickness * thickness)
                window.document.apply("Skin", lambda m, s=skin: m.edited(skin=s))
                until(application, rested, 60)
                waits.append(time.perf_counter() - begun)
    return at_most(f"resting after an edit below {name}, in the window", sorted(waits)[1], "s", REST)


def _finer():
    mound = hero()
    factor = SPAN / span_of(mound)
    with tempfile.TemporaryDirectory() as folder:
        path = pathlib.Path(folder) / "wide.mound"
        write_mound(path, resized_mound(mound, factor))
        picture = str(pathlib.Path(folder) / "wide.png")
        command = [sys.executable, "-m", "softmound", "picture", str(path), "--out", picture, "--voxel", f"{FINER:g}"]
        begun = time.perf_counter()
        subprocess.run(command, check=True, capture_output=True)
        taken = time.perf_counter() - begun
    return at_most(f"picture --voxel {FINER:g} of a mound {SPAN:g} m wide", taken, "s", 8.0)
