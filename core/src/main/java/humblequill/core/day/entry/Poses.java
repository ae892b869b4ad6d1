package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Timed poses: so many of one length, then so many of another.
 *
 * @param rows in the order they were drawn, at most {@value #MAX_ROWS}
 */
public record Poses(List<Row> rows) {
  /** The most rows. */
  public static final int MAX_ROWS = 60;

  /** The longest pose, in seconds. */
  public static final int MAX_SECONDS = 28_800;

  /** None. */
  public static final Poses NONE = new Poses(List.of());

  private static final int MINUTE = 60;
  private static final Pattern ROW =
      Pattern.compile("(\\d{1,4}) ?[x×] ?(?:(\\d{1,3}):([0-5]\\d) ?min|(\\d{1,5}) ?(s|min)?)");

  /**
   * Poses of one length.
   *
   * @param count 1 to {@link Entry#MAX_DRAWINGS}
   * @param secondsEach 1 to {@link #MAX_SECONDS}
   */
  public record Row(int count, int secondsEach) {
    public Row {
      if (count < 1 || count > Entry.MAX_DRAWINGS || secondsEach < 1 || secondsEach > MAX_SECONDS) {
        throw new InvalidException(
            Message.of(
                "day.posesWithin",
                "most",
                Entry.MAX_DRAWINGS,
                "longest",
                MAX_SECONDS,
                "count",
                count,
                "seconds",
                secondsEach));
      }
    }

    private String written() {
      if (secondsEach < MINUTE) {
        return count + " x " + secondsEach + " s";
      }
      return secondsEach % MINUTE == 0
          ? count + " x " + secondsEach / MINUTE + " min"
          : String.format(
              Locale.ROOT, "%d x %d:%02d min", count, secondsEach / MINUTE, secondsEach % MINUTE);
    }
  }

  public Poses {
    rows = List.copyOf(rows);
    if (rows.size() > MAX_ROWS) {
      throw new InvalidException(
          Message.of("day.rowsOfPoses", "most", MAX_ROWS, "rows", rows.size()));
    }
  }

  /** Whether there are none. */
  public boolean isEmpty() {
    return rows.isEmpty();
  }

  /** All of them. */
  public int count() {
    return rows.stream().mapToInt(Row::count).reduce(0, Tally::add);
  }

  /** The time they take together, in seconds. */
  public long seconds() {
    return rows.stream().mapToLong(row -> (long) row.count() * row.secondsEach()).sum();
  }

  /** As text that {@link #read} reads, as in {@code 10 x 30 s, 4 x 2 min, 1 x 1:30 min}. */
  public String written() {
    return rows.stream().map(Row::written).collect(Collectors.joining(", "));
  }

  /**
   * Reads rows of a count, an x and a length; a length without a unit is in seconds.
   *
   * @throws IllegalArgumentException when a row is none, or out of bounds
   */
  public static Poses read(String text) {
    var rows = new ArrayList<Row>();
    for (var piece : text.strip().split("\\s*[,;]\\s*")) {
      if (!piece.isEmpty()) {
        rows.add(row(piece));
      }
    }
    return new Poses(rows);
  }

  private static Row row(String text) {
    var m = ROW.matcher(text);
    if (!m.matches()) {
      throw new InvalidException(Message.of("day.noRowOfPoses", "text", text));
    }
    int count = Integer.parseInt(m.group(1));
    if (m.group(2) != null) {
      return new Row(count, Integer.parseInt(m.group(2)) * MINUTE + Integer.parseInt(m.group(3)));
    }
    int length = Integer.parseInt(m.group(4));
    return new Row(count, "min".equals(m.group(5)) ? length * MINUTE : length);
  }
}
