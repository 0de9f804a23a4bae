"""The window and what holds it together: bars, strip, commands, starting and leaving."""
