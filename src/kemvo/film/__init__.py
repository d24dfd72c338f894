"""Films and long sounds of a whole form: brought in, made by the stand-in studio, and given back with their voice."""
