"""Translations: files of Qt Linguist, read without Qt, so that the command line speaks what the desk speaks.

All texts stand in English in the code; `python -m docs.make_texts` gathers them. A translation gives for each what it is in another
language, and for what is counted as many forms as that language has.
"""

import locale
import os
import pathlib
import xml.etree.ElementTree as ElementTree
from string import Formatter

import platformdirs

from .problems import Problem
from .sentences import Sentence

OWN = platformdirs.user_config_path("softmound") / "texts"
"""Folder of the user's own translations."""
SHIPPED, TEMPLATE = pathlib.Path(__file__).parents[1] / "desk" / "texts", "softmound"
"""Folder of translations, and in it the file of all texts, to begin a translation with."""
ENGLISH = "en"


def _slavic(n):
    return 0 if n % 10 == 1 and n % 100 != 11 else 1 if 2 <= n % 10 <= 4 and not 12 <= n % 100 <= 14 else 2


_RULES = {
    **dict.fromkeys(("ja", "ko", "zh", "vi", "th", "id", "tr"), lambda n: 0),
    **dict.fromkeys(("fr", "pt"), lambda n: int(n > 1)),
    **dict.fromkeys(("ru", "uk", "be", "sr", "hr", "bs"), _slavic),
    "pl": lambda n: 0 if n == 1 else 1 if 2 <= n % 10 <= 4 and not 12 <= n % 100 <= 14 else 2,
    **dict.fromkeys(("cs", "sk"), lambda n: 0 if n == 1 else 1 if 2 <= n <= 4 else 2),
}
"""Which form a number takes, as Qt Linguist has it for languages that are not like English (its table of numerus rules)."""


def form_of(language, n):
    """Which form of a text a number takes: int.

    Parameters
    ----------
    language : str
        As "de" or "pt_BR".
    n : int
    """
    return _RULES.get(language.split("_")[0], lambda n: int(n != 1))(abs(int(n)))


def words_of(path):
    """Read a translation.

    Parameters
    ----------
    path : path-like
        A file of Qt Linguist (.ts).

    Returns
    -------
    dict of str to str or tuple of str
        What is finished in it and has as many places to fill in as the English; of what is counted its forms. The rest stays
        English.

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
        if said is None or said.get("type") in ("unfinished", "vanished", "obsolete"):
            continue
        forms = tuple(form.text or "" for form in said.iter("numerusform"))
        if forms and all(form and _fits(text, form) for form in forms):
            found[text] = forms
        elif not forms and said.text and _fits(text, said.text):
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


def said_in(said, look):
    """A sentence in another language.

    Parameters
    ----------
    said : str
        A `Sentence` knows what is put in; any other text is looked up as it is.
    look : callable
        Given a text in English, returns it in that language.

    Returns
    -------
    str
    """
    if isinstance(said, Sentence):
        return look(said.pattern).format(*(said_in(value, look) if isinstance(value, Sentence) else value for value in said.values))
    return look(said) if said else said


def asked_by_the_system(environment=None):
    """The translation that fits the language of the system.

    Parameters
    ----------
    environment : dict, optional
        Default that of the process.

    Returns
    -------
    pathlib.Path or None
        None for English, and where there is no such translation.
    """
    environment = os.environ if environment is None else environment
    asked = next((environment[name] for name in ("LC_ALL", "LC_MESSAGES", "LANG") if environment.get(name)), "")
    name = (locale.normalize(asked).split(".")[0] or asked).split("@")[0]
    for stem in (name, name.split("_")[0]):
        for folder in (OWN, SHIPPED):
            path = folder / f"{stem}.ts"
            if stem and stem not in (TEMPLATE, ENGLISH) and path.is_file():
                return path
    return None
