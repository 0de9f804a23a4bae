"""`python -m softmound` is the `softmound` command."""

import logging
import os
import sys
import weakref

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

    code = main()
    if "numba" in sys.modules:
        _leave(code or 0)
    return code


def _leave(code):
    """End at once: where processes share the cores, threads of the kernels can take minutes to end by themselves."""
    logging.shutdown()
    # Folders that are to go with the process.
    weakref.finalize._exitfunc()
    for stream in (sys.stdout, sys.stderr):
        try:
            stream.flush()
        except (OSError, ValueError, AttributeError):
            pass  # nobody listens any more
    os._exit(code)


if __name__ == "__main__":
    sys.exit(run())
