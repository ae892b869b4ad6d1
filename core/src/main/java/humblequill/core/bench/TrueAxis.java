package humblequill.core.bench;

import humblequill.core.book.picture.Spot;
import java.util.List;
import java.util.Map;

/**
 * A part of a reference as it truly lies, to be checked without any drawing.
 *
 * @param tilt from the nearer of plumb and level, −45 to 45 degrees, clockwise positive
 * @param fromPlumb whether the nearer one is the plumb line
 * @param length share of the size
 */
public record TrueAxis(
    Template.Part part, Spot from, Spot to, double tilt, boolean fromPlumb, double length) {
  /** All parts of a reference both of whose ends are known. */
  public static List<TrueAxis> of(Template template, Map<String, Spot> reference) {
    double size = Compared.size(List.copyOf(reference.values()));
    return template.parts().stream()
        .filter(p -> reference.containsKey(p.from()) && reference.containsKey(p.to()))
        .map(p -> of(p, reference.get(p.from()), reference.get(p.to()), size))
        .toList();
  }

  private static TrueAxis of(Template.Part part, Spot from, Spot to, double size) {
    double direction = Angles.direction(from, to);
    double axis = Angles.axis(direction);
    return new TrueAxis(
        part,
        from,
        to,
        Angles.wrapped(direction - axis),
        Math.rint(axis / 90) % 2 != 0,
        size == 0 ? 0 : Similarity.distance(from, to) / size);
  }
}
