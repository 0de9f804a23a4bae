"""The settings of Library: its folder, publishing, and the facts of the chosen version."""


from PyQt6.QtWidgets import (
    QPushButton,
)

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
        self.add(Row(self.open, self.verify))
        self.add(Row(self.reveal))

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
        self.open.setEnabled(version is not None)
        self.verify.setEnabled(version is not None)
        if version is None:
            self.facts.setText("Choose a card below to see its facts.")
            return
        facts = version.facts
        low, high = facts["bounds"]
        size = " × ".join(figure(b - a) for a, b in zip(low, high))
        self.facts.setText(
            f"<b>{facts['name']}</b> v{version.number:03d}<br>"
            f"grid “{facts['grid']}”, {'16' if facts.get('half') else '32'}-bit<br>"
            f"voxel {figure(facts['voxel'])} m<br>{size} m<br>"
            f"{' × '.join(str(d) for d in facts['dims'])} voxels, {count(facts['active_voxels'])} active<br>"
            f"density up to {figure(facts['range'][1])}<br>"
            f"extinction {figure(facts['extinction'])} per metre<br>"
            f"seeds {', '.join(map(str, facts['seeds']))}<br>{memory(version.bytes)}")
