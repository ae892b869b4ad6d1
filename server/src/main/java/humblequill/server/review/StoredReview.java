package humblequill.server.review;

import humblequill.core.review.OfferedChange;
import humblequill.server.data.StoredJson;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A review as it is stored. See docs/formats/stored.md.
 *
 * @param words what the learner thinks of the week
 * @param expects what is expected of the next one
 * @param taken changes that were taken
 */
record StoredReview(String words, String expects, List<StoredTaken> taken) {
  static final StoredReview EMPTY = new StoredReview("", "", List.of());

  /**
   * A change that was taken.
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
      return new StoredTaken(
          StoredJson.word(o.kind()),
          o.subject(),
          o.about(),
          o.week(),
          o.amount(),
          o.secondsEach(),
          o.seen(),
          o.against(),
          placement,
          decision);
    }

    OfferedChange offer() {
      return new OfferedChange(
          StoredJson.kind(OfferedChange.Kind.class, kind),
          subject,
          about,
          week,
          amount,
          secondsEach,
          seen,
          against);
    }
  }
}
