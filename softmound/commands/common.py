"""What the actions share: options, outputs that are looked at before any work, progress, and facts."""

import json
import os
import pathlib
import sys
import time

from .. import interrupting
from ..core.aside import shown
from ..core.exchange.units import UNITS
from ..core.problems import Problem
from ..core.sentences import Sentence
from . import arguments

SCHEMA = 1
"""Version of what ``--json`` prints; it rises when a field changes its meaning or goes."""
QUIET_FOR, EVERY = 5.0, 5.0
"""Seconds before progress is said off a terminal, and between two lines of it."""


def action(actions, name, run, help_, examples, writes=False):
    """Add an action with the options that all have.

    Parameters
    ----------
    actions : argparse subparsers
    name : str
    run : callable
        Given the arguments.
    help_ : str
        What it does.
    examples : str
        Lines to try.
    writes : bool, optional
        It writes files: with ``--force`` and ``--dry-run``.

    Returns
    -------
    argparse.ArgumentParser
    """
    lines = "\n".join(f"  softmound {line.strip()}" for line in examples.strip().splitlines())
    parser = actions.add_parser(name, help=help_, description=help_[:1].upper() + help_[1:] + ".", epilog=f"examples:\n{lines}")
    every = parser.add_argument_group("for every action")
    every.add_argument("--json", action="store_true", help="print the facts, or what is wrong, as JSON")
    every.add_argument("--quiet", action="store_true", help="say nothing of progress")
    every.add_argument("--verbose", action="store_true", help="say what is done, and where a fault is")
    every.add_argument("--threads", type=arguments.threads, metavar="N", help="use so many threads; default all")
    if writes:
        every.add_argument("--force", action="store_true", help="replace files that are there")
        every.add_argument("--dry-run", action="store_true", help="look at everything and foretell, but write nothing")
    parser.set_defaults(run=run)
    return parser


def check_outputs(args, inputs, **outputs):
    """Look at what is to be written before any work.

    Parameters
    ----------
    args : argparse.Namespace
        With `force`.
    inputs : sequence of path-like
    **outputs : (path-like or None, sequence of str)
        By the option that names it: the file, and the endings it may have; None where it is not asked for.

    Raises
    ------
    Problem
        If a folder is missing, an ending is wrong, a file is there already, or an output is an input or another output.
    """
    taken = {_identity(path): shown(path) for path in inputs}
    for option, (path, endings) in outputs.items():
        if path is None:
            continue
        path, option = pathlib.Path(path), option.replace("_", "-")
        if endings and path.suffix.lower() not in endings:
            raise Problem("{}: --{} writes {}; give it such an ending.", shown(path), option, ', '.join(endings))
        try:
            if not path.resolve().parent.is_dir():
                raise Problem("{}: its folder does not exist; make it first.", shown(path))
            if path.is_dir():
                raise Problem("{}: is a folder; give the name of a file in it.", shown(path))
            there = path.exists()
        except OSError as error:
            raise Problem("{}: cannot be a file's name here ({}); choose a shorter one.", shown(path), error.strerror) from error
        identity = _identity(path)
        if identity in taken:
            raise Problem("{}: would be written over {}, which is read or written as well; choose another name.",
                          shown(path), taken[identity])
        taken[identity] = shown(path)
        if there and not args.force:
            raise Problem("{}: exists already; choose another name, or add --force to replace it.", shown(path))


def first_of(problems):
    """What is said of several problems: the first, and how many there are.

    Parameters
    ----------
    problems : sequence of str
        Not empty.

    Returns
    -------
    str
    """
    return problems[0] if len(problems) == 1 else Sentence("{} ({} in all)", problems[0], len(problems))


def check_sequence(args, inputs, out):
    """Look at where a sequence of pictures is to be written before any work, and say what stays of it if it is stopped.

    Parameters
    ----------
    args : argparse.Namespace
        With `force` and `true`.
    inputs : sequence of path-like
    out : pathlib.Path
        A film, or a folder for numbered pictures, which holds nothing yet but those of the same sequence that was stopped.

    Raises
    ------
    Problem
    """
    from ..core.engine.kept_stills import KeptStills
    from ..core.exchange.pictures import FILMS

    if out.suffix or not out.is_dir():
        check_outputs(args, inputs, out=(out, (*FILMS, "")))
    elif any(out.iterdir()) and not args.force and not KeptStills(out).folder.is_dir():
        raise Problem("{}: holds files already; choose another folder, or add --force to write among them.", shown(out))
    if args.true:
        interrupting.stays("finished pictures are kept beside it, and the same command goes on from them")


