package humblequill.server;

import humblequill.server.ground.backup.Check;
import humblequill.server.ground.backup.Import;
import humblequill.server.ground.backup.Opening;
import humblequill.server.ground.backup.Restore;
import humblequill.server.ground.backup.TableUpdate;
import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SpareRoom;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.Environment;

/**
 * Starts the application, or does something with a data folder and ends.
 *
 * <p>Options: {@code --data DIR} (needed), {@code --port N} (8420), {@code --demo} (fill an empty
 * folder with the demo), {@code --restore [COPY]} (list or restore copies), {@code --check} and
 * {@code --repair} (look at everything, mend it), {@code --import FILE} (fill an empty folder with
 * what was taken out). What keeps it from starting is said in one sentence, with exit code 2.
 */
@SpringBootApplication
public class HumbleQuill {
  static {
    // A pooled connection is asked whether it lives each time it is handed out: after a failed
    // write the database is another one.
    System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "0");
  }

  /** Starts. */
  public static void main(String[] args) {
    try {
      run(Options.parse(args));
    } catch (Options.Wrong | DataFolder.Unusable e) {
      System.err.println(e.getMessage());
      System.exit(2);
    }
  }

  private static void run(Options options) throws Options.Wrong, DataFolder.Unusable {
    var folder = new DataFolder(Path.of(options.data()).toAbsolutePath().normalize());
    if (options.onlyLists()) {
      System.exit(Restore.run(folder, "", System.out));
    }
    folder.take();
    settleUpdate(folder);
    switch (options.doing()) {
      case RESTORE -> System.exit(Restore.run(folder, options.what(), System.out));
      case CHECK -> System.exit(Check.run(folder, false, System.out));
      case REPAIR -> System.exit(Check.run(folder, true, System.out));
      case IMPORT -> System.exit(Import.run(folder, Path.of(options.what()), System.out));
      case RUN -> Opening.check(folder);
    }
    checkPort(options.port());
    var application = new SpringApplication(HumbleQuill.class);
    application.setDefaultProperties(
        Map.of(
            "quill.data", folder.path().toString(),
            "quill.demo", options.demo(),
            "spring.datasource.url", folder.databaseUrl(),
            "server.port", options.port()));
    application.addListeners(
        (ApplicationListener<ApplicationReadyEvent>)
            ready -> announce(ready.getApplicationContext().getEnvironment(), folder));
    try {
      var opened = application.run(options.rest());
      opened.getBeanProvider(Rehearsal.class).ifAvailable(rehearsed -> System.exit(0));
    } catch (RuntimeException e) {
      throw new DataFolder.Unusable(FailedStart.sentence(folder, e));
    }
  }

  private static void settleUpdate(DataFolder folder) throws DataFolder.Unusable {
    try {
      new TableUpdate(folder).settle();
    } catch (IOException e) {
      throw new DataFolder.Unusable(
          "An update of "
              + folder.path()
              + " was broken off and could not be taken back, since the disk failed. Nothing is lost; start again once the disk can be written.");
    }
  }

  private static void announce(Environment environment, DataFolder folder) {
    System.out.println(
        "Humble Quill is open at http://127.0.0.1:" + environment.getProperty("local.server.port"));
    System.out.println("Data folder: " + folder.path());
    try {
      folder.describe();
      new TableUpdate(folder).end();
      SpareRoom.take(folder);
    } catch (IOException e) {
      System.err.println(folder.path() + " can be read but not written. Is the disk full?");
    }
  }

  private static void checkPort(int port) throws Options.Wrong {
    try (var socket = new ServerSocket(port, 1, InetAddress.getByName("127.0.0.1"))) {
      socket.setReuseAddress(true);
    } catch (IOException e) {
      throw new Options.Wrong(
          "Port "
              + port
              + " is taken by another program. Stop it, or choose another port with --port.");
    }
  }
}
