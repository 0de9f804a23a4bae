"""Beer and Lambert's law, fast enough for inner loops."""

from ...kernels import f32, row


@row
def transmittance(depth):
    """Share of light left after an optical depth: exp(-depth) without a call, so it vectorises.

    The (2, 2) Pade approximant of exp on a sixteenth of the depth, squared four times.

    Parameters
    ----------
    depth : float32
        0 or more.

    Returns
    -------
    float32
        Relative error below 8e-4 up to depth 8; the absolute error is below 2e-5 everywhere.
    """
    r = min(depth * f32(1 / 16), f32(3))
    squared = r * r + f32(12)
    share = (squared - f32(6) * r) / (squared + f32(6) * r)
    share *= share
    share *= share
    share *= share
    return share * share


@row
def taken(depth):
    """Share of light lost over an optical depth: 1 - exp(-depth), also where that is so little that 1 minus it rounds.

    Parameters
    ----------
    depth : float32
        0 or more.

    Returns
    -------
    float32
    """
    return depth * (f32(1) - f32(0.5) * depth) if depth < f32(0.004) else f32(1) - transmittance(depth)
