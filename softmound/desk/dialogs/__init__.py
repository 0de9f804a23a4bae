"""Dialogs, which end with the question they ask."""
