"""What leaves the desk by a dialog: files of density and of the surface, siblings, and what nature says of the cloud."""

from PyQt6.QtCore import QObject

from ..core.engine.density import draft_voxel
from ..core.engine.nature import nature_of
from ..core.exchange.meshes import write_mesh
from ..core.library.asset import publish
from ..core.library.delivery import built, delivered
from ..core.volume.iso import within_budget
from .asking import asking
from .export_dialog import ExportDialog, MeshDialog
from .nature_dialog import NatureDialog
from .siblings_dialog import SiblingsDialog


class Delivering(QObject):
    """Joins the window and those dialogs.

    Parameters
    ----------
    window : Window
    """

    def __init__(self, window):
        super().__init__(window)
        self._window = window

    def export(self):
        """Ask how, and write OpenVDB files beside the work."""
        window = self._window
        mound = window.document.mound
        if not mound.mass.forms:
            window.tell("There is no cloud to export yet: add a blob in Mass.")
            return
        with asking(ExportDialog(mound, window.voxels.ahead, window._folder(), window)) as dialog:
            if dialog.exec() != ExportDialog.DialogCode.Accepted:
                return
            files, options, builder = dialog.files(), dialog.options(), window.builder

        def work(ticket):
            for path, voxel in files:
                delivered(path, mound, built(builder, mound, voxel, ticket), voxel, options, ticket)
            return files

        def done(files):
            window.finished.find(mound)
            names = ", ".join(path.name for path, _ in files)
            window.tell(f"Exported {names} to {files[0][0].parent}, read back and compared.")

        window.jobs.begin(work, done)

    def export_mesh(self):
        """Ask how, and write the surface of the density as a mesh beside the work."""
        window = self._window
        mound, final = window.document.mound, window.final_grid()
        if not mound.mass.forms:
            window.tell("There is no cloud to export yet: add a blob in Mass.")
            return
        with asking(MeshDialog(mound, final is not None, window._folder(), window)) as dialog:
            if dialog.exec() != MeshDialog.DialogCode.Accepted:
                return
            path, iso, budget, builder = dialog.path, dialog.iso.value, round(dialog.budget.value), window.builder

        def work(ticket):
            ticket.step(0.0, 1.0, "making the mesh")
            grid = builder.density(mound, draft_voxel(mound), ticket, remember=False) if final is None else final
            vertices, faces, _ = within_budget(grid, iso, budget)
            ticket.tick(0.9)
            write_mesh(path, vertices, faces)
            return len(faces)

        window.jobs.begin(work, lambda count_: window.tell(f"Exported {count_:,} triangles to {path}."))

    def show_siblings(self):
        """Show the mound under other seeds, and take or publish what is chosen."""
        window = self._window
        mound = window.document.mound
        if not mound.mass.forms:
            window.tell("There is no cloud yet: add a blob in Mass.")
            return
        with asking(SiblingsDialog(mound, window)) as dialog:
            if dialog.exec() != SiblingsDialog.DialogCode.Accepted:
                return
            taken, kept, published = dialog.taken, dialog.kept, dialog.published
        if taken is not None:
            window.document.apply("take a sibling", lambda _: taken)
        elif kept:
            for recipe, pixels in kept:
                window.light.keep_snapshot(pixels, recipe)
            window.tell(f"Kept {len(kept)} siblings as snapshots: they lie in the tray of Light.")
        elif published:
            folder, builder = window.library.folder, window.builder

            def done(paths):
                window.library.look_again()
                window.tell(f"Published {len(paths)} siblings as {paths[0].parent.name} {paths[0].name} to {paths[-1].name}.")

            window.jobs.begin(lambda ticket: [publish(m, folder, ticket=ticket, stages=builder) for m in published], done)

    def show_nature(self):
        """Measure the cloud that is looked at against nature."""
        window = self._window
        mound, grid = window.document.mound, window._grid_shown
        if grid is None or grid.brick_bounds() is None:
            window.tell("There is no cloud to measure yet: add a blob in Mass.")
            return

        def work(ticket):
            ticket.step(0.0, 1.0, "measuring the cloud")
            return nature_of(mound, grid)

        def done(findings):
            with asking(NatureDialog(findings, window)) as dialog:
                dialog.exec()

        window.jobs.begin(work, done)
