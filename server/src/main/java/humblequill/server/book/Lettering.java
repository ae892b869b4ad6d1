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
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What sheets are lettered with: fonts of our own, and those of the machine for what ours lack.
 * What none has stands as a question mark, and is told.
 */
final class Lettering {
  private static final List<String> OWN =
      List.of("latin", "latin-ext", "cyrillic", "cyrillic-ext", "greek", "greek-ext", "vietnamese");
  private static final int MACHINE = OWN.size();
  private static final String NONE_HAS_IT = "?";
  private static final List<Font> FONTS = load();

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
      return FONTS.get(font);
    }
  }

  private static List<Font> load() {
    var fonts = new ArrayList<Font>();
    for (int i = 0; i < OWN.size(); i++) {
      try (var in = file(i)) {
        fonts.add(Font.createFont(Font.TRUETYPE_FONT, in));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (FontFormatException e) {
        throw new IllegalStateException(e);
      }
    }
    fonts.add(new Font(Font.SANS_SERIF, Font.PLAIN, 1));
    return List.copyOf(fonts);
  }

  /** The file of one of our own fonts. */
  static InputStream file(int font) {
    return Lettering.class.getResourceAsStream("/fonts/alegreya-sans-" + OWN.get(font) + ".ttf");
  }

  /** Words as runs from left to right; with a language written from the right they are one run. */
  static List<Run> runs(String words) {
    var text = plain(words);
    if (Bidi.requiresBidi(text.toCharArray(), 0, text.length())) {
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
    return FONTS.get(MACHINE).canDisplay(point) ? Character.toString(point) : NONE_HAS_IT;
  }

  /** The first font that has a letter; below 0 if none. */
  private static int fontOf(int point) {
    for (int i = 0; i < FONTS.size(); i++) {
      if (FONTS.get(i).canDisplay(point)) {
        return i;
      }
    }
    return -1;
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
