package humblequill.core.promise;

import humblequill.core.ground.name.MediumProperty;
import java.util.Optional;
import java.util.Set;

/** Rules to keep; asked about, never enforced. */
public enum Rule {
  /** Pen only. */
  PEN_ONLY,
  /** Nothing is erased. */
  NO_ERASER,
  /** From life only. */
  FROM_LIFE,
  /** Every page is finished. */
  FINISH_EVERY_PAGE,
  /** All is of one subject. */
  ONE_SUBJECT;

  /** The name of the source that stands for drawing from life. */
  private static final String LIFE = "life";

  /**
   * What an entry tells of the rule by itself; empty where it has to be asked.
   *
   * @param medium what the medium is like; empty when none is told
   * @param source what the source was called when it was shipped; empty when none is told
   */
  public Optional<Boolean> told(Optional<Set<MediumProperty>> medium, Optional<String> source) {
    return switch (this) {
      case PEN_ONLY -> medium.map(Rule::isPen);
      case NO_ERASER ->
          medium.filter(m -> m.contains(MediumProperty.CANNOT_BE_ERASED)).map(m -> true);
      case FROM_LIFE -> source.map(LIFE::equals);
      case FINISH_EVERY_PAGE, ONE_SUBJECT -> Optional.empty();
    };
  }

  /** What stays once drawn and does not wet the paper is some sort of pen. */
  private static boolean isPen(Set<MediumProperty> medium) {
    return medium.contains(MediumProperty.CANNOT_BE_ERASED) && !medium.contains(MediumProperty.WET);
  }
}
