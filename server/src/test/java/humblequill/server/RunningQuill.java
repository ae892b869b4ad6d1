package humblequill.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.util.FileSystemUtils;

/**
 * Starts the real application once for all server tests, on a random port with its own database and
 * a clock that a test can set, and hands test methods a way to talk to it. Each class begins with
 * an empty one on the same morning. See docs/decisions/junit-5.md.
 */
public final class RunningQuill implements BeforeAllCallback, ParameterResolver {
  /** The moment at which each class of tests begins: a Thursday. */
  public static final String NOW = "2026-03-05T10:00:00Z";

  private static final SetClock CLOCK = new SetClock();
  private static final List<Path> TEMPORARY = new CopyOnWriteArrayList<>();
  private static final Path FOLDER = temporaryFolder();

  static {
    // After all applications are closed.
    SpringApplication.getShutdownHandlers().add(RunningQuill::removeTemporary);
  }

  private static ConfigurableApplicationContext context;

  private static synchronized ConfigurableApplicationContext context() {
    if (context == null) {
      context = startShared();
    }
    return context;
  }

  private static void removeTemporary() {
    for (var folder : TEMPORARY) {
      try {
        FileSystemUtils.deleteRecursively(folder);
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  private static ConfigurableApplicationContext startShared() {
    var application = new SpringApplication(HumbleQuill.class);
    application.addInitializers(
        context ->
            ((GenericApplicationContext) context)
                .registerBean("testClock", Clock.class, () -> CLOCK, b -> b.setPrimary(true)));
    return start(application, FOLDER, "--spring.jpa.properties.hibernate.generate_statistics=true");
  }

  /** A folder that goes with the process. */
  public static Path temporaryFolder() {
    try {
      var folder = Files.createTempDirectory("quill-test");
      TEMPORARY.add(folder);
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts another application on a folder of its own. */
  public static ConfigurableApplicationContext start(Path folder, String... more) {
    return start(new SpringApplication(HumbleQuill.class), folder, more);
  }

  private static ConfigurableApplicationContext start(
      SpringApplication application, Path folder, String... more) {
    var arguments = new ArrayList<>(List.of(more));
    arguments.add("--server.port=0");
    arguments.add("--springdoc.default-produces-media-type=application/json");
    arguments.add("--quill.data=" + folder);
    if (arguments.stream().noneMatch(a -> a.startsWith("--quill.now="))) {
      arguments.add("--quill.now=" + NOW);
    }
    if (arguments.stream().noneMatch(a -> a.startsWith("--spring.datasource.url="))) {
      arguments.add(
          "--spring.datasource.url=jdbc:h2:file:"
              + folder.resolve("quill")
              + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE");
    }
    return application.run(arguments.toArray(String[]::new));
  }

  /** The folder of the shared application. */
  static Path folder() {
    return FOLDER;
  }

  /** A part of the shared application. */
  public static <T> T part(Class<T> type) {
    return context().getBean(type);
  }

  /** The shared application at a moment at which its clock stands still. */
  static Api at(String now) {
    CLOCK.standAt(now);
    return api(context());
  }

  /** The shared application, stopped and started again at another moment. */
  static Api restartedAt(String now) {
    context().close();
    context = startShared();
    return at(now);
  }

  /** Lets the shared application read all anew that it holds in memory. */
  static void forget() {
    EmptiedQuill.forget(context());
  }

  /** A way to talk to a started application. */
  public static Api api(ConfigurableApplicationContext started) {
    return new Api(
        started.getEnvironment().getRequiredProperty("local.server.port", Integer.class));
  }

  @Override
  public void beforeAll(ExtensionContext extension) {
    CLOCK.runFrom(NOW);
    EmptiedQuill.empty(context());
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Api.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return api(context());
  }
}
