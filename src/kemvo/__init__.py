"""Kemvo: timed, spoken follow-along tai chi practice, worked out from a form."""

__version__ = "0.1.0"
