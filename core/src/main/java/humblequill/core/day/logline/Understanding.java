package humblequill.core.day.logline;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import humblequill.core.day.entry.Units;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Turns what was struck out of a line into phrases and an entry. */
final class Understanding {
  /** What a line may say several times. */
  private static final Set<Phrase.Field> SEVERAL =
      EnumSet.of(Phrase.Field.POSES, Phrase.Field.FACET, Phrase.Field.UNKNOWN);

  private final Line line;
  private final Vocabulary vocabulary;
  private final Choices choices;
  private final Habits.Lookup habits;
  private final LocalDate today;
  private final LocalDate day;
  private final List<Phrase> phrases = new ArrayList<>();
  private final ReadValues values = new ReadValues();

  /** Whether every word was read as something; remarks are not. */
  private boolean allUnderstood = true;

  Understanding(
      Line line, Vocabulary vocabulary, Habits.Lookup habits, LocalDate today, LocalDate day) {
    this.line = line;
    this.vocabulary = vocabulary;
    choices = new Choices(line, vocabulary);
    this.habits = habits;
    this.today = today;
    this.day = day;
  }

  Interpretation interpretation(boolean dayOff) {
    var parts = Several.of(line);
    for (var field : Phrase.Field.values()) {
      var claims = line.claims(field);
      if (field.inWords()) {
        texts(field, claims);
      } else if (parts.isEmpty() || !Several.PARTED.contains(field)) {
        field(field, claims, parts.size());
      }
    }
    List<EntryDraft> drafts;
    if (parts.isEmpty()) {
      poses();
      oneSubject();
      fillFromLastTime();
      drafts = List.of(values.draft(day));
    } else {
      parts.forEach(this::part);
      drafts = Several.shared(values.draft(day), parts, eachOnesMinutes(parts.size()));
    }
    boolean open = phrases.stream().anyMatch(Phrase::asks);
    if (open) {
      drafts.get(0).note = withWhatIsOpen(drafts.get(0).note);
    }
    boolean says = !parts.isEmpty() || values.say();
    return new Interpretation(phrases, drafts, dayOff, !open && says);
  }

  /** A form that begins with this loses nothing of the line. */
  private String withWhatIsOpen(String note) {
    var unclear =
        phrases.stream()
            .filter(Phrase::asks)
            .map(p -> line.written(p.start(), p.end()).strip())
            .distinct();
    return Stream.concat(Stream.of(note), unclear)
        .filter(text -> !text.isBlank())
        .collect(Collectors.joining(", "));
  }

  private void field(Phrase.Field field, List<Line.Claim> claims, int parts) {
    if (SEVERAL.contains(field)) {
      claims.forEach(claim -> one(field, claim));
    } else if (field == Phrase.Field.MINUTES && claims.size() > 1 && claims.size() == parts) {
      claims.forEach(claim -> one(field, claim));
    } else if (field == Phrase.Field.MEDIUM && claims.size() == 2 && both(claims)) {
      twoMedia(claims.get(0), claims.get(1));
    } else if (claims.size() > 1) {
      tooMany(field, claims);
    } else if (claims.size() == 1) {
      one(field, claims.get(0));
    }
  }

  private static boolean both(List<Line.Claim> claims) {
    return claims.stream().allMatch(c -> c.value() instanceof List<?> words && words.size() == 1);
  }

  /** Pen over pencil is drawn with both. */
  private void twoMedia(Line.Claim one, Line.Claim other) {
    var first = ((Word) ((List<?>) one.value()).get(0)).key();
    var second = ((Word) ((List<?>) other.value()).get(0)).key();
    if (first.equals(second)) {
      one(Phrase.Field.MEDIUM, one);
    } else {
      var both = first + Drawn.JOINED + second;
      understood(Phrase.Field.MEDIUM, one, both, both);
    }
  }

  /** A count and what was counted, where the line counts several things. */
  private void part(Several.Part part) {
    bounded(
        Phrase.Field.DRAWINGS, part.count(), (Integer) part.count().value(), Entry.MAX_DRAWINGS);
    one(part.subject().field(), part.subject());
  }

  private List<Integer> eachOnesMinutes(int parts) {
    var claims = line.claims(Phrase.Field.MINUTES);
    return claims.size() != parts
        ? List.of()
        : claims.stream()
            .filter(c -> c.value() instanceof FigureReader.Length)
            .sorted(Comparator.comparingInt(Line.Claim::start))
            .map(c -> (int) Math.max(1, Math.round(((FigureReader.Length) c.value()).minutes())))
            .toList();
  }

