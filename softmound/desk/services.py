"""What works at the desk together: the mound and its files, pictures, jobs, and the stations that share them.

Everything that edits, shows or delivers is given these services and knows no window, so that each of it can be opened alone.
"""

from PyQt6.QtCore import QObject, pyqtSignal

from ..core.engine.grid_store import KeptGrids
from ..core.engine.stages import Stages
from .dialogs.asking import leave_all, show_message
from .documents.files import Files
from .documents.mound import MoundDocument
from .view.looking import Looking, begun_painter
from .view.picture import Picture
from .view.playing import Moving
from .work.delivering import Delivering
from .work.finished import Finished
from .work.jobs import Jobs
from .work.relay import Relay


class Services(QObject):
    """The mound at the desk, and all that is done with it.

    Parameters
    ----------
    library : pathlib.Path
        Folder that is published to.
    painter : Painter, optional
        Makes its pictures; one that has begun already.
    parent : QObject, optional

    Attributes
    ----------
    document : MoundDocument
    jobs : Jobs
        Work beside the hand.
    picture : Picture
    looking : Looking
        In which way the mound is looked at, and all pictures of it.
    moving : Moving
        What plays, and what grows.
    finished : Finished
        The grid at the final voxel.
    files : Files
    delivering : Delivering
        What leaves the desk.
    relay : Relay
        Brings answers of other threads into this one.
    builder : Stages
        Builds beside the painter, from the same memory.
    stations : dict of str to Station
        By their words, in the order of the work.
    station : Station or None
        The open one.
    """

    said = pyqtSignal(str)
    """Something to be told in passing."""
    wanted = pyqtSignal(str)
    """A station is to be opened: its word."""
    hand_changed = pyqtSignal()
    """The open station holds another tool."""
    cover_changed = pyqtSignal()
    """Something lies in the place of the picture, or no longer."""
    look_changed = pyqtSignal(bool)
    """What is shown is looked at from elsewhere; whether the hand is still moving."""
    steps_changed = pyqtSignal()
    """Others can be taken back than before."""

    def __init__(self, library, painter=None, parent=None):
        super().__init__(parent)
        painter = begun_painter() if painter is None else painter
        self.stations, self.station = {}, None
        self.document, self.relay, self.jobs, self.picture = MoundDocument(self), Relay(), Jobs(self), Picture()
        self.builder = Stages(painter.stages.cache, KeptGrids(), painter.stages.past)
        self.moving = Moving(self)
        self.finished = Finished(self, self.builder)
        self.looking = Looking(self, painter)
        self.files = Files(self)
        self.delivering = Delivering(self, self.builder, library)
        self.jobs.said.connect(self.tell)
        self.jobs.failed.connect(self.trouble)
        self.document.warned.connect(self.tell)

    def furnish(self, kinds):
        """Make stations that share these services.

        Parameters
        ----------
        kinds : sequence of type
            Subclasses of `Station`.
        """
        self.stations = {kind.name: kind(self) for kind in kinds}

    @property
    def over(self):
        """What dialogs stand over: QWidget."""
        return self.picture.window()

    def tell(self, text):
        """Say something in passing.

        Parameters
        ----------
        text : str
        """
        self.said.emit(text)

    def trouble(self, text):
        """Say what went wrong, in a box.

        Parameters
        ----------
        text : str
        """
        show_message(self.over, text)

    def open_station(self, name):
        """Open a station.

        Parameters
        ----------
        name : str
            Its word.

        Returns
        -------
        Station
        """
        self.wanted.emit(name)
        return self.stations[name]

    def end(self):
        """End all that works, and wait for it."""
        leave_all()
        self.relay.close()
        self.moving.end()
        self.jobs.end()
        self.delivering.end()
        for station in self.stations.values():
            station.end()
        self.looking.close()
