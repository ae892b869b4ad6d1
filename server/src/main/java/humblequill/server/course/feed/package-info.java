/** The plan as a calendar that other programs read. */
@NullMarked
package humblequill.server.course.feed;

import org.jspecify.annotations.NullMarked;
