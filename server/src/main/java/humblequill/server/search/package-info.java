/** Search over entries and exercises. */
@NullMarked
package humblequill.server.search;

import org.jspecify.annotations.NullMarked;
