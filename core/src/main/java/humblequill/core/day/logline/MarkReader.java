package humblequill.core.day.logline;

import humblequill.core.day.entry.Entry;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Reads marks, and all else that is written as so many of so many: 4/5 is a mark; 3/4 may be one, a
 * date, or three of four drawings.
 */
final class MarkReader {
  private static final int BEST = 5;

  /** What people also mark out of. */
  private static final List<Integer> SCALES = List.of(4, 6, 10, 20, 100);

  private static final int MONTHS = 12;

  private static final Pattern FRACTION =
      Pattern.compile("(?<![\\p{L}\\d.,])(\\d{1,5})([.,])(\\d{1,3})(?![\\d]|[.,]\\d)");

  private final DayReader days;
  private final Pattern marked;
  private final Pattern slashed;
  private final Pattern outOf;

  MarkReader(Language language, DayReader days) {
    this.days = days;
    var mark = "(?<!\\p{L})" + language.any("mark") + ":? ?";
    var number = "(\\d[\\d\u0003]*(?:[.,]\\d)?)";
    marked = Pattern.compile(mark + number + "(?! ?/| ?" + language.any("of") + " ?\\d)(?!\\p{L})");
    slashed =
        Pattern.compile(
            "(?<![\\p{L}\\d/.])(?<!\\d,)("
                + mark
                + ")?"
                + number
                + " ?/ ?(\\d{1,3})(?![\\d/]|[.,]\\d)");
    outOf =
        Pattern.compile(
            "(?<![\\p{L}\\d/.])(?<!\\d,)("
                + mark
                + ")?"
                + number
                + " ?"
                + language.any("of")
                + " ?(\\d[\\d\u0003]{0,6})(?![\\d/]|[.,]\\d)");
  }

  void read(Line line, LocalDate today) {
    line.find(slashed).forEach(m -> read(line, m, true, today));
    line.find(outOf).forEach(m -> read(line, m, false, today));
    line.find(marked).forEach(m -> readMark(line, m));
  }

  private static void readMark(Line line, MatchResult m) {
    double value = NumberWords.measure(m.group(1));
    if (value == Math.rint(value)) {
      line.claim(Phrase.Field.MARK, m.start(), m.end(), (int) value);
    } else {
      line.claim(
          Phrase.Field.MARK,
          m.start(),
          m.end(),
          new Ask(Ask.wholes(Phrase.Field.MARK, value, 1, BEST, "mark %d")));
    }
  }

  private void read(Line line, MatchResult m, boolean slash, LocalDate today) {
    double part = NumberWords.measure(m.group(2));
    int whole = Line.number(m.group(3));
    boolean entire = part == Math.rint(part);
    if (whole == BEST && entire) {
      line.claim(Phrase.Field.MARK, m.start(), m.end(), (int) part);
      return;
    }
    var options = new ArrayList<Ask.Option>();
    if (part <= whole && (SCALES.contains(whole) || whole == BEST)) {
      options.addAll(Ask.wholes(Phrase.Field.MARK, BEST * part / whole, 1, BEST, "mark %d"));
    }
    if (m.group(1) == null && entire) {
      if (part >= 1 && part <= whole && whole <= MONTHS) {
        options.add(
            Ask.Option.as(Phrase.Field.DRAWINGS, Integer.toString((int) part), "x" + (int) part));
      }
      var found =
          slash && whole > 0 ? days.withoutYear((int) part, whole, today) : List.<LocalDate>of();
      if (options.isEmpty() && !found.isEmpty()) {
        line.claim(Phrase.Field.DAY, m.start(), m.end(), new DayReader.Days(found));
        return;
      }
      found.forEach(
          day -> options.add(Ask.Option.as(Phrase.Field.DAY, day.toString(), day.toString())));
    }
    if (!options.isEmpty()) {
      line.claim(Phrase.Field.MARK, m.start(), m.end(), new Ask(options));
    }
  }

  /** Numbers with a fraction that nothing has taken: no count, perhaps a date. */
  void readFractions(Line line, LocalDate today) {
    for (var m : line.find(FRACTION)) {
      var options = new ArrayList<Ask.Option>();
      if (m.group(2).equals(".") && m.group(1).length() <= 2 && m.group(3).length() <= 2) {
        days.withoutYear(Integer.parseInt(m.group(1)), Integer.parseInt(m.group(3)), today)
            .forEach(
                day ->
                    options.add(Ask.Option.as(Phrase.Field.DAY, day.toString(), day.toString())));
      }
      if (m.group(3).length() == 3) {
        var whole = m.group(1) + m.group(3);
        options.add(Ask.Option.as(Phrase.Field.DRAWINGS, whole, whole));
      }
      double value = Double.parseDouble(m.group(1) + "." + m.group(3));
      options.addAll(Ask.wholes(Phrase.Field.DRAWINGS, value, 1, Entry.MAX_DRAWINGS, "%d"));
      line.claim(Phrase.Field.DRAWINGS, m.start(), m.end(), new Ask(options));
    }
  }

  /** Readings of a bare number that nothing tells the meaning of. */
  static Ask bare(int number, Set<Phrase.Field> taken) {
    var options = new ArrayList<Ask.Option>();
    var texts = new LinkedHashMap<Phrase.Field, String>();
    texts.put(Phrase.Field.DRAWINGS, "x" + number);
    texts.put(Phrase.Field.MINUTES, number + " min");
    texts.put(Phrase.Field.PAGES, "p " + number);
    if (number <= BEST) {
      texts.put(Phrase.Field.MARK, "mark " + number);
    }
    texts.keySet().removeAll(taken);
    texts.forEach(
        (field, text) -> options.add(Ask.Option.as(field, Integer.toString(number), text)));
    options.add(
        Ask.Option.as(Phrase.Field.NOTE, Integer.toString(number), "note \"" + number + "\""));
    return new Ask(options);
  }
}
