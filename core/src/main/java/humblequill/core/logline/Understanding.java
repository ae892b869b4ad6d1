package humblequill.core.logline;

import humblequill.core.entry.Entry;
import humblequill.core.entry.EntryDraft;
import humblequill.core.entry.PageSpan;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Turns what was struck out of a line into phrases and an entry. */
final class Understanding {
  private final Line line;
  private final Vocabulary vocabulary;
  private final Habits.Lookup habits;
  private final LocalDate today;
  private final List<Phrase> phrases = new ArrayList<>();
  private final Map<Phrase.Field, Object> values = new EnumMap<>(Phrase.Field.class);

  Understanding(Line line, Vocabulary vocabulary, Habits.Lookup habits, LocalDate today) {
    this.line = line;
    this.vocabulary = vocabulary;
    this.habits = habits;
    this.today = today;
  }

  Interpretation interpretation() {
    for (var field : Phrase.Field.values()) {
      var claims = line.claims(field);
      if (field == Phrase.Field.NOTE
          || field == Phrase.Field.WENT_WRONG
          || field == Phrase.Field.NEXT_TIME) {
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
        phrases.stream()
            .anyMatch(p -> p.state() == Phrase.State.QUESTION || p.state() == Phrase.State.PROBLEM);
    return new Interpretation(phrases, clear(), !open && says());
  }

  private void one(Phrase.Field field, Line.Claim claim) {
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

  private void understood(Phrase.Field field, Line.Claim claim, String shown, Object value) {
    understood(field, claim, shown, value, List.of());
  }

  private void understood(
      Phrase.Field field,
      Line.Claim claim,
      String shown,
      Object value,
      List<Phrase.Choice> choices) {
    values.put(field, value);
    phrases.add(
        new Phrase(
            field,
            Phrase.State.UNDERSTOOD,
            shown,
            claim.start(),
            claim.end(),
            choices,
            Phrase.Problem.NONE));
  }

  private void problem(Phrase.Field field, Line.Claim claim, Phrase.Problem problem) {
    phrases.add(
        new Phrase(
            field,
            Phrase.State.PROBLEM,
            line.written(claim.start(), claim.end()),
            claim.start(),
            claim.end(),
            List.of(),
            problem));
  }

  private void question(Phrase.Field field, Line.Claim claim, List<Phrase.Choice> choices) {
    phrases.add(
        new Phrase(
            field,
            Phrase.State.QUESTION,
            "",
            claim.start(),
            claim.end(),
            choices,
            Phrase.Problem.NONE));
  }

  private Phrase.Choice choice(Line.Claim claim, String label, String written) {
    return new Phrase.Choice(
        label,
        line.original().substring(0, claim.start())
            + written
            + line.original().substring(claim.end()));
  }

  private void day(Line.Claim claim) {
    var all = ((DayReader.Days) claim.value()).days();
    var past = all.stream().filter(d -> !d.isAfter(today)).toList();
    if (past.size() == 1) {
      understood(Phrase.Field.DAY, claim, past.get(0).toString(), past.get(0));
    } else if (past.isEmpty()) {
      problem(
          Phrase.Field.DAY,
          claim,
          all.isEmpty() ? Phrase.Problem.NO_SUCH_DATE : Phrase.Problem.AHEAD);
    } else {
      question(
          Phrase.Field.DAY,
          claim,
          past.stream().map(d -> choice(claim, d.toString(), d.toString())).toList());
    }
  }

  private void length(Line.Claim claim) {
    var length = (FigureReader.Length) claim.value();
    double minutes = length.minutes();
    if (length.each()) {
      if (!(values.get(Phrase.Field.DRAWINGS) instanceof Integer count)) {
        problem(Phrase.Field.MINUTES, claim, Phrase.Problem.EACH_WITHOUT_COUNT);
        return;
      }
      minutes *= count;
    }
    bounded(
        Phrase.Field.MINUTES,
        claim,
        minutes > 0 ? Math.max(1, Math.round(minutes)) : 0,
        Entry.MAX_MINUTES);
  }

  private void bounded(Phrase.Field field, Line.Claim claim, long value, int most) {
    if (value < 1 || value > most) {
      problem(field, claim, Phrase.Problem.OUT_OF_RANGE);
    } else {
      understood(field, claim, Long.toString(value), (int) value);
    }
  }

  private void pages(Line.Claim claim) {
    if (claim.value() instanceof PageSpan pages) {
      understood(Phrase.Field.PAGES, claim, CanonicalLine.pages(pages).substring(2), pages);
    } else {
      problem(Phrase.Field.PAGES, claim, Phrase.Problem.OUT_OF_RANGE);
    }
  }

  @SuppressWarnings("unchecked")
  private void word(Phrase.Field field, Line.Claim claim) {
    var words = (List<Word>) claim.value();
    if (words.isEmpty()) {
      phrases.add(
          new Phrase(
              field,
              Phrase.State.UNDERSTOOD,
              "",
              claim.start(),
              claim.end(),
              List.of(),
              Phrase.Problem.NONE));
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

  private static Phrase.Field field(Word word) {
    return Phrase.Field.valueOf(word.kind().name());
  }

  private String label(Word word) {
    return CanonicalLine.title(word, vocabulary);
  }

  private List<Phrase.Choice> otherReadings(Line.Claim claim, Word taken) {
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

  private void tooMany(Phrase.Field field, List<Line.Claim> claims) {
    var choices = new ArrayList<Phrase.Choice>();
    for (var kept : claims) {
      var rest = new StringBuilder(line.original());
      claims.stream()
          .filter(c -> c != kept)
          .sorted((a, b) -> b.start() - a.start())
          .forEach(c -> rest.delete(c.start(), c.end()));
      choices.add(
          new Phrase.Choice(
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
            .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
            .toList();
    if (values.containsKey(Phrase.Field.EXERCISE) && values.containsKey(Phrase.Field.TOPIC)) {
      phrases.removeIf(p -> p.field() == Phrase.Field.EXERCISE || p.field() == Phrase.Field.TOPIC);
      tooMany(Phrase.Field.EXERCISE, subjects);
    }
  }

  private void texts(Phrase.Field field, List<Line.Claim> claims) {
    var text = claims.stream().map(c -> (String) c.value()).collect(Collectors.joining("\n"));
    int start = claims.isEmpty() ? -1 : claims.get(0).start();
    int end = claims.isEmpty() ? -1 : claims.get(0).end();
    if (field == Phrase.Field.NOTE) {
      for (var segment : line.segments()) {
        for (var stretch : line.stretches(segment[0], segment[1])) {
          if (stretch.stream().anyMatch(t -> !Stems.isConnective(t.text()))) {
            int from = stretch.get(0).start();
            int to = stretch.get(stretch.size() - 1).end();
            text += (text.isEmpty() ? "" : ", ") + line.written(from, to);
            start = start < 0 ? from : start;
            end = end < 0 ? to : end;
          }
        }
      }
    }
    if (!text.isBlank()) {
      values.put(field, text);
      phrases.add(
          new Phrase(
              field, Phrase.State.UNDERSTOOD, text, start, end, List.of(), Phrase.Problem.NONE));
    }
  }

  private void fillFromLastTime() {
    var exercise = Optional.ofNullable((String) values.get(Phrase.Field.EXERCISE));
    var topic = Optional.ofNullable((String) values.get(Phrase.Field.TOPIC));
    var last = habits.of(exercise, topic);
    if (exercise.isPresent() || topic.isPresent()) {
      fill(Phrase.Field.SOURCE, last.source(), Phrase.State.AS_LAST_TIME);
      fill(Phrase.Field.SOURCE, last.plannedSource(), Phrase.State.AS_PLANNED);
      fill(Phrase.Field.MEDIUM, last.medium(), Phrase.State.AS_LAST_TIME);
    }
    if (values.containsKey(Phrase.Field.PAGES)) {
      fill(Phrase.Field.BOOK, last.book(), Phrase.State.AS_LAST_TIME);
    }
  }

  private void fill(Phrase.Field field, Optional<String> value, Phrase.State state) {
    if (value.isPresent() && !line.has(field) && !values.containsKey(field)) {
      values.put(field, value.get());
      var others =
          vocabulary.names(WordKind.valueOf(field.name())).stream()
              .filter(w -> !w.key().equals(value.get()))
              .map(w -> new Phrase.Choice(w.name(), line.original().strip() + ", " + w.name()))
              .collect(Collectors.toCollection(ArrayList::new));
      var blank = "no " + field.name().toLowerCase(java.util.Locale.ROOT);
      others.add(new Phrase.Choice(blank, line.original().strip() + ", " + blank));
      phrases.add(new Phrase(field, state, value.get(), -1, -1, others, Phrase.Problem.NONE));
    }
  }

  /** Whether there is something to log at all. */
  private boolean says() {
    return values.keySet().stream()
        .anyMatch(
            f ->
                f == Phrase.Field.EXERCISE
                    || f == Phrase.Field.TOPIC
                    || f == Phrase.Field.DRAWINGS
                    || f == Phrase.Field.MINUTES
                    || f == Phrase.Field.NOTE);
  }

  private EntryDraft clear() {
    var draft = new EntryDraft(value(Phrase.Field.DAY, LocalDate.class).orElse(today));
    draft.time = value(Phrase.Field.TIME, LocalTime.class);
    draft.exerciseId = value(Phrase.Field.EXERCISE, String.class);
    draft.topic = value(Phrase.Field.TOPIC, String.class);
    draft.drawings = value(Phrase.Field.DRAWINGS, Integer.class);
    draft.minutes = value(Phrase.Field.MINUTES, Integer.class);
    draft.source = value(Phrase.Field.SOURCE, String.class);
    draft.medium = value(Phrase.Field.MEDIUM, String.class);
    draft.resource = value(Phrase.Field.RESOURCE, String.class);
    draft.book = value(Phrase.Field.BOOK, String.class);
    draft.pages = value(Phrase.Field.PAGES, PageSpan.class);
    draft.mark = value(Phrase.Field.MARK, Integer.class);
    draft.wentWrong = value(Phrase.Field.WENT_WRONG, String.class).orElse("");
    draft.nextTime = value(Phrase.Field.NEXT_TIME, String.class).orElse("");
    draft.note = value(Phrase.Field.NOTE, String.class).orElse("");
    return draft;
  }

  private <T> Optional<T> value(Phrase.Field field, Class<T> type) {
    return Optional.ofNullable(values.get(field)).map(type::cast);
  }
}
