package humblequill.server.promise;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;

/** The learner's own word lists, once they differ from those that ship. */
@Entity
@Table(name = "prompt_words")
class PromptWordsEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  @Lob String document = "";
}
