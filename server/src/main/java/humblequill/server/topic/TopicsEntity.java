package humblequill.server.topic;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;

/** The learner's own taxonomy, once it differs from the one that ships. */
@Entity
@Table(name = "topics")
class TopicsEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  @Version @Nullable Long version;
  @Lob String document = "";
}
