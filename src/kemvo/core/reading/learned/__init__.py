"""What clauses sound like, learned from lines with known facts; beside the rules, never instead of them."""
