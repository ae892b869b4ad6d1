package humblequill.server.day.entry;

import java.util.List;

/**
 * Some entries of many.
 *
 * @param total how many match in all
 */
public record EntryList(List<EntryView> entries, long total) {}
