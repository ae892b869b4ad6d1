package humblequill.server.day.entry;

import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.name.Fold;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A filter against names as they are known: spellings are looked up once, not for every entry. */
final class EntryQuery {
  private static final LocalDate FIRST = LocalDate.of(1, 1, 1);
  private static final LocalDate LAST = LocalDate.of(9999, 12, 31);

  private final EntryFilter filter;
  private final @Nullable String words;
  private final @Nullable Set<UUID> topics;
  private final @Nullable Set<UUID> media;
  private final @Nullable Set<UUID> sources;
  private final @Nullable Set<UUID> books;
  private final @Nullable Set<UUID> facets;
  private final Set<UUID> named = new HashSet<>();

  EntryQuery(EntryFilter filter, Names names) {
    this.filter = filter;
    var text = filter.text();
    words = text == null || text.isBlank() ? null : Fold.plain(text.strip());
    topics = meaning(names, NameKind.TOPIC, filter.topic());
    media = meaning(names, NameKind.MEDIUM, filter.medium());
    sources = meaning(names, NameKind.SOURCE, filter.source());
    books = meaning(names, NameKind.BOOK, filter.book());
    facets = meaning(names, NameKind.FACET, filter.facet());
    if (words != null) {
      Stream.of(NameKind.TOPIC, NameKind.BOOK, NameKind.MEDIUM, NameKind.RESOURCE, NameKind.FACET)
          .flatMap(kind -> names.all(kind).stream())
          .filter(name -> holdsWords(name, names))
          .forEach(name -> named.addAll(names.meaning(name.id())));
    }
  }

  private static @Nullable Set<UUID> meaning(
      Names names, NameKind kind, @Nullable String spelling) {
    return spelling == null
        ? null
        : names.find(kind, spelling).map(Name::id).map(names::meaning).orElse(Set.of());
  }

  /** The words stand in one of its spellings, or are one of them in another number or case. */
  private boolean holdsWords(Name name, Names names) {
    var sought = Objects.requireNonNull(words);
    return names.find(name.kind(), sought).filter(name::equals).isPresent()
        || Stream.concat(Stream.of(name), names.mergedInto(name.id()).stream())
            .flatMap(n -> Stream.concat(Stream.of(n.text()), n.spellings().stream()))
            .anyMatch(spelling -> Fold.plain(spelling).contains(sought));
  }

  LocalDate from() {
    return filter.from() == null ? FIRST : filter.from();
  }

  /** Never before {@link #from}. */
  LocalDate to() {
    var to = filter.to() == null ? LAST : filter.to();
    return to.isBefore(from()) ? from() : to;
  }

  /** Whether entries of any day are asked for. */
  boolean isOfAnyDay() {
    return filter.from() == null && filter.to() == null;
  }

  /** Whether nothing but the days is asked for. */
  boolean matchesAll() {
    return words == null
        && Stream.of(filter.exercise(), filter.pages(), topics, media, sources, books, facets)
            .allMatch(Objects::isNull);
  }

  /** Whether an entry between the two days matches. */
  boolean matches(EntryRepository.Listed entry) {
    return (filter.to() == null || !entry.day().isAfter(filter.to()))
        && (filter.exercise() == null || filter.exercise().equals(entry.exerciseId()))
        && isOf(topics, entry.topicId())
        && isOf(media, entry.mediumId())
        && isOf(sources, entry.sourceId())
        && isOf(books, entry.bookId())
        && (facets == null || StoredStudy.ids(entry.facetIds()).stream().anyMatch(facets::contains))
        && isOn(filter.pages(), entry)
        && (words == null || holdsWords(entry));
  }

  private static boolean isOf(@Nullable Set<UUID> wanted, @Nullable UUID id) {
    return wanted == null || id != null && wanted.contains(id);
  }

  private static boolean isOn(@Nullable PageSpan pages, EntryRepository.Listed entry) {
    if (pages == null) {
      return true;
    }
    var first = entry.pageFrom();
    int last = Objects.requireNonNullElse(entry.pageTo(), Objects.requireNonNullElse(first, 0));
    return first != null && first <= pages.to() && last >= pages.from();
  }

  private boolean holdsWords(EntryRepository.Listed entry) {
    return entry.text().contains(Objects.requireNonNull(words))
        || !named.isEmpty() && isNamed(entry);
  }

  private boolean isNamed(EntryRepository.Listed entry) {
    return named.contains(entry.topicId())
        || named.contains(entry.bookId())
        || named.contains(entry.mediumId())
        || named.contains(entry.resourceId())
        || StoredStudy.ids(entry.facetIds()).stream().anyMatch(named::contains);
  }
}
