"""Content hashes: the key of a stage's result is the hash of what the stage read."""

import hashlib
from functools import cache

from ..recipe.arrays import Arrays
from ..recipe.value import Value


def key_of(stage, *parts):
    """Key of a stage's result.

    Parameters
    ----------
    stage : str
    *parts : Value, tuple of Value, str, int, float or None
        The parts of the recipe it reads, and the keys of the stages before it.

    Returns
    -------
    str
        32 hexadecimal digits.
    """
    digest = hashlib.blake2b(stage.encode(), digest_size=16)
    for part in parts:
        digest.update(b"\x00" + _mark(part))
    return digest.hexdigest()


def _mark(part):
    """Bytes that stand for a part: the same for equal parts, others for others."""
    if isinstance(part, Value):
        return _kept(part)
    if isinstance(part, tuple):
        return b"(" + b"\x01".join(map(_mark, part)) + b")"
    if isinstance(part, Arrays):
        return part.key.encode()
    return repr(part).encode()


@cache
def _fields(model):
    """Of each field that counts its name, the bytes its part of a hash begins with, and its default."""
    return tuple((name, f"\x00{name}\x01".encode(), field.default)
                 for name, field in model.model_fields.items() if name not in model.told)


def _kept(value):
    """Hash of a value, worked out once: values never change, and an edit shares all it does not touch with the one before."""
    mark = value.mark
    if mark is None:
        digest = hashlib.blake2b(type(value).__name__.encode(), digest_size=16)
        held = value.__dict__
        for name, start, default in _fields(type(value)):
            own = held[name]
            # A field that came later, at its default, leaves the hashes of older recipes as they were.
            if own is not default and own != default:
                digest.update(start + _mark(own))
        mark = digest.digest()
        value.keep_mark(mark)
    return mark
