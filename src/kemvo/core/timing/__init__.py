"""Counts into milliseconds: who does what when, how the weight moves and how the breath goes."""
