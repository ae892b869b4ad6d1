package humblequill.server.day.entry;

import java.util.List;
import java.util.Set;
import java.util.UUID;

/** What entries were drawn for: each section that plans answers for its own. */
public interface Serving {
  /** What some entries served, each once, in no order that matters. */
  List<Served> servedBy(Set<UUID> entries);

  /**
   * Something that was served.
   *
   * @param name as the learner knows it
   * @param address where it is seen, of the front end
   */
  record Served(String name, String address) {}
}
