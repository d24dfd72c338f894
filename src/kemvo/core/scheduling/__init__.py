"""Which utterances are made, in which words, ending when: the exact optimum. Knows nothing of tai chi.

model: problems and answers · value_curve: step functions on a time grid · solver: the optimum · reasons: what became of each
"""
