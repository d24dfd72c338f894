"""The rules and the computation of the job. Pure: no files, no database, no web, no clock, no randomness.

Read it in the order of the flow:

    form      what a form is: sections, postures, movements
    reading   lines of instruction into facts; said: what a movement's words say; filling: into its fields
    sides     left and right in texts; mirror: the other side of a form
    stances, schools, groups, room, segments   tables: feet, manners, limits, floors, lengths
    blocks, session, parts   kinds of blocks, passes over a form, what of it they take
    tempo, timeline          who does what when, in whole milliseconds
    weight, breath, breathing, breathed, ledger, account   what follows from a timeline
    floor, walking           the feet on the floor; space, placing, standing: the room; mark: the spot
    findings, checks, mends  the read-through
    fit, lesson, paper       the hour, a whole lesson, the plan on paper
    wording, cues            what could be said, and by when
    schedule  what is said, in which words, starting when
    sound     everything that sounds, as a list
"""
