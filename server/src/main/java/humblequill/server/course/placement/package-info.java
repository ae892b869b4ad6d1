/** Courses laid on the calendar, with every decision about their plans. */
@NullMarked
package humblequill.server.course.placement;

import org.jspecify.annotations.NullMarked;
