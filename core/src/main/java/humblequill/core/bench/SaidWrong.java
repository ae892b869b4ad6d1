package humblequill.core.bench;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * An error as it is told in words, such as "arms too thin" or "the far eye is too high": a part and
 * a direction, without a figure.
 *
 * @param part the part's name, folded; empty for the whole
 * @param along what is too much or too little of
 * @param more whether it is too much
 */
public record SaidWrong(String part, Along along, boolean more) {
  /** What can be too much or too little. */
  public enum Along {
    /** Too long, or too short. */
    LENGTH,
    /** Too broad, or too thin. */
    BREADTH,
    /** Too large, or too small. */
    SIZE,
    /** Too high, or too low. */
    HEIGHT,
    /** Too far left, or too far right. */
    SIDE,
    /** Too tilted, or too flat. */
    TILT
  }

  /** A direction that a word tells. */
  private record Way(Along along, boolean more) {}

  private static final Map<String, Way> WAYS =
      Map.ofEntries(
          Map.entry("long", new Way(Along.LENGTH, true)),
          Map.entry("short", new Way(Along.LENGTH, false)),
          Map.entry("broad", new Way(Along.BREADTH, true)),
          Map.entry("wide", new Way(Along.BREADTH, true)),
          Map.entry("thick", new Way(Along.BREADTH, true)),
          Map.entry("fat", new Way(Along.BREADTH, true)),
          Map.entry("thin", new Way(Along.BREADTH, false)),
          Map.entry("narrow", new Way(Along.BREADTH, false)),
          Map.entry("big", new Way(Along.SIZE, true)),
          Map.entry("large", new Way(Along.SIZE, true)),
          Map.entry("small", new Way(Along.SIZE, false)),
          Map.entry("little", new Way(Along.SIZE, false)),
          Map.entry("high", new Way(Along.HEIGHT, true)),
          Map.entry("low", new Way(Along.HEIGHT, false)),
          Map.entry("left", new Way(Along.SIDE, false)),
          Map.entry("right", new Way(Along.SIDE, true)),
          Map.entry("steep", new Way(Along.TILT, true)),
          Map.entry("tilted", new Way(Along.TILT, true)),
          Map.entry("flat", new Way(Along.TILT, false)),
          Map.entry("upright", new Way(Along.TILT, false)));

  private static final Set<String> PASSED_OVER =
      Set.of(
          "the",
          "a",
          "an",
          "my",
          "is",
          "are",
          "was",
          "were",
          "again",
          "still",
          "both",
          "all",
          "drawn",
          "came",
          "out",
          "always",
          "often",
          "slightly");

  /** What may stand between "too" and the direction. */
  private static final Set<String> BETWEEN = Set.of("far", "much", "to", "the");

  /** A remark ends where another begins. */
  private static final Pattern REMARK = Pattern.compile("[.,;:!?\\n()]+|\\band\\b|\\bbut\\b");

  private static final Pattern WORD = Pattern.compile("[\\p{L}]+");

  /** Parts are told in at most so many words. */
  private static final int LONGEST = 4;

  /**
   * What a note tells, in its order; nothing of remarks without "too". A remark that names no part
   * is of the part before.
   */
  public static List<SaidWrong> in(String note) {
    var said = new ArrayList<SaidWrong>();
    var last = "";
    for (var remark : REMARK.split(Fold.plain(note))) {
      var words = WORD.matcher(remark).results().map(MatchResult::group).toList();
      int too = words.indexOf("too");
      int at = too + 1;
      while (too >= 0 && at < words.size() && BETWEEN.contains(words.get(at))) {
        at++;
      }
      var way = too >= 0 && at < words.size() ? WAYS.get(words.get(at)) : null;
      if (way != null) {
        var before = part(words.subList(0, too));
        var part = before.isEmpty() ? part(words.subList(at + 1, words.size())) : before;
        if (part.size() <= LONGEST) {
          last = part.isEmpty() ? last : String.join(" ", part);
          said.add(new SaidWrong(last, way.along(), way.more()));
        }
      }
    }
    return said;
  }

  private static List<String> part(List<String> words) {
    return words.stream().filter(w -> !PASSED_OVER.contains(w)).map(Fold::stem).toList();
  }

  /** Whether a measured quantity is the same thing with figures. */
  public boolean tells(Quantity quantity) {
    var kind =
        switch (along) {
          case LENGTH -> Quantity.Kind.LENGTH;
          case TILT -> Quantity.Kind.TILT;
          case BREADTH, SIZE, HEIGHT, SIDE -> null;
        };
    return quantity.kind() == kind && Fold.of(quantity.of()).equals(part);
  }
}
