/** Fixed appointments. */
@NullMarked
package humblequill.server.course.appointment;

import org.jspecify.annotations.NullMarked;
