"""Letting a mound grow, frame by frame; going on from any frame that is kept."""

import numpy as np

from ..aside import shown
from ..engine.density import bounds_of
from ..kernels import threads
from ..machine import free_memory
from ..problems import DoesNotFit, Problem
from .air import GRAVITY, air_of, lifted_parcel, stopping_height
from .kept import MOST_BYTES, STATES, STEP, KeptGrowth, bytes_foretold, holds_growth, key_of_growth, moving
from .solver import BLOCK, FARTHEST, KELVIN, LEAST_MARGIN, MARGIN, Flowing, memory_of
from .source import cells_of, obstacles_of, source_of

SHARE_OF_FASTEST = 0.18
"""Of the greatest speed, at which what rises does so on the whole (measured on the ready growths: 0.12 to 0.22)."""
LASTS = 0.75
"""Seconds of the film for which detail rides on the flow before it is begun anew: longer, and it is drawn out to threads."""

CELL_SECONDS, FILLED, SLOWER = 1.4e-6, (0.45, 0.2), 2.2
"""That a step of a cell takes one core, about; the share of the last box that it needs on its way, of what rises at once and of
what has to condense first; and times as long with something in its way (all measured on the ready growths)."""


def foretold_growth(mound, rate):
    """What a growth will take, about.

    Parameters
    ----------
    mound : Mound
        With a growth.
    rate : float
        Frames a second.

    Returns
    -------
    dict
        `cells` and `shape` of the box that it will need in the end, `cell` in metres, `frames`, `seconds` on this machine,
        `memory_bytes`, `disk_bytes`.
    """
    growth, (most, cell, _) = mound.growth, cells_of(mound)
    frames = max(1, round((growth.seconds + growth.lead) * rate))
    sides, fastest = _sides(mound)
    room = np.maximum(MARGIN * float(sides[[0, 2]].max()), LEAST_MARGIN * cell * growth.larger)
    sides += room * np.array([2.0, 1.0, 2.0])
    # The box grows by whole blocks.
    shape = tuple(int(min(n, round(side / (cell * growth.larger)) + BLOCK)) for n, side in zip(most, sides))
    cells = int(np.prod(shape, dtype=float))
    walls = SLOWER if obstacles_of(mound.stand_ins) else 1.0
    filled = FILLED[growth.sounding is not None]
    # It is half as fast as at its fastest, most of the time.
    steps = walls * frames * max(1.0, 0.5 * growth.pace / rate * fastest / (FARTHEST * cell * growth.larger))
    return {"cells": cells, "shape": shape, "cell": cell, "frames": max(1, round(growth.seconds * rate)),
            "seconds": round(cells * filled * steps * CELL_SECONDS / threads(), 1), "memory_bytes": int(memory_of(shape)),
            "disk_bytes": bytes_foretold(shape, max(1, round(growth.seconds * rate)) // STEP[growth.kept])}


def foretold_box(mound):
    """About where a growth's cloud will be at its end.

    Parameters
    ----------
    mound : Mound
        With a growth.

    Returns
    -------
    low, high : ndarray of float64, shape (3,)
        Metres.
    """
    sides, (low, high) = _sides(mound)[0] / mound.growth.larger, bounds_of(mound)
    foot = 0.5 * (np.asarray(low, float) + high) - 0.5 * sides
    foot[1] = low[1]
    return foot, foot + sides


def _sides(mound):
    """How far a growth's cloud will reach along x, y and z, and how fast it will be, in metres of nature."""
    growth, (most, cell, _), (low, high) = mound.growth, cells_of(mound), bounds_of(mound)
    wide, tall = np.maximum(high - low, cell)[[0, 2]] * growth.larger, float(high[1] - low[1]) * growth.larger
    fastest, rises = _rising(growth, tall, float(wide.min()), most[1] * cell * growth.larger)
    drifts = min(growth.seconds * growth.pace, 600.0) * max(abs(growth.wind), abs(growth.wind + growth.shear * rises / 1000.0))
    # What rises widens by a quarter of its way on each side, and has room around it.
    return np.array([wide[0] + 0.5 * rises + drifts, tall + rises, wide[1] + 0.5 * rises]), fastest


def _rising(growth, tall, wide, room):
    """How fast a growth rises at its fastest, metres of nature a second, and how far in its time, metres of nature."""
    heats = max(abs(growth.heat), 0.1)
    fastest = growth.speed + (GRAVITY * heats / KELVIN * max(tall, wide)) ** 0.5
    if growth.sounding is not None and growth.moisture > 0.0:
        heights = np.arange(0.0, max(room, 40.0), 20.0)
        lift = lifted_parcel(growth.sounding, air_of(growth.sounding, heights), heights, heats, growth.moisture)[2]
        # Mixing leaves about a third of what a parcel would gain that mixes with nothing.
        fastest += 0.35 * (2.0 * float(np.maximum(lift, 0.0).sum()) * 20.0) ** 0.5
        room = min(room, 1.2 * stopping_height(growth.sounding, heats, growth.moisture) + tall)
    return fastest, min(room, SHARE_OF_FASTEST * fastest * (growth.seconds + growth.lead) * growth.pace)


def grown(mound, folder, rate=24.0, going_on=False, ticket=None, told=None, since=None, of=None, beside=None):
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
    beside : path-like, optional
        Folder that files of moving forms are named from.

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
    sources = Sources(mound, rate, folder if beside is None else beside, ticket)
    source = sources.at(0)
    flowing, begin = _flowing(source, mound.growth), 0
    if since is not None:
        before = KeptGrowth(folder if of is None else of)
        _brought_to(since, before, source, rate, flowing, ticket, beside)
        if of is not None:
            before.copied(folder, since)
        kept, begin = KeptGrowth.begun(folder, mound, source, rate, since), since
    elif kept is not None and kept.states():
        begin = kept.states()[-1]
        kept.resume(begin, flowing)
    else:
        kept = KeptGrowth.begun(folder, mound, source, rate)
        if mound.growth.form == "first":
            source.begin(flowing)
        for _ in range(round(mound.growth.lead * rate)):
            flowing.step(mound.growth.pace / rate, source.emit(flowing), ticket)
    if begin == 0 or since is not None:
        kept.keep(begin, flowing, source.seen(flowing))
        kept.keep_state(begin, flowing)
    for number in range(begin + 1, kept.last + 1):
        if ticket is not None:
            ticket.step((number - 1) / kept.last, number / kept.last, f"growing: frame {number} of {kept.last}")
        source = sources.at(number - 1)
        flowing.include(source.box)  # forms may have moved out of it
        flowing.step(mound.growth.pace / rate, source.emit(flowing), ticket)
        if number % STEP[mound.growth.kept] == 0 or number == kept.last:
            kept.keep(number, flowing, source.seen(flowing))
            if told is not None:
                told(number, kept)
        if number % STATES == 0 or number == kept.last:
            kept.keep_state(number, flowing)
    return kept


def _flowing(source, growth):
    """A flow at rest, on the cells of a source."""
    return Flowing(source.shape, source.cell * growth.larger, source.weather, source.solid, source.first_box(), LASTS * growth.pace)


class Sources:
    """What gives off at each frame of a growth: the same all along, unless its forms move.

    Parameters
    ----------
    mound : Mound
    rate : float
        Frames a second.
    folder : path-like
        That files of sequences are named from.
    ticket : Ticket, optional
    """

    def __init__(self, mound, rate, folder=".", ticket=None):
        self._mound, self._rate, self._folder, self._ticket = mound, rate, folder, ticket
        self._still = None if moving(mound) else source_of(mound, ticket)

    def at(self, number):
        """The source of a frame: Source.

        Parameters
        ----------
        number : int
            From 0.
        """
        if self._still is not None:
            return self._still
        line = self._mound.time
        return source_of(self._mound, self._ticket, line.first + number * line.rate / self._rate, self._folder)


def _brought_to(number, kept, source, rate, flowing, ticket, beside):
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
    growth, sources = kept.mound.growth, Sources(kept.mound, rate, kept.folder if beside is None else beside, ticket)
    old = sources.at(there[-1])
    way = _flowing(old, growth)
    kept.resume(there[-1], way)
    for at in range(there[-1], number):
        old = sources.at(at)
        way.include(old.box)
        way.step(growth.pace / rate, old.emit(way), ticket)
    flowing.taken(way.box, way.faces, way.carried, way.riding.rode, way.seconds, way.left)


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
