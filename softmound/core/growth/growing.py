"""Letting a mound grow, frame by frame; going on from any frame that is kept."""

import numpy as np

from ..aside import shown
from ..machine import free_memory
from ..problems import DoesNotFit, Problem
from .kept import MOST_BYTES, STATES, STEP, KeptGrowth, bytes_foretold, holds_growth, key_of_growth
from .solver import CLOUD, Flowing
from .source import cells_of, memory_of, source_of


def foretold_growth(mound, rate):
    """What a growth will take.

    Parameters
    ----------
    mound : Mound
        With a growth.
    rate : float
        Frames a second.

    Returns
    -------
    dict
        `cells`, `cell` in metres, `frames`, `memory_bytes`, `disk_bytes`.
    """
    shape, cell, _ = cells_of(mound)
    frames = max(1, round(mound.growth.seconds * rate))
    return {"cells": int(np.prod(shape)), "shape": tuple(map(int, shape)), "cell": cell, "frames": frames,
            "memory_bytes": int(memory_of(shape)), "disk_bytes": bytes_foretold(shape, frames // STEP[mound.growth.kept])}


def grown(mound, folder, rate=24.0, going_on=False, ticket=None, told=None, since=None, of=None):
    """Let a mound grow into a folder of frames.

    Parameters
    ----------
    mound : Mound
        With a growth.
    folder : path-like
    rate : float, optional
        Frames a second.
    going_on : bool, optional
        Go on from the last frame from which that is possible; the frames are then the same as without the pause. The folder
        holds the same growth, or none; otherwise a growth that it holds is replaced.
    ticket : Ticket, optional
    told : callable, optional
        Called as ``told(number, kept)`` with each frame that is kept.
    since : int, optional
        Go on from this frame of a growth by other numbers. The way to it from the last state that is kept is gone once more by
        the old ones.
    of : path-like, optional
        Folder of that growth, which stays as it is; default the same folder, whose later frames are replaced.

    Returns
    -------
    KeptGrowth

    Raises
    ------
    Problem
        When it cannot grow, does not fit, or is to go on where there is another growth, which stays as it is.
    Stopped
        When the ticket was told to stop; the frames up to there are kept.
    """
    said = foretold_growth(mound, rate)
    if said["memory_bytes"] > free_memory():
        raise DoesNotFit("{}: growing on {:.1f} million cells takes {:.1f} GB, more than there is; choose larger "
                         "cells.", mound.name, said["cells"] / 1e6, said["memory_bytes"] / 1e9)
    if said["disk_bytes"] > MOST_BYTES:
        raise DoesNotFit("{}: its frames would take {:.0f} GB; choose larger cells, keep fewer frames, or let it grow "
                         "for a shorter time.", mound.name, said["disk_bytes"] / 1e9)
    kept = None
    if going_on and since is None and holds_growth(folder):
        kept = same_growth(folder, mound, rate)
        if kept is None:
            raise Problem("{}: holds another growth, or a damaged one, so this one cannot go on there; choose another folder, or "
                          "let it be replaced.", shown(folder))
    growth, source = mound.growth, source_of(mound, ticket)
    flowing, begin = Flowing(source.shape, source.cell, source.weather, source.solid), 0
    if since is not None:
        before = KeptGrowth(folder if of is None else of)
        _brought_to(since, before, source, rate, flowing, ticket)
        if of is not None:
            before.copied(folder, since)
        kept, begin = KeptGrowth.begun(folder, mound, source, rate, since), since
        kept.keep(since, flowing, seen(flowing, source, growth), growth.pace)
        kept.keep_state(since, flowing)
    elif kept is not None and kept.states():
        begin = kept.states()[-1]
        kept.resume(begin, flowing)
    else:
        kept = KeptGrowth.begun(folder, mound, source, rate)
        kept.keep(0, flowing, seen(flowing, source, growth), growth.pace)
        kept.keep_state(0, flowing)
    for number in range(begin + 1, kept.last + 1):
        if ticket is not None:
            ticket.step((number - 1) / kept.last, number / kept.last, f"growing: frame {number} of {kept.last}")
        flowing.step(growth.pace / rate, source.emit(growth, flowing.seconds), ticket)
        if number % STEP[growth.kept] == 0 or number == kept.last:
            kept.keep(number, flowing, seen(flowing, source, growth), growth.pace)
            if told is not None:
                told(number, kept)
        if number % STATES == 0 or number == kept.last:
            kept.keep_state(number, flowing)
    return kept


def _brought_to(number, kept, source, rate, flowing, ticket):
    """Set a flow to what it was at a frame of a growth, though it goes on by another source from there."""
    if kept.shape != tuple(source.shape) or kept.cell != source.cell:
        raise Problem("{}: its growth has {:g} m cells in another box; go on with the same cells, room and wind, or "
                      "begin anew.", kept.mound.name, kept.cell)
    there = [state for state in kept.states() if state <= number]
    if not there or number > max(kept.numbers(), default=-1):
        raise Problem("{}: no state is kept up to frame {}; go on from a later one, or let it grow again.", kept.mound.name, number)
    if kept.rate != rate:
        raise Problem("{}: grew at {:g} frames a second; go on at the same rate.", kept.mound.name, kept.rate)
    kept.resume(there[-1], flowing)
    if there[-1] == number:
        return
    growth, old = kept.mound.growth, source_of(kept.mound, ticket)
    way = Flowing(old.shape, old.cell, old.weather, old.solid)
    kept.resume(there[-1], way)
    for _ in range(there[-1], number):
        way.step(growth.pace / rate, old.emit(growth, way.seconds), ticket)
    flowing.faces, flowing.carried, flowing.seconds, flowing.left = way.faces, way.carried, way.seconds, way.left


def seen(flowing, source, growth):
    """What is seen of a growth: its cloud, and that of the form where it is wanted: ndarray of float32, shape (X, Y, Z)."""
    cloud = np.minimum(flowing.carried[CLOUD], 1.0)
    return np.maximum(cloud, source.form) if growth.form else cloud


def same_growth(folder, mound, rate):
    """The growth that a folder holds, where it is that of a mound.

    Parameters
    ----------
    folder : path-like
    mound : Mound
        With a growth.
    rate : float
        Frames a second.

    Returns
    -------
    KeptGrowth or None
    """
    try:
        kept = KeptGrowth(folder)
    except Problem:
        return None
    return kept if kept.key == key_of_growth(mound, rate) else None
