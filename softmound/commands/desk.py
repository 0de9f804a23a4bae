"""Actions of the application itself: desk, warm."""

import sys

from .. import interrupting
from .common import action


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    desk = action(actions, "desk", _desk, "open the application", """
        desk
        desk loaf.mound --library shelf""")
    desk.add_argument("mound", nargs="?", metavar="X.mound")
    desk.add_argument("--library", metavar="DIR")
    warm = action(actions, "warm", _warm, "compile the kernels now rather than at first use", """
        warm
        warm --times""")
    warm.add_argument("--times", action="store_true", help="compile all anew and print what each kernel costs; keeps nothing")


def _desk(args):
    from ..desk.shell.application import main

    interrupting.leave_ending_to_others()
    return main(args.mound, args.library)


def _warm(args):
    from ..core.warm import compile_times, warm_once

    if args.times:
        compile_times(sys.stdout)
    else:
        warm_once(sys.stderr)
