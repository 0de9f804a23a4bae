"""Stations without a window: each is given its services, and works with nothing else."""

import pathlib
import tempfile
import unittest

from PyQt6.QtWidgets import QApplication, QMainWindow, QWidget

from softmound.core.light.lattices.coarse import QUICK
from softmound.core.recipe import Mound
from softmound.desk.fields.settings_panel import SettingsPanel
from softmound.desk.services import Services
from softmound.desk.stations.registry import STATIONS
from tests.desk import FAULTS, application
from tests.scenes import lumpy_mound


class Alone(unittest.TestCase):
    def setUp(self):
        application()
        FAULTS.clear()
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.services = Services(pathlib.Path(folder.name) / "library")
        self.addCleanup(self.services.end)
        self.services.looking.painter.resting = QUICK
        self.services.furnish(STATIONS)
        for station in self.services.stations.values():
            station.join()
        self.services.document.open(lumpy_mound(), None)
        self.said = []
        self.services.said.connect(self.said.append)

    def opened(self, name):
        """A station as it is when somebody has opened it."""
        station = self.services.station = self.services.stations[name]
        station.follow(self.services.document.mound)
        station.show_mound(self.services.document.keyed)
        return station

    def test_each_shows_any_mound_with_no_window_anywhere(self):
        for kind in STATIONS:
            station = self.opened(kind.name)
            for mound in (lumpy_mound(), Mound()):
                self.services.document.open(mound, None)
                station = self.opened(kind.name)
                self.assertIsInstance(station.tray, QWidget)
                self.assertIsInstance(station.settings, SettingsPanel)
                for words in (station.note(mound), station.caption(mound)):
                    self.assertIsInstance(words, str)
            self.assertTrue(station.is_open)
        self.assertEqual([w for w in QApplication.topLevelWidgets() if isinstance(w, QMainWindow)], [])
        self.assertEqual(FAULTS, [])

    def test_forms_are_added_and_taken_back(self):
        mass, before = self.opened("Mass"), len(self.services.document.mound.mass.forms)
        mass.add((1.0, 2.0, 3.0))
        self.assertEqual(len(self.services.document.mound.mass.forms), before + 1)
        self.assertEqual(self.services.document.mound.mass.forms[-1].centre, (1.0, 2.0, 3.0))
        self.assertEqual(mass.form().name, self.services.document.mound.mass.forms[-1].name)
        mass.undo()
        self.assertEqual(len(self.services.document.mound.mass.forms), before)
        self.assertIsNotNone(mass.steps[1])

    def test_grains_and_the_sun_are_edited(self):
        grain, before = self.opened("Grain"), self.services.document.mound.grains
        grain.add("push")
        self.assertEqual(len(self.services.document.mound.grains), len(before) + 1)
        self.opened("Light").turn_sun(123.0, 45.0, False)
        sun = self.services.document.mound.light.sun
        self.assertEqual((sun.azimuth, sun.elevation), (123.0, 45.0))

    def test_what_cannot_be_done_is_said(self):
        self.services.document.open(Mound(), None)
        self.opened("Grain").show_siblings()
        self.opened("Library").caring.publish_seeds()
        self.assertEqual(len(self.said), 2)
        self.assertTrue(all("add a blob in Mass" in words for words in self.said), self.said)

    def test_one_station_asks_for_another(self):
        wanted = []
        self.services.wanted.connect(wanted.append)
        self.assertIs(self.services.open_station("Mass"), self.services.stations["Mass"])
        self.assertEqual(wanted, ["Mass"])

    def test_a_flock_tells_of_its_steps_only_while_it_is_seen(self):
        heard = []
        self.services.steps_changed.connect(lambda: heard.append(self.services.station.name))
        formation = self.opened("Formation")
        formation.document.apply("name", lambda flock: flock.edited(name="Dawn"))
        self.assertEqual(set(heard), {"Formation"})
        self.assertEqual(formation.steps[0], "name")
        heard.clear()
        self.opened("Mass")
        formation.undo()
        self.assertEqual(heard, [])
