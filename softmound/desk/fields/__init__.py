"""Controls of the settings."""
