package humblequill.server.ground.backup;

import humblequill.core.ground.copies.Generations;
import humblequill.server.ground.data.SafeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The copies in a folder, by number. Names tell number, day and time: {@code
 * quill-0042-2026-11-27-1430.zip}. Copies named by their day alone come from before and are older.
 */
final class Copies {
  private static final Pattern NAME =
      Pattern.compile("quill-(?:(\\d{4,9})-)?(\\d{4}-\\d{2}-\\d{2})(?:-(\\d{4}))?\\.zip");
  private static final DateTimeFormatter IN_NAME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmm");
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HHmm");

  /** Before all numbers, in the order of their days. */
  private static final long OLDER = -10_000_000L;

  private Copies() {}

  /**
   * A copy.
   *
   * @param number the order in which copies were made; below zero for those from before
   * @param at what the clock said when it was made
   */
  record Copy(long number, LocalDateTime at, Path file) {
    /** How it is named on the command line. */
    String called() {
      return number < 0 ? at.toLocalDate().toString() : Long.toString(number);
    }

    long bytes() throws IOException {
      return Files.size(file);
    }
  }

  /** All copies, oldest first. */
  static List<Copy> in(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    var found = new ArrayList<Copy>();
    try (var files = Files.list(folder)) {
      for (var file : files.toList()) {
        read(file).ifPresent(found::add);
      }
    }
    found.sort(Comparator.comparingLong(Copy::number));
    return found;
  }

  private static Optional<Copy> read(Path file) {
    Matcher name = NAME.matcher(file.getFileName().toString());
    if (!name.matches() || name.group(1) == null != (name.group(3) == null)) {
      return Optional.empty();
    }
    try {
      var day = LocalDate.parse(name.group(2));
      if (name.group(1) == null) {
        return Optional.of(new Copy(OLDER + day.toEpochDay(), day.atTime(LocalTime.NOON), file));
      }
      var time = LocalTime.parse(name.group(3), TIME);
      return Optional.of(new Copy(Long.parseLong(name.group(1)), day.atTime(time), file));
    } catch (java.time.DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Where the next copy goes. */
  static Copy next(Path folder, List<Copy> there, LocalDateTime at) {
    long number = Math.max(0, there.isEmpty() ? 0 : there.get(there.size() - 1).number()) + 1;
    var name = String.format("quill-%04d-%s.zip", number, at.format(IN_NAME));
    return new Copy(number, at, folder.resolve(name));
  }

  /**
   * Deletes copies that no generation keeps.
   *
   * @param good which ones can be read whole
   * @return those that are left
   */
  static List<Copy> dropOld(List<Copy> copies, java.util.function.Predicate<Copy> good)
      throws IOException {
    Map<Generations.Made, Copy> byMade = new HashMap<>();
    for (var copy : copies) {
      byMade.put(new Generations.Made(copy.number(), copy.at(), good.test(copy)), copy);
    }
    var kept = new HashSet<Copy>();
    Generations.kept(byMade.keySet()).forEach(made -> kept.add(byMade.get(made)));
    for (var copy : copies) {
      if (!kept.contains(copy)) {
        SafeFiles.remove(copy.file());
      }
    }
    return copies.stream().filter(kept::contains).toList();
  }
}
