package humblequill.server.demo;

import humblequill.core.course.ExerciseKind;
import java.util.List;
import java.util.Random;

/** What the made-up learner writes in the margin. */
final class DemoTexts {
  private static final List<Texts> OBSERVED =
      List.of(
          new Texts("Sheer too flat again.", "Level line under it first."),
          new Texts("Roof edges run away too steeply.", "The eye level first."),
          new Texts("Far side of the hull too wide.", "Box before boat."),
          new Texts("Everything leans to the left.", "Hang the plumb line on the near post."),
          new Texts("Too many small shapes.", "Squint longer."),
          new Texts("Ellipses pointed at the ends.", "From the shoulder, twice around."),
          new Texts("", "Sit two steps further back."));
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

  static Texts pick(ExerciseKind kind, Random random) {
    var texts = kind == ExerciseKind.TIMED_POSES ? QUICK : OBSERVED;
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
      default -> random.nextInt(4) == 0 ? "pen" : "graphite";
    };
  }
}
