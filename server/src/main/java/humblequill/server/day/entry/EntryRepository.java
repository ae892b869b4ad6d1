package humblequill.server.day.entry;

import humblequill.core.ground.name.Fold;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<EntryEntity, UUID> {
  /** All that counting needs of an entry. */
  record Counted(
      UUID id,
      LocalDate day,
      @Nullable String exerciseTitle,
      String note,
      @Nullable UUID placementId,
      @Nullable String exerciseId,
      @Nullable Integer secondsEach,
      @Nullable UUID topicId,
      @Nullable UUID sourceId,
      @Nullable UUID mediumId,
      @Nullable UUID bookId,
      @Nullable UUID resourceId,
      @Nullable Integer drawings,
      @Nullable Integer minutes,
      @Nullable Integer pageFrom,
      @Nullable Integer pageTo,
      @Nullable Integer mark,
      @Nullable String unit,
      @Nullable Integer unitFrom,
      @Nullable Integer unitTo,
      @Nullable String used,
      String facetIds,
      @Nullable Integer markBefore,
      @Nullable String lookedFor,
      @Nullable String depth,
      @Nullable String ownFigure,
      @Nullable Integer ownCount,
      boolean wentWrong) {}

  String COUNTED =
      """
      select new humblequill.server.day.entry.EntryRepository$Counted(e.id, e.practiceDay, e.exerciseTitle,
        case when e.exerciseTitle is null and e.topicId is null then substring(e.note, 1, 120) else '' end, e.placementId,
        e.exerciseId, e.secondsEach, e.topicId, e.sourceId, e.mediumId, e.bookId, e.resourceId, e.drawings, e.minutes,
        e.pageFrom, e.pageTo, e.mark, e.unit, e.unitFrom, e.unitTo, e.used, e.facetIds, e.markBefore, e.lookedFor,
        e.depth, e.ownFigure, e.ownCount, case when e.wentWrong = '' then false else true end)
      from EntryEntity e
      """;

  String IN_ORDER = " order by e.practiceDay, e.timeOfDay, e.writtenAt, e.id";

  @Query(COUNTED + IN_ORDER)
  List<Counted> counted();

  @Query(COUNTED + " where e.practiceDay = :day" + IN_ORDER)
  List<Counted> countedOn(LocalDate day);

  List<EntryEntity> findByPracticeDayOrderByTimeOfDayAscWrittenAtAsc(LocalDate day);

  @Query("select e from EntryEntity e where e.practiceDay between :first and :last")
  List<EntryEntity> between(LocalDate first, LocalDate last);

  List<EntryEntity> findByPracticeDayIn(Collection<LocalDate> days);

  Optional<EntryEntity> findFirstByExerciseIdOrderByPracticeDayDescWrittenAtDesc(String exerciseId);

  Optional<EntryEntity> findFirstByTopicIdInOrderByPracticeDayDescWrittenAtDesc(
      Collection<UUID> topics);

  /**
   * All that an entry is found by.
   *
   * @param text its words in lower case without accents, with strokes between the fields
   */
  record Listed(
      UUID id,
      LocalDate day,
      @Nullable String exerciseId,
      @Nullable UUID topicId,
      @Nullable UUID mediumId,
      @Nullable UUID sourceId,
      @Nullable UUID bookId,
      @Nullable UUID resourceId,
      @Nullable Integer pageFrom,
      @Nullable Integer pageTo,
      String facetIds,
      String text) {
    public Listed {
      text = Fold.plain(text);
    }
  }

  String LISTED =
      """
      select new humblequill.server.day.entry.EntryRepository$Listed(e.id, e.practiceDay, e.exerciseId, e.topicId,
        e.mediumId, e.sourceId, e.bookId, e.resourceId, e.pageFrom, e.pageTo, e.facetIds,
        concat(coalesce(e.exerciseTitle, ''), ' / ', e.note, ' / ', e.wentWrong, ' / ', e.nextTime,
          coalesce(concat(' / mark ', cast(e.mark as string)), ''),
          coalesce(concat(' / ', e.unit, ' ', cast(e.unitFrom as string)), '')))
      from EntryEntity e
      """;

  String NEWEST_FIRST = " order by e.practiceDay desc, e.writtenAt desc, e.id";

  @Query(LISTED + NEWEST_FIRST)
  List<Listed> listed();

  @Query(LISTED + " where e.practiceDay = :day" + NEWEST_FIRST)
  List<Listed> listedOn(LocalDate day);

  /** What an entry says in words of what went wrong and of the next time. */
  record Said(UUID id, LocalDate day, @Nullable UUID bookId, String wentWrong, String nextTime) {}

  String SAID =
      """
      select new humblequill.server.day.entry.EntryRepository$Said(e.id, e.practiceDay, e.bookId, e.wentWrong, e.nextTime)
      from EntryEntity e where (e.wentWrong <> '' or e.nextTime <> '')
      """;

  @Query(SAID + IN_ORDER)
  List<Said> said();

  @Query(SAID + " and e.practiceDay = :day" + IN_ORDER)
  List<Said> saidOn(LocalDate day);

  @Query("select max(coalesce(e.pageTo, e.pageFrom)) from EntryEntity e where e.bookId in :books")
  Optional<Integer> lastPage(Collection<UUID> books);

  @Query("select e from EntryEntity e order by e.practiceDay, e.writtenAt, e.id")
  List<EntryEntity> inOrder();
}
