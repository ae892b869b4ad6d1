package humblequill.server.promise;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.promise.Counting;
import humblequill.core.promise.Promise;
import humblequill.core.promise.PromiseTime;
import humblequill.core.promise.Quota;
import humblequill.core.promise.Rule;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is promised, as read and written. Which numbers are needed depends on the kind.
 *
 * @param title as the learner calls it
 * @param count units: of a sprint, each day of a run, to pick of a list, of a ramp's first week, a
 *     week
 * @param days drawing days of a daily run
 * @param step by how much a ramp grows
 * @param weeks how many weeks a ramp lasts
 * @param due last day of a sprint or a prompt list
 * @param topic what counts, by name; with exercise, medium, source and book
 * @param rest weekdays without it
 * @param policy what becomes of missed days
 * @param rules what the learner wants to keep to
 * @param secondsEach what one unit is expected to take
 * @param insists whether a unit is taken to last that long, whatever own entries tell; null for no
 * @param minutesADay minutes of each drawing day for it; null for all minutes of the day
 * @param beside whether these minutes come on top of the day's, so that the course keeps its own
 */
public record QuotaTerms(
    @NotNull @Size(min = 1, max = 120) String title,
    @NotNull Kind kind,
    @Min(1) @Max(Promise.MAX_COUNT) int count,
    @Nullable @Min(1) @Max(Promise.MAX_DAYS) Integer days,
    @Nullable @Min(1) @Max(Promise.MAX_COUNT) Integer step,
    @Nullable @Min(1) @Max(Promise.MAX_DAYS / Promise.WEEK) Integer weeks,
    @NotNull LocalDate start,
    @Nullable LocalDate due,
    @NotNull Counting.Unit unit,
    @Nullable @Size(max = Name.MAX_TEXT) String topic,
    @Nullable @Size(max = 80) String exercise,
    @Nullable @Size(max = Name.MAX_TEXT) String medium,
    @Nullable @Size(max = Name.MAX_TEXT) String source,
    @Nullable @Size(max = Name.MAX_TEXT) String book,
    @NotNull Set<DayOfWeek> rest,
    @NotNull MissedWork policy,
    @NotNull Set<Rule> rules,
    @Min(5) @Max(28_800) int secondsEach,
    @Nullable Boolean insists,
    @Nullable @Min(1) @Max(960) Integer minutesADay,
    boolean beside) {

  /** The kinds of promise. */
  public enum Kind {
    /** So many by a date. */
    SPRINT,
    /** So many in one's own time. */
    OWN_TIME,
    /** So many every drawing day. */
    DAILY_RUN,
    /** So many prompts of a list. */
    PROMPT_LIST,
    /** So many a week, growing. */
    RAMP,
    /** So many every week. */
    STANDING
  }

  /** The quota as the rules know it. */
  Quota toCore(Names names) {
    var counting =
        new Counting(
            kind == Kind.PROMPT_LIST ? Counting.Unit.PROMPTS : unit,
            called(names, NameKind.TOPIC, topic),
            called(names, NameKind.MEDIUM, medium),
            called(names, NameKind.SOURCE, source),
            called(names, NameKind.BOOK, book),
            text(exercise));
    if (kind != Kind.PROMPT_LIST && unit == Counting.Unit.PROMPTS) {
      throw Refusal.badValue("unit", unit, Message.of("promise.promptsOfList"));
    }
    var time =
        new PromiseTime(
            minutesADay == null ? OptionalInt.empty() : OptionalInt.of(minutesADay), beside);
    return new Quota(
        title.strip(),
        promise(),
        counting,
        rest,
        policy,
        rules,
        secondsEach,
        Boolean.TRUE.equals(insists),
        time);
  }

  private Promise promise() {
    return switch (kind) {
      case SPRINT -> new Promise.Sprint(count, start, need("due", due));
      case OWN_TIME -> new Promise.OwnTime(count, start);
      case DAILY_RUN -> new Promise.DailyRun(need("days", days), count, start);
      case PROMPT_LIST -> new Promise.PromptList(count, start, need("due", due));
      case RAMP -> new Promise.Ramp(count, need("step", step), need("weeks", weeks), start);
      case STANDING -> new Promise.Standing(count, start);
    };
  }

  private <T> T need(String field, @Nullable T value) {
    if (value == null) {
      throw Refusal.badValue(
          field, "", Message.of("promise.fieldMissing", "kind", kind, "field", field));
    }
    return value;
  }

  private static Optional<String> called(Names names, NameKind kind, @Nullable String text) {
    return text(text).map(t -> names.called(kind, t));
  }

  private static Optional<String> text(@Nullable String text) {
    return Optional.ofNullable(text).map(String::strip).filter(t -> !t.isEmpty());
  }
}
