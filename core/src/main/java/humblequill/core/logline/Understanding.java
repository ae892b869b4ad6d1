package humblequill.core.logline;

import humblequill.core.entry.Entry;
import humblequill.core.entry.PageSpan;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Turns what was struck out of a line into parts and an entry. */
final class Understanding {
  private final Line line;
  private final Vocabulary vocabulary;
  private final Habits.Lookup habits;
  private final LocalDate today;
  private final List<Part> parts = new ArrayList<>();
  private final Map<Part.Field, Object> values = new EnumMap<>(Part.Field.class);

  Understanding(Line line, Vocabulary vocabulary, Habits.Lookup habits, LocalDate today) {
    this.line = line;
    this.vocabulary = vocabulary;
    this.habits = habits;
    this.today = today;
  }

  Interpretation interpretation() {
    for (var field : Part.Field.values()) {
      var claims = line.claims(field);
      if (field == Part.Field.NOTE
          || field == Part.Field.WENT_WRONG
          || field == Part.Field.NEXT_TIME) {
        texts(field, claims);
      } else if (claims.size() > 1) {
        tooMany(field, claims);
      } else if (claims.size() == 1) {
        one(field, claims.get(0));
      }
    }
    oneSubject();
    fillFromLastTime();
    boolean open =
        parts.stream()
            .anyMatch(p -> p.state() == Part.State.QUESTION || p.state() == Part.State.PROBLEM);
    return new Interpretation(parts, open || values.isEmpty() ? Optional.empty() : entry());
  }

  private void one(Part.Field field, Line.Claim claim) {
    switch (field) {
      case DAY -> day(claim);
      case MINUTES -> length(claim);
      case DRAWINGS -> bounded(field, claim, (Integer) claim.value(), Entry.MAX_DRAWINGS);
      case MARK -> bounded(field, claim, (Integer) claim.value(), 5);
      case PAGES -> pages(claim);
      case TIME -> understood(field, claim, claim.value().toString(), claim.value());
      default -> word(field, claim);
    }
  }

  private void understood(Part.Field field, Line.Claim claim, String shown, Object value) {
    understood(field, claim, shown, value, List.of());
  }

  private void understood(
      Part.Field field, Line.Claim claim, String shown, Object value, List<Part.Choice> choices) {
    values.put(field, value);
    parts.add(
        new Part(
            field,
            Part.State.UNDERSTOOD,
            shown,
            claim.start(),
            claim.end(),
            choices,
            Part.Problem.NONE));
  }

  private void problem(Part.Field field, Line.Claim claim, Part.Problem problem) {
    parts.add(
        new Part(
            field,
            Part.State.PROBLEM,
            line.written(claim.start(), claim.end()),
            claim.start(),
            claim.end(),
            List.of(),
            problem));
  }

  private void question(Part.Field field, Line.Claim claim, List<Part.Choice> choices) {
    parts.add(
        new Part(
            field,
            Part.State.QUESTION,
            "",
            claim.start(),
            claim.end(),
            choices,
            Part.Problem.NONE));
  }

  private Part.Choice choice(Line.Claim claim, String label, String written) {
    return new Part.Choice(
        label,
        line.original().substring(0, claim.start())
            + written
            + line.original().substring(claim.end()));
  }

  private void day(Line.Claim claim) {
    var all = ((DayReader.Days) claim.value()).days();
    var past = all.stream().filter(d -> !d.isAfter(today)).toList();
    if (past.size() == 1) {
      understood(Part.Field.DAY, claim, past.get(0).toString(), past.get(0));
    } else if (past.isEmpty()) {
      problem(
          Part.Field.DAY, claim, all.isEmpty() ? Part.Problem.NO_SUCH_DATE : Part.Problem.AHEAD);
    } else {
      question(
          Part.Field.DAY,
          claim,
          past.stream().map(d -> choice(claim, d.toString(), d.toString())).toList());
    }
  }

