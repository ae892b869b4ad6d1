package humblequill.server.bench;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PoseLength;
import org.jspecify.annotations.Nullable;

/**
 * Which comparisons habits are read off, by the entry that the drawing belongs to.
 *
 * @param source by name; null for all
 * @param medium by name; null for all
 * @param length how long one drawing took; null for all
 * @param topic by name; null for all
 * @param facet what the drawing shows beside its topic, by name; null for all
 */
record HabitFilter(
    @Nullable String source,
    @Nullable String medium,
    @Nullable PoseLength length,
    @Nullable String topic,
    @Nullable String facet) {
  static final HabitFilter ALL = new HabitFilter(null, null, null, null, null);

  /** Whether nothing is asked for, so that drawings without an entry count too. */
  boolean isAll() {
    return source == null && medium == null && length == null && topic == null && facet == null;
  }

  boolean holds(@Nullable Drawn drawn) {
    return isAll()
        || drawn != null
            && (source == null || drawn.source().filter(source::equals).isPresent())
            && (medium == null || drawn.medium().filter(medium::equals).isPresent())
            && (length == null || PoseLength.of(drawn).filter(length::equals).isPresent())
            && (topic == null || drawn.topics().contains(topic))
            && (facet == null || drawn.learned().study().facets().contains(facet));
  }
}
