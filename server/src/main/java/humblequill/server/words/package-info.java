/** The learner's own words: media, sources, topics, books and resources by name. */
@NullMarked
package humblequill.server.words;

import org.jspecify.annotations.NullMarked;
