"""The tray of Formation: the plan, and what is placed."""

from PyQt6.QtWidgets import QComboBox, QHBoxLayout, QLabel, QPushButton, QStackedLayout, QVBoxLayout, QWidget

from ...words import counted, tr
from .plan import Plan


class FormationTray(QWidget):
    """The plan beside what is placed; of an empty library one sentence.

    Parameters
    ----------
    station : FormationStation
    """

    def __init__(self, station):
        super().__init__()
        self._station = station
        self._stack = QStackedLayout(self)
        page = QWidget()
        row = QHBoxLayout(page)
        row.setContentsMargins(13, 12, 12, 8)
        row.setSpacing(14)
        beside = QVBoxLayout()
        beside.setSpacing(8)
        self.asset = QComboBox()
        self.asset.setAccessibleName(tr("Asset that is placed"))
        self.asset.setToolTip(tr("An asset of the library."))
        self.place = QPushButton(tr("Place one"))
        self.place.setToolTip(tr("In the middle of the plan; a double click on the plan places it there."))
        self.place.clicked.connect(lambda: station.members.place(*self.plan.middle))
        self.spread = QPushButton(tr("Spread it"))
        self.spread.setToolTip(tr("Place many of it over what the plan shows, by a rule and one seed."))
        self.spread.clicked.connect(lambda: station.spreads.of_one())
        self.all = QPushButton(tr("Whole sky"))
        self.all.setToolTip(tr("Spread every asset of the library over what the plan shows."))
        self.all.clicked.connect(lambda: station.spreads.of_all())
        self.fit = QPushButton(tr("Fit plan"))
        self.fit.setToolTip(tr("Show all members on the plan."))
        self.fit.clicked.connect(lambda: self.plan.fit())
        self.paint, self.line = QPushButton(tr("Paint area")), QPushButton(tr("Draw line"))
        self.paint.setToolTip(tr("Paint on the plan where the members of the spread stand; Alt takes away."))
        self.line.setToolTip(tr("Draw on the plan a line along which the members of the spread stand."))
        for name, button in (("paint", self.paint), ("line", self.line)):
            button.setCheckable(True)
            button.clicked.connect(lambda on, n=name: self._take(n if on else ""))
        self.count = QLabel()
        self.count.setObjectName("quiet")
        beside.addWidget(self.asset)
        for pair in ((self.place, self.spread), (self.all, self.fit), (self.paint, self.line)):
            line = QHBoxLayout()
            line.setSpacing(8)
            for button in pair:
                button.setFixedWidth(118)
                line.addWidget(button)
            beside.addLayout(line)
        beside.addWidget(self.count)
        beside.addStretch()
        for widget in (self.asset, self.count):
            widget.setFixedWidth(244)
        self.plan = Plan(station)
        row.addLayout(beside)
        row.addWidget(self.plan, 1)
        self._stack.addWidget(page)
        empty = QWidget()
        line = QHBoxLayout(empty)
        text = QLabel(tr("Formation places published clouds in one sky. The library is empty: publish this mound first."))
        text.setObjectName("quiet")
        publish = QPushButton(tr("Publish this mound"))
        publish.setObjectName("main")
        publish.clicked.connect(lambda: station.services.delivering.publish())
        line.addStretch()
        line.addWidget(text)
        line.addWidget(publish)
        line.addStretch()
        self._stack.addWidget(empty)

    def _take(self, brush):
        """Take a brush of the plan, or the hand again."""
        self.paint.setChecked(brush == "paint")
        self.line.setChecked(brush == "line")
        self.plan.take(brush)

    def show_assets(self, names):
        """Offer assets.

        Parameters
        ----------
        names : sequence of str
        """
        before = self.asset.currentText()
        self.asset.clear()
        self.asset.addItems(names)
        if before in names:
            self.asset.setCurrentText(before)
        self._stack.setCurrentIndex(0 if names or self._station.flock.members else 1)

    def show_flock(self):
        """Follow the flock."""
        flock, chosen = self._station.flock, len(self._station.members.chosen)
        members = len(flock.members)
        words = counted("one member", "{:,} members", members).format(members) + (
            tr(", {} chosen").format(chosen) if chosen else "")
        self.count.setText(words if members else tr("nothing is placed yet"))
        for button in (self.paint, self.line):
            button.setEnabled(bool(flock.spreads))
        self.plan.update()
