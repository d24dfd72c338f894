"""Texts of instruction of any kind, opened as entries with times."""
