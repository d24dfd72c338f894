"""A text cut into clauses, each telling one action."""
