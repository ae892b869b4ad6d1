/** Today's page. */
@NullMarked
package humblequill.server.today;

import org.jspecify.annotations.NullMarked;
