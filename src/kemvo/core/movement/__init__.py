"""What one movement means: its words read, corrected by hand, and put into its fields."""
