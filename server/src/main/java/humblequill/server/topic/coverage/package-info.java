/** Topics as they were studied: minutes by week, freshness, balance, one topic at a time. */
@NullMarked
package humblequill.server.topic.coverage;

import org.jspecify.annotations.NullMarked;
