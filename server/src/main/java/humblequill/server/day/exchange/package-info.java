/** Export and import. */
@NullMarked
package humblequill.server.day.exchange;

import org.jspecify.annotations.NullMarked;
