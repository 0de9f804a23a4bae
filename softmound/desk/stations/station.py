"""What the window expects of a station."""

from PyQt6.QtCore import QObject


class Station(QObject):
    """A page: a tray below the picture, settings beside it, and perhaps a hand in it.

    Attributes
    ----------
    name : str
        Its word.
    dome : bool
        Whether the picture shows the sun dome.
    way : str
        The way of looking it opens with.
    tools : tuple
        Tools for the hand, shown on the picture: key, word, sentence.
    tool : str
        Key of the one in hand.
    hand : object or None
        Takes gestures in the picture: press, drag, release, double, hover, paint.
    tray, settings : QWidget
    """

    name = ""
    dome = False
    way = "draft"
    tools = ()
    tool = ""

    def __init__(self, document, parent=None):
        super().__init__(parent)
        self.document = document
        self.hand = None
        self.tray = None
        self.settings = None

    def follow(self, mound):
        """Bring what is chosen in line with another mound, whether or not the station is open.

        Parameters
        ----------
        mound : Mound
        """

    def show_mound(self, mound):
        """Show a mound.

        Parameters
        ----------
        mound : Mound
        """

    def note(self, _mound):
        """Sentence laid over the picture, when there is nothing to work on.

        Returns
        -------
        str
        """
        return ""
