package humblequill.core.day.logline;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads the day a line is about. */
final class DayReader {
  private static final String FROM = "(?<![\\p{L}\\p{N}])";
  private static final String TO = "(?![\\p{L}\\p{N}])";
  private static final int MOST_YEARS_BACK = 8;

  private final boolean monthFirst;
  private final Map<String, Integer> relatives;
  private final Map<String, Integer> weekdays;
  private final Map<String, Integer> months;
  private final Pattern iso;
  private final Pattern full;
  private final Pattern dotted;
  private final Pattern slashed;
  private final Pattern relative;
  private final Pattern ago;
  private final Pattern weeksAgo;
  private final Pattern ahead;
  private final Pattern weekday;
  private final Pattern dayMonth;
  private final Pattern monthDay;

  DayReader(Language language) {
    monthFirst = language.monthFirst();
    relatives = language.numbered("day");
    weekdays = language.numbered("weekday");
    months = language.numbered("month");
    var on = FROM + "(?:" + language.any("on") + " )?";
    var month = language.anyNumbered("month");
    var week = language.anyNumbered("weekday");
    var next = language.any("next");
    var last = language.any("last");
    var of = "(?:(?:of|de|di|van) )?";
    iso = Pattern.compile(on + "(\\d{4})-(\\d{1,2})-(\\d{1,2})" + TO);
    full = Pattern.compile(on + "(\\d{1,2})[./](\\d{1,2})[./](\\d{4})" + TO);
    dotted = Pattern.compile("(?<![\\d.,])" + on + "(\\d{1,2})\\. ?(\\d{1,2})\\.(?!\\d)");
    slashed = Pattern.compile(FROM + language.any("on") + " (\\d{1,2})/(\\d{1,2})(?![\\d/])");
    relative = Pattern.compile(FROM + language.anyNumbered("day") + TO);
    ago = Pattern.compile(FROM + language.counted("ago", Line.NUMBER) + TO);
    weeksAgo = Pattern.compile(FROM + language.counted("weeks", Line.NUMBER) + TO);
    ahead =
        Pattern.compile(
            FROM
                + "(?:"
                + language.any("ahead")
                + "|"
                + next
                + " "
                + week
                + "|"
                + week
                + " "
                + next
                + ")"
                + TO);
    weekday =
        Pattern.compile(
            "(?<!\\d )(?<!\\d)"
                + on
                + "("
                + last
                + " )?("
                + week
                + ")( "
                + last
                + ")?"
                + TO
                + "\\.?");
    dayMonth =
        Pattern.compile(
            on
                + "(?:the )?(\\d{1,2})(?:st|nd|rd|th|er)?\\.? "
                + of
                + "("
                + month
                + ")"
                + TO
                + "\\.?(?: "
                + of
                + "(\\d{4}))?");
    monthDay =
        Pattern.compile(
            on + "(" + month + ")\\.? (\\d{1,2})(?:st|nd|rd|th)?" + TO + "(?:,? (\\d{4}))?");
  }

  /** Several days that a text could mean, or none when there is no such date. */
  record Days(List<LocalDate> days) {}

  void read(Line line, LocalDate today) {
    line.find(iso).forEach(m -> claim(line, m, date(number(m, 1), number(m, 2), number(m, 3))));
    line.find(full).forEach(m -> claim(line, m, dayOrMonthFirst(m)));
    line.find(ahead).forEach(m -> claim(line, m, new Days(List.of(today.plusDays(1)))));
    line.find(ago).forEach(m -> claim(line, m, new Days(List.of(today.minusDays(anyNumber(m))))));
    line.find(weeksAgo)
        .forEach(m -> claim(line, m, new Days(List.of(today.minusWeeks(anyNumber(m))))));
    line.find(relative)
        .forEach(
            m ->
                claim(
                    line,
                    m,
                    new Days(List.of(today.minusDays(relatives.get(Language.single(m.group())))))));
    line.find(dayMonth)
        .forEach(m -> claim(line, m, inMonth(m.group(2), number(m, 1), m.group(3), today)));
    line.find(monthDay)
        .forEach(m -> claim(line, m, inMonth(m.group(1), number(m, 2), m.group(3), today)));
    line.find(dotted).forEach(m -> claim(line, m, lastOne(number(m, 2), number(m, 1), today)));
    line.find(slashed)
        .forEach(m -> claim(line, m, new Days(withoutYear(number(m, 1), number(m, 2), today))));
    line.find(weekday).forEach(m -> claim(line, m, weekday(m, today)));
  }

  private static void claim(Line line, MatchResult match, Days days) {
    line.claim(Phrase.Field.DAY, match.start(), match.end(), days);
  }

  private static int number(MatchResult match, int group) {
    return Integer.parseInt(match.group(group));
  }

  private static int anyNumber(MatchResult match) {
    for (int group = 1; group <= match.groupCount(); group++) {
      if (match.group(group) != null) {
        return Math.min(100_000, Line.number(match.group(group)));
      }
    }
    throw new IllegalStateException(match.group());
  }

  private static Days date(int year, int month, int day) {
    try {
      return new Days(List.of(LocalDate.of(year, month, day)));
    } catch (DateTimeException e) {
      return new Days(List.of());
    }
  }

  /**
   * 04/03/2026 is read day first in one country and month first in another, so both are offered.
   */
  private Days dayOrMonthFirst(MatchResult m) {
    var both = new LinkedHashSet<LocalDate>();
    both.addAll(
        monthFirst
            ? date(number(m, 3), number(m, 1), number(m, 2)).days()
            : date(number(m, 3), number(m, 2), number(m, 1)).days());
    both.addAll(
        monthFirst
            ? date(number(m, 3), number(m, 2), number(m, 1)).days()
            : date(number(m, 3), number(m, 1), number(m, 2)).days());
    return new Days(List.copyOf(both));
  }

  /** The days that two figures can mean without a year, the country's own way first. */
  List<LocalDate> withoutYear(int first, int second, LocalDate today) {
    var both = new LinkedHashSet<LocalDate>();
    both.addAll(
        monthFirst ? lastOne(first, second, today).days() : lastOne(second, first, today).days());
    both.addAll(
        monthFirst ? lastOne(second, first, today).days() : lastOne(first, second, today).days());
    return List.copyOf(both);
  }

  /** The last such weekday; on that weekday itself it may be today or a week ago. */
  private Days weekday(MatchResult m, LocalDate today) {
    var day = DayOfWeek.of(weekdays.get(m.group(2)));
    int back = Math.floorMod(today.getDayOfWeek().getValue() - day.getValue(), 7);
    if (back > 0) {
      return new Days(List.of(today.minusDays(back)));
    }
    return m.group(1) != null || m.group(3) != null
        ? new Days(List.of(today.minusWeeks(1)))
        : new Days(List.of(today, today.minusWeeks(1)));
  }

  private Days inMonth(String month, int day, String year, LocalDate today) {
    int number = months.get(month);
    return year == null ? lastOne(number, day, today) : date(Integer.parseInt(year), number, day);
  }

  /** Without a year, the last such date that is not ahead. */
  private static Days lastOne(int month, int day, LocalDate today) {
    for (int back = 0; back <= MOST_YEARS_BACK; back++) {
      var found = date(today.getYear() - back, month, day).days();
      if (!found.isEmpty() && !found.get(0).isAfter(today)) {
        return new Days(found);
      }
    }
    return new Days(List.of());
  }
}
