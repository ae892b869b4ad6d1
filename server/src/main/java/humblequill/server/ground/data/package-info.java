/** The data folder: its lock, its database, and writes that survive a power cut. */
@NullMarked
package humblequill.server.ground.data;

import org.jspecify.annotations.NullMarked;
