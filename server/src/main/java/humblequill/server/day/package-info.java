/** Today's page. */
@NullMarked
package humblequill.server.day;

import org.jspecify.annotations.NullMarked;
