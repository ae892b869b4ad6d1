/** The course week as planned and as done. */
@NullMarked
package humblequill.server.course.plan;

import org.jspecify.annotations.NullMarked;
