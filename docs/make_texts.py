"""Make `softmound/desk/texts/softmound.ts`: all that the desk says, in one place, as Qt Linguist reads it.

    .venv/bin/python -m docs.make_texts [TRANSLATION.ts ...]

Without a name the file of all texts is made anew. Translations that are named are brought up to date: what is new in the code is
added to them, what they say already stays.

What is said is found in three ways: whatever the code gives to `tr`; what it shows by name from tables, those of the desk and the
rows, kinds and starts of the core; and the sentences of the core, of what is wrong and of what it advises.
PyQt's own `pylupdate6` writes the file.
"""

import ast
import contextlib
import pathlib
import re
import shutil
import sys
import tempfile

from PyQt6.lupdate import lupdate

from softmound.core.engine import films, takes
from softmound.core.formation import filming
from softmound.core.grain.characters import CHARACTERS
from softmound.core.grain.characters import SENTENCES as SENTENCES_OF
from softmound.core.library.choices import MORE, ORDERS
from softmound.core.light.scene.situations import NAMES
from softmound.core.mass.solids import SHAPES
from softmound.core.photograph.measures import WORDS
from softmound.core.photograph.near import LOCKS
from softmound.core.recipe.forms import TOOLS
from softmound.core.recipe.grains import ACTIONS, MASKS
from softmound.core.recipe.models import TIERS
from softmound.core.recipe.standins import STAND_INS
from softmound.core.recipe.steps import STEPS
from softmound.core.recipe.value import Value
from softmound.core.starts.examples import EXAMPLES
from softmound.core.starts.rising import RISING
from softmound.core.starts.species import STARTS
from softmound.desk.help.entries import SHEETS
from softmound.desk.shell.commands import table
from softmound.desk.words import CONTEXT, SHIPPED, TEMPLATE

ROOT = pathlib.Path(__file__).parents[1]
CORE, DESK, COMMANDS, COMMAND_LINE = (ROOT / "softmound" / name for name in ("core", "desk", "commands", "cli.py"))
SENTENCES = "Problem", "DoesNotFit", "NotWritten", "Sentence", "Finding"
"""What in the core and on the command line takes sentences for people: as its first word, or of findings all of them."""
SHOWN = re.compile(r"[A-Z][a-z]+[^_=;{}<>|+/]*|[A-Za-z][^_=;{}<>|/]* [^_=;{}<>|/]*")
"""What of the strings in the desk's tables may be shown: words that begin like a name, or several of them."""
_OF_ROWS = ("label", "sentence", "unit", "across", "up")


def from_tables():
    """What the desk shows by name: of recipes, kinds, starts, lights and commands.

    Returns
    -------
    set of str
    """
    found = {word for command, station in table() for word in (command.words, command.group, station)}
    found |= {*ACTIONS, *TIERS, *CHARACTERS, *NAMES, *MORE.values(), *ORDERS.values()}
    found |= {word.capitalize() for word in (*ACTIONS, *STARTS, *SHAPES, *TOOLS)}
    found |= {words for pair in WORDS.values() for words in pair} | {*LOCKS.values()}
    found |= {kind.sentence for kind in STARTS.values()} | {shape.sentence for shape in SHAPES.values()} | {*SENTENCES_OF.values()}
    found |= {text for one in EXAMPLES.values() for text in (one.sentence, one.group)}
    found |= {text for kind in RISING.values() for text in (kind.label, kind.sentence)}
    for sheet in SHEETS:
        found |= {sheet.title, sheet.sentence}
        for entry in sheet.entries():
            found |= {entry.title, entry.sentence}
            found |= {text for line in entry.lines for text in (line.label, line.unit, line.sentence)}
            found |= {text for line in entry.lines for _, label, said in line.options for text in (label, said)}
    found |= {word for each in (films.TAKES, takes.TAKES, filming.TAKES) for take in each.values()
              for word in (take.label, take.sentence)}
    for kind in (*_kinds_of(Value), *ACTIONS.values(), *MASKS.values(), *STEPS.values(), *STAND_INS.values()):
        found |= {getattr(kind, name) for name in ("label", "sentence", "title") if isinstance(getattr(kind, name, None), str)}
        found |= {name.replace("_", " ") for name in getattr(kind, "model_fields", ()) if getattr(kind, "rows", ())}
        for rows in (getattr(kind, name) for name in dir(kind) if name.endswith("rows") or name == "every_row"):
            for row in rows if isinstance(rows, tuple) else (rows,):
                found |= {getattr(row, name) for name in _OF_ROWS if isinstance(getattr(row, name, None), str)}
                found |= {label for _, label in getattr(row, "options", ())} | {name for name, _ in getattr(row, "ready", ())}
    return {word for word in found if len(word) > 1}


