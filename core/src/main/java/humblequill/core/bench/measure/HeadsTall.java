package humblequill.core.bench.measure;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.List;

/**
 * A figure measured in its own heads, and how it finds room on a sheet.
 *
 * @param heads how many heads tall, 3 to 10
 * @param head height of one head on the sheet, in millimetres
 * @param marks distances of the marks from the upper edge of the sheet, from the top of the head to
 *     the soles, in millimetres
 */
public record HeadsTall(double heads, double head, List<Double> marks) {
  /** A figure as it usually is: Winter's segments give 7.69. */
  public static final double USUAL = 7.5;

  /** A figure as it is idealised. */
  public static final double IDEAL = 8;

  /**
   * Room on a sheet: its height less both margins, by heads.
   *
   * @param paperHeight in millimetres
   * @param margin above and below, in millimetres
   */
  public static HeadsTall on(double paperHeight, double margin, double heads) {
    double room = paperHeight - 2 * margin;
    if (room <= 0) {
      throw new InvalidException(Message.of("bench.marginsLeaveNothing"));
    }
    double head = room / heads;
    var marks = new ArrayList<Double>();
    for (int i = 0; i < heads; i++) {
      marks.add(margin + i * head);
    }
    marks.add(paperHeight - margin);
    return new HeadsTall(heads, head, List.copyOf(marks));
  }

  /** How many heads a figure measures. */
  public static double counted(double figure, double head) {
    return figure / head;
  }
}
