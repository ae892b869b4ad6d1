package humblequill.server.promise;

import humblequill.core.promise.Forecast;
import humblequill.core.promise.Outcome;
import humblequill.core.promise.QuotaRecord;
import humblequill.core.promise.Rule;
import humblequill.core.promise.RulesKept;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A quota as it stands.
 *
 * @param outcome whether it runs, and how it ended if not
 * @param progress figures of the span that counts now
 * @param forecast how it will go; null once it does not run any more
 * @param secondsEach seconds a unit, by own entries and what was expected
 * @param ownEntries entries that figure rests on
 * @param record what it came to so far
 * @param before the record of the time before, when it is taken again; null without one
 * @param againOf id of that promise
 * @param learned one sentence
 * @param best entries of its best pages, by the learner's choice
 * @param entries its entries, newest first
 * @param prompts its prompts in order
 * @param nextPage page after the last one filled; null where pages are not counted
 * @param kept answers to its rules, by rule
 */
public record QuotaView(
    UUID id,
    long version,
    QuotaTerms terms,
    Outcome outcome,
    ProgressView progress,
    @Nullable Forecast forecast,
    int secondsEach,
    int ownEntries,
    QuotaRecord record,
    @Nullable QuotaRecord before,
    @Nullable UUID againOf,
    @Nullable LocalDate endedOn,
    String learned,
    List<UUID> best,
    List<CountedEntry> entries,
    List<PromptView> prompts,
    @Nullable Integer nextPage,
    Map<Rule, RulesKept.Count> kept) {
  /**
   * The figures of the span that counts now: all of the quota, or this week.
   *
   * @param asked units of the span
   * @param left units still to do
   * @param today units asked of today
   * @param doneToday units of today
   * @param served of today's, how many the course's shares bring along
   * @param leftToday of today's, how many are still open and not brought along
   * @param bonusToday units beyond what today asked
   * @param minutesToday time of what is left of today
   * @param neededPerDay units on each drawing day left
   * @param minutesNeeded minutes on each of them, setting up included
   * @param pace units a drawing day so far
   * @param planned units an even pace would have
   * @param missed drawing days without a unit
   * @param number number of the drawing day that is due, of a promise that counts its days
   * @param total units since it began
   * @param curve units so far by the end of each date of the span, up to yesterday, or today once
   *     something was drawn
   */
  public record ProgressView(
      LocalDate from,
      LocalDate due,
      int asked,
      int done,
      int left,
      int daysLeft,
      int today,
      int doneToday,
      int served,
      int leftToday,
      int bonusToday,
      int minutesToday,
      int neededPerDay,
      int minutesNeeded,
      double pace,
      double planned,
      int missed,
      @Nullable Integer number,
      int total,
      List<WeekDone> weeks,
      List<Integer> curve) {
    /** A week that is over. */
    public record WeekDone(LocalDate from, int target, int done, boolean met) {}
  }

  /** An entry that counted. */
  public record CountedEntry(
      UUID id, LocalDate day, String name, int units, int minutes, @Nullable Integer mark) {}

  /**
   * A prompt.
   *
   * @param chosen picked to be drawn
   * @param doneOn when it was drawn
   * @param developed whether it was taken further
   */
  public record PromptView(
      @NotNull UUID id,
      @NotBlank @Size(max = 400) String words,
      boolean chosen,
      @Nullable LocalDate doneOn,
      boolean developed) {}
}
