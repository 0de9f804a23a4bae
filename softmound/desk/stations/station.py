"""What the window expects of a station."""

from PyQt6.QtCore import QObject, Qt
from PyQt6.QtWidgets import QScrollArea, QVBoxLayout, QWidget

from ..fields import words


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


class SettingsPanel(QScrollArea):
    """Settings, one below the other.

    Parameters
    ----------
    title, subtitle : str
    """

    def __init__(self, title, subtitle, parent=None):
        super().__init__(parent)
        self.setObjectName("panel")
        self.setWidgetResizable(True)
        self.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.setAccessibleName(f"{title} settings")
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = QWidget()
        inside.setObjectName("panel")
        self.layout_ = QVBoxLayout(inside)
        self.layout_.setContentsMargins(10, 14, 10, 14)
        self.layout_.setSpacing(4)
        self.title, self.subtitle = words(title, "title"), words(subtitle)
        self.layout_.addWidget(self.title)
        self.layout_.addWidget(self.subtitle)
        self.layout_.addSpacing(6)
        self.layout_.addStretch()
        self.setWidget(inside)

    def add(self, *widgets):
        """Put widgets at the end.

        Parameters
        ----------
        *widgets : QWidget

        Returns
        -------
        QWidget
            The last one.
        """
        for widget in widgets:
            self.layout_.insertWidget(self.layout_.count() - 1, widget)
        return widgets[-1]

    def section(self, text):
        """Begin a section.

        Parameters
        ----------
        text : str

        Returns
        -------
        QLabel
        """
        return self.add(words(text, "section"))
