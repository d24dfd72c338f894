"""A practice while it runs: the rest of it worked out anew, and what ran."""
