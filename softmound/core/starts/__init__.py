"""Starts: first shapes by species, made of ordinary forms, grains and light."""
