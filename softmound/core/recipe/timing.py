"""A mound at a frame of its time line: keys, drift with the wind, and what evolves by itself."""

from collections.abc import Sequence
from typing import Any, Literal

from ..directions import direction_of
from ..problems import OutOfLimits, Problem
from .models import Mound
from .places import PartPlace, part_at, with_value
from .time import Key, Keyed, TimeLine
from .value import Value

UNKEYED = ("format", "time", "keyed", "growth", "snapshots", "references", "views", "view", "path")
"""Fields of a mound whose numbers take no keys by themselves; the view moves along the camera path."""


def value_at(keyed: Keyed, frame: float) -> float:
    """What a number is at a frame.

    Parameters
    ----------
    keyed : Keyed
    frame : float

    Returns
    -------
    float
        That of the first key before it, that of the last after it.
    """
    keys = keyed.points
    if frame <= keys[0].frame:
        return keys[0].value
    for before, after in zip(keys, keys[1:]):
        if frame < after.frame:
            share = (frame - before.frame) / (after.frame - before.frame)
            share = {"even": share, "held": 0.0}.get(before.ease, share * share * (3.0 - 2.0 * share))
            return before.value + share * (after.value - before.value)
    return keys[-1].value


def some_of(numbers: Sequence[int]) -> list[int]:
    """The first, the middle and the last of some frames, by which all of them are foretold.

    Parameters
    ----------
    numbers : sequence of int

    Returns
    -------
    list of int
        One to three of them, in their order.
    """
    return [numbers[at] for at in sorted({0, len(numbers) // 2, len(numbers) - 1})]


def with_keys(mound: Mound, frame: float) -> Mound:
    """A mound in which all that has keys is as they say at a frame.

    Parameters
    ----------
    mound : Mound
    frame : float

    Returns
    -------
    Mound
        Still with its time line and keys.

    Raises
    ------
    Problem
        When a key belongs to something that is not there, or has a value that it cannot have.
    """
    still = mound
    for keyed in mound.keyed:
        called, value = " ".join(str(step) for step in keyed.place), value_at(keyed, frame)
        try:
            still = with_value(still, keyed.place, value)
        except OutOfLimits as error:
            raise Problem("{}: at frame {:g} {} cannot be {:g}; change its keys.", mound.name, frame, called, value) from error
        except (LookupError, TypeError, AttributeError) as error:
            raise Problem("{}: has keys of {}, which is not there; remove them.", mound.name, called) from error
    return still


def at_frame(mound: Mound, frame: float) -> Mound:
    """A mound as it is at a frame.

    Parameters
    ----------
    mound : Mound
    frame : float
        Of its time line; a mound without one stands still.

    Returns
    -------
    Mound
        Without the time line, keys and camera path; the view is as told.

    Raises
    ------
    Problem
        As of `with_keys`.
    """
    line = mound.time
    still = (with_keys(mound, frame) if line is not None else mound).model_copy(update={"time": None, "keyed": (), "path": ()})
    seconds = 0.0 if line is None else (frame - line.first) / line.rate
    if line is not None and seconds:
        still = _drifted(still, line, seconds)
        still = still.model_copy(update={"grains": tuple(_evolved(grain, line, seconds) for grain in still.grains)})
    return still


def _evolved(grain: Any, line: TimeLine, seconds: float) -> Any:
    """A grain after a while; where the line loops its period goes into the line a whole number of times."""
    if not line.loop:
        later = grain.time + seconds
        return grain.edited(time=later if later >= 0.0 else later % grain.period)
    whole = line.count / line.rate
    period = whole / max(1, round(whole / grain.period))
    # The same place in its period as before, however long that is now.
    return grain.edited(time=(grain.time / grain.period * period + seconds) % period, period=max(period, 0.1))


def _drifted(mound: Mound, line: TimeLine, seconds: float) -> Mound:
    """A mound whose forms went with the wind, each with that of its own height."""
    if line.wind == 0.0 and line.shear == 0.0:
        return mound
    way = direction_of(line.along, 0.0)
    base = mound.mass.base.altitude

    def gone(form: Any) -> Any:
        x, y, z = form.centre
        far = seconds * (line.wind + line.shear * (y - base) / 100.0)
        place = (min(max(v, -50_000.0), 50_000.0) for v in (x + far * way[0], y, z + far * way[2]))
        return form.edited(centre=tuple(float(v) for v in place))

    return mound.edited(mass=mound.mass.edited(forms=tuple(gone(form) for form in mound.mass.forms)))


def keyed_with(mound: Mound, place: PartPlace, frame: int, value: float, ease: Literal["eased", "even", "held"] = "eased") -> Mound:
    """A mound in which a number has a key at a frame.

    Parameters
    ----------
    mound : Mound
    place : tuple of str or int
    frame : int
    value : float
    ease : str, optional
        How it goes on from there.

    Returns
    -------
    Mound
    """
    place = tuple(place)
    there = next((k for k in mound.keyed if k.place == place), None)
    keys = [k for k in (there.points if there is not None else ()) if k.frame != frame] + [Key(frame=frame, value=value, ease=ease)]
    new = Keyed(place=place, points=tuple(sorted(keys, key=lambda k: k.frame)))
    others = tuple(k for k in mound.keyed if k.place != place)
    return mound.edited(keyed=(*others, new))


def without_key(mound: Mound, place: PartPlace, frame: int | None = None) -> Mound:
    """A mound in which a number lacks its key at a frame, or all of them.

    Parameters
    ----------
    mound : Mound
    place : tuple of str or int
    frame : int, optional
        Default all.

    Returns
    -------
    Mound
    """
    found = []
    for keyed in mound.keyed:
        keys = keyed.points
        if keyed.place == tuple(place):
            keys = tuple(k for k in keys if frame is not None and k.frame != frame)
        if keys:
            found.append(keyed.edited(points=keys))
    return mound.edited(keyed=tuple(found))


def keyed_fields(mound: Mound) -> list:
    """Which numbers of a mound have keys, by the part they belong to.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    list of (object, str or (str, int))
        The part itself, and its field; of one of several numbers, such as a place, with which of them.
    """
    found = []
    for keyed in mound.keyed:
        *way, last = keyed.place
        field = last if isinstance(last, str) else (way.pop(), last)
        try:
            found.append((part_at(mound, way), field))
        except LookupError:
            continue  # keys of what is gone
    return found


def turn_of_line(line: TimeLine, frame: int) -> int:
    """A frame within a line: a number beyond its ends held, or taken round where it loops.

    Parameters
    ----------
    line : TimeLine
    frame : int

    Returns
    -------
    int
    """
    if line.loop:
        return line.first + (frame - line.first) % line.count
    return min(max(frame, line.first), line.last)


def numbers_changed(before: Any, after: Any, place: PartPlace = ()) -> list[tuple[PartPlace, float]]:
    """Numbers in which two recipes differ.

    Parameters
    ----------
    before, after : Value
        Of one class.
    place : tuple of str or int, optional
        Where they stand.

    Returns
    -------
    list of (tuple, float)
        Places and the new values; nothing of parts that came, went or changed their kind, nor of arrays and switches.
    """
    if before is after or type(before) is not type(after) or isinstance(after, (bool, str, bytes)) or after is None:
        return []
    if isinstance(after, (int, float)):
        return [] if before == after else [(place, float(after))]
    if isinstance(after, tuple):
        if len(before) != len(after):
            return []
        return [found for n, (a, b) in enumerate(zip(before, after)) for found in numbers_changed(a, b, (*place, n))]
    if isinstance(after, Value):
        return [found for name in type(after).model_fields if name not in UNKEYED
                for found in numbers_changed(getattr(before, name), getattr(after, name), (*place, name))]
    return []


def followed_by_keys(before: Mound, after: Mound, frame: int) -> Mound:
    """A recipe after an edit at a frame: keys go with the part they belong to, and what has keys and was changed has one more.

    Parameters
    ----------
    before, after : Mound
        As they are told, not as they are at the frame.
    frame : int

    Returns
    -------
    Mound
        The numbers told stay what they were. Keys of a part that is gone are gone with it.
    """
    if not after.keyed or before.keyed != after.keyed:
        return after
    there = tuple((keyed, _went(before, after, keyed.place)) for keyed in after.keyed)
    if any(place != keyed.place for keyed, place in there):
        after = after.edited(keyed=tuple(keyed.edited(place=place) for keyed, place in there if place is not None))
    if after.time is None:
        return after
    for keyed, place in there:
        if place is not None:
            was, now = part_at(before, keyed.place), part_at(after, place)
            if was != now:
                after = keyed_with(after, place, frame, float(now))
    return after


def _went(before: Any, after: Any, place: PartPlace) -> PartPlace | None:
    """Where a number stands after an edit that may have moved the parts it is in: a place, or None where it is gone."""
    found = []
    for step in place:
        try:
            old, new = part_at(before, (step,)), after
            if isinstance(step, int) and isinstance(old, Value):
                # A part is known by itself wherever it stands now, else, as many being left, by where it stood.
                by_place = step if len(before) == len(after) else None
                now = next((n for n, part in enumerate(after) if part is old), by_place)
                if now is None:
                    return None
                step = now
            before, after = old, part_at(new, (step,))
        except (LookupError, TypeError, AttributeError):
            return None
        if type(before) is not type(after) and not isinstance(after, (int, float)):
            return None
        found.append(step)
    return tuple(found)
