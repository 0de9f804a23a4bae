"""Everything the window does by name: one table, from which menu, keys, tooltips and the help of keys are made."""

from dataclasses import dataclass

MASS, GRAIN, LIGHT = "In Mass", "In Grain", "In Light"


@dataclass(frozen=True)
class Command:
    """Something the window does.

    Attributes
    ----------
    name : str
        How code calls it; unique.
    words : str
        What it does, as the menu says it; an ellipsis asks something first.
    keys : str
        As Qt writes them; empty for none.
    group : str
        Under which it stands in the help.
    run : callable
        Given the window.
    menu : bool
        Stands in the menu, before the rule that ends its part of it if `last`.
    last : bool
    """

    name: str
    words: str
    keys: str
    group: str
    run: callable
    menu: bool = False
    last: bool = False


def _tool(key):
    return lambda window: window.take_tool(key)


def _way(key):
    return lambda window: window.look(key)


COMMANDS = (
    Command("new", "New mound", "Ctrl+N", "Mounds", lambda w: w.new(), menu=True),
    Command("open", "Open…", "Ctrl+O", "Mounds", lambda w: w.open_dialog(), menu=True),
    Command("save", "Save", "Ctrl+S", "Mounds", lambda w: w.save(), menu=True),
    Command("save_as", "Save as…", "Ctrl+Shift+S", "Mounds", lambda w: w.save_as(), menu=True, last=True),
    Command("undo", "Undo", "Ctrl+Z", "Editing", lambda w: w.document.undo(), menu=True),
    Command("redo", "Redo", "Ctrl+Y", "Editing", lambda w: w.document.redo(), menu=True),
    Command("fit", "Fit the cloud", "Ctrl+0", "Looking", lambda w: w.fit(), menu=True, last=True),
    Command("resize", "Resize mound…", "Ctrl+R", "Editing", lambda w: w.resize_mound(), menu=True),
    Command("build", "Build final", "F5", "Out of the window", lambda w: w.build_final(), menu=True),
    Command("export", "Export OpenVDB…", "Ctrl+E", "Out of the window", lambda w: w.delivering.export(), menu=True),
    Command("export_mesh", "Export mesh…", "Ctrl+Shift+E", "Out of the window", lambda w: w.delivering.export_mesh(), menu=True),
    Command("pictures", "Take pictures…", "Ctrl+T", "Out of the window", lambda w: w.picturing.take_pictures(), menu=True),
    Command("publish", "Publish…", "Ctrl+P", "Out of the window", lambda w: w.publish(), menu=True, last=True),
    Command("keys", "Keys and gestures", "F1", "Mounds", lambda w: w.show_keys(), menu=True),
    Command("quit", "Quit", "Ctrl+Q", "Mounds", lambda w: w.close(), menu=True),
    Command("find", "Find a number of this station", "Ctrl+F", "Numbers", lambda w: w.find_number()),
    Command("escape", "Stop the work, or let go", "Escape", "Editing", lambda w: w.escape()),
    Command("remove", "Remove the chosen forms, or the grain", "Delete", "Editing", lambda w: w.remove()),
    Command("clay", "Look in Clay", "C", "Looking", _way("clay")),
    Command("draft", "Look in Draft light", "D", "Looking", _way("draft")),
    Command("true", "Look in True light", "T", "Looking", _way("true")),
    Command("slice", "Look at a Slice", "Alt+S", "Looking", _way("slice")),
    Command("fly", "Fly, or land", "F", "Looking", lambda w: w.picture.fly()),
    Command("toward", "Look toward the sun", "Shift+T", "Looking", lambda w: w.picturing.look_by_sun("toward")),
    Command("away", "Look away from the sun", "Shift+A", "Looking", lambda w: w.picturing.look_by_sun("away")),
    Command("up", "Look up from below", "Shift+U", "Looking", lambda w: w.picturing.look_by_sun("up")),
    Command("blob", "Add a blob", "B", MASS, lambda w: w.add_blob()),
    Command("duplicate", "Duplicate the chosen forms", "Ctrl+D", MASS, lambda w: w.mass.duplicate()),
    Command("choose_all", "Choose all forms", "Ctrl+A", MASS, lambda w: w.choose_all()),
    Command("drag", "Drag", "Shift+D", MASS, _tool("drag")),
    Command("swell", "Swell", "S", MASS, _tool("swell")),
    Command("ease", "Ease", "E", MASS, _tool("ease")),
    Command("press", "Press", "P", MASS, _tool("press")),
    Command("roughen", "Roughen", "R", MASS, _tool("roughen")),
    Command("dab", "Dab", "Alt+D", MASS, _tool("dab")),
    Command("scoop", "Scoop", "Shift+S", MASS, _tool("scoop")),
    Command("grain", "Add a grain", "G", GRAIN, lambda w: w.add_grain()),
    Command("snapshot", "Keep a snapshot", "K", LIGHT, lambda w: w.picturing.keep_snapshot()),
)

GESTURES = (
    ("Looking", "Right drag", "Turn around the cloud"),
    ("Looking", "Shift + right drag", "Slide"),
    ("Looking", "Wheel, + and -", "Approach, and draw back"),
    ("Looking", "Arrows", "Turn; with Shift slide, while the picture has the keyboard"),
    ("Looking", "Space, held", "The bare picture"),
    ("Looking", "Shift + Space, held", "The cloud before its grains"),
    (MASS, "Drag a form", "Move it; with Ctrl it snaps"),
    (MASS, "Drag a round handle", "Size the form evenly"),
    (MASS, "Drag x, y or z", "Size it along that axis"),
    (MASS, "Drag the arc", "Turn it"),
    (MASS, "Drag over the sky", "Choose all forms in the box"),
    (MASS, "Shift + click", "Choose another form as well"),
    (MASS, "Double-click", "Add a blob there"),
    (MASS, "Alt, with a tool", "Turn the tool round"),
    (GRAIN, "Drag a hill", "Its feature size sideways, its strength upward"),
    (LIGHT, "Drag on the dome", "Move the sun"),
    ("Numbers", "Drag", "Change it; with Shift finely"),
    ("Numbers", "Double-click, or type", "Give it a value"),
    ("Numbers", "Backspace", "Back to where it began"),
)
"""What hands do that is no command: group, gesture, and what it does."""


def help_rows(stations):
    """All keys and gestures, as the help shows them.

    Parameters
    ----------
    stations : sequence of str
        Names, in the order of their keys.

    Returns
    -------
    list of (str, str, str)
        Group, keys or gesture, and what it does; the rows of a group together.
    """
    rows = [("Stations", str(n + 1), f"Open {name}") for n, name in enumerate(stations)]
    rows += [(c.group, c.keys.replace("+", " + ") if c.keys != "+" else c.keys, c.words.rstrip("…")) for c in COMMANDS if c.keys]
    rows += GESTURES
    groups = list(dict.fromkeys(group for group, _, _ in rows))
    return sorted(rows, key=lambda row: groups.index(row[0]))
