"""Spoken words put as a manual would put them: corrections taken, fillers out, feet named, pauses as commas."""
