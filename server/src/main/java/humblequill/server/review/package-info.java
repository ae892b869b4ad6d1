/** Looking back: weeks with what follows from them, months, the year, favourites. */
@NullMarked
package humblequill.server.review;

import org.jspecify.annotations.NullMarked;
