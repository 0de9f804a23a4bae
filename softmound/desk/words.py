"""Every word the desk shows, in the language of whoever sits at it.

The desk speaks English in the code; what it shows goes through `tr`, and a translation of it is a file of Qt Linguist (.ts) named
by its language. All texts stand in one place, `softmound/desk/texts/softmound.ts`, which `python -m docs.make_texts` makes of the
code. Controls and panels of our own say what they are given through `tr` themselves, so that tables can hold plain words; what
is said already is not changed by it.
"""

import pathlib

from PyQt6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QSettings, QTranslator

from ..core.texts import ENGLISH, OWN, SHIPPED, TEMPLATE, asked_by_the_system, form_of, said_in, words_of

CONTEXT = "desk"
"""The one context of all texts: the same words mean the same everywhere on the desk."""
_SPOKEN = [ENGLISH]
"""The language that `speak` was told last."""


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
    return said_in(text, _looked_up)


def _looked_up(text):
    return QCoreApplication.translate(CONTEXT, text)


def counted(one, many, n):
    """What is counted, in the form that a number takes in the language the desk speaks.

    Parameters
    ----------
    one, many : str
        English, for one and for any other number; the second may have braces, filled with `str.format` after this.
    n : int

    Returns
    -------
    str
    """
    said = QCoreApplication.translate(CONTEXT, many, None, int(n))
    return one if said == many and n == 1 else said


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
    said : dict of str to str or tuple of str
        By what it is in English; of what is counted its forms.
    parent : QObject, optional
    language : str, optional
        Whose forms they are.
    """

    def __init__(self, said, parent=None, language=ENGLISH):
        super().__init__(parent)
        self._said, self._language = said, language

    def translate(self, context, text, disambiguation=None, n=-1):
        """Called by Qt; None for what is not known, which then stays English."""
        said = self._said.get(text) if context == CONTEXT else None
        if isinstance(said, tuple):
            return said[min(form_of(self._language, n), len(said) - 1)]
        return said


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
    """The translation that was chosen, as far as it is still there; that of the system where none ever was.

    Returns
    -------
    pathlib.Path or None
        None for English.
    """
    path = QSettings("softmound", "look").value("language", None)
    if path is None:
        return asked_by_the_system()
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
    _SPOKEN[0] = ENGLISH if said is None else pathlib.Path(path).stem
    if said is None:
        return
    # Qt has translations of its own buttons and dialogs.
    own = QTranslator(application)
    if own.load(QLocale(pathlib.Path(path).stem), "qtbase", "_", QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)):
        application.installTranslator(own)
    words = Words(said, application, _SPOKEN[0])
    application.installTranslator(words)
