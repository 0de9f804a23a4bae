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


def main():
    """Open the demo in the real window and take a picture of each station."""
    with tempfile.TemporaryDirectory(prefix="softmound-shots-") as home:
        os.environ["XDG_DATA_HOME"] = os.path.join(home, "data")
        os.environ["XDG_CONFIG_HOME"] = os.path.join(home, "config")
        sys.path.insert(0, str(ROOT))
        from PyQt6.QtWidgets import QApplication

        from demo.stock import main as stock
        from softmound.desk.style import dress
        from softmound.desk.window import Window

        library = pathlib.Path(home) / "The Weather Bakery"
        stock(library)
        application = QApplication([])
        dress(application)
        window = Window(library)
        window.resize(*SIZE)

        def rest():
            """Wait for the finest picture, its miniatures, and the end of any build."""
            while not (done and done[-1] == window._request and window.job is None):
                application.processEvents()
                time.sleep(0.005)
            application.processEvents()

        def shot(name):
            """Take one picture of the window."""
            rest()
            window.time_label.setText("")
            window.grab().save(str(folder / f"{name}.png"))
            print(folder / f"{name}.png")

        done = []
        window.picture_shown.connect(
            lambda answer: answer.miniatures and done.append(answer.request.number))
        folder = HERE / "screenshots"
        folder.mkdir(exist_ok=True)
        window.document.read(ROOT / "demo" / "cottage_loaf.mound")
        window.show()
        window.fit()
        window.open_station(0)
        window.mass.choose(5)
        shot("mass")
        window.mass.choose(None)
        window.look("clay")
        shot("mass-clay")
        window.look("draft")
        window.open_station(2)
        shot("grain")
        window.open_station(3)
        shot("light")
        window.open_station(1)
        window.build_final()
        rest()
        window._looking_at_final = True
        window.voxels.settings.show_final.setChecked(True)
        window._ask(False)
        shot("voxels-final")
        window.document.read(ROOT / "demo" / "burnt_crust.mound")
        window.fit()
        window.open_station(4)
        window.library.tray.list.setCurrentIndex(window.library.tray.model.index(0))
        shot("library")
        window.open_station(3)
        shot("light-behind")
        window.document._saved = window.document.mound
        window.close()


if __name__ == "__main__":
    main()
