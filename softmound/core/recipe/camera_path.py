"""Camera path: views at frames of the time line, and the view between them."""

from collections.abc import Sequence
from functools import lru_cache
from typing import Any

import numpy as np
from scipy.interpolate import PchipInterpolator

from ..directions import direction_of
from ..problems import Problem
from .models import Mound, View, ViewKey, limits

NEAR = 0.02
"""Distances to the target by which a thinned path may pass beside what was flown."""
TURNED = 0.5
"""Degrees by which it may look elsewhere."""
AROUND = 0.9
"""Of the way of the eyes that the targets may go in a path that leads around them."""
_PLACE, _TURN, _LENS = slice(0, 3), slice(3, 5), slice(5, 7)


def view_at(path: Sequence[ViewKey], frame: float) -> View:
    """The view of a camera path at a frame.

    Parameters
    ----------
    path : sequence of ViewKey
        At least one, by frame.
    frame : float

    Returns
    -------
    View
        That of the first key before it, that of the last after it. Between keys the eye, or, of a path around what it looks at, the
        target, the way it looks, and the logarithms of the distance to the target and of the focal length follow monotone cubics
        (Fritsch and Butland 1984, SIAM J. Sci. Stat. Comput. 5, 300): nothing swings beyond the keys, and where two of them are
        the same the camera rests.
    """
    first, last = path[0], path[-1]
    if frame <= first.frame or len(path) == 1:
        return first.view
    if frame >= last.frame:
        return last.view
    near = [key for key in path if key.frame <= frame][-1]
    if near.frame == frame:
        return near.view
    around, spline = _spline(tuple(path))
    told = spline(frame)[None]
    return _view_of((told if around else _with_targets(told))[0], near.view)


def seen_from(mound: Mound, frame: float) -> Mound:
    """A mound looked at from where its camera path is at a frame; without one as it is.

    Parameters
    ----------
    mound : Mound
    frame : float

    Returns
    -------
    Mound
    """
    return mound.edited(view=view_at(mound.path, frame)) if mound.path else mound


def path_with(mound: Mound, frame: int, view: View) -> Mound:
    """A mound whose camera path has a key at a frame.

    Parameters
    ----------
    mound : Mound
    frame : int
    view : View
        Instead of the one that is there.

    Returns
    -------
    Mound
    """
    keys = [key for key in mound.path if key.frame != frame] + [ViewKey(frame=frame, view=view)]
    return mound.edited(path=tuple(sorted(keys, key=lambda key: key.frame)))


def path_without(mound: Mound, frame: int | None = None) -> Mound:
    """A mound whose camera path lacks the key at a frame, or all of them.

    Parameters
    ----------
    mound : Mound
    frame : int, optional
        Default all.

    Returns
    -------
    Mound
    """
    return mound.edited(path=tuple(key for key in mound.path if frame is not None and key.frame != frame))


def path_flown(mound: Mound, keys: Sequence[ViewKey]) -> Mound:
    """A mound whose camera path has some keys instead of those between the first and the last of them.

    Parameters
    ----------
    mound : Mound
    keys : sequence of ViewKey
        By frame.

    Returns
    -------
    Mound
        Its time line, if it has one, is long enough for them.
    """
    before = [key for key in mound.path if key.frame < keys[0].frame]
    after = [key for key in mound.path if key.frame > keys[-1].frame]
    line = mound.time
    if line is not None:
        line = line.edited(last=max(line.last, keys[-1].frame))
    return mound.edited(time=line, path=(*before, *keys, *after))


def evenly(views: Sequence[View], first: int, last: int) -> tuple[ViewKey, ...]:
    """A camera path through some views, as many frames apart from one another as can be.

    Parameters
    ----------
    views : sequence of View
    first, last : int
        Frames of the first and the last of them.

    Returns
    -------
    tuple of ViewKey

    Raises
    ------
    Problem
        When there are more views than frames.
    """
    if len(views) > last - first + 1:
        raise Problem("{} views are more than the {} frames; choose fewer views or more frames.", len(views), last - first + 1)
    frames = np.linspace(first, last, len(views)).round().astype(int).tolist()
    return tuple(ViewKey(frame=frame, view=view) for frame, view in zip(frames, views))


