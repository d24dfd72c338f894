"""A whole form, recorded: where each posture is in it. Marks make a clock, and the clock makes a timeline like a planned one."""
