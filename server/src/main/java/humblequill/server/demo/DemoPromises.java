package humblequill.server.demo;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.promise.Counting;
import humblequill.core.promise.Rule;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.promise.Prompts;
import humblequill.server.promise.QuotaService;
import humblequill.server.promise.QuotaTerms;
import humblequill.server.promise.QuotaView;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What Wren has promised: a sprint that stopped at 63 of 90, a daily run, a list, a ramp. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoPromises {
  private static final int SPRINT_BEGAN = 64;
  private static final int SPRINT_DAYS = 10;
  private static final List<Integer> POSTS = List.of(10, 9, 8, 0, 9, 7, 8, 12);
  private static final int RUN_BEGAN = 13;
  private static final Set<Integer> NO_CAT = Set.of(4, 9);
  private static final int RAMP_BEGAN = 24;
  private static final List<Integer> GULLS =
      List.of(8, 0, 7, 0, 9, 0, 0, 6, 9, 0, 11, 0, 0, 0, 0, 10, 0, 8, 5, 0, 0, 7, 6);

  private static final List<String> PROMPTS =
      List.of(
          "a ladder that goes into the water",
          "the oldest boat and the newest, side by side",
          "what hangs on the wall of the net loft",
          "steam from the kitchen hatch",
          "a knot nobody unties any more",
          "the ferryman's hands",
          "low tide under the jetty",
          "a dog that waits",
          "crates, seen from above",
          "the crane asleep",
          "rain on the slip",
          "a gull on its own reflection",
          "what the sea has brought",
          "the chandler's window",
          "two people and one rope");

  private final QuotaService quotas;
  private final Prompts prompts;
  private final EntryService entries;

  DemoPromises(QuotaService quotas, Prompts prompts, EntryService entries) {
    this.quotas = quotas;
    this.prompts = prompts;
    this.entries = entries;
  }

  void make(Learner learner) {
    var today = learner.today();
    var drawn = new LinkedHashMap<UUID, EntryFields>();
    var best = posts(today.minusDays(SPRINT_BEGAN), learner, drawn);
    cats(today, learner, drawn);
    gulls(today, learner, drawn);
    entries.createAll(drawn);
    sprint(today.minusDays(SPRINT_BEGAN), best);
    run(today.minusDays(RUN_BEGAN));
    ramp(today.minusDays(RAMP_BEGAN));
    list(today);
  }

  private static UUID id(String name) {
    return UUID.nameUUIDFromBytes(("demo/" + name).getBytes(StandardCharsets.UTF_8));
  }

  private static List<UUID> posts(LocalDate start, Learner learner, Map<UUID, EntryFields> drawn) {
    var random = new Random(start.toEpochDay());
    var best = new ArrayList<UUID>();
    var day = start;
    for (int i = 0; i < POSTS.size(); i++) {
      while (learner.availability().isNeutral(day)) {
        day = day.plusDays(1);
      }
      int count = POSTS.get(i);
      if (count > 0) {
        int minutes = Math.round(count * (5.4f - 0.25f * i));
        int mark = Math.min(5, 2 + (i + random.nextInt(2)) / 3);
        var id = id("post " + i);
        drawn.put(
            id, entry(day, LocalTime.of(17, 20), "mooring posts", count, minutes, "pen", mark));
        if (mark >= 4) {
          best.add(id);
        }
      }
      day = day.plusDays(1);
    }
    return best;
  }

  private static void cats(LocalDate today, Learner learner, Map<UUID, EntryFields> drawn) {
    for (int i = 0; i < RUN_BEGAN; i++) {
      var day = today.minusDays((long) RUN_BEGAN - i);
      if (!learner.availability().isNeutral(day) && !NO_CAT.contains(i)) {
        drawn.put(
            id("cat " + i),
            entry(day, LocalTime.of(21, 5), "harbour cats", 1, 6 + i % 4, "brush pen", null));
      }
    }
  }

  private static void gulls(LocalDate today, Learner learner, Map<UUID, EntryFields> drawn) {
    for (int i = 0; i < GULLS.size(); i++) {
      var day = today.minusDays((long) RAMP_BEGAN - i);
      int count = GULLS.get(i);
      if (count > 0 && !learner.availability().isNeutral(day)) {
        drawn.put(
            id("gull " + i), entry(day, LocalTime.of(12, 40), "gulls", count, count, "pen", null));
      }
    }
  }

  private static EntryFields entry(
      LocalDate day,
      LocalTime time,
      String topic,
      int drawings,
      int minutes,
      String medium,
      @Nullable Integer mark) {
    var draft = new EntryDraft(day);
    draft.time = Optional.ofNullable(time);
    draft.topic = Optional.ofNullable(topic);
    draft.drawings = Optional.ofNullable(drawings);
    draft.minutes = Optional.ofNullable(minutes);
    draft.source = Optional.of("life");
    draft.medium = Optional.ofNullable(medium);
    draft.book = Optional.of("Harbour book 3");
    draft.mark = Optional.ofNullable(mark);
    return EntryFields.of(draft);
  }

  private void sprint(LocalDate start, List<UUID> best) {
    var id = id("sprint");
    quotas.create(
        id,
        terms(
            "Mooring posts",
            QuotaTerms.Kind.SPRINT,
            90,
            null,
            start,
            start.plusDays(SPRINT_DAYS - 1L),
            "mooring posts",
            MissedWork.SPREAD,
            Set.of(Rule.FINISH_EVERY_PAGE),
            300,
            30),
        null);
    quotas.endOn(id, start.plusDays(SPRINT_DAYS - 1L));
    quotas.result(
        id,
        quotas.get(id).version(),
        "Choosing the posts took as long as drawing them; choose the evening before.",
        best);
  }

  private void run(LocalDate start) {
    quotas.create(
        id("run"),
        terms(
            "A harbour cat a day",
            QuotaTerms.Kind.DAILY_RUN,
            1,
            30,
            start,
            null,
            "harbour cats",
            MissedWork.SLIDE,
            Set.of(Rule.PEN_ONLY, Rule.NO_ERASER),
            480,
            10),
        null);
  }

  private void ramp(LocalDate start) {
    quotas.create(
        id("ramp"),
        terms(
            "Gulls on the wing",
            QuotaTerms.Kind.RAMP,
            20,
            null,
            start,
            null,
            "gulls",
            MissedWork.SPREAD,
            Set.of(Rule.FROM_LIFE),
            60,
            15),
        null);
  }

  private void list(LocalDate today) {
    var id = id("list");
    quotas.create(
        id,
        terms(
            "Twelve of the quay",
            QuotaTerms.Kind.PROMPT_LIST,
            12,
            null,
            today.minusDays(10),
            today.plusDays(24),
            null,
            MissedWork.SPREAD,
            Set.of(),
            900,
            20),
        null);
    var list = new ArrayList<QuotaView.PromptView>();
    for (int i = 0; i < PROMPTS.size(); i++) {
      var doneOn = i < 5 ? today.minusDays(9 - 2L * i) : null;
      list.add(
          new QuotaView.PromptView(id("prompt " + i), PROMPTS.get(i), i != 12, doneOn, i == 2));
    }
    this.prompts.put(id, list);
  }

  private static QuotaTerms terms(
      String title,
      QuotaTerms.Kind kind,
      int count,
      @Nullable Integer days,
      LocalDate start,
      @Nullable LocalDate due,
      @Nullable String topic,
      MissedWork policy,
      Set<Rule> rules,
      int secondsEach,
      int minutesADay) {
    boolean ramp = kind == QuotaTerms.Kind.RAMP;
    return new QuotaTerms(
        title,
        kind,
        count,
        days,
        ramp ? 5 : null,
        ramp ? 8 : null,
        start,
        due,
        kind == QuotaTerms.Kind.PROMPT_LIST ? Counting.Unit.PROMPTS : Counting.Unit.DRAWINGS,
        topic,
        null,
        null,
        null,
        null,
        Set.of(),
        policy,
        rules,
        secondsEach,
        false,
        minutesADay,
        true);
  }
}
