package humblequill.core.book;

import humblequill.core.entry.Drawn;
import java.util.Collection;
import java.util.Optional;
import java.util.Set;

/** Which book is meant where only a page is named: {@code p 41}. */
public final class BookInUse {
  private BookInUse() {}

  /**
   * Among the books that were not put away, the one last drawn in with the medium; without a
   * medium, or where none was, the one last drawn in.
   *
   * @param drawn everything drawn so far, oldest first
   * @param putAway books that are in use no more, as they are called now
   * @param medium what is drawn with
   * @return empty where no open book was ever drawn in
   */
  public static Optional<String> of(
      Collection<Drawn> drawn, Set<String> putAway, Optional<String> medium) {
    String last = null;
    String withMedium = null;
    for (var each : drawn) {
      if (each.book().isPresent() && !putAway.contains(each.book().get())) {
        last = each.book().get();
        withMedium = medium.isPresent() && each.medium().equals(medium) ? last : withMedium;
      }
    }
    return Optional.ofNullable(withMedium == null ? last : withMedium);
  }
}
