/** Timed sittings that log themselves. */
@NullMarked
package humblequill.server.sitting;

import org.jspecify.annotations.NullMarked;
