"""One file per open format; each reads or writes objects of the core."""
