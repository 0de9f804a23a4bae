"""All that is lit: clouds, media, lamps, and what surrounds them."""