  private void one(Phrase.Field field, Line.Claim claim) {
    if (claim.value() instanceof Ask ask) {
      question(field, claim, ask.options().stream().map(o -> choices.of(claim, o)).toList());
      return;
    }
    switch (field) {
      case DAY -> day(claim);
      case MINUTES -> length(claim);
      case DRAWINGS -> bounded(field, claim, (Integer) claim.value(), Entry.MAX_DRAWINGS);
      case MARK -> bounded(field, claim, (Integer) claim.value(), 5);
      case PAGES -> pages(claim);
      case TIME -> understood(field, claim, claim.value().toString(), claim.value());
      case POSES -> pose(claim);
      case OWN_FIGURE -> ownFigure(claim);
      case UNITS -> units(claim);
      case HOW ->
          understood(field, claim, CanonicalLine.how((HowUsed) claim.value()), claim.value());
      case FACET -> facet(claim);
      case EXERCISE, TOPIC, MEDIUM, SOURCE, RESOURCE, BOOK, WENT_WRONG, NEXT_TIME, NOTE, UNKNOWN ->
          word(field, claim);
    }
  }

  private void pose(Line.Claim claim) {
    if (claim.value() instanceof Poses.Row row) {
      var rows =
          new ArrayList<Poses.Row>(
              values.get(Phrase.Field.POSES, Poses.class).orElse(Poses.NONE).rows());
      rows.add(row);
      understood(Phrase.Field.POSES, claim, new Poses(List.of(row)).written(), new Poses(rows));
    } else {
      problem(Phrase.Field.POSES, claim, Phrase.Problem.OUT_OF_RANGE);
    }
  }

  /** Poses tell how many drawings there are and how long they took, where the line does not. */
  private void poses() {
    var poses = values.get(Phrase.Field.POSES, Poses.class).orElse(Poses.NONE);
    if (poses.isEmpty()) {
      return;
    }
    var counted = values.get(Phrase.Field.DRAWINGS, Integer.class);
    if (counted.isPresent() && counted.get() != poses.count()) {
      phrases.removeIf(p -> p.field() == Phrase.Field.DRAWINGS);
      tooMany(
          Phrase.Field.DRAWINGS,
          List.of(
              line.claims(Phrase.Field.DRAWINGS).get(0), line.claims(Phrase.Field.POSES).get(0)));
      return;
    }
    if (!line.has(Phrase.Field.DRAWINGS)) {
      told(Phrase.Field.DRAWINGS, poses.count(), Entry.MAX_DRAWINGS);
    }
    if (!line.has(Phrase.Field.MINUTES)) {
      told(
          Phrase.Field.MINUTES,
          (int) Math.max(1, Math.round(poses.seconds() / 60.0)),
          Entry.MAX_MINUTES);
    }
  }

  private void told(Phrase.Field field, int value, int most) {
    bounded(field, line.claims(Phrase.Field.POSES).get(0), value, most);
  }

  private void add(
      Phrase.Field field,
      Phrase.State state,
      String value,
      Line.Claim claim,
      List<Phrase.Choice> choices,
      Phrase.Problem problem) {
    phrases.add(new Phrase(field, state, value, claim.start(), claim.end(), choices, problem));
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
    understood(field, claim, shown, value, choices, Phrase.State.UNDERSTOOD);
  }

  private void understood(
      Phrase.Field field,
      Line.Claim claim,
      String shown,
      Object value,
      List<Phrase.Choice> choices,
      Phrase.State state) {
    values.put(field, value);
    add(field, state, shown, claim, choices, Phrase.Problem.NONE);
  }

  private void problem(Phrase.Field field, Line.Claim claim, Phrase.Problem problem) {
    add(
        field,
        Phrase.State.PROBLEM,
        line.written(claim.start(), claim.end()),
        claim,
        List.of(),
        problem);
  }

