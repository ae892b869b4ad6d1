/** Entries and the log line. */
@NullMarked
package humblequill.server.entry;

import org.jspecify.annotations.NullMarked;
