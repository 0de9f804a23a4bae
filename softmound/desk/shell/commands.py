"""Everything that is done by name, in one table: the window's commands and those of all stations."""

from ..stations.registry import STATIONS
from ..words import tr
from .command import Command

MOUNDS, EDITING, LOOKING, OUT, NUMBERS, TIME = "Mounds", "Editing", "Looking", "Out of the window", "Numbers", "Time"

OF_WINDOW = (
    Command("new", "New mound…", "Ctrl+N", lambda w: w.files.choose_new(), MOUNDS, menu=True),
    Command("photograph", "New mound from a photograph…", "", lambda w: w.files.choose_photograph(), MOUNDS, menu=True),
    Command("examples", "Examples…", "", lambda w: w.files.choose_example(), MOUNDS, menu=True),
    Command("open", "Open…", "Ctrl+O", lambda w: w.files.ask_and_open(), MOUNDS, menu=True),
    Command("save", "Save", "Ctrl+S", lambda w: w.station.save(), MOUNDS, menu=True),
    Command("save_as", "Save as…", "Ctrl+Shift+S", lambda w: w.station.save_as(), MOUNDS, menu=True, last=True),
    Command("undo", "Undo", "Ctrl+Z", lambda w: w.station.undo(), EDITING, menu=True),
    Command("redo", "Redo", "Ctrl+Y", lambda w: w.station.redo(), EDITING, menu=True),
    Command("fit", "Fit the cloud", "Ctrl+0", lambda w: w.station.fit(), LOOKING, menu=True, last=True),
    Command("resize", "Resize mound…", "Ctrl+R", lambda w: w.resize_mound(), EDITING, menu=True),
    Command("build", "Build final", "F5", lambda w: w.finished.build(), OUT, menu=True),
    Command("export", "Export OpenVDB…", "Ctrl+E", lambda w: w.delivering.export(), OUT, menu=True),
    Command("export_mesh", "Export mesh…", "Ctrl+Shift+E", lambda w: w.delivering.export_mesh(), OUT, menu=True),
    Command("pictures", "Take pictures…", "Ctrl+T", lambda w: w.station.take_pictures(), OUT, menu=True),
    Command("publish", "Publish…", "Ctrl+P", lambda w: w.delivering.ask_to_publish(), OUT, menu=True, last=True),
    Command("box", "Find anything…", "Ctrl+K", lambda w: w.box(), MOUNDS, menu=True),
    Command("tour", "A first cloud, step by step", "", lambda w: w.begin_tour(), MOUNDS, menu=True),
    Command("manual", "Manual", "Shift+F2", lambda w: w.read_manual(), MOUNDS, menu=True),
    Command("help", "What the manual says of this", "F1", lambda w: w.help_here(), MOUNDS, menu=True),
    Command("what", "What is this?", "Shift+F1", lambda w: w.what_is_this(), MOUNDS, menu=True),
    Command("narrow", "Hide or show the settings", "F9", lambda w: w.toggle(w.panels), LOOKING, menu=True),
    Command("unit", "Lengths in another unit…", "", lambda w: w.ask_unit(), LOOKING, menu=True),
    Command("language", "Language…", "", lambda w: w.ask_language(), LOOKING, menu=True),
    Command("ground", "Light or dark ground", "Ctrl+F9", lambda w: w.change_ground(), LOOKING, menu=True),
    Command("low", "Hide or show the tray", "Shift+F9", lambda w: w.toggle(w.trays), LOOKING, menu=True),
    Command("keys", "Keys and gestures", "Ctrl+F1", lambda w: w.show_keys(), MOUNDS, menu=True),
    Command("quit", "Quit", "Ctrl+Q", lambda w: w.close(), MOUNDS, menu=True),
    Command("against_person", "Against a person", "", lambda w: w.stand_ins.add_beside("person"), LOOKING),
    Command("against_house", "Against a house", "", lambda w: w.stand_ins.add_beside("house"), LOOKING),
    Command("against_craft", "Against a craft…", "", lambda w: w.against_craft(), LOOKING),
    Command("find", "Find a number of this station", "Ctrl+F", lambda w: w.find_number(), NUMBERS),
    Command("time", "Time line", "Ctrl+L", lambda w: w.time(), TIME, menu=True),
    Command("play", "Play, or stop", "Alt+P", lambda w: w.moving.play(), TIME),
    Command("key", "Key the number that was changed last", "Shift+K", lambda w: w.document.key(), TIME),
    Command("key-view", "Key the view", "Shift+V", lambda w: w.moving.key_view(), TIME),
    Command("record", "Record a flight, or land", "Shift+F", lambda w: w.moving.recording.toggle(), TIME),
    Command("before", "One frame back", "Alt+Left", lambda w: w.moving.step(-1), TIME),
    Command("after", "One frame on", "Alt+Right", lambda w: w.moving.step(1), TIME),
    Command("escape", "Stop the work, or let go", "Escape", lambda w: w.escape(), EDITING),
    Command("remove", "Remove what is chosen in the station", "Delete", lambda w: w.station.remove(), EDITING),
    Command("clay", "Look in Clay", "C", lambda w: w.looking.look("clay"), LOOKING),
    Command("draft", "Look in Draft light", "D", lambda w: w.looking.look("draft"), LOOKING),
    Command("true", "Look in True light", "T", lambda w: w.looking.look("true"), LOOKING),
    Command("slice", "Look at a Slice", "Alt+S", lambda w: w.looking.look("slice"), LOOKING),
    Command("otherwise", "Show the stand-in otherwise: seen, matte only, shadow only, hidden", "Shift+O",
            lambda w: w.stand_ins.show_otherwise(), LOOKING),
    Command("fly", "Fly, or land", "F", lambda w: w.picture.fly(), LOOKING),
    Command("toward", "Look toward the sun", "Shift+T", lambda w: w.looking.look_by_sun("toward"), LOOKING),
    Command("away", "Look away from the sun", "Shift+A", lambda w: w.looking.look_by_sun("away"), LOOKING),
    Command("up", "Look up from below", "Shift+U", lambda w: w.looking.look_by_sun("up"), LOOKING),
)

