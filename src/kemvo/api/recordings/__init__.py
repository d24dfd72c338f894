"""Routes of recordings: the file, its marks, what is given back."""
