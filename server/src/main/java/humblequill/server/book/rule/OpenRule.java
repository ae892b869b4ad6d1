package humblequill.server.book.rule;

import humblequill.core.promise.Rule;
import java.util.List;
import java.util.UUID;

/**
 * A rule that an entry leaves open, so that the learner may say.
 *
 * @param wantedBy names of the promises and books that want it kept
 */
public record OpenRule(UUID entryId, String entry, Rule rule, List<String> wantedBy) {}
