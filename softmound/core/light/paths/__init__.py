"""True light: paths, one by one."""
