package humblequill.core.day.logline;

import humblequill.core.day.entry.Entry;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Reads one line, written as one would write it in a margin: {@code 26 hulls, 35 min, brush pen,
 * harbour book p 41-43, from life, 4/5}.
 *
 * <p>Parts may stand in any order, with or without commas; plurals and several spellings are
 * understood. What can mean several things becomes a question, and so does a word that could be a
 * name and is none; remarks stay as they are.
 */
public final class LogLine {
  /** The longest line that is read, in characters. */
  public static final int MAX_LENGTH = 1000;

  private final Vocabulary vocabulary;
  private final Habits.Lookup habits;
  private final TextReader texts;
  private final DayReader days;
  private final FigureReader figures;
  private final UnitsReader units;
  private final MarkReader marks;
  private final NumberWords numbers;
  private final NameWords words;
  private final DayOff dayOff;

  /**
   * Prepares a reader.
   *
   * @param vocabulary the learner's words, in their language
   * @param habits what was done last time, to fill what a line leaves out
   */
  public LogLine(Vocabulary vocabulary, Habits.Lookup habits) {
    this.vocabulary = vocabulary;
    this.habits = habits;
    var language = vocabulary.language();
    texts = new TextReader(language);
    days = new DayReader(language);
    figures = new FigureReader(language);
    units = new UnitsReader(language);
    marks = new MarkReader(language, days);
    numbers = new NumberWords(language);
    words = new NameWords(language);
    dayOff = new DayOff(language, vocabulary);
  }

  /**
   * Reads a line.
   *
   * @param text the line, at most {@link #MAX_LENGTH} characters
   * @param today the open practice day; days named in the line are relative to it
   * @throws IllegalArgumentException if the line is too long
   */
  public Interpretation read(String text, LocalDate today) {
    return read(text, today, today);
  }

  /**
   * Reads a line that is written on a day's page.
   *
   * @param text the line, at most {@link #MAX_LENGTH} characters
   * @param today the open practice day; days named in the line are relative to it
   * @param day the day that the line is about where it names none
   * @throws IllegalArgumentException if the line is too long
   */
  public Interpretation read(String text, LocalDate today, LocalDate day) {
    if (text.length() > MAX_LENGTH) {
      throw new InvalidException(
          Message.of("day.lineTooLong", "most", MAX_LENGTH, "length", text.length()));
    }
    var line = new Line(text);
    boolean off = dayOff.isSaid(line);
    if (off) {
      days.read(line, today);
      line.claim(Phrase.Field.NOTE, 0, text.length(), text.strip());
    } else {
      read(line, today);
    }
    return new Understanding(line, vocabulary, habits, today, day).interpretation(off);
  }

  /**
   * The day or the pages that a line names, where it names nothing else; for finding them again.
   *
   * @param text the line, at most {@link #MAX_LENGTH} characters
   * @param today the open practice day
   * @throws IllegalArgumentException if the line is too long
   */
  public Optional<Sought> sought(String text, LocalDate today) {
    return Sought.in(read(text, today));
  }

  private void read(Line line, LocalDate today) {
    texts.read(line);
    var names = new NameReader(line, vocabulary, words);
    // Before names: "three quarters of an hour" is no three-quarter view.
    figures.readWorded(line);
    names.readLongNames();
    numbers.readFew(line);
    numbers.readAsFigures(line);
    days.read(line, today);
    figures.read(line);
    marks.read(line, today);
    marks.readFractions(line, today);
    // After all that has its own way of being written: 20 minutes stay minutes.
    OwnFigureReader.read(line, vocabulary);
    names.readRest();
    units.read(line, vocabulary);
    var unread = new Unread(line, vocabulary, words);
    unread.leaveRemarksWhole();
    names.readBareNumbers();
    unread.ask();
  }

  /** Writes an entry as a line that reads back as the same entry. */
  public String write(Entry entry) {
    return CanonicalLine.write(entry, vocabulary);
  }
}
