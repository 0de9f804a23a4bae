"""Mass: forms, placed and sculpted in the picture or in numbers."""

import pathlib
from dataclasses import replace

from PyQt6.QtWidgets import QFileDialog

from ....core.engine.density import draft_voxel, span_of
from ....core.exchange.sequences import numbers_of_files, pattern_of
from ....core.mass.distance import box_of
from ....core.mass.kinds.blob import Blob
from ....core.mass.kinds.solid import Solid
from ....core.mass.mend import surface_arrays, with_holes_closed
from ....core.mass.meshed import made_mesh
from ....core.mass.outline import half_sizes
from ....core.mass.placing import mirrored, replaced
from ....core.mass.solids import SHAPES
from ....core.mass.strokes import Brush, without_gesture
from ....core.photograph.blocking import drawn_from_aside
from ....core.photograph.making import first_mound_drawn
from ....core.photograph.reading import photograph_of
from ....core.problems import Problem
from ....core.recipe.models import Light
from ....core.recipe.places import changed, put, without
from ....core.recipe.sequence import Sequence
from ....core.recipe.time import TimeLine
from ...dialogs.asking import asking
from ...dialogs.near_dialog import NearDialog
from ...dialogs.reading_dialog import asked_mound_of
from ...documents.document import refusing
from ...shell.command import Command
from ...view.outline_hand import OutlineHand
from ...view.photographs import PhotographDialog, asked_for, reading, reading_with_lens
from ...words import counted, tr
from ..station import Station
from .brush_hand import BrushHand
from .form_hand import FormHand
from .settings import MassSettings
from .tray import FormTray

KEYS = {"drag": "Shift+D", "swell": "S", "ease": "E", "press": "P", "roughen": "R", "dab": "Alt+D", "scoop": "Shift+S"}
TOOLS = (
    ("", "Place", "Pick, move, turn and size forms. Drag over the empty sky to pick all in a box."),
    *((tool, word, f"{does} ({KEYS[tool]}).") for tool, word, does in (
        ("drag", "Drag", "Pull what is under the brush along with the hand"),
        ("swell", "Swell", "Blow up what is under the brush; with Alt, shrink it"),
        ("ease", "Ease", "Smooth what is under the brush"),
        ("press", "Press", "Press toward the plane where the stroke began"),
        ("roughen", "Roughen", "Break up what is under the brush"),
        ("dab", "Dab", "Add lumps along the stroke"),
        ("scoop", "Scoop", "Carve along the stroke"))),
)


