package humblequill.server.bench;

import humblequill.core.bench.Way;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.ground.data.StoredJson;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A comparison as it is stored. See docs/formats/stored.md.
 *
 * @param referenceLook how the reference's picture was seen when its landmarks were placed; null
 *     where it was not there
 * @param attemptLook the same of the attempt's
 * @param truth landmarks of the reference, x and y by name
 * @param drawn landmarks of the attempt, x and y by name
 */
record StoredComparison(
    String title,
    String template,
    StoredReference reference,
    @Nullable UUID attempt,
    @Nullable PictureLook referenceLook,
    @Nullable PictureLook attemptLook,
    String way,
    boolean pushed,
    @Nullable Boolean plumb,
    Map<String, double[]> truth,
    Map<String, double[]> drawn,
    List<String> invented,
    List<String> hidden,
    List<String> refused,
    List<StoredNote> notes) {
  record StoredReference(
      String from,
      @Nullable Long seed,
      @Nullable String cabinet,
      @Nullable String emphasis,
      @Nullable String view,
      @Nullable UUID picture) {}

  record StoredNote(double x, double y, String text) {}

  static StoredComparison of(
      ComparisonFields f, @Nullable PictureLook referenceLook, @Nullable PictureLook attemptLook) {
    var r = f.reference();
    return new StoredComparison(
        f.title().strip(),
        f.template(),
        new StoredReference(
            StoredJson.word(r.from()),
            r.seed(),
            word(r.cabinet()),
            word(r.emphasis()),
            word(r.view()),
            r.picture()),
        f.attempt(),
        referenceLook,
        attemptLook,
        StoredJson.word(f.way()),
        f.pushed(),
        f.plumb(),
        places(f.truth()),
        places(f.drawn()),
        f.invented(),
        f.hidden(),
        f.refused(),
        f.notes().stream().map(n -> new StoredNote(n.x(), n.y(), n.text().strip())).toList());
  }

  private static @Nullable String word(@Nullable Enum<?> kind) {
    return kind == null ? null : StoredJson.word(kind);
  }

  private static Map<String, double[]> places(List<ComparisonFields.LandmarkPlace> places) {
    var map = new TreeMap<String, double[]>();
    places.forEach(p -> map.put(p.name(), new double[] {p.x(), p.y()}));
    return map;
  }

  ComparisonFields fields() {
    return new ComparisonFields(
        title,
        template,
        new ComparisonFields.ReferenceFields(
            StoredJson.kind(ComparisonFields.From.class, reference.from),
            reference.seed,
            reference.cabinet == null
                ? null
                : StoredJson.kind(Reference.Kind.class, reference.cabinet),
            reference.emphasis == null ? null : StoredJson.kind(Emphasis.class, reference.emphasis),
            reference.view == null ? null : StoredJson.kind(View.class, reference.view),
            reference.picture),
        attempt,
        StoredJson.kind(Way.class, way),
        pushed,
        plumb,
        fields(truth),
        fields(drawn),
        invented,
        hidden,
        refused,
        notes.stream().map(n -> new ComparisonFields.PinnedNote(n.x, n.y, n.text)).toList());
  }

  private static List<ComparisonFields.LandmarkPlace> fields(Map<String, double[]> places) {
    return new TreeMap<>(places)
        .entrySet().stream()
            .map(
                e ->
                    new ComparisonFields.LandmarkPlace(
                        e.getKey(), e.getValue()[0], e.getValue()[1]))
            .toList();
  }
}
