"""Remakes docs/screenshots from the demo: ./run shots."""

import os
import pathlib
import sys
import tempfile
import time

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")

HERE = pathlib.Path(__file__).parent
ROOT = HERE.parent
SIZE = (1280, 800)
NAMES = ("Poppy Roll", "Milk Bread", "Morning Bun", "Rye Tower", "Oven Door", "Crumbs", "Glazed Lid", "Proving Tray", "Long Shelf",
         "Paper Cap", "Puff Pastry", "Sugar Dust")
SHOTS = ("BAK_010", "BAK_020", "OVN_100")
SMALL = (256, 192)
"""Pixels of a frame of a growth among others."""
SHARP, SEARCHED = 60.0, 40.0
"""Seconds that a picture is given to sharpen, and that a mound is brought near a photograph."""


def stock_more(library):
    """Publish a cloud of every start, small and for shots, so that there is a wall to be seen."""
    from softmound.core.engine.density import voxel_along
    from softmound.core.library.asset import About, publish
    from softmound.core.starts.species import STARTS, start

    for number, (species, name) in enumerate(zip(STARTS, NAMES)):
        for seed in (3, 7) if name == "Morning Bun" else (3,):
            mound = start(species, name, 300.0, seed)
            publish(mound, library, voxel_along(mound, 150), tiers=(1, 2),
                    about=About(species=species, shots=(SHOTS[number % len(SHOTS)],), tags=("demo",)))


def growths():
    """The six ready growths, a row each, at five of their frames."""
    import numpy as np
    from PIL import Image

    from softmound.core.engine.stills import Taking
    from softmound.core.growth.films import growth_stills
    from softmound.core.growth.growing import grown
    from softmound.core.light.picture.looks import looked
    from softmound.core.light.scene.camera import fitted
    from softmound.core.starts.rising import RISING, rising

    sheet = Image.new("RGB", (5 * SMALL[0], len(RISING) * SMALL[1]))
    for row, word in enumerate(RISING):
        with tempfile.TemporaryDirectory() as folder:
            kept = grown(rising(word, RISING[word].label), folder)
            numbers = [round(kept.last * share) for share in (0.2, 0.4, 0.6, 0.8, 1.0)]
            boxes = np.array([kept.frame(number).box for number in numbers])
            mound = kept.mound
            view = fitted(mound.view, boxes[:, 0].min(axis=0), boxes[:, 1].max(axis=0), *SMALL)
            for column, still in growth_stills(kept, mound.light, view, Taking(*SMALL), numbers, stand_ins=mound.stand_ins):
                sheet.paste(Image.fromarray(looked(still.radiance, mound.light)[..., :3]), (column * SMALL[0], row * SMALL[1]))
    sheet.save(HERE / "screenshots" / "growth.png", optimize=True)


