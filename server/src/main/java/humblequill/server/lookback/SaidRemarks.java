package humblequill.server.lookback;

import humblequill.core.ground.message.Message;
import humblequill.core.lookback.SaidAgain;
import humblequill.core.lookback.SameWords;
import humblequill.core.lookback.WeekFigures;
import humblequill.server.ground.edge.Refusal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is said again under "went wrong", and which remarks the learner says mean the same. */
@Service
class SaidRemarks {
  private final WeekGround ground;
  private final KeptReviews kept;

  SaidRemarks(WeekGround ground, KeptReviews kept) {
    this.ground = ground;
    this.kept = kept;
  }

  /** What was said again in a week, beside the weeks before. */
  List<SaidAgain> again(LocalDate from) {
    return again(before(from), from, from.plusDays(WeekGround.DAYS));
  }

  /** What was said again from one day on until before another, beside some time before. */
  List<SaidAgain> again(LocalDate before, LocalDate from, LocalDate until) {
    return SaidAgain.again(ground.wrong(from, until), ground.wrong(before, from), same());
  }

  /** How often a remark was said in a week. */
  int count(String remark, LocalDate from) {
    return SaidAgain.count(remark, ground.wrong(from, from.plusDays(WeekGround.DAYS)), same());
  }

  private static LocalDate before(LocalDate from) {
    return from.minusDays((long) WeekFigures.BEFORE * WeekGround.DAYS);
  }

  private SameWords same() {
    return SameWords.of(pairs());
  }

  private List<SameWords.MeantSame> pairs() {
    return kept.all().values().stream()
        .sorted(Comparator.comparing(KeptReviews.KeptReview::from))
        .flatMap(r -> r.document().pairs().stream())
        .toList();
  }

  /**
   * Remarks that can be said to mean the same.
   *
   * @param remarks of a week and the weeks before, the newest first
   * @param same what was said to mean the same, in any week
   */
  record RemarksView(List<String> remarks, List<SameWords.MeantSame> same) {}

  @Transactional(readOnly = true)
  public RemarksView read(LocalDate from) {
    var notes = ground.wrong(before(from), from.plusDays(WeekGround.DAYS));
    return new RemarksView(SaidAgain.remarks(notes), pairs());
  }

  /** Tells in the review of a week whether two remarks mean the same. */
  @Transactional
  public void tell(LocalDate from, String one, String other, boolean same) {
    if (SameWords.of(pairs()).isSame(one, other) == same) {
      return;
    }
    if (same) {
      var document = kept.of(from).map(KeptReviews.KeptReview::document).orElse(StoredReview.EMPTY);
      var pairs = new ArrayList<>(document.pairs());
      pairs.add(new SameWords.MeantSame(one, other));
      kept.write(from, document.joining(pairs));
      return;
    }
    boolean parted = false;
    for (var review : List.copyOf(kept.all().values())) {
      var left = review.document().pairs().stream().filter(p -> !p.isOf(one, other)).toList();
      if (left.size() < review.document().pairs().size()) {
        kept.write(review.from(), review.document().joining(left));
        parted = true;
      }
    }
    if (!parted) {
      throw Refusal.badValue(
          "other", other, Message.of("lookback.notSaidSame", "one", one, "other", other));
    }
  }
}
