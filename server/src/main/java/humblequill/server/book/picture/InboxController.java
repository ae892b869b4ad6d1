package humblequill.server.book.picture;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/inbox")
class InboxController {
  private final Inbox inbox;

  InboxController(Inbox inbox) {
    this.inbox = inbox;
  }

  @GetMapping
  Inbox.InboxView read() {
    return inbox.read();
  }

  @PutMapping
  Inbox.InboxView choose(@RequestBody @Valid InboxChoice choice) {
    return inbox.choose(choice.path(), choice.those());
  }

  /** Takes in the next few pictures that arrived; asked again while some are left. */
  @PostMapping("/look")
  Inbox.InboxView look() {
    return inbox.look();
  }

  /**
   * The folder to take; empty for none.
   *
   * @param those whether pictures that lie in it already are to be taken in as well
   */
  record InboxChoice(@NotNull @Size(max = 1000) String path, boolean those) {}
}
