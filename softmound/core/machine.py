"""What this machine has left."""

import pathlib

_GROUP = pathlib.Path("/sys/fs/cgroup")
_UNKNOWN = 3 * 2**30


def free_memory():
    """Bytes of memory that can still be taken, by the machine and by the container this process runs in.

    Returns
    -------
    int
    """
    free = _UNKNOWN
    with open("/proc/meminfo", encoding="ascii") as lines:
        for line in lines:
            if line.startswith("MemAvailable:"):
                free = int(line.split()[1]) * 1024
    try:
        most = (_GROUP / "memory.max").read_text(encoding="ascii").strip()
        if most != "max":
            used = int((_GROUP / "memory.current").read_text(encoding="ascii"))
            cached = next(int(line.split()[1]) for line in (_GROUP / "memory.stat").read_text(encoding="ascii").splitlines()
                          if line.startswith("inactive_file "))
            free = min(free, max(int(most) - used + cached, 0))
    except (OSError, ValueError, StopIteration):
        pass  # no container that says so
    return free
