"""Voices: what speaks a text, and the clips of what was spoken."""
