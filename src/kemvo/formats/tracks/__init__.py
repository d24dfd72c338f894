"""Tracks that run beside a sound: captions, cue files, MIDI."""
