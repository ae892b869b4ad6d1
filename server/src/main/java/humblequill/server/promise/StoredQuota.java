package humblequill.server.promise;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.promise.Counting;
import humblequill.core.promise.Rule;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collector;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The terms of a promise as they are stored. See docs/formats/stored.md. */
record StoredQuota(
    String title,
    String kind,
    int count,
    @Nullable Integer days,
    @Nullable Integer step,
    @Nullable Integer weeks,
    LocalDate start,
    @Nullable LocalDate due,
    String unit,
    @Nullable String exercise,
    @Nullable NameRef topic,
    @Nullable NameRef medium,
    @Nullable NameRef source,
    @Nullable NameRef book,
    List<String> rest,
    String policy,
    List<String> rules,
    int secondsEach,
    @Nullable Boolean insists,
    @Nullable Integer minutesADay,
    boolean beside) {
  static StoredQuota read(String document) {
    return StoredJson.read(document, StoredQuota.class);
  }

  String written() {
    return StoredJson.write(this);
  }

  /** Terms with the names they speak of as identities. */
  static StoredQuota of(QuotaTerms terms, NameService names) {
    return new StoredQuota(
        terms.title(),
        StoredJson.word(terms.kind()),
        terms.count(),
        terms.days(),
        terms.step(),
        terms.weeks(),
        terms.start(),
        terms.due(),
        StoredJson.word(terms.unit()),
        terms.exercise(),
        names.refer(NameKind.TOPIC, terms.topic()),
        names.refer(NameKind.MEDIUM, terms.medium()),
        names.refer(NameKind.SOURCE, terms.source()),
        names.refer(NameKind.BOOK, terms.book()),
        terms.rest().stream().sorted().map(StoredJson::word).toList(),
        StoredJson.word(terms.policy()),
        terms.rules().stream().sorted().map(StoredJson::word).toList(),
        terms.secondsEach(),
        terms.insists(),
        terms.minutesADay(),
        terms.beside());
  }

  /** The terms with names as they are called now. */
  QuotaTerms toTerms(Names names) {
    return new QuotaTerms(
        title,
        StoredJson.kind(QuotaTerms.Kind.class, kind),
        count,
        days,
        step,
        weeks,
        start,
        due,
        StoredJson.kind(Counting.Unit.class, unit),
        called(names, topic),
        exercise,
        called(names, medium),
        called(names, source),
        called(names, book),
        rest.stream().map(d -> StoredJson.kind(DayOfWeek.class, d)).collect(sorted()),
        StoredJson.kind(MissedWork.class, policy),
        rules.stream().map(r -> StoredJson.kind(Rule.class, r)).collect(sorted()),
        secondsEach,
        insists,
        minutesADay,
        beside);
  }

  private static <E extends Enum<E>> Collector<E, ?, TreeSet<E>> sorted() {
    return Collectors.toCollection(TreeSet::new);
  }

  private static @Nullable String called(Names names, @Nullable NameRef ref) {
    return NameService.called(names, NameRef.idOf(ref));
  }

  /** Identities of the names it speaks of. */
  Stream<UUID> names() {
    return Stream.of(topic, medium, source, book).filter(Objects::nonNull).map(NameRef::id);
  }

  /** The same terms from another day on; the last day keeps its distance. */
  StoredQuota from(LocalDate other) {
    long moved = other.toEpochDay() - start.toEpochDay();
    return new StoredQuota(
        title,
        kind,
        count,
        days,
        step,
        weeks,
        other,
        due == null ? null : due.plusDays(moved),
        unit,
        exercise,
        topic,
        medium,
        source,
        book,
        rest,
        policy,
        rules,
        secondsEach,
        insists,
        minutesADay,
        beside);
  }
}
