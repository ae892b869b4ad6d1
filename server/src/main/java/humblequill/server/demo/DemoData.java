package humblequill.server.demo;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.Extras;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.Share;
import humblequill.core.course.plan.Work;
import humblequill.core.day.entry.Done;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.Tally;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.name.NameChanges;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Fills an empty folder with the demo: sixteen finished weeks of Harbour Year and half of the next.
 * Seeded, so that the same date brings the same data.
 */
@Component
@ConditionalOnProperty("quill.demo")
class DemoData implements SmartInitializingSingleton {
  private static final int MAIN_WEIGHT = 70;
  private static final int PAGES_IN_BOOK = 72;
  private static final int DOUBLE_MISS = 79;

  /** Days, counted from the first, on which what is new makes marks fall. */
  private static final int NEW_FROM = 58;

  private static final int NEW_UNTIL = 79;
  private static final Set<Integer> SINGLE_MISSES = Set.of(17, 37, 66, 95);
  private static final List<String> BOOKS =
      List.of("Harbour book 1", "Harbour book 2", "Harbour book 3");

  private final SettingsService settings;
  private final PlacementService placements;
  private final NameChanges names;
  private final EntryService entries;
  private final DemoPromises promises;
  private final DemoShelf shelf;
  private final DemoBooks books;
  private final DemoReviews reviews;
  private final DemoSittings sittings;
  private final DemoWhatFor whatFor;
  private final DemoRecall recall;

  DemoData(
      SettingsService settings,
      PlacementService placements,
      NameChanges names,
      EntryService entries,
      DemoPromises promises,
      DemoShelf shelf,
      DemoBooks books,
      DemoReviews reviews,
      DemoSittings sittings,
      DemoWhatFor whatFor,
      DemoRecall recall) {
    this.recall = recall;
    this.sittings = sittings;
    this.whatFor = whatFor;
    this.reviews = reviews;
    this.shelf = shelf;
    this.books = books;
    this.promises = promises;
    this.settings = settings;
    this.placements = placements;
    this.names = names;
    this.entries = entries;
  }

  /** Before the first request can be answered. */
  @Override
  public void afterSingletonsInstantiated() {
    if (settings.read().started()) {
      return;
    }
    var today = settings.learner().today();
    settings.write(DemoLearner.settings(today, ZoneId.systemDefault().getId()));
    DemoLearner.names().forEach(names::create);
    var start = today.minusDays(DemoLearner.DAYS_BEFORE);
    var placed = placements.place("harbour-year", start, false, MAIN_WEIGHT, today);
    decide(
        placed.id(),
        start.plusDays(51),
        new PlanChange.Stretch("8", 14),
        "The far side of the hull would not turn. One more week for it.");
    decide(
        placed.id(),
        DemoReviews.lastClosedSunday(settings.learner()),
        new PlanChange.Add("18", Extras.warmUp("lines", 5, "looked-back")),
        "Looking back: lines are rusty, and gesture needs them.");
    decide(
        placed.id(),
        today.minusDays(3),
        new PlanChange.Drop("19", Map.of("w19-gulls", 10)),
        "Fewer gulls, more of the dogs on the quay.");
    placed = placements.need(placed.id());
    var diary = new Diary(placed, settings.learner()).write();
    entries.createAll(diary);
    var practised =
        diary.values().stream()
            .map(EntryFields::day)
            .filter(today::isAfter)
            .distinct()
            .sorted()
            .toList();
    entries.createAll(DemoStudies.write(start, practised));
    shelf.make(today);
    promises.make(settings.learner());
    books.make(settings.learner());
    entries.createAll(DemoSheets.write(today, practised));
    reviews.write(settings.learner());
    sittings.make(today);
    whatFor.make(today);
    recall.make(today);
    books.awaitIfFirst();
  }

