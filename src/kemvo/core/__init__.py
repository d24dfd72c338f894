"""The rules and the computation of the job. Pure: no files, no database, no web, no clock, no randomness.

Read it in the order of the flow:

    form      what a form is: sections, postures, movements
    sides     left and right in texts; mirror: the other side of a form
    session   passes over a form
    timeline  who does what when, in whole milliseconds
    weight, breath, ledger   what follows from a timeline
    wording, cues            what could be said, and by when
    schedule  what is said, in which words, starting when
    sound     everything that sounds, as a list
"""
