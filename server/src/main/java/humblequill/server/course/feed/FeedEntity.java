package humblequill.server.course.feed;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The secret part of the feed's address. */
@Entity
@Table(name = "feed")
class FeedEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  String secret = "";
}
