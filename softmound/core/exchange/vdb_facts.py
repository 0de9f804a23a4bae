"""What an OpenVDB file holds."""

from collections import Counter

import numpy as np

from ..problems import DoesNotFit
from ..volume.reference import vdb
from ..volume.tree import entries_of, windows_of


def facts_of_file(path, read=lambda grid: None):
    """Describe every grid of a file. Run it on foreign files through `foreign.read_facts` only.

    Parameters
    ----------
    path : path-like
    read : callable, optional
        Called with each grid when it was read.

    Returns
    -------
    list of dict
        For each grid: name, class, type, half, voxel_size, dims, active_voxels, min, max, mean,
        bounds (in the file's unit), metadata, bytes (in memory). Values are None where the
        library's module cannot read the type.
    """
    seen, facts = Counter(), []
    for outline in vdb.readAllGridMetadata(str(path)):
        # Grids of one name are told apart by a number behind it, as the library does.
        again, seen[outline.name] = seen[outline.name], seen[outline.name] + 1
        facts.append(_facts(path, outline, f"{outline.name}[{again}]" if again else outline.name, read))
    return facts


def _facts(path, outline, name, read):
    facts = {
        "name": name, "class": str(outline.gridClass), "type": outline.valueTypeName,
        "half": bool(outline.saveFloatAsHalf), "voxel_size": list(outline.transform.voxelSize()),
        "dims": None, "active_voxels": None, "min": None, "max": None, "mean": None,
        "bounds": None, "metadata": {k: plain(v) for k, v in outline.metadata.items()},
        "bytes": None,
    }
    try:
        grid = vdb.read(str(path), name)
    except TypeError:
        return facts  # a type that the library's module does not know
    read(grid)
    count = grid.activeVoxelCount()
    facts.update(active_voxels=count, bytes=grid.memUsage())
    if count:
        low, high = grid.evalActiveVoxelBoundingBox()
        corners = [grid.transform.indexToWorld(tuple(low)), grid.transform.indexToWorld(tuple(high))]
        facts.update(
            dims=[int(last - first + 1) for first, last in zip(low, high)],
            bounds=[[float(x) for x in corner] for corner in corners],
        )
    if isinstance(grid, vdb.FloatGrid) and count:
        facts.update(_values(grid, count))
    return facts


def _values(grid, count):
    found = entries_of(grid)
    if found is not None:
        low, high, values = found
        many = (high - low + 1.0).prod(axis=1)
        return {"min": float(values.min()), "max": float(values.max()), "mean": float((values * many).sum() / many.sum())}
    try:
        return _values_by_windows(grid, count)
    except DoesNotFit:
        return {}  # too far apart to be looked through: what is known without that has been said


def _values_by_windows(grid, count):
    # Inactive voxels hold the background; with NaN there they can be told from active ones.
    marked = grid.deepCopy()
    marked.background = float("nan")
    low, high, total = np.inf, -np.inf, 0.0
    for corner, sides in windows_of(grid):
        window = np.empty(sides, np.float32)
        marked.copyToArray(window, ijk=tuple(int(c) for c in corner))
        live = window[~np.isnan(window)]
        if len(live):
            low, high = min(low, float(live.min())), max(high, float(live.max()))
            total += float(live.sum(dtype=np.float64))
    return {"min": low, "max": high, "mean": total / count}


def plain(value):
    """A value of a file's metadata as JSON has it.

    Parameters
    ----------
    value : object

    Returns
    -------
    bool, int, float, str or list
    """
    if isinstance(value, (bool, int, float, str)):
        return value
    try:
        return [plain(part) for part in value]
    except TypeError:
        return str(value)
