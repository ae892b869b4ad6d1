package humblequill.server.demo;

import humblequill.server.lookback.Rankings;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A ranking that the made-up learner is half through. */
@Component
@ConditionalOnProperty("quill.demo")
class DemoRanking {
  private static final UUID ID =
      UUID.nameUUIDFromBytes("demo/ranking".getBytes(StandardCharsets.UTF_8));
  private static final int CHOICES = 12;

  private final Rankings rankings;

  DemoRanking(Rankings rankings) {
    this.rankings = rankings;
  }

  /** Ranks pictures by which was drawn first, but for one choice in five. */
  void make(List<UUID> pictures) {
    rankings.create(ID, "The newest pages", pictures);
    for (int i = 0; i < CHOICES; i++) {
      var now = rankings.read(ID);
      var next = now.next();
      if (next == null) {
        return;
      }
      boolean first = pictures.indexOf(next.one()) < pictures.indexOf(next.other()) != (i % 5 == 4);
      rankings.choose(
          ID, now.version(), first ? next.one() : next.other(), first ? next.other() : next.one());
    }
  }
}
