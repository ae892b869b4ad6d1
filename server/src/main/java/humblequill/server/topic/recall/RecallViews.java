package humblequill.server.topic.recall;

import humblequill.core.day.entry.Depth;
import humblequill.core.topic.recall.DueToday;
import humblequill.core.topic.recall.Pin;
import humblequill.core.topic.recall.Plate;
import humblequill.core.topic.recall.SpeaksFor;
import humblequill.core.topic.recall.StepOrder;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Shows what can be asked for, and what is due today. */
@Component
class RecallViews {
  /** What is asked for, by its day; then one's own; then what ships, in its own order. */
  private static final Comparator<RecallLine> WANTED_FIRST =
      Comparator.comparing(
              RecallLine::due, Comparator.nullsLast(Comparator.<LocalDate>naturalOrder()))
          .thenComparing(line -> !line.own());

  private final RecallKept kept;
  private final RecallLibrary library;
  private final SettingsService settings;

  RecallViews(RecallKept kept, RecallLibrary library, SettingsService settings) {
    this.kept = kept;
    this.library = library;
    this.settings = settings;
  }

  /**
   * A plate or an order.
   *
   * @param parts pins or steps
   * @param way how it is asked for; null while it is not
   * @param due when it is asked for next; null while it is not
   * @param times how often it was asked for, pin by pin or as a whole
   * @param right how often that went well
   * @param held days over which all of it was still there; 0 before the first success
   * @param speaksFor the depth of its topics that this speaks for; null where it speaks for none
   * @param own whether the learner made it or brought it in
   * @param gone whether its picture was taken out, so that it is not asked for
   */
  record RecallLine(
      Recall.Kind kind,
      String id,
      String title,
      List<String> topics,
      int parts,
      Recall.@Nullable Way way,
      @Nullable LocalDate due,
      int times,
      int right,
      int held,
      @Nullable Depth speaksFor,
      boolean own,
      boolean gone) {}

  /**
   * Something to be asked for today.
   *
   * @param pins which pins are due; empty where it is asked for as a whole
   * @param seconds about what it takes
   */
  record DueRecall(
      Recall.Kind kind, String id, String title, Recall.Way way, List<String> pins, int seconds) {}

  /** All things, and what is due today; nothing is while it rests. */
  record RecallView(boolean resting, List<DueRecall> due, List<RecallLine> things) {}

  /**
   * What can be asked for.
   *
   * @param pins of a plate; none of an order
   * @param wholeSeconds about what all of it takes at once
   * @param gone whether its picture was taken out, so that it cannot be asked for
   */
  private record Known(
      Recallable thing,
      String title,
      List<String> topics,
      int parts,
      List<String> pins,
      int wholeSeconds,
      boolean own,
      boolean gone) {
    static Known of(Plate p, boolean own, boolean gone) {
      return new Known(
          new Recallable(Recall.Kind.PLATE, p.id()),
          p.title(),
          p.topics(),
          p.pins().size(),
          p.pins().stream().map(Pin::id).toList(),
          DueToday.DRAWING,
          own,
          gone);
    }

    static Known of(StepOrder o, boolean own) {
      return new Known(
          new Recallable(Recall.Kind.ORDER, o.id()),
          o.title(),
          o.topics(),
          o.steps().size(),
          List.of(),
          o.steps().size() * DueToday.STEP,
          own,
          false);
    }

    List<DueToday.Item> items(RecallKept.Taken taken, RecallKept.Now kept) {
      return taken.items(pins).stream()
          .map(
              item ->
                  new DueToday.Item(
                      item,
                      kept.asking(item, taken),
                      item.equals(thing.key()) ? wholeSeconds : DueToday.PIN))
          .toList();
    }
  }

  private List<Known> known() {
    return Stream.concat(
            library.plates().stream()
                .map(p -> Known.of(p.plate(), p.version() != null, library.isGone(p))),
            library.orders().stream().map(o -> Known.of(o, library.isOwn(o))))
        .toList();
  }

