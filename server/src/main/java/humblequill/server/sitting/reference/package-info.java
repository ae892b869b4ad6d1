/** References to draw from: the cabinet and the learner's own folder of pictures. */
@NullMarked
package humblequill.server.sitting.reference;

import org.jspecify.annotations.NullMarked;
