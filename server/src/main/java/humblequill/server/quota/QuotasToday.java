package humblequill.server.quota;

import humblequill.core.plan.OpenWeek;
import humblequill.server.plan.PlanService;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What the running quotas ask of today. */
@Component
public class QuotasToday {
  private final QuotaCounts counts;
  private final QuotaViews views;

  QuotasToday(QuotaCounts counts, QuotaViews views) {
    this.counts = counts;
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
   * @param page number of today's page of a daily run
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
      humblequill.core.quota.Counting.Unit unit,
      int today,
      int doneToday,
      int left,
      int served,
      int bonus,
      int minutes,
      int minutesLeft,
      @Nullable Integer page,
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
      QuotaCounts.@Nullable NextPrompt nextPrompt) {}

  /** What today asks, in the order the promises were made. */
  @Transactional(readOnly = true)
  public List<QuotaToday> on(
      Learner learner, List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    return counts.all().stream()
        .filter(q -> !q.terms().start().isAfter(learner.today()))
        .filter(
            q ->
                q.runs(q.progress(learner))
                    || q.progress(learner).doneToday() > 0 && q.endedOn() == null)
        .map(
            q -> {
              var p = q.progress(learner).servedBy(QuotaViews.served(q, weeks, outlooks, learner));
              var figures = QuotaViews.figures(p, q.pace().secondsEach(), learner, List.of());
              return new QuotaToday(
                  q.id(),
                  q.terms().title(),
                  q.terms().kind(),
                  q.quota().counting().unit(),
                  p.today(),
                  p.doneToday(),
                  Math.max(0, p.today() - p.doneToday() - p.served()),
                  p.served(),
                  p.bonusToday(),
                  Math.round(Math.max(0, p.today() - p.served()) * q.pace().secondsEach() / 60f),
                  figures.minutesToday(),
                  p.page().orElse(null),
                  p.done(),
                  p.asked(),
                  p.due(),
                  q.pace().secondsEach(),
                  q.terms().exercise(),
                  q.terms().topic(),
                  q.terms().source(),
                  q.terms().medium(),
                  q.terms().book(),
                  q.nextPage(),
                  q.nextPrompt());
            })
        .toList();
  }

  /** Rules that today's entries leave open. */
  @Transactional(readOnly = true)
  public List<OpenRule> asked(Learner learner) {
    return views.asked(learner.today(), learner);
  }
}
