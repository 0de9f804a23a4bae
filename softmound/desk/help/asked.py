"""F1 in a dialog: a window's keys do not reach it while the dialog waits for an answer."""

from PyQt6.QtCore import QEvent, QObject, Qt
from PyQt6.QtWidgets import QApplication, QDialog

from ..dialogs.asking import asking
from ..dialogs.manual_dialog import ManualDialog
from .pages import page_about


class HelpKey(QObject):
    """Opens the page that speaks of a control of the dialog that is open, over that dialog.

    Parameters
    ----------
    window : QWidget
        While it is there.
    """

    def __init__(self, window):
        super().__init__(window)
        QApplication.instance().installEventFilter(self)

    def eventFilter(self, watched, event):
        """Called by Qt."""
        if event.type() == QEvent.Type.KeyPress and event.key() == Qt.Key.Key_F1 and not event.modifiers():
            dialog = QApplication.activeModalWidget()
            if isinstance(dialog, QDialog) and not isinstance(dialog, ManualDialog):
                with asking(ManualDialog(page_about(QApplication.focusWidget() or dialog) or page_about(dialog), dialog)) as manual:
                    manual.exec()
                return True
        return super().eventFilter(watched, event)
