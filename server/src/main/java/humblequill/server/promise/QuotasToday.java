package humblequill.server.promise;

import humblequill.core.course.plan.OpenWeek;
import humblequill.core.promise.BroughtAlong;
import humblequill.core.promise.Counting;
import humblequill.server.book.rule.RuleAnswers;
import humblequill.server.course.plan.PlanService;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the running quotas ask of today. */
@Component
public class QuotasToday {
  private final QuotaAccounts accounts;
  private final QuotaViews views;

  QuotasToday(QuotaAccounts accounts, QuotaViews views) {
    this.accounts = accounts;
    this.views = views;
  }

  /**
   * One running quota, today.
   *
   * @param today units asked of today
   * @param left units still open today, those that the course brings along left out
   * @param served units that today's course shares bring along
   * @param minutes time of today's units, those that the course brings along left out
   * @param minutesLeft time of what is left of them
   * @param number number of the drawing day that is due, of a promise that counts its days
   * @param asked units of the span that counts now
   * @param due its last day
   * @param secondsEach seconds a unit
   * @param nextPage page after the last one filled; null where pages are not counted
   * @param nextPrompt first picked prompt that is not drawn yet; null without one
   */
  public record QuotaToday(
      UUID id,
      String title,
      QuotaTerms.Kind kind,
      Counting.Unit unit,
      int today,
      int doneToday,
      int left,
      int served,
      int bonus,
      int minutes,
      int minutesLeft,
      @Nullable Integer number,
      int done,
      int asked,
      LocalDate due,
      int secondsEach,
      @Nullable String exercise,
      @Nullable String topic,
      @Nullable String source,
      @Nullable String medium,
      @Nullable String book,
      @Nullable Integer nextPage,
      @Nullable NextPrompt nextPrompt) {}

  /** A prompt that waits to be drawn. */
  public record NextPrompt(UUID id, String words) {
    static @Nullable NextPrompt of(QuotaAccounts.@Nullable KeptPrompt prompt) {
      return prompt == null ? null : new NextPrompt(prompt.id(), prompt.words());
    }
  }

  /** What today asks, in the order the promises were made. */
  @Transactional(readOnly = true)
  public List<QuotaToday> on(
      Learner learner, List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    var course = QuotaViews.courseToday(weeks, outlooks);
    return accounts.all().stream()
        .filter(q -> !q.terms().start().isAfter(learner.today()))
        .flatMap(q -> today(q, course, learner).stream())
        .toList();
  }

  private static Optional<QuotaToday> today(
      QuotaAccounts.Counted q, List<BroughtAlong.Portion> course, Learner learner) {
    var progress = q.progress(learner);
    boolean doneToday = progress.doneToday() > 0 && q.endedOn() == null;
    if (!q.account().runs(progress) && !doneToday) {
      return Optional.empty();
    }
    var counting = q.account().quota().counting();
    var p = progress.servedBy(BroughtAlong.units(counting, course));
    int secondsEach = q.account().pace().secondsEach();
    return Optional.of(
        new QuotaToday(
            q.id(),
            q.terms().title(),
            q.terms().kind(),
            counting.unit(),
            p.today(),
            p.doneToday(),
            p.leftToday(),
            p.day().served(),
            p.bonusToday(),
            QuotaViews.minutes(Math.max(0, p.today() - p.day().served()), secondsEach),
            QuotaViews.minutes(p.leftToday(), secondsEach),
            p.number().orElse(null),
            p.done(),
            p.asked(),
            p.due(),
            secondsEach,
            q.terms().exercise(),
            q.terms().topic(),
            q.terms().source(),
            q.terms().medium(),
            q.terms().book(),
            q.nextPage(),
            NextPrompt.of(q.nextPrompt())));
  }

  /** What running promises want of their entries. */
  @Transactional(readOnly = true)
  public List<RuleAnswers.Wish> wishes(Learner learner) {
    return views.wishes(learner);
  }
}
