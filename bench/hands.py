"""Random hands on the real window, for an hour or as long as SOFTMOUND_HANDS says (in seconds), in windows of five minutes."""

import json
import os
import subprocess
import sys
import time

from bench.figure import Figure, at_most

HOUR, ROUND = 3600.0, 300.0


def figures():
    """Measure.

    Yields
    ------
    Figure
    """
    left = float(os.environ.get("SOFTMOUND_HANDS", HOUR))
    seed = int(time.time()) % 1_000_000
    acts, faults, signals, grown = 0, 0, 0, 0.0
    while left > 1.0:
        seconds = min(left, ROUND)
        left -= seconds
        seed += 1
        run = subprocess.run([sys.executable, "-X", "faulthandler", "-m", "tests.hands", str(seed), str(seconds)], text=True,
                             capture_output=True, check=False, env={**os.environ, "QT_QPA_PLATFORM": "offscreen"})
        if run.returncode:
            signals += 1
            print(f"  seed {seed}: ended with {run.returncode}\n{run.stderr[-3000:]}", file=sys.stderr)
            continue
        told = json.loads(run.stdout.strip().splitlines()[-1])
        acts += told["acts"]
        faults += bool(told["faults"])
        warm, late = told["memory"]
        grown = max(grown, late / warm - 1.0 if warm else 0.0)
        print(f"  seed {seed}: {told['acts']} acts, memory {warm / 1e6:.0f} to {late / 1e6:.0f} MB", file=sys.stderr, flush=True)
        if told["faults"]:
            print(f"  seed {seed}: {told['faults'][0]}\n  after: {'; '.join(told['before'])}", file=sys.stderr, flush=True)
    yield Figure("acts of random hands", acts, "")
    yield at_most("windows with a fault or a warning", faults, "", 0)
    yield at_most("windows that crashed", signals, "", 0)
    yield at_most("memory grown after warming up", 100.0 * grown, "%", 10.0)
