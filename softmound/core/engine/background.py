"""Long work beside the hand: building the final grid, publishing."""

import logging
import threading

from ..problems import Problem
from ..sentences import Sentence
from ..ticket import Stopped, Ticket

LOGGER = logging.getLogger(__name__)


class Job:
    """One piece of work on a thread of its own, with progress and stop.

    Parameters
    ----------
    work : callable
        Called as ``work(ticket)``; what it returns is the result.
    told : callable
        Called from the thread as ``told(share, words)``.
    done : callable
        Called from the thread as ``done(job)`` when the work has ended in any way.
    """

    def __init__(self, work, told, done):
        self.ticket = Ticket(told)
        self.result = None
        self.problem = ""
        self.stopped = False
        self._work, self._done = work, done
        self._thread = threading.Thread(target=self._run, name="job", daemon=True)

    def start(self):
        """Begin.

        Returns
        -------
        Job
            Itself.
        """
        self._thread.start()
        return self

    def stop(self):
        """Ask the work to end."""
        self.ticket.stop()

    def wait(self):
        """Wait until it has ended."""
        self._thread.join()

    def _run(self):
        try:
            self.result = self._work(self.ticket)
        except Stopped:
            self.stopped = True
        except Problem as problem:
            self.problem = problem.sentence
        except MemoryError:
            self.problem = Sentence("Memory ran out; nothing was changed. Choose a larger voxel.")
        except Exception as error:  # a fault of ours must not leave the desk waiting for ever
            LOGGER.exception("the work could not be done")
            self.problem = Sentence("The work could not be done ({}); nothing was changed.", type(error).__name__)
        self._done(self)
