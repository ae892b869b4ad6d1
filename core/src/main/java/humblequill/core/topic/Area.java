package humblequill.core.topic;

/**
 * An area of topics with what the three depths mean in it.
 *
 * @param simple landmarks and blocks
 * @param grouped main masses
 * @param detailed all that shows
 */
public record Area(String name, String simple, String grouped, String detailed) {}
