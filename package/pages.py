"""Man pages and shell completion, made from the parser of the command line."""

import argparse
import datetime
import gzip
import pathlib

from softmound import __version__
from softmound.cli import parser


def actions_of(made):
    """Actions of the command line: dict of str to ArgumentParser."""
    (choices,) = (a for a in made._actions if isinstance(a, argparse._SubParsersAction))
    return dict(choices.choices)


def _escaped(text):
    return text.replace("\\", "\\\\").replace("-", "\\-").replace("\n.", "\n\\&.").replace("'", "\\(aq")


def _options(made):
    lines = []
    for option in made._actions:
        if option.help == argparse.SUPPRESS or isinstance(option, argparse._SubParsersAction):
            continue
        named = ", ".join(option.option_strings) or str(option.metavar or option.dest)
        takes = f" {option.metavar or option.dest.upper()}" if option.option_strings and option.nargs != 0 else ""
        lines += [".TP", f".B {_escaped(named)}{_escaped(takes) if isinstance(takes, str) else ''}",
                  _escaped((option.help or "").replace("%%", "%").replace("%(default)s", str(option.default)))]
    return lines


def page(name, made, about):
    """A man page.

    Parameters
    ----------
    name : str
        Of the page, as ``softmound-build``.
    made : ArgumentParser
    about : str

    Returns
    -------
    str
    """
    day = datetime.date.today().isoformat()
    usage = " ".join(made.format_usage().split()[1:])
    lines = [f'.TH {name.upper()} 1 "{day}" "Soft Mound {__version__}"', ".SH NAME", f"{_escaped(name)} \\- {_escaped(about)}",
             ".SH SYNOPSIS", _escaped(usage), ".SH DESCRIPTION", _escaped(made.description or about),
             ".SH OPTIONS", *_options(made)]
    if made.epilog:
        lines += [".SH MORE", ".nf", _escaped(made.epilog), ".fi"]
    return "\n".join(lines) + "\n"


def write_pages(folder):
    """Write all man pages, packed.

    Parameters
    ----------
    folder : path-like

    Returns
    -------
    list of pathlib.Path
    """
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    whole, files = parser(), []
    pages = {"softmound": (whole, "sculpt one cloud, grain it, light it, keep it")}
    for name, made in actions_of(whole).items():
        pages[f"softmound-{name}"] = made, (made.description or name).rstrip(".").lower()
    for name, (made, about) in pages.items():
        path = folder / f"{name}.1.gz"
        path.write_bytes(gzip.compress(page(name, made, about).encode(), mtime=0))
        files.append(path)
    return files


def completion():
    """Completion for bash: str."""
    actions = actions_of(parser())
    cases = "\n".join(
        f"    {name}) words=\"{' '.join(sorted(o for a in made._actions for o in a.option_strings if o.startswith('--')))}\" ;;"
        for name, made in actions.items())
    return f"""# Completion of softmound for bash; made from its parser.
_softmound() {{
  local word="${{COMP_WORDS[COMP_CWORD]}}" words=""
  if [ "$COMP_CWORD" -eq 1 ]; then
    COMPREPLY=($(compgen -W "{' '.join(actions)} --help --version" -- "$word"))
    return
  fi
  case "${{COMP_WORDS[1]}}" in
{cases}
  esac
  if [[ "$word" == -* ]]; then
    COMPREPLY=($(compgen -W "$words" -- "$word"))
  else
    COMPREPLY=($(compgen -f -- "$word"))
  fi
}}
complete -o filenames -F _softmound softmound
"""
