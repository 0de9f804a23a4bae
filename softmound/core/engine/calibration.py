"""What past builds took against what was foretold, so that the next forecast is nearer the truth."""

import contextlib
import json
import os
import pathlib
import statistics

import platformdirs

from ..aside import write_whole

MOST = 24
"""Builds remembered."""
LEAST_SECONDS = 0.3
"""Shorter builds say little."""
WIDEST = 2.0
"""Corrections stay within this factor: a machine that was busy once must not spoil the forecast."""


class PastBuilds:
    """The last builds of this machine, in one small file.

    Nothing here raises: without the file, forecasts are as they come.

    Parameters
    ----------
    path : path-like, optional
        Default in the user's state folder.
    """

    def __init__(self, path=None):
        self.path = pathlib.Path(path) if path else platformdirs.user_state_path("softmound") / "builds.json"

    def corrections(self):
        """Factors for foretold memory and time.

        Returns
        -------
        (float, float)
            Medians over the builds that are remembered; 1 without any.
        """
        builds = self._read()
        return tuple(_median([b[name] for b in builds if b.get(name)]) for name in ("memory", "seconds"))

    def learn(self, ahead, voxel, memory, seconds):
        """Remember a build.

        Parameters
        ----------
        ahead : Forecast
        voxel : float
            Metres.
        memory : float or None
            Bytes at the most, beyond what was held before; None when that is not known.
        seconds : float
        """
        if seconds < LEAST_SECONDS:
            return
        # Against the forecast without corrections, or they would correct themselves.
        by_memory, by_time = ahead.corrections
        entry = {"seconds": seconds / (ahead.seconds(voxel) / by_time)}
        if memory:
            entry["memory"] = memory / (ahead.memory(voxel) / by_memory)
        builds = [*self._read(), {name: round(value, 4) for name, value in entry.items()}][-MOST:]
        with contextlib.suppress(Exception):
            self.path.parent.mkdir(parents=True, exist_ok=True)
            write_whole(self.path, json.dumps(builds).encode())

    def _read(self):
        try:
            builds = json.loads(self.path.read_text())
        except (OSError, ValueError):
            return []
        if not isinstance(builds, list):
            return []
        return [b for b in builds if isinstance(b, dict) and all(
            isinstance(v, (int, float)) and 0.0 < v < 1e6 for v in b.values())]


def _median(ratios):
    if not ratios:
        return 1.0
    return min(max(statistics.median(ratios), 1.0 / WIDEST), WIDEST)


class PeakMemory:
    """How far the memory of this process rises while something is done, as the system counts it."""

    def __enter__(self):
        self.bytes = None
        try:
            with open("/proc/self/clear_refs", "w", encoding="ascii") as file:
                file.write("5")  # starts the count of the peak anew
            self._before = _status("VmRSS")
        except OSError:
            self._before = None
        return self

    def __exit__(self, *_):
        if self._before is not None:
            self.bytes = max(0, _status("VmHWM") - self._before)


def _status(name):
    with open(f"/proc/{os.getpid()}/status", encoding="ascii") as lines:
        return next(int(line.split()[1]) * 1024 for line in lines if line.startswith(f"{name}:"))
