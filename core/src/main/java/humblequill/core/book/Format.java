package humblequill.core.book;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * The size of a page as it lies open before the learner.
 *
 * @param widthMm in tenths of a millimetre would be finer than paper is cut: whole millimetres, 10
 *     to 2000
 * @param heightMm the same
 */
public record Format(int widthMm, int heightMm) {
  /** The shortest and the longest edge, in millimetres. */
  public static final int MIN_MM = 10;

  /** The longest edge, in millimetres. */
  public static final int MAX_MM = 2000;

  private static final double MM_IN_AN_INCH = 25.4;
  private static final int SIZES = 10;

  private static final String NUMBER = "(\\d{1,4}(?:[.,]\\d{1,2})?)";
  private static final String UNIT = "(mm|cm|in|inch|inches|\"|″|)";
  private static final Pattern EDGES =
      Pattern.compile(NUMBER + "\\s*" + UNIT + "\\s*(?:x|×|by|\\*)\\s*" + NUMBER + "\\s*" + UNIT);
  private static final Pattern ISO =
      Pattern.compile("(?:iso\\s*)?([abc])\\s?(10|\\d)(?:\\s+(landscape|portrait))?");

  /** Sheets of North America, 8½ × 11, 8½ × 14 and 11 × 17 in (ANSI/ASME Y14.1 A and B). */
  private static final Map<String, Format> INCH_NAMES =
      Map.of(
          "letter", new Format(216, 279),
          "legal", new Format(216, 356),
          "tabloid", new Format(279, 432));

  private static final Pattern INCH_NAME =
      Pattern.compile("(letter|legal|tabloid)(?:\\s+(landscape|portrait))?");

  public Format {
    if (Math.min(widthMm, heightMm) < MIN_MM || Math.max(widthMm, heightMm) > MAX_MM) {
      throw new InvalidException(
          Message.of(
              "book.pageSizeWithin",
              "least",
              MIN_MM,
              "most",
              MAX_MM,
              "width",
              widthMm,
              "height",
              heightMm));
    }
  }

  /**
   * An ISO 216 or ISO 269 size upright: each is half of the one before, rounded down to whole
   * millimetres.
   *
   * @param row A, B or C
   * @param number 0 to 10
   */
  public static Format iso(char row, int number) {
    int width =
        switch (row) {
          case 'A' -> 841;
          case 'B' -> 1000;
          case 'C' -> 917;
          default -> throw new InvalidException(Message.of("book.noRowOfSizes", "row", row));
        };
    int height =
        switch (row) {
          case 'A' -> 1189;
          case 'B' -> 1414;
          default -> 1297;
        };
    if (number < 0 || number > SIZES) {
      throw new InvalidException(Message.of("book.sizesOfRow", "number", number));
    }
    for (int i = 0; i < number; i++) {
      int half = height / 2;
      height = width;
      width = half;
    }
    return new Format(width, height);
  }

  /**
   * A format as written: "A4", "B5 landscape", "Letter", "21 x 29.7 cm", "9 × 12 in".
   *
   * @return empty if it is none, or its unit is missing and could be one or the other
   */
  public static Optional<Format> read(String text) {
    var t = text.strip().toLowerCase(Locale.ROOT);
    var iso = ISO.matcher(t);
    if (iso.matches()) {
      var upright =
          iso(Character.toUpperCase(iso.group(1).charAt(0)), Integer.parseInt(iso.group(2)));
      return Optional.of("landscape".equals(iso.group(3)) ? upright.turned() : upright);
    }
    var inchName = INCH_NAME.matcher(t);
    if (inchName.matches()) {
      var upright = INCH_NAMES.get(inchName.group(1));
      return Optional.of("landscape".equals(inchName.group(2)) ? upright.turned() : upright);
    }
    var edges = EDGES.matcher(t);
    if (!edges.matches()) {
      return Optional.empty();
    }
    double width = number(edges.group(1));
    double height = number(edges.group(3));
    var unit = edges.group(4).isEmpty() ? edges.group(2) : edges.group(4);
    if (unit.isEmpty() && Math.min(width, height) < 50) {
      return Optional.empty();
    }
    double scale =
        switch (unit) {
          case "mm", "" -> 1;
          case "cm" -> 10;
          default -> MM_IN_AN_INCH;
        };
    long w = Math.round(width * scale);
    long h = Math.round(height * scale);
    return Math.min(w, h) < MIN_MM || Math.max(w, h) > MAX_MM
        ? Optional.empty()
        : Optional.of(new Format((int) w, (int) h));
  }

  private static double number(String digits) {
    return Double.parseDouble(digits.replace(',', '.'));
  }

  /** The same lying on its other edge. */
  public Format turned() {
    return new Format(heightMm, widthMm);
  }

  /** Its ISO name, such as {@code A4} or {@code A5 landscape}; empty for other sizes. */
  public Optional<String> isoName() {
    for (char row = 'A'; row <= 'C'; row++) {
      for (int number = 0; number <= SIZES; number++) {
        var size = iso(row, number);
        if (size.equals(this)) {
          return Optional.of("" + row + number);
        } else if (size.turned().equals(this)) {
          return Optional.of("" + row + number + " landscape");
        }
      }
    }
    return Optional.empty();
  }

  /** As {@link #read} reads it: its ISO name, or both edges in centimetres. */
  public String written() {
    return isoName().orElseGet(() -> centimetres(widthMm) + " × " + centimetres(heightMm) + " cm");
  }

  private static String centimetres(int mm) {
    return mm % 10 == 0 ? Integer.toString(mm / 10) : mm / 10 + "." + mm % 10;
  }
}
