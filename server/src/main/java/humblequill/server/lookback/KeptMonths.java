package humblequill.server.lookback;

import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is kept of months that are looked back on. */
@Component
class KeptMonths {
  private final MonthReviewRepository repository;
  private final Remembered<Map<YearMonth, KeptMonth>> stored;

  KeptMonths(MonthReviewRepository repository, Memory memory) {
    this.repository = repository;
    this.stored = memory.remember("months looked back on", MonthReviewEntity.class);
  }

  /** A month as it is kept. */
  record KeptMonth(LocalDate from, long version, StoredMonth document) {}

  /**
   * What the learner wrote of a month, as it is stored. See docs/formats/stored.md.
   *
   * @param words what the learner thinks of the month
   * @param expects what is expected of the next one
   */
  record StoredMonth(String words, String expects) {}

  @Transactional(readOnly = true)
  Map<YearMonth, KeptMonth> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .map(
                    e ->
                        new KeptMonth(
                            e.monthStart,
                            e.version == null ? 0 : e.version,
                            StoredJson.read(e.document, StoredMonth.class)))
                .collect(Collectors.toMap(m -> YearMonth.from(m.from()), m -> m)));
  }

  Optional<KeptMonth> of(YearMonth month) {
    return Optional.ofNullable(all().get(month));
  }

  /** Keeps it, unless it was changed since that version; null where nothing was kept of it. */
  @Transactional
  void write(YearMonth month, @Nullable Long version, StoredMonth document) {
    var found = repository.findById(month.atDay(1));
    long now = found.map(e -> e.version == null ? 0L : e.version).orElse(-1L);
    if (version == null ? found.isPresent() : version != now) {
      throw Refusal.stale(
          "month", found.map(e -> StoredJson.read(e.document, StoredMonth.class)).orElse(document));
    }
    var entity = found.orElseGet(MonthReviewEntity::new);
    entity.monthStart = month.atDay(1);
    entity.document = StoredJson.write(document);
    repository.saveAndFlush(entity);
  }
}
