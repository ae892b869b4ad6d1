/** Resources: what is told of them, and what entries tell. */
@NullMarked
package humblequill.server.shelf;

import org.jspecify.annotations.NullMarked;
