"""The child process of `foreign`: reads one file, writes the answer, and may die of it."""

import json
import pathlib
import resource
import sys


def main(task, path, answer, name, gigabytes):
    """Do one task on one file.

    Parameters
    ----------
    task : str
        "facts" or "grid".
    path, answer : str
        File to read, file to write.
    name : str
        Grid wanted.
    gigabytes : str
        Limit of the address space.

    Returns
    -------
    int
        0, or 2 with a sentence on stderr.
    """
    limit = int(gigabytes) * 2**30
    resource.setrlimit(resource.RLIMIT_AS, (limit, limit))
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
    from ..recipe.problems import Problem
    from .foreign import save_grid
    from .reference import vdb
    from .vdb import grid_from
    from .vdb_facts import facts_of_file

    try:
        if task == "facts":
            facts = facts_of_file(path)
            if not facts:
                raise Problem("holds no grid; it is empty or damaged.")
            pathlib.Path(answer).write_text(json.dumps(facts))
            return 0
        names = {g.name: g for g in vdb.readAllGridMetadata(path)}
        if name not in names:
            raise Problem(f"holds no grid {name!r}; it has {', '.join(map(repr, names)) or 'none'}.")
        if not isinstance(names[name], vdb.FloatGrid):
            raise Problem(f"the grid {name!r} holds {names[name].valueTypeName}; choose a float grid.")
        save_grid(grid_from(vdb.read(path, name)), answer)
        return 0
    except Problem as problem:
        print(problem, file=sys.stderr)
    except MemoryError:
        print(f"needs more than {gigabytes} GiB to read; it is damaged or too large.", file=sys.stderr)
    except Exception as error:  # whatever the library raises on a damaged file
        reason = str(error).strip().splitlines()[0] if str(error).strip() else type(error).__name__
        print(f"damaged or not readable ({reason}); restore it from a copy.", file=sys.stderr)
    return 2


if __name__ == "__main__":
    sys.exit(main(*sys.argv[1:]))
