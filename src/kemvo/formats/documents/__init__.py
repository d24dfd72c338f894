"""Kemvo's own files, each as open JSON or a ZIP of it: written and read."""
