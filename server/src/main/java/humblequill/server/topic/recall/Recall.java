package humblequill.server.topic.recall;

import humblequill.core.ground.message.Message;
import humblequill.core.topic.recall.Asking;
import humblequill.core.topic.recall.DueToday;
import humblequill.core.topic.recall.Judging;
import humblequill.core.topic.recall.Pin;
import humblequill.core.topic.recall.Plate;
import humblequill.core.topic.recall.StepOrder;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks for plates and orders of steps, and judges the answers. */
@Service
public class Recall {
  private final RecallKept kept;
  private final RecallViews views;
  private final RecallLibrary library;
  private final SettingsService settings;

  Recall(RecallKept kept, RecallViews views, RecallLibrary library, SettingsService settings) {
    this.kept = kept;
    this.views = views;
    this.library = library;
    this.settings = settings;
  }

  /** How something is asked for. */
  public enum Way {
    /** Drawn from memory on paper, then uncovered and ticked. */
    DRAW,
    /** The names are given, their places are shown. */
    PLACE,
    /** The places are given, their names are written. */
    NAME,
    /** The steps are put in order. */
    ORDER
  }

  /** What kind of thing it is. */
  public enum Kind {
    PLATE,
    ORDER
  }

  Plate plate(String id) {
    return library.plate(id).plate();
  }

  StepOrder order(String id) {
    return library.order(id);
  }

  /** Wants to be asked for something, in a way. */
  @Transactional
  void take(Kind kind, String id, Way way) {
    take(kind, id, way, settings.learner().today());
  }

  private void take(Kind kind, String id, Way way, LocalDate day) {
    parts(kind, id);
    if ((kind == Kind.ORDER) != (way == Way.ORDER)) {
      throw Refusal.badValue("way", way, Message.of("topic.onlyOrders"));
    }
    kept.take(new Recallable(kind, id), way, day);
  }

  private int parts(Kind kind, String id) {
    return switch (kind) {
      case PLATE -> plate(id).pins().size();
      case ORDER -> order(id).steps().size();
    };
  }

  @Transactional
  void leaveOff(Kind kind, String id) {
    kept.leaveOff(new Recallable(kind, id));
  }

  @Transactional
  void rest(boolean resting) {
    kept.rest(resting);
  }

  /**
   * Remembers what was asked for as a whole in the past, each time on the day it was due.
   *
   * @param right how many of its parts were there, time after time
   */
  @Transactional
  public void remember(Kind kind, String id, Way way, LocalDate takenOn, List<Integer> right) {
    take(kind, id, way, takenOn);
    var day = Asking.takenUp(takenOn).due();
    for (int n : right) {
      day = whole(new Recallable(kind, id), n, day);
    }
  }

  /** Keeps how much of something that was asked for as a whole was there. */
  private LocalDate whole(Recallable thing, int right, LocalDate day) {
    int parts = parts(thing.kind(), thing.id());
    int seconds = thing.kind() == Kind.PLATE ? DueToday.DRAWING : parts * DueToday.STEP;
    return kept.answered(thing, thing.key(), new RecallKept.Score(right, parts), seconds, day);
  }

  /**
   * Keeps how a drawn plate compares: which of its pins were there.
   *
   * @return when it is asked for next
   */
  @Transactional
  LocalDate drawn(String id, List<String> got) {
    var plate = plate(id);
    got.forEach(pin -> pin("got", plate, pin));
    return whole(
        new Recallable(Kind.PLATE, id), new HashSet<>(got).size(), settings.learner().today());
  }

  /** Whether a pin was placed right. */
  @Transactional
  boolean placed(String id, String pinId, double x, double y) {
    var plate = plate(id);
    boolean right = pin("pin", plate, pinId).isAt(x, y, plate.ratio());
    single(id, pinId, right);
    return right;
  }

  /** How a name is judged. */
  @Transactional
  Judging.Verdict named(String id, String pinId, String answer) {
    var pin = pin("pin", plate(id), pinId);
    var verdict = library.judging().judge(answer, pin.right());
    single(id, pinId, verdict != Judging.Verdict.WRONG);
    return verdict;
  }

  private void single(String id, String pin, boolean right) {
    var thing = new Recallable(Kind.PLATE, id);
    kept.answered(
        thing,
        thing.pin(pin),
        new RecallKept.Score(right ? 1 : 0, 1),
        DueToday.PIN,
        settings.learner().today());
  }

  private static Pin pin(String field, Plate plate, String id) {
    return plate.pins().stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.badValue(field, id, Message.of("topic.noSuchPin", "id", id)));
  }

  /**
   * What was asked for in a time.
   *
   * @param asked parts that were asked for, each as often as it was
   * @param right those that were there
   * @param due when it is asked for next; null where it is not asked for any more
   */
  public record Recalled(String title, int asked, int right, @Nullable LocalDate due) {}

  /** What was asked for from one day to another, by title. */
  @Transactional(readOnly = true)
  public List<Recalled> between(LocalDate from, LocalDate to) {
    var lines =
        views.read().things().stream()
            .collect(Collectors.toMap(l -> new Recallable(l.kind(), l.id()), l -> l));
    return kept.between(from, to).stream()
        .filter(d -> lines.containsKey(d.thing()))
        .collect(Collectors.groupingBy(RecallKept.OnDay::thing))
        .entrySet()
        .stream()
        .map(
            e -> {
              var line = lines.get(e.getKey());
              return new Recalled(
                  line.title(),
                  e.getValue().stream().mapToInt(RecallKept.OnDay::asked).sum(),
                  e.getValue().stream().mapToInt(RecallKept.OnDay::right).sum(),
                  line.due());
            })
        .sorted(Comparator.comparing(Recalled::title))
        .toList();
  }

  /** How many steps were put in their place. */
  @Transactional
  int ordered(String id, List<String> said) {
    int right = order(id).right(said);
    whole(new Recallable(Kind.ORDER, id), right, settings.learner().today());
    return right;
  }
}
