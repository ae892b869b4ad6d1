/** The turn of the practice day: what days that are over change by themselves. */
@NullMarked
package humblequill.server.day.turn;

import org.jspecify.annotations.NullMarked;
