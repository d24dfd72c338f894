"""What one clause tells: feet, kicks, weight, turn, breath, time."""
