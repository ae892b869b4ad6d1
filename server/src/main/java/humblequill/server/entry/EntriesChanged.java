package humblequill.server.entry;

/** Tells that the running transaction changes entries. */
public record EntriesChanged() {}
