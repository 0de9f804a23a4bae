"""The manual: its pages, its reference made from the registries, and which page speaks of what."""
