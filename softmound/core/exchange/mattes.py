"""Cryptomatte: mattes as identifiers and shares, by its specification, version 1.2.0 (Friedman and Jones 2015, Fully automatic
ID mattes with support for motion blur and transparency, SIGGRAPH talks).
"""

import json

import mmh3
import numpy as np

CONVERSION = "uint32_to_float32"
"""How an identifier becomes a number of a channel: bit by bit."""


def identifier(name):
    """Identifier of a name.

    Parameters
    ----------
    name : str

    Returns
    -------
    int
        MurmurHash3 of its UTF-8, 32 bits; one whose bits are no ordinary number has the lowest bit of the exponent turned over.
    """
    found = mmh3.hash(name.encode(), signed=False)
    return found ^ (1 << 23) if found >> 23 & 255 in (0, 255) else found


def matte_channels(layer, numbers, shares, names):
    """Channels of a layer of mattes, and what a header says of it.

    Parameters
    ----------
    layer : str
        Its name.
    numbers : ndarray of int32, shape (height, width, ranks)
        Of the things that are seen, those that cover most first; below 0 for none. An even count of ranks.
    shares : ndarray of float32, shape (height, width, ranks)
        Of the pixel that each covers.
    names : sequence of str
        Of the things, all of them different.

    Returns
    -------
    channels : dict of str to ndarray of float32, shape (height, width)
        Two ranks a set of four: identifier and share of the one, and of the other.
    header : dict of str to str
        The manifest among it.
    """
    words = [identifier(name) for name in names]
    # The last one stands for nobody.
    ids = np.array([*words, 0], np.uint32).view(np.float32)
    channels = {}
    for rank in range(numbers.shape[2]):
        first, second = ("R", "G") if rank % 2 == 0 else ("B", "A")
        prefix = f"{layer}{rank // 2:02d}"
        channels[f"{prefix}.{first}"] = ids[np.where(shares[..., rank] > 0.0, numbers[..., rank], -1)]
        channels[f"{prefix}.{second}"] = np.ascontiguousarray(shares[..., rank], np.float32)
    key = f"cryptomatte/{identifier(layer):08x}"[:19]
    manifest = {name: f"{word:08x}" for name, word in zip(names, words)}
    return channels, {f"{key}/name": layer, f"{key}/hash": "MurmurHash3_32", f"{key}/conversion": CONVERSION,
                      f"{key}/manifest": json.dumps(manifest, ensure_ascii=False, separators=(",", ":"))}
