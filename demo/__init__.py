"""The demo of Soft Mound: mounds of The Weather Bakery, and what makes them."""
