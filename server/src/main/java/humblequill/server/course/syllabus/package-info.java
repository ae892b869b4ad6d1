/** A course in plain lines, read against the learner's own words and figures. */
@NullMarked
package humblequill.server.course.syllabus;

import org.jspecify.annotations.NullMarked;
