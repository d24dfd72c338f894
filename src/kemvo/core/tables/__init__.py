"""Rows of the trade. To support another school, group, stance or kind of block, add a row."""
