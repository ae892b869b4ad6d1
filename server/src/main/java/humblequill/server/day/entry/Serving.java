package humblequill.server.day.entry;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What entries were drawn for: each section that plans answers for its own. */
public interface Serving {
  /** What some entries served, each once, in no order that matters. */
  List<Served> servedBy(Set<UUID> entries);

  /**
   * Something that was served.
   *
   * @param name as the learner knows it
   * @param course title of the course of a week; null for a promise
   * @param week number of the week in its course; null for a promise or a week without one
   * @param address where it is seen, of the front end
   */
  record Served(String name, @Nullable String course, @Nullable Integer week, String address) {}
}
