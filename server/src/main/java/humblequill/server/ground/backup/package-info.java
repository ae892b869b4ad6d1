/** Daily copies of the database, and restoring one. */
@NullMarked
package humblequill.server.ground.backup;

import org.jspecify.annotations.NullMarked;