  /** All of it. */
  @Transactional(readOnly = true)
  public RecallView read() {
    var known = known();
    var now = kept.now();
    return new RecallView(
        now.resting(),
        now.resting() ? List.of() : due(known, now),
        known.stream().map(k -> line(k, now)).sorted(WANTED_FIRST).toList());
  }

  /**
   * What a sitting can begin with.
   *
   * @param first what is due of its topics, else what is due at all; null where nothing is
   * @param orders orders of steps of its topics
   */
  record BeforeSitting(@Nullable DueRecall first, List<OrderBefore> orders) {}

  /**
   * An order of steps of a sitting's topic.
   *
   * @param due whether it is asked for today, and not first
   */
  record OrderBefore(String id, String title, List<String> steps, boolean due) {}

  /** What a sitting on topics can begin with. */
  @Transactional(readOnly = true)
  public BeforeSitting before(List<String> topics) {
    var wanted = library.calledNow(topics);
    var view = read();
    var ofTopics =
        view.things().stream()
            .filter(line -> !Collections.disjoint(line.topics(), wanted))
            .map(line -> new Recallable(line.kind(), line.id()))
            .collect(Collectors.toSet());
    var first =
        view.due().stream()
            .min(Comparator.comparing(d -> !ofTopics.contains(new Recallable(d.kind(), d.id()))));
    var due =
        view.due().stream()
            .filter(d -> !first.equals(Optional.of(d)))
            .map(DueRecall::id)
            .collect(Collectors.toSet());
    return new BeforeSitting(
        first.orElse(null),
        library.orders().stream()
            .filter(o -> ofTopics.contains(new Recallable(Recall.Kind.ORDER, o.id())))
            .map(o -> new OrderBefore(o.id(), o.title(), o.steps(), due.contains(o.id())))
            .toList());
  }

  private RecallLine line(Known k, RecallKept.Now kept) {
    var taken = kept.taken(k.thing());
    var items = taken.map(t -> k.items(t, kept)).orElse(List.of());
    var asked = items.stream().flatMap(i -> kept.asked(i.id()).stream()).toList();
    int held = items.stream().mapToInt(i -> SpeaksFor.held(i.asking())).min().orElse(0);
    boolean drawn = taken.filter(t -> t.way() == Recall.Way.DRAW).isPresent();
    return new RecallLine(
        k.thing().kind(),
        k.thing().id(),
        k.title(),
        library.calledNow(k.topics()),
        k.parts(),
        taken.map(RecallKept.Taken::way).orElse(null),
        items.stream().map(i -> i.asking().due()).min(Comparator.naturalOrder()).orElse(null),
        asked.stream().mapToInt(RecallKept.Asked::times).sum(),
        asked.stream().mapToInt(RecallKept.Asked::rightTimes).sum(),
        held,
        drawn ? SpeaksFor.depth(held).orElse(null) : null,
        k.own(),
        k.gone());
  }

  private List<DueRecall> due(List<Known> known, RecallKept.Now kept) {
    var today = settings.learner().today();
    var items = new ArrayList<DueToday.Item>();
    known.stream()
        .filter(k -> !k.gone())
        .forEach(k -> kept.taken(k.thing()).ifPresent(t -> items.addAll(k.items(t, kept))));
    var chosen =
        DueToday.of(items, today, kept.seconds(today)).stream()
            .map(DueToday.Item::id)
            .collect(Collectors.toSet());
    return known.stream().flatMap(k -> due(k, chosen, kept).stream()).toList();
  }

  private static Optional<DueRecall> due(Known k, Set<String> chosen, RecallKept.Now kept) {
    return kept.taken(k.thing())
        .flatMap(
            taken -> {
              var mine =
                  k.items(taken, kept).stream().filter(i -> chosen.contains(i.id())).toList();
              return mine.isEmpty()
                  ? Optional.empty()
                  : Optional.of(
                      new DueRecall(
                          k.thing().kind(),
                          k.thing().id(),
                          k.title(),
                          taken.way(),
                          k.pins().stream().filter(p -> chosen.contains(k.thing().pin(p))).toList(),
                          mine.stream().mapToInt(DueToday.Item::seconds).sum()));
            });
  }
}
