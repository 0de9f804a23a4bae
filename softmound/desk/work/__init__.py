"""Work beside the hand, and what leaves the desk."""
