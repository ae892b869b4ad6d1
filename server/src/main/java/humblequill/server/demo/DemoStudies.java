package humblequill.server.demo;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.server.day.entry.EntryFields;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the made-up learner studies beside the course: pages, lessons, and short returns. */
final class DemoStudies {
  private static final int PAGES = 7;

  /** Topics that come back for some minutes, and in which weeks. */
  private static final Map<String, List<Integer>> RETURNS =
      Map.of(
          "boxes", List.of(5, 6, 8),
          "cylinders", List.of(6, 7, 9, 12),
          "measuring", List.of(3, 5, 7),
          "ellipses", List.of(4, 5, 6),
          "eye level", List.of(9, 11, 13),
          "rope and nets", List.of(12, 14),
          "gulls", List.of(4, 12, 13, 14, 16));

  private final LocalDate start;
  private final Random random;
  private final List<EntryFields> written = new ArrayList<>();
  private int page = 1;
  private int lesson = 1;

  private DemoStudies(LocalDate start) {
    this.start = start;
    this.random = new Random(start.toEpochDay() + 13);
  }

  /**
   * Entries by their ids.
   *
   * @param days days on which something was drawn, oldest first
   */
  static Map<UUID, EntryFields> write(LocalDate start, List<LocalDate> days) {
    var studies = new DemoStudies(start);
    for (int i = 0; i < days.size(); i++) {
      studies.on(days.get(i), i);
    }
    var byId = new java.util.LinkedHashMap<UUID, EntryFields>();
    for (var fields : studies.written) {
      var name = "demo/studies/" + byId.size();
      byId.put(UUID.nameUUIDFromBytes(name.getBytes(StandardCharsets.UTF_8)), fields);
    }
    return byId;
  }

  private void on(LocalDate day, int index) {
    int week = (int) ((day.toEpochDay() - start.toEpochDay()) / 7) + 1;
    if (index % 7 == 2) {
      read(day, week);
    } else if (index % 7 == 5 && lesson <= 13) {
      watch(day);
    }
    if (index % 5 == 1) {
      RETURNS.keySet().stream()
          .sorted()
          .filter(topic -> RETURNS.get(topic).contains(week))
          .skip(index % 2)
          .findFirst()
          .ifPresent(topic -> again(day, topic));
    }
  }

  private void read(LocalDate day, int week) {
    boolean ropes = week == 10 || week == 11;
    int from = ropes ? 12 * (week - 9) : page;
    int to = from + PAGES - 1 + random.nextInt(5);
    if (!ropes) {
      page = to + 1 + (random.nextInt(4) == 0 ? 4 : 0);
    }
    var draft = draft(day, ropes ? "rope and nets" : "hulls", 25 + random.nextInt(15));
    draft.drawings = Optional.of(2 + random.nextInt(3));
    draft.source = Optional.of("master copy");
    draft.resource = Optional.of(ropes ? DemoShelf.ROPES : DemoShelf.KEEL);
    draft.study = study(UnitKind.PAGE, from, to, HowUsed.COPIED, null, "side view", Depth.GROUPED);
    add(draft);
  }

  private void watch(LocalDate day) {
    boolean first = lesson % 3 != 1;
    var draft = draft(day, lesson < 7 ? "measuring" : "light and shade", first ? 42 : 28);
    draft.drawings = Optional.of(first ? 2 : 1);
    draft.source = Optional.of("lesson along");
    draft.resource = Optional.of(DemoShelf.EYE);
    draft.mark = Optional.of(first ? 4 : 3);
    draft.study =
        study(
            UnitKind.LESSON,
            lesson,
            lesson,
            first ? HowUsed.ATTEMPTED_FIRST : HowUsed.WATCHED,
            first ? 2 + lesson / 7 : null,
            "three-quarter view",
            Depth.SIMPLE);
    draft.wentWrong = first && lesson % 2 == 0 ? "The far half too wide before I looked." : "";
    lesson++;
    add(draft);
  }

  private void again(LocalDate day, String topic) {
    var draft = draft(day, topic, 6 + random.nextInt(8));
    draft.drawings = Optional.of(3 + random.nextInt(4));
    draft.source = Optional.of(random.nextInt(3) == 0 ? "memory" : "imagination");
    draft.mark = Optional.of(2 + random.nextInt(2));
    draft.study =
        new Study(
            Optional.empty(),
            Optional.empty(),
            List.of(random.nextBoolean() ? "three-quarter view" : "seen from above"),
            Optional.empty(),
            Optional.empty(),
            Optional.of(Depth.SIMPLE),
            Optional.empty());
    add(draft);
  }

  private static Study study(
      UnitKind unit,
      int from,
      int to,
      HowUsed how,
      @Nullable Integer markBefore,
      String facet,
      Depth depth) {
    return new Study(
        Optional.of(new Units(unit, from, to)),
        Optional.of(how),
        List.of(facet),
        Optional.ofNullable(markBefore),
        Optional.empty(),
        Optional.of(depth),
        Optional.empty());
  }

  private EntryDraft draft(LocalDate day, String topic, int minutes) {
    var draft = new EntryDraft(day);
    draft.time = Optional.of(LocalTime.of(20, 5).plusMinutes(random.nextInt(40)));
    draft.topic = Optional.of(topic);
    draft.minutes = Optional.of(minutes);
    draft.medium = Optional.of("graphite");
    return draft;
  }

  private void add(EntryDraft draft) {
    written.add(EntryFields.of(draft));
  }
}
