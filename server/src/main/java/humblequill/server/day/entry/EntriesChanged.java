package humblequill.server.day.entry;

import java.time.LocalDate;
import java.util.Collection;

/** Tells that the running transaction changes entries of these days. */
public record EntriesChanged(Collection<LocalDate> days) {}
