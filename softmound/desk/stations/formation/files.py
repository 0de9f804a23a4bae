"""Where a flock comes from and goes to: files, stages, lists, grids, pictures and films."""

import pathlib

from PyQt6.QtWidgets import QFileDialog

from ....core.formation.exporting import exported
from ....core.formation.filming import TAKES
from ....core.formation.listing import read_list
from ....core.formation.stage import ENDINGS, read_stage
from ....core.formation.standing import sources_of
from ....core.problems import Problem
from ....core.recipe.flock_files import rebased
from ...dialogs.asking import asking
from ...dialogs.picture_dialog import PictureDialog
from ...words import tr


class FlockFiles:
    """Asks for files, and opens, saves, exports and takes pictures of the flock of a station.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        self._station, self._services = station, station.services

    def open(self):
        """Ask for a flock, a stage or a list, and open it."""
        station, document = self._station, self._station.document
        path, _ = QFileDialog.getOpenFileName(station.settings, tr("Open a flock"), str(self._services.files.folder),
                                              tr("Flocks, stages, lists (*.flock *.usda *.usdc *.usd *.json)"))
        if not path:
            return
        station.members.chosen, path = [], pathlib.Path(path)
        ending = path.suffix.lower()
        try:
            if ending == ".flock":
                document.read(path, tr("open flock"))
            else:
                reader = read_stage if ending in ENDINGS else read_list
                document.replace(rebased(reader(path, path.stem[:80]), path.parent, document.copy.file.parent), tr("open flock"))
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        if ending == ".flock":
            station.tray.plan.fit()
        else:
            station.fit()

    def save(self):
        """Save the flock to its file, asking for one when it has none."""
        if self._station.document.path is None:
            self.save_as()
        else:
            self._save_to(self._station.document.path)

    def save_as(self):
        """Ask for a name, and save the flock."""
        station, document = self._station, self._station.document
        start = document.path or self._services.files.folder / f"{document.flock.name}.flock"
        path, _ = QFileDialog.getSaveFileName(station.settings, tr("Save the flock"), str(start), tr("Flocks (*.flock)"))
        if path:
            path = pathlib.Path(path)
            self._save_to(path if path.suffix == ".flock" else path.with_name(f"{path.name}.flock"))

    def _save_to(self, path):
        station, document = self._station, self._station.document
        try:
            document.save(path, self._services.delivering.library)
        except Problem as problem:
            self._services.tell(tr(problem.sentence))
            return
        self._services.tell(tr("Saved {}.").format(document.path.name))
        station.settings.show_flock()

    def export(self):
        """Ask where to, and write the flock as a stage, a list or one grid."""
        services, flock, folder = self._services, self._station.flock, self._station.document.folder
        start = services.files.folder / f"{flock.name}.usda"
        path, _ = QFileDialog.getSaveFileName(self._station.settings, tr("Export the flock"), str(start),
                                              tr("OpenUSD (*.usda *.usdc);;List of members (*.json);;Merged OpenVDB (*.vdb)"))
        if not path:
            return
        path, library = pathlib.Path(path), services.delivering.library
        aspect = services.picture.width() / max(services.picture.height(), 1)

        def work(ticket):
            return exported(path, flock, sources_of(flock, library, folder), aspect, ticket)

        services.jobs.begin(work, lambda said: services.tell(
            tr("Exported {}: {}.").format(path.name, said)), tr("Export {}").format(path.name))

    def take(self):
        """Ask how, and take a picture of the flock or a film along its kept views, beside the work."""
        station, services = self._station, self._services
        flock, folder, library = station.flock, station.document.folder, services.delivering.library
        takes = {word: take for word, take in TAKES.items() if word != "film" or len(flock.views) >= 2}
        if not (flock.decks or flock.hazes or any(m.asset in station.sources() and not m.hidden for m in flock.members)):
            services.tell(tr("There is nothing to take pictures of: place clouds of the library on the plan first."))
            return
        if len(takes) < len(TAKES):
            services.tell(tr("With two kept views or more a film goes along a path through them."))
        with asking(PictureDialog(flock, str(services.files.folder), False, services.over, takes, built=False)) as dialog:
            if dialog.exec() != PictureDialog.DialogCode.Accepted:
                return
            take, path, taking, frames = takes[dialog.kind], dialog.path, dialog.taking(), round(dialog.frames.value)

        def work(ticket):
            return take.write(path, flock, sources_of(flock, library, folder), taking, frames, folder, ticket)

        services.jobs.begin(work, services.tell, tr("Take {}").format(path.name))
