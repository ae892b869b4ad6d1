package humblequill.benchmarks;

import humblequill.core.day.logline.Habits;
import humblequill.core.day.logline.Interpretation;
import humblequill.core.day.logline.Language;
import humblequill.core.day.logline.LogLine;
import humblequill.core.day.logline.Vocabulary;
import humblequill.core.day.logline.Word;
import humblequill.core.day.logline.WordKind;
import humblequill.core.ground.name.ShippedNames;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A line read against the words of ten years: two courses a year, a book every two months. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class LineBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final String LINE =
      "%d beacon 7, 35 min, brsuh pen, book of tides 4 p 41-43, from life, 4/5, yesterday";

  private final LogLine reader = reader();
  private int count;

  private static LogLine reader() {
    var language = Language.of(Locale.UK);
    var words = new ArrayList<Word>();
    for (int i = 0; i < 150; i++) {
      words.add(Word.exercise("e" + i, "Harbour thing " + i, List.of(), 1 + i / 6, i / 6, 90));
    }
    for (int i = 0; i < 300; i++) {
      words.add(Word.of(WordKind.TOPIC, "beacon " + i));
    }
    for (int i = 0; i < 60; i++) {
      words.add(Word.of(WordKind.BOOK, "Book of tides " + i));
    }
    for (var name : ShippedNames.all()) {
      var kind = WordKind.valueOf(name.kind().name());
      words.add(Word.shipped(kind, name.text(), language.spellings(kind, name.text())));
    }
    return new LogLine(new Vocabulary(words, language), (exercise, topic) -> Habits.NONE);
  }

  @Benchmark
  public Interpretation lineWithASlip() {
    count = count % 50 + 1;
    return reader.read(LINE.formatted(count), TODAY);
  }
}
