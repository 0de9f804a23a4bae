"""The pages of the desk, one module each."""
