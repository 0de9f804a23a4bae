"""What is edited at the desk: mounds and flocks, with their files."""
