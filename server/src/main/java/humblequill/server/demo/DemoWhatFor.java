package humblequill.server.demo;

import humblequill.core.day.entry.Drawn;
import humblequill.core.promise.Outcome;
import humblequill.server.book.EntryPictures;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.lookback.OwnSubjects;
import humblequill.server.lookback.whatfor.Goals;
import humblequill.server.lookback.whatfor.HungPictures;
import humblequill.server.lookback.whatfor.OpenEnds;
import humblequill.server.promise.QuotaService;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What the made-up learner draws for: a board, goals, open ends, and a subject laid by hand. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoWhatFor {
  private final HungPictures pictures;
  private final Goals goals;
  private final OpenEnds ends;
  private final OwnSubjects subjects;
  private final EntryPictures seen;
  private final EntryLedger ledger;
  private final PlacementService placements;
  private final QuotaService quotas;

  DemoWhatFor(
      HungPictures pictures,
      Goals goals,
      OpenEnds ends,
      OwnSubjects subjects,
      EntryPictures seen,
      EntryLedger ledger,
      PlacementService placements,
      QuotaService quotas) {
    this.pictures = pictures;
    this.goals = goals;
    this.ends = ends;
    this.subjects = subjects;
    this.seen = seen;
    this.ledger = ledger;
    this.placements = placements;
    this.quotas = quotas;
  }

  void make(LocalDate today) {
    ends.note(id("dusk"), "The crane from below, at dusk", today.minusDays(40));
    ends.note(id("fog"), "Three boats in fog, with three values", today.minusDays(23));
    ends.note(id("hands"), "Hands that coil a rope", today.minusDays(9));
    placements.all().stream()
        .findFirst()
        .ifPresent(
            c ->
                goals.keep(
                    Goals.Kind.COURSE,
                    c.id(),
                    null,
                    "A boat that floats on its page, and a crane that does not fall over.",
                    ""));
    for (var quota : quotas.all()) {
      if (quota.outcome() != Outcome.RUNNING) {
        goals.keep(
            Goals.Kind.PROMISE, quota.id(), null, "To stop being afraid of so many of them.", "");
      }
    }
  }

  /** Once pages have pictures. */
  void makeOfPictures() {
    hang();
    lay();
  }

  private void hang() {
    var all = pictured();
    var chosen = all.subList(Math.max(0, all.size() - 4), all.size());
    var hung = new ArrayList<HungPictures.HungPicture>();
    double[][] places = {{0.02, 0.03, 0.4}, {0.46, 0, 0.3}, {0.5, 0.45, 0.44}, {0.08, 0.62, 0.34}};
    for (int i = 0; i < chosen.size(); i++) {
      hung.add(
          new HungPictures.HungPicture(
              chosen.get(i).getValue(),
              HungPictures.From.PAGES,
              places[i][0],
              places[i][1],
              places[i][2]));
    }
    pictures.hang(-1, hung);
  }

  /** The first and the newest drawing of what was drawn on most pictured pages. */
  private void lay() {
    pictured().stream()
        .map(Map.Entry::getKey)
        .collect(Collectors.groupingBy(Drawn::called))
        .values()
        .stream()
        .filter(same -> same.size() > 1)
        .max(Comparator.comparing((List<Drawn> same) -> same.size()))
        .ifPresent(
            same ->
                subjects.lay(
                    id("again"),
                    same.get(0).called() + ", once more",
                    List.of(same.get(0).entry(), same.get(same.size() - 1).entry())));
  }

  /** Entries with pictures, the oldest first; each picture once. */
  private List<Map.Entry<Drawn, UUID>> pictured() {
    var drawn = ledger.read().all().toList();
    var byEntry = seen.of(drawn.stream().map(Drawn::entry).collect(Collectors.toSet()));
    var taken = new HashSet<UUID>();
    return drawn.stream()
        .filter(d -> byEntry.containsKey(d.entry()))
        .map(d -> Map.entry(d, byEntry.get(d.entry())))
        .filter(e -> taken.add(e.getValue()))
        .toList();
  }

  private static UUID id(String name) {
    return UUID.nameUUIDFromBytes(("demo/what-for/" + name).getBytes(StandardCharsets.UTF_8));
  }
}
