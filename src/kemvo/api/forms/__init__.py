"""Routes of forms: the sheet, the floor, the catalogue, reading, tags."""
