/** Search over entries and exercises. */
@NullMarked
package humblequill.server.lookback.search;

import org.jspecify.annotations.NullMarked;
