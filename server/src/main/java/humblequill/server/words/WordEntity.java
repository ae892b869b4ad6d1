package humblequill.server.words;

import humblequill.core.logline.WordKind;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "word")
class WordEntity {
  @Id UUID id = UUID.randomUUID();

  @Enumerated(EnumType.STRING)
  WordKind kind = WordKind.MEDIUM;

  String name = "";
  String spellings = "";
}
