package humblequill.server.ground.name;

import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.ground.data.StoredJson;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "name")
class NameEntity implements Persistable<UUID> {
  private static final String BETWEEN_SPELLINGS = "\n";
  private static final String BETWEEN_PROPERTIES = " ";

  @Id UUID id = UUID.randomUUID();
  @Version @Nullable Long version;

  @Enumerated(EnumType.STRING)
  NameKind kind = NameKind.TOPIC;

  String text = "";
  @Lob String spellings = "";
  String properties = "";
  @Nullable UUID means;

  void write(Name name) {
    id = name.id();
    kind = name.kind();
    text = name.text();
    spellings = String.join(BETWEEN_SPELLINGS, name.spellings());
    properties =
        name.properties().stream()
            .map(StoredJson::word)
            .sorted()
            .collect(Collectors.joining(BETWEEN_PROPERTIES));
    means = name.means().orElse(null);
  }

  Name read() {
    return new Name(
        id,
        kind,
        text,
        spellings.isEmpty() ? List.of() : List.of(spellings.split(BETWEEN_SPELLINGS)),
        Arrays.stream(properties.split(BETWEEN_PROPERTIES))
            .filter(word -> !word.isEmpty())
            .map(word -> StoredJson.kind(MediumProperty.class, word))
            .collect(Collectors.toSet()),
        Optional.ofNullable(means));
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
