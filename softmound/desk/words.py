"""Every word the desk shows, in the language of whoever sits at it.

The desk speaks English in the code; what it shows goes through `tr`, and a translation of it is a file of Qt Linguist (.ts) named
by its language. All texts stand in one place, `softmound/desk/texts/softmound.ts`, which `python -m docs.make_texts` makes of the
code. Controls and panels of our own say what they are given through `tr` themselves, so that tables can hold plain words; what
is said already is not changed by it.
"""

import pathlib
import xml.etree.ElementTree as ElementTree
from string import Formatter

import platformdirs
from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QSettings, QTranslator

from ..core.problems import Problem
from ..core.sentences import Sentence

_SPOKEN = ["en"]
CONTEXT = "desk"
"""The one context of all texts: the same words mean the same everywhere on the desk."""
OWN = platformdirs.user_config_path("softmound") / "texts"
"""Folder of the user's own translations."""
SHIPPED, TEMPLATE = pathlib.Path(__file__).parent / "texts", "softmound"
"""Folder of translations, and in it the file of all texts, to begin a translation with."""


def tr(text):
    """What the desk says, in the language it speaks.

    Parameters
    ----------
    text : str
        English. Where something is put in there are braces, filled with `str.format` after this; a `Sentence` of the core knows
        what is put in.

    Returns
    -------
    str
    """
    if isinstance(text, Sentence):
        return tr(text.pattern).format(*(tr(value) if isinstance(value, Sentence) else value for value in text.values))
    return QCoreApplication.translate(CONTEXT, text) if text else text


def spoken():
    """The language that the desk speaks: str, as "en" or "de"."""
    return _SPOKEN[0]


def in_words(name):
    """A name of the code, of a field, a part or a kind, as the desk says it: str.

    Parameters
    ----------
    name : str
    """
    return tr(name.replace("_", " "))


class Words(QTranslator):
    """What the desk says in another language.

    Parameters
    ----------
    said : dict of str to str
        By what it is in English.
    parent : QObject, optional
    """

    def __init__(self, said, parent=None):
        super().__init__(parent)
        self._said = said

    def translate(self, context, text, disambiguation=None, n=-1):
        """Called by Qt; None for what is not known, which then stays English."""
        return self._said.get(text) if context == CONTEXT else None


def words_of(path):
    """Read a translation.

    Parameters
    ----------
    path : path-like
        A file of Qt Linguist (.ts).

    Returns
    -------
    dict of str to str
        What is finished in it and has as many places to fill in as the English; the rest stays English.

    Raises
    ------
    Problem
        If it cannot be read.
    """
    try:
        root = ElementTree.parse(path).getroot()
    except (OSError, ElementTree.ParseError) as error:
        raise Problem("{}: is no translation of Qt Linguist that can be read ({}).", path, error) from error
    found = {}
    for message in root.iter("message"):
        text, said = message.findtext("source") or "", message.find("translation")
        if said is None or said.get("type") in ("unfinished", "vanished", "obsolete") or not said.text:
            continue
        if _fits(text, said.text):
            found[text] = said.text
    return found


def _fits(text, said):
    """Whether a translation can be filled in as its text is: places may change their order, each written as it was or plainly."""
    try:
        there, wanted = dict(_places(text)), _places(said)
    except ValueError:
        return False
    return all(place in there and how in (there[place], ("", None)) for place, how in wanted)


def _places(words):
    """Where something is put in: the number of each place, and how it is written."""
    found = [(name, (how, conversion)) for _, name, how, conversion in Formatter().parse(words) if name is not None]
    if {name for name, _ in found} == {""}:
        found = [(str(n), how) for n, (_, how) in enumerate(found)]
    return found


def languages(folders=None):
    """Translations there are.

    Parameters
    ----------
    folders : sequence of path-like, optional
        Default what is shipped and the user's own.

    Returns
    -------
    dict of str to pathlib.Path
        By the language's own name.
    """
    folders = (SHIPPED, OWN) if folders is None else folders
    found = {}
    for folder in folders:
        for path in sorted(pathlib.Path(folder).glob("*.ts")):
            locale = QLocale(path.stem)
            if path.stem != TEMPLATE and locale.language() != QLocale.Language.C:
                found[locale.nativeLanguageName()] = path
    return found


def chosen():
    """The translation that was chosen, as far as it is still there.

    Returns
    -------
    pathlib.Path or None
        None for English.
    """
    path = QSettings("softmound", "look").value("language", "")
    return pathlib.Path(path) if path and pathlib.Path(path).is_file() else None


def choose(path):
    """Let the desk speak another language from its next start on.

    Parameters
    ----------
    path : path-like or None
        A translation; None for English.

    Raises
    ------
    Problem
        If it cannot be read; what was chosen before stays.
    """
    if path:
        words_of(path)
    QSettings("softmound", "look").setValue("language", str(path or ""))


def speak(application, path=None):
    """Let the desk speak another language, from the next window on.

    Parameters
    ----------
    application : QApplication
    path : path-like, optional
        A translation; default English.

    Raises
    ------
    Problem
        If it cannot be read; the language stays.
    """
    said = words_of(path) if path else None
    for before in application.findChildren(QTranslator):
        application.removeTranslator(before)
        before.deleteLater()
    _SPOKEN[0] = "en" if said is None else pathlib.Path(path).stem
    if said is None:
        return
    # Qt has translations of its own buttons and dialogs.
    own = QTranslator(application)
    if own.load(QLocale(pathlib.Path(path).stem), "qtbase", "_", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
        application.installTranslator(own)
    words = Words(said, application)
    application.installTranslator(words)
