"""What makes the packages: a wheel, and a `.deb` with all that a desktop wants to know."""
