"""The child process of `foreign`: reads one file, writes the answer, and may die of it."""

import importlib
import json
import math
import pathlib
import resource
import sys
import time
from collections import Counter


def main(task, path, answer, name, room, busy):
    """Do one task on one file.

    Parameters
    ----------
    task : str
        A key of `_TASKS`.
    path, answer : str
        File to read, file to write.
    name : str
        Grid wanted.
    room : str
        Limit of the address space, bytes.
    busy : str
        Limit of the processor's time for the file, whole seconds.

    Returns
    -------
    int
        0; 2 for a file that is wrong, 3 for one that is too large, with a sentence on stderr.
    """
    resource.setrlimit(resource.RLIMIT_AS, (int(room), int(room)))
    resource.setrlimit(resource.RLIMIT_CPU, (LONGEST, LONGEST))
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
    from ..problems import Problem

    try:
        # What the program takes to load on a slow machine, or the first time, is no fault of the file.
        for module in NEEDS[task]:
            importlib.import_module(module, __package__)
        resource.setrlimit(resource.RLIMIT_CPU, (min(math.ceil(time.process_time()) + int(busy), LONGEST), LONGEST))
        _TASKS[task](path, answer, name)
        return 0
    except Problem as problem:
        print(problem, file=sys.stderr)
        return problem.code
    except MemoryError:
        print(f"needs more than {int(room) / 2**30:.1f} GiB to read; it is damaged or too large.", file=sys.stderr)
        return 3
    except Exception as error:  # whatever the library raises on a damaged file
        reason = str(error).strip().splitlines()[0] if str(error).strip() else type(error).__name__
        print(f"damaged or not readable ({reason}); restore it from a copy.", file=sys.stderr)
    return 2


LONGEST = 120
"""Seconds of the processor, however large a file is."""
WINDOW_SECONDS = 0.03
"""Of the processor for each window of a grid that is looked through; twice to four times what it takes."""


def allow_for(grid):
    """Allow the time it takes to look through a grid, once the library has read it: until then a damaged file may hang it.

    Parameters
    ----------
    grid : FloatGrid or other grid of the library
    """
    from ..volume.tree import windows_count

    soft, hard = resource.getrlimit(resource.RLIMIT_CPU)
    resource.setrlimit(resource.RLIMIT_CPU, (min(soft + 2 + int(WINDOW_SECONDS * windows_count(grid)), hard), hard))


def _facts(path, answer, _name):
    from ..problems import Problem
    from .vdb_facts import facts_of_file

    facts = facts_of_file(path, allow_for)
    if not facts:
        raise Problem("holds no grid; it is empty or damaged.")
    pathlib.Path(answer).write_text(json.dumps(facts))


def _grid(path, answer, name):
    from ..problems import Problem
    from ..volume.reference import vdb
    from ..volume.twin import grid_from
    from .handed import SCALARS, save_grid
    from .vdb_facts import plain

    outlines = vdb.readAllGridMetadata(path)
    names = {g.name: g for g in reversed(outlines)}
    seen = Counter()
    for outline in outlines:
        seen[outline.name] += 1
        if seen[outline.name] > 1:
            names[f"{outline.name}[{seen[outline.name] - 1}]"] = outline
    if name not in names:
        raise Problem("holds no grid {!r}; it has {}.", name, ", ".join(map(repr, names)) or "none")
    kind = names[name].valueTypeName
    if kind.startswith("vec"):
        raise Problem("the grid {!r} holds vectors ({}); choose a grid of single numbers.", name, kind)
    if kind not in SCALARS:
        raise Problem("the grid {!r} holds numbers of type {}, which the OpenVDB library of this system cannot read; "
                      "write it as float first.", name, kind)
    about = {"class": str(names[name].gridClass), "metadata": {k: plain(v) for k, v in names[name].metadata.items()}}
    read = vdb.read(path, name)
    allow_for(read)
    save_grid(grid_from(read), answer, about)


def _triangles(path, answer, _name):
    import numpy as np

    from .meshes import triangles_of_file

    read = triangles_of_file(path)
    np.savez(answer, vertices=read.vertices, faces=read.faces, facts=json.dumps(read.facts), open=read.open)


def _points(path, answer, _name):
    import numpy as np

    from .points import points_of_file

    np.savez(answer, **points_of_file(path))


def _photograph(path, answer, _name):
    import numpy as np

    from .photographs import photograph_of_file

    np.save(answer, photograph_of_file(path))


def _focal(path, answer, _name):
    from .photographs import focal_of_file

    pathlib.Path(answer).write_text(json.dumps(focal_of_file(path)))


def _sky(path, answer, _name):
    import numpy as np

    from .photographs import sky_of_file

    np.save(answer, sky_of_file(path))


_TASKS = {"facts": _facts, "grid": _grid, "triangles": _triangles, "points": _points, "photograph": _photograph, "focal": _focal,
          "sky": _sky}
NEEDS = {"facts": (".vdb_facts", "..volume.tree"), "grid": (".vdb_facts", ".handed", "..volume.twin", "..volume.tree"),
          "triangles": (".meshes", "..mass.mend", "..compiling", "trimesh"), "points": (".points", "trimesh"),
          "photograph": (".photographs",), "focal": (".photographs",), "sky": (".photographs",)}
"""Modules that a task loads."""
GRIDS = ("facts", "grid")
"""Tasks that need the reference library."""


if __name__ == "__main__":
    sys.exit(main(*sys.argv[1:]))
