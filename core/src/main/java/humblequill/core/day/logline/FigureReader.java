package humblequill.core.day.logline;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads lengths of time, poses, times of day and pages. */
final class FigureReader {
  private static final String TO = "(?![\\p{L}\\p{N}])";
  private static final int HOUR = 60;

  /** Nobody draws for nine hours and some minutes; nobody calls 1:15 a time of day. */
  private static final int SURELY_A_TIME = 9;

  private static final int SURELY_A_LENGTH = 4;

  private final Map<String, Integer> worded;
  private final Pattern wordedLength;
  private final Pattern clock;
  private final Pattern colon;
  private final Pattern hoursAndMinutes;
  private final Pattern length;
  private final Pattern span;
  private final Pattern poses;
  private final Pattern pages;
  private final Pattern pageList;
  private final Pattern negative;
  private final Pattern hour;
  private final Pattern minute;

  FigureReader(Language language) {
    worded = language.numbered("minutes");
    var parted = language.decimal() == ',' ? "[.,/]" : "[./]";
    var from = "(?<![\\p{L}\\p{N}\u0003])(?<!\\d" + parted + ")";
    var measure = "(" + NumberWords.measure(language) + ")";
    var hours = language.any("hour");
    var minutes = language.any("minute");
    var unit = "(" + hours + "|" + minutes + "|" + language.any("second") + ")" + TO + "\\.?";
    var each = language.any("each");
    var page = "(?<![\\p{L}\\p{N}])" + language.any("page") + "\\.? ?";
    var to = " ?(?:-|" + language.any("to") + ") ?";
    hour = Pattern.compile(hours);
    minute = Pattern.compile(minutes);
    wordedLength = Pattern.compile("(?<![\\p{L}\\p{N}])" + language.anyNumbered("minutes") + TO);
    clock =
        Pattern.compile(
            from
                + "(?:"
                + language.any("at")
                + " (\\d{1,2})(?:[:.]| ?"
                + hours
                + " ?)(\\d{2})(?: ?(am|pm))?"
                + "|(?:"
                + language.any("at")
                + " )?(\\d{1,2})(?:[:.](\\d{2}))? ?(am|pm)"
                + "|(?:"
                + language.any("at")
                + " )?(\\d{1,2})(?:[:.](\\d{2}))? ?"
                + language.any("oclock")
                + ")"
                + TO);
    colon =
        Pattern.compile(from + "(\\d{1,2})(?::|" + hours + ")(\\d{2})(?: ?" + hours + ")?" + TO);
    hoursAndMinutes =
        Pattern.compile(
            from
                + "(\\d{1,2}) ?"
                + hours
                + " ?(?:"
                + language.any("and")
                + " )?(\\d{1,2})(?: ?"
                + minutes
                + TO
                + "|(?= *(?:[,;\\n]|$)))");
    length =
        Pattern.compile(
            from + "(?:(" + each + ") )?" + measure + " ?" + unit + "(?: ?(" + each + ")" + TO
                + ")?");
    span = Pattern.compile(from + measure + to + measure + " ?" + unit);
    poses =
        Pattern.compile(
            from
                + Line.NUMBER
                + " ?[x×] ?(\\d{1,4}(?:[.,]\\d)?)(?::([0-5]\\d))?(?: ?"
                + unit
                + ")?(?! ?\\p{L})");
    pages = Pattern.compile(page + "(\\d{1,5})(?:" + to + "(\\d{1,5}))?" + TO);
    pageList =
        Pattern.compile(
            page
                + "(\\d{1,5}(?: ?, ?\\d{1,5})* ?(?:&|\\+|"
                + language.any("and")
                + ") ?\\d{1,5})"
                + TO);
    negative = Pattern.compile("(?:^|(?<=[\\s,;]))-" + Line.NUMBER + "(?: ?" + unit + ")?");
  }

  /**
   * A length of time.
   *
   * @param each whether it is one drawing's
   * @param about whether it is the middle of what was written
   */
  record Length(double minutes, boolean each, boolean about) {}

  /** Lengths that are written without figures. */
  void readWorded(Line line) {
    line.find(wordedLength)
        .forEach(m -> claimLength(line, m, worded.get(Language.single(m.group())), false));
  }

  void read(Line line) {
    line.find(poses).forEach(m -> claimPoses(line, m));
    line.find(clock).forEach(m -> claimTime(line, m));
    line.find(pageList).forEach(m -> claimPageList(line, m));
    line.find(pages).forEach(m -> claimPages(line, m));
    line.find(span).forEach(m -> claimSpan(line, m));
    line.find(colon).forEach(m -> claimColon(line, m));
    line.find(hoursAndMinutes).forEach(m -> claimHours(line, m));
    line.find(negative).forEach(m -> claimNegative(line, m));
    line.find(length).forEach(m -> claimLength(line, m));
  }

  /** 2H is a pencil to one and two hours to another. */
  private void claimLength(Line line, MatchResult m) {
    double minutes = minutes(m.group(2), m.group(3));
    if (m.group().length() == 2 && line.written(m.start(), m.end()).endsWith("H")) {
      claim(
          line,
          Phrase.Field.MINUTES,
          m,
          new Ask(
              List.of(
                  Ask.Option.as(Phrase.Field.MEDIUM, line.written(m.start(), m.end()), "graphite"),
                  Ask.Option.as(
                      Phrase.Field.MINUTES,
                      Integer.toString((int) minutes),
                      (int) minutes + " min"))));
    } else {
      claimLength(line, m, minutes, m.group(1) != null || m.group(4) != null);
    }
  }

