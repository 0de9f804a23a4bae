"""Figures, each as a ratio to a peer or a limit measured in the same run: ./run bench."""
