package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.lookback.SpanFigures;
import humblequill.core.shelf.UnitsRead;
import humblequill.server.book.EntryPictures;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Facts that stand in letters of weeks and of months alike. */
@Component
class LetterFacts {
  private final KeptReviews kept;
  private final WeekGround ground;
  private final SettingsService settings;
  private final Offering offering;
  private final EntryPictures pictures;

  LetterFacts(
      KeptReviews kept,
      WeekGround ground,
      SettingsService settings,
      Offering offering,
      EntryPictures pictures) {
    this.kept = kept;
    this.ground = ground;
    this.settings = settings;
    this.offering = offering;
    this.pictures = pictures;
  }

  /** The best and the weakest marked; both null without two different marks. */
  record BestAndWeakest(
      ReviewView.@Nullable MarkedPage best, ReviewView.@Nullable MarkedPage weakest) {}

  /** The best and the weakest with their pictures. */
  BestAndWeakest pages(SpanFigures drawn) {
    var marked = Stream.of(drawn.best(), drawn.weakest()).flatMap(Optional::stream).toList();
    var seen = pictures.shown(marked.stream().map(Drawn::entry).collect(Collectors.toSet()));
    return new BestAndWeakest(
        drawn.best().map(d -> page(d, seen)).orElse(null),
        drawn.weakest().map(d -> page(d, seen)).orElse(null));
  }

  private static ReviewView.MarkedPage page(Drawn d, Map<UUID, UUID> pictures) {
    return new ReviewView.MarkedPage(
        d.entry(),
        d.day(),
        d.called(),
        d.mark(),
        d.book().orElse(null),
        d.span().map(PageSpan::from).orElse(null),
        pictures.get(d.entry()));
  }

  /** Where the main course stood on a day; null without one. */
  ReviewView.@Nullable CourseThen course(Learner learner, LocalDate to) {
    return ground
        .course(learner, to)
        .flatMap(
            c ->
                c.placement()
                    .weekOn(to)
                    .map(
                        w ->
                            new ReviewView.CourseThen(
                                c.placement().course().title(),
                                w.number().orElse(null),
                                w.week().title())))
        .orElse(null);
  }

  /** What all this is for, and what of four weeks served it; null where nothing was said. */
  ReviewView.@Nullable Serving serving(Learner learner, LocalDate to) {
    var aim = settings.read().whatFor();
    if (aim.isBlank()) {
      return null;
    }
    var last = to.isAfter(learner.today()) ? learner.today() : to;
    var serves = ground.serves(aim, learner, last);
    return new ReviewView.Serving(aim, serves.topics(), serves.minutes(), serves.of());
  }

  /** What was read or watched from one day to another, in the order in which it was begun. */
  List<ReviewView.ReadUnits> read(LocalDate from, LocalDate to) {
    var byResource = new LinkedHashMap<Worked, List<Drawn>>();
    for (var d : ground.drawn().between(from, to)) {
      var units = d.learned().study().units();
      if (d.learned().resource().isPresent() && units.isPresent()) {
        var worked = new Worked(d.learned().resource().get(), units.get().kind());
        byResource.computeIfAbsent(worked, w -> new ArrayList<>()).add(d);
      }
    }
    return byResource.entrySet().stream().map(e -> read(e.getKey(), e.getValue())).toList();
  }

  private record Worked(String resource, UnitKind unit) {}

  private static ReviewView.ReadUnits read(Worked worked, List<Drawn> drawn) {
    var units = drawn.stream().flatMap(d -> d.learned().study().units().stream()).toList();
    return new ReviewView.ReadUnits(
        worked.resource(),
        worked.unit().name().toLowerCase(Locale.ROOT),
        UnitsRead.of(units, OptionalInt.empty()).spans(),
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum());
  }

  /** What became of the changes of the review before, until the end of the week. */
  List<ReviewView.BecameView> became(Learner learner, LocalDate from) {
    return kept.of(from.minusDays(WeekGround.DAYS)).stream()
        .flatMap(before -> before.document().taken().stream())
        .map(
            t ->
                new ReviewView.BecameView(
                    ToldOffer.of(t.offer()),
                    offering.stands(learner, t),
                    offering.since(t.offer(), from)))
        .toList();
  }
}
