"""Content hashes: the key of a stage's result is the hash of what the stage read."""

import hashlib

from ..recipe.models import Value


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
        digest.update(b"\x00" + _text(part).encode())
    return digest.hexdigest()


def _text(part):
    if isinstance(part, Value):
        return part.model_dump_json(exclude_defaults=True)
    if isinstance(part, tuple):
        return "(" + "\x01".join(_text(p) for p in part) + ")"
    return repr(part)
