"""The tests: python -m tests, or ./run test."""
