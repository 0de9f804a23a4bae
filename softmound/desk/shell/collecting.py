"""Python's cyclic garbage, collected in the interface's thread only.

The cyclic collector runs in whatever thread happens to allocate. Should it free what belongs to a closed window there,
Qt objects and the functions their signals call would go in a thread they were not made in, while the interface may be
inside one of them. So the collector is switched off, and a timer of the interface does its work.
"""

import gc

from PyQt6.QtCore import QObject, QTimer

EVERY = 500
"""Milliseconds between two looks."""


class Collecting(QObject):
    """Runs the generations as they fill, as the collector itself would.

    Parameters
    ----------
    parent : QObject
        Of the interface's thread; collection goes back to Python when it is destroyed.
    every : int, optional
        Milliseconds.
    eager : bool, optional
        Collect everything at each look, to bring out faults.
    """

    def __init__(self, parent, every=EVERY, eager=False):
        super().__init__(parent)
        self.eager = eager
        gc.disable()
        gc.freeze()  # what has been loaded by now stays: it need not be looked through again
        self._timer = QTimer(self)
        self._timer.timeout.connect(self.collect)
        self._timer.start(every)

    def collect(self):
        """Collect the oldest generation that is full, with the younger ones."""
        if self.eager:
            gc.collect()
            return
        for generation in (2, 1, 0):
            if gc.get_count()[generation] > gc.get_threshold()[generation]:
                gc.collect(generation)
                return
