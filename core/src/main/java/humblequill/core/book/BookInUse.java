package humblequill.core.book;

import humblequill.core.day.entry.Drawn;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which book is meant where only a page is named: {@code p 41}. */
public final class BookInUse {
  private BookInUse() {}

  /**
   * A book that something was told of.
   *
   * @param name as it is called now
   * @param opened the first day in use, where it was told
   * @param putAway whether it is in use no more
   */
  public record Told(String name, Optional<LocalDate> opened, boolean putAway) {}

  /**
   * Among the books that were not put away, the one last drawn in with the medium; without a
   * medium, or where none was, the one last drawn in. A book that was opened since, and that
   * nothing was drawn in yet, comes before it; so does the only fresh one where no open book was
   * drawn in.
   *
   * @param drawn everything drawn so far, oldest first
   * @param told books that something was told of
   * @param medium what is drawn with
   * @return empty where nothing tells of one
   */
  public static Optional<String> of(
      Collection<Drawn> drawn, Collection<Told> told, Optional<String> medium) {
    var putAway = told.stream().filter(Told::putAway).map(Told::name).collect(Collectors.toSet());
    var begun = new HashSet<String>();
    Drawn last = null;
    Drawn withMedium = null;
    for (var each : drawn) {
      each.book().ifPresent(begun::add);
      if (each.book().isPresent() && !putAway.contains(each.book().get())) {
        last = each;
        withMedium = medium.isPresent() && each.medium().equals(medium) ? each : withMedium;
      }
    }
    var fresh = told.stream().filter(t -> !t.putAway() && !begun.contains(t.name())).toList();
    var used = Optional.ofNullable(withMedium == null ? last : withMedium);
    return openedSince(fresh, used.map(Drawn::day))
        .or(() -> used.flatMap(Drawn::book))
        .or(() -> fresh.size() == 1 ? Optional.of(fresh.get(0).name()) : Optional.empty());
  }

  private static Optional<String> openedSince(List<Told> fresh, Optional<LocalDate> day) {
    return fresh.stream()
        .filter(t -> t.opened().isPresent())
        .filter(t -> day.isEmpty() || !t.opened().get().isBefore(day.get()))
        .max(Comparator.comparing(t -> t.opened().get()))
        .map(Told::name);
  }
}
