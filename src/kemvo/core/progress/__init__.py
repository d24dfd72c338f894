"""What a class was taught, what it should have next, and a form over weeks."""
