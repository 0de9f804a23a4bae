"""The settings of Library: its folder, publishing, and the facts of the chosen version."""


from html import escape

from PyQt6.QtWidgets import (
    QLineEdit,
    QPushButton,
)

from ....core.library.choices import TIERS
from ... import style
from ...controls import Row, text_label
from ...figures import count, figure, memory
from ...settings_panel import SettingsPanel


class LibrarySettings(SettingsPanel):
    """The library's folder, publishing, and the facts of the chosen version."""

    def __init__(self, station):
        super().__init__("Library", "published clouds, with their recipes")
        self._station = station
        self.folder = self.add(text_label(""))
        self.change = QPushButton("Change folder…")
        self.change.clicked.connect(station.choose_folder)
        self.add(Row(self.change))
        self.section("This mound")
        self.state = self.add(text_label(""))
        delivering = station.window.delivering
        self.tiers = {}
        for times in TIERS:
            button = QPushButton("full" if times == 1 else f"1/{times}")
            button.setCheckable(True)
            button.setChecked(times in delivering.tiers)
            button.setAccessibleName("Publish the full grid" if times == 1 else f"Publish a grid of 1/{times}")
            button.setToolTip("A file at the final voxel." if times == 1 else
                              f"A file with voxels {times} times as wide, of the same mass: for far clouds and quick looks.")
            button.toggled.connect(lambda _on: self._take_tiers())
            self.tiers[times] = button
        self.add(Row(*self.tiers.values()))
        self.publish = QPushButton("Publish…")
        self.publish.setObjectName("main")
        self.publish.setToolTip("Build at the final voxel and add a version to the library.")
        self.publish.clicked.connect(lambda: station.window.delivering.publish())
        self.add(Row(self.publish))
        self.section("Chosen version")
        self.facts = self.add(text_label(""))
        self.open = QPushButton("Open its mound")
        self.open.clicked.connect(lambda: station.window.files.open(station.chosen.mound))
        self.verify = QPushButton(style.icon("shield-check"), "Verify")
        self.verify.clicked.connect(station.verify_chosen)
        self.reveal = QPushButton(style.icon("folder-open"), "Reveal in file manager")
        self.reveal.clicked.connect(station.reveal)
        self.retire = QPushButton("Put aside")
        self.retire.setToolTip("Take it off the shelf. It is kept until the library is emptied of what was put aside.")
        self.retire.clicked.connect(station.retire_chosen)
        self.add(Row(self.open, self.verify))
        self.add(Row(self.reveal, self.retire))
        self.section("Said of what is published next")
        self.fields = {}
        for name, words, tip in (
                ("tags", "Tags, with commas", "Words it is to be found by."),
                ("shots", "Shots, with commas", "Codes of shots it is meant for."),
                ("note", "Note", "What there is to say of the version that is published next."),
                ("author", "Author", "Who made it."), ("licence", "Licence", "On what terms others may use it.")):
            field = QLineEdit()
            field.setPlaceholderText(words)
            field.setAccessibleName(words)
            field.setToolTip(tip)
            field.textChanged.connect(lambda _text: self._take_about())
            self.fields[name] = field
            self.add(Row(field))

    def _take_about(self):
        """Keep what is typed for the version that is published next; what is too long is cut."""
        given = {name: field.text().strip() for name, field in self.fields.items()}
        lists = {name: tuple(dict.fromkeys(part.strip()[:60] for part in given.pop(name).split(",") if part.strip()))[:60]
                 for name in ("tags", "shots")}
        texts = {name: text[: 4000 if name == "note" else 200] for name, text in given.items()}
        delivering = self._station.window.delivering
        delivering.about = delivering.about.edited(**lists, **texts)

    def _take_tiers(self):
        """Keep which files are wanted; one at least there always is."""
        chosen = tuple(times for times, button in self.tiers.items() if button.isChecked())
        if not chosen:
            self.tiers[1].setChecked(True)
            return
        self._station.window.delivering.tiers = chosen

    def show_mound(self, mound):
        """Follow a mound and the chosen version.

        Parameters
        ----------
        mound : Mound
        """
        station = self._station
        self.folder.setText(station.folder.name)
        self.folder.setToolTip(str(station.folder))
        self.state.setText(
            f"“{mound.name}” is published as it is now." if station.published_now(mound) else
            f"“{mound.name}” will be published at its final voxel of {figure(mound.voxels.final)} m.")
        version = station.chosen
        self.open.setEnabled(version is not None and version.mound is not None)
        self.verify.setEnabled(version is not None)
        self.retire.setEnabled(version is not None)
        if version is None:
            self.facts.setText("Choose a card below to see its facts.")
            return
        facts = version.facts
        low, high = facts["bounds"]
        size = " × ".join(figure(b - a) for a, b in zip(low, high))
        self.facts.setText(
            f"<b>{escape(facts['name'])}</b> v{version.number:03d}<br>"
            f"grid “{facts['grid']}”, {'16' if facts.get('half') else '32'}-bit<br>"
            f"voxel {figure(facts['voxel'])} m<br>{size} m<br>"
            f"{' × '.join(str(d) for d in facts['dims'])} voxels, {count(facts['active_voxels'])} active<br>"
            f"density up to {figure(facts['range'][1])}<br>"
            f"extinction {figure(facts['extinction'])} per metre<br>"
            f"seeds {', '.join(map(str, facts['seeds']))}<br>"
            f"{', '.join('full' if n == 1 else f'1/{n}' for n in sorted(version.tiers))}, {memory(version.bytes)}"
            + _said_of(facts))


def _said_of(facts):
    """What people said of a version, as lines."""
    parts = {"adopted from": facts.get("adopted", ""), "source": facts.get("source", ""),
             "tags": ", ".join(facts.get("tags", ())), "shots": ", ".join(facts.get("shots", ())), "by": facts.get("author", ""),
             "licence": facts.get("licence", ""), "note": facts.get("note", "")}
    return "".join(f"<br>{name} {escape(part)}" for name, part in parts.items() if part)
