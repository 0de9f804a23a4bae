"""The settings of Library: its folder, publishing, and the facts of the chosen version."""

import pathlib
from html import escape

from PyQt6.QtWidgets import QLineEdit, QMenu, QPushButton

from ....core.formation.uses import uses_of
from ... import style
from ...dialogs.publish_dialog import foretold
from ...fields.controls import Row, text_label
from ...fields.lengths import length
from ...fields.settings_panel import SettingsPanel
from ...words import tr
from .facts import differences, facts_of


class LibrarySettings(SettingsPanel):
    """The library's folder, publishing, and the facts of the chosen version."""

    def __init__(self, station):
        super().__init__("Library", "published clouds, with their recipes")
        self._station = station
        self._add_basket(station.baskets)
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
        self.replace = menu.addAction(tr("Replace it where it is used…"), station.caring.replace_chosen)
        self.replace.setToolTip(tr("Let the baskets and flocks that use this version use another one of its asset."))
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
        self.foretold = self.add(text_label(""))
        self.publish = QPushButton(tr("Publish…"))
        self.publish.setObjectName("main")
        self.publish.setToolTip(tr("Build at the final voxel and add a version to the library."))
        self.publish.clicked.connect(station.services.delivering.ask_to_publish)
        self.many = QPushButton(tr("Publish seeds…"))
        self.many.setToolTip(tr("Publish this mound under several seeds, one after the other."))
        self.many.clicked.connect(station.caring.publish_seeds)
        self.add(Row(self.publish, self.many))
        self.section(tr("The shelf"))
        self.folder = self.add(text_label(""))
        self.change = QPushButton(tr("Change folder…"))
        self.change.clicked.connect(station.choose_folder)
        self.add(Row(self.change))
        self.like = QPushButton(tr("Like a picture…"))
        self.like.setToolTip(tr("Find clouds by an outline, drawn or of a photograph; a picture can be dropped on the "
                                "cards as well."))
        self.like.clicked.connect(station.finding.choose_outline)
        self.health = QPushButton(tr("Look after it"))
        self.health.setToolTip(tr("Verify every version, put right what can be, and say what takes how much room."))
        self.health.clicked.connect(station.caring.look_after)
        self.adopt = QPushButton(tr("Adopt…"))
        self.adopt.setToolTip(tr("Take an OpenVDB file of somebody else's into the library; it can be dropped on the "
                                 "cards as well."))
        self.adopt.clicked.connect(station.arriving.choose_to_adopt)
        self.aside = QPushButton(tr("Put aside"))
        menu = QMenu(self.aside)
        self.restore = menu.addAction(tr("Bring back what was put aside"), station.caring.restore_all)
        self.empty = menu.addAction(tr("Delete it for good…"), station.caring.empty_aside)
        self.aside.setMenu(menu)
        self.watch = QPushButton(tr("Watch a folder"))
        self.watch.setToolTip(tr("Adopt OpenVDB files that arrive in a folder, asked or unasked."))
        menu = QMenu(self.watch)
        menu.aboutToShow.connect(lambda: self._fill_watch(menu))
        self.watch.setMenu(menu)
        self.watched = self.add(text_label(""))
        self.add(Row(self.watch))
        station.arriving.changed.connect(self._show_watched)
        self._show_watched()
        self.add(Row(self.like, self.adopt))
        self.add(Row(self.health, self.aside))

    def _add_basket(self, baskets):
        self.section("Basket")
        self.basket_note, self.item_note = QLineEdit(), QLineEdit()
        for line, words, take in ((self.basket_note, tr("Note on the basket"), baskets.say),
                                  (self.item_note, tr("Note on the chosen version in it"), baskets.say_of_chosen)):
            line.setPlaceholderText(words)
            line.setAccessibleName(words)
            line.editingFinished.connect(lambda line=line, take=take: take(line.text().strip()) if line.isModified() else None)
        earlier, later, out = (QPushButton(tr(words)) for words in ("Earlier", "Later", "Take out"))
        earlier.clicked.connect(lambda: baskets.move(-1))
        later.clicked.connect(lambda: baskets.move(1))
        out.clicked.connect(baskets.take_out)
        out.setToolTip(tr("Take the selected versions out of the basket; they stay in the library. With none selected, take out "
                          "what is not in the library any more."))
        newest, sheet, pack = (QPushButton(tr(words)) for words in ("Take the newest", "Contact sheet…", "Pack…"))
        newest.setToolTip(tr("Let each version in it be the newest of its asset."))
        newest.clicked.connect(baskets.update)
        sheet.setToolTip(tr("A picture of all that is in it, with names, sizes and notes."))
        sheet.clicked.connect(baskets.sheet)
        pack.setToolTip(tr("Copy all files of its versions into a folder or an archive, with a scene of all (USD), a list (CSV) "
                           "and the contact sheet; first it is said what speaks against it."))
        pack.clicked.connect(baskets.pack)
        self.of_item = (earlier, later, out, self.item_note)
        self.basket_buttons = {"earlier": earlier, "later": later, "out": out, "newest": newest, "sheet": sheet, "pack": pack}
        self.add(Row(self.basket_note))
        self.add(Row(earlier, later, out))
        self.add(Row(self.item_note))
        self.add(Row(newest, sheet))
        self.add(Row(pack))
        self.checked = self.add(text_label("", "quiet"))

    def _fill_watch(self, menu):
        arriving = self._station.arriving
        menu.clear()
        menu.addAction(tr("Choose a folder…"), arriving.choose)
        unasked = menu.addAction(tr("Adopt without asking"), lambda: arriving.let_unasked(not arriving.unasked))
        unasked.setCheckable(True)
        unasked.setChecked(arriving.unasked)
        if arriving.folder:
            menu.addAction(tr("Watch it no longer"), lambda: arriving.watch(""))

    def _show_watched(self):
        folder = self._station.arriving.folder
        self.watched.setText(tr("watching {}").format(pathlib.Path(folder).name) if folder else "")
        self.watched.setToolTip(folder)

    def show_basket(self):
        """Follow the open basket."""
        baskets = self._station.baskets
        self.show_section("Basket", bool(baskets.open))
        if not baskets.open:
            return
        place = baskets.place()
        for line, text in ((self.basket_note, baskets.opened.note),
                           (self.item_note, "" if place is None else baskets.held[place][0].note)):
            if not line.hasFocus():
                line.setText(text)
        for widget in self.of_item:
            widget.setEnabled(place is not None)
        if any(version is None for _, version, _ in baskets.held):
            self.basket_buttons["out"].setEnabled(True)
        found = baskets.problems
        self.checked.setText("<br>".join(escape(tr(each)) for each in found) if found else
                             tr("Nothing speaks against handing it over.") if baskets.held else tr("Nothing is in it yet."))

    def show_mound(self, mound):
        """Follow a mound and the chosen version.

        Parameters
        ----------
        mound : Mound
        """
        station = self._station
        self.show_basket()
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
        self.replace.setEnabled(len(station.siblings) > 1)
        self.drop.setEnabled(recipe and len(version.tiers) > 1 and version.frames is None)
        self.bring.setEnabled(recipe and bool(version.dropped))
        if version is None:
            self.facts.setText(tr("Choose a card to see its facts."))
            return
        showing = station.showing
        if showing.other is not None or station.covered and len(both) == 2:
            self.facts.setText(differences(*((showing.version, showing.other) if showing.other is not None else both)))
            return
        self.facts.setText(facts_of(version, *uses_of(station.folder, version)))

    def show_foretold(self, mound):
        """Say how large and how long what is published would be.

        Parameters
        ----------
        mound : Mound
        """
        services = self._station.services
        self.foretold.setText(foretold(mound, services.looking.ahead, services.delivering.tiers))
