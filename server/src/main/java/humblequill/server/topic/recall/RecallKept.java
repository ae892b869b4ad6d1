package humblequill.server.topic.recall;

import humblequill.core.topic.recall.Asking;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the learner wants to be asked for, and when each thing was and is next. */
@Component
class RecallKept {
  private final RecallTakenRepository takenRepository;
  private final RecallAskedRepository askedRepository;
  private final RecallSettingRepository settingRepository;
  private final RecallDayRepository dayRepository;
  private final Remembered<Now> stored;

  RecallKept(
      RecallTakenRepository takenRepository,
      RecallAskedRepository askedRepository,
      RecallSettingRepository settingRepository,
      RecallDayRepository dayRepository,
      Memory memory) {
    this.takenRepository = takenRepository;
    this.askedRepository = askedRepository;
    this.settingRepository = settingRepository;
    this.dayRepository = dayRepository;
    this.stored =
        memory.remember(
            "what is asked for again",
            RecallAskedEntity.class,
            RecallDayEntity.class,
            RecallSettingEntity.class,
            RecallTakenEntity.class);
  }

  /** Something the learner wants to be asked for. */
  record Taken(Recallable thing, LocalDate on, Recall.Way way) {
    /** What is asked for one by one: each pin, or all of it as a whole. */
    List<String> items(List<String> pins) {
      return way == Recall.Way.PLACE || way == Recall.Way.NAME
          ? pins.stream().map(thing::pin).toList()
          : List.of(thing.key());
    }
  }

  /**
   * How something was asked for.
   *
   * @param seconds what the last time took
   */
  record Asked(Asking asking, int times, int rightTimes, int seconds) {}

  /**
   * How asking for something went on a day.
   *
   * @param asked parts that were asked for
   * @param right those that were there
   */
  record OnDay(Recallable thing, LocalDate day, int asked, int right) {}

  /** All that is kept, as it is at one moment. */
  record Now(
      Map<Recallable, Taken> taken, Map<String, Asked> asked, List<OnDay> days, boolean resting) {
    Optional<Taken> taken(Recallable thing) {
      return Optional.ofNullable(taken.get(thing));
    }

    Optional<Asked> asked(String item) {
      return Optional.ofNullable(asked.get(item));
    }

    /** When an item of something that was taken up is asked for. */
    Asking asking(String item, Taken taken) {
      var before = asked.get(item);
      return before == null ? Asking.takenUp(taken.on()) : before.asking();
    }

    /** Seconds that asking took on a day. */
    int seconds(LocalDate day) {
      return asked.values().stream()
          .filter(a -> a.asking().asked().equals(day))
          .mapToInt(Asked::seconds)
          .sum();
    }
  }

  Now now() {
    return stored.get(
        () ->
            new Now(
                takenRepository.findAll().stream()
                    .filter(t -> !t.leftOff)
                    .map(
                        t ->
                            new Taken(
                                Recallable.of(t.thing),
                                t.takenOn,
                                StoredJson.kind(Recall.Way.class, t.way)))
                    .collect(Collectors.toMap(Taken::thing, t -> t)),
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
                dayRepository.findAll().stream()
                    .map(
                        d ->
                            new OnDay(
                                Recallable.of(d.key.thing()),
                                d.key.answeredOn(),
                                d.asked,
                                d.rightParts))
                    .toList(),
                settingRepository
                    .findById(RecallSettingEntity.ONLY)
                    .map(s -> s.resting)
                    .orElse(false)));
  }

  /** How asking went on days from one to another. */
  List<OnDay> between(LocalDate from, LocalDate to) {
    return now().days().stream()
        .filter(d -> !d.day().isBefore(from) && !d.day().isAfter(to))
        .toList();
  }

  /** Takes something up, or asks for it in another way from then on. */
  @Transactional
  void take(Recallable thing, Recall.Way way, LocalDate day) {
    var entity = takenRepository.findById(thing.key()).orElseGet(RecallTakenEntity::new);
    if (entity.thing.isEmpty() || entity.leftOff) {
      entity.takenOn = day;
    }
    entity.thing = thing.key();
    entity.way = StoredJson.word(way);
    entity.leftOff = false;
    takenRepository.saveAndFlush(entity);
  }

  /** Asks for it no more; how it went so far is kept. */
  @Transactional
  void leaveOff(Recallable thing) {
    takenRepository
        .findById(thing.key())
        .ifPresent(
            t -> {
              t.leftOff = true;
              takenRepository.saveAndFlush(t);
            });
  }

  @Transactional
  void rest(boolean resting) {
    var entity =
        settingRepository.findById(RecallSettingEntity.ONLY).orElseGet(RecallSettingEntity::new);
    entity.resting = resting;
    settingRepository.saveAndFlush(entity);
  }

  /** So many parts were there of those that were asked for. */
  record Score(int right, int parts) {}

  /**
   * Keeps how an item went.
   *
   * @return when it is asked for next
   */
  @Transactional
  LocalDate answered(Recallable thing, String item, Score score, int seconds, LocalDate day) {
    var result = Asking.Result.of(score.right(), score.parts());
    var entity = askedRepository.findById(item).orElseGet(RecallAskedEntity::new);
    var now = now();
    var before =
        now.asked(item)
            .map(Asked::asking)
            .orElseGet(() -> Asking.takenUp(now.taken(thing).map(Taken::on).orElse(day)));
    var after = before.after(result, day);
    entity.item = item;
    entity.step = after.step();
    entity.askedOn = after.asked();
    entity.dueOn = after.due();
    entity.times++;
    entity.rightTimes += result == Asking.Result.WRONG ? 0 : 1;
    entity.seconds = seconds;
    askedRepository.saveAndFlush(entity);
    count(thing, score, day);
    return after.due();
  }

  private void count(Recallable thing, Score score, LocalDate day) {
    var key = new RecallDayEntity.Key(thing.key(), day);
    var entity = dayRepository.findById(key).orElseGet(RecallDayEntity::new);
    entity.key = key;
    entity.asked += score.parts();
    entity.rightParts += score.right();
    dayRepository.saveAndFlush(entity);
  }
}
