package humblequill.core.shelf;

import humblequill.core.book.FullDate;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * A resource: what the learner tells of it and what entries tell.
 *
 * @param topics what it is about, as told
 * @param counted whether its units are counted
 * @param queued whether it has a place in the queue
 * @param dueBack when a borrowed one goes back
 * @param wanted how often it was wanted
 * @param done whether it is finished or dropped
 */
public record Resource(
    ResourceRole role,
    Ownership ownership,
    List<String> topics,
    boolean counted,
    boolean queued,
    Optional<LocalDate> dueBack,
    int wanted,
    boolean done,
    ResourceUse use) {
  private static final int LEFT_OFF_DAYS = 21;
  private static final int WANTED_OFTEN = 3;
  private static final int DUE_SOON = 14;

  /** Where a resource stands on the shelf. */
  public enum Place {
    /** It is being worked through. */
    READING,
    /** It waits for its turn. */
    QUEUED,
    /** It is at hand, to look things up in or to come back to; also when all of it was read. */
    AT_HAND,
    /** Begun and left off for three weeks or more. */
    LEFT_OFF,
    WANTED,
    DONE
  }

  /** What is remarked about a resource. */
  public enum Remark {
    /** Borrowed and due within a fortnight, or overdue. */
    DUE,
    /** Wanted three times or more and never opened. */
    WANTED_AGAIN
  }

  /** Where it stands on a day. */
  public Place place(LocalDate today) {
    if (done) {
      return Place.DONE;
    }
    if (ownership == Ownership.WANTED) {
      return Place.WANTED;
    }
    if (queued && use.read().count() == 0) {
      return Place.QUEUED;
    }
    if (!counted || role != ResourceRole.TEACHES || use.last().isEmpty() || isReadWhole()) {
      return Place.AT_HAND;
    }
    return ChronoUnit.DAYS.between(use.last().get(), today) > LEFT_OFF_DAYS
        ? Place.LEFT_OFF
        : Place.READING;
  }

  private boolean isReadWhole() {
    var left = use.read().left();
    return left.isPresent() && left.getAsInt() <= 0;
  }

  /** What is to be remarked on a day. */
  public List<Remark> remarks(LocalDate today) {
    if (done) {
      return List.of();
    }
    boolean due =
        ownership == Ownership.BORROWED
            && dueBack.filter(d -> !d.isAfter(today.plusDays(DUE_SOON))).isPresent();
    if (due) {
      return List.of(Remark.DUE);
    }
    return wanted >= WANTED_OFTEN && use.entries() == 0 ? List.of(Remark.WANTED_AGAIN) : List.of();
  }

  /** What it is about: the topics told; without any, those of its entries. */
  public List<String> about() {
    return topics.isEmpty() ? use.topics() : topics;
  }

  /** Whether it is at hand and teaches one of some topics. */
  public boolean teachesAny(List<String> wantedTopics) {
    return role == ResourceRole.TEACHES
        && ownership != Ownership.WANTED
        && about().stream().anyMatch(wantedTopics::contains);
  }

  /**
   * When it will be done, as a book that fills: units newly read are the draws of the days to come.
   * Nothing without a total, before anything is read, and once it is done with.
   */
  public Optional<FullDate> finish(LocalDate today) {
    var left = use.read().left();
    Tally read = use.newlyRead();
    return done || left.isEmpty() || left.getAsInt() <= 0 || read.byDay().isEmpty()
        ? Optional.empty()
        : Optional.of(FullDate.of(left.getAsInt(), read, read.byDay().firstKey(), 1, today));
  }
}
