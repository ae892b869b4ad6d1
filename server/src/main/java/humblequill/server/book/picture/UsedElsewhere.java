package humblequill.server.book.picture;

import java.util.Set;
import java.util.UUID;

/** Pictures that belong to no page and wait for none. */
public interface UsedElsewhere {
  /** Which ones. */
  Set<UUID> pictures();
}
