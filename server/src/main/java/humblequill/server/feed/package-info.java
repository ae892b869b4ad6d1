/** The plan as a calendar that other programs read. */
@NullMarked
package humblequill.server.feed;

import org.jspecify.annotations.NullMarked;
