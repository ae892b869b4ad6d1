package humblequill.core.ground.name;

import humblequill.core.ground.message.Message;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * All names, to be looked up by identity or by any spelling. A spelling of a kind means one name at
 * most; names that were merged into another are spellings of that one.
 */
public final class Names {
  private final Map<UUID, Name> byId = new LinkedHashMap<>();
  private final Map<NameKind, Map<String, UUID>> byFold = new EnumMap<>(NameKind.class);

  /**
   * Looks through the names.
   *
   * @throws BrokenNamesException if a spelling means two of them, or a merged name leads nowhere
   */
  public Names(Collection<Name> names) {
    names.forEach(name -> byId.put(name.id(), name));
    for (var name : byId.values()) {
      var meant = meant(name);
      claim(meant, name.text());
      name.spellings().forEach(spelling -> claim(meant, spelling));
    }
  }

  /**
   * The learner's names together with names that are given anyway: those that ship, topics of the
   * taxonomy. A given name that the learner has changed gives way to the learner's; a given
   * spelling that means something else to the learner is left out.
   */
  public static Names of(Collection<Name> own, Collection<Name> given) {
    var mineById = new HashMap<UUID, Name>();
    own.forEach(name -> mineById.put(name.id(), name));
    var all = new LinkedHashMap<UUID, Name>();
    var taken = new HashMap<String, UUID>();
    own.forEach(name -> spellings(name).forEach(s -> taken.put(name.kind() + s, name.id())));
    for (var name : given) {
      var free = name.spellings().stream().filter(s -> isFree(taken, name, s)).toList();
      var mine = mineById.get(name.id());
      if (mine != null) {
        var text = isFree(taken, name, name.text()) ? List.of(name.text()) : List.<String>of();
        all.put(name.id(), mine.with(joined(mine, text, free), mine.properties()));
      } else if (isFree(taken, name, name.text())) {
        all.put(name.id(), name.with(free, name.properties()));
        spellings(all.get(name.id())).forEach(s -> taken.put(name.kind() + s, name.id()));
      }
    }
    own.forEach(name -> all.putIfAbsent(name.id(), name));
    return new Names(all.values());
  }

  private static boolean isFree(Map<String, UUID> taken, Name name, String spelling) {
    var other = taken.get(name.kind() + Fold.of(spelling));
    return other == null || other.equals(name.id());
  }

  private static List<String> spellings(Name name) {
    return Stream.concat(Stream.of(name.text()), name.spellings().stream()).map(Fold::of).toList();
  }

  private static List<String> joined(Name name, List<String> text, List<String> more) {
    var known = new HashSet<>(spellings(name));
    var added = Stream.concat(text.stream(), more.stream()).filter(s -> known.add(Fold.of(s)));
    return Stream.concat(name.spellings().stream(), added).limit(Name.MAX_SPELLINGS).toList();
  }

  private Name meant(Name name) {
    var seen = new HashSet<UUID>();
    var next = name;
    while (next.means().isPresent()) {
      var other = byId.get(next.means().get());
      if (!seen.add(next.id()) || other == null || other.kind() != name.kind()) {
        throw new BrokenNamesException(
            name.text(), Message.of("ground.noSpelling", "name", name.text()));
      }
      next = other;
    }
    return next;
  }

  private void claim(Name name, String spelling) {
    check(name, spelling);
    byFold.computeIfAbsent(name.kind(), kind -> new HashMap<>()).put(Fold.of(spelling), name.id());
  }

  /**
   * Looks whether a name that is new, or is written otherwise, can stand beside the others.
   *
   * @throws BrokenNamesException if one of its spellings means another
   */
  public void check(Name name) {
    var meant = meant(name);
    check(meant, name.text());
    name.spellings().forEach(spelling -> check(meant, spelling));
  }

  private void check(Name name, String spelling) {
    var other = byFold.getOrDefault(name.kind(), Map.of()).get(Fold.of(spelling));
    if (other != null && !other.equals(name.id())) {
      var taken = byId.get(other).text();
      throw new BrokenNamesException(
          spelling,
          Fold.of(spelling).equals(Fold.of(taken))
              ? Message.of(
                  "ground.nameThere",
                  "spelling",
                  spelling,
                  "same",
                  spelling.equals(taken),
                  "taken",
                  taken)
              : Message.of("ground.spellingThere", "spelling", spelling, "taken", taken));
    }
  }

  /** The name that a spelling means. */
  public Optional<Name> find(NameKind kind, String spelling) {
    return Optional.ofNullable(byFold.getOrDefault(kind, Map.of()).get(Fold.of(spelling)))
        .map(byId::get);
  }

  /** The name of an identity, or the one it was merged into. */
  public Optional<Name> find(UUID id) {
    return Optional.ofNullable(byId.get(id)).map(this::meant);
  }

  /** The name itself, also when it was merged into another. */
  public Optional<Name> itself(UUID id) {
    return Optional.ofNullable(byId.get(id));
  }

  /** How a spelling is called now; one that is not known stays as it is written. */
  public String called(NameKind kind, String spelling) {
    return find(kind, spelling).map(Name::text).orElseGet(spelling::strip);
  }

  /** Identities of a name and of all that were merged into it. */
  public Set<UUID> meaning(UUID id) {
    var same = new HashSet<UUID>();
    var meant = find(id).map(Name::id);
    byId.values().stream()
        .filter(name -> meant.equals(Optional.of(meant(name).id())))
        .forEach(name -> same.add(name.id()));
    return same;
  }

  /** Names of a kind by themselves, in the order given. */
  public List<Name> all(NameKind kind) {
    return byId.values().stream()
        .filter(name -> name.kind() == kind && name.means().isEmpty())
        .toList();
  }

  /** Names that were merged into one. */
  public List<Name> mergedInto(UUID id) {
    return byId.values().stream()
        .filter(name -> name.means().isPresent() && !name.id().equals(id))
        .filter(name -> meant(name).id().equals(id))
        .toList();
  }

  /** What a medium is like; nothing for one that is not known. */
  public Set<MediumProperty> propertiesOf(String medium) {
    return find(NameKind.MEDIUM, medium)
        .map(Name::properties)
        .orElseGet(() -> propertiesOfBoth(medium.split(" and ", 2)));
  }

  /** Two media together are as dusty and wet as either; what one of them can, can be erased. */
  private Set<MediumProperty> propertiesOfBoth(String[] media) {
    if (media.length < 2) {
      return Set.of();
    }
    var one = propertiesOf(media[0]);
    var other = propertiesOf(media[1]);
    var both = new HashSet<>(one);
    both.addAll(other);
    if (!one.contains(MediumProperty.CANNOT_BE_ERASED)
        || !other.contains(MediumProperty.CANNOT_BE_ERASED)) {
      both.remove(MediumProperty.CANNOT_BE_ERASED);
    }
    return both;
  }
}
