package humblequill.server.lookback;

import humblequill.core.lookback.WeekSeries;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Where phases begin by the learner's own word. */
@Component
class PhaseBoundaries {
  private final PhaseBoundaryRepository repository;
  private final SettingsService settings;
  private final Remembered<Map<String, List<LocalDate>>> stored;

  PhaseBoundaries(PhaseBoundaryRepository repository, SettingsService settings, Memory memory) {
    this.settings = settings;
    this.repository = repository;
    this.stored =
        memory.remember("where phases begin by the learner's word", PhaseBoundaryEntity.class);
  }

  @Transactional(readOnly = true)
  Map<String, List<LocalDate>> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .collect(
                    Collectors.toMap(
                        e -> e.figure,
                        e -> Arrays.asList(StoredJson.read(e.document, LocalDate[].class)))));
  }

  Optional<List<LocalDate>> of(WeekSeries.Figure figure) {
    return Optional.ofNullable(all().get(key(figure)));
  }

  /**
   * Sets them.
   *
   * @param weeks first days of weeks; null leaves it to the figures again
   */
  @Transactional
  void set(WeekSeries.Figure figure, @Nullable List<LocalDate> weeks) {
    var key = key(figure);
    if (weeks == null) {
      repository.deleteById(key);
      repository.flush();
    } else {
      var entity = repository.findById(key).orElseGet(PhaseBoundaryEntity::new);
      entity.figure = key;
      entity.document = StoredJson.write(weeks.stream().distinct().sorted().toList());
      repository.saveAndFlush(entity);
    }
  }

  private String key(WeekSeries.Figure figure) {
    return FigureKey.of(figure, settings.learner().ownFigure());
  }
}
