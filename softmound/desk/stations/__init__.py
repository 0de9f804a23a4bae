"""The stations, one module or more for each; `registry.STATIONS` lists them in the order of the work."""