  private void question(Phrase.Field field, Line.Claim claim, List<Phrase.Choice> choices) {
    add(field, Phrase.State.QUESTION, "", claim, choices, Phrase.Problem.NONE);
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
          past.stream().map(d -> choices.of(claim, d.toString(), d.toString())).toList());
    }
  }

  private void length(Line.Claim claim) {
    var length = (FigureReader.Length) claim.value();
    double minutes = length.minutes();
    if (length.each()) {
      var told = values.get(Phrase.Field.DRAWINGS, Integer.class);
      if (told.isEmpty()) {
        problem(Phrase.Field.MINUTES, claim, Phrase.Problem.EACH_WITHOUT_COUNT);
        return;
      }
      minutes *= told.get();
    }
    bounded(
        Phrase.Field.MINUTES,
        claim,
        minutes > 0 ? Math.max(1, Math.round(minutes)) : 0,
        Entry.MAX_MINUTES,
        length.about() ? Phrase.State.ABOUT : Phrase.State.UNDERSTOOD);
  }

  private void bounded(Phrase.Field field, Line.Claim claim, long value, int most) {
    bounded(field, claim, value, most, Phrase.State.UNDERSTOOD);
  }

  private void bounded(
      Phrase.Field field, Line.Claim claim, long value, int most, Phrase.State state) {
    if (value < 1 || value > most) {
      problem(field, claim, Phrase.Problem.OUT_OF_RANGE);
    } else if (isUnusual(field, claim, value)) {
      add(
          field,
          Phrase.State.QUESTION,
          Long.toString(value),
          claim,
          List.of(
              choices.of(
                  claim,
                  line.written(claim.start(), claim.end()),
                  line.written(claim.start(), claim.end()) + "!")),
          Phrase.Problem.UNUSUAL);
    } else {
      understood(field, claim, Long.toString(value), (int) value, List.of(), state);
    }
  }

  /** Far more than ever, and not said with an exclamation mark. */
  private boolean isUnusual(Phrase.Field field, Line.Claim claim, long value) {
    boolean sure =
        claim.end() < line.original().length() && line.original().charAt(claim.end()) == '!';
    return !sure && habits.usual().isFarBelow(field, value);
  }

  private void pages(Line.Claim claim) {
    if (claim.value() instanceof PageSpan pages) {
      understood(Phrase.Field.PAGES, claim, CanonicalLine.pages(pages).substring(2), pages);
    } else {
      problem(Phrase.Field.PAGES, claim, Phrase.Problem.OUT_OF_RANGE);
    }
  }

  private void ownFigure(Line.Claim claim) {
    if (claim.value() instanceof OwnFigure own) {
      understood(Phrase.Field.OWN_FIGURE, claim, own.what() + " " + own.count(), own);
    } else {
      problem(Phrase.Field.OWN_FIGURE, claim, Phrase.Problem.OUT_OF_RANGE);
    }
  }

  private void units(Line.Claim claim) {
    if (claim.value() instanceof Units units) {
      understood(Phrase.Field.UNITS, claim, CanonicalLine.units(units), units);
    } else {
      problem(Phrase.Field.UNITS, claim, Phrase.Problem.OUT_OF_RANGE);
    }
  }

  private void facet(Line.Claim claim) {
    var facets = new ArrayList<String>(values.facets());
    word(Phrase.Field.FACET, claim);
    values.get(Phrase.Field.FACET, String.class).ifPresent(facets::add);
    values.put(Phrase.Field.FACET, List.copyOf(facets));
  }

  @SuppressWarnings("unchecked")
  private void word(Phrase.Field field, Line.Claim claim) {
    var words = (List<Word>) claim.value();
    if (words.isEmpty()) {
      add(field, Phrase.State.UNDERSTOOD, "", claim, List.of(), Phrase.Problem.NONE);
    } else if (words.size() == 1) {
      var word = words.get(0);
      understood(
          field(word),
          claim,
          CanonicalLine.title(word, vocabulary),
          word.key(),
          choices.otherReadings(claim, word));
    } else {
      question(field, claim, words.stream().map(w -> choices.of(claim, w)).toList());
    }
  }

  private static Phrase.Field field(Word word) {
    return Phrase.Field.valueOf(word.kind().name());
  }

  private void tooMany(Phrase.Field field, List<Line.Claim> claims) {
    question(field, claims.get(0), choices.keepingOne(claims));
  }

  /** A line names one thing that was drawn; an exercise and a topic together are a question. */
  private void oneSubject() {
    var subjects =
        line.claims().stream()
            .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
            .toList();
    if (values.has(Phrase.Field.EXERCISE) && values.has(Phrase.Field.TOPIC)) {
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
          if (stretch.stream().anyMatch(t -> !vocabulary.joins(t.text()))) {
            allUnderstood = false;
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
    var exercise = values.get(Phrase.Field.EXERCISE, String.class);
    var topic = values.get(Phrase.Field.TOPIC, String.class);
    var last = habits.of(exercise, topic);
    boolean known = allUnderstood && !line.has(Phrase.Field.UNKNOWN);
    if (known && (exercise.isPresent() || topic.isPresent())) {
      fill(Phrase.Field.SOURCE, last.source(), Phrase.State.AS_LAST_TIME);
      fill(Phrase.Field.SOURCE, last.plannedSource(), Phrase.State.AS_PLANNED);
      fill(Phrase.Field.MEDIUM, last.medium(), Phrase.State.AS_LAST_TIME);
    }
    if (values.has(Phrase.Field.PAGES)) {
      var medium = values.get(Phrase.Field.MEDIUM, String.class);
      fill(Phrase.Field.BOOK, habits.book(medium), Phrase.State.AS_LAST_TIME);
    }
  }

  private void fill(Phrase.Field field, Optional<String> value, Phrase.State state) {
    if (value.isPresent() && !line.has(field) && !values.has(field)) {
      values.put(field, value.get());
      var others = choices.insteadOf(field, value.get());
      phrases.add(new Phrase(field, state, value.get(), -1, -1, others, Phrase.Problem.NONE));
    }
  }
}
