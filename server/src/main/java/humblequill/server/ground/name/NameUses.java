package humblequill.server.ground.name;

import java.util.Map;
import java.util.UUID;

/** Where names are used: in entries, in promises, in sittings. */
public interface NameUses {
  /** How often each name is used there, by its identity; names that are not used are left out. */
  Map<UUID, Long> uses();
}
