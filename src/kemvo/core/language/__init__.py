"""Words as such: left and right, abbreviations of notes, the lexicon of the trade, how long a text takes to say."""
