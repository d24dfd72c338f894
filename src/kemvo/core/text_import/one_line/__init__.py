"""What one line says by itself: its label, a name with what goes with it, notes, references back, several movements."""
