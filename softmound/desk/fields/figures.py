"""Numbers as people read them."""

from ..words import tr


def figure(value, digits=3):
    """A number with so many figures that count, without an exponent.

    Parameters
    ----------
    value : float
    digits : int, optional

    Returns
    -------
    str
    """
    if value == 0:
        return "0"
    text = f"{value:.{digits}g}"
    if "e" in text:
        text = f"{float(text):.12f}".rstrip("0").rstrip(".")
    return text


def count(value):
    """A large count in short: 4.1 M.

    Parameters
    ----------
    value : float

    Returns
    -------
    str
    """
    for size, unit in ((1e9, "G"), (1e6, "M"), (1e3, "k")):
        if value >= size:
            return f"{figure(value / size)} {unit}"
    return f"{value:.0f}"


def grouped(value):
    """A large measure with its thousands apart: 11 700 000; a small one as `figure` has it.

    Parameters
    ----------
    value : float

    Returns
    -------
    str
    """
    return figure(value) if value < 1000 else f"{float(f'{value:.3g}'):,.0f}".replace(",", "\u2009")


def memory(value):
    """Bytes in short: 118 MB.

    Parameters
    ----------
    value : float

    Returns
    -------
    str
    """
    for size, unit in ((1e9, "GB"), (1e6, "MB"), (1e3, "kB")):
        if value >= size:
            return f"{figure(value / size)} {unit}"
    return f"{value:.0f} B"


def unparted(words):
    """A number with its unit that a line's end does not part.

    Parameters
    ----------
    words : str

    Returns
    -------
    str
        With no-break spaces.
    """
    return words.replace(" ", "\u00a0")


def seconds(value):
    """A time in short: 84 ms, 3.2 s, 2 min 5 s.

    Parameters
    ----------
    value : float

    Returns
    -------
    str
    """
    if value < 1.0:
        return tr("{:.0f} ms").format(1000 * value)
    if value < 100.0:
        return f"{value:.1f} s"
    return tr("{} min {} s").format(int(value) // 60, int(value) % 60)
