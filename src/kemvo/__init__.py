"""Kemvo: timed, spoken follow-along tai chi practice, worked out from a form."""

import os

# Products of matrices are small here: more threads for one of them only wait for each other.
os.environ.setdefault("OPENBLAS_NUM_THREADS", "1")

__version__ = "0.2.0"
