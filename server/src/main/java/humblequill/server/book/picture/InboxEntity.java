package humblequill.server.book.picture;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The folder in which pictures of pages arrive. */
@Entity
@Table(name = "inbox")
class InboxEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  String path = "";
}
