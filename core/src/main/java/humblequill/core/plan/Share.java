package humblequill.core.plan;

/**
 * The part of an exercise that falls on one day.
 *
 * @param exerciseId the exercise
 * @param count drawings, or minutes where the exercise is measured in minutes; 1 or more
 * @param seconds time it takes
 */
public record Share(String exerciseId, int count, int seconds) {}
