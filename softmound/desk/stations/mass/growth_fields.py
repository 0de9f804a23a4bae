"""The growth of a mound in the settings of Mass: its numbers, its air, what it would take, and buttons that let it run."""

from PyQt6.QtWidgets import QCheckBox, QComboBox, QMenu, QPushButton

from ....core.engine.density import bounds_of, span_of
from ....core.growth.growing import foretold_box
from ....core.growth.source import growth_for, in_even_air
from ....core.recipe.grains import MASKS, MOST_MASKS
from ....core.recipe.places import changed, put, without
from ....core.recipe.time import SOUNDINGS, Growth, Sounding
from ....core.starts.rising import RISING, rising
from ...dialogs.asking import asking
from ...fields.controls import Row, text_label
from ...fields.part_fields import PartFields
from ...fields.where_fields import Where
from ...words import in_words, tr
from ..paint_hand import PaintHand
from .siblings_dialog import GrowthSiblingsDialog
from .sounding_chart import SoundingChart

WHERE = ("growth", "where")
"""Where the masks of the growth stand in a mound."""


class GrowthFields:
    """A switch, and below it, once it is on, the numbers, what growing would take, and what can be done.

    Parameters
    ----------
    panel : SettingsPanel
        The rows are added to it; this has to be its last section.
    station : MassStation
    """

    def __init__(self, panel, station):
        self._panel, self._station, self._services = panel, station, station.services
        services = station.services
        panel.section("Growth")
        self.on = QCheckBox(tr("Let it grow"))
        self.on.setToolTip(tr("Smoke and cloud rise from the form; the best frame can be frozen and refined."))
        self.on.clicked.connect(lambda on: services.document.apply(
            tr("growth"), lambda mound: mound.edited(growth=growth_for(mound) if on else None)))
        self.ready = QPushButton(tr("Ready growths…"))
        self.ready.setToolTip(tr("Open one of six as a mound of its own, and let it rise at once."))
        menu = QMenu(self.ready)
        menu.setToolTipsVisible(True)
        for word, kind in RISING.items():
            action = menu.addAction(tr(kind.label), lambda word=word, kind=kind: self.begin(rising(word, tr(kind.label))))
            action.setToolTip(tr(kind.sentence))
        self.ready.setMenu(menu)
        panel.add(Row(self.on, self.ready))
        self.fields = self.where = self.masks = self.takes = self.grow = self.look = None
        self._rest = self._of_air = ()
        services.moving.changed.connect(self._follow)

    def _make(self):
        """The rest, made when it is first wanted: most clouds never grow."""
        panel, services = self._panel, self._services
        self.fields = panel.add(PartFields(Growth, Growth.rows, "Growth"))
        self.fields.changed.connect(lambda field, value, moving: services.document.apply(
            tr("growth {}").format(in_words(field)), lambda mound: mound.edited(growth=mound.growth.edited(**{field: value})),
            moving))
        self.air = QComboBox()
        self.air.setAccessibleName(tr("Air"))
        self.air.setToolTip(tr("Temperature and humidity by height: a sounding."))
        self.air.addItem(tr("Even and dry"), None)
        for name, sounding in SOUNDINGS.items():
            self.air.addItem(tr(name), sounding)
        self.air.addItem(tr("Own"), "own")
        self.air.activated.connect(self._choose_air)
        airs = panel.add(Row(text_label(tr("Air"), "field"), self.air))
        self.chart = panel.add(SoundingChart())
        self.sounding = panel.add(PartFields(Sounding, Sounding.rows, "Air"))
        self.sounding.changed.connect(lambda field, value, moving: services.document.apply(
            tr("air {}").format(in_words(field)), lambda mound: changed(mound, ("growth", "sounding"), **{field: value}), moving))
        title = panel.add(text_label(tr("Gives off where"), "field"))
        self.masks = GrowthMasks(self._station)
        self.where = panel.add(Where(self.masks, "growth"))
        self.takes = panel.add(text_label(""))
        self.grow, self.look = QPushButton(tr("Grow")), QPushButton(tr("Look at it"))
        self.grow.setObjectName("main")
        self.grow.setToolTip(tr("Let it run, or go on where it was stopped; Escape stops it, the frames stay."))
        self.grow.clicked.connect(services.moving.grow)
        self.look.setToolTip(tr("Show the frames that are kept."))
        self.look.clicked.connect(services.moving.look_at_growth)
        self.on_from, self.seed = QPushButton(tr("Go on from here")), QPushButton(tr("Another seed"))
        self.on_from.clicked.connect(services.moving.go_on_from_here)
        self.seed.setToolTip(tr("Let it grow with another seed; the growth before is found again by its seed, for a while."))
        self.seed.clicked.connect(services.moving.another_seed)
        self.six = QPushButton(tr("Six side by side…"))
        self.six.setToolTip(tr("Six seeds, coarse and small, to choose the best from."))
        self.six.clicked.connect(self._try_six)
        rows = panel.add(Row(self.grow, self.look)), panel.add(Row(self.on_from, self.seed)), panel.add(Row(self.six))
        self._rest = (self.fields, airs, title, self.where, self.takes, *rows)
        self._of_air = (self.chart, self.sounding)

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        there = mound.growth is not None
        self.on.setChecked(there)
        if there and self.fields is None:
            self._make()
        if self.fields is None:
            return
        for widget in self._rest:
            widget.setVisible(there)
        for widget in self._of_air:
            widget.setVisible(there and mound.growth.sounding is not None)
        if there:
            growth = mound.growth
            self.fields.show_part(growth)
            known = next((n for n in range(self.air.count()) if self.air.itemData(n) == growth.sounding), self.air.count() - 1)
            self.air.setCurrentIndex(known)
            if growth.sounding is not None:
                self.sounding.show_part(growth.sounding)
                self.chart.show_sounding(growth.sounding, growth.heat, growth.moisture)
            self.where.show_masks(mound.growth.where)
            self.masks.follow(mound)
            for number, group in enumerate(self.where.groups):
                if group.paint is not None:
                    group.paint.setChecked(number == self.masks.painted)
            self.takes.setText(self._services.moving.foretold())
            self._follow()

    def begin(self, mound):
        """Open a mound with a growth, and let it rise.

        Parameters
        ----------
        mound : Mound
        """
        services = self._services
        if services.files.may_leave():
            services.document.open(mound)
            services.looking.fit(bounds=foretold_box(services.document.mound))
            services.moving.grow()

    def _choose_air(self, number):
        chosen = self.air.itemData(number)
        if chosen == "own":
            return
        self._services.document.apply(tr("air"), lambda mound: mound.edited(
            growth=in_even_air(mound.growth) if chosen is None else mound.growth.edited(sounding=chosen)))

    def _try_six(self):
        services = self._services
        with asking(GrowthSiblingsDialog(services.document.mound, services.document.folder, services.over)) as dialog:
            taken = dialog.taken if dialog.exec() == GrowthSiblingsDialog.DialogCode.Accepted else None
        if taken is not None:
            services.document.apply(tr("growth seed"), lambda mound: mound.edited(
                growth=mound.growth.edited(seed=taken.growth.seed)))
            services.moving.grow()

    def _follow(self):
        """Say from where the next growth goes on."""
        if self.fields is None:
            return
        moving = self._services.moving
        if moving.begins is None:
            self.on_from.setText(tr("Go on from here"))
            self.on_from.setToolTip(tr("The next growth goes on from the frame that is seen, by the numbers it has then."))
        else:
            self.on_from.setText(tr("From frame {} ×").format(moving.begins[1]))
            self.on_from.setToolTip(tr("The next growth goes on from that frame; press to let it begin at the start again."))
        self.on_from.setEnabled(moving.begins is not None or moving.grown is not None)


