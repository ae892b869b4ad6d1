/** Export and import. */
@NullMarked
package humblequill.server.ground.exchange;

import org.jspecify.annotations.NullMarked;
