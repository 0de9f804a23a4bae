"""What is done to published versions: looked at together, said more of, renamed, dropped and built again, put aside."""

import pathlib

from PyQt6.QtCore import QUrl
from PyQt6.QtGui import QDesktopServices
from PyQt6.QtWidgets import QApplication, QInputDialog, QMessageBox

from ....core.engine.siblings import sibling
from ....core.formation.uses import replaced_everywhere, uses_of, with_version
from ....core.library.changing import brought_back, dropped, renamed, retold
from ....core.library.keeping import empty, health, rebuilt, restore, retire, retired
from ....core.library.shelf import verify
from ....core.recipe import Problem
from ...dialogs.asking import ask_choice, asking
from ...fields.figures import figure, memory
from ...words import tr
from .dialogs import SayDialog


class Caring:
    """Joins the buttons of the settings to what they do to the chosen version, or to all.

    Parameters
    ----------
    station : LibraryStation
    """

    def __init__(self, station):
        self.station = station

    def use_as_form(self):
        """Add the grid of the chosen version to the present mound, in Mass."""
        version = self.station.chosen
        self.station.services.open_station("Mass").import_file(version.vdb(min(version.tiers)))

    def open_mound(self):
        """Open the recipe of the chosen version, and go to where it is worked on."""
        document = self.station.document
        before = document.mound
        self.station.services.files.open(self.station.chosen.mound)
        if document.mound is not before:
            self.station.services.open_station("Mass")

    def say(self):
        """Ask what is said of the chosen version, and its name, and keep that."""
        version = self.station.chosen
        with asking(SayDialog(version, self.station.services.over)) as dialog:
            if dialog.exec() != dialog.DialogCode.Accepted:
                return
            about, name = dialog.fields.about(), dialog.name.text().strip()
        try:
            retold(version, about)
            if name and name != version.facts["name"]:
                renamed(self.station.folder, version.facts["name"], name)
        except Problem as problem:
            self.station.services.tell(tr(problem.sentence))
        self.station.look_again()

    def publish_seeds(self):
        """Ask how many seeds, and publish siblings."""
        services = self.station.services
        mound = services.document.mound
        if not mound.mass.forms:
            services.tell(tr("There is no cloud to publish yet: add a blob in Mass."))
            return
        count, yes = QInputDialog.getInt(services.over, tr("Publish seeds"), tr("This mound and so many siblings:"), 8, 1,
                                         1000)
        if yes:
            services.delivering.publish([sibling(mound, number) for number in range(count + 1)])

    def copy_path(self):
        """Put the path of the chosen version's largest file on the clipboard."""
        path = self.station.chosen.vdb(min(self.station.chosen.tiers))
        QApplication.clipboard().setText(str(path))
        self.station.services.tell(tr("{} is on the clipboard.").format(path))

    def drop_larger(self):
        """Delete all but the smallest file of the chosen version."""
        version = self.station.chosen
        self.station.changing(
            lambda ticket: dropped(version, sorted(version.tiers)[:-1]),
            tr("Drop files of {}").format(version.facts["name"]),
            lambda after: tr("{} were freed; “Bring its files back” builds them again.").format(
                memory(version.bytes - after.bytes)
            ),
        )

    def bring_back(self):
        """Build the files of the chosen version again that were dropped."""
        version = self.station.chosen
        self.station.changing(
            lambda ticket: brought_back(version, None, ticket),
            tr("Bring files of {} back").format(version.facts["name"]),
            lambda after: tr("{} v{:03d} has its files again, with the same values.").format(after.facts["name"], after.number),
        )

    def rebuild_chosen(self):
        """Build the chosen version again, and say whether its values are the same."""
        version = self.station.chosen
        called = f"{version.facts['name']} v{version.number:03d}"

        def told(found):
            if found["same"]:
                return tr("{}: its recipe gives the same values today.").format(called)
            if found["largest_difference"] is None:
                return tr("{}: its recipe gives a cloud that stands elsewhere today.").format(called)
            return (tr("{}: its recipe gives other values today: by up to {}, in the mean {}.")
                      .format(called, figure(found["largest_difference"]), figure(found["mean_difference"])))

        self.station.changing(lambda ticket: rebuilt(version, ticket), tr("Build {} again").format(called), told)

    def restore_all(self):
        """Bring back every version that was put aside."""
        found = []
        try:
            found = [restore(version) for version in retired(self.station.folder)]
        except Problem as problem:
            self.station.services.tell(tr(problem.sentence))
            return
        finally:
            self.station.look_again()
        self.station.services.tell(
            tr("{} versions were brought back.").format(len(found)) if found else tr("Nothing was put aside."))

    def empty_aside(self):
        """Ask, and delete what was put aside for good."""
        there = retired(self.station.folder)
        if not there:
            self.station.services.tell(tr("Nothing was put aside."))
            return
        names = ", ".join(dict.fromkeys(version.facts["name"] for version in there[:6]))
        if ask_choice(self.station.services.over, f"{len(there)} versions were put aside ({names}). "
                 "Deleted, they cannot come back.",
                 [("Delete for good", QMessageBox.ButtonRole.DestructiveRole), ("Keep them", QMessageBox.ButtonRole.RejectRole)],
                 default=1) == 0:
            folder = self.station.folder
            self.station.changing(lambda ticket: empty(folder), tr("Delete what was put aside"),
                           lambda freed: tr("{} versions were deleted, {}.").format(freed[0], memory(freed[1])))

    def look_after(self):
        """Verify all, put right what can be, and say what came of it."""
        folder = self.station.folder

        def told(report):
            mended = tr(" {} files were put right.").format(len(report["mended"])) if report["mended"] else ""
            wrong = "" if not report["problems"] else f" {report['problems'][0]}"
            aside = f", and {memory(report['bytes_retired'])} put aside" if report["bytes_retired"] else ""
            return tr("{} of {} versions are as published, {}{}.{}{}").format(
                report["as_published"], report["versions"], memory(report["bytes"]), aside, mended, wrong
            )

        self.station.changing(lambda ticket: health(folder, ticket, mend=True), tr("Look after the library"), told)

    def retire_chosen(self):
        """Put the chosen version aside; of one that is used somewhere it is asked first."""
        version = self.station.chosen
        baskets, flocks = uses_of(self.station.folder, version)
        if baskets or flocks:
            used = ", ".join([*baskets, *(pathlib.Path(path).stem for path in flocks)])
            if ask_choice(self.station.services.over, tr("{} v{:03d} is used in {}.").format(
                    version.facts["name"], version.number, used),
                    [(tr("Put it aside all the same"), QMessageBox.ButtonRole.DestructiveRole),
                     (tr("Leave it there"), QMessageBox.ButtonRole.RejectRole)], default=1) != 0:
                return
        try:
            retire(version)
        except Problem as problem:
            self.station.services.tell(tr(problem.sentence))
            return
        self.station.look_again()
        self.station.services.tell(tr("{} v{:03d} was put aside; under “Put aside” it can be brought back.")
                                   .format(version.facts["name"], version.number))

    def replace_chosen(self):
        """Ask by which version, and let what uses the chosen one use that."""
        version, station = self.station.chosen, self.station
        others = {f"v{other.number:03d}": other for other in station.siblings if other.folder != version.folder}
        name, yes = QInputDialog.getItem(station.services.over, tr("Replace where it is used"), tr("{} v{:03d} by:").format(
            version.facts["name"], version.number), list(others), 0, False)
        if not yes:
            return
        # The one that is open is changed there, where it can be taken back, and stays to be saved.
        document = station.services.stations["Formation"].document
        try:
            baskets, flocks = replaced_everywhere(station.folder, version, others[name], [str(document.path)])
        except Problem as problem:
            station.services.tell(tr(problem.sentence))
            return
        changed = len(baskets) + len(flocks) + document.apply(
            tr("replace a version"), lambda flock: with_version(flock, version, others[name].number))
        station.look_again()
        station.services.tell(tr("{} baskets and flocks use {} now.").format(changed, name) if changed else
                              tr("No basket and no flock is bound to this version."))

    def verify_chosen(self):
        """Check the chosen version against its checksums, and say what came of it."""
        try:
            version = verify(self.station.chosen.folder)
            self.station.services.tell(tr("{} v{:03d} is as published.").format(version.facts["name"], version.number))
        except Problem as problem:
            self.station.services.tell(tr(problem.sentence))

    def reveal(self):
        """Show the chosen version, or the library, in the file manager."""
        folder = self.station.chosen.folder if self.station.chosen else self.station.folder
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(folder)))
