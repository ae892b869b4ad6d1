package humblequill.server.ground.name;

import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.NameKind;
import java.util.List;
import java.util.UUID;

/**
 * All names by themselves, each with those that were merged into it.
 *
 * @param names by kind and text; topics of the taxonomy are left out until something was written of
 *     them
 */
public record NamesView(List<NameView> names) {
  /**
   * One name.
   *
   * @param text as shown
   * @param spellings other ways of writing it
   * @param properties what a medium is like
   * @param ships whether it is there from the start
   * @param ofTaxonomy whether it is a topic of the taxonomy, which is changed there
   * @param uses entries, promises and sittings that name it, in any of its spellings
   * @param merged names that are spellings of it since they were merged
   */
  public record NameView(
      UUID id,
      NameKind kind,
      String text,
      List<String> spellings,
      List<MediumProperty> properties,
      boolean ships,
      boolean ofTaxonomy,
      long uses,
      List<MergedName> merged) {}

  /** A name that was merged into another. */
  public record MergedName(UUID id, String text, long uses) {}
}
