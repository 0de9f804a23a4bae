"""Tests: of the core alone, of the command line, and of the real window.

Small pictures of published versions have one ray for each pixel here rather than six: they are made some two hundred times, and
looked at by few.
"""

import os

from softmound.core.library import adopting, asset

os.environ["LC_ALL"] = "C.UTF-8"  # sentences are looked at in English, whatever is spoken where tests are run

asset.THUMB_PASSES = adopting.THUMB_PASSES = 1
