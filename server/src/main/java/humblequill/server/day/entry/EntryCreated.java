package humblequill.server.day.entry;

import java.util.UUID;

/** Tells that the running transaction creates an entry, or brings back one that was removed. */
public record EntryCreated(UUID id, EntryFields fields) {}
