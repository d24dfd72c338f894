"""A line of instruction into facts: which foot moves, where the weight goes, which way the body faces, which breath.

normalize: words put as a manual would put them · segment: cut into clauses · actions: what a clause tells · learned: what
clauses sound like · reader: all of it, a text into its facts
"""
