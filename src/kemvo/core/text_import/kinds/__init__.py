"""What each line of a text is (a name, a movement, a caution, talk…), decided for the whole text at once."""
