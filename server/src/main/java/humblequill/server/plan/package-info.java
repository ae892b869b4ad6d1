/** The course week as planned and as done. */
@NullMarked
package humblequill.server.plan;

import org.jspecify.annotations.NullMarked;
