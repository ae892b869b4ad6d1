package humblequill.server.ground.data;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.stereotype.Component;

/** The one place that knows what is held in memory between requests. */
@Component
public class Memory {
  private final List<Remembered<?>> all = new CopyOnWriteArrayList<>();

  /**
   * Something to be held.
   *
   * @param what what it is, in a few words
   */
  public <T> Remembered<T> remember(String what) {
    var remembered = new Remembered<T>(what);
    all.add(remembered);
    return remembered;
  }

  /** What is held, in a few words each. */
  public List<String> held() {
    return all.stream().map(Remembered::what).sorted().toList();
  }
}
