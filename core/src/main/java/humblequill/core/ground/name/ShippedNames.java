package humblequill.core.ground.name;

import static humblequill.core.ground.name.MediumProperty.CANNOT_BE_ERASED;
import static humblequill.core.ground.name.MediumProperty.DUSTY;
import static humblequill.core.ground.name.MediumProperty.NEEDS_BLADE;
import static humblequill.core.ground.name.MediumProperty.WET;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The media, sources and facets that every learner starts with. Names and properties are the
 * field's; common practice, no published source.
 */
public final class ShippedNames {
  private ShippedNames() {}

  private static Name medium(String text, Set<MediumProperty> properties, String... spellings) {
    return new Name(
        Name.given(NameKind.MEDIUM, text),
        NameKind.MEDIUM,
        text,
        List.of(spellings),
        properties,
        Optional.empty());
  }

  private static Name source(String text, String... spellings) {
    return new Name(
        Name.given(NameKind.SOURCE, text),
        NameKind.SOURCE,
        text,
        List.of(spellings),
        Set.of(),
        Optional.empty());
  }

  private static Name facet(String text, String... spellings) {
    return new Name(
        Name.given(NameKind.FACET, text),
        NameKind.FACET,
        text,
        List.of(spellings),
        Set.of(),
        Optional.empty());
  }

  private static final List<Name> ALL =
      List.of(
          medium("graphite", Set.of(NEEDS_BLADE), "pencil", "graphite pencil", "lead"),
          medium(
              "pen",
              Set.of(CANNOT_BE_ERASED),
              "fineliner",
              "fine liner",
              "ink pen",
              "ballpoint",
              "dip pen"),
          medium("brush pen", Set.of(CANNOT_BE_ERASED), "brushpen"),
          medium("charcoal", Set.of(DUSTY), "coal", "willow charcoal"),
          medium("ink wash", Set.of(WET, CANNOT_BE_ERASED), "wash", "brush and ink"),
          medium("pen and ink wash", Set.of(WET, CANNOT_BE_ERASED)),
          medium("marker", Set.of(CANNOT_BE_ERASED), "felt pen", "felt tip"),
          medium(
              "watercolour",
              Set.of(WET, CANNOT_BE_ERASED),
              "watercolor",
              "water colour",
              "aquarelle"),
          medium(
              "coloured pencil",
              Set.of(NEEDS_BLADE),
              "colored pencil",
              "colour pencil",
              "color pencil"),
          medium("pastel", Set.of(DUSTY), "soft pastel", "oil pastel"),
          medium("digital", Set.of(), "tablet"),
          source("life", "from life", "observation", "from observation", "live", "on location"),
          source("photo", "photograph", "from photo", "from a photo", "photo reference"),
          source("master copy", "mastercopy", "master study", "after a master"),
          source("traced", "tracing", "trace"),
          source("memory", "from memory", "remembered"),
          source("imagination", "from imagination", "imagined", "invented"),
          source("lesson along", "draw along", "along with the lesson"),
          facet("front view", "from the front", "frontal"),
          facet("three-quarter view", "three quarter", "three-quarter", "3/4 view"),
          facet("side view", "from the side", "in profile", "profile"),
          facet("back view", "from behind", "from the back"),
          facet("seen from above", "from above", "high view"),
          facet("seen from below", "from below", "low view"),
          facet("slight build", "slender"),
          facet("heavy build", "stout"),
          facet("child", "as a child"),
          facet("old age", "aged"),
          facet("moving", "in motion"),
          facet("still", "at rest"));

  /** Media, sources and facets with their usual spellings. */
  public static List<Name> all() {
    return ALL;
  }

  /**
   * How a name was called when it shipped, whatever the learner calls it now; a name of the
   * learner's own as it is.
   */
  public static String firstText(Names names, NameKind kind, String called) {
    var id = names.find(kind, called).map(Name::id);
    return all().stream()
        .filter(name -> id.equals(Optional.of(name.id())))
        .map(Name::text)
        .findFirst()
        .orElse(called);
  }
}
