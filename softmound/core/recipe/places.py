"""A recipe with one of its parts changed, the part named by where it stands."""

from collections.abc import Callable, Sequence
from typing import Any

from .value import Value

PartPlace = Sequence[str | int]
"""Names of fields and numbers in rows that lead from a recipe to a part of it."""


def changed(value: Value, place: PartPlace, /, **fields: Any) -> Any:
    """Return a value in which some fields of the part at a place are other ones.

    Parameters
    ----------
    value : Value
        A mound, or any part of one.
    place : sequence of str and int
        Fields, and numbers in a tuple, from the value down to the part: ``("mass", "forms", 3)``; empty for itself.
    **fields
        New values of the part, checked as by `Value.edited`.

    Returns
    -------
    Value
        Of the same class; everything off the way to the part is shared with the old one.

    Raises
    ------
    OutOfLimits
        If a new value is outside its limits.
    """
    return put(value, place, lambda part: part.edited(**fields))


def put(value: Any, place: PartPlace, change: Callable[[Any], Any]) -> Any:
    """Return a value in which the part at a place is what `change` makes of it.

    Parameters
    ----------
    value : Value or tuple
    place : sequence of str and int
        As for `changed`; it may end at a number of a tuple, or at a tuple.
    change : callable
        Given the part, returns the new one.

    Returns
    -------
    Value or tuple

    Raises
    ------
    OutOfLimits
        If the new part is outside the limits of what holds it.
    """
    if not place:
        return change(value)
    step, *rest = place
    if isinstance(step, int):
        parts = list(value)
        parts[step] = put(parts[step], rest, change)
        return tuple(parts)
    return value.edited(**{step: put(getattr(value, step), rest, change)})


def without(value: Any, place: PartPlace, number: int) -> Any:
    """Return a value in which the tuple at a place lacks one of its parts.

    Parameters
    ----------
    value : Value
    place : sequence of str and int
        Of the tuple.
    number : int

    Returns
    -------
    Value
    """
    return put(value, place, lambda parts: parts[:number] + parts[number + 1 :])


def part_at(mound: Any, place: PartPlace) -> Any:
    """What stands at a place of a mound.

    Parameters
    ----------
    mound : Mound
    place : sequence of str or int

    Returns
    -------
    object

    Raises
    ------
    LookupError
        Where there is nothing.
    """
    part = mound
    for step in place:
        if isinstance(step, int):
            part = part[step]
        elif step in type(part).model_fields:
            part = getattr(part, step)
        else:
            raise LookupError(step)
    return part


def with_value(mound: Any, place: PartPlace, value: Any) -> Any:
    """A mound in which one number is another one.

    Parameters
    ----------
    mound : Mound
    place : sequence of str or int
        Down to the number itself, which may stand in a tuple.
    value : float
        Rounded where the number is a whole one.

    Returns
    -------
    Mound
    """
    *way, last = place
    whole = isinstance(part_at(mound, place), int)
    value = int(round(value)) if whole else float(value)
    if isinstance(last, int):
        *way, row = way
        return put(mound, way, lambda part: part.edited(
            **{str(row): tuple(value if n == last else v for n, v in enumerate(getattr(part, str(row))))}))
    return put(mound, way, lambda part: part.edited(**{last: value}))
