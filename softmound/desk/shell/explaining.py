"""What is this?: every control says in a sentence what it does when it is asked."""

from PyQt6.QtWidgets import QAbstractButton, QComboBox, QLineEdit, QWhatsThis, QWidget

from ..words import tr


def words_for(widget):
    """What a control says of itself.

    Parameters
    ----------
    widget : QWidget

    Returns
    -------
    str
        Empty where it has nothing to say.
    """
    name = widget.accessibleName() or (widget.text() if isinstance(widget, QAbstractButton) else "")
    help_ = getattr(widget, "help", "") if isinstance(getattr(widget, "help", ""), str) else ""
    sentence = help_ or widget.toolTip() or widget.accessibleDescription()
    if not sentence and isinstance(widget, (QComboBox, QLineEdit)) and name:
        sentence = tr("Choose one.") if isinstance(widget, QComboBox) else tr("Type here.")
    return ": ".join(part for part in (name.replace("&", ""), sentence) if part)


def explain(window):
    """Let the next click explain what it hits, in place of doing it; Escape leaves it.

    Parameters
    ----------
    window : QWidget
    """
    for widget in window.findChildren(QWidget):
        words = words_for(widget)
        if words:
            widget.setWhatsThis(words)
    QWhatsThis.enterWhatsThisMode()
