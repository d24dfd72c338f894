"""The web API under /api, and the built pages. Thin: parse, call the core, answer."""
