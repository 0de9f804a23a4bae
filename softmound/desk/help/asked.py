"""F1 in a dialog: a window's keys do not reach it while the dialog waits for an answer."""

from PyQt6.QtCore import QEvent, QObject, Qt
from PyQt6.QtWidgets import QApplication

from .pages import page_about


class HelpKey(QObject):
    """Lets F1 open the page that speaks of a dialog, or of what has the keyboard in it, over the dialog.

    Keys that no control in it takes come to the dialog.

    Parameters
    ----------
    dialog : QDialog
    """

    def __init__(self, dialog):
        super().__init__(dialog)
        self._dialog = dialog
        dialog.installEventFilter(self)

    def eventFilter(self, watched, event):
        """Called by Qt."""
        if event.type() == QEvent.Type.KeyPress and event.key() == Qt.Key.Key_F1 and not event.modifiers():
            page = page_about(QApplication.focusWidget()) or page_about(self._dialog)
            if page:
                self._read(page)
                return True
        return False

    def _read(self, page):
        from ..dialogs.asking import asking
        from ..dialogs.manual_dialog import ManualDialog

        with asking(ManualDialog(page, self._dialog)) as manual:
            manual.exec()
