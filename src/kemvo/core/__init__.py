"""The rules and the computation of the job. Pure: no files, no database, no web, no clock, no randomness.

A form is a score; everything else is a function of a score and a few choices. The packages, bottom to top:

    types, errors, facts   values every room uses: sides and milliseconds; problems as sentences; what a line says
    scheduling      the optimiser: what is said when; knows nothing of tai chi
    language        left and right in ordinary words, abbreviations, the lexicon, spoken length by estimate
    reading         a line of instruction into facts
    tables          rows of the trade: schools, groups, stances, kinds of blocks, breath schools, rooms, the body
    model           what is saved: form, session, catalogue; the other side of a form
    movement        what one movement means, and the fields its words fill
    text_import     a whole text into a form
    timing          counts into milliseconds: rounds, tempo, timeline, weight, breath
    floor           feet in a room
    review          what Kemvo notices in a form, and how to mend it
    cues            what could be said, in which words
    recording       a form on film: marks, its clock, taps, captions, what was left out or done again
    lesson          the hour: a pattern laid out and fitted
    practice        the whole line from session to sound, and working on it at the desk and in the booth
    running         a practice while it runs on the stage: changed, led, noted
    progress        a class over weeks: its lessons, what comes next, its course
    views           what a page or a paper shows
"""