  private double minutes(String number, String unit) {
    double value = NumberWords.measure(number);
    if (hour.matcher(unit).matches()) {
      return value * HOUR;
    }
    return minute.matcher(unit).matches() ? value : value / HOUR;
  }

  private static void claim(Line line, Phrase.Field field, MatchResult m, Object value) {
    line.claim(field, m.start(), m.end(), value);
  }

  /** One row of poses; a length without a unit is asked about. */
  private void claimPoses(Line line, MatchResult m) {
    var row = Line.whole(m.group(1)) + " x " + m.group(2);
    if (m.group(3) != null) {
      claimRow(line, m, NumberWords.measure(m.group(2)) + Integer.parseInt(m.group(3)) / 60.0);
    } else if (m.group(4) == null) {
      claim(
          line,
          Phrase.Field.POSES,
          m,
          new Ask(List.of(Ask.Option.of(row + " s"), Ask.Option.of(row + " min"))));
    } else {
      claimRow(line, m, minutes(m.group(2), m.group(4)));
    }
  }

  private static void claimRow(Line line, MatchResult m, double minutes) {
    int count = Line.number(m.group(1));
    long seconds = Math.round(minutes * HOUR);
    boolean possible =
        count >= 1 && count <= Entry.MAX_DRAWINGS && seconds >= 1 && seconds <= Poses.MAX_SECONDS;
    claim(line, Phrase.Field.POSES, m, possible ? new Poses.Row(count, (int) seconds) : m.group());
  }

  private static String first(MatchResult m, int... groups) {
    for (int group : groups) {
      if (m.group(group) != null) {
        return m.group(group);
      }
    }
    return "";
  }

  private static void claimTime(Line line, MatchResult m) {
    int hour = Integer.parseInt(first(m, 1, 4, 7));
    var minutes = first(m, 2, 5, 8);
    var half = first(m, 3, 6);
    int minute = minutes.isEmpty() ? 0 : Integer.parseInt(minutes);
    if (!half.isEmpty()) {
      if (hour < 1 || hour > 12) {
        return;
      }
      hour = hour % 12 + (half.equals("pm") ? 12 : 0);
    }
    if (hour < 24 && minute < HOUR) {
      claim(line, Phrase.Field.TIME, m, LocalTime.of(hour, minute));
    }
  }

  private static void claimColon(Line line, MatchResult m) {
    int hours = Integer.parseInt(m.group(1));
    int minutes = Integer.parseInt(m.group(2));
    if (minutes >= HOUR) {
      return;
    }
    if (hours >= SURELY_A_TIME && hours < 24) {
      claim(line, Phrase.Field.TIME, m, LocalTime.of(hours, minutes));
    } else if (hours <= SURELY_A_LENGTH) {
      claimLength(line, m, HOUR * hours + minutes, false);
    } else if (hours < SURELY_A_TIME) {
      var time = LocalTime.of(hours, minutes).toString();
      claim(
          line,
          Phrase.Field.TIME,
          m,
          new Ask(
              List.of(
                  Ask.Option.as(Phrase.Field.TIME, time, "at " + time),
                  Ask.Option.as(
                      Phrase.Field.MINUTES,
                      Integer.toString(HOUR * hours + minutes),
                      HOUR * hours + minutes + " min"))));
    }
  }

  private static void claimPages(Line line, MatchResult m) {
    int from = Integer.parseInt(m.group(1));
    int to = m.group(2) == null ? from : Integer.parseInt(m.group(2));
    boolean possible = Math.min(from, to) >= 1 && Math.max(from, to) <= PageSpan.MAX_PAGE;
    claim(
        line,
        Phrase.Field.PAGES,
        m,
        possible ? new PageSpan(Math.min(from, to), Math.max(from, to)) : m.group());
  }

  /** Pages one by one; they are a span only when none is left out. */
  private static void claimPageList(Line line, MatchResult m) {
    var pages = new ArrayList<Integer>();
    for (var page : m.group(1).split("\\D+")) {
      pages.add(Integer.valueOf(page));
    }
    int from = pages.stream().mapToInt(p -> p).min().orElseThrow();
    int to = pages.stream().mapToInt(p -> p).max().orElseThrow();
    if (from < 1 || to > PageSpan.MAX_PAGE) {
      claim(line, Phrase.Field.PAGES, m, m.group());
    } else if (to - from + 1 == pages.stream().distinct().count()) {
      claim(line, Phrase.Field.PAGES, m, new PageSpan(from, to));
    } else {
      var options = new ArrayList<Ask.Option>();
      options.add(Ask.Option.of("p " + from + "-" + to));
      pages.forEach(page -> options.add(Ask.Option.of("p " + page)));
      claim(line, Phrase.Field.PAGES, m, new Ask(options));
    }
  }

  private void claimSpan(Line line, MatchResult m) {
    double from = minutes(m.group(1), m.group(3));
    double to = minutes(m.group(2), m.group(3));
    line.claim(Phrase.Field.MINUTES, m.start(), m.end(), new Length((from + to) / 2, false, true));
  }

  private static void claimHours(Line line, MatchResult m) {
    if (Integer.parseInt(m.group(2)) < HOUR) {
      claimLength(
          line,
          m,
          (double) HOUR * Integer.parseInt(m.group(1)) + Integer.parseInt(m.group(2)),
          false);
    }
  }

  private static void claimNegative(Line line, MatchResult m) {
    if (m.group(2) == null) {
      claim(line, Phrase.Field.DRAWINGS, m, -Line.number(m.group(1)));
    } else {
      claimLength(line, m, -1, false);
    }
  }

  private static void claimLength(Line line, MatchResult m, double minutes, boolean each) {
    claim(line, Phrase.Field.MINUTES, m, new Length(minutes, each, false));
  }
}
