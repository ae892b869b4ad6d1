/** The learner's names: topics, media, sources, books and resources, each with an identity. */
@NullMarked
package humblequill.server.ground.name;

import org.jspecify.annotations.NullMarked;
