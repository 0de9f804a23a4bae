"""The picture, what lies on it, and what moves in it."""
