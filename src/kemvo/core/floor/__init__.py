"""Feet in a room: each step walked, the room a form needs, where to stand, how it closes."""
