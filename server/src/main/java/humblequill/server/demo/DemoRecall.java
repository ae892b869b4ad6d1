package humblequill.server.demo;

import static java.nio.charset.StandardCharsets.UTF_8;

import humblequill.server.topic.recall.OwnFields;
import humblequill.server.topic.recall.OwnPlates;
import humblequill.server.topic.recall.Recall;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A month in which the made-up learner was asked for plates and an order. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoRecall {
  private static final UUID CRANE = UUID.nameUUIDFromBytes("crane".getBytes(UTF_8));

  private final Recall recall;
  private final OwnPlates own;

  DemoRecall(Recall recall, OwnPlates own) {
    this.recall = recall;
    this.own = own;
  }

  void make(LocalDate today) {
    recall.remember(
        Recall.Kind.PLATE,
        "boat",
        Recall.Way.DRAW,
        today.minusDays(30),
        List.of(11, 13, 15, 15, 15));
    recall.remember(
        Recall.Kind.PLATE,
        "skull-side",
        Recall.Way.DRAW,
        today.minusDays(12),
        List.of(9, 12, 14, 14));
    recall.remember(Recall.Kind.PLATE, "hand", Recall.Way.PLACE, today.minusDays(1), List.of());
    recall.remember(
        Recall.Kind.ORDER,
        "lay-in-a-hull",
        Recall.Way.ORDER,
        today.minusDays(12),
        List.of(6, 8, 8));
    own.bringIn(CRANE, new OwnFields.OwnFile(text("crane.yaml"), text("crane.svg"), null));
    recall.remember(
        Recall.Kind.PLATE,
        CRANE.toString(),
        Recall.Way.DRAW,
        today.minusDays(29),
        List.of(9, 11, 12, 12, 12));
  }

  private static String text(String file) {
    try (var in = DemoRecall.class.getResourceAsStream("/demo/" + file)) {
      return new String(in.readAllBytes(), UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
