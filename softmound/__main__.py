"""`python -m softmound` is the `softmound` command."""

import sys

from . import interrupting


def run():
    """Run the command; Ctrl+C is met even while it is still being loaded.

    Returns
    -------
    int
        Exit code.
    """
    interrupting.watch()
    from .cli import main

    return main()


if __name__ == "__main__":
    sys.exit(run())
