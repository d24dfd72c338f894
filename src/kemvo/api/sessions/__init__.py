"""Routes of sessions: the plan, the lesson, the stage while it runs."""
