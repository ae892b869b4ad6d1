package humblequill.server.ground.backup;

import java.io.IOException;
import java.sql.SQLException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;

/** Work that another core does meanwhile. It is not left running, whatever fails beside it. */
final class Beside<T> implements AutoCloseable {
  private final CompletableFuture<T> work;

  /** Begins it. */
  Beside(Work<T> work) {
    this.work =
        CompletableFuture.supplyAsync(
            () -> {
              try {
                return work.run();
              } catch (IOException | SQLException e) {
                throw new CompletionException(e);
              }
            },
            run -> new Thread(run, "copy").start());
  }

  /** Begins what gives nothing but its being done. */
  static Beside<Boolean> doing(Step step) {
    return new Beside<>(
        () -> {
          step.run();
          return true;
        });
  }

  /** What gives something. */
  interface Work<T> {
    T run() throws IOException, SQLException;
  }

  /** What gives nothing. */
  interface Step {
    void run() throws IOException, SQLException;
  }

  /**
   * Waits for what it gives.
   *
   * @throws IOException if it could not be done
   */
  T result() throws IOException, SQLException {
    try {
      return work.join();
    } catch (CompletionException e) {
      if (e.getCause() instanceof SQLException failure) {
        throw failure;
      }
      throw e.getCause() instanceof IOException failure ? failure : new IOException(e.getCause());
    }
  }

  @Override
  public void close() {
    work.exceptionally(failure -> null).join();
  }
}
