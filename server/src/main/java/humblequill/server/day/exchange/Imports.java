package humblequill.server.day.exchange;

import java.io.InputStream;
import java.util.concurrent.locks.ReentrantLock;
import org.springframework.stereotype.Component;

/**
 * Lets one import at a time read its file; the others wait with theirs unread, so that many large
 * ones at once need no more memory than one.
 */
@Component
class Imports {
  private final ReentrantLock one = new ReentrantLock(true);
  private final ExchangeService service;

  Imports(ExchangeService service) {
    this.service = service;
  }

  /**
   * Reads a file.
   *
   * @param apply whether to add what can be added, or only to tell
   */
  ImportReport read(InputStream file, boolean apply) {
    one.lock();
    try {
      return service.read(file, apply);
    } finally {
      one.unlock();
    }
  }
}
