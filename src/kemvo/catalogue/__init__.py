"""The catalogue's data: postures.toml."""
