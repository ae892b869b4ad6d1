package humblequill.server.recall;

import humblequill.core.recall.Asking;
import humblequill.core.recall.DueToday;
import humblequill.core.recall.Judging;
import humblequill.core.recall.Pin;
import humblequill.core.recall.Plate;
import humblequill.core.recall.StepOrder;
import humblequill.server.data.Memory;
import humblequill.server.data.Remembered;
import humblequill.server.data.StoredJson;
import humblequill.server.edge.Refusal;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Asks for plates and orders of steps, and remembers how it went. */
@Service
public class Recall {
  private static final String PLATE = "plate/";
  private static final String ORDER = "order/";

  private final RecallTakenRepository takenRepository;
  private final RecallAskedRepository askedRepository;
  private final RecallSettingRepository settingRepository;
  private final ShippedPlates shipped;
  private final SettingsService settings;
  private final Remembered<Kept> stored;

  Recall(
      RecallTakenRepository takenRepository,
      RecallAskedRepository askedRepository,
      RecallSettingRepository settingRepository,
      ShippedPlates shipped,
      SettingsService settings,
      Memory memory) {
    this.takenRepository = takenRepository;
    this.askedRepository = askedRepository;
    this.settingRepository = settingRepository;
    this.shipped = shipped;
    this.settings = settings;
    this.stored = memory.remember("what is asked for again");
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

  private record Taken(String subject, LocalDate on, Way way) {}

  private record Asked(Asking asking, int times, int rightTimes, int seconds) {}

  private record Kept(Map<String, Taken> taken, Map<String, Asked> asked, boolean resting) {}

  /**
   * A plate or an order.
   *
   * @param parts pins or steps
   * @param way how it is asked for; null while it is not
   * @param due when it is asked for next; null while it is not
   * @param times how often it was asked for, pin by pin or as a whole
   * @param right how often that went well
   */
  public record SubjectLine(
      Kind kind,
      String id,
      String title,
      List<String> topics,
      int parts,
      @Nullable Way way,
      @Nullable LocalDate due,
      int times,
      int right) {}

  /**
   * Something to be asked for today.
   *
   * @param pins which pins are due; empty where it is asked for as a whole
   * @param seconds about what it takes
   */
  public record DueSubject(
      Kind kind, String id, String title, Way way, List<String> pins, int seconds) {}

  /** All subjects, and what is due today; nothing is while it rests. */
  public record RecallView(boolean resting, List<DueSubject> due, List<SubjectLine> subjects) {}

  private Kept kept() {
    return stored.get(
        () ->
            new Kept(
                takenRepository.findAll().stream()
                    .filter(t -> !t.leftOff)
                    .map(t -> new Taken(t.subject, t.takenOn, StoredJson.kind(Way.class, t.way)))
                    .collect(Collectors.toMap(Taken::subject, t -> t)),
                askedRepository.findAll().stream()
                    .collect(
                        Collectors.toMap(
                            a -> a.item,
                            a ->
                                new Asked(
                                    new Asking(a.step, a.askedOn, a.dueOn),
                                    a.times,
                                    a.rightTimes,
                                    a.seconds))),
                settingRepository
                    .findById(RecallSettingEntity.ONLY)
                    .map(s -> s.resting)
                    .orElse(false)));
  }

  /** All of it. */
  @Transactional(readOnly = true)
  public RecallView read() {
    var lines = new ArrayList<SubjectLine>();
    shipped
        .plates()
        .forEach(
            p -> {
              var plate = p.plate();
              lines.add(
                  line(
                      Kind.PLATE,
                      plate.id(),
                      plate.title(),
                      plate.topics(),
                      plate.pins().size(),
                      pinIds(plate)));
            });
    shipped
        .orders()
        .forEach(
            o ->
                lines.add(
                    line(Kind.ORDER, o.id(), o.title(), o.topics(), o.steps().size(), List.of())));
    return new RecallView(kept().resting(), due(), lines);
  }

  private static List<String> pinIds(Plate plate) {
    return plate.pins().stream().map(Pin::id).toList();
  }

  private SubjectLine line(
      Kind kind, String id, String title, List<String> topics, int parts, List<String> pins) {
    var subject = subject(kind, id);
    var taken = kept().taken().get(subject);
    var items =
        taken == null ? List.<String>of() : items(subject, taken.way(), pins).stream().toList();
    var asked = items.stream().map(kept().asked()::get).filter(a -> a != null).toList();
    return new SubjectLine(
        kind,
        id,
        title,
        topics,
        parts,
        taken == null ? null : taken.way(),
        taken == null
            ? null
            : items.stream()
                .map(i -> asking(i, taken).due())
                .min(Comparator.naturalOrder())
                .orElse(null),
        asked.stream().mapToInt(Asked::times).sum(),
        asked.stream().mapToInt(Asked::rightTimes).sum());
  }

  private static String subject(Kind kind, String id) {
    return (kind == Kind.PLATE ? PLATE : ORDER) + id;
  }

  private static List<String> items(String subject, Way way, List<String> pins) {
    return way == Way.PLACE || way == Way.NAME
        ? pins.stream().map(p -> subject + "/" + p).toList()
        : List.of(subject);
  }

  private Asking asking(String item, Taken taken) {
    var asked = kept().asked().get(item);
    return asked == null ? Asking.takenUp(taken.on()) : asked.asking();
  }

  private List<DueSubject> due() {
    if (kept().resting()) {
      return List.of();
    }
    var today = settings.learner().today();
    var items = new ArrayList<DueToday.Item>();
    for (var p : shipped.plates()) {
      add(items, Kind.PLATE, p.plate().id(), pinIds(p.plate()), DueToday.DRAWING);
    }
    for (var o : shipped.orders()) {
      add(items, Kind.ORDER, o.id(), List.of(), o.steps().size() * DueToday.STEP);
    }
    int spent =
        kept().asked().values().stream()
            .filter(a -> a.asking().asked().equals(today))
            .mapToInt(Asked::seconds)
            .sum();
    var bySubject = new LinkedHashMap<String, List<DueToday.Item>>();
    for (var item : DueToday.of(items, today, spent)) {
      var parts = item.id().split("/");
      bySubject.computeIfAbsent(parts[0] + "/" + parts[1], s -> new ArrayList<>()).add(item);
    }
    return bySubject.entrySet().stream().map(e -> dueSubject(e.getKey(), e.getValue())).toList();
  }

  private void add(
      List<DueToday.Item> items, Kind kind, String id, List<String> pins, int wholeSeconds) {
    var subject = subject(kind, id);
    var taken = kept().taken().get(subject);
    if (taken != null) {
      for (var item : items(subject, taken.way(), pins)) {
        int seconds = item.equals(subject) ? wholeSeconds : DueToday.PIN;
        items.add(new DueToday.Item(item, asking(item, taken), seconds));
      }
    }
  }

  private DueSubject dueSubject(String subject, List<DueToday.Item> items) {
    boolean plate = subject.startsWith(PLATE);
    var id = subject.substring((plate ? PLATE : ORDER).length());
    var title =
        plate
            ? shipped.plate(id).map(p -> p.plate().title()).orElse("")
            : shipped.order(id).map(StepOrder::title).orElse("");
    return new DueSubject(
        plate ? Kind.PLATE : Kind.ORDER,
        id,
        title,
        kept().taken().get(subject).way(),
        items.stream()
            .map(DueToday.Item::id)
            .filter(i -> !i.equals(subject))
            .map(i -> i.substring(subject.length() + 1))
            .toList(),
        items.stream().mapToInt(DueToday.Item::seconds).sum());
  }

  Plate plate(String id) {
    return shipped.plate(id).orElseThrow(() -> Refusal.notFound("plate", id)).plate();
  }

  StepOrder order(String id) {
    return shipped.order(id).orElseThrow(() -> Refusal.notFound("order of steps", id));
  }

  /** Wants to be asked for something, in a way. */
  @Transactional
  void take(Kind kind, String id, Way way) {
    boolean fits = (kind == Kind.ORDER) == (way == Way.ORDER);
    if (kind == Kind.PLATE) {
      plate(id);
    } else {
      order(id);
    }
    if (!fits) {
      throw Refusal.badValue("way", way, "An order is put in order; a plate is not.");
    }
    var subject = subject(kind, id);
    var entity = takenRepository.findById(subject).orElseGet(RecallTakenEntity::new);
    if (entity.subject.isEmpty() || entity.leftOff) {
      entity.takenOn = settings.learner().today();
    }
    entity.subject = subject;
    entity.way = StoredJson.word(way);
    entity.leftOff = false;
    takenRepository.saveAndFlush(entity);
    stored.changed();
  }

  /** Wants to be asked for it no more; how it went so far is kept. */
  @Transactional
  void leaveOff(Kind kind, String id) {
    takenRepository
        .findById(subject(kind, id))
        .ifPresent(
            t -> {
              t.leftOff = true;
              takenRepository.saveAndFlush(t);
              stored.changed();
            });
  }

  @Transactional
  void rest(boolean resting) {
    var entity =
        settingRepository.findById(RecallSettingEntity.ONLY).orElseGet(RecallSettingEntity::new);
    entity.resting = resting;
    settingRepository.saveAndFlush(entity);
    stored.changed();
  }

  /**
   * Remembers what was asked for as a whole in the past, each time on the day it was due.
   *
   * @param right how many of its parts were there, time after time
   */
  @Transactional
  public void remember(Kind kind, String id, Way way, LocalDate takenOn, List<Integer> right) {
    take(kind, id, way);
    var subject = subject(kind, id);
    var taken = takenRepository.findById(subject).orElseThrow();
    taken.takenOn = takenOn;
    takenRepository.saveAndFlush(taken);
    stored.changed();
    int parts = kind == Kind.PLATE ? plate(id).pins().size() : order(id).steps().size();
    int seconds = kind == Kind.PLATE ? DueToday.DRAWING : parts * DueToday.STEP;
    var day = Asking.takenUp(takenOn).due();
    for (int n : right) {
      day = keep(subject, Asking.Result.of(n, parts), seconds, day);
    }
  }

  /** Keeps how a drawn plate compares: which of its pins were there. */
  @Transactional
  LocalDate drawn(String id, List<String> got) {
    var plate = plate(id);
    var known = new HashSet<>(pinIds(plate));
    for (var pin : got) {
      if (!known.contains(pin)) {
        throw Refusal.badValue("got", pin, "\"" + pin + "\" is no pin of this plate.");
      }
    }
    int right = new HashSet<>(got).size();
    return keep(PLATE + id, Asking.Result.of(right, plate.pins().size()), DueToday.DRAWING);
  }

  /** Whether a pin was placed right. */
  @Transactional
  boolean placed(String id, String pinId, double x, double y) {
    var plate = plate(id);
    boolean right = pin(plate, pinId).isAt(x, y, plate.ratio());
    keep(PLATE + id + "/" + pinId, right ? Asking.Result.RIGHT : Asking.Result.WRONG, DueToday.PIN);
    return right;
  }

  /** How a name is judged. */
  @Transactional
  Judging.Verdict named(String id, String pinId, String answer) {
    var pin = pin(plate(id), pinId);
    var verdict = shipped.judging().judge(answer, pin.right());
    keep(
        PLATE + id + "/" + pinId,
        verdict == Judging.Verdict.WRONG ? Asking.Result.WRONG : Asking.Result.RIGHT,
        DueToday.PIN);
    return verdict;
  }

  private static Pin pin(Plate plate, String id) {
    return plate.pins().stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.badValue("pin", id, "\"" + id + "\" is no pin of this plate."));
  }

