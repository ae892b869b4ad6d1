/** Course files and the placement of a course on the calendar. */
@NullMarked
package humblequill.server.course;

import org.jspecify.annotations.NullMarked;
