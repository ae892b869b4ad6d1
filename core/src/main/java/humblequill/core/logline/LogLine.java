package humblequill.core.logline;

import humblequill.core.entry.Entry;
import java.time.LocalDate;

/**
 * Reads one line, written as one would write it in a margin: {@code 26 hulls, 35 min, brush pen,
 * harbour book p 41-43, from life, 4/5}.
 *
 * <p>Parts may stand in any order, with or without commas; plurals and several spellings are
 * understood. What can mean several things becomes a question, what is not understood stays as
 * note.
 */
public final class LogLine {
  /** The longest line that is read, in characters. */
  public static final int MAX_LENGTH = 1000;

  private final Vocabulary vocabulary;
  private final Habits.Lookup habits;

  /**
   * Prepares a reader.
   *
   * @param vocabulary the learner's words
   * @param habits what was done last time, to fill what a line leaves out
   */
  public LogLine(Vocabulary vocabulary, Habits.Lookup habits) {
    this.vocabulary = vocabulary;
    this.habits = habits;
  }

  /**
   * Reads a line.
   *
   * @param text the line, at most {@link #MAX_LENGTH} characters
   * @param today the open practice day; days named in the line are relative to it
   * @throws IllegalArgumentException if the line is too long
   */
  public Interpretation read(String text, LocalDate today) {
    if (text.length() > MAX_LENGTH) {
      throw new IllegalArgumentException(
          "a line has at most " + MAX_LENGTH + " characters, this one has " + text.length());
    }
    var line = new Line(text);
    TextReader.read(line);
    var names = new NameReader(line, vocabulary);
    names.readLongNames();
    DayReader.read(line, today);
    FigureReader.read(line);
    names.readRest();
    return new Understanding(line, vocabulary, habits, today).interpretation();
  }

  /** Writes an entry as a line that reads back as the same entry. */
  public String write(Entry entry) {
    return CanonicalLine.write(entry, vocabulary);
  }
}
