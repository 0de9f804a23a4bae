"""Numbers too many for JSON: the triangles of a mesh, the positions of points, the bricks of a volume."""

import hashlib
import io
import re

import numpy as np
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
    """

    __slots__ = ("key", "_named")

    def __init__(self, **named):
        digest = hashlib.blake2b(digest_size=16)
        self._named = {}
        for name in sorted(named):
            array = np.ascontiguousarray(named[name])
            if array.flags.writeable:
                array = array.copy() if array is named[name] else array
                array.setflags(write=False)
            self._named[name] = array
            digest.update(f"{name} {array.dtype.str} {array.shape} ".encode())
            digest.update(array)
        self.key = digest.hexdigest()

    def __getitem__(self, name):
        return self._named[name]

    def __contains__(self, name):
        return name in self._named

    def __iter__(self):
        return iter(self._named)

    def __eq__(self, other):
        return isinstance(other, Arrays) and other.key == self.key

    def __hash__(self):
        return hash(self.key)

    def __repr__(self):
        return f"Arrays({', '.join(f'{name} {a.dtype} {a.shape}' for name, a in self._named.items())})"

    @property
    def nbytes(self):
        """Bytes of all arrays."""
        return sum(array.nbytes for array in self._named.values())

    @classmethod
    def __get_pydantic_core_schema__(cls, _source, _handler):
        def checked(value, info):
            if isinstance(value, Arrays):
                return value
            there = (info.context or {}).get("arrays", {})
            if isinstance(value, str) and value in there:
                return there[value]
            raise ValueError("its numbers are not in the file")

        return core_schema.with_info_plain_validator_function(
            checked, serialization=core_schema.plain_serializer_function_ser_schema(lambda a: a.key))

    @classmethod
    def __get_pydantic_json_schema__(cls, _schema, _handler):
        return {"type": "string", "pattern": KEY.pattern}


def members_of(arrays):
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


def member_key(member):
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


def arrays_from(members):
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
    by_key = {}
    for member, content in members.items():
        key, name = member_key(member)
        by_key.setdefault(key, {})[name] = np.lib.format.read_array(io.BytesIO(content), allow_pickle=False)
    made = {key: Arrays(**named) for key, named in by_key.items()}
    for key, arrays in made.items():
        if arrays.key != key:
            raise ValueError(f"the array {key} is not what it was")
    return made
