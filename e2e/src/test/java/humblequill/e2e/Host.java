package humblequill.e2e;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.SpringApplicationRunListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/**
 * Runs many applications in one process: all but the first are open in a third of its time. Told
 * line by line what to do, with tabs between: {@code start PORT MOMENT ARGUMENT...}, {@code at PORT
 * MOMENT}, {@code stop PORT}. It says one line when that is done.
 */
public final class Host {
  /** What it says when it has done what it was told. */
  static final String DONE = "done";

  private final Map<String, Hosted> open = new HashMap<>();

  private Host() {}

  /** Begins to listen, and ends with what it listens to. */
  public static void main(String[] args) throws Exception {
    var host = new Host();
    var done = System.out;
    System.setOut(System.err);
    var in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
    try {
      for (var line = in.readLine(); line != null; line = in.readLine()) {
        host.does(line.split("\t"));
        done.println(DONE);
      }
    } catch (Exception e) {
      e.printStackTrace();
    }
    // Applications that are still open would keep it running.
    System.exit(0);
  }

  private void does(String[] words) throws Exception {
    var port = words[1];
    switch (words[0]) {
      case "start" -> {
        var hosted = new Hosted(words[2]);
        hosted.start(Arrays.copyOfRange(words, 3, words.length));
        open.put(port, hosted);
      }
      case "at" -> open.get(port).runFrom(words[2]);
      case "stop" -> open.remove(port).close();
      default -> throw new IllegalArgumentException(words[0]);
    }
  }

  /** One application and its clock. */
  private static final class Hosted implements SpringApplicationRunListener {
    private volatile Clock now;
    private ConfigurableApplicationContext context;

    private Hosted(String now) {
      runFrom(now);
    }

    private void runFrom(String moment) {
      var system = Clock.systemUTC();
      now = Clock.offset(system, Duration.between(system.instant(), Instant.parse(moment)));
    }

    private void start(String[] arguments) throws Exception {
      var main = Class.forName("humblequill.server.HumbleQuill").getMethod("main", String[].class);
      SpringApplication.withHook(
          application -> this,
          () -> {
            main.invoke(null, (Object) arguments);
            return null;
          });
    }

    @Override
    public void contextPrepared(ConfigurableApplicationContext prepared) {
      context = prepared;
      InstantSource running = () -> now.instant();
      ((GenericApplicationContext) prepared)
          .registerBean(
              "setClock",
              Clock.class,
              () -> running.withZone(ZoneOffset.UTC),
              bean -> bean.setPrimary(true));
    }

    private void close() {
      context.close();
    }
  }
}
