/** Recall: plates and orders of steps that are asked for again. */
@NullMarked
package humblequill.server.topic.recall;

import org.jspecify.annotations.NullMarked;
