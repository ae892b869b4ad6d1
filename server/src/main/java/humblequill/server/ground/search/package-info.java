/** Search over entries and exercises. */
@NullMarked
package humblequill.server.ground.search;

import org.jspecify.annotations.NullMarked;
