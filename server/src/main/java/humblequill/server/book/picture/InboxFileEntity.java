package humblequill.server.book.picture;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A file of the inbox folder that was seen: it is looked at again once it is another one. */
@Entity
@Table(name = "inbox_file")
class InboxFileEntity {
  /** Below the folder. */
  @Id String path = "";

  long bytes;
  long changedAt;

  /** Why it was not taken in; empty if it was, or lay there before the folder was chosen. */
  String refused = "";
}
