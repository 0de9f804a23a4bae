"""What the window or a station does by name."""

from dataclasses import dataclass


@dataclass(frozen=True)
class Command:
    """Something that can be done by name: menu, keys, tooltips and the help are made from it.

    Attributes
    ----------
    name : str
        How code calls it; unique.
    words : str
        What it does, as the menu says it; an ellipsis asks something first.
    keys : str
        As Qt writes them; empty for none.
    run : callable
        Given the window, or the station whose command it is.
    group : str
        Under which it stands in the help; a station's stand under the station.
    menu : bool
        Stands in the menu, before the rule that ends its part of it if `last`.
    last : bool
    opens : bool
        Opens its station first.
    """

    name: str
    words: str
    keys: str
    run: callable
    group: str = ""
    menu: bool = False
    last: bool = False
    opens: bool = False
