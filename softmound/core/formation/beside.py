"""What of a flock is no file yet, as OpenVDB files beside what is written: tiles of decks, hazes, mounds of their own."""

import pathlib

import numpy as np

from ..exchange.stated import metadata_of
from ..exchange.vdb import write_vdb
from ..recipe.flock import Asset
from .layers import layer_clouds
from .standing import Source, member_of


def all_in_files(flock, sources, path):
    """A flock whose decks and hazes are members, and all of whose members show a grid of a file.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
    path : path-like
        Of what is to be written; the files go into a folder beside it, named after it, which is made only when it is needed.

    Returns
    -------
    flock : Flock
        Without decks and hazes.
    sources : dict of Asset to Source
    """
    path = pathlib.Path(path)
    folder, sources, members, files = path.parent / f"{path.stem}_grids", dict(sources), [], {}

    def file_of(key, name, grid, medium):
        if key not in files:
            folder.mkdir(exist_ok=True)
            asset = Asset(name=name, file=str(folder / f"{len(files) + 1:02d}_{'_'.join(name.lower().split())}.vdb"))
            write_vdb(asset.file, grid, metadata=metadata_of(name, medium, []))
            files[key], sources[asset] = asset, Source(name, {1: asset.file}, None)
        return files[key]

    for member in flock.members:
        if member.asset.file.endswith(".mound"):
            source = sources[member.asset]
            member = member.edited(asset=file_of(member.asset, member.asset.name, source.grid(1), source.medium))
        members.append(member)
    for cloud in layer_clouds(flock):
        asset = file_of(cloud.key, cloud.key.split()[0].capitalize(), cloud.grid, cloud.medium)
        axes = cloud.placing.scale * cloud.placing.axes
        base = sources[asset].base
        members.append(member_of(asset, asset.name, axes, np.asarray(cloud.placing.place) + axes @ base))
    # Not looked over again: tiles may make more members than a flock may have.
    return flock.model_copy(update={"members": tuple(members), "decks": (), "hazes": ()}), sources
