/** Streaks and the pen line. */
@NullMarked
package humblequill.server.day.streak;

import org.jspecify.annotations.NullMarked;