  private void length(Line.Claim claim) {
    var length = (FigureReader.Length) claim.value();
    double minutes = length.minutes();
    if (length.each()) {
      if (!(values.get(Part.Field.DRAWINGS) instanceof Integer count)) {
        problem(Part.Field.MINUTES, claim, Part.Problem.EACH_WITHOUT_COUNT);
        return;
      }
      minutes *= count;
    }
    bounded(
        Part.Field.MINUTES,
        claim,
        minutes > 0 ? Math.max(1, Math.round(minutes)) : 0,
        Entry.MAX_MINUTES);
  }

  private void bounded(Part.Field field, Line.Claim claim, long value, int most) {
    if (value < 1 || value > most) {
      problem(field, claim, Part.Problem.OUT_OF_RANGE);
    } else {
      understood(field, claim, Long.toString(value), (int) value);
    }
  }

  private void pages(Line.Claim claim) {
    if (claim.value() instanceof PageSpan pages) {
      understood(Part.Field.PAGES, claim, CanonicalLine.pages(pages).substring(2), pages);
    } else {
      problem(Part.Field.PAGES, claim, Part.Problem.OUT_OF_RANGE);
    }
  }

  @SuppressWarnings("unchecked")
  private void word(Part.Field field, Line.Claim claim) {
    var words = (List<Word>) claim.value();
    if (words.isEmpty()) {
      parts.add(
          new Part(
              field,
              Part.State.UNDERSTOOD,
              "",
              claim.start(),
              claim.end(),
              List.of(),
              Part.Problem.NONE));
    } else if (words.size() == 1) {
      var word = words.get(0);
      understood(
          field(word),
          claim,
          CanonicalLine.title(word, vocabulary),
          word.key(),
          otherReadings(claim, word));
    } else {
      question(field, claim, words.stream().map(w -> choice(claim, label(w), label(w))).toList());
    }
  }

  private static Part.Field field(Word word) {
    return Part.Field.valueOf(word.kind().name());
  }

  private String label(Word word) {
    return CanonicalLine.title(word, vocabulary);
  }

  private List<Part.Choice> otherReadings(Line.Claim claim, Word taken) {
    if (!taken.kind().isSubject()) {
      return vocabulary.names(taken.kind()).stream()
          .filter(w -> !w.key().equals(taken.key()))
          .map(w -> choice(claim, w.name(), w.name()))
          .toList();
    }
    var stems =
        Stems.ofName(line.written(claim.start(), claim.end())).stream()
            .filter(s -> !Stems.isConnective(s))
            .toList();
    return vocabulary.allSubjects(stems).stream()
        .filter(w -> !w.equals(taken))
        .limit(8)
        .map(w -> choice(claim, label(w), label(w)))
        .toList();
  }

  private void tooMany(Part.Field field, List<Line.Claim> claims) {
    var choices = new ArrayList<Part.Choice>();
    for (var kept : claims) {
      var rest = new StringBuilder(line.original());
      claims.stream()
          .filter(c -> c != kept)
          .sorted((a, b) -> b.start() - a.start())
          .forEach(c -> rest.delete(c.start(), c.end()));
      choices.add(
          new Part.Choice(
              line.written(kept.start(), kept.end()),
              rest.toString()
                  .replaceAll("\\s*,(?:\\s*,)+", ",")
                  .replaceAll("^[\\s,]+|[\\s,]+$", "")
                  .replaceAll("  +", " ")));
    }
    question(field, claims.get(0), choices);
  }

  /** A line names one thing that was drawn; an exercise and a topic together are a question. */
  private void oneSubject() {
    var subjects =
        line.claims().stream()
            .filter(c -> c.field() == Part.Field.EXERCISE || c.field() == Part.Field.TOPIC)
            .toList();
    if (values.containsKey(Part.Field.EXERCISE) && values.containsKey(Part.Field.TOPIC)) {
      parts.removeIf(p -> p.field() == Part.Field.EXERCISE || p.field() == Part.Field.TOPIC);
      tooMany(Part.Field.EXERCISE, subjects);
    }
  }

