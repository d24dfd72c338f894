"""Voices, tones, and the mixing of a practice into a sound file."""
