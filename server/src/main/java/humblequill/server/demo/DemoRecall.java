package humblequill.server.demo;

import humblequill.server.recall.Recall;
import java.time.LocalDate;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A month in which the made-up learner was asked for plates and an order. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoRecall {
  private final Recall recall;

  DemoRecall(Recall recall) {
    this.recall = recall;
  }

  void make(LocalDate today) {
    recall.remember(
        Recall.Kind.PLATE, "boat", Recall.Way.DRAW, today.minusDays(30), List.of(11, 13, 14, 15));
    recall.remember(
        Recall.Kind.PLATE, "skull-side", Recall.Way.DRAW, today.minusDays(12), List.of(9, 12));
    recall.remember(Recall.Kind.PLATE, "hand", Recall.Way.PLACE, today.minusDays(1), List.of());
    recall.remember(
        Recall.Kind.ORDER,
        "lay-in-a-hull",
        Recall.Way.ORDER,
        today.minusDays(20),
        List.of(6, 8, 8));
  }
}
