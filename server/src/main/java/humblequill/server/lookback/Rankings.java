package humblequill.server.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.stats.BradleyTerry.Choice;
import humblequill.core.lookback.Ranking;
import humblequill.core.lookback.SharedByTop;
import humblequill.server.book.EntryPictures;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures ranked by choices between two. */
@Service
public class Rankings {
  /** Most pictures of one ranking. */
  static final int MOST = 500;

  private final RankingRepository repository;
  private final PagePictures pictures;
  private final EntryPictures entries;
  private final SettingsService settings;
  private final Remembered<List<KeptRanking>> stored;

  Rankings(
      RankingRepository repository,
      PagePictures pictures,
      EntryPictures entries,
      SettingsService settings,
      Memory memory) {
    this.repository = repository;
    this.pictures = pictures;
    this.entries = entries;
    this.settings = settings;
    this.stored = memory.remember("rankings of pictures", RankingEntity.class);
  }

  /** A choice between two pictures as it is stored. */
  record StoredChoice(UUID winner, UUID loser) {}

  /** A ranking as it is stored. See docs/formats/stored.md. */
  record StoredRanking(
      String title,
      List<UUID> pictures,
      List<StoredChoice> choices,
      @Nullable List<StoredWords> words) {
    StoredRanking(String title, List<UUID> pictures, List<StoredChoice> choices) {
      this(title, pictures, choices, null);
    }

    List<StoredWords> said() {
      return words == null ? List.of() : words;
    }

    StoredRanking with(List<StoredChoice> others) {
      return new StoredRanking(title, pictures, others, words);
    }
  }

  /** What is liked and not liked about a picture, as it is stored. */
  record StoredWords(UUID picture, String liked, String disliked) {}

  private record KeptRanking(UUID id, long version, LocalDate madeOn, StoredRanking document) {}

  /** A ranking in short. */
  record RankingLine(UUID id, String title, LocalDate madeOn, int pictures, int choices) {}

  /**
   * A ranking.
   *
   * @param ranked the best first; pictures that are gone are left out
   * @param top how many of them are the top
   * @param sure chance that the last of the top truly stands before the next
   * @param next the two to choose between; null once it is settled
   */
  public record RankingView(
      UUID id,
      long version,
      String title,
      LocalDate madeOn,
      List<RankedPicture> ranked,
      int top,
      int choices,
      boolean settled,
      boolean notSettled,
      double sure,
      @Nullable NextPair next,
      List<SharedByTop> shared) {}

  /** A picture of a ranking with what is known of its drawing. */
  public record RankedPicture(
      UUID picture,
      @Nullable LocalDate day,
      @Nullable String called,
      @Nullable String medium,
      @Nullable String source,
      String liked,
      String disliked) {}

  /** Two pictures to choose between. */
  public record NextPair(UUID one, UUID other) {}