  private void decide(UUID placement, LocalDate on, PlanChange change, String reason) {
    var placed = placements.need(placement);
    var name = "demo/" + placement + "/" + placed.decisions().size();
    placements.change(
        placed,
        UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)),
        List.of(change),
        false,
        reason,
        on);
  }

  /** Draws day after day what the plan of that day asks for, more or less. */
  private static final class Diary {
    private final Placement placement;
    private final Learner learner;
    private final Random random;
    private final Random learning;
    private final Map<String, Map<LocalDate, Integer>> done = new HashMap<>();
    private final Map<UUID, EntryFields> written = new LinkedHashMap<>();
    private final Set<Integer> missed = new HashSet<>();
    private int page = 1;

    private Diary(PlacedCourse placed, Learner learner) {
      placement = placed.placement();
      this.learner = learner;
      random = new Random(placement.start().toEpochDay());
      learning = new Random(placement.start().toEpochDay() + 29);
      for (int miss : SINGLE_MISSES) {
        missed.add(drawingDay(miss));
      }
      missed.add(drawingDay(DOUBLE_MISS));
      missed.add(drawingDay(drawingDay(DOUBLE_MISS) + 1));
    }

    /** The first day from here on that is not rest. */
    private int drawingDay(int index) {
      int day = index;
      while (learner.availability().isNeutral(placement.start().plusDays(day))) {
        day++;
      }
      return day;
    }

    private Map<UUID, EntryFields> write() {
      for (int i = 0; i < DemoLearner.DAYS_BEFORE; i++) {
        var day = placement.start().plusDays(i);
        if (!learner.availability().isNeutral(day) && !missed.contains(i)) {
          draw(day, false);
        }
      }
      draw(learner.today(), true);
      return written;
    }

    private void draw(LocalDate day, boolean onlyBegun) {
      var week = placement.weekOn(day).orElseThrow();
      var open =
          new OpenWeek(
              week.week().exercises().stream().map(Work::of).toList(),
              soFar(),
              learner.rooms(week.from(), week.to()),
              List.of(),
              day,
              learner.work().order());
      var shares = open.outlook().days().get(0).shares();
      var time = LocalTime.of(7, 10).plusMinutes(random.nextInt(40));
      int told = 0;
      for (var share : shares) {
        if (onlyBegun && told == 2) {
          return;
        }
        var exercise = placement.exercise(share.exerciseId()).orElseThrow();
        boolean half = onlyBegun && told == 1 && share.count() > 1;
        time = entry(day, time, exercise, share, half);
        told++;
      }
      if (!onlyBegun && random.nextInt(5) == 0) {
        forFun(day, time.plusHours(9));
      }
    }

    private LocalTime entry(
        LocalDate day, LocalTime time, Exercise exercise, Share share, boolean half) {
      int units = half ? (share.count() + 1) / 2 : share.count();
      boolean counted = exercise.target().unit() == Exercise.Unit.DRAWINGS;
      int planned = Math.max(1, units * exercise.secondsEach() / 60);
      int minutes =
          counted
              ? Math.max(1, (int) Math.round(planned * (0.85 + random.nextDouble() * 0.35)))
              : units;
      int pages = Math.max(1, Math.min(2, units / 8));
      var pageSpan = pages(pages);
      var texts = random.nextInt(4) == 0 ? DemoTexts.pick(exercise, random) : null;
      var draft = new EntryDraft(day);
      draft.time = Optional.ofNullable(time);
      draft.exerciseId = Optional.ofNullable(exercise.id());
      draft.drawings = Optional.ofNullable(counted ? units : null);
      draft.minutes = Optional.ofNullable(minutes);
      draft.source = exercise.source();
      draft.medium = Optional.ofNullable(DemoTexts.medium(exercise.kind(), random));
      draft.resource = Optional.ofNullable(resource(exercise));
      draft.book = Optional.ofNullable(pageSpan.book());
      draft.pages = Optional.of(new PageSpan(pageSpan.from(), pageSpan.to()));
      draft.mark = Optional.ofNullable(random.nextInt(3) == 0 ? null : mark(day));
      draft.wentWrong = texts == null ? "" : texts.wentWrong();
      draft.nextTime = texts == null ? "" : texts.nextTime();
      draft.study = day.equals(learner.today()) ? Study.NONE : learned(day, exercise, units);
      add(EntryFields.of(draft));
      done.computeIfAbsent(exercise.id(), e -> new HashMap<>()).merge(day, units, Integer::sum);
      return time.plusMinutes(minutes + 3L);
    }

    private void forFun(LocalDate day, LocalTime time) {
      var pageSpan = pages(1);
      var draft = new EntryDraft(day);
      draft.time = Optional.ofNullable(time);
      draft.topic = Optional.of("harbour cats");
      draft.drawings = Optional.ofNullable(1 + random.nextInt(3));
      draft.minutes = Optional.ofNullable(8 + random.nextInt(10));
      draft.source = Optional.of("life");
      draft.medium = Optional.of("brush pen");
      draft.book = Optional.ofNullable(pageSpan.book());
      draft.pages = Optional.of(new PageSpan(pageSpan.from(), pageSpan.to()));
      draft.note = DemoTexts.cat(random);
      add(EntryFields.of(draft));
    }

    private Done soFar() {
      var tallies = new HashMap<String, Tally>();
      done.forEach((exercise, byDay) -> tallies.put(exercise, Tally.of(byDay)));
      return new Done(tallies);
    }

    private void add(EntryFields fields) {
      var name = "demo/" + placement.start() + "/" + written.size();
      written.put(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)), fields);
    }

    private record PagesOfBook(String book, int from, int to) {}

    private PagesOfBook pages(int count) {
      int last = BOOKS.size() * PAGES_IN_BOOK;
      int from = Math.min(page, last);
      int book = (from - 1) / PAGES_IN_BOOK;
      int to = Math.min(from + count - 1, (book + 1) * PAGES_IN_BOOK);
      page = to + (random.nextInt(4) > 0 ? 1 : 0);
      return new PagesOfBook(
          BOOKS.get(book), from - book * PAGES_IN_BOOK, to - book * PAGES_IN_BOOK);
    }

    /**
     * Every second entry tells restated lines, which fall from three a drawing to hardly more than
     * one; two of three answer what was to be looked for, at first mostly with no.
     */
    private Study learned(LocalDate day, Exercise exercise, int units) {
      double each = 3 - 1.8 * share(day) + 0.4 * learning.nextGaussian();
      double found = 0.2 + 0.6 * share(day) + 0.25 * learning.nextGaussian();
      boolean tellsLines = learning.nextBoolean();
      boolean answers = learning.nextInt(3) > 0;
      var study = Study.NONE;
      if (tellsLines && exercise.target().unit() == Exercise.Unit.DRAWINGS) {
        int count = (int) Math.max(0, Math.round(units * each));
        study = study.withOwn(new OwnFigure(DemoLearner.OWN_FIGURE, count));
      }
      if (answers && !exercise.lookFor().isBlank()) {
        study =
            study.withLookedFor(
                found > 0.66 ? LookedFor.YES : found > 0.33 ? LookedFor.PARTLY : LookedFor.NO);
      }
      return study;
    }

    /** How much of the time until today had passed. */
    private double share(LocalDate day) {
      return (double) (day.toEpochDay() - placement.start().toEpochDay()) / DemoLearner.DAYS_BEFORE;
    }

    /** Marks rise over the months, and fall while mooring posts are new. */
    private int mark(LocalDate day) {
      long index = day.toEpochDay() - placement.start().toEpochDay();
      double harder = index >= NEW_FROM && index < NEW_UNTIL ? 1.2 : 0;
      double mark = 2.2 + 1.5 * share(day) - harder + random.nextGaussian() * 0.7;
      return (int) Math.max(1, Math.min(5, Math.round(mark)));
    }

    private static @Nullable String resource(Exercise exercise) {
      return switch (exercise.kind()) {
        case LESSON ->
            exercise.id().startsWith("w07") || exercise.id().startsWith("w08")
                ? "Boats from keel to rail"
                : "The patient eye";
        case STUDY ->
            exercise
                .source()
                .filter("photo"::equals)
                .map(s -> "Quay photographs, own folder")
                .orElse(null);
        case WARM_UP, DRILL, TIMED_POSES, APPLIED, CHECKPOINT, FREE -> null;
      };
    }
  }
}
