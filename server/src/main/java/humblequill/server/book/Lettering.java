package humblequill.server.book;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Bidi;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * What sheets are lettered with: fonts of our own, and those of the machine for what ours lack.
 * What none has stands as a question mark, and is told.
 */
final class Lettering {
  private static final List<String> OWN =
      List.of("latin", "latin-ext", "cyrillic", "cyrillic-ext", "greek", "greek-ext", "vietnamese");
  private static final int MACHINE = OWN.size();
  private static final String NONE_HAS_IT = "?";
  private static final List<CmapLookup> OURS =
      IntStream.range(0, MACHINE).mapToObj(Lettering::lettersOf).toList();

  private Lettering() {}

  /**
   * A piece of text that one font can write.
   *
   * @param font its place among the fonts
   */
  record Run(int font, String text) {
    /** Whether it needs a font of the machine, which may not be put into a file. */
    boolean byTheMachine() {
      return font == MACHINE;
    }

    /** The font, one point high. */
    Font letters() {
      return byTheMachine() ? OfTheMachine.FONT.orElseThrow() : ToDrawWith.FONTS.get(font);
    }
  }

  private static CmapLookup lettersOf(int font) {
    try (var in = file(font)) {
      return new TTFParser().parse(new RandomAccessReadBuffer(in)).getUnicodeCmapLookup();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Our own fonts as the machine draws with them; loaded when they are first needed. */
  private static final class ToDrawWith {
    private static final List<Font> FONTS =
        IntStream.range(0, MACHINE).mapToObj(ToDrawWith::font).toList();

    private static Font font(int font) {
      try (var in = file(font)) {
        return Font.createFont(Font.TRUETYPE_FONT, in);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (FontFormatException e) {
        throw new IllegalStateException(e);
      }
    }
  }

  private static final class OfTheMachine {
    private static final Optional<Font> FONT = find();

    /** Where the machine has none, or what finds them is not installed, there is none. */
    private static Optional<Font> find() {
      try {
        var font = new Font(Font.SANS_SERIF, Font.PLAIN, 1);
        return font.canDisplay('a') ? Optional.of(font) : Optional.empty();
      } catch (RuntimeException | InternalError | LinkageError e) {
        return Optional.empty();
      }
    }

    private static boolean has(int point) {
      return FONT.isPresent() && FONT.get().canDisplay(point);
    }
  }

  /** The file of one of our own fonts. */
  static InputStream file(int font) {
    return Lettering.class.getResourceAsStream("/fonts/alegreya-sans-" + OWN.get(font) + ".ttf");
  }

  /** Words as runs from left to right; with a language written from the right they are one run. */
  static List<Run> runs(String words) {
    var text = plain(words);
    boolean fromTheRight = Bidi.requiresBidi(text.toCharArray(), 0, text.length());
    if (fromTheRight && OfTheMachine.FONT.isPresent()) {
      var all = text.codePoints().mapToObj(Lettering::byTheMachine).collect(Collectors.joining());
      return List.of(new Run(MACHINE, all));
    }
    var runs = new ArrayList<Run>();
    text.codePoints()
        .forEach(
            point -> {
              int font = fontOf(point);
              var run =
                  font < 0 ? new Run(0, NONE_HAS_IT) : new Run(font, Character.toString(point));
              if (!runs.isEmpty() && runs.get(runs.size() - 1).font == run.font) {
                run = new Run(run.font, runs.remove(runs.size() - 1).text + run.text);
              }
              runs.add(run);
            });
    return runs;
  }

  /** Words on one line, shortened where they would run over. */
  static String fitting(String words, double width, ToDoubleFunction<String> measure) {
    var shown = words;
    while (!shown.isEmpty()
        && measure.applyAsDouble(shown.equals(words) ? shown : shown + "…") > width) {
      shown = shown.substring(0, shown.offsetByCodePoints(shown.length(), -1));
    }
    return shown.equals(words) ? words : shown + "…";
  }

  /** The letters of some words that no font has, each once. */
  static Set<String> missing(String words) {
    var missing = new LinkedHashSet<String>();
    plain(words)
        .codePoints()
        .filter(point -> fontOf(point) < 0)
        .forEach(point -> missing.add(Character.toString(point)));
    return missing;
  }

  private static String byTheMachine(int point) {
    return OfTheMachine.has(point) ? Character.toString(point) : NONE_HAS_IT;
  }

  /** The first font that has a letter; below 0 if none. */
  private static int fontOf(int point) {
    for (int i = 0; i < OURS.size(); i++) {
      if (OURS.get(i).getGlyphId(point) > 0) {
        return i;
      }
    }
    return OfTheMachine.has(point) ? MACHINE : -1;
  }

  /** Without what has no shape of its own; letters and their accents as one. */
  private static String plain(String words) {
    var text = new StringBuilder();
    Normalizer.normalize(words, Normalizer.Form.NFC)
        .codePoints()
        .filter(point -> Character.getType(point) != Character.FORMAT && !isVariation(point))
        .map(point -> Character.isISOControl(point) ? ' ' : point)
        .forEach(text::appendCodePoint);
    return text.toString();
  }

  /** Whether it only chooses how the letter before it looks. */
  private static boolean isVariation(int point) {
    return point >= 0xfe00 && point <= 0xfe0f;
  }
}
