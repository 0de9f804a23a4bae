"""Draft light: one march of a ray for each pixel."""
