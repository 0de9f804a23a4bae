"""Prints figures: python -m bench [NAME…] [--json]."""

import json
import platform
import sys
import time
import traceback
from importlib import import_module, metadata
from inspect import signature

from softmound.core.kernels import threads

NAMES = ("noise", "grain", "look", "frame", "near", "latency", "startup", "gestures",
         "waits", "photo", "build", "export", "forms", "true", "window", "lights", "shelf", "formation", "standins", "time",
         "damaged", "reliability", "hands")
_LIBRARIES = ("numpy", "numba", "scipy", "PyQt6", "pydantic", "pyfastnoiselite")


def main(arguments):
    """Measure and print.

    Parameters
    ----------
    arguments : list of str

    Returns
    -------
    int
        0; 1 where something could not be measured, 2 for a name that is not known.
    """
    # An hour of hands and minutes of kills are asked for by name; all others in twenty minutes, what is named at full length.
    asked = [a for a in arguments if a != "--json"]
    names = asked or [n for n in NAMES if n not in ("hands", "reliability")]
    unknown = [n for n in names if n not in NAMES]
    if unknown:
        print(f"bench: no figures named {unknown[0]!r}; there are {', '.join(NAMES)}.", file=sys.stderr)
        return 2
    said = _as_json if "--json" in arguments else _as_row
    if said is _as_row:
        versions = ", ".join(f"{n} {metadata.version(n)}" for n in _LIBRARIES)
        print(f"{_processor()}, {threads()} threads; Python {platform.python_version()}, {versions}\n")
        print(f"{'figure':<62} {'value':>10} {'unit':<16} {'ratio':>7}  {'aim':<18} peer", flush=True)
    failed = []
    for name in names:
        print(f"measuring {name}", file=sys.stderr, flush=True)
        begun = time.monotonic()
        try:
            count = 0
            figures = import_module(f"bench.{name}").figures
            brief = {"brief": True} if not asked and "brief" in signature(figures).parameters else {}
            for count, figure in enumerate(figures(**brief), 1):
                # At once: what is measured is there, whatever becomes of the rest.
                print(said(figure), flush=True)
            if not count:
                failed.append(name)
        except Exception:  # the figures of the others are worth having
            failed.append(name)
            traceback.print_exc()
        print(f"  {name} took {time.monotonic() - begun:.0f} s", file=sys.stderr, flush=True)
    for name in failed:
        print(f"bench: {name} could not be measured to its end.", file=sys.stderr)
    return 1 if failed else 0


def _as_json(figure):
    """A figure as one line of JSON."""
    return json.dumps(figure.as_dict())


def _as_row(figure):
    """A figure as a row of the table."""
    ratio = "" if figure.ratio is None else f"{figure.ratio:.2f}"
    mark = "" if figure.ok is None else "ok" if figure.ok else "MISSED"
    peer = f"{figure.peer}: {figure.peer_value:.4g} {figure.unit}" if figure.peer else ""
    return f"{figure.name:<62} {figure.value:>10.4g} {figure.unit:<16} {ratio:>7}  {figure.aim:<18} {mark:<6} {peer}"


def _processor():
    with open("/proc/cpuinfo", encoding="utf-8") as lines:
        for line in lines:
            if line.startswith("model name"):
                return line.split(":", 1)[1].strip()
    return platform.machine()


if __name__ == "__main__":
    sys.exit(main(sys.argv[1:]))
