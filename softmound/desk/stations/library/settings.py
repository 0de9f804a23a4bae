"""The settings of Library: its folder, publishing, and the facts of the chosen version."""

from PyQt6.QtWidgets import QMenu, QPushButton

from ....core.library.choices import MORE, TIERS
from ... import style
from ...fields.controls import Row, text_label
from ...fields.figures import memory, seconds
from ...fields.lengths import length
from ...fields.settings_panel import SettingsPanel
from ...words import tr
from .about_fields import AboutFields
from .facts import differences, facts_of


class LibrarySettings(SettingsPanel):
    """The library's folder, publishing, and the facts of the chosen version."""

    def __init__(self, station):
        super().__init__("Library", "published clouds, with their recipes")
        self._station = station
        self.section(tr("Chosen version"))
        self.show = QPushButton(tr("Look at it"))
        self.show.setToolTip(tr("Show its published files in the picture; of two that are selected (Ctrl) both, to be compared."))
        self.show.setObjectName("main")
        self.show.clicked.connect(station.show_or_leave)
        self.open = QPushButton(tr("Open its mound"))
        self.open.clicked.connect(station.caring.open_mound)
        self.form = QPushButton(tr("Use as a form"))
        self.form.setToolTip(tr("Add its grid to the present mound, in Mass."))
        self.form.clicked.connect(station.caring.use_as_form)
        self.verify = QPushButton(style.icon("shield-check"), tr("Verify"))
        self.verify.setToolTip(tr("Check its files against their checksums."))
        self.verify.clicked.connect(station.caring.verify_chosen)
        self.reveal = QPushButton(style.icon("folder-open"), tr("Reveal"))
        self.reveal.setToolTip(tr("Show its folder in the file manager."))
        self.reveal.clicked.connect(station.caring.reveal)
        self.more = QPushButton(tr("More"))
        menu = QMenu(self.more)
        self.say = menu.addAction(tr("Say or rename…"), station.caring.say)
        self.copy = menu.addAction(tr("Copy path"), station.caring.copy_path)
        self.rebuild = menu.addAction(tr("Build it again and compare"), station.caring.rebuild_chosen)
        self.drop = menu.addAction(tr("Drop its larger files"), station.caring.drop_larger)
        self.drop.setToolTip(tr("Delete all but the smallest of its files; the recipe builds them again."))
        self.bring = menu.addAction(tr("Bring its files back"), station.caring.bring_back)
        self.retire = menu.addAction(tr("Put aside"), station.caring.retire_chosen)
        self.retire.setToolTip(tr("Take it off the shelf. It is kept until the library is emptied of what was put aside."))
        menu.setToolTipsVisible(True)
        self.more.setMenu(menu)
        self.add(Row(self.show, self.open))
        self.add(Row(self.verify, self.reveal))
        self.add(Row(self.form, self.more))
        self.facts = self.add(text_label(""))
        self.section(tr("This mound"))
        self.state = self.add(text_label(""))
        delivering = station.services.delivering
        self.tiers = {}
        for times in TIERS:
            button = QPushButton(tr("full") if times == 1 else f"1/{times}")
            button.setCheckable(True)
            button.setChecked(times in delivering.tiers)
            button.setAccessibleName(tr("Publish the full grid") if times == 1 else tr("Publish a grid of 1/{}").format(times))
            button.setToolTip(
                tr("A file at the final voxel.")
                if times == 1
                else tr("A file with voxels {} times as wide, of the same mass: for far clouds and quick looks.").format(times)
            )
            button.toggled.connect(lambda _on: self._take_tiers())
            self.tiers[times] = button
        self.add(Row(*self.tiers.values()))
        self.more_with = {}
        for name, words in (("suns", "suns"), ("turntable", "turntable"), ("proxy", "light mesh")):
            button = QPushButton(tr(words))
            button.setCheckable(True)
            button.setChecked(name in delivering.more)
            button.setToolTip(tr("Also keep {}.").format(tr(MORE[name])))
            button.toggled.connect(lambda _on: self._take_more())
            self.more_with[name] = button
        self.add(Row(*self.more_with.values()))
        self.foretold = self.add(text_label(""))
        self.publish = QPushButton(tr("Publish…"))
        self.publish.setObjectName("main")
        self.publish.setToolTip(tr("Build at the final voxel and add a version to the library."))
        self.publish.clicked.connect(lambda: station.services.delivering.publish())
        self.add(Row(self.publish))
        self.section(tr("Said of what is published next"))
        self.about = AboutFields()
        self.about.changed.connect(self._take_about)
        self.add(Row(self.about))
        self.section(tr("The shelf"))
        self.folder = self.add(text_label(""))
        self.change = QPushButton(tr("Change folder…"))
        self.change.clicked.connect(station.choose_folder)
        self.add(Row(self.change))
        self.like = QPushButton(tr("Like a picture…"))
        self.like.setToolTip(tr("Find clouds by an outline, drawn or of a photograph; a picture can be dropped on the "
                                "cards as well."))
        self.like.clicked.connect(station.choose_outline)
        self.health = QPushButton(tr("Look after it"))
        self.health.setToolTip(tr("Verify every version, put right what can be, and say what takes how much room."))
        self.health.clicked.connect(station.caring.look_after)
        self.many = QPushButton(tr("Publish seeds…"))
        self.many.setToolTip(tr("Publish this mound under several seeds, one after the other."))
        self.many.clicked.connect(station.publish_seeds)
        self.adopt = QPushButton(tr("Adopt…"))
        self.adopt.setToolTip(tr("Take an OpenVDB file of somebody else's into the library; it can be dropped on the "
                                 "cards as well."))
        self.adopt.clicked.connect(station.choose_to_adopt)
        self.add(Row(self.many, self.adopt))
        self.aside = QPushButton(tr("Put aside"))
        menu = QMenu(self.aside)
        self.restore = menu.addAction(tr("Bring back what was put aside"), station.caring.restore_all)
        self.empty = menu.addAction(tr("Delete it for good…"), station.caring.empty_aside)
        self.aside.setMenu(menu)
        self.add(Row(self.like, self.health))
        self.add(Row(self.aside))

    def _take_about(self):
        """Keep what is typed for the version that is published next."""
        self._station.services.delivering.about = self.about.about()

    def _take_more(self):
        """Keep what else goes with what is published next."""
        self._station.services.delivering.more = tuple(name for name, button in self.more_with.items() if button.isChecked())

    def _take_tiers(self):
        """Keep which files are wanted; one at least there always is."""
        chosen = tuple(times for times, button in self.tiers.items() if button.isChecked())
        if not chosen:
            self.tiers[1].setChecked(True)
            return
        self._station.services.delivering.tiers = chosen
        self.show_mound(self._station.document.mound)

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
            tr("“{}” is published as it is now.").format(mound.name) if station.published_now(mound) else
            tr("“{}” will be published at its final voxel of {}.").format(mound.name, length(mound.voxels.final)))
        self.show_foretold(mound)
        version = station.chosen
        recipe = version is not None and version.mound is not None
        self.open.setEnabled(recipe)
        for what in (self.form, self.verify, self.more):
            what.setEnabled(version is not None)
        both = station.selected()
        self.show.setEnabled(version is not None)
        self.show.setText(tr("To the wall") if not station.covered else tr("Compare both") if len(both) == 2 else tr("Look at it"))
        self.rebuild.setEnabled(recipe)
        self.drop.setEnabled(recipe and len(version.tiers) > 1 and version.frames is None)
        self.bring.setEnabled(recipe and bool(version.dropped))
        if version is None:
            self.facts.setText(tr("Choose a card to see its facts."))
            return
        showing = station.showing
        if showing.other is not None or station.covered and len(both) == 2:
            self.facts.setText(differences(*((showing.version, showing.other) if showing.other is not None else both)))
            return
        self.facts.setText(facts_of(version))

    def show_foretold(self, mound):
        """Say how large and how long what is published would be.

        Parameters
        ----------
        mound : Mound
        """
        ahead = self._station.services.looking.ahead
        if ahead is None or not mound.mass.forms:
            self.foretold.setText("")
            return
        tiers, voxel = self._station.services.delivering.tiers, mound.voxels.final
        # A tier has an eighth of the voxels of the one twice as fine.
        share = sum(times**-3.0 for times in tiers)
        size = ahead.kept_bricks(voxel) * 512 * 2.0 * share
        self.foretold.setText(tr("About {} of files at the most, in {}.")
                                .format(memory(size), seconds(ahead.seconds(voxel) * (1.0 + 0.3 * share))))
