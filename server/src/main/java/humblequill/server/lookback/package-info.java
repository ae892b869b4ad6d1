/** Looking back: weeks with what follows from them, months, the year, favourites. */
@NullMarked
package humblequill.server.lookback;

import org.jspecify.annotations.NullMarked;
