"""Tests: of the core alone, of the command line, and of the real window.

Small pictures of published versions have one ray for each pixel here rather than six: they are made some two hundred times, and
looked at by few.
"""

from softmound.core.library import adopting, asset

asset.THUMB_PASSES = adopting.THUMB_PASSES = 1
