package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import java.util.List;
import java.util.Optional;

/**
 * What an entry tells of learning, beside what was drawn and how long.
 *
 * @param units of its resource
 * @param how the resource was used
 * @param facets what the drawing shows beside its topic, by name: the view, the build, moving or
 *     still; at most {@value #MOST_FACETS}
 * @param markBefore the learner's own mark of the drawing made before the solution was seen, 1 to 5
 * @param lookedFor whether it shows what its exercise asks to look for
 * @param depth how deep it went
 * @param own what the learner counts beside the drawings
 */
public record Study(
    Optional<Units> units,
    Optional<HowUsed> how,
    List<String> facets,
    Optional<Integer> markBefore,
    Optional<LookedFor> lookedFor,
    Optional<Depth> depth,
    Optional<OwnFigure> own) {
  /** The most facets of one entry. */
  public static final int MOST_FACETS = 8;

  /** Nothing said. */
  public static final Study NONE =
      new Study(
          Optional.empty(),
          Optional.empty(),
          List.of(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty());

  public Study {
    facets = facets.stream().map(String::strip).filter(f -> !f.isEmpty()).distinct().toList();
    if (facets.size() > MOST_FACETS) {
      throw new InvalidException(
          Message.of("day.facetsWithin", "most", MOST_FACETS, "facets", facets.size()));
    }
    markBefore.ifPresent(
        m -> {
          if (m < 1 || m > 5) {
            throw new InvalidException(Message.of("day.markWithin", "mark", m));
          }
        });
  }

  /** The same with its names as they are called now. */
  public Study called(Names names) {
    return new Study(
        units,
        how,
        facets.stream().map(f -> names.called(NameKind.FACET, f)).distinct().toList(),
        markBefore,
        lookedFor,
        depth,
        own);
  }

  /** The same with another figure of the learner's own. */
  public Study withOwn(OwnFigure figure) {
    return new Study(units, how, facets, markBefore, lookedFor, depth, Optional.of(figure));
  }

  /** The same with whether it shows what was to be looked for. */
  public Study withLookedFor(LookedFor answer) {
    return new Study(units, how, facets, markBefore, Optional.of(answer), depth, own);
  }
}
