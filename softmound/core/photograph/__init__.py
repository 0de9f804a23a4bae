"""From a photograph to its likeness: what is read in it, a mound of its outline, and that mound brought near to it."""
