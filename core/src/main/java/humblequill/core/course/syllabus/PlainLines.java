package humblequill.core.course.syllabus;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A course in plain lines, parted into weeks.
 *
 * <p>A week begins with a line such as {@code Week 3: hulls}. Where there is none, weeks are parted
 * by blank lines and begin with their title; where the lines are numbered and others stand below
 * them, indented or with bullets, each numbered line is the title of a week.
 *
 * @param weeks in the order they were written
 * @param empty numbers of weeks that have no exercise
 */
public record PlainLines(List<Week> weeks, List<Integer> empty) {
  private static final Pattern WEEK =
      Pattern.compile(
          "^\\W*(?:week|woche|semaine|semana|settimana|wk) *(\\d{1,2})\\b[ .:)–-]*(.*)$",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
  private static final Pattern NUMBERED = Pattern.compile("^(\\d{1,2})[.):] *(.*)$");
  private static final Pattern BULLET = Pattern.compile("^[-*•–·+] *(.*)$");

  /** A week as written: its number where the line told one, its title, its exercise lines. */
  public record Week(Optional<Integer> number, String title, List<String> lines) {}

  private record Raw(String text, boolean indented, boolean bullet, Optional<Integer> number) {
    boolean below() {
      return indented || bullet;
    }
  }

  /** Reads lines; those without a letter or figure part weeks like blank ones. */
  public static PlainLines of(String text) {
    var raw = text.lines().map(PlainLines::raw).toList();
    boolean named = raw.stream().anyMatch(r -> WEEK.matcher(r.text).matches());
    var weeks = named ? byName(raw) : numbered(raw) ? byNumber(raw) : byBlocks(raw);
    var empty = new ArrayList<Integer>();
    for (int i = 0; i < weeks.size(); i++) {
      if (weeks.get(i).lines.isEmpty()) {
        empty.add(weeks.get(i).number.orElse(i + 1));
      }
    }
    return new PlainLines(weeks, List.copyOf(empty));
  }

  private static Raw raw(String line) {
    boolean indented = line.startsWith("  ") || line.startsWith("\t");
    var text = line.strip();
    var bullet = BULLET.matcher(text);
    if (bullet.matches()) {
      return new Raw(said(bullet.group(1)), indented, true, Optional.empty());
    }
    var numbered = NUMBERED.matcher(text);
    if (numbered.matches() && !numbered.group(2).isBlank()) {
      return new Raw(
          said(numbered.group(2)),
          indented,
          false,
          Optional.of(Integer.valueOf(numbered.group(1))));
    }
    return new Raw(said(text), indented, false, Optional.empty());
  }

  /** A line that says nothing is blank. */
  private static String said(String text) {
    return text.codePoints().anyMatch(Character::isLetterOrDigit) ? text.strip() : "";
  }

  private static boolean numbered(List<Raw> raw) {
    boolean after = false;
    for (var line : raw) {
      if (line.number.isPresent() && !line.indented) {
        after = true;
      } else if (after && !line.text.isEmpty() && line.below()) {
        return true;
      }
    }
    return false;
  }

  /** A week that is being gathered. */
  private static final class Gathered {
    private final List<Week> weeks = new ArrayList<>();
    private Optional<Integer> number = Optional.empty();
    private String title = "";
    private List<String> lines = new ArrayList<>();
    private boolean open;

    private void begin(Optional<Integer> as, String called) {
      end();
      number = as;
      title = called;
      open = true;
    }

    private void line(String text) {
      open = true;
      lines.add(text);
    }

    private void end() {
      if (open) {
        weeks.add(new Week(number, title, List.copyOf(lines)));
      }
      number = Optional.empty();
      title = "";
      lines = new ArrayList<>();
      open = false;
    }

    private List<Week> all() {
      end();
      return List.copyOf(weeks);
    }
  }

  private static List<Week> byName(List<Raw> raw) {
    var gathered = new Gathered();
    for (var line : raw) {
      var week = WEEK.matcher(line.text);
      if (week.matches()) {
        gathered.begin(Optional.of(Integer.valueOf(week.group(1))), week.group(2).strip());
      } else if (!line.text.isEmpty()) {
        gathered.line(line.text);
      }
    }
    return gathered.all();
  }

  private static List<Week> byNumber(List<Raw> raw) {
    var gathered = new Gathered();
    for (var line : raw) {
      if (line.number.isPresent() && !line.indented) {
        gathered.begin(line.number, line.text);
      } else if (!line.text.isEmpty()) {
        gathered.line(line.text);
      }
    }
    return gathered.all();
  }

  private static List<Week> byBlocks(List<Raw> raw) {
    var gathered = new Gathered();
    boolean fresh = true;
    for (var line : raw) {
      if (line.text.isEmpty()) {
        gathered.end();
        fresh = true;
      } else if (fresh && !line.below() && line.number.isEmpty()) {
        gathered.begin(Optional.empty(), withoutColon(line.text));
        fresh = false;
      } else {
        gathered.line(line.text);
        fresh = false;
      }
    }
    return gathered.all();
  }

  private static String withoutColon(String title) {
    return title.endsWith(":") ? title.substring(0, title.length() - 1).strip() : title;
  }

  /** A title with its first letter large. */
  static String titled(String text) {
    return text.isEmpty()
        ? text
        : text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
  }
}