class GrowthMasks:
    """Edits the masks of the growth, and paints them: see `where_fields.Where` and `PaintHand`.

    Parameters
    ----------
    station : MassStation

    Attributes
    ----------
    painted : int or None
        The mask that is being painted.
    """

    def __init__(self, station):
        self._station, self._document = station, station.document
        self.services, self.document, self.picker = station.services, station.document, station.picker
        self.painted, self._hand = None, PaintHand(self)

    def paint_on(self, _about, number):
        """Paint a mask with the left hand on the forms in the picture; None puts the brush down."""
        self.painted = number
        if number is not None:
            self.services.moving.let_go()
            self._hand.radius = max(span_of(self._document.mound) / 14.0, 0.05)
        self._station.paint_with(None if number is None else self._hand)

    def follow(self, mound):
        """Put the brush down when what it paints is gone, or another tool is taken.

        Parameters
        ----------
        mound : Mound
        """
        masks = mound.growth.where if mound.growth is not None else ()
        there = self.painted is not None and self.painted < len(masks) and hasattr(masks[self.painted], "strokes")
        if self.painted is not None and not (there and self._station.painting is self._hand):
            self.paint_on(None, None)

    def strokes_painted(self):
        """Strokes of the mask that is being painted: tuple of Paint."""
        return self._document.mound.growth.where[self.painted].strokes

    def paint(self, strokes, moving):
        """Put other strokes onto it.

        Parameters
        ----------
        strokes : sequence of Paint
        moving : bool
        """
        self.edit_mask(None, self.painted, "strokes", tuple(strokes), moving)

    def add_mask(self, _about, kind):
        """Add a mask of a kind of `MASKS`."""
        mound = self._document.mound
        if len(mound.growth.where) < MOST_MASKS:
            mask = MASKS[kind].begun(bounds_of(mound), span_of(mound) or 1.0)
            self._document.apply(tr("growth mask {}").format(tr(MASKS[kind].label).lower()),
                                 lambda mound: put(mound, WHERE, lambda masks: (*masks, mask)))

    def edit_mask(self, _about, number, field, value, moving, part=()):
        """Change a field of a mask, or of a part of it."""
        place = (*WHERE, number, *part)
        self._document.apply(tr("growth mask {}").format(in_words(field)),
                             lambda mound: changed(mound, place, **{field: value}), moving)

    def remove_mask(self, _about, number):
        """Take a mask away."""
        self._document.apply(tr("remove growth mask"), lambda mound: without(mound, WHERE, number))
