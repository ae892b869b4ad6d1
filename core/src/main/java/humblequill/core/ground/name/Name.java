package humblequill.core.ground.name;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * A name of the learner's, known by its identity and not by its text: renaming it changes every
 * entry and promise that refers to it, and nothing else.
 *
 * @param id stays the same for good
 * @param text as shown, 1 to {@value #MAX_TEXT} characters with a letter or a figure
 * @param spellings other ways of writing it; those it was called by before are among them
 * @param properties what a medium is like; none for other kinds
 * @param means the name that this one is another spelling of, once the two were merged
 */
public record Name(
    UUID id,
    NameKind kind,
    String text,
    List<String> spellings,
    Set<MediumProperty> properties,
    Optional<UUID> means) {
  /** The longest text, in characters. */
  public static final int MAX_TEXT = 200;

  /** The most spellings. */
  public static final int MAX_SPELLINGS = 60;

  public Name {
    text = text.strip();
    spellings = spellings.stream().map(String::strip).filter(s -> !s.isEmpty()).toList();
    properties = Set.copyOf(properties);
    if (text.isEmpty() || text.length() > MAX_TEXT) {
      throw new InvalidException(
          Message.of("ground.nameLength", "most", MAX_TEXT, "name", text, "length", text.length()));
    }
    if (spellings.size() > MAX_SPELLINGS) {
      throw new InvalidException(
          Message.of(
              "ground.spellingsWithin", "most", MAX_SPELLINGS, "spellings", spellings.size()));
    }
    if (kind != NameKind.MEDIUM && !properties.isEmpty()) {
      throw new InvalidException(Message.of("ground.propertiesOfMedia", "name", text));
    }
    if (means.isPresent() && means.get().equals(id)) {
      throw new InvalidException(Message.of("ground.meansItself", "name", text));
    }
  }

  /** The identity of a name that is given, by its first text; it stays when it is renamed. */
  public static UUID given(NameKind kind, String text) {
    return UUID.nameUUIDFromBytes((kind + "/" + text).getBytes(StandardCharsets.UTF_8));
  }

  /** A name written for the first time. */
  public static Name fresh(UUID id, NameKind kind, String text) {
    return new Name(id, kind, text, List.of(), Set.of(), Optional.empty());
  }

  /** The same under another text; the one before stays as a spelling, so that it is still known. */
  public Name renamed(String other) {
    var known = new HashSet<String>();
    known.add(Fold.of(other));
    var kept =
        Stream.concat(spellings.stream(), Stream.of(text))
            .filter(s -> known.add(Fold.of(s)))
            .toList();
    return new Name(id, kind, other, kept, properties, means);
  }

  /** The same with other spellings and properties. */
  public Name with(List<String> otherSpellings, Set<MediumProperty> otherProperties) {
    return new Name(id, kind, text, otherSpellings, otherProperties, means);
  }

  /** The same as another spelling of a name, or by itself again. */
  public Name meaning(Optional<UUID> other) {
    return new Name(id, kind, text, spellings, properties, other);
  }
}
