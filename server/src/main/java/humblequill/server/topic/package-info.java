/** Topics and what each needs first. */
@NullMarked
package humblequill.server.topic;

import org.jspecify.annotations.NullMarked;
