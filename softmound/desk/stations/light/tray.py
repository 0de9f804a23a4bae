"""The tray of Light: situations, lamps, stand-ins, the mixer, kept views and snapshots."""

from PyQt6.QtWidgets import QMenu, QPushButton, QStackedWidget, QVBoxLayout, QWidget

from ....core.light.scene.lamps import kelvin_colour
from ... import style
from ...fields.cards import CardPage, CardTile
from ...fields.controls import ChoiceRow, screen_colour
from ...fields.figures import figure
from ...view.photographs import image_of
from ...words import tr
from ..stand_ins import WORDS as SHOWN_WORDS
from .stand_in_images import outline_image

PAGES = {"situations": "Situations", "lamps": "Lamps", "stand_ins": "Stand-ins", "mixer": "Mixer", "views": "Views",
         "snapshots": "Snapshots"}


class LightTray(QWidget):
    """The tray.

    Parameters
    ----------
    station : LightStation
    situations, mixer : QWidget
        The first page and the third.
    """

    def __init__(self, station, situations, mixer):
        super().__init__()
        self._station = station
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 8, 0, 0)
        layout.setSpacing(6)
        self.choice = ChoiceRow(PAGES, "situations", tr("In the tray"))
        layout.addWidget(self.choice)
        self.pages = QStackedWidget()
        self.situations = situations
        self.lamps = CardPage(tr("No lamps: the sun and the sky light this cloud. A lamp inside it makes lightning."),
                              tr("Add a lamp"), tr("A ball that shines, in the middle of the cloud to begin with."))
        self.stand_ins = CardPage(tr("No stand-ins: a person, a house or a model beside the cloud says how large it is."),
                                  tr("Add a stand-in"), tr("A solid thing: it gives scale, casts shadows and receives them."))
        self.stand_ins.add.setMenu(station.stand_ins.menu(self.stand_ins.add))
        self.views = CardPage(tr("Keep a view to come back to it, here and on the command line."), tr("Keep this view"),
                              tr("Keep where the picture is taken from, under a name."))
        self.snapshots = CardPage(tr("A snapshot keeps this picture and its recipe, to compare with later."),
                                  tr("Keep a snapshot"), tr("Keep this picture and its recipe (K)."))
        self.mixer = mixer
        for page in (situations, self.lamps, self.stand_ins, mixer, self.views, self.snapshots):
            self.pages.addWidget(page)
        layout.addWidget(self.pages, 1)
        self.choice.chosen.connect(self.open)
        self.lamps.add.clicked.connect(lambda: station.add_lamp())
        self.views.add.clicked.connect(lambda: station.keep_view())
        self.snapshots.add.clicked.connect(lambda: station.keep_snapshot())
        self.take = QPushButton(tr("Take pictures…"))
        self.take.setToolTip(tr("A still, a turntable, a sweep of the sun or a contact sheet (Ctrl+T)."))
        self.take.setStyleSheet("padding: 4px 10px;")
        self.take.clicked.connect(lambda: station.services.delivering.take_pictures())
        self.choice.layout().addWidget(self.take)
        self._shown = {}

    def open(self, page):
        """Open a page.

        Parameters
        ----------
        page : str
            One of `PAGES`.
        """
        if page == "views":
            self._shown.pop(self.views, None)  # their pictures are of the present cloud
            self.show_mound(self._station.document.mound)
        self.choice.buttons[page].setChecked(True)
        self.pages.setCurrentIndex(list(PAGES).index(page))

    def show_mound(self, mound):
        """Follow a mound.

        Parameters
        ----------
        mound : Mound
        """
        self.mixer.show_mound(mound)
        # Only a page whose things changed is made anew: a lamp is dragged many times a second, and views have pictures.
        for page, made, things, chosen in (
            (self.lamps, self._lamp_tile, mound.light.lamps, self._station.lamp),
            (self.stand_ins, self._stand_in_tile, mound.stand_ins, self._station.stand_ins.chosen),
            (self.views, self._view_tile, mound.views, None),
            (self.snapshots, self._snapshot_tile, mound.snapshots, self._station.snapshots.compared),
        ):
            if self._shown.get(page) != (things, chosen):
                self._shown[page] = (things, chosen)
                page.show_tiles([made(number, thing) for number, thing in enumerate(things)])

    def _lamp_tile(self, number, lamp):
        colour = lamp.colour if lamp.kelvin is None else tuple(kelvin_colour(lamp.kelvin))
        tile = CardTile(
            lamp.name,
            tr("Choose it to change it; right click for more."),
            colour=screen_colour(colour) if lamp.on else style.QUIET,
            line=tr("{} Mlm").format(figure(lamp.power / 1e6)),
        )
        tile.setChecked(number == self._station.lamp)
        tile.clicked.connect(lambda: self._station.choose_lamp(number))
        tile.menu_wanted.connect(lambda: self._menu((
            (tr("Switch off") if lamp.on else tr("Switch on"), lambda: self._station.edit_lamp(number, "switch", on=not lamp.on)),
            ("Duplicate", lambda: self._station.duplicate_lamp(number)),
            (tr("Mix together as…"), lambda: self._station.group_lamp(number)),
            ("Remove", lambda: self._station.remove_lamp(number)))))
        return tile

    def _stand_in_tile(self, number, stand_in):
        stand_ins = self._station.stand_ins
        tile = CardTile(stand_in.name, tr("Choose it to change it; right click for more."), line=tr(SHOWN_WORDS[stand_in.shown]),
                        image=outline_image(stand_in))
        tile.setChecked(number == stand_ins.chosen)
        tile.clicked.connect(lambda: stand_ins.choose(None if stand_ins.chosen == number else number))

        def on_it(act):
            stand_ins.choose(number)
            act()

        tile.menu_wanted.connect(lambda: self._menu((
            ("Show it otherwise", lambda: on_it(stand_ins.show_otherwise)),
            ("Duplicate", lambda: on_it(stand_ins.duplicate)),
            ("Remove", lambda: on_it(stand_ins.remove)))))
        return tile

    def _view_tile(self, number, kept):
        view = kept.view
        tile = CardTile(kept.name, tr("Look from here again; right click for more."),
                        line=tr("{} mm").format(figure(view.focal)), image=self._station.snapshots.miniature(view))
        tile.setCheckable(False)
        tile.clicked.connect(lambda: self._station.document.look(view))
        tile.menu_wanted.connect(lambda: self._menu((
            ("Rename…", lambda: self._station.rename("views", number)),
            (tr("Keep the present view here"), lambda: self._station.replace_view(number)),
            ("Remove", lambda: self._station.forget("views", number)))))
        return tile

    def _snapshot_tile(self, number, snapshot):
        tile = CardTile(snapshot.name, tr("Compare with the present picture; right click for more."),
                        image=image_of(snapshot.picture))
        tile.setChecked(number == self._station.snapshots.compared)
        tile.clicked.connect(lambda: self._station.snapshots.compare(number))
        tile.menu_wanted.connect(lambda: self._menu((
            ("Compare…", lambda: self._station.snapshots.compare(number)),
            (tr("Go back to this recipe"), lambda: self._station.take_snapshot_over(number)),
            ("Rename…", lambda: self._station.rename("snapshots", number)),
            ("Remove", lambda: self._station.forget("snapshots", number)))))
        return tile

    def _menu(self, entries):
        menu = QMenu(self)
        for text, run in entries:
            menu.addAction(tr(text), run)
        menu.popup(self.cursor().pos())
