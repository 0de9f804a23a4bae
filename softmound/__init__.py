"""Soft Mound: sculpt one cloud, grain it, light it, keep it.

In scripts: ``import softmound``, then ``softmound.read``, ``start``, ``build``, ``export``, ``picture``, ``publish`` and the
rest of `softmound.scripting`.
"""

from typing import Any

__version__ = "0.15.0"

_SCRIPTING = ("Cloud", "Flock", "Growth", "Mound", "Problem", "Published", "at_frame", "build", "export", "film", "flock_picture",
              "frames", "freeze", "grow", "picture", "place", "publish", "read", "read_flock", "ready_growth", "receive", "search",
              "spread",
              "stand_in", "start", "verify", "write", "write_flock")


def __getattr__(name: str) -> Any:
    # Kernels are loaded only when something is asked for: the command line begins without them.
    if name in _SCRIPTING:
        from . import scripting

        return getattr(scripting, name)
    raise AttributeError(f"module {__name__!r} has no attribute {name!r}")


def __dir__() -> list[str]:
    return [*globals(), *_SCRIPTING]
