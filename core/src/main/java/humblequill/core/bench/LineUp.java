package humblequill.core.bench;

/**
 * Two landmarks that share a plumb or a level line in the reference.
 *
 * @param one the upper one, or the left one
 * @param other the lower one, or the right one
 * @param plumb whether one stands over the other; else they are level
 * @param off share of the size by which the first lies to the right of the second in the attempt,
 *     or below it; negative for left or above
 */
public record LineUp(String one, String other, boolean plumb, double off) {}
