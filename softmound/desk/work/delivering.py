"""What leaves the desk: published versions, files of density and of the surface, and pictures."""

import pathlib

from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QMessageBox

from ...core.engine.density import bounds_of, draft_voxel
from ...core.engine.fineness import picture_voxel
from ...core.exchange.meshes import write_mesh
from ...core.library.asset import About
from ...core.library.delivery import as_seen, built, delivered
from ...core.library.queue import Queue
from ...core.light.scene.camera import camera_of
from ...core.problems import Problem
from ...core.recipe.places import changed
from ...core.volume.iso import within_budget
from ..dialogs.asking import ask_choice, asking
from ..dialogs.export_dialog import SEEN, ExportDialog, MeshDialog
from ..dialogs.picture_dialog import PictureDialog
from ..dialogs.publish_dialog import PublishDialog
from ..words import counted, tr

FEW, MOST_PUBLISHED = 4, 2000
"""Clouds that are kept in the queue while the hand waits; and that may wait in it."""


class Delivering(QObject):
    """Joins the window, the dialogs that ask how, and the jobs that do it.

    Parameters
    ----------
    services : Services
    stages : Stages
        Of the builds.
    library : pathlib.Path
        Folder published to.

    Attributes
    ----------
    about : About
        What there is to say of what is published next.
    tiers : tuple of int
        Which files it gets, see `core.library.choices.TIERS`.
    more : tuple of str
        What else goes with it, see `core.library.choices.MORE`.

    queue : Queue
        What is still to be published.

    Signals
    -------
    published()
        The library holds more than before.
    """

    published = pyqtSignal()

    def __init__(self, services, stages, library):
        super().__init__(services)
        self.published_count = 0  # of this session
        self._services, self._stages, self.library = services, stages, pathlib.Path(library)
        self.about, self.tiers, self.more = About(), (1,), ()
        self.queue, self._order = Queue(), []
        services.jobs.changed.connect(self._keep_order)

    def _mound(self, nothing, there):
        """The present mound, or None when there is nothing: then that is said."""
        mound = self._services.document.mound
        if there(mound):
            return mound
        self._services.tell(nothing)
        return None

    def ask_to_publish(self):
        """Ask how, and publish the present mound."""
        mound = self._mound(tr("There is no cloud to publish yet: add a blob in Mass."), lambda mound: mound.mass.forms)
        if mound is None:
            return
        services = self._services
        with asking(PublishDialog(mound, services.looking.ahead, self.library, self.about, self.tiers, self.more,
                                  parent=services.over)) as dialog:
            if dialog.exec() != PublishDialog.DialogCode.Accepted:
                return
            self.about, self.tiers, self.more = dialog.about.about(), dialog.chosen_tiers(), dialog.chosen_more()
            voxel = dialog.voxel.value
        if voxel != mound.voxels.final:
            services.document.apply(tr("final voxel"), lambda mound: changed(mound, ("voxels",), final=voxel))
        self.publish()

    def publish(self, mounds=None):
        """Build mounds and add a version of each to the library, beside the work.

        Parameters
        ----------
        mounds : sequence of Mound, optional
            Default the present one.
        """
        if mounds is None:
            mound = self._mound(tr("There is no cloud to publish yet: add a blob in Mass."), lambda mound: mound.mass.forms)
            mounds = [] if mound is None else [mound]
        if not mounds:
            return
        given = self.library, self.about, self.tiers, self.more

        def kept(_ticket=None):
            return [self.queue.add(mound, *given) for mound in mounds]

        if len(mounds) > FEW:
            self._services.jobs.begin(kept, self._put_in_queue, tr("Put {} clouds in the queue").format(len(mounds)))
            return
        try:
            self._put_in_queue(kept())
        except Problem as problem:
            self._services.tell(tr(problem.sentence))

    def _put_in_queue(self, kept):
        stages = self._stages

        def done(folder):
            self.published_count += 1
            self.published.emit()
            self._services.tell(tr("Published as {} {}.").format(folder.parent.name, folder.name))

        for waiting in kept:
            self._services.jobs.begin(
                lambda ticket, w=waiting: w.publish(stages, ticket),
                done,
                tr("Publish {}").format(waiting.mound.name),
                lambda w=waiting: self.queue.forget(w.mark),
                waiting.mark,
                MOST_PUBLISHED,
            )

    def go_on(self):
        """Ask whether to publish what an earlier start had still to publish, if there is any."""
        kept = self.queue.left_behind()
        if not kept:
            return
        names = ", ".join(waiting.mound.name for waiting in kept[:4]) + (tr(" and others") if len(kept) > 4 else "")
        many = counted("A cloud was", "{} clouds were", len(kept)).format(len(kept))
        answer = ask_choice(
            self._services.over,
            tr("{} still to be published when Soft Mound ended: {}. Nothing was lost.").format(many, names),
            [
                (tr("Publish now"), QMessageBox.ButtonRole.AcceptRole),
                ("Forget", QMessageBox.ButtonRole.DestructiveRole),
                (tr("Ask again next time"), QMessageBox.ButtonRole.RejectRole),
            ],
        )
        if answer == 0:
            self._put_in_queue(kept)
        elif answer == 1:
            for waiting in kept:
                self.queue.forget(waiting.mark)

    def _keep_order(self):
        jobs = self._services.jobs
        marks = [piece.mark for piece in (jobs.present, *jobs.queue) if piece is not None and piece.mark]
        if marks != self._order and len(marks) > 1:
            self.queue.reorder(marks)
        self._order = marks

    def end(self):
        """Let go of the queue; what waits in it is asked about at the next start."""
        self.queue.close()

    def export(self):
        """Ask how, and write OpenVDB files beside the work."""
        services = self._services
        mound = self._mound(tr("There is no cloud to export yet: add a blob in Mass."), lambda mound: mound.mass.forms)
        if mound is None:
            return
        with asking(ExportDialog(mound, services.looking.ahead, str(services.files.folder), services.over)) as dialog:
            if dialog.exec() != ExportDialog.DialogCode.Accepted:
                return
            files, options, stages = dialog.files(), dialog.options(), self._stages
            camera = camera_of(mound.view, *SEEN) if dialog.seen.isChecked() else None

        def work(ticket):
            for path, voxel in files:
                grid = built(stages, mound, voxel, ticket)
                parts = None if camera is None else as_seen(stages, mound, grid, camera, ticket.quiet())
                delivered(path, mound, grid, voxel, options, ticket, parts)
            return files

        def done(files):
            services.finished.find(mound)
            names = ", ".join(path.name for path, _ in files)
            services.tell(tr("Exported {} to {}, read back and compared.").format(names, files[0][0].parent))

        services.jobs.begin(work, done)

    def export_mesh(self):
        """Ask how, and write the surface of the density as a mesh beside the work."""
        services = self._services
        mound = self._mound(tr("There is no cloud to export yet: add a blob in Mass."), lambda mound: mound.mass.forms)
        if mound is None:
            return
        final = services.finished.of(mound)
        with asking(MeshDialog(mound, final is not None, str(services.files.folder), services.over)) as dialog:
            if dialog.exec() != MeshDialog.DialogCode.Accepted:
                return
            path, iso, budget, stages = dialog.path, dialog.iso.value, round(dialog.budget.value), self._stages

        def work(ticket):
            ticket.step(0.0, 1.0, "making the mesh")
            grid = stages.density(mound, draft_voxel(mound), ticket, remember=False) if final is None else final
            vertices, faces, _ = within_budget(grid, iso, budget)
            ticket.tick(0.9)
            write_mesh(path, vertices, faces)
            return len(faces)

        services.jobs.begin(work, lambda triangles: services.tell(tr("Exported {:,} triangles to {}.").format(triangles, path)))

    def take_pictures(self, published=None):
        """Ask how, and take pictures beside the work.

        Parameters
        ----------
        published : (Mound, callable), optional
            Light, view and name of something else than the present mound; and what gives its grid and the grid's key, given a
            ticket.
        """
        services, stages = self._services, self._stages
        mound, grid_of = published or (self._mound(tr("There is no cloud to take pictures of yet: add a blob in Mass."),
                                                   lambda mound: bounds_of(mound) is not None), None)
        if mound is None:
            return
        final = None if published else services.finished.of(mound)
        with asking(PictureDialog(mound, str(services.files.folder), final is not None, services.over,
                                  built=published is None)) as dialog:
            if published is not None:
                dialog.grid = "final"  # as it was published, and no finer
            if dialog.exec() != PictureDialog.DialogCode.Accepted:
                return
            chosen, taking, work_with = dialog.grid, dialog.taking(), dialog.work()

        def built(ticket):
            if chosen == "final" and final is not None:
                return final, stages.density_key(mound, mound.voxels.final)
            voxel = draft_voxel(mound)
            if chosen != "draft":
                camera = camera_of(mound.view, taking.width, taking.height)
                voxel = picture_voxel(stages, mound, camera, ticket.quiet())
            return stages.density(mound, voxel, ticket, remember=False), stages.density_key(mound, voxel)

        services.jobs.begin(work_with(stages, mound, grid_of or built), services.tell)
