"""Light and solid things: where rays meet them, what they take from the light of clouds, and what they send back."""