def main():
    """Open the demo in the real window and take a picture of each station."""
    with tempfile.TemporaryDirectory(prefix="softmound-shots-") as home:
        os.environ["XDG_DATA_HOME"] = os.path.join(home, "data")
        os.environ["XDG_CONFIG_HOME"] = os.path.join(home, "config")
        os.environ["XDG_STATE_HOME"] = os.path.join(home, "state")
        sys.path.insert(0, str(ROOT))
        from PyQt6.QtWidgets import QApplication

        from demo.stock import main as stock
        from softmound.core.grain.characters import CHARACTERS
        from softmound.core.light.scene.camera import camera_of
        from softmound.core.photograph.reading import photograph_of
        from softmound.core.recipe.camera_path import evenly
        from softmound.core.starts.examples import FOLDER
        from softmound.core.starts.rising import rising
        from softmound.core.ticket import Ticket
        from softmound.desk.dialogs.examples_dialog import ExamplesDialog
        from softmound.desk.dialogs.manual_dialog import ManualDialog
        from softmound.desk.dialogs.near_dialog import NearDialog
        from softmound.desk.dialogs.reading_dialog import ReadingDialog
        from softmound.desk.dialogs.wall_dialog import WallDialog
        from softmound.desk.shell.window import Window
        from softmound.desk.style import dress
        from softmound.desk.view.photographs import reading

        library = pathlib.Path(home) / "The Weather Bakery"
        stock(library)
        application = QApplication([])
        dress(application)
        window = Window(library)
        window.services.builder.kept = None
        window.resize(*SIZE)

        def rest():
            """Wait for the sharpest picture, its miniatures, and the end of any build."""
            ends = time.monotonic() + SHARP
            while not (done and done[-1] == window.looking.newest and window.jobs.job is None
                       and (window.looking.painter.idle or time.monotonic() > ends)):
                application.processEvents()
                time.sleep(0.005)
            application.processEvents()

        def shot(name):
            """Take one picture of the window."""
            rest()
            window.status.said.setText("")
            application.processEvents()  # what stands beside it has room now
            window.grab().save(str(folder / f"{name}.png"))
            print(folder / f"{name}.png")

        def true_enough(seconds=75.0):
            """Let paths be traced for a while."""
            ends = time.monotonic() + seconds
            while time.monotonic() < ends:
                application.processEvents()
                time.sleep(0.005)

        def brought_near():
            """A photograph, and the mound that was blocked in by it and is brought near."""
            path = FOLDER / "rye_tower.jpg"
            reading_of_it = ReadingDialog(reading(path)(Ticket()), None, window)
            reading_of_it.show()
            wait(lambda: reading_of_it.suns[0].isVisible())
            reading_of_it.take.click()
            mound = reading_of_it.mound
            near = NearDialog(photograph_of(mound.references[0]), mound.edited(references=()), parent=window)
            near.show()
            begun = time.monotonic()
            wait(lambda: time.monotonic() > begun + SEARCHED)
            near.grab().save(str(folder / "photograph.png"))
            near.reject()

        def wait(condition):
            while not condition():
                application.processEvents()
                time.sleep(0.005)

        done = []
        window.looking.shown.connect(
            lambda answer: (answer.miniatures or answer.request.placed and answer.passes) and done.append(answer.request.number))
        folder = HERE / "screenshots"
        folder.mkdir(exist_ok=True)
        window.document.read(ROOT / "demo" / "cottage_loaf.mound")
        window.show()
        window.open_station("Mass")
        window.stations["Mass"].choose(5)
        shot("mass")
        window.stations["Mass"].choose(None)
        brought_near()
        window.open_station("Grain")
        shot("grain")
        window.stations["Grain"].take_character(CHARACTERS["Torn"], "Torn")
        window.stations["Grain"].add_mask("grain", "facing")
        window.document.read(ROOT / "demo" / "cottage_loaf.mound")
        window.open_station("Light")
        light = window.stations["Light"]
        light.tray.open("mixer")
        light.tray.mixer.mixing.mix("sun", "level", level=0.35)
        light.tray.mixer.mixing.mix("sky", "level", level=1.6, tint=(1.0, 0.72, 0.6))
        shot("light")
        light.tray.mixer.mixing.unmix()
        light.tray.open("situations")
        wall = WallDialog(window)
        wall.show()
        wait(lambda: not wall.said.text())
        wall.grab().save(str(folder / "new.png"))
        wall.reject()
        window.open_station("Voxels")
        window.finished.build()
        rest()
        window.finished.look_at(True)
        window.stations["Voxels"].settings.show_final.setChecked(True)
        window.looking.ask(False)
        shot("voxels-final")
        window.looking.look("slice")
        window.document.look(window.document.mound.view.edited(azimuth=24.0, elevation=18.0))
        window.looking.change_cut({"axis": 2, "at": 10.0, "contours": 7}, False)
        shot("voxels-slice")
        window.looking.look("draft")
        # From near: a turret of the loaf, its bricks refined.
        window.finished.look_at(False)  # which is shown as it will be exported
        window.document.read(ROOT / "demo" / "cottage_loaf.mound")
        window.open_station("Light")
        view, camera = window.document.mound.view, camera_of(window.document.mound.view, *SIZE)
        window.document.look(view.edited(target=tuple(camera.eye + view.distance * camera.ray(600, 260)), distance=200.0))
        shot("light-near")
        # Against a ridge, a house and a craft.
        window.document.read(ROOT / "demo" / "meringue_spire.mound")
        window.open_station("Light")
        there = window.stations["Light"].stand_ins
        there.add("ridge")
        window.stand_ins.add_beside("craft", size=(52.0, 14.0, 60.0))
        window.stations["Light"].tray.open("stand_ins")
        shot("light-stand-ins")
        window.stations["Light"].tray.open("situations")
        shelf = window.stations["Library"]
        stock_more(library)
        window.open_station("Library")
        shelf.look_again()
        shelf.finding.search(group="shot")
        shelf.tray.group.setCurrentIndex(shelf.tray.group.findData("shot"))
        shelf.resize_cards(150)
        for name, rows in (("BAK_010", (0, 1, 2, 3)), ("OVN_100", (4, 6, 7))):
            shelf.baskets.put(name, [shelf.found[row] for row in rows])
        shelf.tray.open("baskets")
        bun = next(row for row, version in enumerate(shelf.found) if version.facts["name"] == "Morning Bun" and version.number == 2)
        shelf.wall.setCurrentIndex(shelf.cards.index(bun))
        shelf.wall.verticalScrollBar().setValue(0)
        true_enough(2.0)  # for the pictures of the cards
        shot("library")
        shelf.tray.open("versions")
        shelf.show_chosen()
        shelf.showing.compare(shelf.siblings[1])
        rest()
        true_enough(15.0)  # for the other half
        shot("library-compared")
        shelf.showing.leave()
        formation = window.stations["Formation"]
        formation.document.read(ROOT / "demo" / "morning_shelf.flock", "open flock")
        window.open_station("Formation")
        formation.tray.plan.fit()
        formation.members.choose(4)
        shot("formation")
        formation.members.choose(None)
        formation.document.read(ROOT / "demo" / "proving_room.flock", "open flock")
        formation.tray.plan.fit()
        rest()
        shot("room")
        # A turret that rises, on the time line, the air that it rises in, and a camera that goes around it.
        window.open_station("Mass")
        growth = window.stations["Mass"].settings.growth
        growth.begin(rising("turret", "Turret"))
        while window.jobs.busy:
            application.processEvents()
        window.looking.fit()
        view = window.document.mound.view
        window.document.apply("camera path", lambda mound: mound.edited(path=evenly(
            [view.edited(azimuth=view.azimuth + turn) for turn in (-40.0, -10.0, 0.0)], 0, 96)))
        panel = window.stations["Mass"].settings
        panel.ensureWidgetVisible(growth.air, 0, 500)
        rest()
        shot("time")
        window.moving.let_go()
        window.document.history.saved(window.document.path)
        # The manual, and the examples.
        for name, dialog in (("manual", ManualDialog("lessons/03_animal", window)), ("examples", ExamplesDialog(window))):
            dialog.show()
            true_enough(0.5)
            dialog.grab().save(str(folder / f"{name}.png"))
            dialog.reject()
        window.document.history.saved(window.document.path)
        window.document.read(ROOT / "demo" / "meringue_spire.mound")
        window.open_station("Light")
        shot("light-behind")
        light = window.stations["Light"]
        window.stations["Light"].keep_snapshot()
        view = window.document.mound.view
        light.edit_part("sun", "sun", azimuth=view.azimuth + 60.0, elevation=34.0)
        rest()
        light.take_snapshot_over(0)
        light.tray.open("situations")
        window.looking.look("true")
        true_enough()
        shot("light-true")
        window.document.history.saved(window.document.path)
        window.close()


if __name__ == "__main__":
    growths()
    main()
