"""Which member of a flock is seen at a place of the picture."""

import numpy as np

from .standing import placing_of

ROOM = 1.05
"""Times its box within which a place still belongs to a member: the earth's curve and soft edges."""


def member_at(flock, sources, point):
    """The member whose cloud is at a place.

    Parameters
    ----------
    flock : Flock
    sources : dict of Asset to Source
        Members of other assets are not found.
    point : sequence of float, length 3
        Metres: where the light that is seen comes from.

    Returns
    -------
    int or None
        Of those whose boxes hold the place, the one to whose middle it is nearest, in sizes of the box.
    """
    there = [n for n, m in enumerate(flock.members) if not m.hidden and m.asset in sources]
    if not there:
        return None
    point = np.asarray(point, float)
    # Most are far away: only those within reach are looked at one by one.
    places = np.array([flock.members[n].place for n in there])
    reach = {asset: float(np.linalg.norm(sources[asset].bounds[1] - sources[asset].bounds[0]))
             for asset in {flock.members[n].asset for n in there}}
    near = np.linalg.norm(places - point, axis=1) <= ROOM * np.array([flock.members[n].size * reach[flock.members[n].asset]
                                                                    for n in there])
    found = None
    for n in np.asarray(there)[near]:
        member = flock.members[n]
        low, high = sources[member.asset].bounds
        own = placing_of(member, sources[member.asset]).own(point)
        off = float(np.abs((own - (low + high) / 2.0) / np.maximum((high - low) / 2.0, 1e-9)).max())
        if off <= ROOM and (found is None or off < found[0]):
            found = off, int(n)
    return None if found is None else found[1]


def corners_of(member, source):
    """Corners of a member's box: ndarray of float64, shape (8, 3), metres."""
    box = np.stack(np.meshgrid(*source.bounds.T, indexing="ij"), -1).reshape(-1, 3)
    return placing_of(member, source).world(box)
