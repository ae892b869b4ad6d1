package humblequill.core.book;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;

/**
 * Where pictures that wait most likely belong. The pictures of a practice day, in the order in
 * which they were taken, go with the pages drawn on that day, in the order in which they were
 * drawn.
 */
public final class TrayProposals {
  private TrayProposals() {}

  /**
   * A picture that waits.
   *
   * @param day the practice day it was taken on; empty when its camera told no time
   * @param arrived the practice day it came in
   */
  public record Waiting(UUID picture, Optional<LocalDate> day, LocalDate arrived) {}

  /**
   * A page drawn on a day, without a picture of its own yet.
   *
   * @param time when, if the learner told it
   */
  public record Bare(String book, int number, LocalDate day, Optional<LocalTime> time) {}

  /** On what a proposal rests. */
  public enum Rests {
    /** As many pictures as pages of that day. */
    DAY_AND_COUNT,
    /** Pages of that day, but not as many. */
    DAY,
    /** Pages drawn in the days before: pages are often photographed later. */
    DAYS_BEFORE,
    /** A page drawn lately, for a picture whose camera told no time. */
    LATELY,
    /** The next page of the book in use. */
    NEXT_PAGE
  }

  /** A page proposed for a picture. */
  public record Proposal(UUID picture, String book, int number, Rests rests) {}

  /** How many days before a picture its page may have been drawn. */
  public static final int DAYS_BEFORE = 14;

  /**
   * Proposals, at most one for each picture and one for each page.
   *
   * @param waiting in the order in which they were taken
   * @param bare pages without a picture
   * @param next the next page of the book in use; empty without one
   */
  public static List<Proposal> of(
      List<Waiting> waiting, Collection<Bare> bare, Optional<Bare> next) {
    var pages = new TreeMap<LocalDate, List<Bare>>();
    bare.stream()
        .sorted(
            Comparator.comparing(Bare::day)
                .thenComparing(b -> b.time().orElse(LocalTime.MAX))
                .thenComparing(Bare::book)
                .thenComparing(Bare::number))
        .forEach(b -> pages.computeIfAbsent(b.day(), d -> new ArrayList<>()).add(b));
    var taken = new HashSet<String>();
    var proposals = new TreeMap<Integer, Proposal>();
    var byDay = new TreeMap<LocalDate, List<Integer>>();
    for (int i = 0; i < waiting.size(); i++) {
      int place = i;
      waiting
          .get(i)
          .day()
          .ifPresent(day -> byDay.computeIfAbsent(day, d -> new ArrayList<>()).add(place));
    }
    byDay.forEach(
        (day, places) -> {
          var free = pages.getOrDefault(day, List.of());
          var rests = free.size() == places.size() ? Rests.DAY_AND_COUNT : Rests.DAY;
          for (int i = 0; i < Math.min(free.size(), places.size()); i++) {
            int at = places.get(i);
            take(proposals, taken, at, waiting.get(at), free.get(i), rests);
          }
        });
    for (int i = 0; i < waiting.size(); i++) {
      var picture = waiting.get(i);
      int at = i;
      if (proposals.containsKey(i)) {
        continue;
      }
      if (picture.day().isPresent()) {
        earlier(pages, picture.day().get(), taken)
            .ifPresent(b -> take(proposals, taken, at, picture, b, Rests.DAYS_BEFORE));
      } else {
        earlier(pages, picture.arrived().plusDays(1), taken)
            .ifPresent(b -> take(proposals, taken, at, picture, b, Rests.LATELY));
      }
    }
    for (int i = 0; i < waiting.size(); i++) {
      if (!proposals.containsKey(i) && next.isPresent() && !taken.contains(key(next.get()))) {
        take(proposals, taken, i, waiting.get(i), next.get(), Rests.NEXT_PAGE);
      }
    }
    return List.copyOf(proposals.values());
  }

  /** The oldest page of the days before that has no picture yet. */
  private static Optional<Bare> earlier(
      TreeMap<LocalDate, List<Bare>> pages, LocalDate day, HashSet<String> taken) {
    return pages.subMap(day.minusDays(DAYS_BEFORE), day).values().stream()
        .flatMap(List::stream)
        .filter(b -> !taken.contains(key(b)))
        .findFirst();
  }

  private static void take(
      Map<Integer, Proposal> proposals,
      HashSet<String> taken,
      int at,
      Waiting picture,
      Bare page,
      Rests rests) {
    if (taken.add(key(page))) {
      proposals.put(at, new Proposal(picture.picture(), page.book(), page.number(), rests));
    }
  }

  private static String key(Bare page) {
    return page.number() + " " + page.book();
  }
}
