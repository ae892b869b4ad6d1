package humblequill.server.demo;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/** What the made-up learner writes in the margin. */
final class DemoTexts {
  /** What goes wrong with anything. */
  private static final List<Texts> OBSERVED =
      List.of(
          new Texts("Everything leans to the left.", "Hang the plumb line on the near post."),
          new Texts("Too many small shapes.", "Squint longer."),
          new Texts("The far side as large as the near one.", "Measure it against the near one."),
          new Texts("", "Sit two steps further back."));

  /** What goes wrong with one thing only, by a word of the exercise's title. */
  private static final Map<String, List<Texts>> OF_ITS_OWN =
      Map.of(
          "hull",
          List.of(
              new Texts("Sheer too flat again.", "Level line under it first."),
              new Texts("Far side of the hull too wide.", "Box before boat.")),
          "roof",
          List.of(new Texts("Roof edges run away too steeply.", "The eye level first.")),
          "shed",
          List.of(
              new Texts("Roof edges run away too steeply.", "The eye level first."),
              new Texts("The near corner not upright.", "One plumb line before the roof.")),
          "crane",
          List.of(
              new Texts("The jib longer than the tower.", "Compare the two before any lattice."),
              new Texts("It stands on its toes.", "Feet and rails first.")),
          "ellipse",
          List.of(new Texts("Ellipses pointed at the ends.", "From the shoulder, twice around.")),
          "rope",
          List.of(new Texts("The coil unwinds by itself.", "One turn, then the next over it.")),
          "water",
          List.of(new Texts("The mirror image too short.", "As deep as it is high.")));

  private static final List<Texts> QUICK =
      List.of(
          new Texts("Heads too large.", "Line of the back before anything."),
          new Texts("Started with the outline.", "One line, then stop."));
  private static final List<String> CATS =
      List.of(
          "The grey one on the coil.",
          "Asleep in a fish crate, so all of it.",
          "Only the back, it left.",
          "");

  private DemoTexts() {}

  /** What went wrong, and what to do next time. */
  record Texts(String wentWrong, String nextTime) {}

  /** A remark that fits what was drawn; one lot is drawn, whatever there is to choose from. */
  static Texts pick(Exercise exercise, Random random) {
    var title = exercise.title().toLowerCase(Locale.ROOT);
    var texts =
        exercise.kind() == ExerciseKind.TIMED_POSES
            ? QUICK
            : OF_ITS_OWN.entrySet().stream()
                .filter(own -> title.contains(own.getKey()))
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(OBSERVED);
    return texts.get(random.nextInt(texts.size()));
  }

  static String cat(Random random) {
    return CATS.get(random.nextInt(CATS.size()));
  }

  static String medium(ExerciseKind kind, Random random) {
    return switch (kind) {
      case WARM_UP, LESSON -> "graphite";
      case DRILL, TIMED_POSES -> random.nextInt(3) == 0 ? "pen" : "brush pen";
      case APPLIED -> random.nextInt(3) == 0 ? "ink wash" : "pen";
      case STUDY, CHECKPOINT, FREE -> random.nextInt(4) == 0 ? "pen" : "graphite";
    };
  }
}
