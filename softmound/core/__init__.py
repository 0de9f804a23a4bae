"""Everything that computes. Nothing below imports the interface; all of it is usable from a script."""