def _identity(path):
    """What tells a file from others, whatever way its name is written."""
    try:
        stat = os.stat(path)
        return stat.st_dev, stat.st_ino
    except OSError:
        return str(pathlib.Path(path).resolve())


class Progress:
    """How far work has come: a bar on a terminal, now and then a line elsewhere. Work is stopped here after Ctrl+C.

    Parameters
    ----------
    args : argparse.Namespace
        With `quiet`.
    """

    def __init__(self, args):
        self._quiet = args.quiet
        self._bar = None
        self._next = time.monotonic() + QUIET_FOR
        if not self._quiet and sys.stderr.isatty():
            from tqdm import tqdm

            self._bar = tqdm(total=100, file=sys.stderr, leave=False,
                             bar_format="{desc:<32} {percentage:3.0f} % |{bar}| {elapsed}")

    def __call__(self, share, words):
        if interrupting.came():
            raise interrupting.Interrupted
        if self._bar is not None:
            self._bar.set_description_str(words, refresh=False)
            self._bar.n = round(100 * share)
            self._bar.refresh()
        elif words and not self._quiet and time.monotonic() >= self._next:
            self._next = time.monotonic() + EVERY
            print(f"softmound: {words}, {100 * share:.0f} %", file=sys.stderr, flush=True)

    def __enter__(self):
        return self

    def __exit__(self, *_):
        if self._bar is not None:
            self._bar.close()


def ticket_for(progress):
    """A ticket that tells its progress and stops after Ctrl+C.

    Parameters
    ----------
    progress : Progress

    Returns
    -------
    Ticket
    """
    from ..core.ticket import Ticket

    return Ticket(progress)


def print_facts(facts, args):
    """Print what was found or done.

    Parameters
    ----------
    facts : dict
    args : argparse.Namespace
        With `json`.
    """
    if args.json:
        print(json.dumps({"schema": SCHEMA, **facts}, indent=1))
        return
    for key, value in facts.items():
        print(f"{key.replace('_', ' '):<16}{said(value)}")


def said(value):
    """A fact as a person reads it.

    Parameters
    ----------
    value : object

    Returns
    -------
    str
    """
    if isinstance(value, bool) or value is None:
        return {True: "yes", False: "no", None: "-"}[value]
    if isinstance(value, int):
        return f"{value:,}"
    if isinstance(value, float):
        return f"{value:.6g}"
    if isinstance(value, list):
        return "  ".join(said(part) for part in value)
    if isinstance(value, dict):
        return ", ".join(f"{key} {said(part)}" for key, part in value.items() if not isinstance(part, (dict, list)))
    return shown(str(value))


def foretold(args, files, ahead=None, voxel=None):
    """Say what would be written, for ``--dry-run``.

    Parameters
    ----------
    args : argparse.Namespace
    files : sequence of path-like
    ahead : Forecast, optional
    voxel : float, optional
        Metres.
    """
    facts = {"would_write": [str(file) for file in files if file is not None]}
    if ahead is not None:
        facts.update(voxel=voxel, memory_bytes=round(ahead.memory(voxel)), seconds=round(ahead.seconds(voxel), 3),
                     active_voxels=round(ahead.active_voxels(voxel)))
    print_facts(facts, args)


def placement(parser):
    """Let an action be told how the numbers of its OpenVDB files are meant.

    Parameters
    ----------
    parser : argparse.ArgumentParser
    """
    width = parser.add_mutually_exclusive_group()
    width.add_argument("--half", dest="full", action="store_false", help="16-bit values (the default)")
    width.add_argument("--full", action="store_true", help="32-bit values")
    parser.set_defaults(full=False)
    parser.add_argument("--up", default="y", choices=("y", "z"), help="which axis is up in the file")
    parser.add_argument("--unit", default="m", choices=UNITS, help="unit of the file's numbers")
    parser.add_argument("--origin", default="kept", choices=("kept", "centre", "base"),
                        help="where the file's origin lies: as in the mound, in the middle of the cloud, or in the middle of "
                             "its underside")


def changes_of(texts, model):
    """What `--set WHAT=VALUE` says, again and again, of a model.

    Parameters
    ----------
    texts : sequence of str
    model : type
        Of pydantic; values are checked when it is made.

    Returns
    -------
    dict of str to str or list of str
        By field; of one that holds several numbers, its parts between commas.

    Raises
    ------
    Problem
        Names the first that is none.
    """
    changes = {}
    for text in texts:
        what, equals, value = text.partition("=")
        if not equals or what not in model.model_fields:
            raise Problem("--set {}: say WHAT=VALUE, where WHAT is one of {}.", text, ', '.join(model.model_fields))
        changes[what] = value.split(",") if isinstance(model.model_fields[what].default, tuple) else value
    return changes
