/** The log line: one written line read against the learner's own words. */
@NullMarked
package humblequill.server.day.logline;

import org.jspecify.annotations.NullMarked;
