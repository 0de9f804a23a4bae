"""The `softmound` command: its parser, and what becomes of everything that can go wrong."""

import argparse
import json
import os
import sys

from . import __version__, interrupting
from .commands import baskets, building, desk, formation, library, photographs, pictures, reading, stand_ins
from .commands import motion as moving
from .commands.common import SCHEMA
from .core.problems import DoesNotFit, NotWritten, Problem
from .core.sentences import Sentence

FAULT = 70
"""Exit code for a fault of ours."""
CODES = """exit codes:
  0    done
  2    something is wrong with what was given
  3    does not fit into memory or time
  4    the disk does not take it
  70   a fault of Soft Mound itself
  130  interrupted
  143  told to end"""


class _Parser(argparse.ArgumentParser):
    def __init__(self, *args, **options):
        super().__init__(*args, formatter_class=argparse.RawDescriptionHelpFormatter, **options)

    def error(self, message):
        raise _Usage(f"{message}; see {self.prog} --help.")


class _Usage(Exception):
    """The words of the command are off."""


def parser():
    """The parser of the command.

    Returns
    -------
    argparse.ArgumentParser
    """
    made = _Parser(prog="softmound", description="Sculpt one cloud, grain it, light it, keep it.", epilog=CODES)
    made.add_argument("--version", action="version", version=f"softmound {__version__}")
    actions = made.add_subparsers(dest="action", required=True, metavar="ACTION")
    for commands in (building, photographs, reading, pictures, library, baskets, formation, stand_ins, moving, desk):
        commands.add_to(actions)
    return made


def main(argv=None):
    """Run the command.

    Parameters
    ----------
    argv : list of str, optional
        Default: the arguments of the process.

    Returns
    -------
    int
        See `CODES`; after one sentence on stderr unless it is 0. With ``--json`` the sentence is also an object on stdout.
    """
    argv = sys.argv[1:] if argv is None else [str(a) for a in argv]
    unwatch, verbose = interrupting.watch(), "--verbose" in argv
    try:
        args = parser().parse_args(argv)
        _prepare(args)
        return args.run(args) or 0
    except BrokenPipeError:
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        return 0
    except interrupting.Interrupted:
        sys.stderr.write(interrupting.sentence())
        return interrupting.code()
    except Exception as error:
        if interrupting.came():
            sys.stderr.write(interrupting.sentence())
            return interrupting.code()
        sentence, code = _said(error)
        if verbose:
            import traceback

            traceback.print_exc()
    finally:
        unwatch()
    sys.stderr.write(f"softmound: {_in_own_words(sentence)}\n")
    if "--json" in argv:
        # In English: programs read it.
        print(json.dumps({"schema": SCHEMA, "error": str(sentence), "code": code}))
    return code


def _prepare(args):
    """What all commands share: how much is said, and how many threads work."""
    from .logbook import say_on_stderr

    say_on_stderr(getattr(args, "verbose", False))
    if getattr(args, "threads", None):
        # Numba reads it when it is loaded, which is later.
        os.environ["NUMBA_NUM_THREADS"] = str(args.threads)


def _said(error):
    """One sentence, in English, and the exit code for whatever was raised."""
    if isinstance(error, _Usage):
        return str(error), Problem.code
    if isinstance(error, Problem):
        return error.sentence, error.code
    if isinstance(error, OSError):
        from .core.aside import shown

        words = str(error.strerror or error)
        if error.filename:
            return Sentence("{}: {}; choose another place or free some space.", shown(error.filename), words), NotWritten.code
        return Sentence("{}; choose another place or free some space.", words), NotWritten.code
    if isinstance(error, MemoryError):
        return Sentence("memory ran out; choose a larger voxel or a smaller picture."), DoesNotFit.code
    if type(error).__name__ == "ValidationError":
        from .core.problems import sentence_for

        return sentence_for(error, Sentence("Not done")), Problem.code
    words = " ".join(str(error).split())[:200]
    named = f"{type(error).__name__}: {words}" if words else type(error).__name__
    return Sentence("a fault inside ({}); nothing was written. Run it again with --verbose to see where, and report it.",
                    named), FAULT


def _in_own_words(sentence):
    """A sentence as whoever types here is used to it: by the language of the system, where it is translated."""
    from .core.texts import asked_by_the_system, said_in, words_of

    try:
        path = asked_by_the_system()
        words = {text: said for text, said in words_of(path).items() if isinstance(said, str)} if path else {}
    except (Problem, OSError):
        words = {}  # a damaged translation must not hide what is wrong
    return said_in(sentence, lambda text: words.get(text, text))


if __name__ == "__main__":
    sys.exit(main())
