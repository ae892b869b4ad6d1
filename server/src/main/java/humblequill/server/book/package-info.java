/** Sketchbooks and their pages. */
@NullMarked
package humblequill.server.book;

import org.jspecify.annotations.NullMarked;