  private List<KeptRanking> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .filter(e -> !e.removed)
                .map(
                    e ->
                        new KeptRanking(
                            e.id,
                            e.version == null ? 0 : e.version,
                            e.madeOn,
                            StoredJson.read(e.document, StoredRanking.class)))
                .sorted(Comparator.comparing(KeptRanking::madeOn).reversed())
                .toList());
  }

  @Transactional(readOnly = true)
  public List<RankingLine> list() {
    return all().stream()
        .map(
            r ->
                new RankingLine(
                    r.id(),
                    r.document().title(),
                    r.madeOn(),
                    r.document().pictures().size(),
                    r.document().choices().size()))
        .toList();
  }

  private KeptRanking need(UUID id) {
    return all().stream()
        .filter(r -> r.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("ranking", id));
  }

  @Transactional(readOnly = true)
  public RankingView read(UUID id) {
    var kept = need(id);
    var there = pictures.all();
    var left = kept.document().pictures().stream().filter(there::containsKey).toList();
    var choices =
        kept.document().choices().stream()
            .filter(c -> left.contains(c.winner()) && left.contains(c.loser()))
            .map(c -> new Choice(left.indexOf(c.winner()), left.indexOf(c.loser())))
            .toList();
    var ranking = Ranking.of(left.size(), choices);
    var drawn = entries.byPicture();
    var order = ranking.order().stream().map(left::get).toList();
    Map<UUID, StoredWords> words =
        kept.document().said().stream()
            .collect(Collectors.toMap(StoredWords::picture, Function.identity(), (a, b) -> b));
    var ranked = order.stream().map(p -> picture(p, drawn.get(p), words.get(p))).toList();
    return new RankingView(
        id,
        kept.version(),
        kept.document().title(),
        kept.madeOn(),
        ranked,
        ranking.top(),
        choices.size(),
        ranking.settled(),
        ranking.notSettled(),
        ranking.sure(),
        ranking.next().map(p -> new NextPair(left.get(p.one()), left.get(p.other()))).orElse(null),
        choices.isEmpty()
            ? List.of()
            : SharedByTop.of(
                order.stream().map(p -> Optional.ofNullable(drawn.get(p))).toList(),
                ranking.top()));
  }

  private static RankedPicture picture(UUID id, @Nullable Drawn d, @Nullable StoredWords words) {
    var liked = words == null ? "" : words.liked();
    var disliked = words == null ? "" : words.disliked();
    return d == null
        ? new RankedPicture(id, null, null, null, null, liked, disliked)
        : new RankedPicture(
            id,
            d.day(),
            d.called(),
            d.medium().orElse(null),
            d.source().orElse(null),
            liked,
            disliked);
  }

  /** Begins a ranking; the same told twice makes one. */
  @Transactional
  public void create(UUID id, String title, List<UUID> chosen) {
    if (repository.existsById(id)) {
      return;
    }
    var known = pictures.all();
    var there = chosen.stream().distinct().filter(known::containsKey).toList();
    if (there.size() < 2) {
      throw Refusal.badValue(
          "pictures", there.size(), Message.of("lookback.picturesNeeded", "count", there.size()));
    }
    var entity = new RankingEntity();
    entity.id = id;
    entity.madeOn = settings.learner().today();
    entity.document = StoredJson.write(new StoredRanking(title.strip(), there, List.of()));
    repository.saveAndFlush(entity);
  }

  /** Adds a choice to those that were read. */
  @Transactional
  public void choose(UUID id, long version, UUID winner, UUID loser) {
    var kept = need(id);
    var document = kept.document();
    if (winner.equals(loser)
        || !document.pictures().contains(winner)
        || !document.pictures().contains(loser)) {
      throw Refusal.badValue("winner", winner, Message.of("lookback.oneOfTheTwo"));
    }
    var choices = new ArrayList<>(document.choices());
    choices.add(new StoredChoice(winner, loser));
    write(kept, version, document.with(choices));
  }

  /** Keeps what is liked and not liked about a picture. */
  @Transactional
  public void say(UUID id, long version, UUID picture, String liked, String disliked) {
    var kept = need(id);
    var document = kept.document();
    if (!document.pictures().contains(picture)) {
      throw Refusal.badValue("picture", picture, Message.of("lookback.notInRanking"));
    }
    var words = new ArrayList<>(document.said());
    words.removeIf(w -> w.picture().equals(picture));
    if (!liked.isBlank() || !disliked.isBlank()) {
      words.add(new StoredWords(picture, liked.strip(), disliked.strip()));
    }
    write(
        kept,
        version,
        new StoredRanking(document.title(), document.pictures(), document.choices(), words));
  }

  /** Takes the last choice back. */
  @Transactional
  public void takeBack(UUID id, long version) {
    var kept = need(id);
    var document = kept.document();
    if (!document.choices().isEmpty()) {
      var choices = document.choices().subList(0, document.choices().size() - 1);
      write(kept, version, document.with(choices));
    }
  }

  private void write(KeptRanking kept, long version, StoredRanking document) {
    var entity = repository.findById(kept.id()).orElseThrow();
    if (entity.version == null || entity.version != version) {
      throw Refusal.stale("ranking", kept.document());
    }
    entity.document = StoredJson.write(document);
    repository.saveAndFlush(entity);
  }

  @Transactional
  public void remove(UUID id, boolean removed) {
    repository
        .findById(id)
        .ifPresent(
            e -> {
              e.removed = removed;
              repository.saveAndFlush(e);
            });
  }
}
