package humblequill.core.book.piece;

import java.util.List;

/** Templates of pieces that ship; the learner composes others from stages. */
public final class ShippedTemplates {
  private ShippedTemplates() {}

  /** A stage to come: its name and the question at its gate. */
  public record Planned(String name, String gate) {}

  /** A way to bring one drawing to its end. */
  public record Template(String name, List<Planned> stages) {}

  /** All that ship. */
  public static final List<Template> ALL =
      List.of(
          new Template(
              "Portrait by measuring",
              List.of(
                  new Planned(
                      "Place the head",
                      "Does the whole head sit on the paper, with air around it?"),
                  new Planned(
                      "Height, width and tilt",
                      "Measured again from the same spot: do height, width and tilt hold?"),
                  new Planned(
                      "Eyes, nose and mouth in their places",
                      "Is the eye in the right place, before any detail is drawn?"),
                  new Planned("Planes of light and dark", "Squinting: do the darks hang together?"),
                  new Planned(
                      "Details and edges", "Does the likeness hold from three steps away?"))),
          new Template(
              "Thumbnails, composition, finish",
              List.of(
                  new Planned(
                      "Thumbnails", "Which one reads best at arm’s length, and is it chosen?"),
                  new Planned(
                      "Composition at size", "Does the eye go where it should, with three values?"),
                  new Planned("Under-drawing", "Do perspective and proportions hold?"),
                  new Planned("Finish", "Is it done, or would one more hour only fuss it?"))),
          new Template(
              "Light and shade by masses",
              List.of(
                  new Planned("Outline of the whole", "Do the large shapes hold, measured?"),
                  new Planned(
                      "Two masses: light and dark", "Is the border of the shadow a clear line?"),
                  new Planned(
                      "Half-tones", "Is every half-tone in the light lighter than the shadow?"),
                  new Planned(
                      "Accents and edges",
                      "Are the darkest dark and the sharpest edge one each?"))),
          new Template(
              "One reference, treated in a row",
              List.of(
                  new Planned("In line alone", "Does it read without any tone?"),
                  new Planned("In two values", "Does it read without any line?"),
                  new Planned("In three values, with a brush", "Do the three values stay apart?"),
                  new Planned("From memory", "What is missing, laid beside the reference?"))));
}
