/**
 * What stands between the network and the sections: the closed door, errors, the front end's files.
 */
@NullMarked
package humblequill.server.ground.edge;

import org.jspecify.annotations.NullMarked;
