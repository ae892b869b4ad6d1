package humblequill.server.course;

import humblequill.core.course.Placement;
import java.util.UUID;

/**
 * The course that is being followed.
 *
 * @param id of the placement; entries refer to it
 */
public record PlacedCourse(UUID id, Placement placement) {}
