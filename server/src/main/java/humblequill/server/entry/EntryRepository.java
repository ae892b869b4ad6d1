package humblequill.server.entry;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface EntryRepository extends JpaRepository<EntryEntity, UUID> {
  /** What a day's totals are made of. */
  record Length(
      LocalDate day,
      @Nullable Integer minutes,
      @Nullable Integer drawings,
      @Nullable Integer secondsEach) {}

  /** What counts towards an exercise. */
  record Done(
      String exerciseId, LocalDate day, @Nullable Integer drawings, @Nullable Integer minutes) {}

  @Query(
      "select new humblequill.server.entry.EntryRepository$Length(e.practiceDay, e.minutes, e.drawings, e.secondsEach) from EntryEntity e")
  List<Length> lengths();

  @Query(
      "select new humblequill.server.entry.EntryRepository$Length(e.practiceDay, e.minutes, e.drawings, e.secondsEach) from EntryEntity e where e.practiceDay in :days")
  List<Length> lengthsOn(Collection<LocalDate> days);

  @Query(
      "select new humblequill.server.entry.EntryRepository$Done(e.exerciseId, e.practiceDay, e.drawings, e.minutes) from EntryEntity e where e.placementId = :placement and e.exerciseId in :exercises")
  List<Done> done(UUID placement, Collection<String> exercises);

  List<EntryEntity> findByPracticeDayGreaterThanEqualOrderByPracticeDayAscTimeOfDayAscWrittenAtAsc(
      LocalDate from);

  List<EntryEntity> findByPracticeDayOrderByTimeOfDayAscWrittenAtAsc(LocalDate day);

  Optional<EntryEntity> findFirstByExerciseIdOrderByPracticeDayDescWrittenAtDesc(String exerciseId);

  Optional<EntryEntity> findFirstByTopicOrderByPracticeDayDescWrittenAtDesc(String topic);

  Optional<EntryEntity> findFirstByBookIsNotNullOrderByPracticeDayDescWrittenAtDesc();

  @Query(
      """
      select e from EntryEntity e
      where e.practiceDay >= :from and e.practiceDay <= :to
        and (:exercise is null or e.exerciseId = :exercise)
        and (:topic is null or e.topic = :topic)
        and (:medium is null or e.medium = :medium)
        and (:source is null or e.source = :source)
        and (:text is null or lower(e.exerciseTitle) like :text escape '!' or lower(e.topic) like :text escape '!'
          or lower(e.note) like :text escape '!' or lower(e.wentWrong) like :text escape '!' or lower(e.nextTime) like :text escape '!'
          or lower(e.book) like :text escape '!' or lower(e.medium) like :text escape '!' or lower(e.resource) like :text escape '!')
      order by e.practiceDay desc, e.writtenAt desc, e.id
      """)
  Page<EntryEntity> search(
      LocalDate from,
      LocalDate to,
      @Nullable String exercise,
      @Nullable String topic,
      @Nullable String medium,
      @Nullable String source,
      @Nullable String text,
      Pageable page);

  @Query(
      "select max(coalesce(e.pageTo, e.pageFrom)) from EntryEntity e where lower(e.book) = lower(:book)")
  Optional<Integer> lastPage(String book);

  @Query("select distinct e.topic from EntryEntity e where e.topic is not null")
  List<String> topics();

  @Query("select distinct e.book from EntryEntity e where e.book is not null")
  List<String> books();

  /** Seconds drawn, told or estimated, of one exercise or topic. */
  record Drawn(
      @Nullable UUID placementId,
      @Nullable String exerciseId,
      @Nullable String topic,
      long seconds) {}

  @Query(
      """
      select new humblequill.server.entry.EntryRepository$Drawn(e.placementId, e.exerciseId, e.topic,
        sum(coalesce(e.minutes * 60, e.drawings * e.secondsEach, 60)))
      from EntryEntity e group by e.placementId, e.exerciseId, e.topic
      """)
  List<Drawn> minutesByExerciseAndTopic();

  @Query("select e from EntryEntity e order by e.practiceDay, e.writtenAt, e.id")
  List<EntryEntity> inOrder();
}
