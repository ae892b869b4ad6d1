package humblequill.core.lookback;

/** One answer for each kind of offered change, so that no kind can be forgotten. */
public interface OfferedChangeCases<T> {
  T moreOf(OfferedChange.MoreOf offer);

  T warmUp(OfferedChange.WarmUp offer);

  T aim(OfferedChange.Aim offer);

  T freeShare(OfferedChange.FreeShare offer);

  T stretch(OfferedChange.Stretch offer);

  T less(OfferedChange.Less offer);

  T repeat(OfferedChange.Repeat offer);

  T detour(OfferedChange.Detour offer);

  T minutes(OfferedChange.Minutes offer);

  T order(OfferedChange.Order offer);

  T resource(OfferedChange.Resource offer);
}