def _kinds_of(kind):
    for each in kind.__subclasses__():
        yield each
        yield from _kinds_of(each)


def from_code(source):
    """What the tables in a module of the desk hold besides what it gives to `tr`.

    Parameters
    ----------
    source : str

    Returns
    -------
    set of str
    """
    tree = ast.parse(source)
    told = {id(node.value) for node in ast.walk(tree) if isinstance(node, ast.Expr) and isinstance(node.value, ast.Constant)}
    told |= {id(node) for call in _calls(tree, "tr", "counted") for node in ast.walk(call)}
    told |= {id(node) for joined in ast.walk(tree) if isinstance(joined, ast.JoinedStr) for node in joined.values}
    return {node.value for node in ast.walk(tree) if isinstance(node, ast.Constant) and isinstance(node.value, str)
            and id(node) not in told and SHOWN.fullmatch(node.value)}


def from_core(source):
    """Patterns of the sentences that a module of the core makes: what is wrong, and what it advises.

    Parameters
    ----------
    source : str

    Returns
    -------
    set of str
    """
    return {part.value for call in _calls(ast.parse(source), *SENTENCES)
            for argument in (call.args if call.func.id == "Finding" else call.args[:1])
            for part in ast.walk(argument)
            if isinstance(part, ast.Constant) and isinstance(part.value, str) and len(part.value) > 1}


def counted_in(source):
    """What a module of the desk counts: of each the words for any number but one.

    Parameters
    ----------
    source : str

    Returns
    -------
    set of str
    """
    return {call.args[1].value for call in _calls(ast.parse(source), "counted")}


def _calls(tree, *names):
    """Calls of functions by their plain names."""
    return (call for call in ast.walk(tree) if isinstance(call, ast.Call) and call.args and getattr(call.func, "id", "") in names)


def gathered(folder):
    """Copies of all modules of the desk in which each text has the one context of all, and of what tables hold.

    Parameters
    ----------
    folder : path-like
        Where they are written.

    Returns
    -------
    list of str
        Their names within it.
    """
    names, shown, many = [], from_tables(), set()
    for path in (*CORE.rglob("*.py"), *COMMANDS.rglob("*.py"), COMMAND_LINE):
        shown |= from_core(path.read_text())
    for path in sorted(DESK.rglob("*.py")):
        source, name = path.read_text(), path.relative_to(ROOT)
        shown |= from_code(source)
        many |= counted_in(source)
        if "tr(" not in source:
            continue
        copy = pathlib.Path(folder) / name
        copy.parent.mkdir(parents=True, exist_ok=True)
        # By the same marks as the text's: it may stand within a string.
        copy.write_text(re.sub(r"(?<![\w.])tr\((?=\s*([\"']))", rf"translate(\1{CONTEXT}\1, ", source))
        names.append(str(name))
    lines = [f'translate("{CONTEXT}", {text!r})' for text in sorted(shown - many)]
    lines += [f'translate("{CONTEXT}", {text!r}, None, 1)' for text in sorted(many)]
    (pathlib.Path(folder) / "tables.py").write_text("\n".join(lines) + "\n")
    return [*names, "tables.py"]


def main(translations):
    """Write the file of all texts, or bring translations up to date.

    Parameters
    ----------
    translations : sequence of str
        Files; none for the file of all texts.
    """
    with tempfile.TemporaryDirectory() as folder:
        names = gathered(folder)
        paths = [pathlib.Path(path) for path in translations or [SHIPPED / f"{TEMPLATE}.ts"]]
        for path in paths:
            if translations and path.exists():
                shutil.copy(path, pathlib.Path(folder) / path.name)
        with contextlib.chdir(folder):
            lupdate(names, [path.name for path in paths], no_obsolete=True, no_summary=True)
        for path in paths:
            path.parent.mkdir(parents=True, exist_ok=True)
            # In which file is enough: with the line every change of the code would change the texts.
            path.write_text(re.sub(r' line="\d+"', "", (pathlib.Path(folder) / path.name).read_text()))
            print(path)


if __name__ == "__main__":
    main(sys.argv[1:])
