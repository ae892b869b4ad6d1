package humblequill.server.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.Redraws;
import humblequill.core.day.entry.Drawn;
import humblequill.core.lookback.Between;
import humblequill.server.bench.MeasuredPictures;
import humblequill.server.book.EntryPictures;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.course.plan.PlanService;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Subjects that a course asks for more than once, each time beside the others. */
@Service
class BeforeAfter {
  private final PlacementService placements;
  private final PlanService plans;
  private final EntryPictures pictures;
  private final WeekGround ground;
  private final OwnSubjects own;
  private final MeasuredPictures measured;

  BeforeAfter(
      PlacementService placements,
      PlanService plans,
      EntryPictures pictures,
      WeekGround ground,
      OwnSubjects own,
      MeasuredPictures measured) {
    this.measured = measured;
    this.own = own;
    this.placements = placements;
    this.plans = plans;
    this.pictures = pictures;
    this.ground = ground;
  }

  /**
   * A subject that is drawn more than once.
   *
   * @param own names one that was laid by hand; null for one of a course
   * @param title what it is
   * @param course the course that asks for it; empty for one laid by hand
   * @param moments in the order of the plan
   * @param between what lies between the first and the last that were drawn
   */
  record SubjectView(
      @Nullable UUID own, String title, String course, List<MomentView> moments, Between between) {}

  /**
   * One drawing of a subject.
   *
   * @param planned first day of its week
   * @param drawn the day it was first drawn; null before
   * @param picture of its page; null without one, and for a private page
   * @param measured what holding it beside a reference told; null where that was not done
   */
  record MomentView(
      String title,
      LocalDate planned,
      @Nullable LocalDate drawn,
      @Nullable UUID entry,
      @Nullable UUID picture,
      int mark,
      MeasuredPictures.@Nullable MeasuredPicture measured) {}

  @Transactional(readOnly = true)
  public List<SubjectView> read() {
    return Stream.concat(
            own.all().stream().filter(s -> s.drawn().size() > 1).map(this::view),
            placements.all().stream()
                .flatMap(
                    placed ->
                        Redraws.of(placed.placement(), plans.done(placed)).stream()
                            .map(moments -> view(placed, moments))))
        .toList();
  }

  private SubjectView view(OwnSubjects.OwnSubject subject) {
    var drawn = subject.drawn();
    var ids = drawn.stream().map(Drawn::entry).collect(Collectors.toSet());
    var seen = pictures.shown(ids);
    var told = measured.of(Set.copyOf(seen.values()));
    return new SubjectView(
        subject.id(),
        subject.title(),
        "",
        drawn.stream()
            .map(
                d ->
                    new MomentView(
                        d.called(),
                        d.day(),
                        d.day(),
                        d.entry(),
                        seen.get(d.entry()),
                        d.mark(),
                        told.get(seen.get(d.entry()))))
            .toList(),
        Between.of(ground.drawn(), drawn.get(0).day(), drawn.get(drawn.size() - 1).day(), ids));
  }

  private SubjectView view(PlacedCourse placed, List<Redraws.Moment> moments) {
    var entries = moments.stream().map(m -> entry(placed, m)).toList();
    var seen =
        pictures.shown(
            entries.stream()
                .flatMap(Optional::stream)
                .map(Drawn::entry)
                .collect(Collectors.toSet()));
    var told = measured.of(Set.copyOf(seen.values()));
    var views =
        IntStream.range(0, moments.size())
            .mapToObj(
                i -> {
                  var m = moments.get(i);
                  var e = entries.get(i);
                  return new MomentView(
                      m.exercise().title(),
                      m.from(),
                      m.drawn().orElse(null),
                      e.map(Drawn::entry).orElse(null),
                      e.map(d -> seen.get(d.entry())).orElse(null),
                      e.map(Drawn::mark).orElse(0),
                      e.map(d -> told.get(seen.get(d.entry()))).orElse(null));
                })
            .toList();
    var days = views.stream().map(MomentView::drawn).filter(Objects::nonNull).toList();
    var between =
        days.size() < 2
            ? Between.NOTHING
            : Between.of(
                ground.drawn(),
                days.get(0),
                days.get(days.size() - 1),
                entries.stream()
                    .flatMap(Optional::stream)
                    .map(Drawn::entry)
                    .collect(Collectors.toSet()));
    return new SubjectView(
        null,
        moments.get(0).exercise().title(),
        placed.placement().course().title(),
        views,
        between);
  }

  private Optional<Drawn> entry(PlacedCourse placed, Redraws.Moment moment) {
    return moment
        .drawn()
        .flatMap(
            day ->
                ground.drawn().between(day, day).stream()
                    .filter(d -> d.placement().filter(placed.id()::equals).isPresent())
                    .filter(d -> d.exercise().filter(moment.exercise().id()::equals).isPresent())
                    .findFirst());
  }
}
