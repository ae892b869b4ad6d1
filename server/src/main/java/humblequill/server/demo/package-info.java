/** The made-up learner of the demo. */
@NullMarked
package humblequill.server.demo;

import org.jspecify.annotations.NullMarked;
