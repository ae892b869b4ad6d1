package humblequill.server.topic.coverage;

import humblequill.core.day.entry.Depth;
import humblequill.core.topic.coverage.MoreOfIt;
import humblequill.core.topic.coverage.PlannedTopic;
import humblequill.core.topic.coverage.TopicRecord;
import humblequill.core.topic.coverage.TopicState;
import humblequill.server.day.entry.EntryView;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One topic.
 *
 * @param freshness 0 to 1; null where it was never touched
 * @param halfLifeDays with its returns
 * @param depths what simple, grouped and detailed mean in its area
 * @param depth the deepest one told, by the learner or an entry
 * @param entries how many there are
 * @param newest the newest of them
 * @param record what its entries tell
 * @param needs what comes before it, and {@code neededBy} what stands on it
 * @param planned what plans still hold of it
 * @param wentWrong what went wrong, the newest first
 * @param missing what went wrong without reference last: the next study; null without any
 * @param facets all facets that its entries tell
 * @param weak since when it feels weak; null where it does not
 * @param more what *more of it* would ask for; null without a course
 */
record TopicView(
    UUID id,
    String name,
    String area,
    TopicState state,
    @Nullable Double freshness,
    int returns,
    double halfLifeDays,
    @Nullable LocalDate last,
    int minutesEver,
    List<String> depths,
    @Nullable Depth depth,
    int entries,
    List<EntryView> newest,
    TopicRecord record,
    List<Neighbour> needs,
    List<Neighbour> neededBy,
    List<PlannedTopic> planned,
    List<Wrong> wentWrong,
    @Nullable Wrong missing,
    List<String> facets,
    @Nullable Weak weak,
    @Nullable MoreOfTopic more) {
  /** Another topic beside it. */
  record Neighbour(@Nullable UUID id, String name, TopicState state, @Nullable Double freshness) {}

  /** What went wrong in an entry. */
  record Wrong(UUID entry, LocalDate day, String text) {}

  /**
   * A topic that feels weak.
   *
   * @param drawings how many more were wished for
   * @param drawn of these, since
   */
  record Weak(LocalDate since, int drawings, int drawn) {}

  /** More of it, and the course whose plan that would change. */
  record MoreOfTopic(UUID placement, MoreOfIt more) {}
}
