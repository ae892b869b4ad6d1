/** Daily copies of the database, and restoring one. */
@NullMarked
package humblequill.server.backup;

import org.jspecify.annotations.NullMarked;
