package humblequill.core.logline;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads the day a line is about. */
final class DayReader {
  private static final String WEEKDAY =
      "mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?";
  private static final String MONTH =
      "jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?"
          + "|nov(?:ember)?|dec(?:ember)?";
  private static final Pattern ISO =
      Pattern.compile("\\b(?:on )?(\\d{4})-(\\d{1,2})-(\\d{1,2})\\b");
  private static final Pattern NUMERIC =
      Pattern.compile("\\b(\\d{1,2})[./](\\d{1,2})[./](\\d{4})\\b");
  private static final Pattern RELATIVE =
      Pattern.compile(
          "\\b(today|(?:the )?day before yesterday|yesterday|(\\d{1,3}) days? ago|a week ago)\\b");
  private static final Pattern NAMED_WEEKDAY =
      Pattern.compile("(?<!\\d )(?<!\\d)\\b(?:on )?(last )?(" + WEEKDAY + ")\\b\\.?");
  private static final Pattern DAY_MONTH =
      Pattern.compile(
          "\\b(?:on )?(?:the )?(\\d{1,2})(?:st|nd|rd|th)?\\.? (?:of )?("
              + MONTH
              + ")\\b\\.?(?: (\\d{4}))?");
  private static final Pattern MONTH_DAY =
      Pattern.compile(
          "\\b(?:on )?(" + MONTH + ")\\.? (\\d{1,2})(?:st|nd|rd|th)?\\b(?:,? (\\d{4}))?");

  private DayReader() {}

  /** Several days that a text could mean, or none when there is no such date. */
  record Days(List<LocalDate> days) {}

  static void read(Line line, LocalDate today) {
    line.find(ISO).forEach(m -> claim(line, m, date(number(m, 1), number(m, 2), number(m, 3))));
    line.find(NUMERIC).forEach(m -> claim(line, m, dayOrMonthFirst(m)));
    line.find(RELATIVE).forEach(m -> claim(line, m, new Days(List.of(relative(m, today)))));
    line.find(DAY_MONTH)
        .forEach(m -> claim(line, m, inMonth(m.group(2), number(m, 1), m.group(3), today)));
    line.find(MONTH_DAY)
        .forEach(m -> claim(line, m, inMonth(m.group(1), number(m, 2), m.group(3), today)));
    line.find(NAMED_WEEKDAY).forEach(m -> claim(line, m, weekday(m, today)));
  }

  private static void claim(Line line, MatchResult match, Days days) {
    line.claim(Phrase.Field.DAY, match.start(), match.end(), days);
  }

  private static int number(MatchResult match, int group) {
    return Integer.parseInt(match.group(group));
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
  private static Days dayOrMonthFirst(MatchResult m) {
    var both = new java.util.LinkedHashSet<LocalDate>();
    both.addAll(date(number(m, 3), number(m, 2), number(m, 1)).days());
    both.addAll(date(number(m, 3), number(m, 1), number(m, 2)).days());
    return new Days(List.copyOf(both));
  }

  private static LocalDate relative(MatchResult m, LocalDate today) {
    return switch (m.group(1)) {
      case "today" -> today;
      case "yesterday" -> today.minusDays(1);
      case "a week ago" -> today.minusWeeks(1);
      default -> m.group(2) == null ? today.minusDays(2) : today.minusDays(number(m, 2));
    };
  }

  /**
   * The last such weekday; on that weekday itself it may be today or a week ago, so both are
   * offered.
   */
  private static Days weekday(MatchResult m, LocalDate today) {
    var name = m.group(2).substring(0, 3).toUpperCase(Locale.ROOT);
    for (var day : DayOfWeek.values()) {
      if (day.name().startsWith(name)) {
        int back = Math.floorMod(today.getDayOfWeek().getValue() - day.getValue(), 7);
        if (back > 0) {
          return new Days(List.of(today.minusDays(back)));
        }
        return m.group(1) != null
            ? new Days(List.of(today.minusWeeks(1)))
            : new Days(List.of(today, today.minusWeeks(1)));
      }
    }
    throw new IllegalStateException(m.group());
  }

  /** Without a year, the last such date that is not ahead. */
  private static Days inMonth(String month, int day, String year, LocalDate today) {
    int number =
        1
            + List.of(
                    "jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov",
                    "dec")
                .indexOf(month.substring(0, 3));
    if (year != null) {
      return date(Integer.parseInt(year), number, day);
    }
    for (int back = 0; back <= 8; back++) {
      var found = date(today.getYear() - back, number, day).days();
      if (!found.isEmpty() && !found.get(0).isAfter(today)) {
        return new Days(found);
      }
    }
    return new Days(List.of());
  }
}
