package humblequill.core.day.logline;

import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.OwnFigure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Several things counted in one line: "4 cranes and 2 roof lines, 30 min". */
final class Several {
  /** What each of them has of its own. */
  static final Set<Phrase.Field> PARTED =
      EnumSet.of(Phrase.Field.DRAWINGS, Phrase.Field.EXERCISE, Phrase.Field.TOPIC);

  private Several() {}

  /** A count and, right behind it, what was counted. */
  record Part(Line.Claim count, Line.Claim subject) {
    private Word word() {
      return (Word) ((List<?>) subject.value()).get(0);
    }

    private int drawings() {
      return (Integer) count.value();
    }
  }

  /** The things that a line counts when they are several, each with its count; else none. */
  static List<Part> of(Line line) {
    var subjects =
        line.claims().stream()
            .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
            .sorted(Comparator.comparingInt(Line.Claim::start))
            .toList();
    var counts = line.claims(Phrase.Field.DRAWINGS);
    var parts = new ArrayList<Part>();
    for (var subject : subjects) {
      counts.stream()
          .filter(c -> c.value() instanceof Integer)
          .filter(c -> c.end() <= subject.start() && line.isBlank(c.end(), subject.start()))
          .findFirst()
          .ifPresent(count -> parts.add(new Part(count, subject)));
    }
    // Whose poses they are, nobody can tell.
    boolean all =
        !line.has(Phrase.Field.POSES)
            && parts.size() > 1
            && parts.size() == subjects.size()
            && parts.size() == counts.size();
    return all ? parts : List.of();
  }

  /**
   * One entry of each part. Minutes that are told once are shared by how long each part is planned
   * to take, the learner's own figure by drawings; what is written in words stays with the first.
   *
   * @param line what the line says beside
   * @param minutes of each part, or none
   */
  static List<EntryDraft> shared(EntryDraft line, List<Part> parts, List<Integer> minutes) {
    var shares =
        minutes.isEmpty() ? line.minutes.map(m -> minutes(m, parts)).orElse(List.of()) : minutes;
    var counted =
        line.study.own().map(own -> shares(own.count(), byDrawings(parts))).orElse(List.of());
    var drafts = new ArrayList<EntryDraft>();
    for (int i = 0; i < parts.size(); i++) {
      var draft = copy(line, i == 0);
      var part = parts.get(i);
      boolean exercise = part.subject().field() == Phrase.Field.EXERCISE;
      draft.exerciseId = exercise ? Optional.of(part.word().key()) : Optional.empty();
      draft.topic = exercise ? Optional.empty() : Optional.of(part.word().key());
      draft.drawings = Optional.of(part.drawings());
      draft.minutes =
          i < shares.size() && shares.get(i) > 0 ? Optional.of(shares.get(i)) : Optional.empty();
      if (!counted.isEmpty()) {
        var own = line.study.own().orElseThrow();
        draft.study = line.study.withOwn(new OwnFigure(own.what(), counted.get(i)));
      }
      drafts.add(draft);
    }
    return drafts;
  }

  private static EntryDraft copy(EntryDraft line, boolean first) {
    var draft = new EntryDraft(line.day);
    draft.time = line.time;
    draft.source = line.source;
    draft.medium = line.medium;
    draft.resource = line.resource;
    draft.book = line.book;
    draft.pages = line.pages;
    draft.mark = line.mark;
    draft.study = line.study;
    if (first) {
      draft.wentWrong = line.wentWrong;
      draft.nextTime = line.nextTime;
      draft.note = line.note;
    }
    return draft;
  }

  /** Whole minutes by planned length that add up; where one length is unknown, by drawings. */
  private static List<Integer> minutes(int minutes, List<Part> parts) {
    boolean known = parts.stream().allMatch(p -> p.word().secondsEach() > 0);
    return known
        ? shares(
            minutes,
            parts.stream().map(p -> (double) p.drawings() * p.word().secondsEach()).toList())
        : shares(minutes, byDrawings(parts));
  }

  private static List<Double> byDrawings(List<Part> parts) {
    return parts.stream().map(p -> (double) p.drawings()).toList();
  }

  /** Whole numbers by weight that add up to a total. */
  private static List<Integer> shares(int total, List<Double> weights) {
    double all = weights.stream().mapToDouble(w -> w).sum();
    var shares = new ArrayList<Integer>();
    double begun = 0;
    int given = 0;
    for (double weight : weights) {
      begun += weight;
      int upTo = (int) Math.round(total * begun / all);
      shares.add(upTo - given);
      given = upTo;
    }
    return shares;
  }
}
