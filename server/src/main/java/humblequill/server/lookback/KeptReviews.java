package humblequill.server.lookback;

import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is kept of weeks that are looked back on. */
@Component
class KeptReviews {
  private final WeekReviewRepository repository;
  private final Remembered<Map<LocalDate, KeptReview>> stored;

  KeptReviews(WeekReviewRepository repository, Memory memory) {
    this.repository = repository;
    this.stored = memory.remember("weeks looked back on", WeekReviewEntity.class);
  }

  /** A review as it is kept. */
  record KeptReview(LocalDate from, long version, Reviews.State state, StoredReview document) {}

  @Transactional(readOnly = true)
  Map<LocalDate, KeptReview> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .map(
                    e ->
                        new KeptReview(
                            e.weekStart,
                            e.version == null ? 0 : e.version,
                            StoredJson.kind(Reviews.State.class, e.state),
                            StoredJson.read(e.document, StoredReview.class)))
                .collect(Collectors.toMap(KeptReview::from, r -> r)));
  }

  Optional<KeptReview> of(LocalDate from) {
    return Optional.ofNullable(all().get(from));
  }

  /** Keeps it, unless it was changed since that version; null where nothing was kept of it. */
  @Transactional
  void write(LocalDate from, @Nullable Long version, Reviews.State state, StoredReview document) {
    var found = repository.findById(from);
    long now = found.map(e -> e.version == null ? 0L : e.version).orElse(-1L);
    if (version == null ? found.isPresent() : version != now) {
      throw Refusal.stale(
          "review",
          found.map(e -> StoredJson.read(e.document, StoredReview.class)).orElse(document));
    }
    var entity = found.orElseGet(WeekReviewEntity::new);
    entity.weekStart = from;
    entity.state = StoredJson.word(state);
    entity.document = StoredJson.write(document);
    repository.saveAndFlush(entity);
  }

  /** Keeps other words and changes of a week that nobody else changes meanwhile. */
  @Transactional
  void write(LocalDate from, StoredReview document) {
    var kept = of(from);
    write(
        from,
        kept.map(KeptReview::version).orElse(null),
        kept.map(KeptReview::state).orElse(Reviews.State.OPEN),
        document);
  }
}
