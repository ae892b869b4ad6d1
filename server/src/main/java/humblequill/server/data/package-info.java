/** The data folder: its lock, its database, and writes that survive a power cut. */
@NullMarked
package humblequill.server.data;

import org.jspecify.annotations.NullMarked;
