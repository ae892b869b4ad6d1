package humblequill.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;

/**
 * Starts the real application once for all server tests, on a random port with its own database,
 * and hands test methods a way to talk to it. Each class begins with an empty one. See
 * docs/decisions/junit-5.md.
 */
public final class RunningQuill implements BeforeAllCallback, ParameterResolver {
  /** The moment at which the tests' application is started: a Thursday. */
  public static final String NOW = "2026-03-05T10:00:00Z";

  private static ConfigurableApplicationContext context;

  private static synchronized ConfigurableApplicationContext context() {
    if (context == null) {
      context = start(temporaryFolder());
      Runtime.getRuntime().addShutdownHook(new Thread(context::close));
    }
    return context;
  }

  static Path temporaryFolder() {
    try {
      return Files.createTempDirectory("quill-test");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts another application on a folder of its own. */
  public static ConfigurableApplicationContext start(Path folder, String... more) {
    return start(new SpringApplication(HumbleQuill.class), folder, more);
  }

  /** The same with a clock that the test sets. */
  static ConfigurableApplicationContext start(Path folder, Clock clock) {
    var application = new SpringApplication(HumbleQuill.class);
    application.addInitializers(
        context ->
            ((GenericApplicationContext) context)
                .registerBean("testClock", Clock.class, () -> clock, b -> b.setPrimary(true)));
    return start(application, folder);
  }

  private static ConfigurableApplicationContext start(
      SpringApplication application, Path folder, String... more) {
    var arguments = new java.util.ArrayList<>(java.util.List.of(more));
    arguments.add("--server.port=0");
    arguments.add("--springdoc.default-produces-media-type=application/json");
    arguments.add("--quill.data=" + folder);
    if (arguments.stream().noneMatch(a -> a.startsWith("--quill.now="))) {
      arguments.add("--quill.now=" + NOW);
    }
    if (arguments.stream().noneMatch(a -> a.startsWith("--spring.datasource.url="))) {
      arguments.add(
          "--spring.datasource.url=jdbc:h2:file:" + folder.resolve("quill") + ";WRITE_DELAY=0");
    }
    return application.run(arguments.toArray(String[]::new));
  }

  @Override
  public void beforeAll(ExtensionContext extension) {
    EmptiedQuill.empty(context());
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    return parameter.getParameter().getType() == Api.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    return new Api(
        context().getEnvironment().getRequiredProperty("local.server.port", Integer.class));
  }
}
