package humblequill.core.course.placement;

/** One answer for each kind of plan change, so that no kind can be forgotten. */
public interface PlanChangeCases<T> {
  T stretch(PlanChange.Stretch change);

  T untilDone(PlanChange.UntilDone change);

  T repeat(PlanChange.Repeat change);

  T skip(PlanChange.Skip change);

  T swap(PlanChange.Swap change);

  T empty(PlanChange.Empty change);

  T detour(PlanChange.Detour change);

  T pause(PlanChange.Pause change);

  T slide(PlanChange.Slide change);

  T letGo(PlanChange.LetGo change);

  T drop(PlanChange.Drop change);

  T pace(PlanChange.Pace change);

  T minutesADay(PlanChange.MinutesADay change);

  T add(PlanChange.Add change);

  T policy(PlanChange.Policy change);
}
