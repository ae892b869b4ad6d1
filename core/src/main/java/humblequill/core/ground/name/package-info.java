/** The learner's names: topics, media, sources, books and resources, each with an identity. */
package humblequill.core.ground.name;
