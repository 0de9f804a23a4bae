"""Facts of published versions in words: of one, and how those of two differ."""

import pathlib
from html import escape

from ... import style
from ...fields.figures import count, figure, memory
from ...fields.lengths import length, sizes
from ...words import tr


def facts_of(version, baskets=(), flocks=()):
    """What there is to say of a version.

    Parameters
    ----------
    version : Version
    baskets, flocks : sequence of str, optional
        Where it is used: names, and paths.

    Returns
    -------
    str
        Lines, as rich text.
    """
    facts = version.facts
    return (
        tr(
            "<b>{}</b> v{:03d}<br>grid “{}”, {}-bit<br>voxel {}<br>{}<br>{} voxels, {} active<br>density up to "
            "{}<br>extinction {} per metre<br>seeds {}<br>{}, {}"
        ).format(
            escape(facts["name"]),
            version.number,
            facts["grid"],
            "16" if facts.get("half") else "32",
            length(facts["voxel"]),
            _size(facts),
            " × ".join(str(d) for d in facts["dims"]),
            count(facts["active_voxels"]),
            figure(facts["range"][1]),
            figure(facts["extinction"]),
            ", ".join(map(str, facts["seeds"])),
            _tiers(version.tiers),
            memory(version.bytes),
        )
        + (tr("<br>dropped: {}").format(_tiers(version.dropped)) if version.dropped else "")
        + _frames(version.frames)
        + _said_of(facts)
        + "".join(f"<br>{words} {escape(', '.join(names))}" for words, names in (
            (tr("in the baskets"), baskets), (tr("in the flocks"), [pathlib.Path(path).stem for path in flocks])) if names)
    )


def differences(one, other):
    """Facts of two versions, in a stronger colour where they differ.

    Parameters
    ----------
    one, other : Version

    Returns
    -------
    str
        A table, as rich text.
    """
    rows = [("", f"{v.facts['name']} v{v.number:03d}", f"{w.facts['name']} v{w.number:03d}") for v, w in [(one, other)]]
    rows += [(name, said(one.facts), said(other.facts)) for name, said in _ROWS.items()]
    rows.append(("files", memory(one.bytes), memory(other.bytes)))
    colours = {True: style.QUIET.name(), False: style.TEXT.name()}
    cells = ((name, (f"<td style=color:{colours[own == theirs]}>{escape(words)}</td>" for words in (own, theirs)))
             for name, own, theirs in rows)
    return "<table cellpadding=2>" + "".join(f"<tr><td>{name}</td>{''.join(both)}</tr>" for name, both in cells) + "</table>"


def _size(facts):
    low, high = facts["bounds"]
    return sizes(b - a for a, b in zip(low, high))


_ROWS = {
    "size": _size, "voxel": lambda facts: f"{length(facts['voxel'])}",
    "active voxels": lambda facts: count(facts["active_voxels"]),
    "extinction": lambda facts: tr("{} per metre").format(figure(facts["extinction"])),
    "optical depth": lambda facts: " × ".join(figure(depth) for depth in facts.get("optical_depth", ())) or "not measured",
    "outline’s dimension": lambda facts: figure(facts["shape"]["outline"]) if "shape" in facts else "not measured",
    "seeds": lambda facts: ", ".join(map(str, facts["seeds"])) or "none",
    "tags": lambda facts: ", ".join(facts.get("tags", ())) or "none",
}


def _tiers(reductions):
    return ", ".join("full" if n == 1 else f"1/{n}" for n in sorted(reductions))


def _frames(frames):
    """Which frames there are, as lines."""
    if frames is None:
        return ""
    missing = f", {len(frames.missing)} missing, held" if frames.missing else ""
    return f"<br>frames {frames.first} to {frames.last}, {figure(frames.rate)} a second{missing}"


def _said_of(facts):
    """What people said of a version, as lines."""
    parts = {"called before": ", ".join(facts.get("called_before", ())),
             "adopted from": facts.get("adopted", ""), "source": facts.get("source", ""),
             "tags": ", ".join(facts.get("tags", ())), "shots": ", ".join(facts.get("shots", ())),
             "species": facts.get("species", ""), "by": facts.get("author", ""),
             "licence": facts.get("licence", ""), "note": facts.get("note", "")}
    return "".join(f"<br>{name} {escape(part)}" for name, part in parts.items() if part)
