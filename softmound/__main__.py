"""`python -m softmound` is the `softmound` command."""

import sys

from .cli import main

sys.exit(main())
