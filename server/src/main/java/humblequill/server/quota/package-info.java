/** Promises with a count. */
@NullMarked
package humblequill.server.quota;

import org.jspecify.annotations.NullMarked;
