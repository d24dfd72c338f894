"""Benchmarks: figures, never passes or failures. Run with "make bench"."""
