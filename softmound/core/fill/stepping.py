"""The steps of a recipe on the surface, before or after the grains."""



def live_steps(steps, after=None):
    """Steps that do something.

    Parameters
    ----------
    steps : sequence of Step
    after : bool, optional
        Only those after (True) or before (False) the grains.

    Returns
    -------
    list of Step
    """
    return [s for s in steps if s.on and after in (None, s.after) and not s.idle]


def steps_reach(steps):
    """How much farther from the surface distances have to be known, for some steps.

    Parameters
    ----------
    steps : sequence of Step

    Returns
    -------
    outward, inward : float
        Metres.
    """
    reach = [step.reach for step in live_steps(steps)]
    return sum(outward for outward, _ in reach), sum(inward for _, inward in reach)


def grown_by(steps):
    """How far some steps can move the surface outward of its hull.

    Parameters
    ----------
    steps : sequence of Step

    Returns
    -------
    float
        Metres.
    """
    return sum(max(step.outward, 0.0) for step in live_steps(steps))


def stepped(values, coords, inside, voxel, steps, far, ticket=None):
    """Distances after some steps.

    Parameters
    ----------
    values : ndarray of float32, shape (n, 512)
        Signed distance of all bricks of the band, metres.
    coords : ndarray of int32, shape (n, 3)
        Sorted.
    inside : ndarray of int32, shape (m, 3)
        Bricks deeper than the band.
    voxel : float
        Metres.
    steps : sequence of Step
        See `live_steps`.
    far : float
        Reach of the band, metres.
    ticket : Ticket, optional

    Returns
    -------
    ndarray of float32, shape (n, 512)
    """
    for step in steps:
        values = step.act(values, coords, inside, voxel, far, ticket)
    return values