GESTURES = (
    (LOOKING, "Right drag", "Turn around the cloud"),
    (LOOKING, "Shift + right drag", "Slide"),
    (LOOKING, "Wheel, + and -", "Approach, and draw back"),
    (LOOKING, "Arrows", "Turn; with Shift slide, while the picture has the keyboard"),
    (LOOKING, "Space, held", "The bare picture"),
    (LOOKING, "Shift + Space, held", "The cloud before its grains"),
    (NUMBERS, "Drag", "Change it; with Shift finely"),
    (NUMBERS, "Double-click, or type", "Give it a value"),
    (NUMBERS, "Backspace", "Back to where it began"),
)
"""What hands do in every station that is no command: group, gesture, and what it does."""


def table(stations=STATIONS):
    """Every command there is.

    Parameters
    ----------
    stations : sequence of type
        Subclasses of `Station`.

    Returns
    -------
    list of (Command, str)
        With the name of the station whose it is, empty for those of the window.
    """
    return [(command, "") for command in OF_WINDOW] + [(c, kind.name) for kind in stations for c in kind.commands]


def help_rows(stations=STATIONS):
    """All keys and gestures, as the help shows them.

    Parameters
    ----------
    stations : sequence of type
        Subclasses of `Station`.

    Returns
    -------
    list of (str, str, str)
        Group, keys or gesture, and what it does; the rows of a group together.
    """
    rows = [(tr("Stations"), str(n), tr("Open {}").format(tr(kind.name))) for n, kind in enumerate(stations, 1)]
    rows += [(tr(c.group) if not station else tr("In {}").format(tr(station)),
              c.keys.replace("+", " + ") if c.keys != "+" else c.keys,
              tr(c.words).rstrip("…")) for c, station in table(stations) if c.keys]
    rows += [tuple(map(tr, row)) for row in GESTURES]
    rows += [(tr("In {}").format(tr(kind.name)), tr(gesture), tr(does)) for kind in stations for gesture, does in kind.gestures]
    groups = list(dict.fromkeys(group for group, _, _ in rows))
    return sorted(rows, key=lambda row: groups.index(row[0]))
