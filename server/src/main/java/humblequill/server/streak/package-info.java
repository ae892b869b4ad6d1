/** Streaks and the pen line. */
@NullMarked
package humblequill.server.streak;

import org.jspecify.annotations.NullMarked;
