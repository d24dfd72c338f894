"""The rules and the computation of the job. Pure: no files, no database, no web, no clock, no randomness.

Read it in the order of the flow:

    form      what a form is: sections, postures, movements
    reading   lines of instruction into facts; said: what a movement's words say; legs, filling: into its fields
    outline   a text into a form: layout, rows, name_lines, told_in_one say what its lines are, building puts them together
    sides     left and right in texts; mirror: the other side of a form
    stances, schools, groups, room, segments   tables: feet, manners, limits, floors, lengths
    blocks, session, parts   kinds of blocks, passes over a form, what of it they take
    tempo, paces, timeline          who does what when, in whole milliseconds
    weight, breath, breathing, breathed, ledger, account   what follows from a timeline
    floor, walking           the feet on the floor; space, placing, standing: the room; mark: the spot
    findings, look, checks, mends  the read-through
    fit, lesson, paper       the hour, a whole lesson, the plan on paper
    directions, terms        direction words in a dialect, the school's terms, pronunciations
    wording, portions, cues  what a cue is and its wordings; candidates: all that could be said; chosen: decided by hand
    front, schedule, told    the optimiser, which knows nothing of tai chi, and its answer with reasons
    decisions                cues put to the optimiser and back; practice: the whole flow as one function
    desk, cures, keeping     the cue desk; booth: lines to speak; cue_sheet, taking: cues to files and back
    sound     everything that sounds, as a list; estimate: lengths before a voice has measured them
"""
