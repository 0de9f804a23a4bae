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
    return _view_of(spline(frame), near.view, around)


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
    told = PchipInterpolator(times[kept], _told([views[n] for n in kept], False))
    frames = range(min(round(float(times[kept[-1]])), int(limits(ViewKey, "frame")[1]) - first) + 1)
    return thinned([ViewKey(frame=first + n, view=_view_of(told(min(n, times[kept[-1]])), views[0], False)) for n in frames])


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
    views = [key.view for key in path]
    told, frames = _told(views, _around(views)), np.array([key.frame for key in path])
    kept = [0, len(path) - 1]
    while len(kept) < len(path):
        gone = told - PchipInterpolator(frames[kept], told[kept])(frames)
        off = np.linalg.norm(gone[:, _PLACE], axis=1) / (NEAR * np.exp(told[:, 5]))
        off = np.maximum(off, np.abs(gone[:, _TURN]).max(axis=1) / TURNED)
        worst = int(np.argmax(off))
        if off[worst] <= 1.0:
            break
        kept = sorted({*kept, worst})
    return tuple(path[n] for n in kept)


def _eye(view: View) -> np.ndarray:
    return np.asarray(view.target) + view.distance * direction_of(view.azimuth, view.elevation)


def _around(views: Sequence[View]) -> bool:
    """Whether a path leads around what it looks at: its targets move less than its eyes."""
    gone = [np.linalg.norm(np.diff([place(view) for view in views], axis=0), axis=1).sum()
            for place in (lambda view: view.target, _eye)]
    return bool(gone[0] < AROUND * gone[1])


def _told(views: Sequence[View], around: bool) -> np.ndarray:
    """What is followed of each view: target or eye, azimuth and elevation, and the logarithms of distance and focal length."""
    told = np.array([[*(view.target if around else _eye(view)), view.azimuth, view.elevation, np.log(view.distance),
                      np.log(view.focal)] for view in views])
    told[:, 3] = np.unwrap(told[:, 3], period=360.0)
    return told


@lru_cache(maxsize=8)
def _spline(path: tuple[ViewKey, ...]) -> Any:
    views = [key.view for key in path]
    around = _around(views)
    return around, PchipInterpolator(np.array([key.frame for key in path]), _told(views, around))


def _view_of(numbers: np.ndarray, like: View, around: bool) -> View:
    """A view by what `_told` says of it; its frame is that of another."""
    azimuth = (float(numbers[3]) + 180.0) % 360.0 - 180.0
    elevation = float(np.clip(numbers[4], *limits(View, "elevation")))
    distance, focal = (float(np.clip(np.exp(number), *limits(View, name)))
                       for number, name in zip(numbers[_LENS], ("distance", "focal")))
    target = numbers[_PLACE] - (0.0 if around else distance * direction_of(azimuth, elevation))
    return like.edited(azimuth=azimuth, elevation=elevation, distance=distance, focal=focal,
                       target=tuple(float(v) for v in np.clip(target, *limits(View, "target"))))
