package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** A line being read: its text in plain lower case, with what is understood already struck out. */
final class Line {
  private static final char STRUCK = '\u0001';

  /** Stands behind or in the figures of a number that was written longer than they are. */
  private static final char PAD = '\u0003';

  /** A whole number, as a group. */
  static final String NUMBER = "(\\d[\\d" + PAD + "]*)";

  /** "4cranes" is two words; "2B" is one. */
  private static final Pattern TOKEN =
      Pattern.compile("\\d[\\d" + PAD + "]*(?=\\p{L}{3,})|[\\p{L}\\p{N}" + PAD + "]+");

  private static final Pattern BREAK = Pattern.compile("[,;\\n]");

  private final String original;
  private final char[] open;
  private final List<Claim> claims = new ArrayList<>();

  /**
   * A piece of the line that was understood.
   *
   * @param value what it means, its type depending on the field
   */
  record Claim(Phrase.Field field, int start, int end, Object value) {}

  /** A word or number that is still open. */
  record Token(int start, int end, String text) {
    boolean isNumber() {
      return Character.isDigit(text.charAt(0)) && whole(text).length() == digits(text);
    }

    private static long digits(String text) {
      return text.chars().filter(Character::isDigit).count();
    }

    String stem() {
      return Fold.stem(text);
    }
  }

  Line(String original) {
    this.original = original;
    open = original.toCharArray();
    for (int i = 0; i < open.length; i++) {
      open[i] = plain(open[i]);
    }
  }

  /** One plain character for one written, so that places in both texts agree. */
  private static char plain(char c) {
    if (c == '\u2013' || c == '\u2014' || c == '\u2212') {
      return '-';
    }
    if (c == '\u2019') {
      return '\'';
    }
    if (Character.isSpaceChar(c)) {
      return ' ';
    }
    var parted =
        Normalizer.normalize(String.valueOf(c), Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
    return parted.isEmpty() ? c : parted.charAt(0);
  }

  /** The figures of a number found in a line. */
  static String whole(String number) {
    return number.replace(String.valueOf(PAD), "");
  }

  /** The same as a number, at most a million. */
  static int number(String number) {
    var figures = whole(number);
    return figures.length() > 6 ? 1_000_000 : Integer.parseInt(figures);
  }

  /** Reads a stretch as a number from now on; it is at least as long as its figures. */
  void readAsNumber(int start, int end, String figures) {
    for (int i = start; i < end; i++) {
      open[i] = i - start < figures.length() ? figures.charAt(i - start) : PAD;
    }
  }

  /** Whether nothing but blanks stands between two places. */
  boolean isBlank(int start, int end) {
    return new String(open, start, end - start).isBlank();
  }

  String original() {
    return original;
  }

  String written(int start, int end) {
    return original.substring(start, end);
  }

  /** Whether a word ends there, so that "hull's" is not taken for a hull. */
  boolean endsWord(int end) {
    return end + 1 >= open.length
        || original.charAt(end) != '\'' && original.charAt(end) != '\u2019'
        || !Character.isLetter(original.charAt(end + 1));
  }

  List<Claim> claims() {
    return claims;
  }

  List<Claim> claims(Phrase.Field field) {
    return claims.stream().filter(c -> c.field() == field).toList();
  }

  boolean has(Phrase.Field field) {
    return claims.stream().anyMatch(c -> c.field() == field);
  }

  List<MatchResult> find(Pattern pattern) {
    return pattern.matcher(new String(open)).results().toList();
  }

  void claim(Phrase.Field field, int start, int end, Object value) {
    claims.add(new Claim(field, start, end, value));
    for (int i = start; i < end; i++) {
      open[i] = STRUCK;
    }
  }

  void release(Claim claim) {
    claims.remove(claim);
    for (int i = claim.start(); i < claim.end(); i++) {
      open[i] = plain(original.charAt(i));
    }
  }

  /** A stretch in plain lower case. */
  String plain(int start, int end) {
    return new String(open, start, end - start);
  }

  List<Token> tokens(int start, int end) {
    return TOKEN
        .matcher(new String(open, start, end - start))
        .results()
        .map(m -> new Token(start + m.start(), start + m.end(), m.group()))
        .toList();
  }

  /** The text between two tokens, struck characters included. */
  String gap(Token left, Token right) {
    return new String(open, left.end(), right.start() - left.end());
  }

  /**
   * Stretches between commas, semicolons and line ends that are not part of something understood.
   */
  List<int[]> segments() {
    var segments = new ArrayList<int[]>();
    int start = 0;
    for (var at : find(BREAK)) {
      segments.add(new int[] {start, at.start()});
      start = at.end();
    }
    segments.add(new int[] {start, open.length});
    return segments;
  }

  /** Open stretches of a segment, parted by what is understood. */
  List<List<Token>> stretches(int start, int end) {
    var stretches = new ArrayList<List<Token>>();
    var stretch = new ArrayList<Token>();
    for (var token : tokens(start, end)) {
      if (!stretch.isEmpty() && gap(stretch.get(stretch.size() - 1), token).indexOf(STRUCK) >= 0) {
        stretches.add(List.copyOf(stretch));
        stretch.clear();
      }
      stretch.add(token);
    }
    if (!stretch.isEmpty()) {
      stretches.add(List.copyOf(stretch));
    }
    return stretches;
  }
}
