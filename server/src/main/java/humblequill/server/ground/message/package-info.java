/** The words of messages, from the catalogues. */
@NullMarked
package humblequill.server.ground.message;

import org.jspecify.annotations.NullMarked;
