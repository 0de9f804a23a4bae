"""Light on dense lattices: what of it arrives where, and what is scattered often."""
