package humblequill.server.entry;

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
      @Nullable Integer mark) {}

  String COUNTED =
      """
      select new humblequill.server.entry.EntryRepository$Counted(e.id, e.practiceDay, e.exerciseTitle,
        case when e.exerciseTitle is null and e.topicId is null then substring(e.note, 1, 120) else '' end, e.placementId,
        e.exerciseId, e.secondsEach, e.topicId, e.sourceId, e.mediumId, e.bookId, e.resourceId, e.drawings, e.minutes,
        e.pageFrom, e.pageTo, e.mark)
      from EntryEntity e
      """;

  String IN_ORDER = " order by e.practiceDay, e.timeOfDay, e.writtenAt, e.id";

  @Query(COUNTED + IN_ORDER)
  List<Counted> counted();

  @Query(COUNTED + " where e.practiceDay in :days" + IN_ORDER)
  List<Counted> countedOn(Collection<LocalDate> days);

  List<EntryEntity> findByPracticeDayOrderByTimeOfDayAscWrittenAtAsc(LocalDate day);

  List<EntryEntity> findByPracticeDayIn(Collection<LocalDate> days);

  Optional<EntryEntity> findFirstByExerciseIdOrderByPracticeDayDescWrittenAtDesc(String exerciseId);

  Optional<EntryEntity> findFirstByTopicIdInOrderByPracticeDayDescWrittenAtDesc(
      Collection<UUID> topics);

  Optional<EntryEntity> findFirstByBookIdIsNotNullOrderByPracticeDayDescWrittenAtDesc();

  /** Which entries are listed; lists of identities that do not matter hold one that nothing has. */
  String MATCHING =
      """
      from EntryEntity e
      where e.practiceDay >= :from and e.practiceDay <= :to
        and (:exercise is null or e.exerciseId = :exercise)
        and (:anyTopic = true or e.topicId in :topics)
        and (:anyMedium = true or e.mediumId in :media)
        and (:anySource = true or e.sourceId in :sources)
        and (:anyBook = true or e.bookId in :books)
        and (:firstPage is null or e.pageFrom <= :lastPage and coalesce(e.pageTo, e.pageFrom) >= :firstPage)
        and (:text is null or lower(e.exerciseTitle) like :text escape '!' or lower(e.note) like :text escape '!'
          or lower(e.wentWrong) like :text escape '!' or lower(e.nextTime) like :text escape '!'
          or e.topicId in :named or e.bookId in :named or e.mediumId in :named or e.resourceId in :named)
      """;

  @Query(
      "select e "
          + MATCHING
          + " order by e.practiceDay desc, e.writtenAt desc, e.id limit :most offset :skip")
  List<EntryEntity> search(
      LocalDate from,
      LocalDate to,
      @Nullable String exercise,
      boolean anyTopic,
      Collection<UUID> topics,
      boolean anyMedium,
      Collection<UUID> media,
      boolean anySource,
      Collection<UUID> sources,
      boolean anyBook,
      Collection<UUID> books,
      @Nullable Integer firstPage,
      @Nullable Integer lastPage,
      @Nullable String text,
      Collection<UUID> named,
      int most,
      int skip);

  @Query("select count(e) " + MATCHING)
  long countMatching(
      LocalDate from,
      LocalDate to,
      @Nullable String exercise,
      boolean anyTopic,
      Collection<UUID> topics,
      boolean anyMedium,
      Collection<UUID> media,
      boolean anySource,
      Collection<UUID> sources,
      boolean anyBook,
      Collection<UUID> books,
      @Nullable Integer firstPage,
      @Nullable Integer lastPage,
      @Nullable String text,
      Collection<UUID> named);

  @Query("select max(coalesce(e.pageTo, e.pageFrom)) from EntryEntity e where e.bookId in :books")
  Optional<Integer> lastPage(Collection<UUID> books);

  @Query("select e from EntryEntity e order by e.practiceDay, e.writtenAt, e.id")
  List<EntryEntity> inOrder();
}
