"""The reference as HTML: made of the registries when it is read, in the language of the desk, so that it is never out of date."""

import argparse
import html
import json
import pathlib
from functools import cache

from ...core.starts.examples import EXAMPLES
from ..fields.figures import figure, grouped
from ..words import tr
from .entries import SHEETS

STRIPS = pathlib.Path(__file__).parents[1] / "manual" / "strips"
"""Pictures of what numbers and kinds do, made by `./run shots`, with `strips.json`: the captions of each."""
PICTURE = 146
"""Width of each of a strip's pictures, pixels."""
KEYS, COMMANDS = "keys", "commands"
"""Pages that are made of the tables of commands and of the command line."""


@cache
def strips():
    """Captions of all pictures there are: dict of str to list of str, by the name of a strip without its ending."""
    path = STRIPS / "strips.json"
    return json.loads(path.read_text(encoding="utf-8")) if path.exists() else {}


def titles():
    """Names and titles of all pages of the reference: list of (str, str)."""
    return [*((sheet.name, tr(sheet.title)) for sheet in SHEETS),
            (KEYS, tr("Keys and gestures")), (COMMANDS, tr("The command line"))]


def page(name):
    """A page of the reference.

    Parameters
    ----------
    name : str
        Of `titles`.

    Returns
    -------
    str
        What stands in the body of its HTML.
    """
    if name == KEYS:
        return _keys()
    if name == COMMANDS:
        return _commands()
    sheet = next(sheet for sheet in SHEETS if sheet.name == name)
    parts = [f"<h1>{_safe(tr(sheet.title))}</h1><p>{_safe(tr(sheet.sentence))}</p>"]
    for entry in sheet.entries():
        parts.append(f'<h2><a name="{_safe(entry.key)}"></a>{_safe(tr(entry.title))}</h2>')
        parts.append(f"<p>{_safe(tr(entry.sentence))}</p>" if entry.sentence else "")
        parts.append(_example(entry.key) or _strip(entry.key, ()))
        parts += [_line(entry.key, line) for line in entry.lines]
    return "\n".join(parts)


def _safe(text):
    return html.escape(str(text))


def _example(key):
    """The picture of an example, and a way to open it; nothing for what is none."""
    kind, _, word = key.partition("-")
    if kind != "example":
        return ""
    return (f'<p><img src="{_safe(EXAMPLES[word].picture.name)}"><br>'
            f'<a href="example:{_safe(word)}">{_safe(tr("Open a copy"))}</a></p>')


def _line(key, line):
    """What there is to say of one thing that can be set."""
    name = f"{key}.{line.field}"
    facts = _facts(line)
    said = "<br>".join((f'<a name="{_safe(name)}"></a><b>{_safe(tr(line.label))}</b>',
                        *((_safe(tr(line.sentence)),) if line.sentence else ()),
                        *((f'<span class="quiet">{_safe(facts)}</span>',) if facts else ())))
    if line.options:
        listed = "".join(f"<li><b>{_safe(tr(label))}</b>{': ' + _safe(tr(own)) if own else ''}</li>"
                         for _, label, own in line.options)
        return f"<p>{said}</p><ul>{listed}</ul>{_strip(name, tuple(label for _, label, _ in line.options))}"
    return f"<p>{said}</p>{_strip(name, ())}"


def _facts(line):
    """Unit, limits and default of a line, in words."""
    if line.low is None:
        if isinstance(line.default, bool):
            return tr("off at first") if not line.default else tr("on at first")
        return tr("at first: {}").format(tr(line.default)) if isinstance(line.default, str) else ""
    unit = tr(line.unit) if line.unit else ""
    parts = [tr("from {} to {} {}").format(grouped(line.low), grouped(line.high), unit).strip()]
    if line.shown is not None and tuple(map(float, line.shown)) != (line.low, line.high):
        parts.append(tr("by hand from {} to {}").format(grouped(line.shown[0]), grouped(line.shown[1])))
    parts.append(tr("left out at first") if line.default is None else tr("at first {}").format(figure(line.default)))
    return "; ".join(parts)


def _strip(name, labels):
    """The pictures of a strip with what stands below each; nothing where there is none."""
    captions = strips().get(name)
    if captions is None:
        return ""
    said = [tr(label) for label in labels] if labels else captions
    # In rows of four: as wide as a page is.
    cells = [f'<td align="center"><img src="{_safe(name)}.{n}.jpg" width="{PICTURE}"><br>'
             f'<span class="quiet">{_safe(text)}</span></td>' for n, text in enumerate(said)]
    rows = "".join(f"<tr>{''.join(cells[n : n + 4])}</tr>" for n in range(0, len(cells), 4))
    return f'<table class="strip">{rows}</table>'


def _keys():
    from ..shell.commands import help_rows

    parts, before = [f"<h1>{_safe(tr('Keys and gestures'))}</h1>"], None
    for group, keys, does in help_rows():
        if group != before:
            parts.append(("</table>" if before else "") + f"<h2>{_safe(group)}</h2><table>")
            before = group
        parts.append(f"<tr><td><code>{_safe(keys)}</code></td><td>{_safe(does)}</td></tr>")
    return "\n".join([*parts, "</table>"])


def actions_of(parser):
    """Actions of a command line.

    Parameters
    ----------
    parser : argparse.ArgumentParser

    Returns
    -------
    dict of str to argparse.ArgumentParser
    """
    groups = [action for action in parser._actions if isinstance(action, argparse._SubParsersAction)]
    return dict(groups[0].choices) if groups else {}


def _commands():
    # The command line loads the desk for its own action: it is asked for only when this page is read.
    from ...cli import CODES, parser

    whole = parser()
    about = tr("Every action has --help with examples. Lengths are metres, angles degrees, unless it says otherwise.")
    parts = [f"<h1>{_safe(tr('The command line'))}</h1>", f"<p>{_safe(about)}</p>", f"<pre>{_safe(CODES)}</pre>"]
    for name, made in actions_of(whole).items():
        parts += _action(name, made, 2)
    return "\n".join(parts)


def _action(name, made, level):
    yield f'<h{level}><a name="{_safe(name)}"></a>softmound {_safe(name)}</h{level}>'
    if made.description:
        yield f"<p>{_safe(made.description)}</p>"
    rows = []
    for option in made._actions:
        if option.help == argparse.SUPPRESS or isinstance(option, (argparse._SubParsersAction, argparse._HelpAction)):
            continue
        named = ", ".join(option.option_strings) or str(option.metavar or option.dest)
        if option.option_strings and option.nargs != 0:
            taken = option.metavar or (f"{{{','.join(map(str, option.choices))}}}" if option.choices else option.dest.upper())
            named += f" {' '.join(taken) if isinstance(taken, tuple) else taken}"
        said = (option.help or "").replace("%(default)s", str(option.default)).replace("%%", "%")
        rows.append(f"<tr><td><code>{_safe(named)}</code></td><td>{_safe(said)}</td></tr>")
    yield f"<table>{''.join(rows)}</table>"
    if made.epilog:
        yield f"<pre>{_safe(made.epilog)}</pre>"
    for inner, other in actions_of(made).items():
        yield from _action(f"{name} {inner}", other, 3)
