package humblequill.server.quota;

import humblequill.core.quota.Rule;
import java.util.UUID;

/** A rule of a quota that an entry leaves open, so that the learner may say. */
public record OpenRule(UUID quotaId, String quota, UUID entryId, String entry, Rule rule) {}
