package humblequill.server.entry;

import humblequill.core.name.Name;
import humblequill.core.name.NameKind;
import humblequill.core.name.Names;
import java.time.LocalDate;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A filter in the words of the database: names as identities, text as a pattern. */
final class EntryQuery {
  private static final Set<UUID> NOBODY = Set.of(new UUID(0, 0));
  private static final LocalDate FIRST = LocalDate.of(1, 1, 1);
  private static final LocalDate LAST = LocalDate.of(9999, 12, 31);

  private final EntryFilter filter;
  private final Names names;
  private final @Nullable String words;

  EntryQuery(EntryFilter filter, Names names) {
    this.filter = filter;
    this.names = names;
    var text = filter.text();
    this.words = text == null || text.isBlank() ? null : text.strip().toLowerCase(Locale.ROOT);
  }

  List<EntryEntity> read(EntryRepository repository) {
    return repository.search(
        from(),
        to(),
        filter.exercise(),
        filter.topic() == null,
        meaning(NameKind.TOPIC, filter.topic()),
        filter.medium() == null,
        meaning(NameKind.MEDIUM, filter.medium()),
        filter.source() == null,
        meaning(NameKind.SOURCE, filter.source()),
        filter.book() == null,
        meaning(NameKind.BOOK, filter.book()),
        firstPage(),
        lastPage(),
        pattern(),
        named(),
        filter.most(),
        filter.skip());
  }

  long count(EntryRepository repository) {
    if (filter.isEverything()) {
      return repository.count();
    }
    return repository.countMatching(
        from(),
        to(),
        filter.exercise(),
        filter.topic() == null,
        meaning(NameKind.TOPIC, filter.topic()),
        filter.medium() == null,
        meaning(NameKind.MEDIUM, filter.medium()),
        filter.source() == null,
        meaning(NameKind.SOURCE, filter.source()),
        filter.book() == null,
        meaning(NameKind.BOOK, filter.book()),
        firstPage(),
        lastPage(),
        pattern(),
        named());
  }

  private LocalDate from() {
    return filter.from() == null ? FIRST : filter.from();
  }

  private LocalDate to() {
    return filter.to() == null ? LAST : filter.to();
  }

  private @Nullable Integer firstPage() {
    return filter.pages() == null ? null : filter.pages().from();
  }

  private @Nullable Integer lastPage() {
    return filter.pages() == null ? null : filter.pages().to();
  }

  private Collection<UUID> meaning(NameKind kind, @Nullable String spelling) {
    return spelling == null
        ? NOBODY
        : names.find(kind, spelling).map(Name::id).map(names::meaning).orElse(NOBODY);
  }

  private @Nullable String pattern() {
    return words == null ? null : "%" + words.replaceAll("([!%_])", "!$1") + "%";
  }

  /** Names that hold the words, in any of their spellings. */
  private Collection<UUID> named() {
    if (words == null) {
      return NOBODY;
    }
    var ids = new HashSet<>(NOBODY);
    Stream.of(NameKind.TOPIC, NameKind.BOOK, NameKind.MEDIUM, NameKind.RESOURCE)
        .flatMap(kind -> names.all(kind).stream())
        .filter(this::holdsWords)
        .forEach(name -> ids.addAll(names.meaning(name.id())));
    return ids;
  }

  private boolean holdsWords(Name name) {
    return name.text().toLowerCase(Locale.ROOT).contains(words)
        || names.mergedInto(name.id()).stream()
            .anyMatch(other -> other.text().toLowerCase(Locale.ROOT).contains(words));
  }
}
