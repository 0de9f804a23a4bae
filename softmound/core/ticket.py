"""Being told to stop, and telling how far one has come."""

import threading


class Stopped(Exception):
    """Raised inside a stage when its ticket has been told to stop."""


class Ticket:
    """Handed to long work: it asks `tick` often, and whoever waits calls `stop`.

    Parameters
    ----------
    told : callable, optional
        Called as ``told(share, words)`` with the share done from 0 to 1 and what is being done.
    """

    def __init__(self, told=None):
        self._told = told
        self._stop = threading.Event()
        self._low, self._high, self._words = 0.0, 1.0, ""

    def stop(self):
        """Ask the work to end; it raises `Stopped` at its next tick."""
        self._stop.set()

    @property
    def stopped(self):
        """True once `stop` was called."""
        return self._stop.is_set()

    def step(self, low, high, words):
        """Say that the ticks to come cover this part of the whole.

        Parameters
        ----------
        low, high : float
            Shares of the whole from 0 to 1.
        words : str
            What is being done, for the status line.
        """
        self._low, self._high, self._words = low, high, words
        self.tick(0.0)

    def tick(self, share):
        """Report progress within the present step, and end here if told to stop.

        Parameters
        ----------
        share : float
            From 0 to 1.

        Raises
        ------
        Stopped
        """
        if self._stop.is_set():
            raise Stopped
        if self._told is not None:
            self._told(self._low + (self._high - self._low) * share, self._words)

    def quiet(self):
        """A ticket that stops with this one but reports nothing.

        Returns
        -------
        Ticket
        """
        other = Ticket()
        other._stop = self._stop
        return other


def chunks(count, size, ticket=None):
    """Ranges that cover `count` things, with a tick before each.

    Parameters
    ----------
    count, size : int
    ticket : Ticket, optional

    Yields
    ------
    slice
    """
    for start in range(0, count, size):
        if ticket is not None:
            ticket.tick(start / count)
        yield slice(start, min(start + size, count))


def one_by_one(things, words, ticket=None, low=0.0, high=1.0):
    """Go through things, and say before each how far that is.

    Parameters
    ----------
    things : sequence
    words : callable
        Given number and thing, what is being done with it, for the status line.
    ticket : Ticket, optional
    low, high : float, optional
        Shares of the whole at the first and after the last.

    Yields
    ------
    object

    Raises
    ------
    Stopped
    """
    for number, thing in enumerate(things):
        if ticket is not None:
            share = (high - low) / len(things)
            ticket.step(low + share * number, low + share * (number + 1), words(number, thing))
        yield thing
