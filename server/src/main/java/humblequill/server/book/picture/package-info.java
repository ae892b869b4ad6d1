/** Pictures of pages: ordinary files in the data folder, and small ones made from them. */
@NullMarked
package humblequill.server.book.picture;

import org.jspecify.annotations.NullMarked;
