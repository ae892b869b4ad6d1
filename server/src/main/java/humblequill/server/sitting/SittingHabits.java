package humblequill.server.sitting;

import java.util.List;

/** What was told when sittings began: what made the learner sit down, and where it was. */
record SittingHabits(List<String> cues, List<String> places) {}
