package humblequill.server.day.entry;

import java.util.Set;
import java.util.UUID;

/** Books in which nothing is judged: no rule that judges ever sees a mark given in them. */
public interface Unjudged {
  /** The identities of their names; the same set until it changes. */
  Set<UUID> books();
}
