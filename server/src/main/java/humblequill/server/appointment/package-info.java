/** Fixed appointments. */
@NullMarked
package humblequill.server.appointment;

import org.jspecify.annotations.NullMarked;
