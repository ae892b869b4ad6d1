/** Promises with a count. */
@NullMarked
package humblequill.server.promise;

import org.jspecify.annotations.NullMarked;
