package humblequill.server.day.entry;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What an entry tells of learning, as read and written.
 *
 * @param unit in what the resource is counted; null where no units are told
 * @param unitFrom the first unit; needed with a unit
 * @param unitTo the last unit; the first one if left out
 * @param how how the resource was used
 * @param facets what the drawing shows beside its topic, by name
 * @param markBefore mark of the drawing made before the solution was seen, 1 to 5
 * @param lookedFor whether it shows what the exercise asks to look for
 * @param depth how deep it went
 * @param ownFigure what the learner counted beside the drawings, by name; needed with a count
 * @param ownCount how often in all drawings of the entry; needed with its name
 */
public record StudyFields(
    @Nullable UnitKind unit,
    @Nullable @Min(1) @Max(Units.MOST) Integer unitFrom,
    @Nullable @Min(1) @Max(Units.MOST) Integer unitTo,
    @Nullable HowUsed how,
    @Nullable @Size(max = Study.MOST_FACETS)
        List<
                @NotBlank @Size(max = Name.MAX_TEXT)
                @Pattern(regexp = "[^;\\r\\n]*", message = "ground.noSemicolon") String>
            facets,
    @Nullable @Min(1) @Max(5) Integer markBefore,
    @Nullable LookedFor lookedFor,
    @Nullable Depth depth,
    @Nullable
        @Size(max = OwnFigure.LONGEST_NAME)
        @Pattern(regexp = "[^\\r\\n]*", message = "ground.noLineEnd")
        String ownFigure,
    @Nullable @Min(0) @Max(OwnFigure.MOST) Integer ownCount) {
  /** Null where nothing is told. */
  static @Nullable StudyFields of(Study study) {
    return study.equals(Study.NONE)
        ? null
        : new StudyFields(
            study.units().map(Units::kind).orElse(null),
            study.units().map(Units::from).orElse(null),
            study.units().map(Units::to).orElse(null),
            study.how().orElse(null),
            study.facets(),
            study.markBefore().orElse(null),
            study.lookedFor().orElse(null),
            study.depth().orElse(null),
            study.own().map(OwnFigure::what).orElse(null),
            study.own().map(OwnFigure::count).orElse(null));
  }

  /**
   * As the rules know it.
   *
   * @throws Refusal naming the field that cannot be
   */
  public static Study toCore(@Nullable StudyFields f) {
    return f == null
        ? Study.NONE
        : new Study(
            f.units(),
            Optional.ofNullable(f.how),
            f.facets == null ? List.of() : f.facets,
            Optional.ofNullable(f.markBefore),
            Optional.ofNullable(f.lookedFor),
            Optional.ofNullable(f.depth),
            f.own());
  }

  private Optional<OwnFigure> own() {
    boolean named = ownFigure != null && !ownFigure.isBlank();
    if (!named && ownCount == null) {
      return Optional.empty();
    }
    if (!named) {
      throw Refusal.badValue("ownFigure", null, Message.of("day.figureMissing", "count", ownCount));
    }
    if (ownCount == null) {
      throw Refusal.badValue(
          "ownCount", null, Message.of("day.howMany", "figure", ownFigure.strip()));
    }
    return Optional.of(new OwnFigure(ownFigure, ownCount));
  }

  private Optional<Units> units() {
    if (unit == null) {
      if (unitFrom != null || unitTo != null) {
        throw Refusal.badValue(
            "unit",
            null,
            Message.of("day.unitMissing", "number", (unitFrom != null ? unitFrom : unitTo)));
      }
      return Optional.empty();
    }
    if (unitFrom == null) {
      throw Refusal.badValue("unitFrom", null, Message.of("day.firstUnitMissing"));
    }
    int last = unitTo == null ? unitFrom : unitTo;
    if (last < unitFrom) {
      throw Refusal.badValue(
          "unitTo", last, Message.of("day.unitsBackwards", "last", last, "first", unitFrom));
    }
    return Optional.of(new Units(unit, unitFrom, last));
  }
}
