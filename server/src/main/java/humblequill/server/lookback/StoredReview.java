package humblequill.server.lookback;

import humblequill.core.lookback.OfferedChange;
import humblequill.core.lookback.SameWords;
import humblequill.server.ground.data.StoredJson;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A review as it is stored. See docs/formats/stored.md.
 *
 * @param words what the learner thinks of the week
 * @param expects what is expected of the next one
 * @param taken changes that were taken
 * @param same remarks that the learner said mean the same; reviews from before have none
 * @param aside changes that were put aside; reviews from before have none
 */
record StoredReview(
    String words,
    String expects,
    List<StoredTaken> taken,
    @Nullable List<StoredSame> same,
    @Nullable List<StoredTaken> aside) {
  static final StoredReview EMPTY = new StoredReview("", "", List.of(), List.of(), List.of());

  /** The same with other words. */
  StoredReview saying(String otherWords, String otherExpects) {
    return new StoredReview(otherWords, otherExpects, taken, same, aside);
  }

  /** The same with one more change taken. */
  StoredReview taking(StoredTaken one) {
    var all = new ArrayList<>(taken);
    all.add(one);
    return new StoredReview(words, expects, all, same, aside);
  }

  /** The same with other remarks that mean the same. */
  StoredReview joining(List<SameWords.MeantSame> pairs) {
    var stored = pairs.stream().map(p -> new StoredSame(p.one(), p.other())).toList();
    return new StoredReview(words, expects, taken, stored, aside);
  }

  /** The same with other changes put aside. */
  StoredReview puttingAside(List<OfferedChange> offers) {
    var stored = offers.stream().map(o -> StoredTaken.of(o, null, null)).toList();
    return new StoredReview(words, expects, taken, same, stored);
  }

  /** Changes that were put aside. */
  List<OfferedChange> putAside() {
    return aside == null ? List.of() : aside.stream().map(StoredTaken::offer).toList();
  }

  /** Remarks that the learner said mean the same. */
  List<SameWords.MeantSame> pairs() {
    return same == null
        ? List.of()
        : same.stream().map(s -> new SameWords.MeantSame(s.one(), s.other())).toList();
  }

  /** Two remarks that mean the same. */
  record StoredSame(String one, String other) {}

  /**
   * A change that was taken, or put aside.
   *
   * @param decision the decision it made in a course's plan; null for one that changes no plan
   */
  record StoredTaken(
      String kind,
      String subject,
      String about,
      String week,
      int amount,
      int secondsEach,
      double seen,
      double against,
      @Nullable UUID placement,
      @Nullable UUID decision) {
    static StoredTaken of(OfferedChange o, @Nullable UUID placement, @Nullable UUID decision) {
      var stored = StoredOffer.of(o);
      return new StoredTaken(
          StoredJson.word(stored.kind()),
          stored.subject(),
          stored.about(),
          stored.week(),
          stored.amount(),
          stored.secondsEach(),
          stored.seen(),
          stored.against(),
          placement,
          decision);
    }

    OfferedChange offer() {
      var stored = StoredJson.kind(StoredOffer.Kind.class, kind);
      return new StoredOffer(stored, subject, about, week, amount, secondsEach, seen, against)
          .read();
    }
  }
}
