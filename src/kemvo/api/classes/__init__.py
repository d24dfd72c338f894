"""Routes of classes: their lessons, courses and what next."""
