package humblequill.server.ground.name;

import humblequill.core.ground.name.Name;
import java.util.List;

/** Topics that have a name before anything was written of them: those of the taxonomy. */
public interface GivenTopics {
  /** Their names; the same list until the taxonomy changes. */
  List<Name> names();
}
