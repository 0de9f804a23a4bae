"""From light to pixels."""
