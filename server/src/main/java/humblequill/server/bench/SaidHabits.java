package humblequill.server.bench;

import humblequill.core.bench.SaidHabit;
import humblequill.core.bench.SaidWrong;
import humblequill.core.bench.Tendency;
import humblequill.server.day.entry.SaidNotes;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Errors that come back in the learner's own words. */
@Service
class SaidHabits {
  private static final int MOST_CASES = 30;

  private final SaidNotes notes;
  private final MisreadWordRepository repository;
  private final Remembered<Set<MisreadWordEntity.Key>> misread;
  private final Derived<List<SaidCase>> cases = new Derived<>();

  SaidHabits(SaidNotes notes, MisreadWordRepository repository, Memory memory) {
    this.notes = notes;
    this.repository = repository;
    this.misread = memory.remember("words that were read wrong", MisreadWordEntity.class);
  }

  /** What an entry was read to say. */
  record SaidCase(UUID entry, LocalDate day, String text, SaidWrong said) {}

  /**
   * An error that is told in words.
   *
   * @param part in the singular; empty for the whole
   * @param more how often it was told as too much
   * @param less how often as too little
   * @param sign the chance of the exact sign test
   * @param cases the newest of them, the newest first
   */
  record SaidHabitView(
      String part,
      SaidWrong.Along along,
      int more,
      int less,
      double sign,
      Tendency.Standing standing,
      List<SaidCase> cases) {}

  /** All cases, the oldest first. */
  List<SaidCase> cases() {
    var all = notes.all();
    var wrong = wrong();
    return cases.get(
        List.of(all, wrong),
        () ->
            all.stream()
                .flatMap(
                    n ->
                        SaidWrong.in(n.wentWrong()).stream()
                            .map(s -> new SaidCase(n.entry(), n.day(), n.wentWrong(), s)))
                .filter(c -> !wrong.contains(key(c.entry(), c.said())))
                .toList());
  }

  private Set<MisreadWordEntity.Key> wrong() {
    return misread.get(
        () -> repository.findAll().stream().map(e -> e.key).collect(Collectors.toSet()));
  }

  private static MisreadWordEntity.Key key(UUID entry, SaidWrong said) {
    return new MisreadWordEntity.Key(entry, said.part(), StoredJson.word(said.along()));
  }

  /** What was told twice or more. */
  @Transactional(readOnly = true)
  List<SaidHabitView> read() {
    var all = cases();
    return SaidHabit.of(all.stream().map(SaidCase::said).toList()).stream()
        .filter(h -> h.times() > 1)
        .map(
            h ->
                new SaidHabitView(
                    h.part(),
                    h.along(),
                    h.more(),
                    h.less(),
                    h.sign(),
                    h.standing(),
                    all.stream()
                        .filter(
                            c -> c.said().part().equals(h.part()) && c.said().along() == h.along())
                        .sorted(Comparator.comparing(SaidCase::day).reversed())
                        .limit(MOST_CASES)
                        .toList()))
        .toList();
  }

  /** Tells that words of an entry were read wrong, or that they were read right after all. */
  @Transactional
  void misread(UUID entry, String part, SaidWrong.Along along, boolean wrong) {
    var entity = new MisreadWordEntity();
    entity.key = new MisreadWordEntity.Key(entry, part, StoredJson.word(along));
    if (wrong) {
      repository.saveAndFlush(entity);
    } else {
      repository.deleteById(entity.key);
      repository.flush();
    }
  }
}
