package humblequill.server.shelf;

import humblequill.core.shelf.Resource;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The shelf.
 *
 * @param resources all of them; those in the queue in its order, the others by use
 * @param off those that were taken off it
 * @param named what courses name and is not on the shelf
 * @param weeks weeks of courses to come whose topics nothing on the shelf teaches
 */
record ShelfView(
    List<ResourceView> resources,
    List<ResourceView> off,
    List<String> named,
    List<ShelfRemark> remarks,
    List<WeekWithoutTeacher> weeks) {
  /**
   * Something about a resource.
   *
   * @param days to the day it is due back, or how often it was wanted
   * @param on the day it is due back
   */
  record ShelfRemark(
      Resource.Remark kind, UUID resource, String name, int days, @Nullable LocalDate on) {}

  /** A week whose topics nothing teaches. */
  record WeekWithoutTeacher(
      UUID placement, String week, @Nullable Integer number, String title, List<String> topics) {}
}
