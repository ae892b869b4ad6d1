package humblequill.server.day.entry;

import java.util.UUID;

/** Tells that the running transaction removes an entry. */
public record EntryRemoved(UUID id, EntryFields fields) {}
