/**
 * Migrations that need more than SQL. Each is frozen once it has landed; what it knows of older
 * forms stands nowhere else.
 */
@NullMarked
package humblequill.server.ground.migration;

import org.jspecify.annotations.NullMarked;
