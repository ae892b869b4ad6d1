package humblequill.server.ground.data;

import java.util.regex.Pattern;

/**
 * Text in a CSV cell. A spreadsheet runs a cell as a formula that begins with {@code = + - @}, a
 * tab or a carriage return; an apostrophe before it prevents that and is taken away again when it
 * comes back (source: OWASP, CSV Injection).
 */
public final class SpreadsheetCell {
  private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);
  private static final Pattern DEFUSED = Pattern.compile("'+[=+\\-@\t\r].*", Pattern.DOTALL);

  private SpreadsheetCell() {}

  /** Text as it is written to a cell. */
  public static String written(String text) {
    return FORMULA.matcher(text).matches() ? "'" + text : text;
  }

  /** The text that was written to a cell. */
  public static String read(String cell) {
    return DEFUSED.matcher(cell).matches() ? cell.substring(1) : cell;
  }
}