  /** How many steps were put in their place. */
  @Transactional
  int ordered(String id, List<String> said) {
    var order = order(id);
    int right = order.right(said);
    keep(
        ORDER + id,
        Asking.Result.of(right, order.steps().size()),
        order.steps().size() * DueToday.STEP);
    return right;
  }

  private LocalDate keep(String item, Asking.Result result, int seconds) {
    return keep(item, result, seconds, settings.learner().today());
  }

  private LocalDate keep(String item, Asking.Result result, int seconds, LocalDate today) {
    var entity = askedRepository.findById(item).orElseGet(RecallAskedEntity::new);
    var before =
        entity.item.isEmpty()
            ? Asking.takenUp(takenOn(item, today))
            : new Asking(entity.step, entity.askedOn, entity.dueOn);
    var after = before.after(result, today);
    entity.item = item;
    entity.step = after.step();
    entity.askedOn = after.asked();
    entity.dueOn = after.due();
    entity.times++;
    entity.rightTimes += result == Asking.Result.WRONG ? 0 : 1;
    entity.seconds = seconds;
    askedRepository.saveAndFlush(entity);
    stored.changed();
    return after.due();
  }

  private LocalDate takenOn(String item, LocalDate today) {
    return Optional.ofNullable(kept().taken().get(item))
        .or(
            () ->
                kept().taken().values().stream()
                    .filter(t -> item.startsWith(t.subject() + "/"))
                    .findFirst())
        .map(Taken::on)
        .orElse(today);
  }
}