  private void texts(Part.Field field, List<Line.Claim> claims) {
    var text = claims.stream().map(c -> (String) c.value()).collect(Collectors.joining("\n"));
    int start = claims.isEmpty() ? -1 : claims.get(0).start();
    int end = claims.isEmpty() ? -1 : claims.get(0).end();
    if (field == Part.Field.NOTE) {
      for (var segment : line.segments()) {
        for (var run : line.runs(segment[0], segment[1])) {
          if (run.stream().anyMatch(t -> !Stems.isConnective(t.text()))) {
            int from = run.get(0).start();
            int to = run.get(run.size() - 1).end();
            text += (text.isEmpty() ? "" : ", ") + line.written(from, to);
            start = start < 0 ? from : start;
            end = end < 0 ? to : end;
          }
        }
      }
    }
    if (!text.isBlank()) {
      values.put(field, text);
      parts.add(
          new Part(field, Part.State.UNDERSTOOD, text, start, end, List.of(), Part.Problem.NONE));
    }
  }

  private void fillFromLastTime() {
    var exercise = Optional.ofNullable((String) values.get(Part.Field.EXERCISE));
    var topic = Optional.ofNullable((String) values.get(Part.Field.TOPIC));
    var last = habits.of(exercise, topic);
    if (exercise.isPresent() || topic.isPresent()) {
      fill(Part.Field.SOURCE, last.source(), Part.State.AS_LAST_TIME);
      fill(Part.Field.SOURCE, last.plannedSource(), Part.State.AS_PLANNED);
      fill(Part.Field.MEDIUM, last.medium(), Part.State.AS_LAST_TIME);
    }
    if (values.containsKey(Part.Field.PAGES)) {
      fill(Part.Field.BOOK, last.book(), Part.State.AS_LAST_TIME);
    }
  }

  private void fill(Part.Field field, Optional<String> value, Part.State state) {
    if (value.isPresent() && !line.has(field) && !values.containsKey(field)) {
      values.put(field, value.get());
      var others =
          vocabulary.names(WordKind.valueOf(field.name())).stream()
              .filter(w -> !w.key().equals(value.get()))
              .map(w -> new Part.Choice(w.name(), line.original().strip() + ", " + w.name()))
              .collect(Collectors.toCollection(ArrayList::new));
      var blank = "no " + field.name().toLowerCase(java.util.Locale.ROOT);
      others.add(new Part.Choice(blank, line.original().strip() + ", " + blank));
      parts.add(new Part(field, state, value.get(), -1, -1, others, Part.Problem.NONE));
    }
  }

  private Optional<Entry> entry() {
    boolean says =
        values.keySet().stream()
            .anyMatch(
                f ->
                    f == Part.Field.EXERCISE
                        || f == Part.Field.TOPIC
                        || f == Part.Field.DRAWINGS
                        || f == Part.Field.MINUTES
                        || f == Part.Field.NOTE);
    if (!says) {
      return Optional.empty();
    }
    return Optional.of(
        new Entry(
            (LocalDate) values.getOrDefault(Part.Field.DAY, today),
            optional(Part.Field.TIME, LocalTime.class),
            optional(Part.Field.EXERCISE, String.class),
            optional(Part.Field.TOPIC, String.class),
            optional(Part.Field.DRAWINGS, Integer.class),
            optional(Part.Field.MINUTES, Integer.class),
            optional(Part.Field.SOURCE, String.class),
            optional(Part.Field.MEDIUM, String.class),
            optional(Part.Field.RESOURCE, String.class),
            optional(Part.Field.BOOK, String.class),
            optional(Part.Field.PAGES, PageSpan.class),
            optional(Part.Field.MARK, Integer.class),
            (String) values.getOrDefault(Part.Field.WENT_WRONG, ""),
            (String) values.getOrDefault(Part.Field.NEXT_TIME, ""),
            (String) values.getOrDefault(Part.Field.NOTE, "")));
  }

  private <T> Optional<T> optional(Part.Field field, Class<T> type) {
    return Optional.ofNullable(values.get(field)).map(type::cast);
  }
}
