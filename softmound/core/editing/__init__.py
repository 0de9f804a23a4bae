"""Editing a value step by step: undo and redo, gestures, what is saved, and a copy on disk that outlives the program."""

from .copies import Copy, forget_left_behind, left_behind, set_aside
from .history import History

__all__ = ["Copy", "History", "forget_left_behind", "left_behind", "set_aside"]
