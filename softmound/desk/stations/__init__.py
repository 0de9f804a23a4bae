"""The stations, one module or more for each; `registry.STATIONS` finds them, in the order of the work."""
