package humblequill.core.logline;

import humblequill.core.entry.PageSpan;
import java.time.LocalTime;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads lengths of time, times of day, pages and marks. */
final class FigureReader {
  private static final String NUMBER = "\\d+(?:[.,]\\d+)?½?|½|" + NumberWords.PATTERN;
  private static final String EACH = "(?: ?(each|apiece|a piece|per drawing))?";
  private static final Pattern CLOCK =
      Pattern.compile(
          "\\bat (\\d{1,2})[:.h](\\d{2})(?: ?(am|pm))?\\b|\\b(?:at )?(\\d{1,2})(?:[:.](\\d{2}))? ?(am|pm)\\b");
  private static final Pattern HOURS_AND_MINUTES =
      Pattern.compile(
          "\\b(\\d{1,2}) ?h(?:(?:ou)?rs?)?(?: and)? ?(\\d{1,2})(?: ?m(?:in(?:ute)?s?)?)?\\b");
  private static final Pattern COLON =
      Pattern.compile("\\b(\\d{1,2}):(\\d{2})(?: ?h(?:ours?)?)?\\b");
  private static final Pattern WORDED_HOUR =
      Pattern.compile(
          "\\b(an hour and a half|an hour and a quarter|half an hour|a half hour|half hour|a quarter of an hour"
              + "|quarter of an hour|three quarters of an hour|an hour)\\b");
  private static final Pattern HOURS =
      Pattern.compile("(?<![\\w.,])(" + NUMBER + ") ?h(?:(?:ou)?rs?)?\\b" + EACH);
  private static final Pattern MINUTES =
      Pattern.compile("(?<![\\w.,])(" + NUMBER + ") ?(?:m(?:in(?:ute)?s?)?\\b\\.?|')" + EACH);
  private static final Pattern SECONDS =
      Pattern.compile("(?<![\\w.,])(" + NUMBER + ") ?s(?:ec(?:ond)?s?)?\\b\\.?" + EACH);
  private static final Pattern PAGES =
      Pattern.compile("\\b(?:pp?|pgs?|pages?)\\.? ?(\\d{1,5})(?: ?(?:-|to|until) ?(\\d{1,5}))?\\b");
  private static final Pattern MARK =
      Pattern.compile(
          "\\b(?:mark(?:ed)? )?(\\d{1,2}) ?(?:/|out of|of) ?5\\b(?![/.\\d])|\\bmark(?:ed)?:? (\\d{1,2})\\b(?!/)");

  private FigureReader() {}

  /** A length of time; "each" multiplies it by the number of drawings. */
  record Length(double minutes, boolean each) {}

  static void read(Line line) {
    line.find(CLOCK).forEach(m -> claimTime(line, m));
    line.find(PAGES).forEach(m -> claimPages(line, m));
    line.find(MARK)
        .forEach(m -> claim(line, Phrase.Field.MARK, m, Integer.valueOf(first(m, 1, 2))));
    line.find(HOURS_AND_MINUTES).forEach(m -> claimHours(line, m));
    line.find(COLON).forEach(m -> claimHours(line, m));
    line.find(WORDED_HOUR).forEach(m -> claimLength(line, m, worded(m.group(1)), false));
    line.find(HOURS)
        .forEach(m -> claimLength(line, m, 60 * NumberWords.parse(m.group(1)), m.group(2) != null));
    line.find(MINUTES)
        .forEach(m -> claimLength(line, m, NumberWords.parse(m.group(1)), m.group(2) != null));
    line.find(SECONDS)
        .forEach(m -> claimLength(line, m, NumberWords.parse(m.group(1)) / 60, m.group(2) != null));
  }

  private static void claim(Line line, Phrase.Field field, MatchResult m, Object value) {
    line.claim(field, m.start(), m.end(), value);
  }

  private static String first(MatchResult m, int... groups) {
    for (int group : groups) {
      if (m.group(group) != null) {
        return m.group(group);
      }
    }
    throw new IllegalStateException(m.group());
  }

  private static void claimTime(Line line, MatchResult m) {
    int hour = Integer.parseInt(first(m, 1, 4));
    boolean second = m.group(1) == null;
    var minuteText = second ? m.group(5) : m.group(2);
    var half = second ? m.group(6) : m.group(3);
    int minute = minuteText == null ? 0 : Integer.parseInt(minuteText);
    if (half != null) {
      if (hour < 1 || hour > 12) {
        return;
      }
      hour = hour % 12 + (half.equals("pm") ? 12 : 0);
    }
    if (hour < 24 && minute < 60) {
      claim(line, Phrase.Field.TIME, m, LocalTime.of(hour, minute));
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

  private static void claimHours(Line line, MatchResult m) {
    if (Integer.parseInt(m.group(2)) < 60) {
      claimLength(
          line, m, 60.0 * Integer.parseInt(m.group(1)) + Integer.parseInt(m.group(2)), false);
    }
  }

  private static void claimLength(Line line, MatchResult m, double minutes, boolean each) {
    claim(line, Phrase.Field.MINUTES, m, new Length(minutes, each));
  }

  private static double worded(String text) {
    return switch (text) {
      case "an hour" -> 60;
      case "an hour and a half" -> 90;
      case "an hour and a quarter" -> 75;
      case "three quarters of an hour" -> 45;
      case "a quarter of an hour", "quarter of an hour" -> 15;
      default -> 30;
    };
  }
}
