"""Numbers too many for JSON: the triangles of a mesh, the positions of points, the bricks of a volume."""

import hashlib
import io
import re
from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import dataclass
from typing import Any

import numpy as np
from pydantic import AfterValidator
from pydantic_core import core_schema

LARGEST_ARRAY = 2**30
"""Bytes of one array in a file."""
KEY = re.compile(r"[0-9a-f]{32}")
_MEMBER = re.compile(r"arrays/([0-9a-f]{32})\.([a-z_]{1,24})\.npy")


class Arrays:
    """Named arrays that never change, known by their content.

    In a recipe's JSON they stand as their key; the numbers lie beside it in the file. Two of the same
    content are equal, so a recipe with a million triangles still compares at once.

    Parameters
    ----------
    **named : array_like
        Copied unless they are already read-only and contiguous.

    Attributes
    ----------
    key : str
        32 hexadecimal digits, a hash of names, types, shapes and values.
    passed : set
        Descriptions they were found to fit.
    """

    __slots__ = ("key", "passed", "_named")

    def __init__(self, **named: np.ndarray) -> None:
        digest = hashlib.blake2b(digest_size=16)
        self._named: dict[str, np.ndarray] = {}
        self.passed: set[tuple] = set()
        for name in sorted(named):
            array = np.ascontiguousarray(named[name])
            if array.flags.writeable:
                array = array.copy() if array is named[name] else array
                array.setflags(write=False)
            self._named[name] = array
            digest.update(f"{name} {array.dtype.str} {array.shape} ".encode())
            digest.update(array.data)
        self.key = digest.hexdigest()

    def __getitem__(self, name: str) -> np.ndarray:
        return self._named[name]

    def __contains__(self, name: str) -> bool:
        return name in self._named

    def __iter__(self) -> Iterator[str]:
        return iter(self._named)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Arrays) and other.key == self.key

    def __hash__(self) -> int:
        return hash(self.key)

    def __repr__(self) -> str:
        return f"Arrays({', '.join(f'{name} {a.dtype} {a.shape}' for name, a in self._named.items())})"

    @property
    def nbytes(self) -> int:
        """Bytes of all arrays."""
        return sum(array.nbytes for array in self._named.values())

    @classmethod
    def __get_pydantic_core_schema__(cls, _source: Any, _handler: Any) -> core_schema.CoreSchema:
        def checked(value: Any, info: Any) -> "Arrays":
            if isinstance(value, Arrays):
                return value
            there = (info.context or {}).get("arrays", {})
            if isinstance(value, str) and value in there:
                return there[value]
            raise ValueError("its numbers are not in the file")

        return core_schema.with_info_plain_validator_function(
            checked, serialization=core_schema.plain_serializer_function_ser_schema(lambda a: a.key))

    @classmethod
    def __get_pydantic_json_schema__(cls, _schema: Any, _handler: Any) -> dict[str, str]:
        return {"type": "string", "pattern": KEY.pattern}


@dataclass(frozen=True)
class Column:
    """What one array of a part of a recipe has to be.

    Attributes
    ----------
    kind : str
        "float", "int" or "byte".
    shape : tuple of int and str
        Sizes; a letter stands for any size, the same wherever it is used.
    low, high : float
        Smallest and largest value; NaN is never within.
    optional : bool
    rows_of : str
        Another array whose rows its values count, from 0.
    """

    kind: str
    shape: tuple[int | str, ...]
    low: float = -np.inf
    high: float = np.inf
    optional: bool = False
    rows_of: str = ""


_KINDS = {"float": (np.float32, np.float64), "int": (np.int32, np.int64), "byte": (np.uint8,)}


def holding(rule: Callable[["Arrays"], Any] | None = None, **columns: Column) -> AfterValidator:
    """Check the arrays of a field against a description, wherever they come from.

    Parameters
    ----------
    rule : callable, optional
        Given the arrays, raises ValueError for what a description cannot say.
    **columns : Column
        By name; no other array may be there.

    Returns
    -------
    AfterValidator
        For the annotation of a field of a pydantic model.
    """
    def checked(arrays: Arrays) -> Arrays:
        # They never change, so once is enough: a million triangles are not looked through at every edit.
        if rule_key not in arrays.passed:
            _check(arrays, columns)
            if rule is not None:
                rule(arrays)
            arrays.passed.add(rule_key)
        return arrays

    rule_key = tuple(columns.items())
    return AfterValidator(checked)


def _check(arrays: Arrays, columns: Mapping[str, Column]) -> None:
    unknown = next((name for name in arrays if name not in columns), None)
    if unknown is not None:
        raise ValueError(f"the numbers {unknown!r} do not belong there")
    sizes: dict[str, int] = {}
    for name, column in columns.items():
        if name not in arrays:
            if column.optional:
                continue
            raise ValueError(f"the numbers {name!r} are missing")
        array = arrays[name]
        if array.dtype not in _KINDS[column.kind]:
            raise ValueError(f"the numbers {name!r} are of type {array.dtype}, not {column.kind}")
        if array.ndim != len(column.shape):
            raise ValueError(f"the numbers {name!r} have {array.ndim} dimensions, not {len(column.shape)}")
        for wanted, size in zip(column.shape, array.shape):
            if size != (sizes.setdefault(wanted, size) if isinstance(wanted, str) else wanted):
                raise ValueError(f"the numbers {name!r} are {' × '.join(map(str, array.shape))}, which does not fit")
        high = len(arrays[column.rows_of]) - 1 if column.rows_of else column.high
        low = 0 if column.rows_of else column.low
        if array.size and not (array.min() >= low and array.max() <= high):
            raise ValueError(f"some of the numbers {name!r} are not finite, or not from {low:,g} to {high:,g}")


def members_of(arrays: Iterable[Arrays]) -> Iterator[tuple[str, bytes]]:
    """Members of a `.mound` that hold some arrays.

    Parameters
    ----------
    arrays : iterable of Arrays

    Yields
    ------
    (str, bytes)
        Name and content.
    """
    for each in sorted(set(arrays), key=lambda a: a.key):
        for name in each:
            buffer = io.BytesIO()
            np.lib.format.write_array(buffer, each[name], allow_pickle=False)
            yield f"arrays/{each.key}.{name}.npy", buffer.getvalue()


def member_key(member: str) -> tuple[str, str] | None:
    """Key and name of the array a member of a `.mound` holds.

    Parameters
    ----------
    member : str

    Returns
    -------
    (str, str) or None
        None when no array may be called so.
    """
    found = _MEMBER.fullmatch(member)
    return (found[1], found[2]) if found else None


def arrays_from(members: Mapping[str, bytes]) -> dict[str, Arrays]:
    """Put arrays together again, and check them against their keys.

    Parameters
    ----------
    members : dict of str to bytes
        By name of the member.

    Returns
    -------
    dict of str to Arrays
        By key.

    Raises
    ------
    ValueError
        When one is damaged.
    """
    by_key: dict[str, dict[str, np.ndarray]] = {}
    for member, content in members.items():
        known = member_key(member)
        if known is None:
            raise ValueError(f"no array may be called {member!r}")
        key, name = known
        by_key.setdefault(key, {})[name] = np.lib.format.read_array(io.BytesIO(content), allow_pickle=False)
    made = {key: Arrays(**named) for key, named in by_key.items()}
    for key, arrays in made.items():
        if arrays.key != key:
            raise ValueError(f"the array {key} is not what it was")
    return made
