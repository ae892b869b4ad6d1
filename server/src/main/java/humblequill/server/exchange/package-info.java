/** Export and import. */
@NullMarked
package humblequill.server.exchange;

import org.jspecify.annotations.NullMarked;
