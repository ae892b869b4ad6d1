/** Entries and the log line. */
@NullMarked
package humblequill.server.day.entry;

import org.jspecify.annotations.NullMarked;
