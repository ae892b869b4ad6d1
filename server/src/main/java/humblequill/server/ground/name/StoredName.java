package humblequill.server.ground.name;

import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.ground.data.StoredJson;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A name as it is kept in the story of its changes. */
record StoredName(
    UUID id,
    String kind,
    String text,
    List<String> spellings,
    List<String> properties,
    @Nullable UUID means) {
  static StoredName of(Name name) {
    return new StoredName(
        name.id(),
        StoredJson.word(name.kind()),
        name.text(),
        name.spellings(),
        name.properties().stream().map(StoredJson::word).sorted().toList(),
        name.means().orElse(null));
  }

  Name toName() {
    return new Name(
        id,
        StoredJson.kind(NameKind.class, kind),
        text,
        spellings,
        properties.stream()
            .map(word -> StoredJson.kind(MediumProperty.class, word))
            .collect(Collectors.toSet()),
        Optional.ofNullable(means));
  }
}
