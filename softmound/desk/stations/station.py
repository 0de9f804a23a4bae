"""What the window iterates over: a page of the application, and what it has to offer."""

from functools import cached_property

from PyQt6.QtCore import QObject

from ...core.engine.density import bounds_of
from ...core.mass.pick import Picker
from ...core.recipe.places import changed
from ..words import tr


class Station(QObject):
    """A page: a tray below the picture, settings beside it, and perhaps a hand in it.

    A station is one folder here, with a module `station`, and one chapter of the manual; the window, the strip, the keys, the menu
    and the help ask for what is listed below, and know no station by its name.

    Parameters
    ----------
    services : Services
        Whose document is edited, and what else the station may use.

    Attributes
    ----------
    name : str
        Its word.
    page : str
        Of the manual, which speaks of it.
    order : int
        Its place among the others.
    miniature : str
        Which of `core.engine.miniatures` the strip shows of it; empty where the station shows one by itself, by `show_tile`.
    dome : bool
        Whether the picture shows the sun dome.
    document : Document
        What is edited in it: the mound, unless it has one of its own.
    commands : tuple of Command
        What it does by name; each is given the station.
    gestures : tuple of (str, str)
        What hands do in it that is no command: the gesture, and what it does.
    tools : tuple of (str, str, str)
        Tools for the hand, shown on the picture: key, word, sentence.
    tool : str
        Key of the one in hand.
    hand : object or None
        Takes gestures in the picture: press, drag, release, double, hover, paint.
    """

    name, order, page = "", 100, ""
    miniature = ""
    dome = False
    commands = ()
    gestures = ()
    tools = ()
    tool = ""

    def __init__(self, services):
        super().__init__(services)
        self.services, self.document = services, services.document
        self.hand = None
        self._picker = (None, None)

    @cached_property
    def tray(self):
        """Below the picture: QWidget, made when it is first asked for."""
        return self.make_tray()

    @cached_property
    def settings(self):
        """Beside the picture: SettingsPanel, made when it is first asked for."""
        return self.make_settings()

    @property
    def is_open(self):
        """Whether it is the one that is seen."""
        return self.services.station is self

    @property
    def laid_out(self):
        """Whether somebody has asked for its tray: nothing need be shown in it before."""
        return "tray" in vars(self)

    def make_tray(self):
        """Make the tray.

        Returns
        -------
        QWidget
        """
        raise NotImplementedError

    def make_settings(self):
        """Make the settings.

        Returns
        -------
        SettingsPanel
        """
        raise NotImplementedError

    @cached_property
    def cover(self):
        """What lies in the place of the picture while it is `covered`: QWidget or None, made when it is first asked for."""
        return self.make_cover()

    @property
    def covered(self):
        """Whether something else is seen in the place of the picture; `services.cover_changed` tells when that changes."""
        return False

    def make_cover(self):
        """Make what may lie in the place of the picture.

        Returns
        -------
        QWidget or None
        """
        return None

    def corner(self):
        """What stands in the upper left corner of the picture: QWidget or None."""
        return None

    def leave(self):
        """Another station is opened."""

    def join(self):
        """Follow what happens elsewhere in the window; called once, when all of it is there."""

    def follow(self, mound):
        """Bring what is chosen in line with another mound, whether or not the station is open.

        Parameters
        ----------
        mound : Mound
        """

    def show_mound(self, mound):
        """Show a mound in tray and settings.

        Parameters
        ----------
        mound : Mound
        """

    def show_view(self, mound):
        """Show a mound of which only the view is another.

        Parameters
        ----------
        mound : Mound
        """

    def show_tile(self, tile):
        """Show on the strip how things stand, where the miniature is not made of the mound.

        Parameters
        ----------
        tile : Tile
        """

    def note(self, _mound):
        """Sentence laid over the picture, when there is nothing to work on.

        Returns
        -------
        str
        """
        return ""

    def caption(self, _mound):
        """What is seen in the picture, where that is not plain.

        Returns
        -------
        str
        """
        return ""

    def as_seen(self, mound):
        """What the picture shows of a mound: its light, its view, and what is drawn over it.

        Parameters
        ----------
        mound : Mound

        Returns
        -------
        Mound
        """
        return mound

    def placed(self):
        """What the picture shows instead of the mound: see `core.engine.painter.Request`; None for the mound itself."""
        return None

    @property
    def cut_through(self):
        """Whether what is placed can be cut through."""
        return False

    def bounds(self):
        """Corners of what can be cut through: (ndarray of float, ndarray of float), metres; None where there is nothing."""
        return bounds_of(self.services.document.mound)

    def look(self, view, moving=False):
        """Look from elsewhere.

        Parameters
        ----------
        view : View
        moving : bool, optional
            The hand has not let go yet.
        """
        self.document.look(view, moving)

    def turn_sun(self, azimuth, elevation, moving):
        """Put the sun elsewhere.

        Parameters
        ----------
        azimuth, elevation : float
            Degrees.
        moving : bool
        """
        self.document.apply(tr("sun"), lambda mound: changed(mound, ("light", "sun"), azimuth=azimuth, elevation=elevation), moving)

    @property
    def steps(self):
        """What can be taken back, and done again: (str or None, str or None)."""
        return self.document.undo_label, self.document.redo_label

    def undo(self):
        """Take back what was done last."""
        self.document.undo()

    def redo(self):
        """Do again what was taken back last."""
        self.document.redo()

    def save(self):
        """Save what is edited, asking for a file when it has none."""
        self.services.files.save()

    def save_as(self):
        """Ask for a file and save what is edited."""
        self.services.files.save_as()

    def take_pictures(self):
        """Ask how, and take pictures of what is shown."""
        self.services.delivering.take_pictures()

    def fit(self):
        """Fit what is shown into the picture."""
        self.services.looking.fit()

    def masks(self):
        """Masks whose reach the picture is to be tinted by, while the station is open.

        Returns
        -------
        tuple of Mask
        """
        return ()

    def remove(self):
        """Remove what is chosen."""

    def end(self):
        """Let go of files, for the window closes."""

    def let_go(self):
        """Put the tool down, or let go of what is chosen."""

    def picker(self):
        """The mass made ready for rays, as long as it is the same.

        Returns
        -------
        Picker
        """
        mass = self.document.mound.mass
        if self._picker[0] is not mass:
            self._picker = (mass, Picker(mass))
        return self._picker[1]
