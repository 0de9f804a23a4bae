"""What takes long and rarely fails is left to ``./run test --long``, which CI runs."""

import os
import unittest

LONG = "SOFTMOUND_LONG"
"""Variable of the environment that is 1 where such tests run."""
long = unittest.skipUnless(os.environ.get(LONG) == "1", "runs with --long")
"""Decorator of a test, or of a class of them."""
