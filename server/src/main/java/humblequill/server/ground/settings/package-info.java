/** The learner's settings: when there is time, how days are counted, how pages look. */
@NullMarked
package humblequill.server.ground.settings;

import org.jspecify.annotations.NullMarked;
