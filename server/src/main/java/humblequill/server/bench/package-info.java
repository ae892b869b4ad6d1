/** The bench: attempts held beside their references, series of tries, tendencies and aims. */
@NullMarked
package humblequill.server.bench;

import org.jspecify.annotations.NullMarked;