def recorded(seconds: Sequence[float], views: Sequence[View], first: int, rate: float) -> tuple[ViewKey, ...]:
    """A camera path of few keys that goes where somebody flew.

    Parameters
    ----------
    seconds : sequence of float
        When each view was seen, rising.
    views : sequence of View
        At least two.
    first : int
        Frame at the first of them.
    rate : float
        Frames a second.

    Returns
    -------
    tuple of ViewKey
        It ends with the last frame that there can be.
    """
    times = (np.asarray(seconds, float) - seconds[0]) * rate
    kept = np.flatnonzero(np.diff(times, prepend=-1.0) > 1e-6)  # what was seen at the same moment is seen once
    told = PchipInterpolator(times[kept], _with_eyes(_told([views[n] for n in kept])))
    frames = np.arange(min(round(float(times[kept[-1]])), int(limits(ViewKey, "frame")[1]) - first) + 1)
    flown = _with_targets(told(np.minimum(frames, times[kept[-1]])))
    return tuple(ViewKey(frame=first + int(n), view=_view_of(flown[n], views[0])) for n in _needed(flown, frames))


def thinned(path: Sequence[ViewKey]) -> tuple[ViewKey, ...]:
    """A camera path of few keys beside one of many, such as were flown.

    Parameters
    ----------
    path : sequence of ViewKey
        By frame.

    Returns
    -------
    tuple of ViewKey
        The first, the last, and those without which the eye would be off by more than a fiftieth of its distance to the target,
        or look half a degree elsewhere.
    """
    path = tuple(path)
    if len(path) < 3:
        return path
    return tuple(path[n] for n in _needed(_told([key.view for key in path]), np.array([key.frame for key in path])))


def _needed(told: np.ndarray, frames: np.ndarray) -> np.ndarray:
    """Which of some views are needed to tell the others, rising; to each stretch that is off its worst one is added, by and by."""
    told = told if _around(told) else _with_eyes(told)
    needed = np.array([0, len(told) - 1])
    while True:
        gone = told - PchipInterpolator(frames[needed], told[needed])(frames)
        off = np.linalg.norm(gone[:, _PLACE], axis=1) / (NEAR * np.exp(told[:, 5]))
        off = np.maximum(off, np.abs(gone[:, _TURN]).max(axis=1) / TURNED)
        worst = [a + int(np.argmax(off[a:b])) for a, b in zip(needed, needed[1:])]
        added = [n for n in worst if off[n] > 1.0]
        if not added:
            return needed
        needed = np.union1d(needed, added)


def _told(views: Sequence[View]) -> np.ndarray:
    """What is followed of each view, shape (n, 7): target, azimuth, elevation, logarithms of distance and of focal length."""
    told = np.array([[*view.target, view.azimuth, view.elevation, np.log(view.distance), np.log(view.focal)] for view in views])
    told[:, 3] = np.unwrap(told[:, 3], period=360.0)
    return told


def _with_eyes(told: np.ndarray, way: float = 1.0) -> np.ndarray:
    """The same with eyes instead of targets."""
    aim = np.array([direction_of(azimuth, elevation) for azimuth, elevation in told[:, _TURN]])
    return np.hstack([told[:, _PLACE] + way * np.exp(told[:, 5:6]) * aim, told[:, 3:]])


def _with_targets(told: np.ndarray) -> np.ndarray:
    """The same with targets instead of eyes."""
    return _with_eyes(told, -1.0)


def _around(told: np.ndarray) -> bool:
    """Whether a path leads around what it looks at: its targets move less than its eyes."""
    gone = [np.linalg.norm(np.diff(places[:, _PLACE], axis=0), axis=1).sum() for places in (told, _with_eyes(told))]
    return bool(gone[0] < AROUND * gone[1])


@lru_cache(maxsize=8)
def _spline(path: tuple[ViewKey, ...]) -> Any:
    told = _told([key.view for key in path])
    around = _around(told)
    return around, PchipInterpolator(np.array([key.frame for key in path]), told if around else _with_eyes(told))


def _view_of(told: np.ndarray, like: View) -> View:
    """A view by what `_told` says of it; its frame is that of another."""
    azimuth = (float(told[3]) + 180.0) % 360.0 - 180.0
    distance, focal = (float(np.clip(np.exp(number), *limits(View, name)))
                       for number, name in zip(told[_LENS], ("distance", "focal")))
    elevation = float(np.clip(told[4], *limits(View, "elevation")))
    return like.edited(azimuth=azimuth, elevation=elevation, distance=distance, focal=focal,
                       target=tuple(float(v) for v in np.clip(told[_PLACE], *limits(View, "target"))))
