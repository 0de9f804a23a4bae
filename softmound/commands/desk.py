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
    action(actions, "warm", _warm, "compile the kernels now rather than at first use", "warm")


def _desk(args):
    from ..desk.application import main

    interrupting.leave_ending_to_others()
    return main(args.mound, args.library)


def _warm(_args):
    from ..core.engine.warm import warm_once

    warm_once(sys.stderr)
