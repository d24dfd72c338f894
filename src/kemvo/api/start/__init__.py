"""Routes of the first hour, the data folder and the settings."""