class MassStation(Station):
    """The station.

    Attributes
    ----------
    chosen : int or None
        The form whose numbers are shown.
    picked : tuple of int
        All forms that are chosen, that one among them.
    tool : str
        The sculpting tool in hand; empty to place forms.
    brush : Brush
    painting : PaintHand or None
        The hand that paints where the form gives off, while it does.
    """

    name, order = "Mass", 10
    page = "stations/01_mass"
    miniature = "shape"
    tools = TOOLS
    commands = (
        Command("blob", "Add a blob", "B", lambda s: s.add(), opens=True),
        Command("duplicate", "Duplicate the chosen forms", "Ctrl+D", lambda s: s.duplicate()),
        Command("draw_outline", "Draw an outline", "O", lambda s: s.draw_outline(), opens=True),
        Command("bring_near", "Bring the mound near a photograph…", "", lambda s: s.bring_near(), opens=True),
        Command("choose_all", "Choose all forms", "Ctrl+A", lambda s: s.choose_all(), opens=True),
        *(Command(tool, word, KEYS[tool], lambda s, t=tool: s.take(t), opens=True) for tool, word, _ in TOOLS if tool),
    )
    gestures = (
        ("Drag a form", "Move it; with Ctrl it snaps"),
        ("Drag a round handle", "Size the form evenly"),
        ("Drag x, y or z", "Size it along that axis"),
        ("Drag the arc", "Turn it"),
        ("Drag over the sky", "Choose all forms in the box"),
        ("Shift + click", "Choose another form as well"),
        ("Double-click", "Add a blob there"),
        ("Alt, with a tool", "Turn the tool round"),
    )

    def __init__(self, services):
        super().__init__(services)
        self.chosen = None
        self.picked = ()
        self.tool = ""
        self.brush = Brush()
        self._brush_sized = False
        self._placing, self._brushing, self.painting = FormHand(self), BrushHand(self), None

    def make_tray(self):
        return FormTray(self)

    def make_settings(self):
        return MassSettings(self)

    @property
    def hand(self):
        """The hand of the present tool."""
        return self.painting or (self._brushing if self.tool else self._placing)

    @hand.setter
    def hand(self, _none):
        pass  # the base class begins without one

    def follow(self, mound):
        count = len(mound.mass.forms)
        self.picked = tuple(n for n in self.picked if n < count)
        if self.chosen is not None and self.chosen >= count:
            self.chosen = None
        if not self._brush_sized and mound.mass.forms:
            self.brush = replace(self.brush, radius=float(f"{max(span_of(mound) * 0.08, 0.01):.2g}"))
            self._brush_sized = True

    def show_mound(self, mound):
        self.tray.show_mound(mound)
        self.settings.show_mound(mound)

    def note(self, mound):
        return "" if mound.mass.forms else tr("A cloud begins with a form. Press Add, or the key B for a blob.")

    # -- choosing -------------------------------------------------------------------------------

    def choose(self, number, more=False):
        """Make a form the chosen one.

        Parameters
        ----------
        number : int or None
        more : bool, optional
            Keep those chosen before; one that was among them is let go.
        """
        if number is None:
            picked = ()
        elif more and number in self.picked:
            picked = tuple(n for n in self.picked if n != number)
            number = picked[-1] if picked else None
        else:
            picked = (*self.picked, number) if more else (number,)
        self.pick(picked, number)

    def pick(self, picked, chosen=None):
        """Choose several forms.

        Parameters
        ----------
        picked : sequence of int
        chosen : int, optional
            The one whose numbers are shown; default the last.
        """
        picked = tuple(dict.fromkeys(picked))
        chosen = chosen if chosen in picked else picked[-1] if picked else None
        if (picked, chosen) != (self.picked, self.chosen):
            self.picked, self.chosen = picked, chosen
            self.show_mound(self.document.mound)
            self.services.picture.update()

    def choose_all(self):
        """Choose all forms."""
        self.pick(range(len(self.document.mound.mass.forms)))

    def form(self):
        """The chosen form, or None."""
        return self.document.mound.mass.forms[self.chosen] if self.chosen is not None else None

    def movable(self):
        """Numbers of the chosen forms that are not locked."""
        return tuple(n for n in self.picked if not self.document.mound.mass.forms[n].locked)

    def take(self, tool):
        """Take a sculpting tool, or none.

        Parameters
        ----------
        tool : str
        """
        self.tool, self.painting = "" if tool == self.tool else tool, None
        if self.tool:
            self.brush = replace(self.brush, tool=self.tool)
        self.show_mound(self.document.mound)
        self.services.hand_changed.emit()

    def paint_with(self, hand):
        """Paint in the picture instead of placing forms; None places forms again.

        Parameters
        ----------
        hand : PaintHand or None
        """
        self.tool, self.painting = "", hand
        self.show_mound(self.document.mound)
        self.services.hand_changed.emit()

    def masks(self):
        growth = self.document.mound.growth
        return growth.where if self.painting is not None and growth is not None else ()

    def let_go(self):
        if self.tool or self.painting is not None:
            self.take("")
        else:
            self.choose(None)

    def change_brush(self, **changes):
        """Change how the tool works.

        Parameters
        ----------
        **changes
            Fields of `Brush`.
        """
        self.brush = replace(self.brush, **changes)
        self._brush_sized = True
        self.settings.show_mound(self.document.mound)
        self.services.hand_changed.emit()

    # -- editing --------------------------------------------------------------------------------

    def replace(self, change, undo_label, moving=False):
        """Put another form in the place of the chosen one.

        Parameters
        ----------
        change : callable
            Given the form, returns another.
        undo_label : str
        moving : bool, optional
        """
        number = self.chosen
        self.replace_all(lambda forms: {number: change(forms[number])}, undo_label, moving)

    def replace_all(self, change, undo_label, moving=False):
        """Put other forms in the place of some; linked copies follow.

        Parameters
        ----------
        change : callable
            Given all forms, returns the others by their numbers.
        undo_label : str
        moving : bool, optional

        Returns
        -------
        bool
            Whether it was done.
        """
        return self.document.apply(undo_label, lambda mound: put(
            mound, ("mass", "forms"), lambda forms: replaced(forms, change(forms))), moving)

    def edit_mass(self, undo_label, moving=False, **changes):
        """Change the mass; what would leave its limits is said and not done.

        Parameters
        ----------
        undo_label : str
        moving : bool, optional
        **changes
            Fields of `Mass`.

        Returns
        -------
        bool
            Whether it was done.
        """
        return self.document.apply(undo_label, lambda mound: changed(mound, ("mass",), **changes), moving)

    def edit_level(self, name, undo_label, moving=False, **changes):
        """Change the base or the top level.

        Parameters
        ----------
        name : str
            "base" or "top".
        undo_label : str
        moving : bool, optional
        **changes
            Fields of `BaseLevel`.
        """
        self.document.apply(undo_label, lambda mound: changed(mound, ("mass", name), **changes), moving)

    def new_name(self, base):
        """A name no form has yet.

        Parameters
        ----------
        base : str

        Returns
        -------
        str
        """
        taken = {form.name for form in self.document.mound.mass.forms}
        number = len(taken) + 1
        while f"{base} {number}" in taken:
            number += 1
        return f"{base} {number}"

    @refusing
    def add(self, centre=None, shape="blob"):
        """Add a blob or a solid and choose it.

        Parameters
        ----------
        centre : tuple of float, optional
            Metres; default on top of the chosen form, or of the whole shape, so that it is seen.
        shape : str, optional
            "blob", or a shape of `Solid`.
        """
        mound = self.document.mound
        beside = self.form()
        if beside is not None:
            half, _ = half_sizes(beside)
            radius, (x, y, z) = float(half.mean()) * 0.7, beside.centre
            place = (x, y + float(half.max()), z)
        else:
            radius = max(span_of(mound) * 0.12, 0.0) or 20.0
            box = box_of(mound.mass)
            x, y, z = mound.view.target
            place = (x, y if box is None else box[1][1], z)
        centre = tuple(round(float(c), 3) for c in (place if centre is None else centre))
        radius = round(max(radius, 0.001), 3)
        if shape == "blob":
            form = Blob(name=self.new_name("Blob"), centre=centre, radii=(radius,) * 3)
        else:
            wide, tall = SHAPES[shape].wide, SHAPES[shape].tall
            form = Solid(name=self.new_name(shape.capitalize()), shape=shape, centre=centre, edge=round(radius / 6, 3),
                         size=tuple(round(radius * k, 3) for k in (wide, tall, wide)))
        self.add_forms((form,), tr("add {}").format(form.name.split()[0].lower()))

    def add_forms(self, forms, undo_label):
        """Add forms after all others and choose them.

        Parameters
        ----------
        forms : sequence of Form
        undo_label : str
        """
        before = self.document.mound.mass.forms
        if self.edit_mass(undo_label, forms=before + tuple(forms)):
            self.pick(range(len(before), len(before) + len(forms)))

    def duplicate(self, linked=False, mirror=None):
        """Add a copy of each chosen form, beside it.

        Parameters
        ----------
        linked : bool, optional
            Editing the copy edits the form, and the other way round.
        mirror : int, optional
            Mirrored across the plane where this axis of the world is 0 instead of beside it.
        """
        forms = self.document.mound.mass.forms
        if not self.picked:
            return
        changes, copies = {}, []
        link = 1 + max((f.link or 0 for f in forms), default=0)
        for number in self.picked:
            form = forms[number]
            if linked and form.link is None:
                form = form.edited(link=link)
                changes[number], link = form, link + 1
            if mirror is not None:
                copy = mirrored(form, mirror)
            else:
                x, y, z = form.centre
                copy = form.edited(centre=(round(x + float(half_sizes(form)[0][0]), 4), y, z))
            copies.append(copy.edited(name=f"{form.name[:72]} copy", link=form.link if linked else None))
        undo_label = tr("linked copy") if linked else tr("mirror copy") if mirror is not None else tr("duplicate")
        if self.edit_mass(undo_label, forms=replaced(forms, changes) + tuple(copies)):
            self.pick(range(len(forms), len(forms) + len(copies)))

    def unlink(self):
        """Let the chosen form go its own way."""
        form = self.form()
        if form is not None and form.link is not None:
            # Not through `replace`, which would take the link from the others as well.
            forms = list(self.document.mound.mass.forms)
            forms[self.chosen] = form.edited(link=None)
            self.edit_mass(tr("unlink"), forms=tuple(forms))

    def let_move(self):
        """Ask for one of the numbered files by which the chosen form is to move; of one that moves, let it stand still."""
        form = self.form()
        if form is None:
            return
        sequence = None
        if form.sequence is None:
            path, _ = QFileDialog.getOpenFileName(
                self.settings, tr("One of its numbered files, or a stage"), str(self.services.files.folder),
                tr("Models, points, volumes (*.obj *.ply *.glb *.stl *.csv *.npz *.vdb *.usd *.usda)"))
            if not path:
                return
            try:
                sequence = Sequence(files=pattern_of(path))
                numbers, missing = numbers_of_files(sequence)
            except Problem as problem:
                self.services.tell(tr(problem.sentence))
                return
            some = ", ".join(map(str, missing[:6])) + ("…" if len(missing) > 6 else "")
            gaps = f"; missing and held: {some}" if missing else ""
            self.services.tell(tr("{} moves by {} files{}.").format(form.name, len(numbers), gaps))
        number, moved = self.chosen, form.edited(sequence=sequence)

        def change(mound):
            forms = tuple(moved if n == number else f for n, f in enumerate(mound.mass.forms))
            line = mound.time or (TimeLine(last=max(len(numbers), 2)) if sequence is not None else None)
            return mound.edited(mass=mound.mass.edited(forms=forms), time=line)

        self.document.apply(tr("moving form"), change)

    def shift(self, step):
        """Move the chosen form earlier or later among the others: roles act in their order.

        Parameters
        ----------
        step : int
            -1 or 1.
        """
        mass, number = self.document.mound.mass, self.chosen
        if number is None or not 0 <= number + step < len(mass.forms):
            return
        forms = list(mass.forms)
        forms.insert(number + step, forms.pop(number))
        self.chosen, self.picked = number + step, (number + step,)
        self.edit_mass(tr("order of forms"), forms=tuple(forms))

    def remove(self):
        """Remove the chosen forms."""
        if not self.picked:
            return
        mass, gone = self.document.mound.mass, set(self.picked)
        self.chosen, self.picked = None, ()
        self.edit_mass(counted("remove form", "remove forms", len(gone)),
                       forms=tuple(f for n, f in enumerate(mass.forms) if n not in gone))

    def remove_gesture(self, gesture):
        """Take a stroke away, whatever came after it.

        Parameters
        ----------
        gesture : int
        """
        mass = without_gesture(self.document.mound.mass, gesture)
        self.edit_mass(tr("remove stroke"), forms=mass.forms)

    def make_mesh(self):
        """Turn the chosen forms into one mesh form, beside the work."""
        mound, numbers = self.document.mound, self.picked
        if not any(mound.mass.forms[n].role == "adds" for n in numbers):
            self.services.tell(tr("Not done: choose at least one form that adds."))
            return
        voxel = draft_voxel(mound)

        def work(ticket):
            ticket.step(0.0, 1.0, "making a mesh")
            return made_mesh(mound.mass, numbers, voxel, ticket)

        def done(mesh):
            now = self.document.mound.mass.forms
            if now != mound.mass.forms:
                self.services.tell(tr("The forms have changed meanwhile; nothing was done. Make the mesh again."))
                return
            first = min(numbers)
            kept = [f for n, f in enumerate(now) if n not in numbers]
            at = sum(1 for n in range(first) if n not in numbers)
            kept.insert(at, mesh)
            if self.edit_mass(tr("make mesh"), forms=tuple(kept)):
                self.pick((at,))

        self.services.jobs.begin(work, done)

    def close_holes(self):
        """Close the holes of the chosen mesh."""
        form = self.form()
        vertices, faces, count = with_holes_closed(form.surface["vertices"], form.surface["faces"])
        self.replace(lambda form: form.edited(surface=surface_arrays(vertices, faces), sheet=None),
                     counted("close {} hole", "close {} holes", count).format(count))

    def import_file(self, path=None):
        """Ask for a file and add what it holds as a form.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        from ...dialogs.import_dialog import ENDINGS, ImportDialog, chosen_file

        path = chosen_file(self.tray) if path is None else pathlib.Path(path)
        if path is None:
            return
        kind = ENDINGS.get(path.suffix.lower())
        if kind is None:
            self.services.tell(tr("{}: not a file that becomes a form; choose one that ends in {}.")
                               .format(path.name, ", ".join(ENDINGS)))
            return

        def done(read):
            with asking(ImportDialog(path, read, self.services.over)) as dialog:
                if dialog.exec() == dialog.DialogCode.Accepted:
                    self.add_forms((dialog.form,), tr("import {}").format(path.name))

        self.services.jobs.begin(kind(path), done)

    def add_photograph(self, path=None):
        """Ask for a reference photograph and show it.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        path = asked_for(self.tray) if path is None else pathlib.Path(path)
        if path is None:
            return

        def done(reference):
            self.document.apply(tr("add photograph"), lambda mound: mound.edited(references=(*mound.references, reference)))

        self.services.jobs.begin(reading(path), done)

    def show_photograph(self, number):
        """Let a photograph be placed, sized, read and removed.

        Parameters
        ----------
        number : int
        """
        reference = self.document.mound.references[number]

        def changed_(reference, moving):
            if reference is None:
                self.document.apply(tr("remove photograph"), lambda mound: without(mound, ("references",), number))
            else:
                self.document.apply(tr("place photograph"), lambda mound: put(
                    mound, ("references", number), lambda _: reference), moving)

        more = [(tr("Block in its cloud…"), tr("Its outline, horizon and sun are read, and a mound is made of them."),
                 lambda: self.block_in(self.document.mound.references[number]))]
        more.append((tr("Compare with the cloud"), tr("Outline over outline, by a line, side by side, or their difference."),
                     lambda: self.services.stations["Light"].snapshots.compare_photograph(number)))
        if reference.reading is not None:
            more.append((tr("Bring the mound near…"), tr("A search for mounds that look more like it, as long as you let it."),
                         lambda: self.bring_near(number)))
        with asking(PhotographDialog(reference, changed_, more, self.services.over)) as dialog:
            dialog.exec()
            then = dialog.then
        then()

    def from_photograph(self, path=None):
        """Ask for a photograph, read it, and block in its cloud.

        Parameters
        ----------
        path : path-like, optional
            Instead of asking.
        """
        path = asked_for(self.tray, tr("A photograph of a cloud")) if path is None else pathlib.Path(path)
        if path is not None:
            self.services.jobs.begin(reading_with_lens(path), lambda read: self.block_in(*read))

    def block_in(self, reference, focal=None):
        """Read a photograph, and put the mound that is blocked in by it in the place of what is there: one step of history.

        Parameters
        ----------
        reference : Reference
        focal : float, optional
            Of its lens, millimetres.
        """
        made = asked_mound_of(reference, focal, self.services.over)
        if made is None:
            return

        def change(mound):
            others = tuple(one for one in mound.references if one.picture.key != reference.picture.key)
            return made.edited(name=mound.name, references=(*others, *made.references), views=mound.views,
                               snapshots=mound.snapshots, stand_ins=mound.stand_ins)

        self.pick(())
        self.document.apply(tr("block in a photograph"), change, with_view=True)

    def draw_outline(self):
        """Let the pen draw an outline in the picture: of a cloud in an empty one, else of the depth of the one that is there."""
        self.paint_with(OutlineHand(self._outlined, lambda: self.services.tell(
            tr("That was no outline: draw once round the cloud, and let go where you began."))))
        self.services.tell(tr("Draw the outline of the cloud with the pen or the mouse; Esc lets go.")
                           if not self.document.mound.mass.forms else
                           tr("Turn the cloud until you see its side, then draw its outline from there; Esc lets go."))

    def _outlined(self, mask, camera):
        mound = self.document.mound
        self.paint_with(None)

        def work(ticket):
            if mound.mass.forms:
                return drawn_from_aside(mound, camera, mask, ticket)
            return first_mound_drawn(mask, camera, mound.view, mound.name, ticket=ticket)

        def done(found):
            made, overlap = found
            if self.document.mound.mass != mound.mass:
                self.services.tell(tr("The forms have changed meanwhile; nothing was done. Draw the outline again."))
                return
            if mound.mass.forms:
                self.document.apply(tr("draw the side"), lambda now: now.edited(mass=made.mass))
            else:
                # The light of a start suits its cloud, unless somebody has set another.
                self.document.apply(tr("draw an outline"), lambda now: made.edited(
                    name=now.name, light=made.light if now.light == Light() else now.light, references=now.references,
                    views=now.views, snapshots=now.snapshots, stand_ins=now.stand_ins), with_view=True)
            self.services.tell(tr("{:.0f} % of the cloud and of the drawn outline are in common.").format(100 * overlap))

        self.services.jobs.begin(work, done, passing=True)

    def bring_near(self, number=None):
        """Search for mounds that look more like a photograph that was read, and take one.

        Parameters
        ----------
        number : int, optional
            Of the photograph; default the last that was read.
        """
        mound = self.document.mound
        read = [n for n, reference in enumerate(mound.references) if reference.reading is not None]
        number = (read or [None])[-1] if number is None else number
        if number is None or not mound.mass.forms:
            self.services.tell(tr("Block in the cloud of a photograph first: Add, From a photograph."))
            return
        photograph = photograph_of(mound.references[number])
        # Seen as the photograph was taken, whatever was looked at last.
        begun = mound.edited(view=photograph.standing.view, snapshots=(), references=())
        with asking(NearDialog(photograph, begun, parent=self.services.over)) as dialog:
            dialog.exec()
            made = dialog.mound
        if made is not None:
            self.document.apply(tr("bring it near"), lambda mound: mound.edited(
                mass=made.mass, grains=made.grains, skin=made.skin, light=made.light, patches=made.patches, view=made.view),
                with_view=True)

    def add_heap(self):
        """Ask for a heap and add it."""
        from .heap_dialog import HeapDialog

        mound = self.document.mound
        with asking(HeapDialog(span_of(mound) or 100.0, mound.mass.base.altitude, self.services.over)) as dialog:
            if dialog.exec() == dialog.DialogCode.Accepted:
                self.add_forms(dialog.forms(), tr("add heap"))
